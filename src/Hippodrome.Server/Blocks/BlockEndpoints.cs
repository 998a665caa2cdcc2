using Hippodrome.Application;
using Hippodrome.Application.Blocks;
using Hippodrome.Core.Blocks;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.Jobs;

namespace Hippodrome.Server.Blocks;

public static class BlockEndpoints
{
    public static void MapBlocks(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/blocks", PlanningBlocks.ListAsync).Needs(Access.Reads);
        api.MapGet("/horses/{horseId}/blocks/suggestion", PlanningBlocks.SuggestAsync).Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/blocks/plan", (Guid horseId, BlockEntry entry, Visit visit, Ordering jobs) =>
                jobs.OrderAsync(JobKind.PlanBlock, visit, horseId, null, entry)
            )
            .Needs(Access.Trains)
            .Orders<BlockPlan>();
        api.MapPost("/horses/{horseId}/blocks", (Guid horseId, KeepBlockEntry entry, Visit visit, Ordering jobs) =>
                jobs.OrderAsync(JobKind.KeepBlock, visit, horseId, keeping: new AcceptPlanEntry(Entry: entry.Entry, Seen: entry.Seen))
            )
            .Needs(Access.Trains)
            .Orders<BlockView>()
            .CreatesInTurn();
        api.MapGet("/horses/{horseId}/blocks/{blockId:guid}", PlanningBlocks.OneAsync).Needs(Access.Reads);
        api.MapPost(
                "/horses/{horseId}/blocks/{blockId:guid}/again",
                (Guid horseId, Guid blockId, AgainEntry entry, Visit visit, Ordering jobs) =>
                    jobs.OrderAsync(JobKind.PlanAgain, visit, horseId, blockId, entry.Entry)
            )
            .Needs(Access.Trains)
            .Orders<Replanned>();
        api.MapPost(
                "/horses/{horseId}/blocks/{blockId:guid}/accept",
                (Guid horseId, Guid blockId, AcceptPlanEntry entry, Visit visit, Ordering jobs) =>
                    jobs.OrderAsync(JobKind.AcceptPlan, visit, horseId, blockId, keeping: entry)
            )
            .Needs(Access.Trains)
            .Orders<BlockView>()
            .CreatesInTurn();
        api.MapPost("/horses/{horseId}/blocks/{blockId:guid}/versions/{number:int}/restore", PlanningBlocks.RestoreAsync)
            .Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/blocks/{blockId:guid}/end", PlanningBlocks.EndAsync).Needs(Access.Trains).Creates();
        api.MapBlockSessions();
        api.MapReturns();
    }
}
