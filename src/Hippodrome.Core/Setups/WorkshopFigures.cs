using Hippodrome.Core.Arenas;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>Where a line lies: metres from the left long side.</summary>
public sealed record LineAcross(ArenaLine Line, double Metres);

/// <summary>How long an arena is.</summary>
public sealed record ArenaLength(ArenaSize Arena, double Metres);

/// <summary>What an element of a line begins as, and what it is.</summary>
/// <param name="Kind">Which.</param>
/// <param name="IsPole">Nothing is jumped.</param>
/// <param name="IsOxer">It has a spread.</param>
/// <param name="HeightMetres">Null on the ground.</param>
/// <param name="SpreadMetres">Null without one.</param>
public sealed record ElementStart(ElementKind Kind, bool IsPole, bool IsOxer, double? HeightMetres, double? SpreadMetres);

/// <summary>
/// The figures of the trade that the workshop's page needs before it asks anything. They are written into the interface
/// with its types, so that a page holds none of its own.
/// </summary>
public sealed record WorkshopFigures
{
    /// <summary>The finest step with a metric tape.</summary>
    public double MetreStep { get; init; } = Tape.MetreStep.Value;

    /// <summary>The finest step with an imperial tape, in metres.</summary>
    public double FootStep { get; init; } = Math.Round(Distance.FromFeet(0, Tape.InchStep.Value).Metres, 4);

    /// <summary>The finest step by pacing, of a pace.</summary>
    public double PaceStep { get; init; } = Tape.PaceStep.Value;

    /// <summary>A pace that nobody has calibrated, in metres.</summary>
    public double Pace { get; init; } = PersonPace.Uncalibrated.Length.Metres;

    /// <summary>An inch in centimetres.</summary>
    public double Inch { get; init; } = Distance.FromFeet(0, 1).Centimetres;

    /// <summary>Most that a set-up is moved along the tape.</summary>
    public double MostAdjusted { get; init; } = SetUpFigures.MostAdjusted.Value;

    /// <summary>The lines a set-up may stand on, from the left long side.</summary>
    public IReadOnlyList<LineAcross> Lines { get; init; } =
    [
        .. Enum.GetValues<ArenaLine>()
            .Select(line => new LineAcross(line, new Placement(line, Heading.TowardsC, Distance.Zero).Across))
            .OrderBy(l => l.Metres),
    ];

    /// <summary>The arenas.</summary>
    public IReadOnlyList<ArenaLength> Arenas { get; init; } =
    [
        .. Enum.GetValues<ArenaSize>()
            .Where(size => size != ArenaSize.Field)
            .Select(size => new ArenaLength(size, Arena.Of(size).Length.Metres)),
    ];

    /// <summary>The elements of a line.</summary>
    public IReadOnlyList<ElementStart> Elements { get; init; } = [.. Enum.GetValues<ElementKind>().Select(Start)];

    /// <summary>What stands in a course, in the order it is offered; the last of them only in a field.</summary>
    public IReadOnlyList<ElementKind> CourseKinds { get; init; } = CourseFences.Kinds;

    /// <summary>What a raised pole begins at.</summary>
    public double RaisedPole { get; init; } = SetUpFigures.StartRaisedPole.Value;

    /// <summary>What a cross-pole begins at.</summary>
    public double CrossPole { get; init; } = SetUpFigures.StartCrossPole.Value;

    /// <summary>What a fence begins at.</summary>
    public double Fence { get; init; } = SetUpFigures.StartFence.Value;

    /// <summary>How wide a corridor begins.</summary>
    public double Corridor { get; init; } = SetUpFigures.StartCorridor.Value;

    /// <summary>What each gap between poles may grow or shrink by, by steps of the tape.</summary>
    public IReadOnlyList<double> UnevenSteps { get; init; } =
    [-SetUpFigures.UnevenStep.Value, -Tape.MetreStep.Value, 0, Tape.MetreStep.Value, SetUpFigures.UnevenStep.Value];

    /// <summary>How wide a narrow fence may be, the widest first.</summary>
    public IReadOnlyList<double> NarrowWidths { get; init; } = [.. NarrowFence.Way.Select(s => s.WidthMetres).Distinct()];

    /// <summary>Lengths of poles a yard may own, the longest first.</summary>
    public IReadOnlyList<double> PoleLengths { get; init; } =
    [.. NarrowFence.Way.Select(s => s.WidthMetres).Append(CurvedPoles.PoleLength.Value).Distinct().OrderDescending()];

    public static WorkshopFigures All { get; } = new();

    private static ElementStart Start(ElementKind kind)
    {
        var isPole = kind.IsPole();
        var isOxer = kind.IsOxer();
        double? height =
            kind == ElementKind.RaisedPole ? SetUpFigures.StartCavaletti.Value
            : isPole || kind is ElementKind.Ditch or ElementKind.Water ? null
            : kind is ElementKind.StepUp or ElementKind.StepDown ? SetUpFigures.StartStep.Value
            : kind == ElementKind.CrossPole ? SetUpFigures.StartCrossPole.Value
            : SetUpFigures.StartFence.Value;
        return new ElementStart(kind, isPole, isOxer, height, isOxer || kind == ElementKind.Ditch ? SetUpFigures.StartSpread.Value : null);
    }
}
