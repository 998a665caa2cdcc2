using Hippodrome.Application;
using Hippodrome.Application.Horses;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Horses;

namespace Hippodrome.Server.Horses;

public static class RemovalEndpoints
{
    /// <summary>Takes a row of a horse off at this address, and puts it back.</summary>
    public static void MapRemovable(this RouteGroupBuilder api, string address, Removable what)
    {
        api.MapDelete($"{address}/{{id:guid}}", (Guid horseId, Guid id, Visit visit) =>
                Removals.RemoveAsync(what, horseId, id, visit, true)
            )
            .Needs(Access.Trains);
        api.MapPost($"{address}/{{id:guid}}/restore", (Guid horseId, Guid id, Visit visit) =>
                Removals.RemoveAsync(what, horseId, id, visit, false)
            )
            .Needs(Access.Trains);
    }
}
