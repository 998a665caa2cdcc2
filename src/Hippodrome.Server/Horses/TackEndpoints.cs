using Hippodrome.Application.Horses;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Horses;

namespace Hippodrome.Server.Horses;

public static class TackEndpoints
{
    public static void MapTack(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/tack", TackOfHorse.ListAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/tack", TackOfHorse.AddAsync).Needs(Access.Trains).Creates();
        api.MapPut("/horses/{horseId}/tack/{id:guid}", TackOfHorse.ChangeAsync).Needs(Access.Trains);
        api.MapRemovable("/horses/{horseId}/tack", Removable.Tack);
    }
}
