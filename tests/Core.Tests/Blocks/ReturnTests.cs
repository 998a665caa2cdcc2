using Hippodrome.Core.Blocks;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Planning.Blocks;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Blocks.MakeBlock;

namespace Hippodrome.Core.Tests.Blocks;

/// <summary>
/// The return to work, week by week. Ten minutes a day and ten more each week, six bouts of twenty seconds, two
/// minutes more a week in trot or in canter: common practice, no source. Walk weeks by weeks off, and canter two weeks
/// after trot: chosen for Hippodrome.
/// </summary>
public class ReturnTests
{
    private static Return After(int weeksOff) =>
        Block(Entry(Purpose.Return, 16) with { Return = new ReturnEntry(weeksOff, OffBecause.Rest) }).Return!;

    [Theory]
    [InlineData(1, 0)]
    [InlineData(2, 2)]
    [InlineData(5, 2)]
    [InlineData(6, 3)]
    [InlineData(11, 3)]
    [InlineData(12, 4)]
    [InlineData(40, 4)]
    public void The_longer_off_the_more_walk_weeks(int weeksOff, int walkWeeks) => After(weeksOff).WalkWeeks.ShouldBe(walkWeeks);

    [Theory]
    [InlineData(1, 10)]
    [InlineData(2, 20)]
    [InlineData(3, 30)]
    [InlineData(4, 40)]
    public void Walk_is_ten_minutes_a_day_and_ten_more_each_week(int week, int minutes)
    {
        var step = ReturnRamp.At(After(12), week);
        step.Phase.ShouldBe(BlockPhase.Walk);
        step.Each.ShouldBe(new MinutesByGait(minutes, 0, 0));
        step.Sessions.ShouldBeInRange(3, 4);
    }

    [Theory]
    // Four walk weeks; then trot 2, 4; then canter and trot take turns, two minutes at a time. From forty minutes on a
    // tenth more a week: 44, 48, 53, 58, and an hour at most (growth and the hour are chosen).
    [InlineData(5, 2, 0, 44)]
    [InlineData(6, 4, 0, 48)]
    [InlineData(7, 4, 2, 53)]
    [InlineData(8, 6, 2, 58)]
    [InlineData(9, 6, 4, 60)]
    [InlineData(10, 8, 4, 60)]
    public void Two_minutes_more_a_week_in_trot_or_canter_and_not_in_both(int week, int trot, int canter, int whole) =>
        ReturnRamp.At(After(12), week).Each.ShouldBe(new MinutesByGait(whole - trot - canter, trot, canter));

    [Theory]
    // Two walk weeks (chosen): trot comes in at thirty minutes, and the walk time goes on to forty all the same.
    [InlineData(2, 20, 0)]
    [InlineData(3, 30, 2)]
    [InlineData(4, 40, 4)]
    public void The_walk_time_goes_on_to_forty_however_many_walk_weeks_there_were(int week, int whole, int trot)
    {
        var each = ReturnRamp.At(After(3), week).Each;
        (each.Total, each.Trot).ShouldBe((whole, trot));
    }

    [Fact]
    public void The_first_trot_is_six_bouts_of_twenty_seconds()
    {
        ReturnRamp.At(After(12), 5).Bouts.ShouldBe(6);
        (ReturnRamp.At(After(12), 5).Each.Trot * 60 / SessionFigures.ReturnBout.Value).ShouldBe(6);
    }

    [Fact]
    public void Canter_comes_two_weeks_after_trot_at_the_earliest() =>
        Enumerable.Range(1, 6).ShouldAllBe(week => ReturnRamp.At(After(12), week).Each.Canter == 0);

    [Fact]
    public void Jumping_waits_until_canter_has_been_steady_for_three_weeks()
    {
        Enumerable.Range(1, 9).ShouldAllBe(week => !ReturnRamp.At(After(12), week).MayJump);
        ReturnRamp.At(After(12), 10).MayJump.ShouldBeTrue();
        var plan = Plan(Entry(Purpose.Return, 14));
        plan.Weeks.Where(w => w.Number < 9).SelectMany(w => w.Sessions).ShouldNotContain(s => s.Kind.IsJumped());
    }

