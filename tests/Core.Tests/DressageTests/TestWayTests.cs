using Hippodrome.Core.Arenas;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Horses;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Buffer;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.DressageTests.MakeTest;

namespace Hippodrome.Core.Tests.DressageTests;

/// <summary>The way of tests against NetTopologySuite, a general-purpose geometry library.</summary>
public class TestWayTests
{
    private static readonly BufferParameters Fine = new(128);

    private static Polygon Round(params (double Along, double Across)[] corners) =>
        new(new LinearRing([.. corners.Append(corners[0]).Select(c => new Coordinate(c.Along, c.Across))]));

    /// <summary>A polygon whose corners are rounded to a radius: made smaller by it and larger again, a millimetre less so that a strip of twice the radius stays.</summary>
    private static double Rounded(Polygon polygon, double radius) =>
        BufferOp.Buffer(BufferOp.Buffer(polygon, -radius + 1e-3, Fine), radius - 1e-3, Fine).Length;

    private static Geometry Disc(double along, double across, double radius) => BufferOp.Buffer(new Point(along, across), radius, Fine);

    /// <summary>Each closed way, ridden twice so that its last corner is met: the second round, against the polygon with its corners rounded to 5 m.</summary>
    [Theory]
    [InlineData("whole school", "C", "C H E K A F B M C", "60,10 60,0 0,0 0,20 60,20")]
    [InlineData("E across to B", "E", "E K A F B - E", "30,0 0,0 0,20 30,20")]
    [InlineData("B across to E, upper half", "E", "E H C M B - E", "30,0 60,0 60,20 30,20")]
    [InlineData("S across to R and V across to P", "S", "S V - P R - S", "42,0 18,0 18,20 42,20")]
    [InlineData("down the centre line", "C", "C H E K A - C", "60,10 60,0 0,0 0,10")]
    [InlineData("H across to B", "H", "H - B F A K E H", "54,0 30,20 0,20 0,0")]
    [InlineData("K across to B", "K", "K - B M C H K", "6,0 30,20 60,20 60,0")]
    [InlineData("F across to E", "F", "F - E H C M B F", "6,20 30,0 60,0 60,20")]
    [InlineData("centre line, D to G and the right side", "A", "A - C M B F A", "0,10 60,10 60,20 0,20")]
    public void Ways_with_rounded_corners(string name, string begin, string way, string corners)
    {
        name.ShouldNotBeEmpty();
        var letters = way.Split(' ');
        // To where it begins: down the middle and round.
        List<TestLineEntry> lines =
            begin == "A" ? [] : [Straight("C"), .. begin == "C" ? [] : new[] { Track(begin, Arrive(begin, letters)) }];
        var first = lines.Count;
        for (var round = 0; round < 2; round++)
        {
            for (var i = 1; i < letters.Length; i++)
            {
                var crosses = letters[i] == "-";
                i += crosses ? 1 : 0;
                lines.Add(crosses ? Straight(letters[i]) : Track(letters[i]));
            }
        }

        var test = Test([.. lines]).Check().OrThrow();
        var perRound = (lines.Count - first) / 2;
        var second = test.Ways.Skip(first + perRound - 1).Take(perRound).Sum(w => w.Length.Metres);
        var polygon = Round([.. corners.Split(' ').Select(c => c.Split(',')).Select(c => (double.Parse(c[0]), double.Parse(c[1])))]);
        second.ShouldBe(Rounded(polygon, 5), 0.02);
    }

    /// <summary>From every letter of the left side across to every letter of the right, and back by the short side, on either rein.</summary>
    public static TheoryData<char, char, bool> Across()
    {
        var pairs = new TheoryData<char, char, bool>();
        foreach (var (left, i) in "KVESH".Select((l, i) => (l, i)))
        {
            foreach (var (right, j) in "FPBRM".Select((r, j) => (r, j)))
            {
                // Where it would turn about, or no room is left beside the corner, it is no way; those are among the wrong ones.
                if (Math.Abs(i - j) <= 2)
                {
                    pairs.Add(left, right, true);
                    pairs.Add(left, right, false);
                }
            }
        }

        return pairs;
    }

    [Theory]
    [MemberData(nameof(Across))]
    public void Across_and_back_by_a_short_side(char left, char right, bool byC)
    {
        double At(char letter) => 6 + (12 * ("KVESH".IndexOf(letter) is >= 0 and var l ? l : "FPBRM".IndexOf(letter)));
        // Twice across and back, in walk so that a turn by a corner may be narrow; the second round is held against the polygon.
        var rein = byC ? Side.Left : Side.Right;
        TestLineEntry[] round = [Straight($"{right}", GaitVariant.WalkMedium), Track($"{left}", rein, GaitVariant.WalkMedium)];
        var read = Test([Straight("C", GaitVariant.WalkMedium), Track($"{left}", rein, GaitVariant.WalkMedium), .. round, .. round])
            .Check();
        var end = byC ? 60.0 : 0;
        var polygon = Round((At(left), 0), (At(right), 20), (end, 20), (end, 0));
        var test = read.OrThrow();
        // The turn at the letter is narrower than five metres where a corner is near: then the library has no such polygon.
        if (Math.Abs(end - At(left)) > 12 && Math.Abs(end - At(right)) > 12)
        {
            (test.Ways[3].Length.Metres + test.Ways[4].Length.Metres).ShouldBe(Rounded(polygon, 5), 0.02);
        }
        else
        {
            (test.Ways[3].Length.Metres + test.Ways[4].Length.Metres).ShouldBeInRange(Rounded(polygon, 5), polygon.Length);
        }
    }

