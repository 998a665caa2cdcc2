using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>Square to the way, or each slanted against the last so that their ends meet.</summary>
public enum Laying
{
    Square,
    Zigzag,
}

/// <summary>Poles on a straight line, one step apart in walk and trot, one stride apart in canter.</summary>
public sealed record PoleLineEntry : SetUpEntry
{
    /// <summary>The gait they are ridden in.</summary>
    public GaitVariant? Variant { get; init; }

    /// <summary>How many: 1 to 8.</summary>
    public int? Poles { get; init; }

    /// <summary>On the ground, or raised at one end in turn or at both.</summary>
    public Raising? Raising { get; init; }

    /// <summary>Height of a raised end: up to 0.20 m in walk and trot, 0.50 m in canter.</summary>
    public double? HeightMetres { get; init; }

    /// <summary>Each gap so much longer than the one before; shorter below zero, even when nothing.</summary>
    public double? StepMetres { get; init; }

    /// <summary>Square or in a zigzag.</summary>
    public Laying? Laying { get; init; }

    /// <summary>Which end of the first pole is up where they are raised in turn; left when nothing.</summary>
    public Side? FirstRaised { get; init; }

    protected override Outcome<SetUp> Check(Checks checks)
    {
        var (arena, placement, adjust) = CheckPlace(checks);
        var variant = CheckGaitOverPoles(checks, Variant);
        var poles = checks.Whole("poles", Poles, 1, SetUpFigures.MostPoles.Value, "poles");
        var raising = checks.Choice("raising", Raising);
        var height = RaisedPoles.Height(checks, raising, HeightMetres, variant);
        var step = checks.Number("stepMetres", StepMetres ?? 0, -SetUpFigures.UnevenStep.Value, SetUpFigures.UnevenStep.Value, "m");
        var laying = checks.Choice<Laying>("laying", Laying ?? Setups.Laying.Square);
        var first = checks.Choice<Side>("firstRaised", FirstRaised ?? Side.Left);
        if (laying == Setups.Laying.Zigzag)
        {
            checks.That(
                variant.Gait() != Gait.Canter,
                "laying",
                "A zigzag is for walk and trot: canter poles lie too far apart for their ends to meet.",
                "Choose a walk or a trot, or lay them square."
            );
            checks.That(
                step == 0,
                "stepMetres",
                "The ends of a zigzag only meet where the steps are even.",
                "Make them even, or lay them square."
            );
        }

        return checks.Outcome<SetUp>(() =>
            new PoleLine(arena, placement, adjust, variant, poles, new PolesLie(raising, height, step, laying, first))
        );
    }

    internal override SetUpEntry InTheMirror() =>
        Raising == Setups.Raising.AlternateEnds ? this with { FirstRaised = (FirstRaised ?? Side.Left).Other() } : this;

    public override ChangedSetUp BackToWalk() =>
        new(
            this with
            {
                Variant = GaitVariant.WalkMedium,
                Raising = Setups.Raising.Ground,
                HeightMetres = null,
                AdjustMetres = 0,
                StepMetres = null,
            },
            "back to walk, poles on the ground"
        );

    /// <summary>Walk poles, trot poles, ends raised in turn.</summary>
    public override ChangedSetUp? OneRungOn() =>
        Variant?.Gait() == Gait.Walk
            ? new(this with { Variant = GaitVariant.TrotWorking, AdjustMetres = 0 }, "one rung on: the same poles in trot")
        : Raising == Setups.Raising.Ground
            ? new(this with { Raising = Setups.Raising.AlternateEnds, HeightMetres = HeightStep }, "one rung on: ends raised in turn")
        : null;

    /// <summary>Three or four poles lie well, a fifth is new; from there it is the place that changes.</summary>
    private protected override ChangedSetUp? OneSmallThing() =>
        Poles is 3 or 4 ? new(this with { Poles = Poles + 1 }, "one thing otherwise: a pole more") : null;

    public override ChangedSetUp? OneRungBack() =>
        Raising is Setups.Raising.AlternateEnds or Setups.Raising.BothEnds
            ? new(this with { Raising = Setups.Raising.Ground, HeightMetres = null }, "one rung back: poles on the ground")
        : Variant is { } variant && variant.Gait() != Gait.Walk ? BackToWalk()
        : null;
}

/// <summary>How the poles of a line lie.</summary>
public sealed record PolesLie(Raising Raising, Distance Height, double StepMetres, Laying Laying, Side FirstRaised);

/// <summary>Poles on a straight line.</summary>
public sealed record PoleLine : SetUp
{
    internal PoleLine(Arena arena, Placement placement, double adjustMetres, GaitVariant variant, int poles, PolesLie lie)
        : base(arena, placement, adjustMetres) => (Variant, Poles, Lie) = (variant, poles, lie);

    public GaitVariant Variant { get; }

    public int Poles { get; }

    public override int? PolesCrossed => Poles;

    public PolesLie Lie { get; }

    public override bool HasFence => false;

    public override Distance HighestFence => Distance.Zero;

    public override bool HasRaisedPole => Lie.Raising != Raising.Ground;

    public override GaitVariant Approach => Variant;

    public override MeasuredSetUp MeasureFor(StrideCard card, Tape tape) => PoleLineMeasuring.Measure(this, card, tape);

    public override MeasuredSetUp OwnFor(StrideCard card, Tape tape) =>
        new PoleLine(Arena, Placement, 0, Variant, Poles, Lie).MeasureFor(card, tape);
}