    [Fact]
    public void Half_of_a_session_stays_walk() =>
        Enumerable.Range(1, 40).Select(w => ReturnRamp.At(After(12), w).Each).ShouldAllBe(e => e.Walk * 2 >= e.Total);

    [Fact]
    public void Poles_come_with_the_trot_weeks() =>
        Plan(Entry(Purpose.Return, 8))
            .Weeks.Where(w => w.Sessions.Any(s => s.Kind == SessionKind.Poles))
            .ShouldAllBe(w => w.Phase != BlockPhase.Walk);

    [Fact]
    public void Under_two_weeks_off_is_one_light_week()
    {
        var plan = Plan(
            Entry(Purpose.Return, 6) with
            {
                Return = new ReturnEntry(1, OffBecause.Rest),
                Now = new MinutesByGait(100, 80, 20),
            }
        );
        plan.Weeks[0].Minutes.Total.ShouldBeInRange(147, 150);
    }

    [Fact]
    public void A_gate_that_fails_repeats_the_week_and_what_follows_waits()
    {
        var first = Case(Entry(Purpose.Return, 10));
        var plan = BlockPlanner.Plan(first).OrThrow();
        var passed = ReturnGates.All.Select(g => new GateAnswer(Start, g, g != ReturnGate.LegsCool, ""));
        var again = Replanning.Again(first.On(plan, Start.AddDays(7)) with { Gates = [.. passed] }).OrThrow();
        again.Plan.Weeks.Select(w => w.Sessions.Count == 0 ? 0 : w.Sessions[0].Minutes.Walk).Take(4).ShouldBe([10, 10, 20, 30]);
        again.Plan.Weeks[1].Why.Minutes.Inputs.ShouldContain(i => i.Contains("legs cool"));
        again.Changes.ShouldAllBe(c => c.Because.Length > 0);
    }

    [Fact]
    public void A_week_nobody_has_answered_is_repeated_too()
    {
        var first = Case(Entry(Purpose.Return, 10));
        var again = BlockPlanner.Plan(first.On(BlockPlanner.Plan(first).OrThrow(), Start.AddDays(7))).OrThrow();
        again.Weeks[1].Sessions.ShouldAllBe(s => s.Minutes.Walk == 10);
    }

    [Fact]
    public void Every_gate_passed_goes_on()
    {
        var first = Case(Entry(Purpose.Return, 10));
        var plan = BlockPlanner.Plan(first).OrThrow();
        var again = Replanning
            .Again(first.On(plan, Start.AddDays(7)) with { Gates = [.. ReturnGates.All.Select(g => new GateAnswer(Start, g, true, ""))] })
            .OrThrow();
        again.Changes.ShouldBeEmpty();
    }

    [Fact]
    public void The_vets_plan_holds_at_a_stage_until_the_next_is_cleared()
    {
        var stages = new StageEntry[]
        {
            new("walk in hand and ridden", 2, 5, 15),
            new("trot on straight lines", 2, 5, 20, 4, 0, "trot cleared after the scan"),
            new("canter", 2, 5, 20, 8, 2, "canter cleared"),
        };
        var first = Case(Entry(Purpose.Return, 8) with { Return = new ReturnEntry(10, OffBecause.Injury, Stages: stages) });
        var held = BlockPlanner.Plan(first).OrThrow();
        held.Weeks.ShouldAllBe(w => w.Minutes.Trot == 0);
        held.Weeks[2].Cause.Held.ShouldBe(new WeekHeld(HeldBy.Stage, "trot cleared after the scan"));

        var cleared = BlockPlanner.Plan(first with { Cleared = [new StageCleared(1, Start.AddDays(10), "Iva Sorrel, vet")] }).OrThrow();
        cleared.Weeks[2].Sessions.ShouldAllBe(s => s.Minutes.Trot == 4);
        cleared.Weeks[4].Cause.Held.ShouldBe(new WeekHeld(HeldBy.Stage, "canter cleared"));
        cleared.Weeks.ShouldAllBe(w => w.Minutes.Canter == 0);
    }

