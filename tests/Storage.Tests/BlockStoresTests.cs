using Hippodrome.Core.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Yards;
using Hippodrome.Planning.Blocks;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;
using Npgsql;
using Shouldly;
using Xunit;

namespace Hippodrome.Storage.Tests;

/// <summary>Blocks, their versions, gates and stages, the roster and subscribed calendars in a real PostgreSQL.</summary>
public class BlockStoresTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    private static readonly DateOnly Start = new(2026, 3, 2);
    private static readonly DateTimeOffset At = new(2026, 3, 2, 8, 0, 0, TimeSpan.Zero);
    private static readonly BlockEntry Entry = new()
    {
        Name = "Spring",
        Purpose = Purpose.Schooling,
        Start = Start,
        Weeks = 3,
        Discipline = Discipline.Jumping,
        Focus = [Strand.Poles],
        Now = new MinutesByGait(90, 60, 20),
        Days = [DayOfWeek.Tuesday, DayOfWeek.Thursday, DayOfWeek.Saturday],
        HelperDays = [DayOfWeek.Saturday],
        ArenaDays = [DayOfWeek.Tuesday, DayOfWeek.Saturday],
    };

    private static BlockPlan PlanOf(Guid id, Horse horse) =>
        BlockPlanner
            .Plan(
                PlanningCase.First(
                    Block.From(id, Entry, [], Start).OrThrow(),
                    new HorseNow(horse, Places.From([]), [], null, null, []),
                    Start
                )
            )
            .OrThrow();

    private async Task<(Guid Block, Horse Horse, BlockPlan Plan)> KeptAsync()
    {
        var horse = Horse.Kept(
            Guid.NewGuid(),
            "Bramble",
            2016,
            Core.Measures.HorseHeight.Kept(165),
            Sex.Mare,
            Experience.Novice,
            "",
            new DateOnly(2026, 1, 5)
        );
        var id = Guid.NewGuid();
        var plan = PlanOf(id, horse);
        await store.InAsync(store.Here, async yard =>
        {
            await yard.AddHorseAsync(horse);
            await yard.AddBlockAsync(horse.Id, id, Entry, Start);
            return await yard.KeepPlanAsync(horse.Id, id, 1, Entry, plan, "the first plan", store.Here.TrainerId, At);
        });
        return (id, horse, plan);
    }

    [Fact]
    public async Task A_plan_comes_back_as_it_was_kept()
    {
        var (id, horse, plan) = await KeptAsync();
        var kept = (await store.InAsync(store.Here, yard => yard.FindBlockAsync(horse.Id, id)))!;
        Json.Write(kept.Plan).ShouldBe(Json.Write(plan));
        Json.Write(kept.Entry).ShouldBe(Json.Write(Entry));
        (await store.InAsync(store.Here, yard => yard.PlacedAsync([horse.Id], Start, Start.AddDays(6))))
            .Select(p => p.Session.Id)
            .Order()
            .ShouldBe(plan.Weeks[0].Sessions.Select(s => s.Id).Order());
    }

    [Fact]
    public async Task Every_version_stays_and_the_latest_counts()
    {
        var (id, horse, plan) = await KeptAsync();
        var shorter = plan with { Weeks = [plan.Weeks[0]] };
        (
            await store.InAsync(store.Here, yard =>
                yard.KeepPlanAsync(horse.Id, id, 2, Entry, shorter, "cut short", store.Here.TrainerId, At)
            )
        ).ShouldBeTrue();
        (await store.InAsync(store.Here, yard => yard.BlockVersionsAsync(id)))
            .Select(v => (v.Number, v.Because))
            .ShouldBe([(2, "cut short"), (1, "the first plan")]);
        (await store.InAsync(store.Here, yard => yard.FindBlockVersionAsync(id, 1)))!.Value.Plan.Weeks.Count.ShouldBe(3);
        (await store.InAsync(store.Here, yard => yard.PlacedAsync([horse.Id], Start.AddDays(7), Start.AddDays(30)))).ShouldBeEmpty();

        // Of two that come at once the second is told; and no version can be written over.
        (
            await store.InAsync(store.Here, yard => yard.KeepPlanAsync(horse.Id, id, 2, Entry, plan, "late", store.Here.TrainerId, At))
        ).ShouldBeFalse();
        (
            await Should.ThrowAsync<PostgresException>(() =>
                store.InAsync(store.Here, yard => yard.ExecuteAsync("update block_version set because = 'x'"))
            )
        ).SqlState.ShouldBe(PostgresErrorCodes.InsufficientPrivilege);
    }

    [Fact]
    public async Task A_session_that_stays_is_kept_once_and_every_version_has_its_own_sessions()
    {
        var (id, horse, plan) = await KeptAsync();
        var week = plan.Weeks[1];
        var moved = week.Sessions[0] with { On = week.Monday.AddDays(6) };
        var later = plan with { Weeks = [plan.Weeks[0], week with { Sessions = [.. week.Sessions.Skip(1), moved] }, plan.Weeks[2]] };
        await store.InAsync(store.Here, yard => yard.KeepPlanAsync(horse.Id, id, 2, Entry, later, "moved", store.Here.TrainerId, At));

        (
            await store.InAsync(store.Here, yard => yard.QueryAsync<int>("select 1 from placed_session where block_id = @id", new { id }))
        ).Count.ShouldBe(plan.Sessions.Count() + 1);
        Json.Write((await store.InAsync(store.Here, yard => yard.FindBlockVersionAsync(id, 1)))!.Value.Plan).ShouldBe(Json.Write(plan));
        Json.Write((await store.InAsync(store.Here, yard => yard.FindBlockAsync(horse.Id, id)))!.Plan).ShouldBe(Json.Write(later));

        // Back again, as a trainer may go: the third version has what the first had.
        await store.InAsync(store.Here, yard => yard.KeepPlanAsync(horse.Id, id, 3, Entry, plan, "back", store.Here.TrainerId, At));
        Json.Write((await store.InAsync(store.Here, yard => yard.FindBlockVersionAsync(id, 2)))!.Value.Plan).ShouldBe(Json.Write(later));
        Json.Write((await store.InAsync(store.Here, yard => yard.FindBlockAsync(horse.Id, id)))!.Plan).ShouldBe(Json.Write(plan));
        (
            await Should.ThrowAsync<PostgresException>(() =>
                store.InAsync(store.Here, yard => yard.ExecuteAsync("delete from placed_session"))
            )
        ).SqlState.ShouldBe(PostgresErrorCodes.InsufficientPrivilege);
    }

    [Fact]
    public async Task A_horse_has_one_block_under_way()
    {
        var (id, horse, _) = await KeptAsync();
        await store.InAsync(store.Here, async yard =>
        {
            await yard.AddBlockAsync(horse.Id, Guid.NewGuid(), Entry, Start.AddDays(10));
            return true;
        });
        var kept = (await store.InAsync(store.Here, yard => yard.FindBlockAsync(horse.Id, id)))!;
        kept.EndedOn.ShouldBe(Start.AddDays(9));
        (
            await Should.ThrowAsync<PostgresException>(() =>
                store.InAsync(store.Here, yard => yard.ExecuteAsync("update block set ended_on = null where id = @id", new { id }))
            )
        ).SqlState.ShouldBe(PostgresErrorCodes.UniqueViolation);
    }

    [Fact]
    public async Task An_ended_block_places_nothing_after_its_end()
    {
        var (id, horse, _) = await KeptAsync();
        (await store.InAsync(store.Here, yard => yard.EndBlockAsync(horse.Id, id, Start.AddDays(3)))).ShouldBeTrue();
        (await store.InAsync(store.Here, yard => yard.EndBlockAsync(horse.Id, id, Start.AddDays(3)))).ShouldBeFalse();
        (await store.InAsync(store.Here, yard => yard.PlacedAsync([horse.Id], Start, Start.AddDays(30)))).ShouldBeEmpty();
    }

    [Fact]
    public async Task Answers_to_gates_are_kept_in_order_and_a_stage_is_cleared_once()
    {
        var (id, horse, _) = await KeptAsync();
        await store.InAsync(store.Here, async yard =>
        {
            await yard.AddGateAnswerAsync(id, new GateAnswer(Start, ReturnGate.LegsCool, false, "warm"), store.Here.TrainerId, At);
            await yard.AddGateAnswerAsync(
                id,
                new GateAnswer(Start, ReturnGate.LegsCool, true, "cool again"),
                store.Here.TrainerId,
                At.AddHours(2)
            );
            await yard.ClearStageAsync(id, new StageCleared(1, Start, "Iva Sorrel, vet"), store.Here.TrainerId);
            await yard.ClearStageAsync(id, new StageCleared(1, Start.AddDays(1), "someone else"), store.Here.TrainerId);
            return true;
        });
        (await store.InAsync(store.Here, yard => yard.GateAnswersAsync([horse.Id])))[id].Select(g => g.Passed).ShouldBe([false, true]);
        (await store.InAsync(store.Here, yard => yard.StagesClearedAsync([horse.Id])))[id]
            .ShouldHaveSingleItem()
            .By.ShouldBe("Iva Sorrel, vet");
    }

    [Fact]
    public async Task A_late_roster_is_told()
    {
        var roster = new RosterEntry(
            [new RiderHoursEntry(store.Here.TrainerId, [DayOfWeek.Monday], 120)],
            [DayOfWeek.Tuesday],
            60,
            [DayOfWeek.Monday],
            300,
            2,
            new TimeOnly(6, 30)
        );
        (await store.InAsync(store.Here, yard => yard.KeepRosterAsync(roster, 0))).ShouldBeTrue();
        (await store.InAsync(store.Here, yard => yard.KeepRosterAsync(roster, 0))).ShouldBeFalse();
        (await store.InAsync(store.Here, yard => yard.KeepRosterAsync(roster with { HelperMinutesADay = 90 }, 1))).ShouldBeTrue();
        var kept = (await store.InAsync(store.Here, yard => yard.RosterAsync()))!;
        (kept.Version, kept.Value.HelperMinutesADay, kept.Value.StartsAt).ShouldBe((2, 90, new TimeOnly(6, 30)));
        (await store.InAsync(store.There, yard => yard.RosterAsync())).ShouldBeNull();
    }

    [Fact]
    public async Task A_calendar_opens_by_its_address_alone_and_not_once_revoked()
    {
        var id = Guid.NewGuid();
        var token = store.Database.CalendarToken(store.Here.Id, store.Here.TrainerId, id);
        // The same id of another yard, or of another person, opens something else.
        token.ShouldNotBe(store.Database.CalendarToken(store.There.Id, store.Here.TrainerId, id));
        token.ShouldNotBe(store.Database.CalendarToken(store.Here.Id, store.There.TrainerId, id));
        await store.InAsync(store.Here, yard => yard.AddCalendarAsync(id, store.Here.TrainerId, "telephone", token));
        (await store.Database.FindCalendarAsync(token))!.ShouldBe(new CalendarRow(store.Here.Id, store.Here.TrainerId));
        (await store.Database.FindCalendarAsync(token[..^1] + "x")).ShouldBeNull();
        // The address itself is kept nowhere.
        (
            await store.InAsync(store.Here, yard =>
                yard.AnyAsync("select from calendar_subscription where encode(token_hash, 'hex') = @token or name = @token", new { token })
            )
        ).ShouldBeFalse();
        (await store.InAsync(store.There, yard => yard.RevokeCalendarAsync(id, store.Here.TrainerId))).ShouldBeFalse();
        (await store.InAsync(store.Here, yard => yard.RevokeCalendarAsync(id, store.Here.TrainerId))).ShouldBeTrue();
        (await store.Database.FindCalendarAsync(token)).ShouldBeNull();
    }
}
