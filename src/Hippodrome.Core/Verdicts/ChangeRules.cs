using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Verdicts;

/// <summary>Rules for flying changes.</summary>
internal static class ChangeRules
{
    private static readonly RideRule NoReactionToChange = Rules.Practice(
        "NoReactionToChange",
        Gravity.Ease,
        VerdictWord.Back,
        SessionChange.RungBack,
        "No reaction to the change aid is a matter of the leg",
        c =>
        {
            var (left, right) = (c.Record.Rail.Changes.Left, c.Record.Rail.Changes.Right);
            return left.None + right.None == 0
                ? null
                : new Finding(
                    left.None + right.None,
                    "no reaction to the change aid",
                    $"to the left {left.None} of {left.All}",
                    $"to the right {right.None} of {right.All}"
                );
        },
        "Sharpen first: canter-walk-canter, a livelier response, then ask again.",
        new("Sharpen first: canter-walk-canter.", "Livelier to the leg, then ask again.")
    );

    private static readonly RideRule ChangeLateOrShort = Rules.Practice(
        "ChangeLateOrShort",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "A late change wants preparation, not force",
        c =>
        {
            var (left, right) = (c.Record.Rail.Changes.Left, c.Record.Rail.Changes.Right);
            var (toLeft, toRight) = (left.Late + left.ShortBehind, right.Late + right.ShortBehind);
            var told = Rules.SawAny(c.Record, [Sign.LateBehind], "late behind");
            return toLeft + toRight == 0
                ? told
                : new Finding(
                    toLeft + toRight,
                    $"changes late or short behind, mostly to the {(toLeft > toRight ? "left" : "right")}",
                    $"to the left late {left.Late}, short {left.ShortBehind} of {left.All}",
                    $"to the right late {right.Late}, short {right.ShortBehind} of {right.All}"
                );
        },
        "Straighter, aids at the ordinary pace, away from the corner; look at the same hind in other work.",
        new("Straighter, and away from the corner.", "Prepare more; the aid at its ordinary pace.")
    );

    private static readonly RideRule TwoGoodChanges = new(
        "TwoGoodChanges",
        RulesOfWork.OneOrTwoChanges,
        VerdictWord.CarryOn,
        SessionChange.SameAgain
    )
    {
        Look = c => Good(c) is >= 2 and var good ? Found(c, good, $"{good} good changes") : null,
        Do = "Leave it overnight; repeat in a day or two.",
        Rail = new("Two good ones: leave it there.", "Another day, in a day or two."),
    };

    private static readonly RideRule OneGoodChange = Rules.Practice(
        "OneGoodChange",
        Gravity.Repeat,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "A good change is confirmed once, then left overnight",
        c =>
            Good(c) != 1 ? null
            : c.Facts.Ways.Are(ApproachQuestion.SecondTry, Approach.Tomorrow)
                ? Found(c, 1, "one good change") with
                {
                    Says = "A good one: leave it there.",
                    Do = "Leave it overnight, as its approach has it.",
                }
            : Found(c, 1, "one good change"),
        "Leave it overnight; repeat in a day or two.",
        new("A good one: praise it.", "One more at most, and leave it.")
    );

    private static readonly RideRule SettleAfterChange = Rules.Practice(
        "SettleAfterChange",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "Tension after a change is settled before the next",
        c =>
            c.Record.Counts.TenseAfterChange is > 0 and var times
                ? new Finding(times, "tense after a flying change", $"tension 3 after a change {Rules.Times(times)}")
                : null,
        "Settle it before the next: a circle with give and retake, a smooth halt, or walk on a long rein.",
        new("Settle: a circle, give and retake.", "Or a smooth halt, or walk on a long rein; then perhaps one more.")
    );

    public static readonly RideRule[] All = [NoReactionToChange, ChangeLateOrShort, TwoGoodChanges, OneGoodChange, SettleAfterChange];

    /// <summary>Good ones, while single changes are being learned.</summary>
    private static int Good(VerdictContext c) =>
        c.Facts.ChangesAreSure ? 0 : c.Record.Rail.Changes.Left.Clean + c.Record.Rail.Changes.Right.Clean;

    private static Finding Found(VerdictContext c, int good, string seen) =>
        new(good, seen, $"to the left {c.Record.Rail.Changes.Left.Clean}", $"to the right {c.Record.Rail.Changes.Right.Clean}");
}
