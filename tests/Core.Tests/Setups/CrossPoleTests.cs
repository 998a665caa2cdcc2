using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Setups;

public class CrossPoleTests
{
    // Common practice, no source: a trot placing pole lies 8 to 9 ft (2.4 to 2.7 m) before the cross-pole.
    [Fact]
    public void The_typical_horse_has_its_placing_pole_in_the_middle_of_the_trades_range()
    {
        var gap = Make.Measured(Make.CrossPole()).Gaps.ShouldHaveSingleItem();
        gap.Built.Built.Metres.ShouldBe(2.55, 1e-9);
        gap.Built.Built.ShouldBeInRange(Distance.FromFeet(8) - Distance.FromCentimetres(4), Distance.FromFeet(9));
        gap.Fit.ShouldBe(Fit.True);
    }

    [Fact]
    public void Whatever_the_wish_the_placing_pole_stays_inside_the_range_or_at_what_the_horse_does() =>
        Gen.Select(Gen.Double[100, 210], Gen.Double[-0.6, 0.6], Gen.Double[0.2, 0.8])
            .Sample((height, adjust, fence) => Make.HoldsOrOwn(Make.Measured(Make.CrossPole(fence, adjust), Make.Card(height)).Gaps[0]));

    [Fact]
    public void A_horse_that_strides_longer_is_never_given_less() =>
        Gen.Select(Gen.Double[140, 190], Gen.Double[140, 190])
            .Sample(
                (a, b) =>
                    Make.Measured(Make.CrossPole(), Make.Card(Math.Min(a, b))).Gaps[0].Built.Built
                    <= Make.Measured(Make.CrossPole(), Make.Card(Math.Max(a, b))).Gaps[0].Built.Built
            );

    // The first cross-pole stands by itself, with a ground line on both sides; its placing pole comes when it trots in calmly
    // (common practice, no source).
    [Fact]
    public void By_itself_it_is_one_fence_and_its_next_step_is_the_placing_pole()
    {
        var alone = Make.CrossPole() with { PlacingPole = false };
        var measured = Make.Measured(alone);
        measured.Elements.ShouldHaveSingleItem().GroundLines.ShouldBe(GroundLines.BothSides);
        (measured.Gaps.Count, measured.Title).ShouldBe((0, "Cross-pole 50 cm"));
        measured.Jumps.ShouldHaveSingleItem().Element.ShouldBe(0);
        alone.LongerBy(0.1).ShouldBeNull();
        Make.Measured(alone.OneRungOn()!.Entry).Elements.Select(e => e.Kind).ShouldBe([ElementKind.PlacingPole, ElementKind.CrossPole]);
    }

    [Fact]
    public void A_wish_beyond_the_range_is_kept_inside_and_said()
    {
        var measured = Make.Measured(Make.CrossPole(adjust: 0.4));
        measured.Gaps[0].Built.Built.Metres.ShouldBe(2.70, 1e-9);
        measured.Notices[0].ShouldContain("longer than the trade sets");
    }

    // Common practice, no source: landing and take-off take 6 ft, two paces, at about 1.0 m.
    [Theory]
    [InlineData(1.0, 1.83)]
    [InlineData(0.5, 1.365)]
    [InlineData(0.3, 1.365)]
    [InlineData(1.4, 2.202)]
    public void A_jump_takes_room_by_its_height(double height, double room) =>
        JumpRoom.Of(Distance.FromMetres(height), Make.Card()).Metres.ShouldBe(room, 1e-9);

    [Fact]
    public void A_higher_fence_never_takes_less_room() =>
        Gen.Select(Gen.Double[0, 1.6], Gen.Double[0, 1.6])
            .Sample(
                (a, b) =>
                    JumpRoom.Of(Distance.FromMetres(Math.Min(a, b)), Make.Card())
                    <= JumpRoom.Of(Distance.FromMetres(Math.Max(a, b)), Make.Card())
            );

    [Fact]
    public void The_horse_trots_in_and_canters_away_and_treads_on_nothing()
    {
        var measured = Make.Measured(Make.CrossPole() with { Heading = Heading.TowardsC });
        var (pole, fence) = (measured.Elements[0].Along, measured.Elements[1].Along);
        measured.Hoofprints.Where(h => h.Gait == Gait.Trot).ShouldAllBe(h => h.Along < fence);
        measured.Hoofprints.Where(h => h.Gait == Gait.Canter).ShouldAllBe(h => h.Along > fence);
        measured.Hoofprints.ShouldAllBe(h => Math.Abs(h.Along - pole) > 0.3 && Math.Abs(h.Along - fence) > 0.3);
    }

    [Fact]
    public void Ridden_towards_A_the_placing_pole_lies_on_the_C_side()
    {
        var measured = Make.Measured(Make.CrossPole());
        measured.Elements[0].Kind.ShouldBe(ElementKind.PlacingPole);
        measured.Elements[0].Along.ShouldBeGreaterThan(measured.Elements[1].Along);
    }

    // Common practice, no source: nobody jumps alone.
    [Fact]
    public void A_fence_always_asks_for_someone_on_the_ground() =>
        Make.Measured(Make.CrossPole()).Notices.ShouldContain(n => n.Contains("Never jump alone"));

    [Theory]
    [InlineData(0.19)]
    [InlineData(0.81)]
    [InlineData(null)]
    public void A_cross_pole_has_its_heights(double? height) =>
        (Make.CrossPole() with { HeightMetres = height }).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("heightMetres");
}
