using System.Globalization;
using System.Text.Json.Nodes;
using Hippodrome.Application;
using Hippodrome.Application.Rides;
using Hippodrome.Application.Yards;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Yards;
using Hippodrome.Server.Yards;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>One load a request: how many statements a page may ask of the database. What was asked is printed where it is more.</summary>
public class StatementTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private static void NoMoreThan(int most, IReadOnlyList<string> asked) =>
        asked.Count.ShouldBeLessThanOrEqualTo(most, $"asked:\n{string.Join("\n", asked.Select((s, i) => $"{i + 1}. {s}"))}");

    private Task<IReadOnlyList<string>> OfAsync(Func<Task> done) => Statements.OfAsync(demo.DatabaseName, done);

    [Fact]
    public async Task Today_asks_fifteen_times_at_most() => NoMoreThan(15, await OfAsync(() => demo.Trainer.GetAsync("/api/today")));

    [Theory]
    [InlineData("Brannoc")]
    [InlineData("Sablewood")]
    [InlineData("Tarn Lark")]
    public async Task A_review_asks_twelve_times_at_most(string name)
    {
        var (horse, ride) = await LatestRideAsync(name);
        NoMoreThan(12, await OfAsync(() => demo.Trainer.GetAsync($"/api/horses/{horse}/rides/{ride}")));
    }

    [Fact]
    public async Task Accepting_a_verdict_asks_twenty_times_at_most()
    {
        var (horse, ride) = await LatestRideAsync("Sablewood");
        var rule = (string)(await demo.Trainer.GetAsync($"/api/horses/{horse}/rides/{ride}"))["verdicts"]![0]!["rule"]!;
        JsonNode? answered = null;
        NoMoreThan(
            20,
            await OfAsync(async () =>
                answered = await demo.Trainer.PostAsync($"/api/horses/{horse}/rides/{ride}/answers", new AnswerEntry(rule, true))
            )
        );
        answered!["next"].ShouldNotBeNull(answered["says"]!.ToJsonString());
    }

    [Fact]
    public async Task A_hundred_taps_ask_ten_times_at_most()
    {
        var (horse, _) = await LatestRideAsync("Quillan");
        var at = new DateTimeOffset(App.Today, new TimeOnly(9, 0), TimeSpan.Zero);
        var phone = Guid.NewGuid();
        var taps = Enumerable
            .Range(0, 100)
            .Select(n =>
                (RideEvent)new GaitNow(Guid.NewGuid(), at.AddSeconds(n), n % 2 == 0 ? Core.Horses.Gait.Walk : Core.Horses.Gait.Trot) with
                {
                    Clock = new TapClock(phone, phone, n, n),
                }
            )
            .ToList();
        NoMoreThan(
            10,
            await OfAsync(() =>
                demo.Trainer.PostAsync($"/api/horses/{horse}/rides/{Guid.NewGuid()}/taps", new RideEntry(null, App.Today, taps))
            )
        );
    }

    [Fact]
    public async Task Keeping_the_week_asks_thirty_times_and_three_a_horse_at_most()
    {
        var monday = new DateOnly(2026, 4, 20);
        var roster = await demo.Trainer.GetAsync("/api/roster");
        var riders = (await demo.Trainer.GetAsync("/api/people"))
            .AsArray()
            .Where(p => (string)p!["role"]! != "observer")
            .Select(p => (Guid)p!["id"]!);
        var days = Enum.GetValues<DayOfWeek>();
        await demo.Trainer.PutAsync(
            "/api/roster",
            new Change<RosterEntry>(
                (int)roster["version"]!,
                new RosterEntry([.. riders.Select(r => new RiderHoursEntry(r, days, 300))], days, 300, days, 600, 3, new TimeOnly(7, 0))
            )
        );
        var before = await NumbersAsync();
        var asked = await OfAsync(() => demo.Trainer.PostAsync("/api/week/keep", new KeepWeekEntry(monday)));
        var kept = (await NumbersAsync()).Count(n => n.Value != before[n.Key]);
        kept.ShouldBeGreaterThan(1);
        NoMoreThan(30 + (3 * kept), asked);
    }

    private async Task<Dictionary<string, int?>> NumbersAsync() =>
        (await demo.Trainer.GetAsync("/api/week?monday=2026-04-20"))["horses"]!
            .AsArray()
            .ToDictionary(h => (string)h!["name"]!, h => (int?)h!["number"]);

    [Theory]
    [InlineData("/api/week?monday=2026-04-13", 13)]
    [InlineData("/api/horses/{0}", 12)]
    [InlineData("/api/horses/{0}/set-ups", 6)]
    [InlineData("/api/horses/{0}/ladders", 14)]
    [InlineData("/api/horses/{0}/rides", 14)]
    [InlineData("/api/horses/{0}/condition", 12)]
    public async Task Other_pages_keep_to_what_they_ask_now(string page, int most)
    {
        var (horse, _) = await LatestRideAsync("Tarn Lark");
        NoMoreThan(most, await OfAsync(() => demo.Trainer.GetAsync(string.Format(CultureInfo.InvariantCulture, page, horse))));
    }

    [Fact]
    public async Task Readiness_asks_ten_times_at_most()
    {
        var (horse, _) = await LatestRideAsync("Old Verity");
        var aim = (await demo.Trainer.GetAsync($"/api/horses/{horse}/aims"))["aims"]![0]!["id"];
        NoMoreThan(10, await OfAsync(() => demo.Trainer.GetAsync($"/api/horses/{horse}/aims/{aim}/readiness")));
    }

    private async Task<(string Horse, string Ride)> LatestRideAsync(string name)
    {
        var horse = (string)(await demo.Trainer.GetAsync("/api/horses")).AsArray().Single(h => (string)h!["name"]! == name)!["id"]!;
        return (
            horse,
            (string)
                (await demo.Trainer.GetAsync(string.Create(CultureInfo.InvariantCulture, $"/api/horses/{horse}/rides?most=1")))[0]!["id"]!
        );
    }
}
