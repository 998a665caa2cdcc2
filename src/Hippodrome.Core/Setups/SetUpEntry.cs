using System.Text.Json.Serialization;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Setups;

/// <summary>How the poles of a line lie.</summary>
public enum Raising
{
    Ground,
    AlternateEnds,
}

/// <summary>A set-up as asked for; <see cref="Check"/> turns it into one that can be built.</summary>
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
public abstract record SetUpEntry(ArenaSize? Arena = null, ArenaLine? Line = null, Heading? Heading = null, double? MiddleMetres = null, double? AdjustMetres = null)
{
    public abstract Outcome<SetUp> Check();

    private protected (Arena Arena, Placement Placement, double Adjust) CheckPlace(Checks checks)
    {
        var arena = Arenas.Arena.Of(checks.Choice("arena", Arena));
        var line = checks.Choice("line", Line);
        var heading = checks.Choice("heading", Heading);
        var middle = checks.Number("middleMetres", MiddleMetres, 0, arena.Length.Metres, "m from A");
        var adjust = checks.Number("adjustMetres", AdjustMetres ?? 0, -SetUpFigures.MostAdjusted.Value, SetUpFigures.MostAdjusted.Value, "m");
        return (arena, new Placement(line, heading, Distance.FromMetres(middle)), adjust);
    }
}

/// <summary>Poles on a straight line, one step apart, in walk or trot.</summary>
/// <param name="Variant">The walk or trot they are ridden in.</param>
/// <param name="Poles">How many: 3 to 6.</param>
/// <param name="Raising">On the ground or raised at alternate ends.</param>
/// <param name="HeightMetres">Height of a raised end, up to 0.20 m.</param>
public sealed record PoleLineEntry(
    ArenaSize? Arena = null, ArenaLine? Line = null, Heading? Heading = null, double? MiddleMetres = null, double? AdjustMetres = null,
    GaitVariant? Variant = null, int? Poles = null, Raising? Raising = null, double? HeightMetres = null)
    : SetUpEntry(Arena, Line, Heading, MiddleMetres, AdjustMetres)
{
    public override Outcome<SetUp> Check()
    {
        var checks = new Checks();
        var (arena, placement, adjust) = CheckPlace(checks);
        var variant = checks.Choice("variant", Variant);
        checks.That(variant.Gait() != Gait.Canter, "variant", "This line is for walk or trot: in canter one pole is one whole stride.", "Choose a walk or a trot.");
        var poles = checks.Whole("poles", Poles, SetUpFigures.FewestTrotPoles.Value, SetUpFigures.MostPoles.Value, "poles");
        var raising = checks.Choice("raising", Raising);
        var height = raising == Setups.Raising.Ground ? 0 : checks.Number("heightMetres", HeightMetres, 0.05, SetUpFigures.RaisedPoleHeight.Value, "m");
        return checks.Outcome<SetUp>(() => new PoleLine(arena, placement, adjust, variant, poles, raising, Distance.FromMetres(height)));
    }
}

/// <summary>A cross-pole from trot with a placing pole before it.</summary>
/// <param name="HeightMetres">Height of its middle.</param>
public sealed record CrossPoleEntry(
    ArenaSize? Arena = null, ArenaLine? Line = null, Heading? Heading = null, double? MiddleMetres = null, double? AdjustMetres = null, double? HeightMetres = null)
    : SetUpEntry(Arena, Line, Heading, MiddleMetres, AdjustMetres)
{
    public override Outcome<SetUp> Check()
    {
        var checks = new Checks();
        var (arena, placement, adjust) = CheckPlace(checks);
        var range = SetUpFigures.CrossPoleHeight.Value;
        var height = checks.Number("heightMetres", HeightMetres, range.Shortest.Metres, range.Longest.Metres, "m");
        return checks.Outcome<SetUp>(() => new CrossPole(arena, placement, adjust, Distance.FromMetres(height)));
    }
}
