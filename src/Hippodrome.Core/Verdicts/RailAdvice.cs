using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Verdicts;

/// <summary>What a recorder counts, so that advice comes while there is time for it, with or without a signal.</summary>
public enum RailTrigger
{
    /// <summary>Nothing needs to happen: it is said when the ride begins.</summary>
    Begin,
    Pain,
    RanOut,
    Stopped,
    RushedPoles,
    TouchedOnOneReinOnly,
    AddedStride,
    FlatAndLong,
    Drifted,
    RushedBold,
    RushedWorried,
    WrongLead,
    GoodChange,
    NoChange,
    LateChange,
    TenseAfterChange,
    TenseRunning,
    OverTheTop,
    Tired,
    TempoLost,
    RefusedYield,
    HeadUpShortNeck,
    BehindBitOrLeg,
    BrokeIntoCanter,
    Distracted,

    /// <summary>Fences, small ones and bounces counted half.</summary>
    EffortsCounted,

    /// <summary>The lower of the two reins' last marks in this part.</summary>
    MarkOnBothReins,
}

/// <summary>One line of advice for the rail.</summary>
/// <param name="Rule">The rule's name; where the same rule speaks after the ride, it bears the same.</param>
/// <param name="Trigger">What is counted.</param>
/// <param name="From">It is said once the count is this.</param>
/// <param name="Part">Only in this part of the plan; in any when null.</param>
/// <param name="InPart">The count begins anew with each part.</param>
/// <param name="Says">The line, large.</param>
/// <param name="Do">What to do.</param>
/// <param name="CanWait">"Not now" is offered.</param>
/// <param name="EndsRide">The ridden work ends with it.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record RailAdvice(string Rule, RailTrigger Trigger, double From, int? Part, bool InPart, string Says, string Do, bool CanWait, bool EndsRide, Why Why);

