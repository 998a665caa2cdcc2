using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>A ladder at two days.</summary>
/// <param name="Strand">Which.</param>
/// <param name="Then">The rung it stood on then; null where it had not begun.</param>
/// <param name="Now">The rung it stands on.</param>
/// <param name="Steps">Rungs up since; negative is down.</param>
public sealed record PlaceThenAndNow(Strand Strand, string? Then, string? Now, int Steps);

/// <summary>A stride that was measured by both days.</summary>
public sealed record StrideThenAndNow(GaitVariant Variant, Distance Then, Distance Now);

/// <summary>A horse three months ago beside today.</summary>
public sealed record ThenAndNow
{
    /// <summary>The day it is compared with.</summary>
    public required DateOnly Then { get; init; }

    /// <summary>Ladders it stood on at either day.</summary>
    public required IReadOnlyList<PlaceThenAndNow> Places { get; init; }

    /// <summary>Mean marks of the weeks up to then.</summary>
    public required MarksByRein MarksThen { get; init; }

    /// <summary>Mean marks of the weeks up to now.</summary>
    public required MarksByRein MarksNow { get; init; }

    /// <summary>Strides that had been measured by then.</summary>
    public required IReadOnlyList<StrideThenAndNow> Strides { get; init; }

    /// <summary>
    /// The day a horse is compared with today; of a younger book the end of its first weeks. Null while those are all there is.
    /// </summary>
    /// <param name="today">Today.</param>
    /// <param name="firstRide">The day of its first ride in the book.</param>
    public static DateOnly? DayBefore(DateOnly today, DateOnly firstRide)
    {
        var (then, begun) = (today.AddMonths(-VerdictFigures.ThenMonths.Value), firstRide.AddDays(VerdictFigures.ThenMarkDays.Value - 1));
        return then >= begun ? then
            : begun < MarksFrom(today) ? begun
            : null;
    }

    /// <summary>The first day of the rides whose marks stand for a day.</summary>
    public static DateOnly MarksFrom(DateOnly day) => day.AddDays(1 - VerdictFigures.ThenMarkDays.Value);

    /// <param name="horse">The horse.</param>
    /// <param name="then">The day it is compared with.</param>
    /// <param name="today">Today.</param>
    /// <param name="moves">Its moves on the ladders, in their order.</param>
    /// <param name="strides">Its measured strides.</param>
    /// <param name="marks">The marks of its rides, each with its day.</param>
    public static ThenAndNow Of(
        Horse horse,
        DateOnly then,
        DateOnly today,
        IReadOnlyList<RungMove> moves,
        IReadOnlyList<StrideMeasurement> strides,
        IReadOnlyList<(DateOnly On, MarksByRein Marks)> marks
    )
    {
        ArgumentNullException.ThrowIfNull(horse);
        ArgumentNullException.ThrowIfNull(moves);
        var (was, stands) = (Exercises.Places.Of(horse, MovesBy(then, moves)), Exercises.Places.Of(horse, moves));
        var (cardThen, cardNow) = (StrideCard.For(horse.Height, strides.Where(s => s.On <= then)), StrideCard.For(horse.Height, strides));
        return new ThenAndNow
        {
            Then = then,
            Places =
            [
                .. Catalogue
                    .Strands.Where(s => (was[s] ?? stands[s]) is not null)
                    .Select(s => new PlaceThenAndNow(s, was[s]?.Name, stands[s]?.Name, (stands[s]?.Step ?? 0) - (was[s]?.Step ?? 0))),
            ],
            MarksThen = Mean(marks, then),
            MarksNow = Mean(marks, today),
            Strides =
            [
                .. cardNow
                    .Estimates.Where(e => cardThen[e.Variant].Measurements > 0)
                    .Select(e => new StrideThenAndNow(e.Variant, cardThen[e.Variant].Stride, e.Stride)),
            ],
        };
    }

    /// <summary>A ladder's first placing says where the horse stood, also before it was written down.</summary>
    private static IEnumerable<RungMove> MovesBy(DateOnly day, IReadOnlyList<RungMove> moves) =>
        moves
            .GroupBy(m => m.Strand)
            .SelectMany(ladder =>
                ladder.Any(m => m.On <= day) ? ladder.Where(m => m.On <= day)
                : ladder.First() is { Kind: MoveKind.ByHand or MoveKind.Assessed } placed ? [placed]
                : []
            );

    private static MarksByRein Mean(IReadOnlyList<(DateOnly On, MarksByRein Marks)> marks, DateOnly day)
    {
        var near = marks.Where(m => m.On >= MarksFrom(day) && m.On <= day).Select(m => m.Marks).ToList();
        double? Of(Func<MarksByRein, double?> side) => near.Select(side).Average() is { } mean ? Math.Round(mean, 1) : null;
        return new(Of(m => m.Left), Of(m => m.Right));
    }
}
