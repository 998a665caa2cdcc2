using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Arenas;

/// <summary>A point of a figure, in metres from the A end and from the left long side.</summary>
public sealed record FigurePoint(double Along, double Across)
{
    private const int Digits = 6;

    /// <summary>
    /// To the thousandth of a millimetre, as it is told: sines and cosines of a server and of a browser differ in their last
    /// digit.
    /// </summary>
    public FigurePoint Rounded() => new(Math.Round(Along, Digits), Math.Round(Across, Digits));
}

/// <summary>A figure as it is ridden: points close enough to draw, and its length.</summary>
public sealed record FigurePath(IReadOnlyList<FigurePoint> Points)
{
    /// <summary>The way along the points.</summary>
    public Distance Length =>
        Distance.FromMetres(Points.Zip(Points.Skip(1), (a, b) => double.Hypot(b.Along - a.Along, b.Across - a.Across)).Sum());

    /// <summary>The same on the other rein, seen in a mirror along the centre line.</summary>
    public FigurePath Mirrored(Arena arena) => new([.. Points.Select(p => p with { Across = arena.Width.Metres - p.Across })]);

    /// <summary>The same begun from the other end, turned half round about the middle of the arena.</summary>
    public FigurePath TurnedRound(Arena arena) =>
        new([.. Points.Select(p => new FigurePoint(arena.Length.Metres - p.Along, arena.Width.Metres - p.Across))]);

    /// <summary>The point this far along.</summary>
    public FigurePoint At(Distance way)
    {
        var left = way.Metres;
        for (var i = 1; i < Points.Count; i++)
        {
            var (a, b) = (Points[i - 1], Points[i]);
            var step = double.Hypot(b.Along - a.Along, b.Across - a.Across);
            if (left <= step)
            {
                var share = step == 0 ? 0 : left / step;
                return new FigurePoint(a.Along + ((b.Along - a.Along) * share), a.Across + ((b.Across - a.Across) * share));
            }

            left -= step;
        }

        return Points[^1];
    }
}

/// <summary>The figures of the riding school, begun at A on the right rein and ridden along the track where they touch it.</summary>
public static class SchoolFigures
{
    private const int StepsInACircle = 180;

    /// <summary>Once round, the corners ridden as quarters of a ten metre circle.</summary>
    public static FigurePath WholeSchool(Arena arena)
    {
        ArgumentNullException.ThrowIfNull(arena);
        var (length, width, r) = (arena.Length.Metres, arena.Width.Metres, Arena.CornerDepth.Value);
        var points = new List<FigurePoint> { new(0, width / 2) };
        points.AddRange(Arc(r, r, r, 180, 270));
        points.AddRange(Arc(length - r, r, r, 270, 360));
        points.AddRange(Arc(length - r, width - r, r, 0, 90));
        points.AddRange(Arc(r, width - r, r, 90, 180));
        points.Add(points[0]);
        return new FigurePath(points);
    }

    /// <summary>A circle of this diameter; one of twenty metres lies at A, smaller ones touch the long side in the middle.</summary>
    public static FigurePath Circle(Arena arena, Distance diameter)
    {
        ArgumentNullException.ThrowIfNull(arena);
        return CircleAt(diameter >= arena.Width ? diameter.Metres / 2 : arena.Length.Metres / 2, diameter);
    }

    /// <summary>A circle that touches the left long side this far from A.</summary>
    public static FigurePath CircleAt(double along, Distance diameter)
    {
        var r = diameter.Metres / 2;
        return new FigurePath([.. Arc(along, r, r, -90, 270)]);
    }

    /// <summary>From a large circle round the middle of the arena's width in to a small one, and out again, so many times round each way.</summary>
    public static FigurePath Spiral(Arena arena, double along, Distance outer, Distance inner, int circuits)
    {
        ArgumentNullException.ThrowIfNull(arena);
        var (large, small, across) = (outer.Metres / 2, inner.Metres / 2, arena.Width.Metres / 2);
        var steps = 2 * circuits * StepsInACircle;
        return new FigurePath([
            .. Enumerable
                .Range(0, steps + 1)
                .Select(i =>
                {
                    var way = 2.0 * i / steps;
                    var radius = large - ((large - small) * (way <= 1 ? way : 2 - way));
                    var angle = (-90 + (360.0 * i / StepsInACircle)) * Math.PI / 180;
                    return new FigurePoint(along + (radius * Math.Cos(angle)), across + (radius * Math.Sin(angle)));
                }),
        ]);
    }

