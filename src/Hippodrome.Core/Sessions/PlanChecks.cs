using System.Globalization;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Sessions;

/// <summary>A fault of a plan, with its reason and its mend.</summary>
/// <param name="Rule">The check that speaks.</param>
/// <param name="Says">What is wrong.</param>
/// <param name="Mend">What to do about it.</param>
/// <param name="Hard">A hard fault cannot be planned round: the session is not kept.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record PlanFault(string Rule, string Says, string Mend, bool Hard, Why Why);

/// <summary>A day near the planned one and what it asked of the legs.</summary>
public sealed record NearbyDay(DateOnly On, bool Poles, bool Fences);

/// <summary>All that a plan is checked against.</summary>
/// <param name="Horse">Whose it is.</param>
/// <param name="Plan">The plan.</param>
/// <param name="SetUps">The set-ups its parts name.</param>
/// <param name="Nearby">Other days within a week of it, done or planned.</param>
/// <param name="TemperatureC">What the thermometer says, if anyone looked.</param>
/// <param name="HeldBecause">Why no ridden work is allowed until a vet clears it; null when nothing holds.</param>
/// <param name="Places">Where the horse stands on the ladders; null when nobody has said.</param>
/// <param name="Restrictions">What it may not do, whatever the day; only those that hold on the plan's day are looked at.</param>
/// <param name="Tack">The bits and aids it is ridden in.</param>
/// <param name="Feet">When its feet are due.</param>
/// <param name="ClearedOn">The day a hold was cleared, when it has not been worked since.</param>
public sealed record PlanContext(
    Horse Horse, SessionPlan Plan, IReadOnlyDictionary<Guid, SetUp> SetUps, IReadOnlyList<NearbyDay> Nearby, double? TemperatureC = null, string? HeldBecause = null, Places? Places = null, IReadOnlyList<Restriction>? Restrictions = null,
    IReadOnlyList<Tack>? Tack = null, CareDue? Feet = null, DateOnly? ClearedOn = null)
{
    public IEnumerable<Rung> PlannedRungs => Plan.Parts.Select(p => p.Rung).OfType<Rung>().Distinct();

    public int Age => Horse.Age(Plan.On);

    public IEnumerable<SetUp> PlannedSetUps => Plan.Parts.Where(p => p.SetUpId is not null && SetUps.ContainsKey(p.SetUpId.Value)).Select(p => SetUps[p.SetUpId!.Value]);

    /// <summary>The kinds of work planned: strands of its rungs, jumping and poles for what stands, else flatwork.</summary>
    public IReadOnlyList<Strand> Kinds => [.. Plan.Parts.Where(SessionTotals.IsWork).Select(Kind).Distinct().Order()];

    public Distance HighestFence => PlannedSetUps.Where(s => s.HasFence).Select(s => s.HighestFence).DefaultIfEmpty(Distance.Zero).MaxBy(h => h.Metres);

    private Strand Kind(Part part) =>
        part.Rung?.Strand ?? (part.SetUpId is { } id && SetUps.TryGetValue(id, out var setUp) ? setUp.HasFence ? Strand.Jumping : setUp.HasPoles ? Strand.Poles : Strand.Flatwork : Strand.Flatwork);

    public bool HasFence => PlannedSetUps.Any(s => s.HasFence);

    public bool HasPoles => PlannedSetUps.Any(s => s.HasPoles);
}

/// <summary>The faults a plan can have. One small check each.</summary>
public static class PlanChecks
{
    /// <summary>The check that speaks of feet, which lists that show the feet themselves leave out.</summary>
    public const string OfFeet = nameof(OverdueFeet);

    private static readonly Func<PlanContext, PlanFault?>[] All =
    [
        LamenessHold, Restricted, TooYoungToRide, TooLongForItsAge, TooYoungForRung, FenceWithoutHelper, NotLightAfterHold, RungNotOpen, RungWithoutHelper,
        WalkFirstTooShort, NoCoolDown, NewWorkTooEarly, NothingButNewWork, MoreThanOneNewThing, OneReinTooMuch,
        RaisedPolesWithoutHelper, TooManyPoleDays, FencesOnNeighbouringDays, TooManyFenceDays, TackNotAllowed, OverdueFeet,
    ];

