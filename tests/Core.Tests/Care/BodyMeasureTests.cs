using Hippodrome.Core.Care;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Care;

public class BodyMeasureTests
{
    private static BodyMeasure Taped(double girth, double length) => new(Guid.NewGuid(), Make.Today, girth, length, null);

    /// <summary>Carroll and Huntington 1988, Equine Veterinary Journal 20:41-45: girth² x length / 11877 (value from memory).</summary>
    [Theory]
    [InlineData(180, 160, 436.5)]
    [InlineData(190, 165, 501.5)]
    [InlineData(200, 170, 572.5)]
    public void Weight_from_girth_and_length(double girth, double length, double kilograms) =>
        Taped(girth, length).WeightKg!.Value.ShouldBe(kilograms, 0.1);

    /// <summary>The yard's own rule in inches and pounds, girth² x length / 330 (common practice, no source), agrees within one per cent.</summary>
    [Theory]
    [InlineData(160, 140)]
    [InlineData(185, 163)]
    [InlineData(210, 180)]
    public void Pounds_by_the_inch_rule_agree_within_one_per_cent(double girth, double length)
    {
        var pounds = girth / 2.54 * (girth / 2.54) * (length / 2.54) / 330;
        (pounds * 0.45359237 / Taped(girth, length).WeightKg!.Value).ShouldBe(1, 0.01);
    }

    [Fact]
    public void A_centimetre_more_girth_is_more_weight() =>
        Taped(191, 165).WeightKg!.Value.ShouldBeGreaterThan(Taped(190, 165).WeightKg!.Value);

    public static TheoryData<BodyEntry, string> Bad =>
        new()
        {
            { new BodyEntry(GirthCm: 190), "lengthCm" },
            { new BodyEntry(LengthCm: 160), "girthCm" },
            { new BodyEntry(), "condition" },
            { new BodyEntry(GirthCm: 19, LengthCm: 160), "girthCm" },
            { new BodyEntry(Condition: 9.5), "condition" },
            { new BodyEntry(Condition: 5.3), "condition" },
            { new BodyEntry(Make.Today.AddDays(1), Condition: 5), "on" },
        };

    [Theory]
    [MemberData(nameof(Bad))]
    public void What_cannot_be_measured_is_refused(BodyEntry entry, string field) =>
        BodyMeasure.From(Guid.NewGuid(), entry, Make.Horse(), Make.Today).Faults.ShouldHaveSingleItem().Field.ShouldBe(field);

    [Fact]
    public void Condition_alone_is_enough() =>
        BodyMeasure.From(Guid.NewGuid(), new BodyEntry(Condition: 5.5), Make.Horse(), Make.Today).OrThrow().WeightKg.ShouldBeNull();
}
