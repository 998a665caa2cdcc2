using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Exercises;

/// <summary>How long the yard's own horses took on a rung: patience with evidence.</summary>
/// <param name="Horses">So many horses have gone on from it.</param>
/// <param name="FewestWeeks">The quickest of them.</param>
/// <param name="MostWeeks">The slowest of them.</param>
/// <param name="Why">Rule, inputs, source.</param>
public sealed record Patience(int Horses, int FewestWeeks, int MostWeeks, Why Why)
{
    /// <summary>
    /// From the day a horse first came to the rung to the day it first went on to a higher one, days it fell back between
    /// them too. Null under three horses. A horse that was placed there before it had climbed at all may have known it long
    /// since, and is not counted.
    /// </summary>
    /// <param name="rung">The rung.</param>
    /// <param name="moves">The moves of each horse on its ladder, in their order.</param>
    public static Patience? On(Rung rung, IEnumerable<IReadOnlyList<RungMove>> moves)
    {
        ArgumentNullException.ThrowIfNull(rung);
        List<int> weeks = [.. moves.Select(m => WeeksOn(rung, m)).OfType<int>().Order()];
        return weeks.Count < ExerciseFigures.PatienceFrom.Value
            ? null
            : new Patience(
                weeks.Count,
                weeks[0],
                weeks[^1],
                Why.Of(
                    "From the day a horse came to the rung to the day it went on from it",
                    [$"{weeks.Count} horses of this yard", $"weeks: {string.Join(", ", weeks)}"],
                    ExerciseFigures.PatienceFrom.Source
                )
            );
    }

    private static int? WeeksOn(Rung rung, IReadOnlyList<RungMove> moves)
    {
        var came = moves
            .Where(
                (m, i) => m.RungId == rung.Id && (m.Kind == MoveKind.Climbed || (i > 0 && m.Kind is (MoveKind.ByHand or MoveKind.Assessed)))
            )
            .FirstOrDefault();
        var went = came is null
            ? null
            : moves
                .SkipWhile(m => m != came)
                .FirstOrDefault(m => m.RungId is { } id && Catalogue.Find(id) is { } to && to.Step > rung.Step);
        return went is null ? null : Math.Max(1, (int)Math.Ceiling((went.On.DayNumber - came!.On.DayNumber) / 7.0));
    }
}
