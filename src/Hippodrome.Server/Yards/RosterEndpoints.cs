using Hippodrome.Application.Yards;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Yards;

public static class RosterEndpoints
{
    public static void MapRoster(this RouteGroupBuilder api)
    {
        api.MapGet("/roster", RosterOfYard.ReadAsync).Needs(Access.Reads);
        api.MapPut("/roster", RosterOfYard.KeepAsync).Needs(Access.Trains);
    }
}
