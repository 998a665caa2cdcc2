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

    /// <summary>Failures of one account or address within the last <paramref name="minutes"/>.</summary>
    public static async Task<int> SignInFailuresAsync(this Database database, byte[] who, int minutes)
    {
        ArgumentNullException.ThrowIfNull(database);
        await using var connection = await database.App.OpenConnectionAsync();
        return await connection.ExecuteScalarAsync<int>(
            "select count(*) from sign_in_failure where who = @who and at > now() - make_interval(mins => @minutes)", new { who, minutes });
    }

    public static async Task AddSignInFailureAsync(this Database database, byte[] who, int keepMinutes)
    {
        ArgumentNullException.ThrowIfNull(database);
        await using var connection = await database.App.OpenConnectionAsync();
        await connection.ExecuteAsync(
            """
            insert into sign_in_failure (who) values (@who);
            delete from sign_in_failure where at < now() - make_interval(mins => @keepMinutes);
            """,
            new { who, keepMinutes });
    }

    public static async Task ForgetSignInFailuresAsync(this Database database, byte[] who)
    {
        ArgumentNullException.ThrowIfNull(database);
        await using var connection = await database.App.OpenConnectionAsync();
        await connection.ExecuteAsync("delete from sign_in_failure where who = @who", new { who });
    }
}
