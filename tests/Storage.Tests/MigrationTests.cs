using System.Text.RegularExpressions;
using Dapper;
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
        [.. typeof(Database).Assembly.GetManifestResourceNames().Where(n => n.EndsWith(".sql", StringComparison.Ordinal)).Order(StringComparer.Ordinal)];

    [GeneratedRegex(@"(\d{4})_[a-z_]+\.sql$")]
    private static partial Regex Number();
}
