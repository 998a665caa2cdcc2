using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Conditioning;

/// <summary>One day's work: minutes, and load where someone said how hard it was.</summary>
public sealed record DayLoad(DateOnly On, double Minutes, double? Load);

/// <summary>A week of work, from its Monday.</summary>
/// <param name="Monday">Its first day.</param>
/// <param name="Minutes">Minutes of work.</param>
/// <param name="Load">Exertion times minutes (Foster 2001); days of which nobody said how hard they were add nothing.</param>
/// <param name="Unsaid">Days worked without a word on exertion.</param>
/// <param name="Monotony">Mean over standard deviation of the seven daily loads (Foster 1998); null where they are all the same.</param>
/// <param name="Strain">Load times monotony; null with it.</param>
/// <param name="Growth">Against the week it is measured by, as a share; null where there is none to measure by.</param>
/// <param name="MeasuredBy">The Monday of that week: the one before, or the one before a lighter week.</param>
/// <param name="TooFast">It grew by more than a week may.</param>
public sealed record WeekLoad(
    DateOnly Monday,
    double Minutes,
    double Load,
    int Unsaid,
    double? Monotony,
    double? Strain,
    double? Growth,
    DateOnly? MeasuredBy,
    bool TooFast
);

/// <summary>Load over weeks, with the short and the long moving average as they stand.</summary>
/// <param name="Weeks">The earliest first.</param>
/// <param name="ShortAverage">Seven days.</param>
/// <param name="LongAverage">Twenty-eight days.</param>
/// <param name="Why">Rule, inputs, source. Averages inform; the weekly growth decides, since it is plain and their ratio is disputed.</param>
public sealed record TrainingLoad(IReadOnlyList<WeekLoad> Weeks, double? ShortAverage, double? LongAverage, Why Why)
{
    /// <param name="days">Days worked, in any order; several of one day add up.</param>
    /// <param name="weeks">How many weeks to show, the one of <paramref name="today"/> last.</param>
    /// <param name="today">The day it is looked at.</param>
    public static TrainingLoad Of(IReadOnlyList<DayLoad> days, int weeks, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(days);
        ArgumentOutOfRangeException.ThrowIfLessThan(weeks, 1);
        var byDay = days.Where(d => d.On <= today)
            .GroupBy(d => d.On)
            .ToDictionary(
                g => g.Key,
                g => (Minutes: g.Sum(d => d.Minutes), Load: g.Sum(d => d.Load ?? 0), Unsaid: g.Any(d => d.Load is null))
            );
        var first = Monday(today).AddDays(-7 * (weeks - 1));
        var plain = Enumerable.Range(0, weeks).Select(w => Week(first.AddDays(7 * w), byDay)).ToList();
        return new TrainingLoad(
            [.. plain.Select((w, i) => Measured(w, plain[..i], today))],
            Average(byDay, today, LoadFigures.ShortAverage.Value),
            Average(byDay, today, LoadFigures.LongAverage.Value),
            new Why(
                "A week's minutes grow by at most a tenth, and the week after a lighter one is measured against the week before it",
                ["load is exertion times minutes", "averages begin with the first day's load"],
                LoadFigures.WeeklyGrowth.Source
            )
        );
    }

    public static DateOnly Monday(DateOnly on) => on.AddDays(-(((int)on.DayOfWeek + 6) % 7));

    /// <summary>Mean over sample standard deviation; null where all are the same, and never infinite.</summary>
    internal static double? MonotonyOf(IReadOnlyList<double> loads)
    {
        var mean = loads.Average();
        var deviation = Math.Sqrt(loads.Sum(l => (l - mean) * (l - mean)) / (loads.Count - 1));
        return deviation < 1e-9 ? null : mean / deviation;
    }

    /// <summary>
    /// Exponentially weighted, lambda 2/(n+1), starting at the first day's load (Williams 2017); null where nothing
    /// was ever worked.
    /// </summary>
    private static double? Average(Dictionary<DateOnly, (double Minutes, double Load, bool Unsaid)> byDay, DateOnly today, int days)
    {
        if (byDay.Count == 0)
        {
            return null;
        }

        var lambda = 2.0 / (days + 1);
        var first = byDay.Keys.Min();
        var average = byDay[first].Load;
        for (var on = first.AddDays(1); on <= today; on = on.AddDays(1))
        {
            average = (lambda * byDay.GetValueOrDefault(on).Load) + ((1 - lambda) * average);
        }

        return average;
    }

    private static WeekLoad Week(DateOnly monday, Dictionary<DateOnly, (double Minutes, double Load, bool Unsaid)> byDay)
    {
        var days = Enumerable.Range(0, 7).Select(d => byDay.GetValueOrDefault(monday.AddDays(d))).ToList();
        var load = days.Sum(d => d.Load);
        var monotony = MonotonyOf([.. days.Select(d => d.Load)]);
        return new WeekLoad(
            monday,
            days.Sum(d => d.Minutes),
            load,
            days.Count(d => d.Unsaid),
            monotony,
            load * monotony,
            null,
            null,
            false
        );
    }

    /// <summary>A week under way is not measured yet, it would always look lighter; and none by the week in which work began.</summary>
    private static WeekLoad Measured(WeekLoad week, IReadOnlyList<WeekLoad> before, DateOnly today)
    {
        var measure =
            before is [.., var first, var lighter] && first.Minutes > 0 && lighter.Minutes <= LoadFigures.LighterWeek.Value * first.Minutes
                ? first
            : before.Count > 0 ? before[^1]
            : null;
        var onlyBegan = before is [.., { Minutes: <= 0 }, var start] && measure == start;
        if (measure is null || measure.Minutes <= 0 || onlyBegan || week.Monday.AddDays(6) > today)
        {
            return week;
        }

        var growth = (week.Minutes / measure.Minutes) - 1;
        return week with { Growth = growth, MeasuredBy = measure.Monday, TooFast = growth > LoadFigures.WeeklyGrowth.Value + 1e-9 };
    }
}
