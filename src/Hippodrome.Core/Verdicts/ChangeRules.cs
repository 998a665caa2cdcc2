using System.Globalization;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>Rules for flying changes, and for jumps whose cause was the rider's.</summary>
internal static class ChangeRules
{
    public static readonly VerdictRule[] All = [NoReaction, LateOrShort, GoodOnes, RidersDistance];

    private static Verdict? NoReaction(VerdictContext c)
    {
        var (left, right) = (c.Record.Rail.Changes.Left, c.Record.Rail.Changes.Right);
        return left.None + right.None == 0
            ? null
            : Practice(
                "NoReactionToChange",
                VerdictWord.Back,
                "no reaction to the change aid",
                "Sharpen first: canter-walk-canter, a livelier response, then ask again.",
                SessionChange.RungBack,
                "No reaction to the change aid is a matter of the leg",
                [$"to the left {left.None} of {left.All}", $"to the right {right.None} of {right.All}"]
            );
    }

    private static Verdict? LateOrShort(VerdictContext c)
    {
        var (left, right) = (c.Record.Rail.Changes.Left, c.Record.Rail.Changes.Right);
        var side = left.Late + left.ShortBehind > right.Late + right.ShortBehind ? "left" : "right";
        return left.Late + left.ShortBehind + right.Late + right.ShortBehind == 0
            ? null
            : Practice(
                "ChangeLateOrShort",
                VerdictWord.Adjust,
                $"changes late or short behind, mostly to the {side}",
                "Straighter, aids at the ordinary pace, away from the corner; look at the same hind in other work.",
                SessionChange.SameAgain,
                "A late change wants preparation, not force",
                [
                    $"to the left late {left.Late}, short {left.ShortBehind} of {left.All}",
                    $"to the right late {right.Late}, short {right.ShortBehind} of {right.All}",
                ]
            );
    }

    private static Verdict? GoodOnes(VerdictContext c)
    {
        var (left, right) = (c.Record.Rail.Changes.Left, c.Record.Rail.Changes.Right);
        return left.Clean + right.Clean == 0 || c.ChangesAreSure
            ? null
            : Practice(
                "OneGoodChange",
                VerdictWord.CarryOn,
                left.Clean + right.Clean == 1 ? "one good change" : $"{left.Clean + right.Clean} good changes",
                "Leave it overnight; repeat in a day or two.",
                SessionChange.SameAgain,
                "One or two good changes, then leave it overnight",
                [$"to the left {left.Clean}", $"to the right {right.Clean}"]
            );
    }

    /// <summary>Track, pace and hand are the rider's: the cause is logged, the horse is not marked down.</summary>
    private static Verdict? RidersDistance(VerdictContext c)
    {
        var causes = c.Record.Rail.Jumps.Causes.Where(x => x.Key is JumpCause.Track or JumpCause.Pace or JumpCause.Hand).ToList();
        return causes.Count == 0
            ? null
            : Practice(
                nameof(RidersDistance),
                VerdictWord.CarryOn,
                $"the rider's distance: {string.Join(", ", causes.Select(x => x.Key.ToString().ToLowerInvariant()))}",
                "Transitions on the flat first, then the same fence with the cause changed. The horse is not marked down.",
                SessionChange.SameAgain,
                "A distance held too much or short of pace is the rider's",
                [.. causes.Select(x => string.Create(CultureInfo.InvariantCulture, $"{x.Key.ToString().ToLowerInvariant()} {x.Value}"))]
            );
    }

    private static Verdict Practice(
        string rule,
        VerdictWord word,
        string seen,
        string @do,
        SessionChange change,
        string why,
        IReadOnlyList<string> inputs
    ) => new(rule, word, seen, @do, change, true, new Why(why, inputs, Source.CommonPractice));
}
