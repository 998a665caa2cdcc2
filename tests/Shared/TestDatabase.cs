using Hippodrome.Storage;
using Npgsql;

namespace Hippodrome.Tests.Shared;

/// <summary>
/// A real PostgreSQL database of one test class, copied from a migrated template. The cluster is the
/// one that the test command started and named in HIPPODROME_TEST_DATABASE.
/// </summary>
public sealed class TestDatabase : IAsyncDisposable
{
    private const string Template = "hippodrome_template";
    private const long TemplateLock = 7_391_220_145;

    private TestDatabase(string owner) => (OwnerConnection, Database) = (owner, new Database(owner));

    /// <summary>Connection string of the role that owns the tables.</summary>
    public string OwnerConnection { get; }

    public Database Database { get; }

    public static async Task<TestDatabase> MakeAsync(bool migrated = true, bool ownedByNoSuperuser = false)
    {
        var cluster = Environment.GetEnvironmentVariable("HIPPODROME_TEST_DATABASE")
            ?? throw new InvalidOperationException("These tests need a PostgreSQL of their own: run them with ./hippodrome test.");
        await using var connection = new NpgsqlConnection(cluster);
        await connection.OpenAsync();
        var name = $"t_{Guid.NewGuid():N}";

        // One at a time: the role of the application belongs to the whole cluster.
        await RunAsync(connection, $"select pg_advisory_lock({TemplateLock})");
        try
        {
            if (migrated)
            {
                await MakeTemplateAsync(connection, cluster);
                await RunAsync(connection, $"create database {name} template {Template}");
            }
            else
            {
                await RunAsync(connection, $"create database {name}");
            }

            if (ownedByNoSuperuser)
            {
                // With the cluster's own password, so that the application's role keeps its own.
                await RunAsync(
                    connection,
                    $"create role {name} login createrole password '{new NpgsqlConnectionStringBuilder(cluster).Password}'"
                );
                await RunAsync(connection, $"alter database {name} owner to {name}");
            }
        }
        finally
        {
            await RunAsync(connection, $"select pg_advisory_unlock({TemplateLock})");
        }

        var owner = new NpgsqlConnectionStringBuilder(Named(cluster, name));
        return new TestDatabase(
            (ownedByNoSuperuser ? new NpgsqlConnectionStringBuilder(owner.ConnectionString) { Username = name } : owner).ConnectionString
        );
    }

    public async Task ExecuteAsync(string sql)
    {
        await using var connection = new NpgsqlConnection(OwnerConnection);
        await connection.OpenAsync();
        await RunAsync(connection, sql);
    }

    public async Task<T> ScalarAsync<T>(string sql)
    {
        await using var connection = new NpgsqlConnection(OwnerConnection);
        await connection.OpenAsync();
        await using var command = new NpgsqlCommand(sql, connection);
        return (T)(await command.ExecuteScalarAsync())!;
    }

    public async ValueTask DisposeAsync() => await Database.DisposeAsync();

    private static async Task MakeTemplateAsync(NpgsqlConnection connection, string cluster)
    {
        await using var exists = new NpgsqlCommand($"select exists (select from pg_database where datname = '{Template}')", connection);
        if (await exists.ExecuteScalarAsync() is true)
        {
            return;
        }

        await RunAsync(connection, $"create database {Template}_new");
        await using (var database = new Database(Named(cluster, $"{Template}_new", pooled: false)))
        {
            await database.MigrateAsync();
        }

        NpgsqlConnection.ClearAllPools();
        await RunAsync(connection, $"alter database {Template}_new rename to {Template}");
    }

    private static string Named(string cluster, string name, bool pooled = true) =>
        new NpgsqlConnectionStringBuilder(cluster)
        {
            Database = name,
            Pooling = pooled,
            MaxPoolSize = 30,
        }.ConnectionString;

    private static async Task RunAsync(NpgsqlConnection connection, string sql)
    {
        await using var command = new NpgsqlCommand(sql, connection);
        await command.ExecuteNonQueryAsync();
    }
}
