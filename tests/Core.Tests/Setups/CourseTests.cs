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

/// <summary>Courses: the way by geometry, the time by the rule book's arithmetic, counts by the trade's distances.</summary>
public class CourseTests
{
    internal static CourseFenceEntry Fence(
        double along,
        double across,
        double faces = 0,
        double height = 0.8,
        ElementKind kind = ElementKind.Upright
    ) =>
        new(
            kind,
            along,
            across,
            faces,
            kind is ElementKind.EmptyWings or ElementKind.Water or ElementKind.Ditch ? null : height,
            kind.IsOxer() ? 0.8 : null
        );

    internal static CourseEntry In(params CourseFenceEntry[] fences) => new() { Arena = ArenaSize.SixtyByTwenty, Fences = fences };

    internal static CourseEntry Out(params CourseFenceEntry[] fences) =>
        In(fences) with
        {
            Arena = ArenaSize.Field,
            Field = new FieldEntry(120, 80),
        };

    private static CourseMeasure Course(CourseEntry entry) => Make.Measured(entry).Course!;

    /// <summary>Lines of the course-building convention: 12 ft a stride, two of them for landing and take-off at 1.0 m (from memory).</summary>
    [Theory]
    [InlineData(14.6, 3)]
    [InlineData(18.3, 4)]
    [InlineData(21.9, 5)]
    [InlineData(25.6, 6)]
    public void A_straight_line_of_the_convention_rides_its_count(double metres, int strides)
    {
        var measured = Make.Measured(In(Fence(15, 10, height: 1), Fence(15 + metres, 10, height: 1)));
        measured.Course!.Legs.Single().Counted.ShouldBe(strides);
        measured.Gaps.Single().Fit.ShouldBe(Fit.True);
        measured.Course.Legs.Single().Length.Metres.ShouldBe(metres, 0.005);
    }

    /// <summary>A spread is jumped too: the line runs from the back rail.</summary>
    [Fact]
    public void A_line_runs_from_the_back_rail_of_an_oxer()
    {
        var oxer = Fence(15, 10, height: 1, kind: ElementKind.SquareOxer);
        Course(In(oxer, Fence(34.1, 10, height: 1))).Legs.Single().Length.Metres.ShouldBe(34.1 - 15.8, 0.005);
    }

    /// <summary>Time allowed is the way over the speed, rounded up; the limit twice that (FEI jumping rules, from memory).</summary>
    [Theory]
    [InlineData(350, 350, 60)]
    [InlineData(520, 520, 60)]
    [InlineData(350.1, 350, 61)]
    [InlineData(400, 350, 69)]
    [InlineData(1040, 520, 120)]
    [InlineData(435, 435, 60)]
    public void Seconds_are_rounded_up_once_from_an_exact_decimal(double metres, double speed, int seconds) =>
        CourseMeasuring.Seconds(Distance.FromMetres(metres), speed).ShouldBe(seconds);

    [Fact]
    public void A_course_has_its_way_its_time_and_its_limit()
    {
        var course = Course(In(Fence(15, 10), Fence(33.3, 10)));
        // Start and finish lines are twelve metres off where there is room for them.
        course.Way.Metres.ShouldBe(12 + 18.3 + 12, 0.01);
        course.TimeAllowed.ShouldBe((int)Math.Ceiling(course.Way.Metres * 60 / 350));
        course.TimeLimit.ShouldBe(2 * course.TimeAllowed);
        course.Efforts.ShouldBe(2);
    }

    [Fact]
    public void A_combination_keeps_its_number_and_counts_every_effort()
    {
        var course = Course(In(Fence(10, 10), Fence(28, 10), Fence(35.3, 10) with { Together = true }, Fence(50, 10)));
        course.Numbers.ShouldBe(["1", "2a", "2b", "3"]);
        course.Efforts.ShouldBe(4);
        course.Legs[1].Counted.ShouldBe(1);
    }

