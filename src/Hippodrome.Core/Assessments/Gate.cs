using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Assessments;

/// <summary>Whether a line of the sheet may be ridden on a day, and if not, why.</summary>
public sealed record Gate(AssessmentItem Item, bool Open, string Says, DateOnly? OpensOn);

/// <summary>What the passport and the time off leave open on the sheet.</summary>
public static class Gates
{
    /// <summary>
    /// One gate for every line. A hold shuts them all; a restriction shuts the gaits it rules out; after a rest
    /// trot waits for the walk weeks, and canter for the trot weeks.
    /// </summary>
    public static IReadOnlyList<Gate> For(
        Assessment assessment,
        string? heldBecause,
        IReadOnlyList<Restriction> restrictions,
        DateOnly today
    )
    {
        ArgumentNullException.ThrowIfNull(assessment);
        ArgumentNullException.ThrowIfNull(restrictions);
        return
        [
            .. Sheet.Items.Select(line =>
            {
                var opens = TimeOff.OpensOn(line.Gait, assessment.WeeksOff, assessment.StartedOn);
                var restricted = restrictions.FirstOrDefault(r => r.HoldsOn(today) && r.NoGaits.Contains(line.Gait));
                return heldBecause is not null ? new Gate(line.Item, false, $"held: {heldBecause}.", null)
                    : restricted is not null ? new Gate(line.Item, false, $"ruled out by {restricted.By}: {restricted.Says}.", null)
                    : opens > today
                        ? new Gate(line.Item, false, $"waits until {opens:d MMMM}, after {assessment.WeeksOff} weeks off.", opens)
                    : new Gate(line.Item, true, "", null);
            }),
        ];
    }
}
