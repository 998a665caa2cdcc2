using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;
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
    public const int LookBack = 6;

    public static async Task<JudgedRide> JudgeOneAsync(this Visit visit, Ride ride)
    {
        ArgumentNullException.ThrowIfNull(visit);
        ArgumentNullException.ThrowIfNull(ride);
        var rides = await visit.Yard.RidesAsync(ride.HorseId, ride.OnDay, 50);
        var from = rides.FindIndex(r => r.Id == ride.Id);
        return (await visit.JudgeAsync(ride.HorseId, from < 0 ? [ride] : rides.GetRange(from, Math.Min(LookBack + 1, rides.Count - from))))[0];
    }

    /// <summary>Judges rides of one horse, the latest first; each is compared with those after it in the list.</summary>
    public static async Task<List<JudgedRide>> JudgeAsync(this Visit visit, Guid horseId, IReadOnlyList<Ride> rides)
    {
        ArgumentNullException.ThrowIfNull(visit);
        var horse = (await visit.Yard.FindHorseAsync(horseId))!.Value;
        var logs = await visit.Yard.LogsAsync(rides.Select(r => r.Id));
        var earlier = rides.Select(r => new EarlierRide(r.OnDay, RideRecord.Fold(logs[r.Id]))).ToList();
        var sessions = rides.Count == 0 ? [] : (await visit.Yard.SessionsAsync(rides.Min(r => r.OnDay).AddDays(-31), rides.Max(r => r.OnDay).AddDays(31), horseId)).ToDictionary(s => s.Plan.Id);
        var setUps = (await visit.Yard.SetUpsByIdAsync(horseId, sessions.Values.SelectMany(s => s.Plan.Parts).Select(p => p.SetUpId).OfType<Guid>())).ToDictionary(s => s.Id);
        var aims = await visit.Yard.AimsAsync(horseId);
        return [.. rides.Select((ride, i) =>
        {
            var session = ride.SessionId is { } id ? sessions.GetValueOrDefault(id) : null;
            List<KeptSetUp> stood = session is null ? [] : [.. session.Plan.Parts.Select(p => p.SetUpId).OfType<Guid>().Distinct().Select(s => setUps[s])];
            var next = aims.Find(a => a.Aim.On >= ride.OnDay)?.Aim.DaysLeft(ride.OnDay);
            var context = new VerdictContext(
                horse, ride.OnDay, earlier[i].Record, earlier.GetRange(i + 1, Math.Min(LookBack, earlier.Count - i - 1)), session?.Plan, stood.ConvertAll(s => s.Entry.Check().OrThrow()), next);
            return new JudgedRide(ride, logs[ride.Id], session, stood, context, VerdictRules.Judge(context));
        })];
    }
}
