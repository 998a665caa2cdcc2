using System.Collections.Concurrent;
using System.Data;
using System.Text.RegularExpressions;
using Dapper;
using Npgsql;

namespace Hippodrome.Storage;

/// <summary>A value and the version its row has, so that a late edit can be told.</summary>
public sealed record Kept<T>(T Value, int Version);

/// <summary>
/// One transaction in one yard. The yard is set for the transaction, so the connection carries nothing
/// over to whoever takes it from the pool next. Not committed means nothing happened.
/// </summary>
public sealed partial class YardSession(NpgsqlConnection connection, NpgsqlTransaction transaction, Guid yardId) : IAsyncDisposable
{
    // Statements are texts of the program, so there are only so many.
    private static readonly ConcurrentDictionary<string, string[]> WrittenBy = new();

    private bool _closed;
    private readonly Dictionary<string, int> _written = [];
    private ReadTogether? _together;

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

    public async Task<List<T>> QueryAsync<T>(string sql, object? values = null)
    {
        if (_together is { } reads)
        {
            return await reads.Ask<T>(sql, values);
        }

        Note(sql);
        return await ListAsync<T>(sql, WithYard(values));
    }

    /// <summary>Row by row as they come, for what is longer than anybody wants to hold at once.</summary>
    public IAsyncEnumerable<T> StreamAsync<T>(string sql, object? values = null) => RowsAsync<T>(sql, WithYard(values));

    public async Task<T?> FindAsync<T>(string sql, object? values = null)
        where T : class => (await QueryAsync<T>(sql, values)).SingleOrDefault();

    public Task<int> ExecuteAsync(string sql, object? values = null)
    {
        Note(sql);
        return connection.ExecuteAsync(sql, WithYard(values), transaction);
    }

    /// <summary>How often these tables have been written to here: what was read of them before may have changed since.</summary>
    public int WrittenTo(IEnumerable<string> tables) => tables.Sum(_written.GetValueOrDefault);

    /// <summary>
    /// Small reads that do not need one another, answered by one statement: each is begun and none awaited until
    /// <see cref="ReadTogether.SendAsync"/>.
    /// </summary>
    public ReadTogether Together() =>
        _together = new ReadTogether(
            async (sql, values) =>
            {
                _together = null;
                return await ListAsync<ReadTogether.Row>(sql, WithYard(values));
            },
            () => _together = null
        );

    public async Task<bool> AnyAsync(string sql, object? values = null) =>
        await connection.ExecuteScalarAsync<bool>($"select exists ({sql})", WithYard(values), transaction);

    /// <summary>Waits until no other transaction holds the same lock, and holds it until this one ends.</summary>
    public Task LockAsync(Guid what) =>
        ExecuteAsync("select pg_advisory_xact_lock(hashtextextended(@what, 0))", new { what = what.ToString() });

    private async Task<List<T>> ListAsync<T>(string sql, DynamicParameters values)
    {
        var rows = new List<T>();
        await foreach (var row in RowsAsync<T>(sql, values))
        {
            rows.Add(row);
        }

        return rows;
    }

    // Rows come whole: taken in pieces, as Dapper's own query takes them, a long body holds a thread until the rest of it is there.
    private async IAsyncEnumerable<T> RowsAsync<T>(string sql, DynamicParameters values)
    {
        await using var reader = await connection.ExecuteReaderAsync(
            new CommandDefinition(sql, values, transaction),
            CommandBehavior.SingleResult
        );
        var read = reader.GetRowParser(typeof(T));
        while (await reader.ReadAsync())
        {
            yield return (T)read(reader);
        }
    }

    private void Note(string sql)
    {
        foreach (var table in WrittenBy.GetOrAdd(sql, text => [.. Writes().Matches(text).Select(m => m.Groups[1].Value)]))
        {
            _written[table] = _written.GetValueOrDefault(table) + 1;
        }
    }

    [GeneratedRegex(@"\b(?:insert into|update|delete from) ([a-z_]+)")]
    private static partial Regex Writes();

    private DynamicParameters WithYard(object? values)
    {
        var parameters = new DynamicParameters(values);
        parameters.Add("yard", YardId);
        return parameters;
    }
}
