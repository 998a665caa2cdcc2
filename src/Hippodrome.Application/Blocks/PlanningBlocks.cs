using Hippodrome.Application.Readiness;
using Hippodrome.Core.Assessments;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Readiness;
using Hippodrome.Core.Sessions;
using Hippodrome.Planning;
using Hippodrome.Planning.Blocks;
using Hippodrome.Storage.Assessments;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;

namespace Hippodrome.Application.Blocks;

/// <summary>A block to be kept.</summary>
/// <param name="Entry">Its inputs.</param>
/// <param name="Seen">
/// Its plan as it was seen: where it comes out otherwise by now, nothing is kept. Left out, it is kept as it comes out.
/// </param>
public sealed record KeepBlockEntry(BlockEntry? Entry = null, IReadOnlyList<SeenPlaced?>? Seen = null);

/// <summary>Planning again, perhaps with other inputs.</summary>
public sealed record AgainEntry(BlockEntry? Entry = null);

/// <summary>The day a block ends.</summary>
public sealed record EndEntry(DateOnly? On = null);

/// <summary>Blocks: suggested, planned, kept as they were seen, planned again, put back and ended.</summary>
public static class PlanningBlocks
{
    public static async Task<List<BlockLine>> ListAsync(Guid horseId, Visit visit) =>
        (await visit.Yard.BlocksAsync(horseId)).ConvertAll(BlockViews.Line);

    public static async Task<BlockSuggestion> SuggestAsync(Guid horseId, Visit visit)
    {
        var book = await BlockBook.OpenAsync(visit, [horseId]);
        var lately = book.Ridden(horseId).Where(r => r.OnDay >= visit.Today.AddDays(-60));
        var assessed = (await visit.Yard.AssessmentsAsync(horseId)).Find(a => a.Assessment.FinishedOn is not null)?.Assessment;
        return BlockSuggestion.For(
            book.Horse(horseId),
            await BlockBook.RiddenAsync(visit, lately),
            assessed is null ? null : FirstWeeks.Of(assessed, SessionFigures.WalkFirst.Value),
            book.Roster.DaysThere(),
            book.Ways(horseId).On(ApproachQuestion.Return),
            await MissingAsync(visit, horseId, book.Horse(horseId)),
            visit.Today
        );
    }

    /// <summary>What is missing for the aim a block would lead to, that which is last first.</summary>
    private static async Task<IReadOnlyList<Demand>> MissingAsync(Visit visit, Guid horseId, HorseNow horse)
    {
        if (BlockSuggestion.Aim(horse, visit.Today) is not { } aim)
        {
            return [];
        }

        var kept = (await visit.Book.PagesAsync([horseId])).Aims[horseId].First(a => a.Aim.Id == aim.Id);
        var readiness = (await EvidenceOfHorse.OfAsync(visit, horseId)).Readiness(kept);
        return [.. readiness.Demands.Select(d => d.Readiness).Where(r => r.HowFar != HowFar.Met).Select(r => r.Demand)];
    }

    /// <summary>The plan these inputs give; nothing is kept.</summary>
    public static async Task<Answer<BlockPlan>> PreviewAsync(
        Guid horseId,
        BlockEntry entry,
        Visit visit,
        IProgress<PlanProgress>? progress,
        CancellationToken cancel
    )
    {
        var (_, plan, refusal) = await PlanAsync(horseId, Guid.NewGuid(), entry, visit, progress, cancel);
        return refusal is null ? plan! : refusal;
    }

    public static async Task<Answer<BlockView>> AddAsync(
        Guid horseId,
        KeepBlockEntry keep,
        Visit visit,
        IProgress<PlanProgress>? progress,
        CancellationToken cancel
    )
    {
        if (keep.Entry is not { } entry)
        {
            return Refusal.Faulty("entry", "Nothing is planned.", "Send the inputs of the block.");
        }

        await visit.Yard.LockAsync(horseId);
        var id = visit.NewId;
        var (block, plan, refusal) = await PlanAsync(horseId, id, entry, visit, progress, cancel);
        if (refusal is not null)
        {
            return refusal;
        }

        if (Otherwise(plan!, keep.Seen, plan!) is { } changed)
        {
            return changed;
        }

        await visit.Yard.AddBlockAsync(horseId, id, Begun(entry, block!.Start), block!.Start);
        await visit.Yard.KeepPlanAsync(horseId, id, 1, Begun(entry, block.Start), plan!, "the first plan", visit.Me.Id, visit.Now);
        await LastDemands.KeepAsync(visit, horseId);
        return await BlockViews.ShowAsync(visit, (await visit.Yard.FindBlockAsync(horseId, id))!);
    }

