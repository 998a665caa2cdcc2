using System.Text.Json.Serialization;
using Hippodrome.Core.Care;
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

    /// <summary>The same rung, with one small thing otherwise.</summary>
    Vary,
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
/// <param name="Gravity">Its place in the one order of gravity, the gravest first.</param>
public sealed record Verdict(
    string Rule,
    VerdictWord Word,
    string Seen,
    string Do,
    SessionChange Change,
    bool CanBeOverruled,
    Why Why,
    Gravity Gravity
)
{
    /// <summary>What it rests on, with its numbers; kept with an answer.</summary>
    [JsonIgnore]
    public IReadOnlyList<Input> Inputs { get; init; } = [];

    /// <summary>Whom accepting it refers to; null where it refers to nobody.</summary>
    public Refers? Refers { get; init; }
}

/// <summary>An earlier ride of the same horse.</summary>
public sealed record EarlierRide(DateOnly On, RideRecord Record);

/// <summary>All that the rules look at.</summary>
/// <param name="Facts">What is known besides the ride.</param>
/// <param name="Record">What the ride added up to, or adds up to so far.</param>
/// <param name="Earlier">Rides before it, the latest first.</param>
public sealed record VerdictContext(RideFacts Facts, RideRecord Record, IReadOnlyList<EarlierRide> Earlier)
{
    /// <summary>When it is asked.</summary>
    public Moment Moment { get; init; } = Moment.Reviewing;

    /// <summary>At the rail: the part of the plan that is being ridden.</summary>
    public int? Part { get; init; }

    /// <summary>The ladders of the rungs that were worked, as they stand after this ride: the same judgement as in the library.</summary>
    public IReadOnlyList<RungVerdict> Rungs { get; init; } = [];

    public HeatAdvice? Heat => Record.Weather is { } weather ? Weather.Heat.Advise(weather, Facts.HeatLimitC) : Facts.Heat;

    /// <summary>At the rail: what stands in that part now.</summary>
    internal RailPart? StandsNow { get; init; }

    /// <summary>At the rail: the next stage of what stands; null where there is none.</summary>
    internal ChangedSetUp? StageNext => PartNow is { } planned && StandsNow is { } now ? Stages.Of(planned, now)?.Next : null;

    /// <summary>At the rail: the last planned stage stands.</summary>
    internal bool IsLastStage =>
        PartNow is { } planned && StandsNow is { IsJumped: true } now && Stages.Of(planned, now) is { IsPlanned: true };

    /// <summary>At the rail: the last third of the minutes of work has begun.</summary>
    internal bool InLastThird
    {
        get
        {
            var work = Facts.Parts.Where(p => p.Phase is Phase.Work or Phase.NewWork).Sum(p => p.Minutes);
            var before = Facts.Parts.Take(Part ?? 0).Where(p => p.Phase is Phase.Work or Phase.NewWork).Sum(p => p.Minutes);
            return Part is not null
                && work > 0
                && (
                    before >= Math.Round(work * 2 / 3, 2)
                    || (PartNow?.Phase is Phase.Work or Phase.NewWork && before + PartNow.Minutes >= work)
                );
        }
    }

    internal RailPart? PartNow => Part is { } part && part < Facts.Parts.Count ? Facts.Parts[part] : null;

    /// <summary>Today's record and those before it, the latest first.</summary>
    public IEnumerable<RideRecord> Running => Earlier.Select(e => e.Record).Prepend(Record);
}
