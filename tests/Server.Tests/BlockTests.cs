using System.Globalization;
using System.Net;
using System.Text.Json.Nodes;
using Hippodrome.Application.Blocks;
using Hippodrome.Application.Yards;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Yards;
using Hippodrome.Server.Yards;
using Hippodrome.Storage.Horses;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Blocks over HTTP: planned, moved, planned again, drawn up, in the yard's week and in a calendar outside.</summary>
public class BlockTests(App app) : IClassFixture<App>
{
    private static List<JsonNode> Sessions(JsonNode block) =>
        [.. block["plan"]!["weeks"]!.AsArray().SelectMany(w => w!["sessions"]!.AsArray()).Select(s => s!)];

    private static BlockEntry FourWeeks => Calls.ShortBlock with { Weeks = 4 };

    [Fact]
    public async Task A_block_is_kept_with_its_plan_and_its_first_version()
    {
        var block = await app.Trainer.GetAsync(await Calls.BlockAsync(app, FourWeeks));
        Sessions(block).Count.ShouldBeGreaterThan(10);
        ((int)block["number"]!).ShouldBe(1);
        ((string)block["versions"]![0]!["because"]!).ShouldBe("the first plan");
        Sessions(block).ShouldAllBe(s => ((string)s["why"]!["rule"]!).Length > 0);
    }

    [Fact]
    public async Task A_second_block_ends_the_first()
    {
        var horse = await app.AddHorseAsync();
        await Calls.BlockAsync(app, FourWeeks, horse);
        await Calls.BlockAsync(app, FourWeeks with { Name = "Another" }, horse);
        var all = (await app.Trainer.GetAsync($"{Calls.Of(horse)}/blocks")).AsArray();
        all.Count.ShouldBe(2);
        all.Count(b => b!["endedOn"] is null).ShouldBe(1);
    }

    [Fact]
    public async Task A_move_makes_a_version_and_can_be_undone()
    {
        var address = await Calls.BlockAsync(app, FourWeeks);
        var session = Sessions(await app.Trainer.GetAsync(address)).Last(s => (string)s["kind"]! == "hack");
        var options = await app.Trainer.GetAsync($"{address}/sessions/{session["id"]}/days");
        var nearest = DateOnly.Parse((string)options["nearest"]!);
        var moved = await app.Trainer.PostAsync(
            $"{address}/edits",
            new HandEditCall(1, new HandEditEntry(HandEditKind.Move, (Guid)session["id"]!, nearest))
        );
        ((string)Sessions(moved).Single(s => (string)s["id"]! == (string)session["id"]!)["on"]!).ShouldBe($"{nearest:yyyy-MM-dd}");
        ((int)moved["number"]!).ShouldBe(2);

        var back = await app.Trainer.PostAsync($"{address}/versions/1/restore", new { });
        ((string)Sessions(back).Single(s => (string)s["id"]! == (string)session["id"]!)["on"]!).ShouldBe((string)session["on"]!);
        back["versions"]!.AsArray().Count.ShouldBe(3);
    }

    [Fact]
    public async Task A_late_edit_is_told_and_overwrites_nothing()
    {
        var address = await Calls.BlockAsync(app, FourWeeks);
        var id = (Guid)Sessions(await app.Trainer.GetAsync(address))[^1]["id"]!;
        await app.Trainer.PostAsync($"{address}/edits", new HandEditCall(1, new HandEditEntry(HandEditKind.Pin, id)));
        (
            await app.Trainer.SendAsync(HttpMethod.Post, $"{address}/edits", new HandEditCall(1, new HandEditEntry(HandEditKind.Skip, id)))
        ).StatusCode.ShouldBe(HttpStatusCode.Conflict);
        Sessions(await app.Trainer.GetAsync(address)).ShouldContain(s => (Guid)s["id"]! == id);
    }

    [Fact]
    public async Task A_session_is_drawn_up_under_its_own_id_and_follows_the_plan()
    {
        var horse = await app.AddHorseAsync();
        var address = await Calls.BlockAsync(app, FourWeeks, horse);
        var placed = Sessions(await app.Trainer.GetAsync(address)).First(s => (string)s["kind"]! == "hack");
        var session = await app.Trainer.PostAsync($"{address}/sessions/{placed["id"]}/draw-up", new { });
        ((string)session["id"]!).ShouldBe((string)placed["id"]!);
        ((double)session["check"]!["totals"]!["minutes"]!).ShouldBe((double)placed["minutes"]!["total"]!);

        var nearest = (await app.Trainer.GetAsync($"{address}/sessions/{placed["id"]}/days"))["nearest"];
        await app.Trainer.PostAsync(
            $"{address}/edits",
            new HandEditCall(1, new HandEditEntry(HandEditKind.Move, (Guid)placed["id"]!, DateOnly.Parse((string)nearest!)))
        );
        ((string)(await app.Trainer.GetAsync($"{Calls.Of(horse)}/sessions/{placed["id"]}"))["on"]!).ShouldBe((string)nearest!);

        await app.Trainer.PostAsync($"{address}/edits", new HandEditCall(2, new HandEditEntry(HandEditKind.Skip, (Guid)placed["id"]!)));
        (await app.Trainer.SendAsync(HttpMethod.Get, $"{Calls.Of(horse)}/sessions/{placed["id"]}")).StatusCode.ShouldBe(
            HttpStatusCode.NotFound
        );
    }

