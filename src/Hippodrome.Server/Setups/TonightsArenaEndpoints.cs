using Hippodrome.Application.Setups;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Setups;

public static class TonightsArenaEndpoints
{
    public static void MapTonightsArena(this RouteGroupBuilder api)
    {
        api.MapGet("/arena", ArenaTonight.ShowAsync).Needs(Access.Reads);
        api.MapPut("/arena", ArenaTonight.StandAsync).Needs(Access.Trains);
        api.MapPost("/horses/{horseId}/set-ups/beside", ArenaTonight.BesideAsync).Needs(Access.Reads);
        api.MapGet("/kit", ArenaTonight.KitAsync).Needs(Access.Reads);
        api.MapPut("/kit", ArenaTonight.KeepKitAsync).Needs(Access.Trains);
    }
}
