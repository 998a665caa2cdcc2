using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.DressageTests;

/// <summary>
/// The way of a test, laid line after line: straight stretches, curves, and what is ridden on the spot. Between two straight
/// stretches the corner is rounded as wide as it may be; the stretch before takes half of the turn and the stretch behind it
/// the other half.
/// </summary>
internal sealed class TestWay(Arena arena)
{
    private const double Hair = 1e-6;

    /// <summary>Degrees under which two directions are one.</summary>
    private const double Same = 1.5;

    /// <summary>Degrees beyond which a turn is a turn about.</summary>
    private const double About = 150;

    private readonly List<Stretch> _stretches = [];
    private readonly List<Span> _spans = [];

    /// <summary>Where the last line ended.</summary>
    public FigurePoint At { get; private set; } = new(arena.At('A').Along, arena.At('A').Across);

    /// <summary>Degrees from the way to C, to the right, as the last line ended: in at A it is the way to C.</summary>
    public double Direction { get; private set; }

    /// <summary>Straight on to a point.</summary>
    public void Straight(int line, FigurePoint to, GaitVariant gait)
    {
        if (Apart(At, to) < Hair)
        {
            return;
        }

        var direction = DirectionTo(At, to);
        if (_stretches.LastOrDefault() is { Curve: null, Spot: false, Sideways: false } last && Angle(last.Ends, direction) < 1e-3)
        {
            var from = last.Length;
            last.To = to;
            last.Gait = Narrower(last.Gait, gait);
            Cover(line, from, last.Length);
        }
        else
        {
            Add(
                line,
                new Stretch
                {
                    From = At,
                    To = to,
                    Begins = direction,
                    Ends = direction,
                    Gait = gait,
                    Line = line,
                }
            );
        }

        (At, Direction) = (to, direction);
    }

    /// <summary>Straight, while the horse stays along the school.</summary>
    public void Sideways(int line, FigurePoint to, GaitVariant gait)
    {
        var along = to.Along > At.Along ? 0 : 180;
        Add(
            line,
            new Stretch
            {
                From = At,
                To = to,
                Begins = along,
                Ends = along,
                Gait = gait,
                Line = line,
                Sideways = true,
            }
        );
        (At, Direction) = (to, along);
    }

    /// <summary>Along points that begin where the last line ended.</summary>
    public void Curve(int line, IReadOnlyList<FigurePoint> points, double begins, double ends, GaitVariant gait)
    {
        Add(
            line,
            new Stretch
            {
                From = points[0],
                To = points[^1],
                Begins = begins,
                Ends = ends,
                Gait = gait,
                Line = line,
                Curve = new FigurePath(points),
            }
        );
        (At, Direction) = (points[^1], ends);
    }

    /// <summary>On the spot, turning so many degrees to the right; to the left below zero.</summary>
    public void Spot(int line, double turned, GaitVariant gait)
    {
        var ends = Normal(Direction + turned);
        Add(
            line,
            new Stretch
            {
                From = At,
                To = At,
                Begins = Direction,
                Ends = ends,
                Gait = gait,
                Line = line,
                Spot = true,
            }
        );
        Direction = ends;
    }

    /// <summary>Along the boards to a letter, to the right (clockwise) or to the left.</summary>
    public void Track(int line, ArenaLetter to, Side rein, GaitVariant gait)
    {
        foreach (var point in Boards.Between(arena, At, Point(to), rein))
        {
            Straight(line, point, gait);
        }
    }

