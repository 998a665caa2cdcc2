using Hippodrome.Application.Horses;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Horses;

public static class RestrictionEndpoints
{
    public static void MapRestrictions(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/restrictions", RestrictionsOfHorse.ListAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/restrictions", RestrictionsOfHorse.AddAsync).Needs(Access.Clears).Creates();
        api.MapPost("/horses/{horseId}/restrictions/{restrictionId:guid}/clearance", RestrictionsOfHorse.ClearAsync)
            .Needs(Access.Clears)
            .Creates();
    }
}
