using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

public class ThenAndNowTests
{
    private static readonly DateOnly Then = Make.Today.AddMonths(-3);

    [Fact]
    public void Rungs_strides_and_marks_stand_as_they_did_on_that_day()
    {
        RungMove Move(string rung, int daysAgo) => new(Strand.Poles, rung, MoveKind.Climbed, "x", Make.Today.AddDays(-daysAgo));
        var compared = ThenAndNow.Of(
            Make.Horse(),
            Then,
            Make.Today,
            [Move("poles/walk-poles", 200), Move("poles/trot-poles", 20)],
            [Strip(50, Then.AddDays(-3)), Strip(56, Then.AddDays(10))],
            [
                (Then.AddDays(-5), new MarksByRein(5, 7)),
                (Then.AddDays(-40), new MarksByRein(1, 1)),
                (Make.Today, new MarksByRein(6, 7)),
                (Make.Today.AddDays(-27), new MarksByRein(7, 7)),
            ]
        );
        compared.Then.ShouldBe(Then);
        var poles = compared.Places.Single(p => p.Strand == Strand.Poles);
        (poles.Then, poles.Now).ShouldBe((Catalogue.Rung("poles/walk-poles").Name, Catalogue.Rung("poles/trot-poles").Name));
        poles.Steps.ShouldBe(Catalogue.Rung("poles/trot-poles").Step - Catalogue.Rung("poles/walk-poles").Step);
        compared.MarksThen.ShouldBe(new MarksByRein(5, 7));
        compared.MarksNow.ShouldBe(new MarksByRein(6.5, 7));
        var trot = compared.Strides.Single();
        trot.Now.ShouldBeGreaterThan(trot.Then);
    }

    [Fact]
    public void A_first_placing_says_where_it_stood_before_it_was_written_down_a_climb_does_not()
    {
        PlaceThenAndNow Poles(MoveKind kind) =>
            ThenAndNow
                .Of(
                    Make.Horse(experience: Experience.Green),
                    Then,
                    Make.Today,
                    [new(Strand.Poles, "poles/trot-poles", kind, "x", Make.Today)],
                    [],
                    []
                )
                .Places.Single(p => p.Strand == Strand.Poles);
        Poles(MoveKind.ByHand).Steps.ShouldBe(0);
        Poles(MoveKind.Climbed).Then.ShouldBe(Catalogue.Rung("poles/walk-poles").Name);
    }

    // Three months, or the end of the first four weeks of a younger book; before that there is nothing to compare.
    [Theory]
    [InlineData(400, -92)]
    [InlineData(60, -33)]
    [InlineData(40, null)]
    public void The_day_is_three_months_ago_or_the_first_weeks_of_the_book(int firstRideDaysAgo, int? then) =>
        (
            ThenAndNow.DayBefore(new DateOnly(2026, 6, 18), new DateOnly(2026, 6, 18).AddDays(-firstRideDaysAgo))?.DayNumber
            - new DateOnly(2026, 6, 18).DayNumber
        ).ShouldBe(then);

    private static StrideMeasurement Strip(double metres, DateOnly on) =>
        StrideMeasurement.Kept(Guid.NewGuid(), GaitVariant.TrotWorking, Distance.FromMetres(metres), 20, 10, on);
}