    /// <summary>With its first day, and the gates that are asked of a return that begins today.</summary>
    private static BlockEntry Begun(BlockEntry entry, DateOnly start) =>
        entry with
        {
            Start = start,
            Return = entry.Return is { } back ? back with { Gates = back.Gates ?? ReturnGates.All } : null,
        };

    public static async Task<Answer<BlockView>> OneAsync(Guid horseId, Guid blockId, Visit visit) =>
        await visit.Yard.FindBlockAsync(horseId, blockId) is { } kept ? await BlockViews.ShowAsync(visit, kept) : Refusal.NotThere;

    /// <summary>What planning again from today would change; nothing is kept.</summary>
    public static async Task<Answer<Replanned>> AgainAsync(
        Guid horseId,
        Guid blockId,
        AgainEntry entry,
        Visit visit,
        IProgress<PlanProgress>? progress,
        CancellationToken cancel
    )
    {
        if (await visit.Yard.FindBlockAsync(horseId, blockId) is not { EndedOn: null } kept)
        {
            return Refusal.NotThere;
        }

        var (_, again, refusal) = await ReplanAsync(kept, entry.Entry, visit, progress, cancel);
        return refusal is null ? again! : refusal;
    }

    public static async Task<Answer<BlockView>> AcceptAsync(
        Guid horseId,
        Guid blockId,
        AcceptPlanEntry entry,
        Visit visit,
        IProgress<PlanProgress>? progress,
        CancellationToken cancel
    )
    {
        if (await visit.Yard.FindBlockAsync(horseId, blockId) is not { EndedOn: null } kept)
        {
            return Refusal.NotThere;
        }

        var checks = new Checks();
        var because = checks.OptionalText("because", entry.Because, 300);
        checks.That(entry.Number is not null, "number", "The version is missing.", "Load the page again.");
        if (checks.Faults.Count > 0)
        {
            return Refusal.Faulty(checks.Faults);
        }

        if (entry.Number != kept.Number)
        {
            return Refusal.Changed(await BlockViews.ShowAsync(visit, kept), entry);
        }

        var (planned, again, refusal) = await ReplanAsync(kept, entry.Entry, visit, progress, cancel);
        if (refusal is not null)
        {
            return refusal;
        }

        if (Otherwise(again!.Plan, entry.Seen, again) is { } changed)
        {
            return changed;
        }

        var accepted = PlanChanges.Accept(planned!, again!, entry.Accepted?.ToHashSet() ?? [.. again!.Changes.Select(c => c.Id)]);
        if (!accepted.IsFine)
        {
            return Refusal.Faulty(accepted.Faults);
        }

        return await KeepAsync(
            visit,
            kept,
            entry.Entry is null ? kept.Entry : entry.Entry with { Start = kept.Entry.Start },
            accepted.Value,
            because.Length > 0 ? because : again!.Says ?? "planned again from today"
        );
    }

    /// <summary>An earlier version again, from today on; days gone by stay as they are.</summary>
    public static async Task<Answer<BlockView>> RestoreAsync(Guid horseId, Guid blockId, int number, Visit visit)
    {
        if (
            await visit.Yard.FindBlockAsync(horseId, blockId) is not { EndedOn: null } kept
            || await visit.Yard.FindBlockVersionAsync(blockId, number) is not { } old
        )
        {
            return Refusal.NotThere;
        }

        var plan = PlanChanges.BackTo(old.Plan, kept.Plan, visit.Today);
        return await KeepAsync(visit, kept, old.Entry, plan, $"back to version {number}");
    }

    public static async Task<Answer<List<BlockLine>>> EndAsync(Guid horseId, Guid blockId, EndEntry entry, Visit visit)
    {
        var on = entry.On ?? visit.Today;
        if (Math.Abs(on.DayNumber - visit.Today.DayNumber) > 7 * BlockFigures.LongestBlock.Value)
        {
            return Refusal.Faulty("on", "That day is too far away.", "Give a day near today.");
        }

        return await visit.Yard.EndBlockAsync(horseId, blockId, on) ? await ListAsync(horseId, visit) : Refusal.NotThere;
    }

