using System.Text.Json.Serialization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Rides;

/// <summary>What the rider or the helper saw or felt, as chips to tap.</summary>
public enum Sign
{
    OffOrUnlevel,
    SoreBack,
    HeatInLeg,
    Tired,
    RushedBold,
    RushedWorried,
    AddedStride,
    FlatAndLong,
    DriftedLeft,
    DriftedRight,
    WrongLead,
    TempoLost,
    RefusedYield,
    HeadUpShortNeck,

    /// <summary>As it was told before the two were told apart.</summary>
    BehindBitOrLeg,
    BrokeIntoCanter,
    Spooked,
    Distracted,
    Leans,
    FallsIn,
    FallsOut,
    Bulges,
    QuartersSwing,
    CrookedAgainstLeg,
    AtTheGate,
    BehindTheBit,
    BehindTheLeg,
    NeckOnly,
    RunsThroughHand,
    RunsOffAfter,
    LeapsDown,
    LateDepart,
    LateBehind,
    Anticipates,
    Blows,
    Frightened,
    Braced,
    Stuck,
    Mouth,
    SoftAndReady,
    Bucks,
    BreathesAndThinks,
    BadDistance,
    VoiceNotAnswered,
    OnForehand,
}

/// <summary>What a horse was frightened of.</summary>
public enum FrightenedOf
{
    Poles,
    Material,
    Filler,
    Water,
    Noise,
    Something,
}

/// <summary>More about a sign or an asking that was tapped before: whatever was seen of it.</summary>
/// <param name="Id">Made by the client.</param>
/// <param name="At">When it was tapped.</param>
/// <param name="About">The event of the sign or the asking.</param>
/// <param name="Side">Which shoulder or hind is meant, or to which side it went.</param>
/// <param name="Where">Where in the arena.</param>
/// <param name="Of">What it was frightened of.</param>
/// <param name="Mine">The rider's own slip: not counted against the horse.</param>
/// <param name="Later">Let pass for now: it is asked again once the horse is loose.</param>
public sealed record MoreTold(
    Guid Id,
    DateTimeOffset At,
    Guid About,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Rein? Side = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] ArenaPlace? Where = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] FrightenedOf? Of = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] bool? Mine = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] bool? Later = null
) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at)
    {
        checks.That(About != Id, $"{at}.about", "This does not say what it is about.", "Name the event of the sign.");
        checks.That(Side != Rein.Both, $"{at}.side", "A side is one of two.", "Left or right.");
    }
}

/// <summary>What was let pass was asked again.</summary>
/// <param name="Id">Made by the client.</param>
/// <param name="At">When it was tapped.</param>
/// <param name="About">The event of the sign that was let pass.</param>
/// <param name="Answered">How it was answered this time.</param>
public sealed record AskedAgain(Guid Id, DateTimeOffset At, Guid About, HorseAnswer Answered) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) =>
        checks.That(About != Id, $"{at}.about", "This does not say what was asked again.", "Name the event of the sign.");
}

/// <summary>A sign as the record tells it.</summary>
/// <param name="Event">The event it was tapped as.</param>
/// <param name="Sign">What was seen.</param>
/// <param name="Rein">The rein that was ridden.</param>
/// <param name="Side">Which shoulder or hind is meant, or to which side it went.</param>
/// <param name="Where">Where in the arena.</param>
/// <param name="Of">What it was frightened of.</param>
/// <param name="Part">The part of the plan it was seen in.</param>
/// <param name="Minute">Minutes ridden by then; null where it was written down afterwards.</param>
public sealed record SignTold(Guid Event, Sign Sign, Rein? Rein, Rein? Side, ArenaPlace? Where, FrightenedOf? Of, int? Part, double? Minute)
{
    /// <summary>The rider's own slip: not counted against the horse.</summary>
    public bool Mine { get; init; }

    /// <summary>Let pass, to be asked again.</summary>
    public bool Later { get; init; }

    /// <summary>How it was answered when it was asked again; null while it is open.</summary>
    public HorseAnswer? AskedAgain { get; init; }

    /// <summary>What a vet has entered as old and known.</summary>
    public bool Known { get; init; }

    /// <summary>It speaks for itself: not the rider's slip, and not let pass.</summary>
    internal bool Counts => !Mine && !Later;

    /// <summary>It was let pass, and has not come since.</summary>
    internal bool IsOpen => Later && (AskedAgain is null or HorseAnswer.Not);
}
