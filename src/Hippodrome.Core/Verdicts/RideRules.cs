using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>All rules of what a ride says, and what they make of one.</summary>
public static class RideRules
{
    /// <summary>Every rule there is. Where two of the same gravity and word speak, the first leads.</summary>
    public static IReadOnlyList<RideRule> All { get; } =
    [
        .. SoundnessRules.All,
        .. PoleAndFenceRules.All,
        .. QuestionRules.All,
        .. FlatworkRules.All,
        .. SignRules.All,
        .. ChangeRules.All,
        .. AttemptRules.All,
        .. StageRules.All,
        .. ProgressRules.All,
    ];

    /// <summary>How many earlier rides any rule compares such a ride with; with more at hand the verdicts are the same.</summary>
    public static int RidesBack(RideRecord record) => All.Where(r => r.LooksBack.When(record)).Select(r => r.LooksBack.Rides).Max(0);

    /// <summary>How many days of touches told by leg any rule looks through for such a ride.</summary>
    public static int LegDaysBack(RideRecord record) => All.Where(r => r.LooksBack.When(record)).Select(r => r.LooksBack.LegDays).Max(0);

    /// <summary>Every verdict on a ride, the gravest first; when none asks for anything the answer is to stay.</summary>
    public static IReadOnlyList<Verdict> Judge(VerdictContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        var spoken = All.Select(rule => rule.Review(context)).OfType<Verdict>().OrderBy(v => v.Gravity).ThenBy(v => v.Word).ToList();
        return spoken.Exists(v => v.Word != VerdictWord.CarryOn) ? spoken : [.. spoken, ProgressRules.Stay(context)];
    }

    /// <summary>
    /// What a ride asks for before anybody thinks of going up: the gravest verdict that asks for care, in words. No rung
    /// is climbed on such a ride, and so the review and the ladder cannot disagree.
    /// </summary>
    public static string? AsksForCare(VerdictContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        return Judge(context with { Rungs = [] }).Where(v => v.Word < VerdictWord.Stay).Select(v => v.Seen).FirstOrDefault();
    }

    private static int Max(this IEnumerable<int> numbers, int least) => numbers.Append(least).Max();
}
