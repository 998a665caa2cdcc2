using Hippodrome.Core.Verdicts;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Horses;

/// <summary>A horse three months ago beside today, with a picture of each where a ride has one; nothing while its book is young.</summary>
public sealed record ThenAndNowView(ThenAndNow? Compared, RidePhoto? PhotoThen, RidePhoto? PhotoNow);

/// <summary>Then and now: what three months have brought.</summary>
public static class ThenAndNowOfHorse
{
    public static async Task<ThenAndNowView> ReadAsync(Guid horseId, Visit visit)
    {
        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var today = visit.Today;
        if (await visit.Yard.FirstRideAsync(horseId) is not { } first || ThenAndNow.DayBefore(today, first.OnDay) is not { } then)
        {
            return new ThenAndNowView(null, null, null);
        }

        var rides = await visit.Yard.LatestRidesAsync([horseId], today, int.MaxValue, ThenAndNow.MarksFrom(then));
        var near = rides.FindAll(r => r.OnDay <= then || r.OnDay >= ThenAndNow.MarksFrom(today));
        var totals = await visit.Book.TotalsAsync(near.Select(r => r.Id));
        var compared = ThenAndNow.Of(
            horse,
            then,
            today,
            [.. (await visit.Yard.MovesAsync([horseId]))[horseId].Select(m => m.Move)],
            [.. (await visit.Yard.StrideMeasurementsAsync([horseId]))[horseId]],
            near.ConvertAll(r => (r.OnDay, totals[r.Id].Marks))
        );
        var photoThen = await visit.Yard.LatestPhotoAsync(horseId, then);
        var photoNow = await visit.Yard.LatestPhotoAsync(horseId, today);
        return new ThenAndNowView(compared, photoThen, photoNow == photoThen ? null : photoNow);
    }
}
