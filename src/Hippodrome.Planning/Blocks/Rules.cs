namespace Hippodrome.Planning.Blocks;

/// <summary>What may have to give when not everything fits: an input the trainer can change, or a rule of the trade.</summary>
internal enum Group
{
    DayOff,
    EasyDay,
    HardNeighbours,
    JumpingDays,
    FastWork,
    YoungPoles,
    AroundCompetition,
    AroundTherapist,
    Number,
    Helper,
    Arena,
    OpenGround,
    Asked,
    Pinned,
}

/// <summary>Hard rules and what the soft ones cost. The weights only rank them against each other.</summary>
internal static class Weights
{
    public const long Moved = 1000;
    public const long Missing = 24;
    public const long MoreThanWanted = 12;
    public const long MoreHacks = 2;
    public const long MoreWalks = 6;
    public const long SameKindNextDay = 4;
    public const long NoDayBetween = 3;
    public const long FavouriteDayOff = 3;
    public const long HardTwoDaysApart = 1;
    public const long RidersLoad = 1;
    public const long LastDays = 6;
}
