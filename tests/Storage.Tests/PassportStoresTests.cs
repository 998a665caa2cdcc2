using Hippodrome.Core.Assessments;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Storage.Assessments;
using Hippodrome.Storage.Care;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Npgsql;
using Shouldly;
using Xunit;

namespace Hippodrome.Storage.Tests;

/// <summary>The pages of the passport come out as they were put in.</summary>
public class PassportStoresTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    private static readonly DateOnly Today = StoreFixture.Today;

    private Guid By => store.Here.TrainerId;

    private Task InAsync(Func<YardSession, Task> work) => store.InAsync(store.Here, work);

    /// <summary>A horse of its own for a test.</summary>
    private async Task<Guid> HorseAsync()
    {
        var horse = StoreFixture.NewHorse();
        await InAsync(yard => yard.AddHorseAsync(horse));
        return horse.Id;
    }

    [Fact]
    public async Task A_sheet_keeps_the_last_tap_of_a_line_and_side_in_the_order_of_the_sheet()
    {
        var horse = await HorseAsync();
        var sheet = new Assessment(Guid.NewGuid(), Today, 3, "kind", [], null);
        var canter = new SheetAnswer(AssessmentItem.Canter, Rein.Left, Mark.Of(6), [Felt.LateDepart, Felt.Tires], 2, 33, null, Today);
        var walk = new SheetAnswer(AssessmentItem.Walk, Rein.Right, Mark.Of(7.5), [], null, null, null, Today);
        var dropped = new SheetAnswer(AssessmentItem.DroppedRein, Rein.Both, null, [], null, 48, false, Today);
        await InAsync(async yard =>
        {
            await yard.AddAssessmentAsync(horse, sheet, By);
            foreach (var answer in new[] { canter with { Mark = Mark.Of(4) }, dropped, canter, walk })
            {
                await yard.KeepAnswerAsync(sheet.Id, answer, By);
            }

            var kept = (await yard.AssessmentsAsync(horse)).ShouldHaveSingleItem();
            Json.Write(kept.Assessment).ShouldBe(Json.Write(sheet with { Answers = [walk, canter, dropped] }));
            (kept.HorseId, kept.By).ShouldBe((horse, "A trainer"));
            (await yard.FinishAssessmentAsync(horse, sheet.Id, Today)).ShouldBeTrue();
            (await yard.FinishAssessmentAsync(horse, sheet.Id, Today)).ShouldBeFalse();
        });
    }

    [Fact]
    public async Task Sheets_come_the_latest_first_and_only_this_horses()
    {
        var (horse, other) = (await HorseAsync(), await HorseAsync());
        await InAsync(async yard =>
        {
            foreach (var days in new[] { 40, 3, 90 })
            {
                await yard.AddAssessmentAsync(horse, new Assessment(Guid.NewGuid(), Today.AddDays(-days), 0, "", [], null), By);
            }

            (await yard.AssessmentsAsync(horse))
                .Select(a => a.Assessment.StartedOn)
                .ShouldBe([Today.AddDays(-3), Today.AddDays(-40), Today.AddDays(-90)]);
            (await yard.AssessmentsAsync(other)).ShouldBeEmpty();
        });
    }

    [Fact]
    public async Task The_latest_of_the_feet_counts_for_each_horse_and_not_one_that_was_taken_off()
    {
        var (horse, other) = (await HorseAsync(), await HorseAsync());
        CareVisit Visit(CareKind kind, int daysAgo) => new(Guid.NewGuid(), kind, Today.AddDays(-daysAgo), "Jory Penhale", "trim", 6);
        var (first, second, removed, teeth, theirs) = (
            Visit(CareKind.Feet, 50),
            Visit(CareKind.Feet, 8),
            Visit(CareKind.Feet, 1),
            Visit(CareKind.Teeth, 0),
            Visit(CareKind.Feet, 20)
        );
        await InAsync(async yard =>
        {
            foreach (var visit in new[] { first, second, removed, teeth })
            {
                await yard.AddCareVisitAsync(horse, visit, By);
            }

            await yard.AddCareVisitAsync(other, theirs, By);
            (await yard.RemoveAsync(Removable.CareVisit, horse, removed.Id, true)).ShouldBeTrue();
            (await yard.RemoveAsync(Removable.CareVisit, other, first.Id, true)).ShouldBeFalse();
            (await yard.LastFeetAsync([horse, other])).ShouldBe(
                new Dictionary<Guid, CareVisit> { [horse] = second, [other] = theirs },
                ignoreOrder: true
            );
            (await yard.CareVisitsAsync(horse)).ShouldBe([teeth, second, first]);
        });
    }

    [Fact]
    public async Task Weights_bits_and_accordions_come_back_and_can_be_taken_off_and_put_back()
    {
        var horse = await HorseAsync();
        var body = new BodyMeasure(Guid.NewGuid(), Today, 190.5, 165, 5.5);
        var thin = new BodyMeasure(Guid.NewGuid(), Today.AddDays(-9), null, null, 4);
        var bit = Tack.From(Guid.NewGuid(), new TackEntry(TackKind.Bit, "Jumping bit", [Strand.Jumping], 0.9, "14 cm")).OrThrow();
        var ridden = new Accordion(Guid.NewGuid(), Today, Distance.FromMetres(10), 2, 4);
        await InAsync(async yard =>
        {
            await yard.AddBodyMeasureAsync(horse, thin, By);
            await yard.AddBodyMeasureAsync(horse, body, By);
            await yard.AddTackAsync(horse, bit);
            await yard.AddAccordionAsync(horse, ridden, By);
            (await yard.BodyMeasuresAsync(horse)).ShouldBe([body, thin]);
            Json.Write((await yard.TackAsync(horse)).ShouldHaveSingleItem().Value).ShouldBe(Json.Write(bit));
            (await yard.AccordionsAsync(horse)).ShouldBe([ridden]);
        });
        foreach (var removed in new[] { true, false })
        {
            await InAsync(async yard =>
            {
                (await yard.RemoveAsync(Removable.BodyMeasure, horse, body.Id, removed)).ShouldBeTrue();
                (await yard.RemoveAsync(Removable.Tack, horse, bit.Id, removed)).ShouldBeTrue();
                (await yard.RemoveAsync(Removable.Accordion, horse, ridden.Id, removed)).ShouldBeTrue();
                (
                    (await yard.BodyMeasuresAsync(horse)).Count,
                    (await yard.TackAsync(horse)).Count,
                    (await yard.AccordionsAsync(horse)).Count
                ).ShouldBe(removed ? (1, 0, 0) : (2, 1, 1));
                // A session goes on knowing what it was ridden in.
                (await yard.TackOfAsync([horse])).Keys.ShouldBe([bit.Id]);
            });
        }
    }

    [Fact]
    public async Task The_later_of_two_edits_of_a_bit_changes_nothing()
    {
        var horse = await HorseAsync();
        var bit = Tack.From(Guid.NewGuid(), new TackEntry(TackKind.Bit, "Snaffle")).OrThrow();
        await InAsync(async yard =>
        {
            await yard.AddTackAsync(horse, bit);
            (await yard.ChangeTackAsync(horse, bit with { Name = "First" }, 1)).ShouldBeTrue();
            (await yard.ChangeTackAsync(horse, bit with { Name = "Second" }, 1)).ShouldBeFalse();
            (await yard.TackAsync(horse)).Select(t => (t.Value.Name, t.Version)).ShouldBe([("First", 2)]);
        });
    }

    /// <summary>Rides 40, 38, 10 and 8 days ago: work began again ten days ago.</summary>
    [Theory]
    [InlineData(14, 90, -10)]
    [InlineData(30, 90, null)]
    [InlineData(14, 5, null)]
    public async Task A_gap_between_rides_says_when_work_began_again(int gap, int lookBack, int? began)
    {
        var horse = await HorseAsync();
        await InAsync(async yard =>
        {
            foreach (var daysAgo in new[] { 40, 38, 10, 8 })
            {
                await yard.AddRideAsync(Guid.NewGuid(), horse, null, Today.AddDays(-daysAgo), By);
            }

            (await yard.RiddenAgainAsync(horse, gap, Today.AddDays(-lookBack))).ShouldBe(began is { } days ? Today.AddDays(days) : null);
        });
    }

    [Fact]
    public async Task Choices_of_the_yard_and_of_the_horse_come_in_the_order_they_were_made()
    {
        var (horse, other) = (await HorseAsync(), await HorseAsync());
        await InAsync(async yard =>
        {
            await yard.AddApproachChoiceAsync(null, new ApproachMade(ApproachQuestion.Poles, "trot-soon", "as we do"), By);
            await yard.AddApproachChoiceAsync(horse, new ApproachMade(ApproachQuestion.Poles, "walk-first", ""), By);
            await yard.AddApproachChoiceAsync(horse, new ApproachMade(ApproachQuestion.Poles, null, ""), By);
            await yard.SetTemperamentAsync(horse, Temperament.Hot);
            (await yard.ApproachChoicesAsync(horse))
                .Where(c => c.HorseId == horse)
                .Select(c => c.Made.Choice)
                .ShouldBe(["walk-first", null]);
            (await yard.ApproachChoicesAsync(other)).ShouldAllBe(c => c.HorseId == null);
            (await yard.TemperamentAsync(horse), await yard.TemperamentAsync(other)).ShouldBe((Temperament.Hot, null));
        });
    }

    [Fact]
    public async Task The_yards_library_is_kept_beside_the_catalogue()
    {
        var id = Guid.NewGuid();
        var entry = new OwnExerciseEntry
        {
            RungId = "poles/trot-poles",
            Name = "Three, halt, three",
            How = "Halt between.",
            Gait = Gait.Trot,
            Figure = RiddenFigure.QuarterLine,
            Repetitions = 6,
            Minutes = 8,
        };
        await InAsync(async yard =>
        {
            await yard.AddOwnExerciseAsync(id, entry, By);
            (await yard.OwnExercisesAsync("poles/trot-poles")).ShouldHaveSingleItem().Entry.ShouldBe(entry);
            (await yard.ChangeOwnExerciseAsync(id, entry with { RungId = "poles/walk-poles" }, 1)).ShouldBeTrue();
            (await yard.ChangeOwnExerciseAsync(id, entry, 1)).ShouldBeFalse();
            (await yard.OwnExercisesAsync("poles/trot-poles")).ShouldBeEmpty();
            (await yard.RemoveOwnExerciseAsync(id, true)).ShouldBeTrue();
            (await yard.FindOwnExerciseAsync(id)).ShouldBeNull();
            (await yard.RemoveOwnExerciseAsync(id, false)).ShouldBeTrue();

            await yard.HideExerciseAsync("some/exercise", true);
            await yard.HideExerciseAsync("some/exercise", true);
            (await yard.HiddenExercisesAsync()).ShouldBe(["some/exercise"]);
            await yard.HideExerciseAsync("some/exercise", false);
            (await yard.HiddenExercisesAsync()).ShouldBeEmpty();

            (await yard.KeepRungNoteAsync("poles/trot-poles", "deep after rain", 0, By)).ShouldBeTrue();
            (await yard.KeepRungNoteAsync("poles/trot-poles", "late", 0, By)).ShouldBeFalse();
            (await yard.KeepRungNoteAsync("poles/trot-poles", "dry now", 1, By)).ShouldBeTrue();
            (await yard.RungNoteAsync("poles/trot-poles"))!.Note.ShouldBe("dry now");
        });
        (await store.InAsync(store.There, yard => yard.FindOwnExerciseAsync(id))).ShouldBeNull();
    }

    [Fact]
    public async Task A_session_keeps_its_place_and_tack_and_its_rides_know_the_place()
    {
        var horse = await HorseAsync();
        var bit = Guid.NewGuid();
        var entry = new SessionEntry(
            Today,
            "Away",
            Manner.Ridden,
            true,
            [PartEntry.Of(Phase.Work, "Trot", Gait.Trot, Rein.Both, 10)],
            "",
            "Ashlode",
            [bit]
        );
        var plan = SessionPlan.From(Guid.NewGuid(), entry, Today).OrThrow();
        var ride = Guid.NewGuid();
        await InAsync(async yard =>
        {
            await yard.AddSessionAsync(horse, plan);
            await yard.AddRideAsync(ride, horse, plan.Id, Today, By);
            var kept = (await yard.FindSessionAsync(horse, plan.Id))!.Plan;
            (kept.Place, kept.TackIds.Single()).ShouldBe(("Ashlode", bit));
            (await yard.FindRideAsync(ride))!.Place.ShouldBe("Ashlode");
            (await yard.LatestRidesAsync([horse], Today, 5)).ShouldHaveSingleItem().Place.ShouldBe("Ashlode");
        });
    }

    /// <summary>The schema itself refuses what the program never sends.</summary>
    [Theory]
    [InlineData(
        "insert into care_visit (yard_id, horse_id, id, kind, on_day, entered_by) values (@yard, @horse, gen_random_uuid(), 'Wings', '2026-04-01', @by)"
    )]
    [InlineData(
        "insert into body_measure (yard_id, horse_id, id, on_day, girth_cm, entered_by) values (@yard, @horse, gen_random_uuid(), '2026-04-01', 190, @by)"
    )]
    [InlineData(
        "insert into accordion (yard_id, horse_id, id, on_day, gap_m, fewest, most, entered_by) values (@yard, @horse, gen_random_uuid(), '2026-04-01', 10, 4, 2, @by)"
    )]
    public async Task What_cannot_be_is_refused_by_the_schema(string sql)
    {
        var horse = await HorseAsync();
        (
            await Should.ThrowAsync<PostgresException>(() => InAsync(yard => yard.ExecuteAsync(sql, new { horse, by = By })))
        ).SqlState.ShouldBe(PostgresErrorCodes.CheckViolation);
    }
}
