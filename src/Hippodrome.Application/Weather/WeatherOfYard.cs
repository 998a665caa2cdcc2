using Hippodrome.Core.Measures;
using Hippodrome.Core.Weather;
using Hippodrome.Storage.Weather;
using Hippodrome.Storage.Yards;

namespace Hippodrome.Application.Weather;

/// <summary>The yard's weather: where it comes from, the hours it works in, and the air now.</summary>
public sealed record WeatherView(WeatherSource Source, int WorksFrom, int WorksTo, WeatherReading? Now, HeatAdvice? Heat);

/// <summary>A reading as typed.</summary>
public sealed record WeatherEntry(double? TemperatureC = null, double? HumidityPercent = null);

/// <summary>Where readings come from, and the hours the yard works in.</summary>
public sealed record WeatherSourceEntry(WeatherSource? Source = null, int? WorksFrom = null, int? WorksTo = null);

/// <summary>Readings of the air that somebody typed, and whose forecast the yard goes by.</summary>
public static class WeatherOfYard
{
    public static async Task<Answer<WeatherView>> TypeAsync(WeatherEntry entry, Visit visit)
    {
        var checks = new Checks();
        var celsius = checks.Number("temperatureC", entry.TemperatureC, -30, 50, "°C");
        var humidity = checks.Number("humidityPercent", entry.HumidityPercent, 0, 100, "%");
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        await visit.Yard.AddWeatherAsync(visit.Today, visit.Now, new WeatherReading(celsius, humidity, false), visit.Me.Id);
        return await ShowAsync(visit);
    }

    public static async Task<Answer<WeatherView>> ChooseAsync(WeatherSourceEntry entry, Visit visit)
    {
        var checks = new Checks();
        var source = checks.Choice("source", entry.Source);
        var from = checks.Whole("worksFrom", entry.WorksFrom, 0, 23, "o'clock");
        var to = checks.Whole("worksTo", entry.WorksTo, 0, 23, "o'clock");
        checks.That(to >= from, "worksTo", "The day would end before it begins.", "Give a later hour.");
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        await visit.Yard.SetWeatherAsync(source, from, to);
        return await ShowAsync(visit with { Place = await visit.Yard.ThisYardAsync() });
    }

    public static async Task<WeatherView> ShowAsync(Visit visit)
    {
        var weather = await YardWeather.OpenAsync(visit);
        return new WeatherView(
            visit.Place.WeatherSource,
            visit.Place.WorksFrom,
            visit.Place.WorksTo,
            weather.Now,
            weather.Now is { } now ? Heat.Advise(now) : null
        );
    }
}
