using CsCheck;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Rides;

/// <summary>A ride tapped at the rail, folded to its record.</summary>
public class RailRecordTests
{
    private readonly Device _phone = new();

    /// <summary>The taps of a ride at whole seconds, each at its own, with the gait and rein it turns to.</summary>
    private static readonly Gen<(int Second, int Kind, int Choice)[]> AnyTaps = Gen.Select(Gen.Int[1, 3000], Gen.Int[0, 9], Gen.Int[0, 4])
        .Array[2, 40]
        .Select(taps => taps.DistinctBy(t => t.Item1).OrderBy(t => t.Item1).ToArray());

    // Walk 8, trot 6 left and 6 right, canter 2, walk 5: counted by hand.
    private RideEvent[] Forty() =>
        [
            _phone.Gait(0, Gait.Walk),
            _phone.Rein(0, Rein.Left),
            _phone.Part(0, 0),
            _phone.Rein(4, Rein.Right),
            _phone.Part(8, 1),
            _phone.Gait(8, Gait.Trot),
            _phone.Rein(8, Rein.Left),
            _phone.Rein(14, Rein.Right),
            _phone.Part(20, 2),
            _phone.Gait(20, Gait.Canter),
            _phone.Gait(22, Gait.Walk),
            _phone.Part(22, 3),
            _phone.End(27),
        ];

    [Fact]
    public void Minutes_by_gait_rein_and_part_come_from_the_taps()
    {
        var record = Make.Record(Forty());
        record.Minutes.ShouldBe(27, 1e-9);
        record
            .ByGait.Select(g => (g.Gait, Math.Round(g.Left, 6), Math.Round(g.Right, 6)))
            .ShouldBe([(Gait.Walk, 4, 9), (Gait.Trot, 6, 6), (Gait.Canter, 0, 2)]);
        record.Rail.Parts.Select(p => (p.Part, Math.Round(p.Minutes, 6))).ShouldBe([(0, 8), (1, 12), (2, 2), (3, 5)]);
        record.Transitions.ShouldBe(
            [
                new TransitionCount(Gait.Walk, Gait.Trot, 1),
                new TransitionCount(Gait.Trot, Gait.Canter, 1),
                new TransitionCount(Gait.Canter, Gait.Walk, 1),
            ],
            ignoreOrder: true
        );
        record.Rail.Began.ShouldBe(Device.Morning);
        record.Rail.Ended.ShouldBe(Device.Morning.AddMinutes(27));
    }

    [Fact]
    public void Any_order_of_arrival_and_any_doubling_give_the_same_record() =>
        Gen.Select(AnyTaps, Gen.Int[0, int.MaxValue])
            .Sample(
                (taps, seed) =>
                {
                    var events = Tapped(taps, [new Device()], _ => 0);
                    RideEvent[] shuffled = [.. events, .. events.Where((_, i) => i % 3 == 0)];
                    new Random(seed).Shuffle(shuffled);
                    return Same(Make.Record([.. events]), Make.Record(shuffled));
                }
            );

    [Fact]
    public void Any_split_over_devices_gives_the_same_record() =>
        Gen.Select(AnyTaps, Gen.Int[0, int.MaxValue])
            .Sample(
                (taps, seed) =>
                {
                    var random = new Random(seed);
                    var ids = taps.Select(_ => Guid.NewGuid()).ToArray();
                    var one = Tapped(taps, [new Device()], _ => 0).Zip(ids, (e, id) => e with { Id = id });
                    var three = Tapped(taps, [new Device(), new Device(), new Device()], _ => random.Next(3))
                        .Zip(ids, (e, id) => e with { Id = id });
                    return Same(Make.Record([.. one]), Make.Record([.. three]));
                }
            );

