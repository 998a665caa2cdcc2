using System.Diagnostics;
using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Dapper;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;
using Hippodrome.Server.Demo;
using Hippodrome.Storage;
using Npgsql;

namespace Hippodrome.Bench;

/// <summary>
/// One read over HTTP beside the same SQL run bare, and the two reads people wait for most, in the yard
/// the budgets name: 30 horses with ten years of daily records, and 200 other yards of six horses and a
/// year each. The server and the database are those that <c>./hippodrome bench</c> started.
/// </summary>
internal static class ReadOverHttp
{
    private static readonly string Address = Environment.GetEnvironmentVariable("HIPPODROME_BENCH_ADDRESS")
        ?? throw new InvalidOperationException("Run this with ./hippodrome bench.");

    private static readonly string Connection = Environment.GetEnvironmentVariable("HIPPODROME_DATABASE")!;

    public static async Task<int> RunAsync(int rounds)
    {
        using var http = new HttpClient(new SocketsHttpHandler { UseCookies = true }) { BaseAddress = new Uri(Address) };
        var token = await SignInAsync(http);
        await using var database = new Database(Connection);
        await using var owner = NpgsqlDataSource.Create(Connection);
        await using var plain = await owner.OpenConnectionAsync();
        var yardId = await plain.ExecuteScalarAsync<Guid>(
            "select yard_id from person where email = @email",
            new { email = DemoYard.Trainer }
        );
        var horses = (await http.GetFromJsonAsync<JsonArray>("/api/horses"))!.Select(h => h!["id"]!.ToString()).ToList();
        var horseId = horses[0];
        var poles = Json.Write<SetUpEntry>(
            new PoleLineEntry(
                ArenaSize.SixtyByTwenty,
                ArenaLine.CentreLine,
                Heading.TowardsC,
                30,
                0,
                GaitVariant.TrotWorking,
                4,
                Raising.Ground
            )
        );

        var block = "";
        foreach (var id in horses)
        {
            var kept = (await http.GetFromJsonAsync<JsonArray>($"/api/horses/{id}/blocks"))!;
            block = kept.Count > 0 ? $"/api/horses/{id}/blocks/{kept[0]!["id"]}" : block;
        }

        var day = DateOnly.Parse((await http.GetFromJsonAsync<JsonObject>("/api/today"))!["on"]!.ToString(), CultureInfo.InvariantCulture);
        var week = FormattableString.Invariant($"/api/week?monday={day.AddDays(-(((int)day.DayOfWeek + 6) % 7)):yyyy-MM-dd}");

        Task BareHorses() => BareAsync(database, yardId);
        await ReportAsync("before the yard grows", rounds, http, token, horseId, poles, week, block, BareHorses);
        Console.WriteLine("Filling the yard and 200 others; this takes some minutes.");
        await FillAsync(plain, yardId);
        await ReportAsync("30 horses, ten years, 200 other yards", rounds, http, token, horseId, poles, week, block, BareHorses);
        return 0;
    }

    private static async Task ReportAsync(
        string when,
        int rounds,
        HttpClient http,
        string token,
        string horseId,
        string poles,
        string week,
        string block,
        Func<Task> bare
    )
    {
        var floor = await TimeAsync(rounds, bare);
        var horses = await TimeAsync(rounds, () => GetAsync(http, "/api/horses"));
        var today = await TimeAsync(rounds, () => GetAsync(http, "/api/today"));
        var measure = await TimeAsync(rounds, () => PostAsync(http, token, $"/api/horses/{horseId}/set-ups/measure", poles));
        var rides = await TimeAsync(rounds, () => GetAsync(http, $"/api/horses/{horseId}/rides"));
        var yardsWeek = await TimeAsync(rounds, () => GetAsync(http, week));
        var season = await TimeAsync(rounds, () => GetAsync(http, block));
        Console.WriteLine($"{when}, {rounds} rounds, milliseconds:");
        Say("the SQL of the list of horses, bare", floor, floor);
        Say("list of horses over HTTP", horses, floor);
        Say("measure a set-up over HTTP", measure, floor);
        Say("rides of a horse, judged, over HTTP", rides, floor);
        Say("Today over HTTP", today, floor);
        Say("the yard's week over HTTP", yardsWeek, floor);
        Say("a block with its plan over HTTP", season, floor);
    }

    private static void Say(string what, (double Median, double P95) time, (double Median, double P95) floor) =>
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"  {what, -40} median {time.Median, 7:0.00}  p95 {time.P95, 7:0.00}  ratio to the floor {time.Median / floor.Median, 5:0.0}"
            )
        );

    private static async Task<(double Median, double P95)> TimeAsync(int rounds, Func<Task> work)
    {
        for (var i = 0; i < rounds / 10; i++)
        {
            await work();
        }

        var times = new List<double>(rounds);
        for (var i = 0; i < rounds; i++)
        {
            var start = Stopwatch.GetTimestamp();
            await work();
            times.Add(Stopwatch.GetElapsedTime(start).TotalMilliseconds);
        }

        times.Sort();
        return (times[rounds / 2], times[(int)(rounds * 0.95)]);
    }

    /// <summary>What the list of horses asks of the database, with nothing around it.</summary>
    private static async Task BareAsync(Database database, Guid yardId)
    {
        await using var connection = await database.App.OpenConnectionAsync();
        await using var transaction = await connection.BeginTransactionAsync();
        await connection.ExecuteAsync("select set_config('hippodrome.yard', @yard, true)", new { yard = yardId.ToString() }, transaction);
        await connection.QueryAsync(
            "select id, name, foaled, height_cm, sex, experience, notes, version from horse where yard_id = @yard order by name",
            new { yard = yardId },
            transaction
        );
        await transaction.CommitAsync();
    }

    private static async Task GetAsync(HttpClient http, string address)
    {
        using var answer = await http.GetAsync(address);
        answer.EnsureSuccessStatusCode();
        await answer.Content.ReadAsByteArrayAsync();
    }

    private static async Task PostAsync(HttpClient http, string token, string address, string body)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, address)
        {
            Content = new StringContent(body, System.Text.Encoding.UTF8, "application/json"),
        };
        request.Headers.Add("X-Hippodrome-Token", token);
        using var answer = await http.SendAsync(request);
        answer.EnsureSuccessStatusCode();
        await answer.Content.ReadAsByteArrayAsync();
    }

    internal static async Task<string> SignInAsync(HttpClient http)
    {
        var token = (await http.GetFromJsonAsync<JsonObject>("/api/sign-in"))!["token"]!.ToString();
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/sign-in")
        {
            Content = JsonContent.Create(new { email = DemoYard.Trainer, password = DemoYard.Password }),
        };
        request.Headers.Add("X-Hippodrome-Token", token);
        using var answer = await http.SendAsync(request);
        answer.EnsureSuccessStatusCode();
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!["token"]!.ToString();
    }

    private static async Task FillAsync(NpgsqlConnection connection, Guid yardId)
    {
        // Row-level security is forced on the owner too; this filling is of every yard at once.
        await connection.ExecuteAsync(Sql.Fill, new { yardId }, commandTimeout: 1800);
        await connection.ExecuteAsync("vacuum analyze", commandTimeout: 600);
    }
}