    /// <summary>Turns for which there is no room, and what leaves the arena: the line, and what is wrong.</summary>
    public IEnumerable<(int Line, string Says, string Mend)> Faults()
    {
        for (var i = 1; i < _stretches.Count; i++)
        {
            var (before, next) = (_stretches[i - 1], _stretches[i]);
            var angle = Angle(before.Ends, next.Begins);
            if (angle < Same)
            {
                continue;
            }

            var narrowest = TestFigures.NarrowestTurn(Narrower(before.Gait, next.Gait)).Value;
            if (angle > About)
            {
                yield return (next.Line, "It would have to turn about on the spot.", "Ride half a circle, or a turn, before it.");
            }
            else if (!before.Bends || !next.Bends)
            {
                yield return (
                    next.Line,
                    FormattableString.Invariant(
                        $"It begins with a turn of {angle:0} degrees where the line before leaves no room for one."
                    ),
                    before.Spot ? "Ride on straight first." : "Ride on to another letter first."
                );
            }
            else if (Radius(before, next, angle) < narrowest - Hair)
            {
                yield return (
                    next.Line,
                    FormattableString.Invariant(
                        $"Its turn would have a radius of {Radius(before, next, angle):0.0} m; in this gait {narrowest:0} m is the narrowest."
                    ),
                    "Turn at another letter, or ride it in a more collected gait."
                );
            }
        }

        foreach (var leaving in _stretches.Where(s => s.Curve?.Points.Any(p => !arena.Holds(p)) == true))
        {
            yield return (leaving.Line, "It leaves the arena.", "Make it smaller, or ride it elsewhere.");
        }
    }

    /// <summary>The way of each line, corners rounded.</summary>
    public IReadOnlyList<FigurePath> Lay(int lines)
    {
        for (var i = 1; i < _stretches.Count; i++)
        {
            var (before, next) = (_stretches[i - 1], _stretches[i]);
            var angle = Angle(before.Ends, next.Begins);
            if (angle >= Same && angle <= About && before.Bends && next.Bends)
            {
                var radius = Radius(before, next, angle);
                before.After = next.Before = new Corner(before.To, before.Ends, next.Begins, radius);
            }
        }

        return
        [
            .. Enumerable
                .Range(0, lines)
                .Select(line => new FigurePath(Joined(_spans.Where(s => s.Line == line).Select(s => s.Stretch.Points(s.From, s.To))))),
        ];
    }

    private static List<FigurePoint> Joined(IEnumerable<IReadOnlyList<FigurePoint>> pieces)
    {
        var points = new List<FigurePoint>();
        foreach (var point in pieces.SelectMany(p => p).Where(p => points.Count == 0 || Apart(points[^1], p) > Hair))
        {
            points.Add(point);
        }

        return points;
    }

    private void Add(int line, Stretch stretch)
    {
        _stretches.Add(stretch);
        Cover(line, 0, stretch.Length);
    }

    private void Cover(int line, double from, double to) => _spans.Add(new Span(line, _stretches[^1], from, to));

    /// <summary>As wide as ten metres across, and as both stretches have room for beside the turns at their other ends.</summary>
    private double Radius(Stretch before, Stretch next, double angle)
    {
        var half = Math.Tan(angle / 2 * Math.PI / 180);
        var room = Math.Min(Room(before, next, half), Room(next, before, half));
        return Math.Min(TestFigures.Turn.Value, room / half);
    }

    /// <summary>What a stretch has left for one of its two turns: shared as they need it.</summary>
    private double Room(Stretch of, Stretch towards, double half)
    {
        var i = _stretches.IndexOf(of);
        var ahead = _stretches.IndexOf(towards) > i;
        var other = ahead ? i - 1 : i + 1;
        if (other < 0 || other >= _stretches.Count || !_stretches[other].Bends)
        {
            return of.Length;
        }

        var angle = ahead ? Angle(_stretches[other].Ends, of.Begins) : Angle(of.Ends, _stretches[other].Begins);
        return angle is < Same or > About ? of.Length : of.Length * half / (half + Math.Tan(angle / 2 * Math.PI / 180));
    }

    private static GaitVariant Narrower(GaitVariant a, GaitVariant b) =>
        TestFigures.NarrowestTurn(a).Value <= TestFigures.NarrowestTurn(b).Value ? a : b;

    private static FigurePoint Point(ArenaLetter letter) => new(letter.Along, letter.Across);

    internal static double Apart(FigurePoint a, FigurePoint b) => double.Hypot(b.Along - a.Along, b.Across - a.Across);

