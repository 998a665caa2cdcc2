using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Sessions;

/// <summary>The phases of a session, in the order they are ridden.</summary>
public enum Phase
{
    WarmUp,
    Work,
    NewWork,
    CoolDown,
}

/// <summary>How a horse is worked: from the saddle or from the ground.</summary>
public enum Manner
{
    Ridden,

    /// <summary>Led.</summary>
    InHand,
    Lunged,

    /// <summary>On long lines.</summary>
    LongReined,

    /// <summary>Free, without a line.</summary>
    Loose,
}

/// <summary>One part of a session as typed. How much of it is minutes, or times, or fences; where minutes are left out they are reckoned.</summary>
/// <param name="Phase">Warm-up, work, new work or cool-down.</param>
/// <param name="What">What is done, in the rider's words.</param>
/// <param name="Gait">The gait most of it is in.</param>
/// <param name="Rein">The rein, or both.</param>
/// <param name="Minutes">How long.</param>
/// <param name="SetUpId">A set-up it is ridden over, if any.</param>
/// <param name="MarkHopedFor">The mark that would make it good.</param>
/// <param name="RungId">The rung it works on; its rides are evidence for that rung.</param>
/// <param name="ExerciseId">The exercise of the library it is; one that stands is set out when the session is kept.</param>
/// <param name="Times">How often: passes over poles, goes through a grid, repetitions of a figure.</param>
/// <param name="Efforts">Fences jumped, each one counted.</param>
/// <param name="Transitions">How many transitions, up and down together.</param>
/// <param name="TransitionsWith">The other gait of them.</param>
/// <param name="BoutSeconds">Ridden in bouts of so many seconds, with walk between.</param>
/// <param name="RestSeconds">The walk between two bouts.</param>
public sealed record PartEntry(
    Phase? Phase = null,
    string? What = null,
    Gait? Gait = null,
    Rein? Rein = null,
    double? Minutes = null,
    Guid? SetUpId = null,
    double? MarkHopedFor = null,
    string? RungId = null,
    string? ExerciseId = null,
    int? Times = null,
    int? Efforts = null,
    int? Transitions = null,
    Gait? TransitionsWith = null,
    int? BoutSeconds = null,
    int? RestSeconds = null
)
{
    /// <summary>How the horse is worked in this part; as in the session when nothing.</summary>
    public Manner? Manner { get; init; }

    /// <summary>Height of the fences, where none of them stands as a set-up.</summary>
    public double? HeightMetres { get; init; }

    /// <summary>A grid is built up element by element while it is jumped; one of three fences or more is, when nothing is said.</summary>
    public bool? InStages { get; init; }
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