    /// <summary>Half round to a fence beside it, jumped the other way: half a circle of the distance between them (geometry).</summary>
    [Fact]
    public void Half_a_turn_is_half_a_circle()
    {
        var turn = TurningWay.Shortest(new FigurePoint(0, 0), 0, new FigurePoint(0, 12), 180, 6);
        turn.Length.ShouldBe(Math.PI * 6, 1e-6);
        turn.Turned.ShouldBe(180, 1e-6);
    }

    /// <summary>An eighth of a circle, straight across, an eighth of a circle (geometry).</summary>
    [Fact]
    public void A_quarter_turn_cuts_across()
    {
        var turn = TurningWay.Shortest(new FigurePoint(0, 0), 0, new FigurePoint(20, 20), 90, 8);
        turn.Length.ShouldBe((Math.PI / 2 * 8) + double.Hypot(12, 12), 1e-6);
    }

    /// <summary>A change of rein: two arcs and the straight that touches both, by the right triangle between their middles (geometry).</summary>
    [Fact]
    public void A_change_of_rein_touches_both_circles()
    {
        var turn = TurningWay.Shortest(new FigurePoint(0, 0), 0, new FigurePoint(40, 20), 0, 8);
        var apart = double.Hypot(40, 20 - 16);
        turn.Straight.ShouldBe(Math.Sqrt((apart * apart) - (16 * 16)), 1e-6);
        turn.First.ShouldBe(-turn.Last, 1e-6);
    }

    /// <summary>Never shorter than the straight way, never longer than once round each circle more; its points are as long as it says.</summary>
    [Fact]
    public void A_turning_way_holds_to_the_geometry_library() =>
        Gen.Select(Gen.Double[0, 60], Gen.Double[0, 60], Gen.Double[0, 360], Gen.Double[0, 360], Gen.Double[4, 12])
            .Sample(
                (along, across, from, to, radius) =>
                {
                    var turn = TurningWay.Shortest(new FigurePoint(30, 30), from, new FigurePoint(along, across), to, radius);
                    var drawn = new LineString([.. turn.Points().Select(p => new Coordinate(p.Along, p.Across))]);
                    drawn.Length.ShouldBe(turn.Length, turn.Length * 0.002 + 1e-6);
                    drawn.EndPoint.X.ShouldBe(along, 1e-6);
                    drawn.EndPoint.Y.ShouldBe(across, 1e-6);
                    var straight = double.Hypot(along - 30, across - 30);
                    turn.Length.ShouldBeGreaterThanOrEqualTo(straight - 1e-6);
                    turn.Length.ShouldBeLessThanOrEqualTo(straight + (4 * Math.PI * radius) + 1e-6);
                },
                iter: Cases.Sums
            );

    /// <summary>In the mirror it is the same course: way, counts, efforts.</summary>
    [Fact]
    public void A_mirrored_course_has_the_same_way() =>
        Gen.Select(Gen.Double[8, 52], Gen.Double[4, 16], Gen.Double[0, 360])
            .Sample(
                (along, across, faces) =>
                {
                    var entry = In(Fence(20, 6), Fence(along, across, faces));
                    var (there, mirrored) = (Course(entry), Course((CourseEntry)entry.Mirrored()));
                    mirrored.Way.Metres.ShouldBe(there.Way.Metres, 0.02);
                    mirrored.Legs[0].Counted.ShouldBe(there.Legs[0].Counted);
                    ((CourseEntry)entry.Mirrored().Mirrored()).Fences![1]!.AcrossMetres!.Value.ShouldBe(across, 1e-3);
                },
                iter: Cases.SetUps
            );

    [Fact]
    public void The_way_to_a_turn_says_its_lead_and_where_it_changes()
    {
        // Round to the right, across to the left, and round to the right again.
        var course = Course(In(Fence(30, 4), Fence(30, 16, 180), Fence(12, 10, 180), Fence(30, 4)) with { TurnMetres = 4 });
        course.Legs.Select(l => l.TurnTo).Take(2).ShouldBe([Side.Right, Side.Left]);
        course.Legs.Select(l => l.ChangeOfLead).Take(2).ShouldBe([false, true]);
    }

