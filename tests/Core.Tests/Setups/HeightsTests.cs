using CsCheck;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Tests.Shared;
using NetTopologySuite.Geometries;
using NetTopologySuite.LinearReferencing;
using NetTopologySuite.Utilities;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Setups.FenceLineTests;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>Distances for horses of 122 to 178 cm.</summary>
public class HeightsTests
{
    private static double Own(SetUpEntry entry, double height, int gap = 0) => Make.Measured(entry, Make.Card(height)).Gaps[gap].Own.Metres;

    // Poles for ponies lie closer than the horse's 0.90, 1.35 and 3.0 m by about a hand's breadth or two in walk and trot, and a foot
    // or two in canter (common practice, no source).
    [Theory]
    [InlineData(GaitVariant.WalkMedium, 122, 0.70, 0.80)]
    [InlineData(GaitVariant.WalkMedium, 138, 0.78, 0.86)]
    [InlineData(GaitVariant.WalkMedium, 148, 0.82, 0.90)]
    [InlineData(GaitVariant.WalkMedium, 178, 0.94, 1.02)]
    [InlineData(GaitVariant.TrotWorking, 122, 1.05, 1.15)]
    [InlineData(GaitVariant.TrotWorking, 128, 1.10, 1.20)]
    [InlineData(GaitVariant.TrotWorking, 138, 1.15, 1.25)]
    [InlineData(GaitVariant.TrotWorking, 148, 1.22, 1.32)]
    [InlineData(GaitVariant.TrotWorking, 178, 1.40, 1.50)]
    [InlineData(GaitVariant.CanterWorking, 122, 2.35, 2.55)]
    [InlineData(GaitVariant.CanterWorking, 138, 2.55, 2.75)]
    [InlineData(GaitVariant.CanterWorking, 148, 2.70, 2.90)]
    [InlineData(GaitVariant.CanterWorking, 178, 3.05, 3.30)]
    public void Poles_for_the_small_and_the_big(GaitVariant variant, double height, double least, double most) =>
        Own(Make.Poles(variant), height).ShouldBeInRange(least, most);

    // The same by a second route: strides of ponies' courses in feet (10, 10.5, 11; common practice, no source), landing and take-off
    // of two paces at a metre for a horse, of which the part that is no height is the pony's share of twelve feet.
    [Theory]
    [InlineData(128, 10, 1, 0.7)]
    [InlineData(128, 10, 2, 0.7)]
    [InlineData(128, 10, 3, 0.8)]
    [InlineData(138, 10.5, 1, 0.8)]
    [InlineData(138, 10.5, 2, 0.8)]
    [InlineData(138, 10.5, 4, 0.9)]
    [InlineData(148, 11, 1, 0.9)]
    [InlineData(148, 11, 3, 0.9)]
    [InlineData(148, 11, 5, 1.0)]
    [InlineData(165, 12, 1, 1.0)]
    [InlineData(165, 12, 3, 1.0)]
    [InlineData(165, 12, 6, 1.0)]
    public void Lines_for_ponies_and_horses_by_the_feet_of_their_courses(double height, double feet, int strides, double fence)
    {
        const double foot = 0.3048;
        var room = (0.90 * feet / 12) + (0.93 * fence);
        Own(Line(LineKind.RelatedLine, Gait.Canter, Upright(fence), Upright(fence, strides)), height)
            .ShouldBe((strides * feet * foot) + (2 * room), 0.06 * (strides + 1));
    }

    // A bounce takes landing and take-off and nothing else: a pony's is closer by its share, and higher fences take more of any horse.
    [Theory]
    [InlineData(128, 2.40, 2.60)]
    [InlineData(148, 2.60, 2.80)]
    [InlineData(165, 2.70, 3.00)]
    [InlineData(178, 2.75, 3.05)]
    public void A_ponys_bounce_is_a_ponys(double height, double least, double most) =>
        Own(Line(LineKind.Grid, Gait.Trot, Cross(0.5), Upright(0.5, 0)), height).ShouldBeInRange(least, most);

    private static readonly Gen<SetUpEntry> Any = Gen.OneOf<SetUpEntry>(
        Gen.Enum<GaitVariant>().Where(v => v != GaitVariant.CanterCourse).Select(v => (SetUpEntry)Make.Poles(v)),
        Gen.Double[0.3, 0.8].Select(h => (SetUpEntry)Make.CrossPole(h)),
        Gen.Select(Gen.Double[0.3, 1.2], Gen.Int[0, 6])
            .Select((h, n) => (SetUpEntry)Line(LineKind.RelatedLine, Gait.Canter, Upright(h), Upright(h, n))),
        Gen.Int[0, 4].Select(n => (SetUpEntry)Line(LineKind.RelatedLine, Gait.Canter, Pole(), Pole(n)))
    );

