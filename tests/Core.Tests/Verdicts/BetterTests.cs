using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>The one thing that a review begins with. The thresholds are chosen, for the reasons beside them.</summary>
public class BetterTests
{
    [Fact]
    public void The_weaker_rein_has_grown_by_half_a_mark()
    {
        var better = Better.Of(Make.Easy(left: 6.5, right: 7), [Make.Easy(5.5, 7), Make.Easy(6, 7), Make.Easy(5.5, 7)]);
        better!.Says.ShouldBe("The left rein, its weaker one: a mark of 6.5; 5.7 before.");
        better.Why.Inputs.ShouldContain("3 rides before");
    }

    [Fact]
    public void A_stronger_rein_that_has_grown_is_not_what_was_missing() =>
        Better.Of(Make.Easy(left: 5.5, right: 7.5), [Make.Easy(5.5, 7)]).ShouldBeNull();

    [Fact]
    public void Nothing_is_made_up_where_nothing_has_grown()
    {
        Better.Of(Make.Easy(), []).ShouldBeNull();
        Better.Of(Make.Easy(), [Make.Easy(), Make.Easy()]).ShouldBeNull();
        Better.Of(Make.Easy(6, 6), [Make.Easy(7, 7)]).ShouldBeNull();
    }

    [Fact]
    public void Of_several_things_the_one_that_has_grown_most_is_told()
    {
        // Tension by two steps of one, marks by one half: two against one.
        var better = Better.Of(Make.Easy(6, 7, tension: 1), [Make.Easy(5.5, 7, tension: 3)]);
        better!.Says.ShouldBe("It was calmer: tension 1 at its highest; 3 before.");
    }

    [Fact]
    public void Clean_passes_are_compared_by_their_share_and_only_where_there_are_enough()
    {
        static RideRecord Over(int clean, int touched) => Make.Record(Make.Passes(Rein.Left, clean, touched));
        Better.Of(Over(9, 1), [Over(6, 4), Over(7, 3)])!.Says.ShouldBe("90 % of the passes over poles were clean; 65 % before.");
        Better.Of(Over(3, 0), [Over(6, 4)]).ShouldBeNull();
    }

    [Fact]
    public void A_fence_that_was_stopped_at_and_is_jumped_again_is_told()
    {
        var now = Make.Record(Make.Jumped(Rein.Left, EffortOutcome.Clear, 4));
        var before = Make.Record(Make.Jumped(Rein.Left, EffortOutcome.Clear, 3), Make.Jumped(Rein.Left, EffortOutcome.Stop));
        Better.Of(now, [before])!.Says.ShouldBe("Every fence was jumped; 1 stopped or run out before.");
        Better.Of(before, [before]).ShouldBeNull();
    }

    [Fact]
    public void Only_the_last_three_rides_that_tell_of_it_are_looked_at()
    {
        var flat = Make.Record(Make.Ridden(Gait.Walk, Rein.Both, 20));
        var better = Better.Of(Make.Easy(6, 7), [flat, Make.Easy(6, 7), Make.Easy(6, 7), Make.Easy(6, 7), Make.Easy(3, 7)]);
        better.ShouldBeNull();
    }
}
