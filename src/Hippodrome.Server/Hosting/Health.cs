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
                await database.AnswersAsync(cancel);
                return Results.Text("ready");
            })
            .ExcludeFromDescription();
    }
}
