using System.Globalization;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using static Hippodrome.Core.Sessions.PlanChecks;
using static Hippodrome.Core.Sessions.PlanMends;

namespace Hippodrome.Core.Sessions;

/// <summary>The shape of a session: walk first, work from easy to new, both reins, walk last.</summary>
internal static class ShapeChecks
{
    public static readonly PlanRule[] All =
    [
        new(
            new Rule(Gravity.Adjust, "Walk first, loose, both reins: joints and soft tissue need it", SessionFigures.WalkFirst.Source),
            WalkFirstTooShort,
            c => [WalkFirst(c)]
        ),
        new(
            new Rule(
                Gravity.Adjust,
                "Five to ten minutes of walk on a long rein bring breath and muscle down",
                SessionFigures.WalkLast.Source
            ),
            NoCoolDown,
            c => [WalkLast(c.Plan)]
        ),
        new(
            new Rule(Gravity.Adjust, "New or exciting work comes late, when the horse has settled", SessionFigures.NewWorkWithin.Source),
            NewWorkTooEarly,
            c => [new Mend("Move the new work to the end", NewWorkLast(c.Plan))]
        ),
        new(new Rule(Gravity.Adjust, "New work is never the whole session", Source.CommonPractice), NothingButNewWork, c =>
            [new Mend("Begin with something it does well", WorkBefore(c.Plan))]
        ),
        new(new Rule(Gravity.Ease, "One new thing at a time", Source.CommonPractice), MoreThanOneNewThing, c =>
            [new Mend("Keep the first new thing only", OneNewThing(c.Plan))]
        ),
        new(new Rule(Gravity.Adjust, "No rein gets more than 60 % of the work", SessionFigures.OneReinAtMost.Source), OneReinTooMuch, c =>
            [
                new Mend(
                    "Ride the work on both reins",
                    With(c.Plan, p => SessionTotals.IsWork(p) ? p.ToEntry() with { Rein = Rein.Both } : p.ToEntry())
                ),
            ]
        ),
    ];

    private static Amiss? WalkFirstTooShort(PlanContext c)
    {
        if (WalkRulesDoNotHold(c))
        {
            return null;
        }

        var why = WalkFirstNeeded(c.Age, c.TemperatureC, out var needed);
        var walked = WalkedFirst(c.Plan);
        return walked >= needed
            ? null
            : Fault(
                Minutes("Only {0} minutes of walk come first.", walked),
                Minutes("Add {0} minutes of walk at the start.", needed - walked),
                why
            );
    }

    private static Amiss? NoCoolDown(PlanContext c)
    {
        var walked = WalkedLast(c.Plan);
        var needed = SessionFigures.WalkLast;
        return WalkRulesDoNotHold(c) || walked >= needed.Value
            ? null
            : Fault(
                walked == 0 ? "It does not end in a cool-down at walk." : Minutes("Only {0} minutes of walk at the end.", walked),
                Minutes("Add {0} minutes of walk on a long rein at the end.", needed.Value - walked),
                [InMinutes("planned: {0} minutes", walked)]
            );
    }

    private static Amiss? NewWorkTooEarly(PlanContext c)
    {
        var start = c.Plan.Parts.TakeWhile(p => p.Phase != Phase.NewWork).Sum(p => p.Minutes);
        var beforeCoolDown = c.Plan.Parts.Reverse().SkipWhile(p => p.Phase == Phase.CoolDown).Sum(p => p.Minutes);
        var early = beforeCoolDown - start;
        var limit = SessionFigures.NewWorkWithin;
        return !c.Plan.Parts.Any(p => p.Phase == Phase.NewWork) || early <= limit.Value
            ? null
            : Fault(
                Minutes("New work starts {0} minutes before the cool-down.", early),
                $"Move it into the last {limit.Value} minutes of work: never first, one or two good ones and leave it.",
                [InMinutes("starts {0} minutes before the cool-down", early)]
            );
    }

    private static Amiss? NothingButNewWork(PlanContext c) =>
        !c.Plan.Parts.Any(p => p.Phase == Phase.NewWork) || c.Plan.Parts.Any(p => p.Phase == Phase.Work)
            ? null
            : Fault("The work is nothing but new work.", "Start with something the horse does well.", ["no part is in the work phase"]);

    private static Amiss? MoreThanOneNewThing(PlanContext c)
    {
        var things = c
            .Plan.Parts.Where(p => p.Phase == Phase.NewWork)
            .Select(p => p.What)
            .Distinct(StringComparer.OrdinalIgnoreCase)
            .ToList();
        return things.Count <= 1
            ? null
            : Fault($"{things.Count} new things in one session.", "Keep one for today and the other for another day.", [.. things]);
    }

    private static Amiss? OneReinTooMuch(PlanContext c)
    {
        var work = c.Plan.Parts.Where(SessionTotals.IsWork).ToList();
        var (left, right) = (SessionTotals.OnRein(work, Rein.Left), SessionTotals.OnRein(work, Rein.Right));
        var share = left + right == 0 ? 0 : Math.Max(left, right) / (left + right);
        var limit = SessionFigures.OneReinAtMost;
        return share <= limit.Value + 1e-9
            ? null
            : Fault(
                string.Create(CultureInfo.InvariantCulture, $"{share:P0} of the work is on the {(left > right ? "left" : "right")} rein."),
                $"Move some of it to the {(left > right ? "right" : "left")} rein.",
                [InMinutes("left {0} minutes", left), InMinutes("right {0} minutes", right)]
            );
    }

    /// <summary>Walk that comes before anything else, in minutes.</summary>
    internal static double WalkedFirst(SessionPlan plan) =>
        plan.Parts.TakeWhile(p => p.Gait == Gait.Walk).Where(p => p.Phase == Phase.WarmUp).Sum(p => p.Minutes);

    /// <summary>Walk after everything else, in minutes.</summary>
    internal static double WalkedLast(SessionPlan plan) =>
        plan.Parts.Reverse().TakeWhile(p => p.Gait == Gait.Walk).Where(p => p.Phase == Phase.CoolDown).Sum(p => p.Minutes);

    /// <summary>Led, or nothing but walk, or a short first day.</summary>
    private static bool WalkRulesDoNotHold(PlanContext c) =>
        c.Plan.IsLed || c.Plan.IsWalked || c.Plan.Minutes <= SessionFigures.ShortSession.Value;
}
