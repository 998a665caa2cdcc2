using Hippodrome.Application.Horses;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Horses;

namespace Hippodrome.Server.Horses;

public static class ConditionEndpoints
{
    public static void MapCondition(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/condition", ConditionOfHorse.ReadAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/time-away", ConditionOfHorse.TellAsync).Needs(Access.Trains).Creates();
        api.MapRemovable("/horses/{horseId}/time-away", Removable.TimeAway);
        api.MapPost("/horses/{horseId}/ramp-end", ConditionOfHorse.EndRampAsync).Needs(Access.Trains).Creates();
        api.MapPost("/horses/{horseId}/holds/{holdId:guid}/walk-in-hand", ConditionOfHorse.WalkInHandAsync).Needs(Access.Clears).Creates();
        api.MapPost("/horses/{horseId}/known-findings", ConditionOfHorse.KnowAsync).Needs(Access.Clears).Creates();
        api.MapRemovable("/horses/{horseId}/known-findings", Removable.KnownFinding);
        api.MapPost("/horses/{horseId}/leg-looks", ConditionOfHorse.LookAsync).Needs(Access.Trains).Creates();
        api.MapPost("/horses/{horseId}/falls/{rideId:guid}", ConditionOfHorse.AnswerFallAsync).Needs(Access.Rides).Creates();
    }
}