    [Fact]
    public async Task A_hold_empties_the_plan_and_says_until_what()
    {
        var horse = await app.AddHorseAsync();
        var address = await Calls.BlockAsync(app, FourWeeks, horse);
        await using (var yard = await app.Database.OpenYardAsync(app.YardId))
        {
            await yard.RaiseHoldAsync(horse.Id, "heat in a leg", App.Today);
            await yard.CommitAsync();
        }

        ((string)(await app.Trainer.GetAsync(address))["planAgainBecause"]!).ShouldContain("heat in a leg");
        var again = await app.Trainer.PostAsync($"{address}/again", new AgainEntry());
        again["changes"]!.AsArray().ShouldAllBe(c => (string)c!["kind"]! == "dropped");
        var kept = await app.Trainer.PostAsync($"{address}/accept", new AcceptPlanEntry(1));
        Sessions(kept).ShouldNotContain(s => string.CompareOrdinal((string)s["on"]!, "2026-04-18") >= 0);
        ((string)kept["plan"]!["weeks"]!.AsArray()[^1]!["cause"]!["held"]!["by"]!).ShouldBe("hold");

        // No new block for a held horse either.
        (await app.Trainer.RefusedAsync(HttpMethod.Post, $"{Calls.Of(horse)}/blocks", new KeepBlockEntry(FourWeeks)))
            .Faults[0]
            .Says.ShouldContain("held");
    }

    [Fact]
    public async Task Inputs_that_cannot_hold_say_what_to_change()
    {
        var refused = await app.Trainer.RefusedAsync(
            HttpMethod.Post,
            $"{Calls.Of(app.Horse)}/blocks/plan",
            FourWeeks with
            {
                Start = App.Today.AddDays(3),
                Days = [DayOfWeek.Tuesday, DayOfWeek.Thursday],
                Asked = [new AskedEntry(SessionKind.Jumping, 5)],
            }
        );
        refused.Fields.ShouldContain("asked");
        refused.Faults.ShouldAllBe(f => f.Mend.Length > 0);
    }

    [Fact]
    public async Task A_vets_stage_waits_for_its_clearance()
    {
        var address = await Calls.BlockAsync(app, Calls.ReturnBlock);
        Sessions(await app.Trainer.GetAsync(address)).ShouldAllBe(s => (int)s["minutes"]!["trot"]! == 0);
        await app.Vet.PostAsync($"{address}/clearances", new StageClearanceEntry(1, App.Today, "Iva Sorrel, vet"));
        var again = await app.Trainer.PostAsync($"{address}/again", new AgainEntry());
        again["plan"]!["weeks"]!.AsArray().SelectMany(w => w!["sessions"]!.AsArray()).ShouldContain(s => (int)s!["minutes"]!["trot"]! == 4);
    }

    [Fact]
    public async Task Today_shows_what_the_block_has_placed()
    {
        var horse = await app.AddHorseAsync();
        await Calls.BlockAsync(app, FourWeeks, horse);
        var today = (await app.Trainer.GetAsync("/api/today"))["horses"]!.AsArray().Single(h => (Guid)h!["horse"]!["id"]! == horse.Id)!;
        (today["placed"] ?? today["nextPlaced"]).ShouldNotBeNull();
    }

    [Fact]
    public async Task The_yards_week_gives_riders_and_is_kept_as_versions()
    {
        var horse = await app.AddHorseAsync();
        var address = await Calls.BlockAsync(app, FourWeeks, horse);
        var monday = new DateOnly(2026, 4, 20);
        var shared = await app.Trainer.PostAsync("/api/week/share", new WeekEntry(monday));
        shared["week"]!["sessions"]!
            .AsArray()
            .Where(s => (Guid)s!["horseId"]! == horse.Id)
            .ShouldAllBe(s => s!["session"]!["riderId"] != null);
        await app.Trainer.PostAsync("/api/week/keep", new KeepWeekEntry(monday));
        var kept = await app.Trainer.GetAsync(address);
        ((int)kept["number"]!).ShouldBe(2);
        Sessions(kept).ShouldContain(s => s["riderId"] != null);
        (await app.Rider.GetAsync("/api/week?monday=2026-04-20"))["sessions"]!.AsArray().Count.ShouldBeGreaterThan(0);
    }

