using Dapper;
using Hippodrome.Core.Horses;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;
using Hippodrome.Tests.Shared;
using Npgsql;
using Xunit;

namespace Hippodrome.Storage.Tests;

/// <summary>A database with two yards, each with a trainer and a horse.</summary>
public sealed class StoreFixture : IAsyncLifetime
{
    public static readonly DateOnly Today = new(2026, 4, 18);

    private TestDatabase? _database;

    public Database Database => _database!.Database;

    public string OwnerConnection => _database!.OwnerConnection;

    public TestYard Here { get; private set; } = null!;

    public TestYard There { get; private set; } = null!;

    public async ValueTask InitializeAsync()
    {
        _database = await TestDatabase.MakeAsync();
        Here = await YardAsync("Fernhollow");
        There = await YardAsync("Oxmoor");
    }

    public async ValueTask DisposeAsync() => await _database!.DisposeAsync();

    /// <summary>Runs in a yard and commits.</summary>
    public async Task<T> InAsync<T>(TestYard yard, Func<YardSession, Task<T>> work)
    {
        await using var session = await Database.OpenYardAsync(yard.Id);
        var answer = await work(session);
        await session.CommitAsync();
        return answer;
    }

    public Task InAsync(TestYard yard, Func<YardSession, Task> work) => InAsync(yard, async session =>
        {
            await work(session);
            return true;
        });

    /// <summary>As the owner of the tables, who sees every yard here and may do what the application may not.</summary>
    public async Task AsOwnerAsync(string sql, object? values = null)
    {
        await using var owner = new NpgsqlConnection(OwnerConnection);
        await owner.ExecuteAsync(sql, values);
    }

    public async Task<T?> AsOwnerAsync<T>(string sql)
    {
        await using var owner = new NpgsqlConnection(OwnerConnection);
        return await owner.ExecuteScalarAsync<T>(sql);
    }

    public static Horse NewHorse(string name = "Bramble") =>
        Horse.From(Guid.NewGuid(), new HorseEntry(name, 2018, "165 cm", Sex.Mare, Experience.Novice), Today).OrThrow();

    private async Task<TestYard> YardAsync(string name)
    {
        var yard = new TestYard(Guid.NewGuid(), Guid.NewGuid(), NewHorse(), $"trainer@{name}.example");
        await InAsync(yard, async session =>
        {
            await session.AddYardAsync(name, "Europe/London");
            await session.AddPersonAsync(yard.TrainerId, "A trainer", yard.Email, "hash", Role.Trainer, false);
            await session.AddHorseAsync(yard.Horse);
        });
        return yard;
    }
}

public sealed record TestYard(Guid Id, Guid TrainerId, Horse Horse, string Email);
