using Hippodrome.Application.Horses;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Weather;
using Hippodrome.Simulators;
using Hippodrome.Storage.Weather;
using Hippodrome.Storage.Yards;

namespace Hippodrome.Application.Weather;

/// <summary>
/// What a yard knows of its weather: readings that people typed, and the stand-in's forecast where the yard has chosen it.
/// In a real yard nothing simulated decides.
/// </summary>
public sealed class YardWeather
{
    private const int DaysForecast = 7;

    private readonly DateOnly _today;
    private readonly DateTimeOffset _now;
    private readonly bool _standIn;

    // A yard's sessions of a day are ridden in the same air.
    private readonly Dictionary<DateOnly, AirOfDay> _days = [];

    private YardWeather(Visit visit, WeatherReading? taken) =>
        (_today, _now, _standIn, Taken, Worked) = (
            visit.Today,
            visit.Now,
            visit.Place.WeatherSource == WeatherSource.StandIn,
            taken,
            new WorkingHours(visit.Place.WorksFrom, Math.Max(visit.Place.WorksFrom, visit.Place.WorksTo))
        );

    /// <summary>The latest reading that somebody typed today.</summary>
    public WeatherReading? Taken { get; }

    public WorkingHours Worked { get; }

    /// <summary>The air now: what was typed, else the stand-in's; null where nobody knows.</summary>
    public WeatherReading? Now => Taken ?? (_standIn ? WeatherStation.Read(_now) : null);

    public static async Task<YardWeather> OpenAsync(Visit visit)
    {
        ArgumentNullException.ThrowIfNull(visit);
        return new YardWeather(visit, await visit.Yard.WeatherTypedAsync(visit.Today));
    }

    internal static YardWeather Of(Visit visit, HorsePages pages) => new(visit, pages.WeatherTyped);

    /// <summary>The heat of the hours a plan is ridden in; null for days gone by, beyond the forecast, and where nobody knows.</summary>
    public HeatAdvice? HeatOf(SessionPlan plan, Horse horse)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return AirOf(plan.On).HeatOf(plan, horse);
    }

    /// <summary>The air of a day, as far as it is known.</summary>
    public AirOfDay AirOf(DateOnly day) =>
        _days.TryGetValue(day, out var known)
            ? known
            : _days[day] = new AirOfDay(Hours(day), Worked, day == _today ? Taken : null, day == _today ? Now?.TemperatureC : null);

    private IReadOnlyList<HourOfDay> Hours(DateOnly day) =>
        !_standIn || day < _today || day.DayNumber - _today.DayNumber >= DaysForecast ? [] : WeatherStation.Forecast(day, _now.Offset);
}
