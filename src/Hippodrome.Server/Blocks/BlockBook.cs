using Hippodrome.Core.Blocks;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Yards;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.Rides;
using Hippodrome.Storage;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Care;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Yards;

namespace Hippodrome.Server.Blocks;

/// <summary>What blocks are planned from, read once for any number of horses.</summary>
internal sealed class BlockBook
{
    private const int DaysBack = 200;

    private readonly Dictionary<Guid, HorseNow> _horses;
    private readonly Dictionary<Guid, KeptBlock> _blocks;
    private readonly ILookup<Guid, RiddenDay> _ridden;
    private readonly ILookup<Guid, GateAnswer> _gates;
    private readonly ILookup<Guid, StageCleared> _cleared;
    private readonly IReadOnlyDictionary<DateOnly, int> _beside;
    private readonly DateOnly _today;

    /// <summary>What the last days ask of the next ones.</summary>
    /// <param name="Next">A verdict that was accepted.</param>
    /// <param name="CutShort">Sessions that were broken off early.</param>
    public sealed record Lately(NextIs? Next, IReadOnlySet<Guid> CutShort);

    private BlockBook(Dictionary<Guid, HorseNow> horses, Dictionary<Guid, KeptBlock> blocks, ILookup<Guid, RiddenDay> ridden, ILookup<Guid, GateAnswer> gates, ILookup<Guid, StageCleared> cleared, IReadOnlyDictionary<DateOnly, int> beside, Roster roster, DateOnly today) =>
        (_horses, _blocks, _ridden, _gates, _cleared, _beside, Roster, _today) = (horses, blocks, ridden, gates, cleared, beside, roster, today);

    /// <summary>Who is there when.</summary>
    public Roster Roster { get; }

    /// <summary>Blocks under way, by horse.</summary>
    public IReadOnlyDictionary<Guid, KeptBlock> Blocks => _blocks;

    /// <param name="visit">Who asks.</param>
    /// <param name="horseIds">Horses of this yard.</param>
    /// <param name="besides">A block that is not under way and wanted too.</param>
    public static async Task<BlockBook> OpenAsync(Visit visit, IReadOnlyCollection<Guid> horseIds, KeptBlock? besides = null)
    {
        var yard = visit.Yard;
        var blocks = (await yard.BlocksUnderWayAsync(horseIds)).ToDictionary(b => b.HorseId);
        if (besides is not null)
        {
            blocks[besides.HorseId] = besides;
        }

        var holds = (await yard.HoldsAsync(horseIds)).ToLookup(h => h.HorseId);
        var moves = await yard.MovesAsync(horseIds);
        var restrictions = (await yard.RestrictionsAsync(horseIds)).Where(r => r.ClearedOn is null).ToLookup(r => r.HorseId, r => r.Restriction);
        var aims = (await yard.AimsAsync(horseIds)).ToLookup(a => a.HorseId, a => a.Aim);
        var breadth = await yard.ApproachHoldsAsync(ApproachQuestion.Breadth, horseIds);
        // Of many horses only those whose rides are asked about: with a block, or a hold that may have been ridden off.
        var asked = horseIds.Count == 1 ? horseIds : [.. horseIds.Where(id => blocks.ContainsKey(id) || holds.Contains(id))];
        var ridden = await yard.RiddenDaysAsync(asked, visit.Today.AddDays(-DaysBack), visit.Today);
        var treated = await yard.TherapistVisitsAsync(horseIds, visit.Today);
        var horses = (await yard.HorsesByIdAsync(horseIds)).ToDictionary(h => h.Value.Id, h => new HorseNow(
            h.Value, Places.Of(h.Value, moves[h.Value.Id].Select(m => m.Move)), [.. restrictions[h.Value.Id]],
            holds[h.Value.Id].Where(x => x.ClearedOn is null).Select(x => FormattableString.Invariant($"{x.Because}, since {x.Since:d MMMM}")).FirstOrDefault(),
            Cleared(holds[h.Value.Id], ridden[h.Value.Id], visit.Today), [.. aims[h.Value.Id]], breadth[h.Value.Id].Id == Approach.AllRound)
        {
            Easy = treated.GetValueOrDefault(h.Value.Id)?.AsRestriction() is { Until: { } until } easy ? [new EasyDays(easy.Since, until, easy.Because)] : [],
        });
        return new BlockBook(
            horses, blocks, ridden, await yard.GateAnswersAsync(blocks.Values.Select(b => b.Id)), await yard.StagesClearedAsync(blocks.Values.Select(b => b.Id)),
            horseIds.Count == 1 ? await yard.PlacedBesideAsync(horseIds.Single(), visit.Today) : new Dictionary<DateOnly, int>(), await RosterAsync(visit), visit.Today);
    }

    public static async Task<Roster> RosterAsync(Visit visit)
    {
        var people = await visit.Yard.PeopleAsync();
        var riders = people.Where(p => p.Value.Role != Role.Observer).Select(p => p.Value.Id).ToList();
        var kept = await visit.Yard.RosterAsync();
        // Somebody who has left the yard since does not ride.
        return kept is null ? Roster.Open(riders) : Roster.From(kept.Value with { Riders = [.. kept.Value.Riders?.Where(r => r.PersonId is { } id && riders.Contains(id)) ?? []] }, riders, kept: true).OrThrow();
    }

