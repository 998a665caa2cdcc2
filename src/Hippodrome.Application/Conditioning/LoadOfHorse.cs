using Hippodrome.Core.Conditioning;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Conditioning;

/// <summary>How hard a horse has worked over the weeks.</summary>
public static class LoadOfHorse
{
    private const int WeeksShown = 8;
    private const int MostRides = 120;

    /// <summary>What the horse has worked, week by week, from its rides.</summary>
    public static async Task<TrainingLoad> ReadAsync(Guid horseId, Visit visit)
    {
        // The long average remembers about three times its length.
        var since = TrainingLoad.Monday(visit.Today).AddDays(-7 * (WeeksShown + 4));
        var rides = await visit.Yard.LatestRidesAsync([horseId], visit.Today, MostRides, since);
        var totals = await visit.Book.TotalsAsync(rides.Select(r => r.Id));
        var days = rides.ConvertAll(r => new DayLoad(r.OnDay, totals[r.Id].Minutes, totals[r.Id].Load));
        return TrainingLoad.Of(days, WeeksShown, visit.Today);
    }
}
