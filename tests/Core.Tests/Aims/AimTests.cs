using Hippodrome.Core.Aims;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Aims;

public class AimTests
{
    private static readonly AimEntry Fine = new(
        "Harrowmere indoor",
        new DateOnly(2026, 5, 9),
        Discipline.Jumping,
        "Harrowmere tour",
        "1.10 m",
        1.10,
        "Harrowmere"
    );

    [Fact]
    public void Days_left_are_counted_from_today() =>
        Aim.From(Guid.NewGuid(), Fine, Make.Today).OrThrow().DaysLeft(Make.Today).ShouldBe(21);

    // The same word means different heights in different schemes (common practice, no source), so it is never left out.
    [Fact]
    public void A_level_carries_its_scheme() =>
        Aim.From(Guid.NewGuid(), Fine with { Scheme = " " }, Make.Today).Faults.ShouldHaveSingleItem().Field.ShouldBe("scheme");

    [Fact]
    public void There_are_no_fences_in_dressage()
    {
        Aim.From(Guid.NewGuid(), Fine with { Discipline = Discipline.Dressage }, Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("heightMetres");
        Aim.From(Guid.NewGuid(), Fine with { Discipline = Discipline.Dressage, HeightMetres = null }, Make.Today).IsFine.ShouldBeTrue();
    }

    [Fact]
    public void There_is_no_dressage_test_in_jumping() =>
        Aim.From(Guid.NewGuid(), Fine with { TestId = Guid.NewGuid() }, Make.Today).Faults.ShouldHaveSingleItem().Field.ShouldBe("testId");

    [Theory]
    [InlineData(0.2)]
    [InlineData(2.1)]
    public void No_competition_has_such_fences(double height) =>
        Aim.From(Guid.NewGuid(), Fine with { HeightMetres = height }, Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("heightMetres");

    [Fact]
    public void A_competition_years_away_is_a_slip_of_the_pen() =>
        Aim.From(Guid.NewGuid(), Fine with { On = new DateOnly(2036, 5, 9) }, Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("on");
}
