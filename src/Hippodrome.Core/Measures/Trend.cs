using MathNet.Numerics.Distributions;
using MathNet.Numerics.Statistics;

namespace Hippodrome.Core.Measures;

/// <summary>Where a row of numbers is going, and whether chance would do as well.</summary>
/// <param name="Slope">Median of the slopes between all pairs (Theil 1950, Sen 1968), in units of y for one unit of x.</param>
/// <param name="Intercept">Median of what the slope leaves over.</param>
/// <param name="S">Pairs that rise less pairs that fall (Mann 1945, Kendall 1975).</param>
/// <param name="PValue">How often chance alone gives an S at least this far from nought, either way.</param>
/// <param name="Points">How many points it rests on.</param>
public sealed record Trend(double Slope, double Intercept, int S, double PValue, int Points)
{
    public static readonly Figure<int> ExactUpTo = Figure.Published(
        "Trend test exact up to",
        10,
        "points",
        "Kendall 1975, Rank Correlation Methods"
    );
    public static readonly Figure<int> LeastPoints = Figure.Chosen(
        "Points that make a trend, at least",
        4,
        "points",
        "with three, chance alone puts them in a row one time in three"
    );
    public static readonly Figure<double> Speaks = Figure.Chosen(
        "A trend speaks from a p-value of",
        0.10,
        "or less",
        "a horse has few rides; one in ten is worth a look, and the number is shown"
    );

    /// <summary>Chance is an unlikely reason.</summary>
    public bool IsClear => PValue <= Speaks.Value;

    public double At(double x) => Intercept + (Slope * x);

    /// <summary>The trend of points in any order; points of the same x count as their mean. Null under four of them.</summary>
    public static Trend? Of(IEnumerable<(double X, double Y)> points)
    {
        var row = points.GroupBy(p => p.X).Select(g => (X: g.Key, Y: g.Average(p => p.Y))).OrderBy(p => p.X).ToList();
        if (row.Count < LeastPoints.Value)
        {
            return null;
        }

        var pairs = row.SelectMany((a, i) => row.Skip(i + 1).Select(b => (A: a, B: b))).ToList();
        var slope = pairs.Select(p => (p.B.Y - p.A.Y) / (p.B.X - p.A.X)).Median();
        var s = pairs.Sum(p => Math.Sign(p.B.Y - p.A.Y));
        var ties = row.GroupBy(p => p.Y).Select(g => g.Count()).ToList();
        return new Trend(
            slope,
            row.Select(p => p.Y - (slope * p.X)).Median(),
            s,
            row.Count <= ExactUpTo.Value ? Exact(s, ties) : Approximate(s, row.Count, ties),
            row.Count
        );
    }

    /// <summary>
    /// Among all orders of these values, the share with an S at least as far from nought. Orders are counted by
    /// their inversions, for which equal values share: S is the pairs that differ, less twice the inversions.
    /// </summary>
    private static double Exact(int s, List<int> ties)
    {
        var orders = new double[] { 1 };
        var placed = 0;
        foreach (var tie in ties)
        {
            placed += tie;
            orders = Multiply(orders, WaysToMix(placed, tie));
        }

        var differing = orders.Length - 1;
        return orders.Where((_, inversions) => Math.Abs(differing - (2 * inversions)) >= Math.Abs(s)).Sum() / orders.Sum();
    }

    /// <summary>How many ways of laying k equal values among n make 0, 1, 2... inversions (Gaussian binomial).</summary>
    private static double[] WaysToMix(int n, int k)
    {
        if (k == 0 || k == n)
        {
            return [1];
        }

        var (without, with) = (WaysToMix(n - 1, k), WaysToMix(n - 1, k - 1));
        var ways = new double[(k * (n - k)) + 1];
        for (var i = 0; i < ways.Length; i++)
        {
            ways[i] = (i < with.Length ? with[i] : 0) + (i >= k && i - k < without.Length ? without[i - k] : 0);
        }

        return ways;
    }

    private static double[] Multiply(double[] a, double[] b)
    {
        var product = new double[a.Length + b.Length - 1];
        for (var i = 0; i < a.Length; i++)
        {
            for (var j = 0; j < b.Length; j++)
            {
                product[i + j] += a[i] * b[j];
            }
        }

        return product;
    }

    /// <summary>Normal approximation with continuity correction, the variance corrected for ties.</summary>
    private static double Approximate(int s, int n, List<int> ties)
    {
        var variance = ((n * (n - 1.0) * ((2 * n) + 5)) - ties.Sum(t => t * (t - 1.0) * ((2 * t) + 5))) / 18;
        return variance == 0 || s == 0 ? 1 : 2 * Normal.CDF(0, 1, -(Math.Abs(s) - 1) / Math.Sqrt(variance));
    }
}
