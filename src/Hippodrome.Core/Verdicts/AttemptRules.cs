using Hippodrome.Core.Care;
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

    /// <summary>Across exercises and rides: collected work and fences are eased till somebody has looked.</summary>
    private static readonly RideRule OneHindLeg = new(
        "OneHindLeg",
        Gravity.HoldAndRefer,
        VerdictWord.Hold,
        SessionChange.CutWork,
        "A hind leg that shows in three different exercises is one finding",
        VerdictFigures.HindExercises.Source
    )
    {
        Look = c =>
            Shows(c.Record) && OneHind.Of(c.Running.Take(VerdictFigures.HindRides.Value)) is { } hind
                ? new Finding(1, $"the {hind.Hind.Say()} hind in {hind.In.Count} exercises", hind.In)
                : null,
        Do = "A vet or physiotherapist looks at it; collected work waits, and fences are easy, until somebody has.",
        LooksBack = new LookBack(VerdictFigures.HindRides.Value - 1, 0, Shows),
        Refers = new(ReferredTo.Physiotherapist, WaitingWork.CollectedWork),
    };

    /// <summary>This ride has something of a hind leg in it.</summary>
    private static bool Shows(RideRecord r) =>
        r.Rail.Attempts.Any(a =>
            a is { Mine: false, Good: false, Movement: Movement.Change or Movement.Series or Movement.Depart or Movement.Pirouette }
        )
        || r.Rail.Signs.Any(s => s is { Mine: false, Side: not null, Sign: Sign.LateBehind or Sign.LateDepart or Sign.QuartersSwing })
        || r.Rail.TouchedLegs.Keys.Any(l => l is Leg.LeftHind or Leg.RightHind);

    public static readonly RideRule[] All = [OneHindLeg, SameHindLate, WorseEachTime, TestNotPassed, SeriesWhole];

    private static string Side(Horses.Rein side) => side == Horses.Rein.Left ? "left" : "right";
}
