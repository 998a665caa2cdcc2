using Dapper;

namespace Hippodrome.Storage.Servers;

/// <summary>Cookie keys and sign-in counters: what two servers behind a proxy must agree on.</summary>
public static class SharedBetweenServers
{
    public static IReadOnlyList<string> CookieKeys(this Database database)
    {
        ArgumentNullException.ThrowIfNull(database);
        using var connection = database.App.OpenConnection();
        return connection.Query<string>("select xml from cookie_key order by created_at").AsList();
    }

    public static void AddCookieKey(this Database database, string id, string xml)
    {
        ArgumentNullException.ThrowIfNull(database);
        using var connection = database.App.OpenConnection();
        connection.Execute("insert into cookie_key (id, xml) values (@id, @xml) on conflict do nothing", new { id, xml });
    }

    /// <summary>Notes a try of one account or address; answers how many there were within the last <paramref name="minutes"/>, this one included.</summary>
    public static async Task<int> CountSignInTryAsync(this Database database, Guid id, byte[] who, int minutes)
    {
        ArgumentNullException.ThrowIfNull(database);
        await using var connection = await database.App.OpenConnectionAsync();
        return await connection.ExecuteScalarAsync<int>(
            """
            delete from sign_in_try where at < now() - make_interval(mins => @minutes);
            -- One after the other, or many made at once would not see each other.
            insert into sign_in_try (id, who) select @id, @who from (select pg_advisory_xact_lock(hashtextextended(encode(@who, 'hex'), 0))) as alone;
            select count(*) from sign_in_try where who = @who and at > now() - make_interval(mins => @minutes);
            """,
            new { id, who, minutes });
    }

    /// <summary>After a right password: this try did not count against the address, and the account starts afresh.</summary>
    public static async Task ForgetSignInTriesAsync(this Database database, Guid id, byte[] account)
    {
        ArgumentNullException.ThrowIfNull(database);
        await using var connection = await database.App.OpenConnectionAsync();
        await connection.ExecuteAsync("delete from sign_in_try where id = @id or who = @account", new { id, account });
    }
}
