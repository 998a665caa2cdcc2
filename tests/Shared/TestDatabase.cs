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

    public static Task<TestDatabase> MakeAsync(bool migrated = true, bool ownedByNoSuperuser = false) =>
        MakeAsync(
            async (connection, cluster, name) =>
            {
                if (migrated)
                {
                    await MakeTemplateAsync(connection, cluster, Template, database => database.MigrateAsync());
                }

                await RunAsync(connection, $"create database {name}{(migrated ? $" template {Template}" : "")}");
                if (ownedByNoSuperuser)
                {
                    // With the cluster's own password, so that the application's role keeps its own.
                    await RunAsync(
                        connection,
                        $"create role {name} login createrole password '{new NpgsqlConnectionStringBuilder(cluster).Password}'"
                    );
                    await RunAsync(connection, $"alter database {name} owner to {name}");
                }
            },
            ownedByNoSuperuser
        );

    /// <summary>A copy of a database that is filled once for all who ask for it by this name.</summary>
    /// <param name="filled">Its name, fit for a database.</param>
    /// <param name="fill">Fills a migrated database.</param>
    public static Task<TestDatabase> CopyOfAsync(string filled, Func<Database, Task> fill) =>
        MakeAsync(
            async (connection, cluster, name) =>
            {
                await MakeTemplateAsync(connection, cluster, filled, async database =>
                {
                    await database.MigrateAsync();
                    await fill(database);
                });
                await RunAsync(connection, $"create database {name} template {filled}");
            },
            ownedByNoSuperuser: false
        );

    private static async Task<TestDatabase> MakeAsync(Func<NpgsqlConnection, string, string, Task> make, bool ownedByNoSuperuser)
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
            await make(connection, cluster, name);
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

    private static async Task MakeTemplateAsync(NpgsqlConnection connection, string cluster, string template, Func<Database, Task> fill)
    {
        await using var exists = new NpgsqlCommand($"select exists (select from pg_database where datname = '{template}')", connection);
        if (await exists.ExecuteScalarAsync() is true)
        {
            return;
        }

        await RunAsync(connection, $"create database {template}_new");
        await using (var database = new Database(Named(cluster, $"{template}_new", pooled: false)))
        {
            await fill(database);
        }

        await RunAsync(connection, $"alter database {template}_new rename to {template}");
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