    [Fact]
    public async Task A_week_that_would_come_out_otherwise_by_now_is_not_kept_and_says_of_whom()
    {
        var (kept, held) = (await app.AddHorseAsync(), await app.AddHorseAsync());
        var addresses = new[] { await Calls.BlockAsync(app, FourWeeks, kept), await Calls.BlockAsync(app, FourWeeks, held) };
        var monday = new DateOnly(2026, 4, 20);
        var shared = await app.Trainer.PostAsync("/api/week/share", new WeekEntry(monday));
        var seen = Seen(shared);

        // Meanwhile somebody gives one session of the other horse another day.
        var moved = seen.First(s => s.HorseId == held.Id);
        var asSeen = new KeepWeekEntry(
            monday,
            [.. seen.Select(s => s == moved ? s with { On = s.On == monday ? monday.AddDays(1) : monday } : s)]
        );
        var problem = await app.Trainer.RefusedAsync(HttpMethod.Post, "/api/week/keep", asSeen);
        problem.Status.ShouldBe(409);
        problem.Document["horses"]!.AsArray().Select(h => (string)h!).ShouldBe([held.Name]);
        foreach (var address in addresses)
        {
            ((int)(await app.Trainer.GetAsync(address))["number"]!).ShouldBe(1, "all of it or nothing");
        }

        // Looked at again, as it is shown with the refusal, it is kept.
        await app.Trainer.PostAsync("/api/week/keep", new KeepWeekEntry(monday, Seen(problem.Document["current"]!)));
        ((int)(await app.Trainer.GetAsync(addresses[0]))["number"]!).ShouldBe(2);
    }

    [Fact]
    public async Task A_block_is_kept_as_it_was_seen_or_it_is_said_what_has_become_otherwise()
    {
        var horse = await app.AddHorseAsync();
        var blocks = $"{Calls.Of(horse)}/blocks";
        var seen = SeenIn(await app.Trainer.PostAsync($"{blocks}/plan", FourWeeks));

        // Meanwhile a vet rules canter out.
        var noCanter = new RestrictionEntry("sore stifle", "Iva Sorrel", App.Today, NoGaits: [Gait.Canter]);
        await app.Trainer.PostAsync($"{Calls.Of(horse)}/restrictions", noCanter);
        var problem = await app.Trainer.RefusedAsync(HttpMethod.Post, blocks, new KeepBlockEntry(FourWeeks, seen));
        problem.Status.ShouldBe(409);
        (await app.Trainer.GetAsync(blocks)).AsArray().ShouldBeEmpty();

        // Looked at again, as it is shown with the refusal, it is kept; and planned again in the same way.
        var now = SeenIn(problem.Document["current"]!);
        now.ShouldNotBe(seen);
        var kept = await app.Trainer.PostAsync(blocks, new KeepBlockEntry(FourWeeks, now));
        SeenIn(kept["plan"]!).ShouldBe(now);

        var block = $"{blocks}/{kept["id"]}";
        var again = new AcceptPlanEntry(1, FourWeeks with { Days = [DayOfWeek.Monday, DayOfWeek.Wednesday, DayOfWeek.Friday] }, Seen: now);
        problem = await app.Trainer.RefusedAsync(HttpMethod.Post, $"{block}/accept", again);
        problem.Status.ShouldBe(409);
        ((int)(await app.Trainer.GetAsync(block))["number"]!).ShouldBe(1);
        var fewer = SeenIn(problem.Document["current"]!["plan"]!);
        SeenIn((await app.Trainer.PostAsync($"{block}/accept", again with { Seen = fewer }))["plan"]!).ShouldBe(fewer);
    }

    private static List<SeenPlaced> SeenIn(JsonNode plan) =>
        [
            .. plan["weeks"]!
                .AsArray()
                .SelectMany(w => w!["sessions"]!.AsArray())
                .Select(s => new SeenPlaced(
                    DateOnly.Parse((string)s!["on"]!),
                    Enum.Parse<SessionKind>((string)s["kind"]!, ignoreCase: true),
                    (double)s["minutes"]!["total"]!
                )),
        ];

    [Fact]
    public async Task What_was_seen_may_have_gaps_and_is_then_told_from_what_is() =>
        (
            await app.Trainer.SendRawAsync(
                HttpMethod.Post,
                "/api/week/keep",
                """{"monday":"2026-04-27","seen":[null,{"horseId":"8d0c6c8e-6f0a-4a0e-9f5e-0d7a3f0c1b2a","sessionId":"8d0c6c8e-6f0a-4a0e-9f5e-0d7a3f0c1b2b","on":"2026-04-28","riderId":null}]}"""
            )
        ).StatusCode.ShouldBe(HttpStatusCode.Conflict);

