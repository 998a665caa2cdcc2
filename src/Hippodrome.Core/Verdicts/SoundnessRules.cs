using System.Globalization;
using Hippodrome.Core.Care;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Verdicts;

/// <summary>Rules that protect the horse's body. They lead whatever else was good.</summary>
public static class SoundnessRules
{
    /// <summary>The flat goes on unless it is off.</summary>
    private static readonly Refers ToThePhysiotherapist = new(ReferredTo.Physiotherapist, WaitingWork.PolesAndFences);

    /// <summary>Any sign of pain ends the work and goes to a vet, also when it has gone before anyone could look.</summary>
    internal static readonly RideRule OffOrSore = new(
        "OffOrSore",
        Gravity.FallOrPain,
        VerdictWord.End,
        SessionChange.NoRiddenWork,
        "A sign of pain or lameness ends the work and goes to a vet, even if it has gone again",
        Source.CommonPractice
    )
    {
        Look = c =>
            SaysPain(c.Record) is { } seen
                ? new Finding(c.Record.Counts.NewSigns.Where(s => s.Key.IsPain()).Sum(s => s.Value), seen, $"{seen}")
                : null,
        Do =
            "End the work and call the vet. No work of any kind until a vet has cleared it; "
            + "then the lunge, the long lines, the saddle, and one rung down.",
        Rail = new RailLine("Stop. Get off and call the vet.", "No work of any kind until a vet has cleared it, also if it goes again.")
        {
            InPart = false,
            CanWait = false,
            EndsRide = true,
        },
        CanBeOverruled = false,
        Refers = new(ReferredTo.Vet, WaitingWork.Nothing),
    };

    private const string LookItOver = "The jumping is over for today. Look the horse over, legs and back, and see how both are tomorrow.";

    /// <summary>A fall ends the jumping; the horse is looked over and the rider seen to.</summary>
    internal static readonly RideRule Fall = new(
        "Fall",
        Gravity.FallOrPain,
        VerdictWord.End,
        SessionChange.WalkOnly,
        "After a fall nothing is jumped that day, and the next day somebody asks how both are",
        Source.CommonPractice
    )
    {
        Look = c =>
        {
            var falls = c.Record.Rail.Falls;
            return falls.Count == 0
                ? null
                : new Finding(
                    falls.Count,
                    falls.Any(f => f.Who != Faller.Rider) ? "the horse fell" : "the rider fell",
                    [.. falls.Select(f => (FormattableString)$"{(f.Head ? "with a knock to the head" : "no knock to the head")}")]
                )
                {
                    Do = falls.Any(f => f.Head) ? $"{LookItOver} A knock to the head: no more riding today, and a doctor." : null,
                };
        },
        Do = LookItOver,
        Rail = new RailLine(
            "No more jumping today.",
            "Look the horse over, legs and back; see to the rider. A knock to the head: no more riding today, and a doctor."
        )
        {
            InPart = false,
            CanWait = false,
            EndsJumping = true,
        },
        CanBeOverruled = false,
    };

    /// <summary>While it is hot; at the rail from the beginning on.</summary>
    private static readonly RideRule TooHot = new("TooHot", RulesOfWork.Heat, VerdictWord.Cut, SessionChange.HalveWork)
    {
        Look = c =>
            c.Heat is not { Care: >= HeatCare.Halve } heat
                ? null
                : new Finding(1, HowHot(c, heat))
                {
                    Says = $"Hot: {heat.Says}.",
                    Do = $"While it lasts: {heat.Says}. Ride early, shade and water after.",
                    Change = heat.Care == HeatCare.Halve ? SessionChange.HalveWork : SessionChange.WalkOnly,
                    Why = heat.Why,
                },
        Do = "Less while it lasts. Ride early, shade and water after.",
        Rail = new RailLine("Hot.", "Shade and water after.") { InPart = false },
    };

    /// <summary>Falls on the forehand, gets quick, breaks: tired. Stop, and stop earlier next time.</summary>
    private static readonly RideRule Tires = new(
        "Tires",
        Gravity.Tired,
        VerdictWord.Stop,
        SessionChange.CutWork,
        "Tired behind is a stop sign in every school",
        VerdictFigures.CutWhenTired.Source
    )
    {
        Look = c =>
            TiredTimes(c.Record) is > 0 and var times ? new Finding(times, "it tired", $"{c.Record.Minutes:0} minutes ridden") : null,
        Do = string.Create(
            CultureInfo.InvariantCulture,
            $"Walk and finish. Next time cut the work by {VerdictFigures.CutWhenTired.Value:P0}, so that it ends before it tires."
        ),
        Rail = new RailLine("It is tired: stop the work.", "Walk and finish. Next time stop earlier.") { InPart = false },
    };

