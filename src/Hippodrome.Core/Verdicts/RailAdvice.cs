using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
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

    /// <summary>A fall of horse or rider.</summary>
    Fell,

    /// <summary>Touches told by leg in this ride, where one leg has its share of them.</summary>
    SameLeg,

    /// <summary>The same with those of earlier rides, once this ride has one.</summary>
    SameLegOverRides,

    /// <summary>Quickening once trot and canter have lasted longer than the advice says.</summary>
    QuickenedLate,
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
public sealed record RailAdvice(
    string Rule,
    RailTrigger Trigger,
    double From,
    int? Part,
    bool InPart,
    string Says,
    string Do,
    bool CanWait,
    bool EndsRide,
    Why Why
)
{
    /// <summary>Its place in the order of gravity, 0 the gravest: of those that speak, the gravest is shown.</summary>
    public required int Gravity { get; init; }

    /// <summary>Nothing is jumped any more in this ride.</summary>
    public bool EndsJumping { get; init; }

    /// <summary>The share that one leg has of the touches.</summary>
    public double? Share { get; init; }

    /// <summary>Touches told by leg in earlier rides, since somebody last looked.</summary>
    public IReadOnlyDictionary<Leg, int>? Earlier { get; init; }

    /// <summary>It is said once trot and canter together have lasted so long.</summary>
    public double? AfterMinutes { get; init; }
}

/// <summary>What earlier rides and the state of a horse add to the advice of the day.</summary>
/// <param name="Legs">Touches told by leg in rides before it, since somebody last looked.</param>
/// <param name="UsualFast">Minutes of trot and canter of its last rides.</param>
/// <param name="RampFast">Minutes of trot and canter that its return leaves; null where there is none.</param>
/// <param name="ChangesAreSure">Single flying changes are sure everywhere.</param>
public sealed record RailFacts(IReadOnlyList<LegsTold> Legs, IReadOnlyList<double> UsualFast, int? RampFast, bool ChangesAreSure)
{
    public static RailFacts None { get; } = new([], [], null, false);
}

