namespace Hippodrome.Core.DressageTests;

/// <summary>Pieces of a test, schooled by themselves.</summary>
public static class TestPieces
{
    /// <summary>
    /// The same pieces in another order than the test's: none comes straight behind the one it follows in the test, so that
    /// the horse waits to be told (common practice, no source).
    /// </summary>
    /// <param name="pieces">Numbers of movements, in any order.</param>
    public static IReadOnlyList<int> InAnotherOrder(IReadOnlyList<int> pieces)
    {
        ArgumentNullException.ThrowIfNull(pieces);
        var down = pieces.Distinct().OrderDescending().ToList();
        var (even, odd) = (down.Where(n => n % 2 == 0).ToList(), down.Where(n => n % 2 != 0).ToList());
        // Every second one, the last first; where the two rows would meet in the test's own order, simply the last first.
        return even.Count > 0 && odd.Count > 0 && odd[0] == even[^1] + 1 ? down : [.. even, .. odd];
    }
}
