using Dapper;
using Hippodrome.Storage;

namespace Hippodrome.Server.Hosting;

/// <summary>For whoever watches the server: alive, and ready to answer.</summary>
public static class Health
{
    public static void MapHealth(this WebApplication app)
    {
        ArgumentNullException.ThrowIfNull(app);
        app.MapGet("/health/live", () => Results.Text("alive")).ExcludeFromDescription();
        app.MapGet("/health/ready", async (Database database, CancellationToken cancel) =>
        {
            await using var connection = await database.App.OpenConnectionAsync(cancel);
            await connection.ExecuteScalarAsync<int>("select 1");
            return Results.Text("ready");
        }).ExcludeFromDescription();
    }
}
