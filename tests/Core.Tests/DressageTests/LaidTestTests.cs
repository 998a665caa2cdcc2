using CsCheck;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Tests.Blocks;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.DressageTests.MakeTest;

namespace Hippodrome.Core.Tests.DressageTests;

/// <summary>A test as one horse rides it: strides, time, what follows on what, and its pieces.</summary>
public class LaidTestTests
{
    private static readonly Places Nowhere = Places.From([]);

    private static LaidTest Laid(Places places, params TestLineEntry[] lines) =>
        LaidTest.For(Test(lines).Check().OrThrow(), Make.Card(), places);

    /// <summary>Strides and speeds of a horse of 165 cm (Clayton 1994, 1995, values from memory), on ways that geometry gives.</summary>
    [Theory]
    [InlineData(GaitVariant.WalkMedium, 62.83, 33.6, 36.3)]
    [InlineData(GaitVariant.TrotCollected, 62.83, 25.1, 19.6)]
    [InlineData(GaitVariant.TrotWorking, 62.83, 23.0, 17.4)]
    [InlineData(GaitVariant.CanterCollected, 62.83, 31.4, 19.2)]
    [InlineData(GaitVariant.CanterWorking, 62.83, 26.7, 16.1)]
    public void A_circle_of_twenty_metres_in_strides_and_seconds(GaitVariant gait, double way, double strides, double seconds)
    {
        var circle = Laid(Nowhere, Straight("C"), Track("E", Side.Left), Circle(20, gait)).Lines[2];
        circle.Way.Metres.ShouldBe(way, 0.02);
        circle.Strides.ShouldBe(strides, 0.1);
        circle.Seconds.ShouldBe(seconds, 0.1);
    }

    /// <summary>On the spot time is counted: seconds of a halt; strides of a pirouette at this horse's tempo.</summary>
    [Fact]
    public void On_the_spot_time_is_counted()
    {
        var laid = Laid(
            Nowhere,
            Straight("X", GaitVariant.CanterCollected),
            Line(TestFigure.Pirouette, null, GaitVariant.CanterCollected, Side.Left, count: 3) with
            {
                Degrees = 180,
            },
            Line(TestFigure.Halt, null, GaitVariant.CanterCollected, count: 4)
        );
        // 3.27 m/s in strides of 2.00 m (Clayton 1994, values from memory): 0.61 s each.
        laid.Lines[1].Seconds.ShouldBe(3 * 2.00 / 3.27, 0.01);
        (laid.Lines[2].Seconds, laid.Lines[2].Strides).ShouldBe((4, 0));
        laid.Seconds.ShouldBe(laid.Lines.Sum(l => l.Seconds), 1e-9);
        laid.Lines[2].Begins.ShouldBe(laid.Lines[0].Seconds + laid.Lines[1].Seconds, 1e-9);
    }

    private static readonly TestLineEntry[] ToTheDiagonal = [Straight("C"), Track("M", Side.Right), Straight("K", GaitVariant.TrotMedium)];

    /// <summary>A medium trot and then a ten metre circle is the handbook's example of what meets what (common practice, no source).</summary>
    [Fact]
    public void A_small_circle_at_once_after_a_medium_trot_is_told()
    {
        var remark = Laid(Nowhere, [.. ToTheDiagonal, Track("A"), Circle(10)])
            .Remarks.Where(r => r.Rule == "CollectedTooSoon")
            .ShouldHaveSingleItem();
        remark.Movement.ShouldBe(5);
        // From K to A in working trot: 13.9 m round the corner, five strides, where a green horse needs eight.
        remark.Says.ShouldContain("5 strides");
    }

    [Fact]
    public void With_room_for_the_half_halts_nothing_is_told() =>
        Laid(Nowhere, [.. ToTheDiagonal, Track("A"), Track("F"), Track("B"), Circle(10)])
            .Remarks.ShouldNotContain(r => r.Rule == "CollectedTooSoon");

    /// <summary>Five strides are enough for a horse that knows collected gaits.</summary>
    [Fact]
    public void What_is_too_quick_depends_on_the_horse() =>
        Laid(MakeBlock.Places("flatwork/collected-gaits"), [.. ToTheDiagonal, Track("A"), Circle(10)])
            .Remarks.ShouldNotContain(r => r.Rule == "CollectedTooSoon");

    [Fact]
    public void Three_strides_of_trot_between_walk_and_halt_are_told()
    {
        var remarks = Laid(Nowhere, Straight("X", GaitVariant.WalkMedium), Straight("I"), Straight("G", GaitVariant.WalkMedium)).Remarks;
        // X to I are 12 m: 4.4 strides of 2.73 m, and that is enough.
        remarks.ShouldNotContain(r => r.Rule == "GaitsTooClose");
        Laid(
            Nowhere,
            Straight("D", GaitVariant.WalkMedium),
            Straight("L", GaitVariant.CanterWorking),
            Straight("X", GaitVariant.WalkMedium)
        )
            .Remarks.ShouldNotContain(r => r.Rule == "GaitsTooClose");
        Laid(Nowhere, Straight("D", GaitVariant.TrotWorking), Line(TestFigure.Halt, count: 3), Straight("L"))
            .Remarks.ShouldNotContain(r => r.Rule == "GaitsTooClose");
        Laid(
            Nowhere,
            Straight("X", GaitVariant.WalkMedium),
            Straight("I", GaitVariant.CanterExtended),
            Straight("G", GaitVariant.WalkMedium)
        )
            .Remarks.ShouldContain(r => r.Rule == "GaitsTooClose");
    }

