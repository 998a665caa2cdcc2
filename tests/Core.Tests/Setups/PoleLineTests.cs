using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using NetTopologySuite.Geometries;
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

    // Half of a medium trot's 3.26 m is 1.63 m: longer than the trade's 1.2 to 1.5 m. The range is told, and moves no pole away
    // from what the horse does.
    [Theory]
    [InlineData(GaitVariant.TrotMedium, 1.65)]
    [InlineData(GaitVariant.TrotExtended, 1.75)]
    public void Where_the_gait_falls_outside_its_own_step_is_built_and_the_range_told(GaitVariant variant, double built)
    {
        var measured = Make.Measured(Make.Poles(variant));
        measured.Gaps[0].Built.Built.Metres.ShouldBe(built, 1e-9);
        measured.Gaps[0].Fit.ShouldBe(Fit.True);
        measured.Notices[0].ShouldContain("longer than the trade sets for its height");
    }

    // What is moved by hand stays inside the range: 1.365 m and 40 cm are 1.75 m, and 1.50 m is built.
    [Fact]
    public void A_wish_beyond_the_range_is_kept_inside_and_said()
    {
        var measured = Make.Measured(Make.Poles(adjust: 0.4));
        measured.Gaps[0].Built.Built.Metres.ShouldBe(1.50, 1e-9);
        measured.Notices[0].ShouldContain("stay inside it");
    }

    // Seven gaps that grow ten centimetres each would end at 1.65 m: they stop where the trade does.
    [Fact]
    public void Gaps_that_grow_stop_at_the_trades_range()
    {
        var gaps = Make.Measured(Make.Poles(poles: 8) with { StepMetres = 0.1 }).Gaps;
        gaps.ShouldAllBe(g => Make.HoldsOrOwn(g));
        gaps[^1].Built.Built.Metres.ShouldBe(1.50, 1e-9);
    }

    // Shorter or longer on purpose it is built as it was asked for, and told as that.
    [Fact]
    public void On_purpose_it_is_built_beyond_the_range_and_not_warned_of()
    {
        var measured = Make.Measured(Make.Poles(adjust: 0.4) with { OnPurpose = true });
        measured.Gaps[0].Built.Built.Metres.ShouldBe(1.75, 1e-9);
        measured.Gaps[0].Fit.ShouldBe(Fit.Long);
        measured.Notices[0].ShouldStartWith("Longer on purpose");
    }

    // 4 trot poles of 1.365 m, each gap ten centimetres shorter than the last: just that, whatever the tape's step.
    [Theory]
    [InlineData(LengthUnit.Metres)]
    [InlineData(LengthUnit.Feet)]
    public void Ten_centimetres_shorter_than_the_last_is_really_so(LengthUnit unit)
    {
        var poles = Make.Poles() with { StepMetres = -0.1 };
        var gaps = Make.Measured(poles, tape: new Tape(unit, PersonPace.Uncalibrated)).Gaps.Select(g => g.Built.Built.Metres).ToList();
        gaps.Zip(gaps.Skip(1)).ShouldAllBe(p => Math.Abs(p.First - p.Second - 0.1) < 1e-6);
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
        Gen.Select(WalkOrTrot, Gen.Double[140, 190], Gen.Double[140, 190])
            .Sample((variant, a, b) => Spacing(variant, Make.Card(Math.Min(a, b))) <= Spacing(variant, Make.Card(Math.Max(a, b))));
    }

    [Fact]
    public void Whatever_the_wish_the_poles_stay_inside_the_trades_range_or_at_what_the_horse_does() =>
        Gen.Select(WalkOrTrot, Gen.Double[100, 210], Gen.Double[-0.6, 0.6])
            .Sample(
                (variant, height, adjust) =>
                {
                    var gap = Make.Measured(Make.Poles(variant, adjust: adjust), Make.Card(height)).Gaps[0];
                    return Make.HoldsOrOwn(gap);
                }
            );

    [Fact]
    public void The_tape_sheet_adds_up() =>
        Gen.Select(WalkOrTrot, Gen.Int[3, 6], Gen.Double[140, 190])
            .Sample(
                (variant, poles, height) =>
                {
                    var measured = Make.Measured(Make.Poles(variant, poles), Make.Card(height));
                    var readings = measured.Elements.Select(e => e.At.Metres).ToList();
                    var sums = Enumerable.Range(0, poles).Select(i => measured.Gaps.Take(i).Sum(g => g.Built.Built.Metres));
                    return readings.Zip(sums).All(p => Math.Abs(p.First - p.Second) < 1e-9);
                }
            );

    [Fact]
    public void Longer_by_ten_centimetres_moves_the_poles_by_ten() =>
        Make.Measured(Make.Poles(adjust: 0.10))
            .Gaps[0]
            .Built.Built.Metres.ShouldBe(Make.Measured(Make.Poles()).Gaps[0].Built.Built.Metres + 0.10, 1e-9);

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
        Make.Measured(Make.Poles())
            .Hoofprints.OrderBy(h => h.Along)
            .Select(h => h.Across > 5)
            .Chunk(2)
            .ShouldAllBe(pair => pair.Length == 1 || pair[0] != pair[1]);

    // Klimke, Cavaletti (value from memory): in walk and trot no higher than 20 cm.
    [Theory]
    [InlineData(0.21)]
    [InlineData(0.04)]
    [InlineData(null)]
    public void A_raised_pole_is_five_to_twenty_centimetres_high(double? height) =>
        (Make.Poles(raising: Raising.AlternateEnds) with { HeightMetres = height })
            .Check()
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("heightMetres");

    [Theory]
    [InlineData(0)]
    [InlineData(9)]
    [InlineData(null)]
    public void One_to_eight_poles_make_a_line(int? poles) =>
        (Make.Poles() with { Poles = poles }).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("poles");

    /// <summary>Two trot poles invite a jump; two walk poles do not (common practice, no source).</summary>
    [Theory]
    [InlineData(GaitVariant.TrotWorking, 2, true)]
    [InlineData(GaitVariant.TrotWorking, 3, false)]
    [InlineData(GaitVariant.WalkMedium, 2, false)]
    public void Two_trot_poles_are_advised_against(GaitVariant variant, int poles, bool told) =>
        Make.Measured(Make.Poles(variant, poles)).Notices.Any(n => n.Contains("invite a jump")).ShouldBe(told);

    /// <summary>
    /// Canter poles lie a whole stride apart, 2.7-3.5 m, typically 3.0 m (common practice, no source): a measured horse keeps
    /// its own.
    /// </summary>
    [Theory]
    [InlineData(3.00, 3.00)]
    [InlineData(2.60, 2.60)]
    [InlineData(3.60, 3.60)]
    public void Canter_poles_lie_its_own_stride_over_poles_apart(double stride, double spacing)
    {
        var measured = Make.Measured(Make.Poles(GaitVariant.CanterWorking), Make.CardWith(GaitVariant.CanterPoles, stride));
        measured.Gaps.ShouldAllBe(g => Math.Abs(g.Built.Built.Metres - spacing) < 1e-9);
        measured.Lead.ShouldBe(Side.Right);
    }

    [Fact]
    public void No_canter_foot_comes_down_on_a_pole()
    {
        var measured = Make.Measured(Make.Poles(GaitVariant.CanterWorking), Make.CardWith(GaitVariant.CanterWorking, 3.0));
        measured.Hoofprints.ShouldAllBe(h => measured.Elements.All(e => Math.Abs(e.At.Metres - h.At) > 0.3));
    }

    /// <summary>Walk and trot to 20 cm, canter to 50 cm at most (Klimke, Cavaletti, value from memory).</summary>
    [Theory]
    [InlineData(GaitVariant.TrotWorking, 0.20, true)]
    [InlineData(GaitVariant.TrotWorking, 0.25, false)]
    [InlineData(GaitVariant.CanterWorking, 0.50, true)]
    [InlineData(GaitVariant.CanterWorking, 0.55, false)]
    public void Canter_poles_may_be_higher(GaitVariant variant, double height, bool fine) =>
        (Make.Poles(variant, raising: Raising.BothEnds) with { HeightMetres = height }).Check().IsFine.ShouldBe(fine);

    [Fact]
    public void Both_ends_up_is_said_and_takes_two_blocks_a_pole()
    {
        var measured = Make.Measured(Make.Poles(poles: 3, raising: Raising.BothEnds));
        measured.Elements.ShouldAllBe(e => e.Raised == PoleEnd.Both && e.Name.EndsWith("both ends up"));
        measured.KitNeeded.ShouldContain(new KitItem(KitKind.Block, 0, 6));
    }

    [Fact]
    public void Uneven_poles_grow_by_a_step_about_its_own_distance()
    {
        var gaps = Make.Measured(Make.Poles(poles: 4) with { StepMetres = 0.05 }, Make.CardWith(GaitVariant.TrotWorking, 2.70)).Gaps;
        gaps.Select(g => g.Built.Built.Metres).ShouldBe([1.30, 1.35, 1.40], 1e-9);
    }

    /// <summary>Poles of 3 m meet end to end when their middles lie s apart at asin(s / 3): 1.35 m is 26.7 degrees (geometry).</summary>
    [Fact]
    public void The_ends_of_a_zigzag_meet()
    {
        var measured = Make.Measured(Make.Poles() with { Laying = Laying.Zigzag }, Make.CardWith(GaitVariant.TrotWorking, 2.70));
        (measured.Elements[0].Faces).ShouldBe(26.74, 0.01);
        foreach (var (a, b) in measured.Elements.Zip(measured.Elements.Skip(1)))
        {
            a.Ends().SelectMany(p => b.Ends(), (p, q) => double.Hypot(p.Along - q.Along, p.Across - q.Across)).Min().ShouldBe(0, 1e-3);
        }
    }

    /// <summary>
    /// Off the middle of a zigzag the steps are long and short in turn: the crossings of a line half a metre aside, by a
    /// geometry library, are what it says.
    /// </summary>
    [Fact]
    public void Half_a_metre_off_the_middle_of_a_zigzag_is_what_it_says()
    {
        var measured = Make.Measured(Make.Poles() with { Laying = Laying.Zigzag }, Make.CardWith(GaitVariant.TrotWorking, 2.70));
        var aside = new LineString([new(0, 5.5), new(60, 5.5)]);
        var crossings = measured
            .Elements.Select(e =>
                new LineString([.. e.Ends().Select(p => new Coordinate(p.Along, p.Across))]).Intersection(aside).Coordinate.X
            )
            .ToList();
        var steps = crossings.Zip(crossings.Skip(1), (a, b) => b - a).Order().ToList();
        var says = FormattableString.Invariant($"{steps[0]:0.00} and {steps[^1]:0.00} m in turn");
        measured.Notices.ShouldContain(n => n.Contains(says));
    }

    [Fact]
    public void A_zigzag_is_raised_where_its_ends_meet()
    {
        var measured = Make.Measured(Make.Poles(raising: Raising.BothEnds) with { Laying = Laying.Zigzag });
        measured.Title.ShouldContain("in a zigzag, raised");
        measured.Elements.ShouldAllBe(e => e.Raised == PoleEnd.Both && e.Height.Metres > 0);
    }

    public static TheoryData<PoleLineEntry, string> NoZigzag =>
        new()
        {
            { Make.Poles(GaitVariant.CanterWorking) with { Laying = Laying.Zigzag }, "laying" },
            { Make.Poles() with { Laying = Laying.Zigzag, StepMetres = 0.05 }, "stepMetres" },
        };

    [Theory]
    [MemberData(nameof(NoZigzag))]
    public void Some_poles_cannot_lie_in_a_zigzag(PoleLineEntry entry, string field) =>
        entry.Check().Faults.ShouldHaveSingleItem().Field.ShouldBe(field);

    [Fact]
    public void In_the_canter_of_a_course_nobody_rides_poles() =>
        Make.Poles(GaitVariant.CanterCourse).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("variant");

    [Fact]
    public void Every_measure_left_out_is_named() =>
        new PoleLineEntry()
            .Check()
            .Faults.Select(f => f.Field)
            .ShouldBe(["arena", "line", "heading", "middleMetres", "variant", "poles", "raising"]);

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
