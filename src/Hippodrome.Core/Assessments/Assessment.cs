using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Assessments;

/// <summary>What is known before the first step, as typed.</summary>
/// <param name="WeeksOff">Whole weeks without ridden work before it.</param>
/// <param name="Reported">What others say of the horse.</param>
/// <param name="Problems">The same as chips: each is judged by itself from what the ride shows.</param>
public sealed record AssessmentEntry(int? WeeksOff = null, string? Reported = null, IReadOnlyList<Felt>? Problems = null);

/// <summary>An answer on the sheet, as tapped. What is left out is not known yet.</summary>
/// <param name="Item">The line of the sheet.</param>
/// <param name="Rein">Left or right; both for an item that is asked once.</param>
/// <param name="Mark">0 to 10 in halves.</param>
/// <param name="Felt">Chips.</param>
/// <param name="Tension">0 asleep to 4 over the top.</param>
/// <param name="Minute">Minutes since the ride began.</param>
/// <param name="Passed">The dropped rein: did the head go down and out?</param>
public sealed record SheetAnswerEntry(
    AssessmentItem? Item = null,
    Rein? Rein = null,
    double? Mark = null,
    IReadOnlyList<Felt>? Felt = null,
    int? Tension = null,
    int? Minute = null,
    bool? Passed = null
);

/// <summary>An answer on the sheet.</summary>
public sealed record SheetAnswer(
    AssessmentItem Item,
    Rein Rein,
    Mark? Mark,
    IReadOnlyList<Felt> Felt,
    int? Tension,
    int? Minute,
    bool? Passed,
    DateOnly On
)
{
    private const int LongestRide = 180;

    /// <summary>Checks a tap against the sheet and against what is open for this horse on this day.</summary>
    /// <param name="entry">What was tapped.</param>
    /// <param name="gates">What is open; see <see cref="Gates"/>.</param>
    /// <param name="on">The day.</param>
    /// <param name="at">Where the fault lies, such as <c>answers[2]</c>.</param>
    public static Outcome<SheetAnswer> From(SheetAnswerEntry? entry, IReadOnlyList<Gate> gates, DateOnly on, string at)
    {
        ArgumentNullException.ThrowIfNull(gates);
        var checks = new Checks();
        if (entry is null)
        {
            checks.Add(at, "This answer is empty.", "Leave it out.");
            return checks.Outcome<SheetAnswer>(() => throw new InvalidOperationException("A fault was found."));
        }

        var item = checks.Choice($"{at}.item", entry.Item);
        var rein = checks.Choice($"{at}.rein", entry.Rein);
        var felt = entry.Felt?.Distinct().Order().ToList() ?? [];
        if (checks.Faults.Count == 0)
        {
            var line = Sheet.Of(item);
            var gate = gates.First(g => g.Item == item);
            checks.That(
                line.Reins().Contains(rein),
                $"{at}.rein",
                line.On == AskedOn.Once ? "This is asked once, on no rein." : "Left and right are marked apart here.",
                line.On == AskedOn.Once ? "Send it for both reins together." : "Mark each for itself."
            );
            checks.That(
                felt.TrueForAll(line.Chips.Contains),
                $"{at}.felt",
                $"That is not felt in “{line.Name}”.",
                "Choose from its chips."
            );
            checks.That(gate.Open, $"{at}.item", $"{line.Name}: {gate.Says}", "Leave it for the day it opens.");
            checks.That(
                entry.Passed is null || item == AssessmentItem.DroppedRein,
                $"{at}.passed",
                "Only the dropped rein is passed or failed.",
                "Give a mark."
            );
            checks.That(
                entry.Mark is null || item != AssessmentItem.DroppedRein,
                $"{at}.mark",
                "The dropped rein is passed or failed, not marked.",
                "Say whether it passed."
            );
        }

        checks.That(
            entry.Mark is null || Measures.Mark.IsMark(entry.Mark.Value),
            $"{at}.mark",
            "Marks go from 0 to 10 in halves.",
            "Give a mark such as 6.5."
        );
        checks.That(
            entry.Tension is null or (>= 0 and <= 4),
            $"{at}.tension",
            "Tension goes from 0, asleep, to 4, over the top.",
            "Choose one of the five."
        );
        checks.That(
            entry.Minute is null or (>= 0 and <= LongestRide),
            $"{at}.minute",
            string.Create(CultureInfo.InvariantCulture, $"Minute {entry.Minute} is not in this ride."),
            $"Give a minute from 0 to {LongestRide}."
        );
        return checks.Outcome(() =>
            new SheetAnswer(
                item,
                rein,
                entry.Mark is { } mark ? Measures.Mark.Of(mark) : null,
                felt,
                entry.Tension,
                entry.Minute,
                entry.Passed,
                on
            )
        );
    }
}

/// <summary>An assessment ride: the first thing done with a new or returning horse. It may be taken up again until it is finished.</summary>
public sealed record Assessment(
    Guid Id,
    DateOnly StartedOn,
    int WeeksOff,
    string Reported,
    IReadOnlyList<SheetAnswer> Answers,
    DateOnly? FinishedOn
)
{
    private const int MostWeeksOff = 520;

    /// <summary>Problems that others report, each to be judged by itself.</summary>
    public IReadOnlyList<Felt> Problems { get; init; } = [];

    /// <summary>Begins a sheet. A horse that is too young to be ridden has none.</summary>
    public static Outcome<Assessment> Begin(Guid id, AssessmentEntry entry, Horse horse, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(horse);
        var checks = new Checks();
        var weeksOff = checks.Whole("weeksOff", entry.WeeksOff ?? 0, 0, MostWeeksOff, "weeks");
        var reported = checks.OptionalText("reported", entry.Reported, 2000);
        var problems = entry.Problems?.Distinct().Order().ToList() ?? [];
        checks.That(
            problems.TrueForAll(ReportedProblems.CanBeReported),
            "problems",
            "That is not a problem that a ride can judge.",
            "Choose from the list; signs of pain go to the vet first."
        );
        var age = horse.Age(today);
        checks.That(
            age > Sessions.SessionFigures.InHandOnlyTo.Value,
            "",
            $"{horse.Name} is {age}: too young to be ridden.",
            "Keep to work in hand, and note what you see there."
        );
        return checks.Outcome(() => new Assessment(id, today, weeksOff, reported, [], null) { Problems = problems });
    }

    public SheetAnswer? At(AssessmentItem item, Rein rein) => Answers.FirstOrDefault(a => a.Item == item && a.Rein == rein);

    /// <summary>Left and right of an item.</summary>
    public (SheetAnswer? Left, SheetAnswer? Right) Both(AssessmentItem item) => (At(item, Rein.Left), At(item, Rein.Right));
}
