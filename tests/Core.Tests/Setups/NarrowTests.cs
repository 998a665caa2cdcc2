using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>A narrow fence comes down step by step, and goes back to its guides at once (common practice, no source; the widths are chosen).</summary>
public class NarrowTests
{
    private static NarrowEntry Fence(double width, Guides guides, double height = 0.6) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            WidthMetres = width,
            Guides = guides,
            HeightMetres = height,
            ComesIn = Gait.Canter,
        };

    /// <summary>The one guide that stays longest is on the side it left by.</summary>
    [Theory]
    [InlineData(null, Guides.Left)]
    [InlineData(Side.Left, Guides.Left)]
    [InlineData(Side.Right, Guides.Right)]
    public void The_side_it_left_by_keeps_its_guide(Side? guards, Guides next)
    {
        var on = (NarrowEntry)(Fence(1.8, Guides.Both) with { Guards = guards }).OneRungOn()!.Entry;
        (on.WidthMetres, on.Guides).ShouldBe((1.8, next));
        ((NarrowEntry)on.OneRungOn()!.Entry).Guides.ShouldBe(next);
        ((NarrowEntry)on.Mirrored()).Guards.ShouldBe(guards?.Other());
    }

    private static NarrowFence Built(double width, Guides guides) => (NarrowFence)Fence(width, guides).Check().OrThrow();

    [Fact]
    public void On_the_way_there_one_thing_changes_at_a_time_until_the_last()
    {
        NarrowFence.Way.Select(s => s.WidthMetres).ShouldBe(NarrowFence.Way.Select(s => s.WidthMetres).OrderDescending());
        NarrowFence
            .Way.Zip(NarrowFence.Way.Skip(1))
            .SkipLast(1)
            .ShouldAllBe(p => (p.First.WidthMetres == p.Second.WidthMetres) != (p.First.Guides == p.Second.Guides));
        NarrowFence.Way.Select(s => s.WidthMetres).ShouldAllBe(w => NarrowFence.Widths.Value.All.Contains(w));
    }

    [Theory]
    [InlineData(3.5, Guides.Both, 0, "2.5 m, guides both sides")]
    [InlineData(1.8, Guides.Both, 2, "1.8 m, one guide")]
    [InlineData(1.8, Guides.Right, 3, "1.2 m, one guide")]
    [InlineData(1.2, Guides.Left, 4, "0.9 m, no guide")]
    // Any width between, as barrels and fillers come.
    [InlineData(2.0, Guides.Both, 1, "1.8 m, guides both sides")]
    [InlineData(1.0, Guides.Left, 4, "0.9 m, no guide")]
    [InlineData(0.7, Guides.None, 5, null)]
    [InlineData(0.9, Guides.None, 5, null)]
    public void Each_step_leads_to_the_next(double width, Guides guides, int step, string? next)
    {
        Built(width, guides).Step.ShouldBe(step);
        Built(width, guides).Next?.Says.ShouldBe(next);
    }

    /// <summary>A sideways jump: the guides come back at this width where one was away, and one width up where both stood.</summary>
    [Theory]
    [InlineData(1.8, Guides.Left, "1.8 m, guides both sides")]
    [InlineData(0.9, Guides.None, "0.9 m, guides both sides")]
    [InlineData(1.8, Guides.Both, "2.5 m, guides both sides")]
    [InlineData(3.5, Guides.Both, "3.5 m, guides both sides")]
    [InlineData(2.0, Guides.Both, "2.5 m, guides both sides")]
    [InlineData(0.7, Guides.None, "0.9 m, guides both sides")]
    public void A_sideways_jump_puts_both_guides_back(double width, Guides guides, string back) =>
        Built(width, guides).Back.Says.ShouldBe(back);

    [Fact]
    public void A_verdict_can_send_it_on_and_back()
    {
        var one = Fence(1.8, Guides.Left);
        one.OneRungBack()!.Says.ShouldBe("back to 1.8 m, guides both sides");
        ((NarrowEntry)one.OneRungOn()!.Entry).WidthMetres.ShouldBe(1.2);
        ((NarrowEntry)one.BackToWalk().Entry).WidthMetres.ShouldBe(3.5);
        Fence(0.9, Guides.None).OneRungOn().ShouldBeNull();
    }

    [Theory]
    [InlineData(0.5, Guides.Both, 0.6, "widthMetres")]
    [InlineData(4.5, Guides.Both, 0.6, "widthMetres")]
    [InlineData(2.5, Guides.None, 0.6, "guides")]
    [InlineData(1.2, Guides.Both, 1.9, "heightMetres")]
    public void What_is_no_step_of_it_is_refused(double width, Guides guides, double height, string field) =>
        Fence(width, guides, height).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe(field);

    [Fact]
    public void It_is_measured_with_the_way_there_and_back()
    {
        var measured = Make.Measured(Fence(1.2, Guides.Left));
        (measured.Narrow!.Step, measured.Narrow.Next, measured.Narrow.Back, measured.Narrow.Way.Count).ShouldBe(
            (4, "0.9 m, no guide", "1.2 m, guides both sides", 6)
        );
        measured.Gaps.ShouldBeEmpty();
        measured.FitsArena.ShouldBeTrue();
        measured.Notices.ShouldContain(n => n.Contains("Never jump alone"));
    }
}
