using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Rides;

public class RailPartTests
{
    [Theory]
    [InlineData("changes/single-change", MarkPad.Changes)]
    [InlineData("lateral/step-and-rest", MarkPad.Sideways)]
    [InlineData("collected/half-steps", MarkPad.Asked)]
    [InlineData("cross-country/banks-and-ditches", MarkPad.Questions)]
    [InlineData("flatwork/ten-metres", MarkPad.Flat)]
    [InlineData("poles/single-walk", MarkPad.Poles)]
    [InlineData("jumping/course-under", MarkPad.Fence)]
    public void The_marks_of_a_part_are_those_of_its_work(string rung, MarkPad pad) =>
        RailPart
            .Of(
                new Part
                {
                    Phase = Phase.Work,
                    What = "x",
                    Gait = Gait.Canter,
                    Rein = Rein.Both,
                    Minutes = 5,
                    SetUpId = null,
                    MarkHopedFor = null,
                    RungId = rung,
                },
                null
            )
            .Pad.ShouldBe(pad);

    [Fact]
    public void One_go_through_a_grid_is_all_its_fences_and_half_of_those_that_are_stepped_over()
    {
        var grid = Catalogue.Exercise("grids/bounce/one-bounce").SetUp!.Check().OrThrow();
        var part = RailPart.Of(
            new Part
            {
                Phase = Phase.Work,
                What = "x",
                Gait = Gait.Trot,
                Rein = Rein.Both,
                Minutes = 5,
                SetUpId = null,
                MarkHopedFor = null,
            },
            grid
        );

        // Cross-pole 40 cm counts half, upright 50 cm one, the second of the bounce half.
        (part.Pad, part.Fences, part.CountsAs).ShouldBe((MarkPad.Fence, 3, 2.0));
    }

    [Fact]
    public void Strides_are_counted_where_a_distance_was_set_for_them()
    {
        var fifteenAndTen = Catalogue.Exercise("poles/accordion/fifteen-and-ten").SetUp!.Check().OrThrow();
        RailPart
            .Of(
                new Part
                {
                    Phase = Phase.Work,
                    What = "x",
                    Gait = Gait.Canter,
                    Rein = Rein.Both,
                    Minutes = 5,
                    SetUpId = null,
                    MarkHopedFor = null,
                },
                fifteenAndTen
            )
            .Line.ShouldBe(new LineToCount(10, 3, true, GaitVariant.CanterPoles));
        RailPart
            .Of(
                new Part
                {
                    Phase = Phase.Work,
                    What = "x",
                    Gait = Gait.Trot,
                    Rein = Rein.Both,
                    Minutes = 5,
                    SetUpId = null,
                    MarkHopedFor = null,
                },
                Make.Poles().Check().OrThrow()
            )
            .Line.ShouldBeNull();
    }
}
