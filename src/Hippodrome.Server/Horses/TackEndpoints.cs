using Hippodrome.Core.Horses;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.People;
using Hippodrome.Storage;
using Hippodrome.Storage.Horses;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Horses;

/// <summary>A piece of tack as lists show it.</summary>
public sealed record TackView(Tack Tack, int Version);

public static class TackEndpoints
{
    public static void MapTack(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/tack", ListAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/tack", AddAsync).Needs(Access.Trains).Creates();
        api.MapPut("/horses/{horseId}/tack/{id:guid}", ChangeAsync).Needs(Access.Trains);
        api.MapRemovable("/horses/{horseId}/tack", Removable.Tack);
    }

    private static async Task<Ok<List<TackView>>> ListAsync(Guid horseId, Visit visit) => TypedResults.Ok(await AllAsync(horseId, visit));

    private static async Task<Results<Ok<List<TackView>>, ProblemHttpResult>> AddAsync(Guid horseId, TackEntry entry, Visit visit)
    {
        var tack = Tack.From(visit.NewId, entry);
        if (!tack.IsFine)
        {
            return Problems.Faulty(tack.Faults);
        }

        await visit.Yard.AddTackAsync(horseId, tack.Value);
        return TypedResults.Ok(await AllAsync(horseId, visit));
    }

    private static async Task<Results<Ok<List<TackView>>, ProblemHttpResult>> ChangeAsync(
        Guid horseId,
        Guid id,
        Change<TackEntry> change,
        Visit visit
    )
    {
        var tack = Tack.From(id, change.Entry);
        if (!tack.IsFine)
        {
            return Problems.Faulty(tack.Faults);
        }

        if (await visit.Yard.ChangeTackAsync(horseId, tack.Value, change.Version))
        {
            return TypedResults.Ok(await AllAsync(horseId, visit));
        }

        return (await AllAsync(horseId, visit)).Find(t => t.Tack.Id == id) is { } theirs
            ? Problems.Conflict(theirs, change.Entry)
            : Problems.NotFound();
    }

    private static async Task<List<TackView>> AllAsync(Guid horseId, Visit visit) =>
        (await visit.Yard.TackAsync(horseId)).ConvertAll(t => new TackView(t.Value, t.Version));
}
