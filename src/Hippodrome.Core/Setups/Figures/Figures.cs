using System.Text.Json.Serialization;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>Figures and lines of the riding school.</summary>
public enum FigureKind
{
    Circle,
    Spiral,
    Serpentine,
    ShallowLoop,
    Diagonal,
    ShortDiagonal,
    CentreLine,
    QuarterLine,
    LongSide,
    LegYield,
    HalfPass,
    ShoulderIn,
    Changes,

    /// <summary>Stands, square, for a few seconds.</summary>
    Halt,

    /// <summary>The forehand round the hind legs, in collected walk or canter.</summary>
    Pirouette,

    /// <summary>A trot on the spot, or a little forward of it.</summary>
    Piaffe,
}

/// <summary>A figure as asked for. It begins at A when ridden towards C, and at C when ridden towards A; a circle and a spiral have a middle, and
/// what is ridden on the spot stands where its line and middle are.</summary>
public sealed record FigureEntry : SetUpEntry
{
    /// <summary>Which figure.</summary>
    public FigureKind? Kind { get; init; }

    /// <summary>The gait it is ridden in.</summary>
    public GaitVariant? Variant { get; init; }

    /// <summary>The rein it begins on.</summary>
    public Rein? Rein { get; init; }

    /// <summary>Of a circle, or of a spiral's large circle.</summary>
    public double? DiameterMetres { get; init; }

    /// <summary>Diameter of a spiral's small circle.</summary>
    public double? InnerMetres { get; init; }

    /// <summary>Of a serpentine: 2 to 6.</summary>
    public int? Loops { get; init; }

    /// <summary>Sideways in a leg-yield or half-pass; depth of a shallow loop.</summary>
    public double? SidewaysMetres { get; init; }

    /// <summary>Forward in a leg-yield or half-pass.</summary>
    public double? ForwardMetres { get; init; }

    /// <summary>How many changes on the diagonal.</summary>
    public int? Changes { get; init; }

    /// <summary>Strides from one change to the next.</summary>
    public int? Every { get; init; }

    /// <summary>Of a spiral ridden with rests: in how many goes it is made smaller; all at once when nothing.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? Stages { get; init; }

    /// <summary>Circles ridden on each size of a spiral with rests.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? RestCircles { get; init; }

    /// <summary>Strides of a pirouette, steps of a piaffe, seconds of a halt.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? Count { get; init; }

    /// <summary>Of a pirouette: half or whole.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? TurnDegrees { get; init; }

    /// <summary>Across the circle the hind feet of a pirouette step on, or forward in a piaffe; nothing is on the spot.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? GroundMetres { get; init; }

    protected override Outcome<SetUp> Check(Checks checks)
    {
        var (arena, placement, _) = CheckPlace(checks);
        var kind = checks.Choice("kind", Kind);
        var variant = checks.Choice("variant", Variant);
        var rein = checks.Choice("rein", Rein);
        checks.That(Rein is null or Horses.Rein.Left or Horses.Rein.Right, "rein", "A figure begins on one rein.", "Choose left or right.");
        checks.That(
            Variant is not (GaitVariant.CanterCourse or GaitVariant.CanterPoles),
            "variant",
            "Figures are not ridden in the canter of a course, nor in that over poles.",
            "Choose another canter."
        );
        checks.That(
            kind != FigureKind.Changes || variant.Gait() == Gait.Canter,
            "variant",
            "Changes of lead are ridden in canter.",
            "Choose a canter."
        );
        checks.That(
            placement.TurnedDegrees == 0 || kind.IsOnTheSpot(),
            "turnedDegrees",
            "A figure lies where the school has it.",
            "Take the turn out; it can begin on the other rein or from the other end."
        );
        var size = kind switch
        {
            FigureKind.Circle => new FigureSize(Diameter: Metres(checks, "diameterMetres", DiameterMetres, 6, 20)),
            FigureKind.Spiral => Spiral(checks),
            FigureKind.Serpentine => Serpentine(checks, arena),
            FigureKind.ShallowLoop => new FigureSize(Sideways: Metres(checks, "sidewaysMetres", SidewaysMetres, 1, 10)),
            FigureKind.LegYield or FigureKind.HalfPass => new FigureSize(
                Sideways: Metres(checks, "sidewaysMetres", SidewaysMetres, 1, 20),
                Forward: Metres(checks, "forwardMetres", ForwardMetres, 6, arena.Length.Metres - 12)
            ),
            FigureKind.Changes => new FigureSize(
                Changes: checks.Whole("changes", Changes, 1, 15, "changes"),
                Every: checks.Whole("every", Every, 1, 6, "strides")
            ),
            FigureKind.Halt => new FigureSize(Count: checks.Whole("count", Count, 1, 60, "seconds")),
            FigureKind.Piaffe => Piaffe(checks, variant),
            FigureKind.Pirouette => Pirouette(checks, variant),
            _ => new FigureSize(),
        };
        return checks.Outcome<SetUp>(() => new SchoolFigure(arena, placement, kind, variant, rein, size));
    }

