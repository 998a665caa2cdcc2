using System.Collections.Concurrent;
using System.Diagnostics;
using System.Globalization;
using System.Text.Json.Nodes;
using Hippodrome.Server.Demo;

namespace Hippodrome.Bench;

/// <summary>Today while much else is asked: twenty plans at once, and 128 people at once.</summary>
internal static class Crowds
{
    private const int Plans = 20;
    private const int People = 128;
    private static readonly TimeSpan Minute = TimeSpan.FromMinutes(1);

    /// <summary>Today for one person by themselves, and while twenty blocks of sixteen weeks wait to be planned.</summary>
    public static async Task TwentyPlansAsync(Visitor trainer)
    {
        var quiet = await Timed.OfAsync(200, () => trainer.ReadAsync("/api/today"));
        var horse = (await trainer.JsonAsync("/api/horses"))
            .AsArray()
            .First(h => ((string)h!["name"]!).StartsWith("Horse ", StringComparison.Ordinal))!["id"]!;
        var entry = (await trainer.JsonAsync($"/api/horses/{horse}/blocks/suggestion"))["entry"]!.AsObject();
        entry["weeks"] = 16;
        entry["aimId"] = null;
        entry["discipline"] = "jumping";
        entry["purpose"] = "schooling";
        var began = Stopwatch.GetTimestamp();
        var planned = Task.WhenAll(
            Enumerable.Range(0, Plans).Select(_ => trainer.OrderAsync($"/api/horses/{horse}/blocks/plan", (JsonNode)entry.DeepClone()))
        );
        var times = new List<double>();
        while (!planned.IsCompleted)
        {
            var start = Stopwatch.GetTimestamp();
            await trainer.ReadAsync("/api/today");
            times.Add(Stopwatch.GetElapsedTime(start).TotalMilliseconds);
        }

        var busy = Timed.Of(times);
        var statuses = await planned;
        var last = Stopwatch.GetElapsedTime(began).TotalSeconds;
        Say($"\n{Plans} plans at once ({Counted(statuses)}, the last after {last:0.0} s)");
        Say($"Today p95 {quiet.P95:0.0} ms quiet, {busy.P95:0.0} ms meanwhile ({times.Count} times), ratio {busy.P95 / quiet.P95:0.0}");
    }

    /// <summary>Trainers of as many yards, each asking for Today again and again for a minute.</summary>
    public static async Task ManyOnTodayAsync()
    {
        var people = new List<Visitor>();
        for (var n = 1; n <= People; n++)
        {
            // A copy of the pattern, which is the demo yard's copy number nought.
            people.Add(await Visitor.SignInAsync($"{n}-0-{DemoYard.Trainer}"));
        }

        var statuses = new ConcurrentDictionary<int, int>();
        var times = new ConcurrentBag<double>();
        var least = int.MaxValue;
        var end = Stopwatch.GetTimestamp() + (long)(Minute.TotalSeconds * Stopwatch.Frequency);
        await Task.WhenAll(
            people.Select(async person =>
            {
                var asked = 0;
                while (asked < 5 || Stopwatch.GetTimestamp() < end)
                {
                    var start = Stopwatch.GetTimestamp();
                    statuses.AddOrUpdate(await person.ReadAsync("/api/today"), 1, (_, n) => n + 1);
                    times.Add(Stopwatch.GetElapsedTime(start).TotalMilliseconds);
                    asked++;
                }

                lock (times)
                {
                    least = Math.Min(least, asked);
                }
            })
        );
        people.ForEach(p => p.Dispose());
        var time = Timed.Of(times);
        Say($"{People} people at once on Today for a minute, each at least {least} times");
        Say($"{Counted(statuses.SelectMany(s => Enumerable.Repeat(s.Key, s.Value)))}; median {time.Median:0} ms, p95 {time.P95:0} ms");
    }

    private static string Counted(IEnumerable<int> statuses) =>
        string.Join(", ", statuses.CountBy(s => s).Select(s => $"{s.Value} answers {s.Key}"));

    private static void Say(FormattableString what) => Console.WriteLine(what.ToString(CultureInfo.InvariantCulture));
}
