using System.Globalization;
using System.Text.Json.Nodes;
using Dapper;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Server.Demo;
using Hippodrome.Storage;
using Npgsql;

namespace Hippodrome.Bench;

/// <summary>
/// What people wait for, each beside the very SQL it runs, while horses, years and other yards grow; and Today under a
/// crowd. The server and the database are those that <c>./hippodrome bench</c> started.
/// </summary>
internal static class ReadOverHttp
{
    private static readonly string Connection = Environment.GetEnvironmentVariable("HIPPODROME_DATABASE")!;

    public static async Task<int> RunAsync(int rounds)
    {
        await using var database = new Database(Connection);
        await using var owner = NpgsqlDataSource.Create(Connection);
        await using var plain = await owner.OpenConnectionAsync();
        var yardId = await plain.ExecuteScalarAsync<Guid>(
            "select yard_id from person where email = @email",
            new { email = DemoYard.Trainer }
        );
        var asked = new AskedOfTheDatabase(plain, database.App, Environment.GetEnvironmentVariable("HIPPODROME_BENCH_LOG")!);
        var growing = new Growing(plain, yardId);
        using var trainer = await Visitor.SignInAsync(DemoYard.Trainer);
        var demoHorses = (await trainer.JsonAsync("/api/horses")).AsArray().Count;

        await growing.BeginAsync();
        await growing.AddHorsesAsync(yardId, 30 - demoHorses);
        await growing.AddYearsAsync(yardId, 0, 1);
        await RunInAsync(trainer);
        await TableAsync("30 horses, 1 year, no other yard", rounds, trainer, plain, asked);
        await growing.AddYearsAsync(yardId, 1, 10);
        await TableAsync("30 horses, 10 years, no other yard", rounds, trainer, plain, asked);
        await growing.AddYardsAsync(200);
        await TableAsync("30 horses, 10 years, 200 other yards", rounds, trainer, plain, asked);
        await Crowds.TwentyPlansAsync(trainer);
        await Crowds.ManyOnTodayAsync();
        await growing.AddYardsAsync(800);
        await TableAsync("30 horses, 10 years, 1,000 other yards", rounds, trainer, plain, asked);
        var (smallYard, email) = await growing.AddEmptyYardAsync(DemoYard.Trainer);
        await growing.AddHorsesAsync(smallYard, 4);
        await growing.AddYearsAsync(smallYard, 0, 10);
        using (var small = await Visitor.SignInAsync(email))
        {
            await TableAsync("4 horses, 10 years, 1,000 other yards", rounds, small, plain, asked);
        }

        await growing.AddHorsesAsync(yardId, 70);
        await growing.AddYearsAsync(yardId, 0, 10);
        await TableAsync("100 horses, 10 years, 1,000 other yards", rounds, trainer, plain, asked);
        return 0;
    }

    /// <summary>Only the crowds, on the demo yard and two hundred like it.</summary>
    public static async Task<int> CrowdAsync()
    {
        await using var owner = NpgsqlDataSource.Create(Connection);
        await using var plain = await owner.OpenConnectionAsync();
        var yardId = await plain.ExecuteScalarAsync<Guid>(
            "select yard_id from person where email = @email",
            new { email = DemoYard.Trainer }
        );
        var growing = new Growing(plain, yardId);
        using var trainer = await Visitor.SignInAsync(DemoYard.Trainer);
        await growing.BeginAsync();
        await growing.AddHorsesAsync(yardId, 1);
        await growing.AddYearsAsync(yardId, 0, 1);
        await growing.AddYardsAsync(200);
        await plain.ExecuteAsync("vacuum analyze", commandTimeout: 1200);
        await Crowds.TwentyPlansAsync(trainer);
        await Crowds.ManyOnTodayAsync();
        return 0;
    }

