using Hippodrome.Core.Care;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>Rules that speak on what was seen or felt, on the flat, in hand and on the line.</summary>
internal static class SignRules
{
    private static readonly RideRule RunsThroughHand = Rules.OnSigns(
        "RunsThroughHand",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "A horse that runs through the hand is corrected softly",
        [Sign.RunsThroughHand],
        "ran through the hand",
        "Halt, soften, step back, soften; then back to work.",
        new("Halt, soften, step back, soften.", "Then back to work.")
    );

    private static readonly RideRule LeansOnHand = Rules.Practice(
        "LeansOnHand",
        Gravity.Ease,
        VerdictWord.Ease,
        SessionChange.SameAgain,
        "A kept angle does not excuse a horse that leans",
        c =>
            Rules.Also(
                Rules.SawAny(c.Record, [Sign.Leans], "leaned on the hand"),
                Rules.Words(c.Record, "leaned on the hand", AttemptWord.Leaned)
            ),
        "Fewer steps, less angle, taller and soft; then more power by degrees.",
        new("Fewer steps, less angle, taller and soft.", "Then more power by degrees.")
    );

    private static readonly RideRule NeckOnly = Rules.OnSigns(
        "NeckOnly",
        Gravity.Ease,
        VerdictWord.Ease,
        SessionChange.SameAgain,
        "Upright comes before bent",
        [Sign.NeckOnly],
        "bent in the neck only",
        "A larger circle, and no more bend than the bend card shows; a softer inside rein.",
        new("Larger circle, less bend.", "Upright first; a softer inside rein.")
    );

    private static readonly RideRule Crooked = Rules.OnSigns(
        "Crooked",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "Straight and forward comes first; a place that pulls is ridden before it pulls",
        [Sign.CrookedAgainstLeg, Sign.FallsIn, Sign.FallsOut, Sign.Bulges, Sign.QuartersSwing, Sign.AtTheGate],
        "crooked",
        "Straight and forward first; ride that place before it pulls.",
        new("Straight and forward first.", "Ride that place before it pulls.")
    );

    private static readonly RideRule LateDepart = Rules.Practice(
        "LateDepart",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "A dull depart is sharpened before any change is asked",
        c =>
            Rules.Also(
                Rules.SawAny(c.Record, [Sign.LateDepart], "late into canter"),
                Rules.Words(c.Record, "dull into canter", AttemptWord.Dull)
            ),
        "Forward until the depart is crisp, then changes.",
        new("Forward until the depart is crisp.", "Then changes.")
    );

    private static readonly RideRule Anticipates = Rules.OnSigns(
        "Anticipates",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.Vary,
        "What is known by heart is schooled elsewhere, as training and not as the test",
        [Sign.Anticipates],
        "anticipated",
        "Another place, ride on, halts elsewhere.",
        new("Another place; ride on.", "Halts elsewhere; as training, not as the test.")
    );

    private static readonly RideRule Stuck = Rules.OnSigns(
        "Stuck",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "A horse finds its balance by itself",
        [Sign.Stuck],
        "stuck, or out of balance",
        "Wait: let it find its balance, and never push.",
        new("Wait; let it find its balance.", "Never push.")
    );

    private static readonly RideRule Frightened = Rules.Practice(
        "Frightened",
        Gravity.Ease,
        VerdictWord.Ease,
        SessionChange.BackToWalk,
        "What frightens is met by itself, little by little and apart from work",
        c =>
        {
            var of = c
                .Record.Rail.Signs.Where(s => s is { Sign: Sign.Frightened, Of: not null, Counts: true })
                .Select(s => s.Of!.Value)
                .Distinct()
                .ToList();
            return Rules.SawAny(
                c.Record,
                [Sign.Frightened],
                of.Count == 0 ? "frightened" : $"frightened of {string.Join(" and ", of.Select(o => o.Say()))}"
            );
        },
        "Take it away, and back to the kind it was calm with, in walk. The other later: looked at first, little, apart from work.",
        new("Take it away; what it knows, in walk.", "Looked at first, little, and apart from work.")
    );

