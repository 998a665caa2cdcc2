using System.Text.Json.Serialization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Sessions;

/// <summary>The phases of a session, in the order they are ridden.</summary>
public enum Phase
{
    WarmUp,
    Work,
    NewWork,
    CoolDown,
}

/// <summary>
/// One part of a session as typed. How much of it is minutes, or times, or fences; where minutes are left out they are
/// reckoned.
/// </summary>
public sealed record PartEntry
{
    /// <summary>Warm-up, work, new work or cool-down.</summary>
    public Phase? Phase { get; init; }

    /// <summary>What is done, in the rider's words.</summary>
    public string? What { get; init; }

    /// <summary>The gait most of it is in.</summary>
    public Gait? Gait { get; init; }

    /// <summary>The rein, or both.</summary>
    public Rein? Rein { get; init; }

    /// <summary>How long.</summary>
    public double? Minutes { get; init; }

    /// <summary>A set-up it is ridden over, if any.</summary>
    public Guid? SetUpId { get; init; }

    /// <summary>The mark that would make it good.</summary>
    public double? MarkHopedFor { get; init; }

    /// <summary>The rung it works on; its rides are evidence for that rung.</summary>
    public string? RungId { get; init; }

    /// <summary>The exercise of the library it is; one that stands is set out when the session is kept.</summary>
    public string? ExerciseId { get; init; }

    /// <summary>How often: passes over poles, goes through a grid, repetitions of a figure.</summary>
    public int? Times { get; init; }

    /// <summary>Fences jumped, each one counted.</summary>
    public int? Efforts { get; init; }

    /// <summary>How many transitions, up and down together.</summary>
    public int? Transitions { get; init; }

    /// <summary>The other gait of them.</summary>
    public Gait? TransitionsWith { get; init; }

    /// <summary>Ridden in bouts of so many seconds, with walk between.</summary>
    public int? BoutSeconds { get; init; }

    /// <summary>The walk between two bouts.</summary>
    public int? RestSeconds { get; init; }

    /// <summary>How the horse is worked in this part; as in the session when nothing.</summary>
    public Manner? Manner { get; init; }

    /// <summary>Height of the fences, where none of them stands as a set-up.</summary>
    public double? HeightMetres { get; init; }

    /// <summary>A grid is built up element by element while it is jumped; one of three fences or more is, when nothing is said.</summary>
    public bool? InStages { get; init; }

    /// <summary>A test before it, beside those the trade has anyway: what it opens waits until it is passed.</summary>
    public OpeningTest? OpensWith { get; init; }

    /// <summary>The outline asked for.</summary>
    public Outline? Outline { get; init; }

    /// <summary>How the rider sits.</summary>
    public Seat? Seat { get; init; }

    /// <summary>The stride aimed at: one of this part's gait; its usual one when nothing is said.</summary>
    public GaitVariant? StrideAim { get; init; }

    /// <summary>The speed of its bouts; the horse's own when nothing is said.</summary>
    public int? MetresPerMinute { get; init; }

    /// <summary>The dressage test that is ridden in it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Guid? TestId { get; init; }

    /// <summary>Movements of that test in the order they are ridden; the whole test when nothing is said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<int>? TestPieces { get; init; }

    /// <summary>What every part says; the rest is added with <c>with</c>.</summary>
    public static PartEntry Of(Phase phase, string what, Gait gait, Rein rein, double minutes) =>
        new()
        {
            Phase = phase,
            What = what,
            Gait = gait,
            Rein = rein,
            Minutes = minutes,
        };
}

/// <summary>A fault that was seen and kept, with a word why.</summary>
public sealed record KeptFaultEntry(string? Rule = null, string? Word = null);

/// <summary>A session as typed.</summary>
/// <param name="On">The day.</param>
/// <param name="Emphasis">The one thing of the day.</param>
/// <param name="Manner">How the horse is worked, in each part that says nothing else.</param>
/// <param name="Helper">Someone is on the ground, or a second rider is there.</param>
/// <param name="Parts">What is done, in order.</param>
/// <param name="Notes">Anything else.</param>
/// <param name="Place">Where, when it is not at home.</param>
/// <param name="TackIds">Bits and aids it is ridden in.</param>
/// <param name="KeptFaults">Soft faults that stay, each with a word why.</param>
public sealed record SessionEntry(
    DateOnly? On = null,
    string? Emphasis = null,
    Manner? Manner = null,
    bool? Helper = null,
    IReadOnlyList<PartEntry>? Parts = null,
    string? Notes = null,
    string? Place = null,
    IReadOnlyList<Guid>? TackIds = null,
    IReadOnlyList<KeptFaultEntry>? KeptFaults = null
)
{
    /// <summary>When it begins; it is held against the heat of those hours, and of the yard's working hours when nothing.</summary>
    public TimeOnly? StartsAt { get; init; }
}
