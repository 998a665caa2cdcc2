using Hippodrome.Core.Assessments;
using Hippodrome.Core.Horses;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Assessments.AssessmentItem;

namespace Hippodrome.Core.Tests.Assessments;

/// <summary>The dose of the first two weeks.</summary>
public class FirstWeeksTests
{
    private static (int First, int Second) Minutes(Assessment ride)
    {
        var weeks = Ride.First(ride)!.Weeks;
        return (weeks[0].MinutesEach, weeks[1].MinutesEach);
    }

    /// <summary>Ten minutes of walk a day in the first week and ten more in the second (common practice, no source).</summary>
    [Theory]
    [InlineData(2)]
    [InlineData(30)]
    public void After_a_rest_it_walks_ten_and_twenty_minutes(int weeksOff) =>
        Minutes(Ride.AfterWeeksOff(weeksOff, Ride.At(Walk, Rein.Left, 40))).ShouldBe((10, 20));

    /// <summary>A fifth under the minute it tired (chosen), and a tenth more in the second week (common practice).</summary>
    [Fact]
    public void It_ends_a_fifth_before_the_minute_it_tired() =>
        Minutes(Ride.Of(Ride.At(Canter, Rein.Left, 35, Felt.Tires), Ride.At(WalkOff, Rein.Both, 45))).ShouldBe((28, 30));

    [Fact]
    public void Not_tired_it_may_do_what_it_did() =>
        Minutes(Ride.Of(Ride.At(Canter, Rein.Left, 30), Ride.At(WalkOff, Rein.Both, 40))).ShouldBe((40, 44));

    [Fact]
    public void A_failed_dropped_rein_takes_another_fifth()
    {
        Minutes(Ride.Of(Ride.At(Canter, Rein.Left, 35, Felt.Tires), Ride.Dropped(false))).First.ShouldBe(22);
        Minutes(Ride.Of(Ride.At(Canter, Rein.Left, 35, Felt.Tires), Ride.Dropped(true))).First.ShouldBe(28);
    }

    [Fact]
    public void It_is_never_longer_than_three_quarters_of_an_hour_nor_shorter_than_ten_minutes()
    {
        Minutes(Ride.Of(Ride.At(Canter, Rein.Left, 90))).ShouldBe((45, 45));
        Minutes(Ride.Of(Ride.At(Walk, Rein.Left, 5, Felt.Tires))).First.ShouldBe(10);
    }

    [Fact]
    public void Without_a_minute_nothing_is_claimed() => Ride.First(Ride.Even(7)).ShouldBeNull();

    [Fact]
    public void The_second_week_grows_by_a_tenth_at_most()
    {
        for (var minute = 8; minute < 100; minute++)
        {
            var (first, second) = Minutes(Ride.Of(Ride.At(Canter, Rein.Left, minute, Felt.Tires)));
            second.ShouldBeLessThanOrEqualTo((int)(first * 1.1));
            // An unfit horse keeps its walks whole: seven minutes first, five at the end; what is cut is the work between.
            var most = minute < 20 ? 7 + Math.Max(2, (minute - 7) * 0.8) + 5 : minute * 0.8;
            first.ShouldBeLessThanOrEqualTo(Math.Max(10, (int)most));
        }
    }
}
