using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

public enum ElementKind
{
    Pole,
    RaisedPole,
    PlacingPole,
    CrossPole,
    Upright,
    AscendingOxer,
    SquareOxer,
    Parallel,
    Wall,
    Narrow,

    /// <summary>A pole on the ground between two wings with nothing in them.</summary>
    EmptyWings,

    /// <summary>An upright with a tray of water under it.</summary>
    WaterTray,

    /// <summary>A fence across country that lies there: solid.</summary>
    Log,

    /// <summary>Up a step; out of water its depth counts as well as what shows.</summary>
    StepUp,

    /// <summary>Down a step, or into water.</summary>
    StepDown,
    Ditch,

    /// <summary>Water to walk or canter through; nothing is jumped.</summary>
    Water,

    /// <summary>Two lines of poles on the ground to go between.</summary>
    Corridor,

    /// <summary>A place on the way: a halt, a letter, a change of lead. Nothing stands there.</summary>
    Mark,
}

public static class ElementKinds
{
    /// <summary>A pole on the ground, or one on low blocks: nothing is jumped.</summary>
    public static bool IsPole(this ElementKind kind) =>
        kind is ElementKind.Pole or ElementKind.RaisedPole or ElementKind.PlacingPole or ElementKind.EmptyWings;

    /// <summary>Nothing is jumped there.</summary>
    public static bool IsNoFence(this ElementKind kind) =>
        kind.IsPole() || kind is ElementKind.Water or ElementKind.Corridor or ElementKind.Mark;

    /// <summary>It belongs to the country and not to an arena.</summary>
    public static bool IsCountry(this ElementKind kind) =>
        kind is ElementKind.Log or ElementKind.StepUp or ElementKind.StepDown or ElementKind.Ditch or ElementKind.Water;

    /// <summary>A fence with a spread.</summary>
    public static bool IsOxer(this ElementKind kind) => kind is ElementKind.AscendingOxer or ElementKind.SquareOxer or ElementKind.Parallel;
}

/// <summary>An end of a pole, left and right as the horse comes to it.</summary>
public enum PoleEnd
{
    None,
    Left,
    Right,
    Both,
}

/// <summary>One thing that stands on the line.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Name">What the builder calls it.</param>
/// <param name="At">Reading on a tape laid from the first element.</param>
/// <param name="AtText">The same in metres, feet and paces.</param>
/// <param name="Height">Height off the ground.</param>
/// <param name="Raised">Which end is off the ground.</param>
/// <param name="Along">Metres from the A end, for the drawing.</param>
/// <param name="Across">Metres from the left long side, for the drawing.</param>
/// <param name="Spread">From its front rail to its back rail.</param>
public sealed record Element(
    ElementKind Kind,
    string Name,
    Distance At,
    DistanceText AtText,
    Distance Height,
    PoleEnd Raised,
    double Along,
    double Across,
    Distance Spread
)
{
    /// <summary>The way over it, in degrees from the way to C, turning to the right long side; its poles lie square to that.</summary>
    public double Faces { get; init; }

    /// <summary>From end to end of its poles, in metres; the room between the two lines of a corridor.</summary>
    public double Width { get; init; }

    public GroundLines GroundLines { get; init; }

    /// <summary>What has to be carried out for it, in words.</summary>
    public string KitSays => Kit.Say(Kit.Of(this));

    /// <summary>The ends of its poles in the arena, front and back; its place alone where nothing stands.</summary>
    public IEnumerable<FigurePoint> Ends()
    {
        var (sin, cos) = Placement.SinCos(Faces);
        var half = Kind == ElementKind.Mark ? 0 : Width / 2;
        foreach (var ahead in Spread == Distance.Zero ? [0.0] : new[] { 0, Spread.Metres })
        {
            yield return new FigurePoint(Along + (ahead * cos) + (half * sin), Across + (ahead * sin) - (half * cos));
            yield return new FigurePoint(Along + (ahead * cos) - (half * sin), Across + (ahead * sin) + (half * cos));
        }
    }
}

