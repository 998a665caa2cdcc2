using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Sessions;

/// <summary>A test, or pieces of it, as a part of a session.</summary>
public static class TestParts
{
    /// <param name="testId">Which test.</param>
    /// <param name="test">The test.</param>
    /// <param name="laid">The same as this horse rides it.</param>
    /// <param name="pieces">Numbers of movements; none is the whole test.</param>
    public static Outcome<PartEntry> Of(Guid testId, DressageTest test, LaidTest laid, IReadOnlyList<int>? pieces)
    {
        ArgumentNullException.ThrowIfNull(test);
        ArgumentNullException.ThrowIfNull(laid);
        var checks = new Checks();
        var asked = (pieces ?? []).Distinct().ToList();
        checks.AddRange(Unknown(test, asked, "pieces"));
        return checks.Outcome(() =>
            asked.Count == 0 ? Whole(testId, test, laid) : Pieces(testId, test, laid, TestPieces.InAnotherOrder(asked))
        );
    }

    /// <summary>Pieces that the test does not have.</summary>
    public static IReadOnlyList<Fault> Unknown(DressageTest test, IEnumerable<int> pieces, string field)
    {
        ArgumentNullException.ThrowIfNull(test);
        var missing = pieces.Where(n => test.Movements.All(m => m.Number != n)).ToList();
        return missing.Count == 0
            ? []
            : [new Fault(field, $"“{test.Name}” has no movement {missing[0]}.", $"Choose from 1 to {test.Movements.Count}.")];
    }

    private static PartEntry Whole(Guid testId, DressageTest test, LaidTest laid) =>
        PartEntry.Of(Phase.Work, $"The whole of {test.Name}", MostlyIn(laid.Lines), Rein.Both, HalfMinutes(laid.Seconds)) with
        {
            TestId = testId,
        };

    private static PartEntry Pieces(Guid testId, DressageTest test, LaidTest laid, IReadOnlyList<int> pieces)
    {
        var chosen = pieces.Select(n => laid.Movements.First(m => m.Movement.Number == n)).ToList();
        var lines = chosen.SelectMany(m => m.Movement.Lines).Select(i => laid.Lines[i]).ToList();
        var again = chosen.Count * (double)TestFigures.BetweenPieces.Value;
        return PartEntry.Of(
            Phase.Work,
            $"{test.Name} in pieces: {string.Join(", ", pieces)}",
            MostlyIn(lines),
            Rein.Both,
            HalfMinutes((chosen.Sum(m => m.Seconds) + again) * TestFigures.TimesEach.Value)
        ) with
        {
            TestId = testId,
            TestPieces = pieces,
            // One piece is work on one rung; several are not.
            RungId = chosen is [{ RungIds: [.., var rung] }] ? rung : null,
        };
    }

    private static Gait MostlyIn(IEnumerable<LaidLine> lines) =>
        lines.GroupBy(l => l.Line.Gait.Gait()).OrderByDescending(g => g.Sum(l => l.Seconds)).First().Key;

    private static double HalfMinutes(double seconds) => Math.Max(0.5, Math.Ceiling(seconds / 30) / 2);
}
