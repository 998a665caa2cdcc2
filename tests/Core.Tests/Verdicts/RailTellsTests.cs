using Hippodrome.Core.Care;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Tests.Rides;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>
/// What a helper can tell in a tap or two, and the line that reads it: each beside the same ride one fact away. Common
/// practice, no source, except where a figure of docs/sources.md says otherwise.
/// </summary>
public class RailTellsTests
{
    private static readonly RailPart Warm = new(MarkPad.Flat, 0, 0, 0, null) { Phase = Phase.WarmUp, Minutes = 12 };
    private static readonly RailPart Work = new(MarkPad.Flat, 0, 0, 0, null) { Phase = Phase.Work, Minutes = 20 };
    private static readonly RailPart Last = new(MarkPad.Flat, 0, 0, 0, null) { Phase = Phase.Work, Minutes = 10 };

    private static RideFacts Facts(params RailPart[] parts) => Railside.Facts() with { Parts = parts };

    private static Guid New => Guid.NewGuid();

    private static Attempted Asked(Movement movement, HorseAnswer answered, Rein? side = null, AttemptWord? word = null) =>
        new(New, default, movement, answered, side) { Word = word };

    private static SeriesRidden Series(int every, int planned, int? missedAt = null, Rein? late = null, int times = 0) =>
        new(New, default, every, planned, missedAt, late, times, ArenaPlace.Diagonal);

    private static QuestionRidden Question(QuestionHow how, QuestionKind kind = QuestionKind.Log, QuestionWay way = QuestionWay.FromLeft) =>
        new(New, default, kind, way, how);

    private static Efforts Narrow(NarrowWhere over) => new(New, default, null, Rein.Left, 0.6, EffortOutcome.Clear, 1) { Over = over };

    [Theory]
    [InlineData(Sign.RunsThroughHand, "RunsThroughHand")]
    [InlineData(Sign.Leans, "LeansOnHand")]
    [InlineData(Sign.NeckOnly, "NeckOnly")]
    [InlineData(Sign.CrookedAgainstLeg, "Crooked")]
    [InlineData(Sign.FallsIn, "Crooked")]
    [InlineData(Sign.FallsOut, "Crooked")]
    [InlineData(Sign.Bulges, "Crooked")]
    [InlineData(Sign.QuartersSwing, "Crooked")]
    [InlineData(Sign.AtTheGate, "Crooked")]
    [InlineData(Sign.BehindTheBit, "BehindBitOrLeg")]
    [InlineData(Sign.BehindTheLeg, "BehindBitOrLeg")]
    [InlineData(Sign.LateDepart, "LateDepart")]
    [InlineData(Sign.LateBehind, "ChangeLateOrShort")]
    [InlineData(Sign.Anticipates, "Anticipates")]
    [InlineData(Sign.Blows, "Blows")]
    [InlineData(Sign.Frightened, "Frightened")]
    [InlineData(Sign.Braced, "HeadUpShortNeck")]
    [InlineData(Sign.Mouth, "HeadUpShortNeck")]
    [InlineData(Sign.Stuck, "Stuck")]
    [InlineData(Sign.SoftAndReady, "SoftAndReady")]
    [InlineData(Sign.RunsOffAfter, "RunsOffAfter")]
    [InlineData(Sign.LeapsDown, "LeapsDown")]
    [InlineData(Sign.BreathesAndThinks, "BreathesAndThinks")]
    [InlineData(Sign.BadDistance, "BadDistance")]
    [InlineData(Sign.VoiceNotAnswered, "VoiceNotAnswered")]
    [InlineData(Sign.Bucks, "BucksOnce")]
    [InlineData(Sign.OnForehand, "MayBeTired")]
    public void Each_sign_is_answered_in_a_line(Sign sign, string rule) => new Railside().Tap(Make.Sign(sign)).Says.ShouldBe(rule);

