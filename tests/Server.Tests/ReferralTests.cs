using System.Text.Json.Nodes;
using Hippodrome.Application.Horses;
using Hippodrome.Application.Rides;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Shouldly;
using Xunit;
using static Hippodrome.Server.Tests.Calls;

namespace Hippodrome.Server.Tests;

/// <summary>What an accepted verdict does beyond the next session: the referral, the ladder, the last word.</summary>
public class ReferralTests(App app) : IClassFixture<App>
{
    private static readonly string[] Waiting = ["poles", "grid", "jumping", "crossCountry"];

    /// <summary>All its touches on one rein: poles wait until somebody has looked.</summary>
    private async Task<(Horse Horse, string Ride)> TouchesOnOneReinAsync()
    {
        var horse = await app.AddHorseAsync();
        var ride = await RideAsync(
            app,
            new RideEntry(
                null,
                App.Today,
                [
                    new PolesPassed(Guid.NewGuid(), Noon, null, Rein.Left, 6, 0, 0),
                    new PolesPassed(Guid.NewGuid(), Noon, null, Rein.Right, 1, 5, 0) { Leg = Leg.RightHind },
                ]
            ),
            horse
        );
        return (horse, ride);
    }

    private async Task<JsonNode> TodayAsync(Horse horse) =>
        (await app.Trainer.GetAsync("/api/today"))["horses"]!.AsArray().Single(h => (string)h!["horse"]!["id"]! == horse.Id.ToString())!;

    private static bool IsWaiting(Rung? rung) => rung is not null && (rung.Strand == Strand.Poles || rung.IsJumped());

    /// <summary>The rungs of a session proposed on poles.</summary>
    private async Task<List<Rung?>> ProposedAsync(Horse horse)
    {
        var proposed = await app.Trainer.PostAsync($"{Of(horse)}/sessions/propose", Wanted(Strand.Poles));
        return [.. proposed["session"]!["parts"]!.AsArray().Select(p => Catalogue.Find((string?)p!["rungId"] ?? ""))];
    }

    /// <summary>The kinds of session in a block for poles and fences.</summary>
    private async Task<List<string>> PlannedAsync(Horse horse)
    {
        var plan = await app.Trainer.PostAsync(
            $"{Of(horse)}/blocks/plan",
            ShortBlock with
            {
                Discipline = Discipline.Jumping,
                Focus = [Strand.Poles],
            }
        );
        return [.. plan["weeks"]!.AsArray().SelectMany(w => w!["sessions"]!.AsArray()).Select(s => (string)s!["kind"]!)];
    }

    [Fact]
    public async Task Accepting_it_opens_one_referral_that_holds_poles_and_fences_until_it_is_answered()
    {
        var (horse, ride) = await TouchesOnOneReinAsync();
        (await ProposedAsync(horse)).ShouldContain(r => IsWaiting(r), "or nothing is shown by what comes after");
        (await PlannedAsync(horse)).ShouldContain(kind => Waiting.Contains(kind), "or nothing is shown by what comes after");
        var answer = new AnswerEntry("TouchesOneSideOnly", true, ReferTo: ReferredTo.Vet);
        var answered = await app.Trainer.PostAsync($"{ride}/answers", answer);
        await app.Trainer.PostAsync($"{ride}/answers", answer);
        var line = (await app.Trainer.GetAsync($"{Of(horse)}/referrals")).AsArray().ShouldHaveSingleItem()!;
        ((string)line["referral"]!["to"]!, (string)line["waits"]!).ShouldBe(("vet", "poles and fences"));
        ((string)answered["review"]!["referral"]!["referral"]!["id"]!).ShouldBe((string)line["referral"]!["id"]!);

        // The plan minds it, a proposal does, and Today tells it with its age and not a second time as a restriction.
        var poles = await KeptSetUpAsync(horse);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Of(horse)}/sessions", Session(setUp: poles)))
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldContain("touched only on the right rein");
        await app.Trainer.PostAsync($"{Of(horse)}/sessions", Session(App.Today.AddDays(3)));
        (await ProposedAsync(horse)).ShouldNotContain(r => IsWaiting(r));
        (await PlannedAsync(horse)).ShouldNotContain(kind => Waiting.Contains(kind));
        var today = await TodayAsync(horse);
        ((int)today["referrals"]![0]!["daysOpen"]!).ShouldBe(0);
        today["warnings"]!.AsArray().ShouldNotContain(w => ((string)w!["text"]!).Contains("Restricted"));

        // The paper: counts by leg and rein, and the ride behind it.
        var at = $"{Of(horse)}/referrals/{line["referral"]!["id"]}";
        var paper = (await app.Trainer.GetAsync(at))["paper"]!;
        ((int)paper["passes"]!["right"]!["touched"]!, (int)paper["legs"]!["rightHind"]!).ShouldBe((5, 5));
        ((string)paper["text"]!).ShouldContain("right rein 5 of 6");