    [Fact]
    public void Ridden_minutes_and_interruptions_add_up_to_the_ride() =>
        AnyTaps.Sample(taps =>
        {
            var rail = Make.Record([.. Tapped(taps, [new Device()], _ => 0)]).Rail;
            if (rail.Began is not { } began)
            {
                return rail.Stretches.Count == 0;
            }

            var until = Device.Morning.AddSeconds(taps[^1].Second);
            var stood = rail.Interruptions.Where(i => i.From >= began).Sum(i => ((i.To ?? until) - i.From).TotalSeconds);
            return Math.Abs(rail.Stretches.Sum(s => s.Minutes * 60) + stood - (until - began).TotalSeconds) < 1e-6
                && rail.Stretches.Zip(rail.Stretches.Skip(1)).All(s => s.First.To <= s.Second.From)
                && Math.Abs(rail.Parts.Sum(p => p.Minutes) - rail.Stretches.Where(s => s.Part is not null).Sum(s => s.Minutes)) < 1e-9;
        });

    [Fact]
    public void A_slip_is_taken_back_and_stays_visible()
    {
        RideEvent[] taps = [_phone.Gait(0, Gait.Walk), _phone.Gait(5, Gait.Gallop), _phone.Gait(5.1, Gait.Trot), _phone.End(10)];
        var record = Make.Record([.. taps, _phone.Tap(5.05, (id, at) => new TakenBack(id, at, taps[1].Id))]);
        record.ByGait.Select(g => g.Gait).ShouldBe([Gait.Walk, Gait.Trot]);
        record.Minutes.ShouldBe(10, 1e-6);
        record.TakenBack.ShouldBe(1);
        record.Transitions.ShouldHaveSingleItem().ShouldBe(new TransitionCount(Gait.Walk, Gait.Trot, 1));
    }

    [Fact]
    public void A_correction_stands_where_the_slip_stood()
    {
        RideEvent[] taps = [_phone.Gait(0, Gait.Walk), _phone.Gait(5, Gait.Canter), _phone.End(10)];
        var slip = taps[1];
        var mended = Make.Record([
            .. taps,
            _phone.Tap(11, (id, at) => new TakenBack(id, at, slip.Id)),
            new GaitNow(Guid.NewGuid(), slip.At, Gait.Trot) { Clock = slip.Clock },
        ]);
        mended.ByGait.Select(g => (g.Gait, Math.Round(g.Left + g.Right, 6))).ShouldBe([(Gait.Walk, 5), (Gait.Trot, 5)]);
    }

    [Fact]
    public void An_interruption_is_not_ridden_and_is_shown()
    {
        var rail = Make.Record(
            _phone.Gait(0, Gait.Trot),
            _phone.Tap(5, (id, at) => new Paused(id, at, "girth")),
            _phone.Gait(9, Gait.Walk),
            _phone.End(12)
        ).Rail;
        rail.Stretches.Sum(s => s.Minutes).ShouldBe(8, 1e-9);
        rail.Interruptions.ShouldBe([new Interruption(Device.Morning.AddMinutes(5), Device.Morning.AddMinutes(9), "girth")]);
    }

    [Fact]
    public void A_ride_left_open_overnight_ends_at_its_last_tap()
    {
        var record = Make.Record(
            _phone.Gait(0, Gait.Walk),
            _phone.Gait(10, Gait.Trot),
            _phone.Rein(15, Rein.Left),
            _phone.End(15 + (14 * 60))
        );
        record.Minutes.ShouldBe(15, 1e-9);
        record.Rail.LeftOpen.ShouldBe([new LeftOpen(Device.Morning.AddMinutes(15), Device.Morning.AddMinutes(15 + (14 * 60)))]);
    }

    [Theory]
    [InlineData(60, 0)]
    [InlineData(61, 1)]
    public void An_hour_without_a_tap_is_the_longest_that_counts(double minutes, int leftOpen) =>
        Make.Record(_phone.Gait(0, Gait.Walk), _phone.End(minutes)).Rail.LeftOpen.Count.ShouldBe(leftOpen);

    [Fact]
    public void A_clock_put_back_in_the_middle_changes_no_minutes()
    {
        RideEvent[] before = [_phone.Gait(0, Gait.Walk), _phone.Gait(8, Gait.Trot)];
        _phone.Ahead = -60;
        var record = Make.Record([.. before, _phone.Gait(20, Gait.Walk), _phone.End(25)]);
        record.ByGait.Select(g => (g.Gait, Math.Round(g.Left + g.Right, 6))).ShouldBe([(Gait.Walk, 13), (Gait.Trot, 12)]);
        record.Rail.ClockNotes.ShouldHaveSingleItem().Minutes.ShouldBe(60, 1e-6);
    }

