using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>More work towards an aim, tried by the planner: what is promised is what keeping it gives.</summary>
public class MoreWorkTests(App app) : IClassFixture<App>
{
    [Theory]
    [InlineData("day-more")]
    [InlineData("more-help")]
    public async Task More_work_that_is_kept_gives_what_it_promised(string move)
    {
        var aim = await Calls.WorkedForAsync(app);
        var horse = aim.Split("/aims/")[0];
        var tried = await app.Trainer.PostAsync($"{aim}/moves/{move}", new { });
        var before = await app.Trainer.GetAsync($"{aim}/readiness");
        await app.Trainer.PostAsync(
            $"{horse}/blocks/{tried["blockId"]}/accept",
            new
            {
                number = (int)tried["number"]!,
                entry = tried["entry"],
                because = "more work",
                seen = Seen(tried["plan"]!),
            }
        );
        var after = await app.Trainer.GetAsync($"{aim}/readiness");
        ((string)after["time"]!).ShouldBe((string)tried["move"]!["time"]!);
        Left(after).Sum().ShouldBeGreaterThanOrEqualTo(Left(before).Sum());
        // What was kept is what was tried: with the day, or the helper, more.
        var block = await app.Trainer.GetAsync($"{horse}/blocks/{tried["blockId"]}");
        block["entry"]!["days"]!.ToJsonString().ShouldBe(tried["entry"]!["days"]!.ToJsonString());
        block["entry"]!["helperDays"]!.ToJsonString().ShouldBe(tried["entry"]!["helperDays"]!.ToJsonString());
    }

    /// <summary>The sessions of a plan as a trainer saw them before keeping it.</summary>
    internal static IEnumerable<object> Seen(JsonNode plan) =>
        plan["weeks"]!
            .AsArray()
            .SelectMany(w => w!["sessions"]!.AsArray())
            .Select(s => new
            {
                on = (string)s!["on"]!,
                kind = (string)s["kind"]!,
                minutes = (int)s["minutes"]!["total"]!,
            });

    /// <summary>Sessions there are for each demand.</summary>
    private static IEnumerable<int> Left(JsonNode readiness) => readiness["demands"]!.AsArray().Select(d => (int)d!["left"]!);
}
