using Hippodrome.Core.Weather;

namespace Hippodrome.Simulators;

/// <summary>
/// Stands in for a weather station at the arena: a temperate year with warm afternoons, the same
/// reading for the same hour every time. Its readings always say that they are simulated.
/// </summary>
public static class WeatherStation
{
    public static WeatherReading Read(DateTimeOffset at)
    {
        var season = Math.Cos((at.DayOfYear - 200) / 365.0 * 2 * Math.PI);
        var hour = Math.Cos((at.Hour - 15) / 24.0 * 2 * Math.PI);
        // Whole-number arithmetic, so that every server draws the same "weather of the day".
        var ofTheDay = ((at.DayOfYear * 7919) + at.Year) % 97 / 97.0;
        var temperature = 10.5 + (8 * season) + (3.5 * hour) + (6 * (ofTheDay - 0.5));
        var humidity = 72 - (10 * season) - (10 * hour) + (16 * (0.5 - ofTheDay));
        return new WeatherReading(Math.Round(temperature, 1), Math.Round(Math.Clamp(humidity, 25, 100)), Simulated: true);
    }
}
