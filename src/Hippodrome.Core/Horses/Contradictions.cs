namespace Hippodrome.Core.Horses;

/// <summary>Open restrictions that do not say the same of one thing. The stricter counts; the word says which.</summary>
public static class Contradictions
{
    /// <summary>One sentence for each pair that differs on a height, or on how long a gait or strand is out.</summary>
    public static IReadOnlyList<string> Of(IReadOnlyList<Restriction> open)
    {
        ArgumentNullException.ThrowIfNull(open);
        return [.. open.SelectMany((a, i) => open.Skip(i + 1).SelectMany(b => Between(a, b)))];
    }

    private static IEnumerable<string> Between(Restriction a, Restriction b)
    {
        if (a.MostHeight is { } first && b.MostHeight is { } second && first != second)
        {
            var strict = first < second ? a : b;
            yield return FormattableString.Invariant(
                $"{a.By} says fences to {first.Metres:0.00} m and {b.By} to {second.Metres:0.00} m. The lower one, by {strict.By}, counts until it is cleared."
            );
        }

        var same = a
            .NoGaits.Intersect(b.NoGaits)
            .Select(g => g.ToString().ToLowerInvariant())
            .Concat(a.NoStrands.Intersect(b.NoStrands).Select(s => s.Say()))
            .ToList();
        if (same.Count > 0 && a.Until != b.Until)
        {
            yield return $"{a.By} rules out {string.Join(", ", same)} {Until(a)} and {b.By} {Until(b)}. The longer one counts.";
        }
    }

    private static string Until(Restriction r) =>
        r.Until is { } until ? FormattableString.Invariant($"until {until:d MMMM}") : "until cleared";
}