/// <summary>The rules of the saddle as a list that a device can carry to the arena.</summary>
public static class RailAdvices
{
    private static readonly RailAdvice[] Always =
    [
        new(
            "Fall",
            RailTrigger.Fell,
            1,
            null,
            false,
            "No more jumping today.",
            "Look the horse over, legs and back; see to the rider. A knock to the head: no more riding today, and a doctor.",
            false,
            false,
            new Why("After a fall nothing is jumped that day", ["a fall"], Source.CommonPractice)
        )
        {
            Gravity = (int)Verdicts.Gravity.FallOrPain,
            EndsJumping = true,
        },
        new(
            "OffOrSore",
            RailTrigger.Pain,
            1,
            null,
            false,
            "Stop. Get off and call the vet.",
            "No work of any kind until a vet has cleared it, also if it goes again.",
            false,
            true,
            new Why(
                "A sign of pain or lameness ends the work and goes to a vet",
                ["off, sore, heat or swelling in a leg"],
                Source.CommonPractice
            )
        )
        {
            Gravity = (int)Verdicts.Gravity.FallOrPain,
        },
        Practice(
            "Tires",
            RailTrigger.Tired,
            1,
            "It is tired: stop the work.",
            "Walk and finish. Next time stop earlier.",
            "Tired behind is a stop sign in every school"
        ) with
        {
            InPart = false,
        },
        Practice(
            "RanOut",
            RailTrigger.RanOut,
            1,
            "Guide poles back on both sides.",
            "The last width that was safe; guard the side it left by. Not again as it was unless clean twice.",
            "Any sideways jump puts the guides back"
        ),
        Practice(
            "StoppedFromDoubt",
            RailTrigger.Stopped,
            1,
            "Make it one it can walk over.",
            "Help it across; then repeat until the third or fourth is easy.",
            "A stop from doubt says the question was not understood"
        ),
        Practice(
            "RushesPoles",
            RailTrigger.RushedPoles,
            1,
            "Back to walk over the poles.",
            "The next gait only when it is calm.",
            "A horse that rushes poles goes back to walk over them"
        ),
        new(
            "TouchesOneSideOnly",
            RailTrigger.TouchedOnOneReinOnly,
            VerdictFigures.OneSidedTouches.Value,
            null,
            false,
            "All its touches are on one rein: leave the poles.",
            "Have someone look: physiotherapist, chiropractor or vet.",
            true,
            false,
            new Why(
                "Always the same rein points to the body",
                [FormattableString.Invariant($"{VerdictFigures.OneSidedTouches.Value} touches and none on the other rein")],
                VerdictFigures.OneSidedTouches.Source
            )
        )
        {
            Gravity = (int)Verdicts.Gravity.HoldAndRefer,
        },
        new(
            "AddsAStride",
            RailTrigger.AddedStride,
            1,
            null,
            true,
            string.Create(CultureInfo.InvariantCulture, $"Lengthen by {VerdictFigures.LongerBy.Value * 100:0} cm."),
            "It struggled with a short distance: a foot more room.",
            true,
            false,
            new Why(
                "Distances fit this horse and widen the moment it struggles",
                ["added a stride, scrambled or struggled"],
                VerdictFigures.LongerBy.Source
            )
        )
        {
            Gravity = (int)Verdicts.Gravity.Ease,
        },
        new(
            "FliesFlat",
            RailTrigger.FlatAndLong,
            1,
            null,
            true,
            string.Create(CultureInfo.InvariantCulture, $"Shorten by {VerdictFigures.ShorterBy.Value * 100:0} cm, or add a pole."),
            "It flew and got flat: less room.",
            true,
            false,
            new Why("A horse that flies needs less room, not more", ["long and flat"], VerdictFigures.ShorterBy.Source)
        )
        {
            Gravity = (int)Verdicts.Gravity.Ease,
        },
        Practice(
            "Drifts",
            RailTrigger.Drifted,
            1,
            "A guide pole on the side it drifts to.",
            "A wing does as well.",
            "A guide on the side it drifts to"
        ),
        Practice(
            "RushesBold",
            RailTrigger.RushedBold,
            1,
            "Small fences, again and again, no fight.",
            "It ends when it is settled.",
            "A bold horse settles by repetition"
        ),
        Practice(
            "RushesWorried",
            RailTrigger.RushedWorried,
            1,
            "Smaller and simpler.",
            "Until it trusts you again.",
            "A worried horse rushes to have it over"
        ),
        Practice(
            "LandsOnWrongLead",
            RailTrigger.WrongLead,
            1,
            "Change before the turn.",
            "If it is not through in time, a simple change.",
            "The lead is mended before the turn"
        ),
        Practice(
            "OneGoodChange",
            RailTrigger.GoodChange,
            1,
            "A good one: praise it.",
            "One more at most, and leave it.",
            "One or two good changes, then leave it overnight"
        ),
        Practice(
            "TwoGoodChanges",
            RailTrigger.GoodChange,
            2,
            "Two good ones: leave it there.",
            "Another day, in a day or two.",
            "One or two good changes, then leave it overnight"
        ),
        Practice(
            "NoReactionToChange",
            RailTrigger.NoChange,
            1,
            "Sharpen first: canter-walk-canter.",
            "Livelier to the leg, then ask again.",
            "No reaction to the change aid is a matter of the leg"
        ),
        Practice(
            "ChangeLateOrShort",
            RailTrigger.LateChange,
            1,
            "Straighter, and away from the corner.",
            "Prepare more; the aid at its ordinary pace.",
            "A late change wants preparation, not force"
        ),
        Practice(
            "SettleAfterChange",
            RailTrigger.TenseAfterChange,
            1,
            "Settle: a circle, give and retake.",
            "Or a smooth halt, or walk on a long rein; then perhaps one more.",
            "Tension after a change is settled before the next"
        ),
        Practice(
            "OverTheTop",
            RailTrigger.OverTheTop,
            1,
            "Stop that work.",
            "Something it can do, finish well, another day.",
            "Tension 4 ends that work"
        ),
        Practice(
            "TenseRunning",
            RailTrigger.TenseRunning,
            2,
            "Twice tense: stop that work.",
            "Something it can do, finish well, another day.",
            "Two tense ones running end that work"
        ),
        Practice(
            "TempoLost",
            RailTrigger.TempoLost,
            1,
            "Only a steady tempo until it is back.",
            "Nothing else is asked.",
            "When a later step fails, work goes back to the earliest: rhythm"
        ),
        Practice(
            "RefusesAYield",
            RailTrigger.RefusedYield,
            1,
            "Two steps, praise, then four.",
            "A turn on the forehand explains it.",
            "Ask less, and praise the attempt"
        ),
        Practice(
            "HeadUpShortNeck",
            RailTrigger.HeadUpShortNeck,
            1,
            "Rhythm first, then a longer neck.",
            "When it stretches, let it stretch fully.",
            "Back along the scale of training"
        ),
        Practice(
            "BehindBitOrLeg",
            RailTrigger.BehindBitOrLeg,
            1,
            "Forward, with an open hand.",
            "Forward from the halt.",
            "Forward comes before anything else"
        ),
        Practice(
            "BreaksIntoCanter",
            RailTrigger.BrokeIntoCanter,
            1,
            "Go with it; ask for more waiting next time.",
            "Breaking forwards is not punished.",
            "Breaking forwards is not punished"
        ),
        Practice("Distracted", RailTrigger.Distracted, 1, "A circle, a halt, a step back.", "Then on.", "Attention first"),
    ];

