using System.Numerics;
using CsCheck;
using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Measures;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.DressageTests.MakeTest;

namespace Hippodrome.Core.Tests.DressageTests;

/// <summary>Marks of a test: what they come to, how they go, and what cannot be one.</summary>
public class TestRiddenTests
{
    private static readonly DressageTest Two = Test(Straight("X"), Straight("C") with { Coefficient = 2 }).Check().OrThrow();

    private static TestRiddenEntry Marks(params double?[] marks) =>
        new(Make.Today, false, "", [.. marks.Select((m, i) => new MovementMarkEntry(i + 1, m))]);

    /// <summary>Marks times coefficients over ten times the coefficients, by hand: (7 + 2 x 6.5) / 30 and so on (FEI dressage rules, from memory: to three decimals).</summary>
    [Theory]
    [InlineData(7, 6.5, "66.667")]
    [InlineData(10, 10, "100")]
    [InlineData(0, 0, "0")]
    [InlineData(6, 6, "60")]
    [InlineData(6.5, 7, "68.333")]
    [InlineData(5.5, 4, "45")]
    [InlineData(8, 0.5, "30")]
    public void Per_cent_of_the_marks(double first, double second, string percent) =>
        Marks(first, second).Check(Two, Make.Today).OrThrow().Percent(Two).ShouldBe(decimal.Parse(percent));

    /// <summary>Against whole numbers: half marks are counted in halves, so that every per cent is an exact fraction, rounded half away from nought.</summary>
    [Fact]
    public void Per_cent_is_exact() =>
        Gen.Select(Gen.Int[0, 20].Array[1, 20], Gen.Int[1, 4].Array[20])
            .Sample(
                (halves, coefficients) =>
                {
                    // Down the middle from letter to letter and back is as many movements as are wanted.
                    string[] letters = ["D", "L", "X", "I", "G", "C"];
                    var lines = halves.Select(
                        (_, i) =>
                            (i < letters.Length ? Straight(letters[i]) : Line(TestFigure.Halt, count: 3)) with
                            {
                                Coefficient = coefficients[i],
                            }
                    );
                    var test = Test([.. lines]).Check().OrThrow();
                    var ridden = Marks([.. halves.Select(h => (double?)h / 2)]).Check(test, Make.Today).OrThrow();
                    // Thousandths of a per cent: 100 000 x (sum of c h / 2) / (10 x sum of c).
                    var top = halves.Select((h, i) => (BigInteger)h * coefficients[i]).Aggregate(BigInteger.Add) * 100_000;
                    var bottom = coefficients.Take(halves.Length).Select(c => (BigInteger)c).Aggregate(BigInteger.Add) * 20;
                    ridden.Percent(test).ShouldBe((decimal)(((top * 2) + bottom) / (bottom * 2)) / 1000);
                },
                iter: Cases.Sums
            );

    [Fact]
    public void Pieces_are_reckoned_over_what_was_ridden()
    {
        var pieces = new TestRiddenEntry(Make.Today, false, "", [new MovementMarkEntry(2, 7)]).Check(Two, Make.Today).OrThrow();
        pieces.IsWhole(Two).ShouldBeFalse();
        pieces.Percent(Two).ShouldBe(70);
        Marks(7, 7).Check(Two, Make.Today).OrThrow().IsWhole(Two).ShouldBeTrue();
    }

    /// <summary>A mark that rises a half each time, four times running, is a clear trend (Mann 1945, Kendall 1975: the exact p of four in order is 2/24).</summary>
    [Fact]
    public void Trends_are_told_by_movement_and_apart_at_home_and_away()
    {
        var ridden = Enumerable
            .Range(0, 4)
            .SelectMany(i =>
                new[]
                {
                    new TestRidden(Make.Today.AddDays(i * 7), false, "", [new MovementMark(1, Mark.Of(5 + (i * 0.5)), "")]),
                    new TestRidden(Make.Today.AddDays((i * 7) + 1), true, "", [new MovementMark(1, Mark.Of(6), "")]),
                }
            )
            .ToList();
        var first = MovementMarks.Of(Two, ridden)[0];
        first.HomeTrend!.PValue.ShouldBe(2.0 / 24, 1e-9);
        (first.HomeTrend.Slope * 7).ShouldBe(0.5, 1e-9);
        first.AwayTrend!.S.ShouldBe(0);
        MovementMarks.Of(Two, ridden)[1].HomeTrend.ShouldBeNull();
    }

    public static TheoryData<string, string, TestRiddenEntry> Wrong =>
        new()
        {
            { "no day", "on", Marks(6) with { On = null } },
            { "tomorrow", "on", Marks(6) with { On = Make.Today.AddDays(1) } },
            { "long ago", "on", Marks(6) with { On = Make.Today.AddYears(-6) } },
            { "no marks", "marks", Marks() },
            { "over ten", "marks[0].mark", Marks(10.5) },
            { "a quarter", "marks[0].mark", Marks(6.25) },
            { "below nought", "marks[0].mark", Marks(-1) },
            { "empty", "marks[0].mark", Marks((double?)null) },
            { "a movement it has not", "marks[0].movement", Marks(6) with { Marks = [new MovementMarkEntry(3, 6)] } },
            { "no number", "marks[0].movement", Marks(6) with { Marks = [new MovementMarkEntry(null, 6)] } },
            { "twice", "marks", Marks(6) with { Marks = [new MovementMarkEntry(1, 6), new MovementMarkEntry(1, 7)] } },
            { "a long remark", "marks[0].remark", Marks(6) with { Marks = [new MovementMarkEntry(1, 6, new string('x', 201))] } },
            { "a long name", "by", Marks(6) with { By = new string('x', 81) } },
        };

    [Theory]
    [MemberData(nameof(Wrong))]
    public void What_cannot_be_a_mark_names_its_field(string what, string field, TestRiddenEntry entry) =>
        entry.Check(Two, Make.Today).Faults.Select(f => f.Field).ShouldContain(field, what);
}
