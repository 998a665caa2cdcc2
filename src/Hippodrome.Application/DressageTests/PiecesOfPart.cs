using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Application.DressageTests;

/// <summary>Pieces of a dressage test in a part of a session.</summary>
/// <param name="Part">Which part, from nought.</param>
/// <param name="TestId">The test.</param>
/// <param name="Test">What it is called.</param>
/// <param name="Whole">It is ridden from beginning to end.</param>
/// <param name="Pieces">Its movements in the order they are ridden.</param>
public sealed record PiecesOfPart(int Part, Guid TestId, string Test, bool Whole, IReadOnlyList<TestMovement> Pieces)
{
    internal static IEnumerable<PiecesOfPart> Of(SessionPlan plan, IReadOnlyDictionary<Guid, DressageTest> tests) =>
        plan
            .Parts.Select((p, i) => (Part: p, At: i))
            .Where(p => p.Part.TestId is { } id && tests.ContainsKey(id))
            .Select(p =>
            {
                var test = tests[p.Part.TestId!.Value];
                return new PiecesOfPart(
                    p.At,
                    p.Part.TestId.Value,
                    test.Name,
                    p.Part.TestPieces.Count == 0,
                    p.Part.TestPieces.Count == 0
                        ? test.Movements
                        : [.. p.Part.TestPieces.Select(n => test.Movements.FirstOrDefault(m => m.Number == n)).OfType<TestMovement>()]
                );
            });
}

internal static class PiecesOfPlans
{
    /// <summary>Nothing is read where no part names a test.</summary>
    public static async Task<IReadOnlyList<PiecesOfPart>> PiecesAsync(this Visit visit, SessionPlan? plan) =>
        plan?.Parts.Any(p => p.TestId is not null) == true ? [.. PiecesOfPart.Of(plan, await TestsOfYard.AllAsync(visit))] : [];
}
