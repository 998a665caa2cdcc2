using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>
/// Halt, pirouette, piaffe: what is ridden on the spot has no way along the arena. Its strides are counted, its time is theirs,
/// and the circle or the ground it takes is its size.
/// </summary>
internal static class SpotMeasuring
{
    private const int PointsOnCircle = 36;

    public static MeasuredSetUp Measure(SchoolFigure figure, StrideCard card, Tape tape)
    {
        var estimate = card[figure.Variant];
        var way = Way(figure);
        var (strides, seconds) = Takes(figure, estimate);
        var why = Why.Of(
            "What is ridden on the spot takes so many strides, each as long as this horse's stride lasts",
            [
                Asked(figure),
                FormattableString.Invariant(
                    $"{figure.Variant.Say()}: a stride of {estimate.Stride} at {estimate.Speed.MetresPerSecond:0.00} m/s lasts {StrideSeconds(estimate):0.00} s"
                ),
            ],
            estimate.Why.Source
        );
        var fits = way.Points.All(figure.Arena.Holds);
        var still = new StraightWay(Distance.Zero, Distance.Zero, true, "Straight to it, and straight away.");
        var at = figure.Placement.At(0, 0).Rounded();
        return new MeasuredSetUp(
            Title(figure),
            figure.Arena,
            figure.Placement.Heading,
            [
                new Element(
                    ElementKind.Mark,
                    "Here",
                    Distance.Zero,
                    tape.Say(Distance.Zero),
                    Distance.Zero,
                    PoleEnd.None,
                    at.Along,
                    at.Across,
                    Distance.Zero
                )
                {
                    Faces = figure.Placement.Direction,
                },
            ],
            [],
            [],
            still,
            still,
            fits,
            [.. Notices(figure, fits)]
        )
        {
            Track = way.Points,
            Lead = figure.Variant.Gait() == Gait.Canter ? (figure.Rein == Rein.Right ? Side.Right : Side.Left) : null,
            Figure = new FigureMeasure(way.Length, strides, seconds, figure.Size.Turn == 360, null, null, null, why),
        };
    }

    /// <summary>The hind feet's circle of a pirouette, the ground of a piaffe, a place for a halt.</summary>
    private static FigurePath Way(SchoolFigure figure)
    {
        var ground = figure.Size.Ground?.Metres ?? 0;
        if (figure.Kind != FigureKind.Pirouette)
        {
            return new FigurePath([figure.Placement.At(0, 0), figure.Placement.At(ground, 0)]);
        }

        var (radius, right) = (ground / 2, figure.Rein == Rein.Right ? 1 : -1);
        var points = Enumerable
            .Range(0, PointsOnCircle + 1)
            .Select(i => figure.Size.Turn * Math.PI / 180 * i / PointsOnCircle)
            .Select(turned => figure.Placement.At(radius * Math.Sin(turned), right * radius * (1 - Math.Cos(turned))));
        return new FigurePath([.. points]);
    }

    private static (double Strides, double Seconds) Takes(SchoolFigure figure, StrideEstimate estimate)
    {
        if (figure.Kind == FigureKind.Halt)
        {
            return (0, figure.Size.Count);
        }

        // Steps of a walk pirouette and of a piaffe are half strides.
        var strides = figure.Variant.Gait() == Gait.Canter ? figure.Size.Count : figure.Size.Count / 2.0;
        return (strides, strides * StrideSeconds(estimate));
    }

    private static double StrideSeconds(StrideEstimate estimate) => estimate.Stride.Metres / estimate.Speed.MetresPerSecond;

    private static string Asked(SchoolFigure figure) =>
        figure.Kind switch
        {
            FigureKind.Halt => $"{figure.Size.Count} seconds asked",
            FigureKind.Piaffe => $"{figure.Size.Count} steps asked",
            _ => FormattableString.Invariant(
                $"{figure.Size.Turn}° in {figure.Size.Count}: {(double)figure.Size.Turn / figure.Size.Count:0} degrees in each"
            ),
        };

    private static string Title(SchoolFigure figure)
    {
        var size = figure.Size;
        var ground = size.Ground is { } g && g > Distance.Zero ? g.ToString() : null;
        return figure.Kind switch
        {
            FigureKind.Halt => $"Halt, {size.Count} seconds",
            FigureKind.Piaffe => $"Piaffe, {size.Count} steps{(ground is null ? " on the spot" : $" over {ground}")}",
            _ => $"{Turn(size.Turn)} in {figure.Variant.Say()}, {size.Count} {(figure.Variant.Gait() == Gait.Walk ? "steps" : "strides")}"
                + (ground is null ? "" : $", hind feet on a circle of {ground}"),
        };
    }

    private static string Turn(int degrees) =>
        degrees switch
        {
            90 => "Quarter pirouette",
            180 => "Half pirouette",
            360 => "Whole pirouette",
            _ => $"Pirouette of {degrees}°",
        };

    private static IEnumerable<string> Notices(SchoolFigure figure, bool fits)
    {
        if (!fits)
        {
            yield return "It does not fit here: move its middle.";
        }

        if (figure is { Kind: FigureKind.Pirouette, Variant: GaitVariant.CanterCollected })
        {
            foreach (var notice in InCanter(figure.Size))
            {
                yield return notice;
            }
        }

        if (figure.Kind == FigureKind.Halt)
        {
            yield return "Square and still, a leg at each corner; then straight on.";
        }
    }

    private static IEnumerable<string> InCanter(FigureSize size)
    {
        var asked = (size.Turn > 180 ? SetUpFigures.WholePirouette : SetUpFigures.HalfPirouette).Value;
        if (size.Turn is 180 or 360 && (size.Count < asked.Least || size.Count > asked.Most))
        {
            yield return $"A test wants {asked.Least} to {asked.Most} strides for it: "
                + (size.Count < asked.Least ? "in fewer it swings round." : "more are for schooling.");
        }

        yield return size.Ground > Distance.FromMetres(SetUpFigures.WorkingPirouette.Value)
            ? $"Wider than the {SetUpFigures.WorkingPirouette.Value:0} m of a working pirouette: travers on a small circle, to school it."
            : "Keep the canter alive: ride forward out of it before it dies.";
    }
}
