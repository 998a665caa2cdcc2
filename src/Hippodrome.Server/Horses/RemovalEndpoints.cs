using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Horses;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Horses;

public static class RemovalEndpoints
{
    /// <summary>Takes a row of a horse off at this address, and puts it back.</summary>
    public static void MapRemovable(this RouteGroupBuilder api, string address, Removable what)
    {
        api.MapDelete($"{address}/{{id:guid}}", (Guid horseId, Guid id, Visit visit) => RemoveAsync(what, horseId, id, visit, true))
            .Needs(Access.Trains);
        api.MapPost($"{address}/{{id:guid}}/restore", (Guid horseId, Guid id, Visit visit) => RemoveAsync(what, horseId, id, visit, false))
            .Needs(Access.Trains);
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> RemoveAsync(
        Removable what,
        Guid horseId,
        Guid id,
        Visit visit,
        bool removed
    ) => await visit.Yard.RemoveAsync(what, horseId, id, removed) ? TypedResults.NoContent() : Problems.NotFound();
}
