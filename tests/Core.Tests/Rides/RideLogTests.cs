using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Rides;

public class RideLogTests
{
    private static readonly DateTimeOffset At = new(2026, 4, 18, 8, 0, 0, TimeSpan.Zero);
    private static readonly Guid Id = Guid.NewGuid();

    public static TheoryData<RideEvent, string> Impossible =>
        new()
        {
            { new Ridden(Id, At, Gait.Trot, Rein.Left, 0), "events[0].minutes" },
            { new Ridden(Id, At, Gait.Trot, Rein.Left, double.NaN), "events[0].minutes" },
            { new Transitions(Id, At, Gait.Trot, Gait.Trot, 3), "events[0].to" },
            { new Transitions(Id, At, Gait.Walk, Gait.Trot, -1), "events[0].count" },
            { new PolesPassed(Id, At, null, Rein.Left, 0, 0, 0), "events[0].clean" },
            { new PolesPassed(Id, At, null, Rein.Left, 2, 1, 4), "events[0].rushed" },
            { new PolesPassed(Id, At, null, Rein.Both, 2, 1, 0), "events[0].rein" },
            { new Efforts(Id, At, null, Rein.Left, 2.4, EffortOutcome.Clear, 1), "events[0].heightMetres" },
            { new TensionSeen(Id, At, 5), "events[0].tension" },
            { new ExertionSeen(Id, At, 11), "events[0].exertion" },
            { new Noted(Id, At, "  "), "events[0].text" },
            { new WeatherRead(Id, At, 61, 40, false), "events[0].temperatureC" },
            { new TakenBack(Id, At, Id), "events[0].event" },
            { new ClosingTest(Guid.Empty, At, true), "events[0].id" },
            { new ClosingTest(Id, default, true), "events[0].at" },
        };

    [Theory]
    [MemberData(nameof(Impossible))]
    public void What_cannot_have_happened_is_refused_at_its_place(RideEvent e, string field) =>
        RideLog.From([e]).Faults.ShouldHaveSingleItem().Field.ShouldBe(field);

    [Fact]
    public void An_empty_sending_is_refused()
    {
        RideLog.From([]).IsFine.ShouldBeFalse();
        RideLog.From(null).IsFine.ShouldBeFalse();
        RideLog.From([null]).Faults.ShouldHaveSingleItem().Field.ShouldBe("events[0]");
    }

    [Fact]
    public void Nobody_taps_five_hundred_and_one_times_between_two_sendings() =>
        RideLog
            .From([.. Enumerable.Range(0, 501).Select(_ => new ClosingTest(Guid.NewGuid(), At, true))])
            .Faults.ShouldHaveSingleItem()
            .Mend.ShouldContain("several goes");

    [Fact]
    public void Events_stand_in_the_order_they_happened_whatever_the_order_they_came()
    {
        var late = new TensionSeen(Guid.NewGuid(), At.AddMinutes(9), 3);
        var early = new TensionSeen(Guid.NewGuid(), At, 1);
        RideLog.Kept([late, early]).Events.ShouldBe([early, late]);
    }

    [Theory]
    [InlineData(0, 1e300, "events[0].clock.seconds")]
    [InlineData(-1, 5, "events[0].clock.number")]
    public void A_clock_that_cannot_be_is_refused(int number, double seconds, string field) =>
        RideLog
            .From([
                new ClosingTest(Guid.NewGuid(), Device.Morning, true)
                {
                    Clock = new TapClock(Guid.NewGuid(), Guid.NewGuid(), number, seconds),
                },
            ])
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe(field);

    [Fact]
    public void A_tap_names_its_device() =>
        RideLog
            .From([new ClosingTest(Guid.NewGuid(), Device.Morning, true) { Clock = new TapClock(Guid.Empty, Guid.NewGuid(), 0, 1) }])
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("events[0].clock");
}
