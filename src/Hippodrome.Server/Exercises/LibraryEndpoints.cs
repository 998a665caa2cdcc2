using Hippodrome.Application.Exercises;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Exercises;

public static class LibraryEndpoints
{
    public static void MapLibrary(this RouteGroupBuilder api)
    {
        api.MapGet("/library", () => TypedResults.Ok(LibraryAndLadders.All)).Needs(Access.Reads);
        api.MapGet("/horses/{horseId}/ladders", LibraryAndLadders.PlacesAsync).Needs(Access.Reads);
        api.MapGet("/horses/{horseId}/ladders/{strand}/{rung}", LibraryAndLadders.RungAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/ladders/places", LibraryAndLadders.PlaceAsync).Needs(Access.Trains).Creates();
        api.MapPost("/horses/{horseId}/ladders/moves", LibraryAndLadders.MoveAsync).Needs(Access.Trains).Creates();
        api.MapPost("/horses/{horseId}/ladders/climb", LibraryAndLadders.ClimbAsync).Needs(Access.Trains).Creates();
    }
}
