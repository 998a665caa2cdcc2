using Hippodrome.Application;
using Hippodrome.Application.Horses;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Horses;

public static class HorseEndpoints
{
    public static void MapHorses(this RouteGroupBuilder api)
    {
        api.MapGet("/horses", Passports.ListAsync).Needs(Access.Reads);
        api.MapPost("/horses", Passports.AddAsync).Needs(Access.Trains).Creates();
        api.MapGet("/horses/{horseId}", Passports.PassportAsync).Needs(Access.Reads);
        api.MapPut("/horses/{horseId}", Passports.ChangeAsync).Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/strides", Passports.MeasureAsync).Needs(Access.Trains).Creates();
        api.MapDelete("/horses/{horseId}/strides/{strideId:guid}", (Guid horseId, Guid strideId, Visit visit) =>
                Passports.RemoveStrideAsync(horseId, strideId, visit, true)
            )
            .Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/strides/{strideId:guid}/restore", (Guid horseId, Guid strideId, Visit visit) =>
                Passports.RemoveStrideAsync(horseId, strideId, visit, false)
            )
            .Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/holds/{holdId:guid}/clearance", Passports.ClearAsync).Needs(Access.Clears).Creates();
    }
}
