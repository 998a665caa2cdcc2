using CsCheck;
using Hippodrome.Core.Weather;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Weather;

public class HeatTests
{
    // Common practice, no source: degrees Fahrenheit plus per cent humidity; under 130 go, 130 watch, 150 cut by half,
    // 180 none. A value on the boundary belongs to the stricter band.
    [Theory]
    [InlineData(20, 50, 118, HeatCare.Go)]
    [InlineData(25, 53, 130, HeatCare.Watch)]
    [InlineData(25, 52.9, 129.9, HeatCare.Go)]
    [InlineData(30, 64, 150, HeatCare.Halve)]
    [InlineData(35, 85, 180, HeatCare.None)]
    public void The_sum_of_fahrenheit_and_humidity(double celsius, double humidity, double sum, HeatCare care)
    {
        var advice = Heat.Advise(new WeatherReading(celsius, humidity, false));
        advice.FahrenheitPlusHumidity.ShouldBe(sum, 1e-9);
        advice.CareBySum.ShouldBe(care);
    }

    // Australian Bureau of Meteorology, approximation of the wet-bulb globe temperature (formula from memory), worked
    // by hand: at 25 degC and 50 % the vapour pressure is 15.83 hPa, so 14.18 + 6.22 + 3.94 = 24.34.
    [Theory]
    [InlineData(25, 50, 24.34)]
    [InlineData(30, 60, 30.94)]
    [InlineData(35, 40, 32.60)]
    [InlineData(0, 100, 6.34)]
    public void Wet_bulb_globe_temperature_by_the_published_approximation(double celsius, double humidity, double wetBulb) =>
        Heat.WetBulbGlobe(celsius, humidity).ShouldBe(wetBulb, 0.02);

    // FEI heat guidance, after Schroter and Marlin 1996 (values from memory): 28, 30, 32, 33 degC are steps of care.
    [Theory]
    [InlineData(27.9, HeatCare.Go)]
    [InlineData(28, HeatCare.Watch)]
    [InlineData(30, HeatCare.Halve)]
    [InlineData(32, HeatCare.WalkOnly)]
    [InlineData(33, HeatCare.None)]
    public void Steps_of_care_by_wet_bulb(double wetBulb, HeatCare care)
    {
        // Dry air, so that only the temperature counts: 0.567 T + 3.94.
        var advice = Heat.Advise(new WeatherReading((wetBulb - 3.94 + 1e-9) / 0.567, 0, false));
        advice.WetBulbGlobeC.ShouldBe(wetBulb, 1e-6);
        advice.CareByWetBulb.ShouldBe(care);
    }

    [Fact]
    public void The_strictest_of_the_three_holds_and_all_are_named() =>
        Gen.Select(Gen.Double[-10, 45], Gen.Double[0, 100])
            .Sample(
                (celsius, humidity) =>
                {
                    var advice = Heat.Advise(new WeatherReading(celsius, humidity, false));
                    return advice.Care == new[] { advice.CareBySum, advice.CareByWetBulb, advice.CareByTemperature }.Max()
                        && advice.Why.Inputs.Count == 4;
                }
            );

    // Chosen for Hippodrome: the sum is asked from 21.0 degC, and says no more than watch under 25.
    [Theory]
    [InlineData(20.9, 100, HeatCare.Go)]
    [InlineData(21.0, 100, HeatCare.Watch)]
    [InlineData(24.9, 100, HeatCare.Watch)]
    [InlineData(25.0, 100, HeatCare.Halve)]
    [InlineData(4, 98, HeatCare.Go)]
    public void Ordinary_damp_air_does_not_slow_a_horse_down(double celsius, double humidity, HeatCare bySum) =>
        Heat.Advise(new WeatherReading(celsius, humidity, false)).CareBySum.ShouldBe(bySum);

    // Chosen for Hippodrome: dry heat escapes the sum.
    [Theory]
    [InlineData(29.9, HeatCare.Go)]
    [InlineData(30, HeatCare.Watch)]
    [InlineData(34, HeatCare.Halve)]
    [InlineData(38, HeatCare.WalkOnly)]
    [InlineData(42, HeatCare.None)]
    public void Air_temperature_alone(double celsius, HeatCare care)
    {
        var advice = Heat.Advise(new WeatherReading(celsius, 5, false));
        advice.CareByTemperature.ShouldBe(care);
        (advice.Care >= care).ShouldBeTrue();
    }

    [Theory]
    [InlineData(26.0, 25.9, HeatCare.Go)]
    [InlineData(26.0, 26.0, HeatCare.Halve)]
    [InlineData(null, 26.0, HeatCare.Go)]
    public void A_horses_own_limit_can_only_make_it_stricter(double? limit, double celsius, HeatCare care)
    {
        var advice = Heat.Advise(new WeatherReading(celsius, 40, false), limit);
        advice.Care.ShouldBe(care);
        (advice.Decided == HeatRule.OwnLimit).ShouldBe(care == HeatCare.Halve);
        Heat.Advise(new WeatherReading(38, 60, false), 20).Care.ShouldBe(Heat.Advise(new WeatherReading(38, 60, false)).Care);
    }

    [Fact]
    public void Hotter_or_damper_is_never_safer() =>
        Gen.Select(Gen.Double[-10, 45], Gen.Double[0, 100], Gen.Double[0, 10], Gen.Double[0, 20])
            .Sample(
                (celsius, humidity, hotter, damper) =>
                    Heat.Advise(new WeatherReading(celsius, humidity, false)).Care
                    <= Heat.Advise(new WeatherReading(celsius + hotter, Math.Min(100, humidity + damper), false)).Care
            );

    [Fact]
    public void A_simulated_reading_says_so() => Heat.Advise(new WeatherReading(20, 50, true)).Why.Inputs[0].ShouldContain("simulated");
}
