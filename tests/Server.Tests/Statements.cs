using System.Collections.Concurrent;
using System.Diagnostics;

namespace Hippodrome.Server.Tests;

/// <summary>
/// What a database is asked, as the driver tells it, with the begin and the end of the transaction that every request
/// is: what PostgreSQL's own log counts on a warm connection.
/// </summary>
public static class Statements
{
    /// <summary>The statements that reach a database while something is done.</summary>
    public static async Task<IReadOnlyList<string>> OfAsync(string database, Func<Task> done)
    {
        ArgumentNullException.ThrowIfNull(done);
        var asked = new ConcurrentQueue<string>();
        using var listener = new ActivityListener
        {
            ShouldListenTo = source => source.Name == "Npgsql",
            Sample = (ref _) => ActivitySamplingResult.AllData,
            ActivityStopped = activity =>
            {
                if (
                    activity.GetTagItem("db.namespace") as string == database
                    && activity.GetTagItem("db.query.text") is string sql
                    && !IsOfTheQueue(sql)
                )
                {
                    asked.Enqueue(sql);
                }
            },
        };
        ActivitySource.AddActivityListener(listener);
        await done();
        return ["begin", .. asked, "commit"];
    }

    /// <summary>The server looks round for long work now and then, whatever is asked of it meanwhile.</summary>
    private static bool IsOfTheQueue(string sql) => sql.Contains("update job set", StringComparison.Ordinal);
}
