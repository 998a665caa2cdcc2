using Hippodrome.Application.Exercises;
using Hippodrome.Application.Horses;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;

namespace Hippodrome.Application.Rides;

/// <summary>A ride with all that the rules looked at and said.</summary>
public sealed record JudgedRide(
    Ride Ride,
    Horse Horse,
    RideLog Log,
    KeptSession? Session,
    IReadOnlyList<KeptSetUp> SetUps,
    VerdictContext Context,
    IReadOnlyList<Verdict> Verdicts
);

/// <summary>Gathers what the rules need from the store and lets them speak.</summary>
public static class Judging
{
    /// <summary>Rides before the one judged that a rule may look at.</summary>
    public static int LookBack => VerdictFigures.LookedThrough.Value;

    /// <summary>Judges one ride against those before it.</summary>
    /// <param name="visit">Who asks.</param>
    /// <param name="ride">The ride.</param>
    /// <param name="upTo">Rides of its horse up to its day, the latest first; those of the same day that came after it are left out.</param>
    public static async Task<JudgedRide> JudgeOneAsync(this Visit visit, Ride ride, IReadOnlyList<Ride> upTo)
    {
        ArgumentNullException.ThrowIfNull(visit);
        ArgumentNullException.ThrowIfNull(ride);
        visit.Book.WantSessions(ride.SessionId is { } id ? [id] : []);
        await visit.Book.SessionsAroundAsync([ride.HorseId], ride.OnDay, ride.OnDay.AddDays(PlanChecks.DaysAhead));
        return (await visit.JudgeAsync([ride], [ride, .. upTo.SkipWhile(r => r.Id != ride.Id).Skip(1)]))[0];
    }

    /// <summary>The rides on the rungs that these rides worked, where their horses stand on them.</summary>
    internal static async Task<IReadOnlyList<RideOnRung>> RidesOnRungsOfAsync(this Visit visit, IReadOnlyCollection<Ride> rides)
    {
        var pages = await visit.Book.PagesAsync([.. rides.Select(r => r.HorseId).Distinct()]);
        var sessions = await visit.Book.SessionsAsync(rides.Select(r => r.SessionId).OfType<Guid>());
        return await visit.Book.RidesOnRungsAsync(
            RungEvidence.StoodOn(pages, rides.SelectMany(r => RungsOf(r, sessions).Select(rung => (r.HorseId, rung))))
        );
    }

