using Hippodrome.Application;
using Hippodrome.Application.Setups;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Setups;

public static class SetUpEndpoints
{
    public static void MapSetUps(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/set-ups", SetUpsOfHorse.ListAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/set-ups/measure", SetUpsOfHorse.MeasureAsync).Needs(Access.Reads);
        api.MapGet("/horses/{horseId}/carried", SetUpsOfHorse.CarriedAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/set-ups/who-can-ride", WhoCanRideIt.AnswerAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/set-ups/mirrored", SetUpsOfHorse.Mirror).Needs(Access.Reads);
        api.MapGet("/distance", SetUpsOfHorse.ReadDistance).Needs(Access.Reads);
        api.MapSetUpFiles();
        api.MapTonightsArena();
        api.MapPost("/horses/{horseId}/set-ups", SetUpsOfHorse.AddAsync).Needs(Access.Trains).Creates();
        api.MapGet("/horses/{horseId}/set-ups/{setUpId:guid}", SetUpsOfHorse.OneAsync).Needs(Access.Reads);
        api.MapGet("/horses/{horseId}/set-ups/{setUpId:guid}/versions", SetUpsOfHorse.VersionsAsync).Needs(Access.Reads);
        api.MapPut("/horses/{horseId}/set-ups/{setUpId:guid}", SetUpsOfHorse.ChangeAsync).Needs(Access.Trains);
        api.MapDelete("/horses/{horseId}/set-ups/{setUpId:guid}", (Guid horseId, Guid setUpId, Visit visit) =>
                SetUpsOfHorse.RemoveAsync(horseId, setUpId, visit, true)
            )
            .Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/set-ups/{setUpId:guid}/restore", (Guid horseId, Guid setUpId, Visit visit) =>
                SetUpsOfHorse.RemoveAsync(horseId, setUpId, visit, false)
            )
            .Needs(Access.Trains);
    }
}
