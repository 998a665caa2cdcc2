using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Blocks;

/// <summary>What missed days ask of the weeks that follow.</summary>
/// <param name="Days">Days since the first of the sessions that were missed or cut short last, up to yesterday.</param>
/// <param name="Setbacks">Weeks that went back, former ones among them.</param>
/// <param name="RepeatsLast">The last session ridden is repeated, lighter.</param>
/// <param name="Says">In words; null where nothing was missed.</param>
public sealed record MissedDays(int Days, IReadOnlyList<Setback> Setbacks, PlacedSession? RepeatsLast, string? Says)
{
    /// <summary>
    /// One or two days: carry on. Three to six: the last session again, lighter. Seven to thirteen: one rung and one week
    /// back. Fourteen or more: a return ramp. Days already answered for by an earlier setback are not counted twice.
    /// </summary>
    public static MissedDays Of(PlanningCase planned)
    {
        ArgumentNullException.ThrowIfNull(planned);
        var former = planned.Former?.Setbacks ?? [];
        var before = planned.Former?.Sessions.Where(s => s.On < planned.Today).OrderBy(s => s.On).ToList() ?? [];
        bool RiddenThrough(PlacedSession s) => planned.Done.Contains(s.Id) && !planned.CutShort.Contains(s.Id);
        var run = before.AsEnumerable().Reverse().TakeWhile(s => !RiddenThrough(s)).ToList();
        var missed = run.LastOrDefault();
        if (missed is null || planned.Horse.InHandOnly(planned.Today))
        {
            return new MissedDays(0, former, null, null);
        }

        var days = planned.Today.DayNumber - missed.On.DayNumber;
        var last = before.LastOrDefault(RiddenThrough);
        var gone = $"{Say(days)} missed{(run.Exists(s => planned.CutShort.Contains(s.Id)) ? " or cut short" : "")}";
        var monday = TrainingLoad.Monday(planned.Today);
        var off = days / 7;
        var answered = former.Where(s => s.Monday > missed.On.AddDays(-7)).ToList();
        return days <= BlockFigures.CarryOnDays.Value
                ? new MissedDays(days, former, null, $"{gone}: carry on. What was missed is not caught up.")
            : days <= BlockFigures.RepeatLighterDays.Value ? new MissedDays(days, former, last, $"{gone}: the last session again, lighter.")
            : days <= BlockFigures.WeekBackDays.Value
                ? new MissedDays(
                    days,
                    answered.Count > 0
                        ? former
                        : [.. former, new Setback(monday, 1, null, SetbackFrom.DaysMissed, $"{gone}: one week and one rung back")],
                    null,
                    $"{gone}: one week and one rung back."
                )
            : new MissedDays(
                days,
                answered.Exists(s => s.WeeksOff == off)
                    ? former
                    : [.. former.Except(answered), new Setback(monday, 1, off, SetbackFrom.DaysMissed, $"{gone}: back by a return ramp")],
                null,
                $"{gone}: back by a return ramp, {TimeOff.WalkWeeks(off)?.Value ?? 0} walk weeks."
            );
    }

    /// <summary>Sessions that were begun and broken off early: they count as missed.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="done">Its sessions that were ridden at all.</param>
    /// <param name="ridden">What was ridden, day by day.</param>
    /// <param name="today">Today's may yet be ridden on.</param>
    public static IReadOnlySet<Guid> BrokenOff(BlockPlan plan, IReadOnlySet<Guid> done, IEnumerable<DayRidden> ridden, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(done);
        var minutes = ridden.GroupBy(r => r.On).ToDictionary(d => d.Key, d => d.Sum(r => r.Walk + r.Trot + r.Canter));
        return plan
            .Sessions.Where(s => s.On < today && done.Contains(s.Id) && s.Kind != SessionKind.Competition)
            .Where(s => minutes.TryGetValue(s.On, out var was) && was < s.Minutes.Total * BlockFigures.CutShort.Value)
            .Select(s => s.Id)
            .ToHashSet();
    }

    /// <summary>A week in which every ladder goes one rung back.</summary>
    internal bool GoesBackAt(DateOnly monday) => Setbacks.Any(s => s.Monday == monday);

    private static string Say(int days) => days == 1 ? "1 day" : $"{days} days";
}
