using System.Globalization;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.DressageTests;

/// <summary>A piece of a test that is worth schooling now.</summary>
/// <param name="Movement">Its number.</param>
/// <param name="TooQuick">It comes too quickly for the horse; else it is marked under what this horse gets in this test.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record PieceToSchool(int Movement, bool TooQuick, Why Why)
{
    /// <summary>
    /// What comes too quickly for a horse, then what is marked under what it gets in this test on average: that which costs most
    /// first, as often as it counts. What it has not been schooled in is no piece yet: its rung comes first.
    /// </summary>
    /// <param name="laid">The test as this horse rides it.</param>
    /// <param name="marks">How its movements went.</param>
    public static IReadOnlyList<PieceToSchool> Of(LaidTest laid, IReadOnlyList<MovementMarks> marks)
    {
        ArgumentNullException.ThrowIfNull(laid);
        ArgumentNullException.ThrowIfNull(marks);
        var notYet = laid.Remarks.Where(r => r.RungId is not null).Select(r => r.Movement).ToHashSet();
        var quick = laid
            .Remarks.Where(r => r.RungId is null)
            .DistinctBy(r => r.Movement)
            .Select(r => new PieceToSchool(r.Movement, true, r.Why));
        var marked = marks.Join(laid.Movements, k => k.Movement, m => m.Movement.Number, Marked.Of).OfType<Marked>().ToList();
        var usual = marked.Select(m => m.Mean).DefaultIfEmpty().Average();
        var low = marked
            .Where(m => usual - m.Mean >= TestFigures.UnderUsual.Value - 1e-9)
            .OrderByDescending(m => m.Costs(usual))
            .Select(m => m.Piece(usual));
        return
        [
            .. quick.Concat(low).Where(p => !notYet.Contains(p.Movement)).DistinctBy(p => p.Movement).Take(TestFigures.MostPieces.Value),
        ];
    }

    /// <summary>A movement by its last marks, wherever they were given.</summary>
    private sealed record Marked(TestMovement Movement, IReadOnlyList<Mark> Last)
    {
        public double Mean => Last.Average(m => m.Value);

        public double Costs(double usual) => Movement.Coefficient * (usual - Mean);

        public static Marked? Of(MovementMarks went, LaidMovement laid) =>
            went.Home.Concat(went.Away).OrderBy(m => m.On).TakeLast(TestFigures.LastMarks.Value).Select(m => m.Mark).ToList()
                is { Count: > 0 } last
                ? new Marked(laid.Movement, last)
                : null;

        public PieceToSchool Piece(double usual) =>
            new(
                Movement.Number,
                false,
                Why.Of(
                    "A piece is worth schooling where it is marked under what this horse gets in this test on average",
                    [
                        $"last marks: {string.Join(", ", Last.Select(m => m.Value.ToString("0.#", CultureInfo.InvariantCulture)))}",
                        FormattableString.Invariant($"on average in this test: {usual:0.#}"),
                        $"counts {(Movement.Coefficient == 1 ? "once" : $"{Movement.Coefficient} times")}",
                    ],
                    TestFigures.UnderUsual.Source
                )
            );
    }
}
