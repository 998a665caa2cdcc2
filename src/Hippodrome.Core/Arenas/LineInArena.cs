using Hippodrome.Core.Horses;
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

public static class ArenaLines
{
    /// <summary>The line on the other side of the centre line.</summary>
    public static ArenaLine Mirrored(this ArenaLine line) =>
        line switch
        {
            ArenaLine.LeftInnerTrack => ArenaLine.RightInnerTrack,
            ArenaLine.LeftQuarterLine => ArenaLine.RightQuarterLine,
            ArenaLine.RightQuarterLine => ArenaLine.LeftQuarterLine,
            ArenaLine.RightInnerTrack => ArenaLine.LeftInnerTrack,
            _ => line,
        };
}

/// <summary>Which end the horse rides towards.</summary>
public enum Heading
{
    TowardsC,
    TowardsA,
}

/// <summary>Where a set-up stands: which line, ridden which way, where its middle is, and how far it is turned off its line.</summary>
/// <param name="Line">The line its middle lies on.</param>
/// <param name="Heading">The way it is ridden.</param>
/// <param name="Middle">Its middle, from the A end.</param>
/// <param name="TurnedDegrees">Turned about its middle, to the right as it is ridden.</param>
public sealed record Placement(ArenaLine Line, Heading Heading, Distance Middle, double TurnedDegrees = 0)
{
    public static readonly Figure<double> InnerTrack = Figure.Chosen(
        "Inner track, from the long side",
        3.0,
        "m",
        "a 3 m pole then leaves 1.5 m to pass along the boards"
    );

    /// <summary>Metres of its middle from the left long side.</summary>
    public double Across =>
        Line switch
        {
            ArenaLine.LeftInnerTrack => InnerTrack.Value,
            ArenaLine.LeftQuarterLine => 5,
            ArenaLine.CentreLine => 10,
            ArenaLine.RightQuarterLine => 15,
            _ => 20 - InnerTrack.Value,
        };

    /// <summary>The way it is ridden, in degrees from the way to C, turning to the right long side.</summary>
    public double Direction => (Heading == Heading.TowardsC ? 0 : 180) + TurnedDegrees;

    /// <summary>A point so many metres ahead of the middle and to the rider's right of it; behind and left below zero.</summary>
    public FigurePoint At(double ahead, double right)
    {
        var (sin, cos) = SinCos(Direction);
        return new FigurePoint(Middle.Metres + (ahead * cos) - (right * sin), Across + (ahead * sin) + (right * cos));
    }

    /// <summary>The lead a horse will want: it turns next to the side where the arena is, left where both are alike.</summary>
    public Side Lead(Arena arena)
    {
        ArgumentNullException.ThrowIfNull(arena);
        var toTheMiddle = (arena.Width.Metres / 2) - Across;
        return toTheMiddle * SinCos(Direction).Cos > 1e-9 ? Side.Right : Side.Left;
    }

    /// <summary>The same on the other rein: seen in a mirror that stands along the centre line.</summary>
    public Placement Mirrored() => this with { Line = Line.Mirrored(), TurnedDegrees = TurnedDegrees == 0 ? 0 : -TurnedDegrees };

    /// <summary>Metres to the boards from a point, in a direction. Below zero outside the arena.</summary>
    public static double ToTheBoards(Arena arena, FigurePoint from, double direction)
    {
        ArgumentNullException.ThrowIfNull(arena);
        ArgumentNullException.ThrowIfNull(from);
        var (sin, cos) = SinCos(direction);
        return Math.Min(Reach(from.Along, cos, arena.Length.Metres), Reach(from.Across, sin, arena.Width.Metres));

        static double Reach(double at, double way, double room) =>
            Math.Abs(way) < 1e-9
                ? at >= -1e-9 && at <= room + 1e-9
                    ? double.MaxValue
                    : -1
                : way > 0
                    ? (room - at) / way
                    : at / -way;
    }

    internal static (double Sin, double Cos) SinCos(double degrees)
    {
        // Along the arena a metre stays a metre, to the last binary digit.
        var turned = ((degrees % 360) + 360) % 360;
        return turned switch
        {
            0 => (0, 1),
            90 => (1, 0),
            180 => (0, -1),
            270 => (-1, 0),
            _ => Math.SinCos(turned * Math.PI / 180),
        };
    }
}
