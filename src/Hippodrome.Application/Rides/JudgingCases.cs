using Hippodrome.Core.Verdicts;

namespace Hippodrome.Application.Rides;

/// <summary>Judges a ride that is handed over whole and not kept: the same answer as Core gives on a device.</summary>
public static class JudgingCases
{
    public static Answer<List<JudgedTap>> Judge(RideCase ride)
    {
        ArgumentNullException.ThrowIfNull(ride);
        return ride.Faults() is { Count: > 0 } faults ? Refusal.Faulty(faults) : ride.Course().ToList();
    }
}
