using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Care;

/// <summary>What is seen to by someone from outside.</summary>
public enum CareKind
{
    Feet,
    Saddle,
    Teeth,
    Therapist,
}

/// <summary>A visit as typed.</summary>
/// <param name="Kind">Feet, saddle, teeth or therapist.</param>
/// <param name="On">The day; today if left out.</param>
/// <param name="By">Who came.</param>
/// <param name="Found">What was found and done.</param>
/// <param name="AgainInWeeks">When they want to come again; the usual interval if left out.</param>
public sealed record CareEntry(CareKind? Kind = null, DateOnly? On = null, string? By = null, string? Found = null, int? AgainInWeeks = null);

/// <summary>A farrier, saddler, dentist or therapist was there.</summary>
public sealed record CareVisit(Guid Id, CareKind Kind, DateOnly On, string By, string Found, int? AgainInWeeks)
{
    public static Outcome<CareVisit> From(Guid id, CareEntry entry, Horse horse, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(horse);
        var checks = new Checks();
        var kind = checks.Choice("kind", entry.Kind);
        var on = entry.On ?? today;
        checks.That(on <= today, "on", "That day has not come yet.", "Give the day it was done; the next one is worked out from it.");
        checks.That(on.Year >= horse.Foaled, "on", $"{horse.Name} was foaled in {horse.Foaled}.", "Give a later day.");
        var by = checks.OptionalText("by", entry.By, 80);
        var found = checks.OptionalText("found", entry.Found, 1000);
        int? again = entry.AgainInWeeks is null ? null : checks.Whole("againInWeeks", entry.AgainInWeeks, 1, CareFigures.LongestInterval.Value, "weeks");
        return checks.Outcome(() => new CareVisit(id, kind, on, by, found, again));
    }
}
