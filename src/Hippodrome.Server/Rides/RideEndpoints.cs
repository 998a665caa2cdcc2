using Hippodrome.Application.Rides;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Rides;

public static class RideEndpoints
{
    public static void MapRides(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/rides", Reviews.ListAsync).Needs(Access.Reads);
        api.MapGet("/horses/{horseId}/rides/{rideId:guid}", Reviews.ReviewAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/rides/{rideId:guid}/events", Reviews.AppendAndShowAsync).TakesEvents().Needs(Access.Rides);
        api.MapPost("/horses/{horseId}/rides/{rideId:guid}/answers", AnsweringVerdicts.AnswerAsync).Needs(Access.Trains).Creates();
        api.MapGet("/horses/{horseId}/next-time", NextTimes.ReadAsync).Needs(Access.Reads);
        api.MapGet("/overruled", OverruledInYard.ListAsync).Needs(Access.Trains);
    }
}
