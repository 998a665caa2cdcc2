using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>A row in which each pole may have its own height and each gap its own distance; material and cups.</summary>
public class EachPoleTests
{
    private static PoleLineEntry Raised(params double?[] heights) =>
        Make.Poles(poles: heights.Length, raising: Raising.BothEnds) with
        {
            HeightsMetres = heights,
        };

    [Fact]
    public void Each_pole_lies_at_its_own_height() =>
        Make.Measured(Raised(0.10, 0.15, 0.20)).Elements.Select(e => Math.Round(e.Height.Metres, 4)).ShouldBe([0.10, 0.15, 0.20]);

    /// <summary>Walk and trot to 20 cm, canter to 50 (Klimke, Cavaletti, from memory).</summary>
    [Fact]
    public void None_is_higher_than_its_gait_allows()
    {
        Raised(0.10, 0.25, 0.10).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("heightsMetres[1]");
        (Raised(0.10, 0.45, 0.10) with { Variant = GaitVariant.CanterPoles }).Check().IsFine.ShouldBeTrue();
    }

    [Fact]
    public void As_many_heights_as_poles_and_one_gap_fewer()
    {
        (Raised(0.10, 0.15, 0.20) with { Poles = 4 }).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("heightsMetres");
        (Make.Poles() with { GapsMetres = [1.30] }).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("gapsMetres");
    }

    [Fact]
    public void A_typed_gap_stays_and_the_others_are_its_own()
    {
        var measured = Make.Measured(Make.Poles() with { GapsMetres = [null, 1.25, null] });
        measured.Gaps.Select(g => g.Built.Built.Metres).ShouldBe([1.35, 1.25, 1.35], 0.02);
        measured.Elements[^1].At.Metres.ShouldBe(measured.Gaps.Sum(g => g.Built.Built.Metres), 1e-9);
        measured.Gaps[1].Fit.ShouldBe(Fit.Tight);
    }

    [Fact]
    public void Another_horse_s_own_forgets_what_was_typed()
    {
        var setUp = (Make.Poles() with { GapsMetres = [1.2, 1.25, 1.3] }).Check().OrThrow();
        setUp.OwnFor(Make.Card(128), Tape.Metric).Gaps.Select(g => g.Built.Built).Distinct().Count().ShouldBe(1);
    }

    [Fact]
    public void Heights_that_differ_are_the_top_rung_s_question() =>
        Make.Measured(Raised(0.10, 0.15, 0.20)).Notices.ShouldContain(n => n.Contains("top rung"));

    [Fact]
    public void Kit_is_of_its_material_and_a_flat_cup_is_a_kit_of_its_own()
    {
        var fence = Make.CrossPole() with { Material = Material.Plastic, Cups = Cups.Flat, PlacingPole = false };
        Make.Measured(fence).KitNeeded.Select(k => k.Says).ShouldBe(["4 plastic poles", "2 wings", "2 flat cups"]);
        // Wooden poles in the shed are no plastic ones.
        Kit.Short(Make.Measured(fence).KitNeeded, [new KitItem(KitKind.Pole, 3, 20), new KitItem(KitKind.Wing, 0, 2)])
            .Select(k => k.Says)
            .ShouldBe(["4 plastic poles", "2 flat cups"]);
    }

    [Fact]
    public void What_a_horse_meets_is_what_stands()
    {
        WhatItMeets.In(Make.Poles().Check().OrThrow()).ShouldBe([Thing.Wood]);
        var wall = FenceLineTests.Line(LineKind.RelatedLine, Gait.Canter, new LineElementEntry(ElementKind.WaterTray, 0.7)) with
        {
            Material = Material.Pipes,
        };
        WhatItMeets.In(wall.Check().OrThrow()).ShouldBe([Thing.Pipes, Thing.WaterTray], ignoreOrder: true);
    }
}
