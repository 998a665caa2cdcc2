using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Setups;

public class PoleLineTests
{
    private static readonly Gen<GaitVariant> WalkOrTrot = Gen.Enum<GaitVariant>().Where(v => v.Gait() != Gait.Canter);

    // Half of Clayton's trot strides (1994; values from memory) beside the trade's 1.2 to 1.5 m (common practice, no
    // source): collected and working trot fall inside.
    [Theory]
    [InlineData(GaitVariant.TrotCollected, 1.25)]
    [InlineData(GaitVariant.TrotWorking, 1.365)]
    public void Published_trot_strides_fall_inside_the_trades_range(GaitVariant variant, double own)
    {
        var gap = Make.Measured(Make.Poles(variant)).Gaps[0];
        gap.Own.Metres.ShouldBe(own, 1e-3);
        SetUpFigures.TrotPoles.Value.Holds(gap.Own).ShouldBeTrue();
        gap.Fit.ShouldBe(Fit.True);
    }

    // Clayton 1995 (values from memory): medium and extended canter strides fall inside the trade's canter poles of
    // 2.7 to 3.5 m, the course canter's 3.66 m and the working canter's 2.35 m do not.
    [Theory]
    [InlineData(GaitVariant.CanterMedium, true)]
    [InlineData(GaitVariant.CanterExtended, true)]
    [InlineData(GaitVariant.CanterWorking, false)]
    [InlineData(GaitVariant.CanterCourse, false)]
    public void Published_canter_strides_beside_the_trades_canter_poles(GaitVariant variant, bool inside) =>
        SetUpFigures.CanterPoles.Value.Holds(Make.Card()[variant].Stride).ShouldBe(inside);

    // Half of a walk stride of 1.87 m is 0.935 m: longer than the trade's 0.8 to 0.9 m. The program keeps to the
    // range and says so.
    [Theory]
    [InlineData(GaitVariant.WalkMedium, 0.90)]
    [InlineData(GaitVariant.WalkExtended, 0.90)]
    [InlineData(GaitVariant.TrotMedium, 1.50)]
    [InlineData(GaitVariant.TrotExtended, 1.50)]
    public void Where_the_gait_falls_outside_the_program_keeps_to_the_range_and_says_so(GaitVariant variant, double built)
    {
        var measured = Make.Measured(Make.Poles(variant));
        measured.Gaps[0].Built.Built.Metres.ShouldBe(built, 1e-9);
        measured.Notices[0].ShouldContain("longer than the trade sets");
    }

    // Common practice, no source: the typical horse's trot poles lie at 4'6".
    [Fact]
    public void The_typical_horse_has_its_trot_poles_at_four_foot_six() =>
        Make.Measured(Make.Poles()).Gaps[0].Built.Text.Feet.ShouldBe("4' 5\"");

    [Fact]
    public void With_an_imperial_tape_they_are_set_at_four_foot_six_exactly() =>
        Make.Measured(Make.Poles(), tape: new Tape(LengthUnit.Feet, PersonPace.Uncalibrated)).Gaps[0].Built.Text.Feet.ShouldBe("4' 6\"");

    [Fact]
    public void A_horse_that_strides_longer_is_never_given_less()
    {
        Gen.Select(WalkOrTrot, Gen.Double[140, 190], Gen.Double[140, 190]).Sample((variant, a, b) =>
            Spacing(variant, Make.Card(Math.Min(a, b))) <= Spacing(variant, Make.Card(Math.Max(a, b))));
    }

    [Fact]
    public void Whatever_the_horse_and_the_wish_the_poles_stay_inside_the_trades_range() =>
        Gen.Select(WalkOrTrot, Gen.Double[100, 210], Gen.Double[-0.6, 0.6]).Sample((variant, height, adjust) =>
            SetUpFigures.PoleSpacing(variant.Gait()).Value.Holds(
                Make.Measured(Make.Poles(variant, adjust: adjust), Make.Card(height)).Gaps[0].Built.Built));

    [Fact]
    public void The_tape_sheet_adds_up() =>
        Gen.Select(WalkOrTrot, Gen.Int[3, 6], Gen.Double[140, 190]).Sample((variant, poles, height) =>
        {
            var measured = Make.Measured(Make.Poles(variant, poles), Make.Card(height));
            var readings = measured.Elements.Select(e => e.At.Metres).ToList();
            var sums = Enumerable.Range(0, poles).Select(i => measured.Gaps.Take(i).Sum(g => g.Built.Built.Metres));
            return readings.Zip(sums).All(p => Math.Abs(p.First - p.Second) < 1e-9);
        });

