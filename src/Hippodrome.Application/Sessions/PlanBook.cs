using Hippodrome.Application.Horses;
using Hippodrome.Application.Weather;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Weather;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Sessions;

namespace Hippodrome.Application.Sessions;

/// <summary>
/// What plans are checked against, read once for any number of horses and days: horses and their
/// stride cards, the sessions around those days, the set-ups they name, and what is held.
/// </summary>
internal sealed class PlanBook
{
    private readonly HorsePages _pages;
    private readonly IReadOnlyDictionary<Guid, IReadOnlyList<StrideMeasurement>> _measured;
    private readonly ILookup<Guid, KeptSession> _near;
    private readonly Dictionary<Guid, SetUp> _setUps;
    private readonly ConditionBook _condition;
    private readonly YardWeather _weather;
    private readonly DateOnly _today;
    private readonly Dictionary<Guid, StrideCard> _cards = [];
    private readonly Dictionary<Guid, SessionNearby> _nearby = [];
    private readonly Dictionary<(Guid HorseId, DateOnly On), PlanFacts> _facts = [];

    private PlanBook(
        HorsePages pages,
        IReadOnlyDictionary<Guid, IReadOnlyList<StrideMeasurement>> measured,
        ILookup<Guid, KeptSession> near,
        Dictionary<Guid, SetUp> setUps,
        ConditionBook condition,
        YardWeather weather,
        DateOnly today
    ) => (_pages, _measured, _near, _setUps, _condition, _weather, _today) = (pages, measured, near, setUps, condition, weather, today);

    /// <param name="visit">Who asks, and in which yard.</param>
    /// <param name="horseIds">Horses of this yard.</param>
    /// <param name="from">First day that will be checked.</param>
    /// <param name="to">Last day that will be checked.</param>
    /// <param name="more">Set-ups that are wanted too, of a plan that is not kept yet.</param>
    public static async Task<PlanBook> OpenAsync(
        Visit visit,
        IReadOnlyCollection<Guid> horseIds,
        DateOnly from,
        DateOnly to,
        IEnumerable<Guid>? more = null
    )
    {
        var pages = await visit.Book.PagesAsync(horseIds);
        var near = await visit.Book.SessionsAroundAsync(horseIds, from, to.AddDays(PlanChecks.DaysAhead));
        var named = near.SelectMany(s => s.Plan.SetUpIds).Concat(more ?? []);
        return new PlanBook(
            pages,
            await visit.Book.StridesAsync(horseIds),
            near.ToLookup(s => s.HorseId),
            (await visit.Book.SetUpsAsync(named)).ToDictionary(s => s.Key, s => s.Value.Entry.AsKept().SetUp),
            await ConditionBook.OpenAsync(visit, pages, horseIds),
            YardWeather.Of(visit, pages),
            visit.Today
        );
    }

    /// <summary>Sessions of a horse on a day, in the order they were planned.</summary>
    public IEnumerable<KeptSession> On(Guid horseId, DateOnly day) => _near[horseId].Where(s => s.Plan.On == day);

    /// <summary>Sessions of a horse after a day, the earliest first.</summary>
    public IEnumerable<KeptSession> After(Guid horseId, DateOnly day) => _near[horseId].Where(s => s.Plan.On > day);

    /// <summary>What holds a horse from ridden work.</summary>
    public IEnumerable<Hold> Holds(Guid horseId) => _condition.Holds(horseId);

    /// <summary>What its state leaves of any plan.</summary>
    public ConditionBook Condition => _condition;

    public YardWeather Weather => _weather;

    /// <summary>Where it stands on the ladders.</summary>
    public Places PlacesOf(Guid horseId) => _pages.Places[horseId];

    /// <summary>Its next competition from a day on.</summary>
    public HorseAim? NextAim(Guid horseId, DateOnly from) => _pages.Aims[horseId].Where(a => a.Aim.On >= from).MinBy(a => a.Aim.On);

    /// <summary>What it may not do, those not cleared.</summary>
    public IEnumerable<Restriction> Restrictions(Guid horseId) =>
        _condition.Treatment(horseId) is { } treated ? _pages.Restrictions[horseId].Append(treated) : _pages.Restrictions[horseId];

    /// <summary>Totals and faults of a plan, as the horse, its week and its holds stand.</summary>
    public SessionCheck Check(Guid horseId, SessionPlan plan) => Facts(horseId, plan.On).Check(plan);

    /// <summary>A plan of this horse with all that it is checked against.</summary>
    public PlanContext Context(Guid horseId, SessionPlan plan) => Facts(horseId, plan.On).With(plan);

    /// <summary>All that plans of this horse on a day are checked against.</summary>
    public PlanFacts Facts(Guid horseId, DateOnly on) =>
        _facts.TryGetValue((horseId, on), out var known) ? known : _facts[(horseId, on)] = FactsOf(horseId, on);

