using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>Figures of the school measured for a horse: length, strides, bend, crossing steps, changes in sequence.</summary>
public class FigureTests
{
    private static FigureEntry Of(FigureKind kind, GaitVariant variant = GaitVariant.TrotWorking, Rein rein = Rein.Right) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Kind = kind,
            Variant = variant,
            Rein = rein,
            DiameterMetres = 20,
            InnerMetres = 10,
            Loops = 3,
            SidewaysMetres = 5,
            ForwardMetres = 30,
            Changes = 5,
            Every = 4,
        };

    private static FigureMeasure Measured(FigureEntry entry, StrideCard? card = null) => Make.Measured(entry, card).Figure!;

    /// <summary>Round a circle in working trot of 2.73 m at 3.61 m/s (Clayton 1994, values from memory): 62.8 m are 23 strides and 17.4 s; with the 19 mm of a 20 m circle (common practice, no source).</summary>
    [Fact]
    public void A_circle_in_strides_seconds_and_bend()
    {
        var circle = Measured(Of(FigureKind.Circle));
        (circle.Length.Metres, circle.Strides, circle.Seconds).ShouldBe((62.83, 23.0, 17.4), new NearThree(0.05));
        (circle.Bend!.Value.Metres * 1000).ShouldBe(19, 0.5);
    }

    /// <summary>(m - 1) times k from the first change to the last: the counts that the tests of the FEI ask for (values from memory).</summary>
    [Theory]
    [InlineData(5, 4, 16, 2.60)]
    [InlineData(5, 3, 12, 3.25)]
    [InlineData(7, 3, 18, 2.36)]
    [InlineData(9, 2, 16, 2.60)]
    [InlineData(11, 2, 20, 2.17)]
    [InlineData(15, 1, 14, 2.89)]
    public void Changes_in_sequence_on_the_diagonal(int changes, int every, int strides, double justFits)
    {
        var measured = Measured(Of(FigureKind.Changes, GaitVariant.CanterCollected) with { Changes = changes, Every = every }).Changes!;
        measured.Strides.ShouldBe(strides);
        measured.JustFits.Metres.ShouldBe(justFits, 0.005);
        // All of them fit a collected stride of 2.00 m (Clayton 1994, value from memory).
        measured.Fits.ShouldBeTrue();
        measured.SlackMetres.ShouldBe(52 - ((strides + 4) * 2.00), 0.01);
    }

    /// <summary>Eleven twos no longer fit a working canter of 2.35 m; nine still do (geometry on the published stride, value from memory).</summary>
    [Theory]
    [InlineData(11, false)]
    [InlineData(9, true)]
    public void Eleven_twos_do_not_fit_a_working_canter(int changes, bool fits)
    {
        var measured = Make.Measured(Of(FigureKind.Changes, GaitVariant.CanterWorking) with { Changes = changes, Every = 2 });
        measured.Figure!.Changes!.Fits.ShouldBe(fits);
        measured.Notices.Any(n => n.Contains("do not fit at this stride")).ShouldBe(!fits);
    }

    [Fact]
    public void Each_change_is_a_mark_on_the_diagonal_with_two_straight_strides_before_the_first()
    {
        var measured = Make.Measured(Of(FigureKind.Changes, GaitVariant.CanterCollected));
        var marks = measured.Elements.Where(e => e.Name.Contains("Change")).ToList();
        marks.Count.ShouldBe(5);
        marks.Zip(marks.Skip(1), (a, b) => (b.At - a.At).Metres).ShouldAllBe(m => Math.Abs(m - 8.0) < 0.01);
        marks[0].At.Metres.ShouldBeGreaterThan(4);
        (measured.Length.Metres - marks[^1].At.Metres).ShouldBeGreaterThan(4);
        (measured.Elements[0].Name, measured.Elements[^1].Name).ShouldBe(("Begins at K", "Ends at M"));
    }

    /// <summary>From the quarter line to the track is five metres sideways, in ten to thirteen steps of 0.4 to 0.5 m (common practice, no source; the step is chosen).</summary>
    [Fact]
    public void A_leg_yield_from_the_quarter_line()
    {
        var yield = Measured(Of(FigureKind.LegYield) with { SidewaysMetres = 5, ForwardMetres = 30 }).Sideways!;
        (yield.FewestSteps, yield.MostSteps).ShouldBe((10, 13));
        yield.AngleDegrees.ShouldBe(Math.Atan2(5, 30) * 180 / Math.PI, 0.01);
    }

    /// <summary>More side over the same ground asks more of every step; one fact is changed.</summary>
    [Theory]
    [InlineData(30, "room for steps")]
    [InlineData(15, "every one of them crosses")]
    [InlineData(9, "more than a horse crosses")]
    public void Less_ground_makes_it_steeper(double forward, string says) =>
        Measured(Of(FigureKind.LegYield) with { SidewaysMetres = 5, ForwardMetres = forward }).Sideways!.Says.ShouldContain(says);

    /// <summary>From 20 m in to 10 m and out again: five metres of radius, half a metre a step at the most (common practice, no source).</summary>
    [Fact]
    public void A_spiral_comes_out_five_metres()
    {
        var spiral = Measured(Of(FigureKind.Spiral));
        spiral.Sideways!.Metres.Metres.ShouldBe(5);
        spiral.Sideways.FewestSteps.ShouldBe(10);
        // Four circuits of fifteen metres on the average: four times pi times fifteen, and a little for the slope.
        spiral.Length.Metres.ShouldBe(4 * Math.PI * 15, 0.5);
    }

    /// <summary>Shoulder-in on three tracks is about thirty degrees (FEI dressage rules, value from memory).</summary>
    [Fact]
    public void Shoulder_in_is_thirty_degrees() => Measured(Of(FigureKind.ShoulderIn)).Sideways!.AngleDegrees.ShouldBe(30);

    /// <summary>A shallow loop is hardly longer than the long side: the arc length of its curve by Simpson's rule, a second route.</summary>
    [Theory]
    [InlineData(5)]
    [InlineData(10)]
    public void A_shallow_loop_by_a_second_route(double depth)
    {
        const int n = 2000;
        double Slope(double t) => double.Hypot(48, depth * Math.PI * Math.Sin(2 * Math.PI * t));
        var simpson =
            Enumerable
                .Range(0, n + 1)
                .Sum(i =>
                    (
                        i is 0 or n ? 1
                        : i % 2 == 1 ? 4
                        : 2
                    ) * Slope((double)i / n)
                ) / (3 * n);
        Measured(Of(FigureKind.ShallowLoop) with { SidewaysMetres = depth }).Length.Metres.ShouldBe(simpson, 0.01);
    }

    /// <summary>Every figure on both reins and from both ends lies in the arena and is as long as the geometry library says; the other rein and the other end change nothing of it.</summary>
    [Fact]
    public void Every_figure_is_the_same_on_the_other_rein_and_from_the_other_end() =>
        Gen.Select(Gen.Enum<FigureKind>(), Gen.Bool, Gen.Bool)
            .Sample(
                (kind, left, fromC) =>
                {
                    var entry = Of(
                        kind,
                        kind == FigureKind.Changes ? GaitVariant.CanterCollected : GaitVariant.TrotWorking,
                        left ? Rein.Left : Rein.Right
                    ) with
                    {
                        Heading = fromC ? Heading.TowardsA : Heading.TowardsC,
                    };
                    if (kind.IsOnTheSpot())
                    {
                        return;
                    }

                    var measured = Make.Measured(entry);
                    measured.FitsArena.ShouldBeTrue();
                    new LineString([.. measured.Track.Select(p => new Coordinate(p.Along, p.Across))]).Length.ShouldBe(
                        measured.Figure!.Length.Metres,
                        0.01
                    );
                    measured.Figure.Length.Metres.ShouldBe(Measured(Of(kind, entry.Variant!.Value)).Length.Metres, 1e-6);
                }
            );

    /// <summary>K and M are the ends of the diagonal on the right rein, F and H on the left, M and K from the other end (FEI dressage arena, letters from memory).</summary>
    [Theory]
    [InlineData(Rein.Right, Heading.TowardsC, "Begins at K", "Ends at M")]
    [InlineData(Rein.Left, Heading.TowardsC, "Begins at F", "Ends at H")]
    [InlineData(Rein.Right, Heading.TowardsA, "Begins at M", "Ends at K")]
    [InlineData(Rein.Left, Heading.TowardsA, "Begins at H", "Ends at F")]
    public void The_letters_of_a_diagonal(Rein rein, Heading heading, string begins, string ends)
    {
        var measured = Make.Measured(Of(FigureKind.Diagonal, rein: rein) with { Heading = heading });
        (measured.Elements[0].Name, measured.Elements[^1].Name).ShouldBe((begins, ends));
    }

    /// <summary>Riding to R instead of M gives twelve metres more before the corner (common practice, no source).</summary>
    [Fact]
    public void The_short_diagonal_ends_twelve_metres_earlier()
    {
        var (full, shorter) = (Make.Measured(Of(FigureKind.Diagonal)), Make.Measured(Of(FigureKind.ShortDiagonal)));
        (full.Elements[^1].Along - shorter.Elements[^1].Along).ShouldBe(12, 1e-6);
        shorter.Elements[^1].Name.ShouldBe("Ends at R");
    }

    [Fact]
    public void The_lead_changes_at_every_change()
    {
        var measured = Make.Measured(Of(FigureKind.Changes, GaitVariant.CanterCollected) with { Changes = 1 });
        var change = measured.Elements[1].At.Metres;
        // The first foot of each stride is the outside hind: right of the way on the left lead.
        var first = measured.Hoofprints.Where(h => h.At % 2.0 < 0.05).ToList();
        first.Count.ShouldBeGreaterThan(20);
        first.Where(h => h.At < change - 2.1).ShouldAllBe(h => h.Right < 0);
        first.Where(h => h.At > change).ShouldAllBe(h => h.Right > 0);
    }

    public static TheoryData<FigureEntry, string> Refused =>
        new()
        {
            { Of(FigureKind.Circle) with { DiameterMetres = 4 }, "diameterMetres" },
            { Of(FigureKind.Spiral) with { DiameterMetres = 10, InnerMetres = 12 }, "innerMetres" },
            { Of(FigureKind.Serpentine) with { Loops = 2 }, "loops" },
            { Of(FigureKind.Serpentine) with { Loops = 6, Arena = ArenaSize.FortyByTwenty, MiddleMetres = 20 }, "loops" },
            { Of(FigureKind.Changes), "variant" },
            { Of(FigureKind.LegYield) with { ForwardMetres = 60 }, "forwardMetres" },
            { Of(FigureKind.Circle) with { Rein = Rein.Both }, "rein" },
            { Of(FigureKind.Circle) with { TurnedDegrees = 15 }, "turnedDegrees" },
        };

    [Theory]
    [MemberData(nameof(Refused))]
    public void What_cannot_be_ridden_is_refused(FigureEntry entry, string field) =>
        entry.Check().Faults.ShouldHaveSingleItem().Field.ShouldBe(field);

    /// <summary>Two loops fit the short arena: each 20 m wide.</summary>
    [Fact]
    public void Two_loops_fit_the_short_arena() =>
        (Of(FigureKind.Serpentine) with { Loops = 2, Arena = ArenaSize.FortyByTwenty, MiddleMetres = 20 }).Check().IsFine.ShouldBeTrue();

    [Theory]
    [InlineData(30, true)]
    [InlineData(4, false)]
    public void A_circle_whose_middle_is_too_near_the_end_does_not_fit(double middle, bool fits) =>
        Make.Measured(Of(FigureKind.Circle) with { MiddleMetres = middle }).FitsArena.ShouldBe(fits);

    private sealed class NearThree(double within) : IEqualityComparer<(double, double, double)>
    {
        public bool Equals((double, double, double) a, (double, double, double) b) =>
            Math.Abs(a.Item1 - b.Item1) <= within && Math.Abs(a.Item2 - b.Item2) <= within && Math.Abs(a.Item3 - b.Item3) <= within;

        public int GetHashCode((double, double, double) obj) => 0;
    }
}
