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
    public void Circles(double diameter, double length) =>
        SchoolFigures.Circle(Sixty, Distance.FromMetres(diameter)).Length.Metres.ShouldBe(length, 0.02);

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
    public void Loops_too_wide_or_too_narrow_are_refused(int loops) =>
        Should.Throw<ArgumentOutOfRangeException>(() => SchoolFigures.Serpentine(Sixty, loops));

    /// <summary>160 m of boards, less what four quarters of a ten metre circle cut off: 8 r - 2 pi r.</summary>
    [Fact]
    public void Once_round_the_school() => SchoolFigures.WholeSchool(Sixty).Length.Metres.ShouldBe(160 - (8 * 5) + (2 * Math.PI * 5), 0.02);

    /// <summary>Every figure against a general-purpose geometry library: the same length, and all of it inside the arena.</summary>
    [Fact]
    public void Every_figure_lies_inside_the_arena_and_is_as_long_as_the_library_says()
    {
        FigurePath[] figures =
        [
            SchoolFigures.WholeSchool(Sixty),
            SchoolFigures.CentreLine(Sixty),
            SchoolFigures.Diagonal(Sixty),
            SchoolFigures.Along(Sixty, 5),
            SchoolFigures.Serpentine(Sixty, 3),
            SchoolFigures.Serpentine(Sixty, 4),
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

    /// <summary>K to R is 36 by 20 m, 41.2 m; in the short arena K to B is 14 by 20 m, 24.4 m (letters of the FEI arena, from memory; Pythagoras).</summary>
    [Fact]
    public void The_short_diagonal()
    {
        SchoolFigures.ShortDiagonal(Sixty).Length.Metres.ShouldBe(Math.Sqrt((36 * 36) + (20 * 20)), 0.001);
        SchoolFigures.ShortDiagonal(Arena.Forty).Length.Metres.ShouldBe(Math.Sqrt((14 * 14) + (20 * 20)), 0.001);
    }

    /// <summary>A shallow loop leaves the track at the first corner letter, is as deep as asked over the middle letter, and is back at the last.</summary>
    [Theory]
    [InlineData(5)]
    [InlineData(10)]
    public void A_shallow_loop_is_deepest_at_E(double depth)
    {
        var loop = SchoolFigures.ShallowLoop(Sixty, Distance.FromMetres(depth));
        (loop.Points[0], loop.Points[^1]).ShouldBe((new FigurePoint(6, 0), new FigurePoint(54, loop.Points[^1].Across)));
        loop.Points[^1].Across.ShouldBe(0, 1e-9);
        var deepest = loop.Points.MaxBy(p => p.Across)!;
        (deepest.Along, deepest.Across).ShouldBe((30, depth), new Close());
    }

    /// <summary>In from the large circle to the small one and out again: never outside the one nor inside the other, twice round each way.</summary>
    [Fact]
    public void A_spiral_keeps_between_its_circles()
    {
        var spiral = SchoolFigures.Spiral(Sixty, 30, Distance.FromMetres(20), Distance.FromMetres(12), 2);
        var radii = spiral.Points.Select(p => double.Hypot(p.Along - 30, p.Across - 10)).ToList();
        (radii[0], radii.Min(), radii[^1]).ShouldBe((10, 6, 10), new CloseThree());
        radii.Max().ShouldBeLessThanOrEqualTo(10 + 1e-9);
        var turned = spiral.Points.Zip(spiral.Points.Skip(1), (a, b) => Angle(a, b)).Sum() / (2 * Math.PI);
        turned.ShouldBe(4, 1e-6);

        static double Angle(FigurePoint a, FigurePoint b) =>
            Math.IEEERemainder(Math.Atan2(b.Across - 10, b.Along - 30) - Math.Atan2(a.Across - 10, a.Along - 30), 2 * Math.PI);
    }

    /// <summary>Mirrored and turned round a figure keeps its length and stays in the arena; each done twice is the figure again.</summary>
    [Fact]
    public void The_other_rein_and_the_other_end()
    {
        foreach (
            var figure in new[]
            {
                SchoolFigures.Serpentine(Sixty, 3),
                SchoolFigures.Diagonal(Sixty),
                SchoolFigures.Sideways(5, 0, Distance.FromMetres(30)),
            }
        )
        {
            foreach (var other in new[] { figure.Mirrored(Sixty), figure.TurnedRound(Sixty) })
            {
                other.Length.Metres.ShouldBe(figure.Length.Metres, 1e-9);
                other.Points.ShouldAllBe(p => Sixty.Holds(p));
            }

            figure
                .Mirrored(Sixty)
                .Mirrored(Sixty)
                .Points.Zip(figure.Points)
                .ShouldAllBe(p => Math.Abs(p.First.Across - p.Second.Across) < 1e-9);
            figure
                .TurnedRound(Sixty)
                .TurnedRound(Sixty)
                .Points.Zip(figure.Points)
                .ShouldAllBe(p => Math.Abs(p.First.Along - p.Second.Along) < 1e-9);
        }
    }

    [Theory]
    [InlineData(2, false)]
    [InlineData(3, true)]
    [InlineData(7, true)]
    [InlineData(8, false)]
    public void Loops_are_eight_to_twenty_metres_wide(int loops, bool fit) => SchoolFigures.LoopsFit(Sixty, loops).ShouldBe(fit);

    private sealed class Close : IEqualityComparer<(double, double)>
    {
        public bool Equals((double, double) a, (double, double) b) =>
            Math.Abs(a.Item1 - b.Item1) < 1e-6 && Math.Abs(a.Item2 - b.Item2) < 1e-6;

        public int GetHashCode((double, double) obj) => 0;
    }

    private sealed class CloseThree : IEqualityComparer<(double, double, double)>
    {
        public bool Equals((double, double, double) a, (double, double, double) b) =>
            Math.Abs(a.Item1 - b.Item1) < 1e-6 && Math.Abs(a.Item2 - b.Item2) < 1e-6 && Math.Abs(a.Item3 - b.Item3) < 1e-6;

        public int GetHashCode((double, double, double) obj) => 0;
    }
}
