using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Exercises;

/// <summary>Where an exercise without a set-up is ridden, for one horse.</summary>
/// <param name="Path">The way, in the arena.</param>
/// <param name="Closed">It ends where it began.</param>
/// <param name="Length">Once along it.</param>
/// <param name="Strides">Strides of this horse once along it.</param>
/// <param name="Seconds">Time once along it.</param>
/// <param name="Prints">Where each stride begins.</param>
/// <param name="Gait">The gait it is ridden in.</param>
/// <param name="Bend">On a circle: how far the poll leaves the line of the withers.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record FigureDrawing(
    IReadOnlyList<FigurePoint> Path,
    bool Closed,
    Distance Length,
    double Strides,
    double Seconds,
    IReadOnlyList<FigurePoint> Prints,
    Gait Gait,
    Distance? Bend,
    Why Why
)
{
    /// <summary>Null where there is nothing to draw in an arena: out in the open, on the spot, or at the halt.</summary>
    public static FigureDrawing? Of(Exercise exercise, StrideCard card)
    {
        ArgumentNullException.ThrowIfNull(exercise);
        ArgumentNullException.ThrowIfNull(card);
        var gait =
            exercise.Gait is Gait.Halt or Gait.ReinBack ? Gait.Walk
            : exercise.Gait == Gait.Gallop ? Gait.Canter
            : exercise.Gait;
        if (PathOf(exercise.Figure) is not { } path || gait.Usual() is not { } variant)
        {
            return null;
        }

        var estimate = card[variant];
        var strides = path.Length / estimate.Stride;
        var closed = exercise.Figure is RiddenFigure.WholeSchool or RiddenFigure.Circle20 or RiddenFigure.Circle15 or RiddenFigure.Circle10;
        return new FigureDrawing(
            path.Points,
            closed,
            path.Length,
            strides,
            path.Length.Metres / estimate.Speed.MetresPerSecond,
            [.. Enumerable.Range(0, (int)Math.Floor(strides) + (closed ? 0 : 1)).Select(i => path.At(estimate.Stride * i))],
            gait,
            Diameter(exercise.Figure) is { } diameter ? Arenas.Bend.Offset(diameter * 0.5) : null,
            Why.Of(
                "Length of the figure over this horse's stride",
                [$"once along: {path.Length}", $"{variant.Say()}: stride {estimate.Stride}"],
                estimate.Why.Source
            )
        );
    }

    private static Distance? Diameter(RiddenFigure figure) =>
        figure switch
        {
            RiddenFigure.Circle20 => Distance.FromMetres(20),
            RiddenFigure.Circle15 => Distance.FromMetres(15),
            RiddenFigure.Circle10 => Distance.FromMetres(10),
            _ => null,
        };

    private static FigurePath? PathOf(RiddenFigure figure)
    {
        var arena = Arena.Sixty;
        return figure switch
        {
            RiddenFigure.WholeSchool => SchoolFigures.WholeSchool(arena),
            RiddenFigure.LongSide => SchoolFigures.Along(arena, 0),
            RiddenFigure.CentreLine => SchoolFigures.CentreLine(arena),
            RiddenFigure.QuarterLine => SchoolFigures.Along(arena, arena.Width.Metres / 4),
            RiddenFigure.Diagonal => SchoolFigures.Diagonal(arena),
            RiddenFigure.Serpentine => SchoolFigures.Serpentine(arena, 3),
            _ => Diameter(figure) is { } diameter ? SchoolFigures.Circle(arena, diameter) : null,
        };
    }
}
