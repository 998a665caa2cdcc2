using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>What a square of four poles may be.</summary>
public static class SquareFigures
{
    public static readonly Figure<int> MostSteps = Figure.Chosen(
        "Steps in a side of a square of poles, at most",
        8,
        "",
        "eight walk steps are about seven metres: more than that is four poles by themselves"
    );

    public static readonly Figure<double> Corner = Figure.Chosen(
        "A side of a square is longer than its pole by at least",
        0.10,
        "m",
        "so much of a corner stays open that no end lies on another, however the builder lays them"
    );

    /// <summary>The shortest side, in metres.</summary>
    public static double ShortestSide => CurvedPoles.PoleLength.Value + Corner.Value;
}