    [Fact]
    public void Longer_by_ten_centimetres_moves_the_poles_by_ten() =>
        Make.Measured(Make.Poles(adjust: 0.10)).Gaps[0].Built.Built.Metres.ShouldBe(Make.Measured(Make.Poles()).Gaps[0].Built.Built.Metres + 0.10, 1e-9);

    [Fact]
    public void Raised_ends_go_in_turn_and_ask_for_a_helper()
    {
        var measured = Make.Measured(Make.Poles(poles: 4, raising: Raising.AlternateEnds));
        measured.Elements.Select(e => e.Raised).ShouldBe([PoleEnd.Left, PoleEnd.Right, PoleEnd.Left, PoleEnd.Right]);
        measured.Elements.ShouldAllBe(e => e.Height.Metres == 0.10);
        measured.Notices.ShouldContain(n => n.Contains("helper"));
    }

    [Fact]
    public void A_foot_falls_in_the_middle_of_every_gap_and_none_on_a_pole()
    {
        var measured = Make.Measured(Make.Poles(poles: 5));
        var feet = measured.Hoofprints.Select(h => h.Along).Order().ToList();
        foreach (var (a, b) in measured.Elements.Zip(measured.Elements.Skip(1)))
        {
            feet.Count(f => f > a.Along && f < b.Along).ShouldBe(1);
            feet.ShouldContain(f => Math.Abs(f - ((a.Along + b.Along) / 2)) < 1e-3);
        }
    }

    [Fact]
    public void Left_and_right_feet_fall_in_turn() =>
        Make.Measured(Make.Poles()).Hoofprints.OrderBy(h => h.Along).Select(h => h.Across > 5).Chunk(2).ShouldAllBe(pair => pair.Length == 1 || pair[0] != pair[1]);

    // Klimke, Cavaletti (value from memory): in walk and trot no higher than 20 cm.
    [Theory]
    [InlineData(0.21)]
    [InlineData(0.04)]
    [InlineData(null)]
    public void A_raised_pole_is_five_to_twenty_centimetres_high(double? height) =>
        (Make.Poles(raising: Raising.AlternateEnds) with { HeightMetres = height }).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("heightMetres");

    // Common practice, no source: two poles invite a jump.
    [Theory]
    [InlineData(2)]
    [InlineData(7)]
    [InlineData(null)]
    public void Three_poles_are_the_fewest_and_six_the_most(int? poles) =>
        (Make.Poles() with { Poles = poles }).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("poles");

    [Fact]
    public void In_canter_this_line_is_not_ridden() =>
        Make.Poles(GaitVariant.CanterWorking).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("variant");

    [Fact]
    public void Every_measure_left_out_is_named() =>
        new PoleLineEntry().Check().Faults.Select(f => f.Field).ShouldBe(["arena", "line", "heading", "middleMetres", "variant", "poles", "raising"]);

    [Fact]
    public void A_line_too_near_the_short_side_does_not_fit_and_says_where_it_would()
    {
        var measured = Make.Measured(Make.Poles() with { MiddleMetres = 1 });
        measured.FitsArena.ShouldBeFalse();
        measured.Notices[0].ShouldContain("between 2.0 and 58.0 m from A");
    }

    [Fact]
    public void Approach_and_getaway_are_told_in_the_horses_own_canter_strides()
    {
        // Four working canter strides of 2.35 m are 9.4 m; a corner takes 5 m of the way to the wall.
        var measured = Make.Measured(Make.Poles() with { Arena = ArenaSize.FortyByTwenty, MiddleMetres = 14 });
        measured.Approach.There.Metres.ShouldBe(14 - (measured.Length.Metres / 2) - 5, 1e-9);
        measured.Approach.Enough.ShouldBeFalse();
        measured.Getaway.Enough.ShouldBeTrue();
        measured.Approach.Says.ShouldContain("more would make four");
    }

    [Fact]
    public void The_distance_can_be_asked_why()
    {
        var why = Make.Measured(Make.Poles(adjust: 0.05)).Gaps[0].Why;
        why.Inputs[0].ShouldContain("working trot stride of 2.73 m");
        why.Inputs.ShouldContain("moved by +5 cm");
        why.Source.ShouldBe(Source.CommonPractice);
    }

    private static Distance Spacing(GaitVariant variant, StrideCard card) => Make.Measured(Make.Poles(variant), card).Gaps[0].Built.Built;
}