    [Fact]
    public void After_injury_there_is_no_block_without_the_vets_plan()
    {
        var faults = Core
            .Blocks.Block.From(Guid.NewGuid(), Entry(Purpose.Return, 8) with { Return = new ReturnEntry(10, OffBecause.Injury) }, [], Start)
            .Faults;
        faults.ShouldHaveSingleItem().Field.ShouldBe("return.stages");
    }

    [Fact]
    public void The_short_first_day_is_for_rest_only_and_under_twenty_minutes()
    {
        var day = Plan(Entry(Purpose.Return, 8) with { Return = new ReturnEntry(8, OffBecause.Rest, ShortFirstDay: true) })
            .Sessions.First();
        day.Minutes.Total.ShouldBeLessThan(20);
        (day.Minutes.Trot + day.Minutes.Canter).ShouldBeLessThan(5);
        Core.Blocks.Block.From(
                Guid.NewGuid(),
                Entry(Purpose.Return, 8) with
                {
                    Return = new ReturnEntry(8, OffBecause.Illness, ShortFirstDay: true, Stages: [new("walk", 2, 4, 10)]),
                },
                [],
                Start
            )
            .Faults.ShouldContain(f => f.Field == "return.shortFirstDay");
    }

    [Fact]
    public void A_gait_the_vet_has_ruled_out_makes_the_ramp_wait_before_it()
    {
        // Trot is due in week four; it is out to the end of week five.
        var plan = Plan(Entry(Purpose.Return, 9), Horse(restrictions: [No(Start, Start.AddDays(34), Gait.Trot)]));
        plan.Weeks.Take(5).ShouldAllBe(w => w.Minutes.Trot == 0);
        plan.Weeks[5].Sessions.ShouldAllBe(s => s.Minutes.Trot == 2);
        plan.Weeks[4].Why.Minutes.Inputs.ShouldContain(i => i.Contains("waits"));
    }

    [Fact]
    public void Gates_wait_from_the_friday_of_their_week_until_the_next_is_over_and_no_longer()
    {
        var first = Case(Entry(Purpose.Return));
        var plan = BlockPlanner.Plan(first).OrThrow();
        GatesWaiting? On(int day, params ReturnGate[] answered) =>
            ReturnGates.Waiting(
                first.On(plan, Start.AddDays(day)) with
                {
                    Gates = [.. answered.Select(g => new GateAnswer(Start, g, true, ""))],
                }
            );
        On(3).ShouldBeNull();
        On(4)!.Gates.ShouldBe(ReturnGates.First);
        On(7)!.Week.ShouldBe(1);
        On(7, ReturnGate.Feet, ReturnGate.Easy)!.Gates.ShouldBe([ReturnGate.Saddle, ReturnGate.LegsCool, ReturnGate.ClosingTest]);
        On(7, [.. ReturnGates.All]).ShouldBeNull();
        // The second week's are asked on its own Friday, the first week's no more once the second is over.
        On(11, [.. ReturnGates.All])!.Week.ShouldBe(2);
        On(14)!.Week.ShouldBe(2);
        ReturnGates.Waiting(Case(Entry()).On(plan, Start.AddDays(5))).ShouldBeNull();
    }

    /// <summary>Skin, feed and drink are asked of a return that begins with them; one that began before stays answered.</summary>
    [Fact]
    public void A_return_asks_the_gates_it_began_with()
    {
        var entry = Entry(Purpose.Return);
        var first = Case(entry with { Return = entry.Return! with { Gates = ReturnGates.All } });
        var plan = BlockPlanner.Plan(first).OrThrow();
        var answered = ReturnGates.First.Select(g => new GateAnswer(Start, g, true, "")).ToList();
        ReturnGates
            .Waiting(first.On(plan, Start.AddDays(7)) with { Gates = answered })!
            .Gates.ShouldBe([ReturnGate.Skin, ReturnGate.FeedAndDrink]);
        var older = Case(entry);
        ReturnGates.Waiting(older.On(plan, Start.AddDays(7)) with { Gates = answered }).ShouldBeNull();
    }
}
