using Hippodrome.Core.Horses;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Horses;

public class HorseTests
{
    private static readonly HorseEntry Fine = new("Bramble", 2018, "16.1 hh", Sex.Mare, Experience.Novice, "Kind.");

    // Usual competition rule, value from memory: age counts from 1 January of the year of foaling.
    [Theory]
    [InlineData(2026, 1, 1, 8)]
    [InlineData(2026, 12, 31, 8)]
    [InlineData(2027, 1, 1, 9)]
    public void A_horse_grows_a_year_older_on_new_years_day(int year, int month, int day, int age) =>
        Read(Fine).OrThrow().Age(new DateOnly(year, month, day)).ShouldBe(age);

    [Theory]
    [InlineData(2027, "has not come yet")]
    [InlineData(1975, "would be 51")]
    [InlineData(null, "missing")]
    public void A_year_of_foaling_has_to_make_sense(int? foaled, string says) =>
        Read(Fine with { Foaled = foaled }).Faults.ShouldHaveSingleItem().Says.ShouldContain(says);

    [Fact]
    public void Every_fault_is_told_at_once() =>
        Read(new HorseEntry("  ", 2030, "16.5", null, null))
            .Faults.Select(f => f.Field)
            .ShouldBe(["name", "foaled", "height", "sex", "experience"]);

    [Fact]
    public void A_name_that_cannot_be_shown_is_refused() =>
        Read(Fine with { Name = "Bram\u0000ble" }).Faults.ShouldHaveSingleItem().Field.ShouldBe("name");

    private static Core.Measures.Outcome<Horse> Read(HorseEntry entry) => Horse.From(Guid.NewGuid(), entry, Make.Today);
}
