using Hippodrome.Core.Weather;

namespace Hippodrome.Storage.Weather;

/// <summary>Readings that people typed.</summary>
public static class WeatherStore
{
    /// <summary>The latest reading of a day; null where nobody has typed one.</summary>
    public static async Task<WeatherReading?> WeatherTypedAsync(this YardSession yard, DateOnly on) =>
        (
            await yard.QueryAsync<ReadingRow>(
                "select temperature_c, humidity_percent from weather_reading where yard_id = @yard and on_day = @on order by taken_at desc limit 1",
                new { on }
            )
        )
            .Select(r => new WeatherReading(r.TemperatureC, r.HumidityPercent, false))
            .FirstOrDefault();

    public static Task AddWeatherAsync(this YardSession yard, DateOnly on, DateTimeOffset at, WeatherReading reading, Guid by)
    {
        ArgumentNullException.ThrowIfNull(reading);
        return yard.ExecuteAsync(
            "insert into weather_reading (yard_id, id, on_day, taken_at, temperature_c, humidity_percent, by_person) values (@yard, @id, @on, @at, @TemperatureC, @HumidityPercent, @by)",
            new
            {
                id = Guid.NewGuid(),
                on,
                at = at.ToUniversalTime(),
                reading.TemperatureC,
                reading.HumidityPercent,
                by,
            }
        );
    }

    private sealed record ReadingRow(double TemperatureC, double HumidityPercent);
}