    [Fact]
    public void Every_sign_that_is_shown_is_answered_or_goes_on_in_silence_as_the_trade_has_it() =>
        Enum.GetValues<Sign>().Where(s => new Railside().Tap(Make.Sign(s)).Says is null).ShouldBe([Sign.Spooked]);

    [Fact]
    public void A_finding_tells_rein_side_and_place_each_by_its_name()
    {
        var sign = new SignSeen(New, default, Sign.Bulges, Rein.Left);
        var rail = new Railside().Tap(sign, new MoreTold(New, default, sign.Id, Rein.Right, ArenaPlace.Gate));
        rail.Now.Advice!.Why.Inputs.ShouldBe(["bulged, right, left rein, at the gate once"]);
    }

    [Fact]
    public void What_is_the_riders_own_says_nothing_against_the_horse()
    {
        var sign = Make.Sign(Sign.FallsOut);
        var rail = new Railside().Tap(sign, new MoreTold(New, default, sign.Id, Mine: true));
        rail.Says.ShouldBeNull();
        Reviewed(rail).ShouldContain("RidersSlip");
        Reviewed(rail).ShouldNotContain("Crooked");

        // Pain is nobody's slip.
        var pain = Make.Sign(Sign.OffOrUnlevel);
        new Railside().Tap(pain, new MoreTold(New, default, pain.Id, Mine: true, Later: true)).Says.ShouldBe("OffOrSore");
    }

    [Fact]
    public void A_slip_let_pass_is_asked_again_in_the_last_third_and_left_for_another_day_while_it_is_open()
    {
        var slip = Make.Sign(Sign.Leans);
        var rail = new Railside(Facts(Warm, Work, Last)).Tap(slip, new MoreTold(New, default, slip.Id, Later: true));
        rail.Says.ShouldBeNull();
        rail.Now.LetPass.Select(s => s.Sign).ShouldBe([Sign.Leans]);
        rail.Part(1).Says.ShouldBeNull();
        rail.Part(2).Says.ShouldBe("AskAgain");
        Reviewed(rail).ShouldContain("LeftForAnotherDay");

        rail.Tap(new AskedAgain(New, default, slip.Id, HorseAnswer.Alone)).Says.ShouldBeNull();
        rail.Now.LetPass.ShouldBeEmpty();
        Reviewed(rail).ShouldNotContain("LeftForAnotherDay");
    }

    [Fact]
    public void Asked_again_it_waits_while_the_horse_is_tense()
    {
        var slip = Make.Sign(Sign.Leans);
        var rail = new Railside(Facts(Warm, Work, Last)).Tap(slip, new MoreTold(New, default, slip.Id, Later: true)).Part(2);
        rail.Tap(new TensionSeen(New, default, 3)).Says.ShouldNotBe("AskAgain");
        rail.Tap(new TensionSeen(New, default, 2)).Says.ShouldBe("AskAgain");
    }

    [Theory]
    [InlineData(true, 1, true)]
    [InlineData(true, 3, true)]
    [InlineData(false, 1, false)]
    [InlineData(false, 3, true)]
    public void Early_slips_are_let_pass_of_a_hot_horse_and_of_any_that_is_tense(bool hot, int tension, bool passes)
    {
        var ways = hot ? Ways.Default.With(ApproachQuestion.Mistake, Approach.LetItGo) : Ways.Default;
        var rail = new Railside(Facts(Warm, Work) with { Ways = ways }).Part(0).Tap(new TensionSeen(New, default, tension));
        rail.Now.LetsPass.ShouldBe(passes);
        rail.Part(1).Now.LetsPass.ShouldBeFalse();
    }

    [Fact]
    public void A_verdict_names_what_was_seen_before_too_each_side_by_itself()
    {
        RideRecord Leaned(Rein side)
        {
            var sign = Make.Sign(Sign.Leans);
            return RideRecord.Fold(RideLog.Kept([sign, new MoreTold(New, default, sign.Id, side)]));
        }

        Verdict? Named(Rein today, Rein before) =>
            RideRules
                .Judge(new VerdictContext(Railside.Facts(), Leaned(today), [new EarlierRide(Make.Today.AddDays(-2), Leaned(before))]))
                .FirstOrDefault(v => v.Rule == "Again");
        Named(Rein.Left, Rein.Left)!.Why.Inputs.ShouldBe(["leaned on the hand, left side in 2 of the last 2 rides"]);
        Named(Rein.Left, Rein.Right).ShouldBeNull();
    }

