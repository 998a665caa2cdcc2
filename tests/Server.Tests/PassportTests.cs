using System.Net;
using Hippodrome.Application;
using Hippodrome.Application.Exercises;
using Hippodrome.Application.Horses;
using Hippodrome.Application.Rides;
using Hippodrome.Core.Care;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Server.People;
using Hippodrome.Server.Rides;
using Shouldly;
using Xunit;
using static Hippodrome.Server.Tests.Calls;

namespace Hippodrome.Server.Tests;

/// <summary>The passport over HTTP: what it may do today, care, tack, approach, sides, timeline.</summary>
public class PassportTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task It_says_what_the_horse_may_do_when_it_was_ridden_and_what_is_next()
    {
        var horse = await app.AddHorseAsync();
        var fresh = await app.Trainer.GetAsync(Of(horse));
        ((string)fresh["standing"]!["may"]!, fresh["daysSinceRidden"], fresh["next"]).ShouldBe(("anyWork", null, null));
        await RideAsync(app, Ride() with { On = App.Today.AddDays(-3) }, horse);
        await app.Vet.PostAsync($"{Of(horse)}/restrictions", NoCanter);
        await app.Trainer.PostAsync($"{Of(horse)}/sessions", Session(App.Today.AddDays(2)));
        var passport = await app.Trainer.GetAsync(Of(horse));
        ((string)passport["standing"]!["may"]!, (int)passport["daysSinceRidden"]!, (string)passport["next"]!["on"]!).ShouldBe(
            ("withinLimits", 3, "2026-04-20")
        );
        ((string)passport["standing"]!["says"]!).ShouldBe("Walk, trot and gallop only, fences to 0.40 m; no grids");
    }

    /// <summary>From the end of the first four weeks on; with the pictures of both days.</summary>
    [Fact]
    public async Task Then_and_now_are_compared_once_the_book_is_old_enough_with_a_picture_of_each()
    {
        var horse = await app.AddHorseAsync();
        async Task<string> RodeAsync(int daysAgo)
        {
            var ride = await RideAsync(app, Ride() with { On = App.Today.AddDays(-daysAgo) }, horse);
            await app.Trainer.PutAsync($"{ride}/photos/{Guid.NewGuid()}", Jpeg);
            return ride.Split('/')[^1];
        }

        await RodeAsync(40);
        (await app.Trainer.GetAsync($"{Of(horse)}/then-and-now"))["compared"].ShouldBeNull();
        var (old, late) = (await RodeAsync(90), await RodeAsync(2));
        var view = await app.Trainer.GetAsync($"{Of(horse)}/then-and-now");
        ((string)view["compared"]!["then"]!).ShouldBe("2026-02-14");
        ((string)view["photoThen"]!["rideId"]!, (string)view["photoNow"]!["rideId"]!).ShouldBe((old, late));
    }

    [Fact]
    public async Task Two_restrictions_that_contradict_are_both_kept_with_a_clear_word()
    {
        var horse = await app.AddHorseAsync();
        await app.Vet.PostAsync($"{Of(horse)}/restrictions", NoCanter);
        var both = await app.Trainer.PostAsync(
            $"{Of(horse)}/restrictions",
            NoCanter with
            {
                By = "Anne Tully, vet",
                MostHeightMetres = 0.6,
                Until = null,
            }
        );
        both["all"]!.AsArray().Count.ShouldBe(2);
        both["contradictions"]!
            .AsArray()
            .Select(c => (string)c!)
            .ShouldContain(
                "Anne Tully, vet says fences to 0.60 m and Iva Sorrel, vet to 0.40 m. The lower one, by Iva Sorrel, vet, counts until it is cleared."
            );
    }

    [Fact]
    public async Task Overdue_feet_warn_on_today_and_in_every_ridden_plan_until_the_farrier_has_been()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"{Of(horse)}/care", Feet with { On = App.Today.AddDays(-50) });
        async Task<List<string>> WarningsAsync() =>
            [
                .. (await app.Trainer.GetAsync("/api/today"))["horses"]!
                    .AsArray()
                    .Single(h => (string)h!["horse"]!["id"]! == horse.Id.ToString())!["warnings"]!
                    .AsArray()
                    .Select(w => (string)w!["text"]!),
            ];
        (await WarningsAsync()).ShouldBe(["Feet: overdue by 8 days."]);
        var plan = await app.Trainer.PostAsync($"{Of(horse)}/sessions", Session());
        plan["check"]!["faults"]!.AsArray().Select(f => (string)f!["rule"]!).ShouldBe(["OverdueFeet"]);
        (await WarningsAsync()).ShouldBe(["Feet: overdue by 8 days."]);

        var care = await app.Trainer.PostAsync($"{Of(horse)}/care", Feet);
        ((string)care["due"]![0]!["state"]!).ShouldBe("fine");
        (await WarningsAsync()).ShouldBeEmpty();
    }

    [Fact]
    public async Task After_a_hold_was_cleared_it_goes_by_the_lunge_and_the_lines_to_the_saddle()
    {
        var horse = await app.AddHorseAsync();
        await RideAsync(
            app,
            Ride(null, new SignSeen(Guid.NewGuid(), Noon, Sign.OffOrUnlevel, null)) with
            {
                On = App.Today.AddDays(-3),
            },
            horse
        );
        var hold = (await app.Trainer.GetAsync(Of(horse)))["holds"]![0]!["id"];
        await app.Vet.PostAsync($"{Of(horse)}/holds/{hold}/clearance", new ClearanceEntry("Iva Sorrel", App.Today.AddDays(-1)));
        async Task<IEnumerable<string>> RulesAsync(DateOnly on, params PartEntry[] parts) =>
            (await app.Trainer.PostAsync($"{Of(horse)}/sessions/check", Session(on) with { Parts = parts }))["faults"]!
                .AsArray()
                .Select(f => (string)f!["rule"]!);
        static PartEntry Part(Manner manner, Gait gait, double minutes) =>
            PartEntry.Of(Phase.Work, "x", gait, Rein.Both, minutes) with
            {
                Manner = manner,
            };
        PartEntry[] onTheLunge = [Part(Manner.Lunged, Gait.Trot, 8), Part(Manner.InHand, Gait.Walk, 5)];
        (await RulesAsync(App.Today, Part(Manner.Ridden, Gait.Walk, 10))).ShouldBe(["StepsAfterClearance"]);
        (await RulesAsync(App.Today, onTheLunge)).ShouldBeEmpty();

        // Each day worked is a step: proposals take it too.
        var proposal = await app.Trainer.PostAsync($"{Of(horse)}/sessions/propose", Wanted(Strand.Flatwork));
        proposal["session"]!["parts"]!.AsArray().ShouldNotContain(p => (string?)p!["manner"] == "ridden" || (string?)p["gait"] == "canter");
        await RideAsync(app, Ride() with { On = App.Today }, horse);
        (await RulesAsync(App.Today.AddDays(1), Part(Manner.Lunged, Gait.Trot, 5), Part(Manner.LongReined, Gait.Trot, 5))).ShouldBeEmpty();
        (await RulesAsync(App.Today.AddDays(1), Part(Manner.Lunged, Gait.Trot, 5), Part(Manner.Ridden, Gait.Walk, 5))).ShouldBe([
            "StepsAfterClearance",
        ]);
    }

    [Fact]
    public async Task A_visit_taken_off_no_longer_counts_and_can_be_put_back()
    {
        var horse = await app.AddHorseAsync();
        var id = (await app.Trainer.PostAsync($"{Of(horse)}/care", Feet))["visits"]![0]!["id"];
        (await app.Trainer.SendAsync(HttpMethod.Delete, $"{Of(horse)}/care/{id}")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        ((string)(await app.Trainer.GetAsync($"{Of(horse)}/care"))["due"]![0]!["state"]!).ShouldBe("unknown");
        await app.Trainer.PostAsync($"{Of(horse)}/care/{id}/restore", new { });
        ((string)(await app.Trainer.GetAsync($"{Of(horse)}/care"))["due"]![0]!["state"]!).ShouldBe("fine");
        (await app.Trainer.RefusedAsync(HttpMethod.Delete, $"{Of(app.Horse)}/care/{id}")).Status.ShouldBe(404);
    }

    [Theory]
    [InlineData(1, "That day has not come yet.")]
    [InlineData(-5000, "was foaled in")]
    public async Task A_visit_on_a_day_that_cannot_be_is_refused(int days, string says) =>
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Of(app.Horse)}/care", Feet with { On = App.Today.AddDays(days) }))
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldContain(says);

    [Fact]
    public async Task Weight_comes_with_what_was_measured()
    {
        var body = (await app.Trainer.PostAsync($"{Of(await app.AddHorseAsync())}/body", Body))["body"]![0]!;
        ((double)body["weightKg"]!, (double)body["condition"]!).ShouldBe((502, 5.5));
    }

    /// <summary>Ridden again after 20 days: the saddle is due three weeks later, though it was fitted lately.</summary>
    [Fact]
    public async Task A_return_brings_the_saddle_forward()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"{Of(horse)}/care", new CareEntry(CareKind.Saddle, App.Today.AddDays(-40)));
        async Task<string> DueAsync() => (string)(await app.Trainer.GetAsync($"{Of(horse)}/care"))["due"]![1]!["dueOn"]!;
        (await DueAsync()).ShouldBe("2026-09-07");
        await RideAsync(app, Ride() with { On = App.Today.AddDays(-39) }, horse);
        await RideAsync(app, Ride() with { On = App.Today.AddDays(-10) }, horse);
        (await DueAsync()).ShouldBe("2026-04-29");
    }

    [Fact]
    public async Task A_bit_kept_for_something_else_is_told_in_the_plan()
    {
        var horse = await app.AddHorseAsync();
        var bit = (await app.Trainer.PostAsync($"{Of(horse)}/tack", new TackEntry(TackKind.Bit, "Jumping bit", [Strand.Jumping])))[0]![
            "tack"
        ]!["id"]!;
        var plan = await app.Trainer.PostAsync($"{Of(horse)}/sessions", Session() with { TackIds = [Guid.Parse((string)bit!)] });
        plan["check"]!["faults"]!.AsArray().Select(f => (string)f!["says"]!).ShouldBe(["Jumping bit is not for flatwork."]);
        plan["tackIds"]!.AsArray().Count.ShouldBe(1);
        (
            await app.Trainer.RefusedAsync(
                HttpMethod.Post,
                $"{Of(app.Horse)}/sessions",
                Session() with
                {
                    TackIds = [Guid.Parse((string)bit!)],
                }
            )
        ).Fields.ShouldBe(["tackIds"]);
    }

    [Fact]
    public async Task The_later_of_two_edits_of_a_bit_is_told()
    {
        var horse = await app.AddHorseAsync();
        var id = (await app.Trainer.PostAsync($"{Of(horse)}/tack", Snaffle))[0]!["tack"]!["id"];
        await app.Trainer.PutAsync($"{Of(horse)}/tack/{id}", new Change<TackEntry>(1, Snaffle with { Notes = "first" }));
        var late = await app.Trainer.RefusedAsync(
            HttpMethod.Put,
            $"{Of(horse)}/tack/{id}",
            new Change<TackEntry>(1, Snaffle with { Notes = "second" })
        );
        (late.Status, (string)late.Document["current"]!["tack"]!["notes"]!).ShouldBe((409, "first"));
    }

    [Fact]
    public async Task A_horses_own_approach_goes_before_the_yards_and_can_go_back()
    {
        var horse = await app.AddHorseAsync();
        async Task<(string, string)> HoldsAsync()
        {
            var topic = (await app.Trainer.GetAsync($"{Of(horse)}/approach"))["topics"]!
                .AsArray()
                .Single(t => (string)t!["question"]! == "mistake")!;
            return ((string)topic["holds"]!, (string)topic["from"]!);
        }

        (await HoldsAsync()).ShouldBe(("rebuild", "default"));
        await app.Trainer.PutAsync($"{Of(horse)}/temperament", new TemperamentEntry(Temperament.Bold));
        (await HoldsAsync()).ShouldBe(("find-out", "default"));
        await app.Trainer.PutAsync("/api/approach", new ApproachEntry(ApproachQuestion.Mistake, "take-it-now", "so we do"));
        (await HoldsAsync()).ShouldBe(("take-it-now", "yard"));
        await app.Trainer.PutAsync(
            $"{Of(horse)}/approach",
            new ApproachEntry(ApproachQuestion.Mistake, "rebuild", "she was let down once")
        );
        (await HoldsAsync()).ShouldBe(("rebuild", "own"));
        await app.Trainer.PutAsync($"{Of(horse)}/approach", new ApproachEntry(ApproachQuestion.Mistake));
        (await HoldsAsync()).ShouldBe(("take-it-now", "yard"));
    }

    [Fact]
    public async Task The_left_rein_that_comes_level_is_told_with_its_trend()
    {
        var horse = await app.AddHorseAsync();
        foreach (var (left, week) in new[] { 5, 5.5, 6, 6, 6.5, 6.5, 7 }.Select((l, i) => (l, i)))
        {
            RideEvent[] marks =
            [
                new Marked(Guid.NewGuid(), Noon, Rein.Left, Mark.Of(left), ""),
                new Marked(Guid.NewGuid(), Noon, Rein.Right, Mark.Of(7.5), ""),
            ];
            await RideAsync(app, new RideEntry(null, App.Today.AddDays(-7 * (7 - week)), marks), horse);
        }

        var trend = (await app.Trainer.GetAsync($"{Of(horse)}/sides"))["trend"]!;
        ((string)trend["weaker"]!, (bool)trend["narrowing"]!, trend["points"]!.AsArray().Count).ShouldBe(("left", true, 7));
        ((string)trend["says"]!).ShouldContain("narrows");
    }

    [Fact]
    public async Task The_timeline_tells_what_happened_the_latest_first()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"{Of(horse)}/care", Feet with { On = App.Today.AddDays(-4) });
        await app.Trainer.PostAsync($"{Of(horse)}/ladders/moves", Move("poles/walk-poles"));
        await RideAsync(
            app,
            Ride(null, new SignSeen(Guid.NewGuid(), Noon, Sign.SoreBack, null)) with
            {
                On = App.Today.AddDays(-2),
            },
            horse
        );
        var lines = (await app.Trainer.GetAsync($"{Of(horse)}/timeline")).AsArray();
        lines.Select(l => (string)l!["what"]!).ShouldBe(["rung", "ride", "hold", "care"]);
        lines.Select(l => (string)l!["on"]!).ShouldBe(lines.Select(l => (string)l!["on"]!).OrderDescending());
    }

    [Fact]
    public async Task A_new_place_is_no_day_to_go_up()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"{Of(horse)}/ladders/moves", Move("flatwork/trot-canter"));
        await RideOnRungAsync(app, horse, "poles/walk-poles", 8);
        var entry = Session() with
        {
            Place = "Ashlode",
            Parts = [.. Session().Parts!.Select(p => p.Phase == Phase.Work ? p with { RungId = "poles/walk-poles" } : p)],
        };
        var session = Guid.Parse((await SessionAsync(app, entry, horse)).Split('/')[^1]);
        await RideAsync(
            app,
            new RideEntry(
                session,
                App.Today,
                [
                    new Marked(Guid.NewGuid(), Noon, Rein.Both, Mark.Of(8), ""),
                    new TensionSeen(Guid.NewGuid(), Noon, 1),
                    new ClosingTest(Guid.NewGuid(), Noon, true),
                ]
            ),
            horse
        );
        var place = (await app.Trainer.GetAsync($"{Of(horse)}/ladders")).AsArray().Single(p => (string)p!["strand"]! == "poles")!;
        place["missing"]!.AsArray().Select(m => (string)m!).ShouldBe(["not on the first day at a new place"]);
    }

    [Fact]
    public async Task A_yards_own_exercise_stands_first_and_a_hidden_one_says_so()
    {
        var rung = $"{Of(app.Horse)}/ladders/poles/raised-trot";
        var made = await app.Trainer.PostAsync("/api/library/exercises", OwnExercise with { RungId = "poles/raised-trot" });
        var before = await app.Trainer.GetAsync(rung);
        ((string)before["exercises"]![0]!["own"]!["id"]!).ShouldBe((string)made["id"]!);
        var catalogue = (string)before["exercises"]![1]!["exercise"]!["id"]!;
        await app.Trainer.PutAsync("/api/library/hidden", new HiddenEntry(catalogue, true));
        var after = await app.Trainer.GetAsync(rung);
        ((bool)after["exercises"]![1]!["hidden"]!, (string)after["exercises"]![1]!["exercise"]!["name"]!).ShouldBe(
            (true, (string)before["exercises"]![1]!["exercise"]!["name"]!)
        );
        (await app.Elsewhere.GetAsync($"/api/library"))["ladders"]!.AsArray().Count.ShouldBe(12);
        await app.Trainer.PutAsync("/api/library/hidden", new HiddenEntry(catalogue, false));
        ((bool)(await app.Trainer.GetAsync(rung))["exercises"]![1]!["hidden"]!).ShouldBeFalse();
    }

    [Fact]
    public async Task A_note_on_a_rung_is_kept_and_a_late_edit_told()
    {
        await app.Trainer.PutAsync("/api/library/notes", new Change<RungNoteEntry>(0, new("flatwork/trot-canter", "on the grass")));
        await app.Trainer.PutAsync("/api/library/notes", new Change<RungNoteEntry>(1, new("flatwork/trot-canter", "on the sand")));
        var late = await app.Trainer.RefusedAsync(
            HttpMethod.Put,
            "/api/library/notes",
            new Change<RungNoteEntry>(1, new("flatwork/trot-canter", "in the wood"))
        );
        (late.Status, (string)late.Document["current"]!["note"]!).ShouldBe((409, "on the sand"));
        ((string)(await app.Trainer.GetAsync($"{Of(app.Horse)}/ladders/flatwork/trot-canter"))["note"]!["note"]!).ShouldBe("on the sand");
    }
}
