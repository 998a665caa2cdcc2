using Hippodrome.Core.Exercises.Ladders;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Exercises;

/// <summary>Every strand, rung and exercise that Hippodrome comes with. Nothing in it is ever overwritten.</summary>
public static class Catalogue
{
    private static readonly Dictionary<Strand, IReadOnlyList<Rung>> Ladders = new()
    {
        [Strand.InHand] = GroundLadders.InHand,
        [Strand.Lunge] = GroundLadders.Lunge,
        [Strand.Flatwork] = FlatLadders.Flatwork,
        [Strand.Lateral] = FlatLadders.Lateral,
        [Strand.Changes] = FlatLadders.Changes,
        [Strand.Collected] = FlatLadders.Collected,
        [Strand.Poles] = FenceLadders.Poles,
        [Strand.Grids] = FenceLadders.Grids,
        [Strand.Jumping] = FenceLadders.Jumping,
        [Strand.Narrow] = FenceLadders.Narrow,
        [Strand.CrossCountry] = FenceLadders.CrossCountry,
        [Strand.Fitness] = FenceLadders.Fitness,
    };

    private static readonly Dictionary<string, Rung> ById = Ladders.Values.SelectMany(l => l).ToDictionary(r => r.Id);

    public static IReadOnlyList<Strand> Strands { get; } = Enum.GetValues<Strand>();

    public static IReadOnlyList<Rung> Rungs { get; } = [.. Strands.SelectMany(s => Ladders[s])];

    public static IReadOnlyList<Exercise> Exercises { get; } = [.. GroundExercises.All, .. FlatExercises.All, .. FenceExercises.All];

    private static readonly Dictionary<string, Exercise> ExercisesById = Exercises.ToDictionary(e => e.Id);

    /// <summary>A strand's rungs, the first at the bottom.</summary>
    public static IReadOnlyList<Rung> Ladder(Strand strand) => Ladders[strand];

    public static Rung? Find(string id) => ById.GetValueOrDefault(id);

    public static Exercise? FindExercise(string id) => ExercisesById.GetValueOrDefault(id);

    /// <exception cref="KeyNotFoundException">The catalogue has no such exercise.</exception>
    public static Exercise Exercise(string id) => ExercisesById[id];

    /// <exception cref="KeyNotFoundException">The catalogue has no such rung.</exception>
    public static Rung Rung(string id) => ById[id];

    /// <summary>The rung above, or null at the top.</summary>
    public static Rung? Above(Rung rung)
    {
        ArgumentNullException.ThrowIfNull(rung);
        return Ladders[rung.Strand].ElementAtOrDefault(rung.Step);
    }

    public static IEnumerable<Exercise> ExercisesOf(Rung rung) => Exercises.Where(e => e.RungId == rung.Id);
}
