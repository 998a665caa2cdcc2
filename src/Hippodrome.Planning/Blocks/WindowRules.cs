using Google.OrTools.Sat;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Planning.Blocks;

/// <summary>The hard rules that look at several days running: in any run of so many days at most so many of a sort.</summary>
/// <param name="model">The model they go into.</param>
/// <param name="calendar">The horse's days.</param>
/// <param name="free">What may stand on a day.</param>
/// <param name="standing">What stands on a day and stays.</param>
internal sealed class WindowRules(
    CpModel model,
    Calendar calendar,
    Func<DateOnly, IReadOnlyList<(SessionKind Kind, BoolVar At)>> free,
    Func<DateOnly, IEnumerable<SessionKind>> standing
)
{
    public void Add(DateOnly first, DateOnly last, Func<Group, bool> on)
    {
        List<DateOnly> days = [.. Enumerable.Range(-7, last.DayNumber - first.DayNumber + 8).Select(first.AddDays)];
        Window(days, on(Group.HardNeighbours), 2, 1, (k, d) => k.IsHard() && !calendar.IsEasyGrid(k, d));
        Window(days, on(Group.JumpingDays), 7, SessionFigures.FenceDaysPerWeek.Value, (k, d) =>
            k.IsJumped() || (k == SessionKind.Competition && calendar.IsJumpedAt(d))
        );
        Window(days, on(Group.FastWork), BlockFigures.FastEvery.Value, 1, (k, _) => k.IsFast());
        Window(days, on(Group.YoungPoles) && calendar.YoungForPoles(first), 7, SessionFigures.YoungPolesPerWeek.Value, (k, _) =>
            k == SessionKind.Poles
        );
    }

    private void Window(List<DateOnly> days, bool on, int length, int most, Func<SessionKind, DateOnly, bool> counts)
    {
        if (!on)
        {
            return;
        }

        foreach (var first in days)
        {
            var window = Enumerable.Range(0, length).Select(first.AddDays).ToList();
            var here = window.SelectMany(d => free(d).Where(h => counts(h.Kind, d)).Select(h => h.At)).ToList();
            if (here.Count > 0)
            {
                // Competitions on neighbouring days are one competition; beside what already stands too close nothing more comes.
                var stands = window.Sum(d => Standing(d).Count(k => counts(k, d)));
                model.Add(LinearExpr.Sum(here) <= Math.Max(0, most - stands));
            }
        }
    }

    private IEnumerable<SessionKind> Standing(DateOnly day) =>
        calendar.Competition(day) is not null ? [SessionKind.Competition] : standing(day);
}
