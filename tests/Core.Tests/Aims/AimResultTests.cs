using Hippodrome.Core.Aims;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Aims;

/// <summary>How a competition went, and what a horse works towards: each wrong thing is named.</summary>
public class AimResultTests
{
    private static Aim On(int days, Discipline discipline = Discipline.Eventing) =>
        Aim.Kept(Guid.NewGuid(), "Yard day", Make.Today.AddDays(days), discipline, "Ours", "Big ones", null, "");

    private static readonly AimResultEntry Fine = new(true, 4, 68.5, 12, 3, 20, "the canter", "the water");

    [Fact]
    public void It_is_kept_as_it_was_said() =>
        Fine.Check(On(0), Make.Today).OrThrow().ShouldBe(new AimResult(true, 4, 68.5, 12, 3, 20, "the canter", "the water"));

    [Fact]
    public void Nothing_is_told_of_a_day_that_has_not_come() =>
        Fine.Check(On(1), Make.Today).Faults.ShouldHaveSingleItem().Field.ShouldBe("started");

    /// <summary>Marks are of dressage, penalties of fences; eventing has both (facts of the trade, common practice, no source).</summary>
    [Theory]
    [InlineData(Discipline.Dressage, "penalties")]
    [InlineData(Discipline.Jumping, "percentOfMarks")]
    public void Each_discipline_has_its_own_figures(Discipline discipline, string field) =>
        Fine.Check(On(-1, discipline), Make.Today).Faults.ShouldHaveSingleItem().Field.ShouldBe(field);

    [Theory]
    [InlineData("penalties")]
    [InlineData("percentOfMarks")]
    [InlineData("secondsOver")]
    [InlineData("place")]
    [InlineData("of")]
    [InlineData("held")]
    [InlineData("didNotHold")]
    public void A_wrong_figure_is_named(string field)
    {
        var wrong = field switch
        {
            "penalties" => Fine with { Penalties = -4 },
            "percentOfMarks" => Fine with { PercentOfMarks = 101 },
            "secondsOver" => Fine with { SecondsOver = -1 },
            "place" => Fine with { Place = 21 },
            "of" => Fine with { Of = 0, Place = null },
            "held" => Fine with { Held = new string('x', 401) },
            _ => Fine with { DidNotHold = new string('x', 401) },
        };
        wrong.Check(On(-1), Make.Today).Faults.ShouldHaveSingleItem().Field.ShouldBe(field);
    }

    [Fact]
    public void A_goal_has_a_name_and_a_day_to_come()
    {
        new GoalEntry("Medium", Make.Today.AddYears(1)).Check(Make.Today).OrThrow().Name.ShouldBe("Medium");
        new GoalEntry(" ", Make.Today.AddYears(1)).Check(Make.Today).Faults.ShouldHaveSingleItem().Field.ShouldBe("name");
        new GoalEntry("Medium", Make.Today).Check(Make.Today).Faults.ShouldHaveSingleItem().Field.ShouldBe("until");
        new GoalEntry("Medium", Make.Today.AddYears(4)).Check(Make.Today).Faults.ShouldHaveSingleItem().Field.ShouldBe("until");
    }
}
