using Hippodrome.Core.Sessions;

namespace Hippodrome.Storage.Sessions;

/// <summary>A session of the yard's own, as it was typed.</summary>
public sealed record KeptOwnSession(Guid Id, OwnSessionEntry Entry);

/// <summary>Sessions that the yard's trainers have kept by a name.</summary>
public static class OwnSessionStore
{
    /// <summary>All of them, by name.</summary>
    public static async Task<List<KeptOwnSession>> OwnSessionsAsync(this YardSession yard) =>
        (
            await yard.QueryAsync<OwnSessionRow>(
                """
                select id, entry::text as entry from own_session where yard_id = @yard and removed_at is null
                order by entry ->> 'name', id
                """
            )
        ).ConvertAll(r => new KeptOwnSession(r.Id, Stored.Read<OwnSessionEntry>(r.Entry)));

    public static Task AddOwnSessionAsync(this YardSession yard, Guid id, OwnSessionEntry entry, Guid by) =>
        yard.ExecuteAsync(
            "insert into own_session (yard_id, id, entry, made_by) values (@yard, @id, @body::jsonb, @by)",
            new
            {
                id,
                body = Stored.Write(entry),
                by,
            }
        );

    /// <summary>False: there is none.</summary>
    public static async Task<bool> RemoveOwnSessionAsync(this YardSession yard, Guid id, bool removed) =>
        await yard.ExecuteAsync(
            "update own_session set removed_at = case when @removed then now() end where yard_id = @yard and id = @id",
            new { id, removed }
        ) == 1;

    private sealed record OwnSessionRow(Guid Id, string Entry);
}
