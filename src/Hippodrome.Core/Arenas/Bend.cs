using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Arenas;

/// <summary>How far the poll leaves the line of the withers on a curve. It is less than most riders ask for.</summary>
public static class Bend
{
    public static readonly Figure<double> WithersToPoll = Figure.Practice("From the withers to where the bend is seen", 0.62, "m");

    /// <summary>L² / 2R: 19 mm on a 20 m circle, about the width of a thumb (common practice).</summary>
    /// <exception cref="ArgumentOutOfRangeException">No radius.</exception>
    public static Distance Offset(Distance radius)
    {
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(radius.Metres, 0);
        return Distance.FromMetres(WithersToPoll.Value * WithersToPoll.Value / (2 * radius.Metres));
    }
}
