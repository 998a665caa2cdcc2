using Hippodrome.Application.Yards;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Yards;

public static class WeekEndpoints
{
    public static void MapWeek(this RouteGroupBuilder api)
    {
        api.MapGet("/week", WeekOfYard.ReadAsync).Needs(Access.Reads);
        api.MapPost("/week/share", WeekOfYard.ShareAsync).Needs(Access.Trains);
        api.MapPost("/week/keep", WeekOfYard.KeepAsync).Needs(Access.Trains).Creates();
    }
}
