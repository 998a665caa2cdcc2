using System.Text.Json.Nodes;
using Hippodrome.Application.Exercises;
using Hippodrome.Application.Horses;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Rungs move on evidence, over HTTP.</summary>
public class LadderTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task A_rung_is_climbed_after_two_good_sessions_and_the_evidence_starts_afresh()
    {
        var horse = await app.AddHorseAsync();
        await Calls.RideOnRungAsync(app, horse, "poles/walk-poles", 8);
        var early = await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/ladders/climb", new ClimbEntry(Strand.Poles));
        early.Faults.ShouldHaveSingleItem().Mend.ShouldContain("1 good session more");

        await Calls.RideOnRungAsync(app, horse, "poles/walk-poles", 8);
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("flatwork/trot-canter"));
        (await PlaceAsync(horse))["verdict"]!["word"]!.ToString().ShouldBe("up");
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/climb", new ClimbEntry(Strand.Poles));
        var now = await PlaceAsync(horse);
        ((string)now["rungId"]!, (string)now["lastMove"]!["kind"]!).ShouldBe(("poles/trot-poles", "climbed"));
        ((string)now["verdict"]!["word"]!).ShouldBe("stay");
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/ladders/climb", new ClimbEntry(Strand.Poles))).Status.ShouldBe(
            400
        );
    }

    [Fact]
    public async Task Eight_taps_climb_one_rung()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("flatwork/trot-canter"));
        await Calls.RideOnRungAsync(app, horse, "poles/walk-poles", 8);
        await Calls.RideOnRungAsync(app, horse, "poles/walk-poles", 8);
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 8)
                .Select(_ => app.Trainer.SendAsync(HttpMethod.Post, $"{Calls.Of(horse)}/ladders/climb", new ClimbEntry(Strand.Poles)))
        );
        answers.Count(a => a.IsSuccessStatusCode).ShouldBe(1);
        ((string)(await PlaceAsync(horse))["rungId"]!).ShouldBe("poles/trot-poles");
    }

    [Fact]
    public async Task One_good_and_one_lame_climb_nothing_and_clearing_goes_one_rung_down()
    {
        var horse = await app.AddHorseAsync();
        await Calls.RideOnRungAsync(app, horse, "poles/walk-poles", 8);
        await Calls.RideOnRungAsync(app, horse, "poles/walk-poles", 8, new SignSeen(Guid.NewGuid(), Calls.Noon, Sign.OffOrUnlevel, null));
        (await PlaceAsync(horse))["missing"]!.AsArray().Select(m => (string)m!).ShouldContain("held from ridden work");
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/ladders/climb", new ClimbEntry(Strand.Poles))).Status.ShouldBe(
            400
        );

        var hold = (await app.Trainer.GetAsync(Calls.Of(horse)))["holds"]![0]!["id"];
        await app.Vet.PostAsync($"{Calls.Of(horse)}/holds/{hold}/clearance", new ClearanceEntry("Iva Sorrel"));
        var after = await PlaceAsync(horse);
        ((string)after["rungId"]!, (string)after["lastMove"]!["kind"]!).ShouldBe(("poles/single-walk", "afterLameness"));
    }

    [Fact]
    public async Task A_move_by_hand_is_kept_with_its_word_beside_the_evidence()
    {
        var horse = await app.AddHorseAsync();
        await Calls.RideOnRungAsync(app, horse, "poles/walk-poles", 4);
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("poles/raised-trot", "he did these last year"));
        var page = await app.Trainer.GetAsync($"{Calls.Of(horse)}/ladders/poles/walk-poles");
        page["moves"]!.AsArray().Select(m => (string)m!["word"]!).ShouldBe(["he did these last year", "seen at the clinic"]);
        page["evidence"]!.AsArray().ShouldHaveSingleItem()!["good"]!.GetValue<bool>().ShouldBeFalse();
        ((bool)page["reached"]!).ShouldBeTrue();

        (
            await app.Trainer.RefusedAsync(
                HttpMethod.Post,
                $"{Calls.Of(horse)}/ladders/moves",
                new RungMoveEntry(Strand.Poles, "poles/walk-poles")
            )
        ).Fields.ShouldBe(["word"]);
        var young = await app.AddHorseAsync(age: 4);
        (
            await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(young)}/ladders/moves", Calls.Move("jumping/small-single"))
        ).Fields.ShouldBe(["rungId"]);
    }

    [Fact]
    public async Task A_rungs_exercises_are_measured_for_the_horse()
    {
        var page = await app.Trainer.GetAsync($"{Calls.Of(app.Horse)}/ladders/poles/trot-poles");
        var exercises = page["exercises"]!.AsArray();
        exercises.Count.ShouldBe(3);
        exercises.ShouldAllBe(e => (double)e!["measured"]!["gaps"]![0]!["built"]!["built"]! == 1.35);
        (
            await Problem.ReadAsync(await app.Trainer.SendAsync(HttpMethod.Get, $"{Calls.Of(app.Horse)}/ladders/poles/nothing"))
        ).Status.ShouldBe(404);
    }

    [Fact]
    public async Task A_plan_on_a_rung_that_is_not_open_says_what_comes_first()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("flatwork/fifteen-metres"));
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("lateral/turn-on-forehand"));
        var entry = Calls.Session() with
        {
            Parts =
            [
                .. Calls
                    .Session()
                    .Parts!.Select(p => p with { RungId = p.SetUpId is null && p.What == "Trot" ? "flatwork/ten-metres" : null }),
            ],
        };
        var kept = await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions", entry);
        kept["check"]!["faults"]!.AsArray().Select(f => (string)f!["rule"]!).ShouldBe(["RungNotOpen"]);
        (
            await app.Trainer.RefusedAsync(
                HttpMethod.Post,
                $"{Calls.Of(horse)}/sessions",
                entry with
                {
                    Parts = [entry.Parts![1] with { RungId = "flatwork/nothing" }],
                }
            )
        ).Fields.ShouldBe(["parts[0].rungId"]);
    }

    private async Task<JsonNode> PlaceAsync(Horse horse) =>
        (await app.Trainer.GetAsync($"{Calls.Of(horse)}/ladders")).AsArray().Single(p => (string)p!["strand"]! == "poles")!;
}
