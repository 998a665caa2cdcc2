using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Core.Blocks;

/// <summary>The sessions that come next, eased where something has happened: missed days, a hold cleared, a verdict, a short first day.</summary>
internal static class FirstSessions
{
    public static IReadOnlyList<PlacedSession> Eased(
        IReadOnlyList<PlacedSession> placed,
        IReadOnlyList<PlacedSession> past,
        PlanningCase planned,
        MissedDays missed,
        DateOnly from
    )
    {
        var first = placed.Where(s => s.On >= from).MinBy(s => s.On);
        if (first is null)
        {
            return placed;
        }

        if (planned.Horse.Cleared is { } cleared)
        {
            var steps = placed.Where(s => s.On >= from).OrderBy(s => s.On).Take(AfterClearance.Days - cleared.WorkedDays).ToList();
            return
            [
                .. placed.Select(s =>
                    steps.IndexOf(s) is var at and >= 0 ? Step(s, cleared with { WorkedDays = cleared.WorkedDays + at }, planned) : s
                ),
            ];
        }

        var eased =
            missed.RepeatsLast is { } last ? Lighter(first, last, missed.Days, k => Keeps(placed, past, planned, first with { Kind = k }))
            : planned.Next is { } next ? AsJudged(first, next)
            : planned.Former is null && planned.Block.Return is { ShortFirstDay: true } ? ShortDay(first)
            : first;
        return [.. placed.Select(s => s == first ? eased : s)];
    }

    /// <summary>One of the first days after a hold: on the lunge, or led where the clearance or the day has no room for it.</summary>
    private static PlacedSession Step(PlacedSession session, AfterClearance cleared, PlanningCase planned)
    {
        PlanChecks.WalkFirstNeeded(planned.Horse.Horse.Age(session.On), null, out var walkFirst);
        var parts = ClearanceSteps.Of(cleared, walkFirst);
        int In(Gait gait) => (int)parts.Where(p => p.Gait == gait).Sum(p => p.Minutes!.Value);
        var lunges = !cleared.NoLungeing && DayRules.MayStand(SessionKind.Lunge, session.On, planned.Block);
        return session with
        {
            Eased = Easing.AfterHold,
            Kind = lunges ? SessionKind.Lunge : SessionKind.InHand,
            Minutes = new MinutesByGait(
                In(Gait.Walk),
                planned.Horse.IsOut(Gait.Trot, Conditioning.TrainingLoad.Monday(session.On)) ? 0 : In(Gait.Trot),
                0
            ),
            RungId = null,
            Efforts = null,
            Sets = null,
            Why = Why.Of(
                "After a hold by steps: the lunge first, then long lines, then the saddle, and every ladder goes one rung down",
                [$"cleared on {cleared.On:d MMMM}", $"day {cleared.WorkedDays + 1} of {AfterClearance.Days}"],
                SessionFigures.LightDay.Source
            ),
        };
    }

    /// <summary>The last session ridden again, where its kind keeps the rules on that day; else what stands there, eased.</summary>
    private static PlacedSession Lighter(PlacedSession first, PlacedSession last, int days, Func<SessionKind, bool> keeps)
    {
        if (first.Eased == Easing.AfterMissedDays)
        {
            return first;
        }

        var repeats = first.Kind == last.Kind || (!first.Kind.IsEasy() && !last.Kind.IsHard() && keeps(last.Kind));
        return Cut(
            repeats ? first with { Kind = last.Kind, RungId = last.RungId } : first,
            repeats ? last.Minutes : first.Minutes,
            1 - BlockFigures.Lighter.Value,
            Easing.AfterMissedDays,
            Why.Of(
                "After three to six missed days the last session is repeated, lighter",
                [$"{days} days missed", $"last ridden: {last.Kind.Say()} on {last.On:d MMMM}", "a fifth less"],
                BlockFigures.RepeatLighterDays.Source
            )
        );
    }

    private static bool Keeps(
        IReadOnlyList<PlacedSession> placed,
        IReadOnlyList<PlacedSession> past,
        PlanningCase planned,
        PlacedSession changed
    ) => HardRules.Broken(planned, [.. past, .. placed.Select(s => s.Id == changed.Id ? changed : s)], changed.On).Count == 0;

    private static PlacedSession AsJudged(PlacedSession first, NextIs next) =>
        next.WalkOnly
            ? first with
            {
                Kind = SessionKind.WalkOnly,
                Eased = Easing.AsJudged,
                Minutes = new MinutesByGait(Math.Min(first.Minutes.Total, first.Minutes.Walk + 10), 0, 0),
                RungId = null,
                Efforts = null,
                Sets = null,
                Why = new Why("A verdict that was accepted", [next.Because, "walk only"], Source.CommonPractice),
            }
            : Cut(
                first,
                first.Minutes,
                next.Keep,
                Easing.AsJudged,
                new Why("A verdict that was accepted", [next.Because], Source.CommonPractice)
            );

    /// <summary>Under twenty minutes in all: loose, long lines, a little in each gait under the saddle.</summary>
    private static PlacedSession ShortDay(PlacedSession first) =>
        first with
        {
            Kind = SessionKind.Lunge,
            Eased = Easing.ShortFirstDay,
            Minutes = new MinutesByGait(14, 3, 1),
            Why = Why.Of(
                "A short first day for a sound horse that was ridden before; after it the ramp's limits hold",
                [
                    $"under {SessionFigures.ShortFirstDay.Value} minutes in all",
                    $"loose work under {SessionFigures.ShortFirstLoose.Value}, then long lines, then under {SessionFigures.ShortFirstRidden.Value} ridden",
                    "never until it is tired",
                ],
                SessionFigures.ShortFirstDay.Source
            ),
        };

    private static PlacedSession Cut(PlacedSession session, MinutesByGait from, double keep, Easing eased, Why why) =>
        session with
        {
            Eased = eased,
            Minutes = from.Times(keep),
            Efforts = session.Kind.IsJumped() && session.Efforts is { } efforts ? (int)(efforts * keep) : null,
            Sets = session.Kind == SessionKind.CanterWork ? Doses.Fitting(session.Kind, session.Sets, from.Times(keep).Canter) : null,
            Why = why,
        };
}
