using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>Guide poles beside a narrow fence, as the horse comes to it.</summary>
public enum Guides
{
    Both,
    Left,
    Right,
    None,
}

/// <summary>A narrow fence as asked for.</summary>
public sealed record NarrowEntry : SetUpEntry
{
    /// <summary>Its width; it comes down by steps, and any width between may be typed.</summary>
    public double? WidthMetres { get; init; }

    /// <summary>Guide poles on both sides, on one, or none.</summary>
    public Guides? Guides { get; init; }

    /// <summary>Its height.</summary>
    public double? HeightMetres { get; init; }

    /// <summary>Trot or canter.</summary>
    public Gait? ComesIn { get; init; }

    /// <summary>The side of the horse's way that keeps its guide longest: the one it left by; left where it left by neither.</summary>
    public Side? Guards { get; init; }

    /// <summary>The same, with the side it left by guarded from now on.</summary>
    internal NarrowEntry Guarding(Side side) => this with { Guards = side };

    protected override Outcome<SetUp> Check(Checks checks)
    {
        var (arena, placement, adjust) = CheckPlace(checks);
        var guides = checks.Choice("guides", Guides);
        var range = SetUpFigures.FenceHeight.Value;
        var height = checks.Number("heightMetres", HeightMetres, range.Shortest.Metres, range.Longest.Metres, "m");
        var comesIn = checks.Choice("comesIn", ComesIn);
        checks.That(
            ComesIn is null or Gait.Trot or Gait.Canter,
            "comesIn",
            "A fence is come to in trot or in canter.",
            "Choose one of the two."
        );
        var widths = NarrowFence.WidthRange.Value;
        var width = checks.Number("widthMetres", WidthMetres, widths.Shortest.Metres, widths.Longest.Metres, "m");
        checks.That(
            width == 0 || guides != Setups.Guides.None || width <= NarrowFence.NoGuidesFrom.Value,
            "guides",
            "So wide a fence is taught with its guides.",
            "Take them away step by step as it grows narrower."
        );
        return checks.Outcome<SetUp>(() =>
            new NarrowFence(arena, placement, adjust, Distance.FromMetres(width), guides, Distance.FromMetres(height), comesIn)
            {
                Guards = Guards ?? Side.Left,
            }
        );
    }

    internal override bool HasDistance() => false;

    internal override SetUpEntry InTheMirror() =>
        this with
        {
            Guides = Guides switch
            {
                Setups.Guides.Left => Setups.Guides.Right,
                Setups.Guides.Right => Setups.Guides.Left,
                _ => Guides,
            },
            Guards = Guards?.Other(),
        };

    public override ChangedSetUp BackToWalk() =>
        new(
            this with
            {
                WidthMetres = NarrowFence.Way[0].WidthMetres,
                Guides = Setups.Guides.Both,
                HeightMetres = SetUpFigures.FenceHeight.Value.Shortest.Metres,
            },
            "full width, guides on both sides, low, and walk between the tries"
        );

    /// <summary>
    /// The fence goes to the other side of the school; its guide guards a side of the horse's way, and stays with the horse.
    /// </summary>
    private protected override ChangedSetUp? OneSmallThing() =>
        Line?.Mirrored() is { } other && other != Line
            ? new(this with { Line = other }, "one thing otherwise: on the other side of the school")
            : null;

    public override ChangedSetUp? OneRungOn() => AsFence()?.Next is { } next ? new(At(next), $"one step on: {next.Says}") : null;

    public override ChangedSetUp? OneRungBack() => AsFence()?.Back is { } back ? new(At(back), $"back to {back.Says}") : null;

    private NarrowFence? AsFence() => Check().Value as NarrowFence;

    private NarrowEntry At(NarrowStep step) => this with { WidthMetres = step.WidthMetres, Guides = step.Guides };
}

/// <summary>A step of the way to a narrow fence.</summary>
public sealed record NarrowStep(double WidthMetres, Guides Guides)
{
    public string Says =>
        FormattableString.Invariant($"{WidthMetres:0.0} m, ")
        + Guides switch
        {
            Guides.Both => "guides both sides",
            Guides.None => "no guide",
            _ => "one guide",
        };
}

/// <summary>A fence that comes down in width step by step, its ground pole generous all along (common practice; the widths are chosen).</summary>
public sealed record NarrowFence : SetUp
{
    public static readonly Figure<WidthList> Widths = Figure.Chosen(
        "Widths that a narrow fence comes down by",
        new WidthList([3.5, 2.5, 1.8, 1.2, 0.9]),
        "",
        "each about two thirds of the one before: enough to notice, too little to frighten"
    );
    public static readonly Figure<DistanceRange> WidthRange = Figure.Chosen(
        "Width of a narrow fence",
        DistanceRange.Metres(0.60, 4.00),
        "",
        "from a single barrel on end to a full fence"
    );
    public static readonly Figure<double> NoGuidesFrom = Figure.Chosen(
        "Guides may all be away from a width of",
        1.2,
        "m",
        "before that one side is still guarded"
    );
    public static readonly Figure<double> GroundPoleOut = Figure.Chosen(
        "Ground pole before a narrow fence",
        0.50,
        "m",
        "generous: twice what a wide fence is given"
    );

