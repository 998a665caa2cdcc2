namespace Hippodrome.Server.Hosting;

/// <summary>A clock that runs as usual but on another day.</summary>
public sealed class FixedDay(DateOnly day) : TimeProvider
{
    private readonly TimeSpan _shift = TimeSpan.FromDays(day.DayNumber - DateOnly.FromDateTime(DateTime.UtcNow).DayNumber);

    public override DateTimeOffset GetUtcNow() => base.GetUtcNow() + _shift;
}
