using Hippodrome.Core.Aims;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Readiness;

/// <summary>A level of a scheme with what it asks.</summary>
/// <param name="Discipline">Of which discipline.</param>
/// <param name="Scheme">Whose level it is.</param>
/// <param name="Name">In that scheme's words.</param>
/// <param name="HeightMetres">Height of its fences; null where it has none.</param>
/// <param name="Facts">What is known of it besides, in words.</param>
/// <param name="Demands">What it asks.</param>
/// <param name="Source">Where it comes from.</param>
public sealed record LevelAsked(
    Discipline Discipline,
    string Scheme,
    string Name,
    double? HeightMetres,
    string Facts,
    IReadOnlyList<Demand> Demands,
    Source Source
)
{
    /// <summary>Its phases in the order they are ridden; none where there is one only.</summary>
    public IReadOnlyList<EventPhase> Phases { get; init; } = [];
}

/// <summary>The phases of an event.</summary>
public enum EventPhase
{
    Dressage,
    Jumping,
    CrossCountry,
}

/// <summary>The levels of the disciplines, the easiest of each scheme first. From memory; they change yearly.</summary>
public static class LevelDemands
{
    public const string NationalDressage = "British national dressage";
    public const string FeiDressage = "FEI dressage";
    public const string NationalJumping = "National jumping";
    public const string NationalEventing = "British national eventing";
    public const string FeiEventing = "FEI eventing, long format";

    public static IReadOnlyList<LevelAsked> All { get; } =
    [.. DressageLevels.All(), .. JumpingLevels.All(), .. EventingLevels.National(), .. EventingLevels.International()];

    public static LevelAsked? Find(Discipline discipline, string scheme, string level) =>
        All.FirstOrDefault(l =>
            l.Discipline == discipline
            && l.Scheme.Equals(scheme, StringComparison.OrdinalIgnoreCase)
            && l.Name.Equals(level, StringComparison.OrdinalIgnoreCase)
        );

    /// <summary>The level under this one in its scheme; null for the lowest.</summary>
    public static LevelAsked? Below(LevelAsked level)
    {
        var scheme = All.Where(l => l.Discipline == level.Discipline && l.Scheme == level.Scheme).ToList();
        var at = scheme.IndexOf(level);
        return at > 0 ? scheme[at - 1] : null;
    }

    /// <summary>
    /// What an aim asks: its level's demands; of a level of the yard's own, what its height asks. The test that is ridden there may
    /// ask more.
    /// </summary>
    public static IReadOnlyList<Demand> Of(Aim aim, DressageTest? test)
    {
        ArgumentNullException.ThrowIfNull(aim);
        var asked = Find(aim.Discipline, aim.Scheme, aim.Level)?.Demands ?? OfItsOwn(aim.Height, test);
        return test is null ? asked : [.. asked, .. TestDemands.Beyond(asked, test)];
    }

    private static IReadOnlyList<Demand> OfItsOwn(Distance? height, DressageTest? test) =>
        height is null && test is null ? [] : [.. height is { } h ? JumpingLevels.Fences(h.Metres) : [], .. AwayOnce()];

    internal static IEnumerable<Demand> AwayOnce() =>
        [new Demand("away", DemandKind.Away, "Once away from home", Strand.Flatwork, null, false, Source.CommonPractice)];
}
