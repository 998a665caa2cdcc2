using Dapper;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Setups;
using Hippodrome.Storage.Rides;
using Npgsql;
using Shouldly;
using Xunit;

namespace Hippodrome.Storage.Tests;

/// <summary>Events are appended, never edited, and counted once.</summary>
public class RideStoreTests(StoreFixture store) : IClassFixture<StoreFixture>
{
    private static readonly DateTimeOffset At = new(2026, 4, 18, 9, 30, 0, TimeSpan.FromHours(1));

    /// <summary>One of every kind.</summary>
    private static RideEvent[] Events() =>
        [
            new Ridden(Guid.NewGuid(), At, Gait.Trot, Rein.Left, 12.5),
            new Transitions(Guid.NewGuid(), At, Gait.Walk, Gait.Trot, 8),
            new PolesPassed(Guid.NewGuid(), At, null, Rein.Left, 5, 1, 0),
            new Efforts(Guid.NewGuid(), At, null, Rein.Right, 0.6, EffortOutcome.RunOutLeft, 1),
            new Marked(Guid.NewGuid(), At, Rein.Both, Mark.Of(6.5), "trot"),
            new TensionSeen(Guid.NewGuid(), At, 2),
            new ExertionSeen(Guid.NewGuid(), At, 4.5),
            new SignSeen(Guid.NewGuid(), At, Sign.DriftedLeft, Rein.Left),
            new ClosingTest(Guid.NewGuid(), At, true),
            new Noted(Guid.NewGuid(), At, "Kind: \"ridden\" — ünïcode, and a \\ too."),
            new WeatherRead(Guid.NewGuid(), At, 12.5, 70, true),
            new TakenBack(Guid.NewGuid(), At, Guid.NewGuid()),
            new GaitNow(Guid.NewGuid(), At, Gait.Canter) { Clock = new TapClock(Guid.NewGuid(), Guid.NewGuid(), 7, 61.25) },
            new ReinNow(Guid.NewGuid(), At, Rein.Right),
            new PartBegun(Guid.NewGuid(), At, 2),
            new Paused(Guid.NewGuid(), At, "girth"),
            new RiderNow(Guid.NewGuid(), At, "Tam"),
            new RideEnded(Guid.NewGuid(), At),
            new JumpTold(Guid.NewGuid(), At, Guid.NewGuid(), TakeOff.Long, Rein.Left, true, JumpCause.Hand),
            new ChangeRidden(Guid.NewGuid(), At, Rein.Left, ChangeQuality.ShortBehind, ArenaPlace.Diagonal),
            new StridesCounted(Guid.NewGuid(), At, null, GaitVariant.CanterWorking, Rein.Left, 14.6, 3, true, 3),
            new YieldSteps(Guid.NewGuid(), At, Rein.Right, 4, 2),
            new AdviceAnswered(Guid.NewGuid(), At, "RanOut", false),
            new NextToDo(Guid.NewGuid(), At, "the right lead first"),
            new LegTouched(Guid.NewGuid(), At, Leg.RightHind, 3),
            new Fell(Guid.NewGuid(), At, Faller.Rider, true),
            new Stands(Guid.NewGuid(), At, 1, RebuiltCrossPole),
            new Attempted(Guid.NewGuid(), At, Movement.Halt, HorseAnswer.Reminded, null, ArenaPlace.CentreLine)
            {
                Word = AttemptWord.ByLeg,
            },
            new SeriesRidden(Guid.NewGuid(), At, 4, 5, 3, Rein.Left, 2, ArenaPlace.Diagonal) { InTest = true },
            new MoreTold(Guid.NewGuid(), At, Guid.NewGuid(), Rein.Left, ArenaPlace.Gate, FrightenedOf.Filler, true, false),
            new AskedAgain(Guid.NewGuid(), At, Guid.NewGuid(), HorseAnswer.Alone),
            new QuestionRidden(Guid.NewGuid(), At, QuestionKind.Water, QuestionWay.In, QuestionHow.Looked),
            new Travelled(Guid.NewGuid(), At, TravelHow.Steadied),
            new MannerNow(Guid.NewGuid(), At, Manner.InHand, Rein.Right),
            new TackLooked(Guid.NewGuid(), At, false, true, true, false, 7),
            new TestAnswered(Guid.NewGuid(), At, OpeningTest.VoiceAnswered, false),
        ];

    private static readonly CrossPoleEntry RebuiltCrossPole = new()
    {
        Arena = ArenaSize.SixtyByTwenty,
        Line = ArenaLine.RightQuarterLine,
        Heading = Heading.TowardsC,
        MiddleMetres = 30,
        HeightMetres = 0.2,
    };

    [Fact]
    public async Task Every_kind_of_event_comes_back_as_it_was_sent()
    {
        var events = Events();
        events
            .Select(e => e.GetType())
            .ShouldBe(
                typeof(RideEvent).Assembly.GetTypes().Where(t => t.IsSubclassOf(typeof(RideEvent))),
                ignoreOrder: true,
                "a new kind of event has no row here"
            );
        var ride = await RideAsync(events);
        (await LogAsync(ride)).Events.ShouldBe(events, ignoreOrder: true);
    }

    [Fact]
    public async Task Sending_twice_adds_nothing()
    {
        var events = Events();
        var ride = await RideAsync(events);
        var again = await AppendAsync(ride, events);
        again.Added.ShouldBeEmpty();
        again.Differing.ShouldBeEmpty();
        (await LogAsync(ride)).Events.Count.ShouldBe(events.Length);
    }

