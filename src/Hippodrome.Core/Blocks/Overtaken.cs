using Hippodrome.Core.Conditioning;

namespace Hippodrome.Core.Blocks;

/// <summary>What has happened since a plan was made that it does not know of.</summary>
public static class Overtaken
{
    /// <summary>Why the plan should be made again, in words; null where nothing asks for it.</summary>
    /// <param name="planned">The plan as it stands, and the horse and its week as they are now.</param>
    /// <param name="madeOn">The day the plan was made.</param>
    public static string? By(PlanningCase planned, DateOnly madeOn)
    {
        ArgumentNullException.ThrowIfNull(planned);
        var plan = planned.Former!;
        var monday = TrainingLoad.Monday(planned.Today);
        var ahead = plan.Sessions.Where(s => s.On >= planned.Today).ToList();
        var missed = MissedDays.Of(planned);
        return planned.Horse.HeldBecause is { } held
            ? ahead.Count > 0
                ? $"Held: {held}."
                : null
            : plan.Weeks.Any(w => w.Monday >= monday && w.Cause.Held is { By: HeldBy.Hold })
                ? "The hold has been cleared."
                : planned.Horse.Cleared is { } cleared && madeOn <= cleared.On
                    ? "The hold has been cleared."
                    : missed is { Says: { } says } && missed.Days > BlockFigures.CarryOnDays.Value && madeOn < planned.Today
                        ? says
                        : planned.Next is { } next
                            ? $"A verdict was accepted: {next.Because}"
                            : BrokenRule(planned, ahead) ?? OtherWeeks(planned, monday);
    }

    private static string? BrokenRule(PlanningCase planned, IReadOnlyList<PlacedSession> ahead) =>
        HardRules
            .Broken(planned, ahead, planned.Today)
            .Where(b => b.Rule is not (nameof(HardRules.HardNeighbours) or nameof(HardRules.OneADay)))
            .Select(b => FormattableString.Invariant($"{b.On:dddd d MMMM}: {b.Says}."))
            .FirstOrDefault();

    /// <summary>A gate that failed, a stage that was cleared, a competition scratched: the weeks ahead would come to something else.</summary>
    private static string? OtherWeeks(PlanningCase planned, DateOnly monday)
    {
        var calendar = new Calendar(planned.Block, planned.Horse, planned.RiderThere);
        var targets = VolumeCurve.Of(
            planned,
            calendar,
            Phases.Of(planned.Block, calendar),
            [.. MissedDays.Of(planned).Setbacks, .. ReturnGates.Setbacks(planned)]
        );
        var other = targets
            .Where(t => t.Monday > monday)
            .Select(t => (Target: t, Week: planned.Former!.Weeks.FirstOrDefault(w => w.Monday == t.Monday)))
            .FirstOrDefault(x =>
                x.Week is null
                || (x.Target.Phase, x.Target.Minutes, x.Target.Cause.Held) != (x.Week.Phase, x.Week.Goal.Minutes, x.Week.Cause.Held)
            );
        if (other.Target is not { } target)
        {
            return null;
        }

        return target.Cause.Setback is { From: SetbackFrom.Gate, Because: var repeated }
                ? $"{char.ToUpperInvariant(repeated[0])}{repeated[1..]}."
            : other.Week?.Cause.Held is { } waited && target.Cause.Held is null
                ? $"What the next stage waited for is there: {waited.Until}."
            : FormattableString.Invariant(
                $"From {target.Monday:d MMMM} on the weeks would come to something else: {target.Minutes.Total} minutes, and not {other.Week?.Goal.Minutes.Total ?? 0}."
            );
    }
}
