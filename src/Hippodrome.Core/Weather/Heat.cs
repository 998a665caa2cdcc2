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

/// <summary>What decided how much care the heat asks for.</summary>
public enum HeatRule
{
    FahrenheitPlusHumidity,
    WetBulbGlobe,
    Temperature,

    /// <summary>The horse's own limit, from its passport.</summary>
    OwnLimit,
}

/// <summary>The advice on heat: the strictest of three readings, all of them named.</summary>
public sealed record HeatAdvice(
    HeatCare Care,
    double FahrenheitPlusHumidity,
    HeatCare CareBySum,
    double WetBulbGlobeC,
    HeatCare CareByWetBulb,
    HeatCare CareByTemperature,
    HeatRule Decided,
    string Says,
    Why Why
);

/// <summary>
/// Three readings side by side, and the strictest decides. A value on a boundary belongs to the stricter band. Fahrenheit
/// plus humidity is asked only where it is warm: below that the sum is humidity talking.
/// </summary>
public static class Heat
{
    public static readonly Figure<double> SumWatch = Figure.Practice("Fahrenheit plus humidity: watch from", 130.0, "");
    public static readonly Figure<double> SumHalve = Figure.Practice("Fahrenheit plus humidity: cut by half from", 150.0, "");
    public static readonly Figure<double> SumNone = Figure.Practice("Fahrenheit plus humidity: no work from", 180.0, "");

    public static readonly Figure<double> SumAsked = Figure.Chosen(
        "Fahrenheit plus humidity is asked from",
        21.0,
        "°C",
        "below that the sum is humidity talking, and damp air must not slow a horse down"
    );
    public static readonly Figure<double> SumDecides = Figure.Chosen(
        "Fahrenheit plus humidity says more than watch from",
        25.0,
        "°C",
        "ordinary damp air is no heat"
    );
    public static readonly Figure<double> AirWatch = Figure.Chosen("Air temperature: watch from", 30.0, "°C", "dry heat escapes the sum");
    public static readonly Figure<double> AirHalve = Figure.Chosen(
        "Air temperature: cut by half from",
        34.0,
        "°C",
        "dry heat escapes the sum"
    );
    public static readonly Figure<double> AirWalk = Figure.Chosen(
        "Air temperature: walk only from",
        38.0,
        "°C",
        "about as warm as the horse itself"
    );
    public static readonly Figure<double> AirNone = Figure.Chosen(
        "Air temperature: no work from",
        42.0,
        "°C",
        "warmer than the horse: the air heats it"
    );

    private const string Guidance = "FEI heat guidance, after Schroter and Marlin 1996";
    public static readonly Figure<double> WetBulbWatch = Figure.Published("Wet-bulb globe temperature: watch from", 28.0, "°C", Guidance);
    public static readonly Figure<double> WetBulbHalve = Figure.Published(
        "Wet-bulb globe temperature: cut by half from",
        30.0,
        "°C",
        Guidance
    );
    public static readonly Figure<double> WetBulbWalk = Figure.Published(
        "Wet-bulb globe temperature: walk only from",
        32.0,
        "°C",
        Guidance
    );
    public static readonly Figure<double> WetBulbNone = Figure.Published("Wet-bulb globe temperature: no work from", 33.0, "°C", Guidance);

    public static readonly Figure<string> WetBulbFormula = Figure.Published(
        "Wet-bulb globe temperature from temperature and humidity",
        "0.567 T + 0.393 e + 3.94, e = RH/100 x 6.105 x exp(17.27 T/(237.7+T))",
        "°C",
        "Australian Bureau of Meteorology approximation"
    );

    /// <summary>Wet-bulb globe temperature in °C, in the open, moderate sun, light wind.</summary>
    public static double WetBulbGlobe(double temperatureC, double humidityPercent)
    {
        var vapour = humidityPercent / 100 * 6.105 * Math.Exp(17.27 * temperatureC / (237.7 + temperatureC));
        return (0.567 * temperatureC) + (0.393 * vapour) + 3.94;
    }

    public static double FahrenheitPlusHumidity(double temperatureC, double humidityPercent) =>
        (temperatureC * 9 / 5) + 32 + humidityPercent;

