using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>Sideways on two tracks.</summary>
/// <param name="Metres">How far sideways.</param>
/// <param name="AngleDegrees">Between the way that is ridden and straight ahead.</param>
/// <param name="FewestSteps">Crossing steps at the longest a horse is asked for.</param>
/// <param name="MostSteps">At the shortest.</param>
/// <param name="EachStep">Sideways in each step of this horse on this way.</param>
/// <param name="Says">What that asks, in words.</param>
public sealed record SidewaysMeasure(Distance Metres, double AngleDegrees, int FewestSteps, int MostSteps, Distance EachStep, string Says);

/// <summary>Changes of lead in sequence on a line.</summary>
/// <param name="Strides">From the first change to the last: (m - 1) x k.</param>
/// <param name="WithStraight">With the straight strides kept at both ends.</param>
/// <param name="Ridden">What they take at this horse's stride.</param>
/// <param name="SlackMetres">What the line has left; below zero it is too short.</param>
/// <param name="JustFits">The stride at which they just fit.</param>
/// <param name="Fits">Whether they fit at this horse's stride.</param>
/// <param name="At">Metres along the line of each change.</param>
public sealed record ChangesMeasure(
    int Strides,
    int WithStraight,
    Distance Ridden,
    double SlackMetres,
    Distance JustFits,
    bool Fits,
    IReadOnlyList<double> At
);

/// <summary>One size of a spiral with rests.</summary>
/// <param name="Diameter">Of its circle.</param>
/// <param name="Strides">Once round it.</param>
/// <param name="FewestSteps">Crossing steps from it to the next, at the longest a horse is asked for; none behind the last.</param>
/// <param name="MostSteps">At the shortest.</param>
public sealed record SpiralStage(Distance Diameter, double Strides, int FewestSteps, int MostSteps);

/// <summary>What a figure comes to for one horse.</summary>
/// <param name="Length">Once along it.</param>
/// <param name="Strides">Of this horse, once along it.</param>
/// <param name="Seconds">Once along it.</param>
/// <param name="Closed">It ends where it began.</param>
/// <param name="Bend">How far the poll leaves the line of the withers where it bends most; nothing on a straight line.</param>
/// <param name="Sideways">Of a lateral movement.</param>
/// <param name="Changes">Of changes in sequence.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record FigureMeasure(
    Distance Length,
    double Strides,
    double Seconds,
    bool Closed,
    Distance? Bend,
    SidewaysMeasure? Sideways,
    ChangesMeasure? Changes,
    Why Why
)
{
    /// <summary>The sizes of a spiral with rests, the largest first; none for others.</summary>
    public IReadOnlyList<SpiralStage> Stages { get; init; } = [];
}

/// <summary>A figure's length over the horse's stride and speed; bend, sideways steps and changes by geometry.</summary>
internal static class FigureMeasuring
{
    public static MeasuredSetUp Measure(SchoolFigure figure, StrideCard card, Tape tape)
    {
        if (figure.Kind.IsOnTheSpot())
        {
            return SpotMeasuring.Measure(figure, card, tape);
        }

        var way = Way(figure);
        var estimate = card[figure.Variant];
        var changes = figure.Kind == FigureKind.Changes ? Changes(figure.Size, way.Length, estimate.Stride) : null;
        var sideways = Sideways(figure, way.Length, estimate.Stride);
        var closed = figure.Kind is FigureKind.Circle or FigureKind.Spiral;
        var strides = way.Length / estimate.Stride;
        var why = Why.Of(
            "Length of the figure over this horse's stride and speed",
            [$"once along: {way.Length}", $"{figure.Variant.Say()}: stride {estimate.Stride}, {estimate.Speed.MetresPerSecond:0.00} m/s"],
            estimate.Why.Source
        );
        var measure = new FigureMeasure(
            way.Length,
            strides,
            way.Length.Metres / estimate.Speed.MetresPerSecond,
            closed,
            Radius(figure) is { } radius ? Bend.Offset(radius) : null,
            sideways,
            changes,
            why
        )
        {
            Stages = SpiralStages(figure, estimate.Stride),
        };
        var fits = way.Points.All(figure.Arena.Holds);
        var onIt = new StraightWay(
            Distance.Zero,
            Distance.Zero,
            true,
            closed ? "Come to it on the track, and leave it there." : "Come to it through the corner, and ride the next one."
        );
        return new MeasuredSetUp(
            Title(figure),
            figure.Arena,
            figure.Placement.Heading,
            Marks(figure, way, changes, tape),
            [],
            Feet(figure, way, estimate.Stride, changes),
            onIt,
            onIt,
            fits,
            [.. Notices(figure, fits, sideways, changes)]
        )
        {
            Track = [.. way.Points.Select(p => new FigurePoint(Math.Round(p.Along, 4), Math.Round(p.Across, 4)))],
            Lead = figure.Variant.Gait() == Gait.Canter ? Inside(figure) : null,
            Figure = measure,
        };
    }

