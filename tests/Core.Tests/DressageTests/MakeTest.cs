using Hippodrome.Core.Arenas;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Tests.DressageTests;

/// <summary>Tests for tests.</summary>
internal static class MakeTest
{
    public static DressageTestEntry Test(params TestLineEntry[] lines) => new("A test", "", ArenaSize.SixtyByTwenty, lines);

    public static TestLineEntry Line(
        TestFigure figure,
        string? to = null,
        GaitVariant gait = GaitVariant.TrotWorking,
        Side? turning = null,
        double? metres = null,
        int? count = null,
        AskedOnTheWay? asked = null,
        int? coefficient = 1
    ) =>
        new()
        {
            Figure = figure,
            To = to,
            Gait = gait,
            Turning = turning,
            Metres = metres,
            Count = count,
            Asked = asked,
            Words = $"{figure} to {to}",
            Coefficient = coefficient,
        };

    public static TestLineEntry Straight(string to, GaitVariant gait = GaitVariant.TrotWorking) => Line(TestFigure.Straight, to, gait);

    public static TestLineEntry Track(string to, Side? turning = null, GaitVariant gait = GaitVariant.TrotWorking) =>
        Line(TestFigure.Track, to, gait, turning);

    public static TestLineEntry Circle(double metres, GaitVariant gait = GaitVariant.TrotWorking, Side? turning = null) =>
        Line(TestFigure.Circle, null, gait, turning, metres);

    /// <summary>Metres of one line.</summary>
    public static double Metres(this DressageTestEntry test, int line) => test.Check().OrThrow().Ways[line].Length.Metres;
}
