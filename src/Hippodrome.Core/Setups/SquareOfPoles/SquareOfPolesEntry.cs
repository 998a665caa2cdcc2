using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>How a square of poles is ridden.</summary>
public enum SquareWay
{
    /// <summary>In over one pole and out over the one opposite.</summary>
    Straight,

    /// <summary>In between two poles and out between the other two, from open corner to open corner.</summary>
    Diagonal,

    /// <summary>In over one pole and out over its neighbour, round the corner between them.</summary>
    RoundTheCorner,
}

/// <summary>Four poles in a square whose corners stay open.</summary>
public sealed record SquareOfPolesEntry : SetUpEntry
{
    /// <summary>The gait it is ridden in.</summary>
    public GaitVariant? Variant { get; init; }

    /// <summary>Steps from one pole to the one opposite: strides in canter.</summary>
    public int? Steps { get; init; }

    /// <summary>How it is ridden.</summary>
    public SquareWay? Way { get; init; }

    /// <summary>The rein it is turned on round a corner; right when nothing.</summary>
    public Rein? Rein { get; init; }

    protected override Outcome<SetUp> Check(Checks checks)
    {
        var (arena, placement, adjust) = CheckPlace(checks);
        var variant = CheckGaitOverPoles(checks, Variant);
        var steps = checks.Whole("steps", Steps, 1, SquareFigures.MostSteps.Value, "steps");
        var way = checks.Choice("way", Way);
        var rein = checks.Choice<Rein>("rein", Rein ?? Horses.Rein.Right);
        checks.That(rein != Horses.Rein.Both, "rein", "A corner is turned on one rein.", "Choose left or right.");
        return checks.Outcome<SetUp>(() => new SquareOfPoles(arena, placement, adjust, variant, steps, way, rein));
    }

    internal override SetUpEntry InTheMirror() => this with { Rein = (Rein ?? Horses.Rein.Right).Other() };

    public override ChangedSetUp BackToWalk() =>
        new(this with { Variant = GaitVariant.WalkMedium, Steps = WalkSteps, AdjustMetres = 0 }, "back to walk, the square set for it");

    public override ChangedSetUp? OneRungOn() =>
        Variant?.Gait() == Gait.Walk
            ? new(
                this with
                {
                    Variant = GaitVariant.TrotWorking,
                    Steps = TrotSteps,
                    AdjustMetres = 0,
                },
                "one rung on: the square set for trot"
            )
            : null;

    public override ChangedSetUp? OneRungBack() => Variant is { } variant && variant.Gait() != Gait.Walk ? BackToWalk() : null;

    // The fewest with which most horses' squares are wider than a pole is long.
    private const int WalkSteps = 4;

    private const int TrotSteps = 3;
}
