namespace Hippodrome.Core.Blocks;

/// <summary>The inputs of a block with more in its week.</summary>
public static class MoreWork
{
    /// <summary>Every horse has a day off.</summary>
    private const int MostDays = 6;

    private static readonly DayOfWeek[] FromMonday =
    [
        DayOfWeek.Monday,
        DayOfWeek.Tuesday,
        DayOfWeek.Wednesday,
        DayOfWeek.Thursday,
        DayOfWeek.Friday,
        DayOfWeek.Saturday,
        DayOfWeek.Sunday,
    ];

    /// <summary>A day more on which somebody rides, in the arena where it is to be had; null where there is none.</summary>
    public static (BlockEntry Entry, string Says)? DayMore(BlockEntry entry, DaysThere there)
    {
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(there);
        var days = entry.Days ?? [];
        DayOfWeek[] free = [.. FromMonday.Where(d => !days.Contains(d) && d != entry.FavouriteOff && there.Riders.Contains(d))];
        if (days.Count >= MostDays || free.Length == 0)
        {
            return null;
        }

        var day = free.FirstOrDefault(there.Arena.Contains, free[0]);
        return (
            entry with
            {
                Days = [.. days, day],
                ArenaDays = there.Arena.Contains(day) ? [.. entry.ArenaDays ?? [], day] : entry.ArenaDays,
                HelperDays = there.Helpers.Contains(day) ? [.. entry.HelperDays ?? [], day] : entry.HelperDays,
            },
            $"{days.Count + 1} days a week, {day} as well"
        );
    }

    /// <summary>Somebody on the ground on one more day that is worked; null where there is no such day.</summary>
    public static (BlockEntry Entry, string Says)? HelpMore(BlockEntry entry, DaysThere there)
    {
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(there);
        var helped = entry.HelperDays ?? [];
        DayOfWeek[] alone = [.. FromMonday.Where(d => entry.Days?.Contains(d) == true && !helped.Contains(d) && there.Helpers.Contains(d))];
        if (alone.Length == 0)
        {
            return null;
        }

        var day = alone.FirstOrDefault(d => entry.ArenaDays?.Contains(d) == true, alone[0]);
        return (entry with { HelperDays = [.. helped, day] }, $"Somebody on the ground on {day} as well");
    }
}
