using CsCheck;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>The words for a gap. Thresholds chosen for Hippodrome.</summary>
public class FitTests
{
    [Theory]
    [InlineData(0.80, Fit.TooShort)]
    [InlineData(0.879, Fit.TooShort)]
    [InlineData(0.88, Fit.Tight)]
    [InlineData(0.949, Fit.Tight)]
    [InlineData(0.95, Fit.True)]
    [InlineData(1.00, Fit.True)]
    [InlineData(1.05, Fit.True)]
    [InlineData(1.051, Fit.Forward)]
    [InlineData(1.10, Fit.Forward)]
    [InlineData(1.101, Fit.Long)]
    public void The_word_follows_from_needed_over_own(double share, Fit fit) => Fits.Of(share).ShouldBe(fit);

    [Fact]
    public void A_longer_gap_is_never_called_shorter() =>
        Gen.Select(Gen.Double[0.5, 1.5], Gen.Double[0.5, 1.5]).Sample((a, b) => Fits.Of(Math.Min(a, b)) <= Fits.Of(Math.Max(a, b)));
}
