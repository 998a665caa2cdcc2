using Hippodrome.Application.Horses;
using Hippodrome.Application.Weather;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
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
    private const int DaysBefore = 6;

    /// <summary>Of one horse more is read: what stood in its sessions, what it was worked on.</summary>
    private const int DaysBeforeOfOne = 28;

    private readonly HorsePages _pages;
    private readonly IReadOnlyDictionary<Guid, IReadOnlyList<StrideMeasurement>> _measured;
    private readonly ILookup<Guid, KeptSession> _near;
    private readonly Dictionary<Guid, SetUp> _setUps;
    private readonly ConditionBook _condition;
    private readonly YardWeather _weather;
    private readonly DateOnly _today;
    private readonly Dictionary<Guid, StrideCard> _cards = [];

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
    /// <param name="plan">A plan that is not kept yet and whose set-ups are wanted too.</param>
    public static async Task<PlanBook> OpenAsync(
        Visit visit,
        IReadOnlyCollection<Guid> horseIds,
        DateOnly from,
        DateOnly to,
        SessionPlan? plan = null
    )
    {
        var pages = await visit.Book.PagesAsync(horseIds);
        var near = await visit.Book.SessionsAroundAsync(horseIds, from, to.AddDays(1));
        var plans = near.Select(s => s.Plan).Concat(plan is null ? [] : [plan]);
        var named = plans.SelectMany(p => p.Parts).Select(p => p.SetUpId).OfType<Guid>();
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
    public SessionCheck Check(Guid horseId, SessionPlan plan)
    {
        var context = Context(horseId, plan);
        var hour = context.Heat is { Care: > HeatCare.Go } ? _weather.BestHour(plan.On, plan.Minutes, context.Horse) : null;
        return new SessionCheck(
            SessionTotals.Of(plan, CardOf(horseId), _setUps),
            PlanChecks.Check(context),
            context.Heat,
            hour,
            context.Ramp
        );
    }

    /// <summary>All that a plan of this horse is checked against.</summary>
    public PlanContext Context(Guid horseId, SessionPlan plan)
    {
        var horse = HorseOf(horseId);
        var nearby = _near[horseId]
            .Where(s => s.Plan.Id != plan.Id && s.Plan.On >= plan.On.AddDays(-DaysBefore) && s.Plan.On <= plan.On.AddDays(1))
            .Select(s => NearbyDay.Of(s.Plan, _setUps));
        var held = Holds(horseId).FirstOrDefault(h => h.Since <= plan.On);
        return new PlanContext
        {
            Horse = horse,
            Plan = plan,
            SetUps = _setUps,
            Nearby = [.. nearby],
            TemperatureC = plan.On == _today ? _weather.Now?.TemperatureC : null,
            HeldBecause = held is null ? null : $"{held.Because}, since {held.Since:d MMMM}",
            Places = PlacesOf(horseId),
            Restrictions = [.. Restrictions(horseId)],
            Tack = [.. plan.TackIds.Where(_pages.Tack.ContainsKey).Select(id => _pages.Tack[id])],
            Feet = Feet(horse, plan.On),
            Heat = _weather.HeatOf(plan, horse),
            Layouts = [.. Before(horseId, plan).Select(LayoutsOf).Where(l => l.Count > 0)],
            RepeatsUntilEasy = _pages.Ways.GetValueOrDefault(horseId)?.Are(ApproachQuestion.VaryOrRepeat, Approach.Repeat) == true,
            Competition = NextAim(horseId, plan.On)?.Aim,
            WalkInHandBy = held?.WalkInHandBy,
            Cleared = _condition.Cleared(horseId, plan.On),
            Ramp = _condition.Ramp(horseId, plan.On),
            CalmSits = _condition.CalmSits(horseId),
            ChangesBoiledOver = _condition.ChangesBoiledOver(horseId),
            TreatedOn = _condition.TreatedOn(horseId, plan.On),
            Card = CardOf(horseId),
            SameLeg = _condition.SameLegOf(horseId, plan.On)?.Why,
        };
    }

    /// <summary>How this horse is gone about.</summary>
    public Ways WaysOf(Guid horseId) => _pages.Ways.GetValueOrDefault(horseId) ?? Ways.Default;

    /// <summary>What went before a day, and how this horse is worked.</summary>
    public Habits HabitsBefore(Guid horseId, SessionPlan plan)
    {
        var parts = Before(horseId, plan).Select(s => s.Plan.Parts.Where(p => p.Phase is Phase.Work or Phase.NewWork).ToList()).ToList();
        var lastSided = parts.Select(p => p.FirstOrDefault(x => x.Rein != Rein.Both)).FirstOrDefault(p => p is not null);
        return new Habits(
            lastSided?.Rein,
            [.. parts.SelectMany(p => p.Select(x => x.ExerciseId).OfType<string>().Distinct())],
            WaysOf(horseId)
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

    private StrideCard CardOf(Guid horseId) =>
        _cards.TryGetValue(horseId, out var card)
            ? card
            : _cards[horseId] = StrideCard.For(HorseOf(horseId).Height, _measured.GetValueOrDefault(horseId) ?? []);

    /// <summary>Sessions before a plan, the latest first.</summary>
    private IEnumerable<KeptSession> Before(Guid horseId, SessionPlan plan) =>
        _near[horseId]
            .Where(s => s.Plan.Id != plan.Id && s.Plan.On < plan.On && s.Plan.On >= plan.On.AddDays(-DaysBeforeOfOne))
            .OrderByDescending(s => s.Plan.On);

    private HashSet<string> LayoutsOf(KeptSession session) =>
        [.. session.Plan.Parts.Select(p => p.SetUpId is { } id ? Layout.KeyOf(_setUps.GetValueOrDefault(id)) : null).OfType<string>()];

    private CareDue? Feet(Horse horse, DateOnly on) =>
        _pages.Feet.TryGetValue(horse.Id, out var last)
            ? CareDue.All([last], horse.Age(on), null, on).First(d => d.Kind == CareKind.Feet)
            : null;
}
