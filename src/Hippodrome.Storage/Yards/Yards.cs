using Dapper;

namespace Hippodrome.Storage.Yards;

public sealed record Yard(Guid Id, string Name, string TimeZone);

public static class YardStore
{
    /// <summary>Makes a yard; the session must have been opened for its id.</summary>
    public static async Task AddYardAsync(this YardSession yard, string name, string timeZone)
    {
        await yard.ExecuteAsync("insert into yard (id, name, time_zone) values (@yard, @name, @timeZone)", new { name, timeZone });
        await yard.ExecuteAsync("insert into installation default values on conflict do nothing");
    }

    public static async Task<Yard> ThisYardAsync(this YardSession yard) =>
        await yard.FindAsync<Yard>("select id, name, time_zone from yard where id = @yard")
        ?? throw new InvalidOperationException("The yard of this session is gone.");

    /// <summary>Whether any yard has ever been made here.</summary>
    public static async Task<bool> HasAnyYardAsync(this Database database)
    {
        await using var connection = await database.App.OpenConnectionAsync();
        return await connection.ExecuteScalarAsync<bool>("select exists (select from installation)");
    }
}
