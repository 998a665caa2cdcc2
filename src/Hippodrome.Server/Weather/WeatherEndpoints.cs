using Hippodrome.Application;
using Hippodrome.Application.Weather;
using Hippodrome.Server.Hosting;

namespace Hippodrome.Server.Weather;

public static class WeatherEndpoints
{
    public static void MapWeather(this RouteGroupBuilder api)
    {
        api.MapGet("/weather", async (Visit visit) => TypedResults.Ok(await WeatherOfYard.ShowAsync(visit))).Needs(Access.Reads);
        api.MapPost("/weather", WeatherOfYard.TypeAsync).Needs(Access.Rides).Creates();
        api.MapPut("/weather/source", WeatherOfYard.ChooseAsync).Needs(Access.Trains);
    }
}