    public HorseNow Horse(Guid horseId) => _horses[horseId];

    /// <summary>The block as it was thought out, whatever has become of its aim.</summary>
    public Block BlockOf(KeptBlock kept) => ReadBlock(kept, _horses[kept.HorseId]);

    /// <summary>A kept block anew; one whose aim has been scratched goes on for as many weeks as it had.</summary>
    private static Block ReadBlock(KeptBlock kept, HorseNow horse)
    {
        var start = kept.Entry.Start!.Value;
        var entry = kept.Entry.AimId is { } aim && horse.Aims.All(a => a.Id != aim || a.On <= start)
            ? kept.Entry with { AimId = null, Weeks = kept.Plan.Weeks.Count, Purpose = kept.Entry.Purpose == Purpose.RunIn ? Purpose.Schooling : kept.Entry.Purpose } : kept.Entry;
        return Block.From(kept.Id, entry, horse.Aims, start, kept: true).OrThrow();
    }

    /// <summary>What a block is planned from, with its latest plan.</summary>
    public PlanningCase Case(KeptBlock kept, Lately? lately = null) => CaseOf(BlockOf(kept), kept, lately);

    /// <summary>The same with other inputs.</summary>
    public PlanningCase CaseOf(Block block, KeptBlock? kept, Lately? lately = null)
    {
        var horseId = kept?.HorseId ?? _horses.Keys.Single();
        return new PlanningCase(
            block, _horses[horseId], _today, kept?.Plan, kept is null ? new HashSet<Guid>() : Done(kept), lately?.CutShort ?? new HashSet<Guid>(), kept is null ? [] : [.. _gates[kept.Id]], kept is null ? [] : [.. _cleared[kept.Id]],
            day => Roster.IsThere(block.RiderIds, day), _beside.GetValueOrDefault, lately?.Next);
    }

    /// <summary>Placed sessions that were ridden: by their own id, or by a ride on their day.</summary>
    public IReadOnlySet<Guid> Done(KeptBlock kept)
    {
        var days = _ridden[kept.HorseId].Select(r => r.OnDay).ToHashSet();
        var sessions = _ridden[kept.HorseId].Select(r => r.SessionId).OfType<Guid>().ToHashSet();
        return kept.Plan.Sessions.Where(s => s.On <= _today && (sessions.Contains(s.Id) || days.Contains(s.On))).Select(s => s.Id).ToHashSet();
    }

    public IEnumerable<RiddenDay> Ridden(Guid horseId) => _ridden[horseId];

    public IEnumerable<GateAnswer> Gates(Guid blockId) => _gates[blockId];

    public IEnumerable<StageCleared> StagesCleared(Guid blockId) => _cleared[blockId];

    /// <summary>A hold cleared lately, until the saddle has been reached again.</summary>
    private static AfterClearance? Cleared(IEnumerable<Hold> holds, IEnumerable<RiddenDay> ridden, DateOnly today) =>
        holds.Where(h => h.ClearedOn is not null).MaxBy(h => h.ClearedOn) is { } hold ? AfterClearance.Of(hold.ClearedOn!.Value, ridden.Select(r => r.OnDay), today, hold.NoLungeing) : null;

    /// <summary>Minutes by gait and fences of each day's rides.</summary>
    public static async Task<IReadOnlyList<DayRidden>> RiddenAsync(Visit visit, IEnumerable<RiddenDay> rides)
    {
        var all = rides.ToList();
        var logs = await visit.Yard.LogsAsync(all.Select(r => r.RideId));
        return [.. all.Select(r =>
        {
            var record = RideRecord.Fold(logs[r.RideId]);
            double Of(params Gait[] gaits) => record.ByGait.Where(g => gaits.Contains(g.Gait)).Sum(g => g.Minutes);
            return new DayRidden(r.OnDay, Of(Gait.Walk, Gait.Halt, Gait.ReinBack), Of(Gait.Trot), Of(Gait.Canter, Gait.Gallop), record.Efforts.Left.All + record.Efforts.Right.All);
        })];
    }

    public async Task<Lately> LatelyAsync(Visit visit, KeptBlock kept)
    {
        var ridden = await RiddenAsync(visit, _ridden[kept.HorseId].Where(r => r.OnDay >= _today.AddDays(-BlockFigures.WeekBackDays.Value)));
        return new Lately(await NextIsAsync(visit, kept), MissedDays.BrokenOff(kept.Plan, Done(kept), ridden, _today));
    }

    /// <summary>The verdict a trainer accepted after the plan was made, where it changes how much is done.</summary>
    private static async Task<NextIs?> NextIsAsync(Visit visit, KeptBlock kept)
    {
        var latest = (await visit.Yard.LatestRidesAsync([kept.HorseId], visit.Today, 1)).FirstOrDefault();
        var answer = latest is null ? null : (await visit.Yard.AnswersAsync([latest.Id])).FirstOrDefault();
        if (latest is null || answer is not { Accepted: true } || answer.At <= kept.At)
        {
            return null;
        }

        var verdict = (await visit.JudgeOneAsync(latest)).Verdicts.FirstOrDefault(v => v.Rule == answer.Rule);
        return verdict is null ? null : NextIs.From(verdict.Change, $"{verdict.Seen} {verdict.Do}");
    }
}
