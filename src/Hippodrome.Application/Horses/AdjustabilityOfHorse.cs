using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Horses;

/// <summary>An accordion ride with the strides it shows.</summary>
public sealed record AccordionView(
    Guid Id,
    DateOnly On,
    Distance Gap,
    int Fewest,
    int Most,
    Distance Longest,
    Distance Shortest,
    double Ratio
);

/// <summary>How far the canter goes from short to long, now and over time.</summary>
public sealed record Adjustability(IReadOnlyList<AccordionView> Rides, double? Now, double Trained, Trend? Trend, Why Why);

/// <summary>How far a horse's canter goes from short to long, by accordion rides.</summary>
public static class AdjustabilityOfHorse
{
    /// <summary>Counts over poles are looked for in so many rides.</summary>
    private const int CountedRides = 40;

    public static async Task<Adjustability> ReadAsync(Guid horseId, Visit visit) => await ShowAsync(horseId, visit);

    public static async Task<Answer<Adjustability>> AddAsync(Guid horseId, AccordionEntry entry, Visit visit)
    {
        var ridden = Accordion.From(visit.NewId, entry, (await visit.Yard.FindHorseAsync(horseId))!.Value, visit.Today);
        if (!ridden.IsFine)
        {
            return Refusal.Faulty(ridden.Faults);
        }

        await visit.Yard.AddAccordionAsync(horseId, ridden.Value, visit.Me.Id);
        return await ShowAsync(horseId, visit);
    }

    private static async Task<Adjustability> ShowAsync(Guid horseId, Visit visit)
    {
        var latestRides = await visit.Yard.LatestRidesAsync([horseId], visit.Today, CountedRides);
        var logged = await visit.Book.RidesAsync(latestRides.Select(r => r.Id));
        var rides = (await visit.Yard.AccordionsAsync(horseId))
            .Concat(latestRides.SelectMany(r => CountedForAdjustability.Of(r.Id, r.OnDay, logged[r.Id].Record)))
            .OrderByDescending(a => a.On)
            .ToList();
        var latest = rides.FirstOrDefault();
        return new Adjustability(
            rides.ConvertAll(r => new AccordionView(r.Id, r.On, r.Gap, r.Fewest, r.Most, r.Longest, r.Shortest, Math.Round(r.Ratio, 2))),
            latest is null ? null : Math.Round(latest.Ratio, 2),
            Math.Round(Accordion.TrainedRatio.Value, 2),
            Trend.Of(rides.Select(r => (r.On.DayNumber / 7.0, r.Ratio))),
            new Why(
                "Between ground poles n strides take n + 1 stride lengths; adjustability is the longest over the shortest",
                latest is null
                    ? []
                    :
                    [
                        FormattableString.Invariant($"{latest.Gap} in {latest.Fewest}: {latest.Longest}"),
                        FormattableString.Invariant($"{latest.Gap} in {latest.Most}: {latest.Shortest}"),
                    ],
                Accordion.TrainedRatio.Source
            )
        );
    }
}
