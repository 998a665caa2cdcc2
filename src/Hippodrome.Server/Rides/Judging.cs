using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;
using Hippodrome.Server.Exercises;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;

namespace Hippodrome.Server.Rides;

/// <summary>A ride with all that the rules looked at and said.</summary>
public sealed record JudgedRide(
    Ride Ride, RideLog Log, KeptSession? Session, IReadOnlyList<KeptSetUp> SetUps, VerdictContext Context, IReadOnlyList<Verdict> Verdicts);

/// <summary>Gathers what the rules need from the store and lets them speak.</summary>
public static class Judging
{
    /// <summary>Rides before the one judged that a rule may look at.</summary>
    public static int LookBack => VerdictFigures.LookedThrough.Value;

    /// <summary>Judges one ride against those before it.</summary>
    public static async Task<JudgedRide> JudgeOneAsync(this Visit visit, Ride ride)
    {
        ArgumentNullException.ThrowIfNull(visit);
        ArgumentNullException.ThrowIfNull(ride);
        // Of the same day there may be later ones, which come first and are left out.
        const int mostOnOneDay = 20;
        var rides = await visit.Yard.LatestRidesAsync([ride.HorseId], ride.OnDay, LookBack + mostOnOneDay);
        return (await visit.JudgeAsync([ride], [ride, .. rides.SkipWhile(r => r.Id != ride.Id).Skip(1)]))[0];
    }

    /// <summary>Judges rides against those of the same horse that come after them in <paramref name="all"/>, where the latest comes first.</summary>
    public static async Task<List<JudgedRide>> JudgeAsync(this Visit visit, IReadOnlyList<Ride> rides, IReadOnlyList<Ride> all)
    {
        ArgumentNullException.ThrowIfNull(visit);
        ArgumentNullException.ThrowIfNull(rides);
        ArgumentNullException.ThrowIfNull(all);
        var yard = visit.Yard;
        var horseIds = rides.Select(r => r.HorseId).Distinct().ToList();
        var horses = (await yard.HorsesByIdAsync(horseIds)).ToDictionary(h => h.Value.Id, h => h.Value);
        var ofHorse = all.GroupBy(r => r.HorseId).ToDictionary(g => g.Key, g => g.ToList());
        var logs = await yard.LogsAsync(rides.Select(r => r.Id));
        var records = rides.ToDictionary(r => r.Id, r => RideRecord.Fold(logs[r.Id]));
        var earlier = rides.ToDictionary(r => r.Id, r => EarlierOf(r, records[r.Id], ofHorse[r.HorseId]));
        foreach (var (id, log) in await yard.LogsAsync(earlier.Values.SelectMany(e => e).Select(r => r.Id).Where(id => !records.ContainsKey(id))))
        {
            records[id] = RideRecord.Fold(log);
        }

        var sessions = (await yard.SessionsByIdAsync(rides.Select(r => r.SessionId).OfType<Guid>())).ToDictionary(s => s.Plan.Id);
        var setUps = (await yard.SetUpsByIdAsync(sessions.Values.SelectMany(s => s.Plan.Parts).Select(p => p.SetUpId).OfType<Guid>())).ToDictionary(s => s.Id);
        var aims = (await yard.AimsAsync(horseIds)).ToLookup(a => a.HorseId, a => a.Aim);
        var ladders = await RungEvidence.OpenAsync(visit, horses, [.. rides.SelectMany(r => RungsOf(r, sessions).Select(rung => (r.HorseId, rung)))], records);
        var legs = await LegsAsync(visit, rides, records);

        return [.. rides.Select(ride =>
        {
            var session = ride.SessionId is { } id ? sessions.GetValueOrDefault(id) : null;
            List<KeptSetUp> stood = session is null ? [] : [.. session.Plan.Parts.Select(p => p.SetUpId).OfType<Guid>().Distinct().Select(s => setUps[s])];
            var next = aims[ride.HorseId].FirstOrDefault(a => a.On >= ride.OnDay)?.DaysLeft(ride.OnDay);
            var plain = new VerdictContext(
                horses[ride.HorseId], ride.OnDay, records[ride.Id], earlier[ride.Id].ConvertAll(r => new EarlierRide(r.OnDay, records[r.Id])), session?.Plan, stood.ConvertAll(s => s.Entry.Check().OrThrow()), next)
            {
                Legs = [.. legs[ride.HorseId]],
                ChangesAreSure = ladders.ChangesAreSure(ride.HorseId),
            };
            var context = plain with { Rungs = ladders.Judge(ride, RungsOf(ride, sessions), ofHorse[ride.HorseId], next, VerdictRules.AsksForCare(plain)) };
            return new JudgedRide(ride, logs[ride.Id], session, stood, context, VerdictRules.Judge(context));
        })];
    }

    private static IReadOnlyList<string> RungsOf(Ride ride, Dictionary<Guid, KeptSession> sessions) =>
        ride.SessionId is { } id && sessions.GetValueOrDefault(id) is { } session ? [.. session.Plan.Parts.Select(p => p.RungId).OfType<string>().Distinct()] : [];

    /// <summary>Touches told by leg before and in these rides, since somebody last looked; read only where one of them tells of a leg.</summary>
    private static async Task<ILookup<Guid, LegsTold>> LegsAsync(Visit visit, IReadOnlyList<Ride> rides, Dictionary<Guid, RideRecord> records)
    {
        var told = rides.Where(r => records[r.Id].Rail.TouchedLegs.Count > 0).ToList();
        if (told.Count == 0)
        {
            return Enumerable.Empty<LegsTold>().ToLookup(_ => Guid.Empty);
        }

        var ids = told.Select(r => r.HorseId).Distinct().ToList();
        var looks = await visit.Yard.LegLooksAsync(ids);
        return (await visit.Yard.LegsToldAsync(ids, told.Min(r => r.OnDay).AddDays(-VerdictFigures.SameLegDays.Value), told.Max(r => r.OnDay)))
            .Where(l => !(l.On <= looks.GetValueOrDefault(l.HorseId)?.OnDay)).ToLookup(l => l.HorseId, l => new LegsTold(l.On, RideRecord.Fold(l.Log).Rail.TouchedLegs));
    }

    /// <summary>The rides that this one is compared with: as many as a rule looks back from it.</summary>
    private static List<Ride> EarlierOf(Ride ride, RideRecord record, List<Ride> ofHorse) =>
        [.. ofHorse.SkipWhile(r => r.Id != ride.Id).Skip(1).Take(VerdictRules.RidesBack(record))];
}
