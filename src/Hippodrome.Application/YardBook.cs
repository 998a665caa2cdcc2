using Hippodrome.Application.Horses;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Hippodrome.Storage;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;

namespace Hippodrome.Application;

/// <summary>The events of a ride, and its record.</summary>
internal sealed record LoggedRide(RideLog Log, RideRecord Record)
{
    public static LoggedRide Of(RideLog log) => new(log, RideRecord.Fold(log));
}

/// <summary>What a request reads of its yard: each thing once, whoever asks, and again only after it was written to.</summary>
internal sealed class YardBook
{
    /// <summary>So many days of rides are looked at for what binds a horse now.</summary>
    private const int DaysBack = 200;

    /// <summary>Of one horse, sessions around today are read so far back and ahead at once: whoever asks asks within.</summary>
    private static int DaysBefore => PlanChecks.LayoutDaysBack;
    private const int DaysAfter = 15;

    /// <summary>Days further from today than this are read by themselves.</summary>
    private const int DaysNear = 60;

    /// <summary>Of many horses the days before matter by what stood on them only.</summary>
    private static int DaysBeforeOfMany => PlanChecks.DaysBack;

    private static readonly string[] OfSessions = ["session", "session_part", "ride"];

    private readonly YardSession _yard;
    private readonly DateOnly _today;
    private readonly ReadOnce<Guid, LoggedRide> _rides;
    private readonly ReadOnce<Guid, RideTotals> _totals;
    private readonly ReadOnce<Guid, KeptSession> _sessions;
    private readonly ReadOnce<Guid, KeptSetUp> _setUps;
    private readonly ReadOnce<Guid, IReadOnlyList<StrideMeasurement>> _strides;
    private readonly ReadOnce<Guid, IReadOnlyList<RiddenDay>> _ridden;
    private readonly ReadOnce<Guid, IReadOnlyList<LegsToldIn>> _legs;
    private readonly ReadOnce<Guid, KeptBlock> _blocks;
    private readonly ReadOnce<(Guid HorseId, string RungId), IReadOnlyList<RideOnRung>> _onRungs;
    private HorsePages? _pages;
    private Near? _near;

    public YardBook(YardSession yard, DateOnly today)
    {
        (_yard, _today) = (yard, today);
        var sameLegFrom = today.AddDays(-VerdictFigures.SameLegDays.Value);
        _rides = new(yard, ["ride_event"], async ids => (await yard.LogsAsync(ids)).ToDictionary(l => l.Key, l => LoggedRide.Of(l.Value)));
        _totals = new(yard, ["ride_totals"], yard.TotalsAsync);
        _sessions = new(yard, OfSessions, async ids => (await yard.SessionsByIdAsync(ids)).ToDictionary(s => s.Plan.Id));
        _setUps = new(yard, ["set_up", "session_part", "ride"], async ids => (await yard.SetUpsByIdAsync(ids)).ToDictionary(s => s.Id));
        _strides = new(yard, ["stride_measurement"], async ids => ByHorse(ids, await yard.StrideMeasurementsAsync(ids)));
        _ridden = new(yard, ["ride"], async ids => ByHorse(ids, await yard.RiddenDaysAsync(ids, today.AddDays(-DaysBack), today)));
        _legs = new(yard, ["ride", "ride_event"], async ids =>
            ByHorse(ids, (await LegsToldAsync(ids, sameLegFrom, today)).ToLookup(l => l.HorseId))
        );
        _blocks = new(yard, ["block", "block_version"], async ids => (await yard.BlocksUnderWayAsync(ids)).ToDictionary(b => b.HorseId));
        _onRungs = new(yard, OfSessions, async worked =>
        {
            var rides = (await yard.RidesOnRungsAsync(worked, today, Reliability.Counted.Value)).ToLookup(r => (r.Ride.HorseId, r.RungId));
            // Whoever asks for them asks next what they were.
            _rides!.Want(rides.SelectMany(r => r).Select(r => r.Ride.Id));
            return worked.ToDictionary(w => w, w => (IReadOnlyList<RideOnRung>)[.. rides[w]]);
        });
    }

