using System.Globalization;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>Rules for poles and fences.</summary>
internal static class PoleAndFenceRules
{
    public static readonly VerdictRule[] All =
    [
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
    ];

    private static Verdict? RanOut(VerdictContext c)
    {
        var runOuts = c.Record.Efforts.Left.RunOut + c.Record.Efforts.Right.RunOut;
        return runOuts == 0
            ? null
            : Practice(
                nameof(RanOut),
                VerdictWord.Ease,
                $"ran out {Times(runOuts)}",
                "Guide poles on both sides at once, the last width and height that were safe; guard the side it left by. Not again as it was today unless clean twice.",
                SessionChange.RungBack,
                "Any sideways jump puts the guides back",
                [$"{runOuts} run-outs"]
            );
    }

    private static Verdict? StoppedFromDoubt(VerdictContext c)
    {
        var stops = c.Record.Efforts.Left.Stop + c.Record.Efforts.Right.Stop;
        return stops == 0
            ? null
            : Practice(
                nameof(StoppedFromDoubt),
                VerdictWord.Ease,
                $"stopped {Times(stops)}",
                "Give it a fence it can walk over and help it across; then repeat until the third or fourth is easy.",
                SessionChange.RungBack,
                "A stop from doubt says the question was not understood",
                [$"{stops} stops"]
            );
    }

    private static Verdict? RushesPoles(VerdictContext c)
    {
        var (left, right) = (c.Record.Passes.Left, c.Record.Passes.Right);
        var rushed = left.Rushed + right.Rushed;
        return rushed == 0
            ? null
            : Practice(
                nameof(RushesPoles),
                VerdictWord.Ease,
                $"rushed the poles in {rushed} of {left.All + right.All} passes",
                "Back to walk over them; the next gait only when it is calm.",
                SessionChange.BackToWalk,
                "A horse that rushes poles goes back to walk over them",
                [$"left {left.Rushed} of {left.All}", $"right {right.Rushed} of {right.All}"]
            );
    }

    private static Verdict? RushesWorried(VerdictContext c) =>
        !c.Record.Saw(Sign.RushedWorried)
            ? null
            : Practice(
                nameof(RushesWorried),
                VerdictWord.Ease,
                "rushed, tight and worried",
                "Smaller and simpler until it trusts you again.",
                SessionChange.RungBack,
                "A worried horse rushes to have it over",
                ["rushed, worried"]
            );

    private static Verdict? RushesBold(VerdictContext c) =>
        !c.Record.Saw(Sign.RushedBold)
            ? null
            : Practice(
                nameof(RushesBold),
                VerdictWord.Repeat,
                "rushed, ears forward and bold",
                "Small fences, close take-off, jump after jump and no fight; it ends when it is settled.",
                SessionChange.SameAgain,
                "A bold horse settles by repetition",
                ["rushed, bold"]
            );

    private static Verdict? AddsAStride(VerdictContext c) =>
        !c.Record.Saw(Sign.AddedStride) || !c.HasSetUp
            ? null
            : Practice(
                nameof(AddsAStride),
                VerdictWord.Ease,
                "struggled with a short distance",
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"Lengthen by {VerdictFigures.LongerBy.Value * 100:0} cm (a foot), as far as the trade's range allows."
                ),
                SessionChange.Longer,
                "Distances fit this horse and widen the moment it struggles",
                ["added a stride, scrambled or struggled"]
            );

    private static Verdict? FliesFlat(VerdictContext c) =>
        !c.Record.Saw(Sign.FlatAndLong) || !c.HasSetUp
            ? null
            : Practice(
                nameof(FliesFlat),
                VerdictWord.Ease,
                "got long and flat",
                string.Create(CultureInfo.InvariantCulture, $"Shorten by {VerdictFigures.ShorterBy.Value * 100:0} cm, or add a pole."),
                SessionChange.Shorter,
                "A horse that flies needs less room, not more",
                ["long and flat"]
            );

    private static Verdict? Drifts(VerdictContext c)
    {
        var side =
            c.Record.Saw(Sign.DriftedLeft) ? "left"
            : c.Record.Saw(Sign.DriftedRight) ? "right"
            : null;
        return side is null
            ? null
            : Practice(
                nameof(Drifts),
                VerdictWord.Adjust,
                $"drifted {side}",
                $"A guide pole or a wing on the {side}.",
                SessionChange.SameAgain,
                "A guide on the side it drifts to",
                [$"drifted {side}"]
            );
    }

    private static Verdict? LandsOnWrongLead(VerdictContext c) =>
        !c.Record.Saw(Sign.WrongLead)
            ? null
            : Practice(
                nameof(LandsOnWrongLead),
                VerdictWord.Adjust,
                "landed on the wrong lead",
                "Change before the turn; if it is not through in time, a simple change.",
                SessionChange.SameAgain,
                "The lead is mended before the turn",
                ["wrong lead"]
            );

    /// <summary>Under three in ten: it learns from the pole. Nothing needs doing.</summary>
    private static Verdict? TouchesNowAndThen(VerdictContext c)
    {
        var (left, right) = (c.Record.Passes.Left, c.Record.Passes.Right);
        var touched = left.Touched + right.Touched;
        return touched == 0 || touched >= VerdictFigures.RegularKnocks.Value * (left.All + right.All)
            ? null
            : Practice(
                nameof(TouchesNowAndThen),
                VerdictWord.CarryOn,
                $"touched a pole in {touched} of {left.All + right.All} passes",
                "Nothing: a touch now and then teaches, and lifting the feet strengthens.",
                SessionChange.SameAgain,
                "A knock now and then is learning",
                [$"left {left.Touched} of {left.All}", $"right {right.Touched} of {right.All}"]
            );
    }

    private static Verdict? RubsOnce(VerdictContext c)
    {
        var rubs = c.Record.Efforts.Left.Rub + c.Record.Efforts.Right.Rub;
        return rubs != 1
            ? null
            : Practice(
                nameof(RubsOnce),
                VerdictWord.CarryOn,
                "rubbed a fence once",
                "Nothing: it teaches. A horse is never made to hit a fence.",
                SessionChange.SameAgain,
                "One rub is a lesson of its own",
                ["1 rub"]
            );
    }

    private static string Times(int n) =>
        n switch
        {
            1 => "once",
            2 => "twice",
            _ => $"{n} times",
        };

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
