using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>What made a rider's distances what they were, over rides.</summary>
/// <param name="Rider">Who.</param>
/// <param name="TakeOff">Close, or long.</param>
/// <param name="Cause">Track, pace, hand, the horse, or distraction.</param>
/// <param name="Times">So many of them.</param>
/// <param name="Of">Of so many of which a cause was told.</param>
public sealed record RidersDistance(string Rider, TakeOff TakeOff, JumpCause Cause, int Times, int Of)
{
    /// <summary>Causes of the distances that were not good, rider by rider, the most frequent first.</summary>
    public static IReadOnlyList<RidersDistance> Over(IEnumerable<RiddenOnce> rides)
    {
        ArgumentNullException.ThrowIfNull(rides);
        return
        [
            .. rides
                .SelectMany(r => r.Record.Counts.Distances.Select(d => (r.Rider, d.TakeOff, d.Cause)))
                .GroupBy(d => (d.Rider, d.TakeOff))
                .SelectMany(g =>
                    g.CountBy(d => d.Cause).Select(c => new RidersDistance(g.Key.Rider, g.Key.TakeOff, c.Key, c.Value, g.Count()))
                )
                .OrderBy(d => d.Rider, StringComparer.Ordinal)
                .ThenByDescending(d => d.Times)
                .ThenBy(d => d.Cause),
        ];
    }
}
