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

    /// <summary>
    /// Notes a try at a password, unless one of these has had as many wrong ones within the last minutes as it
    /// may have: then nothing is noted, so that trying on does not make the wait longer.
    /// </summary>
    /// <param name="database">Where tries are counted, for all servers together.</param>
    /// <param name="id">The try, to be struck off when the password was right.</param>
    /// <param name="most">Who is counted, and how many wrong tries each may have; always in the same order of kinds.</param>
    /// <param name="minutes">How long a wrong try counts.</param>
    /// <returns>How long to wait before the next try; null where this one may be made.</returns>
    public static async Task<TimeSpan?> CountTryAsync(
        this Database database,
        Guid id,
        IReadOnlyList<(byte[] Who, int Most)> most,
        int minutes
    )
    {
        ArgumentNullException.ThrowIfNull(database);
        ArgumentNullException.ThrowIfNull(most);
        var values = new
        {
            id,
            who = most.Select(m => m.Who).ToArray(),
            most = most.Select(m => m.Most).ToArray(),
            minutes,
        };
        await using var connection = await database.App.OpenConnectionAsync();
        await using var transaction = await connection.BeginTransactionAsync();
        // One after the other, or many made at once would not see each other.
        await connection.ExecuteAsync(
            """
            delete from sign_in_try where at < now() - make_interval(mins => @minutes);
            select pg_advisory_xact_lock(hashtextextended(encode(w.who, 'hex'), 0)) from unnest(@who) with ordinality as w (who, n) order by n;
            """,
            values,
            transaction
        );
        var wait = await connection.ExecuteScalarAsync<TimeSpan?>(
            """
            select max(tries.first + make_interval(mins => @minutes) - clock_timestamp())
            from unnest(@who, @most) as w (who, most)
            cross join lateral (select count(*) as n, min(at) as first from sign_in_try t where t.who = w.who) as tries
            where tries.n >= w.most
            """,
            values,
            transaction
        );
        if (wait is null)
        {
            await connection.ExecuteAsync(
                "insert into sign_in_try (id, who, at) select @id, who, clock_timestamp() from unnest(@who) as w (who)",
                values,
                transaction
            );
        }

        await transaction.CommitAsync();
        return wait;
    }

    /// <summary>After a right password: this try counts against nobody, and the first of whom it counted starts afresh.</summary>
    public static async Task ForgetTriesAsync(this Database database, Guid id, byte[] who)
    {
        ArgumentNullException.ThrowIfNull(database);
        await using var connection = await database.App.OpenConnectionAsync();
        await connection.ExecuteAsync("delete from sign_in_try where id = @id or who = @who", new { id, who });
    }
}
