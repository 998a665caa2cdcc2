using Hippodrome.Application.Horses;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Exercises;

/// <summary>The rides that move rungs, for any number of horses: what the review and the ladder both judge from.</summary>
internal sealed class RungEvidence
{
    private readonly HorsePages _pages;
    private readonly ILookup<(Guid, string), (Ride Ride, RideRecord Record)> _onRung;
    private readonly DateOnly _today;

    private RungEvidence(HorsePages pages, ILookup<(Guid, string), (Ride, RideRecord)> onRung, DateOnly today) =>
        (_pages, _onRung, _today) = (pages, onRung, today);

    /// <summary>Of the rungs that were worked, those the horse stands on: nothing else is climbed.</summary>
    public static List<(Guid HorseId, string RungId)> StoodOn(HorsePages pages, IEnumerable<(Guid HorseId, string RungId)> worked) =>
        [.. worked.Distinct().Where(w => Catalogue.Find(w.RungId) is { } rung && pages.Places[w.HorseId][rung.Strand] == rung)];

    /// <param name="visit">Who asks.</param>
    /// <param name="pages">What the book says of the horses.</param>
    /// <param name="rides">The rides on their rungs.</param>
    /// <param name="records">What each of them was.</param>
    public static RungEvidence Of(
        Visit visit,
        HorsePages pages,
        IEnumerable<RideOnRung> rides,
        IReadOnlyDictionary<Guid, RideRecord> records
    ) => new(pages, rides.ToLookup(r => (r.Ride.HorseId, r.RungId), r => (r.Ride, records[r.Ride.Id].OnParts(r.Parts))), visit.Today);

    /// <summary>Single flying changes are sure everywhere.</summary>
    public bool ChangesAreSure(Guid horseId) => _pages.Places[horseId].Reached(Catalogue.Rung("changes/forward-change-collect"));

    /// <summary>The ladders of the rungs that a ride worked, as they stand after it.</summary>
    /// <param name="ride">The ride.</param>
    /// <param name="worked">Rungs its session named.</param>
    /// <param name="all">Rides of the horse, the latest first.</param>
    /// <param name="daysToCompetition">Days from the ride to the next competition.</param>
    /// <param name="care">
    /// What the other verdicts on it ask for; null where nothing asks for care. It is asked only where a rung was worked.
    /// </param>
    public IReadOnlyList<RungVerdict> Judge(
        Ride ride,
        IReadOnlyList<string> worked,
        IReadOnlyList<Ride> all,
        int? daysToCompetition,
        Func<string?> care
    ) =>
        [
            .. worked
                .Select(id => Catalogue.Find(id))
                .OfType<Rung>()
                .Where(r => _pages.Places[ride.HorseId][r.Strand] == r)
                .Select(rung => Context(ride, rung, all, daysToCompetition, care()))
                .OfType<RungContext>()
                .Select(RungRules.Judge),
        ];

    /// <summary>Only rides since the horse came onto the rung count: what was good before it went back has been answered.</summary>
    private RungContext? Context(Ride ride, Rung rung, IReadOnlyList<Ride> all, int? daysToCompetition, string? care)
    {
        var horse = _pages.Horses[ride.HorseId].Value;
        var since = _pages.Moves[ride.HorseId].FirstOrDefault(m => m.Move.Strand == rung.Strand)?.Move.On ?? DateOnly.MinValue;
        var rides = _onRung[(ride.HorseId, rung.Id)]
            .SkipWhile(e => e.Ride.Id != ride.Id)
            .Where(e => e.Ride.OnDay >= since)
            .Select(e => new RungRide(e.Ride.Id, e.Ride.OnDay, e.Ride.RiderId, e.Record, e.Ride.Place))
            .ToList();
        var before = all.SkipWhile(r => r.Id != ride.Id).Skip(1).ToList();
        return rides.Count == 0
            ? null
            : new RungContext(
                rung,
                _pages.Places[ride.HorseId],
                horse.Age(_today),
                rides,
                before.FirstOrDefault()?.OnDay,
                before.Select(r => r.RiderId).ToHashSet(),
                daysToCompetition,
                _pages.Holds[ride.HorseId].Any(h => h.ClearedOn is null),
                before.Select(r => r.Place).ToHashSet(StringComparer.OrdinalIgnoreCase)
            )
            {
                LatestAsksForCare = care,
                HeatLimitC = horse.HeatLimitC,
                ByRepeats = _pages.Ways[ride.HorseId].Are(ApproachQuestion.GoingUp, Approach.ByRepeats),
            };
    }
}
