using Hippodrome.Application.Horses;
using Hippodrome.Application.Rides;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Server.People;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>From a measured stride to a judged ride and the next session, over HTTP.</summary>
public class SliceTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task A_measured_stride_changes_the_poles()
    {
        var horse = await app.AddHorseAsync();
        async Task<double> SpacingAsync() =>
            (double)
                (await app.Trainer.PostAsync($"{Calls.Of(horse)}/set-ups/measure", Calls.Raw(Calls.Poles)))["gaps"]![0]!["built"]![
                    "built"
                ]!;
        (await SpacingAsync()).ShouldBe(1.35);

        // 30 m in 21 steps: a stride of 2.86 m, measured twice.
        foreach (var _ in Enumerable.Range(0, 2))
        {
            await app.Trainer.PostAsync($"{Calls.Of(horse)}/strides", Calls.Stride with { Count = 21 });
        }

        (await SpacingAsync()).ShouldBe(1.40);
        var card = (await app.Trainer.GetAsync(Calls.Of(horse)))["strideCard"]!
            .AsArray()
            .Single(e => (string)e!["variant"]! == "trotWorking")!;
        ((int)card["measurements"]!).ShouldBe(2);

        // A strip that was measured wrong is taken off, and the card is as it was.
        var measurements = (await app.Trainer.GetAsync(Calls.Of(horse)))["measurements"]!.AsArray();
        foreach (var m in measurements)
        {
            await app.Trainer.SendAsync(HttpMethod.Delete, $"{Calls.Of(horse)}/strides/{m!["id"]}");
        }

        (await SpacingAsync()).ShouldBe(1.35);
    }

    [Fact]
    public async Task A_believable_range_is_told_when_a_stride_is_not()
    {
        var problem = await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(app.Horse)}/strides", Calls.Stride with { Count = 10 });
        problem.Faults.ShouldContain(f => f.Field == "count" && f.Says.Contains("6.00 m") && f.Mend.Contains("1.4-4.5 m"));
    }

    [Fact]
    public async Task Each_person_has_the_tape_they_like()
    {
        await app.Trainer.PutAsync("/api/me/measures", new MeasuresEntry(Core.Measures.LengthUnit.Paces, 25));
        var element = (await app.Trainer.PostAsync($"{Calls.Of(app.Horse)}/set-ups/measure", Calls.Raw(Calls.CrossPole)))["elements"]![1]!;
        ((string)element["atText"]!["paces"]!).ShouldBe("3¼");
        await app.Trainer.PutAsync("/api/me/measures", new MeasuresEntry(Core.Measures.LengthUnit.Metres));
    }

    [Fact]
    public async Task A_run_out_puts_the_fence_back_ten_centimetres_two_days_on()
    {
        var horse = await app.AddHorseAsync();
        var setUp = await KeptSetUpAsync(horse, Calls.CrossPole);
        var ride = await RideAsync(
            horse,
            setUp,
            new Efforts(Guid.NewGuid(), Calls.Noon, setUp, Rein.Left, 0.5, EffortOutcome.RunOutLeft, 1)
        );
        var review = await app.Trainer.GetAsync(ride);
        ((string)review["verdicts"]![0]!["rule"]!).ShouldBe("RanOut");

        var answered = await app.Trainer.PostAsync($"{ride}/answers", new AnswerEntry("RanOut", true));
        ((string)answered["next"]!["on"]!).ShouldBe("2026-04-20");
        var changed = await app.Trainer.GetAsync($"{Calls.Of(horse)}/set-ups/{answered["next"]!["parts"]![1]!["setUpId"]}");
        ((double)changed["entry"]!["heightMetres"]!).ShouldBe(0.4);

        // What was ridden stays as it was, and Today has the next session.
        ((double)(await app.Trainer.GetAsync($"{Calls.Of(horse)}/set-ups/{setUp}"))["entry"]!["heightMetres"]!).ShouldBe(0.5);
        var today = (await app.Trainer.GetAsync("/api/today"))["horses"]!
            .AsArray()
            .Single(h => (string)h!["horse"]!["id"]! == horse.Id.ToString())!;
        ((string)today["next"]!["id"]!).ShouldBe((string)answered["next"]!["id"]!);
        today["waiting"].ShouldBeNull();
    }

    [Fact]
    public async Task Accepting_twice_at_once_makes_one_session()
    {
        var horse = await app.AddHorseAsync();
        var ride = await RideAsync(horse, null);
        await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => app.Trainer.PostAsync($"{ride}/answers", new AnswerEntry("Stay", true))));
        var sessions = (await app.Trainer.GetAsync($"{Calls.Of(horse)}/sessions?from=2026-04-19&to=2026-05-19")).AsArray();
        sessions.Count.ShouldBe(1);
        (await app.Trainer.GetAsync(ride))["answers"]!.AsArray().Count.ShouldBe(1);
    }

    [Fact]
    public async Task Advice_is_overruled_with_a_word_and_both_are_kept()
    {
        var ride = await RideAsync(await app.AddHorseAsync(), null, new TensionSeen(Guid.NewGuid(), Calls.Noon, 4));
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{ride}/answers", new AnswerEntry("OverTheTop", false))).Fields.ShouldBe([
            "word",
        ]);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{ride}/answers", new AnswerEntry("RanOut", true))).Fields.ShouldBe(["rule"]);
        var review = (await app.Trainer.PostAsync($"{ride}/answers", new AnswerEntry("OverTheTop", false, "The tractor, not the work.")))[
            "review"
        ]!;
        ((string)review["verdicts"]![0]!["rule"]!).ShouldBe("OverTheTop");
        ((string)review["answers"]![0]!["word"]!).ShouldBe("The tractor, not the work.");
        // As it was shown, with the figures it rested on: evidence, whatever the rules say later.
        var said = review["answers"]![0]!["said"]!;
        ((string)said["do"]!).ShouldBe((string)review["verdicts"]!.AsArray().Single(v => (string)v!["rule"]! == "OverTheTop")!["do"]!);
        ((string)said["figures"]!).Length.ShouldBe(12);
    }

    /// <summary>How often a rule was overruled, in whose words, and what the next ride said.</summary>
    [Fact]
    public async Task What_was_overruled_is_listed_with_what_came_of_it()
    {
        var horse = await app.AddHorseAsync();
        var stopped = new Efforts(Guid.NewGuid(), Calls.Noon, null, Rein.Left, 0.5, EffortOutcome.Stop, 1);
        var ride = await Calls.RideAsync(app, Calls.Ride(null, stopped) with { On = App.Today.AddDays(-2) }, horse);
        await app.Trainer.PostAsync($"{ride}/answers", new AnswerEntry("StoppedFromDoubt", true));
        await app.Trainer.PostAsync($"{ride}/answers", new AnswerEntry("StoppedFromDoubt", false, "A dog ran across."));

        var rule = (await app.Trainer.GetAsync("/api/overruled")).AsArray().Single(r => (string)r!["rule"]! == "StoppedFromDoubt")!;
        var once = rule["times"]!.AsArray().Single(t => (string)t!["horseId"]! == horse.Id.ToString())!;
        ((string)once["word"]!).ShouldBe("A dog ran across.");
        ((string)once["said"]!).ShouldContain("walk over");
        once["after"].ShouldBeNull();

        await RideAsync(horse, null, new TensionSeen(Guid.NewGuid(), Calls.Noon, 4));
        rule = (await app.Trainer.GetAsync("/api/overruled")).AsArray().Single(r => (string)r!["rule"]! == "StoppedFromDoubt")!;
        var after = rule["times"]!.AsArray().Single(t => (string)t!["horseId"]! == horse.Id.ToString())!["after"]!;
        (((string)after["word"]!), ((bool)after["again"]!)).ShouldBe(("stop", false));
    }

    [Fact]
    public async Task A_sign_of_pain_holds_the_horse_until_a_vet_clears_it()
    {
        var horse = await app.AddHorseAsync();
        var entry = Calls.Ride(null, new SignSeen(Guid.NewGuid(), Calls.Noon, Sign.HeatInLeg, null));
        var ride = $"{Calls.Of(horse)}/rides/{Guid.NewGuid()}";
        await app.Rider.PostAsync($"{ride}/events", entry);

        // It cannot be overruled, nothing ridden can be planned, and Today says so.
        (
            await app.Trainer.RefusedAsync(HttpMethod.Post, $"{ride}/answers", new AnswerEntry("OffOrSore", false, "It looks fine to me."))
        ).Fields.ShouldBe(["accepted"]);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/sessions", Calls.Session()))
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldContain("heat or swelling in a leg");
        (
            await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/sessions", Calls.Session(manner: Manner.Lunged))
        ).Status.ShouldBe(400);
        (
            await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/sessions", Calls.Session(manner: Manner.InHand))
        ).Status.ShouldBe(400);

        // Only rest, until the vet has said that it may be walked in hand; and then nothing but that.
        var walk = Calls.Session(manner: Manner.InHand) with
        {
            Parts =
            [
                new()
                {
                    Phase = Phase.Work,
                    What = "Walk in hand",
                    Gait = Gait.Walk,
                    Rein = Rein.Both,
                    Minutes = 10,
                },
            ],
        };
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/sessions", walk)).Status.ShouldBe(400);
        await app.Vet.PostAsync(
            $"{Calls.Of(horse)}/holds/{(await app.Trainer.GetAsync(Calls.Of(horse)))["holds"]![0]!["id"]}/walk-in-hand",
            new WalkInHandEntry("Iva Sorrel")
        );
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions", walk);
        (
            await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/sessions", Calls.Session(manner: Manner.Lunged))
        ).Status.ShouldBe(400);

        // Taking the sign back does not lift the hold: it may have been there and gone.
        await app.Rider.PostAsync(
            $"{ride}/events",
            new RideEntry(null, App.Today, [new TakenBack(Guid.NewGuid(), Calls.Noon, entry.Events![^1].Id)])
        );
        var hold = (await app.Trainer.GetAsync(Calls.Of(horse)))["holds"]!.AsArray().ShouldHaveSingleItem()!;
        hold["clearedOn"].ShouldBeNull();

        var clearance = $"{Calls.Of(horse)}/holds/{hold["id"]}/clearance";
        (await app.Rider.RefusedAsync(HttpMethod.Post, clearance, new ClearanceEntry("Me"))).Status.ShouldBe(403);
        (await app.Vet.RefusedAsync(HttpMethod.Post, clearance, new ClearanceEntry("Iva", App.Today.AddDays(1)))).Fields.ShouldBe(["on"]);
        await app.Vet.PostAsync(clearance, new ClearanceEntry("Iva Sorrel"));
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions", Calls.Session());

        // The same events sent again by a device that was away hold nobody anew.
        await app.Rider.PostAsync($"{ride}/events", entry);
        (await app.Trainer.GetAsync(Calls.Of(horse)))["holds"]!.AsArray().ShouldAllBe(h => h!["clearedOn"] != null);
    }

    [Fact]
    public async Task A_horse_of_three_is_not_planned_under_saddle_and_no_fence_without_a_helper()
    {
        var young = await app.AddHorseAsync(age: 3);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(young)}/sessions", Calls.Session())).Faults.ShouldContain(f =>
            f.Says.Contains("too young")
        );
        var horse = await app.AddHorseAsync();
        var setUp = await KeptSetUpAsync(horse, Calls.CrossPole);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/sessions", Calls.Session(setUp: setUp, helper: false)))
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldContain("nobody on the ground");
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions", Calls.Session(setUp: setUp));
    }

    [Fact]
    public async Task What_a_vet_has_ruled_out_cannot_be_planned_until_it_is_cleared()
    {
        var horse = await app.AddHorseAsync();
        var all = await app.Vet.PostAsync($"{Calls.Of(horse)}/restrictions", Calls.NoCanter with { NoGaits = [Gait.Trot] });
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/sessions", Calls.Session()))
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldContain("no trot");
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions", Calls.Session(App.Today.AddDays(15)));
        (await app.Trainer.GetAsync("/api/today"))["horses"]!.AsArray().Single(h => (string)h!["horse"]!["id"]! == horse.Id.ToString())![
            "warnings"
        ]![0]!["text"]!
            .ToString()
            .ShouldContain("Iva Sorrel");

        await app.Vet.PostAsync(
            $"{Calls.Of(horse)}/restrictions/{all["all"]![0]!["restriction"]!["id"]}/clearance",
            new ClearanceEntry("Iva Sorrel")
        );
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions", Calls.Session());
    }

    [Fact]
    public async Task Soft_faults_are_told_and_do_not_stand_in_the_way()
    {
        var horse = await app.AddHorseAsync();
        var oneSided = Calls.Session() with
        {
            Parts = [.. Calls.Session().Parts!.Select(p => p.Phase == Phase.Work ? p with { Rein = Rein.Left } : p)],
        };
        var kept = await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions", oneSided);
        var fault = kept["check"]!["faults"]!.AsArray().ShouldHaveSingleItem()!;
        ((string)fault["rule"]!, (bool)fault["hard"]!).ShouldBe(("OneReinTooMuch", false));
        ((string)fault["why"]!["source"]!["says"]!).ShouldNotBeEmpty();
    }

    [Fact]
    public async Task Sending_twice_changes_nothing_and_another_content_under_the_same_id_is_refused()
    {
        var horse = await app.AddHorseAsync();
        var (ride, entry) = ($"{Calls.Of(horse)}/rides/{Guid.NewGuid()}", Calls.Ride());
        var first = await app.Rider.PostAsync($"{ride}/events", entry);
        var again = await app.Rider.PostAsync($"{ride}/events", entry);
        again["record"]!.ToJsonString().ShouldBe(first["record"]!.ToJsonString());
        var other = entry with { Events = [((Ridden)entry.Events![0]) with { Minutes = 99 }] };
        var problem = await app.Rider.RefusedAsync(HttpMethod.Post, $"{ride}/events", other);
        problem.Status.ShouldBe(409);
        problem.Document["events"]!.AsArray().ShouldHaveSingleItem()!.ToString().ShouldBe(entry.Events[0].Id.ToString());
        (await app.Rider.GetAsync(ride))["record"]!.ToJsonString().ShouldBe(first["record"]!.ToJsonString());
    }

    [Fact]
    public async Task A_correction_is_another_event_and_both_are_shown()
    {
        var slip = new Transitions(Guid.NewGuid(), Calls.Noon, Gait.Walk, Gait.Trot, 80);
        var ride = await RideAsync(await app.AddHorseAsync(), null, slip);
        var review = await app.Trainer.PostAsync(
            $"{ride}/events",
            new RideEntry(
                null,
                App.Today,
                [new TakenBack(Guid.NewGuid(), Calls.Noon, slip.Id), slip with { Id = Guid.NewGuid(), Count = 8 }]
            )
        );
        ((int)review["record"]!["transitions"]![0]!["count"]!).ShouldBe(8);
        review["log"]!.AsArray().Count(l => (string?)l!["takenBackBy"] == "Trainer").ShouldBe(1);
        ((int)review["record"]!["takenBack"]!).ShouldBe(1);
    }

    [Fact]
    public async Task A_ride_belongs_to_its_horse_and_names_its_horses_set_ups_and_sessions()
    {
        var (one, other) = (await app.AddHorseAsync(), await app.AddHorseAsync());
        var ride = await RideAsync(one, null);
        var elsewhere = ride.Replace(one.Id.ToString(), other.Id.ToString(), StringComparison.Ordinal);
        (await app.Trainer.RefusedAsync(HttpMethod.Get, elsewhere)).Status.ShouldBe(404);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{elsewhere}/events", Calls.Ride())).Status.ShouldBe(404);

        var setUp = await KeptSetUpAsync(other, Calls.Poles);
        var session = Guid.Parse((await Calls.SessionAsync(app, horse: other)).Split('/')[^1]);
        (
            await app.Trainer.RefusedAsync(
                HttpMethod.Post,
                $"{ride}/events",
                Calls.Ride(null, new PolesPassed(Guid.NewGuid(), Calls.Noon, setUp, Rein.Left, 3, 0, 0))
            )
        ).Fields.ShouldBe(["events[2].setUpId"]);
        (
            await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(one)}/rides/{Guid.NewGuid()}/events", Calls.Ride(session))
        ).Fields.ShouldBe(["sessionId"]);
        (
            await app.Trainer.RefusedAsync(
                HttpMethod.Post,
                $"{Calls.Of(one)}/rides/{Guid.NewGuid()}/events",
                Calls.Ride() with
                {
                    On = App.Today.AddDays(1),
                }
            )
        ).Fields.ShouldBe(["on"]);
    }

    [Fact]
    public async Task Planned_and_done_stand_side_by_side_in_minutes_and_the_horses_own_metres()
    {
        var horse = await app.AddHorseAsync();
        var session = Guid.Parse((await Calls.SessionAsync(app, horse: horse)).Split('/')[^1]);
        var review = await app.Trainer.GetAsync(await Calls.RideAsync(app, Calls.Ride(session), horse));
        ((double)review["session"]!["check"]!["totals"]!["minutes"]!).ShouldBe(36);
        var done = review["done"]!.AsArray().ShouldHaveSingleItem()!;

        // Working trot at 3.61 m/s for a quarter of an hour (Clayton 1994, value from memory).
        ((double)done["way"]!).ShouldBe(3.61 * 900, 0.1);
        ((double)review["minutesByRein"]!["left"]!).ShouldBe(7.5);
    }

    [Fact]
    public async Task A_rider_and_an_owner_see_only_the_horses_given_to_them()
    {
        var names = (await app.Stranger.GetAsync("/api/today"))["horses"]!.AsArray();
        names.ShouldBeEmpty();
        (await app.Owner.GetAsync("/api/horses")).AsArray().ShouldContain(h => (string)h!["id"]! == app.Horse.Id.ToString());
        (await app.Elsewhere.GetAsync("/api/horses")).AsArray().ShouldHaveSingleItem()!["name"]!.ToString().ShouldBe("Theirs");
    }

    private async Task<Guid> KeptSetUpAsync(Horse horse, Core.Setups.SetUpEntry entry) =>
        Guid.Parse((await Calls.SetUpAsync(app, entry, horse)).Split('/')[^1]);

    /// <summary>A session ridden today over a set-up, or over none.</summary>
    private async Task<string> RideAsync(Horse horse, Guid? setUp, params RideEvent[] more)
    {
        var session = await Calls.SessionAsync(app, Calls.Session(setUp: setUp), horse);
        return await Calls.RideAsync(app, Calls.Ride(Guid.Parse(session.Split('/')[^1]), more), horse);
    }
}
