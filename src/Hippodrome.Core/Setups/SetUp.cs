using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>A fence to be jumped, and whether it is the second of a bounce.</summary>
public sealed record FenceJumped(Distance Height, bool Bounce);

/// <summary>A set-up that can be built: what stands, where, and how far it is moved from the horse's own distance.</summary>
public abstract record SetUp
{
    private protected SetUp(Arena arena, Placement placement, double adjustMetres) =>
        (Arena, Placement, AdjustMetres) = (arena, placement, adjustMetres);

    public Arena Arena { get; }

    public Placement Placement { get; }

    /// <summary>Longer than the horse's own distance; shorter when below zero.</summary>
    public double AdjustMetres { get; }

    /// <summary>It is moved on purpose, also out of the trade's range.</summary>
    public bool OnPurpose { get; init; }

    /// <summary>What guards a distance that is moved: the trade's range, unless it is left on purpose.</summary>
    internal DistanceRange Guard(DistanceRange trade) => OnPurpose ? DistanceRange.Metres(0, double.MaxValue) : trade;

    /// <summary>Something has to be jumped.</summary>
    public abstract bool HasFence { get; }

    /// <summary>There are poles to step or canter over, and nothing to jump.</summary>
    public virtual bool HasPoles => !HasFence;

    /// <summary>Poles that are stepped or cantered over in one go through it; null where its family does not count them.</summary>
    public virtual int? PolesCrossed => null;

    /// <summary>Height of the highest fence; nothing where there is none.</summary>
    public abstract Distance HighestFence { get; }

    /// <summary>What is jumped in one go through it, in order; none where nothing is.</summary>
    public virtual IReadOnlyList<FenceJumped> Fences => HasFence ? [new FenceJumped(HighestFence, false)] : [];

    /// <summary>The kinds of fences that stand in it; none where its family has but one.</summary>
    public virtual IEnumerable<ElementKind> Stands => [];

    /// <summary>A pole lies off the ground.</summary>
    public abstract bool HasRaisedPole { get; }

    /// <summary>The gait it is come to in.</summary>
    public abstract GaitVariant Approach { get; }

    /// <summary>The gait whose strides the straight before and after is counted in.</summary>
    internal virtual GaitVariant StraightIn => GaitVariant.CanterWorking;

    /// <summary>What its poles are of; wood where nothing is said.</summary>
    public Material Material { get; init; }

    /// <summary>What its rails lie in.</summary>
    public Cups Cups { get; init; }

    /// <summary>Measures it for one horse, with one person's tape.</summary>
    public MeasuredSetUp MeasureFor(StrideCard card, Tape tape) => Measure(card, tape) with { Material = Material, Cups = Cups };

    protected abstract MeasuredSetUp Measure(StrideCard card, Tape tape);

    /// <summary>The same as this horse's own distances would have it, whatever was typed or moved for another.</summary>
    public abstract MeasuredSetUp OwnFor(StrideCard card, Tape tape);
}

/// <summary>A cross-pole from trot, with a placing pole before it or by itself.</summary>
public sealed record CrossPole : SetUp
{
    internal CrossPole(Arena arena, Placement placement, double adjustMetres, Distance height, bool placingPole)
        : base(arena, placement, adjustMetres) => (Height, PlacingPole) = (height, placingPole);

    /// <summary>A placing pole lies before it.</summary>
    public bool PlacingPole { get; }

    public Distance Height { get; }

    public override bool HasFence => true;

    public override Distance HighestFence => Height;

    public override bool HasRaisedPole => false;

    public override GaitVariant Approach => GaitVariant.TrotWorking;

    protected override MeasuredSetUp Measure(StrideCard card, Tape tape) => CrossPoleMeasuring.Measure(this, card, tape);

    public override MeasuredSetUp OwnFor(StrideCard card, Tape tape) =>
        new CrossPole(Arena, Placement, 0, Height, PlacingPole).MeasureFor(card, tape);
}
