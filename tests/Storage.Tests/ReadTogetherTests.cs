using Hippodrome.Core.Measures;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;

namespace Hippodrome.Storage.Tests;

/// <summary>Reads asked together say what they say alone.</summary>
public class ReadTogetherTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    private sealed record Everything(
        Guid AGuid,
        DateOnly ADay,
        DateTime ATime,
        TimeOnly AnHour,
        double ADouble,
        int AnInt,
        bool ABool,
        string AText,
        string? Nothing
    );

    private const string Row = """
        select @id as a_guid, @day as a_day, timestamptz '2026-04-18 09:15:30.123456+02' as a_time, time '07:45' as an_hour, 0.1::double precision + 0.2 as a_double, 7 as an_int, true as a_bool,
            'a "quoted" text, and @yard' as a_text, null::text as nothing
        """;

    [Fact]
    public async Task Every_kind_of_value_is_read_as_the_driver_reads_it()
    {
        var values = new { id = Guid.NewGuid(), day = new DateOnly(2026, 4, 18) };
        var (alone, together) = await store.InAsync(store.Here, async yard =>
        {
            var first = (await yard.QueryAsync<Everything>(Row, values)).Single();
            using var reads = yard.Together();
            var asked = yard.QueryAsync<Everything>(Row, values);
            await reads.SendAsync();
            return (first, (await asked).Single());
        });
        together.ShouldBe(alone);
        together.ATime.Kind.ShouldBe(alone.ATime.Kind);
    }

    [Fact]
    public async Task Each_read_has_its_own_values_and_keeps_its_order()
    {
        var (up, down, none) = await store.InAsync(store.Here, async yard =>
        {
            using var reads = yard.Together();
            var rising = yard.QueryAsync<int>("select n from generate_series(1, @most) as n order by n", new { most = 40 });
            var falling = yard.QueryAsync<int>("select n from generate_series(1, @most) as n order by n desc", new { most = 3 });
            var nothing = yard.QueryAsync<int>("select n from generate_series(1, @most) as n", new { most = 0 });
            await reads.SendAsync();
            return (await rising, await falling, await nothing);
        });
        up.ShouldBe(Enumerable.Range(1, 40));
        down.ShouldBe([3, 2, 1]);
        none.ShouldBeEmpty();
    }

    [Fact]
    public async Task What_is_kept_is_read_alike_alone_and_together()
    {
        var horse = StoreFixture.NewHorse("Together");
        await store.InAsync(store.Here, async yard =>
        {
            await yard.AddHorseAsync(horse);
            return true;
        });
        var (alone, together) = await store.InAsync(store.Here, async yard =>
        {
            // One after another: a connection does one thing at a time.
            var alone =
                $"{Json.Write(await yard.HorsesByIdAsync([horse.Id]))} {Json.Write(await yard.PeopleAsync())} {await yard.ThisYardAsync()}";
            using var reads = yard.Together();
            var (horses, people, here) = (yard.HorsesByIdAsync([horse.Id]), yard.PeopleAsync(), yard.ThisYardAsync());
            await reads.SendAsync();
            return (alone, $"{Json.Write(await horses)} {Json.Write(await people)} {await here}");
        });
        together.ShouldBe(alone);
    }

    [Fact]
    public async Task Reads_that_were_never_sent_do_not_hold_up_the_next()
    {
        var found = await store.InAsync(store.Here, async yard =>
        {
            using (yard.Together())
            {
                _ = yard.PeopleAsync();
            }

            return await yard.PeopleAsync();
        });
        found.ShouldNotBeEmpty();
    }

    [Fact]
    public async Task It_is_known_what_has_been_written_to() => (await store.InAsync(store.Here, async yard =>
            {
                var before = yard.WrittenTo(["horse"]);
                await yard.AddHorseAsync(StoreFixture.NewHorse("Written"));
                return (Horse: yard.WrittenTo(["horse"]) - before, Aim: yard.WrittenTo(["aim", "set_up"]));
            })).ShouldBe((1, 0));
}
