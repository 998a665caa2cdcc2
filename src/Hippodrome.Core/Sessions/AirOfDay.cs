using Hippodrome.Core.Horses;
using Hippodrome.Core.Weather;

namespace Hippodrome.Core.Sessions;

/// <summary>The air of a day, as far as it is known.</summary>
/// <param name="hours">Forecast by the hour; none where nothing is forecast.</param>
/// <param name="worked">The hours the yard works in.</param>
/// <param name="taken">What somebody read today, where the day is today.</param>
/// <param name="nowC">What the thermometer says, where the day is today and anybody knows.</param>
public sealed class AirOfDay(IReadOnlyList<HourOfDay> hours, WorkingHours worked, WeatherReading? taken, double? nowC)
{
    // Many sessions of a day are ridden at the same hours.
    private readonly Dictionary<(TimeOnly? StartsAt, double Minutes, double? OwnLimitC), HeatAdvice?> _heat = [];

    public IReadOnlyList<HourOfDay> Hours { get; } = hours;

    public WorkingHours Worked { get; } = worked;

    public WeatherReading? Taken { get; } = taken;

    public double? NowC { get; } = nowC;

    /// <summary>The heat of the hours a plan is ridden in; null where nobody knows.</summary>
    public HeatAdvice? HeatOf(SessionPlan plan, Horse horse)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(horse);
        var asked = (plan.StartsAt, plan.Minutes, horse.HeatLimitC);
        return _heat.TryGetValue(asked, out var known)
            ? known
            : _heat[asked] = HeatOfHours.Worst(Hours, Worked, plan.StartsAt, plan.Minutes, Taken, horse.HeatLimitC);
    }

    /// <summary>The hour to begin at that asks for the least care; null where nothing is forecast.</summary>
    public int? BestHour(double minutes, Horse horse)
    {
        ArgumentNullException.ThrowIfNull(horse);
        return HeatOfHours.Best(Hours, Worked, minutes, horse.HeatLimitC);
    }
}