    /// <summary>The advice that holds for a session: the rules of the saddle, its heat, its budget of efforts, the marks hoped for, and what earlier rides add.</summary>
    public static IReadOnlyList<RailAdvice> For(Horse horse, SessionPlan? plan, HeatAdvice? heat, RailFacts facts)
    {
        ArgumentNullException.ThrowIfNull(horse);
        ArgumentNullException.ThrowIfNull(facts);
        var budget = SessionFigures.MostEfforts(horse.Experience);
        return
        [
            .. Always.Where(a => !facts.ChangesAreSure || a.Trigger != RailTrigger.GoodChange),
            MayBeTired(facts),
            .. OfTheLegs(facts),
            new(
                "EffortBudget",
                RailTrigger.EffortsCounted,
                budget.Value,
                null,
                false,
                "Enough jumping for today.",
                "Finish on this one.",
                true,
                false,
                new Why("Fences in a session have a budget", [$"{budget.Value} for a horse at this stage"], budget.Source)
            )
            {
                Gravity = (int)Verdicts.Gravity.Budget,
            },
            .. heat is { Care: >= HeatCare.Halve }
                ?
                [
                    new RailAdvice(
                        "TooHot",
                        RailTrigger.Begin,
                        0,
                        null,
                        false,
                        $"Hot: {heat.Says}.",
                        "Shade and water after.",
                        true,
                        false,
                        heat.Why
                    )
                    {
                        Gravity = (int)Verdicts.Gravity.Heat,
                    },
                ]
                : (RailAdvice[])[],
            .. (plan?.Parts ?? [])
                .Select((p, i) => (Part: p, i))
                .Where(p => p.Part.MarkHopedFor is not null)
                .Select(p => new RailAdvice(
                    "AimMet",
                    RailTrigger.MarkOnBothReins,
                    p.Part.MarkHopedFor!.Value.Value,
                    p.i,
                    true,
                    "That was the aim: one repeat, and leave it.",
                    "A session whose aim is met early ends there and counts as whole.",
                    true,
                    false,
                    new Why(
                        "One confirming repeat tells skill from luck",
                        [FormattableString.Invariant($"{p.Part.MarkHopedFor.Value.Value:0.#} hoped for on both reins")],
                        Source.Chosen("an aim met early is met")
                    )
                )
                {
                    Gravity = (int)Verdicts.Gravity.StopThere,
                }),
        ];
    }

