using Hippodrome.Core.Setups;

namespace Hippodrome.Core.Sessions;

/// <summary>The stage that stands, and the steps from it, each one tap.</summary>
/// <param name="Says">Which stage of a grid; null where nothing is counted.</param>
/// <param name="Next">One thing more; null at the end of what was planned.</param>
/// <param name="Back">The step before.</param>
/// <param name="Easier">To where its family begins.</param>
public sealed record StageNow(string? Says, ChangedSetUp? Next, ChangedSetUp? Back, ChangedSetUp? Easier)
{
    /// <summary>All that was planned stands.</summary>
    public bool IsPlanned { get; init; }
}

/// <summary>The stages of what stands in a part: those of a grid as it is built, else the ladder of its family.</summary>
public static class Stages
{
    /// <summary>Where a grid begins; null where it has no stages.</summary>
    public static SetUpEntry? First(RailPart planned)
    {
        ArgumentNullException.ThrowIfNull(planned);
        return OfGrid(planned) is [var first, _, ..] ? first.Entry : null;
    }

    /// <summary>The stage that stands in a part; null where nothing stands.</summary>
    /// <param name="planned">The part as it was planned.</param>
    /// <param name="now">The part as it stands now.</param>
    public static StageNow? Of(RailPart planned, RailPart now)
    {
        ArgumentNullException.ThrowIfNull(planned);
        ArgumentNullException.ThrowIfNull(now);
        if (now.SetUp is not { } stands)
        {
            return null;
        }

        var grid = OfGrid(planned);
        var at = grid.FindIndex(s => Same(s.Entry, stands));
        if (at < 0)
        {
            var isPlanned = planned.SetUp is { } whole && Same(whole, stands);
            return new StageNow(
                null,
                stands.OneRungOn(),
                stands.OneRungBack() ?? (grid.Count > 0 ? grid[0] : null),
                Other(stands.BackToWalk(), stands)
            )
            {
                IsPlanned = isPlanned,
            };
        }

        return new StageNow(
            FormattableString.Invariant($"stage {at + 1} of {grid.Count}: {grid[at].Says}"),
            at + 1 < grid.Count ? grid[at + 1] : null,
            at > 0 ? grid[at - 1] : null,
            Other(stands.BackToWalk(), stands)
        )
        {
            IsPlanned = at == grid.Count - 1,
        };
    }

    private static List<ChangedSetUp> OfGrid(RailPart planned) =>
        planned.SetUp is FenceLineEntry entry && entry.AsKept().SetUp is FenceLine line
            ? [.. BuildStages.Of(line).Select(s => new ChangedSetUp(entry.Standing(s.Stands), s.Changed))]
            : [];

    private static ChangedSetUp? Other(ChangedSetUp changed, SetUpEntry stands) => Same(changed.Entry, stands) ? null : changed;

    // Entries hold lists, which records compare by reference.
    private static bool Same(SetUpEntry a, SetUpEntry b) =>
        a == b
        || (
            a is FenceLineEntry x
            && b is FenceLineEntry y
            && x with { Elements = null } == y with { Elements = null }
            && x.Elements!.SequenceEqual(y.Elements!)
        );
}
