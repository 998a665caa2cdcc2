using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>
/// What the response says, in pairs that differ in one fact and flip the answer. The rows are common
/// practice, no source; thresholds among them are chosen for Hippodrome.
/// </summary>
public class RideRulesTests
{
    /// <summary>Rule, its word and change, a ride it speaks on, and one that differs in one fact and leaves it silent.</summary>
    public static TheoryData<string, VerdictWord, SessionChange, RideEvent[], RideEvent[]> Pairs =>
        new()
        {
            { "OffOrSore", VerdictWord.End, SessionChange.NoRiddenWork, [Make.Sign(Sign.OffOrUnlevel)], [Make.Sign(Sign.Spooked)] },
            { "OffOrSore", VerdictWord.End, SessionChange.NoRiddenWork, [Make.Sign(Sign.SoreBack)], [Make.Sign(Sign.Tired)] },
            { "OffOrSore", VerdictWord.End, SessionChange.NoRiddenWork, [Make.Sign(Sign.HeatInLeg)], [Make.Sign(Sign.Distracted)] },
            {
                "TouchesOneSideOnly",
                VerdictWord.Hold,
                SessionChange.NoPoles,
                [Make.Passes(Rein.Left, 6, 4), Make.Passes(Rein.Right, 10)],
                [Make.Passes(Rein.Left, 6, 4), Make.Passes(Rein.Right, 9, 1)]
            },
            {
                "TouchesOneSideOnly",
                VerdictWord.Hold,
                SessionChange.NoPoles,
                [Make.Passes(Rein.Right, 6, 4), Make.Passes(Rein.Left, 10)],
                [Make.Passes(Rein.Right, 7, 3), Make.Passes(Rein.Left, 10)]
            },
            {
                "TouchesOneSideOnly",
                VerdictWord.Hold,
                SessionChange.NoPoles,
                [Make.Passes(Rein.Left, 2, 4), Make.Passes(Rein.Right, 1)],
                [Make.Passes(Rein.Left, 2, 4)]
            },
            { "TooHot", VerdictWord.Cut, SessionChange.HalveWork, [Make.Weather(30, 64)], [Make.Weather(25, 40)] },
            { "TooHot", VerdictWord.Cut, SessionChange.WalkOnly, [Make.Weather(36, 50)], [Make.Weather(24, 50)] },
            { "Tires", VerdictWord.Stop, SessionChange.CutWork, [Make.Sign(Sign.Tired)], [Make.Sign(Sign.Distracted)] },
            { "OverTheTop", VerdictWord.Stop, SessionChange.RungBack, [Make.Tension(4)], [Make.Tension(3)] },
            {
                "TenseRunning",
                VerdictWord.Stop,
                SessionChange.RungBack,
                [Make.Tension(3), Make.Tension(3, 5)],
                [Make.Tension(3), Make.Tension(2, 5), Make.Tension(3, 9)]
            },
            {
                "RanOut",
                VerdictWord.Ease,
                SessionChange.RungBack,
                [Make.Jumped(Rein.Left, EffortOutcome.RunOutLeft)],
                [Make.Jumped(Rein.Left, EffortOutcome.Clear)]
            },
            {
                "StoppedFromDoubt",
                VerdictWord.Ease,
                SessionChange.RungBack,
                [Make.Jumped(Rein.Left, EffortOutcome.Stop)],
                [Make.Jumped(Rein.Left, EffortOutcome.Knock)]
            },
            { "RushesPoles", VerdictWord.Ease, SessionChange.BackToWalk, [Make.Passes(Rein.Left, 4, 0, 1)], [Make.Passes(Rein.Left, 4)] },
            { "RushesWorried", VerdictWord.Ease, SessionChange.RungBack, [Make.Sign(Sign.RushedWorried)], [Make.Sign(Sign.RushedBold)] },
            { "RushesBold", VerdictWord.Repeat, SessionChange.SameAgain, [Make.Sign(Sign.RushedBold)], [Make.Sign(Sign.RushedWorried)] },
            { "Drifts", VerdictWord.Adjust, SessionChange.SameAgain, [Make.Sign(Sign.DriftedRight)], [Make.Sign(Sign.WrongLead)] },
            { "LandsOnWrongLead", VerdictWord.Adjust, SessionChange.SameAgain, [Make.Sign(Sign.WrongLead)], [Make.Sign(Sign.DriftedLeft)] },
            {
                "TouchesNowAndThen",
                VerdictWord.CarryOn,
                SessionChange.SameAgain,
                [Make.Passes(Rein.Left, 8, 2)],
                [Make.Passes(Rein.Left, 7, 3)]
            },
            {
                "RubsOnce",
                VerdictWord.CarryOn,
                SessionChange.SameAgain,
                [Make.Jumped(Rein.Left, EffortOutcome.Rub)],
                [Make.Jumped(Rein.Left, EffortOutcome.Rub, 2)]
            },
            { "AddsAStride", VerdictWord.Ease, SessionChange.Longer, [Make.Sign(Sign.AddedStride)], [Make.Sign(Sign.FlatAndLong)] },
            { "FliesFlat", VerdictWord.Ease, SessionChange.Shorter, [Make.Sign(Sign.FlatAndLong)], [Make.Sign(Sign.AddedStride)] },
            {
                "EffortBudget",
                VerdictWord.Cut,
                SessionChange.NoPoles,
                [Make.Jumped(Rein.Left, EffortOutcome.Clear, 26)],
                [Make.Jumped(Rein.Left, EffortOutcome.Clear, 25)]
            },
            { "ClosingTestFailed", VerdictWord.Ease, SessionChange.RungBack, [Make.Closing(false)], [Make.Closing(true)] },
            { "TempoLost", VerdictWord.Back, SessionChange.RungBack, [Make.Sign(Sign.TempoLost)], [Make.Sign(Sign.Distracted)] },
            {
                "HeadUpShortNeck",
                VerdictWord.Back,
                SessionChange.SameAgain,
                [Make.Sign(Sign.HeadUpShortNeck)],
                [Make.Sign(Sign.BehindBitOrLeg)]
            },
            {
                "BehindBitOrLeg",
                VerdictWord.Adjust,
                SessionChange.SameAgain,
                [Make.Sign(Sign.BehindBitOrLeg)],
                [Make.Sign(Sign.HeadUpShortNeck)]
            },
            {
                "RefusesAYield",
                VerdictWord.Ease,
                SessionChange.SameAgain,
                [Make.Sign(Sign.RefusedYield, Rein.Left)],
                [Make.Sign(Sign.Spooked)]
            },
            {
                "BreaksIntoCanter",
                VerdictWord.Adjust,
                SessionChange.SameAgain,
                [Make.Sign(Sign.BrokeIntoCanter)],
                [Make.Sign(Sign.TempoLost)]
            },
            { "Distracted", VerdictWord.Adjust, SessionChange.SameAgain, [Make.Sign(Sign.Distracted)], [Make.Sign(Sign.Spooked)] },
            { "Spooks", VerdictWord.CarryOn, SessionChange.SameAgain, [Make.Sign(Sign.Spooked)], [Make.Sign(Sign.Distracted)] },
        };

