using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Verdicts;

/// <summary>The word of a verdict, the most careful first: where several rules speak, the smallest leads.</summary>
public enum VerdictWord
{
    End,
    Hold,
    Stop,
    Cut,
    Ease,
    Back,
    Adjust,
    Repeat,
    Stay,
    CarryOn,
    Up,
}

/// <summary>What accepting a verdict changes in the next session.</summary>
public enum SessionChange
{
    SameAgain,
    Longer,
    Shorter,
    BackToWalk,
    RungOn,
    RungBack,
    CutWork,
    HalveWork,
    WalkOnly,
    NoRiddenWork,

    /// <summary>The same without poles and fences.</summary>
    NoPoles,

    /// <summary>The same without flying changes.</summary>
    NoChanges,
}

/// <summary>What one rule says of a ride.</summary>
/// <param name="Rule">The rule's name.</param>
/// <param name="Word">The verdict in a word.</param>
/// <param name="Seen">What was seen.</param>
/// <param name="Do">What to do.</param>
/// <param name="Change">What accepting it does to the next session.</param>
/// <param name="CanBeOverruled">False for lameness holds, a vet's restriction and age limits.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record Verdict(string Rule, VerdictWord Word, string Seen, string Do, SessionChange Change, bool CanBeOverruled, Why Why)
{
    /// <summary>Its place in the one order of gravity, the gravest first.</summary>
    public Gravity Gravity => Gravities.Of(Rule, Word);
}

/// <summary>An earlier ride of the same horse.</summary>
public sealed record EarlierRide(DateOnly On, RideRecord Record);

/// <summary>All that the rules look at.</summary>
/// <param name="Horse">Who was ridden.</param>
/// <param name="On">The day.</param>
/// <param name="Record">What the ride added up to.</param>
/// <param name="Earlier">Rides before it, the latest first.</param>
/// <param name="Plan">What was planned, if anything.</param>
/// <param name="SetUps">The set-ups that stood.</param>
/// <param name="DaysToCompetition">Days from the ride to the next competition, if one is entered.</param>
public sealed record VerdictContext(
    Horse Horse,
    DateOnly On,
    RideRecord Record,
    IReadOnlyList<EarlierRide> Earlier,
    SessionPlan? Plan,
    IReadOnlyList<SetUp> SetUps,
    int? DaysToCompetition = null
)
{
    /// <summary>The ladders of the rungs that were worked, as they stand after this ride: the same judgement as in the library.</summary>
    public IReadOnlyList<RungVerdict> Rungs { get; init; } = [];

    /// <summary>Touches told by leg in this ride and those before it, since somebody last looked.</summary>
    public IReadOnlyList<LegsTold> Legs { get; init; } = [];

    /// <summary>Single changes are sure everywhere: series are outside the rules of learning them.</summary>
    public bool ChangesAreSure { get; init; }

    public int Age => Horse.Age(On);

    public HeatAdvice? Heat => Record.Weather is { } weather ? Weather.Heat.Advise(weather, Horse.HeatLimitC) : null;

    public bool HasSetUp => SetUps.Count > 0;

    /// <summary>Today's record and those before it, the latest first.</summary>
    public IEnumerable<RideRecord> Running => Earlier.Select(e => e.Record).Prepend(Record);
}

/// <summary>One small named rule: looks at a ride and speaks, or does not.</summary>
public delegate Verdict? VerdictRule(VerdictContext context);

/// <summary>All rules, and what they make of a ride.</summary>
public static class VerdictRules
{
    private static readonly VerdictRule[] All =
    [
        .. SoundnessRules.All,
        .. PoleAndFenceRules.All,
        .. FlatworkRules.All,
        .. ChangeRules.All,
        .. ProgressRules.All,
    ];

    /// <summary>
    /// How many earlier rides any rule compares such a ride with: those that speak of sessions running ask
    /// first what this one was. With more at hand the verdicts are the same.
    /// </summary>
    public static int RidesBack(RideRecord record) =>
        SoundnessRules.HasPasses(record) ? VerdictFigures.LookedThrough.Value
        : ProgressRules.Poor(record) ? VerdictFigures.RunningSessions.Value - 1
        : 0;

    /// <summary>Every verdict on a ride, the gravest first; when none asks for anything the answer is to stay.</summary>
    public static IReadOnlyList<Verdict> Judge(VerdictContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        var spoken = All.Select(rule => rule(context)).OfType<Verdict>().OrderBy(v => v.Gravity).ThenBy(v => v.Word).ToList();
        return spoken.Exists(v => v.Word != VerdictWord.CarryOn) ? spoken : [.. spoken, ProgressRules.Stay(context)];
    }

    /// <summary>
    /// What a ride asks for before anybody thinks of going up: the gravest verdict that asks for care, in words. No rung
    /// is climbed on such a ride, and so the review and the ladder cannot disagree.
    /// </summary>
    public static string? AsksForCare(VerdictContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        return Judge(context with { Rungs = [] }).Where(v => v.Word < VerdictWord.Stay).Select(v => v.Seen).FirstOrDefault();
    }
}