    internal static double DirectionTo(FigurePoint from, FigurePoint to) =>
        Normal(Math.Atan2(to.Across - from.Across, to.Along - from.Along) * 180 / Math.PI);

    internal static double Normal(double degrees) => ((degrees % 360) + 360) % 360;

    /// <summary>Between two directions, 0 to 180 degrees.</summary>
    internal static double Angle(double a, double b) => Math.Abs(Math.IEEERemainder(b - a, 360));

    /// <summary>A part of a stretch that belongs to a line; metres as if its corners were not rounded.</summary>
    private sealed record Span(int Line, Stretch Stretch, double From, double To);

    /// <summary>A rounded corner.</summary>
    private sealed class Corner
    {
        private const double StepDegrees = 2;
        private readonly FigurePoint _begin;
        private readonly double _from;
        private readonly double _turn;
        private readonly double _radius;

        public Corner(FigurePoint at, double from, double to, double radius)
        {
            (_from, _turn, _radius) = (from, Math.IEEERemainder(to - from, 360), radius);
            Room = radius * Math.Tan(Math.Abs(_turn) / 2 * Math.PI / 180);
            _begin = TurningWay.Ahead(at, from, -Room);
        }

        /// <summary>Metres it takes of each of its two stretches.</summary>
        public double Room { get; }

        /// <summary>From a share of it to another.</summary>
        public IEnumerable<FigurePoint> Points(double from, double to)
        {
            var steps = Math.Max(1, (int)Math.Ceiling(Math.Abs(_turn) * (to - from) / StepDegrees));
            return Enumerable.Range(0, steps + 1).Select(i => At(from + ((to - from) * i / steps)));
        }

        private FigurePoint At(double share)
        {
            var turned = Math.Abs(_turn) * share * Math.PI / 180;
            var right = Math.Sign(_turn);
            var (sin, cos) = Placement.SinCos(_from);
            var (ahead, aside) = (_radius * Math.Sin(turned), right * _radius * (1 - Math.Cos(turned)));
            return new FigurePoint(_begin.Along + (ahead * cos) - (aside * sin), _begin.Across + (ahead * sin) + (aside * cos));
        }
    }

    /// <summary>A straight stretch, a curve, or a spot.</summary>
    private sealed class Stretch
    {
        public required FigurePoint From { get; init; }
        public required FigurePoint To { get; set; }
        public required double Begins { get; init; }
        public required double Ends { get; init; }
        public required GaitVariant Gait { get; set; }
        public required int Line { get; init; }
        public FigurePath? Curve { get; init; }
        public bool Sideways { get; init; }
        public bool Spot { get; init; }
        public Corner? Before { get; set; }
        public Corner? After { get; set; }

        /// <summary>A turn may be ridden at its ends.</summary>
        public bool Bends => Curve is null && !Sideways && !Spot;

        public double Length => Curve?.Length.Metres ?? Apart(From, To);

        public IReadOnlyList<FigurePoint> Points(double from, double to)
        {
            if (Curve is not null)
            {
                return Curve.Points;
            }

            var points = new List<FigurePoint>();
            var (begin, end) = (Before?.Room ?? 0, Length - (After?.Room ?? 0));
            if (Before is not null && from < begin)
            {
                points.AddRange(Before.Points(Half(from / begin), Half(Math.Min(to, begin) / begin)));
            }

            if (to >= begin && from <= end)
            {
                points.Add(Along(Math.Max(from, begin)));
                points.Add(Along(Math.Min(to, end)));
            }

            if (After is not null && to > end)
            {
                var room = After.Room;
                points.AddRange(After.Points((Math.Max(from, end) - end) / room / 2, (to - end) / room / 2));
            }

            return points;

            static double Half(double share) => 0.5 + (share / 2);
        }

        private FigurePoint Along(double metres)
        {
            var share = Length < Hair ? 0 : metres / Length;
            return new FigurePoint(From.Along + ((To.Along - From.Along) * share), From.Across + ((To.Across - From.Across) * share));
        }
    }
}
