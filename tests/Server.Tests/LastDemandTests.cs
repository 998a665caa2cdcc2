using System.Text.Json.Nodes;
using Hippodrome.Application;
using Hippodrome.Application.DressageTests;
using Hippodrome.Application.Horses;
using Hippodrome.Application.Rides;
using Hippodrome.Core.Aims;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Who looks at Today in the morning is told what the page of the aim says, whatever was kept the evening before.</summary>
public class LastDemandTests(App app) : IClassFixture<App>
{
    private async Task<(Horse Horse, Func<Task<(string? Name, string HowFar, string Time)>> Last)> AimedAsync(AimEntry aim)
    {
        var horse = await app.AddHorseAsync();
        var at = Calls.Of(horse);
        await app.Trainer.PostAsync($"{at}/aims", aim);
        async Task<(string?, string, string)> LastAsync()
        {
            var kept = (await app.Trainer.GetAsync($"{at}/aims"))["aims"]!.AsArray().ShouldHaveSingleItem()!;
            var page = await app.Trainer.GetAsync($"{at}/aims/{kept["id"]}/readiness");
            var last = page["demands"]!.AsArray().FirstOrDefault(d => (string)d!["readiness"]!["howFar"]! != "met")?["readiness"]!;
            var said = kept["last"]!;
            var (name, howFar, time) = ((string?)said["name"], (string)said["howFar"]!, (string)said["time"]!);
            (name, howFar, time).ShouldBe(((string?)last["demand"]!["name"], (string)last["howFar"]!, (string)page["time"]!));
            return (name, howFar, time);
        }

        return (horse, LastAsync);
    }

    private static AimEntry Preliminary =>
        new("Open day", App.Today.AddDays(90), Discipline.Dressage, "British national dressage", "Preliminary");

    [Fact]
    public async Task A_rung_that_is_moved_by_hand_moves_what_is_last()
    {
        var (horse, last) = await AimedAsync(Preliminary);
        await Calls.RideOnRungAsync(app, horse, "flatwork/trot-canter", 7);
        var ridden = await last();
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("flatwork/ten-metres"));
        (await last()).ShouldNotBe(ridden);
    }

    [Fact]
    public async Task A_hold_leaves_no_work_to_count_on_and_its_clearance_gives_it_back()
    {
        var (horse, last) = await AimedAsync(Preliminary);
        var ride = await Calls.RideOnRungAsync(app, horse, "flatwork/trot-canter", 7);
        var before = await last();
        before.Time.ShouldNotBe("cannotBeTold");
        RideEvent[] lame = [new SignSeen(Guid.NewGuid(), Calls.Noon.AddMinutes(9), Sign.OffOrUnlevel, null)];
        await app.Trainer.PostAsync($"{ride}/events", new RideEntry(null, App.Today, lame));
        (await last()).Time.ShouldBe("cannotBeTold");
        var held = (await app.Trainer.GetAsync(Calls.Of(horse)))["holds"]!.AsArray().ShouldHaveSingleItem()!;
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/holds/{held["id"]}/clearance", new ClearanceEntry("Iva Sorrel", App.Today));
        (await last()).Time.ShouldNotBe("cannotBeTold");
    }

    [Fact]
    public async Task Marks_of_a_test_and_a_test_that_is_changed_are_looked_at_too()
    {
        var entry = ShippedTests.All[0].Entry;
        var test = (Guid)(await app.Trainer.PostAsync("/api/dressage-tests", entry))["id"]!;
        var (horse, last) = await AimedAsync(new AimEntry("Ours", App.Today.AddDays(90), Discipline.Dressage, "Ours", "One", TestId: test));
        var before = await last();
        var longer = ShippedTests.All[1].Entry;
        await app.Trainer.PutAsync($"/api/dressage-tests/{test}", new Change<DressageTestEntry>(1, longer));
        var changed = await last();
        var marks = longer.Check().OrThrow().Movements.Select(m => new MovementMarkEntry(m.Number, 8)).ToList();
        foreach (var days in new[] { 3, 2, 1, 0 })
        {
            await app.Trainer.PostAsync(
                $"{Calls.Of(horse)}/dressage-tests/{test}/ridden",
                new MarkedTestEntry(new TestRiddenEntry(App.Today.AddDays(-days), true, "judge at C", marks))
            );
        }

        var marked = await last();
        new[] { before, changed, marked }.Distinct().Count().ShouldBeGreaterThan(1);
    }
}
