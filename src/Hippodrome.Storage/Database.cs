using System.Data;
using System.Security.Cryptography;
using System.Text;
using Dapper;
using DbUp;
using DbUp.Engine.Output;
using Npgsql;

namespace Hippodrome.Storage;

/// <summary>
/// The PostgreSQL database behind one connection string, the owner's. The owner migrates; everything
/// else runs as <c>hippodrome_app</c>, an unprivileged role that row-level security holds to one yard.
/// </summary>
public sealed class Database : IAsyncDisposable
{
    public const string AppRole = "hippodrome_app";

    // Any number will do, as long as every server uses the same: two that start together migrate in turn.
    private const long MigrationLock = 4_870_113_220;

    private readonly NpgsqlDataSource _app;
    private readonly NpgsqlDataSource _ready;
    private readonly NpgsqlDataSource _queue;
    private readonly string _owner;
    private readonly string _appPassword;

    static Database()
    {
        DefaultTypeMap.MatchNamesWithUnderscores = true;
        SqlMapper.AddTypeHandler(new DateOnlyHandler());
        SqlMapper.AddTypeHandler(new TimeOnlyHandler());
    }

    /// <exception cref="ArgumentException">The connection string has no password, so none can be made for the application's role.</exception>
    public Database(string ownerConnectionString)
    {
        var owner = new NpgsqlConnectionStringBuilder(ownerConnectionString);
        if (string.IsNullOrEmpty(owner.Password))
        {
            throw new ArgumentException("The database connection string needs a password.", nameof(ownerConnectionString));
        }

        _owner = owner.ConnectionString;

        // Derived, so that every server given the same connection string arrives at the same password.
        _appPassword = Convert.ToHexString(HMACSHA256.HashData(Encoding.UTF8.GetBytes(owner.Password), Encoding.UTF8.GetBytes(AppRole)));
        // Statements are parsed once and planned anew each time: a plan made for any number of horses reads whole years. And
        // none is compiled: for what a page asks that takes ten times as long as answering it (both measured in bench/).
        var app = new NpgsqlConnectionStringBuilder(_owner)
        {
            Username = AppRole,
            Password = _appPassword,
            ApplicationName = "hippodrome",
            MaxAutoPrepare = 200,
            // Whatever is set on a connection is set for its transaction and ends with it: there is nothing to put back.
            NoResetOnClose = true,
            Options = "-c plan_cache_mode=force_custom_plan -c jit=off",
        };
        _app = NpgsqlDataSource.Create(app);
        _ready = NpgsqlDataSource.Create(
            new NpgsqlConnectionStringBuilder(app.ConnectionString)
            {
                ApplicationName = "hippodrome ready",
                MinPoolSize = 1,
                MaxPoolSize = 1,
                Timeout = 5,
                CommandTimeout = 5,
            }
        );
        _queue = NpgsqlDataSource.Create(
            new NpgsqlConnectionStringBuilder(app.ConnectionString) { ApplicationName = "hippodrome queue", MaxPoolSize = 4 }
        );
    }

    /// <summary>Connections of the unprivileged role. A yard's rows are reached through <see cref="OpenYardAsync"/> only.</summary>
    public NpgsqlDataSource App => _app;

    /// <summary>Connections of the unprivileged role for those who do the long work: a crowd that reads does not hold them up.</summary>
    internal NpgsqlDataSource Queue => _queue;

    /// <summary>Asks the database whether it answers, over a connection kept for this alone: however many others are in use, it can be had.</summary>
    public async Task AnswersAsync(CancellationToken cancel = default)
    {
        await using var connection = await _ready.OpenConnectionAsync(cancel);
        await connection.ExecuteScalarAsync<int>("select 1");
    }

    /// <summary>A secret of this installation for one purpose; every server given the same connection string arrives at the same.</summary>
    public byte[] SecretFor(string purpose) => HMACSHA256.HashData(Encoding.UTF8.GetBytes(_appPassword), Encoding.UTF8.GetBytes(purpose));

