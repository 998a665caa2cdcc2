using CsCheck;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Planning.Blocks;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Blocks.MakeBlock;

namespace Hippodrome.Core.Tests.Blocks;

/// <summary>What holds for every horse and calendar, over 320 generated ones.</summary>
public class PlanPropertyTests
{
    private static readonly Gen<DayOfWeek[]> Days = Gen.Shuffle(Six.Append(DayOfWeek.Monday).ToArray())
        .Select(Gen.Int[1, 6], (days, n) => days[..n]);

    private static readonly Gen<IReadOnlyList<Restriction>> Restrictions = Gen.Frequency(
        (3, Gen.Const<IReadOnlyList<Restriction>>([])),
        (
            1,
            Gen.Select(Gen.Int[-5, 30], Gen.Int[3, 40], OneOf(Gait.Canter, Gait.Trot), (from, days, gait) =>
                (IReadOnlyList<Restriction>)[No(Start.AddDays(from), Start.AddDays(from + days), gait)]
            )
        )
    );

    private static readonly Gen<string[]> Rungs = OneOf<string[]>(
        ["flatwork/trot-canter"],
        ["flatwork/trot-canter", "lateral/step-and-rest", "poles/trot-poles"],
        [
            "flatwork/simple-change",
            "lateral/shoulder-in",
            "poles/raised-trot",
            "grids/two-elements",
            "jumping/single-fences",
            "cross-country/banks-and-ditches",
            "fitness/canter-sets",
            "lunge/canter-both-ways",
        ]
    );

    private static readonly Gen<PlanningCase> Any =
        from purpose in OneOf(Purpose.Schooling, Purpose.Schooling, Purpose.Conditioning, Purpose.Return, Purpose.RunIn)
        from discipline in OneOf(Discipline.Dressage, Discipline.Jumping, Discipline.Eventing)
        from weeks in Gen.Int[2, 4]
        from weekday in Gen.Int[0, 6]
        from age in Gen.Int[3, 18]
        from days in Days
        from helped in Days
        from arena in Gen.Frequency((3, Gen.Const(Six.Append(DayOfWeek.Monday).ToArray())), (1, Days))
        from open in Days
        from walk in Gen.Int[20, 200]
        from trot in Gen.Int[0, 150]
        from canter in Gen.Int[0, 60]
        from rungs in Rungs
        from restrictions in Restrictions
        from show in Gen.Int[8, 30]
        from hasShow in Gen.Bool
        select Make(
            purpose,
            discipline,
            weeks,
            weekday,
            age,
            days,
            helped,
            arena,
            open,
            new MinutesByGait(walk, trot, canter),
            rungs,
            restrictions,
            hasShow ? show : null
        );

    private static Gen<T> OneOf<T>(params T[] these) => Gen.Int[0, these.Length - 1].Select(i => these[i]);

    private static PlanningCase Make(
        Purpose purpose,
        Discipline discipline,
        int weeks,
        int weekday,
        int age,
        DayOfWeek[] days,
        DayOfWeek[] helped,
        DayOfWeek[] arena,
        DayOfWeek[] open,
        MinutesByGait now,
        string[] rungs,
        IReadOnlyList<Restriction> restrictions,
        int? show
    )
    {
        var aim = Aim(Start.AddDays((7 * (weeks - 1)) + weekday + 1), discipline);
        var aims = show is { } day && Start.AddDays(day) != aim.On ? new[] { aim, Aim(Start.AddDays(day), discipline) } : [aim];
        var horse = Horse(age, restrictions, null, null, aims) with { Places = Places(rungs) };
        var entry = Entry(purpose) with
        {
            Weeks = null,
            AimId = aim.Id,
            Discipline = discipline,
            Focus = [Strand.Flatwork],
            Days = days,
            HelperDays = helped,
            ArenaDays = arena,
            OpenGroundDays = open,
            Now = now,
            Return = purpose == Purpose.Return ? new ReturnEntry(weeks, OffBecause.Rest) : null,
        };
        return PlanningCase.First(
            Core.Blocks.Block.From(Guid.Parse("6f9619ff-8b86-d011-b42d-00c04fc964ff"), entry, horse.Aims, Start).OrThrow(),
            horse,
            Start
        );
    }

