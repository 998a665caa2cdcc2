using Dapper;

namespace Hippodrome.Storage.Jobs;

/// <summary>A job that somebody has taken on.</summary>
public sealed record TakenJob(Guid Id, Guid YardId, int Tries);

/// <summary>Long work as those have it who do it: they take the next, say that they are at it, and forget what is long over.</summary>
public static class WaitingJobs
{
    /// <summary>Planning that nobody has asked after for so long is wanted no more.</summary>
    public const int SecondsUnasked = 10;

    /// <summary>Whoever has not said for so long that they are at it is gone: another takes the job on.</summary>
    private const int SecondsSilent = 15;

    /// <summary>What came of a job can be fetched for so long.</summary>
    private const int MinutesKept = 10;

    /// <summary>Takes on the job that has waited longest; null where none waits.</summary>
    public static async Task<TakenJob?> TakeJobAsync(this Database database)
    {
        ArgumentNullException.ThrowIfNull(database);
        await using var connection = await database.Queue.OpenConnectionAsync();
        return await connection.QuerySingleOrDefaultAsync<TakenJob>(
            """
            with unwanted as (
                update job set state = 'Ended' where state = 'Waiting'
                    and asked_at < clock_timestamp() - make_interval(secs => @SecondsUnasked))
            update job set state = 'Working', beat_at = clock_timestamp(), tries = tries + 1, done = 0 where id = (
                select id from job
                where (state = 'Waiting' and asked_at >= clock_timestamp() - make_interval(secs => @SecondsUnasked))
                    or (state = 'Working' and beat_at < clock_timestamp() - make_interval(secs => @SecondsSilent))
                order by ordered_at limit 1 for update skip locked)
            returning id, yard_id, tries
            """,
            new { SecondsUnasked, SecondsSilent }
        );
    }

    /// <summary>Says that a job is being worked on, and how far it is. False: it was stopped, or nobody wants it any more.</summary>
    public static async Task<bool> GoOnWithJobAsync(this Database database, Guid id, int done, int ofAll)
    {
        ArgumentNullException.ThrowIfNull(database);
        await using var connection = await database.Queue.OpenConnectionAsync();
        return await connection.ExecuteScalarAsync<bool>(
            """
            update job set beat_at = clock_timestamp(), done = @done, of_all = @ofAll,
                state = case when asked_at < clock_timestamp() - make_interval(secs => @SecondsUnasked) then 'Ended' else state end
            where id = @id and state = 'Working' returning state = 'Working'
            """,
            new
            {
                id,
                done,
                ofAll,
                SecondsUnasked,
            }
        );
    }

    /// <summary>Jobs that ended so long ago that what came of them is fetched by nobody, by yard.</summary>
    public static async Task<ILookup<Guid, Guid>> JobsLongOverAsync(this Database database)
    {
        ArgumentNullException.ThrowIfNull(database);
        await using var connection = await database.Queue.OpenConnectionAsync();
        return (
            await connection.QueryAsync<(Guid YardId, Guid Id)>(
                """
                select yard_id, id from job where state = 'Ended' and asked_at < clock_timestamp() - make_interval(mins => @MinutesKept)
                limit 1000
                """,
                new { MinutesKept }
            )
        ).ToLookup(j => j.YardId, j => j.Id);
    }
}
