using CsCheck;
using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Measures;

/// <summary>Units of length, against the international yard and pound agreement of 1959 (1 yd = 0.9144 m exactly).</summary>
public class DistanceTests
{
    [Theory]
    [InlineData(3, 0, 0.9144)]
    [InlineData(1, 0, 0.3048)]
    [InlineData(0, 1, 0.0254)]
    [InlineData(12, 0, 3.6576)]
    [InlineData(4, 6, 1.3716)]
    [InlineData(9, 0, 2.7432)]
    [InlineData(5280, 0, 1609.344)]
    public void Feet_and_inches_are_international(double feet, double inches, double metres) =>
        Distance.FromFeet(feet, inches).Metres.ShouldBe(metres, 1e-9);

    [Fact]
    public void Metres_survive_the_way_through_feet_and_back() =>
        Gen.Double[0, 1000].Sample(m => Math.Abs(Distance.FromFeet(Distance.FromMetres(m).Feet).Metres - m) < 1e-9);

    [Fact]
    public void Adding_and_taking_away_again_leaves_what_was_there() =>
        Gen.Select(Gen.Double[0, 500], Gen.Double[0, 500])
            .Sample((a, b) => Math.Abs((Distance.FromMetres(a) + Distance.FromMetres(b) - Distance.FromMetres(b)).Metres - a) < 1e-9);

    [Fact]
    public void Longer_in_metres_is_longer_in_feet() =>
        Gen.Select(Gen.Double[0, 500], Gen.Double[0, 500])
            .Sample((a, b) => Distance.FromMetres(a) < Distance.FromMetres(b) == Distance.FromMetres(a).Feet < Distance.FromMetres(b).Feet);

    [Theory]
    [InlineData(-0.01)]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    public void There_is_no_distance_below_nothing_or_beyond_measure(double metres) =>
        Should.Throw<ArgumentOutOfRangeException>(() => Distance.FromMetres(metres));

    [Fact]
    public void The_shorter_cannot_lose_the_longer() =>
        Should.Throw<ArgumentOutOfRangeException>(() => Distance.FromMetres(1) - Distance.FromMetres(2));

    [Fact]
    public void A_range_holds_both_its_ends_and_clamps_to_them()
    {
        var range = DistanceRange.Metres(1.2, 1.5);
        range.Holds(Distance.FromMetres(1.2)).ShouldBeTrue();
        range.Holds(Distance.FromMetres(1.5)).ShouldBeTrue();
        range.Holds(Distance.FromMetres(1.51)).ShouldBeFalse();
        range.Clamp(Distance.FromMetres(1.1)).Metres.ShouldBe(1.2);
        range.Clamp(Distance.FromMetres(1.7)).Metres.ShouldBe(1.5);
        Should.Throw<ArgumentOutOfRangeException>(() => DistanceRange.Metres(1.5, 1.2));
    }

    [Theory]
    [InlineData(350, 5.8333)]
    [InlineData(220, 3.6667)]
    public void Riders_say_metres_a_minute(double perMinute, double perSecond)
    {
        var speed = Speed.FromMetresPerMinute(perMinute);
        speed.MetresPerSecond.ShouldBe(perSecond, 1e-4);
        speed.Over(2).Metres.ShouldBe(perMinute * 2, 1e-9);
    }
}
