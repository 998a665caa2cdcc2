using CsCheck;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Horses;

public class StrideCardTests
{
    // Clayton 1994 and 1995, walk, trot and canter of dressage horses (values from memory): speed m/s, stride m.
    [Theory]
    [InlineData(GaitVariant.WalkCollected, 1.37, 1.57)]
    [InlineData(GaitVariant.WalkMedium, 1.73, 1.87)]
    [InlineData(GaitVariant.WalkExtended, 1.82, 1.93)]
    [InlineData(GaitVariant.TrotCollected, 3.20, 2.50)]
    [InlineData(GaitVariant.TrotWorking, 3.61, 2.73)]
    [InlineData(GaitVariant.TrotMedium, 4.47, 3.26)]
    [InlineData(GaitVariant.TrotExtended, 4.93, 3.55)]
    [InlineData(GaitVariant.CanterCollected, 3.27, 2.00)]
    [InlineData(GaitVariant.CanterWorking, 3.91, 2.35)]
    [InlineData(GaitVariant.CanterMedium, 4.90, 2.94)]
    [InlineData(GaitVariant.CanterExtended, 5.97, 3.47)]
    // Course-building convention (value from memory): 350 m/min and a stride of 12 ft.
    [InlineData(GaitVariant.CanterCourse, 5.833, 3.658)]
    public void A_horse_nobody_has_measured_starts_from_the_published_values(GaitVariant variant, double speed, double stride)
    {
        var estimate = Make.Card()[variant];
        estimate.Stride.Metres.ShouldBe(stride, 0.001);
        estimate.Speed.MetresPerSecond.ShouldBe(speed, 0.001);
        estimate.Measurements.ShouldBe(0);
        estimate.Why.Source.Class.ShouldBe(SourceClass.Published);
    }

    // Clayton 1994 and 1995 again (values from memory): the trot's stride takes about 0.72 to 0.78 s whatever its
    // length, and the canter's about 0.58 to 0.61 s: horses lengthen the stride and keep the tempo.
    [Theory]
    [InlineData(GaitVariant.TrotCollected, 76.8)]
    [InlineData(GaitVariant.TrotExtended, 83.3)]
    [InlineData(GaitVariant.CanterCollected, 98.1)]
    [InlineData(GaitVariant.CanterExtended, 103.2)]
    public void Tempo_follows_from_speed_and_stride(GaitVariant variant, double stridesAMinute) =>
        Make.Card()[variant].Tempo.ShouldBe(stridesAMinute, 0.1);

    // Chosen for Hippodrome: seven tenths of a difference in height, and no cap: a fifth less for a pony of 122 cm, 6 % more at 178.
    [Theory]
    [InlineData(165, 1.0)]
    [InlineData(122, 0.8176)]
    [InlineData(178, 1.0552)]
    public void Start_values_follow_the_height_of_the_horse(double centimetres, double scale)
    {
        StrideCard.HeightScale(Make.Height(centimetres)).ShouldBe(scale, 1e-4);
        Make.Card(centimetres)[GaitVariant.TrotWorking].Stride.Metres.ShouldBe(2.73 * scale, 1e-3);
    }

    // Canter strides that courses for ponies are built for: 10 ft for 128 cm, 10.5 ft for 138 cm, 11 ft for 148 cm, and 12 ft
    // for horses (common practice, no source).
    [Theory]
    [InlineData(128, 10)]
    [InlineData(138, 10.5)]
    [InlineData(148, 11)]
    [InlineData(165, 12)]
    public void A_ponys_course_stride_is_what_its_courses_are_built_for(double centimetres, double feet) =>
        Make.Card(centimetres)[GaitVariant.CanterCourse].Stride.Metres.ShouldBe(feet * 0.3048, 0.06);

    [Fact]
    public void A_canter_over_poles_begins_at_three_metres_and_is_not_the_working_canter()
    {
        Make.Card().OverPoles(GaitVariant.CanterWorking).Stride.Metres.ShouldBe(3.0);
        Make.Card().OverPoles(GaitVariant.CanterCollected).Stride.Metres.ShouldBe(2.0);
        // Ten strides of 3.2 m measured over poles: its own takes over, and the working canter stays what it was.
        var measured = Make.Card(165, Make.Strip(GaitVariant.CanterPoles, 32, 10));
        measured.OverPoles(GaitVariant.CanterWorking).Stride.Metres.ShouldBe(3.17, 0.03);
        measured[GaitVariant.CanterWorking].Stride.Metres.ShouldBe(2.35, 1e-9);
    }

