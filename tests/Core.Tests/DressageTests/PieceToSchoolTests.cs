using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.DressageTests.MakeTest;

namespace Hippodrome.Core.Tests.DressageTests;

/// <summary>
/// Which pieces of a test are worth schooling: what comes too quickly, then what is marked under the horse's average (common
/// practice, no source).
/// </summary>
public class PieceToSchoolTests
{
    private static readonly DressageTest Four = Test(Straight("D"), Straight("X") with { Coefficient = 2 }, Straight("G"), Straight("C"))
        .Check()
        .OrThrow();

    private static IReadOnlyList<int> ToSchool(DressageTest test, params double[][] days)
    {
        var ridden = days.Select(
            (marks, i) =>
                new TestRiddenEntry(
                    Make.Today.AddDays(i - days.Length),
                    i % 2 == 0,
                    "",
                    [.. marks.Select((m, n) => new MovementMarkEntry(n + 1, m))]
                )
                    .Check(test, Make.Today)
                    .OrThrow()
        );
        var laid = LaidTest.For(test, Make.Card(), Places.From([]));
        return [.. PieceToSchool.Of(laid, MovementMarks.Of(test, [.. ridden])).Select(p => p.Movement)];
    }

    /// <summary>By hand: 7 on average; the second is 1 under it and counts twice, the third is 1 under it.</summary>
    [Fact]
    public void What_costs_most_comes_first() => ToSchool(Four, [8, 6, 6, 8]).ShouldBe([2, 3]);

    /// <summary>By hand: 6.25 on average, and 1.25 under it costs more than 0.25 twice.</summary>
    [Fact]
    public void What_counts_twice_is_not_always_first() => ToSchool(Four, [7, 6, 5, 7]).ShouldBe([3, 2]);

    /// <summary>By hand: 6.875 on average, and an eighth of a mark is chance.</summary>
    [Fact]
    public void Next_to_nothing_is_nothing() => ToSchool(Four, [7, 7, 7, 6.5], [7, 7, 7, 7]).ShouldBe([]);

    [Fact]
    public void Without_marks_or_with_all_alike_there_is_nothing_to_choose()
    {
        ToSchool(Four).ShouldBeEmpty();
        ToSchool(Test(Straight("X"), Straight("C")).Check().OrThrow(), [6, 6]).ShouldBeEmpty();
    }

    /// <summary>The third failed once, and was well twice since: by hand 7, 7, 7 and 6 at last.</summary>
    [Fact]
    public void What_has_come_since_is_not_held_against_it() => ToSchool(Four, [7, 7, 2, 6], [7, 7, 7, 6], [7, 7, 7, 6]).ShouldBe([4]);

    [Fact]
    public void No_more_than_a_session_takes()
    {
        string[] letters = ["D", "L", "X", "I", "G"];
        var test = Test([.. letters.Select(l => Straight(l)), Line(TestFigure.Halt, count: 3)]).Check().OrThrow();
        ToSchool(test, [5, 5, 5, 5, 5, 10]).ShouldBe([1, 2, 3, 4]);
    }

    [Fact]
    public void What_comes_too_quickly_goes_before_marks_and_what_is_not_schooled_is_no_piece()
    {
        var laid = LaidTest.For(ShippedTests.All[1].Entry.Check().OrThrow(), Make.Card(), Places.From([]));
        var pieces = PieceToSchool.Of(laid, []);
        var notYet = laid.Remarks.Where(r => r.RungId is not null).Select(r => r.Movement).ToList();
        notYet.ShouldNotBeEmpty();
        pieces.ShouldAllBe(p => p.TooQuick && !notYet.Contains(p.Movement));
        var collected = ToTheCircle();
        PieceToSchool.Of(collected, []).Select(p => (p.Movement, p.TooQuick)).ShouldBe([(5, true)]);
    }

    /// <summary>A medium trot, and soon a circle of ten metres, for a horse that knows both and no collected gaits.</summary>
    private static LaidTest ToTheCircle() =>
        LaidTest.For(
            Test(Straight("C"), Track("M", Side.Right), Straight("K", GaitVariant.TrotMedium), Track("A"), Circle(10)).Check().OrThrow(),
            Make.Card(),
            Places.From([new RungMove(Strand.Flatwork, "flatwork/ten-metres", MoveKind.ByHand, "seen", Make.Today)])
        );
}
