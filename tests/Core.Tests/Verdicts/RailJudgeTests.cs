using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Tests.Rides;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Weather;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>
/// What is said at the rail, tap by tap. Common practice, no source, except for budgets, marks and thresholds, which are
/// chosen for Hippodrome.
/// </summary>
public class RailJudgeTests
{
    private static Railside Rail(RideFacts? facts = null) => new(facts);

    private static RideFacts With(params RailPart[] parts) => Railside.Facts() with { Parts = parts };

    private static ChangeRidden Change(ChangeQuality quality) => new(Guid.NewGuid(), default, Rein.Left, quality, ArenaPlace.Diagonal);

    private static JumpTold Landed(RideEvent jump, Rein on) => new(Guid.NewGuid(), default, jump.Id, null, on, null, null);

    private static YieldSteps Steps(int given) => new(Guid.NewGuid(), default, Rein.Left, 4, given);

    private static LegTouched Touched(Leg leg, int count) => new(Guid.NewGuid(), default, leg, count);

    [Fact]
    public void Nothing_is_said_before_it_begins_after_it_ended_or_of_nothing()
    {
        var sign = Make.Sign(Sign.TempoLost);
        RailJudge.Judge(Railside.Facts(), RideLog.Kept([sign])).Advice.ShouldBeNull();
        Rail().Says.ShouldBeNull();
        Rail().Tap(sign).Says.ShouldBe("TempoLost");
        Rail().Tap(sign, new RideEnded(Guid.NewGuid(), default)).Says.ShouldBeNull();
    }

    [Fact]
    public void A_run_out_speaks_at_once_either_way_and_a_clear_jump_does_not()
    {
        Rail().Tap(Make.Jumped(Rein.Left, EffortOutcome.Clear)).Says.ShouldBeNull();
        Rail().Tap(Make.Jumped(Rein.Left, EffortOutcome.RunOutLeft)).Now.Advice!.Says.ShouldBe("Guide poles back on both sides.");
        Rail().Tap(Make.Jumped(Rein.Left, EffortOutcome.RunOutRight)).Says.ShouldBe("RanOut");
    }

    [Fact]
    public void A_struggle_gets_thirty_centimetres_and_a_flight_fifteen_less()
    {
        Rail().Tap(Make.Sign(Sign.AddedStride)).Now.Advice!.Says.ShouldBe("Lengthen by 30 cm.");
        Rail().Tap(Make.Sign(Sign.FlatAndLong)).Now.Advice!.Says.ShouldBe("Shorten by 15 cm, or add a pole.");
    }

    [Fact]
    public void Answered_it_is_silent_until_it_happens_again()
    {
        var rail = Rail().Tap(Make.Passes(Rein.Left, 1, 0, 1)).Answered("RushesPoles");
        rail.Says.ShouldBeNull();
        rail.Tap(Make.Passes(Rein.Left, 1)).Says.ShouldBeNull();
        rail.Tap(Make.Passes(Rein.Right, 1, 0, 1)).Says.ShouldBe("RushesPoles");
    }

    [Fact]
    public void What_belongs_to_a_part_is_counted_in_that_part_and_what_belongs_to_the_ride_in_all_of_it()
    {
        Rail().Tap(Make.Sign(Sign.TempoLost)).Part(1).Says.ShouldBeNull();
        Rail().Tap(Make.Sign(Sign.Tired)).Part(1).Says.ShouldBe("Tires");
        Rail().Tap(Make.Sign(Sign.TempoLost)).Part(1).Part(0).Says.ShouldBe("TempoLost");
    }

    [Fact]
    public void The_graver_line_speaks_whichever_came_last_and_the_lesser_waits_behind_it()
    {
        var rail = Rail().Tap(Make.Jumped(Rein.Left, EffortOutcome.Stop), Make.Sign(Sign.TempoLost));
        rail.Says.ShouldBe("StoppedFromDoubt");
        rail.Answered("StoppedFromDoubt").Says.ShouldBe("TempoLost");
        rail.Tap(Make.Sign(Sign.HeatInLeg)).Says.ShouldBe("OffOrSore");
    }

