namespace Hippodrome.Server.Hosting;

/// <summary>
/// A clock for tests and pictures: it starts at nine in the morning of the day, runs as usual, and never
/// leaves that day, whatever the hour outside.
/// </summary>
public sealed class FixedDay(DateOnly day) : TimeProvider
{
    private static readonly TimeSpan LongestDay = TimeSpan.FromHours(13);

    private readonly long _started = System.GetTimestamp();
    private readonly DateTimeOffset _morning = new(day, new TimeOnly(9, 0), TimeSpan.Zero);

    public override DateTimeOffset GetUtcNow()
    {
        var elapsed = System.GetElapsedTime(_started);
        return _morning + (elapsed < LongestDay ? elapsed : LongestDay);
    }
}
