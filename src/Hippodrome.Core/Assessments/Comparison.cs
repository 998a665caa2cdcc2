using Hippodrome.Core.Horses;

namespace Hippodrome.Core.Assessments;

/// <summary>One line of two sheets side by side.</summary>
/// <param name="Item">The line.</param>
/// <param name="Rein">The side; both for an item asked once.</param>
/// <param name="Then">The earlier answer.</param>
/// <param name="Now">The later one.</param>
/// <param name="Change">Marks gained; null where one of them has none.</param>
public sealed record ComparedLine(AssessmentItem Item, Rein Rein, SheetAnswer? Then, SheetAnswer? Now, double? Change);

public static class Comparison
{
    /// <summary>Item by item and side by side, in the order of the sheet; lines that neither has are left out.</summary>
    public static IReadOnlyList<ComparedLine> Of(Assessment then, Assessment now)
    {
        ArgumentNullException.ThrowIfNull(then);
        ArgumentNullException.ThrowIfNull(now);
        return
        [
            .. Sheet
                .Items.SelectMany(i => i.Reins().Select(r => (i.Item, Rein: r, Then: then.At(i.Item, r), Now: now.At(i.Item, r))))
                .Where(x => x.Then is not null || x.Now is not null)
                .Select(x => new ComparedLine(x.Item, x.Rein, x.Then, x.Now, x.Now?.Mark?.Value - x.Then?.Mark?.Value)),
        ];
    }
}
