using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Verdicts;

/// <summary>Rules for poles and fences.</summary>
internal static class PoleAndFenceRules
{
    private const string FenceAlone = "FenceWithoutHelper";

    /// <summary>
    /// Asked before the first fence of a ride for which no helper was planned, and said once should one be jumped all the same.
    /// </summary>
    internal static readonly RideRule FenceWithoutHelper = new(
        FenceAlone,
        RulesOfWork.NobodyJumpsAlone,
        VerdictWord.Stop,
        SessionChange.SameAgain
    )
    {
        Look = c =>
            c.Facts.Helper || c.Record.Counts.Jumped.Count == 0 || c.Record.Rail.AdviceTaken.Contains(FenceAlone)
                ? null
                : new Finding(1, "jumped with nobody there", $"no helper planned"),
        Rail = new RailLine("Nobody jumps alone.", "Somebody on the ground who can help, before the next fence.")
        {
            InPart = false,
            CanWait = false,
        },
    };

    private static readonly RideRule RanOut = Rules.Practice(
        "RanOut",
        Gravity.RunOutOrStop,
        VerdictWord.Ease,
        SessionChange.RungBack,
        "Any sideways jump puts the guides back",
        c =>
        {
            var (toLeft, toRight) = (OutTo(c, Rein.Left), OutTo(c, Rein.Right));
            var times = Math.Max(toLeft + toRight, c.Record.Efforts.Left.RunOut + c.Record.Efforts.Right.RunOut);
            return times == 0
                ? null
                : new Finding(
                    times,
                    $"ran out {Rules.Times(times)}",
                    $"{times} run-outs",
                    $"to the left {toLeft}",
                    $"to the right {toRight}"
                );
        },
        "Guide poles on both sides at once, the last width and height that were safe; guard the side it left by. "
            + "Not again as it was today unless clean twice.",
        new(
            "Guide poles back on both sides.",
            "The last width that was safe; guard the side it left by. Not again as it was unless clean twice."
        )
    );

    private static readonly RideRule StoppedFromDoubt = Rules.Practice(
        "StoppedFromDoubt",
        Gravity.RunOutOrStop,
        VerdictWord.Ease,
        SessionChange.RungBack,
        "A stop from doubt says the question was not understood",
        c =>
        {
            var asked = c.Record.Rail.Questions.SelectMany(q => q.Goes).Count(g => g is QuestionHow.Refused or QuestionHow.Stalled);
            var times = c.Record.Efforts.Left.Stop + c.Record.Efforts.Right.Stop + asked;
            return times == 0 ? null : new Finding(times, $"stopped {Rules.Times(times)}", $"{times} stops");
        },
        "Give it a fence it can walk over and help it across; then repeat until the third or fourth is easy.",
        new("Make it one it can walk over.", "Help it across; then repeat until the third or fourth is easy.")
        {
            Now = SessionChange.BackToWalk,
        }
    );

    private static readonly RideRule RushesPoles = Rules.Practice(
        "RushesPoles",
        Gravity.Ease,
        VerdictWord.Ease,
        SessionChange.BackToWalk,
        "A horse that rushes poles goes back to walk over them",
        c =>
        {
            var (left, right) = (c.Record.Passes.Left, c.Record.Passes.Right);
            var rushed = left.Rushed + right.Rushed;
            return rushed == 0
                ? null
                : new Finding(
                    rushed,
                    $"rushed the poles in {rushed} of {left.All + right.All} passes",
                    $"left {left.Rushed} of {left.All}",
                    $"right {right.Rushed} of {right.All}"
                );
        },
        "Back to walk over them; the next gait only when it is calm.",
        new("Back to walk over the poles.", "The next gait only when it is calm.")
    );

    private static readonly RideRule RushesWorried = Rules.Practice(
        "RushesWorried",
        Gravity.Ease,
        VerdictWord.Ease,
        SessionChange.RungBack,
        "A worried horse rushes to have it over",
        c => Rushed(c, Sign.RushedWorried, "rushed, tight and worried"),
        "Smaller and simpler until it trusts you again.",
        new("Smaller and simpler.", "Until it trusts you again.")
    );

    private static readonly RideRule RushesBold = Rules.Practice(
        "RushesBold",
        Gravity.Repeat,
        VerdictWord.Repeat,
        SessionChange.SameAgain,
        "A bold horse settles by repetition",
        c => Rushed(c, Sign.RushedBold, "rushed, ears forward and bold"),
        "Small fences, close take-off, jump after jump and no fight; it ends when it is settled.",
        new("Small fences, again and again, no fight.", "It ends when it is settled.")
    );

    private static readonly RideRule AddsAStride = Rules.Practice(
        "AddsAStride",
        Gravity.Ease,
        VerdictWord.Ease,
        SessionChange.Longer,
        "Distances fit this horse and widen the moment it struggles",
        c => DoesNotFit(c, Sign.AddedStride, "struggled with a short distance", "Come in a little shorter."),
        $"Lengthen by {LongerCentimetres} cm (a foot), as far as the trade's range allows.",
        new($"Lengthen by {LongerCentimetres} cm.", "It struggled with a short distance.")
    );

