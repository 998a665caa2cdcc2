using System.Text.Json.Serialization;
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

    /// <summary>The raised ends' height of each pole, where they differ; the one height of all when nothing.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<double?>? HeightsMetres { get; init; }

    /// <summary>Each gap where one was typed instead of the horse's own; nothing where it is the horse's.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<double?>? GapsMetres { get; init; }

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

        var heights = CheckHeights(checks, raising, variant, poles);
        var gaps = CheckGaps(checks, poles, laying);
        return checks.Outcome<SetUp>(() =>
            new PoleLine(
                arena,
                placement,
                adjust,
                variant,
                poles,
                new PolesLie(raising, height, step, laying, first) { Heights = heights, Gaps = gaps }
            )
        );
    }

    private IReadOnlyList<Distance> CheckHeights(Checks checks, Raising raising, GaitVariant variant, int poles)
    {
        if (HeightsMetres is null || raising == Setups.Raising.Ground)
        {
            return [];
        }

        checks.That(
            HeightsMetres.Count == poles,
            "heightsMetres",
            $"There are {poles} poles and {HeightsMetres.Count} heights.",
            "Give each pole one height."
        );
        return [.. HeightsMetres.Select((h, i) => RaisedPoles.Height(checks, raising, h, variant, $"heightsMetres[{i}]"))];
    }

    private IReadOnlyList<Distance?> CheckGaps(Checks checks, int poles, Laying laying)
    {
        if (GapsMetres is null)
        {
            return [];
        }

        checks.That(
            GapsMetres.Count == poles - 1,
            "gapsMetres",
            $"There are {poles - 1} gaps between {poles} poles, and {GapsMetres.Count} distances.",
            "Give one for each gap, or none."
        );
        checks.That(
            laying != Setups.Laying.Zigzag || GapsMetres.All(g => g is null),
            "gapsMetres",
            "The ends of a zigzag only meet where the steps are even.",
            "Leave the gaps its own, or lay them square."
        );
        var range = SetUpFigures.TypedPoleGap.Value;
        return
        [
            .. GapsMetres.Select(
                (g, i) =>
                    g is null
                        ? (Distance?)null
                        : Distance.FromMetres(checks.Number($"gapsMetres[{i}]", g, range.Shortest.Metres, range.Longest.Metres, "m"))
            ),
        ];
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
                HeightsMetres = null,
                GapsMetres = null,
            },
            "back to walk, poles on the ground"
        );

    /// <summary>Walk poles, trot poles, ends raised in turn.</summary>
    public override ChangedSetUp? OneRungOn() =>
        Variant?.Gait() == Gait.Walk
            ? new(
                this with
                {
                    Variant = GaitVariant.TrotWorking,
                    AdjustMetres = 0,
                    GapsMetres = null,
                },
                "one rung on: the same poles in trot"
            )
        : Raising == Setups.Raising.Ground
            ? new(this with { Raising = Setups.Raising.AlternateEnds, HeightMetres = HeightStep }, "one rung on: ends raised in turn")
        : null;

    /// <summary>Three or four poles lie well, a fifth is new; from there it is the place that changes.</summary>
    private protected override ChangedSetUp? OneSmallThing() =>
        Poles is 3 or 4 && HeightsMetres is null && GapsMetres is null
            ? new(this with { Poles = Poles + 1 }, "one thing otherwise: a pole more")
            : null;

    public override ChangedSetUp? OneRungBack() =>
        Raising is Setups.Raising.AlternateEnds or Setups.Raising.BothEnds
            ? new(
                this with
                {
                    Raising = Setups.Raising.Ground,
                    HeightMetres = null,
                    HeightsMetres = null,
                },
                "one rung back: poles on the ground"
            )
        : Variant is { } variant && variant.Gait() != Gait.Walk ? BackToWalk()
        : null;
}

/// <summary>How the poles of a line lie.</summary>
public sealed record PolesLie(Raising Raising, Distance Height, double StepMetres, Laying Laying, Side FirstRaised)
{
    /// <summary>Each pole's own, where they differ.</summary>
    public IReadOnlyList<Distance> Heights { get; init; } = [];

    /// <summary>Each gap as it was typed; the horse's own where nothing was.</summary>
    public IReadOnlyList<Distance?> Gaps { get; init; } = [];

    public Distance HeightOf(int pole) => pole < Heights.Count ? Heights[pole] : Height;

    public Distance? TypedGap(int gap) => gap < Gaps.Count ? Gaps[gap] : null;

    /// <summary>Distances or heights differ along the row on purpose.</summary>
    public bool IsUneven => StepMetres != 0 || Heights.Distinct().Skip(1).Any() || Gaps.Distinct().Skip(1).Any();
}

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

    protected override MeasuredSetUp Measure(StrideCard card, Tape tape) => PoleLineMeasuring.Measure(this, card, tape);

    public override MeasuredSetUp OwnFor(StrideCard card, Tape tape) =>
        new PoleLine(Arena, Placement, 0, Variant, Poles, Lie with { Gaps = [] }).MeasureFor(card, tape);
}
