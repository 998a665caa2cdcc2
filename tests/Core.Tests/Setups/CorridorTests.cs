using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>Two lines of poles with halts and counted steps (common practice, no source; the width is chosen).</summary>
public class CorridorTests
{
    private static CorridorEntry Corridor(int sections = 2, double width = 1.1, int halts = 1, int back = 3) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Sections = sections,
            WidthMetres = width,
            Halts = halts,
            BackSteps = back,
        };

    /// <summary>Half of a medium walk stride of 1.87 m is a step of 0.935 m (Clayton 1995, value from memory): three metres are three of them.</summary>
    [Theory]
    [InlineData(2, 1, 3)]
    [InlineData(4, 1, 6)]
    [InlineData(4, 3, 3)]
    [InlineData(3, 0, 10)]
    public void Steps_from_halt_to_halt_are_whole(int sections, int halts, int steps)
    {
        var measured = Make.Measured(Corridor(sections, halts: halts, back: 0));
        measured.Elements.Count.ShouldBe(halts + 2);
        measured.Elements[1].Name.ShouldEndWith($"after {steps} steps");
        measured.Length.Metres.ShouldBe(sections * 3);
    }

    [Fact]
    public void A_longer_walk_takes_fewer_steps()
    {
        int Steps(double stride) =>
            int.Parse(
                Make.Measured(Corridor(4, halts: 0, back: 0), Make.CardWith(GaitVariant.WalkMedium, stride)).Elements[^1].Name.Split(' ')[2]
            );
        Steps(2.1).ShouldBeLessThan(Steps(1.6));
    }

    [Fact]
    public void It_takes_a_pole_on_each_side_for_every_three_metres() =>
        Make.Measured(Corridor(4)).KitNeeded.ShouldBe([new KitItem(KitKind.Pole, 3, 8)]);

    /// <summary>One step to a gap: a foot falls in the middle of each.</summary>
    [Fact]
    public void Every_step_inside_is_drawn() => Make.Measured(Corridor(2, halts: 1)).Hoofprints.Count(h => h.At is > 0 and < 6).ShouldBe(6);

    public static TheoryData<CorridorEntry, string> Refused =>
        new()
        {
            { Corridor(0), "sections" },
            { Corridor(width: 0.8), "widthMetres" },
            { Corridor(width: 1.5), "widthMetres" },
            { Corridor(halts: 0), "backSteps" },
            { Corridor(back: 9), "backSteps" },
        };

    [Theory]
    [MemberData(nameof(Refused))]
    public void What_is_no_corridor_is_refused(CorridorEntry entry, string field) =>
        entry.Check().Faults.ShouldHaveSingleItem().Field.ShouldBe(field);
}