    private static readonly RideRule FliesFlat = Rules.Practice(
        "FliesFlat",
        Gravity.Ease,
        VerdictWord.Ease,
        SessionChange.Shorter,
        "A horse that flies needs less room, not more",
        c => DoesNotFit(c, Sign.FlatAndLong, "got long and flat", "Come in a little quieter."),
        $"Shorten by {ShorterCentimetres} cm, or add a pole.",
        new($"Shorten by {ShorterCentimetres} cm, or add a pole.", "It flew and got flat.")
    );

    /// <summary>With what speaks for each reading of it.</summary>
    private static Finding? Rushed(VerdictContext c, Sign sign, string seen) =>
        Rules.Saw(c.Record, sign, seen) is { } found ? new Finding(found.Times, seen, [.. found.Inputs, .. Quicker.Readings(c)]) : null;

    /// <summary>The pole moves to the horse, unless its approach is another count or another pace: then what stands stays.</summary>
    private static Finding? DoesNotFit(VerdictContext c, Sign sign, string seen, string pace)
    {
        var instead =
            c.Facts.Ways.Are(ApproachQuestion.DistanceDoesNotFit, Approach.AnotherCount) ? "Ride it on another count."
            : c.Facts.Ways.Are(ApproachQuestion.DistanceDoesNotFit, Approach.ChangeThePace) ? pace
            : null;
        return Rules.Saw(c.Record, sign, seen) is not { } found || instead is null
            ? Rules.Saw(c.Record, sign, seen)
            : found with
            {
                Says = instead,
                Do = $"{instead} What stands stays as it is.",
                Change = SessionChange.SameAgain,
            };
    }

    private static readonly RideRule Drifts = Rules.Practice(
        "Drifts",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "A guide on the side it drifts to",
        c =>
        {
            var signs = c.Record.Counts.Signs;
            var (left, right) = (signs.GetValueOrDefault(Sign.DriftedLeft), signs.GetValueOrDefault(Sign.DriftedRight));
            string[] sides = [.. left > 0 ? (string[])["left"] : [], .. right > 0 ? (string[])["right"] : []];
            var ways = c.Facts.Ways;
            // Let it find out: the first is let pass.
            if (sides.Length == 0 || (left + right == 1 && ways.Are(ApproachQuestion.Mistake, Approach.FindOut)))
            {
                return null;
            }

            var straighten = ways.Are(ApproachQuestion.Mistake, Approach.TakeItNow);
            return new Finding(
                left + right,
                $"drifted {string.Join(" and ", sides)}",
                [.. sides.Select(side => (FormattableString)$"drifted {side}")]
            )
            {
                Says = straighten ? "Straighten it now, before the next fence." : null,
                Do = straighten
                    ? "Straighten it at once, before the next fence; the fence stays as it is."
                    : $"A guide pole or a wing on the {string.Join(" and on the ", sides)}.",
            };
        },
        "A guide pole or a wing on that side.",
        new("A guide pole on the side it drifts to.", "A wing does as well.")
    );

    private static readonly RideRule LandsOnWrongLead = Rules.Practice(
        "LandsOnWrongLead",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "The lead is mended before the turn",
        c =>
        {
            var times = c.Record.Counts.Signs.GetValueOrDefault(Sign.WrongLead) + c.Record.Counts.WrongLandings;
            var leave = c.Facts.Ways.Are(ApproachQuestion.WrongLead, Approach.LeaveTheLead);
            return times == 0
                ? null
                : new Finding(times, "landed on the wrong lead", $"wrong lead {Rules.Times(times)}")
                {
                    Says = leave ? "Leave it: straight on." : null,
                    Do = leave ? "Leave it, and ride straight on: the lead comes with straightness." : null,
                };
        },
        "Change before the turn; if it is not through in time, a simple change.",
        new("Change before the turn.", "If it is not through in time, a simple change.")
    );

    /// <summary>At the rail it speaks when the budget is used up, after the ride when it was gone over.</summary>
    private static readonly RideRule EffortBudget = new("EffortBudget", RulesOfWork.FenceBudget, VerdictWord.Cut, SessionChange.NoPoles)
    {
        Look = c =>
        {
            var budget = SessionFigures.MostEfforts(c.Facts.Experience);
            var counted = c.Facts.CountedEfforts(c.Record);
            return (c.Moment == Moment.Riding ? counted < budget.Value : counted <= budget.Value)
                ? null
                : new Finding(
                    counted,
                    string.Create(CultureInfo.InvariantCulture, $"{counted:0.#} efforts on a budget of {budget.Value}"),
                    $"{counted:0.#} counted, small ones and bounces half",
                    $"{budget.Value} for a horse at this stage"
                )
                {
                    Source = budget.Source,
                };
        },
        Do = "Its legs rest: the next session without poles and fences, and then no more than the budget.",
        Rail = new RailLine("Enough jumping for today.", "Finish on this one.") { InPart = false },
    };