    /// <summary>Begun at A on the right rein; mirrored for the left, turned round for the other end.</summary>
    private static FigurePath Way(SchoolFigure figure)
    {
        var (arena, size) = (figure.Arena, figure.Size);
        var towardsC = figure.Placement.Heading == Heading.TowardsC;
        var middle = towardsC ? figure.Placement.Middle.Metres : arena.Length.Metres - figure.Placement.Middle.Metres;
        var path = figure.Kind switch
        {
            FigureKind.Circle => SchoolFigures.CircleAt(middle, size.Diameter!.Value),
            FigureKind.Spiral when size.Stages > 0 => SchoolFigures.SpiralWithRests(arena, middle, Sizes(size), size.RestCircles),
            FigureKind.Spiral => SchoolFigures.Spiral(
                arena,
                middle,
                size.Diameter!.Value,
                size.Inner!.Value,
                SetUpFigures.SpiralCircuits.Value
            ),
            FigureKind.Serpentine => SchoolFigures.Serpentine(arena, size.Loops),
            FigureKind.ShallowLoop => SchoolFigures.ShallowLoop(arena, size.Sideways!.Value),
            FigureKind.ShortDiagonal => SchoolFigures.ShortDiagonal(arena),
            FigureKind.CentreLine => SchoolFigures.CentreLine(arena),
            FigureKind.QuarterLine => SchoolFigures.Along(arena, arena.Width.Metres / 4),
            FigureKind.LongSide or FigureKind.ShoulderIn => SchoolFigures.Along(arena, 0),
            FigureKind.LegYield => SchoolFigures.Sideways(size.Sideways!.Value.Metres, 0, size.Forward!.Value),
            FigureKind.HalfPass => SchoolFigures.Sideways(0, size.Sideways!.Value.Metres, size.Forward!.Value),
            _ => SchoolFigures.Diagonal(arena),
        };
        var onRein = figure.Rein == Rein.Right ? path : path.Mirrored(arena);
        return towardsC ? onRein : onRein.TurnedRound(arena);
    }

    /// <summary>The circles of a spiral with rests, even steps from the large one to the small one.</summary>
    private static IReadOnlyList<Distance> Sizes(FigureSize size) =>
        [
            .. Enumerable
                .Range(0, size.Stages + 1)
                .Select(i => size.Diameter!.Value - ((size.Diameter.Value - size.Inner!.Value) * ((double)i / size.Stages))),
        ];

    private static IReadOnlyList<SpiralStage> SpiralStages(SchoolFigure figure, Distance stride)
    {
        if (figure is not { Kind: FigureKind.Spiral, Size.Stages: > 0 })
        {
            return [];
        }

        var sizes = Sizes(figure.Size);
        return
        [
            .. sizes.Select(
                (d, i) =>
                {
                    var aside = i + 1 < sizes.Count ? (d - sizes[i + 1]) * 0.5 : Distance.Zero;
                    return new SpiralStage(d, Arena.Circle(d) / stride, Steps(aside, most: false), Steps(aside, most: true));
                }
            ),
        ];
    }

    private static int Steps(Distance sideways, bool most)
    {
        const double hair = 1e-9;
        var range = SetUpFigures.SidewaysStep.Value;
        return (int)Math.Ceiling((sideways / (most ? range.Shortest : range.Longest)) - hair);
    }