    [Fact]
    public void A_clock_put_back_before_a_reload_keeps_the_order_of_the_taps()
    {
        RideEvent[] before = [_phone.Gait(0, Gait.Walk), _phone.Gait(8, Gait.Trot)];
        _phone.Ahead = -60;
        _phone.Reload(19);
        var record = Make.Record([.. before, _phone.Gait(20, Gait.Canter), _phone.End(23)]);
        record.Transitions.Select(t => t.To).ShouldBe([Gait.Trot, Gait.Canter], ignoreOrder: true);
        record.ByGait.Single(g => g.Gait == Gait.Canter).Minutes.ShouldBe(3, 1e-6);
    }

    [Fact]
    public void A_device_that_slept_counts_by_its_clock_and_says_so()
    {
        RideEvent[] before = [_phone.Gait(0, Gait.Walk)];
        _phone.Slept = 12;
        var record = Make.Record([.. before, _phone.Gait(15, Gait.Trot), _phone.End(20)]);
        record.ByGait[0].Minutes.ShouldBe(15, 1e-6);
        record.Rail.ClockNotes.ShouldHaveSingleItem().Minutes.ShouldBe(12, 1e-6);
    }

    [Fact]
    public void A_reload_goes_on_by_the_clock()
    {
        RideEvent[] before = [_phone.Gait(0, Gait.Walk)];
        _phone.Reload(3);
        var record = Make.Record([.. before, _phone.Gait(7, Gait.Trot), _phone.End(9)]);
        record.ByGait[0].Minutes.ShouldBe(7, 1e-6);
        record.Rail.ClockNotes.ShouldBeEmpty();
    }

    [Fact]
    public void Two_riders_changing_over_have_their_own_minutes()
    {
        var rail = Make.Record(_phone.Gait(0, Gait.Trot), _phone.Tap(10, (id, at) => new RiderNow(id, at, "Ottilie")), _phone.End(25)).Rail;
        rail.Riders.Select(r => (r.Rider, Math.Round(r.Minutes, 6))).ShouldBe([(null, 10), ("Ottilie", 15)]);
    }

    [Fact]
    public void What_is_written_down_afterwards_adds_to_what_was_tapped()
    {
        var record = Make.Record([
            .. Forty(),
            Make.Ridden(Gait.Walk, Rein.Both, 10),
            new Transitions(Guid.NewGuid(), Device.Morning.AddHours(9), Gait.Walk, Gait.Trot, 3),
        ]);
        record.Minutes.ShouldBe(37, 1e-9);
        record.Transitions.ShouldContain(new TransitionCount(Gait.Walk, Gait.Trot, 4));
        record.Rail.LeftOpen.ShouldBeEmpty();
    }

    [Fact]
    public void Marks_belong_to_the_part_they_were_tapped_in()
    {
        RideEvent Pass(double minute, Rein rein, int clean, int touched) =>
            _phone.Tap(minute, (id, at) =>
                new PolesPassed(id, at, null, rein, clean, touched, 0) { Leg = touched > 0 ? Leg.LeftHind : null }
            );
        var rail = Make.Record(
            _phone.Gait(0, Gait.Walk),
            _phone.Part(8, 1),
            Pass(9, Rein.Left, 1, 0),
            Pass(10, Rein.Left, 0, 1),
            _phone.Part(12, 2),
            Pass(13, Rein.Right, 1, 0),
            _phone.End(15)
        ).Rail;
        rail.Parts.Select(p => (p.Part, p.Passes.Left.All, p.Passes.Left.Touched, p.Passes.Right.All))
            .ShouldBe([(1, 2, 1, 0), (2, 0, 0, 1)]);
        rail.TouchedLegs.ShouldBe(new Dictionary<Leg, int> { [Leg.LeftHind] = 1 });
    }

