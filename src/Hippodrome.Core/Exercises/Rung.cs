using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Exercises;

/// <summary>What good looks like, in things that a ride records.</summary>
/// <param name="Mark">Mark on both reins.</param>
/// <param name="LeastTension">Least tension that is still attentive.</param>
/// <param name="MostTension">Most tension that is still calm.</param>
/// <param name="CleanShare">Share of passes or efforts that are clean, where there is something to touch.</param>
/// <param name="Says">The same in riders' words, with what only this rung asks.</param>
public sealed record Good(double Mark, int LeastTension, int MostTension, double? CleanShare, string Says)
{
    /// <summary>Effortless on the flat: 7 on both reins, relaxed to keen.</summary>
    public static Good OnTheFlat(string says) => new(7, 1, 2, null, says);

    /// <summary>Effortless over poles: the same, with four passes in five clean.</summary>
    public static Good OverPoles(string says) => new(7, 1, 2, ExerciseFigures.CleanPasses.Value, says);

    /// <summary>Confident over fences: the same, with nine efforts in ten straight and clear.</summary>
    public static Good OverFences(string says) => new(7, 1, 2, ExerciseFigures.ClearEfforts.Value, says);
}

/// <summary>One rung of a ladder.</summary>
public sealed record Rung
{
    /// <summary>Its name in addresses and in the store: <c>poles/trot-poles</c>.</summary>
    public required string Id { get; init; }

    public required Strand Strand { get; init; }

    /// <summary>Place on its ladder, from 1.</summary>
    public required int Step { get; init; }

    public required string Name { get; init; }

    /// <summary>What it is for.</summary>
    public required string Purpose { get; init; }

    /// <summary>How it is done.</summary>
    public required string How { get; init; }

    public required Good Good { get; init; }

    /// <summary>What to watch for.</summary>
    public required string Watch { get; init; }

    /// <summary>Rungs of other strands that must be reached first.</summary>
    public IReadOnlyList<string> Needs { get; init; } = [];

    /// <summary>Where to go back to; null on the first rung, where less of the same is the way back.</summary>
    public string? FallBack { get; init; }

    public required Figure<int> YoungestAge { get; init; }

    /// <summary>Highest fence that belongs to it; null where nothing is jumped, or where the horse's own limit is the only one.</summary>
    public Figure<double>? MostHeight { get; init; }

    /// <summary>Nothing is jumped on it although its ladder is one of fences: poles between wings, shallow water.</summary>
    public bool NoFence { get; init; }

    /// <summary>Someone on the ground is wanted.</summary>
    public bool Helper { get; init; }

    public IReadOnlyList<string> Kit { get; init; } = [];

    /// <summary>Most sessions of it in seven days; null where nothing but sense limits it.</summary>
    public Figure<int>? MostAWeek { get; init; }

    /// <summary>Good sessions running before going up.</summary>
    public Figure<int> SessionsToGoUp { get; init; } = ExerciseFigures.SessionsToGoUp;

    /// <summary>Where it can hurt a horse or a person.</summary>
    public string? Caution { get; init; }

    /// <summary>Who must be asked first.</summary>
    public string? Ask { get; init; }
}

/// <summary>What a rung asks besides work on the ground.</summary>
public static class RungKinds
{
    /// <summary>It belongs to a ladder of fences: nobody rides it alone.</summary>
    public static bool IsJumped(this Rung rung)
    {
        ArgumentNullException.ThrowIfNull(rung);
        return rung.Strand.IsJumped();
    }

    /// <summary>A ladder of fences.</summary>
    public static bool IsJumped(this Strand strand) => strand is Strand.Grids or Strand.Jumping or Strand.Narrow or Strand.CrossCountry;

    /// <summary>Something is jumped on this very rung.</summary>
    public static bool IsOverFences(this Rung rung)
    {
        ArgumentNullException.ThrowIfNull(rung);
        return rung.IsJumped() && !rung.NoFence;
    }

    /// <summary>Work in which the horse is gathered: collected gaits, pirouettes, piaffe and passage, changes in series.</summary>
    public static bool IsCollected(this Rung rung)
    {
        ArgumentNullException.ThrowIfNull(rung);
        return rung.Strand == Strand.Collected
            || rung.Id == "flatwork/collected-gaits"
            || (rung.Strand == Strand.Changes && rung.Step >= Catalogue.Rung("changes/every-fourth").Step);
    }
}
