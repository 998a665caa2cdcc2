using System.Security.Cryptography;
using System.Text;
using System.Text.Json.Serialization;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>A stretch of weeks with one task.</summary>
public enum BlockPhase
{
    Base,
    Climb,
    AtLevel,
    RunIn,

    /// <summary>The walk weeks of a return.</summary>
    Walk,

    /// <summary>Its trot weeks.</summary>
    Trot,

    /// <summary>Its canter weeks.</summary>
    Canter,

    /// <summary>A stage of the vet's plan.</summary>
    Stage,
}

/// <summary>The one thing that goes up in a week.</summary>
public enum Rise
{
    Nothing,
    Minutes,
    Speed,
    Height,
}

/// <summary>A phase and the weeks it takes, by number.</summary>
public sealed record PhaseSpan(BlockPhase Phase, int FirstWeek, int LastWeek, string Says, Why Why);

/// <summary>A rung the horse is expected to work on in a week, if all goes well.</summary>
public sealed record RungExpected(string RungId, Why Why);

/// <summary>A soft rule that bends on a day or in a week.</summary>
public sealed record Bent(string Rule, string Says);

/// <summary>A week that goes back: the same again, or further.</summary>
/// <param name="Monday">From which week.</param>
/// <param name="WeeksBack">1: the week before again; 2: the one before that.</param>
/// <param name="WeeksOff">Where so much was missed that a return ramp takes its place: weeks off.</param>
/// <param name="From">What sent it back.</param>
/// <param name="Because">Why, in words.</param>
public sealed record Setback(DateOnly Monday, int WeeksBack, int? WeeksOff, SetbackFrom From, string Because);

/// <summary>What sends a week back.</summary>
public enum SetbackFrom
{
    DaysMissed,

    /// <summary>A gate of a return that was not passed, or that nobody answered.</summary>
    Gate,
}

/// <summary>Whose word a week waits for.</summary>
public enum HeldBy
{
    /// <summary>A vet's, after a sign of pain.</summary>
    Hold,

    /// <summary>What the next stage of the vet's plan waits for.</summary>
    Stage,
}

/// <summary>What the work of a week waits for.</summary>
/// <param name="By">Whose word it is.</param>
/// <param name="Until">What has to happen, in words that follow "held until".</param>
public sealed record WeekHeld(HeldBy By, string Until);

/// <summary>What a week is to come to, before anything is eased, skipped or left out.</summary>
/// <param name="Minutes">By gait.</param>
/// <param name="Rises">The one thing that goes up.</param>
/// <param name="Lighter">Every fourth week eases.</param>
public sealed record WeekGoal(MinutesByGait Minutes, Rise Rises, bool Lighter);

/// <summary>What happened to a week, beside its phase and its place in the curve.</summary>
/// <param name="Held">What it waits for; null where nothing holds it.</param>
/// <param name="Setback">Why it went back; null where it did not.</param>
/// <param name="Out">Gaits that are ruled out in it.</param>
/// <param name="WorkDays">Days that can be worked; null in plans made before it was told.</param>
public sealed record WeekCause(WeekHeld? Held, Setback? Setback, IReadOnlyList<Gait> Out, int? WorkDays);

/// <summary>Why a week is as it is.</summary>
/// <param name="Minutes">Why so many minutes.</param>
/// <param name="Kinds">Why these kinds of session; null in plans made before it was told.</param>
public sealed record WeekWhy(Why Minutes, Why? Kinds);

/// <summary>Why a session is less than its week would have it.</summary>
public enum Easing
{
    /// <summary>A step of the first days after a hold.</summary>
    AfterHold,

    /// <summary>The last one ridden again, after days that were missed.</summary>
    AfterMissedDays,

    /// <summary>A verdict that was accepted.</summary>
    AsJudged,

    /// <summary>A short first day back: loose, long lines and a few minutes in the saddle.</summary>
    ShortFirstDay,
}

/// <summary>A day's work as the block places it. What is ridden in it is drawn up when it comes near.</summary>
public sealed record PlacedSession
{
    /// <summary>Stays the same as long as it is the same session of its week, wherever it moves.</summary>
    public required Guid Id { get; init; }

    /// <summary>The day.</summary>
    public required DateOnly On { get; init; }

