using System.Text.RegularExpressions;
using Dapper;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;
using Hippodrome.Tests.Shared;
using Npgsql;
using Shouldly;
using Xunit;

namespace Hippodrome.Storage.Tests;

public partial class MigrationTests
{
    [Fact]
    public async Task Two_servers_starting_together_migrate_once()
    {
        await using var database = await TestDatabase.MakeAsync(migrated: false);
        await using var other = new Database(database.OwnerConnection);
        await Task.WhenAll(database.Database.MigrateAsync(), other.MigrateAsync());
        await using var owner = new NpgsqlConnection(database.OwnerConnection);
        var applied = (await owner.QueryAsync<string>("select scriptname from schemaversions order by schemaversionsid")).ToList();
        applied.ShouldBe(applied.Distinct().Order(StringComparer.Ordinal));
        applied.Count.ShouldBe(Scripts().Count);
    }

    /// <summary>
    /// As on a managed server: the role that owns the tables is no superuser, so that forced row security holds it too. Two
    /// yards have data of every kind at each step, and all of it is there, and read, at the end.
    /// </summary>
    [Fact]
    public async Task Data_of_every_step_comes_through_as_an_owner_that_is_no_superuser()
    {
        await using var owned = await TestDatabase.MakeAsync(migrated: false, ownedByNoSuperuser: true);
        (await owned.ScalarAsync<bool>("select rolsuper or rolbypassrls from pg_roles where rolname = current_user")).ShouldBeFalse();
        foreach (var script in Scripts())
        {
            await owned.Database.MigrateAsync(upTo: script);
            foreach (var yard in new[] { AsKeptThen.Yard, AsKeptThen.OtherYard })
            {
                if (AsKeptThen.Of(Number().Match(script).Groups[1].Value, yard) is { } data)
                {
                    await owned.ExecuteAsync($"select set_config('hippodrome.yard', '{yard}', false); {data}");
                }
            }
        }

        foreach (var yard in new[] { AsKeptThen.Yard, AsKeptThen.OtherYard })
        {
            await using var session = await owned.Database.OpenYardAsync(yard);
            (await session.SetUpsAsync(AsKeptThen.Horse))
                .Select(s => s.Name)
                .ShouldBe(["Before versions", "After versions"], ignoreOrder: true);
            // 0008 should have copied the first version of what stood then, and does so since 0012.
            (await session.SetUpVersionsAsync(AsKeptThen.Horse, AsKeptThen.SetUp)).Select(v => v.Version).ShouldBe([1]);
            var log = (await session.LogsAsync([AsKeptThen.Ride]))[AsKeptThen.Ride];
            log.Events.Select(e => e.GetType().Name).Order().ShouldBe(["Marked", "StridesCounted"]);
            (await session.FindSessionAsync(AsKeptThen.Horse, AsKeptThen.Session))!.Plan.Emphasis.ShouldBe("Straightness");
            // What the tap and the mark add up to was not kept then; both versions of the plan have the sessions they had.
            (await session.TotalsAsync([AsKeptThen.Ride]))[AsKeptThen.Ride].Marks.Left.ShouldBe(6.5);
            DateOnly[] first = [new(2025, 3, 4), new(2025, 3, 6)],
                second = [new(2025, 3, 4), new(2025, 3, 8)];
            (await session.FindBlockVersionAsync(AsKeptThen.Block, 1))!.Value.Plan.Sessions.Select(s => s.On).ShouldBe(first);
            (await session.FindBlockAsync(AsKeptThen.Horse, AsKeptThen.Block))!.Plan.Sessions.Select(s => s.On).ShouldBe(second);
            (await session.PlacedAsync([AsKeptThen.Horse], first[0], second[1])).Select(p => p.Session.On).ShouldBe(second);
            // The measurement that a tap made knows its ride, and the one that nobody tapped knows none.
            await session.RemoveStridesOfRideAsync(AsKeptThen.Ride, [AsKeptThen.Tap, AsKeptThen.Strip]);
            (await session.StrideMeasurementsAsync([AsKeptThen.Horse]))[AsKeptThen.Horse].Select(m => m.Id).ShouldBe([AsKeptThen.Strip]);
        }
    }

    [Fact]
    public void Migrations_are_numbered_without_a_gap()
    {
        var numbers = Scripts().Select(name => int.Parse(Number().Match(name).Groups[1].Value)).ToList();
        numbers.ShouldBe(Enumerable.Range(1, numbers.Count));
    }

    [Fact]
    public void A_connection_without_a_password_is_refused_in_words() =>
        Should.Throw<ArgumentException>(() => new Database("Host=127.0.0.1;Username=x")).Message.ShouldContain("needs a password");

    private static List<string> Scripts() =>
        [
            .. typeof(Database)
                .Assembly.GetManifestResourceNames()
                .Where(n => n.EndsWith(".sql", StringComparison.Ordinal))
                .Order(StringComparer.Ordinal),
        ];

    [GeneratedRegex(@"(\d{4})_[a-z_]+\.sql$")]
    private static partial Regex Number();
}