    [Fact]
    public async Task Twenty_devices_sending_the_same_at_once_count_once()
    {
        var (ride, events) = (Guid.NewGuid(), Events());
        var added = await Task.WhenAll(
            Enumerable
                .Range(0, 20)
                .Select(_ => store.InAsync(store.Here, async yard =>
                    {
                        await yard.AddRideAsync(ride, store.Here.Horse.Id, null, StoreFixture.Today, store.Here.TrainerId);
                        return (await yard.AppendAsync(ride, RideLog.From(events).OrThrow(), store.Here.TrainerId)).Added.Count;
                    }))
        );
        added.Sum().ShouldBe(events.Length);
        (await LogAsync(ride)).Events.Count.ShouldBe(events.Length);
    }

    [Fact]
    public async Task The_same_id_with_another_content_is_told_and_not_kept()
    {
        var first = new TensionSeen(Guid.NewGuid(), At, 1);
        var ride = await RideAsync([first]);
        (await AppendAsync(ride, [first with { Tension = 4 }])).Differing.ShouldBe([first.Id]);
        (await LogAsync(ride)).Events.ShouldBe([first]);
    }

    [Theory]
    [InlineData("update ride_event set body = '{}'")]
    [InlineData("delete from ride_event")]
    [InlineData("update ride set on_day = '2020-01-01'")]
    [InlineData("delete from verdict_answer")]
    [InlineData("update rung_move set rung_id = null")]
    [InlineData("delete from rung_move")]
    [InlineData("update restriction set because = 'nothing'")]
    public async Task The_application_may_not_edit_what_happened(string sql)
    {
        var thrown = await Should.ThrowAsync<PostgresException>(() => store.InAsync(store.Here, yard => yard.ExecuteAsync(sql)));
        thrown.SqlState.ShouldBe(PostgresErrorCodes.InsufficientPrivilege);
    }

    [Fact]
    public async Task A_ride_sent_twice_is_one_ride_and_keeps_its_first_day()
    {
        var ride = await RideAsync([new TensionSeen(Guid.NewGuid(), At, 1)]);
        await store.InAsync(store.Here, yard =>
            yard.AddRideAsync(ride, store.Here.Horse.Id, null, StoreFixture.Today.AddDays(-3), store.Here.TrainerId)
        );
        (await store.InAsync(store.Here, yard => yard.FindRideAsync(ride)))!.OnDay.ShouldBe(StoreFixture.Today);
    }

    [Fact]
    public async Task The_latest_rides_come_first_and_no_later_than_asked()
    {
        var horse = StoreFixture.NewHorse("Latest");
        await store.InAsync(store.Here, async yard =>
        {
            await Horses.HorseStore.AddHorseAsync(yard, horse);
            foreach (var day in Enumerable.Range(0, 5))
            {
                await yard.AddRideAsync(Guid.NewGuid(), horse.Id, null, StoreFixture.Today.AddDays(-day), store.Here.TrainerId);
            }
        });
        var rides = await store.InAsync(store.Here, yard =>
            yard.LatestRidesAsync([horse.Id, store.There.Horse.Id], StoreFixture.Today.AddDays(-1), 3)
        );
        rides
            .Select(r => r.OnDay)
            .ShouldBe([StoreFixture.Today.AddDays(-1), StoreFixture.Today.AddDays(-2), StoreFixture.Today.AddDays(-3)]);
    }

    [Fact]
    public async Task A_session_closed_twice_leaves_whoever_has_its_connection_now_alone()
    {
        // One connection, so that the second is sure to have the first one's.
        await using var one = new Database(new NpgsqlConnectionStringBuilder(store.OwnerConnection) { MaxPoolSize = 1 }.ConnectionString);
        var first = await one.OpenYardAsync(store.Here.Id);
        await first.DisposeAsync();
        var ride = Guid.NewGuid();
        await using (var second = await one.OpenYardAsync(store.Here.Id))
        {
            await second.AddRideAsync(ride, store.Here.Horse.Id, null, StoreFixture.Today, store.Here.TrainerId);
            await first.DisposeAsync();
            await second.CommitAsync();
        }

        (await store.InAsync(store.Here, yard => yard.FindRideAsync(ride))).ShouldNotBeNull();
    }

    [Fact]
    public async Task One_lock_is_held_by_one_transaction_at_a_time()
    {
        var (what, inside, most) = (Guid.NewGuid(), 0, 0);
        await Task.WhenAll(
            Enumerable
                .Range(0, 6)
                .Select(_ => store.InAsync(store.Here, async yard =>
                    {
                        await yard.LockAsync(what);
                        most = Math.Max(most, Interlocked.Increment(ref inside));
                        await Task.Delay(20, TestContext.Current.CancellationToken);
                        Interlocked.Decrement(ref inside);
                    }))
        );
        most.ShouldBe(1);
    }

    private async Task<Guid> RideAsync(RideEvent[] events)
    {
        var ride = Guid.NewGuid();
        await store.InAsync(store.Here, yard =>
            yard.AddRideAsync(ride, store.Here.Horse.Id, null, StoreFixture.Today, store.Here.TrainerId)
        );
        (await AppendAsync(ride, events)).Added.Count.ShouldBe(events.Length);
        return ride;
    }

    private Task<Appended> AppendAsync(Guid ride, RideEvent[] events) =>
        store.InAsync(store.Here, yard => yard.AppendAsync(ride, RideLog.From(events).OrThrow(), store.Here.TrainerId));

    private async Task<RideLog> LogAsync(Guid ride) => (await store.InAsync(store.Here, yard => yard.LogsAsync([ride])))[ride];
}