    [Fact]
    public void Pain_ends_the_ride_and_cannot_wait()
    {
        var rail = Rail().Tap(Make.Sign(Sign.HeatInLeg));
        (rail.Now.Advice!.CanWait, rail.Now.Advice.EndsRide, rail.Now.RidingIsOver).ShouldBe((false, true, false));
        rail.Answered("OffOrSore", accepted: true).Now.RidingIsOver.ShouldBeTrue();
    }

    [Fact]
    public void What_a_vet_has_entered_as_old_and_known_does_not_end_the_ride() =>
        Rail().Tap(Make.Sign(Sign.HeatInLeg) with { Known = Guid.NewGuid() }).Says.ShouldBeNull();

    [Fact]
    public void A_fall_ends_the_jumping_answered_or_not_and_a_knock_to_the_head_the_riding()
    {
        var fell = new Fell(Guid.NewGuid(), default, Faller.Rider, false);
        Rail().Now.JumpingIsOver.ShouldBeFalse();
        var rail = Rail().Tap(fell);
        rail.Says.ShouldBe("Fall");
        rail.Answered("Fall", accepted: true).Says.ShouldBeNull();
        (rail.Now.JumpingIsOver, rail.Now.RidingIsOver).ShouldBe((true, false));
        Rail().Tap(fell with { Head = true }).Now.RidingIsOver.ShouldBeTrue();
    }

    [Fact]
    public void What_stops_at_once_carries_its_signs_and_is_what_the_judge_says_of_them()
    {
        var stops = RailJudge.StopsOf(Railside.Facts() with { Helper = false });
        stops.Select(s => s.Advice.Rule).ShouldBe(["OffOrSore", "Fall", "FenceWithoutHelper"]);
        foreach (var stop in stops.Where(s => s.Signs.Count > 0))
        {
            foreach (var sign in Enum.GetValues<Sign>())
            {
                (Rail().Tap(Make.Sign(sign)).Says == stop.Advice.Rule).ShouldBe(stop.Signs.Contains(sign));
            }
        }

        stops
            .Select(s => (s.OnFall, s.BeforeJumping, s.EndsJumping))
            .ShouldBe([(false, false, false), (true, false, true), (false, true, false)]);
        stops.ShouldAllBe(s => !s.Advice.CanWait);
    }

    [Fact]
    public void Nobody_jumps_alone_is_asked_before_a_fence_and_said_once_at_one()
    {
        var alone = Railside.Facts() with { Helper = false };
        var jump = Make.Jumped(Rein.Left, EffortOutcome.Clear);
        RailJudge.StopsOf(alone with { Helper = true }).ShouldNotContain(s => s.BeforeJumping);
        Rail(alone).Tap(Make.Passes(Rein.Left, 1)).Says.ShouldBeNull();
        Rail(alone).Tap(jump).Says.ShouldBe("FenceWithoutHelper");
        Rail(alone).Answered("FenceWithoutHelper", accepted: true).Tap(jump).Says.ShouldBeNull();
        Rail(alone with { Helper = true }).Tap(jump).Says.ShouldBeNull();
    }

    [Theory]
    [InlineData(3, 0, false)]
    [InlineData(4, 0, true)]
    [InlineData(3, 1, true)]
    [InlineData(3, 2, false)]
    public void The_same_leg_speaks_from_four_touches_and_three_in_four(int hind, int fore, bool speaks)
    {
        var rail = Rail().Tap(Touched(Leg.LeftHind, hind));
        if (fore > 0)
        {
            rail.Tap(Touched(Leg.RightFore, fore));
        }

        (rail.Says == "SameLegToday").ShouldBe(speaks);
    }

    [Fact]
    public void With_earlier_rides_it_speaks_once_this_one_has_a_touch_and_names_the_leg()
    {
        var facts = Railside.Facts() with
        {
            Legs = [new LegsTold(Make.Today.AddDays(-3), new Dictionary<Leg, int> { [Leg.LeftHind] = 5 })],
        };
        Rail(facts).Says.ShouldBeNull();
        var advice = Rail(facts).Tap(Touched(Leg.LeftHind, 1)).Now.Advice.ShouldNotBeNull();
        (advice.Rule, advice.Seen).ShouldBe(("TheSameLeg", "The left hind in 6 of 6 touches told by leg."));
        Rail(facts).Tap(Touched(Leg.RightFore, 3)).Says.ShouldBeNull();
    }