    /// <summary>
    /// The same with rests: so many circles on each size, and half a circle from one to the next; in by so many stages, and out
    /// again.
    /// </summary>
    public static FigurePath SpiralWithRests(Arena arena, double along, IReadOnlyList<Distance> diameters, int circles)
    {
        ArgumentNullException.ThrowIfNull(arena);
        ArgumentNullException.ThrowIfNull(diameters);
        var (across, angle) = (arena.Width.Metres / 2, -90.0);
        var points = new List<FigurePoint>();
        var all = diameters.Concat(diameters.Reverse().Skip(1)).Select(d => d.Metres / 2).ToList();
        for (var i = 0; i < all.Count; i++)
        {
            Turn(circles * 360, all[i], all[i]);
            if (i + 1 < all.Count)
            {
                Turn(180, all[i], all[i + 1]);
            }
        }

        return new FigurePath(points);

        void Turn(double degrees, double from, double to)
        {
            var steps = (int)(degrees / 360 * StepsInACircle);
            for (var step = points.Count == 0 ? 0 : 1; step <= steps; step++)
            {
                var radius = from + ((to - from) * step / steps);
                var at = (angle + (degrees * step / steps)) * Math.PI / 180;
                points.Add(new FigurePoint(along + (radius * Math.Cos(at)), across + (radius * Math.Sin(at))));
            }

            angle += degrees;
        }
    }

    /// <summary>A shallow loop from the first corner letter to the last, so deep in the middle, leaving and joining the track along it.</summary>
    public static FigurePath ShallowLoop(Arena arena, Distance depth)
    {
        ArgumentNullException.ThrowIfNull(arena);
        var (from, to) = (arena.At('K').Along, arena.At('H').Along);
        return new FigurePath([
            .. Enumerable
                .Range(0, StepsInACircle + 1)
                .Select(i =>
                {
                    var share = (double)i / StepsInACircle;
                    return new FigurePoint(from + ((to - from) * share), depth.Metres * (1 - Math.Cos(2 * Math.PI * share)) / 2);
                }),
        ]);
    }

    /// <summary>From K to R instead of M, or B in the short arena: more straight before the corner, which is easier for a green horse (common practice).</summary>
    public static FigurePath ShortDiagonal(Arena arena)
    {
        ArgumentNullException.ThrowIfNull(arena);
        return Straight(arena.At('K'), arena.At(arena.Size == ArenaSize.SixtyByTwenty ? 'R' : 'B'));
    }

    /// <summary>Forwards and sideways from one line to another, beginning level with the first corner letter.</summary>
    public static FigurePath Sideways(double fromAcross, double toAcross, Distance forward) =>
        new([new(6, fromAcross), new(6 + forward.Metres, toAcross)]);

    /// <summary>From corner letter to corner letter.</summary>
    public static FigurePath Diagonal(Arena arena)
    {
        ArgumentNullException.ThrowIfNull(arena);
        return Straight(arena.At('K'), arena.At('M'));
    }

    public static FigurePath CentreLine(Arena arena)
    {
        ArgumentNullException.ThrowIfNull(arena);
        return Straight(arena.At('A'), arena.At('C'));
    }

    /// <summary>Along a straight line of the arena, from corner to corner.</summary>
    public static FigurePath Along(Arena arena, double across)
    {
        ArgumentNullException.ThrowIfNull(arena);
        var corner = Arena.CornerDepth.Value;
        return new FigurePath([new(corner, across), new(arena.Length.Metres - corner, across)]);
    }

    /// <summary>
    /// A serpentine from A to C: equal half circles joined by straights square to the centre line, each loop as
    /// wide as the arena's length over the loops.
    /// </summary>
    /// <exception cref="ArgumentOutOfRangeException">Loops wider than 20 m or narrower than 8 m.</exception>
    public static FigurePath Serpentine(Arena arena, int loops)
    {
        ArgumentNullException.ThrowIfNull(arena);
        var (width, loop) = (arena.Width.Metres, arena.Length.Metres / loops);
        if (!LoopsFit(arena, loops))
        {
            throw new ArgumentOutOfRangeException(nameof(loops), loops, "Loops are 8 to 20 m wide.");
        }

        var r = loop / 2;
        var points = new List<FigurePoint> { new(0, width / 2) };
        for (var i = 0; i < loops; i++)
        {
            var middle = (i * loop) + r;
            // Loops alternate: the first to the left long side, the next to the right.
            points.AddRange(i % 2 == 0 ? Arc(middle, r, r, 180, 360) : Arc(middle, width - r, r, 180, 0));
        }

        points.Add(new(arena.Length.Metres, width / 2));
        return new FigurePath(points);
    }

    /// <summary>Whether loops of a serpentine are 8 to 20 m wide.</summary>
    public static bool LoopsFit(Arena arena, int loops)
    {
        ArgumentNullException.ThrowIfNull(arena);
        return loops > 0 && arena.Length.Metres / loops is >= 8 and <= 20;
    }

    private static FigurePath Straight(ArenaLetter from, ArenaLetter to) => new([new(from.Along, from.Across), new(to.Along, to.Across)]);

    /// <summary>Degrees from the way to C, turning towards the right long side.</summary>
    private static IEnumerable<FigurePoint> Arc(double along, double across, double radius, double from, double to)
    {
        var steps = Math.Max(1, (int)Math.Round(Math.Abs(to - from) / 360 * StepsInACircle));
        return Enumerable
            .Range(0, steps + 1)
            .Select(i =>
            {
                var angle = (from + ((to - from) * i / steps)) * Math.PI / 180;
                return new FigurePoint(along + (radius * Math.Cos(angle)), across + (radius * Math.Sin(angle)));
            });
    }
}