/// <summary>The rules of the saddle as a list that a device can carry to the arena.</summary>
public static class RailAdvices
{
    private static readonly RailAdvice[] Always =
    [
        new("OffOrSore", RailTrigger.Pain, 1, null, false, "Stop. Get off and call the vet.", "No more ridden work until a vet has cleared it, also if it goes again.", false, true,
            new Why("A sign of pain or lameness ends the work and goes to a vet", ["off, sore or heat in a leg"], Source.CommonPractice)),
        Practice("Tires", RailTrigger.Tired, 1, "It is tired: stop the work.", "Walk and finish. Next time stop earlier.", "Tired behind is a stop sign in every school") with { InPart = false },
        Practice("RanOut", RailTrigger.RanOut, 1, "Guide poles back on both sides.", "The last width that was safe; guard the side it left by. Not again as it was unless clean twice.", "Any sideways jump puts the guides back"),
        Practice("StoppedFromDoubt", RailTrigger.Stopped, 1, "Make it one it can walk over.", "Help it across; then repeat until the third or fourth is easy.", "A stop from doubt says the question was not understood"),
        Practice("RushesPoles", RailTrigger.RushedPoles, 1, "Back to walk over the poles.", "The next gait only when it is calm.", "A horse that rushes poles goes back to walk over them"),
        new("TouchesOneSideOnly", RailTrigger.TouchedOnOneReinOnly, VerdictFigures.OneSidedTouches.Value, null, false, "All its touches are on one rein: leave the poles.", "Have someone look: physiotherapist, chiropractor or vet.", true, false,
            new Why("Always the same rein points to the body", [FormattableString.Invariant($"{VerdictFigures.OneSidedTouches.Value} touches and none on the other rein")], VerdictFigures.OneSidedTouches.Source)),
        new("AddsAStride", RailTrigger.AddedStride, 1, null, true, string.Create(CultureInfo.InvariantCulture, $"Lengthen by {VerdictFigures.LongerBy.Value * 100:0} cm."), "It struggled with a short distance: a foot more room.", true, false,
            new Why("Distances fit this horse and widen the moment it struggles", ["added a stride, scrambled or struggled"], VerdictFigures.LongerBy.Source)),
        new("FliesFlat", RailTrigger.FlatAndLong, 1, null, true, string.Create(CultureInfo.InvariantCulture, $"Shorten by {VerdictFigures.ShorterBy.Value * 100:0} cm, or add a pole."), "It flew and got flat: less room.", true, false,
            new Why("A horse that flies needs less room, not more", ["long and flat"], VerdictFigures.ShorterBy.Source)),
        Practice("Drifts", RailTrigger.Drifted, 1, "A guide pole on the side it drifts to.", "A wing does as well.", "A guide on the side it drifts to"),
        Practice("RushesBold", RailTrigger.RushedBold, 1, "Small fences, again and again, no fight.", "It ends when it is settled.", "A bold horse settles by repetition"),
        Practice("RushesWorried", RailTrigger.RushedWorried, 1, "Smaller and simpler.", "Until it trusts you again.", "A worried horse rushes to have it over"),
        Practice("LandsOnWrongLead", RailTrigger.WrongLead, 1, "Change before the turn.", "If it is not through in time, a simple change.", "The lead is mended before the turn"),
        Practice("OneGoodChange", RailTrigger.GoodChange, 1, "A good one: praise it.", "One more at most, and leave it.", "One or two good changes, then leave it overnight"),
        Practice("TwoGoodChanges", RailTrigger.GoodChange, 2, "Two good ones: leave it there.", "Another day, in a day or two.", "One or two good changes, then leave it overnight"),
        Practice("NoReactionToChange", RailTrigger.NoChange, 1, "Sharpen first: canter-walk-canter.", "Livelier to the leg, then ask again.", "No reaction to the change aid is a matter of the leg"),
        Practice("ChangeLateOrShort", RailTrigger.LateChange, 1, "Straighter, and away from the corner.", "Prepare more; the aid at its ordinary pace.", "A late change wants preparation, not force"),
        Practice("SettleAfterChange", RailTrigger.TenseAfterChange, 1, "Settle: a circle, give and retake.", "Or a smooth halt, or walk on a long rein; then perhaps one more.", "Tension after a change is settled before the next"),
        Practice("OverTheTop", RailTrigger.OverTheTop, 1, "Stop that work.", "Something it can do, finish well, another day.", "Tension 4 ends that work"),
        Practice("TenseRunning", RailTrigger.TenseRunning, 2, "Twice tense: stop that work.", "Something it can do, finish well, another day.", "Two tense ones running end that work"),
        Practice("TempoLost", RailTrigger.TempoLost, 1, "Only a steady tempo until it is back.", "Nothing else is asked.", "When a later step fails, work goes back to the earliest: rhythm"),
        Practice("RefusesAYield", RailTrigger.RefusedYield, 1, "Two steps, praise, then four.", "A turn on the forehand explains it.", "Ask less, and praise the attempt"),
        Practice("HeadUpShortNeck", RailTrigger.HeadUpShortNeck, 1, "Rhythm first, then a longer neck.", "When it stretches, let it stretch fully.", "Back along the scale of training"),
        Practice("BehindBitOrLeg", RailTrigger.BehindBitOrLeg, 1, "Forward, with an open hand.", "Forward from the halt.", "Forward comes before anything else"),
        Practice("BreaksIntoCanter", RailTrigger.BrokeIntoCanter, 1, "Go with it; ask for more waiting next time.", "Breaking forwards is not punished.", "Breaking forwards is not punished"),
        Practice("Distracted", RailTrigger.Distracted, 1, "A circle, a halt, a step back.", "Then on.", "Attention first"),
    ];

    /// <summary>The advice that holds for a session: the rules of the saddle, its heat, its budget of efforts and the marks hoped for.</summary>
    public static IReadOnlyList<RailAdvice> For(Horse horse, SessionPlan? plan, HeatAdvice? heat)
    {
        ArgumentNullException.ThrowIfNull(horse);
        var budget = SessionFigures.MostEfforts(horse.Experience);
        return
        [
            .. Always,
            new("EffortBudget", RailTrigger.EffortsCounted, budget.Value, null, false, "Enough jumping for today.", "Finish on this one.", true, false, new Why("Fences in a session have a budget", [$"{budget.Value} for a horse at this stage"], budget.Source)),
            .. heat is { Care: >= HeatCare.Halve } ? [new RailAdvice("TooHot", RailTrigger.Begin, 0, null, false, $"Hot: {heat.Says}.", "Shade and water after.", true, false, heat.Why)] : (RailAdvice[])[],
            .. (plan?.Parts ?? []).Select((p, i) => (Part: p, i)).Where(p => p.Part.MarkHopedFor is not null).Select(p => new RailAdvice(
                "AimMet", RailTrigger.MarkOnBothReins, p.Part.MarkHopedFor!.Value.Value, p.i, true, "That was the aim: one repeat, and leave it.", "A session whose aim is met early ends there and counts as whole.", true, false,
                new Why("One confirming repeat tells skill from luck", [FormattableString.Invariant($"{p.Part.MarkHopedFor.Value.Value:0.#} hoped for on both reins")], Source.Chosen("an aim met early is met")))),
        ];
    }

    private static RailAdvice Practice(string rule, RailTrigger trigger, double from, string says, string @do, string why) =>
        new(rule, trigger, from, null, true, says, @do, true, false, new Why(why, [], Source.CommonPractice));
}
