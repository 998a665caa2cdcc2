using Hippodrome.Core.Arenas;
using Hippodrome.Core.Measures;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Arenas;

/// <summary>Lengths of figures, and that none leaves the arena.</summary>
public class SchoolFiguresTests
{
    private static readonly Arena Sixty = Arena.Sixty;

    /// <summary>Round a circle: 62.8, 47.1 and 31.4 m (facts of geometry).</summary>
    [Theory]
    [InlineData(20, 62.83)]
    [InlineData(15, 47.12)]
    [InlineData(10, 31.42)]
    public void Circles(double diameter, double length) => SchoolFigures.Circle(Sixty, Distance.FromMetres(diameter)).Length.Metres.ShouldBe(length, 0.02);

    /// <summary>48 by 20 m from corner letter to corner letter: 52.0 m (FEI dressage arena, value from memory).</summary>
    [Fact]
    public void The_diagonal_is_fifty_two_metres() => SchoolFigures.Diagonal(Sixty).Length.Metres.ShouldBe(52.0, 0.01);

    /// <summary>Half circles and the straights between them, counted apart: n half circles, the way across between loops, and half of it at each end.</summary>
    [Theory]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(5)]
    [InlineData(6)]
    public void Serpentines(int loops)
    {
        var r = 60.0 / loops / 2;
        var straights = ((loops - 1) * (20 - (2 * r))) + (2 * (10 - r));
        SchoolFigures.Serpentine(Sixty, loops).Length.Metres.ShouldBe((loops * Math.PI * r) + straights, 0.05);
    }

    [Theory]
    [InlineData(2)]
    [InlineData(8)]
    public void Loops_too_wide_or_too_narrow_are_refused(int loops) => Should.Throw<ArgumentOutOfRangeException>(() => SchoolFigures.Serpentine(Sixty, loops));

    /// <summary>160 m of boards, less what four quarters of a ten metre circle cut off: 8 r - 2 pi r.</summary>
    [Fact]
    public void Once_round_the_school() => SchoolFigures.WholeSchool(Sixty).Length.Metres.ShouldBe(160 - (8 * 5) + (2 * Math.PI * 5), 0.02);

    /// <summary>Every figure against a general-purpose geometry library: the same length, and all of it inside the arena.</summary>
    [Fact]
    public void Every_figure_lies_inside_the_arena_and_is_as_long_as_the_library_says()
    {
        FigurePath[] figures =
        [
            SchoolFigures.WholeSchool(Sixty), SchoolFigures.CentreLine(Sixty), SchoolFigures.Diagonal(Sixty), SchoolFigures.Along(Sixty, 5), SchoolFigures.Serpentine(Sixty, 3), SchoolFigures.Serpentine(Sixty, 4),
            .. new[] { 10, 15, 20 }.Select(d => SchoolFigures.Circle(Sixty, Distance.FromMetres(d))),
        ];
        var arena = new GeometryFactory().ToGeometry(new Envelope(-0.001, 60.001, -0.001, 20.001));
        foreach (var figure in figures)
        {
            var line = new LineString([.. figure.Points.Select(p => new Coordinate(p.Along, p.Across))]);
            figure.Length.Metres.ShouldBe(line.Length, 1e-6);
            arena.Contains(line).ShouldBeTrue();
        }
    }

    /// <summary>19 mm on a 20 m circle, 38 on 10 m, 48 on 8 m: three quarters of an inch on 20 m (common practice, no source).</summary>
    [Theory]
    [InlineData(20, 19)]
    [InlineData(10, 38)]
    [InlineData(8, 48)]
    public void The_bend_of_a_circle_is_less_than_most_riders_ask_for(double diameter, double millimetres) =>
        (Bend.Offset(Distance.FromMetres(diameter / 2)).Metres * 1000).ShouldBe(millimetres, 0.5);

    [Fact]
    public void A_point_half_way_round_a_circle_is_across_from_its_start()
    {
        var circle = SchoolFigures.Circle(Sixty, Distance.FromMetres(20));
        var (start, half) = (circle.At(Distance.Zero), circle.At(circle.Length * 0.5));
        Math.Abs(half.Across - start.Across).ShouldBe(20, 0.01);
        circle.At(circle.Length * 2).ShouldBe(circle.Points[^1]);
    }
}
