using Hippodrome.Application.Blocks;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Blocks;

internal static class BlockSessionEndpoints
{
    public static void MapBlockSessions(this RouteGroupBuilder api)
    {
        api.MapPost("/horses/{horseId}/blocks/{blockId:guid}/edits", BlockSessions.EditAsync).Needs(Access.Trains).Creates();
        api.MapGet("/horses/{horseId}/blocks/{blockId:guid}/sessions/{sessionId:guid}/days", BlockSessions.DaysAsync).Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/blocks/{blockId:guid}/sessions/{sessionId:guid}/draw-up", BlockSessions.DrawUpAsync)
            .Needs(Access.Trains)
            .Creates();
    }
}