    /// <summary>Every fault of a plan, hard ones first.</summary>
    public static IReadOnlyList<PlanFault> Check(PlanContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        return [.. All.Select(check => check(context)).OfType<PlanFault>().OrderByDescending(f => f.Hard)];
    }

    /// <summary>The walk this horse needs before anything else, in minutes.</summary>
    public static Why WalkFirstNeeded(int age, double? temperatureC, out int minutes)
    {
        var byAge = age >= 18 ? SessionFigures.WalkFirstFrom18 : age >= 15 ? SessionFigures.WalkFirstFrom15 : SessionFigures.WalkFirst;
        var cold = temperatureC < SessionFigures.Cold.Value;
        minutes = byAge.Value + (cold ? SessionFigures.ColdWalkMore.Value : 0);
        var inputs = new List<string> { $"age {age}: {byAge.Value} minutes" };
        if (cold)
        {
            inputs.Add(string.Create(CultureInfo.InvariantCulture, $"{temperatureC:0.#} °C: {SessionFigures.ColdWalkMore.Value} more"));
        }

        return new Why("Walk first, loose, both reins: joints and soft tissue need it", inputs, byAge.Source);
    }

    private static PlanFault? LamenessHold(PlanContext c) =>
        c.HeldBecause is null || c.Plan.Manner == Manner.InHand ? null : Hard(
            nameof(LamenessHold), $"{c.Horse.Name} is held: {c.HeldBecause}.", "No ridden or lunged work until a vet has cleared it. Enter the clearance in the passport.", [c.HeldBecause], Source.CommonPractice);

    /// <summary>The first day after a hold is light: walk and trot, no fence, half an hour. Sound again, it goes by the lunge and the long lines to the saddle.</summary>
    private static PlanFault? NotLightAfterHold(PlanContext c)
    {
        var limit = SessionFigures.LightDay;
        var fast = c.Plan.Parts.Any(p => p.Gait is Gait.Canter or Gait.Gallop);
        return c.ClearedOn is not { } cleared || (c.Plan.Minutes <= limit.Value && !fast && !c.HasFence) ? null : Soft(
            nameof(NotLightAfterHold), string.Create(CultureInfo.InvariantCulture, $"Its first work since the hold was cleared on {cleared:d MMMM} is not light."), $"Walk and trot, no fence, {limit.Value} minutes at most; on the lunge or the long lines before the saddle.",
            new Why("After a hold: a light day, soundness shown again on the lunge, then long lines, then saddle, and one rung down", [Minutes("{0} minutes planned", c.Plan.Minutes), .. fast ? ["canter in it"] : (string[])[]], limit.Source));
    }

    /// <summary>The first restriction that the plan would break: a gait, a strand or a height that is out.</summary>
    private static PlanFault? Restricted(PlanContext c)
    {
        foreach (var restriction in (c.Restrictions ?? []).Where(r => r.HoldsOn(c.Plan.On)))
        {
            var gait = c.Plan.Parts.Select(p => p.Gait).Where(restriction.NoGaits.Contains).Select(g => g.ToString().ToLowerInvariant()).FirstOrDefault();
            var strand = c.PlannedRungs.Select(r => r.Strand).Where(restriction.NoStrands.Contains).Select(s => s.Say()).FirstOrDefault();
            var fence = restriction.MostHeight is { } most && c.PlannedSetUps.Any(s => s.HasFence && s.HighestFence > most) ? "that fence" : null;
            if ((gait ?? strand ?? fence) is { } broken)
            {
                return Hard(
                    nameof(Restricted), $"{c.Horse.Name} is restricted ({restriction.Because}): {restriction.Says}.",
                    $"Take {broken} out, or have it cleared and enter the clearance in the passport.",
                    [$"said by {restriction.By}", restriction.Until is { } until ? $"until {until:d MMMM}" : "until it is cleared"], Source.CommonPractice);
            }
        }

        return null;
    }

    private static PlanFault? TooYoungToRide(PlanContext c) =>
        c.Age > SessionFigures.InHandOnlyTo.Value || c.Plan.Manner == Manner.InHand ? null : Hard(
            nameof(TooYoungToRide), $"{c.Horse.Name} is {c.Age}: too young to be ridden or lunged.", "Plan work in hand, ten minutes at most.", [Aged(c)], SessionFigures.InHandOnlyTo.Source);

