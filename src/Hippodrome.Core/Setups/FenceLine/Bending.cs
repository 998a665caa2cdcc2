using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>A line ridden a little inside or outside the measured one.</summary>
/// <param name="OutsideBy">Metres outside it; inside below zero.</param>
/// <param name="Length">The way ridden.</param>
/// <param name="StrideNeeded">What each stride has to be.</param>
/// <param name="Fit">The word for it.</param>
public sealed record BendingWay(double OutsideBy, Distance Length, Distance StrideNeeded, Fit Fit);

/// <summary>What a bending line adds to a set-up.</summary>
/// <param name="To">The rein it bends to.</param>
/// <param name="Degrees">How far the second fence is turned from the first.</param>
/// <param name="Radius">Of the curve between landing and take-off.</param>
/// <param name="Ridden">The way along the curve, inside face to inside face.</param>
/// <param name="Straight">The straight tape between the two fences.</param>
/// <param name="Ways">Ridden a metre inside, as measured, a metre outside.</param>
public sealed record BendMeasure(
    Rein To,
    double Degrees,
    Distance Radius,
    Distance Ridden,
    Distance Straight,
    IReadOnlyList<BendingWay> Ways
);

/// <summary>Two fences turned against each other: straight for the landing and the take-off, and a part of a circle between (geometry).</summary>
internal static class Bending
{
    private const int PointsOnCurve = 48;
    private const double MetreAside = 1;

    public static MeasuredSetUp Measure(FenceLine line, StrideCard card, Tape tape)
    {
        var gap = new FenceGaps(line, card, tape).Before(1);
        var (first, second) = (line.Elements[0], line.Elements[1]);
        var between = gap.Between!;
        var curve = Math.Max(0.5, gap.Built.Built.Metres - between.Landing.Metres - between.TakeOff.Metres);
        var turn = line.BendDegrees * Math.PI / 180;
        var radius = curve / turn;
        var (local, end) = Way(between.Landing.Metres, between.TakeOff.Metres, radius, turn, line.BendTo == Rein.Right ? 1 : -1);
        // The straight tape between the two fences lies on the line of the placement, its middle in the middle.
        var (straight, askew) = (double.Hypot(end.Along, end.Across), Math.Atan2(end.Across, end.Along));
        FigurePoint InArena(FigurePoint p)
        {
            var (sin, cos) = Math.SinCos(-askew);
            return line.Placement.At((p.Along * cos) - (p.Across * sin) - (straight / 2), (p.Along * sin) + (p.Across * cos));
        }

        var way = new FigurePath([.. local.Select(InArena)]);
        var faces = new[]
        {
            line.Placement.Direction - (askew * 180 / Math.PI),
            line.Placement.Direction - (askew * 180 / Math.PI) + (line.BendDegrees * (line.BendTo == Rein.Right ? 1 : -1)),
        };
        var elements = new[]
        {
            Stands(tape, line, 0, Distance.Zero, way.Points[0], faces[0]),
            Stands(tape, line, 1, first.Spread + gap.Built.Built, way.Points[^1], faces[1]),
        };
        var (before, after) = (
            Placement.ToTheBoards(line.Arena, Behind(elements[0], 0), faces[0] + 180),
            Placement.ToTheBoards(line.Arena, Behind(elements[1], second.Spread.Metres), faces[1])
        );
        var fits = elements.All(e => e.Ends().All(line.Arena.Holds)) && way.Points.All(line.Arena.Holds);
        var (approach, getaway) = (
            StraightWay.Of("Approach", before, card[line.StraightIn]),
            StraightWay.Of("Getaway", after, card[line.StraightIn])
        );
        var measure = new BendMeasure(
            line.BendTo,
            line.BendDegrees,
            Distance.FromMetres(radius),
            gap.Built.Built,
            Distance.FromMetres(straight),
            Ways(gap, between, turn)
        );
        var feet = Feet(line, card, between, way);
        return new MeasuredSetUp(
            FormattableString.Invariant(
                $"Bending line to the {(line.BendTo == Rein.Right ? "right" : "left")}, {second.Strides} strides, to {Math.Max(first.Height.Centimetres, second.Height.Centimetres):0} cm"
            ),
            line.Arena,
            line.Placement.Heading,
            elements,
            [gap],
            feet,
            approach,
            getaway,
            fits,
            [.. Notices(line, fits, radius), .. FenceLineMeasuring.Notices(line, [gap])]
        )
        {
            Track =
            [
                Ahead(elements[0], faces[0], -approach.There.Metres),
                .. way.Points,
                Ahead(elements[1], faces[1], second.Spread.Metres + getaway.There.Metres),
            ],
            Lead = line.BendTo == Rein.Right ? Side.Right : Side.Left,
            Jumps = FenceLineMeasuring.Jumps(line, card, [Distance.Zero, elements[1].At], [gap]),
            Bending = measure,
        };
    }

