using Hippodrome.Core.Arenas;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Setups;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Setups;

/// <summary>What is ridden on the spot, and a spiral with rests.</summary>
public class SpotFigureTests
{
    private static FigureEntry Of(FigureKind kind, GaitVariant variant, int count) =>
        new()
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            Kind = kind,
            Variant = variant,
            Rein = Rein.Right,
            Count = count,
            TurnDegrees = 180,
        };

    /// <summary>A stride of collected canter lasts 2.00 m / 3.27 m/s (Clayton 1994, from memory): three of them 1.83 s.</summary>
    [Fact]
    public void A_half_pirouette_lasts_its_strides()
    {
        var figure = Make.Measured(Of(FigureKind.Pirouette, GaitVariant.CanterCollected, 3)).Figure!;
        figure.Strides.ShouldBe(3);
        figure.Seconds.ShouldBe(3 * 2.00 / 3.27, 0.005);
        figure.Length.Metres.ShouldBe(0);
    }

    /// <summary>Six to eight strides for a whole one, three or four for a half (FEI dressage rules, from memory).</summary>
    [Theory]
    [InlineData(360, 5, true)]
    [InlineData(360, 6, false)]
    [InlineData(360, 8, false)]
    [InlineData(360, 9, true)]
    [InlineData(180, 2, true)]
    [InlineData(180, 3, false)]
    [InlineData(180, 4, false)]
    [InlineData(180, 5, true)]
    public void The_strides_a_test_wants(int turn, int strides, bool told) =>
        Make.Measured(Of(FigureKind.Pirouette, GaitVariant.CanterCollected, strides) with { TurnDegrees = turn })
            .Notices.Any(n => n.Contains("A test wants"))
            .ShouldBe(told);

    /// <summary>Hind feet on a circle of three metres: half of it is half its circumference (geometry by a library).</summary>
    [Fact]
    public void A_working_half_pirouette_is_half_a_circle_of_its_size()
    {
        var measured = Make.Measured(Of(FigureKind.Pirouette, GaitVariant.CanterCollected, 4) with { GroundMetres = 3 });
        var drawn = new LineString([.. measured.Track.Select(p => new Coordinate(p.Along, p.Across))]);
        drawn.Length.ShouldBe(Math.PI * 1.5, 0.01);
        measured.Figure!.Length.Metres.ShouldBe(drawn.Length, 1e-6);
    }

    [Fact]
    public void Steps_of_piaffe_are_half_strides_and_a_halt_lasts_its_seconds()
    {
        Make.Measured(Of(FigureKind.Piaffe, GaitVariant.TrotCollected, 12)).Figure!.Strides.ShouldBe(6);
        Make.Measured(Of(FigureKind.Halt, GaitVariant.WalkMedium, 4)).Figure!.Seconds.ShouldBe(4);
    }

    [Fact]
    public void A_halt_stands_on_its_line_where_its_middle_is()
    {
        var halt = Make.Measured(
            Of(FigureKind.Halt, GaitVariant.WalkMedium, 4) with
            {
                Line = ArenaLine.RightQuarterLine,
                MiddleMetres = 42,
            }
        );
        (halt.Elements.Single().Along, halt.Elements.Single().Across).ShouldBe((42, 15));
    }

    [Fact]
    public void A_piaffe_is_a_collected_trot_and_a_pirouette_no_trot()
    {
        Of(FigureKind.Piaffe, GaitVariant.TrotWorking, 8).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("variant");
        Of(FigureKind.Pirouette, GaitVariant.TrotCollected, 4).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("variant");
    }

    /// <summary>
    /// Twenty metres to twelve in two stages: circles of 20, 16 and 12 m, in and out, and half a circle of the mean size from one
    /// to the next (geometry; a slow spiral is as long as its mean circle within half a per cent).
    /// </summary>
    [Fact]
    public void A_spiral_with_rests_rides_a_circle_on_each_size()
    {
        var entry = Of(FigureKind.Spiral, GaitVariant.TrotWorking, 1) with
        {
            DiameterMetres = 20,
            InnerMetres = 12,
            Stages = 2,
            RestCircles = 1,
            Count = null,
        };
        var figure = Make.Measured(entry).Figure!;
        figure.Stages.Select(s => s.Diameter.Metres).ShouldBe([20, 16, 12], 1e-9);
        var circles = Math.PI * (20 + 16 + 12 + 16 + 20);
        var between = Math.PI / 2 * (18 + 14 + 14 + 18);
        figure.Length.Metres.ShouldBe(circles + between, (circles + between) * 0.005);
        // Two metres aside from one size to the next: four or five crossing steps of 0.4 to 0.5 m.
        figure.Stages[0].FewestSteps.ShouldBe(4);
        figure.Stages[0].MostSteps.ShouldBe(5);
        figure.Stages[^1].MostSteps.ShouldBe(0);
    }
}
