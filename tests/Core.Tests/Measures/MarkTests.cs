using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Measures;

/// <summary>The marks of the FEI dressage rules (words from memory).</summary>
public class MarkTests
{
    [Theory]
    [InlineData(10, "excellent")]
    [InlineData(9, "very good")]
    [InlineData(8, "good")]
    [InlineData(7, "fairly good")]
    [InlineData(6, "satisfactory")]
    [InlineData(6.5, "satisfactory")]
    [InlineData(5, "marginal")]
    [InlineData(4, "insufficient")]
    [InlineData(3, "fairly bad")]
    [InlineData(2, "bad")]
    [InlineData(1, "very bad")]
    [InlineData(0, "not performed")]
    public void Every_mark_has_its_word(double mark, string word) => Mark.Of(mark).Word.ShouldBe(word);

    [Theory]
    [InlineData(10.5)]
    [InlineData(-0.5)]
    [InlineData(6.25)]
    [InlineData(double.NaN)]
    public void There_are_only_halves_from_nought_to_ten(double mark)
    {
        Mark.IsMark(mark).ShouldBeFalse();
        Should.Throw<ArgumentOutOfRangeException>(() => Mark.Of(mark));
    }
}
