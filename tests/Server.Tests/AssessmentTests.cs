using System.Text.Json.Nodes;
using Hippodrome.Application.Assessments;
using Hippodrome.Application.Horses;
using Hippodrome.Core.Assessments;
using Hippodrome.Core.Horses;
using Shouldly;
using Xunit;
using static Hippodrome.Server.Tests.Calls;

namespace Hippodrome.Server.Tests;

/// <summary>The assessment ride over HTTP: tapped, interrupted, taken up again, finished, followed.</summary>
public class AssessmentTests(App app) : IClassFixture<App>
{
    private static SheetAnswersEntry BothReins(AssessmentItem item, double left, double right, params Felt[] onLeft) =>
        Taps(Tap(item, Rein.Left, left, onLeft), Tap(item, Rein.Right, right));

    private static JsonNode Proposal(JsonNode view, string strand) =>
        view["proposals"]!.AsArray().Single(p => (string)p!["strand"]! == strand)!;

    [Fact]
    public async Task A_sheet_is_left_taken_up_again_finished_and_followed()
    {
        var horse = await app.AddHorseAsync();
        var sheet = await AssessmentAsync(app, horse);
        await app.Rider.PutAsync($"{sheet}/answers", BothReins(AssessmentItem.Walk, 7, 7));
        await app.Rider.PutAsync($"{sheet}/answers", BothReins(AssessmentItem.TrotCircle, 7, 6));

        // Another device, later: what was tapped is there.
        var taken = await app.Trainer.GetAsync(sheet);
        ((double)taken["lines"]![3]!["sides"]![1]!["answer"]!["mark"]!).ShouldBe(6);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Of(horse)}/assessments", new AssessmentEntry()))
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldContain("unfinished sheet");

        foreach (
            var (item, left, right, felt) in new (AssessmentItem, double, double, Felt[])[]
            {
                (AssessmentItem.YieldFromLeg, 7, 6.5, []),
                (AssessmentItem.Spiral, 7, 6, []),
                (AssessmentItem.TrotWalk, 7, 7, []),
                (AssessmentItem.Canter, 6, 7, [Felt.LateDepart]),
                (AssessmentItem.Stretch, 7, 7, []),
            }
        )
        {
            await app.Trainer.PutAsync($"{sheet}/answers", BothReins(item, left, right, felt));
        }

        await app.Trainer.PutAsync(
            $"{sheet}/answers",
            Taps(new SheetAnswerEntry(AssessmentItem.DroppedRein, Rein.Both, Minute: 48, Passed: true))
        );
        var done = await app.Trainer.PostAsync($"{sheet}/finish", new { });
        ((string)done["findings"]!["stiffSide"]!["side"]!, (string)done["findings"]!["stiffSide"]!["clarity"]!).ShouldBe(
            ("right", "clear")
        );
        ((string)done["findings"]!["harderLead"]!["side"]!).ShouldBe("left");
        ((int)done["firstWeeks"]!["weeks"]![0]!["minutesEach"]!).ShouldBe(45);
        ((string)Proposal(done, "flatwork")["rungId"]!).ShouldBe("flatwork/trot-canter");

