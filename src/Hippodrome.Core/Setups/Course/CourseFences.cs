using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>What may stand in a course, and how high, wide and deep.</summary>
internal static class CourseFences
{
    public static readonly IReadOnlyList<ElementKind> Kinds =
    [
        ElementKind.EmptyWings,
        ElementKind.CrossPole,
        ElementKind.Upright,
        ElementKind.AscendingOxer,
        ElementKind.SquareOxer,
        ElementKind.Parallel,
        ElementKind.Wall,
        ElementKind.WaterTray,
        ElementKind.Log,
        ElementKind.StepUp,
        ElementKind.StepDown,
        ElementKind.Ditch,
        ElementKind.Water,
    ];

    /// <summary>How high a kind may be; what shows of it.</summary>
    public static DistanceRange Height(ElementKind? kind) =>
        kind switch
        {
            ElementKind.CrossPole => SetUpFigures.CrossPoleHeight.Value,
            ElementKind.StepUp or ElementKind.StepDown => CourseFigures.StepHeight.Value,
            ElementKind.Log => CourseFigures.LogHeight.Value,
            _ => SetUpFigures.FenceHeight.Value,
        };

    /// <summary>Height, spread and depth as typed; nothing where its kind has none.</summary>
    public static (double Height, double Spread, double Depth) Sizes(Checks checks, CourseFenceEntry entry, ElementKind kind, string at)
    {
        var flat = kind is ElementKind.EmptyWings or ElementKind.Ditch or ElementKind.Water;
        var range = Height(kind);
        var height = flat ? 0 : checks.Number($"{at}.heightMetres", entry.HeightMetres, range.Shortest.Metres, range.Longest.Metres, "m");
        var widths = kind == ElementKind.Ditch ? CourseFigures.DitchWidth.Value : SetUpFigures.OxerSpread.Value;
        var spread =
            kind.IsOxer() || kind == ElementKind.Ditch
                ? checks.Number($"{at}.spreadMetres", entry.SpreadMetres, widths.Shortest.Metres, widths.Longest.Metres, "m")
                : 0;
        var deep = kind is ElementKind.StepUp or ElementKind.StepDown or ElementKind.Water;
        var depth = deep ? checks.Number($"{at}.depthMetres", entry.DepthMetres ?? 0, 0, CourseFigures.DeepestWater.Value, "m") : 0;
        return (height, spread, depth);
    }
}

/// <summary>The figures behind a course.</summary>
public static class CourseFigures
{
    public static readonly Figure<int> MostFences = Figure.Chosen(
        "Most fences of a course",
        30,
        "fences",
        "a long cross-country course; longer ones are ridden in parts"
    );
    public static readonly Figure<double> Speed = Figure.Published("Speed of a jumping course", 350.0, "m/min", "FEI jumping rules");
    public static readonly Figure<double> LimitOfAllowed = Figure.Published(
        "Time limit, of the time allowed",
        2.0,
        "times",
        "FEI jumping rules"
    );
    public static readonly Figure<double> StartBefore = Figure.Published(
        "Start line before the first fence, and finish line after the last",
        12.0,
        "m",
        "FEI jumping rules (6 to 15 m)"
    );
    public static readonly Figure<double> Turn = Figure.Chosen(
        "Narrowest turn of a course, radius",
        6.0,
        "m",
        "a 12 m circle in canter: what a horse schooled to 15 m can still balance"
    );
    public static readonly Figure<double> WideTurn = Figure.Chosen(
        "A turn is ridden as wide as the ground allows, up to a radius of",
        12.0,
        "m",
        "wider is no turn any more"
    );
    public static readonly Figure<double> ToTheSide = Figure.Chosen(
        "Room kept between the way and the side of the ground",
        1.0,
        "m",
        "a rider's knee and a little"
    );
    public static readonly Figure<double> LongestField = Figure.Chosen("Longest field", 600.0, "m", "beyond is another field");
    public static readonly Figure<DistanceRange> StepHeight = Figure.Chosen(
        "Height of a step",
        DistanceRange.Metres(0.15, 1.20),
        "",
        "lower is walked over, higher is beyond this program"
    );
    public static readonly Figure<DistanceRange> LogHeight = Figure.Chosen(
        "Height of a log",
        DistanceRange.Metres(0.20, 1.20),
        "",
        "lower is stepped over, higher is beyond this program"
    );
    public static readonly Figure<DistanceRange> DitchWidth = Figure.Chosen(
        "Width of a ditch",
        DistanceRange.Metres(0.30, 2.40),
        "",
        "narrower is stepped over, wider is beyond this program"
    );
    public static readonly Figure<double> DeepestWater = Figure.Published(
        "Deepest water that is jumped into or out of",
        0.35,
        "m",
        "FEI eventing rules"
    );
}
