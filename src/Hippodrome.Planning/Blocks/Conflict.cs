using Hippodrome.Core.Blocks;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;

namespace Hippodrome.Planning.Blocks;

/// <summary>
/// Why nothing fits: takes rules and inputs away one by one and keeps those without which it would fit, the rules
/// of the trade last, so that what is left is a smallest set (of those it can find) that cannot hold together.
/// </summary>
internal static class Conflict
{
    public static IReadOnlyList<Fault> Of(PlacingTask task)
    {
        var week = task.Weeks.Select(w => task with { Weeks = [w] }).FirstOrDefault(t => !PlacingModel.IsPossible(t, _ => true)) ?? task;
        var left = Enum.GetValues<Group>().ToHashSet();
        foreach (var group in Enum.GetValues<Group>())
        {
            left.Remove(group);
            if (PlacingModel.IsPossible(week, left.Contains))
            {
                left.Add(group);
            }
        }

        var monday = week.Weeks[0].Monday;
        // What is asked for is always held against the days there are.
        var together = string.Join(
            "; ",
            (left.Contains(Group.Asked) ? left.Append(Group.Number).Distinct() : left).Order().Select(g => Says(g, week))
        );
        var inputs = left.Where(g => g >= Group.Number).DefaultIfEmpty(Group.Number).ToList();
        return
        [
            .. inputs.Select(g => new Fault(
                Field(g),
                FormattableString.Invariant($"These cannot all hold in the week of {monday:d MMMM}: {together}."),
                Mend(g, week)
            )),
        ];
    }

    private static string Says(Group group, PlacingTask task)
    {
        var week = task.Weeks[0];
        return group switch
        {
            Group.DayOff => "one day off a week",
            Group.EasyDay => "one easy day a week",
            Group.HardNeighbours => "hard days are not neighbours",
            Group.JumpingDays => $"at most {SessionFigures.FenceDaysPerWeek.Value} jumping days in seven",
            Group.FastWork => $"fast work at most every {BlockFigures.FastEvery.Value}rd day",
            Group.YoungPoles => "poles twice a week for a young horse",
            Group.AroundCompetition => "light the day before a competition, rest or walk the day after",
            Group.AroundTherapist => "nothing hard on the farrier's day, the therapist's and the day after",
            Group.Number => $"{Count(week.Sessions, "session")} on {Days(week.Days.Select(d => d.DayOfWeek))}",
            Group.Helper => task.Block.HelperDays.Count == 0 ? "no day with a helper" : $"a helper on {Days(task.Block.HelperDays)}",
            Group.Arena => task.Block.ArenaDays.Count == 0 ? "no day with the arena" : $"the arena on {Days(task.Block.ArenaDays)}",
            Group.OpenGround => task.Block.OpenGroundDays.Count == 0
                ? "no day with hills or a track"
                : $"hills or a track on {Days(task.Block.OpenGroundDays)}",
            Group.Asked =>
                $"{string.Join(", ", week.Asked.Where(a => a.Value > 0).Select(a => $"{a.Key.Say()} {Times(a.Value)}"))} a week asked for",
            _ =>
                $"pinned: {string.Join(", ", task.Pinned.Where(p => p.On >= week.Monday && p.On < week.Monday.AddDays(7)).Select(p => FormattableString.Invariant($"{p.Kind.Say()} on {p.On:ddd d MMM}")))}",
        };
    }

    private static string Mend(Group group, PlacingTask task) =>
        group switch
        {
            Group.Helper => "Find a helper on another day.",
            Group.Arena => "Have the arena on another day.",
            Group.OpenGround => "Give another day with hills or a track.",
            Group.Asked => "Ask for fewer.",
            Group.Pinned => "Take a pin out.",
            _ => task.Weeks[0].Days.Count == 0 ? "Give a day it can work." : "Give more days it can work.",
        };

    private static string Field(Group group) =>
        group switch
        {
            Group.Helper => "helperDays",
            Group.Arena => "arenaDays",
            Group.OpenGround => "openGroundDays",
            Group.Asked => "asked",
            Group.Pinned => "pinned",
            _ => "days",
        };

    private static string Count(int n, string what) => n == 1 ? $"1 {what}" : $"{n} {what}s";

    private static string Times(int n) =>
        n switch
        {
            1 => "once",
            2 => "twice",
            _ => $"{n} times",
        };

    private static string Days(IEnumerable<DayOfWeek> days)
    {
        var said = days.Distinct().Select(d => d.ToString()).ToList();
        return said.Count == 0 ? "no day"
            : said.Count == 1 ? said[0]
            : $"{string.Join(", ", said.SkipLast(1))} and {said[^1]}";
    }
}
