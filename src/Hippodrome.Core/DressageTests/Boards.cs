using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.DressageTests;

/// <summary>The track along the boards: metres round it from the corner by K, clockwise, as the right rein goes.</summary>
internal static class Boards
{
    private const double Hair = 1e-6;

    /// <summary>Metres round; null where a point is not on the track.</summary>
    public static double? Round(Arena arena, FigurePoint at)
    {
        var (length, width) = (arena.Length.Metres, arena.Width.Metres);
        return Math.Abs(at.Across) < Hair ? at.Along
            : Math.Abs(at.Along - length) < Hair ? length + at.Across
            : Math.Abs(at.Across - width) < Hair ? length + width + (length - at.Along)
            : Math.Abs(at.Along) < Hair ? (2 * length) + width + (width - at.Across)
            : null;
    }

    /// <summary>Metres from one point of the track to another on a rein.</summary>
    public static double Way(Arena arena, FigurePoint from, FigurePoint to, Side rein)
    {
        var (a, b) = (Round(arena, from)!.Value, Round(arena, to)!.Value);
        var round = Whole(arena);
        var right = (((b - a) % round) + round) % round;
        return rein == Side.Right || right < Hair ? right : round - right;
    }

    /// <summary>The corners on the way, and the end.</summary>
    public static IEnumerable<FigurePoint> Between(Arena arena, FigurePoint from, FigurePoint to, Side rein)
    {
        var (length, width) = (arena.Length.Metres, arena.Width.Metres);
        FigurePoint[] corners = [new(0, 0), new(length, 0), new(length, width), new(0, width)];
        var way = Way(arena, from, to, rein);
        return corners
            .Select(c => (Corner: c, Way: Way(arena, from, c, rein)))
            .Where(c => c.Way > Hair && c.Way < way - Hair)
            .OrderBy(c => c.Way)
            .Select(c => c.Corner)
            .Append(to);
    }

    /// <summary>The direction of the track at a point, on a rein.</summary>
    public static double Direction(Arena arena, FigurePoint at, Side rein)
    {
        var right =
            Math.Abs(at.Across) < Hair ? 0
            : Math.Abs(at.Along - arena.Length.Metres) < Hair ? 90
            : Math.Abs(at.Across - arena.Width.Metres) < Hair ? 180
            : 270;
        return rein == Side.Right ? right : TestWay.Normal(right + 180);
    }

    /// <summary>
    /// The rein on which the track is gone on upon: the one whose direction is nearer to that in which a horse arrives, and where
    /// it arrives square, the one with the shorter way. Null where that says nothing either.
    /// </summary>
    public static Side? Rein(Arena arena, FigurePoint from, double arriving, FigurePoint to)
    {
        var (right, left) = (
            TestWay.Angle(arriving, Direction(arena, from, Side.Right)),
            TestWay.Angle(arriving, Direction(arena, from, Side.Left))
        );
        if (Math.Abs(right - left) > 1e-3)
        {
            return right < left ? Side.Right : Side.Left;
        }

        var (byRight, byLeft) = (Way(arena, from, to, Side.Right), Way(arena, from, to, Side.Left));
        return Math.Abs(byRight - byLeft) < Hair ? null
            : byRight < byLeft ? Side.Right
            : Side.Left;
    }

    private static double Whole(Arena arena) => 2 * (arena.Length.Metres + arena.Width.Metres);
}
