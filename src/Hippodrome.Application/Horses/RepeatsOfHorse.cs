using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Horses;

/// <summary>What repeats with a horse, and what it does every time.</summary>
/// <param name="From">The first day that is looked at.</param>
/// <param name="Until">The last.</param>
/// <param name="Rides">Rides that were looked at.</param>
/// <param name="Hind">One hind leg that shows in several exercises; null where neither does.</param>
/// <param name="Repeats">What was the same on several days.</param>
/// <param name="Movements">Every movement that was asked, with its last ten.</param>
/// <param name="Questions">Every question across country, each way by itself.</param>
/// <param name="Travels">How it went between fences across country, in all of these rides.</param>
/// <param name="Riders">What made the riders' distances; a rider sees their own and nobody else's.</param>
public sealed record RepeatsView(
    DateOnly From,
    DateOnly Until,
    int Rides,
    OneHind? Hind,
    IReadOnlyList<Repeat> Repeats,
    IReadOnlyList<AttemptsOver> Movements,
    IReadOnlyList<QuestionsOver> Questions,
    IReadOnlyDictionary<TravelHow, int> Travels,
    IReadOnlyList<RidersDistance> Riders
);

/// <summary>What repeats over the rides of a horse: for the trainer, and printed for a vet, a physiotherapist or a coach.</summary>
public static class RepeatsOfHorse
{
    private const int MostRides = 100;

    public static async Task<RepeatsView> ReadAsync(Guid horseId, Visit visit)
    {
        var from = visit.Today.AddDays(1 - VerdictFigures.RepeatsDays.Value);
        var rides = await visit.Yard.LatestRidesAsync([horseId], visit.Today, MostRides, from);
        var logged = await visit.Book.RidesAsync(rides.Select(r => r.Id));
        var sessions = await visit.Book.SessionsAsync(rides.Select(r => r.SessionId).OfType<Guid>());
        var tack = await visit.Yard.TackOfAsync([horseId]);
        var ridden = rides.ConvertAll(r =>
        {
            var plan = r.SessionId is { } id ? sessions.GetValueOrDefault(id)?.Plan : null;
            return new RiddenOnce(r.Id, r.OnDay, r.RiderName, logged[r.Id].Record)
            {
                Parts = [.. (plan?.Parts ?? []).Select(p => p.What)],
                Tack = [.. (plan?.TackIds ?? []).Select(tack.GetValueOrDefault).OfType<Core.Horses.Tack>().Select(t => t.Name)],
            };
        });
        return new RepeatsView(
            from,
            visit.Today,
            ridden.Count,
            OneHind.Of(ridden.Take(VerdictFigures.HindRides.Value).Select(r => r.Record)),
            WhatRepeats.Of(ridden),
            AttemptsOver.Of(ridden),
            QuestionsOver.Of(ridden),
            ridden
                .SelectMany(r => r.Record.Rail.Travels)
                .GroupBy(t => t.Key)
                .OrderBy(g => g.Key)
                .ToDictionary(g => g.Key, g => g.Sum(t => t.Value)),
            Seen(RidersDistance.Over(ridden), visit.Me)
        );
    }

    private static IReadOnlyList<RidersDistance> Seen(IReadOnlyList<RidersDistance> all, Person me) =>
        me.Role == Role.Trainer ? all : [.. all.Where(d => d.Rider == me.Name)];
}
