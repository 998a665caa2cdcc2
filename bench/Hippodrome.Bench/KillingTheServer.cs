using System.Diagnostics;
using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Dapper;
using Hippodrome.Application.Rides;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Server.Demo;
using Hippodrome.Storage;
using Npgsql;

namespace Hippodrome.Bench;

/// <summary>
/// Taps sent as the rail sends them, to a server that is killed (SIGKILL) at a random moment of every sending and
/// started again; every second time the answer is thrown away as if it had been lost. In the end every tap must be
/// there, once. How many kills fell before the keeping, between it and the acknowledging, and after, is said.
/// </summary>
internal static class KillingTheServer
{
    private static readonly string Address = Environment.GetEnvironmentVariable("HIPPODROME_BENCH_ADDRESS")!;
    private static readonly string Connection = Environment.GetEnvironmentVariable("HIPPODROME_DATABASE")!;

    private static readonly string Server = Environment.GetEnvironmentVariable("HIPPODROME_BENCH_SERVER")
        ?? throw new InvalidOperationException("Run this with ./hippodrome bench kill.");

    public static async Task<int> RunAsync(int kills, int seed)
    {
        var random = new Random(seed);
        await using var owner = NpgsqlDataSource.Create(Connection);
        using var http = new HttpClient(new SocketsHttpHandler { UseCookies = true, PooledConnectionLifetime = TimeSpan.FromSeconds(1) })
        {
            BaseAddress = new Uri(Address),
            Timeout = TimeSpan.FromSeconds(20),
        };
        var server = await StartAsync(http);
        var token = await Visitor.SignInAsync(http, DemoYard.Trainer);
        var horseId = (await http.GetFromJsonAsync<JsonArray>("/api/horses"))![0]!["id"]!.ToString();
        var rideId = Guid.NewGuid();
        var (device, number) = (Guid.NewGuid(), 0);
        var sent = new HashSet<Guid>();
        var (before, between, after) = (0, 0, 0);
        await SendSomeAsync();
        // Aimed at the moment of keeping: later when it fell before, earlier when it fell after.
        var aim = 50.0;

        List<RideEvent> Taps() =>
            [
                .. Enumerable
                    .Range(0, random.Next(1, 9))
                    .Select(_ =>
                        (RideEvent)
                            new PolesPassed(Guid.NewGuid(), DateTimeOffset.UtcNow, null, Rein.Left, 1, 0, 0)
                            {
                                Clock = new TapClock(device, device, number++, number),
                            }
                    ),
            ];

        for (var i = 0; i < kills; i++)
        {
            var batch = Taps();
            sent.UnionWith(batch.Select(e => e.Id));
            var sending = TrySendAsync(batch);
            // Every second time the answer is lost on the way: kept, and never acknowledged.
            var answerLost = i % 2 == 1;
            if (answerLost)
            {
                await sending;
            }
            else
            {
                await Task.Delay(TimeSpan.FromMilliseconds(aim * (0.5 + random.NextDouble())));
            }

            server.Kill();
            await server.WaitForExitAsync();
            var acknowledged = await sending && !answerLost;
            var kept = await KeptAsync(batch);
            (before, between, after, aim) =
                acknowledged ? (before, between, after + 1, aim / 1.2)
                : kept == batch.Count ? (before, between + 1, after, aim)
                : (before + 1, between, after, answerLost ? aim : aim * 1.2);
            if (kept != 0 && kept != batch.Count)
            {
                Console.WriteLine($"kill {i}: {kept} of {batch.Count} taps of one sending were kept");
                return 1;
            }

            server = await StartAsync(http);
            for (var tries = 0; !acknowledged; tries++)
            {
                if (tries == 50)
                {
                    Console.WriteLine($"kill {i}: the taps were not taken after the server came back");
                    return 1;
                }

                acknowledged = await TrySendAsync(batch);
            }
        }

        await using var connection = await owner.OpenConnectionAsync();
        var there = (await connection.QueryAsync<Guid>("select id from ride_event where ride_id = @rideId", new { rideId })).ToList();
        server.Kill();
        Console.WriteLine(
            $"{kills} kills (seed {seed}): {before} before the taps were kept, {between} between keeping and acknowledging, {after} after it."
        );
        Console.WriteLine($"{sent.Count} taps sent, {there.Count} there, {there.Distinct().Count()} of them different.");
        var whole = sent.SetEquals(there) && there.Count == sent.Count;
        Console.WriteLine(whole ? "Nothing lost, nothing doubled." : "LOST OR DOUBLED.");
        return whole ? 0 : 1;

        async Task SendSomeAsync()
        {
            for (var i = 0; i < 30; i++)
            {
                var taps = Taps();
                sent.UnionWith(taps.Select(t => t.Id));
                if (!await TrySendAsync(taps))
                {
                    throw new InvalidOperationException("The server does not take taps.");
                }
            }
        }

        async Task<bool> TrySendAsync(List<RideEvent> taps)
        {
            try
            {
                using var request = new HttpRequestMessage(HttpMethod.Post, $"/api/horses/{horseId}/rides/{rideId}/taps")
                {
                    Content = new StringContent(Json.Write(new RideEntry(null, null, taps)), System.Text.Encoding.UTF8, "application/json"),
                };
                request.Headers.Add("X-Hippodrome-Token", token);
                using var answer = await http.SendAsync(request);
                return answer.IsSuccessStatusCode
                    && (await answer.Content.ReadFromJsonAsync<JsonObject>())!["taps"]!.AsArray().Count == taps.Count;
            }
            catch (Exception e) when (e is HttpRequestException or IOException or TaskCanceledException)
            {
                return false;
            }
        }

        async Task<int> KeptAsync(List<RideEvent> taps)
        {
            // A transaction that was open when the server died is rolled back by the database in its own time.
            await using var plain = await owner.OpenConnectionAsync();
            while (
                await plain.ExecuteScalarAsync<bool>(
                    "select exists (select from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid() and xact_start is not null and backend_type = 'client backend')"
                )
            )
            {
                await Task.Delay(10);
            }

            return await plain.ExecuteScalarAsync<int>(
                "select count(*) from ride_event where id = any(@ids)",
                new { ids = taps.Select(t => t.Id).ToArray() }
            );
        }
    }

    private static async Task<Process> StartAsync(HttpClient http)
    {
        var start = new ProcessStartInfo("dotnet") { RedirectStandardOutput = true, RedirectStandardError = true };
        foreach (var argument in new[] { Server, "--demo", "true", "--urls", Address })
        {
            start.ArgumentList.Add(argument);
        }

        var server = Process.Start(start)!;
        server.OutputDataReceived += (_, _) => { };
        server.ErrorDataReceived += (_, _) => { };
        server.BeginOutputReadLine();
        server.BeginErrorReadLine();
        for (var i = 0; i < 1200; i++)
        {
            try
            {
                using var ready = await http.GetAsync("/health/ready");
                if (ready.IsSuccessStatusCode)
                {
                    return server;
                }
            }
            catch (HttpRequestException)
            {
                // Not there yet.
            }

            await Task.Delay(50);
        }

        throw new InvalidOperationException(
            string.Create(CultureInfo.InvariantCulture, $"The server did not come back within a minute (process {server.Id}).")
        );
    }
}
