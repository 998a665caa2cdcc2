using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Horses;

public enum TackKind
{
    Bit,
    Bitless,
    Noseband,
    ReinAid,
    Saddle,
    Boots,
}

/// <summary>A piece of tack as typed.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Name">What it is called in the tack room.</param>
/// <param name="For">Strands it may be used for; all if left out.</param>
/// <param name="FencesFromMetres">Only for fences from this height, if it is kept for them.</param>
/// <param name="Notes">Size, wear, who fitted it.</param>
public sealed record TackEntry(
    TackKind? Kind = null,
    string? Name = null,
    IReadOnlyList<Strand>? For = null,
    double? FencesFromMetres = null,
    string? Notes = null
);

/// <summary>A piece of tack and what it is allowed for. A bit kept for fences is not for flatwork.</summary>
public sealed record Tack(Guid Id, TackKind Kind, string Name, IReadOnlyList<Strand> For, Distance? FencesFrom, string Notes)
{
    public static Outcome<Tack> From(Guid id, TackEntry entry)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var checks = new Checks();
        var kind = checks.Choice("kind", entry.Kind);
        var name = checks.Text("name", entry.Name, 80);
        var allowed = entry.For?.Distinct().Order().ToList() ?? [];
        checks.That(allowed.TrueForAll(Enum.IsDefined), "for", "There is no such strand.", "Choose from the list.");
        double? from = entry.FencesFromMetres is null ? null : checks.Number("fencesFromMetres", entry.FencesFromMetres, 0.1, 1.8, "m");
        var notes = checks.OptionalText("notes", entry.Notes, 500);
        return checks.Outcome(() => new Tack(id, kind, name, allowed, from is { } f ? Distance.FromMetres(f) : null, notes));
    }

    /// <summary>Allowed for a strand; for every one when none is named.</summary>
    public bool IsFor(Strand strand) => For.Count == 0 || For.Contains(strand);
}
