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

/// <summary>What a therapist rules out for a few days.</summary>
public enum RuledOut
{
    Fences,
    Collection,

    /// <summary>Changes in sequence.</summary>
    Series,
    Lunge,

    /// <summary>Canter sets, hills, speed.</summary>
    FastWork,
}

/// <summary>What a saddler did.</summary>
public enum SaddleWork
{
    Looked,
    Reflocked,
    Shimmed,
    ShimOut,
    PadOn,
    PadOff,
}

/// <summary>A visit as typed.</summary>
/// <param name="Kind">Feet, saddle, teeth or therapist.</param>
/// <param name="On">The day; today if left out.</param>
/// <param name="By">Who came.</param>
/// <param name="Found">What was found and done.</param>
/// <param name="AgainInWeeks">When they want to come again; the usual interval if left out.</param>
public sealed record CareEntry(
    CareKind? Kind = null,
    DateOnly? On = null,
    string? By = null,
    string? Found = null,
    int? AgainInWeeks = null
)
{
    /// <summary>A therapist's last easy day; the second day after the visit when nothing.</summary>
    public DateOnly? EasyUntil { get; init; }

    /// <summary>What is out till then; collection, fences and series when nothing.</summary>
    public IReadOnlyList<RuledOut>? RuledOut { get; init; }

    /// <summary>What was done to the saddle.</summary>
    public IReadOnlyList<SaddleWork>? Saddle { get; init; }
}

/// <summary>A farrier, saddler, dentist or therapist was there.</summary>
public sealed record CareVisit(Guid Id, CareKind Kind, DateOnly On, string By, string Found, int? AgainInWeeks)
{
    /// <summary>A therapist's last easy day; null for other visits.</summary>
    public DateOnly? EasyUntil { get; init; }

    /// <summary>What is out till then.</summary>
    public IReadOnlyList<RuledOut> RuledOut { get; init; } = [];

    /// <summary>What was done to the saddle; nothing for other visits.</summary>
    public IReadOnlyList<SaddleWork> Saddle { get; init; } = [];

    /// <summary>What the therapist ruled out, as a restriction that ends by itself; null where nothing is out.</summary>
    public Restriction? AsRestriction()
    {
        if (EasyUntil is not { } until || RuledOut.Count == 0)
        {
            return null;
        }

        var strands = RuledOut.SelectMany(Strands).Distinct().Order().ToList();
        return Restriction.Kept(
            Id,
            $"treated on {On.ToString("d MMMM", System.Globalization.CultureInfo.InvariantCulture)}, easy until {until.ToString("d MMMM", System.Globalization.CultureInfo.InvariantCulture)}",
            By.Length > 0 ? By : "the therapist",
            On,
            until,
            RuledOut.Contains(Care.RuledOut.FastWork) ? [Gait.Gallop] : [],
            strands,
            RuledOut.Contains(Care.RuledOut.Fences) ? Distance.Zero : null
        );
    }

    private static IEnumerable<Strand> Strands(RuledOut what) =>
        what switch
        {
            Care.RuledOut.Fences => [Strand.Grids, Strand.Jumping, Strand.Narrow, Strand.CrossCountry],
            Care.RuledOut.Collection => [Strand.Collected],
            Care.RuledOut.Series => [Strand.Changes],
            Care.RuledOut.Lunge => [Strand.Lunge],
            _ => [Strand.Fitness],
        };

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
        int? again = entry.AgainInWeeks is null
            ? null
            : checks.Whole("againInWeeks", entry.AgainInWeeks, 1, CareFigures.LongestInterval.Value, "weeks");
        var therapist = kind == CareKind.Therapist && entry.Kind is not null;
        checks.That(therapist || entry.EasyUntil is null, "easyUntil", "Only a therapist's visit has easy days after it.", "Leave it out.");
        checks.That(
            entry.EasyUntil is null || (entry.EasyUntil >= on && entry.EasyUntil <= on.AddDays(CareFigures.LongestEasy.Value)),
            "easyUntil",
            "That day does not fit.",
            $"Give a day within {CareFigures.LongestEasy.Value} days of the visit."
        );
        var ruledOut = entry.RuledOut?.Distinct().Order().ToList()
            ?? [Care.RuledOut.Fences, Care.RuledOut.Collection, Care.RuledOut.Series];
        checks.That(ruledOut.TrueForAll(Enum.IsDefined), "ruledOut", "There is no such work to rule out.", "Choose from the list.");
        var saddle = entry.Saddle?.Distinct().Order().ToList() ?? [];
        checks.That(saddle.TrueForAll(Enum.IsDefined), "saddle", "There is no such work on a saddle.", "Choose from the list.");
        checks.That(
            saddle.Count == 0 || kind == CareKind.Saddle,
            "saddle",
            "Only a saddler's visit says what was done to the saddle.",
            "Leave it out."
        );
        return checks.Outcome(() =>
            new CareVisit(id, kind, on, by, found, again)
            {
                EasyUntil = therapist ? entry.EasyUntil ?? on.AddDays(CareFigures.EasyDays.Value) : null,
                RuledOut = therapist ? ruledOut : [],
                Saddle = saddle,
            }
        );
    }
}
