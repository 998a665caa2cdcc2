using Dapper;

namespace Hippodrome.Storage.Yards;

/// <summary>Where a yard's weather comes from.</summary>
public enum WeatherSource
{
    /// <summary>Typed by people; nothing simulated decides.</summary>
    Typed,

    /// <summary>The stand-in that ships with the program, chosen knowingly.</summary>
    StandIn,
}

public sealed record Yard(Guid Id, string Name, string TimeZone, WeatherSource WeatherSource, int WorksFrom, int WorksTo);

public static class YardStore
{
    /// <summary>Makes a yard; the session must have been opened for its id.</summary>
    public static async Task AddYardAsync(this YardSession yard, string name, string timeZone)
    {
        await yard.ExecuteAsync("insert into yard (id, name, time_zone) values (@yard, @name, @timeZone)", new { name, timeZone });
        await yard.ExecuteAsync("insert into installation default values on conflict do nothing");
    }

    public static async Task<Yard> ThisYardAsync(this YardSession yard) =>
        await yard.FindAsync<Yard>("select id, name, time_zone, weather_source, works_from, works_to from yard where id = @yard")
        ?? throw new InvalidOperationException("The yard of this session is gone.");

    /// <summary>Where its weather comes from, and the hours it works in.</summary>
    public static Task SetWeatherAsync(this YardSession yard, WeatherSource source, int worksFrom, int worksTo) =>
        yard.ExecuteAsync(
            "update yard set weather_source = @source, works_from = @worksFrom, works_to = @worksTo where id = @yard",
            new
            {
                source = source.ToString(),
                worksFrom,
                worksTo,
            }
        );

    /// <summary>Whether any yard has ever been made here.</summary>
    public static async Task<bool> HasAnyYardAsync(this Database database)
    {
        await using var connection = await database.App.OpenConnectionAsync();
        return await connection.ExecuteScalarAsync<bool>("select exists (select from installation)");
    }
}
