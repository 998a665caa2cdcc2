using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Tests.Rides;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>
/// What the answers on approach change in what is said of a ride, each beside the others on the same taps (common practice,
/// no source). None of them changes a caution.
/// </summary>
public class ApproachInRulesTests
{
    private static RideFacts By(ApproachQuestion question, string choice) =>
        Railside.Facts() with
        {
            Ways = Ways.Default.With(question, choice),
        };

    private static RailAdvice? Said(RideFacts facts, params RideEvent[] taps) => new Railside(facts).Tap(taps).Now.Advice;

    private static Verdict Review(RideFacts facts, params RideEvent[] taps) =>
        RideRules.Judge(new VerdictContext(facts, Make.Record(taps), []))[0];

    [Theory]
    [InlineData("leave-it", null, "TouchesNowAndThen", SessionChange.SameAgain)]
    [InlineData("easier-at-once", "EasierAfterATouch", "EasierAfterATouch", SessionChange.RungBack)]
    public void A_touch_is_left_to_teach_or_made_easier(string choice, string? atTheRail, string after, SessionChange change)
    {
        var facts = By(ApproachQuestion.Touching, choice);
        var touched = Make.Passes(Rein.Left, 9, 1);
        Said(facts, touched)?.Rule.ShouldBe(atTheRail);
        RideRules.Judge(new VerdictContext(facts, Make.Record(touched), [])).Single(v => v.Rule == after).Change.ShouldBe(change);
    }

    [Theory]
    [InlineData("move-the-pole", "Lengthen by 30 cm.", SessionChange.Longer)]
    [InlineData("another-count", "Ride it on another count.", SessionChange.SameAgain)]
    [InlineData("change-the-pace", "Come in a little shorter.", SessionChange.SameAgain)]
    public void A_distance_that_does_not_fit_is_moved_counted_or_ridden_otherwise(string choice, string says, SessionChange change)
    {
        var facts = By(ApproachQuestion.DistanceDoesNotFit, choice);
        Said(facts, Make.Sign(Sign.AddedStride))!.Says.ShouldBe(says);
        Review(facts, Make.Sign(Sign.AddedStride)).Change.ShouldBe(change);
    }

    [Theory]
    [InlineData("rebuild", 1, "A guide pole on the side it drifts to.")]
    [InlineData("find-out", 1, null)]
    [InlineData("find-out", 2, "A guide pole on the side it drifts to.")]
    [InlineData("take-it-now", 1, "Straighten it now, before the next fence.")]
    public void A_mistake_is_helped_let_pass_once_or_taken_now(string choice, int drifts, string? says) =>
        Said(By(ApproachQuestion.Mistake, choice), [.. Enumerable.Range(0, drifts).Select(_ => Make.Sign(Sign.DriftedLeft))])
            ?.Says.ShouldBe(says);

    [Fact]
    public void Early_slips_are_let_go_in_the_warm_up_and_told_in_the_review_and_no_caution_is()
    {
        RailPart Part(Phase phase) => new(MarkPad.Flat, 0, 0, 0, null) { Phase = phase };
        var facts = By(ApproachQuestion.Mistake, "let-it-go") with { Parts = [Part(Phase.WarmUp), Part(Phase.Work)] };
        var slip = Make.Sign(Sign.BehindBitOrLeg);
        Said(facts, slip).ShouldBeNull();
        Said(facts with { Ways = Ways.Default }, slip).ShouldNotBeNull();
        new Railside(facts).Part(1).Tap(slip).Says.ShouldBe("BehindBitOrLeg");
        Review(facts, slip).Rule.ShouldBe("BehindBitOrLeg");
        foreach (var caution in new[] { Sign.HeatInLeg, Sign.Tired })
        {
            Said(facts, Make.Sign(caution)).ShouldNotBeNull();
        }
    }

    [Theory]
    [InlineData("mend-before-turn", "Change before the turn.")]
    [InlineData("leave-it", "Leave it: straight on.")]
    public void A_wrong_lead_is_mended_or_left(string choice, string says) =>
        Said(By(ApproachQuestion.WrongLead, choice), Make.Sign(Sign.WrongLead))!.Says.ShouldBe(says);

    [Theory]
    [InlineData("one-repeat", 1, "That was the aim: one repeat, and leave it.")]
    [InlineData("tomorrow", 1, "That was the aim: leave it for another day.")]
    [InlineData("every-time", 2, null)]
    [InlineData("every-time", 3, "It is there every time: that was the aim.")]
    public void An_aim_met_asks_for_one_repeat_another_day_or_every_time(string choice, int marks, string? says)
    {
        var facts = By(ApproachQuestion.SecondTry, choice) with
        {
            Parts = [new RailPart(MarkPad.Flat, 0, 0, 0, null) { MarkHopedFor = 7 }],
        };
        Said(facts, [.. Enumerable.Range(0, marks).Select(_ => Make.Mark(Rein.Both, 7))])?.Says.ShouldBe(says);
    }

    [Theory]
    [InlineData("one-repeat", "A good one: praise it.")]
    [InlineData("tomorrow", "A good one: leave it there.")]
    public void A_good_change_is_repeated_or_left(string choice, string says) =>
        Said(
            By(ApproachQuestion.SecondTry, choice),
            new ChangeRidden(Guid.NewGuid(), default, Rein.Left, ChangeQuality.Clean, ArenaPlace.Diagonal)
        )!
            .Says.ShouldBe(says);

    [Theory]
    [InlineData("praise", "Two steps, praise, then four.")]
    [InlineData("a-touch", "A touch that says where; praise one step.")]
    public void A_yield_refused_is_asked_less_or_shown_where(string choice, string says) =>
        Said(By(ApproachQuestion.Insisting, choice), Make.Sign(Sign.RefusedYield))!.Says.ShouldBe(says);

    [Theory]
    [InlineData("poles/trot-poles", false, 4, RungWord.Stay)]
    [InlineData("poles/trot-poles", true, 4, RungWord.Up)]
    [InlineData("poles/trot-poles", true, 3, RungWord.Stay)]
    [InlineData("changes/single-change", true, 4, RungWord.Stay)]
    public void A_rung_is_climbed_by_ease_or_by_repeats_and_changes_never_by_repeats(
        string rung,
        bool byRepeats,
        int clean,
        RungWord word
    ) =>
        Make.OnRung(
                rung,
                c => c with { ByRepeats = byRepeats },
                Make.Record(Make.Passes(Rein.Left, clean), Make.Mark(Rein.Left, 7), Make.Mark(Rein.Right, 7))
            )
            .Rungs[0]
            .Word.ShouldBe(word);

    [Theory]
    [InlineData(Sign.HeatInLeg)]
    [InlineData(Sign.Tired)]
    [InlineData(Sign.RushedWorried)]
    public void No_answer_changes_a_caution(Sign sign)
    {
        var byDefault = Review(Railside.Facts(), Make.Sign(sign));
        foreach (var (question, choice) in Approach.Topics.SelectMany(t => t.Choices.Select(c => (t.Question, c.Id))))
        {
            Review(By(question, choice), Make.Sign(sign)).ShouldBe(byDefault, new SameSentence());
        }
    }

    private sealed class SameSentence : IEqualityComparer<Verdict>
    {
        public bool Equals(Verdict? x, Verdict? y) => (x?.Rule, x?.Do, x?.Change) == (y?.Rule, y?.Do, y?.Change);

        public int GetHashCode(Verdict obj) => obj.Rule.GetHashCode(StringComparison.Ordinal);
    }
}
