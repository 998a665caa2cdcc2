using Hippodrome.Core.Measures;

namespace Hippodrome.Core.Blocks;

/// <summary>The sessions that come next, eased where something has happened: missed days, a hold cleared, a verdict, a short first day.</summary>
internal static class FirstSessions
{
    public static IReadOnlyList<PlacedSession> Eased(IReadOnlyList<PlacedSession> placed, IReadOnlyList<PlacedSession> past, PlanningCase planned, MissedDays missed, DateOnly from)
    {
        var first = placed.Where(s => s.On >= from).MinBy(s => s.On);
        if (first is null)
        {
            return placed;
        }

        var eased = planned.Horse.ClearedOn is { } cleared ? LightDay(first, cleared)
            : missed.RepeatsLast is { } last ? Lighter(first, last, missed.Days, k => Keeps(placed, past, planned, first with { Kind = k }))
            : planned.Next is { } next ? AsJudged(first, next)
            : planned.Former is null && planned.Block.Return is { ShortFirstDay: true } ? ShortDay(first)
            : first;
        return [.. placed.Select(s => s == first ? eased : s)];
    }

    /// <summary>Walk and trot, half an hour at most, nothing jumped.</summary>
    private static PlacedSession LightDay(PlacedSession first, DateOnly cleared)
    {
        var most = Sessions.SessionFigures.LightDay;
        var trot = Math.Min(first.Minutes.Trot, (int)most.Value / 3);
        return first with
        {
            Kind = first.Kind.IsEasy() ? first.Kind : SessionKind.Hack,
            Minutes = new MinutesByGait(Math.Min(first.Minutes.Walk, (int)most.Value - trot), trot, 0),
            RungId = null,
            Efforts = null,
            Sets = null,
            Why = new Why("After a hold the first day is light, on the lunge or the long lines before the saddle, and every ladder goes one rung down", [FormattableString.Invariant($"cleared on {cleared:d MMMM}")], most.Source),
        };
    }

    /// <summary>The last session ridden again, where its kind keeps the rules on that day; else what stands there, eased.</summary>
    private static PlacedSession Lighter(PlacedSession first, PlacedSession last, int days, Func<SessionKind, bool> keeps)
    {
        const string rule = "After three to six missed days the last session is repeated, lighter";
        if (first.Why.Rule == rule)
        {
            return first;
        }

        var repeats = first.Kind == last.Kind || (!first.Kind.IsEasy() && !last.Kind.IsHard() && keeps(last.Kind));
        return Cut(repeats ? first with { Kind = last.Kind, RungId = last.RungId } : first, repeats ? last.Minutes : first.Minutes, 1 - BlockFigures.Lighter.Value, new Why(
            rule, [$"{days} days missed", FormattableString.Invariant($"last ridden: {last.Kind.Say()} on {last.On:d MMMM}"), "a fifth less"], BlockFigures.RepeatLighterDays.Source));
    }

    private static bool Keeps(IReadOnlyList<PlacedSession> placed, IReadOnlyList<PlacedSession> past, PlanningCase planned, PlacedSession changed) =>
        HardRules.Broken(planned, [.. past, .. placed.Select(s => s.Id == changed.Id ? changed : s)], changed.On).Count == 0;

    private static PlacedSession AsJudged(PlacedSession first, NextIs next) => next.WalkOnly
        ? first with
        {
            Kind = SessionKind.WalkOnly,
            Minutes = new MinutesByGait(Math.Min(first.Minutes.Total, first.Minutes.Walk + 10), 0, 0),
            RungId = null,
            Efforts = null,
            Sets = null,
            Why = new Why("A verdict that was accepted", [next.Because, "walk only"], Source.CommonPractice),
        }
        : Cut(first, first.Minutes, next.Keep, new Why("A verdict that was accepted", [next.Because], Source.CommonPractice));

    /// <summary>Under twenty minutes in all: loose, long lines, a little in each gait under the saddle.</summary>
    private static PlacedSession ShortDay(PlacedSession first) => first with
    {
        Kind = SessionKind.Lunge,
        Minutes = new MinutesByGait(14, 3, 1),
        Why = new Why(
            "A short first day for a sound horse that was ridden before; after it the ramp's limits hold",
            [$"under {BlockFigures.ShortFirstDay.Value} minutes in all", $"loose work under {BlockFigures.ShortFirstLoose.Value}, then long lines, then under {BlockFigures.ShortFirstRidden.Value} ridden", "never until it is tired"], BlockFigures.ShortFirstDay.Source),
    };

    private static PlacedSession Cut(PlacedSession session, MinutesByGait from, double keep, Why why) => session with
    {
        Minutes = from.Times(keep),
        Efforts = session.Kind.IsJumped() && session.Efforts is { } efforts ? (int)(efforts * keep) : null,
        Sets = session.Kind == SessionKind.CanterWork ? Doses.Fitting(session.Kind, session.Sets, from.Times(keep).Canter) : null,
        Why = why,
    };
}