    /// <summary>
    /// What the book says of these horses in a few rows each. Of one horse what is asked of nearly every one comes along.
    /// </summary>
    /// <param name="ids">Horses of this yard.</param>
    /// <param name="besides">Begins other small reads, which are asked in the same statement.</param>
    public async Task<HorsePages> PagesAsync(IReadOnlyCollection<Guid> ids, Action? besides = null)
    {
        if (besides is null && _pages?.Serve(ids, _yard) == true)
        {
            return _pages;
        }

        var one = ids.Count == 1;
        Task strides = Task.CompletedTask,
            ridden = Task.CompletedTask,
            legs = Task.CompletedTask;
        Task<Dictionary<Guid, RideTotals>> back = null!;
        _pages = await HorsePages.OpenAsync(_yard, ids, _today, () =>
        {
            (strides, ridden, legs) = one ? (_strides.OfAsync(ids), _ridden.OfAsync(ids), _legs.OfAsync(ids)) : (strides, ridden, legs);
            back = _yard.TotalsOfThoseBackAsync(ids, _today.AddDays(-DaysBack), _today);
            besides?.Invoke();
        });
        await Task.WhenAll(strides, ridden, legs);
        _totals.Know([], await back);
        return _pages;
    }

    /// <summary>What was tapped and typed of these rides, and what it comes to.</summary>
    public Task<IReadOnlyDictionary<Guid, LoggedRide>> RidesAsync(IEnumerable<Guid> ids) => _rides.OfAsync(ids);

    /// <summary>What these rides add up to, where their course does not matter.</summary>
    public Task<IReadOnlyDictionary<Guid, RideTotals>> TotalsAsync(IEnumerable<Guid> ids) => _totals.OfAsync(ids);

    /// <summary>These rides will be asked for later: they come along with the first that are.</summary>
    public void WantRides(IEnumerable<Guid> ids) => _rides.Want(ids);

    /// <summary>Sessions by id; one that was taken off is not there.</summary>
    public Task<IReadOnlyDictionary<Guid, KeptSession>> SessionsAsync(IEnumerable<Guid> ids) => _sessions.OfAsync(ids);

    /// <summary>These sessions will be asked for later: they come along with those around a day.</summary>
    public void WantSessions(IEnumerable<Guid> ids) => _sessions.Want(ids);

    /// <summary>Sessions of horses around some days; of many, before those days, only such as had something set out.</summary>
    public async Task<IReadOnlyList<KeptSession>> SessionsAroundAsync(IReadOnlyCollection<Guid> horseIds, DateOnly from, DateOnly to)
    {
        var one = horseIds.Count == 1;
        var (first, last) = (from.AddDays(one ? -DaysBefore : -DaysBeforeOfMany), to);
        if (one && Math.Abs(_today.DayNumber - from.DayNumber) <= DaysNear)
        {
            (first, last) = (Earlier(first, _today.AddDays(-DaysBefore)), Later(last, _today.AddDays(DaysAfter)));
        }

        if (_near?.Serves(horseIds, first, last, _yard.WrittenTo(OfSessions)) != true)
        {
            var wanted = _sessions.TakeWanted();
            var sessions = await _yard.SessionsAsync(first, last, horseIds, one ? null : from, wanted);
            _sessions.Know(wanted, sessions.ToDictionary(s => s.Plan.Id));
            _near = new Near(
                [.. horseIds],
                first,
                last,
                _yard.WrittenTo(OfSessions),
                sessions.FindAll(s => horseIds.Contains(s.HorseId) && s.Plan.On >= first && s.Plan.On <= last)
            );
        }

        return _near!.Sessions;
    }

