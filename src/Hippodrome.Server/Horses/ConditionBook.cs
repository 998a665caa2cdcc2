using Hippodrome.Core.Blocks;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Hippodrome.Server.Blocks;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Assessments;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Care;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Server.Horses;

/// <summary>
/// What a horse's state leaves of any plan: the steps after a hold, the weeks of a return, days after treatment, a first
/// month, changes that boiled over, a leg that touches again and again. Read once for any number of horses.
/// </summary>
internal sealed class ConditionBook
{
    private const int DaysBack = 200;
    internal const int DaysTreated = 14;
    private const string FirstMonth = "flatwork/first-month";

    private readonly DateOnly _today;
    private readonly ILookup<Guid, Hold> _holds;
    private readonly ILookup<Guid, DateOnly> _workedOn;
    private readonly ILookup<Guid, TimeAway> _told;
    private readonly ILookup<Guid, DateOnly> _ended;
    private readonly Dictionary<Guid, IReadOnlyList<DayRidden>> _ridden;
    private readonly Dictionary<Guid, PlanningCase> _returns;
    private readonly Dictionary<Guid, CareVisit> _treated;
    private readonly ILookup<Guid, LegsTold> _legs;
    private readonly Dictionary<Guid, LegLook> _looks;
    private readonly Dictionary<Guid, int> _sits;
    private readonly Dictionary<Guid, DateOnly> _boiledOver;

    private ConditionBook(DateOnly today, ILookup<Guid, Hold> holds, ILookup<Guid, DateOnly> workedOn, ILookup<Guid, TimeAway> told, ILookup<Guid, DateOnly> ended, Dictionary<Guid, IReadOnlyList<DayRidden>> ridden, Dictionary<Guid, PlanningCase> returns, Dictionary<Guid, CareVisit> treated, ILookup<Guid, LegsTold> legs, Dictionary<Guid, LegLook> looks, Dictionary<Guid, int> sits, Dictionary<Guid, DateOnly> boiledOver) =>
        (_today, _holds, _workedOn, _told, _ended, _ridden, _returns, _treated, _legs, _looks, _sits, _boiledOver) = (today, holds, workedOn, told, ended, ridden, returns, treated, legs, looks, sits, boiledOver);

    /// <param name="visit">Who asks.</param>
    /// <param name="placesOf">Where each horse stands; its keys are the horses.</param>
    public static async Task<ConditionBook> OpenAsync(Visit visit, IReadOnlyDictionary<Guid, Places> placesOf)
    {
        var (yard, today, ids) = (visit.Yard, visit.Today, placesOf.Keys.ToList());
        var holds = (await yard.HoldsAsync(ids)).ToLookup(h => h.HorseId);
        var told = await ToldAsync(visit, ids, holds);
        var returns = await ReturnsAsync(visit, ids);
        var back = ids.Where(id => told[id].Any()).ToList();
        var days = back.Count == 0 ? Enumerable.Empty<RiddenDay>().ToLookup(r => r.HorseId) : await yard.RiddenDaysAsync(back, today.AddDays(-DaysBack), today);
        var ridden = new Dictionary<Guid, IReadOnlyList<DayRidden>>();
        foreach (var id in back)
        {
            ridden[id] = await BlockBook.RiddenAsync(visit, days[id]);
        }

        var one = ids.Count == 1;
        var legs = one ? await yard.LegsToldAsync(ids, today.AddDays(-VerdictFigures.SameLegDays.Value), today) : [];
        return new ConditionBook(
            today, holds, await yard.RiddenOnAsync(ids, today.AddDays(-DaysBack), today), told, await yard.RampEndsAsync(ids), ridden, returns,
            await yard.TherapistVisitsAsync(ids, today.AddDays(-DaysTreated)),
            legs.ToLookup(l => l.HorseId, l => new LegsTold(l.On, RideRecord.Fold(l.Log).Rail.TouchedLegs)),
            one ? await yard.LegLooksAsync(ids) : [],
            await SitsAsync(visit, placesOf), await BoiledOverAsync(visit, placesOf));
    }

    /// <summary>What holds a horse, those not cleared.</summary>
    public IEnumerable<Hold> Holds(Guid horseId) => _holds[horseId].Where(h => h.ClearedOn is null);

    /// <summary>A hold cleared lately, as of a day, until the saddle has been reached again.</summary>
    public AfterClearance? Cleared(Guid horseId, DateOnly day) =>
        _holds[horseId].Where(h => h.ClearedOn is not null).MaxBy(h => h.ClearedOn) is { } hold ? AfterClearance.Of(hold.ClearedOn!.Value, _workedOn[horseId], day, hold.NoLungeing) : null;

    /// <summary>What a return to work leaves on a day.</summary>
    public RampLimit? Ramp(Guid horseId, DateOnly day) =>
        _returns.TryGetValue(horseId, out var planned) && day >= planned.Block.Start && day <= planned.Block.End && !_ended[horseId].Any(e => e >= planned.Block.Start)
            ? ComingBack.InBlock(planned, day)
            : ComingBack.On(_told[horseId], _ridden.GetValueOrDefault(horseId) ?? [], _ended[horseId], day, _today);

    /// <summary>Days off that were told, whoever told them.</summary>
    public IEnumerable<TimeAway> Told(Guid horseId) => _told[horseId];

    /// <summary>The days after a treatment, as a restriction that ends by itself.</summary>
    public Restriction? Treatment(Guid horseId) => _treated.GetValueOrDefault(horseId)?.AsRestriction();

