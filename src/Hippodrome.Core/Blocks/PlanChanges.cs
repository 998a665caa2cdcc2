using System.Globalization;

namespace Hippodrome.Core.Blocks;

/// <summary>How a session differs between two plans.</summary>
public enum ChangeKind
{
    Moved,
    Changed,
    Dropped,
    Added,
}

/// <summary>One line of a before-and-after list.</summary>
/// <param name="Id">The session.</param>
/// <param name="Kind">Moved, changed, dropped, added.</param>
/// <param name="Before">As it was; null where it was not there.</param>
/// <param name="After">As it would be; null where it goes.</param>
/// <param name="Because">Why.</param>
public sealed record PlanChange(Guid Id, ChangeKind Kind, PlacedSession? Before, PlacedSession? After, string Because);

/// <summary>A plan made again from today, and what changes.</summary>
/// <param name="Plan">The plan if everything is accepted.</param>
/// <param name="Changes">Session by session, the earliest first.</param>
/// <param name="Says">What made it change, in words; null where nothing did.</param>
public sealed record Replanned(BlockPlan Plan, IReadOnlyList<PlanChange> Changes, string? Says);

/// <summary>Says what changes between two plans of a block, and takes over some of the changes or all of them.</summary>
public static class PlanChanges
{
    /// <summary>What differs between two plans of one block. Rungs are expectations and follow the horse; they are no change of plan.</summary>
    public static IReadOnlyList<PlanChange> Between(BlockPlan before, BlockPlan after, PlanningCase planned, string? says)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(after);
        ArgumentNullException.ThrowIfNull(planned);
        var was = before.Sessions.ToDictionary(s => s.Id);
        var willBe = after.Sessions.ToDictionary(s => s.Id);
        return
        [
            .. was
                .Keys.Union(willBe.Keys)
                .Select(id => (Id: id, Was: was.GetValueOrDefault(id), Is: willBe.GetValueOrDefault(id)))
                .Select(c => Change(c.Id, c.Was, c.Is, before, after, planned, says))
                .OfType<PlanChange>()
                .OrderBy(c => (c.Before ?? c.After)!.On)
                .ThenBy(c => c.Id),
        ];
    }

    /// <summary>
    /// The former plan with some of the changes. Where the rules cannot hold with only some of them, says which are broken.
    /// </summary>
    public static Measures.Outcome<BlockPlan> Accept(PlanningCase planned, Replanned again, IReadOnlySet<Guid> accepted)
    {
        ArgumentNullException.ThrowIfNull(planned);
        ArgumentNullException.ThrowIfNull(again);
        ArgumentNullException.ThrowIfNull(accepted);
        if (again.Changes.All(c => accepted.Contains(c.Id)))
        {
            return Measures.Outcome<BlockPlan>.Fine(again.Plan);
        }

        var left = again.Changes.Where(c => !accepted.Contains(c.Id)).ToDictionary(c => c.Id);
        var sessions = again
            .Plan.Sessions.Where(s => !left.ContainsKey(s.Id))
            .Concat(left.Values.Select(c => c.Before).OfType<PlacedSession>())
            .ToList();
        var broken = HardRules.Broken(planned, sessions, planned.Today);
        return broken.Count > 0
            ? Measures.Outcome<BlockPlan>.Wrong([
                .. broken.Select(b => new Measures.Fault(
                    "accepted",
                    string.Create(CultureInfo.InvariantCulture, $"{b.On:dddd d MMMM}: {b.Says}."),
                    "Take over the change that goes with it too, or neither."
                )),
            ])
            : Measures.Outcome<BlockPlan>.Fine(With(again.Plan, sessions));
    }

    /// <summary>An earlier plan again from a day on; what stands before that day stays as it is now.</summary>
    public static BlockPlan BackTo(BlockPlan earlier, BlockPlan now, DateOnly from)
    {
        ArgumentNullException.ThrowIfNull(earlier);
        ArgumentNullException.ThrowIfNull(now);
        var past = now.Sessions.Where(s => s.On < from).ToList();
        var ahead = earlier.Sessions.Where(s => s.On >= from && past.TrueForAll(p => p.Id != s.Id));
        return With(
            earlier with
            {
                Weeks = [.. now.Weeks.Where(w => w.Monday.AddDays(6) < from), .. earlier.Weeks.Where(w => w.Monday.AddDays(6) >= from)],
            },
            past.Concat(ahead)
        );
    }

    /// <summary>A plan with other sessions in its weeks; the weeks' sums follow.</summary>
    internal static BlockPlan With(BlockPlan plan, IEnumerable<PlacedSession> sessions)
    {
        var byMonday = sessions.OrderBy(s => s.On).ToLookup(s => Conditioning.TrainingLoad.Monday(s.On));
        return plan with
        {
            Weeks =
            [
                .. plan.Weeks.Select(w =>
                    w with
                    {
                        Sessions = [.. byMonday[w.Monday]],
                        Minutes = MinutesByGait.Sum(byMonday[w.Monday].Select(s => s.Minutes)),
                    }
                ),
            ],
        };
    }

    private static PlanChange? Change(
        Guid id,
        PlacedSession? was,
        PlacedSession? willBe,
        BlockPlan before,
        BlockPlan after,
        PlanningCase planned,
        string? says
    ) =>
        (was, willBe) switch
        {
            (null, { } added) => new PlanChange(id, ChangeKind.Added, null, added, Because(added.On, before, after, says)),
            ({ } gone, null) => new PlanChange(
                id,
                ChangeKind.Dropped,
                gone,
                null,
                gone.On < planned.Today ? "it was not ridden, and is not caught up" : Because(gone.On, before, after, says)
            ),
            ({ } a, { } b) when a.On != b.On => new PlanChange(
                id,
                ChangeKind.Moved,
                a,
                b,
                Breaks(a, planned) ?? Because(b.On, before, after, says)
            ),
            ({ } a, { } b) when a.Kind != b.Kind || a.Minutes != b.Minutes || a.Efforts != b.Efforts || a.Sets != b.Sets => new PlanChange(
                id,
                ChangeKind.Changed,
                a,
                b,
                b.Eased is not null && b.Eased != a.Eased
                    ? $"{b.Why.Rule}: {string.Join(", ", b.Why.Inputs)}"
                    : Because(b.On, before, after, says)
            ),
            _ => null,
        };

    /// <summary>The rule a session would break if it stayed.</summary>
    private static string? Breaks(PlacedSession stays, PlanningCase planned) =>
        HardRules.Broken(planned, [stays], stays.On).Select(b => b.Says).FirstOrDefault();

    /// <summary>What happened to the week it is in.</summary>
    private static string Because(DateOnly on, BlockPlan before, BlockPlan after, string? says)
    {
        var monday = Conditioning.TrainingLoad.Monday(on);
        var (was, willBe) = (before.Weeks.FirstOrDefault(w => w.Monday == monday), after.Weeks.FirstOrDefault(w => w.Monday == monday));
        var back = after.Setbacks.LastOrDefault(s => s.Monday <= monday);
        return (willBe is null ? null : Because(was, willBe))
            ?? back?.Because
            ?? says
            ?? OtherMinutes(was, willBe)
            ?? "the days and the rules of its week leave no other place";
    }

    /// <summary>What a week is now that it was not; null where nothing of it says so.</summary>
    private static string? Because(BlockWeek? was, BlockWeek week) =>
        week.Cause switch
        {
            { Held: { } held } => $"held until {held.Until}",
            { Setback: { } setback } when !IsSame(setback, was?.Cause.Setback) => setback.Because,
            { Out: { } gaits } when was is not null && !gaits.SequenceEqual(was.Cause.Out) => gaits.Count > 0
                ? $"no {Named(gaits)} in its week"
                : $"{Named(was.Cause.Out)} may be ridden again in its week",
            { WorkDays: { } days } when was?.Cause.WorkDays is { } before && before != days =>
                $"{days} {(days == 1 ? "day" : "days")} of its week can be worked, and not {before}",
            _ => null,
        };

    private static bool IsSame(Setback setback, Setback? other) =>
        (setback.From, setback.WeeksBack, setback.WeeksOff) == (other?.From, other?.WeeksBack, other?.WeeksOff);

    private static string? OtherMinutes(BlockWeek? was, BlockWeek? week) =>
        was is not null && week is not null && was.Goal.Minutes != week.Goal.Minutes
            ? $"its week is to come to {week.Goal.Minutes.Total} minutes, and not {was.Goal.Minutes.Total}"
            : null;

    private static string Named(IReadOnlyList<Horses.Gait> gaits) =>
        string.Join(" and ", gaits.Select(g => g.ToString().ToLowerInvariant()));
}