    [Fact]
    public void A_fence_that_cannot_be_come_to_says_so()
    {
        var measured = Make.Measured(In(Fence(30, 10), Fence(30, 12, 180)));
        measured.FitsArena.ShouldBeFalse();
        measured.Notices.ShouldContain(n => n.Contains("no way"));
    }

    /// <summary>Out of water the horse jumps what shows and the depth as well (facts of the trade).</summary>
    [Theory]
    [InlineData(0.30, 0.20, 0.50)]
    [InlineData(0.60, 0.00, 0.60)]
    [InlineData(0.45, 0.35, 0.80)]
    public void A_step_out_of_water_is_what_shows_and_the_depth(double shows, double deep, double jumped)
    {
        var step = Fence(40, 40, height: shows, kind: ElementKind.StepUp) with { DepthMetres = deep };
        var setUp = Out(step).Check().OrThrow();
        setUp.HighestFence.Metres.ShouldBe(jumped, 1e-9);
        Make.Measured(Out(step)).Elements[0].Height.Metres.ShouldBe(jumped, 1e-9);
    }

    [Fact]
    public void A_round_of_poles_between_empty_wings_jumps_nothing_and_needs_their_wings()
    {
        var round = In(Fence(15, 10, kind: ElementKind.EmptyWings), Fence(30, 10, kind: ElementKind.EmptyWings));
        var setUp = round.Check().OrThrow();
        (setUp.HasFence, setUp.HasPoles, setUp.PolesCrossed).ShouldBe((false, true, 2));
        Make.Measured(round).KitNeeded.Select(k => k.Says).ShouldBe(["2 poles", "4 wings"]);
    }

    [Fact]
    public void The_country_stays_out_of_the_arena()
    {
        In(Fence(30, 10, kind: ElementKind.Log)).Check().Faults.ShouldHaveSingleItem().Field.ShouldBe("fences[0].kind");
        Out(Fence(30, 10, kind: ElementKind.Log)).Check().IsFine.ShouldBeTrue();
    }

    [Fact]
    public void Everything_wrong_with_a_course_is_said_at_once() =>
        (In(new CourseFenceEntry(ElementKind.Upright, 70, -1, 0, 3), new CourseFenceEntry()) with { MetresPerMinute = 9 })
            .Check()
            .Faults.Select(f => f.Field)
            .ShouldBe(
                [
                    "fences[0].alongMetres",
                    "fences[0].acrossMetres",
                    "fences[0].heightMetres",
                    "fences[1].kind",
                    "fences[1].alongMetres",
                    "fences[1].acrossMetres",
                    "fences[1].facesDegrees",
                    "fences[1].heightMetres",
                    "metresPerMinute",
                ],
                ignoreOrder: true
            );

    [Fact]
    public void A_step_on_puts_every_fence_up_and_a_step_back_down_again()
    {
        var entry = In(Fence(15, 10, height: 0.8), Fence(33, 10, height: 0.7));
        var on = (CourseEntry)entry.OneRungOn()!.Entry;
        on.Fences!.Select(f => f!.HeightMetres).ShouldBe([0.9, 0.8]);
        ((CourseEntry)on.OneRungBack()!.Entry).Fences!.Select(f => f!.HeightMetres).ShouldBe([0.8, 0.7]);
    }

    [Fact]
    public void A_pony_takes_more_strides_through_the_same_line()
    {
        var line = In(Fence(10, 10, height: 0.8), Fence(35.6, 10, height: 0.8));
        var (horse, pony) = (Make.Measured(line).Course!, Make.Measured(line, Make.Card(128)).Course!);
        pony.Legs[0].Counted!.Value.ShouldBeGreaterThan(horse.Legs[0].Counted!.Value);
        pony.Way.ShouldBe(horse.Way);
    }
}
