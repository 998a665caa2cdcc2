using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Setups;

/// <summary>A set-up for the other rein, as a mirror along the centre line would show it. Mirrored twice it is what it was.</summary>
public static class Mirroring
{
    public static SetUpEntry Mirrored(this SetUpEntry entry)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var there = entry with
        {
            Line = entry.Line?.Mirrored(),
            TurnedDegrees = entry.TurnedDegrees is { } turned and not 0 ? -turned : entry.TurnedDegrees,
        };
        return there switch
        {
            PoleLineEntry { Raising: Raising.AlternateEnds } poles => poles with { FirstRaised = (poles.FirstRaised ?? Side.Left).Other() },
            CurvedPolesEntry curve => curve with { Rein = Other(curve.Rein ?? CurvedPolesEntry.ReinOf(curve.Heading ?? Heading.TowardsC)) },
            FenceLineEntry { BendDegrees: > 0 } line => line with { BendTo = line.BendTo is { } to ? Other(to) : null },
            NarrowEntry narrow => narrow with { Guides = Other(narrow.Guides) },
            FigureEntry figure => figure with { Rein = figure.Rein is { } rein ? Other(rein) : null },
            _ => there,
        };
    }

    private static Rein Other(Rein rein) =>
        rein switch
        {
            Rein.Left => Rein.Right,
            Rein.Right => Rein.Left,
            _ => rein,
        };

    private static Guides? Other(Guides? guides) =>
        guides switch
        {
            Guides.Left => Guides.Right,
            Guides.Right => Guides.Left,
            _ => guides,
        };
}
