using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Sessions;

/// <summary>
/// The rungs a part asks for: the one that was chosen or its exercise's, and what stands implies one of its own, whoever
/// chose what. A plain gait implies none. Common practice, no source; the widths of narrow fences are chosen.
/// </summary>
internal static class ImpliedRungs
{
    /// <summary>What is asked, each as rungs of which any one will do.</summary>
    public static IEnumerable<IReadOnlyList<Rung>> Of(Part part, SetUp? setUp, PartDose dose)
    {
        var chosen = part.Rung ?? (part.Exercise is { } exercise ? Catalogue.Rung(exercise.RungId) : null);
        if (chosen is not null)
        {
            yield return [chosen];
        }

        var stands = setUp is null ? [] : Stands(part, setUp);
        if (stands.Length > 0)
        {
            yield return [.. stands.Select(Catalogue.Rung)];
        }

        // Fences typed as a number, with nothing else to go by, are single fences of the jumping ladder.
        var bare = setUp is not { HasFence: true } && chosen?.IsOverFences() != true;
        if (
            dose.Fences.Count > 0
            && dose.Highest.Metres > 0
            && (bare || dose.Highest.Metres > ExerciseFigures.SmallHeight.Value || chosen?.Strand == Strand.Jumping)
        )
        {
            yield return [AtHeight(dose.Highest.Metres)];
        }
    }

    /// <summary>The lowest rung of jumping whose fences go as high.</summary>
    public static Rung AtHeight(double metres) =>
        Catalogue.Ladder(Strand.Jumping).First(r => r.IsOverFences() && (r.MostHeight is not { } most || metres <= most.Value + 1e-9));

    private static string[] Stands(Part part, SetUp setUp) =>
        setUp switch
        {
            PoleLine or CurvedPoles or Corridor or SquareOfPoles when part.Manner == Manner.InHand => [Led(setUp)],
            PoleLine or CurvedPoles or SquareOfPoles when part.Manner == Manner.Lunged => ["lunge/poles-on-the-circle"],
            PoleLine or CurvedPoles or SquareOfPoles when part.Manner == Manner.LongReined =>
            [
                setUp.Approach.Gait() == Gait.Walk ? "in-hand/long-lines-trot" : "in-hand/long-lines-canter",
            ],
            PoleLine poles => [Ridden(poles)],
            CurvedPoles curve =>
            [
                curve.Variant.Gait() switch
                {
                    Gait.Walk => "poles/walk-poles",
                    Gait.Trot => curve.HasRaisedPole ? "poles/raised-trot" : "poles/fan-clock-zigzag",
                    _ => "poles/canter-cavaletti",
                },
            ],
            SquareOfPoles square =>
            [
                square.Variant.Gait() switch
                {
                    Gait.Walk => "poles/walk-poles",
                    Gait.Trot => square.Way == SquareWay.Straight ? "poles/trot-poles" : "poles/fan-clock-zigzag",
                    _ => "poles/canter-pole",
                },
            ],
            Corridor => ["poles/single-walk"],
            CrossPole => ["jumping/cross-pole", "grids/cross-pole-trot"],
            FenceLine line => Fences(line),
            Course course => Round(course),
            NarrowFence narrow => [Narrow(narrow.Step)],
            SchoolFigure figure => Figure(figure),
            _ => [],
        };

    private static string Led(SetUp setUp) =>
        setUp switch
        {
            Corridor or PoleLine { Poles: 1 } => "in-hand/pole-corridor",
            PoleLine { Lie.Raising: not Raising.BothEnds } => "in-hand/walk-poles",
            _ => "in-hand/curved-and-raised",
        };

    private static string Ridden(PoleLine poles)
    {
        var raised = poles.HasRaisedPole;
        return poles.Lie.IsUneven
            ? "poles/uneven"
            : poles.Variant.Gait() switch
            {
                Gait.Walk => poles.Poles == 1 ? "poles/single-walk" : "poles/walk-poles",
                Gait.Trot => raised ? "poles/raised-trot"
                : poles.Lie.Laying == Laying.Zigzag ? "poles/fan-clock-zigzag"
                : "poles/trot-poles",
                _ => raised ? "poles/canter-cavaletti" : "poles/canter-pole",
            };
    }

