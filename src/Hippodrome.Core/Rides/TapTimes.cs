using System.Globalization;

namespace Hippodrome.Core.Rides;

/// <summary>Something odd about a device's clock, and what was made of it.</summary>
public sealed record ClockNote(DateTimeOffset At, double Minutes, string Says);

/// <summary>
/// When each tap was really made. A device's wall clock can jump; its own seconds cannot go back. Taps of
/// one device are laid out one after another: by its seconds where the two agree or the clock went back,
/// by the clock where it went on further than the seconds, since a sleeping device counts none.
/// </summary>
internal static class TapTimes
{
    public static (IReadOnlyDictionary<RideEvent, DateTimeOffset> At, IReadOnlyList<ClockNote> Notes) Of(IEnumerable<RideEvent> events)
    {
        var at = new Dictionary<RideEvent, DateTimeOffset>(ReferenceEqualityComparer.Instance);
        var notes = new List<ClockNote>();
        foreach (var device in events.GroupBy(e => e.Clock?.Device))
        {
            if (device.Key is null)
            {
                foreach (var e in device)
                {
                    at[e] = e.At;
                }

                continue;
            }

            RideEvent? before = null;
            foreach (var e in device.OrderBy(e => e.Clock!.Number).ThenBy(e => e.Clock!.Seconds).ThenBy(e => e.At).ThenBy(e => e.Id))
            {
                at[e] = before is null ? e.At : at[before] + Step(before, e, notes);
                before = e;
            }
        }

        return (at, [.. notes.OrderBy(n => n.At).ThenBy(n => n.Says, StringComparer.Ordinal)]);
    }

    private static TimeSpan Step(RideEvent before, RideEvent e, List<ClockNote> notes)
    {
        var byClock = e.At - before.At;
        var bySeconds =
            before.Clock!.Run == e.Clock!.Run ? TimeSpan.FromSeconds(Math.Max(0, e.Clock.Seconds - before.Clock.Seconds)) : (TimeSpan?)null;
        if (bySeconds is { } seconds && Math.Abs((byClock - seconds).TotalSeconds) <= RideFigures.ClockTolerance.Value)
        {
            return seconds;
        }

        if (byClock < (bySeconds ?? TimeSpan.Zero))
        {
            var back = (bySeconds ?? TimeSpan.Zero) - byClock;
            notes.Add(
                new ClockNote(
                    e.At,
                    back.TotalMinutes,
                    Say($"The device's clock went back {back.TotalMinutes:0.#} minutes; its own count of seconds was used.")
                )
            );
            return bySeconds ?? TimeSpan.Zero;
        }

        if (bySeconds is { } slept)
        {
            notes.Add(
                new ClockNote(
                    e.At,
                    (byClock - slept).TotalMinutes,
                    Say($"The device slept for {(byClock - slept).TotalMinutes:0.#} minutes, or its clock went on; they count as ridden.")
                )
            );
        }

        return byClock;
    }

    private static string Say(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
