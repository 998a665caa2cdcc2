using CsCheck;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Rides;

public class RideRecordTests
{
    private static readonly DateTimeOffset Start = Taps.Start;

    [Fact]
    public void Any_order_of_arrival_gives_the_same_record() =>
        Gen.Select(Taps.Any, Gen.Int[0, int.MaxValue])
            .Sample(
                (taps, seed) =>
                {
                    var shuffled = taps.ToArray();
                    new Random(seed).Shuffle(shuffled);
                    return Same(Make.Record(taps), Make.Record(shuffled));
                }
            );

    [Fact]
    public void Sending_twice_counts_once() => Taps.Any.Sample(taps => Same(Make.Record(taps), Make.Record([.. taps, .. taps])));

    [Fact]
    public void Two_devices_make_the_record_of_one() =>
        Gen.Select(Taps.Any, Gen.Int[0, 25])
            .Sample((taps, at) => Same(Make.Record(taps), Make.Record([.. taps.Skip(at), .. taps.Take(at)])));

    [Fact]
    public void Minutes_add_up_to_what_was_ridden_and_not_taken_back() =>
        Taps.Any.Sample(taps =>
        {
            var back = taps.OfType<TakenBack>().Select(t => t.Event).ToHashSet();
            return Math.Abs(Make.Record(taps).Minutes - taps.OfType<Ridden>().Where(r => !back.Contains(r.Id)).Sum(r => r.Minutes)) < 1e-9;
        });

    [Fact]
    public void What_is_taken_back_no_longer_counts_and_stays_visible()
    {
        var slip = Make.Jumped(Rein.Left, EffortOutcome.Stop);
        var record = Make.Record(slip, Make.Jumped(Rein.Left, EffortOutcome.Clear), new TakenBack(Guid.NewGuid(), Start, slip.Id));
        record.Efforts.Left.ShouldBe(new EffortCount(1, 0, 0, 0, 0));
        record.TakenBack.ShouldBe(1);
    }

    [Fact]
    public void Both_reins_share_what_belongs_to_both()
    {
        var record = Make.Record(
            Make.Ridden(Gait.Trot, Rein.Both, 10),
            Make.Ridden(Gait.Trot, Rein.Left, 4),
            Make.Ridden(Gait.Walk, Rein.Right, 3)
        );
        record.ByGait.ShouldBe([new GaitMinutes(Gait.Walk, 0, 3), new GaitMinutes(Gait.Trot, 9, 5)]);
    }

    [Fact]
    public void Passes_and_efforts_are_kept_apart_by_rein()
    {
        var record = Make.Record(
            Make.Passes(Rein.Left, 4, 1, 2),
            Make.Passes(Rein.Right, 5),
            Make.Passes(Rein.Left, 1),
            Make.Jumped(Rein.Right, EffortOutcome.RunOutLeft),
            Make.Jumped(Rein.Right, EffortOutcome.RunOutRight),
            Make.Jumped(Rein.Left, EffortOutcome.Clear, 3, 0.7)
        );
        record.Passes.Left.ShouldBe(new PassCount(5, 1, 2, 24));
        record.Passes.Right.ShouldBe(new PassCount(5, 0, 0, 20));
        record.Efforts.Right.RunOut.ShouldBe(2);
        record.HighestMetres.ShouldBe(0.7);
    }

    [Fact]
    public void The_mark_of_a_rein_is_the_mean_of_its_marks()
    {
        var record = Make.Record(Make.Mark(Rein.Left, 6), Make.Mark(Rein.Left, 7), Make.Mark(Rein.Both, 8));
        record.Marks.ShouldBe(new MarksByRein(7, 8));
        record.BothReinsReach(7).ShouldBeTrue();
        record.BothReinsReach(7.5).ShouldBeFalse();
    }

    // Foster 2001 (value from memory): session load is exertion times minutes.
    [Fact]
    public void Load_is_exertion_times_minutes()
    {
        var ridden = Make.Ridden(Gait.Trot, Rein.Both, 40);
        Make.Record(ridden, new ExertionSeen(Guid.NewGuid(), Start, 5)).Load.ShouldBe(200);
        Make.Record(ridden).Load.ShouldBeNull();
    }

    // (R-L)/((R+L)/2) x 100 %, the usual index of asymmetry (general statistics of gait analysis, from memory).
    [Theory]
    [InlineData(6, 7, 15.38)]
    [InlineData(7, 6, -15.38)]
    [InlineData(5, 5, 0)]
    [InlineData(0, 4, 200)]
    public void Asymmetry_is_more_on_the_right_above_nought(double left, double right, double index) =>
        Asymmetry.Index(left, right)!.Value.ShouldBe(index, 0.01);

    [Fact]
    public void Nothing_on_either_side_has_no_asymmetry() => Asymmetry.Index(0, 0).ShouldBeNull();

    [Fact]
    public void Changing_sides_changes_only_the_sign() =>
        Gen.Select(Gen.Double[0.1, 10], Gen.Double[0.1, 10])
            .Sample((l, r) => Math.Abs(Asymmetry.Index(l, r)!.Value + Asymmetry.Index(r, l)!.Value) < 1e-9);

    private static bool Same(RideRecord a, RideRecord b) =>
        System.Text.Json.JsonSerializer.Serialize(a) == System.Text.Json.JsonSerializer.Serialize(b);
}