    private static SidewaysMeasure? Sideways(SchoolFigure figure, Distance length, Distance stride)
    {
        if (figure.Kind == FigureKind.ShoulderIn)
        {
            return new SidewaysMeasure(
                Distance.Zero,
                SetUpFigures.ShoulderInAngle.Value,
                0,
                0,
                Distance.Zero,
                "On three tracks: the outside fore and the inside hind on one of them. The shoulders come in, the quarters stay on the track."
            );
        }

        if (figure.Kind == FigureKind.Spiral)
        {
            // With rests the half circle between two sizes is where it goes sideways.
            if (figure.Size.Stages > 0)
            {
                var sizes = Sizes(figure.Size);
                return Crossing((sizes[0] - sizes[1]) * 0.5, Arena.Circle((sizes[0] + sizes[1]) * 0.5) * 0.5, stride);
            }

            return Crossing(
                Distance.FromMetres((figure.Size.Diameter!.Value.Metres - figure.Size.Inner!.Value.Metres) / 2),
                length * 0.5,
                stride
            );
        }

        return figure.Kind is FigureKind.LegYield or FigureKind.HalfPass ? Crossing(figure.Size.Sideways!.Value, length, stride) : null;
    }

    /// <summary>Half a metre of side a step is what is asked, 0.4 at the least of what counts as crossing.</summary>
    private static SidewaysMeasure Crossing(Distance sideways, Distance length, Distance stride)
    {
        var range = SetUpFigures.SidewaysStep.Value;
        var each = sideways * (1 / (2 * (length / stride)));
        var says =
            each > range.Longest ? $"{each} sideways in each step is more than a horse crosses in rhythm: ride it over more ground."
            : each < range.Shortest ? $"{each} sideways in each step: room for steps that go straight in between."
            : $"{each} sideways in each step: every one of them crosses.";
        return new SidewaysMeasure(
            sideways,
            Math.Asin(Math.Min(1, sideways / length)) * 180 / Math.PI,
            Steps(sideways, most: false),
            Steps(sideways, most: true),
            each,
            says
        );
    }

    /// <summary>(m - 1) x k strides from the first to the last, and two straight ones at each end.</summary>
    private static ChangesMeasure Changes(FigureSize size, Distance line, Distance stride)
    {
        var between = (size.Changes - 1) * size.Every;
        var all = between + (2 * SetUpFigures.StraightBeforeChanges.Value);
        var slack = line.Metres - (all * stride.Metres);
        var ridden = Math.Min(stride.Metres, line.Metres / all);
        var first = (Math.Max(0, slack) / 2) + (SetUpFigures.StraightBeforeChanges.Value * ridden);
        return new ChangesMeasure(
            between,
            all,
            stride * all,
            slack,
            line * (1.0 / all),
            slack >= -1e-9,
            [.. Enumerable.Range(0, size.Changes).Select(i => Math.Round(first + (i * size.Every * ridden), 3))]
        );
    }

    /// <summary>The radius where it bends most.</summary>
    private static Distance? Radius(SchoolFigure figure) =>
        figure.Kind switch
        {
            FigureKind.Circle => figure.Size.Diameter!.Value * 0.5,
            FigureKind.Spiral => figure.Size.Inner!.Value * 0.5,
            FigureKind.Serpentine => figure.Arena.Length * (0.5 / figure.Size.Loops),
            _ => null,
        };

    private static string Title(SchoolFigure figure)
    {
        var size = figure.Size;
        var gait = figure.Variant.Say();
        return figure.Kind switch
        {
            FigureKind.Circle => FormattableString.Invariant($"Circle of {size.Diameter!.Value.Metres:0.#} m, {gait}"),
            FigureKind.Spiral => FormattableString.Invariant(
                $"Spiral from {size.Diameter!.Value.Metres:0.#} to {size.Inner!.Value.Metres:0.#} m and out{(size.Stages > 0 ? $" in {size.Stages} stages" : "")}, {gait}"
            ),
            FigureKind.Serpentine => $"Serpentine of {size.Loops} loops, {gait}",
            FigureKind.ShallowLoop => FormattableString.Invariant($"Shallow loop {size.Sideways!.Value.Metres:0.#} m deep, {gait}"),
            FigureKind.ShortDiagonal => $"Short diagonal, {gait}",
            FigureKind.CentreLine => $"Centre line, {gait}",
            FigureKind.QuarterLine => $"Quarter line, {gait}",
            FigureKind.LongSide => $"Long side, {gait}",
            FigureKind.LegYield => FormattableString.Invariant(
                $"Leg-yield {size.Sideways!.Value.Metres:0.#} m over {size.Forward!.Value.Metres:0.#} m, {gait}"
            ),
            FigureKind.HalfPass => FormattableString.Invariant(
                $"Half-pass {size.Sideways!.Value.Metres:0.#} m over {size.Forward!.Value.Metres:0.#} m, {gait}"
            ),
            FigureKind.ShoulderIn => $"Shoulder-in along the long side, {gait}",
            FigureKind.Changes => size.Changes == 1
                ? "One change on the diagonal"
                : $"{size.Changes} changes every {Nth(size.Every)} on the diagonal",
            _ => $"Diagonal, {gait}",
        };
    }