    [Fact]
    public void On_the_forehand_with_breaking_is_tired_at_any_minute()
    {
        new Railside().Tap(Make.Sign(Sign.OnForehand), Make.Sign(Sign.BrokeIntoCanter)).Says.ShouldBe("Tires");
        new Railside().Tap(Make.Sign(Sign.BrokeIntoCanter)).Says.ShouldBe("BreaksIntoCanter");
    }

    [Fact]
    public void Bucking_again_is_looked_into_and_refers_to_the_saddler()
    {
        var rail = new Railside().Tap(Make.Sign(Sign.Bucks), Make.Sign(Sign.Bucks));
        rail.Says.ShouldBe("BucksAgain");
        RideRules.All.Single(r => r.Name == "BucksAgain").Refers!.To.ShouldBe(ReferredTo.Saddler);
    }

    [Fact]
    public void Blowing_in_a_return_means_half_next_time_and_nobody_mounts()
    {
        var plain = Judged(new Railside().Tap(Make.Sign(Sign.Blows))).Single(v => v.Rule == "Blows");
        plain.Change.ShouldBe(SessionChange.CutWork);
        var back = Judged(
            new Railside(Railside.Facts() with { RampFast = 6 }).Tap(Make.Sign(Sign.Blows)),
            Railside.Facts() with
            {
                RampFast = 6,
            }
        );
        back.Single(v => v.Rule == "Blows").Change.ShouldBe(SessionChange.HalveWork);
    }

    [Theory]
    [InlineData(4, 5, 2, null)]
    [InlineData(4, 5, 3, "SameHindLate")]
    [InlineData(1, 15, 7, null)]
    [InlineData(1, 15, 8, "SameHindLate")]
    public void The_same_hind_late_in_half_a_series_eases(int every, int planned, int late, string? rule) =>
        new Railside().Tap(Series(every, planned, null, Rein.Right, late)).Says.ShouldBe(rule);

    [Fact]
    public void A_whole_series_opens_the_next_count_and_rules_of_single_changes_are_silent_in_it()
    {
        var rail = new Railside().Tap(Series(4, 5), Series(4, 5));
        rail.Says.ShouldBe("SeriesWhole");
        rail.Now.Advice!.Why.Inputs.ShouldBe(["5 every 4", "5 every 4"]);
        new Railside().Tap(Series(4, 5, missedAt: 3)).Says.ShouldBeNull();
    }

    [Fact]
    public void The_same_asking_worse_three_times_running_ends_that_work()
    {
        Railside Asking(params HorseAnswer[] answers) =>
            new Railside().Tap([.. answers.Select(a => (RideEvent)Asked(Movement.HalfSteps, a))]);
        Asking(HorseAnswer.Alone, HorseAnswer.Reminded, HorseAnswer.Helped).Says.ShouldBe("WorseEachTime");
        Asking(HorseAnswer.Alone, HorseAnswer.Reminded, HorseAnswer.Reminded).Says.ShouldBeNull();
        Asking(HorseAnswer.Helped, HorseAnswer.Reminded, HorseAnswer.Alone).Says.ShouldBeNull();
        // Earlier each time is worse too.
        new Railside().Tap(Series(3, 7, 6), Series(3, 7, 4), Series(3, 7, 2)).Says.ShouldBe("WorseEachTime");
        // The other side is another asking.
        new Railside()
            .Tap(
                Asked(Movement.Pirouette, HorseAnswer.Alone, Rein.Left),
                Asked(Movement.Pirouette, HorseAnswer.Reminded, Rein.Right),
                Asked(Movement.Pirouette, HorseAnswer.Helped, Rein.Left)
            )
            .Says.ShouldBeNull();
    }