    [Theory]
    [MemberData(nameof(Pairs))]
    public void A_rule_speaks_on_what_it_names_and_is_silent_without_it(
        string rule,
        VerdictWord word,
        SessionChange change,
        RideEvent[] speaks,
        RideEvent[] silent
    )
    {
        var verdict = RideRules.Judge(Make.Context(Make.Record(speaks))).ShouldHaveSingleItem(v => v.Rule == rule);
        verdict.Word.ShouldBe(word);
        verdict.Change.ShouldBe(change);
        verdict.Do.ShouldNotBeEmpty();
        verdict.Why.Inputs.ShouldNotBeEmpty();
        Make.Rules(Make.Context(Make.Record(silent))).ShouldNotContain(rule);
    }

    [Fact]
    public void Three_touches_in_ten_poles_crossed_three_sessions_running_are_referred()
    {
        RideRecord Touched(int n) => Make.Record(Make.Passes(Rein.Left, 10 - n, n) with { Poles = 1 });
        Make.Rules(Make.Context(Touched(2), Touched(3), Touched(4))).ShouldNotContain("KnocksRegularly");
        // Becoming fewer, it learns: a falling number says nothing of the body.
        Make.Rules(Make.Context(Touched(3), Touched(4), Touched(5))).ShouldNotContain("KnocksRegularly");
        // The rate is per pole crossed and never per pass: three touched passes over four poles are three in forty.
        RideRecord Row(int n) => Make.Record(Make.Passes(Rein.Left, 10 - n, n) with { Poles = 4 });
        Make.Rules(Make.Context(Row(3), Row(3), Row(4))).ShouldNotContain("KnocksRegularly");
        RideRecord Told(int touches) =>
            Make.Record(
                Make.Passes(Rein.Left, 0, 10) with
                {
                    Poles = 4,
                },
                new LegTouched(Guid.NewGuid(), default, Leg.LeftFore, touches / 2),
                new LegTouched(Guid.NewGuid(), default, Leg.RightHind, touches / 2)
            );
        Make.Rules(Make.Context(Told(12), Told(12), Told(12))).ShouldContain("KnocksRegularly");
        Make.Rules(Make.Context(Touched(3), Touched(3), Touched(4))).ShouldContain("KnocksRegularly");
        Make.Rules(Make.Context(Touched(3), Touched(3), Touched(2))).ShouldNotContain("KnocksRegularly");
        Make.Rules(Make.Context(Touched(3), Touched(3))).ShouldNotContain("KnocksRegularly");

        // A session without poles in between is not a session without knocks.
        Make.Rules(Make.Context(Touched(3), Make.Easy(), Touched(3), Touched(4))).ShouldContain("KnocksRegularly");
        Make.Rules(Make.Context(Make.Easy(), Touched(3), Touched(3), Touched(4))).ShouldNotContain("KnocksRegularly");
    }

