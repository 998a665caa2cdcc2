using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Blocks;

/// <summary>A rule that a day's session breaks.</summary>
/// <param name="Rule">Its name.</param>
/// <param name="On">The day.</param>
/// <param name="Says">In words.</param>
public sealed record BrokenRule(string Rule, DateOnly On, string Says);

/// <summary>One rule of a block, asked of each placed session.</summary>
/// <param name="Rule">What holds.</param>
/// <param name="Look">What is broken on its day, in words; nothing where it holds.</param>
internal sealed record DayRule(Rule Rule, Func<PlacedSession, HardRules.Days, string?> Look) : IAsked
{
    public string Name => Look.Method.Name;

    public IReadOnlyList<Moment> Moments => [Moment.Placing];

    public BrokenRule? On(PlacedSession session, HardRules.Days days) =>
        Look(session, days) is { } says ? new BrokenRule(Name, session.On, says) : null;
}

/// <summary>
/// The rules no plan breaks, read off a finished calendar day by day. The solver has them as constraints of its own;
/// this is what a move by hand, and a solver's plan in the tests, is held against.
/// </summary>
public static class HardRules
{
    internal static readonly IReadOnlyList<DayRule> All =
    [
        new(new Rule(Gravity.Budget, "Every week has its day off", BlockFigures.DayOff.Source), DayOff),
        new(new Rule(Gravity.Budget, "Hard days are not neighbours", Source.CommonPractice), HardNeighbours),
        new(RulesOfWork.JumpingDays, JumpingDays),
        new(
            new Rule(Gravity.Budget, $"Fast work at most every {BlockFigures.FastEvery.Value}rd day", BlockFigures.FastEvery.Source),
            FastWork
        ),
        new(RulesOfWork.PoleDaysOfTheYoung, YoungPoles),
        new(RulesOfWork.NobodyJumpsAlone, Helper),
        new(new Rule(Gravity.Adjust, "What needs the arena is placed where there is one", Source.CommonPractice), Arena),
        new(new Rule(Gravity.Adjust, "Hills and canter work are placed where there is open ground", Source.CommonPractice), OpenGround),
        new(RulesOfWork.DayBeforeCompetition, BeforeCompetition),
        new(RulesOfWork.DayAfterCompetition, AfterCompetition),
        new(
            new Rule(Gravity.HoldAndRefer, "Nothing hard on the days after a vet, a therapist or a long journey", Source.CommonPractice),
            Spared
        ),
        new(RulesOfWork.RuledOut, Restricted),
        new(RulesOfWork.InHandOnly, InHandOnly),
        new(new Rule(Gravity.Adjust, "A horse works on days it can be worked", Source.CommonPractice), CannotWork),
        new(new Rule(Gravity.Adjust, "One placed session a day", Source.CommonPractice), OneADay),
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
                .SelectMany(s => All.Select(rule => rule.On(s, days)).OfType<BrokenRule>())
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

    private static string? DayOff(PlacedSession s, Days days)
    {
        var monday = Conditioning.TrainingLoad.Monday(s.On);
        return Calendar.Days(monday).Count(days.Works) <= 7 - BlockFigures.DayOff.Value ? null : "no day off in the week";
    }

    internal static string? HardNeighbours(PlacedSession s, Days days)
    {
        var near =
            !s.Kind.IsHard() || days.Calendar.IsEasyGrid(s.Kind, s.On)
                ? []
                : new[] { s.On.AddDays(-1), s.On.AddDays(1) }.Where(days.IsHard).ToList();
        return near.Count == 0 ? null : FormattableString.Invariant($"hard days are not neighbours, and {near[0]:dddd} is hard");
    }

    private static string? JumpingDays(PlacedSession s, Days days)
    {
        var most = SessionFigures.FenceDaysPerWeek.Value;
        return
            !s.Kind.IsJumped()
            || !Enumerable.Range(-6, 7).Any(first => Enumerable.Range(first, 7).Count(d => days.IsJumped(s.On.AddDays(d))) > most)
            ? null
            : $"more than {most} jumping days in seven";
    }

    private static string? FastWork(PlacedSession s, Days days)
    {
        var reach = BlockFigures.FastEvery.Value - 1;
        return
            !s.Kind.IsFast()
            || !Enumerable.Range(-reach, (2 * reach) + 1).Any(d => d != 0 && days.At[s.On.AddDays(d)].Any(o => o.Kind.IsFast()))
            ? null
            : $"fast work at most every {BlockFigures.FastEvery.Value}rd day";
    }

    private static string? YoungPoles(PlacedSession s, Days days)
    {
        var most = SessionFigures.YoungPolesPerWeek.Value;
        return
            s.Kind != SessionKind.Poles
            || !days.Calendar.YoungForPoles(s.On)
            || !Enumerable
                .Range(-6, 7)
                .Any(first => Enumerable.Range(first, 7).Count(d => days.At[s.On.AddDays(d)].Any(o => o.Kind == SessionKind.Poles)) > most)
            ? null
            : $"poles more than {most} times in seven days for a young horse";
    }

    private static string? Helper(PlacedSession s, Days days) =>
        !s.Kind.NeedsHelper() || days.Planned.Block.HelperDays.Contains(s.On.DayOfWeek)
            ? null
            : FormattableString.Invariant($"{s.Kind.Say()} wants a helper, and there is none on {s.On:dddd}");

    private static string? Arena(PlacedSession s, Days days) =>
        !s.Kind.NeedsArena() || days.Planned.Block.ArenaDays.Contains(s.On.DayOfWeek)
            ? null
            : FormattableString.Invariant($"no arena on {s.On:dddd}");

    private static string? OpenGround(PlacedSession s, Days days) =>
        !s.Kind.NeedsOpenGround() || days.Planned.Block.OpenGroundDays.Contains(s.On.DayOfWeek)
            ? null
            : FormattableString.Invariant($"no hills or track on {s.On:dddd}");

    private static string? BeforeCompetition(PlacedSession s, Days days)
    {
        var tomorrow = s.On.AddDays(1);
        return
            days.Calendar.Competition(tomorrow) is not { } competition
            || DayRules.SuitsDayBefore(s.Kind, days.Calendar.IsJumpedAt(tomorrow))
            ? null
            : $"{competition} is the day after: something light";
    }

    private static string? AfterCompetition(PlacedSession s, Days days) =>
        days.Calendar.Competition(s.On.AddDays(-1)) is not { } competition || DayRules.SuitsDayAfter(s.Kind)
            ? null
            : $"{competition} was the day before: rest or walk";

    private static string? Spared(PlacedSession s, Days days) =>
        days.Calendar.Spared(s.On) is not { } because || !s.Kind.IsHard() ? null : $"{because}: nothing hard";

    private static string? Restricted(PlacedSession s, Days days)
    {
        var horse = days.Planned.Horse;
        var open = horse.Restrictions.Where(r => r.HoldsOn(s.On)).ToList();
        var gait = open.SelectMany(r => r.NoGaits)
            .FirstOrDefault(g =>
                (g == Horses.Gait.Walk && s.Minutes.Walk > 0)
                || (g == Horses.Gait.Trot && s.Minutes.Trot > 0)
                || (g == Horses.Gait.Canter && s.Minutes.Canter > 0)
            );
        return horse.HeldBecause is { } held ? $"held: {held}"
            : gait != default ? $"restricted: no {gait.ToString().ToLowerInvariant()}"
            : s.Kind.Strand() is { } strand && open.Exists(r => r.NoStrands.Contains(strand)) ? $"restricted: no {s.Kind.Say()}"
            : s.Kind.IsJumped() && open.Exists(r => r.MostHeight == Distance.Zero) ? "restricted: no fence at all"
            : null;
    }

    private static string? InHandOnly(PlacedSession s, Days days) =>
        !days.Planned.Horse.InHandOnly(s.On) || (s.Kind == SessionKind.InHand && s.Minutes.Total <= SessionFigures.InHandMinutes.Value)
            ? null
            : $"in hand only, {SessionFigures.InHandMinutes.Value} minutes at most, at its age";

    private static string? CannotWork(PlacedSession s, Days days) =>
        days.Calendar.CanWork(s.On) || days.Planned.Former?.Added.Contains(s.Id) == true
            ? null
            : FormattableString.Invariant($"it cannot be worked on {s.On:dddd d MMMM}");

    internal static string? OneADay(PlacedSession s, Days days) =>
        days.At[s.On].Count() <= 1 && days.Calendar.Competition(s.On) is null
            ? null
            : FormattableString.Invariant($"something stands on {s.On:dddd} already");
}
