using Hippodrome.Core.Blocks;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.Sessions;
using Hippodrome.Storage.Blocks;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Blocks;

/// <summary>A change by hand and the version it was made on.</summary>
public sealed record HandEditCall(int? Number = null, HandEditEntry? Edit = null);

internal static class BlockSessionEndpoints
{
    public static void MapBlockSessions(this RouteGroupBuilder api)
    {
        api.MapPost("/horses/{horseId}/blocks/{blockId:guid}/edits", EditAsync).Needs(Access.Trains).Creates();
        api.MapGet("/horses/{horseId}/blocks/{blockId:guid}/sessions/{sessionId:guid}/days", DaysAsync).Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/blocks/{blockId:guid}/sessions/{sessionId:guid}/draw-up", DrawUpAsync)
            .Needs(Access.Trains)
            .Creates();
    }

    /// <summary>Moves, pins, swaps, skips or adds a session; a hard rule it would break refuses it.</summary>
    private static async Task<Results<Ok<BlockView>, ProblemHttpResult>> EditAsync(
        Guid horseId,
        Guid blockId,
        HandEditCall call,
        Visit visit
    )
    {
        if (await visit.Yard.FindBlockAsync(horseId, blockId) is not { EndedOn: null } kept)
        {
            return Problems.NotFound();
        }

        if (call.Edit is null || call.Number is null)
        {
            return Problems.Faulty("edit", "Nothing is changed.", "Say what to change, and on which version.");
        }

        if (call.Number != kept.Number)
        {
            return Problems.Conflict(await BlockViews.ShowAsync(visit, kept), call);
        }

        var book = await BlockBook.OpenAsync(visit, [horseId], kept);
        var plan = HandEdits.Apply(book.Case(kept), call.Edit);
        return plan.IsFine
            ? await BlockEndpoints.KeepAsync(visit, kept, kept.Entry, plan.Value, Says(call.Edit, kept.Plan))
            : Problems.Faulty(plan.Faults);
    }

    /// <summary>The days a session could go to, and what it would break there.</summary>
    private static async Task<Results<Ok<MoveOptions>, ProblemHttpResult>> DaysAsync(
        Guid horseId,
        Guid blockId,
        Guid sessionId,
        Visit visit
    )
    {
        if (await visit.Yard.FindBlockAsync(horseId, blockId) is not { EndedOn: null } kept || kept.Plan.Find(sessionId) is not { } session)
        {
            return Problems.NotFound();
        }

        var book = await BlockBook.OpenAsync(visit, [horseId], kept);
        return TypedResults.Ok(HandEdits.Options(book.Case(kept), session));
    }

    private static async Task<Results<Ok<SessionView>, ProblemHttpResult>> DrawUpAsync(
        Guid horseId,
        Guid blockId,
        Guid sessionId,
        Visit visit
    )
    {
        if (await visit.Yard.FindBlockAsync(horseId, blockId) is not { } kept || kept.Plan.Find(sessionId) is not { } placed)
        {
            return Problems.NotFound();
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
