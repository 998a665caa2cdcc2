using CsCheck;
using Hippodrome.Core.Exercises;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Exercises;

public class ReliabilityTests
{
    // Wilson 1927, score interval at 95 %: 9 of 10 gives 0.596 to 0.982; the others worked with the closed formula
    // (general statistics): all of ten leaves 0.722, none of ten 0.278.
    [Theory]
    [InlineData(9, 10, 0.596, 0.982)]
    [InlineData(10, 10, 0.722, 1.000)]
    [InlineData(0, 10, 0.000, 0.278)]
    [InlineData(5, 10, 0.237, 0.763)]
    [InlineData(1, 1, 0.207, 1.000)]
    public void The_interval_is_wilsons(int good, int attempts, double lowest, double highest)
    {
        var interval = Reliability.Wilson(good, attempts);
        interval.Lowest.ShouldBe(lowest, 0.001);
        interval.Highest.ShouldBe(highest, 0.001);
    }

    [Fact]
    public void The_interval_holds_the_rate_and_stays_between_nought_and_one() =>
        Gen.Select(Gen.Int[1, 200], Gen.Int[0, 200])
            .Where((n, k) => k <= n)
            .Sample(
                (n, k) =>
                {
                    var (lowest, highest) = Reliability.Wilson(k, n);
                    return lowest >= 0 && highest <= 1 && lowest <= ((double)k / n) + 1e-12 && highest >= ((double)k / n) - 1e-12;
                }
            );

    [Fact]
    public void More_attempts_at_the_same_rate_leave_less_doubt() =>
        Gen.Select(Gen.Int[1, 50], Gen.Int[0, 50])
            .Where((n, k) => k <= n)
            .Sample(
                (n, k) =>
                {
                    var (few, many) = (Reliability.Wilson(k, n), Reliability.Wilson(4 * k, 4 * n));
                    return many.Highest - many.Lowest < few.Highest - few.Lowest;
                }
            );

    // Chosen for Hippodrome: confirmed is nine of the last ten, lately and not ever.
    [Theory]
    [InlineData("gggggggggb", true)]
    [InlineData("ggggggggbb", false)]
    [InlineData("ggggggggg", false)]
    [InlineData("ggggggggggbbbbbbbbbb", true)]
    [InlineData("bbgggggggggggggggggg", false)]
    public void Confirmed_is_nine_of_the_last_ten(string latestFirst, bool confirmed) =>
        Reliability.Of(latestFirst.Select(c => c == 'g'))!.Confirmed.ShouldBe(confirmed);

    [Fact]
    public void Nothing_tried_has_no_reliability() => Reliability.Of([]).ShouldBeNull();
}
