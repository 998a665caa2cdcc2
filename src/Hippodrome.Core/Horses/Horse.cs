using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Horses;

public enum Sex
{
    Mare,
    Gelding,
    Stallion,
}

/// <summary>How far a horse has come in its work altogether.</summary>
public enum Experience
{
    Green,
    Novice,
    Established,
}

/// <summary>The level a horse goes at when it is taken on, each in its own scheme: dressage and eventing national, jumping by height.</summary>
public enum GoesAt
{
    Preliminary,
    DressageNovice,
    Elementary,
    Medium,
    AdvancedMedium,
    Advanced,
    SmallTour,
    BigTour,
    Jumping80,
    Jumping100,
    Jumping120,
    Eventing80,
    Eventing100,
    EventingNovice,
}

/// <summary>A horse as typed by a person.</summary>
/// <param name="Name">Stable name or full name, at most 60 characters.</param>
/// <param name="Foaled">Year of foaling.</param>
/// <param name="Height">Hands ("16.2 hh") or centimetres ("168 cm").</param>
/// <param name="Sex">Mare, gelding or stallion.</param>
/// <param name="Experience">How far it has come.</param>
/// <param name="Notes">Anything worth knowing.</param>
/// <param name="GoesAt">The level it goes at; it says how far it has come as well.</param>
/// <param name="HeatLimitC">Its own limit in °C of air, from which its work is halved; stricter than the rules or nothing.</param>
/// <param name="Met">What it has met; by how far it has come when nothing is said.</param>
public sealed record HorseEntry(
    string? Name = null,
    int? Foaled = null,
    string? Height = null,
    Sex? Sex = null,
    Experience? Experience = null,
    string? Notes = null,
    GoesAt? GoesAt = null,
    double? HeatLimitC = null,
    IReadOnlyList<Thing>? Met = null
);

public static class Levels
{
    /// <summary>How far a horse that goes at a level has come.</summary>
    public static Experience ExperienceAt(GoesAt level) =>
        level switch
        {
            GoesAt.Preliminary or GoesAt.DressageNovice or GoesAt.Elementary or GoesAt.Jumping80 or GoesAt.Eventing80 => Experience.Novice,
            _ => Experience.Established,
        };
}

/// <summary>A horse.</summary>
public sealed record Horse
{
    /// <summary>The oldest a horse may be entered as; the oldest on record reached 62.</summary>
    public static readonly Figure<int> OldestBelievable = Figure.Chosen(
        "Oldest believable horse",
        45,
        "years",
        "beyond any horse in work; catches a mistyped year"
    );

    private Horse(Guid id, string name, int foaled, HorseHeight height, Sex sex, Experience experience, string notes) =>
        (Id, Name, Foaled, Height, Sex, Experience, Notes) = (id, name, foaled, height, sex, experience, notes);

    public Guid Id { get; }

    public string Name { get; }

    /// <summary>Year of foaling.</summary>
    public int Foaled { get; }

    public HorseHeight Height { get; }

    public Sex Sex { get; }

    public Experience Experience { get; }

    public string Notes { get; }

    /// <summary>The level it went at when it was taken on; null where only its experience was said.</summary>
    public GoesAt? GoesAt { get; init; }

    /// <summary>Its own limit in °C of air; null where the rules alone hold.</summary>
    public double? HeatLimitC { get; init; }

    /// <summary>What it has met; what it is ridden over joins by itself.</summary>
    public IReadOnlyList<Thing> Met { get; init; } = [];

    /// <summary>The day it was taken on.</summary>
    public DateOnly EnteredOn { get; init; }

    /// <summary>Checks what was typed against <paramref name="today"/>.</summary>
    public static Outcome<Horse> From(Guid id, HorseEntry entry, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var checks = new Checks();
        var name = checks.Text("name", entry.Name, 60);
        var foaled = entry.Foaled ?? 0;
        checks.That(
            foaled <= today.Year,
            "foaled",
            $"{foaled} has not come yet.",
            $"Give the year it was foaled, {today.Year} at the latest."
        );
        checks.That(
            foaled > today.Year || foaled >= today.Year - OldestBelievable.Value,
            "foaled",
            entry.Foaled is null ? "The year of foaling is missing." : $"Foaled in {foaled} it would be {today.Year - foaled}.",
            $"Give the year it was foaled, {today.Year - OldestBelievable.Value} at the earliest."
        );
        var height = HorseHeight.Read(entry.Height);
        checks.AddRange(height.Faults);
        var sex = checks.Choice("sex", entry.Sex);
        GoesAt? goesAt = entry.GoesAt is null ? null : checks.Choice("goesAt", entry.GoesAt);
        var experience = checks.Choice(
            "experience",
            entry.Experience ?? (goesAt is { } level && Enum.IsDefined(level) ? Levels.ExperienceAt(level) : null)
        );
        var notes = checks.OptionalText("notes", entry.Notes, 4000);
        double? heat = entry.HeatLimitC is null ? null : checks.Number("heatLimitC", entry.HeatLimitC, 15, 40, "°C");
        var met = entry.Met?.Distinct().Order().ToList() ?? Things.MetBy(experience);
        checks.That(met.All(Enum.IsDefined), "met", "There is no such thing to meet.", "Choose from the list.");
        return checks.Outcome(() =>
            new Horse(id, name, foaled, height.OrThrow(), sex, experience, notes)
            {
                Met = met,
                GoesAt = goesAt,
                HeatLimitC = heat,
                EnteredOn = today,
            }
        );
    }

    /// <summary>A horse read back from the store.</summary>
    public static Horse Kept(
        Guid id,
        string name,
        int foaled,
        HorseHeight height,
        Sex sex,
        Experience experience,
        string notes,
        DateOnly enteredOn,
        GoesAt? goesAt = null,
        double? heatLimitC = null,
        IReadOnlyList<Thing>? met = null
    ) =>
        new(id, name, foaled, height, sex, experience, notes)
        {
            EnteredOn = enteredOn,
            GoesAt = goesAt,
            HeatLimitC = heatLimitC,
            Met = met ?? [],
        };

    /// <summary>Age in years, counted from 1 January of the year of foaling (usual competition rule).</summary>
    public int Age(DateOnly on) => on.Year - Foaled;
}
