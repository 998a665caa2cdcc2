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
}

/// <summary>All that a block is planned from.</summary>
/// <param name="Block">What goes in.</param>
/// <param name="Horse">The horse as it stands.</param>
/// <param name="Today">Days before it stay as they were.</param>
/// <param name="Former">The plan as it was; null for a first one.</param>
/// <param name="Done">Sessions of it that have been ridden.</param>
/// <param name="CutShort">Those of them that were broken off early.</param>
/// <param name="Gates">Gates of a return that have been answered.</param>
/// <param name="Cleared">Stages of the vet's plan that have been cleared.</param>
/// <param name="RiderThere">Whether one of its riders is there on a day.</param>
/// <param name="OtherHorses">How many other horses its riders have on a day.</param>
/// <param name="Next">A verdict that changes the next session.</param>
public sealed record PlanningCase(
    Block Block,
    HorseNow Horse,
    DateOnly Today,
    BlockPlan? Former,
    IReadOnlySet<Guid> Done,
    IReadOnlySet<Guid> CutShort,
    IReadOnlyList<GateAnswer> Gates,
    IReadOnlyList<StageCleared> Cleared,
    Func<DateOnly, bool> RiderThere,
    Func<DateOnly, int> OtherHorses,
    NextIs? Next
)
{
    /// <summary>A first plan, with nothing known but the block and the horse.</summary>
    public static PlanningCase First(Block block, HorseNow horse, DateOnly today) =>
        new(block, horse, today, null, new HashSet<Guid>(), new HashSet<Guid>(), [], [], _ => true, _ => 0, null);
}
