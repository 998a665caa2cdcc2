using System.Globalization;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Verdicts;

/// <summary>Rules that protect the horse's body. They lead whatever else was good.</summary>
public static class SoundnessRules
{
    internal static readonly VerdictRule[] All =
    [
        Fall,
        OffOrSore,
        TheSameLeg,
        SameLegToday,
        KnocksRegularly,
        TouchesOneSideOnly,
        TooHot,
        Tires,
    ];

    private static readonly Dictionary<Sign, string> PainWords = new()
    {
        [Sign.OffOrUnlevel] = "off or unlevel",
        [Sign.SoreBack] = "sore in the back",
        [Sign.HeatInLeg] = "heat or swelling in a leg",
    };

    /// <summary>The signs of pain among these, in words; null when there is none.</summary>
    public static string? SaysPain(IEnumerable<Sign> signs)
    {
        var words = signs.Where(PainWords.ContainsKey).Select(s => PainWords[s]).Distinct().ToList();
        return words.Count == 0 ? null : string.Join(", ", words);
    }

    /// <summary>The signs of pain of a record that a vet has not entered as old and known, in words; null when there is none.</summary>
    public static string? SaysPain(RideRecord record)
    {
        ArgumentNullException.ThrowIfNull(record);
        return SaysPain(record.Signs.Where(s => !s.Known).Select(s => s.Sign));
    }

    /// <summary>Any sign of pain ends the work and goes to a vet, also when it has gone before anyone could look.</summary>
    private static Verdict? OffOrSore(VerdictContext c)
    {
        var seen = SaysPain(c.Record);
        return seen is null
            ? null
            : new Verdict(
                nameof(OffOrSore),
                VerdictWord.End,
                seen,
                "End the work and call the vet. No work of any kind until a vet has cleared it; then the lunge, the long lines, the saddle, and one rung down.",
                SessionChange.NoRiddenWork,
                false,
                new Why(
                    "A sign of pain or lameness ends the work and goes to a vet, even if it has gone again",
                    [seen],
                    Source.CommonPractice
                )
            );
    }

    /// <summary>A fall ends the jumping; the horse is looked over and the rider seen to.</summary>
    private static Verdict? Fall(VerdictContext c)
    {
        var falls = c.Record.Rail.Falls;
        return falls.Count == 0
            ? null
            : new Verdict(
                nameof(Fall),
                VerdictWord.End,
                falls.Any(f => f.Who != Faller.Rider) ? "the horse fell" : "the rider fell",
                $"The jumping is over for today. Look the horse over, legs and back, and see how both are tomorrow.{(falls.Any(f => f.Head) ? " A knock to the head: no more riding today, and a doctor." : "")}",
                SessionChange.WalkOnly,
                false,
                new Why(
                    "After a fall nothing is jumped that day, and the next day somebody asks how both are",
                    [.. falls.Select(f => f.Head ? "with a knock to the head" : "no knock to the head")],
                    Source.CommonPractice
                )
            );
    }

    /// <summary>Over four weeks: poles and fences wait until somebody has looked; the flat goes on unless it is off.</summary>
    private static Verdict? TheSameLeg(VerdictContext c) =>
        c.Record.Rail.TouchedLegs.Count == 0 || SameLeg.Over(c.Legs, c.On) is not { } leg
            ? null
            : new Verdict(
                nameof(TheSameLeg),
                VerdictWord.Hold,
                leg.Says,
                "Leave poles and fences until a physiotherapist or vet has looked at it; flatwork goes on unless it is off.",
                SessionChange.NoPoles,
                true,
                leg.Why
            );

    /// <summary>In one ride: the poles are over for the day.</summary>
    private static Verdict? SameLegToday(VerdictContext c) =>
        SameLeg.InOne(new LegsTold(c.On, c.Record.Rail.TouchedLegs)) is not { } leg
            ? null
            : new Verdict(
                nameof(SameLegToday),
                VerdictWord.Hold,
                leg.Says,
                "No more poles that day: trot up in hand and see whether it is level.",
                SessionChange.NoPoles,
                true,
                leg.Why
            );