    /// <summary>A therapist was there, and it has not been worked since.</summary>
    public DateOnly? TreatedOn(Guid horseId, DateOnly day) =>
        _treated.GetValueOrDefault(horseId) is { EasyUntil: not null } visit && day >= visit.On && !_workedOn[horseId].Any(w => w > visit.On && w < day) ? visit.On : null;

    public int CalmSits(Guid horseId) => _sits.GetValueOrDefault(horseId);

    public DateOnly? ChangesBoiledOver(Guid horseId) => _boiledOver.TryGetValue(horseId, out var day) ? day : null;

    /// <summary>A leg that touches again and again and that nobody has looked at since.</summary>
    public LegFinding? SameLegOf(Guid horseId, DateOnly day) => SameLeg.Over(_legs[horseId], day, _looks.GetValueOrDefault(horseId)?.OnDay);

    /// <summary>Touches told by leg since somebody last looked, before a day.</summary>
    public IReadOnlyList<LegsTold> Legs(Guid horseId, DateOnly before) =>
        [.. _legs[horseId].Where(l => l.Touches.Count > 0 && l.On < before && !(l.On <= _looks.GetValueOrDefault(horseId)?.OnDay))];

    /// <summary>Told on Today or in the passport, by a return block, by an assessment, and by a hold that lasted.</summary>
    private static async Task<ILookup<Guid, TimeAway>> ToldAsync(Visit visit, List<Guid> ids, ILookup<Guid, Hold> holds)
    {
        var told = (await visit.Yard.TimeAwayAsync(ids)).SelectMany(g => g.Select(t => (HorseId: g.Key, Away: t)))
            .Concat((await visit.Yard.RestsAssessedAsync(ids, visit.Today.AddDays(-DaysBack))).Select(a => (a.HorseId, Away: new TimeAway(a.Id, a.StartedOn.AddDays(-7 * a.WeeksOff), a.StartedOn, OffBecause.Rest, ""))))
            .Concat((await visit.Yard.ReturnEntriesAsync(ids)).Where(b => b.Entry.Return?.WeeksOff > 0 && b.Entry.Start is not null).Select(b => (b.HorseId, Away: new TimeAway(
                b.Id, b.Entry.Start!.Value.AddDays(-7 * b.Entry.Return!.WeeksOff!.Value), b.Entry.Start, b.Entry.Return.Because ?? OffBecause.Rest, "")
            {
                WalkWeeks = b.Entry.Return.WalkWeeks,
            })))
            .Concat(holds.SelectMany(g => g).Where(h => h.ClearedOn is not null).Select(h => (h.HorseId, Away: new TimeAway(h.Id, h.Since, h.ClearedOn, OffBecause.Injury, h.Because))));
        return told.Where(t => t.Away.From >= visit.Today.AddDays(-2 * DaysBack) && (t.Away.Until is not { } until || until.DayNumber - t.Away.From.DayNumber >= TimeOff.RampFrom.Value)).ToLookup(t => t.HorseId, t => t.Away);
    }

    private static async Task<Dictionary<Guid, PlanningCase>> ReturnsAsync(Visit visit, List<Guid> ids)
    {
        var underWay = (await visit.Yard.ReturnEntriesAsync(ids)).Where(b => b.EndedOn is null).Select(b => b.HorseId).Distinct().ToList();
        if (underWay.Count == 0)
        {
            return [];
        }

        var book = await BlockBook.OpenAsync(visit, underWay);
        return underWay.Where(book.Blocks.ContainsKey).ToDictionary(id => id, id => book.Case(book.Blocks[id]));
    }

    /// <summary>Calm sits of horses in their first month under saddle: rides on its rung that were not tense.</summary>
    private static async Task<Dictionary<Guid, int>> SitsAsync(Visit visit, IReadOnlyDictionary<Guid, Places> placesOf)
    {
        var first = placesOf.Where(p => (p.Value[Strand.Flatwork]?.Step ?? 0) <= 1).Select(p => p.Key).ToList();
        var rides = first.Count == 0 ? [] : await visit.Yard.RidesOnRungsAsync([.. first.Select(id => (id, FirstMonth))], visit.Today, SessionFigures.CalmSits.Value * 2);
        var logs = await visit.Yard.LogsAsync(rides.Select(r => r.Ride.Id));
        return rides.Where(r => FirstSits.IsCalm(RideRecord.Fold(logs[r.Ride.Id]))).GroupBy(r => r.Ride.HorseId).ToDictionary(g => g.Key, g => g.Count());
    }

    /// <summary>The latest day on which changes were asked and tension went over the top, of horses that are learning them.</summary>
    private static async Task<Dictionary<Guid, DateOnly>> BoiledOverAsync(Visit visit, IReadOnlyDictionary<Guid, Places> placesOf)
    {
        var learning = placesOf.Where(p => p.Value[Strand.Changes] is not null).Select(p => p.Key).ToList();
        var rides = learning.Count == 0 ? [] : (await visit.Yard.RiddenDaysAsync(learning, visit.Today.AddDays(-SessionFigures.ChangesRest.Value), visit.Today)).SelectMany(r => r).ToList();
        var logs = rides.Count == 0 ? new Dictionary<Guid, RideLog>() : await visit.Yard.LogsAsync(rides.Select(r => r.RideId));
        return rides.Where(r => ChangesBoiled.Over(RideRecord.Fold(logs[r.RideId]))).GroupBy(r => r.HorseId).ToDictionary(g => g.Key, g => g.Max(r => r.OnDay));
    }
}
