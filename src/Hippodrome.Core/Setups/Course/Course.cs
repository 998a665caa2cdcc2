using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>Where a course stands: an arena, or a field with its going and its slope.</summary>
public sealed record CourseGround(Arena Arena, Going Going, Slope Slope);

/// <summary>A fence of a course where it stands.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="At">The middle of its front.</param>
/// <param name="Faces">The way it is jumped, in degrees from the way to C, turning to the right.</param>
/// <param name="Seen">The height that shows.</param>
/// <param name="Spread">Front to back.</param>
/// <param name="Depth">Of the water that a step leads out of or into.</param>
/// <param name="Together">A part of the combination with the one before.</param>
public sealed record Obstacle(ElementKind Kind, FigurePoint At, double Faces, Distance Seen, Distance Spread, Distance Depth, bool Together)
{
    public bool IsJumped => !Kind.IsNoFence();

    /// <summary>
    /// What the horse jumps: out of water and into it what shows, and the depth as well; for a ditch the horse jumps its width, low.
    /// </summary>
    public Distance Height => Kind is ElementKind.StepUp or ElementKind.StepDown ? Seen + Depth : Seen;

    /// <summary>The middle of its back.</summary>
    public FigurePoint Back
    {
        get
        {
            var (sin, cos) = Placement.SinCos(Faces);
            return new FigurePoint(At.Along + (Spread.Metres * cos), At.Across + (Spread.Metres * sin));
        }
    }

    /// <summary>"upright 70 cm", "step up out of water, 30 cm shown and 20 cm deep: 50 cm".</summary>
    public string Name =>
        Kind switch
        {
            ElementKind.Log => FormattableString.Invariant($"Log {Seen.Centimetres:0} cm"),
            ElementKind.StepUp => Step("Step up", "out of water"),
            ElementKind.StepDown => Step("Step down", "into water"),
            ElementKind.Ditch => FormattableString.Invariant($"Ditch {Spread.Centimetres:0} cm wide"),
            ElementKind.Water => FormattableString.Invariant($"Water {Depth.Centimetres:0} cm deep, through"),
            _ => new LineElement(Kind, Seen, Spread, 0, null).Name,
        };

    private string Step(string word, string water) =>
        Depth == Distance.Zero
            ? FormattableString.Invariant($"{word} {Seen.Centimetres:0} cm")
            : FormattableString.Invariant(
                $"{word} {water}, {Seen.Centimetres:0} cm shown and {Depth.Centimetres:0} cm deep: {Height.Centimetres:0} cm"
            );
}

/// <summary>Numbered fences ridden one after the other.</summary>
public sealed record Course : SetUp
{
    internal Course(CourseGround ground, IReadOnlyList<Obstacle> obstacles, double metresPerMinute, Distance turn)
        : base(ground.Arena, new Placement(ArenaLine.CentreLine, Heading.TowardsC, ground.Arena.Length * 0.5), 0) =>
        (Ground, Obstacles, MetresPerMinute, Turn) = (ground, obstacles, metresPerMinute, turn);

    public CourseGround Ground { get; }

    public IReadOnlyList<Obstacle> Obstacles { get; }

    public double MetresPerMinute { get; }

    /// <summary>The narrowest turn, as a radius.</summary>
    public Distance Turn { get; }

    public GroundLines GroundLines { get; init; } = GroundLines.Front;

    public override bool HasFence => Obstacles.Any(o => o.IsJumped);

    public override bool HasPoles => Obstacles.Any(o => o.Kind.IsPole());

    public override int? PolesCrossed => Obstacles.Count(o => o.Kind.IsPole());

    public override Distance HighestFence => Obstacles.Where(o => o.IsJumped).Select(o => o.Height).DefaultIfEmpty(Distance.Zero).Max();

    public override IReadOnlyList<FenceJumped> Fences =>
        [.. Obstacles.Where(o => o.IsJumped).Select(o => new FenceJumped(o.Height, false))];

    public override IEnumerable<ElementKind> Stands => Obstacles.Select(o => o.Kind);

    public override bool HasRaisedPole => false;

    public override GaitVariant Approach => GaitVariant.CanterWorking;

    /// <summary>The number of each fence: "3", or "4a" and "4b" of a combination.</summary>
    internal IReadOnlyList<string> Numbers()
    {
        var numbers = new List<string>();
        for (var (i, number, part) = (0, 0, 0); i < Obstacles.Count; i++)
        {
            (number, part) = Obstacles[i].Together ? (number, part + 1) : (number + 1, 0);
            var combined = part > 0 || (i + 1 < Obstacles.Count && Obstacles[i + 1].Together);
            numbers.Add(combined ? $"{number}{(char)('a' + part)}" : $"{number}");
        }

        return numbers;
    }

    protected override MeasuredSetUp Measure(StrideCard card, Tape tape) => new CourseMeasuring(this, card, tape).Measure();

    /// <summary>Its fences stand where they stand: another horse rides another number of strides.</summary>
    public override MeasuredSetUp OwnFor(StrideCard card, Tape tape) => MeasureFor(card, tape);
}