    private static readonly RideRule SoftAndReady = Rules.OnSigns(
        "SoftAndReady",
        Gravity.StopThere,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "Soft and answering at once is the aim, also before the minutes are up",
        [Sign.SoftAndReady],
        "soft, stretching, answered at once",
        "That was the aim: it ended well.",
        new("Soft and ready: end here, or the next question.", "Also before the minutes are up.")
    );

    /// <summary>Work is never used to make a horse quiet.</summary>
    private static readonly RideRule Blows = Rules.Practice(
        "Blows",
        Gravity.Tired,
        VerdictWord.Stop,
        SessionChange.CutWork,
        "A horse that blows or sweats beyond the work walks till it is quiet",
        c =>
            Rules.SawAny(c.Record, [Sign.Blows], "blew or sweated beyond the work") is { } seen
                ? c.Facts.RampFast is null
                    ? seen
                    : seen with
                    {
                        Change = SessionChange.HalveWork,
                        Do = "Walk till it is quiet; nobody mounts again today. Half of it next time.",
                    }
                : null,
        "Walk till it is quiet. Less next time: work is never used to make a horse quiet.",
        new("Walk till it is quiet.", "Nobody mounts again on a first day or in a return.") { InPart = false, Now = SessionChange.CutWork }
    );

    /// <summary>Once at something new is let go.</summary>
    private static readonly RideRule BucksOnce = Rules.Practice(
        "BucksOnce",
        Gravity.Adjust,
        VerdictWord.Adjust,
        SessionChange.SameAgain,
        "Once at something new: settle it and go on",
        c => Rules.SawAny(c.Record, [Sign.Bucks], "bucked or kicked out") is { Times: 1 } once ? once : null,
        "Settle it and go on: once at something new is nothing.",
        new("Settle it, and go on.", "Once at something new is nothing.") { InPart = false }
    );

    private static readonly RideRule BucksAgain = Rules.Practice(
        "BucksAgain",
        Gravity.HoldAndRefer,
        VerdictWord.Hold,
        SessionChange.SameAgain,
        "Bucking that is repeated is looked into: saddle, girth and back",
        c => Rules.SawAny(c.Record, [Sign.Bucks], "bucked or kicked out, and again") is { Times: > 1 } again ? again : null,
        "Saddle, girth and back are looked at before the next ride.",
        new("Again: look at saddle, girth and back.", "Walk meanwhile.") { InPart = false }
    ) with
    {
        Refers = new(ReferredTo.Saddler, WaitingWork.Nothing),
    };

    private static readonly RideRule VoiceNotAnswered = Rules.Practice(
        "VoiceNotAnswered",
        Gravity.Repeat,
        VerdictWord.Repeat,
        SessionChange.SameAgain,
        "The voice is answered before anything harder",
        c =>
            Rules.Also(
                Rules.SawAny(c.Record, [Sign.VoiceNotAnswered], "did not answer the voice"),
                Rules.NotGiven(c.Record, Movement.Voice, "did not answer the voice")
            ),
        "Walk and stretch, the other rein; nothing harder, and nobody mounts.",
        new("Walk and stretch, the other rein.", "Nothing harder, and nobody mounts.")
    );

    private static readonly RideRule QuartersSlide = Rules.Practice(
        "QuartersSlide",
        Gravity.Ease,
        VerdictWord.Ease,
        SessionChange.SameAgain,
        "Back is straight or not at all",
        c => Rules.Words(c.Record, "quarters slid while stepping back", AttemptWord.QuartersLeft, AttemptWord.QuartersRight),
        "Next time two steps, the head lower first; forward before it is crooked.",
        new("Forward before it is crooked.", "Next time two steps, the head lower first.")
    );

