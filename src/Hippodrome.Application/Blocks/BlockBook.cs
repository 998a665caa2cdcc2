using Hippodrome.Application.Horses;
using Hippodrome.Application.Rides;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Yards;
using Hippodrome.Storage;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Yards;

namespace Hippodrome.Application.Blocks;

/// <summary>What blocks are planned from, read once for any number of horses.</summary>
internal sealed class BlockBook
{
    private readonly Dictionary<Guid, HorseNow> _horses;
    private readonly Dictionary<Guid, KeptBlock> _blocks;
    private readonly IReadOnlyDictionary<Guid, IReadOnlyList<RiddenDay>> _ridden;
    private readonly HorsePages _pages;
    private readonly IReadOnlyDictionary<DateOnly, int> _beside;
    private readonly DateOnly _today;

    /// <summary>What the last days ask of the next ones.</summary>
    /// <param name="Next">A verdict that was accepted.</param>
    /// <param name="CutShort">Sessions that were broken off early.</param>
    public sealed record Lately(NextIs? Next, IReadOnlySet<Guid> CutShort);

    /// <summary>How this horse is gone about.</summary>
    public Ways Ways(Guid horseId) => _pages.Ways[horseId];

    private BlockBook(
        Dictionary<Guid, HorseNow> horses,
        Dictionary<Guid, KeptBlock> blocks,
        IReadOnlyDictionary<Guid, IReadOnlyList<RiddenDay>> ridden,
        HorsePages pages,
        IReadOnlyDictionary<DateOnly, int> beside,
        Roster roster,
        DateOnly today
    ) => (_horses, _blocks, _ridden, _pages, _beside, Roster, _today) = (horses, blocks, ridden, pages, beside, roster, today);

    /// <summary>Who is there when.</summary>
    public Roster Roster { get; }

    /// <summary>Blocks under way, by horse.</summary>
    public IReadOnlyDictionary<Guid, KeptBlock> Blocks => _blocks;

    /// <param name="visit">Who asks.</param>
    /// <param name="horseIds">Horses of this yard.</param>
    /// <param name="besides">A block that is not under way and wanted too.</param>
    /// <param name="places">Days are placed from it, so that it matters how many other horses have work on them.</param>
    public static async Task<BlockBook> OpenAsync(
        Visit visit,
        IReadOnlyCollection<Guid> horseIds,
        KeptBlock? besides = null,
        bool places = true
    )
    {
        var pages = await visit.Book.PagesAsync(horseIds);
        var underWay = await visit.Book.BlocksAsync(horseIds);
        var blocks = horseIds.Where(underWay.ContainsKey).ToDictionary(id => id, id => underWay[id]);
        if (besides is not null)
        {
            blocks[besides.HorseId] = besides;
        }

        // Of many horses only those whose rides are asked about: with a block, or a hold that may have been ridden off.
        var asked = horseIds.Count == 1 ? horseIds : [.. horseIds.Where(id => blocks.ContainsKey(id) || pages.Holds.Contains(id))];
        var ridden = await visit.Book.RiddenAsync(asked);
        var beside =
            places && horseIds.Count == 1
                ? await visit.Yard.PlacedBesideAsync(horseIds.Single(), visit.Today)
                : new Dictionary<DateOnly, int>();
        var horses = horseIds.ToDictionary(
            id => id,
            id => new HorseNow(
                pages.Horses[id].Value,
                pages.Places[id],
                [.. pages.Restrictions[id]],
                pages
                    .Holds[id]
                    .Where(x => x.ClearedOn is null)
                    .Select(x => FormattableString.Invariant($"{x.Because}, since {x.Since:d MMMM}"))
                    .FirstOrDefault(),
                Cleared(pages.Holds[id], ridden.GetValueOrDefault(id) ?? [], visit.Today),
                [.. pages.Aims[id].Select(a => a.Aim)],
                pages.Ways[id].Are(ApproachQuestion.Breadth, Approach.AllRound)
            )
            {
                Easy = pages.Treated.GetValueOrDefault(id)?.AsRestriction() is { Until: { } until } easy
                    ? [new EasyDays(easy.Since, until, easy.Because)]
                    : [],
            }
        );
        return new BlockBook(horses, blocks, ridden, pages, beside, RosterOf(pages.People, pages.Roster), visit.Today);
    }

    public static async Task<Roster> RosterAsync(Visit visit) => RosterOf(await visit.Yard.PeopleAsync(), await visit.Yard.RosterAsync());

    private static Roster RosterOf(IReadOnlyList<Kept<Person>> people, Kept<RosterEntry>? kept)
    {
        var riders = people.Where(p => p.Value.Role != Role.Observer).Select(p => p.Value.Id).ToList();
        // Somebody who has left the yard since does not ride.
        return kept is null
            ? Roster.Open(riders)
            : Roster
                .From(
                    kept.Value with
                    {
                        Riders = [.. kept.Value.Riders?.Where(r => r.PersonId is { } id && riders.Contains(id)) ?? []],
                    },
                    riders,
                    kept: true
                )
                .OrThrow();
    }

    public HorseNow Horse(Guid horseId) => _horses[horseId];

    /// <summary>A horse's name; of one that is not in this book, that it is not there any more.</summary>
    public string NameOf(Guid horseId) =>
        _horses.TryGetValue(horseId, out var horse) ? horse.Horse.Name : "a horse that is not here any more";

    /// <summary>An aim of the horse, with what is known of it besides.</summary>
    public HorseAim AimOf(Guid horseId, Guid aimId) => _pages.Aims[horseId].First(a => a.Aim.Id == aimId);