    // From C, so that the first letter is passed in the direction of the round.
    private static Side? Arrive(string begin, string[] letters) =>
        begin switch
        {
            "K" => Side.Right,
            "F" => Side.Right,
            "H" when letters[1] == "-" => Side.Left,
            "E" when letters[1] == "H" => Side.Right,
            _ => Side.Left,
        };

    [Theory]
    [InlineData(20)]
    [InlineData(15)]
    [InlineData(12)]
    [InlineData(10)]
    public void Circles_and_half_circles(double metres)
    {
        var round = Disc(0, 0, metres / 2).Length;
        Test(Straight("C"), Track("E", Side.Left), Circle(metres)).Metres(2).ShouldBe(round, 0.02);
        Test(Straight("C"), Track("E", Side.Left), Line(TestFigure.HalfCircle, metres: metres)).Metres(2).ShouldBe(round / 2, 0.02);
    }

    /// <summary>
    /// The shortest fence round a disc and a point is the disc's far side and two tangents; one of them is the track, and what is
    /// left is the half circle and the way back.
    /// </summary>
    [Theory]
    [InlineData(10, "V", 18)]
    [InlineData(10, "E", 30)]
    [InlineData(15, "E", 30)]
    [InlineData(12, "V", 18)]
    public void Half_a_circle_and_back_to_the_track(double metres, string to, double along)
    {
        // On the right rein the left long side is ridden towards C: at S it turns right, and comes back to the track further down.
        var test = Test(Straight("C"), Track("S", Side.Right), Line(TestFigure.HalfCircleAndBack, to, metres: metres));
        var hull = Disc(42, metres / 2, metres / 2).Union(new Point(along, 0)).ConvexHull();
        test.Metres(2).ShouldBe(hull.Length - (42 - along), 0.02);
    }

    /// <summary>Every shipped test, and each in the mirror, lies inside its arena and is as long as the library says.</summary>
    [Fact]
    public void Shipped_tests_lie_inside_their_arenas()
    {
        foreach (var entry in ShippedTests.All.SelectMany(s => new[] { s.Entry, s.Entry.InTheMirror() }))
        {
            var test = entry.Check().OrThrow();
            var boards = Round((0, 0), (test.Arena.Length.Metres, 0), (test.Arena.Length.Metres, 20), (0, 20)).Buffer(0.001);
            var lines = test.Ways.Where(w => w.Points.Count > 1).Select(w => (Way: w, Line: ToLine(w))).ToList();
            lines.ShouldAllBe(l => boards.Covers(l.Line));
            lines.ShouldAllBe(l => Math.Abs(l.Line.Length - l.Way.Length.Metres) < 1e-9);
            test.Way.Metres.ShouldBe(new MultiLineString([.. lines.Select(l => l.Line)]).Length, 1e-6);
        }
    }

    /// <summary>A leg-yield goes straight from letter to letter: from the centre line at D to the track at B, 24 by 10 m.</summary>
    [Fact]
    public void Sideways_is_the_straight_between_its_letters() =>
        Test(Straight("D"), Line(TestFigure.LegYield, "B"))
            .Metres(1)
            .ShouldBe(new Coordinate(6, 10).Distance(new Coordinate(30, 20)), 1e-6);

    /// <summary>Counted apart as for serpentines: n half circles, the ways across, and the two ends.</summary>
    [Theory]
    [InlineData(3, "C")]
    [InlineData(4, "C")]
    [InlineData(5, "C")]
    public void Serpentines(int loops, string ends)
    {
        var test = Test(
                Straight("C"),
                Track("A", Side.Right),
                Line(TestFigure.Serpentine, ends, count: loops),
                Track(loops % 2 == 1 ? "M" : "H")
            )
            .Check()
            .OrThrow();
        var disc = Disc(0, 0, 30.0 / loops).Length / 2;
        test.Ways[2].Length.Metres.ShouldBe((loops * disc) + ((loops - 1) * (20 - (60.0 / loops))) + (2 * (10 - (30.0 / loops))), 0.05);
    }

    private static LineString ToLine(FigurePath way) => new([.. way.Points.Select(p => new Coordinate(p.Along, p.Across))]);
}
