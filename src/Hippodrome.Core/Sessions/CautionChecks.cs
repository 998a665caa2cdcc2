using System.Globalization;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using static Hippodrome.Core.Sessions.PlanChecks;

namespace Hippodrome.Core.Sessions;

/// <summary>What protects horse and rider: holds, restrictions, age, helpers, and rungs that are not open yet.</summary>
internal static class CautionChecks
{
    public static readonly PlanCheck[] All = [LamenessHold, Restricted, TooYoungToRide, TooLongForItsAge, TooYoungForRung, FenceWithoutHelper, NotLightAfterHold, RungNotOpen, RungWithoutHelper, RaisedPolesWithoutHelper];

    private static PlanFault? LamenessHold(PlanContext c) =>
        c.HeldBecause is null || c.Plan.Manner == Manner.InHand ? null : Hard(
            nameof(LamenessHold), $"{c.Horse.Name} is held: {c.HeldBecause}.", "No ridden or lunged work until a vet has cleared it. Enter the clearance in the passport.", [c.HeldBecause], Source.CommonPractice);

    /// <summary>The first restriction that the plan would break: a gait, a strand or a height that is out.</summary>
    private static PlanFault? Restricted(PlanContext c)
    {
        foreach (var restriction in (c.Restrictions ?? []).Where(r => r.HoldsOn(c.Plan.On)))
        {
            var gait = c.Plan.Parts.Select(p => p.Gait).Where(restriction.NoGaits.Contains).Select(g => g.ToString().ToLowerInvariant()).FirstOrDefault();
            var strand = c.PlannedRungs.Select(r => r.Strand).Where(restriction.NoStrands.Contains).Select(s => s.Say()).FirstOrDefault();
            var fence = c.Plan.Parts.Any(p => IsTooHigh(c, p, restriction)) ? "that fence" : null;
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

    private static PlanFault? FenceWithoutHelper(PlanContext c) =>
        !c.Plan.Parts.Any(c.IsJumped) || c.Plan.Helper ? null : Hard(
            nameof(FenceWithoutHelper), "There is a fence in this session and nobody on the ground.", "Find a helper or a second rider, or take the fence out.", ["nobody jumps alone"], Source.CommonPractice);

    /// <summary>The first day after a hold is light: walk and trot, no fence, half an hour. Sound again, it goes by the lunge and the long lines to the saddle.</summary>
    private static PlanFault? NotLightAfterHold(PlanContext c)
    {
        var limit = SessionFigures.LightDay;
        var fast = c.Plan.Parts.Any(p => p.Gait is Gait.Canter or Gait.Gallop);
        return c.ClearedOn is not { } cleared || (c.Plan.Minutes <= limit.Value && !fast && !c.HasFence) ? null : Soft(
            nameof(NotLightAfterHold), string.Create(CultureInfo.InvariantCulture, $"Its first work since the hold was cleared on {cleared:d MMMM} is not light."), $"Walk and trot, no fence, {limit.Value} minutes at most; on the lunge or the long lines before the saddle.",
            new Why("After a hold: a light day, soundness shown again on the lunge, then long lines, then saddle, and one rung down", [Minutes("{0} minutes planned", c.Plan.Minutes), .. fast ? ["canter in it"] : (string[])[]], limit.Source));
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
        var rung = c.Plan.Helper ? null : c.PlannedRungs.FirstOrDefault(r => r.Helper && !r.IsJumped());
        return rung is null ? null : Soft(
            nameof(RungWithoutHelper), $"{rung.Name} wants a helper, and nobody is on the ground.", "Find a helper, or work on another rung.",
            new Why("Some rungs want a second pair of hands", [rung.Caution ?? rung.Watch], Source.CommonPractice));
    }

    private static PlanFault? RaisedPolesWithoutHelper(PlanContext c) =>
        c.Plan.Helper || !c.PlannedSetUps.Any(s => s.HasRaisedPole) ? null : Soft(
            nameof(RaisedPolesWithoutHelper), "Raised poles and nobody on the ground.", "Find a helper, or leave the poles on the ground.",
            new Why("A helper puts a rolled pole right before the next pass", ["raised poles", "no helper"], Source.CommonPractice));

    internal static bool IsTooHigh(PlanContext c, Part part, Restriction restriction) =>
        restriction.MostHeight is { } most && c.SetUpOf(part) is { HasFence: true } setUp && setUp.HighestFence > most;
}
