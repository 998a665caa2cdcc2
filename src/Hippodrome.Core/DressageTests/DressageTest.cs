using Hippodrome.Core.Arenas;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.DressageTests;

/// <summary>What one mark is given for.</summary>
/// <param name="Number">From one.</param>
/// <param name="Words">Of its lines, in order.</param>
/// <param name="Coefficient">How often its mark counts.</param>
/// <param name="Lines">Its lines, counted from nought.</param>
public sealed record TestMovement(int Number, string Words, int Coefficient, IReadOnlyList<int> Lines);

/// <summary>A test that can be ridden, laid through its arena.</summary>
public sealed record DressageTest
{
    internal DressageTest(
        string name,
        string level,
        Arena arena,
        IReadOnlyList<TestLine> lines,
        IReadOnlyList<int> coefficients,
        IReadOnlyList<FigurePath> ways
    )
    {
        (Name, Level, Arena, Lines, Ways) = (name, level, arena, lines, ways);
        Movements =
        [
            .. lines
                .Select((l, i) => (Line: l, At: i))
                .GroupBy(l => l.Line.Movement)
                .Select(g => new TestMovement(
                    g.Key,
                    string.Join("; ", g.Select(l => l.Line.Words)),
                    coefficients.ElementAtOrDefault(g.Key - 1),
                    [.. g.Select(l => l.At)]
                )),
        ];
    }

    public string Name { get; }

    /// <summary>The level it is of, in words; may be empty.</summary>
    public string Level { get; }

    public Arena Arena { get; }

    public IReadOnlyList<TestLine> Lines { get; }

    /// <summary>The way of each line; a single point, or none, where it is on the spot.</summary>
    public IReadOnlyList<FigurePath> Ways { get; }

    /// <summary>What is marked, in order.</summary>
    public IReadOnlyList<TestMovement> Movements { get; }

    /// <summary>All of it.</summary>
    public Distance Way => Distance.FromMetres(Ways.Sum(w => w.Length.Metres));
}
