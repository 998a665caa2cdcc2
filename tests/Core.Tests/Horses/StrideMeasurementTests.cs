using CsCheck;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Horses;

public class StrideMeasurementTests
{
    private static readonly Horse Horse = Make.Horse();

    [Fact]
    public void A_strip_gives_stride_speed_and_tempo()
    {
        // 30 m in 22 trot steps and 8.25 s: 11 strides.
        var measured = Read(GaitVariant.TrotWorking, 30, 22, Counted.Steps, 8.25).OrThrow();
        measured.Stride.Metres.ShouldBe(30.0 / 11, 1e-9);
        measured.Speed!.Value.MetresPerSecond.ShouldBe(30 / 8.25, 1e-9);
        measured.Tempo!.Value.ShouldBe(80, 1e-9);
    }

    [Fact]
    public void Two_steps_are_one_stride() =>
        Read(GaitVariant.WalkMedium, 20, 22, Counted.Steps, 12)
            .OrThrow()
            .Stride.ShouldBe(Read(GaitVariant.WalkMedium, 20, 11, Counted.Strides, 12).OrThrow().Stride);

    [Fact]
    public void Stride_times_tempo_is_the_speed() =>
        Gen.Select(Gen.Double[10, 60], Gen.Double[5, 20], Gen.Double[5, 20])
            .Sample(
                (metres, strides, seconds) =>
                {
                    var m = Make.Strip(GaitVariant.TrotWorking, metres, strides, seconds);
                    return Math.Abs((m.Stride.Metres * m.Tempo!.Value / 60) - m.Speed!.Value.MetresPerSecond) < 1e-9;
                }
            );

    // Chosen for Hippodrome: believable strides go from a small pony's shortest to a big mover's longest.
    [Theory]
    [InlineData(GaitVariant.TrotWorking, 30, 5, "trot stride of 6.00 m")]
    [InlineData(GaitVariant.WalkMedium, 20, 30, "walk stride of 0.67 m")]
    [InlineData(GaitVariant.CanterWorking, 60, 9, "canter stride of 6.67 m")]
    public void A_stride_no_horse_has_is_refused_with_what_would_be_believable(
        GaitVariant variant,
        double metres,
        double strides,
        string says
    )
    {
        var fault = Read(variant, metres, strides, Counted.Strides, 20).Faults.ShouldHaveSingleItem();
        fault.Field.ShouldBe("count");
        fault.Says.ShouldContain(says);
        fault.Mend.ShouldContain("believable");
        fault.Mend.ShouldContain("strides");
    }

    [Theory]
    [InlineData(GaitVariant.TrotWorking, 3, "at least 4.0 s")]
    [InlineData(GaitVariant.TrotWorking, 60, "at most 50 s")]
    public void A_watch_that_stood_still_or_ran_on_is_told(GaitVariant variant, double seconds, string mend) =>
        Read(variant, 30, 11, Counted.Strides, seconds).Faults.ShouldHaveSingleItem().Mend.ShouldContain(mend);

    [Fact]
    public void In_canter_there_are_no_steps() =>
        Read(GaitVariant.CanterWorking, 40, 34, Counted.Steps, 10).Faults.ShouldHaveSingleItem().Field.ShouldBe("counted");

    [Fact]
    public void Nobody_measures_tomorrow_or_before_the_foal_was_there()
    {
        var entry = new StrideEntry(GaitVariant.TrotWorking, 30, 11, Counted.Strides, 8);
        StrideMeasurement
            .From(Guid.NewGuid(), entry with { On = Make.Today.AddDays(1) }, Horse, Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("on");
        StrideMeasurement
            .From(Guid.NewGuid(), entry with { On = new DateOnly(Horse.Foaled - 1, 6, 1) }, Horse, Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("on");
    }

    [Fact]
    public void More_strides_on_the_strip_leave_less_doubt() =>
        Gen.Select(Gen.Double[1.5, 4], Gen.Int[3, 30])
            .Sample(
                (stride, strides) =>
                    Make.Strip(GaitVariant.TrotWorking, stride * strides, strides).Spread
                    > Make.Strip(GaitVariant.TrotWorking, stride * strides * 2, strides * 2).Spread
            );

    private static Outcome<StrideMeasurement> Read(GaitVariant variant, double metres, double count, Counted counted, double seconds) =>
        StrideMeasurement.From(Guid.NewGuid(), new StrideEntry(variant, metres, count, counted, seconds), Horse, Make.Today);
}
