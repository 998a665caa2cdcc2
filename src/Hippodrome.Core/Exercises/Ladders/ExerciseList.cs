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
    ) =>
        new()
        {
            Id = $"{rung}/{Slug(name)}",
            RungId = rung,
            Name = name,
            How = how,
            Gait = gait,
            Figure = figure,
            Repetitions = repetitions,
            Dose = Dose.OfMinutes(minutes),
            Poles = poles,
            StepsBeforeRest = steps,
            SetUp = setUp,
        };

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
        new()
        {
            Id = $"{rung}/{Slug(name)}",
            RungId = rung,
            Name = name,
            How = how,
            Gait = gait,
            Figure = figure,
            Repetitions = efforts,
            Dose = Dose.OfEfforts(efforts),
            Poles = poles,
            StepsBeforeRest = null,
            SetUp = setUp,
            HeightMetres = height,
        };

    public static PoleLineEntry Poles(GaitVariant variant, int poles, ArenaLine line, bool raised = false) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = line,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Variant = variant,
            Poles = poles,
            Raising = raised ? Raising.AlternateEnds : Raising.Ground,
            HeightMetres = raised ? 0.10 : null,
        };

    public static CrossPoleEntry CrossPole(double height, ArenaLine line, bool placingPole = true) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = line,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            HeightMetres = height,
            PlacingPole = placingPole ? null : false,
        };

    /// <summary>Poles on a curve in the middle of the arena.</summary>
    public static CurvedPolesEntry Curve(CurveKind kind, GaitVariant variant, double radius) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = kind,
            Variant = variant,
            Poles = 4,
            RadiusMetres = radius,
        };

    /// <summary>A grid on the left quarter line, come to in trot over a placing pole.</summary>
    public static FenceLineEntry Grid(params LineElementEntry[] fences) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.LeftQuarterLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = LineKind.Grid,
            ComesIn = Gait.Trot,
            Elements = [new LineElementEntry(ElementKind.Pole), .. fences],
        };

    /// <summary>A round in the arena, its fences where they stand.</summary>
    public static CourseEntry Round(params CourseFenceEntry[] fences) => new() { Arena = ArenaSize.SixtyByTwenty, Fences = fences };

    /// <summary>A pole between empty wings.</summary>
    public static CourseFenceEntry Wings(double along, double across, double faces = 0) =>
        new(ElementKind.EmptyWings, along, across, faces);

    /// <summary>A line come to in canter.</summary>
    public static FenceLineEntry Line(params LineElementEntry[] elements) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.LeftQuarterLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = LineKind.RelatedLine,
            ComesIn = Gait.Canter,
            Elements = elements,
        };

    /// <summary>A narrow fence on the centre line.</summary>
    public static NarrowEntry Narrow(double width, Guides guides, Gait comesIn = Gait.Canter) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            WidthMetres = width,
            Guides = guides,
            HeightMetres = 0.60,
            ComesIn = comesIn,
        };

    /// <summary>A corridor of poles on the centre line.</summary>
    public static CorridorEntry Corridor(int sections, int halts, int back) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Sections = sections,
            WidthMetres = 1.2,
            Halts = halts,
            BackSteps = back,
        };

    /// <summary>A figure begun at A on the right rein; a circle or spiral has its middle in the middle of the arena.</summary>
    public static FigureEntry Figure(FigureKind kind, GaitVariant variant) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = kind,
            Variant = variant,
            Rein = Rein.Right,
        };

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