        var moved = await app.Trainer.PostAsync($"{sheet}/places", new AcceptEntry([Strand.InHand, Strand.Lunge, Strand.Flatwork]));
        ((bool)Proposal(moved, "flatwork")["moves"]!).ShouldBeFalse();
        var place = (await app.Trainer.GetAsync($"{Of(horse)}/ladders")).AsArray().Single(p => (string)p!["strand"]! == "flatwork")!;
        ((string)place["rungId"]!, (string)place["lastMove"]!["kind"]!).ShouldBe(("flatwork/trot-canter", "assessed"));
        (await app.Trainer.RefusedAsync(HttpMethod.Put, $"{sheet}/answers", BothReins(AssessmentItem.Walk, 8, 8)))
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldContain("finished");
    }

    [Fact]
    public async Task Lameness_on_the_sheet_holds_the_horse_at_once_and_ends_the_ride()
    {
        var horse = await app.AddHorseAsync();
        var sheet = await AssessmentAsync(app, horse);
        await app.Rider.PutAsync(
            $"{sheet}/answers",
            Taps(Tap(AssessmentItem.TrotCircle, Rein.Left, 4, Felt.OffOrUnlevel), Tap(AssessmentItem.TrotCircle, Rein.Right, 6))
        );
        var hold = (await app.Trainer.GetAsync(Of(horse)))["holds"]!.AsArray().ShouldHaveSingleItem()!;
        ((string)hold["because"]!).ShouldContain("assessment ride");
        (await app.Rider.RefusedAsync(HttpMethod.Put, $"{sheet}/answers", BothReins(AssessmentItem.Canter, 6, 6)))
            .Faults[0]
            .Says.ShouldContain("held");
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Of(horse)}/sessions", Session()))
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldContain("is held");

        // Cleared: the sheet goes on, and the same answer sent again holds nobody.
        await app.Vet.PostAsync($"{Of(horse)}/holds/{hold["id"]}/clearance", new ClearanceEntry("Iva Sorrel"));
        await app.Rider.PutAsync($"{sheet}/answers", Taps(Tap(AssessmentItem.TrotCircle, Rein.Left, 4, Felt.OffOrUnlevel)));
        (await app.Trainer.GetAsync(Of(horse)))["holds"]!.AsArray().ShouldAllBe(h => h!["clearedOn"] != null);
    }

    [Fact]
    public async Task After_a_rest_trot_and_canter_wait()
    {
        var sheet = await AssessmentAsync(app, weeksOff: 6);
        var view = await app.Trainer.GetAsync(sheet);
        view["lines"]!.AsArray().Count(l => (bool)l!["gate"]!["open"]!).ShouldBe(6);
        ((string)view["lines"]![8]!["gate"]!["opensOn"]!).ShouldBe("2026-05-23");
        (await app.Trainer.RefusedAsync(HttpMethod.Put, $"{sheet}/answers", BothReins(AssessmentItem.TrotCircle, 6, 6))).Fields.ShouldBe([
            "answers[0].item",
            "answers[1].item",
        ]);
    }

    [Fact]
    public async Task A_restriction_shuts_its_gait_on_the_sheet()
    {
        var horse = await app.AddHorseAsync();
        await app.Vet.PostAsync($"{Of(horse)}/restrictions", NoCanter);
        var sheet = await AssessmentAsync(app, horse);
        (await app.Trainer.RefusedAsync(HttpMethod.Put, $"{sheet}/answers", BothReins(AssessmentItem.Canter, 6, 6)))
            .Faults[0]
            .Says.ShouldContain("ruled out by Iva Sorrel");
    }

    [Fact]
    public async Task A_later_ride_lies_beside_the_baseline()
    {
        var horse = await app.AddHorseAsync();
        foreach (var left in new[] { 5.0, 6, 7 })
        {
            var sheet = await AssessmentAsync(app, horse);
            await app.Trainer.PutAsync($"{sheet}/answers", BothReins(AssessmentItem.Spiral, left, 7));
            await app.Trainer.PostAsync($"{sheet}/finish", new { });
        }

        var all = (await app.Trainer.GetAsync($"{Of(horse)}/assessments")).AsArray();
        var latest = await app.Trainer.GetAsync($"{Of(horse)}/assessments/{all[0]!["id"]}");
        ((string)latest["besideId"]!, (double)latest["beside"]![0]!["change"]!).ShouldBe(((string)all[2]!["id"]!, 2.0));
        var other = await app.Trainer.GetAsync($"{Of(horse)}/assessments/{all[0]!["id"]}?beside={all[1]!["id"]}");
        ((double)other["beside"]![0]!["change"]!).ShouldBe(1.0);
        (await app.Trainer.GetAsync($"{Of(horse)}/assessments/{all[2]!["id"]}"))["besideId"].ShouldBeNull();
    }

    [Fact]
    public async Task One_bad_tap_of_several_keeps_none()
    {
        var sheet = await AssessmentAsync(app);
        (
            await app.Trainer.RefusedAsync(
                HttpMethod.Put,
                $"{sheet}/answers",
                Taps(Tap(AssessmentItem.Walk, Rein.Left, 7), Tap(AssessmentItem.Walk, Rein.Right, 11))
            )
        ).Fields.ShouldBe(["answers[1].mark"]);
        (await app.Trainer.GetAsync(sheet))["lines"]![0]!["sides"]![0]!["answer"].ShouldBeNull();
    }

    [Fact]
    public async Task An_empty_sheet_is_not_finished_and_a_finished_one_not_again()
    {
        var sheet = await AssessmentAsync(app);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{sheet}/finish", new { }))
            .Faults[0]
            .Says.ShouldContain("Nothing has been marked");
        await app.Trainer.PutAsync($"{sheet}/answers", BothReins(AssessmentItem.Walk, 7, 7));
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{sheet}/places", new AcceptEntry([Strand.InHand])))
            .Faults[0]
            .Says.ShouldContain("not finished");
        await app.Trainer.PostAsync($"{sheet}/finish", new { });
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{sheet}/finish", new { })).Status.ShouldBe(400);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{sheet}/places", new AcceptEntry([Strand.Jumping])))
            .Faults[0]
            .Says.ShouldContain("None of these would move");
    }

    [Fact]
    public async Task Eight_taps_on_begin_make_one_sheet()
    {
        var horse = await app.AddHorseAsync();
        var answers = await Task.WhenAll(
            Enumerable.Range(0, 8).Select(_ => app.Trainer.SendAsync(HttpMethod.Post, $"{Of(horse)}/assessments", new AssessmentEntry()))
        );
        answers.Count(a => a.IsSuccessStatusCode).ShouldBe(1);
    }

    [Fact]
    public async Task A_three_year_old_and_a_held_horse_begin_none()
    {
        var young = await app.AddHorseAsync(age: 3);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Of(young)}/assessments", new AssessmentEntry()))
            .Faults[0]
            .Says.ShouldContain("too young");
        var held = await app.AddHorseAsync();
        await RideAsync(app, Ride(null, new Core.Rides.SignSeen(Guid.NewGuid(), Noon, Core.Rides.Sign.SoreBack, null)), held);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Of(held)}/assessments", new AssessmentEntry()))
            .Faults[0]
            .Says.ShouldContain("is held");
    }

    [Fact]
    public async Task The_sheet_of_another_horse_is_not_found()
    {
        var sheet = await AssessmentAsync(app);
        (await app.Trainer.RefusedAsync(HttpMethod.Get, $"{Of(app.Horse)}/assessments/{sheet.Split('/')[^1]}")).Status.ShouldBe(404);
        (
            await app.Trainer.RefusedAsync(
                HttpMethod.Put,
                $"{Of(app.Horse)}/assessments/{sheet.Split('/')[^1]}/answers",
                BothReins(AssessmentItem.Walk, 7, 7)
            )
        ).Status.ShouldBe(404);
    }
}
