using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Blocks;

/// <summary>A rule that a day's session breaks.</summary>
/// <param name="Rule">Its name.</param>
/// <param name="On">The day.</param>
/// <param name="Says">In words.</param>
public sealed record BrokenRule(string Rule, DateOnly On, string Says);

/// <summary>
/// The rules no plan breaks, read off a finished calendar day by day. The solver has them as constraints of its own;
/// this is what a move by hand, and a solver's plan in the tests, is held against.
/// </summary>
public static class HardRules
{
    private delegate BrokenRule? Rule(PlacedSession session, Days days);

    private static readonly Rule[] All =
    [
        DayOff,
        HardNeighbours,
        JumpingDays,
        FastWork,
        YoungPoles,
        Helper,
        Arena,
        OpenGround,
        BeforeCompetition,
        AfterCompetition,
        Spared,
        Restricted,
        InHandOnly,
        CannotWork,
        OneADay,
    ];

    /// <summary>What is broken from a day on, the earliest first.</summary>
    public static IReadOnlyList<BrokenRule> Broken(PlanningCase planned, IEnumerable<PlacedSession> sessions, DateOnly from)
    {
        ArgumentNullException.ThrowIfNull(planned);
        var all = sessions.ToList();
        var days = new Days(planned, new Calendar(planned.Block, planned.Horse, planned.RiderThere), all.ToLookup(s => s.On));
        return
        [
            .. all.Where(s => s.On >= from)
                .SelectMany(s => All.Select(rule => rule(s, days)).OfType<BrokenRule>())
                .Distinct()
                .OrderBy(b => b.On),
        ];
    }

    internal sealed record Days(PlanningCase Planned, Calendar Calendar, ILookup<DateOnly, PlacedSession> At)
    {
        public bool IsHard(DateOnly day) =>
            Calendar.Competition(day) is not null || At[day].Any(s => s.Kind.IsHard() && !Calendar.IsEasyGrid(s.Kind, day));

        public bool IsJumped(DateOnly day) => Calendar.IsJumpedAt(day) || At[day].Any(s => s.Kind.IsJumped());

        public bool Works(DateOnly day) => Calendar.Competition(day) is not null || At[day].Any();
    }

    private static BrokenRule? DayOff(PlacedSession s, Days days)
    {
        var monday = Conditioning.TrainingLoad.Monday(s.On);
        return Calendar.Days(monday).Count(days.Works) <= 7 - BlockFigures.DayOff.Value
            ? null
            : Break(nameof(DayOff), s, "no day off in the week");
    }

    internal static BrokenRule? HardNeighbours(PlacedSession s, Days days)
    {
        var near =
            !s.Kind.IsHard() || days.Calendar.IsEasyGrid(s.Kind, s.On)
                ? []
                : new[] { s.On.AddDays(-1), s.On.AddDays(1) }.Where(days.IsHard).ToList();
        return near.Count == 0
            ? null
            : Break(nameof(HardNeighbours), s, FormattableString.Invariant($"hard days are not neighbours, and {near[0]:dddd} is hard"));
    }

    private static BrokenRule? JumpingDays(PlacedSession s, Days days)
    {
        var most = SessionFigures.FenceDaysPerWeek.Value;
        return
            !s.Kind.IsJumped()
            || !Enumerable.Range(-6, 7).Any(first => Enumerable.Range(first, 7).Count(d => days.IsJumped(s.On.AddDays(d))) > most)
            ? null
            : Break(nameof(JumpingDays), s, $"more than {most} jumping days in seven");
    }

    private static BrokenRule? FastWork(PlacedSession s, Days days)
    {
        var reach = BlockFigures.FastEvery.Value - 1;
        return
            !s.Kind.IsFast()
            || !Enumerable.Range(-reach, (2 * reach) + 1).Any(d => d != 0 && days.At[s.On.AddDays(d)].Any(o => o.Kind.IsFast()))
            ? null
            : Break(nameof(FastWork), s, $"fast work at most every {BlockFigures.FastEvery.Value}rd day");
    }

    private static BrokenRule? YoungPoles(PlacedSession s, Days days)
    {
        var most = SessionFigures.YoungPolesPerWeek.Value;
        return
            s.Kind != SessionKind.Poles
            || !days.Calendar.YoungForPoles(s.On)
            || !Enumerable
                .Range(-6, 7)
                .Any(first => Enumerable.Range(first, 7).Count(d => days.At[s.On.AddDays(d)].Any(o => o.Kind == SessionKind.Poles)) > most)
            ? null
            : Break(nameof(YoungPoles), s, $"poles more than {most} times in seven days for a young horse");
    }

