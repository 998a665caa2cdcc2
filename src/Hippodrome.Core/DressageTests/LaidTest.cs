using Hippodrome.Core.Arenas;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.DressageTests;

/// <summary>A line as one horse rides it.</summary>
/// <param name="Line">Which.</param>
/// <param name="Path">Its way; none on the spot.</param>
/// <param name="Way">Metres of it.</param>
/// <param name="Strides">Of this horse; none at the halt and in the rein-back.</param>
/// <param name="Seconds">At its speed; on the spot by its count.</param>
/// <param name="Begins">Seconds after it came in at A.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record LaidLine(
    TestLine Line,
    IReadOnlyList<FigurePoint> Path,
    Distance Way,
    double Strides,
    double Seconds,
    double Begins,
    Why Why
);

/// <summary>A movement as one horse rides it.</summary>
/// <param name="Movement">Which.</param>
/// <param name="Way">Of all its lines.</param>
/// <param name="Strides">Of all its lines.</param>
/// <param name="Seconds">Of all its lines.</param>
/// <param name="RungIds">On which what it asks is schooled.</param>
public sealed record LaidMovement(TestMovement Movement, Distance Way, double Strides, double Seconds, IReadOnlyList<string> RungIds);

/// <summary>A test as one horse rides it.</summary>
/// <param name="Lines">Line by line.</param>
/// <param name="Movements">Movement by movement.</param>
/// <param name="Way">All of it.</param>
/// <param name="Seconds">All of it.</param>
/// <param name="Remarks">What follows on what too quickly for it, and what it does not know yet.</param>
/// <param name="Why">How way, strides and time come about.</param>
public sealed record LaidTest(
    IReadOnlyList<LaidLine> Lines,
    IReadOnlyList<LaidMovement> Movements,
    Distance Way,
    double Seconds,
    IReadOnlyList<TestRemark> Remarks,
    Why Why
)
{
    /// <summary>Way over stride is strides, way over speed is seconds, each at the gait of its line.</summary>
    /// <param name="test">Which.</param>
    /// <param name="card">The horse's stride card.</param>
    /// <param name="places">Where it stands on the ladders.</param>
    public static LaidTest For(DressageTest test, StrideCard card, Places places)
    {
        ArgumentNullException.ThrowIfNull(test);
        ArgumentNullException.ThrowIfNull(card);
        var lines = new List<LaidLine>();
        foreach (var (line, path) in test.Lines.Zip(test.Ways))
        {
            lines.Add(Lay(line, path, card, lines.Sum(l => l.Seconds)));
        }

        var movements = test.Movements.Select(m =>
        {
            var its = m.Lines.Select(at => lines[at]).ToList();
            return new LaidMovement(
                m,
                Distance.FromMetres(its.Sum(l => l.Way.Metres)),
                its.Sum(l => l.Strides),
                its.Sum(l => l.Seconds),
                [.. m.Lines.SelectMany(at => TestRungs.Of(test.Lines, at)).Select(r => r.Id).Distinct()]
            );
        });
        return new LaidTest(
            lines,
            [.. movements],
            test.Way,
            lines.Sum(l => l.Seconds),
            TestRemarks.Of(lines, places),
            Explain(lines, card)
        );
    }

    private static Why Explain(List<LaidLine> lines, StrideCard card) =>
        Why.Of(
            "Each line's way over this horse's stride, and over its speed; on the spot by seconds, steps and strides",
            [
                .. lines
                    .Where(l => l.Way > Distance.Zero)
                    .GroupBy(l => l.Line.Gait)
                    .OrderBy(g => g.Key)
                    .Select(g =>
                        (Input)
                            FormattableString.Invariant(
                                $"{g.Key.Say()}: {g.Sum(l => l.Way.Metres):0} m, stride {card[g.Key].Stride}, {card[g.Key].Speed.MetresPerSecond:0.00} m/s"
                            )
                    ),
            ],
            card[lines.Count == 0 ? GaitVariant.TrotWorking : lines[0].Line.Gait].Why.Source
        );

    private static LaidLine Lay(TestLine line, FigurePath path, StrideCard card, double begins)
    {
        var estimate = card[line.Gait];
        var stride = 60 / estimate.Tempo;
        var count = line.Count ?? 0;
        var (strides, seconds) = line.Figure switch
        {
            TestFigure.Halt => (0, count),
            TestFigure.ReinBack => (0, count * TestFigures.StepBackSeconds.Value),
            // Two steps of walk or trot are a stride.
            TestFigure.Piaffe => (count / 2.0, count / 2.0 * stride),
            TestFigure.Pirouette => line.Gait.Gait() == Gait.Walk ? (count / 2.0, count / 2.0 * stride) : (count, count * stride),
            _ => (path.Length / estimate.Stride, path.Length.Metres / estimate.Speed.MetresPerSecond),
        };
        return new LaidLine(
            line,
            path.Points.Count > 1 ? [.. path.Points.Select(p => p.Rounded())] : [],
            path.Length,
            strides,
            seconds,
            begins,
            line.Figure is TestFigure.Halt or TestFigure.ReinBack
                ? Why.Of("A count of seconds or steps", [$"{count}"], TestFigures.StepBackSeconds.Source)
                : Why.Of(
                    line.IsOnTheSpot ? "Steps at this horse's tempo" : "The way over this horse's stride, and over its speed",
                    [
                        line.IsOnTheSpot ? $"{count} of them" : $"way: {path.Length}",
                        FormattableString.Invariant(
                            $"{line.Gait.Say()}: stride {estimate.Stride}, {estimate.Speed.MetresPerSecond:0.00} m/s"
                        ),
                    ],
                    estimate.Why.Source
                )
        );
    }
}
