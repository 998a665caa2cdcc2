using Hippodrome.Application;
using Hippodrome.Application.Horses;
using Hippodrome.Core.Horses;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Horses;

public static class ApproachEndpoints
{
    public static void MapApproach(this RouteGroupBuilder api)
    {
        api.MapGet("/approach", async (Visit visit) => TypedResults.Ok(await ApproachOfHorse.ShowAsync(visit, null))).Needs(Access.Reads);
        api.MapPut("/approach", (ApproachEntry entry, Visit visit) => ApproachOfHorse.ChooseAsync(visit, null, entry)).Needs(Access.Trains);
        api.MapGet("/horses/{horseId}/approach", async (Guid horseId, Visit visit) =>
                TypedResults.Ok(await ApproachOfHorse.ShowAsync(visit, horseId))
            )
            .Needs(Access.Reads);
        api.MapPut("/horses/{horseId}/approach", (Guid horseId, ApproachEntry entry, Visit visit) =>
                ApproachOfHorse.ChooseAsync(visit, horseId, entry)
            )
            .Needs(Access.Trains);
        api.MapPut("/horses/{horseId}/temperament", ApproachOfHorse.TemperAsync).Needs(Access.Trains);
    }
}
