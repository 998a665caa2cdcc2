namespace Hippodrome.Core.Setups;

/// <summary>Which horses come when they are green.</summary>
public enum GreenHorses
{
    Anywhere,
    First,
    Last,
}

/// <summary>A horse that waits for the arena: where its elements stand on the tape, and whether it is green.</summary>
public sealed record Waiting(string Name, IReadOnlyList<double> Positions, bool Green);

/// <summary>An element moved between two horses: further along the tape, or back below zero.</summary>
public sealed record ElementMove(int Element, double Metres);

/// <summary>A horse's turn, and what is moved before it.</summary>
public sealed record Turn(string Name, IReadOnlyList<ElementMove> Moves, double Metres);

/// <summary>The order that moves the poles least.</summary>
/// <param name="Turns">In order; nothing is moved before the first, for whom it is built.</param>
/// <param name="Metres">Metres moved in all.</param>
/// <param name="Moves">Elements moved in all.</param>
public sealed record OrderOfRiding(IReadOnlyList<Turn> Turns, double Metres, int Moves)
{
    /// <summary>More than this are not put in order exactly.</summary>
    public const int MostHorses = 10;

    // A hair of a metre for each element moved: of two orders that move as far, the one that moves fewer is taken.
    private const double PerMove = 1e-6;

    /// <summary>
    /// The exact best order (Held and Karp's way over subsets): least metres moved, then fewest elements moved, then
    /// the order in which they were given. Green horses keep to their end.
    /// </summary>
    /// <exception cref="ArgumentException">None, more than ten, or elements that do not match.</exception>
    public static OrderOfRiding Of(IReadOnlyList<Waiting> horses, GreenHorses green)
    {
        ArgumentNullException.ThrowIfNull(horses);
        if (horses.Count is 0 or > MostHorses || horses.Any(h => h.Positions.Count != horses[0].Positions.Count))
        {
            throw new ArgumentException("One to ten horses on the same elements.", nameof(horses));
        }

        var n = horses.Count;
        var best = new double[1 << n, n];
        var from = new int[1 << n, n];
        for (var set = 1; set < 1 << n; set++)
        {
            for (var last = 0; last < n; last++)
            {
                (best[set, last], from[set, last]) = (double.PositiveInfinity, -1);
                var rest = set & ~(1 << last);
                if ((set & (1 << last)) == 0 || !MayFollow(horses, rest, last, green))
                {
                    continue;
                }

                if (rest == 0)
                {
                    best[set, last] = 0;
                    continue;
                }

                for (var before = 0; before < n; before++)
                {
                    var cost =
                        (rest & (1 << before)) == 0 ? double.PositiveInfinity : best[rest, before] + Cost(horses[before], horses[last]);
                    if (cost < best[set, last] - 1e-12)
                    {
                        (best[set, last], from[set, last]) = (cost, before);
                    }
                }
            }
        }

        return Told(horses, best, from);
    }

    /// <summary>Green first: all that came before are green as long as this one is. Green last: none that came before is, unless this one is.</summary>
    private static bool MayFollow(IReadOnlyList<Waiting> horses, int before, int last, GreenHorses green)
    {
        var others = horses.Where((_, i) => (before & (1 << i)) != 0);
        return green switch
        {
            GreenHorses.First => !horses[last].Green || others.All(h => h.Green),
            GreenHorses.Last => horses[last].Green || others.All(h => !h.Green),
            _ => true,
        };
    }

    private static double Cost(Waiting a, Waiting b)
    {
        var moves = Between(a, b);
        return moves.Sum(m => Math.Abs(m.Metres)) + (PerMove * moves.Count);
    }

    private static List<ElementMove> Between(Waiting a, Waiting b) =>
        [
            .. a
                .Positions.Zip(b.Positions, (x, y) => Math.Round(y - x, 4))
                .Select((metres, i) => new ElementMove(i, metres))
                .Where(m => m.Metres != 0),
        ];

    private static OrderOfRiding Told(IReadOnlyList<Waiting> horses, double[,] best, int[,] from)
    {
        var all = (1 << horses.Count) - 1;
        var last = Enumerable.Range(0, horses.Count).MinBy(i => best[all, i]);
        var order = new List<int>();
        for (var (set, at) = (all, last); at >= 0; )
        {
            order.Insert(0, at);
            (set, at) = (set & ~(1 << at), from[set, at]);
        }

        var turns = order
            .Select(
                (h, i) =>
                {
                    var moves = i == 0 ? [] : Between(horses[order[i - 1]], horses[h]);
                    return new Turn(horses[h].Name, moves, Math.Round(moves.Sum(m => Math.Abs(m.Metres)), 4));
                }
            )
            .ToList();
        return new OrderOfRiding(turns, Math.Round(turns.Sum(t => t.Metres), 4), turns.Sum(t => t.Moves.Count));
    }
}
