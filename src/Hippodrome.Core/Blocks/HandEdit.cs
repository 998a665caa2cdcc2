using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>What a trainer does to one session of a plan.</summary>
public enum HandEditKind
{
    Move,
    Pin,
    Unpin,

    /// <summary>Another kind of session on its day.</summary>
    Swap,
    Skip,
    Add,
}

/// <summary>A change by hand, as typed.</summary>
/// <param name="Kind">Move, pin, unpin, swap, skip, add.</param>
/// <param name="SessionId">The session; not for an added one.</param>
/// <param name="On">Where it goes, when it is moved or added.</param>
/// <param name="To">What it becomes, when it is swapped or added.</param>
/// <param name="Minutes">Minutes in all of an added session.</param>
public sealed record HandEditEntry(
    HandEditKind? Kind = null,
    Guid? SessionId = null,
    DateOnly? On = null,
    SessionKind? To = null,
    int? Minutes = null
);

/// <summary>A day a session could stand on, and the rules it would break there.</summary>
/// <param name="On">The day.</param>
/// <param name="Broken">Rules that would be broken; none where it may go.</param>
/// <param name="Exchanges">What stands there and would change places with it.</param>
public sealed record MoveOption(DateOnly On, IReadOnlyList<BrokenRule> Broken, SessionKind? Exchanges);

/// <summary>Where a session may go, and the nearest day that keeps every rule.</summary>
public sealed record MoveOptions(Guid SessionId, IReadOnlyList<MoveOption> Days, DateOnly? Nearest);

/// <summary>Changes by hand: held against the hard rules, and pinned, so that planning again leaves them be.</summary>
public static class HandEdits
{
    private const int DaysAround = 7;

    /// <summary>Every day within a week of a session, today at the earliest, with what it would break there.</summary>
    public static MoveOptions Options(PlanningCase planned, PlacedSession session)
    {
        ArgumentNullException.ThrowIfNull(planned);
        ArgumentNullException.ThrowIfNull(session);
        var days = Enumerable
            .Range(-DaysAround, (2 * DaysAround) + 1)
            .Select(session.On.AddDays)
            .Where(d => d != session.On && d >= planned.Today && d >= planned.Block.Start && d <= planned.Block.End)
            .Select(d => new MoveOption(d, NewlyBroken(planned, Moved(planned, session, d)), StandsOn(planned, session, d)?.Kind))
            .ToList();
        var nearest = days.Where(d => d.Broken.Count == 0)
            .OrderBy(d => d.Exchanges is not null)
            .ThenBy(d => Math.Abs(d.On.DayNumber - session.On.DayNumber))
            .ThenBy(d => d.On)
            .FirstOrDefault();
        return new MoveOptions(session.Id, days, nearest?.On);
    }

    /// <summary>The plan after the change, or the rule it would break and the nearest day that keeps all of them.</summary>
    public static Outcome<BlockPlan> Apply(PlanningCase planned, HandEditEntry entry)
    {
        ArgumentNullException.ThrowIfNull(planned);
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(planned.Former);
        var checks = new Checks();
        var kind = checks.Choice("kind", entry.Kind);
        var session = entry.SessionId is { } id ? planned.Former.Find(id) : null;
        checks.That(
            kind == HandEditKind.Add || session is not null,
            "sessionId",
            "This session is not in the plan any more.",
            "Load the page again."
        );
        checks.That(
            session is null || (session.On >= planned.Today && !planned.Done.Contains(session.Id)),
            "sessionId",
            "What is past or ridden stays as it was.",
            "Change one that is still to come."
        );
        checks.That(
            kind is not (HandEditKind.Move or HandEditKind.Add) || entry.On >= planned.Today,
            "on",
            "That day is past, or missing.",
            "Give a day from today on."
        );
        checks.That(
            kind is not (HandEditKind.Move or HandEditKind.Add)
                || entry.On is null
                || (entry.On >= planned.Block.Start && entry.On <= planned.Block.End),
            "on",
            "That day is outside the block.",
            "Give one of its days."
        );
        if (kind is HandEditKind.Swap or HandEditKind.Add)
        {
            checks.That(
                entry.To is { } to && Enum.IsDefined(to) && to != SessionKind.Competition,
                "to",
                "Nothing is chosen here.",
                "Choose a kind of session; a competition is an aim."
            );
        }

        var minutes = kind == HandEditKind.Add ? checks.Whole("minutes", entry.Minutes ?? 40, 5, 180, "minutes") : 0;
        if (checks.Faults.Count > 0)
        {
            return Outcome<BlockPlan>.Wrong(checks.Faults);
        }

        var plan = Edited(planned, entry, kind, session, minutes);
        var broken = NewlyBroken(planned with { Former = plan }, [.. plan.Sessions], [.. planned.Former.Sessions]);
        foreach (var rule in broken)
        {
            var nearest = kind == HandEditKind.Move ? Options(planned, session!).Nearest : null;
            checks.Add(
                kind == HandEditKind.Swap ? "to" : "on",
                FormattableString.Invariant($"{rule.On:dddd d MMMM}: {rule.Says}."),
                nearest is { } day
                    ? FormattableString.Invariant($"{day:dddd d MMMM} keeps every rule.")
                    : "Choose another day or another kind."
            );
        }

        return checks.Outcome(() => plan);
    }

