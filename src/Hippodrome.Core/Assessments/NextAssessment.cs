using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Assessments;

/// <summary>Why an assessment ride is offered.</summary>
public enum AssessmentDue
{
    /// <summary>It is new here, and nobody has assessed it.</summary>
    First,

    /// <summary>One was begun and not finished, and what waited is open by now.</summary>
    TakeUp,

    /// <summary>The last is long ago: ridden again, the two lie side by side.</summary>
    Again,
}

/// <summary>An assessment as lists know it.</summary>
/// <param name="HorseId">Whose.</param>
/// <param name="Id">Its own.</param>
/// <param name="StartedOn">When it was begun.</param>
/// <param name="WeeksOff">Weeks without work before it.</param>
/// <param name="FinishedOn">When it was finished; null while it is not.</param>
public sealed record AssessedOn(Guid HorseId, Guid Id, DateOnly StartedOn, int WeeksOff, DateOnly? FinishedOn);

/// <summary>An assessment ride that is offered.</summary>
/// <param name="Due">Why.</param>
/// <param name="AssessmentId">The one to take up, or to lay beside; null for the first.</param>
/// <param name="Says">In words.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record NextAssessment(AssessmentDue Due, Guid? AssessmentId, string Says, Why Why)
{
    /// <summary>What is offered today; null where nothing is.</summary>
    /// <param name="horse">Who.</param>
    /// <param name="all">Its assessments, in any order.</param>
    /// <param name="today">Today.</param>
    public static NextAssessment? Of(Horse horse, IEnumerable<AssessedOn> all, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(horse);
        if (horse.Age(today) <= Sessions.SessionFigures.InHandOnlyTo.Value)
        {
            return null;
        }

        var last = all.OrderByDescending(a => a.StartedOn).FirstOrDefault();
        return last is null ? First(horse, today)
            : last.FinishedOn is null ? TakeUp(last, today)
            : Again(last, today);
    }

    private static NextAssessment? First(Horse horse, DateOnly today) =>
        today > horse.EnteredOn.AddDays(AssessmentFigures.NewFor.Value)
            ? null
            : new NextAssessment(
                AssessmentDue.First,
                null,
                "New here: the assessment ride comes first.",
                Why.Of(
                    "An assessment ride is the first thing done with a new horse",
                    [FormattableString.Invariant($"taken on on {horse.EnteredOn:d MMMM}")],
                    Source.CommonPractice
                )
            );

    private static NextAssessment? TakeUp(AssessedOn last, DateOnly today)
    {
        var open = Sheet.Items.Where(i => TimeOff.OpensOn(i.Gait, last.WeeksOff, last.StartedOn) is var on && !(on > today)).ToList();
        return last.StartedOn == today || open.TrueForAll(i => i.Gait == Gait.Walk)
            ? null
            : new NextAssessment(
                AssessmentDue.TakeUp,
                last.Id,
                FormattableString.Invariant($"Its assessment of {last.StartedOn:d MMMM} waits to be taken up where it was left."),
                Why.Of(
                    "After a rest the sheet is ridden in parts: walk first, trot and canter when the ramp admits them",
                    [$"{last.WeeksOff} weeks off before it"],
                    TimeOff.RestFrom.Source
                )
            );
    }

    private static NextAssessment? Again(AssessedOn last, DateOnly today) =>
        today < last.FinishedOn!.Value.AddDays(AssessmentFigures.AgainAfter.Value)
            ? null
            : new NextAssessment(
                AssessmentDue.Again,
                last.Id,
                FormattableString.Invariant($"Assessed on {last.StartedOn:d MMMM}: ride it again, and lay the two side by side."),
                Why.Of(
                    "The assessment is the baseline that later ones are laid beside",
                    [FormattableString.Invariant($"finished on {last.FinishedOn:d MMMM yyyy}")],
                    AssessmentFigures.AgainAfter.Source
                )
            );
}
