using Hippodrome.Core.Blocks;
using Hippodrome.Core.Measures;

namespace Hippodrome.Planning.Blocks;

/// <summary>
/// Plans a block: phases from the aim backwards, minutes by gait, kinds of session, and then the days. With a former
/// plan, days gone by stay as they were, what is pinned stays where it is, and the rest moves as little as it can.
/// </summary>
public sealed class BlockPlanner
{
    private readonly PlanningCase _case;
    private readonly Calendar _calendar;
    private readonly MissedDays _missed;

    private BlockPlanner(PlanningCase planned)
    {
        _case = planned;
        _calendar = new Calendar(planned.Block, planned.Horse, planned.RiderThere);
        _missed = MissedDays.Of(planned);
    }

    private Block Block => _case.Block;

    /// <summary>From which day on things may move.</summary>
    private DateOnly From => _case.Former is null || Block.Start > _case.Today ? Block.Start : _case.Today;

    /// <summary>
    /// The plan, or what to change when the hard rules cannot all hold. The same inputs give the same plan; a cancelled
    /// one says so.
    /// </summary>
    public static Outcome<BlockPlan> Plan(
        PlanningCase planned,
        IProgress<PlanProgress>? progress = null,
        CancellationToken cancel = default
    )
    {
        ArgumentNullException.ThrowIfNull(planned);
        return new BlockPlanner(planned).Plan(progress, cancel);
    }

    private Outcome<BlockPlan> Plan(IProgress<PlanProgress>? progress, CancellationToken cancel)
    {
        var checks = new Checks();
        if (_case.Horse.HeldBecause is { } held && _case.Former is null)
        {
            checks.Add("start", $"{_case.Horse.Horse.Name} is held: {held}.", "Nothing is planned until a vet has cleared it.");
            return checks.Outcome<BlockPlan>(() => null!);
        }

        var setbacks = _missed.Setbacks;
        var targets = VolumeCurve.Of(_case, _calendar, Phases.Of(Block, _calendar), [.. setbacks, .. ReturnGates.Setbacks(_case)]);
        var quotas = Quotas.Of(_case, _calendar, targets);
        var task = new PlacingTask(
            Block,
            _calendar,
            [.. quotas.Where(q => q.Target.Monday.AddDays(6) >= From).Select(ToPlace)],
            Fixed(),
            Pinned(),
            Former(),
            _case.OtherHorses
        );
        if (Placer.Place(task, progress, cancel) is not { } placed)
        {
            checks.AddRange(Conflict.Of(task));
            return checks.Outcome<BlockPlan>(() => null!);
        }

        var weeks = Weeks(quotas, placed.Slots);
        return checks.Outcome(() =>
            new BlockPlan(
                Phases.Spans(Block, [.. weeks.Select(w => w.Phase)]),
                weeks,
                setbacks,
                _case.Former?.Skipped ?? [],
                _case.Former?.Added ?? [],
                [.. Notes(quotas), .. AimShort.Of(_case, weeks)],
                placed.Solved
            )
        );
    }

    private BlockWeek? FormerWeek(DateOnly monday) => _case.Former?.Weeks.FirstOrDefault(w => w.Monday == monday);

    /// <summary>Sessions of the former plan that may still move, or be ridden.</summary>
    private IEnumerable<PlacedSession> Ahead(DateOnly monday) => FormerWeek(monday)?.Sessions.Where(s => !IsPast(s)) ?? [];

    private bool IsPast(PlacedSession session) => session.On < From || _case.Done.Contains(session.Id);

    private IEnumerable<PlacedSession> Past(DateOnly monday) => FormerWeek(monday)?.Sessions.Where(IsPast) ?? [];

    private WeekToPlace ToPlace(WeekQuota quota)
    {
        var monday = quota.Target.Monday;
        var past = Past(monday).ToList();
        var taken = past.Select(s => s.On).ToHashSet();
        var skipped = (_case.Former?.Skipped ?? []).Where(s => s.Monday == monday).ToList();
        var added = Ahead(monday).Where(s => _case.Former!.Added.Contains(s.Id)).ToList();
        var days = Calendar
            .Days(monday)
            .Where(d => d >= From && !taken.Contains(d) && (_calendar.CanWork(d) || added.Exists(a => a.On == d)))
            .ToList();
        if (_case.Horse.HeldBecause is not null)
        {
            return new WeekToPlace(quota, 0, new Dictionary<SessionKind, int>(), new Dictionary<SessionKind, int>(), days);
        }

        var sessions = quota.Target.Sessions - past.Count - skipped.Count;
        if (monday < From && !Ahead(monday).Any())
        {
            // Begun in the middle of the week: the part of it that is left.
            sessions = Math.Min(sessions, (int)Math.Ceiling(quota.Target.Sessions * (7.0 - (From.DayNumber - monday.DayNumber)) / 7));
        }

        IReadOnlyDictionary<SessionKind, int> Left(IReadOnlyDictionary<SessionKind, int> quotas) =>
            quotas.ToDictionary(
                q => q.Key,
                q =>
                    Math.Max(
                        0,
                        q.Value - past.Count(s => s.Kind == q.Key) - skipped.Count(s => s.Kind == q.Key) + added.Count(s => s.Kind == q.Key)
                    )
            );
        return new WeekToPlace(
            quota,
            Math.Clamp(sessions + added.Count, 0, days.Count),
            Left(quota.Wanted),
            past.Count == 0 ? Left(quota.Asked) : new Dictionary<SessionKind, int>(),
            days
        );
    }