    [Fact]
    public void The_most_careful_rule_leads_whatever_else_was_good()
    {
        var context = Make.Context(
            Make.Record(
                Make.Sign(Sign.HeatInLeg),
                Make.Jumped(Rein.Left, EffortOutcome.RunOutLeft),
                Make.Passes(Rein.Left, 9, 1),
                Make.Mark(Rein.Left, 8),
                Make.Mark(Rein.Right, 8),
                Make.Tension(1),
                Make.Closing(true)
            ),
            Make.Easy()
        );
        Make.Rules(context).ShouldBe(["OffOrSore", "RanOut", "TouchesNowAndThen"]);
    }

    // A lameness hold cannot be overruled; every other advice can.
    [Fact]
    public void Only_a_sign_of_pain_cannot_be_overruled()
    {
        var spoken = Pairs.Select(p => p.Data).SelectMany(p => RideRules.Judge(Make.Context(Make.Record(p.Item4)))).ToList();
        spoken.Where(v => !v.CanBeOverruled).Select(v => v.Rule).Distinct().ShouldBe(["OffOrSore"]);
        spoken.Where(v => v.Rule == "OffOrSore").ShouldAllBe(v => !v.CanBeOverruled);
    }

    [Fact]
    public void The_side_is_named_where_there_is_one()
    {
        RideRules.Judge(Make.Context(Make.Record(Make.Sign(Sign.DriftedLeft))))[0].Do.ShouldContain("on the left");
        RideRules.Judge(Make.Context(Make.Record(Make.Sign(Sign.RefusedYield, Rein.Right))))[0].Why.Inputs[0].ShouldContain("right rein");
        RideRules
            .Judge(Make.Context(Make.Record(Make.Passes(Rein.Left, 5), Make.Passes(Rein.Right, 2, 4))))[0]
            .Seen.ShouldContain("right 4 of 6");
    }

    /// <summary>The sentence is for people; what it counted is kept beside it, for whoever reckons again.</summary>
    [Fact]
    public void An_answer_keeps_what_was_counted()
    {
        var verdict = RideRules
            .Judge(Make.Context(Make.Record(Make.Passes(Rein.Left, 6, 4), Make.Passes(Rein.Right, 10))))
            .Single(v => v.Rule == "TouchesOneSideOnly");
        var kept = Json.Read<SaidVerdict>(Json.Write(SaidVerdict.Of(verdict, "figures")));
        kept.Inputs.Select(i => i.Says).ShouldBe(kept.Why.Inputs);
        kept.Inputs.Select(i => i.Values)
            .ShouldBe([
                [4, 10],
                [0, 10],
            ]);
    }

    // Making a horse hit rails is not supported by any advice.
    [Fact]
    public void No_advice_makes_a_horse_hit_a_rail() =>
        RideRules
            .Judge(Make.Context(Make.Record(Make.Jumped(Rein.Left, EffortOutcome.Rub))))[0]
            .Do.ShouldContain("never made to hit a fence");
}

internal static class Single
{
    public static T ShouldHaveSingleItem<T>(this IEnumerable<T> all, Func<T, bool> that) => all.Where(that).ShouldHaveSingleItem();
}
