using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Care;

/// <summary>Girth and length, or condition, or both, as typed.</summary>
/// <param name="On">The day; today if left out.</param>
/// <param name="GirthCm">Round behind the elbows and the withers.</param>
/// <param name="LengthCm">Point of the shoulder to point of the buttock.</param>
/// <param name="Condition">1 to 9, halves allowed.</param>
public sealed record BodyEntry(DateOnly? On = null, double? GirthCm = null, double? LengthCm = null, double? Condition = null);

/// <summary>A horse's weight by tape and its condition by eye and hand. Recorded, never diagnosed.</summary>
public sealed record BodyMeasure(Guid Id, DateOnly On, double? GirthCm, double? LengthCm, double? Condition)
{
    /// <summary>Kilograms: girth² x length / 11877, in centimetres (Carroll and Huntington 1988). Null without both.</summary>
    public double? WeightKg => GirthCm * GirthCm * LengthCm / CareFigures.GirthSquaredByLength.Value;

    public static Outcome<BodyMeasure> From(Guid id, BodyEntry entry, Horse horse, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(horse);
        var checks = new Checks();
        var on = entry.On ?? today;
        checks.That(on <= today, "on", "That day has not come yet.", "Give the day it was measured.");
        checks.That(on.Year >= horse.Foaled, "on", $"{horse.Name} was foaled in {horse.Foaled}.", "Give a later day.");
        checks.That(
            (entry.GirthCm is null) == (entry.LengthCm is null),
            entry.GirthCm is null ? "girthCm" : "lengthCm",
            "Weight needs girth and length.",
            "Give both, or neither."
        );
        checks.That(
            entry.GirthCm is not null || entry.LengthCm is not null || entry.Condition is not null,
            "condition",
            "Nothing is measured yet.",
            "Give girth and length, or a condition."
        );
        double? girth = entry.GirthCm is null ? null : checks.Number("girthCm", entry.GirthCm, 60, 260, "cm");
        double? length = entry.LengthCm is null ? null : checks.Number("lengthCm", entry.LengthCm, 50, 240, "cm");
        double? condition = entry.Condition is null ? null : checks.Number("condition", entry.Condition, 1, 9, "");
        checks.That(
            condition is null || condition * 2 == Math.Floor(condition.Value * 2),
            "condition",
            "Condition goes in halves.",
            "Give a number such as 5 or 5.5."
        );
        return checks.Outcome(() => new BodyMeasure(id, on, girth, length, condition));
    }
}
