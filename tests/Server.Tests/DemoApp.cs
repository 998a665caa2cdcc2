using System.Net;
using Hippodrome.Application;
using Hippodrome.Core.Yards;
using Hippodrome.Server.Demo;
using Hippodrome.Tests.Shared;
using Microsoft.AspNetCore.Mvc.Testing;
using Npgsql;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>The server over the demo yard, signed in as its trainer, with its rows in reach.</summary>
public sealed class DemoApp : IAsyncLifetime
{
    private TestDatabase? _database;
    private App.Factory? _factory;
    private NpgsqlDataSource? _rows;
    private Client? _trainer;

    public Client Trainer => _trainer!;

    public string DatabaseName => new NpgsqlConnectionStringBuilder(_database!.OwnerConnection).Database!;

    public async ValueTask InitializeAsync()
    {
        _database = await DatabaseAsync(App.Today);
        _rows = NpgsqlDataSource.Create(_database.OwnerConnection);
        _factory = new App.Factory(_database.OwnerConnection);
        _trainer = new Client(
            _factory.CreateClient(
                new WebApplicationFactoryClientOptions { BaseAddress = new Uri("https://localhost"), AllowAutoRedirect = false }
            ),
            default
        );
        await _trainer.RefreshAsync();
        await _trainer.SignInAsync(DemoYard.Trainer, DemoYard.Password);
        // The demo has no roster and no exercise of its own.
        var version = (int)(await _trainer.GetAsync("/api/roster"))["version"]!;
        await _trainer.PutAsync(
            "/api/roster",
            new Change<RosterEntry>(version, new RosterEntry([], [DayOfWeek.Tuesday], 120, [DayOfWeek.Tuesday], 300, 2, new TimeOnly(7, 0)))
        );
        await _trainer.PostAsync("/api/library/exercises", Calls.OwnExercise);
    }

    public async ValueTask DisposeAsync()
    {
        await _factory!.DisposeAsync();
        await _rows!.DisposeAsync();
        await _database!.DisposeAsync();
    }

    /// <summary>A copy of the demo yard of a day, which is loaded once for all who ask.</summary>
    internal static Task<TestDatabase> DatabaseAsync(DateOnly today) =>
        TestDatabase.CopyOfAsync(FormattableString.Invariant($"demo_{today:yyyyMMdd}"), database =>
            DemoYard.LoadAsync(database, App.Passwords.Hash(DemoYard.Password), today, "Europe/London")
        );

    /// <summary>Every page of the yard, and of each of its horses.</summary>
    public async Task<List<string>> PagesAsync()
    {
        List<string> pages =
        [
            "/api/today",
            "/api/week?monday=2026-04-13",
            "/api/roster",
            "/api/library",
            "/api/arena",
            "/api/calendar.ics",
            "/api/sessions.csv?from=2026-02-01&to=2026-04-18",
            "/api/rides.csv?from=2026-02-01&to=2026-04-18",
        ];
        foreach (var horse in (await _trainer!.GetAsync("/api/horses")).AsArray().Select(h => (string)h!["id"]!))
        {
            var at = $"/api/horses/{horse}";
            pages.AddRange(
                new[]
                {
                    "",
                    "/set-ups",
                    $"/sessions?from={App.Today.AddDays(-60):yyyy-MM-dd}&to={App.Today.AddDays(14):yyyy-MM-dd}",
                    "/rides",
                    "/blocks",
                    "/load",
                    "/sides",
                    "/timeline",
                    "/ladders",
                    "/condition",
                }.Select(p => at + p)
            );
            pages.AddRange((await _trainer.GetAsync($"{at}/rides?most=2")).AsArray().Select(r => $"{at}/rides/{r!["id"]}"));
            pages.AddRange((await _trainer.GetAsync($"{at}/blocks")).AsArray().Select(b => $"{at}/blocks/{b!["id"]}"));
            foreach (
                var session in (await _trainer.GetAsync($"{at}/sessions?from={App.Today:yyyy-MM-dd}&to={App.Today.AddDays(14):yyyy-MM-dd}"))
                    .AsArray()
                    .Select(s => (string)s!["id"]!)
                    .Take(1)
            )
            {
                pages.AddRange([$"{at}/sessions/{session}", $"{at}/rail?sessionId={session}"]);
            }
        }

        return pages;
    }

    public async Task<Dictionary<string, (HttpStatusCode Status, string Body)>> AnswersAsync(IEnumerable<string> pages)
    {
        var answers = new Dictionary<string, (HttpStatusCode, string)>();
        foreach (var page in pages)
        {
            using var answer = await _trainer!.SendAsync(HttpMethod.Get, page);
            answers[page] = (answer.StatusCode, WithoutTheTime(await answer.Content.ReadAsStringAsync()));
        }

        return answers;
    }

    public async Task<List<(string At, string Body)>> RowsAsync(string sql)
    {
        await using var command = _rows!.CreateCommand(sql);
        await using var reader = await command.ExecuteReaderAsync();
        var rows = new List<(string, string)>();
        while (await reader.ReadAsync())
        {
            rows.Add((reader.GetString(0), reader.GetString(1)));
        }

        return rows;
    }

    public async Task KeepAsync((string Table, string Column, string Row) at, string body)
    {
        await using var command = _rows!.CreateCommand($"update {at.Table} set {at.Column} = @body::jsonb where {at.Row}");
        command.Parameters.AddWithValue("body", body);
        await command.ExecuteNonQueryAsync();
    }

    /// <summary>Whose row this is; null where it is the yard's.</summary>
    public async Task<string?> HorseOfAsync(string table, string row)
    {
        var sql = table switch
        {
            "set_up" or "session" or "block" or "placed_session" => $"select horse_id::text, '' from {table} where {row}",
            "set_up_version" =>
                $"select s.horse_id::text, '' from set_up s join set_up_version v on v.set_up_id = s.id where {row.Replace("version", "v.version", StringComparison.Ordinal)}",
            "ride_event" =>
                $"select r.horse_id::text, '' from ride r join ride_event e on e.ride_id = r.id where {row.Replace("ride_id", "e.ride_id", StringComparison.Ordinal).Replace(" and id", " and e.id", StringComparison.Ordinal)}",
            "ride_totals" => $"select r.horse_id::text, '' from ride r join ride_totals t on t.ride_id = r.id where {row}",
            "block_version" =>
                $"select b.horse_id::text, '' from block b join block_version v on v.block_id = b.id where {row.Replace("number", "v.number", StringComparison.Ordinal)}",
            _ => null,
        };
        return sql is null ? null : (await RowsAsync(sql)).Single().At;
    }

    // The rail's sheet says what time it is.
    private static string WithoutTheTime(string body) => System.Text.RegularExpressions.Regex.Replace(body, "\"now\":\"[^\"]*\"", "");
}
