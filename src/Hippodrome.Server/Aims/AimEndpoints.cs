using Hippodrome.Application;
using Hippodrome.Application.Aims;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Aims;

public static class AimEndpoints
{
    public static void MapAims(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/aims", HorseAims.ListAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/aims", HorseAims.AddAsync).Needs(Access.Trains).Creates();
        api.MapPut("/horses/{horseId}/aims/{aimId:guid}", HorseAims.ChangeAsync).Needs(Access.Trains);
        api.MapDelete("/horses/{horseId}/aims/{aimId:guid}", (Guid horseId, Guid aimId, Visit visit) =>
                HorseAims.RemoveAsync(horseId, aimId, visit, true)
            )
            .Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/aims/{aimId:guid}/restore", (Guid horseId, Guid aimId, Visit visit) =>
                HorseAims.RemoveAsync(horseId, aimId, visit, false)
            )
            .Needs(Access.Trains);
    }
}
