using Hippodrome.Application;
using Hippodrome.Application.Rides;
using Hippodrome.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Rides;

public static class RailEndpoints
{
    public static void MapRail(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/rail", RailSheets.SheetAsync).Needs(Access.Rides);
        api.MapGet("/horses/{horseId}/rides/{rideId:guid}/taps", RailSheets.TapsAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/rides/{rideId:guid}/taps", RailSheets.ReceiveAsync).TakesEvents().Needs(Access.Rides);
        api.MapPost("/rides/judge", JudgingCases.Judge).Needs(Access.Reads);
        api.MapPut("/horses/{horseId}/rides/{rideId:guid}/photos/{photoId:guid}", RailSheets.KeepPhotoAsync).Needs(Access.Rides);
        api.MapGet("/horses/{horseId}/rides/{rideId:guid}/photos/{photoId:guid}", PhotoAsync).Needs(Access.Reads);
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> PhotoAsync(
        Guid horseId,
        Guid rideId,
        Guid photoId,
        Visit visit
    ) =>
        await RailSheets.PhotoAsync(horseId, rideId, photoId, visit) is { Why: null } found
            ? TypedResults.File(found.Value, "image/jpeg")
            : Problems.NotFound();
}