    /// <summary>The block as it was thought out, whatever has become of its aim.</summary>
    public Block BlockOf(KeptBlock kept) => ReadBlock(kept, _horses[kept.HorseId]);

    /// <summary>A kept block anew; one whose aim has been scratched goes on for as many weeks as it had.</summary>
    private static Block ReadBlock(KeptBlock kept, HorseNow horse)
    {
        var start = kept.Entry.Start!.Value;
        var entry =
            kept.Entry.AimId is { } aim && horse.Aims.All(a => a.Id != aim || a.On <= start)
                ? kept.Entry with
                {
                    AimId = null,
                    Weeks = kept.Plan.Weeks.Count,
                    Purpose = kept.Entry.Purpose == Purpose.RunIn ? Purpose.Schooling : kept.Entry.Purpose,
                }
                : kept.Entry;
        return Block.From(kept.Id, entry, horse.Aims, start, kept: true).OrThrow();
    }

    /// <summary>What a block is planned from, with its latest plan.</summary>
    public PlanningCase Case(KeptBlock kept, Lately? lately = null) => CaseOf(BlockOf(kept), kept, lately);

    /// <summary>The same with other inputs.</summary>
    public PlanningCase CaseOf(Block block, KeptBlock? kept, Lately? lately = null)
    {
        var horseId = kept?.HorseId ?? _horses.Keys.Single();
        return new PlanningCase
        {
            Block = block,
            Horse = _horses[horseId],
            Today = _today,
            Former = kept?.Plan,
            Done = kept is null ? new HashSet<Guid>() : Done(kept),
            CutShort = lately?.CutShort ?? new HashSet<Guid>(),
            Gates = kept is null ? [] : [.. _pages.Gates[kept.Id]],
            Cleared = kept is null ? [] : [.. _pages.Stages[kept.Id]],
            RiderThere = day => Roster.IsThere(block.RiderIds, day),
            OtherHorses = _beside.GetValueOrDefault,
            Next = lately?.Next,
        };
    }

    /// <summary>Placed sessions that were ridden: by their own id, or by a ride on their day.</summary>
    public IReadOnlySet<Guid> Done(KeptBlock kept)
    {
        var days = Ridden(kept.HorseId).Select(r => r.OnDay).ToHashSet();
        var sessions = Ridden(kept.HorseId).Select(r => r.SessionId).OfType<Guid>().ToHashSet();
        return kept
            .Plan.Sessions.Where(s => s.On <= _today && (sessions.Contains(s.Id) || days.Contains(s.On)))
            .Select(s => s.Id)
            .ToHashSet();
    }

    public IReadOnlyList<RiddenDay> Ridden(Guid horseId) => _ridden.GetValueOrDefault(horseId) ?? [];

    /// <summary>The word that was written down for a day off; null where there is none.</summary>
    public string? OffBecause(Guid horseId, DateOnly day) =>
        _pages.TimeAway[horseId].FirstOrDefault(t => t.From <= day && (t.Until is not { } until || day < until) && t.Word.Length > 0)?.Word;

    public IEnumerable<GateAnswer> Gates(Guid blockId) => _pages.Gates[blockId];

    public IEnumerable<StageCleared> StagesCleared(Guid blockId) => _pages.Stages[blockId];

    /// <summary>A hold cleared lately, until the saddle has been reached again.</summary>
    private static AfterClearance? Cleared(IEnumerable<Hold> holds, IEnumerable<RiddenDay> ridden, DateOnly today) =>
        holds.Where(h => h.ClearedOn is not null).MaxBy(h => h.ClearedOn) is { } hold
            ? AfterClearance.Of(hold.ClearedOn!.Value, ridden.Select(r => r.OnDay), today, hold.NoLungeing)
            : null;

    /// <summary>Minutes by gait and fences of each day's rides.</summary>
    public static async Task<IReadOnlyList<DayRidden>> RiddenAsync(Visit visit, IEnumerable<RiddenDay> rides)
    {
        var all = rides.ToList();
        var totals = await visit.Book.TotalsAsync(all.Select(r => r.RideId));
        return [.. all.Select(r => DayRidden.Of(r.OnDay, totals[r.RideId]))];
    }

    public async Task<Lately> LatelyAsync(Visit visit, KeptBlock kept)
    {
        var ridden = await RiddenAsync(visit, Ridden(kept.HorseId).Where(r => r.OnDay >= _today.AddDays(-BlockFigures.WeekBackDays.Value)));
        return new Lately(await NextIsAsync(visit, kept), MissedDays.BrokenOff(kept.Plan, Done(kept), ridden, _today));
    }

    /// <summary>The verdict a trainer accepted after the plan was made, where it changes how much is done.</summary>
    private static async Task<NextIs?> NextIsAsync(Visit visit, KeptBlock kept)
    {
        var rides = await visit.Yard.LatestRidesAsync([kept.HorseId], visit.Today, Judging.LookBack + 1);
        var latest = rides.Count == 0 ? null : rides[0];
        var answer = latest is null ? null : (await visit.Yard.AnswersAsync([latest.Id])).FirstOrDefault();
        if (latest is null || answer is not { Accepted: true } || answer.At <= kept.At)
        {
            return null;
        }

        var verdict = (await visit.JudgeOneAsync(latest, rides)).Verdicts.FirstOrDefault(v => v.Rule == answer.Rule);
        return verdict is null ? null : NextIs.From(verdict.Change, $"{verdict.Seen} {verdict.Do}");
    }
}
