using Hippodrome.Application.Rides;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Assessments;
using Hippodrome.Storage.Care;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Horses;

/// <summary>What kind of thing happened.</summary>
public enum Happened
{
    Ride,
    Rung,
    Hold,
    Cleared,
    Restriction,
    Care,
    Referral,
    Assessment,
    Competition,
    Measured,
}

/// <summary>One thing that happened, in a line.</summary>
/// <param name="On">The day.</param>
/// <param name="What">Its kind.</param>
/// <param name="Says">In words.</param>
/// <param name="Id">The ride, assessment or referral it opens, if any.</param>
public sealed record TimelineLine(DateOnly On, Happened What, string Says, Guid? Id = null);

/// <summary>What happened to a horse, the latest first.</summary>
public static class TimelineOfHorse
{
    private const int Shown = 60;

    /// <summary>What happened to a horse, the latest first.</summary>
    public static async Task<List<TimelineLine>> ReadAsync(Guid horseId, Visit visit)
    {
        var yard = visit.Yard;
        var lines = new List<TimelineLine>();
        var rides = await yard.LatestRidesAsync([horseId], visit.Today, Shown);
        lines.AddRange(
            (await visit.JudgeAsync(rides, rides)).Select(j => new TimelineLine(
                j.Ride.OnDay,
                Happened.Ride,
                $"{j.Session?.Plan.Emphasis ?? "Ridden"}, {j.Context.Record.Minutes:0} min, {j.Ride.RiderName}{(j.Ride.Place.Length > 0 ? $", at {j.Ride.Place}" : "")}",
                j.Ride.Id
            ))
        );
        lines.AddRange((await yard.MovesAsync([horseId]))[horseId].Select(m => new TimelineLine(m.Move.On, Happened.Rung, SayMove(m))));
        foreach (var hold in await yard.HoldsAsync([horseId]))
        {
            lines.Add(new(hold.Since, Happened.Hold, $"Held: {hold.Because}"));
            if (hold.ClearedOn is { } cleared)
            {
                lines.Add(new(cleared, Happened.Cleared, $"Cleared by {hold.ClearedBy}: {hold.Because}"));
            }
        }

        // What waits for a referral is told with it.
        foreach (var kept in (await yard.RestrictionsAsync([horseId])).Where(k => k.Restriction.ReferralId is null))
        {
            lines.Add(new(kept.Restriction.Since, Happened.Restriction, $"Restricted by {kept.Restriction.By}: {kept.Restriction.Says}"));
            if (kept.ClearedOn is { } cleared)
            {
                lines.Add(new(cleared, Happened.Cleared, $"Cleared by {kept.ClearedBy}: {kept.Restriction.Says}"));
            }
        }

        lines.AddRange(
            (await yard.CareVisitsAsync(horseId)).Select(v => new TimelineLine(
                v.On,
                Happened.Care,
                $"{v.Kind}{(v.By.Length > 0 ? $", {v.By}" : "")}{(v.Found.Length > 0 ? $": {v.Found}" : "")}"
            ))
        );
        foreach (var referral in (await yard.ReferralsAsync(horseId)).Select(k => k.Referral))
        {
            lines.Add(new(referral.On, Happened.Referral, $"Referred to the {referral.To.Say()}: {referral.Because}", referral.Id));
            if (referral.Outcome is { } outcome)
            {
                lines.Add(new(outcome.On, Happened.Referral, $"What came of it ({referral.To.Say()}): {outcome.Word}", referral.Id));
            }
        }

        lines.AddRange(
            (await yard.AssessmentsAsync(horseId)).Select(a => new TimelineLine(
                a.Assessment.StartedOn,
                Happened.Assessment,
                $"Assessment ride by {a.By}{(a.Assessment.FinishedOn is null ? ", unfinished" : "")}",
                a.Assessment.Id
            ))
        );
        lines.AddRange(
            (await yard.AimsAsync([horseId]))
                .Where(a => a.Aim.On <= visit.Today)
                .Select(a => new TimelineLine(a.Aim.On, Happened.Competition, a.Aim.Name))
        );
        lines.AddRange(
            (await yard.StrideMeasurementsAsync([horseId]))[horseId]
                .Select(m => new TimelineLine(
                    m.On,
                    Happened.Measured,
                    FormattableString.Invariant($"Stride measured: {m.Stride} over {m.Strip}")
                ))
        );
        return lines.OrderByDescending(l => l.On).Take(Shown).ToList();
    }

    private static string SayMove(KeptMove kept)
    {
        var to = kept.Move.RungId is { } id && Catalogue.Find(id) is { } rung ? rung.Name : "off the ladder";
        return $"{kept.Move.Strand.Say()} to {to}: {kept.Move.Word}";
    }
}
