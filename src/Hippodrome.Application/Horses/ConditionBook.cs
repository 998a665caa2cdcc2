using Hippodrome.Application.Blocks;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Application.Horses;

/// <summary>
/// What a horse's state leaves of any plan: the steps after a hold, the weeks of a return, days after treatment, a first
/// month, changes that boiled over, a leg that touches again and again. Read once for any number of horses.
/// </summary>
internal sealed class ConditionBook
{
    private const int DaysBack = 200;
    private const string FirstMonth = "flatwork/first-month";

    private readonly DateOnly _today;
    private readonly HorsePages _pages;
    private readonly ILookup<Guid, DateOnly> _workedOn;
    private readonly ILookup<Guid, TimeAway> _told;
    private readonly Dictionary<Guid, IReadOnlyList<DayRidden>> _ridden;
    private readonly Dictionary<Guid, PlanningCase> _returns;
    private readonly ILookup<Guid, LegsTold> _legs;
    private readonly Dictionary<Guid, int> _sits;
    private readonly Dictionary<Guid, DateOnly> _boiledOver;

    private ConditionBook(
        DateOnly today,
        HorsePages pages,
        ILookup<Guid, DateOnly> workedOn,
        ILookup<Guid, TimeAway> told,
        Dictionary<Guid, IReadOnlyList<DayRidden>> ridden,
        Dictionary<Guid, PlanningCase> returns,
        ILookup<Guid, LegsTold> legs,
        Dictionary<Guid, int> sits,
        Dictionary<Guid, DateOnly> boiledOver
    ) =>
        (_today, _pages, _workedOn, _told, _ridden, _returns, _legs, _sits, _boiledOver) = (
            today,
            pages,
            workedOn,
            told,
            ridden,
            returns,
            legs,
            sits,
            boiledOver
        );

    /// <param name="visit">Who asks.</param>
    /// <param name="pages">What the book says of the horses.</param>
    /// <param name="ids">Which of them are asked about.</param>
    public static async Task<ConditionBook> OpenAsync(Visit visit, HorsePages pages, IReadOnlyCollection<Guid> ids)
    {
        var (book, today) = (visit.Book, visit.Today);
        var told = Told(pages, ids, today);
        var days = await book.RiddenAsync(ids);
        var sits = await FirstMonthOfAsync(visit, pages, ids);
        var back = ids.Where(id => told[id].Any()).ToList();
        var boiled = ids.Where(id => pages.Places[id][Strand.Changes] is not null)
            .SelectMany(id => days[id].Where(r => r.OnDay >= today.AddDays(-SessionFigures.ChangesRest.Value)))
            .ToList();
        var legs = ids.Count == 1 ? (await book.LegsToldAsync(ids))[ids.Single()] : [];
        var totals = await book.TotalsAsync(back.SelectMany(id => days[id]).Select(r => r.RideId));
        var logged = await book.RidesAsync([.. boiled.Select(r => r.RideId), .. sits.Select(r => r.Id), .. legs.Select(l => l.RideId)]);
        return new ConditionBook(
            today,
            pages,
            ids.SelectMany(id => days[id]).Select(r => (r.HorseId, r.OnDay)).Distinct().ToLookup(r => r.HorseId, r => r.OnDay),
            told,
            back.ToDictionary(id => id, id => (IReadOnlyList<DayRidden>)[.. days[id].Select(r => DayRidden.Of(r.OnDay, totals[r.RideId]))]),
            await ReturnsAsync(visit, pages, ids),
            legs.ToLookup(l => l.HorseId, l => new LegsTold(l.OnDay, logged[l.RideId].Record.Rail.TouchedLegs)),
            sits.Where(r => FirstSits.IsCalm(logged[r.Id].Record)).GroupBy(r => r.HorseId).ToDictionary(g => g.Key, g => g.Count()),
            boiled
                .Where(r => ChangesBoiled.Over(logged[r.RideId].Record))
                .GroupBy(r => r.HorseId)
                .ToDictionary(g => g.Key, g => g.Max(r => r.OnDay))
        );
    }

    /// <summary>What holds a horse, those not cleared.</summary>
    public IEnumerable<Hold> Holds(Guid horseId) => _pages.Holds[horseId].Where(h => h.ClearedOn is null);

    /// <summary>A hold cleared lately, as of a day, until the saddle has been reached again.</summary>
    public AfterClearance? Cleared(Guid horseId, DateOnly day) =>
        _pages.Holds[horseId].Where(h => h.ClearedOn is not null).MaxBy(h => h.ClearedOn) is { } hold
            ? AfterClearance.Of(hold.ClearedOn!.Value, _workedOn[horseId], day, hold.NoLungeing)
            : null;

    /// <summary>What a return to work leaves on a day.</summary>
    public RampLimit? Ramp(Guid horseId, DateOnly day) =>
        _returns.TryGetValue(horseId, out var planned)
        && day >= planned.Block.Start
        && day <= planned.Block.End
        && !_pages.RampEnds[horseId].Any(e => e >= planned.Block.Start)
            ? ComingBack.InBlock(planned, day)
            : ComingBack.On(_told[horseId], _ridden.GetValueOrDefault(horseId) ?? [], _pages.RampEnds[horseId], day, _today);

