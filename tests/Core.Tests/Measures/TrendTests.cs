using CsCheck;
using Hippodrome.Core.Measures;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Measures;

public class TrendTests
{
    /// <summary>The worked example of Sen 1968, J. Am. Stat. Assoc. 63:1379-1389 (values from memory): the slope is 4.</summary>
    [Fact]
    public void Slope_of_the_worked_example_is_four() =>
        Trend.Of([(1, 9), (2, 15), (3, 19), (4, 20), (10, 45), (12, 55), (18, 78)])!.Slope.ShouldBe(4.0, 1e-9);

    /// <summary>Upper tails of S from Kendall 1975, Rank Correlation Methods, appendix table 1 (values from memory), doubled for both ways.</summary>
    [Theory]
    [InlineData(4, 6, 0.042)]
    [InlineData(4, 4, 0.167)]
    [InlineData(5, 10, 0.0083)]
    [InlineData(5, 8, 0.042)]
    [InlineData(5, 6, 0.117)]
    [InlineData(8, 16, 0.031)]
    [InlineData(8, 18, 0.016)]
    [InlineData(10, 19, 0.054)]
    [InlineData(10, 21, 0.036)]
    [InlineData(10, 23, 0.023)]
    public void Exact_probabilities_are_those_of_the_table(int n, int s, double oneSided) =>
        Trend.Of(RowWith(n, s))!.PValue.ShouldBe(2 * oneSided, 0.0011);

    /// <summary>Every order of the same values, counted one by one.</summary>
    [Fact]
    public void Exact_probabilities_are_the_share_of_all_orders_with_ties_or_without() =>
        Gen.Int[0, 4]
            .Array[4, 6]
            .Sample(
                values =>
                {
                    var s = S(values);
                    var orders = Orders(values).ToList();
                    var share = orders.Count(o => Math.Abs(S(o)) >= Math.Abs(s)) / (double)orders.Count;
                    Trend.Of(values.Select((y, x) => ((double)x, (double)y)))!.PValue.ShouldBe(share, 1e-9);
                },
                iter: Cases.Sums
            );

    /// <summary>z = (S - 1) / sqrt(n(n-1)(2n+5)/18): 12 rising points give S 66, sigma 14.58, z 4.46, p 8.2e-6 (normal table).</summary>
    [Fact]
    public void Beyond_ten_points_the_normal_curve_answers()
    {
        var rising = Trend.Of(Enumerable.Range(0, 12).Select(i => ((double)i, i * 2.0)))!;
        (rising.S, rising.Points).ShouldBe((66, 12));
        rising.PValue.ShouldBe(8.2e-6, 2e-7);
        Trend.Of(Enumerable.Range(0, 12).Select(i => ((double)i, 5.0)))!.PValue.ShouldBe(1);
    }

    [Fact]
    public void Three_points_are_no_trend() => Trend.Of([(1, 1), (2, 2), (3, 3)]).ShouldBeNull();

    [Fact]
    public void Two_rides_of_a_day_count_as_their_mean() =>
        Trend.Of([(1, 1), (1, 3), (2, 3), (3, 4), (4, 5)])!.ShouldBe(Trend.Of([(1, 2), (2, 3), (3, 4), (4, 5)]));

    [Fact]
    public void One_wild_point_does_not_turn_the_slope() =>
        Trend.Of([(0, 10), (1, 9), (2, 8), (3, 50), (4, 6), (5, 5), (6, 4)])!.Slope.ShouldBe(-1, 0.01);

    /// <summary>Order of arrival is nothing; the mirror image has the opposite slope and the same probability.</summary>
    [Fact]
    public void Mirrored_points_have_the_opposite_slope() =>
        Gen.Double[-20, 20]
            .Array[4, 14]
            .Sample(
                ys =>
                {
                    var points = ys.Select((y, i) => ((double)i, y)).ToList();
                    var (up, down) = (Trend.Of(points)!, Trend.Of(points.Select(p => (p.Item1, -p.y)).Reverse())!);
                    down.Slope.ShouldBe(-up.Slope, 1e-9);
                    down.PValue.ShouldBe(up.PValue, 1e-9);
                },
                iter: Cases.Sums
            );

    /// <summary>A row of 1..n with the S asked for: from all rising, each swap of neighbours costs two.</summary>
    private static List<(double X, double Y)> RowWith(int n, int s)
    {
        var row = Enumerable.Range(1, n).ToList();
        var swaps = ((n * (n - 1) / 2) - s) / 2;
        for (var i = 0; i < n && swaps > 0; i++)
        {
            for (var j = 0; j + 1 < n - i && swaps > 0; j++, swaps--)
            {
                (row[j], row[j + 1]) = (row[j + 1], row[j]);
            }
        }

        return [.. row.Select((y, i) => ((double)i, (double)y))];
    }

    private static int S(int[] v) =>
        Enumerable.Range(0, v.Length).Sum(i => Enumerable.Range(i + 1, v.Length - i - 1).Sum(j => Math.Sign(v[j] - v[i])));

    private static IEnumerable<int[]> Orders(int[] v) =>
        v.Length <= 1
            ? [v]
            : Enumerable.Range(0, v.Length).SelectMany(i => Orders([.. v[..i], .. v[(i + 1)..]]).Select(rest => (int[])[v[i], .. rest]));
}
