using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Setups.FenceLineTests;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>Bending lines: the way along the curve is what a horse rides, the straight tape is what a builder checks.</summary>
public class BendingTests
{
    private static readonly StrideCard Typical = Make.CardWith(GaitVariant.CanterCourse, 3.66);

    private static FenceLineEntry Bend(double degrees = 45, Rein to = Rein.Left, int strides = 5) =>
        Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, strides)) with
        {
            Line = ArenaLine.CentreLine,
            BendDegrees = degrees,
            BendTo = to,
        };

    /// <summary>The ridden way of five strides is (n + 1) times 12 ft, bent or not (course-building convention, value from memory).</summary>
    [Theory]
    [InlineData(20)]
    [InlineData(45)]
    [InlineData(90)]
    public void A_bend_takes_as_much_way_as_a_straight_line(double degrees)
    {
        var bending = Make.Measured(Bend(degrees), Typical).Bending!;
        bending.Ridden.ShouldBe(
            Make.Measured(Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 5)), Typical).Gaps[0].Built.Built
        );
        bending.Straight.ShouldBeLessThan(bending.Ridden);
    }

    /// <summary>The way and the straight tape by a second route: a general-purpose geometry library on the points that are drawn.</summary>
    [Fact]
    public void Arc_and_chord_are_what_the_geometry_library_measures() =>
        Gen.Select(Gen.Double[10, 100], Gen.Int[3, 6], Gen.Bool)
            .Sample(
                (degrees, strides, left) =>
                {
                    var measured = Make.Measured(Bend(degrees, left ? Rein.Left : Rein.Right, strides), Typical);
                    var track = new LineString([.. measured.Track.Skip(1).SkipLast(1).Select(p => new Coordinate(p.Along, p.Across))]);
                    track.Length.ShouldBe(measured.Bending!.Ridden.Metres, 0.02);
                    track.StartPoint.Distance(track.EndPoint).ShouldBe(measured.Bending.Straight.Metres, 0.01);
                }
            );

    /// <summary>Landing and take-off straight, the turn all between: 45 degrees over five strides of 3.66 m is a radius of 18.3 / 0.785 = 23.3 m (geometry).</summary>
    [Fact]
    public void The_radius_is_the_curve_over_the_angle() =>
        Make.Measured(Bend(45), Typical).Bending!.Radius.Metres.ShouldBe(5 * 3.66 / (Math.PI / 4), 0.1);

    /// <summary>A metre inside is shorter by the angle, whatever the radius: 0.79 m on 45 degrees, 1.57 m on 90 (geometry).</summary>
    [Theory]
    [InlineData(45, 0.785)]
    [InlineData(90, 1.571)]
    public void A_metre_inside_is_shorter_by_the_angle(double degrees, double shorter)
    {
        var ways = Make.Measured(Bend(degrees), Typical).Bending!.Ways;
        (ways[1].Length.Metres - ways[0].Length.Metres).ShouldBe(shorter, 0.001);
        (ways[2].Length.Metres - ways[1].Length.Metres).ShouldBe(shorter, 0.001);
        ways[0].StrideNeeded.ShouldBeLessThan(ways[2].StrideNeeded);
    }

    [Theory]
    [InlineData(Rein.Left)]
    [InlineData(Rein.Right)]
    public void The_second_fence_is_turned_to_the_rein_it_bends_to(Rein to)
    {
        var measured = Make.Measured(Bend(60, to), Typical);
        (measured.Elements[1].Faces - measured.Elements[0].Faces).ShouldBe(to == Rein.Right ? 60 : -60, 1e-6);
        measured.Lead.ShouldBe(to == Rein.Right ? Side.Right : Side.Left);
        measured.FitsArena.ShouldBeTrue();
    }

    public static TheoryData<FenceLineEntry, string> Straight =>
        new()
        {
            { Bend() with { Kind = LineKind.Grid }, "bendDegrees" },
            { Bend(strides: 2), "bendDegrees" },
            { Bend(150), "bendDegrees" },
            { Bend() with { BendTo = null }, "bendTo" },
            { Bend() with { BendTo = Rein.Both }, "bendTo" },
            { Bend() with { Elements = [Upright(1.0), Upright(1.0, 4), Upright(1.0, 4)] }, "bendDegrees" },
        };

    [Theory]
    [MemberData(nameof(Straight))]
    public void Some_lines_cannot_bend(FenceLineEntry entry, string field) =>
        entry.Check().Faults.ShouldHaveSingleItem().Field.ShouldBe(field);
}
