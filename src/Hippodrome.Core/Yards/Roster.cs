using Hippodrome.Core.Blocks;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Yards;

/// <summary>A rider's days and hours, as typed.</summary>
public sealed record RiderHoursEntry(Guid? PersonId = null, IReadOnlyList<DayOfWeek>? Days = null, int? MinutesADay = null);

/// <summary>Who is there when, as typed.</summary>
/// <param name="Riders">Riders with their days and minutes in the saddle.</param>
/// <param name="HelperDays">Days with someone on the ground.</param>
/// <param name="HelperMinutesADay">How long they stay.</param>
/// <param name="ArenaDays">Days with the arena.</param>
/// <param name="ArenaMinutesADay">How long it is ours.</param>
/// <param name="ArenaAtOnce">Horses in it at once.</param>
/// <param name="StartsAt">When the first horse is ridden.</param>
public sealed record RosterEntry(
    IReadOnlyList<RiderHoursEntry>? Riders = null,
    IReadOnlyList<DayOfWeek>? HelperDays = null,
    int? HelperMinutesADay = null,
    IReadOnlyList<DayOfWeek>? ArenaDays = null,
    int? ArenaMinutesADay = null,
    int? ArenaAtOnce = null,
    TimeOnly? StartsAt = null
);

/// <summary>A rider's days and minutes in the saddle.</summary>
public sealed record RiderHours(Guid PersonId, IReadOnlyList<DayOfWeek> Days, int MinutesADay);

/// <summary>Who is there when: riders, helpers, arena hours of an ordinary week.</summary>
public sealed record Roster(
    IReadOnlyList<RiderHours> Riders,
    IReadOnlyList<DayOfWeek> HelperDays,
    int HelperMinutesADay,
    IReadOnlyList<DayOfWeek> ArenaDays,
    int ArenaMinutesADay,
    int ArenaAtOnce,
    TimeOnly StartsAt
)
{
    private static readonly DayOfWeek[] EveryDay =
    [
        DayOfWeek.Monday,
        DayOfWeek.Tuesday,
        DayOfWeek.Wednesday,
        DayOfWeek.Thursday,
        DayOfWeek.Friday,
        DayOfWeek.Saturday,
        DayOfWeek.Sunday,
    ];

    /// <summary>Until someone has said otherwise: everyone every day.</summary>
    public static Roster Open(IEnumerable<Guid> riders) =>
        new([.. riders.Select(r => new RiderHours(r, EveryDay, 360))], EveryDay, 240, EveryDay, 600, 2, new TimeOnly(7, 30));

    public static Outcome<Roster> From(RosterEntry entry, IReadOnlyCollection<Guid> people, bool kept = false)
    {
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(people);
        var checks = Checks.Of(kept);
        var riders = checks
            .Lines("riders", entry.Riders, 40)
            .Select(
                (r, i) =>
                {
                    checks.That(
                        r.PersonId is { } id && people.Contains(id),
                        $"riders[{i}].personId",
                        "Nobody of that name rides in this yard.",
                        "Choose from the people of the yard."
                    );
                    return new RiderHours(
                        r.PersonId ?? default,
                        DaysOf(checks, $"riders[{i}].days", r.Days),
                        checks.Whole($"riders[{i}].minutesADay", r.MinutesADay, 15, 720, "minutes")
                    );
                }
            )
            .ToList();
        checks.That(
            riders.DistinctBy(r => r.PersonId).Count() == riders.Count,
            "riders",
            "Somebody is there twice.",
            "Give each rider one line."
        );
        return checks.Outcome(() =>
            new Roster(
                riders,
                DaysOf(checks, "helperDays", entry.HelperDays),
                checks.Whole("helperMinutesADay", entry.HelperMinutesADay ?? 0, 0, 720, "minutes"),
                DaysOf(checks, "arenaDays", entry.ArenaDays),
                checks.Whole("arenaMinutesADay", entry.ArenaMinutesADay ?? 0, 0, 1440, "minutes"),
                checks.Whole("arenaAtOnce", entry.ArenaAtOnce ?? 1, 1, 12, "horses"),
                entry.StartsAt ?? new TimeOnly(7, 30)
            )
        );
    }

    /// <summary>Its days without who and for how long.</summary>
    public DaysThere DaysThere() =>
        new([.. EveryDay.Where(d => Riders.Count == 0 || Riders.Any(r => r.Days.Contains(d)))], HelperDays, ArenaDays);

    /// <summary>Whether one of these riders is there on a day; anyone, where none is named.</summary>
    public bool IsThere(IReadOnlyList<Guid> riders, DateOnly day)
    {
        ArgumentNullException.ThrowIfNull(riders);
        return Riders.Count == 0 || Riders.Any(r => (riders.Count == 0 || riders.Contains(r.PersonId)) && r.Days.Contains(day.DayOfWeek));
    }

    private static List<DayOfWeek> DaysOf(Checks checks, string field, IReadOnlyList<DayOfWeek>? days)
    {
        checks.That((days ?? []).All(Enum.IsDefined), field, "There is no such day.", "Choose from the list.");
        return [.. (days ?? []).Where(Enum.IsDefined).Distinct().OrderBy(d => ((int)d + 6) % 7)];
    }
}
