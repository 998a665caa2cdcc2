using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Horses;

/// <summary>Why a horse was off.</summary>
public enum OffBecause
{
    Rest,
    Injury,
    Illness,
}

/// <summary>Days off as somebody tells of them.</summary>
/// <param name="From">The first day off.</param>
/// <param name="Until">The first day back at work; nothing while it is off, or where the rides say it.</param>
/// <param name="Because">Rest, injury or illness.</param>
/// <param name="Worked">It was worked, and nobody wrote it down: no time off.</param>
/// <param name="Word">Anything worth knowing.</param>
public sealed record TimeAwayEntry(
    DateOnly? From = null,
    DateOnly? Until = null,
    OffBecause? Because = null,
    bool? Worked = null,
    string? Word = null
)
{
    /// <summary>Refuses days to come, days before the horse was foaled, and an end before the beginning.</summary>
    public Outcome<TimeAway> Check(Guid id, Horse horse, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(horse);
        var checks = new Checks();
        var from = From ?? default;
        checks.That(From is not null, "from", "The first day is missing.", "Give the first day without work.");
        checks.That(
            From is null || (from <= today && from.Year >= horse.Foaled),
            "from",
            "That day does not fit.",
            $"Give a day from {horse.Foaled} to today."
        );
        checks.That(
            Until is null || From is null || Until > from,
            "until",
            "It would be back before it was off.",
            "Give a later day, or leave it open."
        );
        checks.That(Until is null || Until <= today.AddYears(1), "until", "That day is far away.", "Leave it open until it is back.");
        OffBecause? because = Worked == true ? null : checks.Choice("because", Because);
        var word = checks.OptionalText("word", Word, 300);
        return checks.Outcome(() => new TimeAway(id, from, Until, because, word));
    }
}

/// <summary>Days off that somebody told. Silence is not time off.</summary>
/// <param name="Id">Its own.</param>
/// <param name="From">The first day off.</param>
/// <param name="Until">The first day back at work; null while it is off, or where the rides say it.</param>
/// <param name="Because">Why; null where it was worked all the time and nobody wrote it down.</param>
/// <param name="Word">Anything worth knowing.</param>
public sealed record TimeAway(Guid Id, DateOnly From, DateOnly? Until, OffBecause? Because, string Word)
{
    /// <summary>Walk weeks that were chosen for the return; null is by the table.</summary>
    public int? WalkWeeks { get; init; }
}