    /// <summary>What it is for.</summary>
    public required SessionKind Kind { get; init; }

    /// <summary>Minutes by gait.</summary>
    public required MinutesByGait Minutes { get; init; }

    /// <summary>The rung in work, where one is.</summary>
    public required string? RungId { get; init; }

    /// <summary>Fences, counted; null where nothing is jumped.</summary>
    public required int? Efforts { get; init; }

    /// <summary>Sets at speed, where there are any.</summary>
    public required CanterSets? Sets { get; init; }

    /// <summary>Bouts of trot or canter it is ridden in, during a return.</summary>
    public required int? Bouts { get; init; }

    /// <summary>The trainer has fixed its day.</summary>
    public required bool Pinned { get; init; }

    /// <summary>Soft rules that bend on this day.</summary>
    public required IReadOnlyList<Bent> Bent { get; init; }

    /// <summary>Why it is there.</summary>
    public required Why Why { get; init; }

    /// <summary>Who rides it, once the yard's week has been shared out.</summary>
    public Guid? RiderId { get; init; }

    /// <summary>Why it is less than its week would have it; null where it is not.</summary>
    public Easing? Eased { get; init; }

    /// <summary>The same session of the same week has the same id in every version of a plan.</summary>
    public static Guid IdOf(Guid block, DateOnly monday, SessionKind kind, int nth) =>
        new(
            SHA256
                .HashData(Encoding.UTF8.GetBytes(FormattableString.Invariant($"{block:N} {monday:yyyy-MM-dd} {kind} {nth}")))
                .AsSpan(0, 16)
        );
}

/// <summary>One week of a block.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Monday">Its first day.</param>
/// <param name="Phase">The phase it belongs to.</param>
/// <param name="Minutes">The sum of its sessions.</param>
/// <param name="Goal">What it was to come to.</param>
/// <param name="Cause">What happened to it.</param>
/// <param name="Rungs">Rungs expected.</param>
/// <param name="Sessions">Its sessions in the order of their days.</param>
/// <param name="Bent">Soft rules that bend in the week as a whole.</param>
/// <param name="Why">Why so many minutes and these kinds.</param>
public sealed record BlockWeek(
    int Number,
    DateOnly Monday,
    BlockPhase Phase,
    MinutesByGait Minutes,
    WeekGoal Goal,
    WeekCause Cause,
    IReadOnlyList<RungExpected> Rungs,
    IReadOnlyList<PlacedSession> Sessions,
    IReadOnlyList<Bent> Bent,
    WeekWhy Why
);

/// <summary>How the solver came out.</summary>
/// <param name="Optimal">No placing is better by the rules there are.</param>
/// <param name="Cost">What the soft rules cost.</param>
/// <param name="Bound">What they must cost at least.</param>
/// <param name="Cancelled">The clock on the wall ended it early.</param>
public sealed record Solved(bool Optimal, double Cost, double Bound, bool Cancelled);

/// <summary>A session the trainer has taken out of a week, so that it is not planned again.</summary>
public sealed record Skipped(Guid Id, DateOnly Monday, SessionKind Kind);

/// <summary>A block, planned and explained.</summary>
/// <param name="Phases">Its phases.</param>
/// <param name="Weeks">Its weeks.</param>
/// <param name="Setbacks">Weeks that went back because days were missed.</param>
/// <param name="Skipped">Sessions taken out by hand.</param>
/// <param name="Added">Sessions put in by hand, beyond the week's own.</param>
/// <param name="Notes">What to know of it as a whole.</param>
/// <param name="Solved">How the solver came out.</param>
public sealed record BlockPlan(
    IReadOnlyList<PhaseSpan> Phases,
    IReadOnlyList<BlockWeek> Weeks,
    IReadOnlyList<Setback> Setbacks,
    IReadOnlyList<Skipped> Skipped,
    IReadOnlyList<Guid> Added,
    IReadOnlyList<string> Notes,
    Solved Solved
)
{
    [JsonIgnore]
    public IEnumerable<PlacedSession> Sessions => Weeks.SelectMany(w => w.Sessions);

    public PlacedSession? Find(Guid id) => Sessions.FirstOrDefault(s => s.Id == id);
}
