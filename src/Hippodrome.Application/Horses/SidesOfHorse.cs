using Hippodrome.Core.Assessments;
using Hippodrome.Core.Rides;
using Hippodrome.Storage.Assessments;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Horses;

/// <summary>The stiff side as the latest assessment ride found it, and left against right over the weeks since.</summary>
public sealed record SidesView(SideFinding? StiffSide, Guid? AssessmentId, DateOnly? AssessedOn, SideTrend Trend);

/// <summary>Left against right over a horse's rides.</summary>
public static class SidesOfHorse
{
    private const int RidesLookedAt = 30;
    private const int WeeksLookedAt = 16;

    public static async Task<SidesView> ReadAsync(Guid horseId, Visit visit)
    {
        var assessed = (await visit.Yard.AssessmentsAsync(horseId)).Find(k => k.Assessment.FinishedOn is not null)?.Assessment;
        var rides = (await visit.Yard.LatestRidesAsync([horseId], visit.Today, RidesLookedAt)).FindAll(r =>
            r.OnDay >= visit.Today.AddDays(-7 * WeeksLookedAt)
        );
        var totals = await visit.Book.TotalsAsync(rides.Select(r => r.Id));
        return new SidesView(
            assessed is null ? null : SideRules.StiffSide(assessed),
            assessed?.Id,
            assessed?.StartedOn,
            SideTrend.Of(rides.Select(r => (r.OnDay, totals[r.Id].Marks)))
        );
    }
}
