using Hippodrome.Core.Blocks;

namespace Hippodrome.Storage.Jobs;

public enum JobState
{
    Waiting,
    Working,
    Ended,
}

/// <summary>Long work that somebody ordered.</summary>
/// <param name="Id">The job.</param>
/// <param name="PersonId">Who ordered it, and may ask after it.</param>
/// <param name="Kind">What is to be done.</param>
/// <param name="HorseId">For which horse, if for one.</param>
/// <param name="BlockId">For which block, if for one.</param>
/// <param name="Entry">What is to go into the block, if anything was typed.</param>
/// <param name="Monday">The week, if it is about one.</param>
public sealed record JobOrder(
    Guid Id,
    Guid PersonId,
    string Kind,
    Guid? HorseId = null,
    Guid? BlockId = null,
    BlockEntry? Entry = null,
    DateOnly? Monday = null
)
{
    /// <summary>The plan that is kept when its turn comes; null where nothing is.</summary>
    public AcceptPlanEntry? Keeping { get; init; }

    /// <summary>For which aim, if for one.</summary>
    public Guid? AimId { get; init; }

    /// <summary>The id what is kept is made under, and a hash of what was sent; null where its maker gave none.</summary>
    public OrderedCreation? Creation { get; init; }
}

/// <summary>What a job makes once, however often it is ordered.</summary>
public sealed record OrderedCreation(Guid Id, byte[] Content);

/// <summary>How far a job is.</summary>
/// <param name="State">Waiting, at work, or ended.</param>
/// <param name="Ahead">Jobs that come before it.</param>
/// <param name="Done">Steps done.</param>
/// <param name="OfAll">Steps there are; nought where nobody can say.</param>
/// <param name="Status">The HTTP status of what came of it; null where nothing has, or it was stopped.</param>
/// <param name="Answer">What came of it.</param>
public sealed record JobStanding(JobState State, int Ahead, int Done, int OfAll, int? Status, string? Answer);

/// <summary>Long work as the yard has it that ordered it.</summary>
public static class JobStore
{
    /// <summary>More than these wait for nobody's good: whoever comes then is asked to come again.</summary>
    private const int MostInAll = 200;

    /// <summary>And so many of one person, who may have several devices.</summary>
    private const int MostOfAPerson = 20;

    /// <summary>Orders a job. False: too many are waiting, and nothing was ordered.</summary>
    public static async Task<bool> OrderJobAsync(this YardSession yard, JobOrder order) =>
        await yard.ExecuteAsync(
            """
            with room as (
                select 1 where (select count(*) from job where state <> 'Ended') < @most
                    and (select count(*) from job_order o join job j on j.id = o.id
                        where o.yard_id = @yard and o.person_id = @PersonId and j.state <> 'Ended') < @mostOfAPerson),
            ordered as (
                insert into job_order (yard_id, id, person_id, kind, horse_id, block_id, aim_id, entry, monday, keeping, creation, content)
                select @yard, @Id, @PersonId, @Kind, @HorseId, @BlockId, @AimId, @entry::jsonb,
                    @Monday, @keeping::jsonb, @creation, @content
                from room)
            insert into job (id, yard_id) select @Id, @yard from room
            """,
            new
            {
                order.Id,
                order.PersonId,
                order.Kind,
                order.HorseId,
                order.BlockId,
                order.AimId,
                entry = order.Entry is null ? null : Stored.Write(order.Entry),
                order.Monday,
                keeping = order.Keeping is null ? null : Stored.Write(order.Keeping),
                creation = order.Creation?.Id,
                content = order.Creation?.Content,
                most = MostInAll,
                mostOfAPerson = MostOfAPerson,
            }
        ) == 1;

    /// <summary>How far somebody's job is; noted as asked for, so that it goes on. Null where there is no such job of theirs.</summary>
    public static Task<JobStanding?> AskAfterJobAsync(this YardSession yard, Guid id, Guid personId) =>
        yard.FindAsync<JobStanding>(
            """
            with asked as (update job set asked_at = clock_timestamp() where id = @id and yard_id = @yard and state <> 'Ended')
            select j.state, (select count(*)::int from job b where b.state <> 'Ended' and b.ordered_at < j.ordered_at) as ahead,
                j.done, j.of_all, o.status, o.answer
            from job_order o join job j on j.id = o.id where o.yard_id = @yard and o.id = @id and o.person_id = @personId
            """,
            new { id, personId }
        );

    /// <summary>Stops somebody's job, if it has not ended. False: there is no such job of theirs.</summary>
    public static async Task<bool> StopJobAsync(this YardSession yard, Guid id, Guid personId) =>
        (
            await yard.QueryAsync<Guid>(
                """
                with mine as (select id from job_order where yard_id = @yard and id = @id and person_id = @personId),
                stopped as (update job set state = 'Ended' where yard_id = @yard and id in (select id from mine) and state <> 'Ended')
                select id from mine
                """,
                new { id, personId }
            )
        ).Count == 1;

    public static async Task<JobOrder?> FindJobOrderAsync(this YardSession yard, Guid id) =>
        (
            await yard.FindAsync<OrderRow>(
                """
                select id, person_id, kind, horse_id, block_id, aim_id, entry::text as entry, monday,
                    keeping::text as keeping, creation, content
                from job_order where yard_id = @yard and id = @id
                """,
                new { id }
            )
        )?.ToOrder();

    /// <summary>Keeps what came of a job. False: it was stopped meanwhile, and nothing of it may be kept.</summary>
    public static async Task<bool> AnswerJobAsync(this YardSession yard, Guid id, int status, string answer) =>
        await yard.ExecuteAsync(
            """
            with ended as (update job set state = 'Ended' where id = @id and yard_id = @yard and state = 'Working' returning id)
            update job_order set status = @status, answer = @answer where yard_id = @yard and id in (select id from ended)
            """,
            new
            {
                id,
                status,
                answer,
            }
        ) == 1;

    /// <summary>Forgets these jobs, with what came of them.</summary>
    public static Task ForgetJobsAsync(this YardSession yard, IEnumerable<Guid> ids) =>
        yard.ExecuteAsync(
            """
            with gone as (delete from job_order where yard_id = @yard and id = any(@ids))
            delete from job where yard_id = @yard and id = any(@ids)
            """,
            new { ids = ids.ToArray() }
        );

    private sealed record OrderRow(
        Guid Id,
        Guid PersonId,
        string Kind,
        Guid? HorseId,
        Guid? BlockId,
        Guid? AimId,
        string? Entry,
        DateOnly? Monday,
        string? Keeping,
        Guid? Creation,
        byte[]? Content
    )
    {
        public JobOrder ToOrder() =>
            new(Id, PersonId, Kind, HorseId, BlockId, Entry is null ? null : Stored.Read<BlockEntry>(Entry), Monday)
            {
                AimId = AimId,
                Keeping = Keeping is null ? null : Stored.Read<AcceptPlanEntry>(Keeping),
                Creation = Creation is { } id ? new OrderedCreation(id, Content!) : null,
            };
    }
}