    [Theory]
    [InlineData(null, 30.0, 19, false)]
    [InlineData(null, 30.0, 21, true)]
    [InlineData(null, 12.0, 13, true)]
    [InlineData(null, 12.0, 11, false)]
    [InlineData(6, 30.0, 7, true)]
    public void Quickening_is_asked_about_as_tiredness_after_the_least_of_three(int? ramp, double usual, double minutes, bool asked)
    {
        var facts = Railside.Facts() with { UsualFast = [usual, usual, usual, usual, usual], RampFast = ramp };
        var said = Rail(facts).In(Gait.Trot).For(minutes).Tap(Make.Sign(Sign.TempoLost)).Says;
        said.ShouldBe(asked ? "MayBeTired" : "TempoLost");
        // Walked in between it does not count.
        Rail(facts).In(Gait.Trot).For(2).In(Gait.Walk).For(minutes).Tap(Make.Sign(Sign.TempoLost)).Says.ShouldBe("TempoLost");
    }

    [Fact]
    public void One_good_change_is_praised_two_are_enough_and_sure_ones_are_not_spoken_of()
    {
        Rail().Tap(Change(ChangeQuality.Clean)).Says.ShouldBe("OneGoodChange");
        Rail().Tap(Change(ChangeQuality.Clean), Change(ChangeQuality.Clean)).Says.ShouldBe("TwoGoodChanges");
        Rail(Railside.Facts() with { ChangesAreSure = true }).Tap(Change(ChangeQuality.Clean)).Says.ShouldBeNull();
    }

    [Theory]
    [InlineData(ChangeQuality.None, "NoReactionToChange")]
    [InlineData(ChangeQuality.Late, "ChangeLateOrShort")]
    [InlineData(ChangeQuality.ShortBehind, "ChangeLateOrShort")]
    public void A_change_that_did_not_come_or_came_late_has_its_line(ChangeQuality quality, string rule) =>
        Rail().Tap(Change(quality)).Says.ShouldBe(rule);

    [Fact]
    public void Tension_over_the_top_twice_running_and_after_a_change()
    {
        Rail().Tap(Make.Tension(4)).Says.ShouldBe("OverTheTop");
        Rail().Tap(Make.Tension(3), Make.Tension(2), Make.Tension(3)).Says.ShouldBeNull();
        Rail().Tap(Make.Tension(3), Make.Tension(3)).Says.ShouldBe("TenseRunning");
        Rail().Tap(Make.Tension(3), Change(ChangeQuality.None)).Answered("NoReactionToChange").Says.ShouldBeNull();
        Rail().Tap(Change(ChangeQuality.None), Make.Tension(3)).Answered("NoReactionToChange").Says.ShouldBe("SettleAfterChange");
    }

    [Fact]
    public void Touches_speak_only_when_all_are_on_one_rein_and_both_were_ridden()
    {
        RideEvent[] four = [.. Enumerable.Range(0, 4).Select(_ => Make.Passes(Rein.Left, 0, 1))];
        Rail().Tap(four).Says.ShouldBeNull();
        Rail().Tap(four).Tap(Make.Passes(Rein.Right, 1)).Says.ShouldBe("TouchesOneSideOnly");
        Rail().Tap(four).Tap(Make.Passes(Rein.Right, 1, 1)).Says.ShouldBeNull();
    }

    // A green horse's budget is 15 fences; three that count as two are 0.67 each.
    [Theory]
    [InlineData(Experience.Green, 14, null)]
    [InlineData(Experience.Green, 15, "EffortBudget")]
    [InlineData(Experience.Novice, 24, null)]
    [InlineData(Experience.Novice, 25, "EffortBudget")]
    [InlineData(Experience.Established, 40, "EffortBudget")]
    public void The_budget_of_efforts_speaks_when_it_is_used_up(Experience experience, int fences, string? says) =>
        Rail(Railside.Facts(experience)).Tap(Make.Jumped(Rein.Left, EffortOutcome.Clear, fences)).Says.ShouldBe(says);

