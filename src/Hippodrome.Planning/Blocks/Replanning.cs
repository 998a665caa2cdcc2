using System.Globalization;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Measures;

namespace Hippodrome.Planning.Blocks;

/// <summary>A block planned again from today.</summary>
public static class Replanning
{
    /// <summary>What planning again from today would change, or why nothing fits.</summary>
    public static Outcome<Replanned> Again(
        PlanningCase planned,
        IProgress<PlanProgress>? progress = null,
        CancellationToken cancel = default
    )
    {
        ArgumentNullException.ThrowIfNull(planned);
        ArgumentNullException.ThrowIfNull(planned.Former);
        var plan = BlockPlanner.Plan(planned, progress, cancel);
        var missed = MissedDays.Of(planned);
        var says =
            planned.Horse.HeldBecause is { } held
                ? $"{planned.Horse.Horse.Name} is held: {held}. Nothing is planned until a vet has cleared it."
            : planned.Horse.Cleared is { } cleared
                ? string.Create(
                    CultureInfo.InvariantCulture,
                    $"Cleared on {cleared.On:d MMMM}: the lunge first, then long lines, then the saddle, and one rung down."
                )
            : missed.Says ?? (planned.Next is { } next ? $"A verdict was accepted: {next.Because}." : null);
        return plan.IsFine
            ? Outcome<Replanned>.Fine(new Replanned(plan.Value, PlanChanges.Between(planned.Former, plan.Value, planned, says), says))
            : Outcome<Replanned>.Wrong(plan.Faults);
    }
}
