using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Horses;

/// <summary>An accordion ride as typed: two poles, and the fewest and most strides ridden between them.</summary>
/// <param name="On">The day; today if left out.</param>
/// <param name="GapMetres">Between the poles.</param>
/// <param name="Fewest">Fewest canter strides ridden calmly.</param>
/// <param name="Most">Most canter strides ridden in canter.</param>
public sealed record AccordionEntry(DateOnly? On = null, double? GapMetres = null, int? Fewest = null, int? Most = null);

/// <summary>
/// The same gap ridden in fewer and in more strides. Between ground poles n strides take n + 1 stride lengths,
/// so 10 m in two, three and four is 3.33, 2.50 and 2.00 m (common practice).
/// </summary>
public sealed record Accordion(Guid Id, DateOnly On, Distance Gap, int Fewest, int Most)
{
    public static readonly Figure<double> TrainedRatio = Figure.Practice(
        "Longest over shortest stride of a trained jumper: 10 m in two and in four",
        5.0 / 3,
        ""
    );
    private static readonly (double Least, double Most) BelievableStride = (1.2, 5.5);

    public Distance Longest => Gap * (1.0 / (Fewest + 1));

    public Distance Shortest => Gap * (1.0 / (Most + 1));

    /// <summary>Adjustability: longest over shortest stride.</summary>
    public double Ratio => (Most + 1.0) / (Fewest + 1.0);

    public static Outcome<Accordion> From(Guid id, AccordionEntry entry, Horse horse, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(horse);
        var checks = new Checks();
        var on = entry.On ?? today;
        checks.That(on <= today, "on", "That day has not come yet.", "Give the day it was ridden.");
        checks.That(on.Year >= horse.Foaled, "on", $"{horse.Name} was foaled in {horse.Foaled}.", "Give a later day.");
        var gap = checks.Number("gapMetres", entry.GapMetres, 6, 40, "m");
        var fewest = checks.Whole("fewest", entry.Fewest, 1, 20, "strides");
        var most = checks.Whole("most", entry.Most, 1, 20, "strides");
        if (checks.Faults.Count == 0)
        {
            checks.That(most >= fewest, "most", $"{most} is fewer than {fewest}.", "Give the most strides ridden here.");
            checks.That(
                gap / (fewest + 1) <= BelievableStride.Most,
                "fewest",
                FormattableString.Invariant($"{gap:0.##} m in {fewest} would be strides of {gap / (fewest + 1):0.00} m."),
                "Count the strides between the poles, not the one over the pole."
            );
            checks.That(
                gap / (most + 1) >= BelievableStride.Least,
                "most",
                FormattableString.Invariant($"{gap:0.##} m in {most} would be strides of {gap / (most + 1):0.00} m."),
                "Count canter strides, and measure the gap again."
            );
        }

        return checks.Outcome(() => new Accordion(id, on, Distance.FromMetres(gap), fewest, most));
    }
}