    /// <summary>Asked while it is ridden only: whoever sees that it is tired taps that, and the rule for it speaks.</summary>
    private static readonly RideRule MayBeTired = new(
        "MayBeTired",
        Gravity.Tired,
        VerdictWord.Stop,
        SessionChange.SameAgain,
        "Late in a ride quickening is read as tired first",
        VerdictFigures.LeastFastMinutes.Source
    )
    {
        Look = c =>
        {
            var after = c.Facts.FastUntilTired();
            var late = c.Record.Counts.QuickenedAfter.Count(minutes => minutes > after);
            var forehand = c.Record.Counts.Signs.GetValueOrDefault(Sign.OnForehand);
            return late > 0 ? new Finding(late + forehand, "quickened late", $"after {after:0.#} minutes of trot and canter")
                : forehand > 0 ? new Finding(forehand, "on the forehand", $"on the forehand {Rules.Times(forehand)}")
                : null;
        },
        Rail = new RailLine(
            "Quicker: is it tired? Then stop the work.",
            "Late, on the forehand, breaking: tired behind. Not tired: only a steady tempo until it is back."
        )
        {
            InPart = false,
        },
    };

    /// <summary>Over four weeks: poles and fences wait until somebody has looked; the flat goes on unless it is off.</summary>
    private static readonly RideRule TheSameLeg = OfALeg(
        "TheSameLeg",
        c =>
            c.Record.Rail.TouchedLegs.Count == 0
                ? null
                : SameLeg.Over([.. c.Facts.Legs, new LegsTold(c.Facts.On, c.Record.Rail.TouchedLegs)], c.Facts.On),
        "Leave poles and fences until a physiotherapist or vet has looked at it; flatwork goes on unless it is off.",
        new RailLine(
            "The same leg as in earlier rides: leave poles and fences.",
            "A physiotherapist or vet looks at it; flatwork goes on unless it is off."
        )
    ) with
    {
        LooksBack = new LookBack(0, VerdictFigures.SameLegDays.Value, r => r.Rail.TouchedLegs.Count > 0),
        Refers = ToThePhysiotherapist,
    };

    /// <summary>In one ride: the poles are over for the day.</summary>
    private static readonly RideRule SameLegToday = OfALeg(
        "SameLegToday",
        c => SameLeg.InOne(new LegsTold(c.Facts.On, c.Record.Rail.TouchedLegs)),
        "No more poles that day: trot up in hand and see whether it is level.",
        new RailLine("The same leg again and again: no more poles today.", "Trot it up in hand: is it level?")
    );

    /// <summary>Three in ten poles crossed or more touched, three sessions running, and not becoming fewer: weakness or soreness, not carelessness.</summary>
    private static readonly RideRule KnocksRegularly = new(
        "KnocksRegularly",
        Gravity.HoldAndRefer,
        VerdictWord.Hold,
        SessionChange.NoPoles,
        "Three in ten poles crossed or more, three sessions running",
        VerdictFigures.RegularKnocks.Source
    )
    {
        Look = c =>
        {
            var sessions = c
                .Running.Take(VerdictFigures.LookedThrough.Value + 1)
                .Where(HasPasses)
                .Take(VerdictFigures.KnockSessions.Value)
                .ToList();
            var shares = sessions.ConvertAll(TouchedShare);
            var falling = shares.Zip(shares.Skip(1)).All(s => s.First < s.Second);
            return
                HasPasses(c.Record)
                && sessions.Count == VerdictFigures.KnockSessions.Value
                && shares.TrueForAll(s => s >= VerdictFigures.RegularKnocks.Value)
                && !falling
                ? new Finding(sessions.Count, "poles touched regularly, three sessions running", [.. sessions.Select(SayTouched)])
                : null;
        },
        Do = "Leave poles and have the physiotherapist, chiropractor or vet look: it may be weakness or soreness.",
        LooksBack = new LookBack(VerdictFigures.LookedThrough.Value, 0, HasPasses),
        Refers = ToThePhysiotherapist,
    };

