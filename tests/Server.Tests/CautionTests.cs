using System.Text.Json.Nodes;
using Hippodrome.Application.Horses;
using Hippodrome.Application.Rides;
using Hippodrome.Application.Weather;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Care;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Server.Weather;
using Hippodrome.Storage.Yards;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>The cautions as a trainer meets them, over HTTP: each asked twice, with one fact changed.</summary>
public class CautionTests(App app) : IClassFixture<App>
{
    private static readonly PartEntry Walk = PartEntry.Of(Phase.WarmUp, "Walk", Gait.Walk, Rein.Both, 15);
    private static readonly PartEntry Trot = PartEntry.Of(Phase.Work, "Trot", Gait.Trot, Rein.Both, 15);
    private static readonly PartEntry Last = PartEntry.Of(Phase.CoolDown, "Walk", Gait.Walk, Rein.Both, 6);
    private static readonly PartEntry Led = PartEntry.Of(Phase.WarmUp, "Walk in hand", Gait.Walk, Rein.Both, 10) with
    {
        Manner = Manner.InHand,
    };

    [Fact]
    public async Task A_part_has_its_own_manner_and_height_and_keeps_them()
    {
        var horse = await app.AddHorseAsync();
        var kept = await app.Trainer.PostAsync(
            $"{Calls.Of(horse)}/sessions",
            Session(
                Led,
                Trot with
                {
                    Manner = Manner.Lunged,
                    Minutes = 10,
                },
                Trot with
                {
                    Efforts = 4,
                    HeightMetres = 0.45,
                    Minutes = 5,
                },
                Last
            )
        );
        var parts = (await app.Trainer.GetAsync($"{Calls.Of(horse)}/sessions/{kept["id"]}"))["parts"]!.AsArray();
        parts.Select(p => (string)p!["manner"]!).ShouldBe(["inHand", "lunged", "ridden", "ridden"]);
        ((double)parts[2]!["heightMetres"]!).ShouldBe(0.45);
    }

    [Fact]
    public async Task A_fence_typed_as_a_number_is_a_fence()
    {
        var horse = await app.AddHorseAsync();
        var alone = Session(Walk, Trot with { Efforts = 4 }, Last) with { Helper = false };
        (await FaultsAsync(horse, alone)).ShouldBe(["FenceWithoutHelper hard", "HeightMissing soft"], ignoreOrder: true);
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/sessions", alone)).Status.ShouldBe(400);
        (await FaultsAsync(horse, Session(Walk, Trot with { Efforts = 4, HeightMetres = 0.5 }, Last))).ShouldBeEmpty();
    }

    [Fact]
    public async Task A_rung_is_not_skipped_and_a_trainer_who_knows_better_places_the_horse()
    {
        var horse = await app.AddHorseAsync();
        var high = Session(Walk, Trot with { RungId = "jumping/at-height", Gait = Gait.Canter, Efforts = 4, HeightMetres = 0.9 }, Last);
        var fault = (await CheckAsync(horse, high)).Single(f => (string)f["rule"]! == "RungSkipped");
        ((bool)fault["hard"]!).ShouldBeTrue();
        await app.Trainer.PostAsync(
            $"{Calls.Of(horse)}/ladders/moves",
            Calls.Move((string)fault["placeOn"]!, "jumped courses with us all winter")
        );
        (await FaultsAsync(horse, high)).ShouldNotContain("RungSkipped hard");
    }