    /// <summary>Quickening late in a ride is offered as tiredness first: after the least of twenty minutes, what it usually does, and what its return leaves.</summary>
    private static RailAdvice MayBeTired(RailFacts facts)
    {
        var usual = facts.UsualFast.Take(VerdictFigures.FastRides.Value).Order().ToList();
        double? median = usual.Count == 0 ? null : (usual[(usual.Count - 1) / 2] + usual[usual.Count / 2]) / 2;
        var after = new[] { VerdictFigures.LeastFastMinutes.Value, median, facts.RampFast }.OfType<double>().Min();
        return new RailAdvice(
            "MayBeTired",
            RailTrigger.QuickenedLate,
            1,
            null,
            false,
            "Quicker: is it tired? Then stop the work.",
            "Late, on the forehand, breaking: tired behind. Not tired: only a steady tempo until it is back.",
            true,
            false,
            new Why(
                "Late in a ride quickening is read as tired first",
                [FormattableString.Invariant($"after {after:0.#} minutes of trot and canter")],
                VerdictFigures.LeastFastMinutes.Source
            )
        )
        {
            Gravity = (int)Verdicts.Gravity.Tired,
            AfterMinutes = after,
        };
    }

    private static RailAdvice[] OfTheLegs(RailFacts facts)
    {
        var earlier = facts.Legs.SelectMany(l => l.Touches).GroupBy(t => t.Key).ToDictionary(g => g.Key, g => g.Sum(t => t.Value));
        RailAdvice Leg(string rule, RailTrigger trigger, int from, string says, string @do) =>
            new(
                rule,
                trigger,
                from,
                null,
                false,
                says,
                @do,
                true,
                false,
                new Why(
                    "Three in four or more by the same leg point to the body",
                    [.. earlier.Select(e => $"{e.Key.Say()}: {e.Value} in earlier rides")],
                    VerdictFigures.SameLegShare.Source
                )
            )
            {
                Gravity = (int)Verdicts.Gravity.HoldAndRefer,
                Share = VerdictFigures.SameLegShare.Value,
                Earlier = trigger == RailTrigger.SameLegOverRides ? earlier : null,
            };
        var today = Leg(
            "SameLegToday",
            RailTrigger.SameLeg,
            VerdictFigures.SameLegInOne.Value,
            "The same leg again and again: no more poles today.",
            "Trot it up in hand: is it level?"
        );
        return earlier.Count == 0
            ? [today]
            :
            [
                today,
                Leg(
                    "TheSameLeg",
                    RailTrigger.SameLegOverRides,
                    VerdictFigures.SameLegTouches.Value,
                    "The same leg as in earlier rides: leave poles and fences.",
                    "A physiotherapist or vet looks at it; flatwork goes on unless it is off."
                ),
            ];
    }

    private static RailAdvice Practice(string rule, RailTrigger trigger, double from, string says, string @do, string why) =>
        new(rule, trigger, from, null, true, says, @do, true, false, new Why(why, [], Source.CommonPractice))
        {
            Gravity = (int)Gravities.Of(rule, WordOf(rule)),
        };

    /// <summary>What is said at the rail under a name that no verdict bears.</summary>
    private static VerdictWord WordOf(string rule) =>
        rule switch
        {
            "RushesPoles" or "RushesWorried" => VerdictWord.Ease,
            "NoReactionToChange" => VerdictWord.Back,
            "RushesBold" => VerdictWord.Repeat,
            _ => VerdictWord.Adjust,
        };
}