/// <summary>Poles on the ground before a fence, that show a horse where it stands.</summary>
public enum GroundLines
{
    None,
    Front,
    BothSides,
}

/// <summary>The way from one element to the next, for this horse.</summary>
/// <param name="Built">As worked out and as set on the ground.</param>
/// <param name="Own">What this horse's card gives, before any change.</param>
/// <param name="Trade">What the trade sets.</param>
/// <param name="Fit">The word for it.</param>
/// <param name="Why">How it came about.</param>
/// <param name="Between">What happens between two fences or counted poles; nothing for poles a step apart.</param>
public sealed record Gap(BuiltDistance Built, Distance Own, DistanceRange Trade, Fit Fit, Why Why, Between? Between = null);

/// <summary>The strides between two fences: the room the jumps take, and the stride that is left for them.</summary>
/// <param name="Strides">How many; none is a bounce.</param>
/// <param name="Landing">Taken by the landing.</param>
/// <param name="TakeOff">Taken by the take-off.</param>
/// <param name="StrideNeeded">What each stride has to be; the whole gap for a bounce.</param>
/// <param name="StrideOwn">What this horse's stride is there; its own room for a bounce.</param>
/// <param name="Otherwise">The count beside it, one more or one fewer, whichever fits better.</param>
public sealed record Between(
    int Strides,
    Distance Landing,
    Distance TakeOff,
    Distance StrideNeeded,
    Distance StrideOwn,
    OtherCount? Otherwise
)
{
    /// <summary>Between counted poles: each count near this one, and which of the horse's canters rides it.</summary>
    public IReadOnlyList<CountedWay> Counts { get; init; } = [];

    /// <summary>
    /// What each of n strides has to be in a gap; the whole gap for a bounce, and nothing where the jumps take all of
    /// it. Between ground poles the bound over the second pole is one stride more.
    /// </summary>
    public Distance StrideIn(Distance gap, int strides) =>
        strides == 0 ? gap
        : Landing == Distance.Zero ? gap * (1.0 / (strides + 1))
        : Distance.FromMetres(Math.Max(0, gap.Metres - Landing.Metres - TakeOff.Metres) / strides);
}

/// <summary>The same gap in another number of strides.</summary>
public sealed record OtherCount(int Strides, Distance StrideNeeded, Fit Fit);

/// <summary>A count between two poles, and which of this horse's canters rides it.</summary>
/// <param name="Strides">How many between.</param>
/// <param name="StrideNeeded">What each has to be.</param>
/// <param name="Canter">The canter whose stride is nearest.</param>
/// <param name="Fit">The word for it in that canter.</param>
public sealed record CountedWay(int Strides, Distance StrideNeeded, GaitVariant Canter, Fit Fit);

/// <summary>The way through the air over a fence, seen from the side. An illustration: the room the jump takes, and a peak over its rails.</summary>
/// <param name="Element">Which element it is over.</param>
/// <param name="TakeOffAt">Reading on the tape; below zero before the first element.</param>
/// <param name="LandingAt">Reading on the tape.</param>
/// <param name="Peak">Height of the peak.</param>
public sealed record JumpArc(int Element, double TakeOffAt, double LandingAt, Distance Peak);

/// <summary>Where a foot falls. An illustration of the stride, not a prediction of one.</summary>
/// <param name="Along">Metres from the A end.</param>
/// <param name="Across">Metres from the left long side.</param>
/// <param name="Gait">The gait it is in.</param>
/// <param name="At">Metres along the tape; below zero before it.</param>
/// <param name="Right">Metres to the rider's right of the way.</param>
public sealed record Hoofprint(double Along, double Across, Gait Gait, double At, double Right);

