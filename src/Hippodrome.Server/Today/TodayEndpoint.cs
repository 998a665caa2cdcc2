using Hippodrome.Application.Today;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Today;

public static class TodayEndpoint
{
    public static void MapToday(this RouteGroupBuilder api) => api.MapGet("/today", TodayOfYard.TodayAsync).Needs(Access.Reads);
}
