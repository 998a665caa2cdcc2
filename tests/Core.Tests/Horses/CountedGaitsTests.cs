using Hippodrome.Core.Blocks;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Horses;

/// <summary>How minutes are counted together: common practice, no source.</summary>
public class CountedGaitsTests
{
    [Theory]
    [InlineData(Gait.Halt, Gait.Walk)]
    [InlineData(Gait.ReinBack, Gait.Walk)]
    [InlineData(Gait.Walk, Gait.Walk)]
    [InlineData(Gait.Trot, Gait.Trot)]
    [InlineData(Gait.Canter, Gait.Canter)]
    [InlineData(Gait.Gallop, Gait.Canter)]
    public void Standing_rests_as_walk_does_and_a_gallop_tires_as_a_canter(Gait ridden, Gait counted)
    {
        ridden.CountsAs().ShouldBe(counted);
        ridden.IsFasterThanWalk().ShouldBe(counted != Gait.Walk);
    }

    [Fact]
    public void No_minute_of_a_ride_is_lost_or_counted_twice()
    {
        var ride = RideTotals.Of(
            RideRecord.Fold(
                RideLog.Kept([
                    .. Enum.GetValues<Gait>()
                        .Select((gait, i) => new Ridden(Guid.NewGuid(), DateTimeOffset.UnixEpoch, gait, Rein.Both, i + 1)),
                ])
            )
        );

        var day = DayRidden.Of(new DateOnly(2026, 4, 18), ride);

        // Halt 1, walk 2, trot 3, canter 4, gallop 5, rein back 6.
        (day.Walk, day.Trot, day.Canter).ShouldBe((9, 3, 9));
    }
}