    /// <summary>The strictest of the readings, and of the horse's own limit, which can only make it stricter.</summary>
    /// <param name="reading">The air.</param>
    /// <param name="ownLimitC">The horse's own limit in °C of air; from it the work is halved.</param>
    public static HeatAdvice Advise(WeatherReading reading, double? ownLimitC = null)
    {
        ArgumentNullException.ThrowIfNull(reading);
        var celsius = reading.TemperatureC;
        var sum = Math.Round(FahrenheitPlusHumidity(celsius, reading.HumidityPercent), 1);
        var bySum = celsius < SumAsked.Value ? HeatCare.Go : Band(sum, SumWatch, SumHalve, null, SumNone);
        bySum = celsius < SumDecides.Value && bySum > HeatCare.Watch ? HeatCare.Watch : bySum;
        var wetBulb = Math.Round(WetBulbGlobe(celsius, reading.HumidityPercent), 1);
        var byWetBulb = Band(wetBulb, WetBulbWatch, WetBulbHalve, WetBulbWalk, WetBulbNone);
        var byAir = Band(celsius, AirWatch, AirHalve, AirWalk, AirNone);
        var byOwn = celsius >= ownLimitC ? HeatCare.Halve : HeatCare.Go;
        (HeatRule Rule, HeatCare Care, Source Source)[] all =
        [
            (HeatRule.FahrenheitPlusHumidity, bySum, SumWatch.Source),
            (HeatRule.WetBulbGlobe, byWetBulb, WetBulbWatch.Source),
            (HeatRule.Temperature, byAir, AirWatch.Source),
            (HeatRule.OwnLimit, byOwn, Source.CommonPractice),
        ];
        var decided = all.MaxBy(r => r.Care);
        List<string> inputs =
        [
            string.Create(
                CultureInfo.InvariantCulture,
                $"{celsius:0.#} °C and {reading.HumidityPercent:0} % humidity{(reading.Simulated ? ", from the simulated weather station" : "")}"
            ),
            celsius < SumAsked.Value
                ? string.Create(CultureInfo.InvariantCulture, $"Fahrenheit plus humidity is not asked under {SumAsked.Value:0} °C")
                : string.Create(CultureInfo.InvariantCulture, $"Fahrenheit plus humidity {sum:0}: {Say(bySum)}"),
            string.Create(CultureInfo.InvariantCulture, $"wet-bulb globe temperature {wetBulb:0.0} °C: {Say(byWetBulb)}"),
            $"air temperature alone: {Say(byAir)}",
        ];
        if (ownLimitC is { } limit)
        {
            inputs.Add(string.Create(CultureInfo.InvariantCulture, $"its own limit {limit:0.#} °C: {Say(byOwn)}"));
        }

        return new HeatAdvice(
            decided.Care,
            sum,
            bySum,
            wetBulb,
            byWetBulb,
            byAir,
            decided.Rule,
            Say(decided.Care),
            new Why($"The strictest of the heat rules holds: {Say(decided.Rule)}", inputs, decided.Source)
        );
    }

    /// <summary>Work of less than half is what counts as heat for rungs and verdicts.</summary>
    public static bool IsHeat(this HeatCare care) => care >= HeatCare.Halve;

    private static HeatCare Band(double value, Figure<double> watch, Figure<double> halve, Figure<double>? walk, Figure<double> none) =>
        value >= none.Value ? HeatCare.None
        : value >= walk?.Value ? HeatCare.WalkOnly
        : value >= halve.Value ? HeatCare.Halve
        : value >= watch.Value ? HeatCare.Watch
        : HeatCare.Go;

    private static string Say(HeatRule rule) =>
        rule switch
        {
            HeatRule.FahrenheitPlusHumidity => "Fahrenheit plus humidity",
            HeatRule.WetBulbGlobe => "wet-bulb globe temperature",
            HeatRule.Temperature => "air temperature",
            _ => "its own limit",
        };

    private static string Say(HeatCare care) =>
        care switch
        {
            HeatCare.Go => "work as planned",
            HeatCare.Watch => "work, and watch for heavy sweat and fast breathing",
            HeatCare.Halve => "halve trot, canter and efforts, and ride early",
            HeatCare.WalkOnly => "walk only",
            _ => "no work",
        };
}
