using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Verdicts;

/// <summary>What is left of a limit of a short first day.</summary>
/// <param name="Manner">Of which work; null is all of it, from the first asking to dismounting, fitting tack too.</param>
/// <param name="SecondsLeft">Seconds left; below nought it is over.</param>
/// <param name="Runs">It runs just now.</param>
public sealed record Countdown(Manner? Manner, double SecondsLeft, bool Runs);

/// <summary>The clocks of a short first day, from what was tapped.</summary>
public static class FirstDayClock
{
    /// <summary>A plan of so few minutes is a short first day.</summary>
    public static bool IsShort(IReadOnlyList<RailPart> parts)
    {
        ArgumentNullException.ThrowIfNull(parts);
        return parts.Count > 0 && parts.Sum(p => p.Minutes) < SessionFigures.ShortFirstDay.Value;
    }

    internal static IReadOnlyList<Countdown> Of(RideFacts facts, RideTaps taps)
    {
        if (!facts.FirstDay || taps.Events.Count == 0)
        {
            return [];
        }

        var stretches = taps.Timeline.Stretches;
        var rides = taps.Timeline.IsUnderWay;
        var part = taps.Events.OfType<PartBegun>().LastOrDefault()?.Part;
        var now = taps.Events.OfType<MannerNow>().LastOrDefault(m => taps.Timeline.PartOf(m) == part)?.Manner ?? MannerOf(facts, part);
        var all = (taps.At(taps.Events[^1]) - taps.At(taps.Events[0])).TotalSeconds;
        var lines = facts.Parts.Where(p => p.Manner == Manner.LongReined).Sum(p => p.Minutes);
        Countdown Of(Manner manner, double minutes) =>
            new(
                manner,
                Math.Round(
                    (minutes * 60) - (stretches.Where(s => (s.Manner ?? MannerOf(facts, s.Part)) == manner).Sum(s => s.Minutes) * 60),
                    1
                ),
                rides && now == manner
            );
        return
        [
            new(null, Math.Round((SessionFigures.ShortFirstDay.Value * 60) - all, 1), rides),
            Of(Manner.Loose, SessionFigures.ShortFirstLoose.Value),
            // The trade gives no limit of its own for the long lines: what the plan gives them counts down.
            .. lines > 0 ? [Of(Manner.LongReined, lines)] : (Countdown[])[],
            Of(Manner.Ridden, SessionFigures.ShortFirstRidden.Value),
        ];
    }

    private static Manner? MannerOf(RideFacts facts, int? part) => part is { } p && p < facts.Parts.Count ? facts.Parts[p].Manner : null;
}
