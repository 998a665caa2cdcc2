using Hippodrome.Application.Blocks;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Blocks;

internal static class ReturnEndpoints
{
    public static void MapReturns(this RouteGroupBuilder api)
    {
        api.MapPost("/horses/{horseId}/blocks/{blockId:guid}/gates", ReturnsToWork.AnswerAsync).Needs(Access.Rides).Creates();
        api.MapPost("/horses/{horseId}/blocks/{blockId:guid}/clearances", ReturnsToWork.ClearAsync).Needs(Access.Clears).Creates();
    }
}
