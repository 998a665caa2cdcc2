using Hippodrome.Application;
using Hippodrome.Application.Yards;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.Jobs;

namespace Hippodrome.Server.Yards;

public static class WeekEndpoints
{
    public static void MapWeek(this RouteGroupBuilder api)
    {
        api.MapGet("/week", WeekOfYard.ReadAsync).Needs(Access.Reads);
        api.MapPost("/week/share", (WeekEntry entry, Visit visit, Ordering jobs) =>
                jobs.OrderAsync(JobKind.ShareWeek, visit, monday: entry.Monday)
            )
            .Needs(Access.Trains)
            .Orders<WeekShared>();
        api.MapPost("/week/keep", WeekOfYard.KeepAsync).Needs(Access.Trains).Creates();
    }
}