    private static PlanFault? TooLongForItsAge(PlanContext c) =>
        c.Age > SessionFigures.InHandOnlyTo.Value || c.Plan.Minutes <= SessionFigures.InHandMinutes.Value ? null : Hard(
            nameof(TooLongForItsAge), Minutes($"{{0}} minutes is too long for a horse of {c.Age}.", c.Plan.Minutes), $"Keep it to {SessionFigures.InHandMinutes.Value} minutes.", [Aged(c)], SessionFigures.InHandMinutes.Source);

    private static PlanFault? TooYoungForRung(PlanContext c)
    {
        var rung = c.PlannedRungs.FirstOrDefault(r => c.Age < r.YoungestAge.Value);
        return rung is null ? null : Hard(
            nameof(TooYoungForRung), $"{c.Horse.Name} is {c.Age}: too young for {rung.Name}.", $"Wait until it is {rung.YoungestAge.Value}.", [Aged(c)], rung.YoungestAge.Source);
    }

    /// <summary>A rung whose prerequisites in other strands are not reached.</summary>
    private static PlanFault? RungNotOpen(PlanContext c)
    {
        var rung = c.Places is null ? null : c.PlannedRungs.FirstOrDefault(r => !c.Places.Reached(r) && c.Places.Missing(r, c.Age).Count > 0);
        var missing = rung is null ? [] : c.Places!.Missing(rung, c.Age);
        return rung is null ? null : Soft(
            nameof(RungNotOpen), $"{rung.Name} is not open yet: {string.Join(", ", missing)} first.", "Work on what is missing.",
            new Why("A rung opens when those it rests on are reached", missing, Source.CommonPractice));
    }

    private static PlanFault? RungWithoutHelper(PlanContext c)
    {
        var rung = c.Plan.Helper ? null : c.PlannedRungs.FirstOrDefault(r => r.Helper && !IsJumped(r));
        return rung is null ? null : Soft(
            nameof(RungWithoutHelper), $"{rung.Name} wants a helper, and nobody is on the ground.", "Find a helper, or work on another rung.",
            new Why("Some rungs want a second pair of hands", [rung.Caution ?? rung.Watch], Source.CommonPractice));
    }

    private static bool IsJumped(Rung rung) => rung.Strand is Strand.Grids or Strand.Jumping or Strand.Narrow or Strand.CrossCountry;

    private static PlanFault? FenceWithoutHelper(PlanContext c) =>
        !(c.HasFence || c.PlannedRungs.Any(IsJumped)) || c.Plan.Helper ? null : Hard(
            nameof(FenceWithoutHelper), "There is a fence in this session and nobody on the ground.", "Find a helper or a second rider, or take the fence out.", ["nobody jumps alone"], Source.CommonPractice);

    private static PlanFault? WalkFirstTooShort(PlanContext c)
    {
        if (WalkRulesDoNotHold(c))
        {
            return null;
        }

        var why = WalkFirstNeeded(c.Age, c.TemperatureC, out var needed);
        var walked = c.Plan.Parts.TakeWhile(p => p.Gait == Gait.Walk).Where(p => p.Phase == Phase.WarmUp).Sum(p => p.Minutes);
        return walked >= needed ? null : Soft(
            nameof(WalkFirstTooShort), Minutes("Only {0} minutes of walk come first.", walked), Minutes("Add {0} minutes of walk at the start.", needed - walked), why);
    }

    private static PlanFault? NoCoolDown(PlanContext c)
    {
        var walked = c.Plan.Parts.Reverse().TakeWhile(p => p.Gait == Gait.Walk).Where(p => p.Phase == Phase.CoolDown).Sum(p => p.Minutes);
        var needed = SessionFigures.WalkLast;
        return WalkRulesDoNotHold(c) || walked >= needed.Value ? null : Soft(
            nameof(NoCoolDown), walked == 0 ? "It does not end in a cool-down at walk." : Minutes("Only {0} minutes of walk at the end.", walked), Minutes("Add {0} minutes of walk on a long rein at the end.", needed.Value - walked),
            new Why("Five to ten minutes of walk on a long rein bring breath and muscle down", [Minutes("planned: {0} minutes", walked)], needed.Source));
    }