    public Task<IReadOnlyDictionary<Guid, KeptSetUp>> SetUpsAsync(IEnumerable<Guid> ids) => _setUps.OfAsync(ids);

    /// <summary>Measured strips of these horses, the earliest first.</summary>
    public Task<IReadOnlyDictionary<Guid, IReadOnlyList<StrideMeasurement>>> StridesAsync(IEnumerable<Guid> horseIds) =>
        _strides.OfAsync(horseIds);

    /// <summary>Rides of these horses in the last two hundred days, the earliest first.</summary>
    public Task<IReadOnlyDictionary<Guid, IReadOnlyList<RiddenDay>>> RiddenAsync(IEnumerable<Guid> horseIds) => _ridden.OfAsync(horseIds);

    /// <summary>Rides of these horses in which a touch was told by leg, as far back as it matters today.</summary>
    public Task<IReadOnlyDictionary<Guid, IReadOnlyList<LegsToldIn>>> LegsToldAsync(IEnumerable<Guid> horseIds) => _legs.OfAsync(horseIds);

    /// <summary>Rides of these horses between two days in which a touch was told by leg.</summary>
    public async Task<List<LegsToldIn>> LegsToldAsync(IEnumerable<Guid> horseIds, DateOnly from, DateOnly until)
    {
        var told = await _yard.LegsToldInAsync(horseIds, from, until);
        _rides.Know([], told.ToDictionary(l => l.RideId, l => LoggedRide.Of(l.Log)));
        return told;
    }

    /// <summary>Blocks under way, by horse.</summary>
    public Task<IReadOnlyDictionary<Guid, KeptBlock>> BlocksAsync(IEnumerable<Guid> horseIds) => _blocks.OfAsync(horseIds);

    /// <summary>The last rides in which each of these horses worked each of these rungs, the latest first.</summary>
    public async Task<IReadOnlyList<RideOnRung>> RidesOnRungsAsync(IReadOnlyCollection<(Guid HorseId, string RungId)> worked)
    {
        var rides = worked.Count == 0 ? null : await _onRungs.OfAsync(worked);
        return [.. worked.Distinct().SelectMany(w => rides![w])];
    }

    /// <summary>These will be asked for later: they come along with the first that are.</summary>
    public void WantRidesOnRungs(IEnumerable<(Guid HorseId, string RungId)> worked) => _onRungs.Want(worked);

    /// <summary>The horse's stride card as its measurements have it; asked by itself it needs none of the pages.</summary>
    public async Task<StrideCard> CardAsync(Guid horseId)
    {
        if (_pages?.Serve([horseId], _yard) == true)
        {
            return StrideCard.For(_pages.Horses[horseId].Value.Height, (await StridesAsync([horseId]))[horseId]);
        }

        using var reads = _yard.Together();
        var (horse, strides) = (_yard.FindHorseAsync(horseId), StridesAsync([horseId]));
        await reads.SendAsync();
        return StrideCard.For((await horse)!.Value.Height, (await strides)[horseId]);
    }

    private static Dictionary<Guid, IReadOnlyList<T>> ByHorse<T>(IEnumerable<Guid> ids, ILookup<Guid, T> things) =>
        ids.ToDictionary(id => id, id => (IReadOnlyList<T>)[.. things[id]]);

    private static DateOnly Earlier(DateOnly a, DateOnly b) => a < b ? a : b;

    private static DateOnly Later(DateOnly a, DateOnly b) => a > b ? a : b;

    /// <summary>Sessions that were read around some days, and what was written when they were.</summary>
    private sealed record Near(Guid[] HorseIds, DateOnly From, DateOnly To, int Written, IReadOnlyList<KeptSession> Sessions)
    {
        public bool Serves(IReadOnlyCollection<Guid> horseIds, DateOnly from, DateOnly to, int written) =>
            Written == written
            && HorseIds.SequenceEqual(horseIds)
            && (horseIds.Count == 1 ? From <= from && To >= to : From == from && To == to);
    }
}
