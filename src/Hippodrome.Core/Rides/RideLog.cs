using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Rides;

/// <summary>The events of one ride, each once, each checked.</summary>
public sealed class RideLog
{
    /// <summary>More in one sending is not a person tapping.</summary>
    public const int MostAtOnce = 500;

    private RideLog(IReadOnlyList<RideEvent> events) => Events = events;

    /// <summary>In the order they happened; ids settle a tie, so every device sees the same order.</summary>
    public IReadOnlyList<RideEvent> Events { get; }

    /// <summary>The log of these events, all of them fine, or every fault of the sending and of its events.</summary>
    public static Outcome<RideLog> From(IReadOnlyList<RideEvent?>? events)
    {
        var checks = new Checks();
        checks.AddRange(FaultsOfSending(events));
        checks.AddRange((events ?? []).Take(MostAtOnce).SelectMany(FaultsOf));
        return checks.Outcome(() => Kept(events!.OfType<RideEvent>()));
    }

    /// <summary>What is wrong with a sending as a whole, whatever its events say.</summary>
    public static IReadOnlyList<Fault> FaultsOfSending(IReadOnlyList<RideEvent?>? events)
    {
        var checks = new Checks();
        checks.That(events is { Count: > 0 }, "events", "Nothing was recorded.", "Add at least the minutes ridden.");
        checks.That(
            events is null || events.Count <= MostAtOnce,
            "events",
            $"More than {MostAtOnce} events at once.",
            "Send them in several goes."
        );
        return checks.Faults;
    }

    /// <summary>What is wrong with one event, told by its place in the sending.</summary>
    public static IReadOnlyList<Fault> FaultsOf(RideEvent? e, int index)
    {
        var checks = new Checks();
        CheckOne(checks, e, $"events[{index}]");
        return checks.Faults;
    }

    /// <summary>Events read back from the store.</summary>
    public static RideLog Kept(IEnumerable<RideEvent> events) =>
        new([.. events.DistinctBy(e => e.Id).OrderBy(e => e.At).ThenBy(e => e.Id)]);

    private static void CheckOne(Checks checks, RideEvent? e, string at)
    {
        if (e is null)
        {
            checks.Add(at, "This event is empty.", "Leave it out.");
            return;
        }

        checks.That(e.Id != Guid.Empty, $"{at}.id", "The event has no id.", "Give it an id of its own.");
        checks.That(e.At.Year is >= 2000 and <= 2200, $"{at}.at", "The time is missing or far off.", "Set the clock of the device.");
        if (e.Clock is { } clock)
        {
            checks.That(
                clock.Device != Guid.Empty && clock.Run != Guid.Empty,
                $"{at}.clock",
                "The tap does not say which device made it.",
                "Give device and run."
            );
            checks.Whole($"{at}.clock.number", clock.Number, 0, 1_000_000, "taps");
            checks.Number($"{at}.clock.seconds", clock.Seconds, 0, 10_000_000, "seconds");
        }

        e.Check(checks, at);
    }
}
