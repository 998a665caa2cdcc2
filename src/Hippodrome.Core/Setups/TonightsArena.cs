using Hippodrome.Core.Arenas;
using Hippodrome.Core.Measures;
using NetTopologySuite.Geometries;

namespace Hippodrome.Core.Setups;

/// <summary>A set-up that stands, by its name.</summary>
public sealed record StandingSetUp(string Name, MeasuredSetUp Measured);

/// <summary>How two set-ups get in each other's way, the worst first.</summary>
public enum ClashKind
{
    SamePlace,
    TooClose,
    InTheWay,
    TracksCross,
}

/// <summary>Two set-ups that do not go together as they stand, or have to be ridden one at a time.</summary>
/// <param name="First">Place in the list.</param>
/// <param name="Second">Place in the list.</param>
/// <param name="Kind">How.</param>
/// <param name="Along">Where, metres from the A end.</param>
/// <param name="Across">Where, metres from the left long side.</param>
/// <param name="Says">In words, with what to do.</param>
public sealed record Clash(int First, int Second, ClashKind Kind, double Along, double Across, string Says);

/// <summary>Several set-ups in one arena: what stands too close, what stands in another's way, and where their tracks cross.</summary>
public static class TonightsArena
{
    public static readonly Figure<double> Clear = Figure.Chosen(
        "Room between two set-ups",
        1.5,
        "m",
        "a horse and rider pass, and a helper can stand"
    );
    public static readonly Figure<double> HalfWay = Figure.Chosen(
        "Room beside the middle of a track",
        1.0,
        "m",
        "half a horse, a rider's knee, and a little"
    );

    private const double Overlap = 0.05;

    /// <summary>Holds each against each other one. The worst of a pair counts: what stands too close is not told again as in the way.</summary>
    public static IReadOnlyList<Clash> Check(IReadOnlyList<StandingSetUp> standing)
    {
        ArgumentNullException.ThrowIfNull(standing);
        var built = standing.Select(s => (s.Name, Stands: FootprintsOf(s.Measured), Track: TrackOf(s.Measured))).ToList();
        var clashes = new List<Clash>();
        for (var i = 0; i < built.Count; i++)
        {
            for (var j = i + 1; j < built.Count; j++)
            {
                if (Between(i, j, built[i], built[j]) is { } clash)
                {
                    clashes.Add(clash);
                }
            }
        }

        return [.. clashes.OrderBy(c => c.Kind)];
    }

    private static Clash? Between(
        int i,
        int j,
        (string Name, Geometry Stands, Geometry Track) a,
        (string Name, Geometry Stands, Geometry Track) b
    )
    {
        if (!a.Stands.IsEmpty && !b.Stands.IsEmpty)
        {
            var gap = a.Stands.Distance(b.Stands);
            var at = new NetTopologySuite.Operation.Distance.DistanceOp(a.Stands, b.Stands).NearestPoints()[0];
            if (gap < Overlap)
            {
                return At(i, j, ClashKind.SamePlace, at, $"{a.Name} and {b.Name} would stand in the same place: move one of them.");
            }

            if (gap < Clear.Value)
            {
                return At(
                    i,
                    j,
                    ClashKind.TooClose,
                    at,
                    FormattableString.Invariant($"{a.Name} and {b.Name} stand {gap:0.0} m apart: leave {Clear.Value:0.0} m to pass.")
                );
            }
        }

        return InTheWay(i, j, a, b) ?? InTheWay(i, j, b, a) ?? Crossing(i, j, a, b);
    }

    private static Clash? InTheWay(
        int i,
        int j,
        (string Name, Geometry Stands, Geometry Track) rides,
        (string Name, Geometry Stands, Geometry Track) stands
    )
    {
        if (stands.Stands.IsEmpty || rides.Track.IsEmpty || rides.Track.Distance(stands.Stands) >= HalfWay.Value)
        {
            return null;
        }

        var at = new NetTopologySuite.Operation.Distance.DistanceOp(stands.Stands, rides.Track).NearestPoints()[0];
        return At(
            i,
            j,
            ClashKind.InTheWay,
            at,
            $"{stands.Name} stands in the way to or from {rides.Name}: move one, or take it down while the other is ridden."
        );
    }

    private static Clash? Crossing(
        int i,
        int j,
        (string Name, Geometry Stands, Geometry Track) a,
        (string Name, Geometry Stands, Geometry Track) b
    )
    {
        var meet = a.Track.Intersection(b.Track);
        return meet.IsEmpty
            ? null
            : At(i, j, ClashKind.TracksCross, meet.Coordinate, $"The tracks of {a.Name} and {b.Name} cross: one horse at a time.");
    }

    private static Clash At(int i, int j, ClashKind kind, Coordinate at, string says) =>
        new(Math.Min(i, j), Math.Max(i, j), kind, Math.Round(at.X, 2), Math.Round(at.Y, 2), says);

    private static LineString TrackOf(MeasuredSetUp measured) =>
        new(measured.Track.Count < 2 ? [] : [.. measured.Track.Select(Coordinate)]);

    /// <summary>The ground it takes: from its first pole to its last, or each pole of a curve by itself. A mark is nothing.</summary>
    private static Geometry FootprintsOf(MeasuredSetUp measured)
    {
        var stands = measured.Elements.Where(e => e.Kind != ElementKind.Mark).ToList();
        return measured.Curve is null ? Hull(stands) : new GeometryCollection([.. stands.Select(e => Hull([e]))]);
    }

    private static Geometry Hull(IEnumerable<Element> elements) =>
        new MultiPoint([.. elements.SelectMany(e => e.Ends()).Select(p => new Point(Coordinate(p)))]).ConvexHull();

    private static Coordinate Coordinate(FigurePoint point) => new(point.Along, point.Across);
}
