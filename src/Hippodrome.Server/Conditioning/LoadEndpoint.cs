using Hippodrome.Application.Conditioning;
using Hippodrome.Core.Conditioning;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Conditioning;

public static class LoadEndpoint
{
    public static void MapLoad(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/load", LoadOfHorse.ReadAsync).Needs(Access.Reads);
        api.MapGet("/levels", () => TypedResults.Ok(Levels.All)).Needs(Access.Reads);
    }
}
