namespace Hippodrome.Core.Weather;

/// <summary>The air of one hour.</summary>
/// <param name="Hour">From 0 to 23, in the yard.</param>
/// <param name="Reading">What is measured or forecast.</param>
public sealed record HourOfDay(int Hour, WeatherReading Reading);

/// <summary>The hours a yard works in; the last one is worked through.</summary>
public sealed record WorkingHours(int From, int To)
{
    /// <summary>From seven to seven.</summary>
    public static WorkingHours Usual { get; } = new(7, 18);
}

/// <summary>Heat by the hour: a session is held against the worst hour it is ridden in (chosen for Hippodrome).</summary>
public static class HeatOfHours
{
    /// <summary>
    /// The worst hour from start to end; without a start, the worst of the yard's working hours. A reading taken now beats
    /// the forecast where it is stricter. Null where nothing is known of those hours.
    /// </summary>
    public static HeatAdvice? Worst(
        IReadOnlyList<HourOfDay> hours,
        WorkingHours worked,
        TimeOnly? start,
        double minutes,
        WeatherReading? taken = null,
        double? ownLimitC = null
    )
    {
        ArgumentNullException.ThrowIfNull(hours);
        ArgumentNullException.ThrowIfNull(worked);
        var (from, to) = start is { } at ? (at.Hour, Last(at, minutes)) : (worked.From, worked.To);
        var readings = hours.Where(h => h.Hour >= from && h.Hour <= to).Select(h => h.Reading).Concat(taken is null ? [] : [taken]);
        return readings
            .Select(r => Heat.Advise(r, ownLimitC))
            .OrderByDescending(a => a.Care)
            .ThenByDescending(a => a.WetBulbGlobeC)
            .FirstOrDefault();
    }

    /// <summary>The hour to begin at that asks for the least care, the coolest of them; null where nothing is known.</summary>
    public static int? Best(IReadOnlyList<HourOfDay> hours, WorkingHours worked, double minutes, double? ownLimitC = null)
    {
        ArgumentNullException.ThrowIfNull(hours);
        ArgumentNullException.ThrowIfNull(worked);
        return hours
            .Where(h => h.Hour >= worked.From && h.Hour <= worked.To)
            .Select(h => (h.Hour, Heat: Worst(hours, worked, new TimeOnly(h.Hour, 0), minutes, null, ownLimitC)!))
            .OrderBy(h => h.Heat.Care)
            .ThenBy(h => h.Heat.WetBulbGlobeC)
            .Select(h => (int?)h.Hour)
            .FirstOrDefault();
    }

    private static int Last(TimeOnly start, double minutes) =>
        (int)Math.Min(23, (start.ToTimeSpan().TotalMinutes + Math.Max(1, minutes) - 1) / 60);
}