    [Fact]
    public void Half_pass_one_way_and_the_other_without_straightening_is_told()
    {
        TestLineEntry[] zigzag =
        [
            Straight("D", GaitVariant.TrotCollected),
            Line(TestFigure.HalfPass, "E", GaitVariant.TrotCollected),
            Line(TestFigure.HalfPass, "G", GaitVariant.TrotCollected),
        ];
        Laid(Nowhere, zigzag).Remarks.ShouldContain(r => r.Rule == "BendsTooClose" && r.Movement == 3);
        Laid(Nowhere, zigzag[0], zigzag[1], Track("S", gait: GaitVariant.TrotCollected), zigzag[2])
            .Remarks.ShouldNotContain(r => r.Rule == "BendsTooClose");
    }

    /// <summary>Each rung that is asked and not reached, once, where it is asked first.</summary>
    [Fact]
    public void What_is_asked_and_not_schooled_is_told_once()
    {
        TestLineEntry[] lines =
        [
            Straight("C"),
            Track("S", Side.Left),
            Track("E", gait: GaitVariant.TrotWorking) with
            {
                Asked = AskedOnTheWay.ShoulderIn,
            },
            Track("V") with
            {
                Asked = AskedOnTheWay.ShoulderIn,
            },
        ];
        Laid(Nowhere, lines).Remarks.Where(r => r.RungId == "lateral/shoulder-in").ShouldHaveSingleItem().Movement.ShouldBe(3);
        Laid(MakeBlock.Places("lateral/travers"), lines).Remarks.ShouldNotContain(r => r.RungId == "lateral/shoulder-in");
    }

    /// <summary>Each figure is schooled on the rung that asks it (common practice, no source).</summary>
    [Theory]
    [InlineData(TestFigure.Circle, GaitVariant.TrotWorking, 20, "flatwork/lines-and-large-circles")]
    [InlineData(TestFigure.Circle, GaitVariant.CanterWorking, 20, "flatwork/trot-canter")]
    [InlineData(TestFigure.Circle, GaitVariant.CanterWorking, 15, "flatwork/fifteen-metres")]
    [InlineData(TestFigure.HalfCircle, GaitVariant.TrotWorking, 10, "flatwork/fifteen-metres")]
    [InlineData(TestFigure.Circle, GaitVariant.TrotWorking, 10, "flatwork/ten-metres")]
    [InlineData(TestFigure.Circle, GaitVariant.CanterCollected, 10, "collected/ten-metre-canter")]
    public void Figures_are_schooled_on_their_rungs(TestFigure figure, GaitVariant gait, double metres, string rung)
    {
        var line = Test(Straight("C"), Track("E", Side.Left), Line(figure, null, gait, metres: metres)).Check().OrThrow().Lines[2];
        TestRungs.Of(line, gait.Gait()).Select(r => r.Id).ShouldContain(rung);
    }

    /// <summary>Pieces come in another order: none straight behind the one it follows in the test.</summary>
    [Fact]
    public void Pieces_never_come_in_the_tests_own_order() =>
        Gen.Int[1, 30]
            .HashSet[1, 12]
            .Sample(
                chosen =>
                {
                    var order = TestPieces.InAnotherOrder([.. chosen]);
                    order.Order().ShouldBe(chosen.Order());
                    order.Zip(order.Skip(1)).ShouldAllBe(p => p.Second != p.First + 1);
                },
                iter: Cases.Sums
            );

    [Fact]
    public void Pieces_become_a_part_with_minutes_for_coming_again()
    {
        var test = ShippedTests.All[1].Entry.Check().OrThrow();
        var laid = LaidTest.For(test, Make.Card(), Nowhere);
        var part = TestParts.Of(Guid.Empty, test, laid, [5, 6, 8]).OrThrow();
        part.TestPieces.ShouldBe([8, 6, 5]);
        var ridden = laid.Movements.Where(m => m.Movement.Number is 5 or 6 or 8).Sum(m => m.Seconds);
        (part.Minutes * 60)!.Value.ShouldBeInRange((ridden + (3 * 45)) * 2, ((ridden + (3 * 45)) * 2) + 30);
        part.RungId.ShouldBeNull();
        TestParts.Of(Guid.Empty, test, laid, [5]).OrThrow().RungId.ShouldNotBeNull();
        TestParts.Of(Guid.Empty, test, laid, null).OrThrow().TestPieces.ShouldBeNull();
        TestParts.Of(Guid.Empty, test, laid, [99]).Faults.ShouldHaveSingleItem().Field.ShouldBe("pieces");
    }
}
