using Hippodrome.Core.Assessments;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Tests.Assessments;

/// <summary>Assessment rides to test with: an even one, of which a test changes the one thing it is about.</summary>
internal static class Ride
{
    public static SheetAnswer Marked(AssessmentItem item, Rein rein, double mark, params Felt[] felt) =>
        new(item, rein, Mark.Of(mark), felt, 1, null, null, Make.Today);

    public static SheetAnswer At(AssessmentItem item, Rein rein, int minute, params Felt[] felt) =>
        new(item, rein, null, felt, 1, minute, null, Make.Today);

    public static SheetAnswer Dropped(bool passed) => new(AssessmentItem.DroppedRein, Rein.Both, null, [], null, 45, passed, Make.Today);

    public static Findings Found(Assessment ride) => Core.Assessments.Findings.Of(ride, WalkFirst);

    public static FirstWeeks? First(Assessment ride) => FirstWeeks.Of(ride, WalkFirst);

    private const int WalkFirst = 7;

    public static Assessment Of(params SheetAnswer[] answers) => new(Guid.NewGuid(), Make.Today, 0, "", answers, null);

    public static Assessment AfterWeeksOff(int weeks, params SheetAnswer[] answers) => Of(answers) with { WeeksOff = weeks };

    /// <summary>Every line on both sides with the same mark, and then these instead.</summary>
    public static Assessment Even(double mark, params SheetAnswer[] instead) =>
        Of([
            .. Sheet
                .Items.Where(i => i.Item != AssessmentItem.DroppedRein)
                .SelectMany(i => i.Reins().Select(r => Marked(i.Item, r, mark)))
                .Where(a => !instead.Any(x => x.Item == a.Item && x.Rein == a.Rein)),
            .. instead,
        ]);
}