    [Fact]
    public void A_jump_is_told_about_until_it_is_taken_back()
    {
        var jump = _phone.Tap(1, (id, at) => new Efforts(id, at, null, Rein.Left, 0.8, EffortOutcome.Clear, 1));
        RideEvent Tell(double minute, TakeOff? takeOff, JumpCause? cause) =>
            _phone.Tap(minute, (id, at) => new JumpTold(id, at, jump.Id, takeOff, null, null, cause));
        RideEvent[] taps = [jump, Tell(1.1, TakeOff.Long, null), Tell(1.2, TakeOff.Close, null), Tell(1.3, null, JumpCause.Hand)];
        var told = Make.Record(taps).Rail.Jumps;
        (told.Close, told.Good, told.Long, told.Causes[JumpCause.Hand]).ShouldBe((1, 0, 0, 1));
        Make.Record([.. taps, _phone.Tap(2, (id, at) => new TakenBack(id, at, jump.Id))]).Rail.Jumps.Causes.ShouldBeEmpty();
    }

    // A counted line planned in four: ridden in four, five, five, three. The most frequent miss is five.
    [Fact]
    public void A_counted_line_shows_each_count_and_the_most_frequent_miss()
    {
        RideEvent Count(double minute, int strides) =>
            _phone.Tap(minute, (id, at) => new StridesCounted(id, at, null, GaitVariant.CanterWorking, Rein.Left, 15, strides, true, 4));
        var line = Make.Record(Count(1, 4), Count(2, 5), Count(3, 5), Count(4, 3)).Rail.Lines.ShouldHaveSingleItem();
        line.Times.ShouldBe([new CountedTimes(3, 1), new CountedTimes(4, 1), new CountedTimes(5, 2)]);
        (line.Met, line.MostFrequentMiss).ShouldBe((1, 5));
    }

    [Fact]
    public void Changes_and_steps_are_kept_apart_by_side()
    {
        RideEvent Change(double minute, Rein to, ChangeQuality quality) =>
            _phone.Tap(minute, (id, at) => new ChangeRidden(id, at, to, quality, ArenaPlace.Diagonal));
        var rail = Make.Record(
            Change(1, Rein.Left, ChangeQuality.Clean),
            Change(2, Rein.Right, ChangeQuality.Late),
            Change(3, Rein.Right, ChangeQuality.None),
            _phone.Tap(4, (id, at) => new YieldSteps(id, at, Rein.Left, 4, 3)),
            _phone.Tap(5, (id, at) => new YieldSteps(id, at, Rein.Left, 2, 2))
        ).Rail;
        rail.Changes.Left.ShouldBe(new ChangeCount(1, 0, 0, 0));
        rail.Changes.Right.ShouldBe(new ChangeCount(0, 1, 0, 1));
        rail.Yields.Left.ShouldBe(new StepCount(6, 5));
    }

    private static List<RideEvent> Tapped((int Second, int Kind, int Choice)[] taps, Device[] devices, Func<int, int> on) =>
        [
            .. taps.Select(
                (t, i) =>
                    devices[on(i)]
                        .Tap(t.Second / 60.0, (id, at) => t.Kind switch
                            {
                                0 or 1 or 2 => new GaitNow(id, At(t.Second), (Gait)t.Choice),
                                3 or 4 => new ReinNow(id, At(t.Second), (Rein)(t.Choice % 3)),
                                5 => new PartBegun(id, At(t.Second), t.Choice),
                                6 => new Paused(id, At(t.Second), ""),
                                7 => new PolesPassed(id, At(t.Second), null, (Rein)(t.Choice % 2), 1, 0, 0),
                                8 => new RiderNow(id, At(t.Second), $"Rider {t.Choice}"),
                                _ => new Marked(id, At(t.Second), Rein.Both, Core.Measures.Mark.Of(t.Choice + 4), ""),
                            })
                        is var e
                        ? e with
                        {
                            Clock = e.Clock! with { Seconds = t.Second },
                        }
                        : throw new InvalidOperationException()
            ),
        ];

    private static DateTimeOffset At(int second) => Device.Morning.AddSeconds(second);

    private static bool Same(RideRecord a, RideRecord b) =>
        System.Text.Json.JsonSerializer.Serialize(a) == System.Text.Json.JsonSerializer.Serialize(b);
}