    [Fact]
    public void A_taller_horse_never_starts_with_a_shorter_stride() =>
        Gen.Select(Gen.Double[100, 200], Gen.Double[100, 200], Gen.Enum<GaitVariant>())
            .Sample((a, b, variant) => Make.Card(Math.Min(a, b))[variant].Stride <= Make.Card(Math.Max(a, b))[variant].Stride);

    [Fact]
    public void A_measured_strip_draws_the_card_towards_itself_and_makes_it_surer()
    {
        var before = Make.Card()[GaitVariant.TrotWorking];
        var after = Make.Card(165, Make.Strip(GaitVariant.TrotWorking, 30, 10))[GaitVariant.TrotWorking];
        after.Stride.ShouldBeInRange(before.Stride, Distance.FromMetres(3.0));
        after.Stride.Metres.ShouldBeGreaterThan(2.9);
        after.Spread.ShouldBeLessThan(before.Spread);
        after.Measurements.ShouldBe(1);
        after.LastMeasured.ShouldBe(Make.Today);
    }

    // Gauss: independent measurements combine with weights of one over the variance (general statistics).
    [Fact]
    public void Two_sources_are_weighed_by_how_sure_each_is()
    {
        var strip = Make.Strip(GaitVariant.TrotWorking, 30, 10);
        double start = 2.73,
            startSpread = 0.273,
            measured = 3.0,
            spread = strip.Spread.Metres;
        var expected =
            ((start / (startSpread * startSpread)) + (measured / (spread * spread)))
            / ((1 / (startSpread * startSpread)) + (1 / (spread * spread)));
        Make.Card(165, strip)[GaitVariant.TrotWorking].Stride.Metres.ShouldBe(expected, 1e-9);
    }

    [Fact]
    public void Strips_of_one_gait_say_nothing_of_another()
    {
        var card = Make.Card(165, Make.Strip(GaitVariant.TrotWorking, 30, 10));
        card[GaitVariant.TrotMedium].ShouldBe(Make.Card()[GaitVariant.TrotMedium], Comparer);
    }

    [Fact]
    public void Strips_that_scatter_are_not_called_sure()
    {
        var scattered = Make.Card(165, Make.Strip(GaitVariant.TrotWorking, 30, 8), Make.Strip(GaitVariant.TrotWorking, 30, 14));
        var agreeing = Make.Card(165, Make.Strip(GaitVariant.TrotWorking, 30, 11), Make.Strip(GaitVariant.TrotWorking, 30, 11));
        scattered[GaitVariant.TrotWorking].Spread.ShouldBeGreaterThan(agreeing[GaitVariant.TrotWorking].Spread);
    }

    [Fact]
    public void The_estimate_lies_between_what_went_into_it() =>
        Gen.Select(Gen.Double[145, 185], Gen.Double[1.6, 4.2].List[1, 6])
            .Sample(
                (height, strides) =>
                {
                    var start = Make.Card(height)[GaitVariant.TrotWorking].Stride.Metres;
                    var card = Make.Card(height, [.. strides.Select(s => Make.Strip(GaitVariant.TrotWorking, s * 10, 10))]);
                    var stride = card[GaitVariant.TrotWorking].Stride.Metres;
                    return stride >= Math.Min(start, strides.Min()) - 1e-9 && stride <= Math.Max(start, strides.Max()) + 1e-9;
                }
            );

    [Fact]
    public void Metres_come_from_the_horses_own_speed()
    {
        var card = Make.Card();
        card.Covered(Gait.Walk, 10).Metres.ShouldBe(1.73 * 600, 1e-6);
        card.Covered(Gait.Canter, 3).Metres.ShouldBe(3.91 * 180, 1e-6);
        card.Covered(Gait.Halt, 5).ShouldBe(Distance.Zero);
    }

    private static readonly IEqualityComparer<StrideEstimate> Comparer = EqualityComparer<StrideEstimate>.Create(
        (a, b) => a!.Stride == b!.Stride && a.Spread == b.Spread && a.Measurements == b.Measurements
    );
}
