using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Server.Exercises;

/// <summary>A horse's places and the evidence that moves them, read once.</summary>
internal sealed class LadderBook
{
    private const int RidesLookedAt = 40;

    private readonly DateOnly _today;
    private readonly ILookup<string, (Ride Ride, RideRecord Record)> _onRung;
    private readonly IReadOnlyList<Ride> _latest;
    private readonly IReadOnlyList<DateOnly> _competitions;
    private readonly bool _held;

    private LadderBook(DateOnly today, Horse horse, IReadOnlyList<KeptMove> moves, ILookup<string, (Ride, RideRecord)> onRung, IReadOnlyList<Ride> latest, IReadOnlyList<DateOnly> competitions, bool held)
    {
        (_today, Horse, Moves, _onRung, _latest, _competitions, _held) = (today, horse, moves, onRung, latest, competitions, held);
        Places = Places.From(moves.Select(m => m.Move));
    }

    public Horse Horse { get; }

    public IReadOnlyList<KeptMove> Moves { get; }

    public Places Places { get; }

    public int Age => Horse.Age(_today);

    /// <param name="visit">Who asks, and in which yard.</param>
    /// <param name="horseId">A horse of this yard.</param>
    /// <param name="also">A rung whose rides are wanted although the horse does not stand on it.</param>
    public static async Task<LadderBook> OpenAsync(Visit visit, Guid horseId, Rung? also = null)
    {
        var yard = visit.Yard;
        var moves = (await yard.MovesAsync([horseId]))[horseId].ToList();
        var places = Places.From(moves.Select(m => m.Move));
        var rungs = Catalogue.Strands.Select(s => places[s]).Append(also).OfType<Rung>().Select(r => r.Id).Distinct();
        var rides = await yard.RidesOnRungsAsync(horseId, rungs, visit.Today, Reliability.Counted.Value);
        var logs = await yard.LogsAsync(rides.Select(r => r.Ride.Id));
        return new LadderBook(
            visit.Today,
            (await yard.FindHorseAsync(horseId))!.Value,
            moves,
            rides.ToLookup(r => r.RungId, r => (r.Ride, RideRecord.Fold(logs[r.Ride.Id]).OnParts(r.Parts))),
            await yard.LatestRidesAsync([horseId], visit.Today, RidesLookedAt),
            [.. (await yard.AimsAsync([horseId])).Select(a => a.Aim.On)],
            (await yard.HoldsAsync([horseId])).Exists(h => h.ClearedOn is null));
    }

    public PlaceView Show(Strand strand)
    {
        var at = Places[strand];
        var next = at is null ? Catalogue.Ladder(strand)[0] : Catalogue.Above(at);
        var verdict = at is null ? null : RungRules.Judge(Context(at));
        var missing = verdict?.Missing ?? (next is null ? [] : Places.Missing(next, Age));
        return new PlaceView(strand, at?.Id, verdict, next?.Id, missing, Moves.LastOrDefault(m => m.Move.Strand == strand) is { } last ? LibraryEndpoints.Show(last) : null);
    }

    public IReadOnlyList<EvidenceView> Evidence(Rung rung) =>
        [.. _onRung[rung.Id].Select(e => new EvidenceView(e.Ride.Id, e.Ride.OnDay, e.Ride.RiderName, e.Record.Marks, e.Record.TensionPeak, e.Record.ClosingTestPassed, RungRules.IsGood(rung, e.Record)))];

    /// <summary>Only rides since the horse came onto the rung count: what was good before it went back has been answered.</summary>
    private RungContext Context(Rung rung)
    {
        var since = Moves.Last(m => m.Move.Strand == rung.Strand).Move.On;
        var rides = _onRung[rung.Id].Where(e => e.Ride.OnDay >= since).Select(e => new RungRide(e.Ride.Id, e.Ride.OnDay, e.Ride.RiderId, e.Record, e.Ride.Place)).ToList();
        if (rides.Count == 0)
        {
            return new RungContext(rung, Places, Age, rides, Held: _held);
        }

        var latest = rides[0];
        var before = _latest.SkipWhile(r => r.Id != latest.RideId).Skip(1).ToList();
        var competition = _competitions.Where(d => d >= latest.On).Select(d => (int?)(d.DayNumber - latest.On.DayNumber)).FirstOrDefault();
        return new RungContext(rung, Places, Age, rides, before.FirstOrDefault()?.OnDay, before.Select(r => r.RiderId).ToHashSet(), competition, _held, before.Select(r => r.Place).ToHashSet(StringComparer.OrdinalIgnoreCase));
    }
}