    private static BrokenRule? Helper(PlacedSession s, Days days) =>
        !s.Kind.NeedsHelper() || days.Planned.Block.HelperDays.Contains(s.On.DayOfWeek)
            ? null
            : Break(nameof(Helper), s, FormattableString.Invariant($"{s.Kind.Say()} wants a helper, and there is none on {s.On:dddd}"));

    private static BrokenRule? Arena(PlacedSession s, Days days) =>
        !s.Kind.NeedsArena() || days.Planned.Block.ArenaDays.Contains(s.On.DayOfWeek)
            ? null
            : Break(nameof(Arena), s, FormattableString.Invariant($"no arena on {s.On:dddd}"));

    private static BrokenRule? OpenGround(PlacedSession s, Days days) =>
        !s.Kind.NeedsOpenGround() || days.Planned.Block.OpenGroundDays.Contains(s.On.DayOfWeek)
            ? null
            : Break(nameof(OpenGround), s, FormattableString.Invariant($"no hills or track on {s.On:dddd}"));

    private static BrokenRule? BeforeCompetition(PlacedSession s, Days days)
    {
        var tomorrow = s.On.AddDays(1);
        return
            days.Calendar.Competition(tomorrow) is not { } competition
            || DayRules.SuitsDayBefore(s.Kind, days.Calendar.IsJumpedAt(tomorrow))
            ? null
            : Break(nameof(BeforeCompetition), s, $"{competition} is the day after: something light");
    }

    private static BrokenRule? AfterCompetition(PlacedSession s, Days days) =>
        days.Calendar.Competition(s.On.AddDays(-1)) is not { } competition || DayRules.SuitsDayAfter(s.Kind)
            ? null
            : Break(nameof(AfterCompetition), s, $"{competition} was the day before: rest or walk");

    private static BrokenRule? Spared(PlacedSession s, Days days) =>
        days.Calendar.Spared(s.On) is not { } because || !s.Kind.IsHard() ? null : Break(nameof(Spared), s, $"{because}: nothing hard");

    private static BrokenRule? Restricted(PlacedSession s, Days days)
    {
        var horse = days.Planned.Horse;
        var open = horse.Restrictions.Where(r => r.HoldsOn(s.On)).ToList();
        var gait = open.SelectMany(r => r.NoGaits)
            .FirstOrDefault(g =>
                (g == Horses.Gait.Walk && s.Minutes.Walk > 0)
                || (g == Horses.Gait.Trot && s.Minutes.Trot > 0)
                || (g == Horses.Gait.Canter && s.Minutes.Canter > 0)
            );
        return horse.HeldBecause is { } held ? Break(nameof(Restricted), s, $"held: {held}")
            : gait != default ? Break(nameof(Restricted), s, $"restricted: no {gait.ToString().ToLowerInvariant()}")
            : s.Kind.Strand() is { } strand && open.Exists(r => r.NoStrands.Contains(strand))
                ? Break(nameof(Restricted), s, $"restricted: no {s.Kind.Say()}")
            : s.Kind.IsJumped() && open.Exists(r => r.MostHeight == Distance.Zero)
                ? Break(nameof(Restricted), s, "restricted: no fence at all")
            : null;
    }

    private static BrokenRule? InHandOnly(PlacedSession s, Days days) =>
        !days.Planned.Horse.InHandOnly(s.On) || (s.Kind == SessionKind.InHand && s.Minutes.Total <= SessionFigures.InHandMinutes.Value)
            ? null
            : Break(nameof(InHandOnly), s, $"in hand only, {SessionFigures.InHandMinutes.Value} minutes at most, at its age");

    private static BrokenRule? CannotWork(PlacedSession s, Days days) =>
        days.Calendar.CanWork(s.On) || days.Planned.Former?.Added.Contains(s.Id) == true
            ? null
            : Break(nameof(CannotWork), s, FormattableString.Invariant($"it cannot be worked on {s.On:dddd d MMMM}"));

    internal static BrokenRule? OneADay(PlacedSession s, Days days) =>
        days.At[s.On].Count() <= 1 && days.Calendar.Competition(s.On) is null
            ? null
            : Break(nameof(OneADay), s, FormattableString.Invariant($"something stands on {s.On:dddd} already"));

    private static BrokenRule Break(string rule, PlacedSession s, string says) => new(rule, s.On, says);
}