    /// <summary>Under three in ten: it learns from the pole. Nothing needs doing.</summary>
    private static readonly RideRule TouchesNowAndThen = Rules.Practice(
        "TouchesNowAndThen",
        Gravity.GoOn,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "A knock now and then is learning",
        c =>
        {
            var (left, right) = (c.Record.Passes.Left, c.Record.Passes.Right);
            var touched = left.Touched + right.Touched;
            return IsEasierAtOnce(c) || touched == 0 || touched >= VerdictFigures.RegularKnocks.Value * (left.All + right.All)
                ? null
                : new Finding(
                    touched,
                    $"touched a pole in {touched} of {left.All + right.All} passes",
                    $"left {left.Touched} of {left.All}",
                    $"right {right.Touched} of {right.All}"
                );
        },
        "Nothing: a touch now and then teaches, and lifting the feet strengthens."
    );

    private static readonly RideRule RubsOnce = Rules.Practice(
        "RubsOnce",
        Gravity.GoOn,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "One rub is a lesson of its own",
        c => !IsEasierAtOnce(c) && Rubs(c) == 1 ? new Finding(1, "rubbed a fence once", $"{1} rub") : null,
        "Nothing: it teaches. A horse is never made to hit a fence."
    );

    /// <summary>Where its approach is to make it easier at once, a touch or a rub is spoken of too.</summary>
    private static readonly RideRule EasierAfterATouch = Rules.Practice(
        "EasierAfterATouch",
        Gravity.Ease,
        VerdictWord.Ease,
        SessionChange.RungBack,
        "A touch or a rub is made easier at once, as its approach has it",
        c =>
        {
            var touched = c.Record.Passes.Left.Touched + c.Record.Passes.Right.Touched;
            return !IsEasierAtOnce(c) || touched + Rubs(c) == 0
                ? null
                : new Finding(touched + Rubs(c), "touched or rubbed", $"{touched} passes touched", $"{Rubs(c)} rubs");
        },
        "Easier next time: lower, fewer, or a gait less.",
        new("Make it easier: lower, fewer, or a gait less.", "No horse is ever made to hit a pole.")
    );

    private static bool IsEasierAtOnce(VerdictContext c) => c.Facts.Ways.Are(ApproachQuestion.Touching, Approach.EasierAtOnce);

    /// <summary>Ran out to a side of its way, or went off that edge of a narrow fence.</summary>
    private static int OutTo(VerdictContext c, Rein side) =>
        c.Record.Counts.RanOut.GetValueOrDefault(side)
        + c.Record.Rail.Narrow.GetValueOrDefault(side == Rein.Left ? NarrowWhere.OffTheLeftEdge : NarrowWhere.OffTheRightEdge)
        + c.Record.Rail.Questions.SelectMany(q => q.Goes)
            .Count(g => g == (side == Rein.Left ? QuestionHow.RanOutLeft : QuestionHow.RanOutRight));

    private static int Rubs(VerdictContext c) => c.Record.Efforts.Left.Rub + c.Record.Efforts.Right.Rub;

    /// <summary>Track, pace and hand are the rider's: the cause is logged, the horse is not marked down.</summary>
    private static readonly RideRule RidersDistance = Rules.Practice(
        "RidersDistance",
        Gravity.Rider,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "A distance held too much or short of pace is the rider's",
        c =>
        {
            var causes = c.Record.Rail.Jumps.Causes.Where(x => x.Key is JumpCause.Track or JumpCause.Pace or JumpCause.Hand).ToList();
            return causes.Count == 0
                ? null
                : new Finding(
                    causes.Sum(x => x.Value),
                    $"the rider's distance: {string.Join(", ", causes.Select(x => Say(x.Key)))}",
                    [.. causes.Select(x => (FormattableString)$"{Say(x.Key)} {x.Value}")]
                );
        },
        "Transitions on the flat first, then the same fence with the cause changed. The horse is not marked down."
    );

    public static readonly RideRule[] All =
    [
        FenceWithoutHelper,
        EffortBudget,
        RanOut,
        StoppedFromDoubt,
        RushesPoles,
        RushesWorried,
        RushesBold,
        AddsAStride,
        FliesFlat,
        Drifts,
        LandsOnWrongLead,
        TouchesNowAndThen,
        RubsOnce,
        EasierAfterATouch,
        RidersDistance,
    ];

    private static string LongerCentimetres => Centimetres(VerdictFigures.LongerBy.Value);

    private static string ShorterCentimetres => Centimetres(VerdictFigures.ShorterBy.Value);

    private static string Centimetres(double metres) => (metres * 100).ToString("0", CultureInfo.InvariantCulture);

    private static string Say(JumpCause cause) => cause.ToString().ToLowerInvariant();
}