    [Fact]
    public void No_hard_rule_is_ever_broken_totals_add_up_and_the_same_comes_out_again() =>
        Any.Sample(
            planned =>
            {
                var plan = BlockPlanner.Plan(planned).OrThrow();
                HardRules.Broken(planned, plan.Sessions, Start).ShouldBeEmpty();
                plan.Weeks.ShouldAllBe(w => w.Minutes == MinutesByGait.Sum(w.Sessions.Select(s => s.Minutes)));
                plan.Sessions.Select(s => s.Id).ShouldBeUnique();
                Grows(planned, plan);

                BlockPlanner
                    .Plan(planned)
                    .OrThrow()
                    .Sessions.Select(s => (s.Id, s.On, s.Minutes))
                    .ShouldBe(plan.Sessions.Select(s => (s.Id, s.On, s.Minutes)));
                Replanning.Again(planned.On(plan, Start)).OrThrow().Changes.ShouldBeEmpty();
            },
            iter: Cases.Blocks,
            threads: 2
        );

    [Fact]
    public void One_missed_day_changes_its_week_at_most_or_says_why() =>
        Gen.Select(Any, Gen.Int[0, 200])
            .Sample(
                (planned, pick) =>
                {
                    var plan = BlockPlanner.Plan(planned).OrThrow();
                    var sessions = plan.Sessions.ToList();
                    if (sessions.Count < 2 || planned.Block.Purpose == Purpose.Return)
                    {
                        return;
                    }

                    var missed = sessions[pick % (sessions.Count - 1)];
                    var now = planned.On(plan, missed.On.AddDays(1)) with
                    {
                        Done = sessions.Where(s => s.On < missed.On).Select(s => s.Id).ToHashSet(),
                    };
                    var monday = TrainingLoad.Monday(missed.On);
                    Replanning
                        .Again(now)
                        .OrThrow()
                        .Changes.Where(c => TrainingLoad.Monday((c.Before ?? c.After)!.On) != monday)
                        .ShouldAllBe(c => c.Because.Length > 0 && c.Kind != ChangeKind.Moved);
                },
                iter: Cases.Blocks,
                threads: 2
            );

    [Fact]
    public void A_restriction_added_never_adds_work() =>
        Gen.Select(Any, OneOf(Gait.Canter, Gait.Trot), Gen.Int[0, 30], Gen.Int[1, 60])
            .Sample(
                (planned, gait, from, days) =>
                {
                    var before = BlockPlanner.Plan(planned).OrThrow();
                    var more = planned with
                    {
                        Horse = planned.Horse with
                        {
                            Restrictions = [.. planned.Horse.Restrictions, No(Start.AddDays(from), Start.AddDays(from + days), gait)],
                        },
                    };
                    var after = BlockPlanner.Plan(more).OrThrow();
                    after
                        .Weeks.Sum(w => w.Minutes.Trot + w.Minutes.Canter)
                        .ShouldBeLessThanOrEqualTo(before.Weeks.Sum(w => w.Minutes.Trot + w.Minutes.Canter));
                    after.Weeks.Zip(before.Weeks).ShouldAllBe(w => w.First.Sessions.Count <= w.Second.Sessions.Count);
                },
                iter: Cases.Blocks,
                threads: 2
            );

    /// <summary>By at most a tenth on the week it is measured by; a return has its own table.</summary>
    private static void Grows(PlanningCase planned, BlockPlan plan)
    {
        var weeks = plan.Weeks.Select(w => w.Minutes.Total).ToList();
        for (var i = 1; i < weeks.Count && planned.Block.Purpose != Purpose.Return; i++)
        {
            var earlier = i > 1 ? weeks[i - 2] : planned.Block.Now.Total;
            var measure = weeks[i - 1] <= LoadFigures.LighterWeek.Value * earlier ? earlier : weeks[i - 1];
            weeks[i]
                .ShouldBeLessThanOrEqualTo(
                    (int)Math.Ceiling(measure * (1 + LoadFigures.WeeklyGrowth.Value)),
                    $"week {i + 1} of {string.Join(", ", weeks)}"
                );
        }
    }
}
