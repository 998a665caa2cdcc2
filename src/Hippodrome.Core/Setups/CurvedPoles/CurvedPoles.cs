using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>Poles on a curve: spread like a fan, or at the quarters of a circle like the hours of a clock.</summary>
public enum CurveKind
{
    Fan,
    Clock,
}

/// <summary>Poles on a curve as asked for. The line and the middle say where the centre of the curve is.</summary>
public sealed record CurvedPolesEntry : SetUpEntry
{
    /// <summary>Fan or clock.</summary>
    public CurveKind? Kind { get; init; }

    /// <summary>The gait they are ridden in.</summary>
    public GaitVariant? Variant { get; init; }

    /// <summary>How many in a fan; a clock has four.</summary>
    public int? Poles { get; init; }

    /// <summary>From the centre to the way that is ridden.</summary>
    public double? RadiusMetres { get; init; }

    /// <summary>On the ground when nothing, or raised at the outer and the inner end in turn, or at both.</summary>
    public Raising? Raising { get; init; }

    /// <summary>Height of a raised end: up to 0.20 m in walk and trot, 0.50 m in canter.</summary>
    public double? HeightMetres { get; init; }

    /// <summary>The rein it is ridden on; towards C to the right and towards A to the left when nothing.</summary>
    public Rein? Rein { get; init; }

    protected override Outcome<SetUp> Check(Checks checks)
    {
        var (arena, placement, adjust) = CheckPlace(checks);
        var kind = checks.Choice("kind", Kind);
        var variant = CheckGaitOverPoles(checks, Variant);
        var poles =
            kind == CurveKind.Clock
                ? CurvedPoles.OfAClock
                : checks.Whole("poles", Poles, SetUpFigures.FewestTrotPoles.Value, SetUpFigures.MostPoles.Value, "poles");
        var radius = checks.Number("radiusMetres", RadiusMetres, CurvedPoles.Tightest.Value, CurvedPoles.Widest.Value, "m");
        var raising = checks.Choice<Raising>("raising", Raising ?? Setups.Raising.Ground);
        var height = RaisedPoles.Height(checks, raising, HeightMetres, variant);
        var rein = checks.Choice<Rein>("rein", Rein ?? ReinOf(placement.Heading));
        checks.That(
            Rein is null or Horses.Rein.Left or Horses.Rein.Right,
            "rein",
            "A curve is ridden on one rein.",
            "Choose left or right."
        );
        return checks.Outcome<SetUp>(() =>
            new CurvedPoles(arena, placement, adjust, kind, variant, poles, Distance.FromMetres(radius), rein)
            {
                Raising = raising,
                Height = height,
            }
        );
    }

    internal static Rein ReinOf(Heading heading) => heading == Arenas.Heading.TowardsC ? Horses.Rein.Right : Horses.Rein.Left;

    internal override SetUpEntry InTheMirror() => this with { Rein = (Rein ?? ReinOf(Heading ?? Arenas.Heading.TowardsC)).Other() };

    public override ChangedSetUp BackToWalk() =>
        new(
            this with
            {
                Variant = GaitVariant.WalkMedium,
                AdjustMetres = 0,
                Raising = null,
                HeightMetres = null,
            },
            IsRaised ? "back to walk, poles on the ground" : "back to walk"
        );

    private bool IsRaised => Raising is Setups.Raising.AlternateEnds or Setups.Raising.BothEnds;

    public override ChangedSetUp? OneRungOn() =>
        Variant?.Gait() == Gait.Walk
            ? new(this with { Variant = GaitVariant.TrotWorking, AdjustMetres = 0 }, "one rung on: the same curve in trot")
        : !IsRaised
            ? new(
                this with
                {
                    Raising = Setups.Raising.AlternateEnds,
                    HeightMetres = HeightStep,
                },
                "one rung on: outer and inner ends raised in turn"
            )
        : null;

    public override ChangedSetUp? OneRungBack() =>
        IsRaised ? new(this with { Raising = null, HeightMetres = null }, "one rung back: poles on the ground")
        : Variant is { } variant && variant.Gait() != Gait.Walk ? BackToWalk()
        : null;
}

/// <summary>Poles on a curve round a centre.</summary>
public sealed record CurvedPoles : SetUp
{
    public static readonly Figure<double> Tightest = Figure.Chosen(
        "Tightest curve of poles, radius",
        4.0,
        "m",
        "an eight metre circle is the smallest that is ridden in trot"
    );
    public static readonly Figure<double> Widest = Figure.Chosen(
        "Widest curve of poles, radius",
        10.0,
        "m",
        "a 20 m circle fills the width of the arena"
    );
    public static readonly Figure<double> PoleLength = Figure.Practice("Length of a pole", 3.0, "m");

    internal const int OfAClock = 4;

    internal CurvedPoles(
        Arena arena,
        Placement placement,
        double adjustMetres,
        CurveKind kind,
        GaitVariant variant,
        int poles,
        Distance radius,
        Rein rein
    )
        : base(arena, placement, adjustMetres) => (Kind, Variant, Poles, Radius, Rein) = (kind, variant, poles, radius, rein);

    public CurveKind Kind { get; }

    public GaitVariant Variant { get; }

    public int Poles { get; }

    public override int? PolesCrossed => Poles;

    public Distance Radius { get; }

    public Rein Rein { get; }

    public override bool HasFence => false;

    public override Distance HighestFence => Distance.Zero;

    public override bool HasRaisedPole => Raising != Raising.Ground;

    /// <summary>How they lie.</summary>
    public Raising Raising { get; init; }

    /// <summary>Height of a raised end; nothing on the ground.</summary>
    public Distance Height { get; init; }

    /// <summary>The outer end is the left one on the right rein.</summary>
    internal Side Outer => Rein == Rein.Right ? Side.Left : Side.Right;

    public override GaitVariant Approach => Variant;

    protected override MeasuredSetUp Measure(StrideCard card, Tape tape) => CurveMeasuring.Measure(this, card, tape);

    public override MeasuredSetUp OwnFor(StrideCard card, Tape tape) =>
        new CurvedPoles(Arena, Placement, 0, Kind, Variant, Poles, Radius, Rein) { Raising = Raising, Height = Height }.MeasureFor(
            card,
            tape
        );
}
