using Hippodrome.Core.Weather;

namespace Hippodrome.Simulators;

/// <summary>
/// Stands in for a weather service: a temperate year with warm afternoons and a few hot spells in summer, the same
/// reading for the same hour every time. Its readings always say that they are simulated.
/// </summary>
public static class WeatherStation
{
    /// <summary>The air at a moment.</summary>
    public static WeatherReading Read(DateTimeOffset at)
    {
        var season = Math.Cos((at.DayOfYear - 200) / 365.0 * 2 * Math.PI);
        var hour = Math.Cos((at.Hour - 15) / 24.0 * 2 * Math.PI);
        // Whole-number arithmetic, so that every server draws the same "weather of the day".
        var ofTheDay = ((at.DayOfYear * 7919) + at.Year) % 97 / 97.0;
        var spell = HotSpell(at.DayOfYear);
        var temperature = 10.5 + (8 * season) + ((3.5 + (2 * spell)) * hour) + (6 * (ofTheDay - 0.5)) + (8.5 * spell);
        var humidity = 72 - (10 * season) - (10 * hour) + (16 * (0.5 - ofTheDay)) - (6 * spell);
        return new WeatherReading(Math.Round(temperature, 1), Math.Round(Math.Clamp(humidity, 25, 100)), Simulated: true);
    }

    /// <summary>The hours of a day.</summary>
    public static IReadOnlyList<HourOfDay> Forecast(DateOnly day, TimeSpan offset) =>
        [.. Enumerable.Range(0, 24).Select(h => new HourOfDay(h, Read(new DateTimeOffset(day, new TimeOnly(h, 0), offset))))];

    /// <summary>From 0 to 1: two spells in summer that build up over four days and break.</summary>
    private static double HotSpell(int dayOfYear) =>
        dayOfYear is >= 174 and < 182 ? Strength(dayOfYear - 174)
        : dayOfYear is >= 198 and < 208 ? Strength(dayOfYear - 198)
        : 0;

    private static double Strength(int day) => Math.Min(1, (day + 1) / 4.0);
}