    internal NarrowFence(
        Arena arena,
        Placement placement,
        double adjustMetres,
        Distance width,
        Guides guides,
        Distance height,
        Gait comesIn
    )
        : base(arena, placement, adjustMetres) => (Width, Guides, Height, ComesIn) = (width, guides, height, comesIn);

    public Distance Width { get; }

    public Guides Guides { get; }

    public Distance Height { get; }

    public Gait ComesIn { get; }

    /// <summary>The side that keeps its guide longest.</summary>
    public Side Guards { get; init; }

    public override bool HasFence => true;

    public override Distance HighestFence => Height;

    public override bool HasRaisedPole => false;

    public override GaitVariant Approach => ComesIn == Gait.Trot ? GaitVariant.TrotWorking : GaitVariant.CanterWorking;

    /// <summary>The way there: guides on both sides down to 1.8 m, one away there, narrower with one, then none at barrel width.</summary>
    public static IReadOnlyList<NarrowStep> Way { get; } =
    [
        new(3.5, Guides.Both),
        new(2.5, Guides.Both),
        new(1.8, Guides.Both),
        new(1.8, Guides.Left),
        new(1.2, Guides.Left),
        new(0.9, Guides.None),
    ];

    /// <summary>Where this is on the way; the widest step that asks as much where it is none of them.</summary>
    public int Step
    {
        get
        {
            var oneSided = Guides is Guides.Left or Guides.Right;
            for (var i = Way.Count - 1; i > 0; i--)
            {
                if (
                    Width.Metres <= Way[i].WidthMetres + 1e-6
                    && (
                        Way[i].Guides == Guides.Both
                        || (Way[i].Guides == Guides.None ? Guides == Guides.None : oneSided || Guides == Guides.None)
                    )
                )
                {
                    return i;
                }
            }

            return 0;
        }
    }

    /// <summary>After a clean one and one repeat; null at the end of the way.</summary>
    public NarrowStep? Next =>
        Step + 1 >= Way.Count ? null
        : Way[Step + 1] is { Guides: Guides.Left } oneSided && Guards == Side.Right ? oneSided with { Guides = Guides.Right }
        : Way[Step + 1];

    /// <summary>After any sideways jump: both guides back, at the last width that was safe.</summary>
    public NarrowStep Back =>
        new(
            Way.Select(s => s.WidthMetres)
                .Distinct()
                .Order()
                .FirstOrDefault(w => Guides == Guides.Both ? w > Width.Metres + 1e-6 : w >= Width.Metres - 1e-6, Way[0].WidthMetres),
            Guides.Both
        );

    protected override MeasuredSetUp Measure(StrideCard card, Tape tape)
    {
        var measuring = new LineMeasuring(this, card, tape, Distance.Zero);
        var name = FormattableString.Invariant($"Narrow {Height.Centimetres:0} cm, {Width.Metres:0.0#} m wide");
        var room = JumpRoom.Of(Height, card).Metres;
        var stride = card[GaitVariant.CanterCourse].Stride.Metres;
        if (ComesIn == Gait.Trot)
        {
            var step = card[GaitVariant.TrotWorking].Stride.Metres / 2;
            measuring.Steps(Enumerable.Range(0, 4).Reverse().Select(i => -room - (i * step)), Gait.Trot);
        }
        else
        {
            measuring.CanterStride(-room - stride, stride);
        }

        measuring.CanterStride(room, stride);
        string[] notices = ["Straight in and straight away; any sideways jump puts both guides back. Several sessions, not one."];
        return measuring.Finish(
            name,
            [
                measuring.Element(ElementKind.Narrow, name, Distance.Zero, Height) with
                {
                    Width = Width.Metres,
                    GroundLines = GroundLines.Front,
                },
            ],
            [],
            notices
        ) with
        {
            Jumps = [new JumpArc(0, -room, room, Distance.FromMetres(Height.Metres + SetUpFigures.PeakOver.Value))],
            Narrow = new NarrowMeasure(
                Width,
                Guides,
                Distance.FromMetres(GroundPoleOut.Value),
                [.. Way.Select(s => s.Says)],
                Step,
                Next?.Says,
                Back.Says
            ),
        };
    }

    public override MeasuredSetUp OwnFor(StrideCard card, Tape tape) => MeasureFor(card, tape);
}

/// <summary>Widths in metres, the widest first, written out as a list.</summary>
public sealed record WidthList(IReadOnlyList<double> All)
{
    public double FirstOrDefault(Func<double, bool> which) => All.FirstOrDefault(which);

    public override string ToString() => string.Join(", ", All.Select(w => FormattableString.Invariant($"{w:0.0}"))) + " m";
}

/// <summary>What a narrow fence adds to a set-up: its width and guides, the way there, and the way back.</summary>
public sealed record NarrowMeasure(
    Distance Width,
    Guides Guides,
    Distance GroundPoleOut,
    IReadOnlyList<string> Way,
    int Step,
    string? Next,
    string Back
);
