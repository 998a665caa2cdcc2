using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Arenas;

/// <summary>The straight lines a set-up may stand on, named left and right as one comes in at A.</summary>
public enum ArenaLine
{
    LeftInnerTrack,
    LeftQuarterLine,
    CentreLine,
    RightQuarterLine,
    RightInnerTrack,
}

/// <summary>Which end the horse rides towards.</summary>
public enum Heading
{
    TowardsC,
    TowardsA,
}

/// <summary>Where a set-up stands: which line, ridden which way, and where its middle is.</summary>
/// <param name="Line">The line it stands on.</param>
/// <param name="Heading">The way it is ridden.</param>
/// <param name="Middle">Its middle, from the A end.</param>
public sealed record Placement(ArenaLine Line, Heading Heading, Distance Middle)
{
    public static readonly Figure<double> InnerTrack = Figure.Chosen("Inner track, from the long side", 3.0, "m", "a 3 m pole then leaves 1.5 m to pass along the boards");

    /// <summary>Metres from the left long side.</summary>
    public double Across => Line switch
    {
        ArenaLine.LeftInnerTrack => InnerTrack.Value,
        ArenaLine.LeftQuarterLine => 5,
        ArenaLine.CentreLine => 10,
        ArenaLine.RightQuarterLine => 15,
        _ => 20 - InnerTrack.Value,
    };

    /// <summary>The first element's place along the arena for a set-up of this length, from the end it is ridden from.</summary>
    public double Before(Arena arena, Distance length)
    {
        ArgumentNullException.ThrowIfNull(arena);
        var middle = Heading == Heading.TowardsC ? Middle.Metres : arena.Length.Metres - Middle.Metres;
        return middle - (length.Metres / 2);
    }

    /// <summary>Metres from the A end of a point this far along the set-up.</summary>
    public double Along(Arena arena, Distance length, double metres)
    {
        var ridden = Before(arena, length) + metres;
        return Heading == Heading.TowardsC ? ridden : arena.Length.Metres - ridden;
    }
}