/// <summary>The straight way before or after a set-up.</summary>
/// <param name="There">What the arena leaves, corner taken off.</param>
/// <param name="Wanted">Four of this horse's canter strides.</param>
/// <param name="Enough">Whether it is enough.</param>
/// <param name="Says">In words.</param>
public sealed record StraightWay(Distance There, Distance Wanted, bool Enough, string Says)
{
    /// <summary>From metres to the boards, in strides of the gait it is come to in.</summary>
    internal static StraightWay Of(string name, double toTheBoards, StrideEstimate gait)
    {
        var there = Distance.FromMetres(Math.Max(0, toTheBoards - Arena.CornerDepth.Value));
        var stride = gait.Stride;
        var wanted = stride * SetUpFigures.StraightStrides.Value;
        var enough = there >= wanted;
        var strides = FormattableString.Invariant(
            $"{there.Metres:0.0} m straight, {there / stride:0.0} of its {gait.Variant.Gait().ToString().ToLowerInvariant()} strides"
        );
        return new StraightWay(
            there,
            wanted,
            enough,
            enough
                ? $"{name}: {strides}."
                : FormattableString.Invariant($"{name} short: {strides}; {wanted.Metres - there.Metres:0.0} m more would make four.")
        );
    }
}

/// <summary>A set-up measured for one horse: what to build, where it stands, how it suits.</summary>
public sealed record MeasuredSetUp(
    string Title,
    Arena Arena,
    Heading Heading,
    IReadOnlyList<Element> Elements,
    IReadOnlyList<Gap> Gaps,
    IReadOnlyList<Hoofprint> Hoofprints,
    StraightWay Approach,
    StraightWay Getaway,
    bool FitsArena,
    IReadOnlyList<string> Notices
)
{
    public Distance Length => Distance.FromMetres(Elements.Max(e => e.At.Metres + e.Spread.Metres));

    /// <summary>From the end of a pole to the nearest boards; nothing where nothing stands.</summary>
    public Distance? ToTheBoards =>
        Elements
            .Where(e => e.Kind != ElementKind.Mark)
            .SelectMany(e => e.Ends())
            .Select(p => Math.Min(Math.Min(p.Along, Arena.Length.Metres - p.Along), Math.Min(p.Across, Arena.Width.Metres - p.Across)))
            .Select(m => (Distance?)Distance.FromMetres(Math.Max(0, m)))
            .DefaultIfEmpty(null)
            .Min();

    /// <summary>What has to be carried out.</summary>
    public IReadOnlyList<KitItem> KitNeeded => Kit.MadeOf(Kit.Of(Elements, Narrow?.Guides), Material, Cups);

    /// <summary>What its poles are of.</summary>
    public Material Material { get; init; }

    /// <summary>What its rails lie in.</summary>
    public Cups Cups { get; init; }

    /// <summary>The way that is ridden, with the straight before and after.</summary>
    public IReadOnlyList<FigurePoint> Track
    {
        get;
        init => field = [.. value.Select(p => p.Rounded())];
    } = [];

    /// <summary>The canter lead the feet are drawn on; nothing where nobody canters.</summary>
    public Side? Lead { get; init; }

    /// <summary>The jumps from the side.</summary>
    public IReadOnlyList<JumpArc> Jumps { get; init; } = [];

    /// <summary>How it is built up; nothing where it is built at once.</summary>
    public IReadOnlyList<BuildStage> Stages { get; init; } = [];

    /// <summary>Where it lies on a curve; nothing for a straight line.</summary>
    public CurveMeasure? Curve { get; init; }

    /// <summary>What bends between its fences; nothing for others.</summary>
    public BendMeasure? Bending { get; init; }

    /// <summary>What a figure of the school comes to; nothing where something stands.</summary>
    public FigureMeasure? Figure { get; init; }

    /// <summary>A course: its numbers, its way, its time; nothing for others.</summary>
    public CourseMeasure? Course { get; init; }

    /// <summary>A square of poles and the way through it; nothing for others.</summary>
    public SquareMeasure? Square { get; init; }

    /// <summary>How narrow it is and where that leads; nothing for other fences.</summary>
    public NarrowMeasure? Narrow { get; init; }
}
