using System.Security.Cryptography;
using System.Text;
using Dapper;

namespace Hippodrome.Storage.People;

/// <summary>A calendar that is subscribed to; its address is known only to whoever made it.</summary>
public sealed record CalendarSubscription(Guid Id, string Name, DateTime CreatedAt);

/// <summary>Whose calendar an address opens.</summary>
public sealed record CalendarRow(Guid YardId, Guid PersonId);

public static class CalendarStore
{
    /// <summary>
    /// The secret part of a subscription's address, kept nowhere: it is made from the subscription's id and
    /// from a secret that only the servers know, so that it can be made once more for who asks again.
    /// </summary>
    public static string CalendarToken(this Database database, Guid yardId, Guid personId, Guid id)
    {
        ArgumentNullException.ThrowIfNull(database);
        return Convert.ToHexStringLower(
            HMACSHA256.HashData(database.SecretFor("calendar addresses"), Encoding.ASCII.GetBytes($"{yardId} {personId} {id}"))[..24]
        );
    }

    /// <summary>Makes a subscription that this token opens.</summary>
    public static Task AddCalendarAsync(this YardSession yard, Guid id, Guid personId, string name, string token) =>
        yard.ExecuteAsync(
            "insert into calendar_subscription (yard_id, id, person_id, name, token_hash) values (@yard, @id, @personId, @name, @hash) on conflict (yard_id, id) do nothing",
            new
            {
                id,
                personId,
                name,
                hash = Hash(token),
            }
        );

    public static Task<List<CalendarSubscription>> CalendarsAsync(this YardSession yard, Guid personId) =>
        yard.QueryAsync<CalendarSubscription>(
            "select id, name, created_at from calendar_subscription where yard_id = @yard and person_id = @personId and revoked_at is null order by created_at, id",
            new { personId }
        );

    /// <summary>From now on its address opens nothing. False: there is none, or it was revoked before.</summary>
    public static async Task<bool> RevokeCalendarAsync(this YardSession yard, Guid id, Guid personId) =>
        await yard.ExecuteAsync(
            "update calendar_subscription set revoked_at = now() where yard_id = @yard and id = @id and person_id = @personId and revoked_at is null",
            new { id, personId }
        ) == 1;

    /// <summary>Whose calendar an address opens; null where it opens none.</summary>
    public static async Task<CalendarRow?> FindCalendarAsync(this Database database, string token)
    {
        ArgumentNullException.ThrowIfNull(database);
        await using var connection = await database.App.OpenConnectionAsync();
        await using var transaction = await connection.BeginTransactionAsync();
        await connection.ExecuteAsync(
            "select set_config('hippodrome.calendar', @hash, true)",
            new { hash = Convert.ToHexStringLower(Hash(token)) },
            transaction
        );
        return await connection.QuerySingleOrDefaultAsync<CalendarRow>(
            "select yard_id, person_id from calendar_subscription where token_hash = @hash and revoked_at is null",
            new { hash = Hash(token) },
            transaction
        );
    }

    private static byte[] Hash(string token) => SHA256.HashData(Encoding.UTF8.GetBytes(token));
}
