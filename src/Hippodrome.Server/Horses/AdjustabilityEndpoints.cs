using Hippodrome.Application.Horses;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Horses;

namespace Hippodrome.Server.Horses;

public static class AdjustabilityEndpoints
{
    public static void MapAdjustability(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/accordions", AdjustabilityOfHorse.ReadAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/accordions", AdjustabilityOfHorse.AddAsync).Needs(Access.Trains).Creates();
        api.MapRemovable("/horses/{horseId}/accordions", Removable.Accordion);
    }
}
