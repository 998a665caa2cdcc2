using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Horses;

/// <summary>The same gap in fewer and in more strides: common practice, no source.</summary>
public class AccordionTests
{
    private static Accordion Ridden(double gap, int fewest, int most) =>
        Accordion.From(Guid.NewGuid(), new AccordionEntry(Make.Today, gap, fewest, most), Make.Horse(), Make.Today).OrThrow();

    [Fact]
    public void Ten_metres_in_two_and_in_four_are_strides_of_three_thirty_three_and_two()
    {
        var ridden = Ridden(10, 2, 4);
        ridden.Longest.Metres.ShouldBe(3.33, 0.005);
        ridden.Shortest.Metres.ShouldBe(2.00, 0.005);
        ridden.Ratio.ShouldBe(Accordion.TrainedRatio.Value, 1e-9);
    }

    [Fact]
    public void Fifteen_metres_in_three_four_and_five_is_less_than_ten_in_two_to_four() =>
        Ridden(15, 3, 5).Ratio.ShouldBeLessThan(Ridden(10, 2, 4).Ratio);

    [Fact]
    public void Ratio_is_longest_over_shortest() =>
        (Ridden(15, 3, 5).Longest / Ridden(15, 3, 5).Shortest).ShouldBe(Ridden(15, 3, 5).Ratio, 1e-9);

    [Fact]
    public void A_count_of_one_is_no_adjustability_yet() => Ridden(10, 3, 3).Ratio.ShouldBe(1);

    [Theory]
    [InlineData(10, 4, 2, "most")]
    [InlineData(10, 1, 9, "most")]
    [InlineData(20, 1, 4, "fewest")]
    [InlineData(3, 1, 2, "gapMetres")]
    public void What_no_canter_could_do_is_refused(double gap, int fewest, int most, string field) =>
        Accordion
            .From(Guid.NewGuid(), new AccordionEntry(Make.Today, gap, fewest, most), Make.Horse(), Make.Today)
            .Faults.Select(f => f.Field)
            .ShouldContain(field);
}
