using Hippodrome.Core.Blocks;
using Hippodrome.Planning.Blocks;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Blocks;

/// <summary>What is kept is what was seen.</summary>
public class SeenPlanTests
{
    private static readonly List<PlacedSession> Now = [.. BlockPlanner.Plan(MakeBlock.Case()).OrThrow().Sessions];

    private static readonly IReadOnlyList<SeenPlaced> Seen = [.. Now.Select(s => new SeenPlaced(s.On, s.Kind, s.Minutes.Total))];

    [Fact]
    public void The_same_plan_differs_on_no_day_in_whatever_order_it_was_listed() =>
        SeenPlan.Differing(Now, Seen.Reverse()).ShouldBeEmpty();

    [Fact]
    public void A_longer_session_another_kind_and_one_more_are_told_by_their_day()
    {
        SeenPlan.Differing(Now, [Seen[0] with { Minutes = Seen[0].Minutes + 1 }, .. Seen.Skip(1)]).ShouldBe([Seen[0].On]);
        SeenPlan.Differing(Now, [Seen[0] with { Kind = SessionKind.Hack }, .. Seen.Skip(1)]).ShouldBe([Seen[0].On]);
        SeenPlan.Differing(Now, [.. Seen, Seen[^1]]).ShouldBe([Seen[^1].On]);
    }

    [Fact]
    public void A_moved_session_is_told_by_both_its_days()
    {
        var free = Enumerable.Range(0, 7).Select(Seen[0].On.AddDays).First(d => Seen.All(s => s.On != d));
        SeenPlan.Differing(Now, [Seen[0] with { On = free }, .. Seen.Skip(1)]).ShouldBe([Seen[0].On, free]);
    }
}