    private static PlanFault? NewWorkTooEarly(PlanContext c)
    {
        var start = c.Plan.Parts.TakeWhile(p => p.Phase != Phase.NewWork).Sum(p => p.Minutes);
        var beforeCoolDown = c.Plan.Parts.Reverse().SkipWhile(p => p.Phase == Phase.CoolDown).Sum(p => p.Minutes);
        var early = beforeCoolDown - start;
        var limit = SessionFigures.NewWorkWithin;
        return !c.Plan.Parts.Any(p => p.Phase == Phase.NewWork) || early <= limit.Value ? null : Soft(
            nameof(NewWorkTooEarly), Minutes("New work starts {0} minutes before the cool-down.", early), $"Move it into the last {limit.Value} minutes of work: never first, one or two good ones and leave it.",
            new Why("New or exciting work comes late, when the horse has settled", [Minutes("starts {0} minutes before the cool-down", early)], limit.Source));
    }

    private static PlanFault? NothingButNewWork(PlanContext c) =>
        !c.Plan.Parts.Any(p => p.Phase == Phase.NewWork) || c.Plan.Parts.Any(p => p.Phase == Phase.Work) ? null : Soft(
            nameof(NothingButNewWork), "The work is nothing but new work.", "Start with something the horse does well.",
            new Why("New work is never the whole session", ["no part is in the work phase"], Source.CommonPractice));

    private static PlanFault? MoreThanOneNewThing(PlanContext c)
    {
        var things = c.Plan.Parts.Where(p => p.Phase == Phase.NewWork).Select(p => p.What).Distinct(StringComparer.OrdinalIgnoreCase).ToList();
        return things.Count <= 1 ? null : Soft(
            nameof(MoreThanOneNewThing), $"{things.Count} new things in one session.", "Keep one for today and the other for another day.",
            new Why("One new thing at a time", things, Source.CommonPractice));
    }

    private static PlanFault? OneReinTooMuch(PlanContext c)
    {
        var work = c.Plan.Parts.Where(SessionTotals.IsWork).ToList();
        var (left, right) = (SessionTotals.OnRein(work, Rein.Left), SessionTotals.OnRein(work, Rein.Right));
        var share = left + right == 0 ? 0 : Math.Max(left, right) / (left + right);
        var limit = SessionFigures.OneReinAtMost;
        return share <= limit.Value + 1e-9 ? null : Soft(
            nameof(OneReinTooMuch), string.Create(CultureInfo.InvariantCulture, $"{share:P0} of the work is on the {(left > right ? "left" : "right")} rein."), $"Move some of it to the {(left > right ? "right" : "left")} rein.",
            new Why("No rein gets more than 60 % of the work", [Minutes("left {0} minutes", left), Minutes("right {0} minutes", right)], limit.Source));
    }

    private static PlanFault? RaisedPolesWithoutHelper(PlanContext c) =>
        c.Plan.Helper || !c.PlannedSetUps.Any(s => s.HasRaisedPole) ? null : Soft(
            nameof(RaisedPolesWithoutHelper), "Raised poles and nobody on the ground.", "Find a helper, or leave the poles on the ground.",
            new Why("A helper puts a rolled pole right before the next pass", ["raised poles", "no helper"], Source.CommonPractice));

    private static PlanFault? TooManyPoleDays(PlanContext c)
    {
        var limit = SessionFigures.YoungPolesPerWeek;
        var days = Week(c).Count(d => d.Poles) + 1;
        return !c.HasPoles || c.Age >= SessionFigures.YoungPolesUnder.Value || days <= limit.Value ? null : Soft(
            nameof(TooManyPoleDays), $"Poles for the {Ordinal(days)} time in seven days, at age {c.Age}.", "Make it a day without poles.",
            new Why("Poles at most twice a week for a young horse", [Aged(c), $"{days} pole days in seven"], limit.Source));
    }

