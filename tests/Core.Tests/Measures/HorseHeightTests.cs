using CsCheck;
using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Measures;

/// <summary>A hand is four inches of 2.54 cm (international inch, 1959).</summary>
public class HorseHeightTests
{
    [Theory]
    [InlineData("16.2 hh", 167.64)]
    [InlineData("16.2", 167.64)]
    [InlineData("16 hh", 162.56)]
    [InlineData("14.2 HH", 147.32)]
    [InlineData("168 cm", 168)]
    [InlineData("168", 168)]
    [InlineData(" 12.3hh ", 129.54)]
    public void Hands_and_centimetres_are_both_read(string typed, double centimetres) =>
        HorseHeight.Read(typed).OrThrow().Centimetres.ShouldBe(centimetres, 1e-9);

    [Theory]
    [InlineData("16.4")]
    [InlineData("16.9 hh")]
    public void A_hand_has_four_inches(string typed) =>
        HorseHeight.Read(typed).Faults.ShouldHaveSingleItem().Says.ShouldContain("four inches");

    [Theory]
    [InlineData("")]
    [InlineData(null)]
    [InlineData("tall")]
    [InlineData("1680 cm")]
    [InlineData("40 hh")]
    [InlineData("50 cm")]
    [InlineData("-16")]
    public void What_is_no_height_is_refused_with_a_mend(string? typed)
    {
        var fault = HorseHeight.Read(typed).Faults.ShouldHaveSingleItem();
        fault.Field.ShouldBe("height");
        fault.Mend.ShouldNotBeEmpty();
    }

    [Theory]
    [InlineData(167.64, "16.2 hh")]
    [InlineData(168, "16.2 hh")]
    [InlineData(172.72, "17.0 hh")]
    public void Centimetres_are_said_in_hands(double centimetres, string said) => HorseHeight.Kept(centimetres).Hands.ShouldBe(said);

    [Fact]
    public void Hands_that_are_said_can_be_read_again() =>
        Gen.Int[28, 80]
            .Sample(inches =>
                Math.Abs(HorseHeight.Read(HorseHeight.Kept(inches * 2.54).Hands).OrThrow().Centimetres - (inches * 2.54)) < 1e-6
            );
}
