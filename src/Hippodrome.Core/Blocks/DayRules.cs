namespace Hippodrome.Core.Blocks;

/// <summary>What a kind of session needs of the day it stands on.</summary>
internal static class DayRules
{
    public static bool MayStand(SessionKind kind, DateOnly day, Block block) =>
        (!kind.NeedsHelper() || block.HelperDays.Contains(day.DayOfWeek))
        && (!kind.NeedsArena() || block.ArenaDays.Contains(day.DayOfWeek))
        && (!kind.NeedsOpenGround() || block.OpenGroundDays.Contains(day.DayOfWeek));

    /// <summary>The day before a competition: a small grid where fences are jumped, or something light.</summary>
    public static bool SuitsDayBefore(SessionKind kind, bool jumped) =>
        kind.IsEasy() || kind is SessionKind.Flatwork or SessionKind.Lateral or SessionKind.Poles || (kind == SessionKind.Grid && jumped);

    /// <summary>The day after a competition: rest or walk.</summary>
    public static bool SuitsDayAfter(SessionKind kind) => kind is SessionKind.WalkOnly or SessionKind.Recovery or SessionKind.InHand;
}
