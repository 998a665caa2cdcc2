using Hippodrome.Core.Arenas;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Storage;
using Hippodrome.Storage.DressageTests;

namespace Hippodrome.Server.Demo;

/// <summary>A test of the yard's own, and the marks of an old mare whose left side comes level.</summary>
internal sealed class DemoTests(YardSession yard, DemoStory story)
{
    public static ShippedTest FirstFrost { get; } = ShippedTests.All[0];

    public static ShippedTest LongMeadow { get; } = ShippedTests.All[1];

    /// <summary>The yard's own.</summary>
    public static Guid ThursdayLines { get; } = new("0f4b7a52-6d1c-4b8e-8c3b-5d2f60000001");

    /// <summary>What the mare gets away from home, movement by movement; at home the left side was worse in winter.</summary>
    private static readonly double[] Usual =
    [
        7,
        6.5,
        6.5,
        7,
        6.5,
        6,
        6.5,
        6.5,
        6.5,
        6,
        6.5,
        5.5,
        7.5,
        7,
        6.5,
        7,
        6,
        6.5,
        6,
        6,
        6.5,
        6,
        6.5,
        7,
    ];

    /// <summary>Movements that are asked on the left rein: shoulder-in, the circle, travers.</summary>
    private static readonly int[] Left = [5, 6, 8];

    public Task OfYardAsync() =>
        yard.AddDressageTestAsync(
            ThursdayLines,
            new DressageTestEntry(
                "Thursday lines",
                "Novice",
                ArenaSize.SixtyByTwenty,
                [
                    Line(TestFigure.Straight, "X", GaitVariant.TrotWorking, "Up the middle, straight as a fence"),
                    Line(TestFigure.Halt, null, GaitVariant.TrotWorking, "stand, count three") with
                    {
                        Coefficient = null,
                        Count = 3,
                    },
                    Line(TestFigure.Straight, "C", GaitVariant.TrotWorking, "On, and to the left"),
                    Line(TestFigure.Track, "S", GaitVariant.TrotWorking, "as far as S") with
                    {
                        Coefficient = null,
                        Turning = Side.Left,
                    },
                    Line(TestFigure.HalfCircleAndBack, "H", GaitVariant.TrotWorking, "Half a ten metre circle and home to H") with
                    {
                        Metres = 10,
                        Coefficient = 2,
                    },
                    Line(TestFigure.Track, "M", GaitVariant.TrotWorking, "Round to M"),
                    Line(TestFigure.Straight, "K", GaitVariant.TrotMedium, "Show some ground from M to K"),
                    Line(TestFigure.Track, "A", GaitVariant.TrotWorking, "Back to where you were"),
                    Line(TestFigure.Circle, null, GaitVariant.CanterWorking, "Canter, once round twenty metres") with
                    {
                        Metres = 20,
                    },
                    Line(TestFigure.Track, "B", GaitVariant.CanterWorking, "On as far as B"),
                    Line(TestFigure.Track, "C", GaitVariant.TrotWorking, "Trot, and ride your corner"),
                    Line(TestFigure.Track, "E", GaitVariant.TrotWorking, "on to E") with
                    {
                        Coefficient = null,
                    },
                    Line(TestFigure.Straight, "X", GaitVariant.TrotWorking, "Across to X"),
                    Line(TestFigure.Straight, "G", GaitVariant.TrotWorking, "and up the middle") with
                    {
                        Coefficient = null,
                    },
                    Line(TestFigure.Halt, null, GaitVariant.TrotWorking, "stand, count three") with
                    {
                        Coefficient = null,
                        Count = 3,
                    },
                ]
            ),
            story.Trainer
        );

    /// <summary>At home the left side rises over the weeks; away twice.</summary>
    public async Task VerityAsync(Horse horse)
    {
        var test = LongMeadow.Entry.Check().OrThrow();
        foreach (
            var (daysAgo, left, away) in new[]
            {
                (94, -1.0, false),
                (76, -0.5, false),
                (61, -0.5, true),
                (55, 0.0, false),
                (32, 0.5, false),
                (19, 0.5, true),
                (12, 1.0, false),
            }
        )
        {
            var marks = test.Movements.Select(m => new MovementMarkEntry(
                m.Number,
                Usual[(m.Number - 1) % Usual.Length] + (Left.Contains(m.Number) ? left : ByDay(daysAgo, m.Number)),
                m.Number == Left[0] ? (left < 0 ? "angle lost after four strides" : "steadier") : null
            ));
            var entry = new TestRiddenEntry(story.Today.AddDays(-daysAgo), away, away ? "judge at C" : "Maren Holt", [.. marks]);
            await yard.AddTestRiddenAsync(
                new KeptTestRidden(Guid.NewGuid(), horse.Id, LongMeadow.Id, null, entry.Check(test, story.Today).OrThrow(), 1)
            );
        }
    }

    /// <summary>No two days are alike: half a mark here and there.</summary>
    private static double ByDay(int daysAgo, int movement) =>
        ((daysAgo + (movement * movement)) % 7) switch
        {
            0 => -0.5,
            3 => 0.5,
            _ => 0,
        };

    /// <summary>Its left side in pieces, in another order than the test's.</summary>
    public static PartEntry Pieces(Horse horse)
    {
        var test = LongMeadow.Entry.Check().OrThrow();
        var laid = LaidTest.For(test, StrideCard.For(horse.Height, []), Core.Exercises.Places.From([]));
        return TestParts.Of(LongMeadow.Id, test, laid, Left).OrThrow();
    }

    private static TestLineEntry Line(TestFigure figure, string? to, GaitVariant gait, string words) =>
        new()
        {
            Figure = figure,
            To = to,
            Gait = gait,
            Words = words,
            Coefficient = 1,
        };
}
