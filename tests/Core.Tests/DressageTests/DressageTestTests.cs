using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Horses;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.DressageTests.MakeTest;

namespace Hippodrome.Core.Tests.DressageTests;

/// <summary>Tests as they are entered: what can be ridden, and what cannot.</summary>
public class DressageTestTests
{
    /// <summary>Random tests: each next line is any figure, and stands where it can be ridden.</summary>
    private static readonly Gen<DressageTestEntry> Any =
        from size in One(ArenaSize.SixtyByTwenty, ArenaSize.FortyByTwenty)
        from tries in Gen.Select(
            One(Enum.GetValues<TestFigure>()),
            One("A", "K", "E", "H", "C", "M", "B", "F", "X", "D", "G"),
            One(GaitVariant.WalkMedium, GaitVariant.TrotWorking, GaitVariant.TrotCollected, GaitVariant.CanterCollected),
            Gen.Bool,
            Gen.Int[6, 20],
            (figure, to, gait, left, metres) =>
                Line(
                    figure,
                    figure is TestFigure.Circle or TestFigure.HalfCircle || figure.IsOnTheSpot() ? null : to,
                    gait,
                    left ? Side.Left : Side.Right,
                    Math.Min(metres, figure == TestFigure.Loop ? 10 : 20),
                    count: 4
                ) with
                {
                    Degrees = 180,
                }
        ).Array[30]
        select tries.Aggregate(Test(Straight("X")) with { Arena = size }, (test, line) =>
            test with { Lines = [.. test.Lines!, line] } is var longer && longer.Check().IsFine ? longer : test
        );

    private static Gen<T> One<T>(params T[] of) => Gen.Int[0, of.Length - 1].Select(i => of[i]);

    [Fact]
    public void A_mirrored_test_has_the_same_way() =>
        Any.Sample(
            entry =>
            {
                var (test, mirrored) = (entry.Check().OrThrow(), entry.InTheMirror().Check().OrThrow());
                for (var i = 0; i < test.Ways.Count; i++)
                {
                    mirrored.Ways[i].Length.Metres.ShouldBe(test.Ways[i].Length.Metres, 1e-6);
                    var reflected = test.Ways[i].Mirrored(test.Arena).Points;
                    mirrored.Ways[i].Points.Count.ShouldBe(reflected.Count);
                    mirrored.Ways[i].Points.Zip(reflected).ShouldAllBe(p => Apart(p.First, p.Second) < 1e-6);
                }
            },
            iter: Cases.Checks
        );

    [Fact]
    public void Twice_in_the_mirror_is_the_test() =>
        Any.Sample(entry => Json(entry.InTheMirror().InTheMirror()).ShouldBe(Json(entry)), iter: Cases.Checks);

    /// <summary>Whatever can be entered can be ridden: one line begins where the last ended, inside the boards, and nothing is sharper than its gait allows.</summary>
    [Fact]
    public void A_way_that_is_taken_can_be_ridden() =>
        Any.Sample(
            entry =>
            {
                var test = entry.Check().OrThrow();
                var ways = test.Ways.Select((w, i) => (w.Points, Line: test.Lines[i])).Where(w => w.Points.Count > 1).ToList();
                ways.ShouldAllBe(w => w.Points.All(test.Arena.Holds));
                foreach (var (a, b) in ways.Zip(ways.Skip(1)))
                {
                    Apart(a.Points[^1], b.Points[0]).ShouldBeLessThan(1e-6);
                }

                foreach (var (points, line) in ways.Where(w => w.Line.Figure is TestFigure.Straight or TestFigure.Track))
                {
                    SharpestRadius(points).ShouldBeGreaterThan(line.Gait is GaitVariant.TrotWorking ? 2.9 : 2.8);
                }
            },
            iter: Cases.Checks
        );

    /// <summary>Of the circles through three points in a row, the smallest: the curve a horse has to follow.</summary>
    private static double SharpestRadius(IReadOnlyList<FigurePoint> points)
    {
        var sharpest = double.MaxValue;
        for (var i = 2; i < points.Count; i++)
        {
            var (a, b, c) = (points[i - 2], points[i - 1], points[i]);
            var area = Math.Abs(((b.Along - a.Along) * (c.Across - a.Across)) - ((b.Across - a.Across) * (c.Along - a.Along))) / 2;
            if (area > 1e-9)
            {
                sharpest = Math.Min(sharpest, Apart(a, b) * Apart(b, c) * Apart(c, a) / (4 * area));
            }
        }

        return sharpest;
    }

