using CsCheck;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Setups;
using Hippodrome.Tests.Shared;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>Four poles in a square: geometry, held against a geometry library, and a whole number of steps to a side.</summary>
public class SquareOfPolesTests
{
    private static readonly Gen<SquareOfPolesEntry> Any = Gen.Select(
            Gen.Enum<SquareWay>(),
            Gen.Enum<GaitVariant>().Where(v => v != GaitVariant.CanterCourse),
            Gen.Int[1, 8],
            Gen.Bool.Select(left => left ? Rein.Left : Rein.Right),
            Gen.Int[-6, 6]
        )
        .Select((way, variant, steps, rein, turned) => Square(way, variant, steps, rein) with { TurnedDegrees = turned * 15 });

    private static SquareOfPolesEntry Square(
        SquareWay way = SquareWay.Straight,
        GaitVariant variant = GaitVariant.TrotWorking,
        int steps = 3,
        Rein rein = Rein.Right
    ) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            AdjustMetres = 0,
            Variant = variant,
            Steps = steps,
            Way = way,
            Rein = rein,
        };

    private static IReadOnlyList<LineString> Poles(MeasuredSetUp measured) =>
        [
            .. measured
                .Elements.Where(e => e.Kind == ElementKind.Pole)
                .Select(e => new LineString([.. e.Ends().Take(2).Select(p => new Coordinate(p.Along, p.Across))])),
        ];

    [Fact]
    public void Four_poles_as_long_as_poles_are_and_none_over_another() =>
        Gen.Select(Any, Gen.Double[110, 200])
            .Sample(
                (entry, height) =>
                {
                    var poles = Poles(Make.Measured(entry, Make.Card(height)));
                    poles.Count.ShouldBe(4);
                    // Three metres: common practice, no source.
                    poles.ShouldAllBe(p => Math.Abs(p.Length - 3) < 1e-3);
                    foreach (var (one, other) in poles.SelectMany((a, i) => poles.Skip(i + 1).Select(b => (a, b))))
                    {
                        one.Intersects(other).ShouldBeFalse();
                    }
                },
                iter: Cases.SetUps
            );

    /// <summary>The side is whole steps of this horse, as near as a tape sets it, and never under a pole's length: half a stride a step in walk and trot.</summary>
    [Fact]
    public void A_side_is_a_whole_number_of_its_steps_and_never_shorter_than_a_pole() =>
        Gen.Select(Any, Gen.Double[110, 200])
            .Sample(
                (entry, height) =>
                {
                    var card = Make.Card(height);
                    var middles = Make.Measured(entry, card)
                        .Elements.Where(e => e.Kind == ElementKind.Pole)
                        .Select(e => new Point(e.Along, e.Across))
                        .ToList();
                    // Opposite poles are the furthest apart.
                    var side = middles.Max(a => middles.Max(b => a.Distance(b)));
                    side.ShouldBeGreaterThan(3.1 - 1e-3);
                    var step = card.OverPoles(entry.Variant!.Value).Stride.Metres * (entry.Variant.Value.Gait() == Gait.Canter ? 1 : 0.5);
                    var steps = Math.Max(entry.Steps!.Value, Math.Ceiling(3.1 / step));
                    Math.Abs(side - (steps * step)).ShouldBeLessThanOrEqualTo(0.05 + 1e-3);
                },
                iter: Cases.SetUps
            );

    /// <summary>Pythagoras: the diagonal is the side times the root of two. A quarter of a circle of half the side is its side times a quarter of pi.</summary>
    [Fact]
    public void The_diagonal_and_the_corner_are_what_geometry_makes_of_the_side()
    {
        var side = Make.Measured(Square()).Gaps[0].Built.Built.Metres;
        Make.Measured(Square(SquareWay.Diagonal)).Gaps[0].Built.Built.Metres.ShouldBe(side * Math.Sqrt(2), 1e-9);
        Make.Measured(Square(SquareWay.RoundTheCorner)).Gaps[0].Built.Built.Metres.ShouldBe(side * Math.PI / 4, 1e-9);
    }

    /// <summary>In over a pole's middle, out over its neighbour's, square to both: the way crosses exactly these two of the four.</summary>
    [Theory]
    [InlineData(SquareWay.Straight, 2)]
    [InlineData(SquareWay.RoundTheCorner, 2)]
    [InlineData(SquareWay.Diagonal, 0)]
    public void The_way_meets_two_poles_or_goes_through_the_corners(SquareWay way, int met)
    {
        foreach (var rein in new[] { Rein.Left, Rein.Right })
        {
            var measured = Make.Measured(Square(way, rein: rein));
            var ridden = new LineString([.. measured.Track.Select(p => new Coordinate(p.Along, p.Across))]);
            var crossed = Poles(measured).Where(p => p.Intersects(ridden)).ToList();
            crossed.Count.ShouldBe(met);
            crossed.ShouldAllBe(p => ridden.Distance(p.Centroid) < 0.01);
            ((SquareOfPoles)Square(way, rein: rein).Check().OrThrow()).PolesCrossed.ShouldBe(met);
        }
    }

    /// <summary>Walk four steps of about 0.85 m, trot three of about 1.35 m, canter two strides of 3 m over poles (common practice, no source).</summary>
    [Theory]
    [InlineData(GaitVariant.WalkMedium, 4, 3.2, 3.8)]
    [InlineData(GaitVariant.TrotWorking, 3, 3.7, 4.4)]
    [InlineData(GaitVariant.CanterWorking, 2, 5.7, 6.3)]
    public void The_typical_horses_squares_are_the_trades(GaitVariant variant, int steps, double least, double most) =>
        Make.Measured(Square(variant: variant, steps: steps)).Gaps[0].Built.Built.Metres.ShouldBeInRange(least, most);

    [Fact]
    public void Too_few_steps_are_told_and_mended()
    {
        var measured = Make.Measured(Square(steps: 1));
        measured.Notices.ShouldContain(n => n.Contains("no open corner"));
        measured.Title.ShouldContain("3 steps a side");
    }

    [Fact]
    public void It_takes_four_poles_of_the_yard() =>
        Make.Measured(Square(SquareWay.Diagonal)).KitNeeded.ShouldBe([new KitItem(KitKind.Pole, 3, 4)]);

    [Fact]
    public void A_foot_falls_on_no_pole()
    {
        foreach (var way in Enum.GetValues<SquareWay>())
        {
            var measured = Make.Measured(Square(way));
            var poles = Poles(measured);
            measured.Hoofprints.ShouldAllBe(f => poles.All(p => p.Distance(new Point(f.Along, f.Across)) > 0.1));
        }
    }

    [Fact]
    public void Faults_name_the_field()
    {
        var faults = Square(steps: 9, variant: GaitVariant.CanterCourse, rein: Rein.Both).Check().Faults;
        faults.Select(f => f.Field).ShouldBe(["variant", "steps", "rein"], ignoreOrder: true);
    }
}
