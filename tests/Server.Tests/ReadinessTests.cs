using System.Text.Json.Nodes;
using Hippodrome.Application;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Readiness;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Aims of the demo yard: what they ask, whether there is time, and what a move comes to once it is entered.</summary>
public class ReadinessTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private async Task<(string Horse, JsonNode Aim)> AimAsync(string horse, string name)
    {
        var id = (string)(await demo.Trainer.GetAsync("/api/horses")).AsArray().Single(h => (string)h!["name"]! == horse)!["id"]!;
        var aims = (await demo.Trainer.GetAsync($"/api/horses/{id}/aims"))["aims"]!.AsArray();
        return (id, aims.Single(a => (string)a!["name"]! == name)!);
    }

    private Task<JsonNode> ReadinessAsync(string horse, JsonNode aim) =>
        demo.Trainer.GetAsync($"/api/horses/{horse}/aims/{aim["id"]}/readiness");

    [Theory]
    [InlineData("Quillan", "Ashlode walk and trot", "inTime")]
    [InlineData("Tarn Lark", "Marlwick evening league", "tight")]
    [InlineData("Brannoc", "Thornley cross-country day", "notInTime")]
    public async Task The_demo_has_one_in_time_one_tight_and_one_not(string horse, string name, string time)
    {
        var (id, aim) = await AimAsync(horse, name);
        ((string)(await ReadinessAsync(id, aim))["time"]!).ShouldBe(time);
        // The list, Today and the passport say the same without looking again.
        ((string)aim["last"]!["time"]!).ShouldBe(time);
    }

    [Fact]
    public async Task Every_ride_behind_a_demand_can_be_opened()
    {
        var (id, aim) = await AimAsync("Old Verity", "Winter gala, Lindhurst");
        var dots = (await ReadinessAsync(id, aim))["demands"]!.AsArray().SelectMany(d => d!["readiness"]!["dots"]!.AsArray()).ToList();
        dots.Count.ShouldBeGreaterThan(10);
        foreach (var ride in dots.Select(d => (string)d!["rideId"]!).Distinct().Take(5))
        {
            await demo.Trainer.GetAsync($"/api/horses/{id}/rides/{ride}");
        }
    }

    /// <summary>The yard's own test for the league has a medium trot, of which Novice asks nothing.</summary>
    [Fact]
    public async Task An_aim_asks_what_its_own_test_asks_beyond_its_level()
    {
        var (id, aim) = await AimAsync("Tarn Lark", "Marlwick evening league");
        var more = (await ReadinessAsync(id, aim))["demands"]!
            .AsArray()
            .Select(d => d!["readiness"]!["demand"]!)
            .Where(d => d["inTest"]!.AsArray().Count > 0)
            .ToList();
        ((string?)more.ShouldHaveSingleItem()["rungId"]).ShouldBe("flatwork/ten-metres");
    }

    [Fact]
    public async Task A_test_that_nobody_has_entered_is_no_test_of_an_aim()
    {
        var (id, _) = await AimAsync("Tarn Lark", "Marlwick evening league");
        var entry = new AimEntry("Open day", App.Today.AddDays(30), Discipline.Dressage, "Ours", "Third", TestId: Guid.NewGuid());
        (await demo.Trainer.RefusedAsync(HttpMethod.Post, $"/api/horses/{id}/aims", entry)).Fields.ShouldBe(["testId"]);
    }

    [Fact]
    public async Task A_later_day_that_is_entered_gives_what_it_promised_and_goes_back()
    {
        var (id, aim) = await AimAsync("Old Verity", "Winter gala, Lindhurst");
        var before = await ReadinessAsync(id, aim);
        var move = before["moves"]!.AsArray().Single(m => (string)m!["kind"]! == "date")!;
        ((string)move["time"]!).ShouldBe("inTime");
        AimEntry On(DateOnly day) =>
            new((string)aim["name"]!, day, Discipline.Dressage, (string)aim["scheme"]!, (string)aim["level"]!, null, (string)aim["place"]!);
        async Task<JsonNode> ChangeAsync(DateOnly day, int version) =>
            await demo.Trainer.PutAsync($"/api/horses/{id}/aims/{aim["id"]}", new Change<AimEntry>(version, On(day)));
        var version = (int)aim["version"]!;
        await ChangeAsync(DateOnly.Parse((string)move["on"]!, System.Globalization.CultureInfo.InvariantCulture), version);
        ((string)(await ReadinessAsync(id, aim))["time"]!).ShouldBe((string)move["time"]!);
        await ChangeAsync(DateOnly.Parse((string)aim["on"]!, System.Globalization.CultureInfo.InvariantCulture), version + 1);
        ((string)(await ReadinessAsync(id, aim))["time"]!).ShouldBe((string)before["time"]!);
    }

    [Fact]
    public async Task A_day_more_that_is_planned_and_kept_gives_what_it_promised()
    {
        var (id, aim) = await AimAsync("Old Verity", "Winter gala, Lindhurst");
        var tried = await demo.Trainer.PostAsync($"/api/horses/{id}/aims/{aim["id"]}/moves/day-more", new { });
        await demo.Trainer.PostAsync(
            $"/api/horses/{id}/blocks/{tried["blockId"]}/accept",
            new
            {
                number = (int)tried["number"]!,
                entry = tried["entry"],
                because = "a day more",
                seen = MoreWorkTests.Seen(tried["plan"]!),
            }
        );
        var now = await ReadinessAsync(id, aim);
        ((string)now["time"]!).ShouldBe((string)tried["move"]!["time"]!);
        ((string)now["demands"]![0]!["readiness"]!["demand"]!["name"]!).ShouldBe((string)tried["move"]!["last"]!);
    }

    [Fact]
    public async Task What_it_asks_is_kept_until_its_level_changes()
    {
        var (id, _) = await AimAsync("Sablewood", "Harrowmere indoor, 1.20 m");
        var address = $"/api/horses/{id}/aims";
        var entry = new AimEntry("Own", App.Today.AddDays(60), Discipline.Jumping, LevelDemands.NationalJumping, "0.80 m", 0.8, "");
        var aim = (await demo.Trainer.PostAsync(address, entry))["aims"]!.AsArray().Single(a => (string)a!["name"]! == "Own")!;
        async Task<string[]> AskedAsync() =>
            [.. (await ReadinessAsync(id, aim))["demands"]!.AsArray().Select(d => (string)d!["readiness"]!["demand"]!["id"]!).Order()];
        (await AskedAsync()).ShouldBe(["away", "double", "filler", "height", "line", "spread"]);
        DemandEntry higher = new("height", DemandKind.Height, "A course", HeightMetres: 0.95);
        await demo.Trainer.PutAsync($"{address}/{aim["id"]}/demands", new Change<DemandsEntry>(1, new DemandsEntry([higher])));
        (await AskedAsync()).ShouldBe(["height"]);
        // Another day asks the same; another level asks its own.
        await demo.Trainer.PutAsync($"{address}/{aim["id"]}", new Change<AimEntry>(2, entry with { On = entry.On!.Value.AddDays(7) }));
        (await AskedAsync()).ShouldBe(["height"]);
        await demo.Trainer.PutAsync($"{address}/{aim["id"]}", new Change<AimEntry>(3, entry with { Level = "0.70 m", HeightMetres = 0.7 }));
        (await AskedAsync()).ShouldBe(["away", "filler", "height", "line", "spread"]);
    }

    [Fact]
    public async Task A_start_that_is_told_counts_as_a_day_away()
    {
        var (id, _) = await AimAsync("Sablewood", "Harrowmere indoor, 1.20 m");
        var address = $"/api/horses/{id}/aims";
        var entry = new AimEntry("Today's", App.Today, Discipline.Jumping, LevelDemands.NationalJumping, "0.70 m", 0.7, "");
        var aim = (await demo.Trainer.PostAsync(address, entry))["aims"]!.AsArray().Single(a => (string)a!["name"]! == "Today's")!;
        var told = new Change<AimResultEntry>(1, new AimResultEntry(Penalties: 4, Place: 3, Of: 20, Held: "the canter"));
        var after = (await demo.Trainer.PutAsync($"{address}/{aim["id"]}/result", told))["aims"]!
            .AsArray()
            .Single(a => (string)a!["name"]! == "Today's")!;
        ((string)after["result"]!["held"]!).ShouldBe("the canter");
        var away = (await ReadinessAsync(id, aim))["demands"]!.AsArray().Single(d => (string)d!["readiness"]!["demand"]!["id"]! == "away")!;
        ((string)away["readiness"]!["howFar"]!).ShouldBe("met");
    }

    [Fact]
    public async Task A_goal_is_kept_and_taken_off()
    {
        var (id, _) = await AimAsync("Tarn Lark", "Marlwick spring dressage");
        (await demo.Trainer.PutAsync($"/api/horses/{id}/goal", new GoalEntry("Medium by autumn", App.Today.AddDays(180))))["goal"]![
            "name"
        ]!.ShouldNotBeNull();
        (await demo.Trainer.PutAsync($"/api/horses/{id}/goal", new GoalEntry()))["goal"].ShouldBeNull();
    }

    [Fact]
    public async Task A_block_for_it_begins_with_what_is_missing()
    {
        var (id, aim) = await AimAsync("Sablewood", "Harrowmere indoor, 1.20 m");
        var suggested = await demo.Trainer.GetAsync($"/api/horses/{id}/blocks/suggestion");
        ((string)suggested["entry"]!["aimId"]!).ShouldBe((string)aim["id"]!);
        ((string)suggested["entry"]!["focus"]![0]!).ShouldBe("jumping");
    }
}
