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
    Wall,
    Narrow,
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
public sealed record Element(ElementKind Kind, string Name, Distance At, DistanceText AtText, Distance Height, PoleEnd Raised, double Along, double Across, Distance Spread);

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
public sealed record Between(int Strides, Distance Landing, Distance TakeOff, Distance StrideNeeded, Distance StrideOwn, OtherCount? Otherwise)
{
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

/// <summary>Where a foot falls. An illustration of the stride, not a prediction of one.</summary>
/// <param name="Along">Metres from the A end.</param>
/// <param name="Across">Metres from the left long side.</param>
/// <param name="Gait">The gait it is in.</param>
public sealed record Hoofprint(double Along, double Across, Gait Gait);

/// <summary>The straight way before or after a set-up.</summary>
/// <param name="There">What the arena leaves, corner taken off.</param>
/// <param name="Wanted">Four of this horse's canter strides.</param>
/// <param name="Enough">Whether it is enough.</param>
/// <param name="Says">In words.</param>
public sealed record StraightWay(Distance There, Distance Wanted, bool Enough, string Says);

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
    IReadOnlyList<string> Notices)
{
    public Distance Length => Elements[^1].At + Elements[^1].Spread;

    /// <summary>What has to be carried out.</summary>
    public KitNeeded Kit => KitNeeded.For(Elements);

    /// <summary>How it is built up; nothing where it is built at once.</summary>
    public IReadOnlyList<BuildStage> Stages { get; init; } = [];

    /// <summary>Where it lies on a curve; nothing for a straight line.</summary>
    public CurveMeasure? Curve { get; init; }

    /// <summary>How narrow it is and where that leads; nothing for other fences.</summary>
    public NarrowMeasure? Narrow { get; init; }
}
