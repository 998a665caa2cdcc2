using CsCheck;
using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Measures;

/// <summary>1 ft = 0.3048 m and 1 in = 25.4 mm exactly (international foot); a pace until calibrated is 3 ft (common practice, no source).</summary>
public class DistanceReadingTests
{
    [Theory]
    [InlineData("5.94", 5.94)]
    [InlineData("5,94 m", 5.94)]
    [InlineData("594 cm", 5.94)]
    [InlineData("21'6\"", 6.5532)]
    [InlineData("21' 6", 6.5532)]
    [InlineData("21 ft 6 in", 6.5532)]
    [InlineData("24ft", 7.3152)]
    [InlineData("12'", 3.6576)]
    [InlineData("6.5 paces", 5.9436)]
    [InlineData("6½ paces", 5.9436)]
    [InlineData("½ pace", 0.4572)]
    [InlineData("4 p", 3.6576)]
    public void Three_notations_are_read(string text, double metres) =>
        DistanceReading.Read(text, PersonPace.Uncalibrated).OrThrow().Distance.Metres.ShouldBe(metres, 1e-6);

    [Theory]
    [InlineData("")]
    [InlineData("long")]
    [InlineData("-3")]
    [InlineData("0")]
    [InlineData("21'14\"")]
    [InlineData("500 paces")]
    [InlineData("6 miles")]
    [InlineData("٥.٩")]
    [InlineData("६ paces")]
    [InlineData("２１'６\"")]
    [InlineData("5.94.2")]
    public void What_is_no_distance_is_answered_with_a_mend(string text) =>
        DistanceReading.Read(text, PersonPace.Uncalibrated).Faults.ShouldNotBeEmpty();

    [Fact]
    public void A_calibrated_pace_is_ones_own() =>
        DistanceReading.Read("10 paces", PersonPace.FromCount(25).OrThrow()).OrThrow().Distance.Metres.ShouldBe(8.0, 1e-9);

    /// <summary>What the program writes it can read again, to the inch, the quarter pace and the centimetre.</summary>
    [Fact]
    public void What_is_written_can_be_read_again() =>
        Gen.Double[0.5, 60]
            .Sample(metres =>
            {
                var text = new Reading(Distance.FromMetres(metres), PersonPace.Uncalibrated).Text;
                double Read(string t) => DistanceReading.Read(t, PersonPace.Uncalibrated).OrThrow().Distance.Metres;
                Read(text.Metres).ShouldBe(metres, 0.0051);
                Read(text.Feet).ShouldBe(metres, 0.0128);
                Read($"{text.Paces} paces").ShouldBe(metres, 0.1144);
            });
}
