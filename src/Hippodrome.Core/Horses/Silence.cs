namespace Hippodrome.Core.Horses;

/// <summary>Two weeks with nothing written: off, or worked and not written down? It is asked once, and until then nothing is a fault.</summary>
public static class Silence
{
    /// <summary>The last day anything is known of, where that is two weeks ago or more; null where nothing is to be asked.</summary>
    /// <param name="lastWorked">The last day written down; null where nothing ever was.</param>
    /// <param name="told">Days off, or of work not written down, that were told.</param>
    /// <param name="today">Today.</param>
    public static DateOnly? Since(DateOnly? lastWorked, IEnumerable<TimeAway> told, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(told);
        if (lastWorked is not { } last)
        {
            return null;
        }

        var after = told.Where(t => (t.Until ?? DateOnly.MaxValue) > last).ToList();
        if (after.Exists(t => t.Until is null))
        {
            return null;
        }

        var known = after.Select(t => t.Until!.Value).Append(last).Max();
        return today.DayNumber - known.DayNumber >= TimeOff.RampFrom.Value ? known : null;
    }
}
