using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Rides;

/// <summary>
/// Counts over ground poles feed adjustability, and never the stride: spaced for a count they make the stride they ask for.
/// </summary>
public static class CountedForAdjustability
{
    /// <summary>The gaps of a ride that were ridden on more than one count, each from its fewest to its most.</summary>
    /// <param name="rideId">The ride.</param>
    /// <param name="on">Its day.</param>
    /// <param name="record">What was told of it.</param>
    public static IReadOnlyList<Accordion> Of(Guid rideId, DateOnly on, RideRecord record)
    {
        ArgumentNullException.ThrowIfNull(record);
        return
        [
            .. record
                .Rail.Lines.Where(l => l is { OverPoles: true, AsItGoes: false })
                .GroupBy(l => l.Metres)
                .Select(g => (Metres: g.Key, Counts: g.SelectMany(l => l.Times).Select(t => t.Strides).ToList()))
                .Where(g => g.Counts.Min() >= 1 && g.Counts.Min() < g.Counts.Max())
                .Select(g => new Accordion(rideId, on, Distance.FromMetres(g.Metres), g.Counts.Min(), g.Counts.Max())),
        ];
    }
}
