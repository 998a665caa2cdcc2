using System.Globalization;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Weather;

/// <summary>What the air was like, and who says so.</summary>
/// <param name="TemperatureC">Degrees Celsius.</param>
/// <param name="HumidityPercent">Relative humidity.</param>
/// <param name="Simulated">True when it comes from the stand-in weather station and not from a person or a device.</param>
public sealed record WeatherReading(double TemperatureC, double HumidityPercent, bool Simulated);

/// <summary>How much care the heat asks for, from least to most.</summary>
public enum HeatCare
{
    Go,
    Watch,
    Halve,
    WalkOnly,
    None,
}

/// <summary>The advice on heat: the stricter of two readings, both named.</summary>
public sealed record HeatAdvice(HeatCare Care, double FahrenheitPlusHumidity, HeatCare CareBySum, double WetBulbGlobeC, HeatCare CareByWetBulb, string Says, Why Why);

/// <summary>
/// Two rules of thumb, side by side. A value on a boundary belongs to the stricter band.
/// </summary>
public static class Heat
{
    public static readonly Figure<double> SumWatch = Figure.Practice("Fahrenheit plus humidity: watch from", 130.0, "");
    public static readonly Figure<double> SumHalve = Figure.Practice("Fahrenheit plus humidity: cut by half from", 150.0, "");
    public static readonly Figure<double> SumNone = Figure.Practice("Fahrenheit plus humidity: no work from", 180.0, "");

    private const string Guidance = "FEI heat guidance, after Schroter and Marlin 1996";
    public static readonly Figure<double> WetBulbWatch = Figure.Published("Wet-bulb globe temperature: watch from", 28.0, "°C", Guidance);
    public static readonly Figure<double> WetBulbHalve = Figure.Published("Wet-bulb globe temperature: cut by half from", 30.0, "°C", Guidance);
    public static readonly Figure<double> WetBulbWalk = Figure.Published("Wet-bulb globe temperature: walk only from", 32.0, "°C", Guidance);
    public static readonly Figure<double> WetBulbNone = Figure.Published("Wet-bulb globe temperature: no work from", 33.0, "°C", Guidance);

    public static readonly Figure<string> WetBulbFormula = Figure.Published(
        "Wet-bulb globe temperature from temperature and humidity", "0.567 T + 0.393 e + 3.94, e = RH/100 x 6.105 x exp(17.27 T/(237.7+T))", "°C", "Australian Bureau of Meteorology approximation");

    /// <summary>Wet-bulb globe temperature in °C, in the open, moderate sun, light wind.</summary>
    public static double WetBulbGlobe(double temperatureC, double humidityPercent)
    {
        var vapour = humidityPercent / 100 * 6.105 * Math.Exp(17.27 * temperatureC / (237.7 + temperatureC));
        return (0.567 * temperatureC) + (0.393 * vapour) + 3.94;
    }

    public static double FahrenheitPlusHumidity(double temperatureC, double humidityPercent) =>
        (temperatureC * 9 / 5) + 32 + humidityPercent;

    public static HeatAdvice Advise(WeatherReading reading)
    {
        ArgumentNullException.ThrowIfNull(reading);
        var sum = FahrenheitPlusHumidity(reading.TemperatureC, reading.HumidityPercent);
        var bySum = sum >= SumNone.Value ? HeatCare.None : sum >= SumHalve.Value ? HeatCare.Halve : sum >= SumWatch.Value ? HeatCare.Watch : HeatCare.Go;
        var wetBulb = WetBulbGlobe(reading.TemperatureC, reading.HumidityPercent);
        var byWetBulb = wetBulb switch
        {
            _ when wetBulb >= WetBulbNone.Value => HeatCare.None,
            _ when wetBulb >= WetBulbWalk.Value => HeatCare.WalkOnly,
            _ when wetBulb >= WetBulbHalve.Value => HeatCare.Halve,
            _ when wetBulb >= WetBulbWatch.Value => HeatCare.Watch,
            _ => HeatCare.Go,
        };
        var care = (HeatCare)Math.Max((int)bySum, (int)byWetBulb);
        string[] inputs =
        [
            string.Create(CultureInfo.InvariantCulture, $"{reading.TemperatureC:0.#} °C and {reading.HumidityPercent:0} % humidity{(reading.Simulated ? ", from the simulated weather station" : "")}"),
            string.Create(CultureInfo.InvariantCulture, $"Fahrenheit plus humidity {sum:0}: {Say(bySum)}"),
            string.Create(CultureInfo.InvariantCulture, $"wet-bulb globe temperature {wetBulb:0.0} °C: {Say(byWetBulb)}"),
        ];
        var source = byWetBulb > bySum ? WetBulbWatch.Source : SumWatch.Source;
        return new HeatAdvice(care, sum, bySum, wetBulb, byWetBulb, Say(care), new Why("The stricter of the two heat rules holds", inputs, source));
    }

    private static string Say(HeatCare care) => care switch
    {
        HeatCare.Go => "work as planned",
        HeatCare.Watch => "work, and watch for heavy sweat and fast breathing",
        HeatCare.Halve => "halve the work and ride early",
        HeatCare.WalkOnly => "walk only",
        _ => "no work today",
    };
}
