using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Rides;

/// <summary>Signs and askings of a ride, each with all that was told of it.</summary>
internal static class Told
{
    /// <summary>Every sign, in order.</summary>
    public static IReadOnlyList<SignTold> Signs(RideTaps taps)
    {
        var again = taps.Events.OfType<AskedAgain>().ToLookup(a => a.About);
        return [.. taps.Events.OfType<SignSeen>().Select(s => Of(s, taps, again[s.Id].LastOrDefault()))];
    }

    /// <summary>Every asking, in order.</summary>
    public static IReadOnlyList<Attempt> Attempts(RideTaps taps) =>
        [
            .. taps
                .Events.Select(e => (Event: e, Told: Attempt.Of(e, taps.Timeline.PartOf(e))))
                .Where(a => a.Told is not null)
                .Select(a =>
                    taps.MoreOf(a.Event) is { } more
                        ? a.Told! with
                        {
                            Side = a.Told.Side ?? more.Side,
                            Where = more.Where ?? a.Told.Where,
                            Mine = more.Mine ?? false,
                        }
                        : a.Told!
                ),
        ];

    // Pain is nobody's slip, and never waits.
    private static SignTold Of(SignSeen sign, RideTaps taps, AskedAgain? again)
    {
        var more = taps.MoreOf(sign);
        var isSlip = sign.Sign.IsSlip();
        return new SignTold(
            sign.Id,
            sign.Sign,
            sign.Rein,
            more?.Side,
            more?.Where,
            more?.Of,
            taps.Timeline.PartOf(sign),
            sign.Clock is null ? null : Math.Round(RiddenBy(taps, taps.At(sign)), 1)
        )
        {
            Mine = isSlip && more?.Mine == true,
            Later = isSlip && more?.Later == true,
            AskedAgain = again?.Answered,
            Known = sign.Known is not null,
        };
    }

    private static double RiddenBy(RideTaps taps, DateTimeOffset at) =>
        taps.Timeline.Stretches.Where(s => s.From < at).Sum(s => ((s.To < at ? s.To : at) - s.From).TotalMinutes);
}
