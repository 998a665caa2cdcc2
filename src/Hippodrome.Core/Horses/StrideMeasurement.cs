using System.Globalization;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Horses;

/// <summary>What the person on the ground counted: steps (one fore foot to the other) or full strides.</summary>
public enum Counted
{
    Steps,
    Strides,
}

/// <summary>A measured strip as typed.</summary>
/// <param name="Variant">How the horse was ridden.</param>
/// <param name="StripMetres">Length of the strip, 5 to 200 m.</param>
/// <param name="Count">Steps or strides over the strip.</param>
/// <param name="Counted">Which of the two was counted.</param>
/// <param name="Seconds">Time over the strip.</param>
/// <param name="On">The day it was measured.</param>
public sealed record StrideEntry(
    GaitVariant? Variant = null,
    double? StripMetres = null,
    double? Count = null,
    Counted? Counted = null,
    double? Seconds = null,
    DateOnly? On = null
);

/// <summary>One measured strip: stride length, speed and tempo.</summary>
public sealed record StrideMeasurement
{
    private StrideMeasurement(Guid id, GaitVariant variant, Distance strip, double strides, double? seconds, DateOnly on) =>
        (Id, Variant, Strip, Strides, Seconds, On) = (id, variant, strip, strides, seconds, on);

    public Guid Id { get; }

    public GaitVariant Variant { get; }

    public Distance Strip { get; }

    /// <summary>Full strides over the strip; steps have been halved.</summary>
    public double Strides { get; }

    /// <summary>Time over the strip; null for a counted line, which nobody timed.</summary>
    public double? Seconds { get; }

    public DateOnly On { get; }

    /// <summary>Length of one full stride.</summary>
    public Distance Stride => Strip * (1 / Strides);

    /// <summary>Null where nobody timed it.</summary>
    public Speed? Speed => Seconds is { } seconds ? Measures.Speed.FromMetresPerSecond(Strip.Metres / seconds) : null;

    /// <summary>Strides a minute; null where nobody timed it.</summary>
    public double? Tempo => Strides / Seconds * 60;

    /// <summary>How far this one strip may be off: the horse's own variation and the counting at both ends.</summary>
    public Distance Spread
    {
        get
        {
            var counting = StrideFigures.CountingError.Value / Strides;
            return Stride * double.Hypot(StrideFigures.StrideVariation.Value, counting);
        }
    }

    /// <summary>Refuses a strip that no horse could have trotted, and says what would be believable.</summary>
    public static Outcome<StrideMeasurement> From(Guid id, StrideEntry entry, Horse horse, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(horse);
        var checks = new Checks();
        var variant = checks.Choice("variant", entry.Variant);
        var counted = checks.Choice("counted", entry.Counted);
        var strip = checks.Number("stripMetres", entry.StripMetres, 5, 200, "m");
        var count = checks.Number("count", entry.Count, 1, 400, "");
        var seconds = checks.Number("seconds", entry.Seconds, 1, 600, "s");
        var on = entry.On ?? today;
        checks.That(on <= today, "on", "That day has not come yet.", "Give the day it was measured.");
        checks.That(on.Year >= horse.Foaled, "on", $"{horse.Name} was foaled in {horse.Foaled}.", "Give the day it was measured.");
        if (counted == Counted.Steps && variant.Gait() == Gait.Canter)
        {
            checks.Add("counted", "In canter strides are counted, not steps.", "Count each time the same fore foot lands.");
        }

        var strides = counted == Counted.Steps ? count / 2 : count;
        if (checks.Faults.Count == 0)
        {
            CheckBelievable(checks, new StrideMeasurement(id, variant, Distance.FromMetres(strip), strides, seconds, on));
        }

        return checks.Outcome(() => new StrideMeasurement(id, variant, Distance.FromMetres(strip), strides, seconds, on));
    }

    /// <summary>A measurement read back from the store.</summary>
    public static StrideMeasurement Kept(Guid id, GaitVariant variant, Distance strip, double strides, double? seconds, DateOnly on) =>
        new(id, variant, strip, strides, seconds, on);

    /// <summary>
    /// A line ridden between ground poles and counted: n strides between take n + 1 stride lengths. Null where no
    /// horse could have ridden it so, since a miscount at the rail must not move the card.
    /// </summary>
    public static StrideMeasurement? FromLine(Guid id, GaitVariant variant, Distance between, int strides, DateOnly on)
    {
        var measured = new StrideMeasurement(id, variant, between, strides + 1, null, on);
        return StrideFigures.BelievableStride(variant.Gait()).Holds(measured.Stride) ? measured : null;
    }

    private static void CheckBelievable(Checks checks, StrideMeasurement measured)
    {
        var gait = measured.Variant.Gait();
        var believable = StrideFigures.BelievableStride(gait);
        var name = gait.ToString().ToLowerInvariant();
        checks.That(
            believable.Holds(measured.Stride),
            "count",
            $"That makes a {name} stride of {measured.Stride}.",
            string.Create(
                CultureInfo.InvariantCulture,
                $"A believable {name} stride is {believable}: over this strip {measured.Strip / believable.Longest:0.0} to {measured.Strip / believable.Shortest:0.0} strides. Were steps counted, or strides?"
            )
        );
        var speed = measured.Speed!.Value;
        var fastest = StrideFigures.BelievableSpeed(gait);
        checks.That(
            speed.MetresPerSecond <= fastest,
            "seconds",
            string.Create(CultureInfo.InvariantCulture, $"That makes {speed.MetresPerSecond:0.0} m/s."),
            string.Create(
                CultureInfo.InvariantCulture,
                $"A believable {name} is at most {fastest:0.0} m/s: at least {measured.Strip.Metres / fastest:0.0} s over this strip."
            )
        );
        checks.That(
            speed.MetresPerSecond >= StrideFigures.SlowestWalk.Value,
            "seconds",
            string.Create(CultureInfo.InvariantCulture, $"That makes {speed.MetresPerSecond:0.00} m/s, slower than any walk."),
            string.Create(
                CultureInfo.InvariantCulture,
                $"Give at most {measured.Strip.Metres / StrideFigures.SlowestWalk.Value:0} s over this strip."
            )
        );
    }
}
