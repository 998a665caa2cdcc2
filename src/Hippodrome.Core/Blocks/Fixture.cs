using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>What stands fixed in the calendar.</summary>
public enum FixtureKind
{
    Competition,
    Farrier,
    Therapist,

    /// <summary>Nobody is there to ride.</summary>
    Away,
}

/// <summary>Something fixed, as typed.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="On">Its day, or its first.</param>
/// <param name="Until">Its last day; the same day if left out.</param>
/// <param name="What">In words, for the calendar.</param>
public sealed record FixtureEntry(FixtureKind? Kind = null, DateOnly? On = null, DateOnly? Until = null, string? What = null);

/// <summary>Something that stands fixed in the calendar.</summary>
public sealed record Fixture(FixtureKind Kind, DateOnly On, DateOnly Until, string What)
{
    private const int LongestDays = 60;

    public bool Covers(DateOnly day) => day >= On && day <= Until;

    internal static Fixture? Check(Checks checks, string field, FixtureEntry entry)
    {
        var kind = checks.Choice($"{field}.kind", entry.Kind);
        var what = checks.OptionalText($"{field}.what", entry.What, 80);
        var until = entry.Until ?? entry.On;
        checks.That(entry.On is not null, $"{field}.on", "The day is missing.", "Give its day.");
        checks.That(
            entry.On is null || until >= entry.On,
            $"{field}.until",
            "It ends before it begins.",
            "Give a later day, or leave it out."
        );
        checks.That(
            entry.On is null || until < entry.On || until!.Value.DayNumber - entry.On.Value.DayNumber <= LongestDays,
            $"{field}.until",
            "That is longer than two months.",
            "End the block there, and begin another."
        );
        return entry.On is { } on && until is { } last ? new Fixture(kind, on, last, what) : null;
    }
}
