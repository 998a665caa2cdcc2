using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using static Hippodrome.Core.Sessions.PlanChecks;
using static Hippodrome.Core.Sessions.PlanMends;

namespace Hippodrome.Core.Sessions;

/// <summary>What several days together come to: the rein they begin on, and whether a young horse sees more than one kind of work.</summary>
internal static class DaysChecks
{
    public static readonly PlanRule[] All =
    [
        new(
            new Rule(Gravity.Adjust, "The rein that is ridden first alternates from one session to the next", Source.CommonPractice),
            FirstReinAgain,
            c => [new Mend($"Begin on the {Say(Other(WorkKinds.FirstRein(c.Plan)!.Value))} rein", ReinsSwapped(c.Plan))]
        )
        {
            LayoutDaysBack = SessionFigures.VarietyDays.Value,
        },
        new(
            new Rule(
                Gravity.Adjust,
                "A young horse sees more than one kind of work in two weeks: flat, poles, small fences, riding out",
                SessionFigures.VarietyDays.Source
            ),
            OneKindOnly
        )
        {
            LayoutDaysBack = SessionFigures.VarietyDays.Value,
        },
    ];

    private static Amiss? FirstReinAgain(PlanContext c)
    {
        if (WorkKinds.FirstRein(c.Plan) is not { } rein)
        {
            return null;
        }

        var before = c
            .Earlier.Where(d => d.FirstRein is not null)
            .OrderByDescending(d => d.On)
            .Take(SessionFigures.SameReinRunning.Value - 1)
            .ToList();
        return before.Count < SessionFigures.SameReinRunning.Value - 1 || before.Exists(d => d.FirstRein != rein)
            ? null
            : Fault(
                $"The work begins on the {Say(rein)} rein a third session running.",
                $"Begin on the {Say(Other(rein))} rein.",
                [FormattableString.Invariant($"{Say(rein)} first on {before[0].On:d MMMM} and on {before[1].On:d MMMM}")]
            );
    }

    private static Amiss? OneKindOnly(PlanContext c)
    {
        var kinds = WorkKinds.Of(c.Plan, c.SetUps);
        var days = c.Earlier.Where(d => d.On >= c.Plan.On.AddDays(-SessionFigures.VarietyDays.Value) && d.Kinds.Count > 0).ToList();
        var all = days.SelectMany(d => d.Kinds).Concat(kinds).Distinct().ToList();
        return
            !c.AllRound
            || c.Age > SessionFigures.VarietyTo.Value
            || c.Ramp is not null
            || days.Count < SessionFigures.VarietySessions.Value
            || all is not [WorkKind.Flat or WorkKind.Fences or WorkKind.Poles]
            ? null
            : Fault(
                $"Nothing but {Say(all[0])} for two weeks, at age {c.Age}.",
                all[0] == WorkKind.Flat ? "Ride out, or lay a few poles." : "Ride out, or a day on the flat.",
                [Aged(c), $"{days.Count} sessions of {Say(all[0])} in {SessionFigures.VarietyDays.Value} days"]
            );
    }

    private static SessionEntry ReinsSwapped(SessionPlan plan) =>
        With(plan, p => SessionTotals.IsWork(p) && p.Rein != Rein.Both ? p.ToEntry() with { Rein = Other(p.Rein) } : p.ToEntry());

    private static Rein Other(Rein rein) => rein == Rein.Left ? Rein.Right : Rein.Left;

    private static string Say(Rein rein) => rein == Rein.Left ? "left" : "right";

    private static string Say(WorkKind kind) =>
        kind switch
        {
            WorkKind.Fences => "fences",
            WorkKind.Poles => "poles",
            _ => "flatwork",
        };
}