    private static Distance Metres(Checks checks, string field, double? typed, double least, double most) =>
        Distance.FromMetres(checks.Number(field, typed, least, most, "m"));

    private FigureSize Piaffe(Checks checks, GaitVariant variant)
    {
        checks.That(
            variant == GaitVariant.TrotCollected,
            "variant",
            "Piaffe is a trot, and the most collected one.",
            "Choose collected trot."
        );
        return new FigureSize(
            Count: checks.Whole("count", Count, 2, SetUpFigures.MostPiaffe.Value, "steps"),
            Ground: Metres(checks, "groundMetres", GroundMetres ?? 0, 0, 3)
        );
    }

    private FigureSize Pirouette(Checks checks, GaitVariant variant)
    {
        checks.That(
            variant is GaitVariant.WalkCollected or GaitVariant.WalkMedium or GaitVariant.CanterCollected,
            "variant",
            "A pirouette is ridden in walk or in collected canter.",
            "Choose one of the two."
        );
        var turn = checks.Whole("turnDegrees", TurnDegrees, 90, 360, "degrees");
        return new FigureSize(
            Count: checks.Whole("count", Count, 2, 16, variant.Gait() == Gait.Walk ? "steps" : "strides"),
            Turn: turn,
            Ground: Metres(checks, "groundMetres", GroundMetres ?? 0, 0, 6)
        );
    }

    private FigureSize Spiral(Checks checks)
    {
        var size = new FigureSize(
            Diameter: Metres(checks, "diameterMetres", DiameterMetres, 8, 20),
            Inner: Metres(checks, "innerMetres", InnerMetres, 6, 18),
            Stages: Stages is null ? 0 : checks.Whole("stages", Stages, 1, 6, "goes"),
            RestCircles: Stages is null ? 0 : checks.Whole("restCircles", RestCircles ?? 1, 1, 3, "circles")
        );
        checks.That(
            size.Inner < size.Diameter,
            "innerMetres",
            "The small circle is not smaller than the large one.",
            "Make it smaller: 10 to 15 m inside 20 m."
        );
        return size;
    }

    private FigureSize Serpentine(Checks checks, Arena arena)
    {
        var loops = checks.Whole("loops", Loops, 2, 6, "loops");
        checks.That(
            SchoolFigures.LoopsFit(arena, loops),
            "loops",
            FormattableString.Invariant($"{loops} loops would be {arena.Length.Metres / loops:0.0} m wide here."),
            "Loops are 8 to 20 m wide: choose more of them, or fewer."
        );
        return new FigureSize(Loops: SchoolFigures.LoopsFit(arena, loops) ? loops : 4);
    }

    internal override bool HasDistance() => false;

    internal override SetUpEntry InTheMirror() => this with { Rein = Rein?.Other() };

    public override ChangedSetUp BackToWalk() =>
        Kind == FigureKind.Changes
            ? new(this with { Kind = FigureKind.Diagonal, Variant = GaitVariant.WalkMedium }, "the diagonal in walk, no changes")
            : new(this with { Variant = GaitVariant.WalkMedium }, "the same figure in walk");
}

/// <summary>The sizes that a kind of figure has; the rest are nothing.</summary>
public sealed record FigureSize(
    Distance? Diameter = null,
    Distance? Inner = null,
    int Loops = 0,
    Distance? Sideways = null,
    Distance? Forward = null,
    int Changes = 0,
    int Every = 0,
    int Stages = 0,
    int RestCircles = 0,
    int Count = 0,
    int Turn = 0,
    Distance? Ground = null
);

public static class FigureKinds
{
    /// <summary>It is not ridden along a way: it stands at a place, and takes so many steps, strides or seconds there.</summary>
    public static bool IsOnTheSpot(this FigureKind kind) => kind is FigureKind.Halt or FigureKind.Pirouette or FigureKind.Piaffe;
}

/// <summary>A figure of the riding school: nothing stands there, and it is measured like everything else.</summary>
public sealed record SchoolFigure : SetUp
{
    internal SchoolFigure(Arena arena, Placement placement, FigureKind kind, GaitVariant variant, Rein rein, FigureSize size)
        : base(arena, placement, 0) => (Kind, Variant, Rein, Size) = (kind, variant, rein, size);

    public FigureKind Kind { get; }

    public GaitVariant Variant { get; }

    public Rein Rein { get; }

    public FigureSize Size { get; }

    public override bool HasFence => false;

    public override bool HasPoles => false;

    public override Distance HighestFence => Distance.Zero;

    public override bool HasRaisedPole => false;

    public override GaitVariant Approach => Variant;

    protected override MeasuredSetUp Measure(StrideCard card, Tape tape) => FigureMeasuring.Measure(this, card, tape);

    public override MeasuredSetUp OwnFor(StrideCard card, Tape tape) => MeasureFor(card, tape);
}
