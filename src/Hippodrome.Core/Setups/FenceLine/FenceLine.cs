using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>What a line of fences is for: inside a grid the canter waits, on a related line it is the canter of a course.</summary>
public enum LineKind
{
    Grid,
    RelatedLine,
}

/// <summary>A fence, or a placing or landing pole, on a line.</summary>
/// <param name="Kind">What stands there.</param>
/// <param name="Height">Height of its highest rail; none for a pole on the ground.</param>
/// <param name="Spread">Front rail to back rail.</param>
/// <param name="Strides">Strides from the element before; none is a bounce, or a placing pole's own distance.</param>
/// <param name="Typed">The distance from the element before, where someone typed one.</param>
public sealed record LineElement(ElementKind Kind, Distance Height, Distance Spread, int Strides, Distance? Typed)
{
    /// <summary>A pole on the ground, or one on low blocks: a cavaletti.</summary>
    public bool IsPole => Kind.IsPole();

    public bool IsOxer => Kind.IsOxer();

    /// <summary>"upright 70 cm", "square oxer 80 x 70 cm", "pole".</summary>
    public string Name =>
        Kind switch
        {
            ElementKind.Pole => "Pole",
            ElementKind.RaisedPole => FormattableString.Invariant($"Cavaletti {Height.Centimetres:0} cm"),
            ElementKind.CrossPole => FormattableString.Invariant($"Cross-pole {Height.Centimetres:0} cm"),
            ElementKind.AscendingOxer => FormattableString.Invariant($"Ascending oxer {Height.Centimetres:0} x {Spread.Centimetres:0} cm"),
            ElementKind.SquareOxer => FormattableString.Invariant($"Square oxer {Height.Centimetres:0} x {Spread.Centimetres:0} cm"),
            ElementKind.Parallel => FormattableString.Invariant($"Parallel {Height.Centimetres:0} x {Spread.Centimetres:0} cm"),
            ElementKind.EmptyWings => "Pole between empty wings",
            ElementKind.WaterTray => FormattableString.Invariant($"Upright {Height.Centimetres:0} cm over a water tray"),
            ElementKind.Wall => FormattableString.Invariant($"Wall {Height.Centimetres:0} cm"),
            _ => FormattableString.Invariant($"Upright {Height.Centimetres:0} cm"),
        };
}

/// <summary>One to nine elements on a line: a single fence with its poles, a grid, or a related line, straight or bending.</summary>
public sealed record FenceLine : SetUp
{
    internal FenceLine(
        Arena arena,
        Placement placement,
        double adjustMetres,
        LineKind kind,
        Gait comesIn,
        IReadOnlyList<LineElement> elements
    )
        : base(arena, placement, adjustMetres) => (Kind, ComesIn, Elements) = (kind, comesIn, elements);

    public LineKind Kind { get; }

    /// <summary>Trot or canter.</summary>
    public Gait ComesIn { get; }

    public IReadOnlyList<LineElement> Elements { get; init; }

    public GroundLines GroundLines { get; init; } = GroundLines.Front;

    /// <summary>Its stages as the trainer ordered them; the usual ones when empty.</summary>
    public IReadOnlyList<BuildStageEntry?> Ordered { get; init; } = [];

    /// <summary>How far the second of two fences is turned from the first; none is a straight line.</summary>
    public double BendDegrees { get; init; }

    public Rein BendTo { get; init; } = Rein.Left;

    public override bool HasFence => Elements.Any(e => !e.IsPole);

    public override Distance HighestFence => Elements.Where(e => !e.IsPole).Select(e => e.Height).DefaultIfEmpty(Distance.Zero).Max();

    public override IReadOnlyList<FenceJumped> Fences => FencesOf(Elements);

    /// <summary>The fences among elements, the second of a bounce marked.</summary>
    internal static IReadOnlyList<FenceJumped> FencesOf(IReadOnlyList<LineElement> elements) =>
        [
            .. elements
                .Select((e, i) => (Element: e, Bounce: i > 0 && !elements[i - 1].IsPole && e.Strides == 0))
                .Where(e => !e.Element.IsPole)
                .Select(e => new FenceJumped(e.Element.Height, e.Bounce)),
        ];

    public override IEnumerable<ElementKind> Stands => Elements.Select(e => e.Kind);

    public override int? PolesCrossed => Elements.Count(e => e.IsPole);

    public override bool HasRaisedPole => Elements.Any(e => e.Kind == ElementKind.RaisedPole);

    public override GaitVariant Approach => ComesIn == Gait.Trot ? GaitVariant.TrotWorking : GaitVariant.CanterWorking;

    protected override MeasuredSetUp Measure(StrideCard card, Tape tape) =>
        BendDegrees > 0 ? Bending.Measure(this, card, tape) : FenceLineMeasuring.Measure(this, card, tape);

    public override MeasuredSetUp OwnFor(StrideCard card, Tape tape) =>
        new FenceLine(Arena, Placement, 0, Kind, ComesIn, [.. Elements.Select(e => e with { Typed = null })])
        {
            GroundLines = GroundLines,
            BendDegrees = BendDegrees,
            BendTo = BendTo,
        }.MeasureFor(card, tape);
}