    private PlanFacts FactsOf(Guid horseId, DateOnly on)
    {
        var horse = HorseOf(horseId);
        var held = Holds(horseId).FirstOrDefault(h => h.Since <= on);
        return new PlanFacts
        {
            On = on,
            Horse = horse,
            Card = CardOf(horseId),
            SetUps = _setUps,
            Nearby =
            [
                .. _near[horseId]
                    .Where(s => s.Plan.On >= on.AddDays(-PlanChecks.LayoutDaysBack) && s.Plan.On <= on.AddDays(PlanChecks.DaysAhead))
                    .Select(Nearby),
            ],
            Places = PlacesOf(horseId),
            Restrictions = [.. Restrictions(horseId)],
            Tack = _pages.Tack,
            Air = _weather.AirOf(on),
            HeldBecause = held is null ? null : $"{held.Because}, since {held.Since:d MMMM}",
            WalkInHandBy = held?.WalkInHandBy,
            Feet = Feet(horse, on),
            RepeatsUntilEasy = _pages.Ways.GetValueOrDefault(horseId)?.Are(ApproachQuestion.VaryOrRepeat, Approach.Repeat) == true,
            AllRound = _pages.Ways.GetValueOrDefault(horseId)?.Are(ApproachQuestion.Breadth, Approach.AllRound) != false,
            Competition = NextAim(horseId, on)?.Aim,
            CompetedYesterday = _pages
                .Aims[horseId]
                .FirstOrDefault(a => a.Aim.On == on.AddDays(-1) && a.Result is not { Started: false })
                ?.Aim,
            Cleared = _condition.Cleared(horseId, on),
            Ramp = _condition.Ramp(horseId, on),
            CalmSits = _condition.CalmSits(horseId),
            ChangesBoiledOver = _condition.ChangesBoiledOver(horseId),
            TreatedOn = _condition.TreatedOn(horseId, on),
            SameLeg = _condition.SameLegOf(horseId, on)?.Why,
        };
    }

    /// <summary>How this horse is gone about.</summary>
    public Ways WaysOf(Guid horseId) => _pages.Ways.GetValueOrDefault(horseId) ?? Ways.Default;

    /// <summary>What went before a day, what its last ride of this strand said, and how this horse is worked.</summary>
    /// <param name="book">Where rides are read.</param>
    /// <param name="horseId">Whose.</param>
    /// <param name="plan">The plan it goes before.</param>
    /// <param name="focus">The strand that is to be worked on.</param>
    public async Task<Habits> HabitsBeforeAsync(YardBook book, Guid horseId, SessionPlan plan, Strand focus)
    {
        var before = Before(horseId, plan).ToList();
        var parts = before.ConvertAll(s => s.Plan.Parts.Where(p => p.Phase is Phase.Work or Phase.NewWork).ToList());
        var lastSided = parts.Select(p => p.FirstOrDefault(x => x.Rein != Rein.Both)).FirstOrDefault(p => p is not null);
        var last = before.Find(s =>
            s.RideId is not null && s.Plan.Parts.Any(p => p.RungId is { } id && Catalogue.Find(id)?.Strand == focus)
        );
        var ride = last is null ? null : (await book.RidesAsync([last.RideId!.Value]))[last.RideId.Value];
        return new Habits(
            lastSided?.Rein,
            [.. parts.SelectMany(p => p.Select(x => x.ExerciseId).OfType<string>().Distinct())],
            WaysOf(horseId),
            ride is null ? null : LastTimes.Of(ride.Record)
        );
    }

    /// <summary>When a horse's feet are due, as of a day; null when nobody has written down when they were done.</summary>
    public CareDue? Feet(Guid horseId, DateOnly on) => Feet(HorseOf(horseId), on);

    public SessionView Show(KeptSession kept)
    {
        var p = kept.Plan;
        return new SessionView
        {
            Id = p.Id,
            On = p.On,
            Emphasis = p.Emphasis,
            Manner = p.Manner,
            Helper = p.Helper,
            Parts = p.Parts,
            Notes = p.Notes,
            Place = p.Place,
            TackIds = p.TackIds,
            KeptFaults = p.KeptFaults,
            StartsAt = p.StartsAt,
            Version = kept.Version,
            RideId = kept.RideId,
            Check = Check(kept.HorseId, p),
        };
    }

    private Horse HorseOf(Guid horseId) => _pages.Horses[horseId].Value;

    /// <summary>The strides its card is made of.</summary>
    public IReadOnlyList<StrideMeasurement> StridesOf(Guid horseId) => _measured.GetValueOrDefault(horseId) ?? [];

    private StrideCard CardOf(Guid horseId) =>
        _cards.TryGetValue(horseId, out var card) ? card : _cards[horseId] = StrideCard.For(HorseOf(horseId).Height, StridesOf(horseId));

    /// <summary>Sessions before a plan, the latest first.</summary>
    private IEnumerable<KeptSession> Before(Guid horseId, SessionPlan plan) =>
        _near[horseId]
            .Where(s => s.Plan.Id != plan.Id && s.Plan.On < plan.On && s.Plan.On >= plan.On.AddDays(-PlanChecks.LayoutDaysBack))
            .OrderByDescending(s => s.Plan.On);

    private SessionNearby Nearby(KeptSession session) =>
        _nearby.TryGetValue(session.Plan.Id, out var known)
            ? known
            : _nearby[session.Plan.Id] = new SessionNearby(session.Plan.Id, NearbyDay.Of(session.Plan, _setUps), LayoutsOf(session));

    private HashSet<string> LayoutsOf(KeptSession session) =>
        [.. session.Plan.Parts.Select(p => p.SetUpId is { } id ? Layout.KeyOf(_setUps.GetValueOrDefault(id)) : null).OfType<string>()];

    private CareDue? Feet(Horse horse, DateOnly on) =>
        _pages.Feet.TryGetValue(horse.Id, out var last)
            ? CareDue.All([last], horse.Age(on), null, on).First(d => d.Kind == CareKind.Feet)
            : null;
}