    private static string Nth(int strides) =>
        strides switch
        {
            1 => "stride",
            2 => "second stride",
            3 => "third stride",
            4 => "fourth stride",
            5 => "fifth stride",
            _ => "sixth stride",
        };

    /// <summary>Where it begins, each change, where it ends.</summary>
    private static List<Element> Marks(SchoolFigure figure, FigurePath way, ChangesMeasure? changes, Tape tape)
    {
        var marks = new List<(string Name, double At)> { (Place(figure.Arena, way.Points[0], "Begins"), 0) };
        marks.AddRange((changes?.At ?? []).Select((at, i) => ($"Change {i + 1}", Math.Min(at, way.Length.Metres))));
        marks.Add((Place(figure.Arena, way.Points[^1], "Ends"), way.Length.Metres));
        var measuring = new WayMeasuring(figure.Arena, way);
        return marks.ConvertAll(m =>
        {
            var (at, direction) = measuring.Place(m.At);
            var distance = Distance.FromMetres(m.At);
            return new Element(
                ElementKind.Mark,
                m.Name,
                distance,
                tape.Say(distance),
                Distance.Zero,
                PoleEnd.None,
                Math.Round(at.Along, 4),
                Math.Round(at.Across, 4),
                Distance.Zero
            )
            {
                Faces = Math.Round(direction, 3),
            };
        });
    }

    private static string Place(Arena arena, FigurePoint point, string word)
    {
        const double near = 0.6;
        var letter = arena.Letters.FirstOrDefault(l => double.Hypot(l.Along - point.Along, l.Across - point.Across) < near);
        return letter is null ? word : $"{word} at {letter.Letter}";
    }

    private static IReadOnlyList<Hoofprint> Feet(SchoolFigure figure, FigurePath way, Distance stride, ChangesMeasure? changes)
    {
        var measuring = new WayMeasuring(figure.Arena, way);
        var length = way.Length.Metres;
        if (figure.Variant.Gait() != Gait.Canter)
        {
            measuring.Steps(0, length, stride.Metres / 2, figure.Variant.Gait());
            return measuring.Prints;
        }

        var lead = Inside(figure);
        var step = changes is { Fits: false } ? changes.JustFits.Metres : stride.Metres;
        for (var at = 0.0; at + step <= length + 1e-6; at += step)
        {
            var done = changes?.At.Count(c => c <= at + (step / 2)) ?? 0;
            measuring.CanterStride(at, step, done % 2 == 0 ? lead : lead.Other());
        }

        return measuring.Prints;
    }

    private static Side Inside(SchoolFigure figure) => figure.Rein == Rein.Right ? Side.Right : Side.Left;

    private static IEnumerable<string> Notices(SchoolFigure figure, bool fits, SidewaysMeasure? sideways, ChangesMeasure? changes)
    {
        if (!fits)
        {
            yield return "It does not fit here: make it smaller, or move its middle.";
        }

        if (changes is { Fits: false })
        {
            yield return FormattableString.Invariant(
                $"They do not fit at this stride: {-changes.SlackMetres:0.0} m are missing. Collect to {changes.JustFits}, or ride fewer."
            );
        }

        if (changes is not null)
        {
            yield return "Keep the changes away from the corner, and leave it on a good one.";
        }

        if (sideways is not null && figure.Kind != FigureKind.ShoulderIn)
        {
            yield return sideways.Says;
        }
    }
}
