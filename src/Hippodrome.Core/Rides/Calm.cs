using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Rides;

/// <summary>A first sit that counts.</summary>
public static class FirstSits
{
    /// <summary>Not tense, nothing told against it, and walked on both reins where reins were told.</summary>
    public static bool IsCalm(RideRecord ride)
    {
        ArgumentNullException.ThrowIfNull(ride);
        var walked = ride.ByGait.Where(g => g.Gait == Gait.Walk).ToList();
        return ride.TensionPeak is null or <= 2
            && ride.Rail.Falls.Count == 0
            && walked.Sum(g => g.Left) > 0
            && walked.Sum(g => g.Right) > 0;
    }
}

/// <summary>Flying changes that boiled over.</summary>
public static class ChangesBoiled
{
    /// <summary>Changes were asked, and tension went over the top or stayed tense twice running.</summary>
    public static bool Over(RideRecord ride)
    {
        ArgumentNullException.ThrowIfNull(ride);
        var changes = ride.Rail.Changes;
        return changes.Left.All + changes.Right.All > 0
            && (ride.Tension.Contains(4) || ride.Tension.Zip(ride.Tension.Skip(1)).Any(p => p is { First: >= 3, Second: >= 3 }));
    }
}