    [Theory]
    [InlineData(Movement.GivenRein, HorseAnswer.Not, AttemptWord.Leaned, "LeansOnHand")]
    [InlineData(Movement.GivenRein, HorseAnswer.Not, AttemptWord.CameUp, "HeadUpShortNeck")]
    [InlineData(Movement.GivenRein, HorseAnswer.Alone, AttemptWord.Stayed, null)]
    [InlineData(Movement.Walk, HorseAnswer.Not, AttemptWord.Hurries, "TempoLost")]
    [InlineData(Movement.Walk, HorseAnswer.Not, AttemptWord.Short, "BehindBitOrLeg")]
    [InlineData(Movement.Walk, HorseAnswer.Alone, AttemptWord.Marches, null)]
    [InlineData(Movement.Depart, HorseAnswer.Helped, AttemptWord.Dull, "LateDepart")]
    [InlineData(Movement.Depart, HorseAnswer.Alone, AttemptWord.Prompt, null)]
    [InlineData(Movement.StepBack, HorseAnswer.Not, AttemptWord.QuartersRight, "QuartersSlide")]
    [InlineData(Movement.StepBack, HorseAnswer.Alone, AttemptWord.Straight, null)]
    [InlineData(Movement.Voice, HorseAnswer.Not, null, "VoiceNotAnswered")]
    [InlineData(Movement.Voice, HorseAnswer.Alone, null, null)]
    [InlineData(Movement.Stretch, HorseAnswer.Not, null, "HeadUpShortNeck")]
    [InlineData(Movement.Stretch, HorseAnswer.Helped, AttemptWord.Half, null)]
    public void A_movements_own_words_are_read(Movement movement, HorseAnswer answered, AttemptWord? word, string? rule) =>
        new Railside().Tap(Asked(movement, answered, null, word)).Says.ShouldBe(rule);

    [Theory]
    [InlineData(NarrowWhere.Middle, null)]
    [InlineData(NarrowWhere.ALittleLeft, "OffTheMiddle")]
    [InlineData(NarrowWhere.ALittleRight, "OffTheMiddle")]
    [InlineData(NarrowWhere.OffTheLeftEdge, "RanOut")]
    [InlineData(NarrowWhere.OffTheRightEdge, "RanOut")]
    public void Where_it_went_over_a_narrow_fence(NarrowWhere over, string? rule) => new Railside().Tap(Narrow(over)).Says.ShouldBe(rule);

    [Fact]
    public void Untidy_in_the_middle_is_the_same_question_again()
    {
        var go = Narrow(NarrowWhere.Middle);
        var told = new JumpTold(New, default, go.Id, null, null, null, null);
        new Railside().Tap(go, told).Says.ShouldBeNull();
        new Railside().Tap(go, told with { Untidy = true }).Says.ShouldBe("Untidy");
    }

    [Theory]
    [InlineData(QuestionHow.Boldly, null)]
    [InlineData(QuestionHow.Looked, null)]
    [InlineData(QuestionHow.Leapt, "LeapsDown")]
    [InlineData(QuestionHow.Stalled, "StoppedFromDoubt")]
    [InlineData(QuestionHow.Refused, "StoppedFromDoubt")]
    [InlineData(QuestionHow.RanOutLeft, "RanOut")]
    [InlineData(QuestionHow.RanOutRight, "RanOut")]
    public void How_a_question_was_answered(QuestionHow how, string? rule) => new Railside().Tap(Question(how)).Says.ShouldBe(rule);

