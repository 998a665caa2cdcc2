using Hippodrome.Application.Horses;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Horses;

public static class TimelineEndpoint
{
    public static void MapTimeline(this RouteGroupBuilder api) =>
        api.MapGet("/horses/{horseId}/timeline", TimelineOfHorse.ReadAsync).Needs(Access.Reads);
}
