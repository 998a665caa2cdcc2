using Hippodrome.Core.Arenas;
using Hippodrome.Core.Measures;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Arenas;

/// <summary>FEI dressage arena (values from memory), and its geometry by a second route.</summary>
public class ArenaTests
{
    // Coming in at A and looking to C, the K side is on the left; metres from the A end.
    [Theory]
    [InlineData("KVESH", new double[] { 6, 18, 30, 42, 54 }, 0)]
    [InlineData("FPBRM", new double[] { 6, 18, 30, 42, 54 }, 20)]
    [InlineData("DLXIG", new double[] { 6, 18, 30, 42, 54 }, 10)]
    public void Letters_of_the_large_arena_stand_where_the_rules_put_them(string letters, double[] along, double across) =>
        letters.Select(l => Arena.Sixty.At(l)).ShouldBe(letters.Select((l, i) => new ArenaLetter(l, along[i], across)));

    [Theory]
    [InlineData("KEH", new double[] { 6, 20, 34 }, 0)]
    [InlineData("FBM", new double[] { 6, 20, 34 }, 20)]
    [InlineData("DXG", new double[] { 6, 20, 34 }, 10)]
    public void Letters_of_the_small_arena_stand_where_the_rules_put_them(string letters, double[] along, double across) =>
        letters.Select(l => Arena.Forty.At(l)).ShouldBe(letters.Select((l, i) => new ArenaLetter(l, along[i], across)));

    [Fact]
    public void A_and_C_stand_in_the_middle_of_the_short_sides()
    {
        Arena.Sixty.At('A').ShouldBe(new ArenaLetter('A', 0, 10));
        Arena.Sixty.At('C').ShouldBe(new ArenaLetter('C', 60, 10));
        Arena.Forty.At('C').ShouldBe(new ArenaLetter('C', 40, 10));
    }

    // Seen from above the letters run clockwise A K V E S H C M R B P F. With along to the right and across
    // downwards, as the drawing has it, a clockwise ring has a positive shoelace sum.
    [Theory]
    [InlineData(ArenaSize.SixtyByTwenty, "AKVESHCMRBPF", 1200)]
    [InlineData(ArenaSize.FortyByTwenty, "AKEHCMBF", 800)]
    public void Letters_run_clockwise_from_A(ArenaSize size, string ring, double most)
    {
        var at = ring.Select(l => Arena.Of(size).At(l)).ToList();
        var twiceTheArea = at.Select((a, i) => (a, b: at[(i + 1) % at.Count]))
            .Sum(p => (p.a.Along * p.b.Across) - (p.b.Along * p.a.Across));
        twiceTheArea.ShouldBeInRange(most, 2 * most);
    }

    [Theory]
    [InlineData('K', 'M')]
    [InlineData('F', 'H')]
    [InlineData('H', 'F')]
    public void A_diagonal_between_corner_letters_is_fifty_two_metres(char from, char to) =>
        Arena.Sixty.Between(from, to).Metres.ShouldBe(52.0, 0.005);

    // A diagonal to R, S, V or P instead of the corner letter leaves 12 m more straight before the corner.
    [Fact]
    public void A_shorter_diagonal_ends_twelve_metres_sooner() => (Arena.Sixty.At('M').Along - Arena.Sixty.At('R').Along).ShouldBe(12);

    [Theory]
    [InlineData(20, 62.8)]
    [InlineData(15, 47.1)]
    [InlineData(10, 31.4)]
    [InlineData(8, 25.1)]
    public void A_circle_is_pi_times_its_diameter(double diameter, double round)
    {
        Arena.Circle(Distance.FromMetres(diameter)).Metres.ShouldBe(round, 0.05);

        // By a second route: the outline of a buffered point in a general-purpose geometry library.
        var outline = new Point(0, 0).Buffer(diameter / 2, quadrantSegments: 256).Length;
        Arena.Circle(Distance.FromMetres(diameter)).Metres.ShouldBe(outline, 0.001);
    }

    [Fact]
    public void Distances_between_letters_agree_with_a_geometry_library()
    {
        var letters = Arena.Sixty.Letters;
        foreach (var (a, b) in letters.SelectMany(a => letters.Select(b => (a, b))))
        {
            var byLibrary = new Coordinate(a.Along, a.Across).Distance(new Coordinate(b.Along, b.Across));
            Arena.Sixty.Between(a.Letter, b.Letter).Metres.ShouldBe(byLibrary, 1e-9);
        }
    }

    [Fact]
    public void The_small_arena_has_no_S() => Should.Throw<ArgumentException>(() => Arena.Forty.At('S'));

    [Theory]
    [InlineData(ArenaLine.LeftQuarterLine, 5)]
    [InlineData(ArenaLine.CentreLine, 10)]
    [InlineData(ArenaLine.RightQuarterLine, 15)]
    public void Quarter_lines_lie_five_metres_from_the_long_sides(ArenaLine line, double across) =>
        new Placement(line, Heading.TowardsC, Distance.FromMetres(30)).Across.ShouldBe(across);

    [Fact]
    public void Riding_the_other_way_mirrors_the_line_about_its_middle()
    {
        var there = new Placement(ArenaLine.CentreLine, Heading.TowardsC, Distance.FromMetres(20));
        var back = there with { Heading = Heading.TowardsA };
        there.At(-3, 0).Along.ShouldBe(17);
        back.At(-3, 0).Along.ShouldBe(23);
        there.At(3, 0).ShouldBe(back.At(-3, 0));
    }
}
