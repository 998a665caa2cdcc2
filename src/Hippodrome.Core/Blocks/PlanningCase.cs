using Hippodrome.Core.Verdicts;

namespace Hippodrome.Core.Blocks;

/// <summary>What is asked at the end of each week of a return.</summary>
public enum ReturnGate
{
    Feet,
    Saddle,
    LegsCool,
    ClosingTest,
    Easy,

    /// <summary>Skin under girth and saddle whole.</summary>
    Skin,

    /// <summary>Eats and drinks as ever, and the hard feed went up only as the work did.</summary>
    FeedAndDrink,
}

/// <summary>A gate of a week, answered.</summary>
public sealed record GateAnswer(DateOnly Monday, ReturnGate Gate, bool Passed, string Word);

/// <summary>A stage of the vet's plan that has been cleared.</summary>
/// <param name="Stage">Its place in the plan, from 0.</param>
/// <param name="On">The day.</param>
/// <param name="By">Who cleared it.</param>
public sealed record StageCleared(int Stage, DateOnly On, string By);

/// <summary>A verdict the trainer accepted, and what it makes of the next session.</summary>
/// <param name="Keep">The share of its minutes that stays.</param>
/// <param name="WalkOnly">Nothing but walk.</param>
/// <param name="Because">What was seen.</param>
public sealed record NextIs(double Keep, bool WalkOnly, string Because)
{
    /// <summary>Null where the change is of a set-up or a rung, and not of how much is done.</summary>
    public static NextIs? From(SessionChange change, string seen) =>
        change switch
        {
            SessionChange.HalveWork => new NextIs(0.5, false, seen),
            SessionChange.CutWork or SessionChange.RungBack => new NextIs(1 - VerdictFigures.CutWhenTired.Value, false, seen),
            SessionChange.WalkOnly => new NextIs(1, true, seen),
            _ => null,
        };

    /// <summary>A block comes out otherwise: less is done in it, or nothing until a hold is cleared.</summary>
    public static bool BearsUpon(SessionChange change) => change == SessionChange.NoRiddenWork || From(change, "") is not null;
}

/// <summary>All that a block is planned from.</summary>
public sealed record PlanningCase
{
    /// <summary>What goes in.</summary>
    public required Block Block { get; init; }

    /// <summary>The horse as it stands.</summary>
    public required HorseNow Horse { get; init; }

    /// <summary>Days before it stay as they were.</summary>
    public required DateOnly Today { get; init; }

    /// <summary>The plan as it was; null for a first one.</summary>
    public required BlockPlan? Former { get; init; }

    /// <summary>Sessions of it that have been ridden.</summary>
    public required IReadOnlySet<Guid> Done { get; init; }

    /// <summary>Those of them that were broken off early.</summary>
    public required IReadOnlySet<Guid> CutShort { get; init; }

    /// <summary>Gates of a return that have been answered.</summary>
    public required IReadOnlyList<GateAnswer> Gates { get; init; }

    /// <summary>Stages of the vet's plan that have been cleared.</summary>
    public required IReadOnlyList<StageCleared> Cleared { get; init; }

    /// <summary>Whether one of its riders is there on a day.</summary>
    public required Func<DateOnly, bool> RiderThere { get; init; }

    /// <summary>How many other horses its riders have on a day.</summary>
    public required Func<DateOnly, int> OtherHorses { get; init; }

    /// <summary>A verdict that changes the next session.</summary>
    public required NextIs? Next { get; init; }

    /// <summary>A first plan, with nothing known but the block and the horse.</summary>
    public static PlanningCase First(Block block, HorseNow horse, DateOnly today) =>
        new()
        {
            Block = block,
            Horse = horse,
            Today = today,
            Former = null,
            Done = new HashSet<Guid>(),
            CutShort = new HashSet<Guid>(),
            Gates = [],
            Cleared = [],
            RiderThere = _ => true,
            OtherHorses = _ => 0,
            Next = null,
        };
}
