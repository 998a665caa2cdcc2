using Hippodrome.Core.Blocks;

namespace Hippodrome.Planning.Blocks;

/// <summary>What must be placed in one week.</summary>
/// <param name="Quota">The week's kinds.</param>
/// <param name="Sessions">How many sessions are still to be placed.</param>
/// <param name="Wanted">Of which kinds, by the mix.</param>
/// <param name="Asked">Of which kinds, by the trainer.</param>
/// <param name="Days">The days they may stand on.</param>
internal sealed record WeekToPlace(
    WeekQuota Quota,
    int Sessions,
    IReadOnlyDictionary<SessionKind, int> Wanted,
    IReadOnlyDictionary<SessionKind, int> Asked,
    IReadOnlyList<DateOnly> Days
)
{
    public DateOnly Monday => Quota.Target.Monday;
}

/// <summary>All that the solver is given.</summary>
/// <param name="Block">The block.</param>
/// <param name="Calendar">Its days.</param>
/// <param name="Weeks">What is to be placed.</param>
/// <param name="Fixed">What stands and stays: days gone by.</param>
/// <param name="Pinned">What the trainer has fixed.</param>
/// <param name="Former">Where things stood, and would rather stay.</param>
/// <param name="OtherHorses">How many other horses its riders have on a day.</param>
internal sealed record PlacingTask(
    Block Block,
    Calendar Calendar,
    IReadOnlyList<WeekToPlace> Weeks,
    IReadOnlyList<Slot> Fixed,
    IReadOnlyList<Slot> Pinned,
    IReadOnlyList<Slot> Former,
    Func<DateOnly, int> OtherHorses
);