        // Its restriction ends with it, and not by another word; a rider does not answer for it.
        var restriction = (await app.Trainer.GetAsync($"{Of(horse)}/restrictions"))["all"]![0]!["restriction"]!["id"];
        var clearance = $"{Of(horse)}/restrictions/{restriction}/clearance";
        (await app.Trainer.RefusedAsync(HttpMethod.Post, clearance, new ClearanceEntry("Me"))).Fields.ShouldBe(["by"]);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{at}/outcome", new ReferralOutcomeEntry(" "))).Fields.ShouldBe(["word"]);
        await app.Vet.PostAsync($"{at}/outcome", new ReferralOutcomeEntry("a sore muscle, massaged"));
        await app.Trainer.PostAsync($"{Of(horse)}/sessions", Session(App.Today.AddDays(1), setUp: poles));
        (await TodayAsync(horse))["referrals"]!.AsArray().ShouldBeEmpty();
        (await app.Trainer.GetAsync($"{Of(horse)}/timeline"))
            .AsArray()
            .Where(l => (string)l!["what"]! == "referral")
            .Select(l => (string)l!["says"]!)
            .ShouldBe(
                [
                    "Referred to the vet: touched only on the right rein: left 0 of 6, right 5 of 6",
                    "What came of it (vet): a sore muscle, massaged",
                ],
                ignoreOrder: true
            );
        (await app.Vet.RefusedAsync(HttpMethod.Post, $"{at}/outcome", new ReferralOutcomeEntry("again"))).Fields.ShouldBe(["word"]);
    }

    [Fact]
    public async Task Closing_a_referral_clears_no_hold()
    {
        var horse = await app.AddHorseAsync();
        var ride = await RideAsync(app, new RideEntry(null, App.Today, [new SignSeen(Guid.NewGuid(), Noon, Sign.HeatInLeg, null)]), horse);
        await app.Trainer.PostAsync($"{ride}/answers", new AnswerEntry("OffOrSore", true));
        var line = (await app.Trainer.GetAsync($"{Of(horse)}/referrals"))[0]!;
        ((string)line["referral"]!["to"]!, line["waits"]).ShouldBe(("vet", null));
        await app.Trainer.PostAsync(
            $"{Of(horse)}/referrals/{line["referral"]!["id"]}/outcome",
            new ReferralOutcomeEntry("an abscess; poultice")
        );
        (await app.Trainer.GetAsync(Of(horse)))["holds"]![0]!["clearedOn"].ShouldBeNull();
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Of(horse)}/sessions", Session())).Status.ShouldBe(400);
    }

    [Fact]
    public async Task An_accepted_verdict_moves_the_rung_once_and_shows_from_where_to_where()
    {
        var horse = await app.AddHorseAsync();
        const string Rung = "flatwork/fifteen-metres";
        await RideOnRungAsync(app, horse, Rung, 4);
        var ride = await RideOnRungAsync(app, horse, Rung, 4);
        async Task<string?> PlaceAsync() =>
            (string?)
                (await app.Trainer.GetAsync($"{Of(horse)}/ladders")).AsArray().Single(p => (string)p!["strand"]! == "flatwork")!["rungId"];
        (await PlaceAsync()).ShouldBe(Rung);
        var answered = await app.Trainer.PostAsync($"{ride}/answers", new AnswerEntry("PoorTwice", true));
        var moved = answered["ladder"]!.AsArray().ShouldHaveSingleItem()!;
        ((string)moved["strand"]!).ShouldBe("flatwork");
        var below = await PlaceAsync();
        below.ShouldNotBe(Rung);
        (await app.Trainer.PostAsync($"{ride}/answers", new AnswerEntry("PoorTwice", true)))["ladder"]!.AsArray().ShouldBeEmpty();
        (await PlaceAsync()).ShouldBe(below);
    }

    [Fact]
    public async Task What_was_typed_at_the_closing_stands_on_the_next_sheet()
    {
        var horse = await app.AddHorseAsync();
        (await app.Trainer.GetAsync($"{Of(horse)}/next-time"))["nextTime"].ShouldBeNull();
        var word = new NextToDo(Guid.NewGuid(), Noon, "the right rein first");
        await RideAsync(app, Ride(null, word) with { On = App.Today.AddDays(-1) }, horse);
        var next = (await app.Trainer.GetAsync($"{Of(horse)}/rail"))["nextTime"]!;
        ((string)next["words"]![0]!).ShouldBe("the right rein first");
        ((string)(await app.Trainer.GetAsync($"{Of(horse)}/next-time"))["nextTime"]!["on"]!).ShouldBe("2026-04-17");

        // A later ride without a word has done with it.
        await RideAsync(app, Ride(), horse);
        (await app.Trainer.GetAsync($"{Of(horse)}/next-time"))["nextTime"].ShouldBeNull();
    }

    private async Task<Guid> KeptSetUpAsync(Horse horse) => Guid.Parse((await SetUpAsync(app, Poles, horse)).Split('/')[^1]);
}
