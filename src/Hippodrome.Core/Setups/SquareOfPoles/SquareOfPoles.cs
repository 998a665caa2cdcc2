using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>Four poles in a square whose corners stay open, ridden straight, on the diagonal or round a corner.</summary>
public sealed record SquareOfPoles : SetUp
{
    internal SquareOfPoles(Arena arena, Placement placement, double adjust, GaitVariant variant, int steps, SquareWay way, Rein rein)
        : base(arena, placement, adjust) => (Variant, Steps, Way, Rein) = (variant, steps, way, rein);

    public GaitVariant Variant { get; }

    public int Steps { get; }

    public SquareWay Way { get; }

    public Rein Rein { get; }

    public override bool HasFence => false;

    public override Distance HighestFence => Distance.Zero;

    public override bool HasRaisedPole => false;

    public override GaitVariant Approach => Variant;

    internal override GaitVariant StraightIn => Variant;

    /// <summary>Through the open corners nothing is stepped over.</summary>
    public override int? PolesCrossed => Way == SquareWay.Diagonal ? 0 : 2;

    protected override MeasuredSetUp Measure(StrideCard card, Tape tape) => SquareMeasuring.Measure(this, card, tape);

    public override MeasuredSetUp OwnFor(StrideCard card, Tape tape) =>
        new SquareOfPoles(Arena, Placement, 0, Variant, Steps, Way, Rein).MeasureFor(card, tape);
}
