using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Rides;

/// <summary>
/// The sums of a ride without its course: what lists, loads, sides, weeks and tables look at. They are kept beside
/// the events, and are always what the events add up to.
/// </summary>
/// <param name="ByGait">Minutes by gait and rein.</param>
/// <param name="Transitions">Transitions of every kind.</param>
/// <param name="Passes">Passes over poles.</param>
/// <param name="Efforts">Jumps.</param>
/// <param name="Marks">The mean mark of each rein.</param>
/// <param name="Signs">What was seen of discomfort.</param>
/// <param name="Exertion">How hard it was, 0 to 10; null when nobody said.</param>
/// <param name="Notes">What was written down.</param>
public sealed record RideTotals(
    IReadOnlyList<GaitMinutes> ByGait,
    int Transitions,
    BothReins<PassCount> Passes,
    BothReins<EffortCount> Efforts,
    MarksByRein Marks,
    IReadOnlyList<SignOnRein> Signs,
    double? Exertion,
    IReadOnlyList<string> Notes
)
{
    public double Minutes => ByGait.Sum(g => g.Minutes);

    /// <summary>Exertion times minutes (Foster 2001); null when nobody said how hard it was.</summary>
    public double? Load => Exertion * Minutes;

    /// <summary>Jumps on both reins.</summary>
    public int Jumps => Efforts.Left.All + Efforts.Right.All;

    /// <summary>Minutes that count as walk, trot or canter.</summary>
    public double CountedAs(Gait gait) => ByGait.Where(g => g.Gait.CountsAs() == gait).Sum(g => g.Minutes);

    public static RideTotals Of(RideRecord record)
    {
        ArgumentNullException.ThrowIfNull(record);
        return new RideTotals(
            record.ByGait,
            record.Transitions.Sum(t => t.Count),
            record.Passes,
            record.Efforts,
            record.Marks,
            record.Signs,
            record.Exertion,
            record.Notes
        );
    }
}