    private List<Slot> Fixed() => [.. (_case.Former?.Sessions ?? []).Where(IsPast).Select(s => new Slot(s.On, s.Kind))];

    private List<Slot> Pinned() =>
        _case.Horse.HeldBecause is not null
            ? []
            : [.. (_case.Former?.Sessions ?? []).Where(s => s.Pinned && !IsPast(s)).Select(s => new Slot(s.On, s.Kind))];

    private List<Slot> Former() =>
        _case.Horse.HeldBecause is not null
            ? []
            : [.. (_case.Former?.Sessions ?? []).Where(s => !IsPast(s)).Select(s => new Slot(s.On, s.Kind))];

    private List<BlockWeek> Weeks(IReadOnlyList<WeekQuota> quotas, IReadOnlyList<Slot> slots)
    {
        var expected = new RungsExpected(_case);
        var weeks = new List<BlockWeek>();
        foreach (var quota in quotas)
        {
            var monday = quota.Target.Monday;
            var former = FormerWeek(monday);
            if (former is not null && monday.AddDays(6) < From)
            {
                weeks.Add(former);
                continue;
            }

            // Ridden since, it stands where its rides have put it.
            if (_missed.GoesBackAt(monday) && _missed.Days > 0)
            {
                expected.OneBack(monday);
            }

            var here = slots.Where(s => s.On >= monday && s.On < monday.AddDays(7)).ToList();
            var past = Past(monday).ToList();
            var rungs = expected.Week(
                quota.Target,
                here.Select(s => s.Kind).Concat(past.Select(p => p.Kind)).GroupBy(k => k).ToDictionary(g => g.Key, g => g.Count())
            );
            var placed = new WeekSessions(_case, _calendar, quota, former, past, rungs).Of(here);
            if (weeks.Count == 0 || monday <= From)
            {
                placed = FirstSessions.Eased(placed, past, _case, _missed, From);
            }

            var sessions = past.Concat(placed).OrderBy(s => s.On).ToList();
            weeks.Add(
                new BlockWeek(
                    quota.Target.Number,
                    monday,
                    quota.Target.Phase,
                    MinutesByGait.Sum(sessions.Select(s => s.Minutes)),
                    quota.Target.Goal,
                    CauseOf(quota.Target),
                    rungs,
                    sessions,
                    SoftRules.OfWeek(quota, sessions),
                    new WeekWhy(quota.Target.Why, quota.Why)
                )
            );
        }

        return [.. weeks.Select(w => w.Monday.AddDays(6) < From ? w : w with { Sessions = SoftRules.OfDays(w.Sessions, weeks, Block) })];
    }

    private WeekCause CauseOf(WeekTarget target) =>
        _case.Horse.HeldBecause is { } held
            ? target.Cause with
            {
                Held = new WeekHeld(HeldBy.Hold, $"a vet has cleared it ({held})"),
            }
            : target.Cause;

    /// <summary>What the mix would have liked and the calendar cannot give.</summary>
    private List<string> Notes(IReadOnlyList<WeekQuota> quotas)
    {
        var notes = new List<string>();
        var wished = SessionMix
            .Weights(Block, BlockPhase.Climb)
            .Keys.Where(k => quotas.All(q => q.Target.Ramp is null && !q.Allowed.Contains(k)))
            .Order()
            .ToList();
        foreach (var kind in wished.Where(_ => !_case.Horse.InHandOnly(Block.Start)))
        {
            var why =
                kind.NeedsHelper() && Block.HelperDays.Count == 0 ? "no day with a helper"
                : kind.NeedsArena() && Block.ArenaDays.Count == 0 ? "no day with the arena"
                : kind.NeedsOpenGround() && Block.OpenGroundDays.Count == 0 ? "no day with hills or a track"
                : kind.NeedsOpenGround() && kind.NeedsHelper() && !Block.OpenGroundDays.Intersect(Block.HelperDays).Any()
                    ? "no day has both a helper and open ground"
                : "it is not open to this horse yet, or has no day that suits it";
            notes.Add($"No {kind.Say()} in this block: {why}.");
        }

        return notes;
    }
}