    [Fact]
    public void Spacing_never_falls_as_the_height_at_withers_grows() =>
        Gen.Select(Any, Gen.Double[110, 190], Gen.Double[110, 190])
            .Sample((entry, a, b) => Own(entry, Math.Min(a, b)) <= Own(entry, Math.Max(a, b)) + 1e-9, iter: Cases.SetUps);

    [Fact]
    public void The_trades_ranges_grow_and_shrink_with_the_horse() =>
        Gen.Select(Any, Gen.Double[110, 190])
            .Sample(
                (entry, height) =>
                {
                    var (own, typical) = (
                        Make.Measured(entry, Make.Card(height)).Gaps[0].Trade,
                        Make.Measured(entry, Make.Card()).Gaps[0].Trade
                    );
                    own.Shortest.Metres.ShouldBe(typical.Shortest.Metres * StrideCard.HeightScale(Make.Height(height)), 1e-6);
                },
                iter: Cases.SetUps
            );

    // One gap has one word: the count that was planned is called in the table of counts what it is called on the tape sheet.
    [Fact]
    public void One_gap_has_one_word_in_all_tables() =>
        Gen.Select(Gen.Int[1, 5], Gen.Double[4, 20], Gen.Double[110, 190])
            .Sample(
                (strides, metres, height) =>
                {
                    var gap = Make.Measured(
                        Line(LineKind.RelatedLine, Gait.Canter, Pole(), Pole(strides) with { DistanceMetres = Math.Round(metres, 2) }),
                        Make.Card(height)
                    ).Gaps[0];
                    gap.Between!.Counts.Where(c => c.Strides == strides).ShouldAllBe(c => c.Fit == gap.Fit);
                },
                iter: Cases.SetUps
            );

    private static readonly double[] Horses = [122, 128, 138, 148, 158, 165, 170, 178];

    /// <summary>A horse's height at withers in centimetres, times whatever is checked for each of them.</summary>
    public static TheoryData<double> Heights => [.. Horses];

    /// <summary>The trade says nine feet and 2.7 m of the same distance.</summary>
    private const double Rounded = 0.05;

