using Hippodrome.Core.Aims;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Measures;
using static Hippodrome.Core.Sessions.PlanChecks;
using static Hippodrome.Core.Sessions.PlanMends;

namespace Hippodrome.Core.Sessions;

/// <summary>When a dressage test may be ridden from beginning to end; its pieces may be schooled on any day.</summary>
internal static class TestChecks
{
    public static readonly PlanRule[] All =
    [
        new(
            new Rule(
                Gravity.Repeat,
                "The whole test at most once a week: a horse that knows what comes next does it by itself",
                TestFigures.WholeOnceIn.Source
            ),
            WholeTestAgain,
            c => [WithoutTheTest(c)]
        )
        {
            DaysBack = TestFigures.WholeOnceIn.Value - 1,
        },
        new(
            new Rule(
                Gravity.Adjust,
                "The whole test is never the last thing before the day: it is ridden in pieces then",
                TestFigures.LastDays.Source
            ),
            WholeTestLast,
            c => [WithoutTheTest(c)]
        )
        {
            DaysAhead = TestFigures.LastDays.Value,
        },
    ];

    private static Amiss? WholeTestAgain(PlanContext c)
    {
        var tests = WholeTests(c);
        var before = c
            .Earlier.Where(d => d.On > c.Plan.On.AddDays(-TestFigures.WholeOnceIn.Value) && d.WholeTests.Any(tests.Contains))
            .MaxBy(d => d.On);
        return tests.Count == 0 ? null
            : tests.Count > tests.Distinct().Count()
                ? Fault("The whole test is ridden twice in this session.", "Ride it once, or pieces of it.", [$"{tests.Count} times"])
            : before is null ? null
            : Fault(
                FormattableString.Invariant($"The whole test was ridden, or is planned, on {before.On:d MMMM}."),
                "Ride pieces of it in another order.",
                [
                    FormattableString.Invariant($"the whole test on {before.On:d MMMM}"),
                    $"at most once in {TestFigures.WholeOnceIn.Value} days",
                ]
            );
    }

    private static Amiss? WholeTestLast(PlanContext c)
    {
        if (
            WholeTests(c).Count == 0
            || c.Competition is not { Discipline: Discipline.Dressage or Discipline.Eventing } aim
            || aim.DaysLeft(c.Plan.On) is var left && (left < 1 || left > TestFigures.LastDays.Value)
            || c.Nearby.Any(d => d.On > c.Plan.On && d.On < aim.On && d.Kinds.Count > 0)
        )
        {
            return null;
        }

        return Fault(
            $"The whole test would be the last work before {aim.Name}.",
            "Ride pieces of it in another order.",
            [FormattableString.Invariant($"{aim.Name} on {aim.On:d MMMM}"), "nothing is planned in between"]
        );
    }

    private static List<Guid> WholeTests(PlanContext c) => [.. c.Plan.Parts.Where(p => p.IsWholeTest).Select(p => p.TestId!.Value)];

    private static Mend WithoutTheTest(PlanContext c) => new("Take the whole test out", Without(c.Plan, p => p.IsWholeTest));
}
