using System.Globalization;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Exercises;

/// <summary>How reliably something succeeds: the last attempts, not the best one.</summary>
/// <param name="Good">Attempts that were good.</param>
/// <param name="Attempts">Attempts counted, ten at most.</param>
/// <param name="Lowest">Lower end of the 95 % interval of the success rate, 0 to 1.</param>
/// <param name="Highest">Upper end.</param>
public sealed record Reliability(int Good, int Attempts, double Lowest, double Highest)
{
    public static readonly Figure<int> Counted = Figure.Chosen(
        "Attempts that count for reliability",
        10,
        "attempts",
        "lately, and not ever"
    );
    public static readonly Figure<int> ConfirmedFrom = Figure.Chosen(
        "Confirmed when so many of the last ten were good",
        9,
        "attempts",
        "one slip in ten is a slip; two are a gap"
    );

    public static readonly Figure<double> StandardNormal = Figure.Published(
        "Standard normal quantile of a 95 % interval",
        1.959964,
        "",
        "Wilson 1927, score interval of a success rate"
    );

    public bool Confirmed => Attempts >= Counted.Value && Good >= ConfirmedFrom.Value;

    public string Says => string.Create(CultureInfo.InvariantCulture, $"{Good} of {Attempts}, so between {Lowest:P0} and {Highest:P0}");

    /// <summary>Of attempts, the latest first, the last ten. Null when there was none.</summary>
    public static Reliability? Of(IEnumerable<bool> latestFirst)
    {
        var last = latestFirst.Take(Counted.Value).ToList();
        if (last.Count == 0)
        {
            return null;
        }

        var good = last.Count(g => g);
        var (lowest, highest) = Wilson(good, last.Count);
        return new Reliability(good, last.Count, lowest, highest);
    }

    /// <summary>Wilson's 95 % score interval of <paramref name="good"/> in <paramref name="attempts"/> (Wilson 1927).</summary>
    /// <exception cref="ArgumentOutOfRangeException">No attempts, or more good ones than attempts.</exception>
    public static (double Lowest, double Highest) Wilson(int good, int attempts)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(attempts);
        ArgumentOutOfRangeException.ThrowIfNegative(good);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(good, attempts);
        var z = StandardNormal.Value;
        var rate = (double)good / attempts;
        var middle = rate + (z * z / (2 * attempts));
        var half = z * Math.Sqrt((rate * (1 - rate) / attempts) + (z * z / (4.0 * attempts * attempts)));
        var scale = 1 + (z * z / attempts);
        return (Math.Max(0, (middle - half) / scale), Math.Min(1, (middle + half) / scale));
    }
}
