using System.Text.Json.Serialization;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.DressageTests;

/// <summary>What is ridden from letter to letter.</summary>
public enum TestFigure
{
    /// <summary>Straight: a diagonal, the centre line, across the school.</summary>
    Straight,

    /// <summary>Along the boards, round the corners on the way.</summary>
    Track,

    /// <summary>A whole circle, back to its letter.</summary>
    Circle,

    /// <summary>Half a circle.</summary>
    HalfCircle,

    /// <summary>Half a circle, and slanting back to the track.</summary>
    HalfCircleAndBack,

    /// <summary>From one short side to the other.</summary>
    Serpentine,

    /// <summary>A shallow loop along a long side.</summary>
    Loop,

    /// <summary>Forwards and sideways, away from the bend.</summary>
    LegYield,

    /// <summary>Forwards and sideways, into the bend.</summary>
    HalfPass,

    Halt,

    ReinBack,

    /// <summary>The forehand round the hind legs.</summary>
    Pirouette,

    Piaffe,
}

/// <summary>What is asked on a way that would be the same without it.</summary>
public enum AskedOnTheWay
{
    ShoulderIn,
    Travers,
    Renvers,

    /// <summary>Changes in sequence.</summary>
    Changes,

    /// <summary>One flying change.</summary>
    Change,

    /// <summary>Through a few steps of walk.</summary>
    SimpleChange,

    /// <summary>The rein given and taken again.</summary>
    GivenRein,

    /// <summary>Forward and down, or the long rein of a free walk.</summary>
    Stretch,

    Passage,
}

/// <summary>A line of a test as typed: one figure from letter to letter.</summary>
public sealed record TestLineEntry
{
    /// <summary>What is ridden.</summary>
    public TestFigure? Figure { get; init; }

    /// <summary>The letter it begins at; where the last line ended when nothing.</summary>
    public string? From { get; init; }

    /// <summary>The letter it ends at; a circle ends where it began.</summary>
    public string? To { get; init; }

    /// <summary>The gait; a halt has none.</summary>
    public GaitVariant? Gait { get; init; }

    /// <summary>To which side it turns, where that is not plain.</summary>
    public Side? Turning { get; init; }

    /// <summary>Diameter of a circle, depth of a loop.</summary>
    public double? Metres { get; init; }

    /// <summary>Loops, seconds of a halt, steps, strides of a pirouette, or changes in sequence.</summary>
    public int? Count { get; init; }

    /// <summary>Of changes in sequence: every so many strides.</summary>
    public int? Every { get; init; }

    /// <summary>Of a pirouette: half round or all the way.</summary>
    public int? Degrees { get; init; }

    /// <summary>What is asked on the way.</summary>
    public AskedOnTheWay? Asked { get; init; }

    /// <summary>What is asked, in the yard's own words.</summary>
    public string? Words { get; init; }

    /// <summary>How often its mark counts; nothing: it is marked together with the line above.</summary>
    public int? Coefficient { get; init; }

    /// <summary>The same on the other rein, seen in a mirror that stands along the centre line.</summary>
    public TestLineEntry InTheMirror() => this with { From = Mirrored(From), To = Mirrored(To), Turning = Turning?.Other() };

    private const string Left = "KVESH";
    private const string Right = "FPBRM";

    private static string? Mirrored(string? letter)
    {
        if (letter is not { Length: 1 })
        {
            return letter;
        }

        var at = char.ToUpperInvariant(letter[0]);
        return Left.IndexOf(at, StringComparison.Ordinal) is >= 0 and var l ? Right[l..(l + 1)]
            : Right.IndexOf(at, StringComparison.Ordinal) is >= 0 and var r ? Left[r..(r + 1)]
            : letter;
    }
}

/// <summary>A line of a test that can be ridden.</summary>
/// <param name="Figure">What is ridden.</param>
/// <param name="From">The letter it begins at; null where the last line ended at none.</param>
/// <param name="To">The letter it ends at; null where that is none.</param>
/// <param name="Gait">The gait; of a halt that of the line before.</param>
/// <param name="Asked">What is asked on the way.</param>
/// <param name="Words">In the yard's own words.</param>
/// <param name="Movement">The number of the movement it is marked with, from one.</param>
public sealed record TestLine(TestFigure Figure, char? From, char? To, GaitVariant Gait, AskedOnTheWay? Asked, string Words, int Movement)
{
    /// <summary>To which side it turned, where it turns.</summary>
    public Side? Turning { get; init; }

    /// <summary>Diameter of a circle, depth of a loop.</summary>
    public double? Metres { get; init; }

    /// <summary>Loops, seconds, steps, strides or changes.</summary>
    public int? Count { get; init; }

    /// <summary>Of changes in sequence.</summary>
    public int? Every { get; init; }

    /// <summary>Of a pirouette.</summary>
    public int? Degrees { get; init; }

    /// <summary>It is ridden where it begins.</summary>
    [JsonIgnore]
    public bool IsOnTheSpot => Figure.IsOnTheSpot();

    /// <summary>Of the line's own kind: two tracks, with a bend.</summary>
    internal bool IsLateral =>
        Figure is TestFigure.HalfPass or TestFigure.LegYield
        || Asked is AskedOnTheWay.ShoulderIn or AskedOnTheWay.Travers or AskedOnTheWay.Renvers;

    internal bool IsRound => Figure is TestFigure.Circle or TestFigure.HalfCircle or TestFigure.HalfCircleAndBack;
}

public static class TestLines
{
    public static bool IsOnTheSpot(this TestFigure figure) =>
        figure is TestFigure.Halt or TestFigure.ReinBack or TestFigure.Pirouette or TestFigure.Piaffe;
}
