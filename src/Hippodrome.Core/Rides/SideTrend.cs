using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Rides;

/// <summary>How much better one rein was marked than the other on a day, in per cent; above zero the right was better.</summary>
public sealed record SidePoint(DateOnly On, double Index);

/// <summary>Left against right over the weeks, from the marks of the rides.</summary>
/// <param name="Points">Day by day, the earliest first.</param>
/// <param name="Trend">In per cent a week; null with too few rides.</param>
/// <param name="Weaker">The rein that is marked lower now; null when they are level.</param>
/// <param name="Narrowing">The gap grows smaller, and chance is an unlikely reason; false when it grows wider so; null when neither.</param>
/// <param name="Says">In words.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record SideTrend(IReadOnlyList<SidePoint> Points, Trend? Trend, Side? Weaker, bool? Narrowing, string Says, Why Why)
{
    public static readonly Figure<double> Level = Figure.Chosen(
        "Reins are level within",
        3.0,
        "%",
        "half a mark in a mean of seven rides is noise"
    );

    /// <summary>From rides with a mark on both reins, in any order.</summary>
    public static SideTrend Of(IEnumerable<(DateOnly On, MarksByRein Marks)> rides)
    {
        var points = rides
            .Where(r => r.Marks is { Left: not null, Right: not null })
            .Select(r => (r.On, Index: Asymmetry.Index(r.Marks.Left!.Value, r.Marks.Right!.Value)))
            .Where(p => p.Index is not null)
            .GroupBy(p => p.On)
            .OrderBy(g => g.Key)
            .Select(g => new SidePoint(g.Key, Math.Round(g.Average(p => p.Index!.Value), 1)))
            .ToList();
        var trend = Trend.Of(points.Select(p => (Weeks(p.On, points[0].On), p.Index)));
        if (points.Count == 0)
        {
            return new SideTrend(
                points,
                null,
                null,
                null,
                "No ride has a mark on both reins yet.",
                new Why(Rule, [], Source.CommonPractice)
            );
        }

        var now = trend?.At(Weeks(points[^1].On, points[0].On)) ?? points[^1].Index;
        Side? weaker =
            Math.Abs(now) < Level.Value ? null
            : now > 0 ? Side.Left
            : Side.Right;
        bool? narrowing = trend is not { IsClear: true } ? null : Math.Abs(now) < Math.Abs(trend.At(0));
        return new SideTrend(
            points,
            trend,
            weaker,
            narrowing,
            Say(now, weaker, narrowing, trend, points),
            new Why(Rule, Inputs(points, trend), Source.PublishedFromMemory("Theil 1950, Sen 1968; Mann 1945, Kendall 1975"))
        );
    }

    private const string Rule =
        "(right - left) over their mean; the trend is the median slope between all rides, and its sign is tested by counting rises and falls";

    private static double Weeks(DateOnly on, DateOnly first) => (on.DayNumber - first.DayNumber) / 7.0;

    private static string Say(double now, Side? weaker, bool? narrowing, Trend? trend, List<SidePoint> points)
    {
        if (weaker is null && narrowing == true)
        {
            var then = trend!.At(0);
            return string.Create(
                CultureInfo.InvariantCulture,
                $"The reins have come level: the {(then > 0 ? "left" : "right")} one was {Math.Abs(then):0} % behind on {points[0].On:d MMMM}."
            );
        }

        var level = weaker is { } side
            ? string.Create(CultureInfo.InvariantCulture, $"The {side.Say()} rein is {Math.Abs(now):0} % behind")
            : "The reins are level";
        return trend is null ? $"{level}; too few rides for a trend."
            : narrowing is null ? $"{level}; no clear trend."
            : string.Create(
                CultureInfo.InvariantCulture,
                $"{level}, and the gap {(narrowing.Value ? "narrows" : "widens")} by {Math.Abs(trend.Slope):0.0} points a week."
            );
    }

    private static List<string> Inputs(List<SidePoint> points, Trend? trend)
    {
        var inputs = new List<string>
        {
            string.Create(
                CultureInfo.InvariantCulture,
                $"{points.Count} days with marks on both reins, {points[0].On:d MMM} to {points[^1].On:d MMM}"
            ),
        };
        if (trend is not null)
        {
            inputs.Add(string.Create(CultureInfo.InvariantCulture, $"median slope {trend.Slope:0.00} points a week"));
            inputs.Add(string.Create(CultureInfo.InvariantCulture, $"rises less falls {trend.S}, p = {trend.PValue:0.000}"));
        }

        return inputs;
    }
}
