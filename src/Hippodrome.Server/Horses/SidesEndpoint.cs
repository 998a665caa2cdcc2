using Hippodrome.Application.Horses;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Horses;

public static class SidesEndpoint
{
    public static void MapSides(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/sides", SidesOfHorse.ReadAsync).Needs(Access.Reads);
        api.MapGet("/horses/{horseId}/repeats", RepeatsOfHorse.ReadAsync).Needs(Access.Reads);
        api.MapGet("/horses/{horseId}/then-and-now", ThenAndNowOfHorse.ReadAsync).Needs(Access.Reads);
    }
}
