using System.Text.Json.Serialization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Rides;

/// <summary>From now on the horse is worked so: led, lunged, on long lines, or mounted now.</summary>
/// <param name="Id">Made by the client.</param>
/// <param name="At">When it was tapped.</param>
/// <param name="Manner">How.</param>
/// <param name="LedFrom">The side it is led from.</param>
public sealed record MannerNow(
    Guid Id,
    DateTimeOffset At,
    Manner Manner,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Rein? LedFrom = null
) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) =>
        checks.That(LedFrom != Rein.Both, $"{at}.ledFrom", "A horse is led from one side.", "Left or right.");
}

/// <summary>Rig and tack looked at before the start.</summary>
/// <param name="Id">Made by the client.</param>
/// <param name="At">When it was tapped.</param>
/// <param name="AsLastTime">Nothing has changed since it was last asked in full.</param>
/// <param name="Even">Even on both sides.</param>
/// <param name="GirthSnug">The girth is snug.</param>
/// <param name="LineSafe">The line is safe.</param>
/// <param name="Hole">The hole it is buckled in.</param>
public sealed record TackLooked(
    Guid Id,
    DateTimeOffset At,
    bool AsLastTime,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] bool? Even = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] bool? GirthSnug = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] bool? LineSafe = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] int? Hole = null
) : RideEvent(Id, At)
{
    internal bool IsAmiss => Even == false || GirthSnug == false || LineSafe == false;

    internal override void Check(Checks checks, string at) =>
        checks.That(Hole is null or (>= 1 and <= 20), $"{at}.hole", "No strap has such a hole.", "Count the holes from the buckle.");
}

/// <summary>A test that opens the next part (common practice).</summary>
public enum OpeningTest
{
    /// <summary>The rein is given and it stays: before collected work.</summary>
    GivenReinStays,

    /// <summary>Canter from walk, prompt on both leads: before flying changes.</summary>
    PromptDeparts,

    /// <summary>The voice is answered: before anybody mounts.</summary>
    VoiceAnswered,

    /// <summary>Level on the lunge, both ways: before canter.</summary>
    LevelOnTheLunge,
}

/// <summary>A test that opens the next part, and whether it was passed.</summary>
public sealed record TestAnswered(Guid Id, DateTimeOffset At, OpeningTest Test, bool Passed) : RideEvent(Id, At)
{
    internal override void Check(Checks checks, string at) { }
}
