using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>Rules for the flat, for tension, and for the closing test.</summary>
internal static class FlatworkRules
{
    public static readonly VerdictRule[] All =
    [
        OverTheTop,
        ClosingTestFailed,
        TempoLost,
        HeadUpShortNeck,
        BehindBitOrLeg,
        RefusesAYield,
        BreaksIntoCanter,
        Distracted,
        Spooks,
    ];

    /// <summary>Tension 4, or two readings of 3 running: stop that work and finish well.</summary>
    private static Verdict? OverTheTop(VerdictContext c)
    {
        var tension = c.Record.Tension;
        var twoTense = tension.Zip(tension.Skip(1)).Any(pair => pair is { First: >= 3, Second: >= 3 });
        return !tension.Contains(4) && !twoTense
            ? null
            : Practice(
                nameof(OverTheTop),
                VerdictWord.Stop,
                tension.Contains(4) ? "over the top" : "tense twice running",
                "Stop that work, do something it can do, and finish well. Another day, and not tomorrow if it has happened twice.",
                c.Record.Rail.Changes.Left.All + c.Record.Rail.Changes.Right.All > 0 ? SessionChange.NoChanges : SessionChange.RungBack,
                "Tension 4, or two tense ones running, ends that work",
                [.. tension.Select(t => $"tension {t}")]
            );
    }

    private static Verdict? ClosingTestFailed(VerdictContext c) =>
        c.Record.ClosingTestPassed != false
            ? null
            : Practice(
                nameof(ClosingTestFailed),
                VerdictWord.Ease,
                "the closing test was not passed",
                "What was asked was too much: ease it next time.",
                SessionChange.RungBack,
                "A horse that does not stretch when the reins are dropped was asked too much",
                ["closing test not passed"]
            );

    private static Verdict? TempoLost(VerdictContext c) =>
        When(
            c,
            Sign.TempoLost,
            nameof(TempoLost),
            VerdictWord.Back,
            "the tempo was lost",
            "A steady tempo is the only work until it returns.",
            SessionChange.RungBack,
            "When a later step fails, work goes back to the earliest: rhythm"
        );

    private static Verdict? HeadUpShortNeck(VerdictContext c) =>
        When(
            c,
            Sign.HeadUpShortNeck,
            nameof(HeadUpShortNeck),
            VerdictWord.Back,
            "fussed, head up and neck short",
            "Rhythm first, then looseness and a reaching contact; when it stretches, let it stretch fully.",
            SessionChange.SameAgain,
            "Back along the scale of training"
        );

    private static Verdict? BehindBitOrLeg(VerdictContext c) =>
        When(
            c,
            Sign.BehindBitOrLeg,
            nameof(BehindBitOrLeg),
            VerdictWord.Adjust,
            "behind the bit or the leg",
            "Forward: an open hand, and forward from the halt.",
            SessionChange.SameAgain,
            "Forward comes before anything else"
        );

    private static Verdict? RefusesAYield(VerdictContext c) =>
        When(
            c,
            Sign.RefusedYield,
            nameof(RefusesAYield),
            VerdictWord.Ease,
            "refused to yield",
            "Two steps, praise, then four; a turn on the forehand explains it.",
            SessionChange.SameAgain,
            "Ask less, and praise the attempt"
        );

    private static Verdict? BreaksIntoCanter(VerdictContext c) =>
        When(
            c,
            Sign.BrokeIntoCanter,
            nameof(BreaksIntoCanter),
            VerdictWord.Adjust,
            "broke into canter",
            "Go with it, and ask for more waiting next time.",
            SessionChange.SameAgain,
            "Breaking forwards is not punished"
        );

    private static Verdict? Distracted(VerdictContext c) =>
        When(
            c,
            Sign.Distracted,
            nameof(Distracted),
            VerdictWord.Adjust,
            "looked elsewhere",
            "Regain it: a circle, a halt, a step back.",
            SessionChange.SameAgain,
            "Attention first"
        );

    private static Verdict? Spooks(VerdictContext c) =>
        When(
            c,
            Sign.Spooked,
            nameof(Spooks),
            VerdictWord.CarryOn,
            "spooked a little and came back",
            "Nothing but the note.",
            SessionChange.SameAgain,
            "A horse that comes back is learning to look"
        );

    private static Verdict? When(
        VerdictContext c,
        Sign sign,
        string rule,
        VerdictWord word,
        string seen,
        string @do,
        SessionChange change,
        string why
    )
    {
        var rein = c.Record.Signs.FirstOrDefault(s => s.Sign == sign)?.Rein;
        return !c.Record.Saw(sign)
            ? null
            : Practice(
                rule,
                word,
                seen,
                @do,
                change,
                why,
                [rein is null ? seen : $"{seen} on the {rein.ToString()!.ToLowerInvariant()} rein"]
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
