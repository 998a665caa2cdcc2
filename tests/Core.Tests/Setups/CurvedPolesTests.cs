using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Tests.Shared;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>Fans and clocks: geometry, and the trade's pole spacing along the ridden radius.</summary>
public class CurvedPolesTests
{
    private static CurvedPolesEntry Fan(
        double radius = 8,
        int poles = 4,
        GaitVariant variant = GaitVariant.TrotWorking,
        Heading heading = Heading.TowardsC
    ) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = heading,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = CurveKind.Fan,
            Variant = variant,
            Poles = poles,
            RadiusMetres = radius,
        };

    private static CurvedPolesEntry Clock(double radius, GaitVariant variant = GaitVariant.CanterWorking) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = CurveKind.Clock,
            Variant = variant,
            Poles = null,
            RadiusMetres = radius,
        };

    /// <summary>
    /// At radius r the spacing is s r / R (geometry; common practice, no source): 1.35 m at 8 m is 1.10 at 6.5 and 1.60 at
    /// 9.5.
    /// </summary>
    [Fact]
    public void Nearer_the_centre_the_step_is_shorter()
    {
        var measured = Make.Measured(Fan());
        var built = measured.Gaps[0].Built.Built.Metres;
        measured.Curve!.Radii.Select(r => r.Radius.Metres).ShouldBe([.. Enumerable.Range(0, 13).Select(i => 6.5 + (i * 0.25))], 1e-9);
        measured.Curve.Radii.ShouldAllBe(r => Math.Abs(r.Step.Metres - (built * r.Radius.Metres / 8)) < 1e-9);
        measured.Curve.Radii[0].Fit.ShouldBe(Fit.TooShort);
        measured.Curve.Radii[6].Fit.ShouldBe(Fit.True);
        measured.Curve.Radii[^1].Fit.ShouldBe(Fit.Long);
    }

    /// <summary>
    /// The arc is what is ridden; the straight tape between the middles is shorter, and agrees with the points as a geometry
    /// library measures them.
    /// </summary>
    [Fact]
    public void The_straight_tape_is_shorter_than_the_arc() =>
        Gen.Select(Gen.Double[4, 10], Gen.Int[3, 6])
            .Sample(
                (radius, poles) =>
                {
                    var measured = Make.Measured(Fan(radius, poles));
                    var (arc, straight) = (measured.Gaps[0].Built.Built.Metres, measured.Curve!.Straight.Metres);
                    straight.ShouldBeLessThan(arc);
                    var points = measured.Elements.Select(e => new Point(e.Along, e.Across)).ToList();
                    points.Zip(points.Skip(1), (a, b) => a.Distance(b)).ShouldAllBe(d => Math.Abs(d - straight) < 1e-3);
                    points.ShouldAllBe(p => Math.Abs(p.Distance(new Point(30, 10)) - radius) < 1e-3);
                },
                iter: Cases.SetUps
            );

    [Fact]
    public void The_spacing_stays_inside_the_trades_range_or_at_what_the_horse_does() =>
        Gen.Select(Gen.Double[110, 200], Gen.Enum<GaitVariant>().Where(v => v != GaitVariant.CanterCourse), Gen.Double[5, 9])
            .Sample((height, variant, radius) => Make.Measured(Fan(radius, 4, variant), Make.Card(height)).Gaps.All(Make.HoldsOrOwn));

    /// <summary>
    /// A quarter of a 20 m circle is 15.7 m (geometry). Counted as between ground poles, n strides take n + 1 stride lengths, so
    /// that a canter of 2.24 m has six in each quarter (common practice, no source) and one of 3.0 m has four.
    /// </summary>
    [Theory]
    [InlineData(2.244, 6)]
    [InlineData(3.142, 4)]
    public void A_quarter_of_a_twenty_metre_circle(double stride, int strides)
    {
        var measured = Make.Measured(Clock(10), Make.CardWith(GaitVariant.CanterPoles, stride));
        measured.Gaps.ShouldAllBe(g => Math.Abs(g.Built.Built.Metres - 15.708) < 0.001);
        measured.Curve!.StridesAQuarter!.Value.ShouldBe(strides, 0.06);
        (measured.Gaps[0].Between!.Strides, measured.Gaps[0].Fit).ShouldBe((strides, Fit.True));
        measured.Elements.Count.ShouldBe(4);
    }

    /// <summary>The diameters it offers come out whole: diameter x pi / 4 over the stride, less the one over the pole.</summary>
    [Fact]
    public void The_diameters_it_offers_come_out_whole()
    {
        foreach (var whole in Make.Measured(Clock(8)).Curve!.WholeQuarters)
        {
            ((whole.Diameter.Metres * Math.PI / 4 / 3.0) - 1).ShouldBe(whole.Strides, 1e-6);
            whole.Diameter.Metres.ShouldBeInRange(8, 20);
        }
    }

    [Fact]
    public void The_other_rein_is_the_mirror_image()
    {
        var (right, left) = (Make.Measured(Fan()), Make.Measured(Fan(heading: Heading.TowardsA)));
        left.Elements.Select(e => (Math.Round(60 - e.Along, 3), Math.Round(e.Across, 3)))
            .ShouldBe(right.Elements.Select(e => (Math.Round(e.Along, 3), Math.Round(e.Across, 3))));
        left.Gaps[0].Built.ShouldBe(right.Gaps[0].Built);
    }

    [Theory]
    [InlineData(10, ArenaLine.CentreLine, true)]
    [InlineData(10, ArenaLine.LeftQuarterLine, false)]
    [InlineData(4.5, ArenaLine.LeftQuarterLine, true)]
    public void A_clock_fits_where_its_circle_does(double radius, ArenaLine line, bool fits) =>
        Make.Measured(Clock(radius) with { Line = line }).FitsArena.ShouldBe(fits);

    /// <summary>
    /// Ends up to 20 cm in walk and trot, 50 in canter (Klimke, Cavaletti, from memory); outer and inner in turn (common
    /// practice, no source).
    /// </summary>
    [Fact]
    public void A_fan_is_raised_at_its_outer_and_inner_ends_in_turn_and_lies_where_it_lay()
    {
        var raised = Fan() with { Raising = Raising.AlternateEnds, HeightMetres = 0.15 };
        var (low, high) = (Make.Measured(Fan()), Make.Measured(raised));
        high.Elements.Select(e => e.Raised).ShouldBe([PoleEnd.Left, PoleEnd.Right, PoleEnd.Left, PoleEnd.Right]);
        high.Elements.Select(e => (e.Along, e.Across)).ShouldBe(low.Elements.Select(e => (e.Along, e.Across)));
        high.Gaps[0].Built.Built.ShouldBe(low.Gaps[0].Built.Built);
        high.Title.ShouldEndWith("ends raised 15 cm in turn");
        high.Notices.ShouldContain(n => n.StartsWith("Raised poles: have a helper", StringComparison.Ordinal));
        // On the left rein the outer end is the right one.
        Make.Measured(raised with { Rein = Rein.Left }).Elements[0].Raised.ShouldBe(PoleEnd.Right);
        Make.Measured(raised with { Raising = Raising.BothEnds }).Elements.ShouldAllBe(e => e.Raised == PoleEnd.Both);
        raised.Check().OrThrow().HasRaisedPole.ShouldBeTrue();
        Fan().Check().OrThrow().HasRaisedPole.ShouldBeFalse();
    }

    [Fact]
    public void A_fan_goes_from_walk_to_trot_to_raised_and_back_a_rung_at_a_time()
    {
        var trot = Fan(variant: GaitVariant.WalkMedium).OneRungOn()!.Entry;
        var raised = trot.OneRungOn()!.Entry;
        ((CurvedPolesEntry)raised).Raising.ShouldBe(Raising.AlternateEnds);
        raised.OneRungOn().ShouldBeNull();
        raised.OneRungBack()!.Entry.ShouldBe(trot);
        raised.BackToWalk().Entry.Check().OrThrow().HasRaisedPole.ShouldBeFalse();
    }

    public static TheoryData<CurvedPolesEntry, string> CannotLie =>
        new()
        {
            { Fan(3), "radiusMetres" },
            { Fan(12), "radiusMetres" },
            { Fan(8, 2), "poles" },
            { Fan() with { Raising = Raising.BothEnds, HeightMetres = 0.25 }, "heightMetres" },
            { Fan() with { Raising = Raising.BothEnds }, "heightMetres" },
            { Fan(8, 9), "poles" },
            { Fan(8, 4, GaitVariant.CanterCourse), "variant" },
        };

    [Theory]
    [MemberData(nameof(CannotLie))]
    public void What_cannot_lie_is_refused(CurvedPolesEntry entry, string field) =>
        entry.Check().Faults.ShouldHaveSingleItem().Field.ShouldBe(field);
}
