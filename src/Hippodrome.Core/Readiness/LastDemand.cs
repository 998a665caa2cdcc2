namespace Hippodrome.Core.Readiness;

/// <summary>The demand that was last when an aim was last looked at: enough to say every morning whether there is time.</summary>
/// <param name="Name">Which; null where all were met.</param>
/// <param name="HowFar">How it stood.</param>
/// <param name="Needs">Sessions it needs; null where that cannot be told.</param>
/// <param name="AWeek">Sessions of its strand a week.</param>
/// <param name="AsOf">The day it was looked at.</param>
public sealed record LastDemand(string? Name, HowFar HowFar, int? Needs, double AWeek, DateOnly AsOf)
{
    public static LastDemand Of(AimReadiness readiness, Evidence evidence)
    {
        ArgumentNullException.ThrowIfNull(readiness);
        ArgumentNullException.ThrowIfNull(evidence);
        return readiness.Last is { } last
            ? new LastDemand(
                last.Readiness.Demand.Name,
                last.Readiness.HowFar,
                last.Needs,
                evidence.Pace.For(last.Readiness.Demand),
                evidence.Today
            )
            : new LastDemand(null, HowFar.Met, 0, 0, evidence.Today);
    }

    /// <summary>Whether there is time, on a day.</summary>
    public InTime On(DateOnly aim, DateOnly today) =>
        Name is null ? InTime.InTime : AimReadiness.TimeFor(Needs, AimReadiness.SessionsBeforeRunIn(aim, today, AWeek));
}
