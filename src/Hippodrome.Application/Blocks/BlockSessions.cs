using Hippodrome.Application.Sessions;
using Hippodrome.Core.Blocks;
using Hippodrome.Storage.Blocks;

namespace Hippodrome.Application.Blocks;

/// <summary>A change by hand and the version it was made on.</summary>
public sealed record HandEditCall(int? Number = null, HandEditEntry? Edit = null);

/// <summary>Sessions of a block changed by hand, and drawn up when they come near.</summary>
public static class BlockSessions
{
    /// <summary>Moves, pins, swaps, skips or adds a session; a hard rule it would break refuses it.</summary>
    public static async Task<Answer<BlockView>> EditAsync(Guid horseId, Guid blockId, HandEditCall call, Visit visit)
    {
        if (await visit.Yard.FindBlockAsync(horseId, blockId) is not { EndedOn: null } kept)
        {
            return Refusal.NotThere;
        }

        if (call.Edit is null || call.Number is null)
        {
            return Refusal.Faulty("edit", "Nothing is changed.", "Say what to change, and on which version.");
        }

        if (call.Number != kept.Number)
        {
            return Refusal.Changed(await BlockViews.ShowAsync(visit, kept), call);
        }

        var book = await BlockBook.OpenAsync(visit, [horseId], kept);
        var plan = HandEdits.Apply(book.Case(kept), call.Edit);
        return plan.IsFine
            ? await PlanningBlocks.KeepAsync(visit, kept, kept.Entry, plan.Value, Says(call.Edit, kept.Plan))
            : Refusal.Faulty(plan.Faults);
    }

    /// <summary>The days a session could go to, and what it would break there.</summary>
    public static async Task<Answer<MoveOptions>> DaysAsync(Guid horseId, Guid blockId, Guid sessionId, Visit visit)
    {
        if (await visit.Yard.FindBlockAsync(horseId, blockId) is not { EndedOn: null } kept || kept.Plan.Find(sessionId) is not { } session)
        {
            return Refusal.NotThere;
        }

        var book = await BlockBook.OpenAsync(visit, [horseId], kept);
        return HandEdits.Options(book.Case(kept), session);
    }

    public static async Task<Answer<SessionView>> DrawUpAsync(Guid horseId, Guid blockId, Guid sessionId, Visit visit)
    {
        if (await visit.Yard.FindBlockAsync(horseId, blockId) is not { } kept || kept.Plan.Find(sessionId) is not { } placed)
        {
            return Refusal.NotThere;
        }

        var helper = kept.Entry.HelperDays?.Contains(placed.On.DayOfWeek) == true;
        return await DrawnUpSessions.DrawUpAsync(visit, horseId, placed, helper);
    }

    private static string Says(HandEditEntry edit, BlockPlan plan)
    {
        var what = edit.SessionId is { } id ? plan.Find(id)!.Kind.Say() : edit.To!.Value.Say();
        return edit.Kind switch
        {
            HandEditKind.Move => FormattableString.Invariant($"{what} moved to {edit.On:dddd d MMMM} by hand"),
            HandEditKind.Pin => $"{what} pinned",
            HandEditKind.Unpin => $"{what} unpinned",
            HandEditKind.Swap => $"{what} swapped for {edit.To!.Value.Say()} by hand",
            HandEditKind.Skip => $"{what} skipped by hand",
            _ => FormattableString.Invariant($"{what} added on {edit.On:dddd d MMMM} by hand"),
        };
    }
}
