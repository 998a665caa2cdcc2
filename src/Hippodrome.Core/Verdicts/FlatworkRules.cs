using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>Rules for the flat, for tension, and for the closing test.</summary>
internal static class FlatworkRules
{
    private const string StopThatWork =
        "Stop that work, do something it can do, and finish well. Another day, and not tomorrow if it has happened twice.";

    private static readonly RideRule OverTheTop = Rules.Practice(
        "OverTheTop",
        Gravity.Danger,
        VerdictWord.Stop,
        SessionChange.RungBack,
        "Tension 4 ends that work",
        c => Boils(c, c.Record.Tension.Count(t => t == 4), "over the top"),
        StopThatWork,
        new("Stop that work.", "Something it can do, finish well, another day.")
    );

    private static readonly RideRule TenseRunning = Rules.Practice(
        "TenseRunning",
        Gravity.Danger,
        VerdictWord.Stop,
        SessionChange.RungBack,
        "Two tense ones running end that work",
        c => Boils(c, c.Record.Counts.TenseRunning, "tense twice running"),
        StopThatWork,
        new("Twice tense: stop that work.", "Something it can do, finish well, another day.")
    );

    private static readonly RideRule ClosingTestFailed = Rules.Practice(
        "ClosingTestFailed",
        Gravity.Ease,
        VerdictWord.Ease,
        SessionChange.RungBack,
        "A horse that does not stretch when the reins are dropped was asked too much",
        c => c.Record.ClosingTestPassed == false ? new Finding(1, "the closing test was not passed", $"closing test not passed") : null,
        "What was asked was too much: ease it next time."
    );

    /// <summary>A walk that hurries, and a gallop that is strung out between fences, have lost their tempo too.</summary>
    private static readonly RideRule TempoLost = Rules.Practice(
        "TempoLost",
        Gravity.Ease,
        VerdictWord.Back,
        SessionChange.RungBack,
        "When a later step fails, work goes back to the earliest: rhythm",
        c =>
        {
            var strung = c.Record.Rail.Travels.GetValueOrDefault(TravelHow.StrungOut);
            return Rules.Also(
                Rules.Also(
                    Rules.Saw(c.Record, Sign.TempoLost, "the tempo was lost"),
                    Rules.Words(c.Record, "the walk hurried", AttemptWord.Hurries)
                ),
                strung == 0 ? null : new Finding(strung, "strung out between fences", $"strung out {Rules.Times(strung)}")
            );
        },
        "A steady tempo is the only work until it returns.",
        new("Only a steady tempo until it is back.", "Nothing else is asked.")
    );

    /// <summary>Fussing, bracing, coming up when the rein is given, and not stretching are one thing: looseness is missing.</summary>
    private static readonly RideRule HeadUpShortNeck = Rules.Practice(
        "HeadUpShortNeck",
        Gravity.Ease,
        VerdictWord.Back,
        SessionChange.SameAgain,
        "Back along the scale of training",
        c =>
            Rules.Also(
                Rules.Also(
                    Rules.SawAny(c.Record, [Sign.HeadUpShortNeck, Sign.Braced, Sign.Mouth], "fussed, head up and neck short"),
                    Rules.Words(c.Record, "came up when the rein was given", AttemptWord.CameUp)
                ),
                Rules.NotGiven(c.Record, Movement.Stretch, "did not stretch")
            ),
        "Rhythm first, then looseness and a reaching contact; when it stretches, let it stretch fully.",
        new("Rhythm first, then a longer neck.", "When it stretches, let it stretch fully.")
    );

    private static readonly RideRule BehindBitOrLeg = Rules.Practice(
        "BehindBitOrLeg",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "Forward comes before anything else",
        c =>
        {
            var (bit, leg) = (c.Record.Counts.Signs.ContainsKey(Sign.BehindTheBit), c.Record.Counts.Signs.ContainsKey(Sign.BehindTheLeg));
            var seen =
                bit == leg ? "behind the bit or the leg"
                : bit ? "behind the bit"
                : "behind the leg";
            return Rules.Also(
                Rules.SawAny(c.Record, [Sign.BehindBitOrLeg, Sign.BehindTheBit, Sign.BehindTheLeg], seen),
                Rules.Words(c.Record, "a short walk", AttemptWord.Short)
            );
        },
        "Forward: an open hand, and forward from the halt.",
        new("Forward, with an open hand.", "Forward from the halt.")
    );

    private static readonly RideRule RefusesAYield = Rules.Practice(
        "RefusesAYield",
        Gravity.Ease,
        VerdictWord.Ease,
        SessionChange.SameAgain,
        "Ask less, and praise the attempt",
        c =>
        {
            var none = c.Record.Counts.YieldsRefused;
            var told = Rules.Saw(c.Record, Sign.RefusedYield, "refused to yield");
            var found =
                told is not null ? told with { Times = told.Times + none }
                : none > 0 ? new Finding(none, "refused to yield", $"no step given {Rules.Times(none)}")
                : null;
            return found is null || !c.Facts.Ways.Are(ApproachQuestion.Insisting, Approach.ATouch)
                ? found
                : found with
                {
                    Says = "A touch that says where; praise one step.",
                    Do = "A touch of the whip where the leg asked, never a punishment; praise the first step.",
                };
        },
        "Two steps, praise, then four; a turn on the forehand explains it.",
        new("Two steps, praise, then four.", "A turn on the forehand explains it.")
    );

    private static readonly RideRule BreaksIntoCanter = Rules.OnSign(
        "BreaksIntoCanter",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "Breaking forwards is not punished",
        Sign.BrokeIntoCanter,
        "broke into canter",
        "Go with it, and ask for more waiting next time.",
        new("Go with it; ask for more waiting next time.", "Breaking forwards is not punished.")
    );

    private static readonly RideRule Distracted = Rules.OnSign(
        "Distracted",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "Attention first",
        Sign.Distracted,
        "looked elsewhere",
        "Regain it: a circle, a halt, a step back.",
        new("A circle, a halt, a step back.", "Then on.")
    );

    private static readonly RideRule Spooks = Rules.OnSign(
        "Spooks",
        Gravity.GoOn,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "A horse that comes back is learning to look",
        Sign.Spooked,
        "spooked a little and came back",
        "Nothing but the note."
    );

    public static readonly RideRule[] All =
    [
        OverTheTop,
        TenseRunning,
        ClosingTestFailed,
        TempoLost,
        HeadUpShortNeck,
        BehindBitOrLeg,
        RefusesAYield,
        BreaksIntoCanter,
        Distracted,
        Spooks,
    ];

    /// <summary>Over flying changes it is the changes that go, else the rung.</summary>
    private static Finding? Boils(VerdictContext c, int times, string seen) =>
        times == 0
            ? null
            : new Finding(times, seen, [.. c.Record.Tension.Select(t => (FormattableString)$"tension {t}")])
            {
                Change = c.Record.Rail.Changes.Left.All + c.Record.Rail.Changes.Right.All > 0 ? SessionChange.NoChanges : null,
            };
}