    /// <summary>Gates of its return that wait for an answer.</summary>
    public GatesWaiting? Gates(Guid horseId) => _returns.TryGetValue(horseId, out var planned) ? ReturnGates.Waiting(planned) : null;

    /// <summary>Days off that were told, whoever told them.</summary>
    public IEnumerable<TimeAway> Told(Guid horseId) => _told[horseId];

    /// <summary>The days after a treatment, as a restriction that ends by itself.</summary>
    public Restriction? Treatment(Guid horseId) => _pages.Treated.GetValueOrDefault(horseId)?.AsRestriction();

    /// <summary>A therapist was there, and it has not been worked since.</summary>
    public DateOnly? TreatedOn(Guid horseId, DateOnly day) =>
        _pages.Treated.GetValueOrDefault(horseId) is { EasyUntil: not null } visit
        && day >= visit.On
        && !_workedOn[horseId].Any(w => w > visit.On && w < day)
            ? visit.On
            : null;

    public int CalmSits(Guid horseId) => _sits.GetValueOrDefault(horseId);

    public DateOnly? ChangesBoiledOver(Guid horseId) => _boiledOver.TryGetValue(horseId, out var day) ? day : null;

    /// <summary>A leg that touches again and again and that nobody has looked at since.</summary>
    public LegFinding? SameLegOf(Guid horseId, DateOnly day) =>
        SameLeg.Over(_legs[horseId], day, _pages.LegLooks.GetValueOrDefault(horseId)?.OnDay);

    /// <summary>Touches told by leg since somebody last looked, before a day.</summary>
    public IReadOnlyList<LegsTold> Legs(Guid horseId, DateOnly before) =>
        [
            .. _legs[horseId]
                .Where(l => l.Touches.Count > 0 && l.On < before && !(l.On <= _pages.LegLooks.GetValueOrDefault(horseId)?.OnDay)),
        ];

    /// <summary>Told on Today or in the passport, by a return block, by an assessment, and by a hold that lasted.</summary>
    private static ILookup<Guid, TimeAway> Told(HorsePages pages, IEnumerable<Guid> ids, DateOnly today) =>
        ids.SelectMany(id =>
                pages
                    .TimeAway[id]
                    .Concat(
                        pages
                            .Assessed[id]
                            .Where(a => a.WeeksOff >= TimeOff.RestFrom.Value)
                            .Select(a => new TimeAway(a.Id, a.StartedOn.AddDays(-7 * a.WeeksOff), a.StartedOn, OffBecause.Rest, ""))
                    )
                    .Concat(
                        pages
                            .Returns[id]
                            .Where(b => b.Entry.Return?.WeeksOff > 0 && b.Entry.Start is not null)
                            .Select(b => new TimeAway(
                                b.Id,
                                b.Entry.Start!.Value.AddDays(-7 * b.Entry.Return!.WeeksOff!.Value),
                                b.Entry.Start,
                                b.Entry.Return.Because ?? OffBecause.Rest,
                                ""
                            )
                            {
                                WalkWeeks = b.Entry.Return.WalkWeeks,
                            })
                    )
                    .Concat(
                        pages
                            .Holds[id]
                            .Where(h => h.ClearedOn is not null)
                            .Select(h => new TimeAway(h.Id, h.Since, h.ClearedOn, OffBecause.Injury, h.Because))
                    )
                    .Select(away => (HorseId: id, Away: away))
            )
            .Where(t =>
                t.Away.From >= today.AddDays(-2 * DaysBack)
                && (t.Away.Until is not { } until || until.DayNumber - t.Away.From.DayNumber >= TimeOff.RampFrom.Value)
            )
            .ToLookup(t => t.HorseId, t => t.Away);

    private static async Task<Dictionary<Guid, PlanningCase>> ReturnsAsync(Visit visit, HorsePages pages, IReadOnlyCollection<Guid> ids)
    {
        var underWay = ids.Where(id => pages.Returns[id].Any(b => b.EndedOn is null)).ToList();
        if (underWay.Count == 0)
        {
            return [];
        }

        var book = await BlockBook.OpenAsync(visit, underWay, places: false);
        return underWay.Where(book.Blocks.ContainsKey).ToDictionary(id => id, id => book.Case(book.Blocks[id]));
    }

    /// <summary>Rides on its rung of horses in their first month under saddle.</summary>
    private static async Task<List<Ride>> FirstMonthOfAsync(Visit visit, HorsePages pages, IReadOnlyCollection<Guid> ids) =>
        [.. (await visit.Book.RidesOnRungsAsync([.. FirstMonths(pages, ids)])).Select(r => r.Ride)];

    /// <summary>Horses in their first month, with its rung.</summary>
    public static IEnumerable<(Guid HorseId, string RungId)> FirstMonths(HorsePages pages, IEnumerable<Guid> ids) =>
        ids.Where(id => (pages.Places[id][Strand.Flatwork]?.Step ?? 0) <= 1).Select(id => (id, FirstMonth));
}
