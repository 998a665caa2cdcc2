using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;

namespace Hippodrome.Core.DressageTests;

/// <summary>A test that every yard has.</summary>
public sealed record ShippedTest(Guid Id, DressageTestEntry Entry);

/// <summary>Two tests of our own making: an easy one in the small arena and one with lateral work in the large.</summary>
public static class ShippedTests
{
    public static IReadOnlyList<ShippedTest> All { get; } =
    [
        new(new Guid("6f0a6d1e-5f0c-4c7e-9a55-0d7e57000001"), FirstFrost()),
        new(new Guid("6f0a6d1e-5f0c-4c7e-9a55-0d7e57000002"), LongMeadow()),
    ];

    private static DressageTestEntry FirstFrost() =>
        new(
            "First Frost",
            "Preliminary",
            ArenaSize.FortyByTwenty,
            [
                Line(TestFigure.Straight, "A", "X", GaitVariant.TrotWorking, "Come in straight in a working trot"),
                With(TestFigure.Halt, "X", null, GaitVariant.TrotWorking, "Stand at X and greet") with
                {
                    Count = 4,
                },
                Line(TestFigure.Straight, "X", "C", GaitVariant.TrotWorking, "Trot on down the middle"),
                With(TestFigure.Track, "C", "E", GaitVariant.TrotWorking, "and to the left at C") with
                {
                    Turning = Side.Left,
                },
                Line(TestFigure.Circle, "E", null, GaitVariant.TrotWorking, "At E a circle of 20 m") with
                {
                    Metres = 20,
                },
                Line(TestFigure.Track, "E", "A", GaitVariant.TrotWorking, "Trot on to A"),
                Line(TestFigure.Circle, "A", null, GaitVariant.CanterWorking, "Canter left, a circle of 20 m", 2) with
                {
                    Metres = 20,
                },
                Line(TestFigure.Track, "A", "B", GaitVariant.CanterWorking, "Canter on to B"),
                Line(TestFigure.Track, "B", "C", GaitVariant.TrotWorking, "Trot at B, calm and straight"),
                Line(TestFigure.Track, "C", "H", GaitVariant.WalkMedium, "Walk at C"),
                Line(TestFigure.Straight, "H", "F", GaitVariant.WalkExtended, "Across the school on a long rein", 2) with
                {
                    Asked = AskedOnTheWay.Stretch,
                },
                Line(TestFigure.Track, "F", "A", GaitVariant.WalkMedium, "Pick up the rein"),
                With(TestFigure.Track, "A", "E", GaitVariant.TrotWorking, "and trot at A"),
                Line(TestFigure.Circle, "E", null, GaitVariant.TrotWorking, "At E a circle of 20 m, down into a long rein", 2) with
                {
                    Metres = 20,
                    Asked = AskedOnTheWay.Stretch,
                },
                Line(TestFigure.Track, "E", "C", GaitVariant.TrotWorking, "Trot on to C"),
                Line(TestFigure.Circle, "C", null, GaitVariant.CanterWorking, "Canter right, a circle of 20 m", 2) with
                {
                    Metres = 20,
                },
                Line(TestFigure.Track, "C", "B", GaitVariant.CanterWorking, "Canter on to B"),
                Line(TestFigure.Track, "B", "A", GaitVariant.TrotWorking, "Trot at B"),
                Line(TestFigure.Straight, "A", "X", GaitVariant.TrotWorking, "Turn down the middle at A"),
                With(TestFigure.Halt, "X", null, GaitVariant.TrotWorking, "stand at X and greet") with
                {
                    Count = 4,
                },
            ]
        );

