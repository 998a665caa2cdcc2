using Hippodrome.Core.Aims;
using Hippodrome.Core.Measures;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.People;
using Hippodrome.Storage;
using Hippodrome.Storage.Aims;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Aims;

public sealed record AimView(
    Guid Id,
    string Name,
    DateOnly On,
    int DaysLeft,
    Discipline Discipline,
    string Scheme,
    string Level,
    Distance? HeightMetres,
    string Place,
    int Version
);

public static class AimEndpoints
{
    public static void MapAims(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/aims", ListAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/aims", AddAsync).Needs(Access.Trains).Creates();
        api.MapPut("/horses/{horseId}/aims/{aimId:guid}", ChangeAsync).Needs(Access.Trains);
        api.MapDelete("/horses/{horseId}/aims/{aimId:guid}", (Guid horseId, Guid aimId, Visit visit) =>
                RemoveAsync(horseId, aimId, visit, true)
            )
            .Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/aims/{aimId:guid}/restore", (Guid horseId, Guid aimId, Visit visit) =>
                RemoveAsync(horseId, aimId, visit, false)
            )
            .Needs(Access.Trains);
    }

    public static AimView Show(Aim aim, int version, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(aim);
        return new AimView(
            aim.Id,
            aim.Name,
            aim.On,
            aim.DaysLeft(today),
            aim.Discipline,
            aim.Scheme,
            aim.Level,
            aim.Height,
            aim.Place,
            version
        );
    }

    private static async Task<Ok<List<AimView>>> ListAsync(Guid horseId, Visit visit) => TypedResults.Ok(await AllAsync(horseId, visit));

    private static async Task<Results<Ok<List<AimView>>, ProblemHttpResult>> AddAsync(Guid horseId, AimEntry entry, Visit visit)
    {
        var aim = Aim.From(visit.NewId, entry, visit.Today);
        if (!aim.IsFine)
        {
            return Problems.Faulty(aim.Faults);
        }

        await visit.Yard.AddAimAsync(horseId, aim.Value);
        return TypedResults.Ok(await AllAsync(horseId, visit));
    }

    private static async Task<Results<Ok<List<AimView>>, ProblemHttpResult>> ChangeAsync(
        Guid horseId,
        Guid aimId,
        Change<AimEntry> change,
        Visit visit
    )
    {
        if (await visit.Yard.FindAimAsync(horseId, aimId) is null)
        {
            return Problems.NotFound();
        }

        var aim = Aim.From(aimId, change.Entry, visit.Today);
        if (!aim.IsFine)
        {
            return Problems.Faulty(aim.Faults);
        }

        if (await visit.Yard.ChangeAimAsync(horseId, aim.Value, change.Version))
        {
            return TypedResults.Ok(await AllAsync(horseId, visit));
        }

        var kept = (await visit.Yard.FindAimAsync(horseId, aimId))!;
        return Problems.Conflict(Show(kept.Value, kept.Version, visit.Today), change.Entry);
    }

    private static async Task<Results<Ok<List<AimView>>, ProblemHttpResult>> RemoveAsync(
        Guid horseId,
        Guid aimId,
        Visit visit,
        bool removed
    ) => await visit.Yard.RemoveAimAsync(horseId, aimId, removed) ? TypedResults.Ok(await AllAsync(horseId, visit)) : Problems.NotFound();

    private static async Task<List<AimView>> AllAsync(Guid horseId, Visit visit) =>
        (await visit.Yard.AimsAsync([horseId])).ConvertAll(a => Show(a.Aim, a.Version, visit.Today));
}