    private static BlockPlan Edited(PlanningCase planned, HandEditEntry entry, HandEditKind kind, PlacedSession? session, int minutes)
    {
        var plan = planned.Former!;
        BlockPlan Instead(PlacedSession other) => PlanChanges.With(plan, plan.Sessions.Select(s => s.Id == other.Id ? other : s));
        switch (kind)
        {
            case HandEditKind.Move:
                var moved = PlanChanges.With(plan, Moved(planned, session!, entry.On!.Value));
                var from = Conditioning.TrainingLoad.Monday(session!.On);
                // Into another week: the one loses it, and the other has it beyond its own.
                return from == Conditioning.TrainingLoad.Monday(entry.On.Value)
                    ? moved
                    : moved with
                    {
                        Skipped = [.. plan.Skipped, new Skipped(session.Id, from, session.Kind)],
                        Added = [.. plan.Added.Append(session.Id).Distinct()],
                    };
            case HandEditKind.Pin or HandEditKind.Unpin:
                return Instead(session! with { Pinned = kind == HandEditKind.Pin });
            case HandEditKind.Swap:
                return Instead(Swapped(session!, entry.To!.Value));
            case HandEditKind.Skip:
                var skipped = PlanChanges.With(plan, plan.Sessions.Where(s => s.Id != session!.Id));
                return plan.Added.Contains(session!.Id)
                    ? skipped with
                    {
                        Added = [.. plan.Added.Where(a => a != session.Id)],
                    }
                    : skipped with
                    {
                        Skipped = [.. plan.Skipped, new Skipped(session.Id, Conditioning.TrainingLoad.Monday(session.On), session.Kind)],
                    };
            default:
                var on = entry.On!.Value;
                var monday = Conditioning.TrainingLoad.Monday(on);
                var id = Enumerable
                    .Range(100, 900)
                    .Select(n => PlacedSession.IdOf(planned.Block.Id, monday, entry.To!.Value, n))
                    .First(i => plan.Find(i) is null && plan.Skipped.All(s => s.Id != i));
                var added = new PlacedSession
                {
                    Id = id,
                    On = on,
                    Kind = entry.To!.Value,
                    Minutes = Doses.Typical(entry.To.Value, minutes),
                    RungId = null,
                    Efforts = null,
                    Sets = null,
                    Bouts = null,
                    Pinned = true,
                    Bent = [],
                    Why = Why.Of("Added by hand", [$"{minutes} minutes"], Source.CommonPractice),
                };
                return PlanChanges.With(plan, plan.Sessions.Append(added)) with { Added = [.. plan.Added, id] };
        }
    }

    /// <summary>Another kind keeps the day and the minutes, less the gaits it has no use for.</summary>
    private static PlacedSession Swapped(PlacedSession session, SessionKind to) =>
        session with
        {
            Kind = to,
            Minutes = to.Fastest() == Horses.Gait.Walk ? new MinutesByGait(session.Minutes.Walk, 0, 0) : session.Minutes,
            RungId = null,
            Efforts = to.IsJumped() ? session.Efforts : null,
            Sets = null,
            Pinned = true,
            Why = Why.Of("Swapped by hand", [$"it was {session.Kind.Say()}"], Source.CommonPractice),
        };

    /// <summary>The sessions with this one on another day, pinned there; what stands there in the same week takes its place.</summary>
    private static List<PlacedSession> Moved(PlanningCase planned, PlacedSession session, DateOnly on)
    {
        var there = StandsOn(planned, session, on);
        return
        [
            .. planned.Former!.Sessions.Select(s =>
                s.Id == session.Id ? s with { On = on, Pinned = true }
                : s.Id == there?.Id ? s with { On = session.On, Pinned = true }
                : s
            ),
        ];
    }

    /// <summary>A session of the same week that is still to come.</summary>
    private static PlacedSession? StandsOn(PlanningCase planned, PlacedSession session, DateOnly on) =>
        Conditioning.TrainingLoad.Monday(on) != Conditioning.TrainingLoad.Monday(session.On)
            ? null
            : planned.Former!.Sessions.FirstOrDefault(s =>
                s.On == on && s.Id != session.Id && s.On >= planned.Today && !planned.Done.Contains(s.Id)
            );

    private static IReadOnlyList<BrokenRule> NewlyBroken(PlanningCase planned, List<PlacedSession> after) =>
        NewlyBroken(planned, after, [.. planned.Former!.Sessions]);

    /// <summary>What the change breaks, and not what was broken before it.</summary>
    private static IReadOnlyList<BrokenRule> NewlyBroken(PlanningCase planned, List<PlacedSession> after, List<PlacedSession> before) =>
        [.. HardRules.Broken(planned, after, planned.Today).Except(HardRules.Broken(planned, before, planned.Today))];
}