    public static TheoryData<string, string, TestLineEntry[]> Wrong =>
        new()
        {
            { "no such letter", "lines[0].to", [Straight("Q")] },
            { "goes nowhere", "lines[0].to", [Line(TestFigure.Straight)] },
            { "already there", "lines[1].to", [Straight("X"), Straight("X")] },
            { "begins elsewhere", "lines[1].from", [Straight("X"), Straight("C") with { From = "G" }] },
            { "no gait", "lines[0].gait", [Straight("X") with { Gait = null }] },
            { "a gait of courses", "lines[0].gait", [Straight("X", GaitVariant.CanterCourse)] },
            { "no words", "lines[0].words", [Straight("X") with { Words = " " }] },
            { "track to the middle", "lines[1].to", [Straight("C"), Track("X", Side.Left)] },
            { "to A from C by either side", "lines[1].turning", [Straight("C"), Track("A")] },
            { "a circle without a size", "lines[2].metres", [Straight("C"), Track("E", Side.Left), Line(TestFigure.Circle)] },
            { "a circle wider than the school", "lines[2].metres", [Straight("C"), Track("E", Side.Left), Circle(22)] },
            { "no room for a circle to either side", "lines[2].turning", [Straight("C"), Track("H", Side.Left), Circle(20)] },
            { "a circle through the boards", "lines[2]", [Straight("C"), Track("E", Side.Left), Circle(20, turning: Side.Right)] },
            { "a circle at X to either side", "lines[1].turning", [Straight("X"), Circle(10)] },
            { "a circle that ends elsewhere", "lines[1].to", [Straight("X"), Circle(10, turning: Side.Left) with { To = "G" }] },
            {
                "half a circle to the wrong letter",
                "lines[2].to",
                [Straight("C"), Track("E", Side.Left), Line(TestFigure.HalfCircle, "X", metres: 12)]
            },
            {
                "back to a letter ahead",
                "lines[2].to",
                [Straight("C"), Track("S", Side.Right), Line(TestFigure.HalfCircleAndBack, "H", metres: 10)]
            },
            { "a serpentine from E", "lines[2].from", [Straight("C"), Track("E", Side.Left), Line(TestFigure.Serpentine, "A", count: 3)] },
            {
                "two loops of thirty metres",
                "lines[2].count",
                [Straight("C"), Track("A", Side.Right), Line(TestFigure.Serpentine, "C", count: 2)]
            },
            { "a loop across the school", "lines[2].to", [Straight("C"), Track("H", Side.Left), Line(TestFigure.Loop, "F", metres: 5)] },
            { "sideways only", "lines[2].to", [Straight("C"), Track("E", Side.Left), Line(TestFigure.HalfPass, "B")] },
            { "more sideways than forwards", "lines[2].to", [Straight("C"), Track("E", Side.Left), Line(TestFigure.HalfPass, "P")] },
            { "changes in trot", "lines[0].asked", [Straight("C") with { Asked = AskedOnTheWay.Changes, Count = 3, Every = 4 }] },
            { "passage in canter", "lines[0].asked", [Straight("C", GaitVariant.CanterCollected) with { Asked = AskedOnTheWay.Passage }] },
            { "piaffe in working trot", "lines[1].gait", [Straight("X"), Line(TestFigure.Piaffe, count: 8)] },
            {
                "a pirouette of a quarter",
                "lines[1].degrees",
                [Straight("X"), Line(TestFigure.Pirouette, null, GaitVariant.WalkMedium, Side.Left, count: 4) with { Degrees = 90 }]
            },
            {
                "a pirouette to no side",
                "lines[1].turning",
                [Straight("X"), Line(TestFigure.Pirouette, null, GaitVariant.WalkMedium, count: 4) with { Degrees = 180 }]
            },
            { "no steps back", "lines[1].count", [Straight("X"), Line(TestFigure.ReinBack)] },
            { "a coefficient of nine", "lines[0].coefficient", [Straight("X") with { Coefficient = 9 }] },
            { "about turn at X", "lines[1]", [Straight("X"), Straight("A")] },
            { "square across behind a circle", "lines[3]", [Straight("C"), Track("E", Side.Left), Circle(10), Straight("B")] },
            {
                "too sharp in canter",
                "lines[2]",
                [
                    Straight("C", GaitVariant.CanterWorking),
                    Track("H", Side.Left, GaitVariant.CanterWorking),
                    Straight("G", GaitVariant.CanterWorking),
                ]
            },
            { "nothing in it", "lines", [] },
        };

    [Theory]
    [MemberData(nameof(Wrong))]
    public void What_cannot_be_ridden_names_its_field(string what, string field, TestLineEntry[] lines)
    {
        var read = Test(lines).Check();
        read.IsFine.ShouldBeFalse(what);
        read.Faults.Select(f => f.Field).ShouldContain(field, what);
        read.Faults.ShouldAllBe(f => f.Says.Length > 10 && f.Mend.Length > 5);
    }

    [Fact]
    public void A_mark_counts_for_all_the_lines_that_are_marked_together()
    {
        var test = Test(
                Straight("X"),
                Line(TestFigure.Halt, coefficient: null),
                Straight("C") with
                {
                    Coefficient = 2,
                },
                Track("E", Side.Left) with
                {
                    Coefficient = null,
                }
            )
            .Check()
            .OrThrow();
        test.Movements.Select(m => (m.Number, m.Coefficient, m.Lines.Count)).ShouldBe([(1, 1, 2), (2, 2, 2)]);
    }

    private static double Apart(FigurePoint a, FigurePoint b) => double.Hypot(a.Along - b.Along, a.Across - b.Across);

    private static string Json(DressageTestEntry entry) => Core.Measures.Json.Write(entry);
}