    /// <summary>
    /// Judges rides against those of the same horse that come after them in <paramref name="all"/>, where the latest comes
    /// first.
    /// </summary>
    public static async Task<List<JudgedRide>> JudgeAsync(this Visit visit, IReadOnlyList<Ride> rides, IReadOnlyList<Ride> all)
    {
        ArgumentNullException.ThrowIfNull(visit);
        ArgumentNullException.ThrowIfNull(rides);
        ArgumentNullException.ThrowIfNull(all);
        var pages = await visit.Book.PagesAsync([.. rides.Select(r => r.HorseId).Distinct()]);
        var ofHorse = all.GroupBy(r => r.HorseId).ToDictionary(g => g.Key, g => g.ToList());
        var sessions = await visit.Book.SessionsAsync(rides.Select(r => r.SessionId).OfType<Guid>());
        var setUps = await visit.Book.SetUpsAsync(
            rides
                .Select(r => SessionOf(r, sessions))
                .OfType<KeptSession>()
                .SelectMany(s => s.Plan.Parts)
                .Select(p => p.SetUpId)
                .OfType<Guid>()
        );
        var onRungs = await visit.RidesOnRungsOfAsync(rides);
        var logged = await visit.Book.RidesAsync(rides.Select(r => r.Id).Concat(onRungs.Select(r => r.Ride.Id)));
        var earlier = rides.ToDictionary(r => r.Id, r => EarlierOf(r, logged[r.Id].Record, ofHorse[r.HorseId]));
        var legsTold = await LegsToldAsync(visit, pages, rides, logged);
        await visit.Book.RidesAsync(earlier.Values.SelectMany(e => e).Select(r => r.Id).Concat(legsTold.Select(l => l.RideId)));
        var records = logged.ToDictionary(l => l.Key, l => l.Value.Record);
        var ladders = RungEvidence.Of(visit, pages, onRungs, records);
        var legs = legsTold.ToLookup(
            l => l.HorseId,
            l => (l.RideId, Told: new LegsTold(l.OnDay, logged[l.RideId].Record.Rail.TouchedLegs))
        );

        return
        [
            .. rides.Select(ride =>
            {
                var session = SessionOf(ride, sessions);
                List<KeptSetUp> stood = session is null
                    ? []
                    : [.. session.Plan.Parts.Select(p => p.SetUpId).OfType<Guid>().Distinct().Select(s => setUps[s])];
                var horse = pages.Horses[ride.HorseId].Value;
                var next = pages.Aims[ride.HorseId].FirstOrDefault(a => a.Aim.On >= ride.OnDay)?.Aim.DaysLeft(ride.OnDay);
                var facts = RideFacts.Of(horse, ride.OnDay, session?.Plan, stood.ToDictionary(s => s.Id, s => s.Entry.AsKept().SetUp)) with
                {
                    Legs = [.. legs[ride.HorseId].Where(l => l.RideId != ride.Id).Select(l => l.Told)],
                    ChangesAreSure = ladders.ChangesAreSure(ride.HorseId),
                    Ways = pages.Ways[ride.HorseId],
                };
                var plain = new VerdictContext(
                    facts,
                    records[ride.Id],
                    earlier[ride.Id].ConvertAll(r => new EarlierRide(r.OnDay, records[r.Id]))
                );
                var context = plain with
                {
                    Rungs = ladders.Judge(ride, RungsOf(ride, sessions), ofHorse[ride.HorseId], next, () => RideRules.AsksForCare(plain)),
                };
                return new JudgedRide(ride, horse, logged[ride.Id].Log, session, stood, context, RideRules.Judge(context));
            }),
        ];
    }

    private static KeptSession? SessionOf(Ride ride, IReadOnlyDictionary<Guid, KeptSession> sessions) =>
        ride.SessionId is { } id ? sessions.GetValueOrDefault(id) : null;

    private static IReadOnlyList<string> RungsOf(Ride ride, IReadOnlyDictionary<Guid, KeptSession> sessions) =>
        SessionOf(ride, sessions) is { } session ? [.. session.Plan.Parts.Select(p => p.RungId).OfType<string>().Distinct()] : [];

    /// <summary>
    /// Rides that told touches by leg, of these and before, since somebody last looked; read only where one of them tells
    /// of a leg.
    /// </summary>
    private static async Task<List<LegsToldIn>> LegsToldAsync(
        Visit visit,
        HorsePages pages,
        IReadOnlyList<Ride> rides,
        IReadOnlyDictionary<Guid, LoggedRide> logged
    )
    {
        var telling = rides
            .Select(r => (r.HorseId, r.OnDay, Days: RideRules.LegDaysBack(logged[r.Id].Record)))
            .Where(r => r.Days > 0)
            .ToList();
        if (telling.Count == 0)
        {
            return [];
        }

        var told = await visit.Book.LegsToldAsync(
            telling.Select(r => r.HorseId).Distinct(),
            telling.Min(r => r.OnDay.AddDays(-r.Days)),
            telling.Max(r => r.OnDay)
        );
        return told.FindAll(l => !(l.OnDay <= pages.LegLooks.GetValueOrDefault(l.HorseId)?.OnDay));
    }

    /// <summary>The rides that this one is compared with: as many as a rule looks back from it.</summary>
    private static List<Ride> EarlierOf(Ride ride, RideRecord record, List<Ride> ofHorse) =>
        [.. ofHorse.SkipWhile(r => r.Id != ride.Id).Skip(1).Take(RideRules.RidesBack(record))];
}
