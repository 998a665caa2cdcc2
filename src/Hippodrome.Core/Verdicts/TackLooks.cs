using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>
/// When rig and tack are looked at in full: after a change, and once a week (chosen; even on both sides is common practice).
/// </summary>
public static class TackLooks
{
    /// <summary>Whether it is asked in full, and the hole of the last time.</summary>
    /// <param name="on">The day.</param>
    /// <param name="changed">Other tack is worn than last time.</param>
    /// <param name="rides">Rides with their days, in any order.</param>
    public static (bool InFull, int? Hole) AskedOn(DateOnly on, bool changed, IEnumerable<(DateOnly On, RideRecord Record)> rides)
    {
        var full = rides
            .Where(r => r.Record.Rail.Tack is { AsLastTime: false, IsAmiss: false })
            .OrderByDescending(r => r.On)
            .Select(r => ((DateOnly On, int? Hole)?)(r.On, r.Record.Rail.Tack!.Hole))
            .FirstOrDefault();
        return (changed || full is null || on.DayNumber - full.Value.On.DayNumber >= VerdictFigures.TackEvery.Value, full?.Hole);
    }
}
