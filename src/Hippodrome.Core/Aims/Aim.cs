using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Aims;

public enum Discipline
{
    Dressage,
    Jumping,
    Eventing,
}

/// <summary>How much an aim matters beside the others of its horse.</summary>
public enum Importance
{
    /// <summary>What the season is for.</summary>
    Main,

    /// <summary>A step on the way.</summary>
    Step,

    /// <summary>For the outing.</summary>
    Outing,
}

/// <summary>A competition as typed.</summary>
/// <param name="Name">What the competition is called.</param>
/// <param name="On">The day.</param>
/// <param name="Discipline">Dressage, jumping or eventing.</param>
/// <param name="Scheme">Whose level it is: "novice" is 1.10 m in one scheme and 0.90 m in another.</param>
/// <param name="Level">The level in that scheme's words.</param>
/// <param name="HeightMetres">Height of the fences, where there are any.</param>
/// <param name="Place">Where.</param>
/// <param name="Importance">How much it matters; the main thing when nothing is said.</param>
/// <param name="TestId">The dressage test that is ridden there, where it is known.</param>
public sealed record AimEntry(
    string? Name = null,
    DateOnly? On = null,
    Discipline? Discipline = null,
    string? Scheme = null,
    string? Level = null,
    double? HeightMetres = null,
    string? Place = null,
    Importance? Importance = null,
    Guid? TestId = null
);

/// <summary>A competition worked towards.</summary>
public sealed record Aim
{
    private Aim(Guid id, string name, DateOnly on, Discipline discipline, string scheme, string level, Distance? height, string place) =>
        (Id, Name, On, Discipline, Scheme, Level, Height, Place) = (id, name, on, discipline, scheme, level, height, place);

    public Guid Id { get; }

    public string Name { get; }

    public DateOnly On { get; }

    public Discipline Discipline { get; }

    public string Scheme { get; }

    public string Level { get; }

    public Distance? Height { get; }

    public string Place { get; }

    public Importance Importance { get; init; }

    /// <summary>The dressage test that is ridden there; null where nobody has said, and in jumping.</summary>
    public Guid? TestId { get; init; }

    public static Outcome<Aim> From(Guid id, AimEntry entry, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var checks = new Checks();
        var name = checks.Text("name", entry.Name, 80);
        var on = entry.On ?? default;
        checks.That(entry.On is not null, "on", "The day is missing.", "Give the day of the competition.");
        checks.That(
            entry.On is null || (on >= today.AddYears(-1) && on <= today.AddYears(3)),
            "on",
            $"{on:yyyy-MM-dd} is too far away.",
            "Give a day within the last year or the next three."
        );
        var discipline = checks.Choice("discipline", entry.Discipline);
        var scheme = checks.Text("scheme", entry.Scheme, 60);
        var level = checks.Text("level", entry.Level, 60);
        double? height = null;
        if (entry.HeightMetres is not null)
        {
            checks.That(discipline != Discipline.Dressage, "heightMetres", "There are no fences in dressage.", "Leave the height out.");
            height = checks.Number("heightMetres", entry.HeightMetres, 0.3, 1.8, "m");
        }

        var place = checks.OptionalText("place", entry.Place, 80);
        var importance = checks.Choice<Importance>("importance", entry.Importance ?? Aims.Importance.Main);
        checks.That(
            entry.TestId is null || discipline != Discipline.Jumping,
            "testId",
            "There is no dressage test in jumping.",
            "Leave the test out."
        );
        return checks.Outcome(() =>
            new Aim(id, name, on, discipline, scheme, level, height is { } h ? Distance.FromMetres(h) : null, place)
            {
                Importance = importance,
                TestId = entry.TestId,
            }
        );
    }

    /// <summary>An aim read back from the store.</summary>
    public static Aim Kept(
        Guid id,
        string name,
        DateOnly on,
        Discipline discipline,
        string scheme,
        string level,
        Distance? height,
        string place,
        Importance importance = Importance.Main
    ) => new(id, name, on, discipline, scheme, level, height, place) { Importance = importance };

    public int DaysLeft(DateOnly today) => On.DayNumber - today.DayNumber;
}
