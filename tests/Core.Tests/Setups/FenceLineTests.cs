using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>Distances between fences: landing, strides, take-off, against the trade's table and the course-building convention.</summary>
public class FenceLineTests
{
    /// <summary>A horse with a course canter of 12 ft, and everything else as published.</summary>
    private static readonly StrideCard Typical = Make.CardWith(GaitVariant.CanterCourse, 3.66);

    internal static LineElementEntry Pole(int strides = 0) => new(ElementKind.Pole, Strides: strides);

    internal static LineElementEntry Cross(double height = 0.5, int strides = 0) => new(ElementKind.CrossPole, height, Strides: strides);

    internal static LineElementEntry Upright(double height, int strides = 0, double? distance = null) =>
        new(ElementKind.Upright, height, null, strides, distance);

    internal static LineElementEntry Oxer(double height, int strides, double spread = 0.8, ElementKind kind = ElementKind.SquareOxer) =>
        new(kind, height, spread, strides);

    internal static FenceLineEntry Line(LineKind kind, Gait comesIn, params LineElementEntry[] elements) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.LeftQuarterLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = kind,
            ComesIn = comesIn,
            Elements = elements,
        };

    private static Gap Last(FenceLineEntry entry, StrideCard? card = null) => Make.Measured(entry, card ?? Typical).Gaps[^1];

    /// <summary>
    /// Each row of the trade's table holds a true distance for the typical horse: at 0.5 m from trot, 0.7 m inside a
    /// grid, 1.0 m in competition. Common practice, no source; the competition rows are the course-building
    /// convention (values from memory).
    /// </summary>
    public static TheoryData<string, FenceLineEntry, double, double> TableOfTheTrade =>
        new()
        {
            { "bounce from trot", Line(LineKind.Grid, Gait.Trot, Cross(0.5), Upright(0.5)), 2.7, 3.0 },
            { "bounce from canter", Line(LineKind.Grid, Gait.Canter, Upright(0.7), Upright(0.7)), 3.0, 3.7 },
            { "one stride from trot", Line(LineKind.Grid, Gait.Trot, Cross(0.5), Upright(0.5, 1)), 5.4, 5.9 },
            { "one stride inside a grid", Line(LineKind.Grid, Gait.Canter, Upright(0.7), Upright(0.7, 1)), 6.1, 6.7 },
            { "two strides inside a grid", Line(LineKind.Grid, Gait.Canter, Upright(0.7), Upright(0.7, 2)), 9.1, 10.4 },
            { "one stride at height", Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 1)), 7.3, 7.9 },
            { "two strides at height", Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 2)), 10.4, 11.0 },
        };

    [Theory]
    [MemberData(nameof(TableOfTheTrade))]
    public void Each_row_of_the_trades_table_holds_a_true_distance_for_the_typical_horse(
        string row,
        FenceLineEntry entry,
        double shortest,
        double longest
    )
    {
        var gap = Last(entry);
        gap.Trade.ShouldBe(DistanceRange.Metres(shortest, longest), row);
        gap.Own.Metres.ShouldBeInRange(shortest, longest, row);
        gap.Fit.ShouldBe(Fit.True, row);
    }

    /// <summary>(n + 1) times 12 ft: 14.6, 18.3, 22.0 and 25.6 m for three to six strides (course-building convention, values from memory).</summary>
    [Theory]
    [InlineData(3, 14.64)]
    [InlineData(4, 18.30)]
    [InlineData(5, 21.96)]
    [InlineData(6, 25.62)]
    public void A_related_line_of_n_strides_is_n_plus_one_times_twelve_feet(int strides, double metres)
    {
        var gap = Last(Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, strides)));
        gap.Own.Metres.ShouldBe(metres, 0.02);
        gap.Fit.ShouldBe(Fit.True);
        gap.Trade.Holds(Distance.FromMetres(metres)).ShouldBeTrue();
    }

    /// <summary>Two paces are the landing and two the take-off of a fence of a metre: 6 ft each (common practice, no source).</summary>
    [Fact]
    public void Landing_and_take_off_at_a_metre_are_two_paces_each()
    {
        var between = Last(Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 3))).Between!;
        (between.Landing.Feet, between.TakeOff.Feet).ShouldBe((6.0, 6.0), new Near(0.01));
    }

    /// <summary>Six and a half paces, 5.94 m, are short on purpose for one stride inside a grid: tight for a long-striding horse, about true for a shorter one (common practice, no source).</summary>
    [Theory]
    [InlineData(4.00, Fit.TooShort)]
    [InlineData(3.66, Fit.TooShort)]
    [InlineData(3.40, Fit.True)]
    [InlineData(3.35, Fit.True)]
    public void Six_and_a_half_paces_are_short_for_a_long_stride_and_right_for_a_shorter_one(double stride, Fit fit)
    {
        var gap = Last(
            Line(LineKind.Grid, Gait.Canter, Upright(0.7), Upright(0.7, 1, 5.94)),
            Make.CardWith(GaitVariant.CanterCourse, stride)
        );
        gap.Built.Text.Paces.ShouldBe("6½");
        gap.Fit.ShouldBe(fit);
    }

    /// <summary>The same line rides a little shorter when the fences go up (direction only; common practice, no source).</summary>
    [Fact]
    public void Raising_a_fence_never_makes_the_stride_longer() =>
        Gen.Select(Gen.Double[0.3, 1.5], Gen.Double[0.3, 1.5], Gen.Double[0.3, 1.5], Gen.Int[1, 6])
            .Sample(
                (first, a, b, strides) =>
                {
                    Distance Needed(double height) =>
                        Last(
                            Line(LineKind.RelatedLine, Gait.Canter, Upright(first), Upright(height, strides, 3.66 * (strides + 1)))
                        ).Between!.StrideNeeded;
                    return Needed(Math.Max(a, b)) <= Needed(Math.Min(a, b));
                },
                iter: Cases.SetUps
            );

    /// <summary>One and the same line walked an easy three rode very long when low and slightly tight at height: only the direction is tested.</summary>
    [Fact]
    public void A_line_that_is_long_when_low_comes_to_the_horse_as_it_goes_up()
    {
        double Ratio(double height) =>
            Last(Line(LineKind.RelatedLine, Gait.Canter, Upright(height), Upright(height, 3, 15.0))).Between! is var b
                ? b.StrideNeeded / b.StrideOwn
                : 0;
        Ratio(0.5).ShouldBeGreaterThan(Ratio(0.9));
        Ratio(0.9).ShouldBeGreaterThan(Ratio(1.2));
    }

    [Fact]
    public void A_horse_that_strides_longer_is_never_given_less() =>
        Gen.Select(Gen.Double[3.0, 4.2], Gen.Double[3.0, 4.2], Gen.Int[0, 5], Gen.Bool)
            .Sample(
                (a, b, strides, grid) =>
                {
                    Distance Built(double stride) =>
                        Last(
                            Line(grid ? LineKind.Grid : LineKind.RelatedLine, Gait.Canter, Upright(0.8), Upright(0.8, strides)),
                            Make.CardWith(GaitVariant.CanterCourse, stride)
                        ).Built.Built;
                    return Built(Math.Min(a, b)) <= Built(Math.Max(a, b));
                },
                iter: Cases.SetUps
            );

    private static readonly Gen<LineElementEntry> AnyFence = Gen.Select(Gen.Int[0, 2], Gen.Double[0.3, 1.2], Gen.Int[1, 4])
        .Select(
            (kind, height, strides) =>
                kind switch
                {
                    0 => Cross(Math.Min(height, 0.8), strides),
                    1 => Upright(height, strides),
                    _ => Oxer(height, strides),
                }
        );

    /// <summary>Every suggestion lies inside the trade's range or says why not.</summary>
    [Fact]
    public void Every_suggestion_lies_inside_the_trades_range() =>
        Gen.Select(AnyFence.Array[2, 5], Gen.Double[2.8, 4.3], Gen.Bool, Gen.Bool)
            .Sample(
                (fences, stride, grid, trot) =>
                {
                    var measured = Make.Measured(
                        Line(grid ? LineKind.Grid : LineKind.RelatedLine, trot ? Gait.Trot : Gait.Canter, fences),
                        Make.CardWith(GaitVariant.CanterCourse, stride)
                    );
                    return measured.Gaps.All(Make.HoldsOrOwn);
                },
                iter: Cases.SetUps
            );

    /// <summary>Readings from one zero: gaps and spreads add up to the last of them.</summary>
    [Fact]
    public void The_tape_sheet_adds_up() =>
        Gen.Select(AnyFence.Array[2, 6], Gen.Double[-0.3, 0.3])
            .Sample(
                (fences, adjust) =>
                {
                    var measured = Make.Measured(Line(LineKind.Grid, Gait.Canter, fences) with { AdjustMetres = adjust }, Typical);
                    var sum = measured.Gaps.Sum(g => g.Built.Built.Metres) + measured.Elements.SkipLast(1).Sum(e => e.Spread.Metres);
                    measured.Elements[^1].At.Metres.ShouldBe(sum, 1e-9);
                },
                iter: Cases.SetUps
            );

    /// <summary>Inside face to inside face: a spread moves what stands behind it by just its depth, and takes nothing from the gap.</summary>
    [Fact]
    public void A_gap_is_measured_from_the_back_rail_of_a_spread()
    {
        var narrow = Make.Measured(Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 3)), Typical);
        var wide = Make.Measured(Line(LineKind.RelatedLine, Gait.Canter, Oxer(1.0, 0, 1.2), Upright(1.0, 3)), Typical);
        wide.Gaps[0].Built.ShouldBe(narrow.Gaps[0].Built);
        wide.Elements[1].At.Metres.ShouldBe(narrow.Elements[1].At.Metres + 1.2, 1e-9);
    }

    /// <summary>The accordion: 10 m between ground poles in two, three and four is 3.33, 2.50 and 2.00 m (common practice, no source).</summary>
    [Theory]
    [InlineData(2, 3.33)]
    [InlineData(3, 2.50)]
    [InlineData(4, 2.00)]
    public void Ten_metres_between_ground_poles(int strides, double stride)
    {
        var gap = Last(Line(LineKind.RelatedLine, Gait.Canter, Pole(), Pole(strides) with { DistanceMetres = 10 }));
        gap.Between!.StrideNeeded.Metres.ShouldBe(stride, 0.005);
        gap.Trade.Holds(Distance.FromMetres(10)).ShouldBeTrue();
    }

    [Theory]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(5)]
    public void Fifteen_metres_ride_in_three_four_or_five(int strides) =>
        Last(Line(LineKind.RelatedLine, Gait.Canter, Pole(), Pole(strides) with { DistanceMetres = 15 }))
            .Trade.Holds(Distance.FromMetres(15))
            .ShouldBeTrue();

    /// <summary>A trot placing pole at 2.4 to 2.7 m, a canter placing or landing pole at 2.7 to 3.0 m (common practice, no source).</summary>
    [Fact]
    public void Placing_and_landing_poles_lie_where_the_trade_puts_them()
    {
        var trot = Make.Measured(Line(LineKind.Grid, Gait.Trot, Pole(), Cross(), Pole()), Typical);
        trot.Gaps.Select(g => g.Trade).ShouldBe([SetUpFigures.TrotPlacingPole.Value, SetUpFigures.CanterPlacingPole.Value]);
        trot.Elements.Select(e => e.Name).ShouldBe(["Placing pole", "Cross-pole 50 cm", "Landing pole"]);
        trot.Gaps.ShouldAllBe(g => g.Fit == Fit.True);
        Make.Measured(Line(LineKind.Grid, Gait.Canter, Pole(), Upright(0.8)), Typical)
            .Gaps[0]
            .Trade.ShouldBe(SetUpFigures.CanterPlacingPole.Value);
    }

    /// <summary>The stride after a trot approach is 0.85 of the course stride and inside a grid 0.90 (chosen); on a related line it is the whole.</summary>
    [Theory]
    [InlineData(LineKind.Grid, Gait.Trot, 0.85)]
    [InlineData(LineKind.Grid, Gait.Canter, 0.90)]
    [InlineData(LineKind.RelatedLine, Gait.Canter, 1.0)]
    public void The_canter_depends_on_where_it_is(LineKind kind, Gait comesIn, double share) =>
        (Last(Line(kind, comesIn, Upright(0.8), Upright(0.8, 1))).Between!.StrideOwn.Metres / 3.66).ShouldBe(share, 0.005);

    [Fact]
    public void Only_the_first_gap_after_a_trot_approach_is_the_trots()
    {
        var gaps = Make.Measured(Line(LineKind.Grid, Gait.Trot, Pole(), Cross(), Upright(0.6, 1), Upright(0.7, 1)), Typical).Gaps;
        gaps[1].Trade.ShouldBe(SetUpFigures.OneStrideFromTrot.Value);
        gaps[2].Trade.ShouldBe(SetUpFigures.OneStrideInGrid.Value);
    }

    /// <summary>21 m between fences of a metre: five short strides of 3.47 m, or four of 4.33 m.</summary>
    [Fact]
    public void The_count_beside_it_is_shown()
    {
        var between = Last(Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Upright(1.0, 4, 21))).Between!;
        between.StrideNeeded.Metres.ShouldBe((21 - 3.66) / 4, 0.005);
        (between.Otherwise!.Strides, between.Otherwise.Fit).ShouldBe((5, Fit.Tight));
        between.Otherwise.StrideNeeded.Metres.ShouldBe((21 - 3.66) / 5, 0.005);
    }

    public static TheoryData<FenceLineEntry, string> CannotStand =>
        new()
        {
            { Line(LineKind.Grid, Gait.Canter, Upright(0.8), Oxer(0.8, 0)), "elements[1].strides" },
            { Line(LineKind.Grid, Gait.Canter, Oxer(0.8, 0), Upright(0.8)), "elements[1].strides" },
            { Line(LineKind.Grid, Gait.Canter, Pole(), Upright(0.8, 2)), "elements[1].strides" },
            { Line(LineKind.Grid, Gait.Canter, Upright(0.8), Upright(0.8, 0, 0.5)), "elements[1].distanceMetres" },
            { Line(LineKind.Grid, Gait.Canter, Upright(0.8), Upright(0.8, 1, 0)), "elements[1].distanceMetres" },
            { Line(LineKind.Grid, Gait.Walk, Upright(0.8)), "comesIn" },
            { Line(LineKind.Grid, Gait.Canter), "elements" },
            { Line(LineKind.Grid, Gait.Canter, Upright(1.9)), "elements[0].heightMetres" },
            { Line(LineKind.Grid, Gait.Canter, Oxer(0.8, 0, 3)), "elements[0].spreadMetres" },
            { Line(LineKind.Grid, Gait.Canter, new LineElementEntry(ElementKind.PlacingPole, 0.5)), "elements[0].kind" },
            { Line(LineKind.Grid, Gait.Canter, [.. Enumerable.Repeat(Upright(0.5, 1), 10)]), "elements" },
        };

    [Theory]
    [MemberData(nameof(CannotStand))]
    public void What_cannot_stand_is_refused_with_its_place_and_a_mend(FenceLineEntry entry, string field)
    {
        var fault = entry.Check().Faults.ShouldHaveSingleItem();
        fault.Field.ShouldBe(field);
        fault.Mend.Length.ShouldBeGreaterThan(5);
    }

    [Fact]
    public void A_grid_that_does_not_fit_the_arena_says_so() =>
        Make.Measured(
                Line(LineKind.RelatedLine, Gait.Canter, Upright(1), Upright(1, 6), Upright(1, 6)) with
                {
                    Arena = ArenaSize.FortyByTwenty,
                    MiddleMetres = 20,
                },
                Typical
            )
            .FitsArena.ShouldBeFalse();

    private sealed class Near(double by) : IEqualityComparer<(double, double)>
    {
        public bool Equals((double, double) x, (double, double) y) =>
            Math.Abs(x.Item1 - y.Item1) <= by && Math.Abs(x.Item2 - y.Item2) <= by;

        public int GetHashCode((double, double) obj) => 0;
    }

    /// <summary>The same 10 m in two, three and four strides: 3.33, 2.50 and 2.00 m; 15 m in three, four or five (common practice, no source).</summary>
    [Theory]
    [InlineData(10, new[] { 2, 3, 4 }, new[] { 3.33, 2.50, 2.00 })]
    [InlineData(15, new[] { 3, 4, 5, 6 }, new[] { 3.75, 3.00, 2.50, 2.14 })]
    public void A_counted_line_in_each_count(double metres, int[] strides, double[] needed)
    {
        var line = Line(LineKind.Grid, Gait.Canter, Pole(), Pole(strides[0]) with { DistanceMetres = metres });
        var counts = Last(line).Between!.Counts;
        counts.Select(c => c.Strides).ShouldBe(strides);
        counts.Select(c => Math.Round(c.StrideNeeded.Metres, 2)).ShouldBe(needed);
    }

    /// <summary>Which canter rides it: on the published card (Clayton 1994, values from memory) 2.00 m is collected, 2.50 working, 3.33 extended.</summary>
    [Fact]
    public void Each_count_names_the_canter_that_rides_it() =>
        Last(Line(LineKind.Grid, Gait.Canter, Pole(), Pole(2) with { DistanceMetres = 10 }), Make.Card())
            .Between!.Counts.Select(c => c.Canter)
            .ShouldBe([GaitVariant.CanterExtended, GaitVariant.CanterWorking, GaitVariant.CanterCollected]);

    [Fact]
    public void Cavaletti_are_counted_like_poles_and_are_no_fence()
    {
        var line = Line(
            LineKind.Grid,
            Gait.Canter,
            new LineElementEntry(ElementKind.RaisedPole, 0.3),
            new LineElementEntry(ElementKind.RaisedPole, 0.3, Strides: 3)
        );
        var setUp = line.Check().OrThrow();
        (setUp.HasFence, setUp.HasPoles, setUp.HasRaisedPole).ShouldBe((false, true, true));
        (line with { Elements = [new LineElementEntry(ElementKind.RaisedPole, 0.6)] })
            .Check()
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("elements[0].heightMetres");
    }

    [Fact]
    public void Two_elements_in_the_same_place_are_refused_in_words()
    {
        var fault = Line(LineKind.Grid, Gait.Canter, Upright(0.7), Upright(0.7, 1, 0)).Check().Faults.ShouldHaveSingleItem();
        (fault.Field, fault.Says).ShouldBe(("elements[1].distanceMetres", "Two elements would stand in the same place."));
    }

    /// <summary>From the side: a jump takes off and lands where its room ends, and the feet keep out of the air between.</summary>
    [Fact]
    public void No_foot_falls_while_the_horse_is_in_the_air()
    {
        var measured = Make.Measured(Line(LineKind.RelatedLine, Gait.Canter, Upright(1.0), Oxer(1.0, 4)), Typical);
        measured.Jumps.Select(j => Math.Round(j.LandingAt - j.TakeOffAt, 2)).ShouldBe([3.66, 4.46]);
        measured.Jumps.ShouldAllBe(j => j.Peak.Metres > 1.0);
        measured.Hoofprints.ShouldAllBe(h => measured.Jumps.All(j => h.At <= j.TakeOffAt + 1e-6 || h.At >= j.LandingAt - 1e-6));
    }

    [Fact]
    public void In_a_bounce_one_landing_is_the_next_take_off()
    {
        var measured = Make.Measured(Line(LineKind.Grid, Gait.Canter, Upright(0.7), Upright(0.7)), Typical);
        measured.Jumps[0].LandingAt.ShouldBe(measured.Jumps[1].TakeOffAt, 0.002);
    }
}
