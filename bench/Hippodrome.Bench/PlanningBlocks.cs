using System.Diagnostics;
using Google.OrTools.Sat;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Yards;
using Hippodrome.Planning.Blocks;
using Hippodrome.Planning.Yards;

namespace Hippodrome.Bench;

/// <summary>
/// What planning costs: a block of 16 weeks, the same planned again after four missed days, the yard's week of twelve
/// horses and three riders. Beside a floor: the solver on as many empty weeks, with nothing to weigh. Prints how the
/// solver came out.
/// </summary>
internal static class PlanningBlocks
{
    private static readonly DateOnly Start = new(2026, 3, 2);
    private static readonly DayOfWeek[] Six =
    [
        DayOfWeek.Tuesday,
        DayOfWeek.Wednesday,
        DayOfWeek.Thursday,
        DayOfWeek.Friday,
        DayOfWeek.Saturday,
        DayOfWeek.Sunday,
    ];
    private static readonly DayOfWeek[] Helped = [DayOfWeek.Tuesday, DayOfWeek.Thursday, DayOfWeek.Saturday];

    public static int Run(int rounds)
    {
        var floor = Median(rounds, () => Floor(16));
        Console.WriteLine($"{"floor: 16 solves of a fortnight with nothing to weigh", -66} {floor, 7:0} ms");
        foreach (var purpose in new[] { Purpose.Schooling, Purpose.Conditioning, Purpose.Return })
        {
            var planned = Case(purpose, 0);
            BlockPlan plan = null!;
            var first = Median(rounds, () => plan = BlockPlanner.Plan(planned).OrThrow());
            Say($"{purpose}: 16 weeks, planned and explained", first, floor, plan.Solved);
            var missed = plan.Weeks[4].Sessions[0].On;
            var later = planned with
            {
                Former = plan,
                Today = missed.AddDays(4),
                Done = plan.Sessions.Where(s => s.On < missed).Select(s => s.Id).ToHashSet(),
            };
            Replanned again = null!;
            var second = Median(rounds, () => again = Replanning.Again(later).OrThrow());
            Say($"{purpose}: planned again after four missed days, {again.Changes.Count} changes", second, floor, again.Plan.Solved);
        }

        var horses = Enumerable
            .Range(0, 12)
            .Select(i =>
            {
                var planned = Case(i % 4 == 3 ? Purpose.Conditioning : Purpose.Schooling, i);
                return new HorseWeek(Guid.NewGuid(), $"Horse {i + 1}", planned with { Former = BlockPlanner.Plan(planned).OrThrow() });
            })
            .ToList();
        var riders = Enumerable.Range(0, 3).Select(i => new RiderHours(Guid.NewGuid(), i == 2 ? [.. Six.Skip(2)] : Six, 270)).ToList();
        var roster = new Roster(riders, Helped, 240, Six, 480, 2, new TimeOnly(7, 0));
        YardWeek week = null!;
        var shared = Median(rounds, () => week = YardWeekPlanner.Plan(horses, roster, new Dictionary<Guid, string>(), Start, Start));
        Say(
            $"the yard's week: 12 horses, 3 riders, {week.Sessions.Count} sessions, {week.Sessions.Count(s => s.WasOn != s.Session.On)} moved, {week.Shortages.Count} without room",
            shared,
            floor,
            week.Solved
        );
        return 0;
    }

    private static void Say(string what, double ms, double floor, Solved solved) =>
        Console.WriteLine(
            $"{what, -66} {ms, 7:0} ms {ms / floor, 6:0.0} x floor  {(solved.Optimal ? "optimal" : "best found")}, cost {solved.Cost:0}, bound {solved.Bound:0}"
        );

    private static double Median(int rounds, Action action)
    {
        action();
        var times = new List<double>();
        for (var i = 0; i < rounds; i++)
        {
            var began = Stopwatch.GetTimestamp();
            action();
            times.Add(Stopwatch.GetElapsedTime(began).TotalMilliseconds);
        }

        return times.Order().ElementAt(rounds / 2);
    }

    /// <summary>Six sessions of eight kinds on each of two weeks' seven days, at most one a day: built and solved.</summary>
    private static void Floor(int times)
    {
        for (var t = 0; t < times; t++)
        {
            var model = new CpModel();
            var at = Enumerable.Range(0, 14).Select(_ => Enumerable.Range(0, 8).Select(_ => model.NewBoolVar("")).ToArray()).ToArray();
            foreach (var day in at)
            {
                model.AddAtMostOne(day);
            }

            model.Add(LinearExpr.Sum(at[..7].SelectMany(d => d)) == 6);
            model.Add(LinearExpr.Sum(at[7..].SelectMany(d => d)) == 6);
            new CpSolver { StringParameters = "num_workers:1" }.Solve(model);
        }
    }

    private static PlanningCase Case(Purpose purpose, int i)
    {
        var aim = Aim.Kept(Guid.NewGuid(), "Ashlode", Start.AddDays((16 * 7) - 2), Discipline.Eventing, "League", "Novice", null, "");
        string[] rungs =
        [
            "flatwork/simple-change",
            "lateral/shoulder-in",
            "poles/accordion",
            "grids/square-oxer",
            "jumping/course-under",
            "cross-country/level-speed",
            "fitness/canter-sets",
            "lunge/canter-both-ways",
        ];
        var places = Places.From(rungs.Select(Catalogue.Rung).Select(r => new RungMove(r.Strand, r.Id, MoveKind.ByHand, "", Start)));
        var horse = new HorseNow(
            Horse.Kept(Guid.NewGuid(), "Bramble", Start.Year - 10, HorseHeight.Kept(165), Sex.Gelding, Experience.Established, "", Start),
            places,
            [],
            null,
            null,
            [aim]
        );
        var entry = new BlockEntry
        {
            Name = "Spring",
            Purpose = purpose,
            Start = Start,
            Weeks = null,
            AimId = aim.Id,
            Discipline = null,
            Focus = [Strand.Jumping, Strand.Lateral],
            Now = new MinutesByGait(120 + (4 * i), 90, 30),
            Days = Six,
            HelperDays = Helped,
            ArenaDays = Six,
            OpenGroundDays = [DayOfWeek.Wednesday, DayOfWeek.Saturday, DayOfWeek.Sunday],
            Return = new ReturnEntry(8, OffBecause.Rest),
            Sets = new SetsEntry(Scheme.British, "Novice", 3, 5, 400, 3),
        };
        return PlanningCase.First(Block.From(Guid.NewGuid(), entry, [aim], Start).OrThrow(), horse, Start);
    }
}
