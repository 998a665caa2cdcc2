namespace Hippodrome.Core.Blocks;

/// <summary>A session of a plan as somebody saw it before they kept the plan.</summary>
/// <param name="On">The day.</param>
/// <param name="Kind">What it is for.</param>
/// <param name="Minutes">Minutes in all.</param>
public sealed record SeenPlaced(DateOnly On, SessionKind Kind, double Minutes);

/// <summary>Holds a plan against what was seen of it: between looking and keeping the horse can have been held, or an aim moved.</summary>
public static class SeenPlan
{
    /// <summary>Days on which a session has come, gone, or is of another kind or length than it was seen, the earliest first.</summary>
    public static IReadOnlyList<DateOnly> Differing(IEnumerable<PlacedSession> now, IEnumerable<SeenPlaced> seen)
    {
        ArgumentNullException.ThrowIfNull(now);
        ArgumentNullException.ThrowIfNull(seen);
        var different = now.Select(s => new SeenPlaced(s.On, s.Kind, s.Minutes.Total)).CountBy(s => s).ToHashSet();
        different.SymmetricExceptWith(seen.CountBy(s => s));
        return [.. different.Select(s => s.Key.On).Distinct().Order()];
    }
}
