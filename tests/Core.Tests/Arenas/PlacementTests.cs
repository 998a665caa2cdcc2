using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Arenas;

/// <summary>Where a set-up stands: its middle on a line, turned about it.</summary>
public class PlacementTests
{
    private static readonly Gen<Placement> Any = Gen.Select(Gen.Enum<ArenaLine>(), Gen.Enum<Heading>(), Gen.Double[8, 52], Gen.Int[-90, 90])
        .Select((line, heading, middle, turned) => new Placement(line, heading, Distance.FromMetres(middle), turned));

    private static double Apart(FigurePoint a, FigurePoint b) => double.Hypot(a.Along - b.Along, a.Across - b.Across);

    /// <summary>Ahead and to the right are square to each other and keep their lengths, however it is turned (Pythagoras).</summary>
    [Fact]
    public void Ahead_and_right_keep_their_lengths() =>
        Gen.Select(Any, Gen.Double[-5, 5], Gen.Double[-5, 5])
            .Sample(
                (placement, ahead, right) =>
                    Apart(placement.At(ahead, right), placement.At(0, 0)).ShouldBe(double.Hypot(ahead, right), 1e-9)
            );

    /// <summary>Riding to C one's right hand is on the F side, riding to A on the K side (letters of the FEI arena, from memory).</summary>
    [Theory]
    [InlineData(Heading.TowardsC, 0, 30, 11)]
    [InlineData(Heading.TowardsA, 0, 30, 9)]
    [InlineData(Heading.TowardsC, 90, 29, 10)]
    [InlineData(Heading.TowardsC, -90, 31, 10)]
    public void The_right_hand(Heading heading, double turned, double along, double across)
    {
        var right = new Placement(ArenaLine.CentreLine, heading, Distance.FromMetres(30), turned).At(0, 1);
        (right.Along, right.Across).ShouldBe((along, across));
    }

    /// <summary>As far as a ray runs inside the arena, by a general-purpose geometry library.</summary>
    [Fact]
    public void The_way_to_the_boards_by_a_second_route() =>
        Gen.Select(Gen.Double[1, 59], Gen.Double[1, 19], Gen.Double[0, 360])
            .Sample(
                (along, across, direction) =>
                {
                    var arena = new GeometryFactory().ToGeometry(new Envelope(0, 60, 0, 20));
                    var (sin, cos) = Math.SinCos(direction * Math.PI / 180);
                    var ray = new LineString([new(along, across), new(along + (200 * cos), across + (200 * sin))]);
                    Placement
                        .ToTheBoards(Arena.Sixty, new FigurePoint(along, across), direction)
                        .ShouldBe(arena.Intersection(ray).Length, 1e-6);
                }
            );

    [Theory]
    [InlineData(-1, 10, 180)]
    [InlineData(30, 21, 90)]
    [InlineData(30, 21, 0)]
    public void Outside_the_arena_nothing_is_left(double along, double across, double direction) =>
        Placement.ToTheBoards(Arena.Sixty, new FigurePoint(along, across), direction).ShouldBeLessThan(0);

    [Fact]
    public void The_mirror_of_the_mirror_is_the_placement() => Any.Sample(placement => placement.Mirrored().Mirrored().ShouldBe(placement));

    /// <summary>A mirror along the centre line turns the left lead into the right, except on the centre line itself, where neither rein is nearer.</summary>
    [Fact]
    public void The_other_rein_wants_the_other_lead() =>
        Any.Sample(placement =>
        {
            var (here, there) = (placement.Lead(Arena.Sixty), placement.Mirrored().Lead(Arena.Sixty));
            var nearer = placement.Line != ArenaLine.CentreLine && Math.Abs(placement.TurnedDegrees) != 90;
            there.ShouldBe(nearer ? here.Other() : here);
        });

    [Theory]
    [InlineData(0, 0, true)]
    [InlineData(60, 20, true)]
    [InlineData(60.01, 10, false)]
    [InlineData(30, -0.01, false)]
    public void The_boards_hold_what_is_inside_them(double along, double across, bool holds) =>
        Arena.Sixty.Holds(new FigurePoint(along, across)).ShouldBe(holds);
}