    private static PlanFault? FencesOnNeighbouringDays(PlanContext c)
    {
        var neighbour = c.Nearby.FirstOrDefault(d => d.Fences && Math.Abs(d.On.DayNumber - c.Plan.On.DayNumber) == 1);
        return !c.HasFence || neighbour is null ? null : Soft(
            nameof(FencesOnNeighbouringDays), string.Create(CultureInfo.InvariantCulture, $"It also jumps on {neighbour.On:dddd d MMMM}, the day {(neighbour.On < c.Plan.On ? "before" : "after")}."), "Leave a day between.",
            new Why("Jumping days are not neighbours", [string.Create(CultureInfo.InvariantCulture, $"fences on {neighbour.On:d MMM}")], Source.CommonPractice));
    }

    private static PlanFault? TooManyFenceDays(PlanContext c)
    {
        var limit = SessionFigures.FenceDaysPerWeek;
        var days = Week(c).Count(d => d.Fences) + 1;
        return !c.HasFence || days <= limit.Value ? null : Soft(
            nameof(TooManyFenceDays), $"The {Ordinal(days)} jumping day in seven.", "Make it a day without fences.",
            new Why("At most three jumping days in seven", [$"{days} jumping days in seven"], limit.Source));
    }

    /// <summary>A bit kept for something else, or for fences higher than these.</summary>
    private static PlanFault? TackNotAllowed(PlanContext c)
    {
        foreach (var tack in c.Tack ?? [])
        {
            if (c.Kinds.Where(k => !tack.IsFor(k)).Select(k => k.Say()).ToList() is { Count: > 0 } not)
            {
                return Soft(
                    nameof(TackNotAllowed), $"{tack.Name} is not for {string.Join(" or ", not)}.", "Take what is kept for it, or change what it is for in the passport.",
                    new Why("Each bit and aid is for certain work", [$"{tack.Name} is for {string.Join(", ", tack.For.Select(s => s.Say()))}"], Source.CommonPractice));
            }

            if (tack.FencesFrom is { } from && c.HighestFence < from)
            {
                return Soft(
                    nameof(TackNotAllowed), string.Create(CultureInfo.InvariantCulture, $"{tack.Name} is kept for fences from {from.Metres:0.00} m."), "Take a milder one.",
                    new Why("A bit kept for fences above a height is a limit, not a note", [string.Create(CultureInfo.InvariantCulture, $"highest fence planned {c.HighestFence.Metres:0.00} m")], Source.CommonPractice));
            }
        }

        return null;
    }

    private static PlanFault? OverdueFeet(PlanContext c) =>
        c.Feet is not { State: CareState.Overdue, DueOn: { } due } || c.Plan.Manner == Manner.InHand ? null : Soft(
            nameof(OverdueFeet), string.Create(CultureInfo.InvariantCulture, $"Its feet have been due since {due:d MMMM}."), "Have them seen to before more than light work.",
            new Why("Feet come before work", c.Feet.Why.Inputs, c.Feet.Why.Source));

    /// <summary>The six days before, done or planned.</summary>
    private static IEnumerable<NearbyDay> Week(PlanContext c) => c.Nearby.Where(d => d.On < c.Plan.On && d.On >= c.Plan.On.AddDays(-6));

    private static bool WalkRulesDoNotHold(PlanContext c) =>
        c.Plan.Manner == Manner.InHand || c.Plan.Minutes <= SessionFigures.ShortSession.Value;

    private static string Aged(PlanContext c) => $"age {c.Age}, counted from 1 January {c.Horse.Foaled}";

    private static string Minutes(string format, double minutes)
    {
        var said = string.Format(CultureInfo.InvariantCulture, format.Replace("{0}", "{0:0.#}", StringComparison.Ordinal), minutes);
        return minutes == 1 ? said.Replace("1 minutes", "1 minute", StringComparison.Ordinal) : said;
    }

    private static string Ordinal(int n) => n switch { 2 => "second", 3 => "third", 4 => "fourth", 5 => "fifth", 6 => "sixth", 7 => "seventh", _ => $"{n}th" };

    private static PlanFault Hard(string rule, string says, string mend, IReadOnlyList<string> inputs, Source source) =>
        new(rule, says, mend, true, new Why("Cannot be planned round", inputs, source));

    private static PlanFault Soft(string rule, string says, string mend, Why why) => new(rule, says, mend, false, why);
}
