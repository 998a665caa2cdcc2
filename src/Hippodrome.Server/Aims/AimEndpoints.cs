using Hippodrome.Application;
using Hippodrome.Application.Aims;
using Hippodrome.Application.Readiness;
using Hippodrome.Core.Readiness;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.Jobs;

namespace Hippodrome.Server.Aims;

public static class AimEndpoints
{
    public static void MapAims(this RouteGroupBuilder api)
    {
        api.MapGet("/aims/levels", ReadinessOfAim.Levels).Needs(Access.Reads);
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
        api.MapPut("/horses/{horseId}/goal", HorseAims.KeepGoalAsync).Needs(Access.Trains);
        api.MapPut("/horses/{horseId}/aims/{aimId:guid}/result", HorseAims.KeepResultAsync).Needs(Access.Trains);
        api.MapGet("/horses/{horseId}/aims/{aimId:guid}/readiness", ReadinessOfAim.OneAsync).Needs(Access.Reads);
        api.MapPut("/horses/{horseId}/aims/{aimId:guid}/demands", ReadinessOfAim.ChangeDemandsAsync).Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/aims/{aimId:guid}/moves/day-more", (Guid horseId, Guid aimId, Visit visit, Ordering jobs) =>
                jobs.OrderAsync(JobKind.TryDayMore, visit, horseId, aimId: aimId)
            )
            .Needs(Access.Trains)
            .Orders<MoveTried>();
        api.MapPost("/horses/{horseId}/aims/{aimId:guid}/moves/more-help", (Guid horseId, Guid aimId, Visit visit, Ordering jobs) =>
                jobs.OrderAsync(JobKind.TryMoreHelp, visit, horseId, aimId: aimId)
            )
            .Needs(Access.Trains)
            .Orders<MoveTried>();
    }
}