    private static DressageTestEntry LongMeadow() =>
        new(
            "Long Meadow",
            "Elementary to Medium",
            ArenaSize.SixtyByTwenty,
            [
                Line(TestFigure.Straight, "A", "X", GaitVariant.TrotWorking, "Come in straight in a working trot"),
                With(TestFigure.Halt, "X", null, GaitVariant.TrotWorking, "Stand at X and greet") with
                {
                    Count = 4,
                },
                Line(TestFigure.Straight, "X", "C", GaitVariant.TrotWorking, "Trot on down the middle"),
                With(TestFigure.Track, "C", "M", GaitVariant.TrotWorking, "and to the right at C") with
                {
                    Turning = Side.Right,
                },
                Line(TestFigure.Straight, "M", "K", GaitVariant.TrotMedium, "Medium trot through the whole school"),
                Line(TestFigure.Track, "K", "F", GaitVariant.TrotWorking, "Back to a working trot round the short side"),
                Line(TestFigure.Track, "F", "B", GaitVariant.TrotCollected, "Shoulder-in left along to B", 2) with
                {
                    Asked = AskedOnTheWay.ShoulderIn,
                },
                Line(TestFigure.Circle, "B", null, GaitVariant.TrotCollected, "At B a circle of 10 m") with
                {
                    Metres = 10,
                },
                Line(TestFigure.Track, "B", "H", GaitVariant.TrotCollected, "Collected trot round by C"),
                Line(TestFigure.Track, "H", "E", GaitVariant.TrotCollected, "Travers left along to E") with
                {
                    Asked = AskedOnTheWay.Travers,
                },
                Line(TestFigure.HalfCircle, "E", "X", GaitVariant.TrotCollected, "At E half a circle of 10 m to X") with
                {
                    Metres = 10,
                },
                Line(TestFigure.HalfPass, "X", "M", GaitVariant.TrotCollected, "Half-pass right to M", 2),
                Line(TestFigure.Track, "M", "C", GaitVariant.TrotCollected, "On to C"),
                With(TestFigure.Halt, "C", null, GaitVariant.TrotCollected, "stand at C") with
                {
                    Count = 3,
                },
                Line(TestFigure.ReinBack, "C", null, GaitVariant.WalkMedium, "Four steps back") with
                {
                    Count = 4,
                },
                Line(TestFigure.Track, "C", "H", GaitVariant.WalkMedium, "Walk on to H"),
                Line(TestFigure.Straight, "H", "B", GaitVariant.WalkExtended, "A long rein from H across to B", 2) with
                {
                    Asked = AskedOnTheWay.Stretch,
                },
                Line(TestFigure.Track, "B", "P", GaitVariant.WalkMedium, "Pick up the rein"),
                Line(TestFigure.Track, "P", "V", GaitVariant.CanterWorking, "Canter right from the walk at P"),
                Line(TestFigure.Circle, "V", null, GaitVariant.CanterWorking, "At V a circle of 15 m") with
                {
                    Metres = 15,
                },
                Line(TestFigure.Track, "V", "S", GaitVariant.CanterMedium, "Medium canter from V to S"),
                Line(TestFigure.Track, "S", "M", GaitVariant.CanterWorking, "Back to a working canter"),
                Line(TestFigure.Straight, "M", "K", GaitVariant.CanterWorking, "Across the school, a simple change at X", 2) with
                {
                    Asked = AskedOnTheWay.SimpleChange,
                },
                Line(TestFigure.Track, "K", "F", GaitVariant.CanterWorking, "Canter left round the short side"),
                Line(TestFigure.Loop, "F", "M", GaitVariant.CanterWorking, "A loop of 5 m in counter-canter from F to M") with
                {
                    Metres = 5,
                },
                Line(TestFigure.Track, "M", "C", GaitVariant.CanterWorking, "Canter on to C"),
                Line(TestFigure.Track, "C", "E", GaitVariant.TrotWorking, "Trot at C"),
                Line(TestFigure.Straight, "E", "X", GaitVariant.TrotWorking, "Turn left at E and left again at X"),
                With(TestFigure.Straight, "X", "G", GaitVariant.TrotWorking, "straight on to G"),
                With(TestFigure.Halt, "G", null, GaitVariant.TrotWorking, "stand at G and greet") with
                {
                    Count = 4,
                },
            ]
        );

    private static TestLineEntry Line(TestFigure figure, string from, string? to, GaitVariant gait, string words, int coefficient = 1) =>
        With(figure, from, to, gait, words) with
        {
            Coefficient = coefficient,
        };

    /// <summary>Marked together with the line above.</summary>
    private static TestLineEntry With(TestFigure figure, string from, string? to, GaitVariant gait, string words) =>
        new()
        {
            Figure = figure,
            From = from,
            To = to,
            Gait = gait,
            Words = words,
        };
}