    /// <summary>Keeps a version, and moves what was drawn up along with its day.</summary>
    internal static async Task<Answer<BlockView>> KeepAsync(Visit visit, KeptBlock kept, BlockEntry entry, BlockPlan plan, string because)
    {
        if (!await visit.Yard.KeepPlanAsync(kept.HorseId, kept.Id, kept.Number + 1, entry, plan, because, visit.Me.Id, visit.Now))
        {
            return Refusal.Changed(await BlockViews.ShowAsync(visit, (await visit.Yard.FindBlockAsync(kept.HorseId, kept.Id))!), entry);
        }

        await DrawnUpSessions.FollowAsync(visit, kept.HorseId, await DrawnUpSessions.OfAsync(visit, [kept.Plan]), kept.Plan, plan);
        await LastDemands.KeepAsync(visit, kept.HorseId);
        return await BlockViews.ShowAsync(visit, (await visit.Yard.FindBlockAsync(kept.HorseId, kept.Id))!);
    }

    /// <summary>Why a plan is not kept that comes out otherwise than it was seen; null where it does not.</summary>
    private static Conflict? Otherwise(BlockPlan plan, IReadOnlyList<SeenPlaced?>? seen, object current)
    {
        var days = seen is null ? [] : SeenPlan.Differing(plan.Sessions, seen.OfType<SeenPlaced>());
        return days.Count == 0
            ? null
            : new Conflict(
                "The plan comes out otherwise by now.",
                FormattableString.Invariant(
                    $"Nothing was kept: {days.Count} of its days would be others, {days[0]:dddd d MMMM} the first. Look at it again, and keep it then."
                ),
                [("current", current)]
            );
    }

    private static async Task<(Block? Block, BlockPlan? Plan, Refusal? Refusal)> PlanAsync(
        Guid horseId,
        Guid id,
        BlockEntry entry,
        Visit visit,
        IProgress<PlanProgress>? progress,
        CancellationToken cancel
    )
    {
        var book = await BlockBook.OpenAsync(visit, [horseId]);
        var (block, refusal) = await ReadAsync(id, entry, book.Horse(horseId), visit);
        if (refusal is not null)
        {
            return (null, null, refusal);
        }

        var planned = book.CaseOf(block!, null);
        var plan = await SolverTurns.TakeAsync(() => BlockPlanner.Plan(planned, progress, cancel), cancel);
        return plan.IsFine ? (block, plan.Value, null) : (null, null, Refusal.Faulty(plan.Faults));
    }

    private static async Task<(PlanningCase? Case, Replanned? Again, Refusal? Refusal)> ReplanAsync(
        KeptBlock kept,
        BlockEntry? entry,
        Visit visit,
        IProgress<PlanProgress>? progress,
        CancellationToken cancel
    )
    {
        var book = await BlockBook.OpenAsync(visit, [kept.HorseId], kept);
        var lately = await book.LatelyAsync(visit, kept);
        var planned = book.Case(kept, lately);
        if (entry is not null)
        {
            var (block, refusal) = await ReadAsync(kept.Id, entry with { Start = kept.Entry.Start }, book.Horse(kept.HorseId), visit);
            if (refusal is not null)
            {
                return (null, null, refusal);
            }

            planned = book.CaseOf(block!, kept, lately);
        }

        var again = await SolverTurns.TakeAsync(() => Replanning.Again(planned, progress, cancel), cancel);
        return again.IsFine ? (planned, again.Value, null) : (null, null, Refusal.Faulty(again.Faults));
    }

    private static async Task<(Block? Block, Refusal? Refusal)> ReadAsync(Guid id, BlockEntry entry, HorseNow horse, Visit visit)
    {
        var block = Block.From(id, entry, horse.Aims, visit.Today);
        if (!block.IsFine)
        {
            return (null, Refusal.Faulty(block.Faults));
        }

        var people = (await visit.Yard.PeopleAsync()).Where(p => p.Value.Role != Role.Observer).Select(p => p.Value.Id).ToHashSet();
        return block.Value.RiderIds.All(people.Contains)
            ? (block.Value, null)
            : (null, Refusal.Faulty("riderIds", "Nobody of that name rides in this yard.", "Choose from the people of the yard."));
    }
}
