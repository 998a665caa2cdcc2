using Hippodrome.Core.Arenas;

namespace Hippodrome.Core.Setups;

/// <summary>
/// The shortest way from one place and direction to another with no turn tighter than a radius: a turn, a straight, a turn
/// (Dubins, On curves of minimal length with a constraint on average curvature, 1957; from memory).
/// </summary>
/// <param name="First">Degrees turned at first, to the right; to the left below zero.</param>
/// <param name="Straight">Metres between the two turns.</param>
/// <param name="Last">Degrees turned at the end.</param>
/// <param name="Radius">Of both turns, in metres.</param>
internal sealed record TurningWay(FigurePoint From, double Direction, double First, double Straight, double Last, double Radius)
{
    private const double StepDegrees = 4;

    public double Length => ((Math.Abs(First) + Math.Abs(Last)) * Math.PI / 180 * Radius) + Straight;

    public double Turned => Math.Abs(First) + Math.Abs(Last);

    public static TurningWay Shortest(FigurePoint from, double direction, FigurePoint to, double arriving, double radius) =>
        new[] { (1, 1), (1, -1), (-1, 1), (-1, -1) }
            .Select(turns => Of(from, direction, to, arriving, radius, turns.Item1, turns.Item2))
            .OfType<TurningWay>()
            .MinBy(w => w.Length)!;

    /// <summary>With the first turn and the last to given sides; null where the two circles overlap.</summary>
    private static TurningWay? Of(
        FigurePoint from,
        double direction,
        FigurePoint to,
        double arriving,
        double radius,
        int firstRight,
        int lastRight
    )
    {
        var (a, b) = (Centre(from, direction, firstRight, radius), Centre(to, arriving, lastRight, radius));
        var (along, across) = (b.Along - a.Along, b.Across - a.Across);
        var apart = double.Hypot(along, across);
        var heading = Math.Atan2(across, along) * 180 / Math.PI;
        if (firstRight == lastRight)
        {
            return new TurningWay(
                from,
                direction,
                firstRight * Turn(direction, heading, firstRight),
                apart,
                lastRight * Turn(heading, arriving, lastRight),
                radius
            );
        }

        if (apart < 2 * radius)
        {
            return null;
        }

        var leaving = heading + (firstRight * Math.Asin(2 * radius / apart) * 180 / Math.PI);
        return new TurningWay(
            from,
            direction,
            firstRight * Turn(direction, leaving, firstRight),
            Math.Sqrt((apart * apart) - (4 * radius * radius)),
            lastRight * Turn(leaving, arriving, lastRight),
            radius
        );
    }

    public IEnumerable<FigurePoint> Points()
    {
        var (at, heading) = (From, Direction);
        yield return at;
        foreach (var turn in new[] { First, double.NaN, Last })
        {
            if (double.IsNaN(turn))
            {
                at = Ahead(at, heading, Straight);
                yield return at;
                continue;
            }

            var steps = (int)Math.Ceiling(Math.Abs(turn) / StepDegrees);
            var centre = Centre(at, heading, Math.Sign(turn), Radius);
            for (var i = 1; i <= steps; i++)
            {
                var (sin, cos) = Placement.SinCos(heading + (turn * i / steps));
                var right = Math.Sign(turn);
                yield return at = new FigurePoint(centre.Along + (right * Radius * sin), centre.Across - (right * Radius * cos));
            }

            heading += turn;
        }
    }

    public static FigurePoint Ahead(FigurePoint from, double direction, double metres)
    {
        var (sin, cos) = Placement.SinCos(direction);
        return new FigurePoint(from.Along + (metres * cos), from.Across + (metres * sin));
    }

    /// <summary>The middle of the circle that is ridden from a place, to one side.</summary>
    private static FigurePoint Centre(FigurePoint at, double direction, int right, double radius)
    {
        var (sin, cos) = Placement.SinCos(direction);
        return new FigurePoint(at.Along - (right * radius * sin), at.Across + (right * radius * cos));
    }

    /// <summary>Degrees from one direction to another, turning one way only; a hair short of a whole turn is none.</summary>
    private static double Turn(double from, double to, int right)
    {
        const double hair = 1e-7;
        var turned = ((right * (to - from) % 360) + 360) % 360;
        return turned > 360 - hair ? 0 : turned;
    }
}
