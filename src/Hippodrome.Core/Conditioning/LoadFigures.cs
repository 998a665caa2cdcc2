using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Conditioning;

/// <summary>What work adds up to over days and weeks, and how fast it may grow.</summary>
public static class LoadFigures
{
    public static readonly Figure<int> ShortAverage = Figure.Published(
        "Short moving average of load",
        7,
        "days, lambda 2/(7+1)",
        "Williams 2017"
    );
    public static readonly Figure<int> LongAverage = Figure.Published(
        "Long moving average of load",
        28,
        "days, lambda 2/(28+1)",
        "Williams 2017"
    );
    public static readonly Figure<string> Monotony = Figure.Published(
        "Monotony of a week: mean over standard deviation of its daily loads; strain: their sum times monotony",
        "mean/SD",
        "",
        "Foster 1998"
    );
    public static readonly Figure<double> WeeklyGrowth = Figure.Chosen(
        "Weekly minutes grow by at most",
        0.10,
        "of the week before",
        "a common ceiling; tissue hardens slower than the will to work"
    );
    public static readonly Figure<double> LighterWeek = Figure.Chosen(
        "A lighter week is one at most",
        0.80,
        "of the week before",
        "every fourth week drops by a quarter, and a day more or less is no matter; the week after it is measured against the week before it"
    );
}