    /// <summary>Touches all on one rein while both were ridden.</summary>
    private static readonly RideRule TouchesOneSideOnly = new(
        "TouchesOneSideOnly",
        Gravity.HoldAndRefer,
        VerdictWord.Hold,
        SessionChange.NoPoles,
        "Always the same rein points to the body",
        VerdictFigures.OneSidedTouches.Source
    )
    {
        Look = c =>
        {
            var (left, right) = (c.Record.Passes.Left, c.Record.Passes.Right);
            var touched = left.Touched + right.Touched;
            var oneSided = left.All > 0 && right.All > 0 && (left.Touched == 0 || right.Touched == 0);
            return !oneSided || touched < VerdictFigures.OneSidedTouches.Value
                ? null
                : new Finding(
                    touched,
                    $"touched only on the {(left.Touched > 0 ? "left" : "right")} rein: "
                        + $"left {left.Touched} of {left.All}, right {right.Touched} of {right.All}",
                    $"left {left.Touched} of {left.All}",
                    $"right {right.Touched} of {right.All}"
                );
        },
        Do = "No more poles on that rein until someone has looked: physiotherapist, chiropractor or vet.",
        Rail = new RailLine("All its touches are on one rein: leave the poles.", "Have someone look: physiotherapist, chiropractor or vet.")
        {
            InPart = false,
        },
        Refers = ToThePhysiotherapist,
    };

    internal static readonly RideRule[] All =
    [
        OffOrSore,
        Fall,
        TooHot,
        Tires,
        MayBeTired,
        TheSameLeg,
        SameLegToday,
        KnocksRegularly,
        TouchesOneSideOnly,
    ];

    /// <summary>Whether a rule speaks of one leg: a look at it lets its touches begin from zero.</summary>
    public static bool IsOfALeg(string? rule) => rule == TheSameLeg.Name || rule == SameLegToday.Name;

    /// <summary>The signs of pain among these, in words; null when there is none.</summary>
    public static string? SaysPain(IEnumerable<Sign> signs)
    {
        var words = signs.Where(s => s.IsPain()).Select(s => s.Say()).Distinct().ToList();
        return words.Count == 0 ? null : string.Join(", ", words);
    }

    /// <summary>The signs of pain of a record that a vet has not entered as old and known, in words; null when there is none.</summary>
    public static string? SaysPain(RideRecord record)
    {
        ArgumentNullException.ThrowIfNull(record);
        return SaysPain(record.Signs.Where(s => !s.Known).Select(s => s.Sign));
    }

    /// <summary>Told as tired; or on the forehand, and breaking or quickening with it.</summary>
    private static int TiredTimes(RideRecord record)
    {
        var signs = record.Counts.Signs;
        var breaks = new[] { Sign.BrokeIntoCanter, Sign.TempoLost, Sign.RushedBold, Sign.RushedWorried }.Sum(s =>
            signs.GetValueOrDefault(s)
        );
        return signs.GetValueOrDefault(Sign.Tired) + Math.Min(signs.GetValueOrDefault(Sign.OnForehand), breaks);
    }

    internal static bool HasPasses(RideRecord record) => record.Passes.Left.All + record.Passes.Right.All > 0;

    private static RideRule OfALeg(string name, Func<VerdictContext, LegFinding?> find, string @do, RailLine line) =>
        new(
            name,
            Gravity.HoldAndRefer,
            VerdictWord.Hold,
            SessionChange.NoPoles,
            "Three in four or more by the same leg point to the body, also while the touches become fewer",
            VerdictFigures.SameLegShare.Source
        )
        {
            Look = c =>
                find(c) is { } leg
                    ? new Finding(leg.All, leg.Says, $"{leg.Leg.Say()} in {leg.Touches} of {leg.All} touches, in {leg.Rides} rides")
                    {
                        Why = leg.Why,
                    }
                    : null,
            Do = @do,
            Rail = line with { InPart = false, SaysWhatWasSeen = true },
        };

    private static string HowHot(VerdictContext c, HeatAdvice heat) =>
        c.Record.Weather is { } weather
            ? string.Create(CultureInfo.InvariantCulture, $"hot and humid: {weather.TemperatureC:0.#} °C, {weather.HumidityPercent:0} %")
            : $"hot: {heat.Says}";

    private static double TouchedShare(RideRecord record) =>
        record.Crossed == 0 ? 0 : Math.Round((double)record.Touches / record.Crossed, 4);

    private static FormattableString SayTouched(RideRecord record) => $"{record.Touches} touches of {record.Crossed} poles crossed";
}