    // The rows of the trade's table, for a horse of about 165 cm with a course stride of twelve feet (common practice, no source; the
    // last two rows: course-building convention, from memory). Feet as the trade says them.
    public static TheoryData<string, double, double, double> TradeRows =>
        new()
        {
            { "placing pole to a cross-pole in trot", Own(Make.CrossPole(0.5), 165), 8, 9 },
            { "bounce from trot", Own(Line(LineKind.Grid, Gait.Trot, Cross(0.5), Upright(0.5, 0)), 165), 9, 10 },
            { "one stride from trot", Own(Line(LineKind.Grid, Gait.Trot, Cross(0.5), Upright(0.5, 1)), 165), 18, 19.5 },
            {
                "one stride further inside a grid",
                Own(Line(LineKind.Grid, Gait.Trot, Cross(0.5), Upright(0.7, 1), Upright(0.7, 1)), 165, 1),
                20,
                22
            },
            {
                "two strides further inside a grid",
                Own(Line(LineKind.Grid, Gait.Trot, Cross(0.5), Upright(0.7, 1), Upright(0.7, 2)), 165, 1),
                30,
                34
            },
            { "one stride at a metre", Own(Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 1)), 165), 24, 26 },
            { "two strides at a metre", Own(Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 2)), 165), 34, 36 },
            { "three strides at a metre", Own(Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 3)), 165), 47.5, 48.5 },
            { "four strides at a metre", Own(Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 4)), 165), 59.5, 60.5 },
            { "five strides at a metre", Own(Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 5)), 165), 71.5, 72.5 },
            { "six strides at a metre", Own(Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 6)), 165), 83.5, 84.5 },
            { "walk poles", Own(Make.Poles(GaitVariant.WalkMedium), 165), 2.5, 3.25 },
            { "trot poles", Own(Make.Poles(), 165), 4, 5 },
            { "canter poles on the ground", Own(Make.Poles(GaitVariant.CanterWorking), 165), 9, 11.5 },
        };

    [Theory]
    [MemberData(nameof(TradeRows))]
    public void The_trades_table_holds_for_its_own_horse(string row, double own, double leastFeet, double mostFeet) =>
        own.ShouldBeInRange((leastFeet * 0.3048) - Rounded, (mostFeet * 0.3048) + Rounded, row);

    public static TheoryData<double, GaitVariant> HeightsAndGaits =>
        new(
            Horses.SelectMany(h => new[] { GaitVariant.WalkMedium, GaitVariant.TrotWorking, GaitVariant.CanterWorking }.Select(v => (h, v)))
        );

    // A second route: the tape is where the poles stand in the arena, by Pythagoras over their places.
    [Theory]
    [MemberData(nameof(HeightsAndGaits))]
    public void Poles_stand_in_the_arena_as_far_apart_as_the_tape_says(double height, GaitVariant variant)
    {
        var measured = Make.Measured(Make.Poles(variant), Make.Card(height));
        foreach (var (gap, i) in measured.Gaps.Select((g, i) => (g, i)))
        {
            var (a, b) = (measured.Elements[i], measured.Elements[i + 1]);
            Math.Sqrt(Math.Pow(a.Along - b.Along, 2) + Math.Pow(a.Across - b.Across, 2)).ShouldBe(gap.Built.Built.Metres, 0.002);
        }
    }

    // By the formula itself: seven tenths of the share by which a horse differs from 165 cm, times Clayton's strides of dressage horses
    // (1994, 1995), a canter over poles of three metres and a course canter of twelve feet (common practice, no source).
    [Theory]
    [MemberData(nameof(Heights))]
    public void Start_values_follow_the_height_at_withers(double height)
    {
        var scale = 1 - (0.7 * (165 - height) / 165);
        var card = Make.Card(height);
        card[GaitVariant.WalkMedium].Stride.Metres.ShouldBe(1.87 * scale, 0.006);
        card[GaitVariant.TrotWorking].Stride.Metres.ShouldBe(2.73 * scale, 0.006);
        card[GaitVariant.CanterPoles].Stride.Metres.ShouldBe(3.00 * scale, 0.006);
        card[GaitVariant.CanterCourse].Stride.Metres.ShouldBe(12 * 0.3048 * scale, 0.006);
    }

    // A second route: the poles of a fan cut the ridden circle, and the library measures the arc between two cuts.
    [Theory]
    [MemberData(nameof(Heights))]
    public void A_fans_step_is_the_arc_that_a_geometry_library_measures(double height)
    {
        const double radius = 8;
        var measured = Make.Measured(FanOf(radius), Make.Card(height));
        var centre = new Coordinate(measured.Curve!.CentreAlong, measured.Curve.CentreAcross);
        var circle = new GeometricShapeFactory
        {
            Centre = centre,
            Size = 2 * radius,
            NumPoints = 4000,
        }
            .CreateCircle()
            .ExteriorRing;
        var along = new LengthIndexedLine(circle);
        var at = measured.Elements.Select(e => along.Project(new Coordinate(e.Along, e.Across))).ToList();
        foreach (var (a, b) in at.Zip(at.Skip(1)))
        {
            var arc = Math.Abs(a - b);
            Math.Min(arc, circle.Length - arc).ShouldBe(measured.Gaps[0].Built.Built.Metres, 0.01);
        }
    }

    // A clock of a circle that fills the arena: a quarter of 20 m is 15.7 m for whoever rides it (geometry).
    [Theory]
    [MemberData(nameof(Heights))]
    public void A_quarter_of_a_clock_is_the_same_for_every_horse_and_its_count_is_not(double height)
    {
        var clock = FanOf(10) with { Kind = CurveKind.Clock, Variant = GaitVariant.TrotWorking, Poles = null };
        var between = Make.Measured(clock, Make.Card(height)).Gaps[0];
        between.Built.Built.Metres.ShouldBe(15.71, 0.01);
        (between.Between!.StrideNeeded.Metres * (between.Between.Strides + 1)).ShouldBe(15.71, 0.02);
    }

    private static CurvedPolesEntry FanOf(double radius) =>
        new()
        {
            Arena = Core.Arenas.ArenaSize.SixtyByTwenty,
            Line = Core.Arenas.ArenaLine.CentreLine,
            Heading = Core.Arenas.Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = CurveKind.Fan,
            Variant = GaitVariant.TrotWorking,
            Poles = 4,
            RadiusMetres = radius,
        };

    // Own strides measured on a strip carry over to every pole, whatever the height says (common practice, no source): half a stride in
    // walk and trot, a whole one in canter.
    [Theory]
    [InlineData(GaitVariant.WalkMedium, 1.60, 0.80)]
    [InlineData(GaitVariant.WalkMedium, 1.80, 0.90)]
    [InlineData(GaitVariant.TrotWorking, 2.40, 1.20)]
    [InlineData(GaitVariant.TrotWorking, 2.70, 1.35)]
    [InlineData(GaitVariant.TrotWorking, 3.00, 1.50)]
    [InlineData(GaitVariant.TrotWorking, 3.20, 1.60)]
    public void A_measured_horse_keeps_its_own_step(GaitVariant variant, double stride, double step) =>
        Make.Measured(Make.Poles(variant), Make.CardWith(variant, stride)).Gaps[0].Own.Metres.ShouldBe(step, 0.011);
}
