using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Weather;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>What is said while it is ridden. Common practice, no source, except for budgets and marks, which are chosen.</summary>
public class RailAdviceTests
{
    private static IReadOnlyList<RailAdvice> For(
        Experience experience = Experience.Novice,
        SessionPlan? plan = null,
        HeatAdvice? heat = null,
        RailFacts? facts = null
    ) => RailAdvices.For(Make.Horse(experience: experience), plan, heat, facts ?? RailFacts.None);

    [Fact]
    public void Pain_and_a_fall_cannot_wait_pain_ends_the_ride_and_a_fall_the_jumping()
    {
        For()
            .Where(a => !a.CanWait)
            .Select(a => (a.Trigger, a.EndsRide, a.EndsJumping))
            .ShouldBe([(RailTrigger.Fell, false, true), (RailTrigger.Pain, true, false)]);
        For().Where(a => a.EndsRide).ShouldHaveSingleItem().Trigger.ShouldBe(RailTrigger.Pain);
    }

    [Fact]
    public void A_run_out_puts_the_guides_back_and_a_struggle_gets_thirty_centimetres()
    {
        For().Single(a => a.Trigger == RailTrigger.RanOut).Says.ShouldBe("Guide poles back on both sides.");
        For().Single(a => a.Trigger == RailTrigger.AddedStride).Says.ShouldBe("Lengthen by 30 cm.");
        For().Single(a => a.Trigger == RailTrigger.FlatAndLong).Says.ShouldBe("Shorten by 15 cm, or add a pole.");
    }

    [Fact]
    public void One_good_change_is_praised_and_two_are_enough() =>
        For().Where(a => a.Trigger == RailTrigger.GoodChange).Select(a => a.From).ShouldBe([1, 2]);

    [Theory]
    [InlineData(Experience.Green, 15)]
    [InlineData(Experience.Novice, 25)]
    [InlineData(Experience.Established, 40)]
    public void The_budget_of_efforts_is_the_plans_own(Experience experience, double efforts) =>
        For(experience).Single(a => a.Trigger == RailTrigger.EffortsCounted).From.ShouldBe(efforts);

    [Fact]
    public void The_mark_hoped_for_belongs_to_its_part()
    {
        var plan = Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15) with { MarkHopedFor = 6.5 }));
        var met = For(plan: plan).Single(a => a.Trigger == RailTrigger.MarkOnBothReins);
        (met.Part, met.From).ShouldBe((1, 6.5));
    }

    // 86 °F + 70 % = 156 halves; 68 °F + 50 % = 118 goes (common practice, no source).
    [Theory]
    [InlineData(30, 70, 1)]
    [InlineData(20, 50, 0)]
    public void Heat_is_said_at_the_beginning(double celsius, double humidity, int times) =>
        For(heat: Heat.Advise(new WeatherReading(celsius, humidity, false))).Count(a => a.Trigger == RailTrigger.Begin).ShouldBe(times);

    [Fact]
    public void Every_line_has_a_rule_a_reason_and_says_what_to_do() =>
        For().ShouldAllBe(a => a.Says.Length <= 60 && a.Do.Length > 5 && a.Why.Rule.Length > 10);

    [Theory]
    [InlineData(ChangeQuality.None, "NoReactionToChange")]
    [InlineData(ChangeQuality.Late, "ChangeLateOrShort")]
    [InlineData(ChangeQuality.ShortBehind, "ChangeLateOrShort")]
    [InlineData(ChangeQuality.Clean, "OneGoodChange")]
    public void The_review_speaks_of_changes_by_the_same_rules(ChangeQuality quality, string rule)
    {
        Make.Rules(
                Make.Context(Make.Record(new ChangeRidden(Guid.NewGuid(), Rides.Device.Morning, Rein.Left, quality, ChangePlace.Diagonal)))
            )
            .ShouldContain(rule);
        For().ShouldContain(a => a.Rule == rule);
    }

    [Theory]
    [InlineData(JumpCause.Hand, true)]
    [InlineData(JumpCause.Pace, true)]
    [InlineData(JumpCause.Horse, false)]
    public void The_riders_distance_is_the_riders(JumpCause cause, bool said)
    {
        var jump = Make.Jumped(Rein.Left, EffortOutcome.Clear);
        Make.Rules(
                Make.Context(
                    Make.Record(jump, new JumpTold(Guid.NewGuid(), jump.At.AddSeconds(5), jump.Id, TakeOff.Long, null, null, cause))
                )
            )
            .Contains("RidersDistance")
            .ShouldBe(said);
    }
}
