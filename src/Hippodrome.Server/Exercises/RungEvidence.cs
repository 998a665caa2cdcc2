using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Server.Exercises;

/// <summary>The rides that move rungs, for any number of horses: what the review and the ladder both judge from.</summary>
internal sealed class RungEvidence
{
    private readonly IReadOnlyDictionary<Guid, Horse> _horses;
    private readonly Dictionary<Guid, Places> _places;
    private readonly ILookup<Guid, KeptMove> _moves;
    private readonly ILookup<(Guid, string), (Ride Ride, RideRecord Record)> _onRung;
    private readonly HashSet<Guid> _held;
    private readonly DateOnly _today;

    private RungEvidence(IReadOnlyDictionary<Guid, Horse> horses, ILookup<Guid, KeptMove> moves, ILookup<(Guid, string), (Ride, RideRecord)> onRung, HashSet<Guid> held, DateOnly today)
    {
        (_horses, _moves, _onRung, _held, _today) = (horses, moves, onRung, held, today);
        _places = horses.ToDictionary(h => h.Key, h => Places.Of(h.Value, moves[h.Key].Select(m => m.Move)));
    }

    /// <param name="visit">Who asks.</param>
    /// <param name="horses">The horses.</param>
    /// <param name="worked">Rungs that were worked.</param>
    /// <param name="folded">Records that are there already.</param>
    public static async Task<RungEvidence> OpenAsync(Visit visit, IReadOnlyDictionary<Guid, Horse> horses, IReadOnlyCollection<(Guid HorseId, string RungId)> worked, Dictionary<Guid, RideRecord> folded)
    {
        var yard = visit.Yard;
        var moves = await yard.MovesAsync(horses.Keys);
        var held = (await yard.HoldsAsync(horses.Keys)).Where(h => h.ClearedOn is null).Select(h => h.HorseId).ToHashSet();
        var evidence = new RungEvidence(horses, moves, Enumerable.Empty<(Ride, RideRecord)>().ToLookup(_ => (Guid.Empty, "")), held, visit.Today);
        // Only rungs that the horse stands on: nothing else is climbed.
        var stands = worked.Distinct().Where(w => Catalogue.Find(w.RungId) is { } rung && evidence._places[w.HorseId][rung.Strand] == rung).ToList();
        if (stands.Count == 0)
        {
            return evidence;
        }

        var rides = await yard.RidesOnRungsAsync(stands, visit.Today, Reliability.Counted.Value);
        var logs = await yard.LogsAsync(rides.Select(r => r.Ride.Id).Where(id => !folded.ContainsKey(id)));
        foreach (var (id, log) in logs)
        {
            folded[id] = RideRecord.Fold(log);
        }

        return new RungEvidence(horses, moves, rides.ToLookup(r => (r.Ride.HorseId, r.RungId), r => (r.Ride, folded[r.Ride.Id].OnParts(r.Parts))), held, visit.Today);
    }

    /// <summary>Single flying changes are sure everywhere.</summary>
    public bool ChangesAreSure(Guid horseId) => _places[horseId].Reached(Catalogue.Rung("changes/forward-change-collect"));

    /// <summary>The ladders of the rungs that a ride worked, as they stand after it.</summary>
    /// <param name="ride">The ride.</param>
    /// <param name="worked">Rungs its session named.</param>
    /// <param name="all">Rides of the horse, the latest first.</param>
    /// <param name="daysToCompetition">Days from the ride to the next competition.</param>
    /// <param name="care">What the other verdicts on it ask for; null where nothing asks for care.</param>
    public IReadOnlyList<RungVerdict> Judge(Ride ride, IReadOnlyList<string> worked, IReadOnlyList<Ride> all, int? daysToCompetition, string? care) =>
    [
        .. worked.Select(id => Catalogue.Find(id)).OfType<Rung>().Where(r => _places[ride.HorseId][r.Strand] == r)
            .Select(rung => Context(ride, rung, all, daysToCompetition, care)).OfType<RungContext>().Select(RungRules.Judge),
    ];

    /// <summary>Only rides since the horse came onto the rung count: what was good before it went back has been answered.</summary>
    private RungContext? Context(Ride ride, Rung rung, IReadOnlyList<Ride> all, int? daysToCompetition, string? care)
    {
        var horse = _horses[ride.HorseId];
        var since = _moves[ride.HorseId].LastOrDefault(m => m.Move.Strand == rung.Strand)?.Move.On ?? DateOnly.MinValue;
        var rides = _onRung[(ride.HorseId, rung.Id)].SkipWhile(e => e.Ride.Id != ride.Id).Where(e => e.Ride.OnDay >= since)
            .Select(e => new RungRide(e.Ride.Id, e.Ride.OnDay, e.Ride.RiderId, e.Record, e.Ride.Place)).ToList();
        var before = all.SkipWhile(r => r.Id != ride.Id).Skip(1).ToList();
        return rides.Count == 0 ? null : new RungContext(
            rung, _places[ride.HorseId], horse.Age(_today), rides, before.FirstOrDefault()?.OnDay, before.Select(r => r.RiderId).ToHashSet(), daysToCompetition, _held.Contains(ride.HorseId),
            before.Select(r => r.Place).ToHashSet(StringComparer.OrdinalIgnoreCase))
        {
            LatestAsksForCare = care,
            HeatLimitC = horse.HeatLimitC,
        };
    }
}