    private static List<SeenSession> Seen(JsonNode shared) =>
        [
            .. shared["week"]!["sessions"]!
                .AsArray()
                .Select(s => new SeenSession(
                    (Guid)s!["horseId"]!,
                    (Guid)s["session"]!["id"]!,
                    DateOnly.Parse((string)s["session"]!["on"]!, CultureInfo.InvariantCulture),
                    (Guid?)s["session"]!["riderId"]
                )),
        ];

    [Fact]
    public async Task A_calendar_is_read_by_its_address_until_it_is_revoked_and_holds_only_ones_own_horses()
    {
        var horse = await app.AddHorseAsync();
        await Calls.BlockAsync(app, FourWeeks, horse);
        var calendar = await app.Trainer.PostAsync("/api/me/calendars", new CalendarNameEntry("tack room"));
        ((string)calendar["address"]!).ShouldStartWith(
            $"{App.Address}/calendar/",
            Case.Sensitive,
            "whatever the request calls this server"
        );
        var address = new Uri((string)calendar["address"]!).AbsolutePath;
        var text = await (await app.Nobody.SendAsync(HttpMethod.Get, address)).Content.ReadAsStringAsync();
        text.ShouldStartWith("BEGIN:VCALENDAR");
        (await app.Nobody.SendAsync(HttpMethod.Get, $"/calendar/{new string('0', 48)}.ics")).StatusCode.ShouldBe(HttpStatusCode.NotFound);

        // An earlier one, still open, of the owner: not the trainer's horses, but those given.
        await app.Trainer.SendAsync(HttpMethod.Delete, $"/api/me/calendars/{calendar["id"]}");
        (await app.Nobody.SendAsync(HttpMethod.Get, address)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task A_moved_session_keeps_its_place_in_the_calendar_and_does_not_double()
    {
        var horse = await app.AddHorseAsync();
        var address = await Calls.BlockAsync(app, FourWeeks, horse);
        var placed = Sessions(await app.Trainer.GetAsync(address)).Last(s => (string)s["kind"]! == "hack");
        var nearest = DateOnly.Parse((string)(await app.Trainer.GetAsync($"{address}/sessions/{placed["id"]}/days"))["nearest"]!);
        async Task<string> FileAsync() =>
            (
                await (await app.Trainer.SendAsync(HttpMethod.Get, $"/api/calendar.ics?horse={horse.Id}")).Content.ReadAsStringAsync()
            ).Replace("\r\n ", "", StringComparison.Ordinal);
        (await FileAsync()).ShouldContain($"UID:{placed["id"]}@hippodrome");
        await app.Trainer.PostAsync(
            $"{address}/edits",
            new HandEditCall(1, new HandEditEntry(HandEditKind.Move, (Guid)placed["id"]!, nearest))
        );
        var events = (await FileAsync())
            .Split("BEGIN:VEVENT")
            .Where(e => e.Contains($"UID:{placed["id"]}@hippodrome", StringComparison.Ordinal))
            .ToList();
        events.ShouldHaveSingleItem().ShouldContain($"DTSTART;VALUE=DATE:{nearest:yyyyMMdd}");
        events[0].ShouldContain("SEQUENCE:2");
    }

    [Fact]
    public async Task Tables_say_what_was_planned_and_ridden()
    {
        var horse = await app.AddHorseAsync();
        await Calls.BlockAsync(app, FourWeeks, horse);
        await Calls.RideAsync(app, null, horse);
        var sessions = await (
            await app.Trainer.SendAsync(HttpMethod.Get, "/api/sessions.csv?from=2026-04-01&to=2026-06-01")
        ).Content.ReadAsStringAsync();
        var lines = sessions.Split("\r\n", StringSplitOptions.RemoveEmptyEntries);
        lines[0].ShouldStartWith("Day,Horse,");
        lines.ShouldContain(l => l.StartsWith("2026-", StringComparison.Ordinal) && l.Contains(horse.Name));
        var rides = await (
            await app.Trainer.SendAsync(HttpMethod.Get, "/api/rides.csv?from=2026-04-01&to=2026-06-01")
        ).Content.ReadAsStringAsync();
        rides.ShouldStartWith("Day,Horse,Rider,Walk,Trot,Canter,");
        rides.Split("\r\n").ShouldContain(l => l.StartsWith($"2026-04-18,{horse.Name},", StringComparison.Ordinal));
        (await app.Trainer.SendAsync(HttpMethod.Get, "/api/rides.csv?from=2026-04-01&to=2020-06-01")).StatusCode.ShouldBe(
            HttpStatusCode.BadRequest
        );
    }
}
