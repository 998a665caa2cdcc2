using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Rides;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Rides;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Conditioning;

public static class LoadEndpoint
{
    private const int WeeksShown = 8;
    private const int MostRides = 120;

    public static void MapLoad(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/load", ReadAsync).Needs(Access.Reads);
        api.MapGet("/levels", () => TypedResults.Ok(Levels.All)).Needs(Access.Reads);
    }

    /// <summary>What the horse has worked, week by week, from its rides.</summary>
    private static async Task<Ok<TrainingLoad>> ReadAsync(Guid horseId, Visit visit)
    {
        // The long average remembers about three times its length.
        var since = TrainingLoad.Monday(visit.Today).AddDays(-7 * (WeeksShown + 4));
        var rides = (await visit.Yard.LatestRidesAsync([horseId], visit.Today, MostRides)).FindAll(r => r.OnDay >= since);
        var logs = await visit.Yard.LogsAsync(rides.Select(r => r.Id));
        var days = rides.ConvertAll(r =>
        {
            var record = RideRecord.Fold(logs[r.Id]);
            return new DayLoad(r.OnDay, record.Minutes, record.Load);
        });
        return TypedResults.Ok(TrainingLoad.Of(days, WeeksShown, visit.Today));
    }
}
