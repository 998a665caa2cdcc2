using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Npgsql;
using Shouldly;
using Xunit;

namespace Hippodrome.Storage.Tests;

/// <summary>Doses, kept faults, counted lines, pictures, and what a yard's approach holds for a horse.</summary>
public class RailStoresTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    private Guid HorseId => store.Here.Horse.Id;

    [Fact]
    public async Task A_session_keeps_its_doses_and_the_faults_that_stay()
    {
        var part = PartEntry.Of(Phase.Work, "Bouts", Gait.Trot, Rein.Both, 5.5) with
        {
            SetUpId = null,
            MarkHopedFor = 6.5,
            RungId = "fitness/trot-sets",
            ExerciseId = "fitness/trot-sets/six-short-bouts",
            Times = 6,
            Efforts = null,
            Transitions = 4,
            TransitionsWith = Gait.Walk,
            BoutSeconds = 20,
            RestSeconds = 40,
        };
        var jump = PartEntry.Of(Phase.NewWork, "Fence", Gait.Trot, Rein.Left, 4) with { Efforts = 4 };
        var plan = SessionPlan
            .From(
                Guid.NewGuid(),
                new SessionEntry(
                    StoreFixture.Today,
                    "Bouts",
                    Manner.Ridden,
                    true,
                    [part, jump],
                    "",
                    "",
                    [],
                    [new("NoCoolDown", "hacked home")]
                ),
                StoreFixture.Today
            )
            .OrThrow();
        await store.InAsync(store.Here, yard => yard.AddSessionAsync(HorseId, plan));
        var kept = (await store.InAsync(store.Here, yard => yard.FindSessionAsync(HorseId, plan.Id)))!.Plan;
        kept.Parts.ShouldBe(plan.Parts);
        kept.KeptFaults.ShouldBe([new KeptFault("NoCoolDown", "hacked home")]);
    }

    [Fact]
    public async Task A_counted_line_has_no_time_and_is_measured_once()
    {
        var horse = StoreFixture.NewHorse("Counted");
        var line = StrideMeasurement.FromLine(Guid.NewGuid(), GaitVariant.CanterWorking, Distance.FromMetres(10), 3, StoreFixture.Today)!;
        await store.InAsync(store.Here, async yard =>
        {
            await yard.AddHorseAsync(horse);
            await yard.AddStrideAsync(horse.Id, line);
            await yard.AddStrideAsync(horse.Id, line);
        });
        var card = await store.InAsync(store.Here, yard => yard.StrideMeasurementsAsync([horse.Id]));
        var measured = card[horse.Id].ShouldHaveSingleItem();
        (measured.Seconds, measured.Stride.Metres).ShouldBe((null, 2.5));
    }

    [Fact]
    public async Task A_picture_is_kept_once_and_cannot_be_changed()
    {
        var (ride, photo, jpeg) = (Guid.NewGuid(), Guid.NewGuid(), new byte[200]);
        await store.InAsync(store.Here, async yard =>
        {
            await yard.AddRideAsync(ride, HorseId, null, StoreFixture.Today, store.Here.TrainerId);
            await yard.AddPhotoAsync(ride, photo, jpeg, store.Here.TrainerId);
            await yard.AddPhotoAsync(ride, photo, [.. jpeg, 1], store.Here.TrainerId);
        });
        (await store.InAsync(store.Here, yard => yard.PhotosAsync(ride))).ShouldBe([photo]);
        (await store.InAsync(store.Here, yard => yard.FindPhotoAsync(ride, photo))).ShouldBe(jpeg);
        (await store.InAsync(store.There, yard => yard.FindPhotoAsync(ride, photo))).ShouldBeNull();
        var thrown = await Should.ThrowAsync<PostgresException>(() =>
            store.InAsync(store.Here, yard => yard.ExecuteAsync("delete from ride_photo"))
        );
        thrown.SqlState.ShouldBe(PostgresErrorCodes.InsufficientPrivilege);
    }

    [Fact]
    public async Task Days_ridden_are_told_once_each_and_within_bounds()
    {
        var horse = StoreFixture.NewHorse("Days");
        await store.InAsync(store.Here, async yard =>
        {
            await yard.AddHorseAsync(horse);
            foreach (var back in new[] { 0, 0, 3, 50 })
            {
                await yard.AddRideAsync(Guid.NewGuid(), horse.Id, null, StoreFixture.Today.AddDays(-back), store.Here.TrainerId);
            }
        });
        var days = await store.InAsync(store.Here, yard =>
            yard.RiddenDaysAsync([horse.Id], StoreFixture.Today.AddDays(-40), StoreFixture.Today)
        );
        days[horse.Id].Select(d => d.OnDay).ShouldBe([StoreFixture.Today.AddDays(-3), StoreFixture.Today, StoreFixture.Today]);
    }

    [Fact]
    public async Task A_horses_own_choice_goes_before_the_yards_and_that_before_its_temperament()
    {
        var (own, yards, hot) = (StoreFixture.NewHorse("Own"), StoreFixture.NewHorse("Yards"), StoreFixture.NewHorse("Hot"));
        var holds = await store.InAsync(store.Here, async yard =>
        {
            foreach (var horse in new[] { own, yards, hot })
            {
                await yard.AddHorseAsync(horse);
            }

            await yard.SetTemperamentAsync(hot.Id, Temperament.Hot);
            await yard.AddApproachChoiceAsync(own.Id, new ApproachMade(ApproachQuestion.Order, "sideways-first", ""), store.Here.TrainerId);
            return await yard.WaysAsync([own.Id, yards.Id, hot.Id]);
        });
        string On(Horse horse) => holds[horse.Id].On(ApproachQuestion.Order).Id;
        (On(own), On(yards), On(hot)).ShouldBe(("sideways-first", "walk-trot-canter", "canter-early"));
    }

    [Fact]
    public async Task A_ride_on_a_rung_names_the_parts_of_its_plan()
    {
        var horse = StoreFixture.NewHorse("Parts");
        PartEntry[] parts =
        [
            PartEntry.Of(Phase.WarmUp, "Walk", Gait.Walk, Rein.Both, 8),
            PartEntry.Of(Phase.Work, "One", Gait.Trot, Rein.Left, 5) with
            {
                RungId = "poles/trot-poles",
            },
            PartEntry.Of(Phase.Work, "Two", Gait.Trot, Rein.Right, 5) with
            {
                RungId = "poles/trot-poles",
            },
        ];
        var plan = SessionPlan
            .From(Guid.NewGuid(), new SessionEntry(StoreFixture.Today, "x", Manner.Ridden, true, parts), StoreFixture.Today)
            .OrThrow();
        var rides = await store.InAsync(store.Here, async yard =>
        {
            await yard.AddHorseAsync(horse);
            await yard.AddSessionAsync(horse.Id, plan);
            await yard.AddRideAsync(plan.Id, horse.Id, plan.Id, StoreFixture.Today, store.Here.TrainerId);
            return await yard.RidesOnRungsAsync([(horse.Id, "poles/trot-poles")], StoreFixture.Today, 5);
        });
        rides.ShouldHaveSingleItem().Parts.ShouldBe([1, 2]);
    }
}
