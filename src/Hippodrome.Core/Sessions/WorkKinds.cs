using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Sessions;

/// <summary>Kinds of work that are variety to one another.</summary>
public enum WorkKind
{
    Flat,
    Poles,
    Fences,

    /// <summary>Out of the arena: hacks, hills, canter sets.</summary>
    Out,

    /// <summary>In hand, lunge, long lines, loose.</summary>
    FromTheGround,
}

/// <summary>What kinds of work a session holds, and on which rein it begins.</summary>
internal static class WorkKinds
{
    /// <summary>The rein of the first working part that is ridden on one.</summary>
    public static Rein? FirstRein(SessionPlan plan) =>
        plan.Parts.FirstOrDefault(p => SessionTotals.IsWork(p) && p.Manner == Manner.Ridden && p.Rein != Rein.Both)?.Rein;

    public static IReadOnlyList<WorkKind> Of(SessionPlan plan, IReadOnlyDictionary<Guid, SetUp>? setUps) =>
        [.. plan.Parts.Where(SessionTotals.IsWork).Select(p => Of(p, p.SetUpOf(setUps))).Distinct().Order()];

    private static WorkKind Of(Part part, SetUp? setUp)
    {
        var rung = part.Rung ?? (part.Exercise is { } exercise ? Catalogue.Rung(exercise.RungId) : null);
        return part.Manner != Manner.Ridden ? WorkKind.FromTheGround
            : PartDose.Of(part, setUp).Fences.Count > 0 ? WorkKind.Fences
            : setUp?.HasPoles == true || rung?.Strand == Strand.Poles ? WorkKind.Poles
            : part.Exercise?.Figure == RiddenFigure.OpenGround || rung?.Strand is Strand.Fitness or Strand.CrossCountry ? WorkKind.Out
            : WorkKind.Flat;
    }
}