    private static string[] Fences(FenceLine line)
    {
        var fences = line.Elements.Where(e => !e.IsPole).ToList();
        if (fences.Count == 0)
        {
            return
            [
                line.HasRaisedPole ? "poles/canter-cavaletti"
                : line.ComesIn == Gait.Trot ? "poles/trot-poles"
                : "poles/canter-pole",
            ];
        }

        if (line.Kind == LineKind.RelatedLine)
        {
            return
            [
                fences.Count > 1 ? "jumping/related-lines"
                : fences[0].Kind != ElementKind.CrossPole ? "jumping/small-single"
                : "jumping/cross-pole",
            ];
        }

        return fences switch
        {
            _ when fences.Exists(f => f.Kind is ElementKind.SquareOxer or ElementKind.Parallel) => ["grids/square-oxer"],
            _ when fences.Exists(f => f.IsOxer) => ["grids/ascending-oxer"],
            { Count: > 3 } => ["grids/exit-upright"],
            _ when line.Fences.Any(f => f.Bounce) => ["grids/bounce"],
            { Count: > 1 } => ["grids/one-stride"],
            _ when fences[0].Kind != ElementKind.CrossPole => ["jumping/small-single"],
            _ => ["grids/cross-pole-trot", "jumping/cross-pole"],
        };
    }

    /// <summary>The highest question that stands in it.</summary>
    private static string[] Round(Course course)
    {
        var stands = course.Stands.ToHashSet();
        if (!course.HasFence && !stands.Contains(ElementKind.Water))
        {
            return ["jumping/empty-wings"];
        }

        if (course.Ground.Arena.Size == Arenas.ArenaSize.Field && stands.Any(k => k.IsCountry()))
        {
            return
            [
                course.Obstacles.Any(o => o.Together) ? "cross-country/combinations"
                : course.Obstacles.Any(o => o.Kind == ElementKind.StepDown && o.Depth.Metres > 0) ? "cross-country/drop-into-water"
                : stands.Contains(ElementKind.Ditch) ? "cross-country/banks-and-ditches"
                : stands.Contains(ElementKind.Log) || course.Obstacles.Any(o => o.IsJumped && !o.Kind.IsCountry())
                    ? "cross-country/small-fences"
                : stands.Any(k => k is ElementKind.StepUp or ElementKind.StepDown) ? "cross-country/steps"
                : "cross-country/shallow-water",
            ];
        }

        return course.Fences.Count switch
        {
            >= 6 => ["jumping/course-under"],
            > 1 => ["jumping/leads-and-turns"],
            _ when stands.Contains(ElementKind.CrossPole) => ["jumping/cross-pole"],
            _ => ["jumping/small-single"],
        };
    }

    private static string Narrow(int step) =>
        step switch
        {
            0 => "narrow/full-width-guided",
            1 or 2 => "narrow/narrower-guided",
            3 => "narrow/one-guide",
            4 => "narrow/narrower-again",
            _ => "narrow/barrel",
        };

    private static string[] Figure(SchoolFigure figure)
    {
        var gait = figure.Variant.Gait();
        return figure.Kind switch
        {
            FigureKind.Changes when figure.Size.Changes == 1 => ["changes/single-change"],
            FigureKind.Changes =>
            [
                figure.Size.Every switch
                {
                    1 => "changes/every-stride",
                    2 => "changes/every-second",
                    3 => "changes/every-third",
                    _ => "changes/every-fourth",
                },
            ],
            FigureKind.LegYield => ["lateral/leg-yield-line"],
            FigureKind.ShoulderIn => [gait == Gait.Canter ? "lateral/lateral-canter" : "lateral/shoulder-in"],
            FigureKind.HalfPass => [gait == Gait.Canter ? "lateral/lateral-canter" : "lateral/half-pass-trot"],
            FigureKind.Pirouette when gait == Gait.Canter =>
            [
                figure.Size.Ground?.Metres > SetUpFigures.WorkingPirouette.Value
                    ? "collected/schooling-pirouette"
                    : "collected/half-pirouette",
            ],
            FigureKind.Piaffe => ["collected/piaffe"],
            FigureKind.Circle => Circle(gait, figure.Size.Diameter!.Value.Metres),
            _ => [],
        };
    }

    private static string[] Circle(Gait gait, double metres) =>
        gait switch
        {
            Gait.Canter => metres <= 12 ? ["collected/ten-metre-canter"]
            : metres <= 16 ? ["flatwork/fifteen-metres"]
            : [],
            Gait.Trot => metres <= 12 ? ["flatwork/ten-metres"]
            : metres <= 16 ? ["flatwork/fifteen-metres"]
            : [],
            _ => [],
        };
}
