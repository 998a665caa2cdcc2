using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;

namespace Hippodrome.Core.Verdicts;

/// <summary>Rules that read askings: series of changes, and an asking that gets worse.</summary>
internal static class AttemptRules
{
    private static readonly RideRule SameHindLate = Rules.Practice(
        "SameHindLate",
        Gravity.Ease,
        VerdictWord.Ease,
        SessionChange.SameAgain,
        "The same hind late in half a series or more is made supple first, and no closer count is asked that day",
        c =>
            c.Record.Counts.HindLateInSeries is { Times: > 0 } late
                ? new Finding(
                    late.Times,
                    $"the {Side(late.Side)} hind late in half a series",
                    $"the {Side(late.Side)} hind late in half a series {Rules.Times(late.Times)}"
                )
                : null,
        "Supple that side, quicken that hind in departs, refresh the canter, the same count once; no closer count.",
        new("The same hind late: refresh the canter.", "Supple that side, quicken it in departs; the same count once.")
    );

    private static readonly RideRule WorseEachTime = Rules.Practice(
        "WorseEachTime",
        Gravity.StopThere,
        VerdictWord.Stop,
        SessionChange.SameAgain,
        "The same asking worse three times running teaches nothing any more",
        c =>
            c.Record.Counts.WorseRunning is { Times: > 0 } worse
                ? new Finding(
                    worse.Times,
                    $"{worse.Movement.Say()} worse each time",
                    $"{worse.Movement.Say()} worse each time, three times running"
                )
                : null,
        "Stop that work: something it can do, and another way to it next time.",
        new("Worse each time: leave it there.", "Something it can do; another way to it another day.")
    );

    /// <summary>Whole at one count opens the next, once or twice.</summary>
    private static readonly RideRule SeriesWhole = Rules.Practice(
        "SeriesWhole",
        Gravity.GoOn,
        VerdictWord.CarryOn,
        SessionChange.SameAgain,
        "Whole at one count opens the next count, once or twice",
        c =>
        {
            var whole = c.Record.Rail.Attempts.Where(a => a is { Movement: Movement.Series, Good: true, Mine: false }).ToList();
            return whole.Count == 0 || c.Record.Counts.HindLateInSeries.Times > 0
                ? null
                : new Finding(
                    whole.Count,
                    $"a series whole {Rules.Times(whole.Count)}",
                    [.. whole.Select(w => (FormattableString)$"{w.Steps} every {w.Every}")]
                );
        },
        "The next count is open: once or twice, and the canter refreshed between.",
        new("Whole: leave it, or the next count once.", "Refresh the canter between.")
    );

    private static readonly RideRule TestNotPassed = Rules.Practice(
        "TestNotPassed",
        Gravity.Repeat,
        VerdictWord.Repeat,
        SessionChange.SameAgain,
        "A test that is not passed is repeated; what it opens waits",
        c =>
        {
            var failed = c.Record.Rail.Tests.Where(t => !t.Passed).Select(t => t.Test.Say()).ToList();
            return failed.Count == 0
                ? null
                : new Finding(failed.Count, $"not yet: {Rules.List(failed)}", [.. failed.Select(f => (FormattableString)$"{f}")]);
        },
        "The same test first next time; the later work waits for it.",
        new("Not yet: repeat it, the later part waits.", "Passed once, it is not drilled.") { InPart = false, SaysWhatWasSeen = true }
    );

    public static readonly RideRule[] All = [SameHindLate, WorseEachTime, TestNotPassed, SeriesWhole];

    private static string Side(Horses.Rein side) => side == Horses.Rein.Left ? "left" : "right";
}
