using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Rides;

public class SideTrendTests
{
    private static SideTrend Of(params (double Left, double Right)[] rides) =>
        SideTrend.Of(rides.Select((r, i) => (Make.Today.AddDays(7 * i), new MarksByRein(r.Left, r.Right))));

    /// <summary>5 and 7: (7-5)/6 = 33 % behind on the left; half a mark gained a week narrows it.</summary>
    [Fact]
    public void A_left_rein_that_comes_level_narrows()
    {
        var trend = Of((5, 7), (5.5, 7), (6, 7), (6, 7), (6.5, 7), (6.5, 7));
        (trend.Weaker, trend.Narrowing).ShouldBe((Side.Left, true));
        trend.Points[0].Index.ShouldBe(33.3);
        trend.Says.ShouldContain("The left rein is");
        trend.Says.ShouldContain("narrows");
    }

    [Fact]
    public void Reins_that_have_come_level_are_told_so_by_the_line_and_not_by_the_first_ride() =>
        Of((5, 7), (5.5, 7), (6, 7), (6.5, 7), (7, 7))
            .Says.ShouldBe("The reins have come level: the left one was 32 % behind on 18 April.");

    [Fact]
    public void The_same_weeks_backwards_widen()
    {
        var trend = Of((6.5, 7), (6.5, 7), (6, 7), (6, 7), (5.5, 7), (5, 7));
        (trend.Weaker, trend.Narrowing).ShouldBe((Side.Left, false));
    }

    [Fact]
    public void Up_and_down_is_no_clear_trend() => Of((5, 7), (6, 7), (5, 7), (6, 7), (5, 7)).Narrowing.ShouldBeNull();

    [Fact]
    public void Half_a_mark_now_and_then_is_level() => Of((7, 7), (7, 7), (7, 7), (7, 7)).Weaker.ShouldBeNull();

    [Fact]
    public void Three_rides_show_a_gap_and_no_trend()
    {
        var trend = Of((6, 7), (6, 7), (6, 7));
        (trend.Trend, trend.Weaker).ShouldBe((null, Side.Left));
        trend.Says.ShouldContain("too few rides");
    }

    [Fact]
    public void Rides_without_both_marks_do_not_count() =>
        SideTrend.Of([(Make.Today, new MarksByRein(6, null)), (Make.Today, new MarksByRein(null, 6))]).Points.ShouldBeEmpty();
}