    /// <summary>What was let pass and has not come is asked another day.</summary>
    private static readonly RideRule LeftForAnotherDay = Rules.Practice(
        "LeftForAnotherDay",
        Gravity.GoOn,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "What was let pass and has not come since is asked another day",
        c =>
            LeftOpen(c.Record) is { Count: > 0 } open
                ? new Finding(open.Count, $"left for another day: {Rules.List(open)}", [.. open.Select(o => (FormattableString)$"{o}")])
                : null,
        "Ask it again in the next ride, once the horse is loose."
    );

    /// <summary>In the last third of the work, once the horse is calm.</summary>
    private static readonly RideRule AskAgain = Rules.Practice(
        "AskAgain",
        Gravity.Repeat,
        VerdictWord.Repeat,
        SessionChange.SameAgain,
        "What the warm-up let pass is asked again once the horse is loose",
        c =>
            c.InLastThird && c.Record.Tension is not [.., >= Tense] && LeftOpen(c.Record) is { Count: > 0 } open
                ? new Finding(open.Count, $"let pass: {Rules.List(open)}", [.. open.Select(o => (FormattableString)$"{o}")])
                : null,
        null,
        new("Loose now: ask again what was let pass.", "Once, quietly; what is still open waits for another day.")
        {
            InPart = false,
            SaysWhatWasSeen = true,
        }
    );

    private static readonly RideRule RidersSlip = Rules.Practice(
        "RidersSlip",
        Gravity.Rider,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "A slip of the rider's is not counted against the horse",
        c =>
        {
            var mine = c.Record.Rail.Signs.Count(s => s.Mine) + c.Record.Rail.Attempts.Count(a => a.Mine);
            return mine == 0
                ? null
                : new Finding(mine, $"the rider's own slip {Rules.Times(mine)}", $"the rider's own slip {Rules.Times(mine)}");
        },
        "Nothing of the horse's: the rider minds it in the next ride."
    );

    /// <summary>What was seen today and in earlier rides too is named with its count.</summary>
    private static readonly RideRule Again = new(
        "Again",
        Gravity.GoOn,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "What repeats is looked at as one thing, and not ride by ride",
        VerdictFigures.RepeatsFrom.Source
    )
    {
        Look = c =>
        {
            var running = c.Running.Take(VerdictFigures.RepeatRides.Value).ToList();
            var again = Seen(c.Record)
                .Select(what => (What: what, Rides: running.Count(r => Seen(r).Contains(what))))
                .Where(a => a.Rides >= VerdictFigures.RepeatsFrom.Value)
                .ToList();
            return again.Count == 0
                ? null
                : new Finding(
                    again.Count,
                    $"again: {Rules.List([.. again.Select(a => a.What)])}",
                    [.. again.Select(a => (FormattableString)$"{a.What} in {a.Rides} of the last {running.Count} rides")]
                );
        },
        Do = "Look at what repeats: the same side, place, bit, saddle or rider says where to look.",
        LooksBack = new LookBack(VerdictFigures.RepeatRides.Value - 1, 0, r => r.Rail.Signs.Any(s => !s.Mine)),
    };

    /// <summary>Signs of a ride with the side they were on; the rider's own slips are left out.</summary>
    private static IReadOnlyList<string> Seen(RideRecord record) =>
        [
            .. record
                .Rail.Signs.Where(s => !s.Mine && s.Sign is not (Sign.SoftAndReady or Sign.BreathesAndThinks))
                .Select(s => s.Side is { } side ? $"{s.Sign.Say()}, {side.Say()} side" : s.Sign.Say())
                .Distinct(),
        ];

    public static readonly RideRule[] All =
    [
        Blows,
        BucksAgain,
        LeansOnHand,
        NeckOnly,
        Frightened,
        QuartersSlide,
        SoftAndReady,
        VoiceNotAnswered,
        AskAgain,
        RunsThroughHand,
        Crooked,
        LateDepart,
        Anticipates,
        Stuck,
        BucksOnce,
        RidersSlip,
        Again,
        LeftForAnotherDay,
    ];

    private const int Tense = 3;

    private static IReadOnlyList<string> LeftOpen(RideRecord record) => record.Rail.LeftForAnotherDay;
}