    /// <summary>Points along the way from the back of the first fence, and its end: ahead of the first fence, and to its right.</summary>
    private static (List<FigurePoint> Points, FigurePoint End) Way(double landing, double takeOff, double radius, double turn, int right)
    {
        FigurePoint On(double angle) => new(landing + (radius * Math.Sin(angle)), right * radius * (1 - Math.Cos(angle)));
        var last = On(turn);
        var end = new FigurePoint(last.Along + (takeOff * Math.Cos(turn)), last.Across + (right * takeOff * Math.Sin(turn)));
        return ([new(0, 0), .. Enumerable.Range(0, PointsOnCurve + 1).Select(i => On(turn * i / PointsOnCurve)), end], end);
    }

    /// <summary>The first fence stands behind the point its landing is measured from, by its spread.</summary>
    private static Element Stands(Tape tape, FenceLine line, int place, Distance at, FigurePoint point, double faces)
    {
        var element = line.Elements[place];
        var stands = place == 0 && element.Spread > Distance.Zero ? Moved(point, faces, -element.Spread.Metres) : point;
        return new Element(
            element.Kind,
            element.Name,
            at,
            tape.Say(at),
            element.Height,
            element.Kind == ElementKind.CrossPole ? PoleEnd.Both : PoleEnd.None,
            Math.Round(stands.Along, 4),
            Math.Round(stands.Across, 4),
            element.Spread
        )
        {
            Faces = faces,
            Width = CurvedPoles.PoleLength.Value,
            GroundLines = line.GroundLines,
        };
    }

    private static FigurePoint Behind(Element element, double spread) =>
        Moved(new FigurePoint(element.Along, element.Across), element.Faces, spread);

    private static FigurePoint Ahead(Element element, double direction, double metres) =>
        Moved(new FigurePoint(element.Along, element.Across), direction, metres);

    private static FigurePoint Moved(FigurePoint from, double direction, double metres)
    {
        var (sin, cos) = Placement.SinCos(direction);
        return new FigurePoint(from.Along + (metres * cos), from.Across + (metres * sin));
    }

    /// <summary>A metre further out the curve is longer by the angle it turns, whatever its radius.</summary>
    private static List<BendingWay> Ways(Gap gap, Between between, double turn) =>
        new[] { -MetreAside, 0, MetreAside }
            .Select(off =>
            {
                var length = Distance.FromMetres(gap.Built.Built.Metres + (off * turn));
                var needed = between.StrideIn(length, between.Strides);
                return new BendingWay(off, length, needed, Fits.Of(needed / between.StrideOwn));
            })
            .ToList();

    private static IReadOnlyList<Hoofprint> Feet(FenceLine line, StrideCard card, Between between, FigurePath way)
    {
        var lead = line.BendTo == Rein.Right ? Side.Right : Side.Left;
        var measuring = new WayMeasuring(line.Arena, way);
        var own = card[GaitVariant.CanterCourse].Stride.Metres;
        var room = JumpRoom.Of(line.Elements[0].Height, card).Metres;
        measuring.CanterStride(-line.Elements[0].Spread.Metres - room - own, own, lead);
        for (var i = 0; i < between.Strides; i++)
        {
            measuring.CanterStride(between.Landing.Metres + (i * between.StrideNeeded.Metres), between.StrideNeeded.Metres, lead);
        }

        measuring.CanterStride(
            way.Length.Metres + line.Elements[1].Spread.Metres + JumpRoom.Of(line.Elements[1].Height, card).Metres,
            own,
            lead
        );
        // Readings begin at the front of the first fence, and the way at its back.
        return [.. measuring.Prints.Select(p => p with { At = Math.Round(p.At + line.Elements[0].Spread.Metres, 3) })];
    }

    private static IEnumerable<string> Notices(FenceLine line, bool fits, double radius)
    {
        if (!fits)
        {
            yield return "It does not fit here: bend it less, move it, or give it fewer strides.";
        }

        if (radius < SetUpFigures.TightestBend.Value)
        {
            yield return FormattableString.Invariant(
                $"The curve has a radius of {radius:0.0} m: tighter than {SetUpFigures.TightestBend.Value:0} m costs the canter. Bend it less, or give it a stride more."
            );
        }

        if (line.ComesIn == Gait.Canter)
        {
            yield return FormattableString.Invariant(
                $"Ride the curve: a metre inside is {line.BendDegrees * Math.PI / 180:0.0} m shorter, a metre outside as much longer."
            );
        }

        yield return "Never jump alone: a helper on the ground or a second rider.";
    }
}
