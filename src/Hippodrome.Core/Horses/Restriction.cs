using System.Globalization;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Horses;

/// <summary>A restriction as typed.</summary>
/// <param name="Because">What it is for.</param>
/// <param name="By">Who said so: the vet, a therapist, the trainer.</param>
/// <param name="Since">From which day; today if left out.</param>
/// <param name="Until">Last day; open until cleared if left out.</param>
/// <param name="NoGaits">Gaits that are out.</param>
/// <param name="NoStrands">Strands that are out.</param>
/// <param name="MostHeightMetres">Highest fence that is still allowed; 0 is none at all.</param>
public sealed record RestrictionEntry(
    string? Because = null,
    string? By = null,
    DateOnly? Since = null,
    DateOnly? Until = null,
    IReadOnlyList<Gait>? NoGaits = null,
    IReadOnlyList<Strand>? NoStrands = null,
    double? MostHeightMetres = null
);

/// <summary>What a horse may not do for a while. It holds until its last day or a clearance, and no plan goes round it.</summary>
public sealed record Restriction
{
    private Restriction(
        Guid id,
        string because,
        string by,
        DateOnly since,
        DateOnly? until,
        IReadOnlyList<Gait> noGaits,
        IReadOnlyList<Strand> noStrands,
        Distance? mostHeight
    ) => (Id, Because, By, Since, Until, NoGaits, NoStrands, MostHeight) = (id, because, by, since, until, noGaits, noStrands, mostHeight);

    public Guid Id { get; }

    public string Because { get; }

    public string By { get; }

    public DateOnly Since { get; }

    public DateOnly? Until { get; }

    public IReadOnlyList<Gait> NoGaits { get; }

    public IReadOnlyList<Strand> NoStrands { get; }

    public Distance? MostHeight { get; }

    /// <summary>The referral that it waits for, and ends with; null where it is cleared by somebody's word.</summary>
    public Guid? ReferralId { get; init; }

    public static Outcome<Restriction> From(Guid id, RestrictionEntry entry, Horse horse, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(horse);
        var checks = new Checks();
        var because = checks.Text("because", entry.Because, 160);
        var by = checks.Text("by", entry.By, 80);
        var since = entry.Since ?? today;
        checks.That(
            since.Year >= horse.Foaled && since <= today,
            "since",
            "That day does not fit.",
            $"Give a day from {horse.Foaled} to today."
        );
        checks.That(
            entry.Until is null || entry.Until >= since,
            "until",
            "It would end before it begins.",
            "Give a later day, or leave it open until it is cleared."
        );
        checks.That(
            entry.Until is null || entry.Until <= today.AddYears(2),
            "until",
            "That day is years away.",
            "Leave it open until it is cleared."
        );
        var gaits = entry.NoGaits?.Distinct().Order().ToList() ?? [];
        var strands = entry.NoStrands?.Distinct().Order().ToList() ?? [];
        double? height = entry.MostHeightMetres is null ? null : checks.Number("mostHeightMetres", entry.MostHeightMetres, 0, 1.8, "m");
        checks.That(gaits.TrueForAll(Enum.IsDefined), "noGaits", "There is no such gait.", "Choose from the list.");
        checks.That(strands.TrueForAll(Enum.IsDefined), "noStrands", "There is no such strand.", "Choose from the list.");
        checks.That(
            gaits.Count + strands.Count > 0 || height is not null,
            "noGaits",
            "Nothing is out yet.",
            "Choose a gait or a strand, or give a height."
        );
        return checks.Outcome(() =>
            new Restriction(id, because, by, since, entry.Until, gaits, strands, height is { } h ? Distance.FromMetres(h) : null)
        );
    }

    /// <summary>A restriction read back from the store.</summary>
    public static Restriction Kept(
        Guid id,
        string because,
        string by,
        DateOnly since,
        DateOnly? until,
        IReadOnlyList<Gait> noGaits,
        IReadOnlyList<Strand> noStrands,
        Distance? mostHeight
    ) => new(id, because, by, since, until, noGaits, noStrands, mostHeight);

    public bool HoldsOn(DateOnly day) => day >= Since && (Until is null || day <= Until);

    /// <summary>What is out, in words.</summary>
    public string Says =>
        string.Join(
            ", ",
            new[]
            {
                NoGaits.Count == 0 ? null : $"no {string.Join(", no ", NoGaits.Select(g => g.ToString().ToLowerInvariant()))}",
                NoStrands.Count == 0 ? null : $"no {string.Join(", no ", NoStrands.Select(s => s.Say()))}",
                MostHeight is not { } height ? null
                : height == Distance.Zero ? "no fence at all"
                : string.Create(CultureInfo.InvariantCulture, $"no fence over {height.Metres:0.00} m"),
            }.OfType<string>()
        );
}