    /// <summary>Makes the application's role and brings the schema up to date, or as far as the migration named.</summary>
    public async Task MigrateAsync(string? upTo = null)
    {
        await using var connection = new NpgsqlConnection(_owner);
        await connection.OpenAsync();
        await connection.ExecuteAsync("select pg_advisory_lock(@MigrationLock)", new { MigrationLock });
        try
        {
            await MakeAppRoleAsync(connection);
            var result = DeployChanges
                .To.PostgresqlDatabase(_owner)
                .WithScriptsEmbeddedInAssembly(typeof(Database).Assembly, name => upTo is null || string.CompareOrdinal(name, upTo) <= 0)
                .WithTransactionPerScript()
                .LogTo(new NoOpUpgradeLog())
                .Build()
                .PerformUpgrade();
            if (!result.Successful)
            {
                throw new InvalidOperationException($"Migration {result.ErrorScript?.Name} failed: {result.Error.Message}", result.Error);
            }
        }
        finally
        {
            await connection.ExecuteAsync("select pg_advisory_unlock(@MigrationLock)", new { MigrationLock });
        }
    }

    /// <summary>Every yard there is, for upkeep that goes over all of them. It is the owner of the tables who asks.</summary>
    internal async Task<List<Guid>> AllYardsAsync()
    {
        await using var connection = new NpgsqlConnection(_owner);
        await connection.OpenAsync();
        await using var transaction = await connection.BeginTransactionAsync();
        // Forced row security hides every yard from an owner who is no superuser; nobody else sees it lifted.
        await connection.ExecuteAsync("alter table yard no force row level security", transaction: transaction);
        var yards = (await connection.QueryAsync<Guid>("select id from yard order by id", transaction: transaction)).AsList();
        await connection.ExecuteAsync("alter table yard force row level security", transaction: transaction);
        await transaction.CommitAsync();
        return yards;
    }

    /// <summary>Opens a transaction that sees one yard and no other.</summary>
    public async Task<YardSession> OpenYardAsync(Guid yardId, CancellationToken cancel = default)
    {
        var connection = await _app.OpenConnectionAsync(cancel);
        try
        {
            var transaction = await connection.BeginTransactionAsync(cancel);
            await connection.ExecuteAsync(
                "select set_config('hippodrome.yard', @yard, true)",
                new { yard = yardId.ToString() },
                transaction
            );
            return new YardSession(connection, transaction, yardId);
        }
        catch
        {
            await connection.DisposeAsync();
            throw;
        }
    }

    public async ValueTask DisposeAsync()
    {
        await _app.DisposeAsync();
        await _ready.DisposeAsync();
        await _queue.DisposeAsync();
    }

    /// <summary>
    /// The role belongs to the whole cluster, where other databases of ours may be starting too: it is
    /// made if it is missing, and its password set anew only if the one derived here does not open.
    /// </summary>
    private async Task MakeAppRoleAsync(NpgsqlConnection connection)
    {
        // A role cannot be a parameter; the password is hexadecimal by construction.
        await connection.ExecuteAsync(
            $"""
            do $$
            begin
                if not exists (select from pg_roles where rolname = '{AppRole}') then
                    create role {AppRole} login nosuperuser nocreatedb nocreaterole nobypassrls password '{_appPassword}';
                end if;
            exception when duplicate_object or unique_violation then
                null;
            end
            $$;
            """
        );
        try
        {
            await using var app = await _app.OpenConnectionAsync();
        }
        catch (PostgresException e) when (e.SqlState == PostgresErrorCodes.InvalidPassword)
        {
            await connection.ExecuteAsync($"alter role {AppRole} password '{_appPassword}'");
        }
    }

    private sealed class TimeOnlyHandler : SqlMapper.TypeHandler<TimeOnly>
    {
        public override TimeOnly Parse(object value) => value is TimeOnly time ? time : TimeOnly.FromTimeSpan((TimeSpan)value);

        public override void SetValue(IDbDataParameter parameter, TimeOnly value)
        {
            parameter.DbType = DbType.Time;
            parameter.Value = value;
        }
    }

    private sealed class DateOnlyHandler : SqlMapper.TypeHandler<DateOnly>
    {
        public override DateOnly Parse(object value) => value is DateOnly day ? day : DateOnly.FromDateTime((DateTime)value);

        public override void SetValue(IDbDataParameter parameter, DateOnly value)
        {
            parameter.DbType = DbType.Date;
            parameter.Value = value;
        }
    }
}
