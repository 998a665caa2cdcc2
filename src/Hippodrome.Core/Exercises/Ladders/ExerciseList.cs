using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Exercises.Ladders;

/// <summary>Short ways to write exercises down.</summary>
internal static class ExerciseList
{
    public static Exercise Minutes(
        string rung,
        string name,
        string how,
        Gait gait,
        RiddenFigure figure,
        int repetitions,
        double minutes,
        int? poles = null,
        int? steps = null,
        SetUpEntry? setUp = null
    ) => new($"{rung}/{Slug(name)}", rung, name, how, gait, figure, repetitions, Dose.OfMinutes(minutes), poles, steps, setUp);

    public static Exercise Efforts(
        string rung,
        string name,
        string how,
        Gait gait,
        RiddenFigure figure,
        int efforts,
        int? poles = null,
        SetUpEntry? setUp = null,
        double? height = null
    ) =>
        new($"{rung}/{Slug(name)}", rung, name, how, gait, figure, efforts, Dose.OfEfforts(efforts), poles, null, setUp)
        {
            HeightMetres = height,
        };

    public static PoleLineEntry Poles(GaitVariant variant, int poles, ArenaLine line, bool raised = false) =>
        new(
            ArenaSize.SixtyByTwenty,
            line,
            Heading.TowardsC,
            30,
            0,
            variant,
            poles,
            raised ? Raising.AlternateEnds : Raising.Ground,
            raised ? 0.10 : null
        );

    public static CrossPoleEntry CrossPole(double height, ArenaLine line) =>
        new(ArenaSize.SixtyByTwenty, line, Heading.TowardsC, 30, 0, height);

    /// <summary>Poles on a curve in the middle of the arena.</summary>
    public static CurvedPolesEntry Curve(CurveKind kind, GaitVariant variant, double radius) =>
        new(ArenaSize.SixtyByTwenty, ArenaLine.CentreLine, Heading.TowardsC, 30, 0, kind, variant, 4, radius);

    /// <summary>A grid on the left quarter line, come to in trot over a placing pole.</summary>
    public static FenceLineEntry Grid(params LineElementEntry[] fences) =>
        new(
            ArenaSize.SixtyByTwenty,
            ArenaLine.LeftQuarterLine,
            Heading.TowardsC,
            30,
            0,
            LineKind.Grid,
            Gait.Trot,
            [new LineElementEntry(ElementKind.Pole), .. fences]
        );

    /// <summary>A line come to in canter.</summary>
    public static FenceLineEntry Line(params LineElementEntry[] elements) =>
        new(ArenaSize.SixtyByTwenty, ArenaLine.LeftQuarterLine, Heading.TowardsC, 30, 0, LineKind.RelatedLine, Gait.Canter, elements);

    /// <summary>A narrow fence on the centre line.</summary>
    public static NarrowEntry Narrow(double width, Guides guides, Gait comesIn = Gait.Canter) =>
        new(ArenaSize.SixtyByTwenty, ArenaLine.CentreLine, Heading.TowardsC, 30, 0, width, guides, 0.60, comesIn);

    /// <summary>A corridor of poles on the centre line.</summary>
    public static CorridorEntry Corridor(int sections, int halts, int back) =>
        new(ArenaSize.SixtyByTwenty, ArenaLine.CentreLine, Heading.TowardsC, 30, 0, sections, 1.2, halts, back);

    /// <summary>A figure begun at A on the right rein; a circle or spiral has its middle in the middle of the arena.</summary>
    public static FigureEntry Figure(FigureKind kind, GaitVariant variant) =>
        new(ArenaSize.SixtyByTwenty, ArenaLine.CentreLine, Heading.TowardsC, 30, 0, kind, variant, Rein.Right);

    public static FigureEntry Spiral(GaitVariant variant, double from, double to) =>
        Figure(FigureKind.Spiral, variant) with
        {
            DiameterMetres = from,
            InnerMetres = to,
        };

    public static FigureEntry Changes(int changes, int every) =>
        Figure(FigureKind.Changes, GaitVariant.CanterCollected) with
        {
            Changes = changes,
            Every = every,
        };

    public static LineElementEntry Pole(int strides = 0, double? distance = null) =>
        new(ElementKind.Pole, Strides: strides, DistanceMetres: distance);

    public static LineElementEntry Cross(double height, int strides = 0) => new(ElementKind.CrossPole, height, Strides: strides);

    public static LineElementEntry Upright(double height, int strides = 0) => new(ElementKind.Upright, height, Strides: strides);

    public static LineElementEntry Oxer(ElementKind kind, double height, double spread, int strides) => new(kind, height, spread, strides);

    private static string Slug(string name) =>
        new([.. name.ToLowerInvariant().Where(c => char.IsAsciiLetterOrDigit(c) || c is ' ' or '-').Select(c => c == ' ' ? '-' : c)]);
}