    [Fact]
    public async Task A_horse_typed_in_stands_somewhere_on_its_ladders()
    {
        var horse = await app.AddHorseAsync();
        var places = (await app.Trainer.GetAsync($"{Calls.Of(horse)}/ladders")).AsArray();
        var poles = places.Single(p => (string)p!["strand"]! == "poles")!;
        ((string)poles["rungId"]!, (bool)poles["stated"]!).ShouldBe(("poles/canter-pole", true));
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("poles/trot-poles", "seen today"));
        (
            (bool)
                (await app.Trainer.GetAsync($"{Calls.Of(horse)}/ladders")).AsArray().Single(p => (string)p!["strand"]! == "poles")![
                    "stated"
                ]!
        ).ShouldBeFalse();
    }

    [Theory]
    [InlineData(OffBecause.Rest, "RampExceeded soft")]
    [InlineData(OffBecause.Injury, "RampExceeded hard")]
    public async Task A_return_binds_a_plan_written_by_hand(OffBecause because, string fault)
    {
        var horse = await app.AddHorseAsync();
        (await FaultsAsync(horse, Session(Walk, Trot, Last))).ShouldBeEmpty();
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/time-away", new TimeAwayEntry(App.Today.AddDays(-30), App.Today, because));
        (await FaultsAsync(horse, Session(Walk, Trot, Last))).ShouldBe([fault]);
        var (ended, _) = await TriedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/ramp-end", new RampEndEntry("worked elsewhere"));
        ended.ShouldBe(because == OffBecause.Rest);
        (await FaultsAsync(horse, Session(Walk, Trot, Last))).ShouldBe(ended ? [] : [fault]);
    }

    [Fact]
    public async Task Silence_is_asked_once_on_Today_and_is_no_fault_until_then()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/rides/{Guid.NewGuid()}/events", Calls.Ride() with { On = App.Today.AddDays(-20) });
        ((string)(await TodayAsync(horse))["silentSince"]!).ShouldBe("2026-03-29");
        (await FaultsAsync(horse, Session(Walk, Trot, Last))).ShouldBeEmpty();
        await app.Trainer.PostAsync(
            $"{Calls.Of(horse)}/time-away",
            new TimeAwayEntry(App.Today.AddDays(-20), App.Today.AddDays(-1), null, true)
        );
        (await TodayAsync(horse))["silentSince"].ShouldBeNull();
        (await FaultsAsync(horse, Session(Walk, Trot, Last))).ShouldBeEmpty();
    }

    [Theory]
    [InlineData(Sign.HeatInLeg)]
    [InlineData(Sign.OffOrUnlevel)]
    public async Task Held_nothing_passes_but_the_walk_in_hand_that_a_vet_has_allowed(Sign sign)
    {
        var horse = await app.AddHorseAsync();
        await RideAsync(horse, new SignSeen(Guid.NewGuid(), Calls.Noon, sign, null));
        (await FaultsAsync(horse, Session(Led))).ShouldContain("LamenessHold hard");
        var hold = (await app.Trainer.GetAsync(Calls.Of(horse)))["holds"]![0]!["id"];
        await app.Vet.PostAsync($"{Calls.Of(horse)}/holds/{hold}/walk-in-hand", new WalkInHandEntry("Iva Sorrel"));
        (await FaultsAsync(horse, Session(Led))).ShouldNotContain("LamenessHold hard");
        (await FaultsAsync(horse, Session(Led with { Manner = Manner.Loose }))).ShouldContain("LamenessHold hard");
    }

    [Fact]
    public async Task What_a_vet_has_entered_as_old_and_known_holds_nothing()
    {
        var horse = await app.AddHorseAsync();
        var known = (await app.Vet.PostAsync($"{Calls.Of(horse)}/known-findings", new KnownFindingEntry("old splint, cold", "Iva Sorrel")))[
            "known"
        ]![0]!["id"]!.GetValue<Guid>();
        await RideAsync(horse, new SignSeen(Guid.NewGuid(), Calls.Noon, Sign.HeatInLeg, null) { Known = known });
        (await app.Trainer.GetAsync(Calls.Of(horse)))["holds"]!.AsArray().ShouldBeEmpty();
        await RideAsync(horse, new SignSeen(Guid.NewGuid(), Calls.Noon, Sign.HeatInLeg, null));
        (await app.Trainer.GetAsync(Calls.Of(horse)))["holds"]!.AsArray().ShouldHaveSingleItem();
    }

    [Fact]
    public async Task After_a_clearance_it_goes_by_steps()
    {
        var horse = await app.AddHorseAsync();
        await RideAsync(horse, new SignSeen(Guid.NewGuid(), Calls.Noon, Sign.OffOrUnlevel, null));
        var hold = (await app.Trainer.GetAsync(Calls.Of(horse)))["holds"]![0]!["id"];
        await app.Vet.PostAsync($"{Calls.Of(horse)}/holds/{hold}/clearance", new ClearanceEntry("Iva Sorrel"));
        (await FaultsAsync(horse, Session(Walk, Trot, Last), App.Today.AddDays(1))).ShouldContain("StepsAfterClearance soft");
        var proposed = (
            await app.Trainer.PostAsync(
                $"{Calls.Of(horse)}/sessions/propose",
                new ProposalEntry(App.Today.AddDays(1), Strand.Flatwork, 40, true)
            )
        )["session"]!;
        proposed["parts"]!.AsArray().Select(p => (string?)p!["manner"]).ShouldNotContain("ridden");
        (await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions/check", proposed))["faults"]!.AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task A_first_month_begins_with_calm_sits()
    {
        var horse = await app.AddHorseAsync(age: 4);
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("flatwork/first-month", "sat on last week"));
        PartEntry[] sit =
        [
            Led with
            {
                Minutes = 8,
            },
            PartEntry.Of(Phase.Work, "Sit, led", Gait.Walk, Rein.Both, 3),
            PartEntry.Of(Phase.Work, "A few steps of trot", Gait.Trot, Rein.Both, 1),
        ];
        (await FaultsAsync(horse, Session(sit))).ShouldContain("FirstMonth soft");
        for (var i = 0; i < 4; i++)
        {
            var plan = await app.Trainer.PostAsync(
                $"{Calls.Of(horse)}/sessions",
                Session(sit[0], sit[1] with { RungId = "flatwork/first-month" })
            );
            await app.Trainer.PostAsync(
                $"{Calls.Of(horse)}/rides/{plan["id"]}/events",
                new RideEntry(
                    plan["id"]!.GetValue<Guid>(),
                    App.Today,
                    [
                        new Ridden(Guid.NewGuid(), Calls.Noon, Gait.Walk, Rein.Left, 2),
                        new Ridden(Guid.NewGuid(), Calls.Noon, Gait.Walk, Rein.Right, 2),
                    ]
                )
            );
        }

        (await FaultsAsync(horse, Session(sit))).ShouldNotContain("FirstMonth soft");
    }

    [Fact]
    public async Task A_therapists_visit_binds_until_its_last_easy_day()
    {
        var horse = await app.AddHorseAsync();
        var jumping = Session(Walk, Trot with { Efforts = 4, HeightMetres = 0.5 }, Last);
        await app.Trainer.PostAsync(
            $"{Calls.Of(horse)}/care",
            new CareEntry(CareKind.Therapist, App.Today, "Jory Penhale") { EasyUntil = App.Today.AddDays(2), RuledOut = [RuledOut.Fences] }
        );
        (await FaultsAsync(horse, jumping, App.Today.AddDays(2))).ShouldContain("Restricted hard");
        (await FaultsAsync(horse, jumping, App.Today.AddDays(3))).ShouldNotContain("Restricted hard");
        ((bool)(await TodayAsync(horse))["loosen"]!).ShouldBeTrue();
    }

    [Fact]
    public async Task The_same_leg_in_totals_by_leg_names_it_and_looking_starts_from_zero()
    {
        var horse = await app.AddHorseAsync();
        RideEvent[] Touched() =>
            [
                new PolesPassed(Guid.NewGuid(), Calls.Noon, null, Rein.Left, 4, 3, 0),
                new LegTouched(Guid.NewGuid(), Calls.Noon, Leg.LeftHind, 3),
            ];
        await app.Rider.PostAsync(
            $"{Calls.Of(horse)}/rides/{Guid.NewGuid()}/events",
            Calls.Ride(null, Touched()) with
            {
                On = App.Today.AddDays(-2),
            }
        );
        var review = await app.Rider.PostAsync(
            $"{Calls.Of(horse)}/rides/{Guid.NewGuid()}/events",
            Calls.Ride(null, Touched()) with
            {
                On = App.Today.AddDays(-1),
            }
        );
        review["verdicts"]!.AsArray().Single(v => (string)v!["rule"]! == "TheSameLeg")!["seen"]!
            .ToString()
            .ShouldContain("left hind in 6 of 6");
        var poles = Session(
            Walk,
            Trot with
            {
                ExerciseId = "poles/trot-poles/four-on-the-quarter-line",
                RungId = "poles/trot-poles",
                Minutes = 8,
            },
            Last
        );
        (await FaultsAsync(horse, poles)).ShouldContain("SameLegTouches soft");
        var sheet = await app.Trainer.GetAsync($"{Calls.Of(horse)}/rail");
        sheet["facts"]!["legs"]!.AsArray().Sum(l => (int)l!["touches"]!["leftHind"]!).ShouldBe(6);
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/leg-looks", new LegLookEntry("physiotherapist: tight, loosened"));
        (await FaultsAsync(horse, poles)).ShouldNotContain("SameLegTouches soft");
    }

    [Fact]
    public async Task A_fall_leads_the_review_and_is_asked_about_the_next_day()
    {
        var horse = await app.AddHorseAsync();
        var ride = Guid.NewGuid();
        var review = await app.Rider.PostAsync(
            $"{Calls.Of(horse)}/rides/{ride}/events",
            Calls.Ride(
                null,
                new Fell(Guid.NewGuid(), Calls.Noon, Faller.Both, false),
                new SignSeen(Guid.NewGuid(), Calls.Noon, Sign.TempoLost, null)
            ) with
            {
                On = App.Today.AddDays(-1),
            }
        );
        ((string)review["verdicts"]![0]!["rule"]!).ShouldBe("Fall");
        (await TodayAsync(horse))["fall"].ShouldNotBeNull();
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/falls/{ride}", new FallAnswerEntry(false, true));
        (await TodayAsync(horse))["fall"].ShouldBeNull();
        (await app.Trainer.GetAsync(Calls.Of(horse)))["holds"]!.AsArray().ShouldHaveSingleItem();
    }

    [Fact]
    public async Task Review_and_ladder_say_the_same_of_a_rung()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move("poles/walk-poles", "seen"));
        foreach (var (word, up) in new[] { ("stay", false), ("up", true) })
        {
            await Calls.RideOnRungAsync(app, horse, "poles/walk-poles", 8);
            var ladder = (await app.Trainer.GetAsync($"{Calls.Of(horse)}/ladders"))
                .AsArray()
                .Single(p => (string)p!["strand"]! == "poles")!;
            ((string)ladder["verdict"]!["word"]!).ShouldBe(word);
            var last = (await app.Trainer.GetAsync($"{Calls.Of(horse)}/rides")).AsArray()[0]!["id"];
            var verdicts = (await app.Trainer.GetAsync($"{Calls.Of(horse)}/rides/{last}"))["verdicts"]!.AsArray();
            verdicts.Any(v => (string)v!["word"]! == "up").ShouldBe(up);
        }
    }

    [Fact]
    public async Task Changes_being_learned_are_planned_in_numbers()
    {
        var horse = await app.AddHorseAsync();
        foreach (var rung in new[] { "flatwork/collected-gaits", "lateral/half-pass-trot", "changes/counter-canter-settled" })
        {
            await app.Trainer.PostAsync($"{Calls.Of(horse)}/ladders/moves", Calls.Move(rung, "seen"));
        }

        var change = PartEntry.Of(Phase.NewWork, "Single change", Gait.Canter, Rein.Both, 4) with { RungId = "changes/single-change" };
        (await FaultsAsync(horse, Session(Walk, Trot, change, Last))).ShouldContain("ChangesWithoutNumber soft");
        (await FaultsAsync(horse, Session(Walk, Trot, change with { Times = 2 }, Last))).ShouldNotContain("ChangesWithoutNumber soft");
    }

    [Fact]
    public async Task In_a_real_yard_only_what_was_typed_decides_about_heat()
    {
        var horse = await app.AddHorseAsync();
        var busy = Session(Walk, Trot with { Minutes = 20 }, Last);
        await app.Trainer.PutAsync("/api/weather/source", new WeatherSourceEntry(WeatherSource.Typed, 7, 18));
        (await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions/check", busy))["heat"].ShouldBeNull();
        await app.Trainer.PostAsync("/api/weather", new WeatherEntry(35, 20));
        (await FaultsAsync(horse, busy)).ShouldBe(["HotDay soft"]);
        await app.Trainer.PostAsync("/api/weather", new WeatherEntry(8, 95));
        (await FaultsAsync(horse, busy)).ShouldBeEmpty();
    }

    [Fact]
    public async Task What_was_short_three_times_is_told_before_the_next_ride_with_nothing_to_answer()
    {
        var horse = await app.AddHorseAsync();
        for (var ride = 1; ride <= 3; ride++)
        {
            (await app.Trainer.GetAsync($"{Calls.Of(horse)}/rail"))["habits"]!.AsArray().ShouldBeEmpty();
            var begin = Calls.Noon.AddDays(-2 * ride);
            TapClock Clock(int number, double minute) => new(app.Horse.Id, horse.Id, number, minute * 60);
            RideEvent[] taps =
            [
                new GaitNow(Guid.NewGuid(), begin, Gait.Walk) { Clock = Clock(0, 0) },
                new GaitNow(Guid.NewGuid(), begin.AddMinutes(2), Gait.Trot) { Clock = Clock(1, 2) },
                new GaitNow(Guid.NewGuid(), begin.AddMinutes(24), Gait.Walk) { Clock = Clock(2, 24) },
                new RideEnded(Guid.NewGuid(), begin.AddMinutes(32)) { Clock = Clock(3, 32) },
            ];
            await app.Rider.PostAsync(
                $"{Calls.Of(horse)}/rides/{Guid.NewGuid()}/events",
                new RideEntry(null, App.Today.AddDays(-2 * ride), taps)
            );
        }

        var sheet = await app.Trainer.GetAsync($"{Calls.Of(horse)}/rail");
        sheet["habits"]!.AsArray().ShouldHaveSingleItem()!["rule"]!.ToString().ShouldBe("WalkedFirst");
        sheet["stops"]!.AsArray().ShouldNotContain(s => (string)s!["advice"]!["rule"]! == "WalkedFirst");
    }

    [Fact]
    public async Task The_eve_of_a_competition_knows_its_height()
    {
        var horse = await app.AddHorseAsync();
        await app.Trainer.PostAsync(
            $"{Calls.Of(horse)}/aims",
            new AimEntry("Show", App.Today.AddDays(1), Discipline.Jumping, "National", "Novice", 0.8)
        );
        (await FaultsAsync(horse, Session(Walk, Trot with { Efforts = 4, HeightMetres = 0.65 }, Last))).ShouldContain(
            "BigFenceBeforeCompetition soft"
        );
        (await FaultsAsync(horse, Session(Walk, Trot with { Efforts = 4, HeightMetres = 0.60 }, Last))).ShouldNotContain(
            "BigFenceBeforeCompetition soft"
        );
    }

    private static SessionEntry Session(params PartEntry[] parts) => new(App.Today, "Straightness", Manner.Ridden, true, parts, "");

    private async Task<List<JsonNode>> CheckAsync(Horse horse, SessionEntry entry) =>
        [.. (await app.Trainer.PostAsync($"{Calls.Of(horse)}/sessions/check", entry))["faults"]!.AsArray().OfType<JsonNode>()];

    private async Task<List<string>> FaultsAsync(Horse horse, SessionEntry entry, DateOnly? on = null) =>
        (await CheckAsync(horse, entry with { On = on ?? entry.On })).ConvertAll(f =>
            $"{f["rule"]} {((bool)f["hard"]! ? "hard" : "soft")}"
        );

    private async Task<JsonNode> TodayAsync(Horse horse) =>
        (await app.Trainer.GetAsync("/api/today"))["horses"]!.AsArray().Single(h => h!["horse"]!["id"]!.GetValue<Guid>() == horse.Id)!;

    private async Task<JsonNode> RideAsync(Horse horse, params RideEvent[] more) =>
        await app.Rider.PostAsync($"{Calls.Of(horse)}/rides/{Guid.NewGuid()}/events", Calls.Ride(null, more));

    private async Task<(bool Good, int Status)> TriedAsync(HttpMethod method, string address, object body)
    {
        var answer = await app.Trainer.SendAsync(method, address, body);
        return (answer.IsSuccessStatusCode, (int)answer.StatusCode);
    }
}
