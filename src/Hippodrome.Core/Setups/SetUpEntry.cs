using System.Text.Json.Serialization;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>A set-up as asked for; <see cref="Check()"/> turns it into one that can be built.</summary>
/// <param name="Arena">The arena it stands in.</param>
/// <param name="Line">The line it stands on.</param>
/// <param name="Heading">The way it is ridden.</param>
/// <param name="MiddleMetres">Where its middle is, from the A end.</param>
/// <param name="AdjustMetres">Longer (or, below zero, shorter) than this horse's own distance; nothing is zero.</param>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "family")]
[JsonDerivedType(typeof(PoleLineEntry), "poleLine")]
[JsonDerivedType(typeof(CrossPoleEntry), "crossPole")]
[JsonDerivedType(typeof(FenceLineEntry), "fenceLine")]
[JsonDerivedType(typeof(CurvedPolesEntry), "curvedPoles")]
[JsonDerivedType(typeof(NarrowEntry), "narrow")]
[JsonDerivedType(typeof(CorridorEntry), "corridor")]
[JsonDerivedType(typeof(FigureEntry), "figure")]
public abstract record SetUpEntry(
    ArenaSize? Arena = null,
    ArenaLine? Line = null,
    Heading? Heading = null,
    double? MiddleMetres = null,
    double? AdjustMetres = null
)
{
    /// <summary>Turned about its middle, to the right as it is ridden; nothing is along the arena.</summary>
    public double? TurnedDegrees { get; init; }

    /// <summary>The set-up, or everything that is wrong with it.</summary>
    public Outcome<SetUp> Check() => Check(new Checks());

    /// <summary>The set-up as it was kept, with what today's rules remark on it.</summary>
    public (SetUp SetUp, IReadOnlyList<Fault> Remarks) AsKept()
    {
        var read = Check(Checks.Of(kept: true));
        return (read.OrThrow(), read.Faults);
    }

    protected abstract Outcome<SetUp> Check(Checks checks);

    /// <summary>Further round it is the same line ridden the other way.</summary>
    private const double MostTurned = 90;

    private protected (Arena Arena, Placement Placement, double Adjust) CheckPlace(Checks checks)
    {
        var arena = Arenas.Arena.Of(checks.Choice("arena", Arena));
        var line = checks.Choice("line", Line);
        var heading = checks.Choice("heading", Heading);
        var middle = checks.Number("middleMetres", MiddleMetres, 0, arena.Length.Metres, "m from A");
        var adjust = checks.Number(
            "adjustMetres",
            AdjustMetres ?? 0,
            -SetUpFigures.MostAdjusted.Value,
            SetUpFigures.MostAdjusted.Value,
            "m"
        );
        var turned = checks.Number("turnedDegrees", TurnedDegrees ?? 0, -MostTurned, MostTurned, "degrees");
        return (arena, new Placement(line, heading, Distance.FromMetres(middle), turned), adjust);
    }
}

/// <summary>A cross-pole from trot with a placing pole before it.</summary>
/// <param name="HeightMetres">Height of its middle.</param>
public sealed record CrossPoleEntry(
    ArenaSize? Arena = null,
    ArenaLine? Line = null,
    Heading? Heading = null,
    double? MiddleMetres = null,
    double? AdjustMetres = null,
    double? HeightMetres = null
) : SetUpEntry(Arena, Line, Heading, MiddleMetres, AdjustMetres)
{
    protected override Outcome<SetUp> Check(Checks checks)
    {
        var (arena, placement, adjust) = CheckPlace(checks);
        var range = SetUpFigures.CrossPoleHeight.Value;
        var height = checks.Number("heightMetres", HeightMetres, range.Shortest.Metres, range.Longest.Metres, "m");
        return checks.Outcome<SetUp>(() => new CrossPole(arena, placement, adjust, Distance.FromMetres(height)));
    }
}
