using System.Text.Json.Nodes;
using Hippodrome.Application;
using Hippodrome.Application.Rides;
using Hippodrome.Application.Setups;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Composing a session and recording it at the rail, over HTTP.</summary>
public class RailTests(App app) : IClassFixture<App>
{
    private readonly Guid _phone = Guid.NewGuid();
    private int _number;

    private T At<T>(double minute, Func<Guid, DateTimeOffset, T> make)
        where T : RideEvent =>
        make(Guid.NewGuid(), Calls.Noon.AddMinutes(minute)) with
        {
            Clock = new TapClock(_phone, _phone, _number++, minute * 60),
        };

    private RideEvent[] Ten() =>
        [
            At(0, (id, at) => new GaitNow(id, at, Gait.Walk)),
            At(0, (id, at) => new PartBegun(id, at, 0)),
            At(6, (id, at) => new GaitNow(id, at, Gait.Trot)),
            At(10, (id, at) => new RideEnded(id, at)),
        ];

    [Fact]
    public async Task A_proposed_session_can_be_kept_and_sets_out_what_it_needs_once()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("flatwork/trot-canter"));
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("poles/trot-poles"));
        var proposal = await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions/propose", Calls.Wanted());
        proposal["because"]!.AsArray().Count.ShouldBe(proposal["session"]!["parts"]!.AsArray().Count);
        var kept = await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions", proposal["session"]!);
        kept["check"]!["faults"]!.AsArray().ShouldNotContain(f => (bool)f!["hard"]!);
        var poles = kept["parts"]!.AsArray().Where(p => (string?)p!["rungId"] == "poles/trot-poles").ToList();
        poles.ShouldNotBeEmpty();
        poles.ShouldAllBe(p => p!["setUpId"] != null);
        ((int)kept["check"]!["totals"]!["passes"]!).ShouldBeGreaterThan(0);

        var before = (await app.Trainer.GetAsync($"{Calls.Of(horse)}/set-ups")).AsArray().Count;
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions", proposal["session"]!);
        (await app.Trainer.GetAsync($"{Calls.Of(horse)}/set-ups")).AsArray().Count.ShouldBe(before);
    }

    [Fact]
    public async Task The_next_proposal_begins_on_the_other_rein()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("flatwork/fifteen-metres"));
        async Task<string> FirstRein(DateOnly on)
        {
            var proposal = await app.Trainer.PostAsync(
                $"{Calls.Of(horse)}/sessions/propose",
                Calls.Wanted(Strand.Flatwork) with
                {
                    On = on,
                }
            );
            await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions", proposal["session"]!);
            return proposal["session"]!["parts"]!.AsArray().Select(p => (string)p!["rein"]!).First(r => r != "both");
        }

        (await FirstRein(App.Today.AddDays(1))).ShouldNotBe(await FirstRein(App.Today.AddDays(2)));
    }

    [Fact]
    public async Task A_held_horse_is_proposed_nothing_and_the_rail_says_why()
    {
        var horse = await app.AddHorseAsync();
        await app.Rider.PostAsync(
            $"{Calls.Of(horse)}/rides/{Guid.NewGuid()}/taps",
            new RideEntry(null, App.Today, [At(0, (id, at) => new SignSeen(id, at, Sign.OffOrUnlevel, Rein.Left))])
        );
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/sessions/propose", Calls.Wanted())).Fields.ShouldBe(["focus"]);
        ((string)(await app.Rider.GetAsync($"{Calls.Of(horse)}/rail"))["heldBecause"]!).ShouldContain("off");
    }

    [Fact]
    public async Task A_soft_fault_kept_with_a_word_is_kept_with_the_session_and_quiet_today()
    {
        var horse = await app.AddHorseAsync();
        var oneSided = Calls.Session() with
        {
            Parts = [.. Calls.Session().Parts!.Select(p => p.Phase == Phase.Work ? p with { Rein = Rein.Left } : p)],
            KeptFaults = [new("OneReinTooMuch", "the stiff side, today")],
        };
        var kept = await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions", oneSided);
        ((string)kept["check"]!["faults"]![0]!["keptBecause"]!).ShouldBe("the stiff side, today");
        kept["check"]!["faults"]![0]!["mends"]!.AsArray().ShouldNotBeEmpty();

        // With the fault as it was shown, and as it was shown then when other things of the plan change.
        var said = kept["keptFaults"]![0]!["said"]!;
        ((string)said["says"]!).ShouldBe((string)kept["check"]!["faults"]![0]!["says"]!);
        ((string)said["figures"]!).Length.ShouldBe(12);
        said["inputs"]!.AsArray().ShouldContain(i => i!["values"]!.AsArray().Count > 0);
        var longer = oneSided with
        {
            Parts = [.. oneSided.Parts!.Select(p => p.Phase == Phase.Work ? p with { Minutes = p.Minutes + 2 } : p)],
        };
        var changed = await app.Trainer.PutAsync($"{Calls.Of(horse)}/sessions/{kept["id"]}", new Change<SessionEntry>(1, longer));
        changed["keptFaults"]![0]!["said"]!.ToJsonString().ShouldBe(said.ToJsonString());
        (await app.Trainer.GetAsync("/api/today"))["horses"]!.AsArray().Single(h => (string)h!["horse"]!["id"]! == horse.Id.ToString())![
            "warnings"
        ]!
            .AsArray()
            .ShouldBeEmpty();
    }

    [Fact]
    public async Task The_rail_carries_the_plan_its_set_ups_the_advice_and_the_ride_both_devices_will_make()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("grids/square-oxer"));
        var setUp = (await app.Trainer.PostAsync($"{Calls.Of(horse)}/set-ups", new NamedSetUpEntry("Grid", Calls.Grid)))["id"]!;
        var session = (await Calls.SessionAsync(app, Calls.Session(setUp: Guid.Parse((string)setUp!)), horse)).Split('/')[^1];
        var sheet = await app.Rider.GetAsync($"{Calls.Of(horse)}/rail?sessionId={session}");
        ((string)sheet["rideId"]!).ShouldBe(session);
        sheet["facts"]!["parts"]!.AsArray().Count.ShouldBe(sheet["session"]!["parts"]!.AsArray().Count);
        sheet["facts"]!["parts"]!.AsArray().ShouldContain(p => (string)p!["pad"]! == "fence" && (int)p["fences"]! == 3);
        sheet["setUps"]!.AsArray().ShouldHaveSingleItem();
        sheet["stops"]!.AsArray().Select(s => (string)s!["advice"]!["rule"]!).ShouldBe(["OffOrSore", "Fall"]);
        (await app.Rider.RefusedAsync(HttpMethod.Get, $"{Calls.Of(app.Horse)}/rail?sessionId={session}")).Status.ShouldBe(404);
    }

    [Fact]
    public async Task Taps_from_two_devices_twice_and_in_the_wrong_order_are_one_ride()
    {
        var horse = await app.AddHorseAsync();
        var session = Guid.Parse((await Calls.SessionAsync(app, horse: horse)).Split('/')[^1]);
        var taps = Ten();
        var address = $"{Calls.Of(horse)}/rides/{session}/taps";
        RideEntry Of(params RideEvent[] some) => new(session, App.Today, some);
        await app.Rider.PostAsync(address, Of(taps[3], taps[1]));
        await app.Trainer.PostAsync(address, Of(taps[2], taps[3]));
        var received = await app.Rider.PostAsync(address, Of(taps[0], taps[1], taps[2]));
        received["taps"]!.AsArray().Count.ShouldBe(3);
        (await app.Trainer.GetAsync(address)).AsArray().Count.ShouldBe(4);

        var review = await app.Trainer.GetAsync($"{Calls.Of(horse)}/rides/{session}");
        ((double)review["record"]!["minutes"]!).ShouldBe(10, 1e-6);
        ((double)review["parts"]![0]!["done"]!["minutes"]!).ShouldBe(10, 1e-6);
        review["parts"]![1]!["done"].ShouldBeNull();
        ((string)review["rider"]!).ShouldNotBeNull();
    }

    [Fact]
    public async Task A_session_taken_off_while_it_was_ridden_without_a_signal_comes_back()
    {
        var horse = await app.AddHorseAsync();
        var session = await Calls.SessionAsync(app, horse: horse);
        (await app.Trainer.SendAsync(HttpMethod.Delete, session)).IsSuccessStatusCode.ShouldBeTrue();
        var id = Guid.Parse(session.Split('/')[^1]);
        await app.Rider.PostAsync($"{Calls.Of(horse)}/rides/{id}/taps", new RideEntry(id, App.Today, Ten()));
        ((string)(await app.Trainer.GetAsync(session))["rideId"]!).ShouldBe(id.ToString());
    }

    [Fact]
    public async Task A_line_over_poles_as_it_goes_moves_the_stride_card_and_one_for_a_count_tells_adjustability()
    {
        var horse = await app.AddHorseAsync();
        async Task<int> Measured() => (await app.Trainer.GetAsync(Calls.Of(horse)))["measurements"]!.AsArray().Count;
        StridesCounted Line(double metres, int strides, bool poles) =>
            At(1, (id, at) =>
                new StridesCounted(id, at, null, GaitVariant.CanterWorking, Rein.Left, metres, strides, poles, 3) { AsItGoes = true }
            );
        var good = Line(10, 3, true);
        var ride = $"{Calls.Of(horse)}/rides/{Guid.NewGuid()}/taps";
        var before = await Measured();

        // 10 m in three strides is 2.50 m; in nine it would be 1 m, which is no canter; over fences it says nothing of the stride.
        await app.Rider.PostAsync(ride, new RideEntry(null, App.Today, [good, Line(10, 9, true), Line(14.6, 3, false)]));
        (await Measured()).ShouldBe(before + 1);
        await app.Rider.PostAsync(ride, new RideEntry(null, App.Today, [good]));
        (await Measured()).ShouldBe(before + 1);
        await app.Rider.PostAsync(ride, new RideEntry(null, App.Today, [At(2, (id, at) => new TakenBack(id, at, good.Id))]));
        (await Measured()).ShouldBe(before);

        // For a count: 10 m in two and in four is 3.33 and 2.00 m (common practice), and no measure of its canter.
        StridesCounted Counted(int strides) => Line(10, strides, true) with { Id = Guid.NewGuid(), AsItGoes = false };
        await app.Rider.PostAsync(ride, new RideEntry(null, App.Today, [Counted(2), Counted(4)]));
        (await Measured()).ShouldBe(before);
        ((double)(await app.Trainer.GetAsync($"{Calls.Of(horse)}/accordions"))["now"]!).ShouldBe(1.67);
    }

    [Fact]
    public async Task Evidence_for_a_rung_is_that_of_its_parts()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("flatwork/trot-canter"));
        var parts = Calls.Session().Parts!.Select(p => p.Phase == Phase.Work ? p with { RungId = "flatwork/trot-canter" } : p).ToList();
        var worked = parts.FindIndex(p => p.RungId is not null);
        var session = Guid.Parse((await Calls.SessionAsync(app, Calls.Session() with { Parts = parts }, horse)).Split('/')[^1]);
        RideEvent Mark(double minute, double mark) =>
            At(minute, (id, at) => new Marked(id, at, Rein.Both, Core.Measures.Mark.Of(mark), ""));
        await app.Rider.PostAsync(
            $"{Calls.Of(horse)}/rides/{session}/taps",
            new RideEntry(
                session,
                App.Today,
                [At(0, (id, at) => new PartBegun(id, at, 0)), Mark(1, 4), At(2, (id, at) => new PartBegun(id, at, worked)), Mark(3, 8)]
            )
        );
        var rung = await app.Trainer.GetAsync($"{Calls.Of(horse)}/ladders/flatwork/trot-canter");
        ((double)rung["evidence"]![0]!["marks"]!["left"]!).ShouldBe(8);
    }

    [Fact]
    public async Task A_picture_is_kept_once_and_only_a_picture()
    {
        var ride = await Calls.RideAsync(app);
        var photo = $"{ride}/photos/{Guid.NewGuid()}";
        await app.Rider.PutAsync(photo, Calls.Jpeg);
        await app.Rider.PutAsync(photo, Calls.Jpeg);
        (await app.Trainer.GetAsync(ride))["photos"]!.AsArray().ShouldHaveSingleItem();
        (await app.Owner.SendAsync(HttpMethod.Get, photo)).Content.Headers.ContentType!.MediaType.ShouldBe("image/jpeg");
        (
            await app.Rider.RefusedAsync(
                HttpMethod.Put,
                $"{ride}/photos/{Guid.NewGuid()}",
                new PhotoEntry(Convert.ToBase64String(new byte[300]))
            )
        ).Fields.ShouldBe(["jpeg"]);
        (
            await app.Rider.RefusedAsync(
                HttpMethod.Put,
                $"{Calls.Of(app.Horse)}/rides/{Guid.NewGuid()}/photos/{Guid.NewGuid()}",
                Calls.Jpeg
            )
        ).Status.ShouldBe(404);
    }

    [Fact]
    public async Task Feet_know_what_they_have_worked()
    {
        var horse = await app.AddHorseAsync();
        await Calls.RideAsync(
            app,
            new RideEntry(null, App.Today.AddDays(-20), [new Ridden(Guid.NewGuid(), Calls.Noon, Gait.Walk, Rein.Both, 99)]),
            horse
        );
        var care = await app.Trainer.PostAsync($"{Calls.Of(horse)}/care", Calls.Feet with { On = App.Today.AddDays(-10) });
        ((double)care["sinceFeet"]!["minutes"]!).ShouldBe(0);
        await Calls.RideAsync(app, new RideEntry(null, App.Today, Ten()), horse);
        ((double)(await app.Trainer.GetAsync($"{Calls.Of(horse)}/care"))["sinceFeet"]!["minutes"]!).ShouldBe(10, 1e-6);
    }

    [Fact]
    public async Task Load_is_what_the_rides_of_each_week_add_up_to()
    {
        var horse = await app.AddHorseAsync();
        async Task Ride(int daysAgo, double minutes, double exertion) =>
            await Calls.RideAsync(
                app,
                new RideEntry(
                    null,
                    App.Today.AddDays(-daysAgo),
                    [
                        new Ridden(Guid.NewGuid(), Calls.Noon, Gait.Walk, Rein.Both, minutes),
                        new ExertionSeen(Guid.NewGuid(), Calls.Noon, exertion),
                    ]
                ),
                horse
            );
        await Ride(7, 40, 3);
        await Ride(7, 20, 2);
        await Ride(0, 30, 4);
        var load = await app.Trainer.GetAsync($"{Calls.Of(horse)}/load");
        load["weeks"]!.AsArray().Select(w => (double)w!["load"]!).Where(l => l > 0).ShouldBe([160, 120]);
        ((double)load["shortAverage"]!).ShouldBeGreaterThan(0);
    }

    [Fact]
    public async Task Templates_can_be_checked_for_any_horse()
    {
        foreach (var template in (await app.Owner.GetAsync("/api/session-templates")).AsArray())
        {
            var entry = (JsonObject)template!["session"]!.DeepClone();
            entry["on"] = "2026-04-18";
            await app.Trainer.PostAsync($"{Calls.Of(app.Horse)}/sessions/check", entry);
        }
    }
}
