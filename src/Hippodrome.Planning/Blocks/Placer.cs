using Hippodrome.Core.Blocks;

namespace Hippodrome.Planning.Blocks;

/// <summary>
/// Places a block fortnight by fortnight: each week is settled with the one after it in view. Where a week cannot
/// follow on what was settled before it, the week before is opened again, and at last all of them.
/// </summary>
internal static class Placer
{
    /// <summary>The placing; null where the hard rules cannot all hold.</summary>
    public static (IReadOnlyList<Slot> Slots, Solved Solved)? Place(
        PlacingTask task,
        IProgress<PlanProgress>? progress,
        CancellationToken cancel
    )
    {
        var settled = new List<Slot>();
        var solved = new Solved(true, 0, 0, false);
        for (var i = 0; i < task.Weeks.Count; i++)
        {
            progress?.Report(new PlanProgress(i, task.Weeks.Count));
            var found = Window(task, settled, i, i, cancel) ?? (i > 0 ? Window(task, settled, i - 1, i, cancel) : null);
            if (found is null)
            {
                return PlacingModel.Solve(task, cancel);
            }

            var upTo = task.Weeks[i].Monday.AddDays(7);
            var from = found.Value.From;
            settled.RemoveAll(s => s.On >= from);
            settled.AddRange(found.Value.Slots.Where(s => s.On < upTo));
            var part = found.Value.Solved;
            // The week in view is weighed again when its turn comes, so the sums are of the windows and not of the plan.
            solved = new Solved(
                solved.Optimal && part.Optimal,
                solved.Cost + part.Cost,
                solved.Bound + part.Bound,
                solved.Cancelled || part.Cancelled
            );
        }

        return (settled, solved);
    }

    private static (DateOnly From, IReadOnlyList<Slot> Slots, Solved Solved)? Window(
        PlacingTask task,
        List<Slot> settled,
        int first,
        int week,
        CancellationToken cancel
    )
    {
        var from = task.Weeks[first].Monday;
        var inView = task.Weeks.Skip(first).Take(week - first + 2).ToList();
        var until = inView[^1].Monday.AddDays(7);
        var window = task with
        {
            Weeks = inView,
            Fixed = [.. task.Fixed, .. settled.Where(s => s.On < from)],
            Pinned = [.. task.Pinned.Where(p => p.On >= from && p.On < until)],
            Former = [.. task.Former.Where(p => p.On >= from && p.On < until)],
        };
        return PlacingModel.Solve(window, cancel) is { } found ? (from, found.Slots, found.Solved) : null;
    }
}
