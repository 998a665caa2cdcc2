using Hippodrome.Application.Rides;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Exercises;

/// <summary>A horse's places and the evidence that moves them, read once.</summary>
internal sealed class LadderBook
{
    private const int RidesLookedAt = 40;

    private readonly DateOnly _today;
    private readonly ILookup<string, (Ride Ride, RideRecord Record)> _onRung;
    private readonly IReadOnlyDictionary<string, RungVerdict> _verdicts;
    private readonly bool _held;

    private LadderBook(
        DateOnly today,
        Horse horse,
        IReadOnlyList<KeptMove> moves,
        ILookup<string, (Ride, RideRecord)> onRung,
        IReadOnlyDictionary<string, RungVerdict> verdicts,
        bool held
    )
    {
        (_today, Horse, Moves, _onRung, _verdicts, _held) = (today, horse, moves, onRung, verdicts, held);
        Places = Places.Of(horse, moves.Select(m => m.Move));
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
        var horse = (await visit.Book.PagesAsync([horseId])).Horses[horseId].Value;
        var moves = (await yard.MovesAsync([horseId]))[horseId].ToList();
        var places = Places.Of(horse, moves.Select(m => m.Move));
        var rungs = Catalogue.Strands.Select(s => places[s]).Append(also).OfType<Rung>().Select(r => r.Id).Distinct();
        var rides = await visit.Book.RidesOnRungsAsync([.. rungs.Select(r => (horseId, r))]);
        var logged = await visit.Book.RidesAsync(rides.Select(r => r.Ride.Id));
        // The latest ride of each rung is judged, and its judgement is the ladder's.
        var latest = rides.DistinctBy(r => r.RungId).Select(r => r.Ride).DistinctBy(r => r.Id).ToList();
        var judged = await visit.JudgeAsync(latest, await yard.LatestRidesAsync([horseId], visit.Today, RidesLookedAt));
        return new LadderBook(
            visit.Today,
            horse,
            moves,
            rides.ToLookup(r => r.RungId, r => (r.Ride, logged[r.Ride.Id].Record.OnParts(r.Parts))),
            judged
                .SelectMany(j => j.Context.Rungs.Where(v => rides.First(r => r.RungId == v.Rung.Id).Ride.Id == j.Ride.Id))
                .ToDictionary(v => v.Rung.Id),
            (await visit.Book.PagesAsync([horseId])).Holds[horseId].Any(h => h.ClearedOn is null)
        );
    }

    public PlaceView Show(Strand strand)
    {
        var at = Places[strand];
        var next = at is null ? Catalogue.Ladder(strand)[0] : Catalogue.Above(at);
        var verdict = at is null
            ? null
            : _verdicts.GetValueOrDefault(at.Id) ?? RungRules.Judge(new RungContext(at, Places, Age, [], Held: _held));
        var missing = verdict?.Missing ?? (next is null ? [] : Places.Missing(next, Age));
        return new PlaceView(
            strand,
            at?.Id,
            Places.IsStated(strand),
            verdict,
            next?.Id,
            missing,
            Moves.LastOrDefault(m => m.Move.Strand == strand) is { } last ? LibraryAndLadders.Show(last) : null
        );
    }

    public IReadOnlyList<EvidenceView> Evidence(Rung rung) =>
        [
            .. _onRung[rung.Id]
                .Select(e => new EvidenceView(
                    e.Ride.Id,
                    e.Ride.OnDay,
                    e.Ride.RiderName,
                    e.Record.Marks,
                    e.Record.TensionPeak,
                    e.Record.ClosingTestPassed,
                    RungRules.IsGood(rung, e.Record)
                )),
        ];
}