    /// <summary>Three in ten poles crossed or more touched, three sessions running, and not becoming fewer: weakness or soreness, not carelessness.</summary>
    private static Verdict? KnocksRegularly(VerdictContext c)
    {
        var sessions = c
            .Running.Take(VerdictFigures.LookedThrough.Value + 1)
            .Where(HasPasses)
            .Take(VerdictFigures.KnockSessions.Value)
            .ToList();
        var shares = sessions.ConvertAll(TouchedShare);
        var falling = shares.Zip(shares.Skip(1)).All(s => s.First < s.Second);
        var all =
            sessions.Count == VerdictFigures.KnockSessions.Value
            && shares.TrueForAll(s => s >= VerdictFigures.RegularKnocks.Value)
            && !falling;
        return !HasPasses(c.Record) || !all
            ? null
            : new Verdict(
                nameof(KnocksRegularly),
                VerdictWord.Hold,
                "poles touched regularly, three sessions running",
                "Leave poles and have the physiotherapist, chiropractor or vet look: it may be weakness or soreness.",
                SessionChange.NoPoles,
                true,
                new Why(
                    "Three in ten poles crossed or more, three sessions running",
                    [.. sessions.Select(SayTouched)],
                    VerdictFigures.RegularKnocks.Source
                )
            );
    }

    /// <summary>Touches all on one rein while both were ridden.</summary>
    private static Verdict? TouchesOneSideOnly(VerdictContext c)
    {
        var (left, right) = (c.Record.Passes.Left, c.Record.Passes.Right);
        var limit = VerdictFigures.OneSidedTouches.Value;
        var oneSided =
            left.All > 0
            && right.All > 0
            && ((left.Touched >= limit && right.Touched == 0) || (right.Touched >= limit && left.Touched == 0));
        return !oneSided
            ? null
            : new Verdict(
                nameof(TouchesOneSideOnly),
                VerdictWord.Hold,
                $"touched only on the {(left.Touched > 0 ? "left" : "right")} rein: left {left.Touched} of {left.All}, right {right.Touched} of {right.All}",
                "No more poles on that rein until someone has looked: physiotherapist, chiropractor or vet.",
                SessionChange.NoPoles,
                true,
                new Why(
                    "Always the same rein points to the body",
                    [$"left {left.Touched} of {left.All}", $"right {right.Touched} of {right.All}"],
                    VerdictFigures.OneSidedTouches.Source
                )
            );
    }

    private static Verdict? TooHot(VerdictContext c)
    {
        var heat = c.Heat;
        var change = heat?.Care switch
        {
            HeatCare.Halve => SessionChange.HalveWork,
            HeatCare.WalkOnly or HeatCare.None => SessionChange.WalkOnly,
            _ => (SessionChange?)null,
        };
        return change is null
            ? null
            : new Verdict(
                nameof(TooHot),
                VerdictWord.Cut,
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"hot and humid: {c.Record.Weather!.TemperatureC:0.#} °C, {c.Record.Weather.HumidityPercent:0} %"
                ),
                $"While it lasts: {heat!.Says}. Ride early, shade and water after.",
                change.Value,
                true,
                heat.Why
            );
    }

    /// <summary>Falls on the forehand, gets quick, breaks: tired. Stop, and stop earlier next time.</summary>
    private static Verdict? Tires(VerdictContext c) =>
        !c.Record.Saw(Sign.Tired)
            ? null
            : new Verdict(
                nameof(Tires),
                VerdictWord.Stop,
                "it tired",
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"Walk and finish. Next time cut the work by {VerdictFigures.CutWhenTired.Value:P0}, so that it ends before it tires."
                ),
                SessionChange.CutWork,
                true,
                new Why(
                    "Tired behind is a stop sign in every school",
                    [string.Create(CultureInfo.InvariantCulture, $"{c.Record.Minutes:0} minutes ridden")],
                    VerdictFigures.CutWhenTired.Source
                )
            );

    internal static bool HasPasses(RideRecord record) => record.Passes.Left.All + record.Passes.Right.All > 0;

    private static double TouchedShare(RideRecord record) => record.Crossed == 0 ? 0 : (double)record.Touches / record.Crossed;

    private static string SayTouched(RideRecord record) => $"{record.Touches} touches of {record.Crossed} poles crossed";
}