    [Theory]
    [InlineData(0.6, 22, null)]
    [InlineData(0.6, 23, "EffortBudget")]
    public void It_counts_a_go_through_a_grid_as_the_plan_weighs_it(double height, int fences, string? says)
    {
        var facts = With(new RailPart(MarkPad.Fence, 3, 2, height, null)) with { Experience = Experience.Green };
        Rail(facts).Tap(Make.Jumped(Rein.Left, EffortOutcome.Clear, fences, height)).Says.ShouldBe(says);
    }

    [Fact]
    public void Fences_that_are_stepped_over_count_half_wherever_they_were_jumped()
    {
        var green = Railside.Facts(Experience.Green);
        Rail(green).Tap(Make.Jumped(Rein.Left, EffortOutcome.Clear, 29, 0.4)).Says.ShouldBeNull();
        Rail(green).Tap(Make.Jumped(Rein.Left, EffortOutcome.Clear, 30, 0.4)).Says.ShouldBe("EffortBudget");
    }

    [Fact]
    public void The_aim_is_met_when_the_lower_of_the_last_marks_on_both_reins_reaches_it()
    {
        var facts = With(new RailPart(MarkPad.Flat, 0, 0, 0, null) { MarkHopedFor = 7 });
        Rail(facts).Tap(Make.Mark(Rein.Left, 8)).Says.ShouldBeNull();
        var rail = Rail(facts).Tap(Make.Mark(Rein.Left, 8), Make.Mark(Rein.Right, 6.5));
        rail.Says.ShouldBeNull();
        rail.Tap(Make.Mark(Rein.Right, 7)).Says.ShouldBe("AimMet");
        Rail(facts).Tap(Make.Mark(Rein.Both, 7)).Says.ShouldBe("AimMet");
        Rail(facts).Tap(Make.Mark(Rein.Both, 7)).Part(1).Says.ShouldBeNull();
    }

    [Fact]
    public void Landing_on_the_lead_of_the_other_rein_is_the_wrong_lead()
    {
        var jump = Make.Jumped(Rein.Left, EffortOutcome.Clear);
        Rail().Tap(jump, Landed(jump, Rein.Left)).Says.ShouldBeNull();
        Rail().Tap(jump, Landed(jump, Rein.Right)).Says.ShouldBe("LandsOnWrongLead");
    }

    [Fact]
    public void Steps_refused_are_a_refused_yield()
    {
        Rail().Tap(Steps(2)).Says.ShouldBeNull();
        Rail().Tap(Steps(0)).Says.ShouldBe("RefusesAYield");
    }

    // 86 °F + 70 % = 156 halves; 68 °F + 50 % = 118 goes (common practice, no source).
    [Theory]
    [InlineData(30, 70, "TooHot")]
    [InlineData(20, 50, null)]
    public void Heat_is_said_at_the_beginning_and_once(double celsius, double humidity, string? says)
    {
        var rail = Rail(Railside.Facts() with { Heat = Heat.Advise(new WeatherReading(celsius, humidity, false)) });
        rail.Says.ShouldBe(says);
        rail.Answered("TooHot", accepted: true).Tap(Make.Sign(Sign.Spooked)).Says.ShouldBeNull();
    }

    [Fact]
    public void The_clock_is_told_by_part_up_to_the_last_tap()
    {
        var rail = Rail().For(2).Part(1).In(Gait.Trot).For(1).Tap(new Paused(Guid.NewGuid(), default, "girth")).For(5);
        rail.Now.Parts.Select(p => p.Part).ShouldBe([0, 1]);
        rail.Now.RiddenSeconds.ShouldBe(198, 0.5);
        rail.In(Gait.Walk).For(1).Tap(Make.Sign(Sign.Spooked)).Now.RiddenSeconds.ShouldBe(264, 0.5);
    }

    [Fact]
    public void What_was_taken_back_is_as_if_it_had_never_been()
    {
        var rail = Rail().Tap(Make.Sign(Sign.TempoLost));
        rail.Tap(new TakenBack(Guid.NewGuid(), default, rail.Taps[^1].Id)).Says.ShouldBeNull();
    }

    [Fact]
    public void Every_line_is_short_and_says_what_to_do() =>
        RideRules
            .All.Where(r => r.Rail is not null)
            .ShouldAllBe(r => r.Rail!.Says.Length <= 60 && r.Rail.Do.Length > 4 && r.Rule.Says.Length > 10);
}