    /// <summary>Rows of the table: what is asked, how long it takes, and its ratio to its own SQL bare.</summary>
    private static async Task TableAsync(string when, int rounds, Visitor visitor, NpgsqlConnection plain, AskedOfTheDatabase asked)
    {
        await plain.ExecuteAsync("vacuum analyze", commandTimeout: 1200);
        await plain.ExecuteAsync("checkpoint;", commandTimeout: 1200);
        await QuietAsync();
        Console.WriteLine($"\n### {when}, {rounds} rounds\n");
        Console.WriteLine("| what | statements | their SQL bare, ms | median ms | p95 ms | ratio | server CPU ms | the floor's CPU ms |");
        Console.WriteLine("|---|---|---|---|---|---|---|---|");
        foreach (var (what, request) in await RequestsAsync(visitor))
        {
            var statements = await asked.OfAsync(request);
            var bare = await Timed.OfAsync(Math.Max(20, rounds / 4), () => asked.AskAsync(statements));
            var before = Pace.CpuMilliseconds();
            var time = await Timed.OfAsync(rounds, request);
            var floor = (before + Pace.CpuMilliseconds()) / 2;
            var ratio = time.Median / bare.Median;
            FormattableString asks = $"| {what} | {statements.Count} | {bare.Median:0.0} | {time.Median:0.0} | {time.P95:0.0}";
            FormattableString costs = $" | {ratio:0.0} | {time.Cpu:0.0} | {floor:0} |";
            Console.WriteLine(asks.ToString(CultureInfo.InvariantCulture) + costs.ToString(CultureInfo.InvariantCulture));
        }
    }

    /// <summary>What has not run often is not compiled as well yet: the first row would pay for all.</summary>
    private static async Task RunInAsync(Visitor visitor)
    {
        Pace.CpuMilliseconds();
        foreach (var (_, request) in await RequestsAsync(visitor))
        {
            await Timed.OfAsync(80, request);
        }
    }

    /// <summary>Waits until what filled the tables has gone quiet: a load under a half, or two minutes.</summary>
    private static async Task QuietAsync()
    {
        for (var i = 0; i < 24 && double.Parse(File.ReadAllText("/proc/loadavg").Split(' ')[0], CultureInfo.InvariantCulture) >= 0.5; i++)
        {
            await Task.Delay(TimeSpan.FromSeconds(5));
        }
    }

    private static async Task<IReadOnlyList<(string What, Func<Task> Request)>> RequestsAsync(Visitor visitor)
    {
        var horses = (await visitor.JsonAsync("/api/horses")).AsArray().ToDictionary(h => (string)h!["name"]!, h => (string)h!["id"]!);
        var horse = $"/api/horses/{horses.First(h => h.Key.StartsWith("Horse ", StringComparison.Ordinal)).Value}";
        var block = (string)(await visitor.JsonAsync($"{horse}/blocks"))[0]!["id"]!;
        var ride = (string)(await visitor.JsonAsync($"{horse}/rides"))[0]!["id"]!;
        var today = DateOnly.Parse((string)(await visitor.JsonAsync("/api/today"))["on"]!, CultureInfo.InvariantCulture);
        var monday = today.AddDays(-(((int)today.DayOfWeek + 6) % 7));
        var poles = JsonNode.Parse(
            Json.Write<SetUpEntry>(
                new PoleLineEntry
                {
                    Arena = ArenaSize.SixtyByTwenty,
                    Line = ArenaLine.CentreLine,
                    Heading = Heading.TowardsC,
                    MiddleMetres = 30,
                    AdjustMetres = 0,
                    Variant = GaitVariant.TrotWorking,
                    Poles = 4,
                    Raising = Raising.Ground,
                }
            )
        )!;
        (string, Func<Task>) Get(string what, string address) => (what, async () =>
            {
                if (await visitor.ReadAsync(address) is var status and not 200)
                {
                    throw new InvalidOperationException($"{address} answers {status}.");
                }
            });
        return
        [
            Get("Today", "/api/today"),
            Get("the yard's week", FormattableString.Invariant($"/api/week?monday={monday:yyyy-MM-dd}")),
            Get("a review", $"{horse}/rides/{ride}"),
            Get("a season", $"{horse}/blocks/{block}"),
            Get("list of horses", "/api/horses"),
            Get("a passport", horse),
            Get("rides of a horse, judged", $"{horse}/rides"),
            Get("load of a horse", $"{horse}/load"),
            Get("sides of a horse", $"{horse}/sides"),
            Get("ladders of a horse", $"{horse}/ladders"),
            ("measure a set-up", async () => (await visitor.PostAsync($"{horse}/set-ups/measure", poles)).Dispose()),
            Get("calendar", "/api/calendar.ics"),
            Get(
                "table of a year's rides",
                FormattableString.Invariant($"/api/rides.csv?from={today.AddYears(-1):yyyy-MM-dd}&to={today:yyyy-MM-dd}")
            ),
        ];
    }
}
