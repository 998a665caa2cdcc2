using Hippodrome.Core.Blocks;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Planning.Blocks;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Blocks.MakeBlock;

namespace Hippodrome.Core.Tests.Blocks;

/// <summary>A plan says when something has happened that it does not know of.</summary>
public class OvertakenTests
{
    private static readonly DateOnly Friday = Start.AddDays(4);

    private static PlanningCase OnFriday(BlockEntry entry)
    {
        var first = Case(entry);
        return first.On(BlockPlanner.Plan(first).OrThrow(), Friday);
    }

    private static readonly BlockEntry AfterInjury = Entry(Purpose.Return) with
    {
        Return = new ReturnEntry(
            10,
            OffBecause.Injury,
            Stages: [new("Walk", 1, 5, 20, 0, 0), new("Trot comes in", 2, 5, 20, 5, 0, "trot cleared by the vet")]
        ),
    };

    [Fact]
    public void With_nothing_new_nothing_is_said()
    {
        foreach (var entry in new[] { Entry(), Entry(Purpose.Conditioning), Entry(Purpose.Return), AfterInjury })
        {
            Overtaken.By(OnFriday(entry), Start).ShouldBeNull();
        }
    }

    [Fact]
    public void A_gate_that_failed_is_told_and_once_planned_again_is_known()
    {
        var failed = OnFriday(Entry(Purpose.Return)) with { Gates = [new GateAnswer(Start, ReturnGate.LegsCool, false, "")] };
        Overtaken.By(failed, Start).ShouldBe("The week is repeated: not passed was legs cool next morning.");
        Overtaken.By(failed with { Former = Replanning.Again(failed).OrThrow().Plan }, Friday).ShouldBeNull();
    }

    [Fact]
    public void A_stage_that_was_cleared_is_told()
    {
        var cleared = OnFriday(AfterInjury) with { Cleared = [new StageCleared(1, Friday, "Iva Sorrel")] };
        Overtaken.By(cleared, Start).ShouldBe("What the next stage waited for is there: trot cleared by the vet.");
        Overtaken.By(cleared with { Former = Replanning.Again(cleared).OrThrow().Plan }, Friday).ShouldBeNull();
    }

    [Fact]
    public void A_restriction_is_told() =>
        Overtaken
            .By(OnFriday(Entry()) is var c ? c with { Horse = c.Horse with { Restrictions = [No(Friday, null, Gait.Canter)] } } : c, Start)
            .ShouldNotBeNull();

    [Fact]
    public void A_hold_is_told_and_so_is_its_end()
    {
        var plain = OnFriday(Entry());
        var held = plain with { Horse = plain.Horse with { HeldBecause = "heat in a leg" } };
        Overtaken.By(held, Start).ShouldBe("Held: heat in a leg.");
        var known = held with { Former = Replanning.Again(held).OrThrow().Plan };
        Overtaken.By(known, Friday).ShouldBeNull();
        Overtaken
            .By(known with { Horse = plain.Horse with { Cleared = new AfterClearance(Friday, 0, false) } }, Friday)
            .ShouldBe("The hold has been cleared.");
    }

    [Fact]
    public void Days_missed_are_told_from_the_third_on()
    {
        var first = Case(Entry());
        var plan = BlockPlanner.Plan(first).OrThrow();
        var missed = plan.Weeks[1].Sessions[0].On;
        Overtaken.By(first.On(plan, missed.AddDays(2), missed), Start).ShouldBeNull();
        Overtaken.By(first.On(plan, missed.AddDays(3), missed), Start)!.ShouldContain("3 days missed");
    }
}