    [Fact]
    public void The_third_easy_go_says_it_is_understood_the_fourth_where_it_looked_and_the_other_way_is_another_question()
    {
        Railside Goes(params QuestionHow[] goes) => new Railside().Tap([.. goes.Select(g => (RideEvent)Question(g))]);
        const QuestionHow Bold = QuestionHow.Boldly;
        Goes(Bold, Bold).Says.ShouldBeNull();
        Goes(Bold, Bold, Bold).Says.ShouldBe("Understood");
        Goes(QuestionHow.Looked, Bold, Bold).Says.ShouldBeNull();
        Goes(QuestionHow.Looked, Bold, Bold, Bold).Says.ShouldBe("Understood");
        new Railside().Tap(Question(Bold), Question(Bold), Question(Bold, way: QuestionWay.FromRight)).Says.ShouldBeNull();
    }

    [Fact]
    public void Strung_out_between_fences_has_lost_the_tempo_and_questions_count_on_the_budget()
    {
        new Railside().Tap(new Travelled(New, default, TravelHow.StrungOut)).Says.ShouldBe("TempoLost");
        new Railside().Tap(new Travelled(New, default, TravelHow.Smooth)).Says.ShouldBeNull();
        var green = new Railside(Railside.Facts(Experience.Green));
        for (var i = 0; i < 15; i++)
        {
            green.Tap(Question(QuestionHow.Looked, (QuestionKind)(2 + (i % 6))), Question(QuestionHow.Stalled, QuestionKind.Water));
        }

        RideRules.All.Single(r => r.Name == "EffortBudget").Look(Context(green, Railside.Facts(Experience.Green))).ShouldBeNull();
        Judged(green.Tap(Question(QuestionHow.Looked)), Railside.Facts(Experience.Green)).Select(v => v.Rule).ShouldContain("EffortBudget");
    }

    [Fact]
    public void Amiss_tack_is_put_right_before_anything_moves()
    {
        new Railside().Tap(new TackLooked(New, default, false, Even: true, GirthSnug: true, LineSafe: true, Hole: 6)).Says.ShouldBeNull();
        var rail = new Railside().Tap(new TackLooked(New, default, false, Even: false, GirthSnug: true));
        rail.Says.ShouldBe("TackAmiss");
        rail.Now.Advice!.Seen.ShouldBe("Tack amiss: not even.");
        rail.Tap(new TackLooked(New, default, false, Even: true, GirthSnug: true)).Says.ShouldBeNull();
    }

    [Fact]
    public void A_test_that_is_not_passed_is_repeated_and_passed_it_is_not_spoken_of()
    {
        TestAnswered Test(bool passed) => new(New, default, OpeningTest.PromptDeparts, passed);
        new Railside().Tap(Test(true)).Says.ShouldBeNull();
        var rail = new Railside().Tap(Test(false));
        rail.Says.ShouldBe("TestNotPassed");
        rail.Tap(Test(true)).Says.ShouldBeNull();
    }

    [Theory]
    [InlineData(MarkPad.Changes, 5, false, 4)]
    [InlineData(MarkPad.Changes, 3, false, 3)]
    [InlineData(MarkPad.Changes, null, false, 4)]
    [InlineData(MarkPad.Changes, 5, true, 5)]
    [InlineData(MarkPad.Flat, 4, false, 4)]
    [InlineData(MarkPad.Flat, null, false, null)]
    public void How_many_may_still_be_asked(MarkPad pad, int? planned, bool sure, int? first)
    {
        var part = new RailPart(pad, 0, 0, 0, null) { Phase = Phase.Work, Times = planned };
        var rail = new Railside(Facts(part) with { ChangesAreSure = sure });
        rail.Now.MayStillAsk.ShouldBe(first);
        rail.Tap(Asked(Movement.Depart, HorseAnswer.Alone, Rein.Left)).Now.MayStillAsk.ShouldBe(first - 1);
    }

    private static IReadOnlyList<Verdict> Judged(Railside rail, RideFacts? facts = null) =>
        RideRules.Judge(Context(rail, facts ?? Railside.Facts()));

    private static VerdictContext Context(Railside rail, RideFacts facts) => new(facts, RideRecord.Fold(rail.Log), []);

    private static IReadOnlyList<string> Reviewed(Railside rail) => [.. Judged(rail).Select(v => v.Rule)];
}
