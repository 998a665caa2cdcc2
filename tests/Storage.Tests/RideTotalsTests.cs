using CsCheck;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Storage.Rides;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;

namespace Hippodrome.Storage.Tests;

/// <summary>What is kept of a ride's sums is what its events add up to, however they came in.</summary>
public class RideTotalsTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    [Fact]
    public async Task Kept_sums_are_those_of_the_events_whoever_sends_them_in_whatever_pieces()
    {
        await Gen.Select(Taps.Any, Gen.Int[1, 6])
            .SampleAsync(
                async (taps, devices) =>
                {
                    var ride = await BeginAsync();
                    // Each device sends its taps one sending after another; the devices do not know of one another.
                    var sendings = taps.Chunk(3).Select((t, i) => (Device: i % devices, Taps: t)).ToLookup(s => s.Device, s => s.Taps);
                    await Task.WhenAll(
                        sendings.Select(async device =>
                        {
                            foreach (var sending in device)
                            {
                                await AppendAsync(ride, sending);
                            }
                        })
                    );
                    var kept = await KeptAsync(ride);
                    return kept == Stored.Write(await FoldedAsync(ride));
                },
                iter: Cases.SentRides,
                threads: 1
            );
    }

    [Fact]
    public async Task A_sending_that_came_already_changes_no_sum()
    {
        var ride = await BeginAsync();
        RideEvent[] taps =
        [
            new Ridden(Guid.NewGuid(), Taps.Start, Gait.Trot, Rein.Left, 12),
            new ExertionSeen(Guid.NewGuid(), Taps.Start, 5),
        ];
        await AppendAsync(ride, taps);
        await AppendAsync(ride, taps);
        var totals = await TotalsAsync(ride);
        totals.Minutes.ShouldBe(12);
        totals.Load.ShouldBe(60);
    }

    [Fact]
    public async Task A_ride_kept_before_there_were_sums_is_added_up_as_it_is_read()
    {
        var ride = await BeginAsync();
        await AppendAsync(ride, [new Ridden(Guid.NewGuid(), Taps.Start, Gait.Walk, Rein.Both, 20)]);
        await store.AsOwnerAsync("delete from ride_totals where ride_id = @ride", new { ride });
        (await TotalsAsync(ride)).ByGait.ShouldHaveSingleItem().ShouldBe(new GaitMinutes(Gait.Walk, 10, 10));
    }

    [Fact]
    public async Task Adding_up_anew_mends_what_is_wrong_and_brings_what_is_missing_in_every_yard()
    {
        var (wrong, missing, other) = (await BeginAsync(), await BeginAsync(), await BeginAsync(store.There));
        foreach (var (ride, yard) in new[] { (wrong, store.Here), (missing, store.Here), (other, store.There) })
        {
            await AppendAsync(ride, [new Ridden(Guid.NewGuid(), Taps.Start, Gait.Canter, Rein.Right, 8)], yard);
        }

        await store.AsOwnerAsync("update ride_totals set body = jsonb_set(body, '{exertion}', '9') where ride_id = @wrong", new { wrong });
        await store.AsOwnerAsync("delete from ride_totals where ride_id = any(@rides)", new { rides = new[] { missing, other } });
        var all = await store.AsOwnerAsync<int>("select count(*)::int from ride");

        (await store.Database.RebuildRideTotalsAsync()).ShouldBe(all);

        (await KeptAsync(wrong)).ShouldBe(Stored.Write(await FoldedAsync(wrong)));
        (await KeptAsync(missing)).ShouldBe(Stored.Write(await FoldedAsync(missing)));
        (await KeptAsync(other, store.There)).ShouldBe(Stored.Write(await FoldedAsync(other, store.There)));
    }

    [Fact]
    public async Task Rides_come_one_after_the_other_by_day_each_with_its_sums_kept_or_not()
    {
        var (later, never, first, beyond) = (
            await BeginAsync(on: new(2031, 3, 4)),
            await BeginAsync(on: new(2031, 3, 4)),
            await BeginAsync(on: new(2031, 3, 1)),
            await BeginAsync(on: new(2031, 3, 5))
        );
        var minutes = 10;
        foreach (var ride in new[] { later, never, first, beyond })
        {
            await AppendAsync(ride, [new Ridden(Guid.NewGuid(), Taps.Start, Gait.Walk, Rein.Left, minutes++)]);
        }

        await store.AsOwnerAsync("delete from ride_totals where ride_id = @never", new { never });

        var rides = await store.InAsync(store.Here, async y =>
            await y.RidesWithTotalsAsync([store.Here.Horse.Id, store.There.Horse.Id], new(2031, 3, 1), new(2031, 3, 4)).ToListAsync()
        );

        rides.ConvertAll(r => (r.Id, r.Totals.Minutes)).ShouldBe([(first, 12), (later, 10), (never, 11)]);
    }

    private async Task<Guid> BeginAsync(TestYard? where = null, DateOnly? on = null)
    {
        var (yard, ride) = (where ?? store.Here, Guid.NewGuid());
        await store.InAsync(yard, y => y.AddRideAsync(ride, yard.Horse.Id, null, on ?? StoreFixture.Today, yard.TrainerId));
        return ride;
    }

    private Task<Appended> AppendAsync(Guid ride, RideEvent[] taps, TestYard? where = null)
    {
        var yard = where ?? store.Here;
        return store.InAsync(yard, y => y.AppendAsync(ride, RideLog.Kept(taps), yard.TrainerId));
    }

    private async Task<RideTotals> TotalsAsync(Guid ride) => (await store.InAsync(store.Here, y => y.TotalsAsync([ride])))[ride];

    private async Task<RideTotals> FoldedAsync(Guid ride, TestYard? where = null) =>
        RideTotals.Of(RideRecord.Fold((await store.InAsync(where ?? store.Here, y => y.LogsAsync([ride])))[ride]));

    /// <summary>The row itself, brought to the words it was written in.</summary>
    private async Task<string> KeptAsync(Guid ride, TestYard? where = null) =>
        Stored.Write(
            Stored.Read<RideTotals>(
                (
                    await store.InAsync(where ?? store.Here, y =>
                        y.QueryAsync<string>("select body::text from ride_totals where yard_id = @yard and ride_id = @ride", new { ride })
                    )
                ).Single()
            )
        );
}
