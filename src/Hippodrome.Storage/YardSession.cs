using Dapper;
using Npgsql;

namespace Hippodrome.Storage;

/// <summary>A value and the version its row has, so that a late edit can be told.</summary>
public sealed record Kept<T>(T Value, int Version);

/// <summary>
/// One transaction in one yard. The yard is set for the transaction, so the connection carries nothing
/// over to whoever takes it from the pool next. Not committed means nothing happened.
/// </summary>
public sealed class YardSession(NpgsqlConnection connection, NpgsqlTransaction transaction, Guid yardId) : IAsyncDisposable
{
    private bool _closed;

    public Guid YardId { get; } = yardId;

    public Task CommitAsync() => transaction.CommitAsync();

    /// <summary>Gives the connection back, once: it is somebody else's from then on, its transaction object too.</summary>
    public async ValueTask DisposeAsync()
    {
        if (_closed)
        {
            return;
        }

        _closed = true;
        await transaction.DisposeAsync();
        await connection.DisposeAsync();
    }

    public async Task<List<T>> QueryAsync<T>(string sql, object? values = null) =>
        (await connection.QueryAsync<T>(sql, WithYard(values), transaction)).AsList();

    public Task<T?> FindAsync<T>(string sql, object? values = null)
        where T : class => connection.QuerySingleOrDefaultAsync<T?>(sql, WithYard(values), transaction);

    public Task<int> ExecuteAsync(string sql, object? values = null) =>
        connection.ExecuteAsync(sql, WithYard(values), transaction);

    public async Task<bool> AnyAsync(string sql, object? values = null) =>
        await connection.ExecuteScalarAsync<bool>($"select exists ({sql})", WithYard(values), transaction);

    /// <summary>Waits until no other transaction holds the same lock, and holds it until this one ends.</summary>
    public Task LockAsync(Guid what) =>
        ExecuteAsync("select pg_advisory_xact_lock(hashtextextended(@what, 0))", new { what = what.ToString() });

    private DynamicParameters WithYard(object? values)
    {
        var parameters = new DynamicParameters(values);
        parameters.Add("yard", YardId);
        return parameters;
    }
}
