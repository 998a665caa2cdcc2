using CsCheck;
using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Measures;

public class PersonPaceTests
{
    // Common practice, no source: a pace is a yard, and four of them are one course canter stride of 12 ft.
    [Theory]
    [InlineData(1, 0.9144)]
    [InlineData(2, 1.8288)]
    [InlineData(4, 3.6576)]
    public void Nobodys_pace_is_taken_for_a_yard(double paces, double metres) =>
        PersonPace.Uncalibrated.Walked(paces).Metres.ShouldBe(metres, 0.003);

    // Common practice, no source: six and a half paces inside a grid are 5.94 m.
    [Fact]
    public void Six_and_a_half_paces_are_five_metres_ninety_four() => PersonPace.Uncalibrated.Walked(6.5).Metres.ShouldBe(5.94, 0.005);

    [Theory]
    [InlineData(20, 1.0)]
    [InlineData(25, 0.8)]
    [InlineData(22, 0.9091)]
    public void A_pace_is_calibrated_by_walking_twenty_metres(double paces, double metres)
    {
        var pace = PersonPace.FromCount(paces).OrThrow();
        pace.Length.Metres.ShouldBe(metres, 1e-4);
        pace.Calibrated.ShouldBeTrue();
    }

    [Theory]
    [InlineData(15.9)]
    [InlineData(40.1)]
    [InlineData(double.NaN)]
    public void Nobody_walks_in_such_paces(double paces) =>
        PersonPace.FromCount(paces).Faults.ShouldHaveSingleItem().Field.ShouldBe("pacesOver20Metres");

    [Theory]
    [InlineData(0, "0")]
    [InlineData(0.25, "¼")]
    [InlineData(1.5, "1½")]
    [InlineData(2.74, "2¾")]
    [InlineData(2.9, "3")]
    public void Paces_are_said_to_the_quarter(double paces, string said) =>
        PersonPace.Uncalibrated.Say(PersonPace.Uncalibrated.Walked(paces)).ShouldBe(said);

    [Fact]
    public void Walking_the_counted_paces_covers_the_distance() =>
        Gen.Select(Gen.Double[16, 40], Gen.Double[0, 100])
            .Sample(
                (count, metres) =>
                {
                    var pace = PersonPace.FromCount(count).OrThrow();
                    return Math.Abs(pace.Walked(pace.Paces(Distance.FromMetres(metres))).Metres - metres) < 1e-9;
                }
            );
}
