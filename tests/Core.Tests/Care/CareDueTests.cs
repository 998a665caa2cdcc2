using CsCheck;
using Hippodrome.Core.Care;
using Hippodrome.Core.Measures;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Care;

/// <summary>When the farrier, the saddler, the dentist and the therapist are due. Intervals are common practice, no source; those after a return are chosen.</summary>
public class CareDueTests
{
    private static CareVisit Visit(CareKind kind, int daysAgo, int? again = null) =>
        new(Guid.NewGuid(), kind, Make.Today.AddDays(-daysAgo), "", "", again);

    private static CareDue Due(CareKind kind, int age = 8, DateOnly? back = null, params CareVisit[] visits) =>
        CareDue.All(visits, age, back, Make.Today).Single(d => d.Kind == kind);

    [Theory]
    [InlineData(42, CareState.Soon, "Due today.")]
    [InlineData(43, CareState.Overdue, "Overdue by 1 day.")]
    [InlineData(35, CareState.Soon, "Due on 25 April.")]
    [InlineData(34, CareState.Fine, "Due on 26 April.")]
    [InlineData(84, CareState.Overdue, "Overdue by 42 days.")]
    [InlineData(85, CareState.Overdue, "Overdue by 43 days. After so long, two trims before full work.")]
    public void Feet_are_due_every_six_weeks(int daysAgo, CareState state, string says)
    {
        var due = Due(CareKind.Feet, visits: Visit(CareKind.Feet, daysAgo));
        (due.State, due.Says).ShouldBe((state, says));
    }

    [Fact]
    public void What_the_farrier_said_goes_before_the_usual() =>
        Due(CareKind.Feet, visits: Visit(CareKind.Feet, 30, again: 4)).State.ShouldBe(CareState.Overdue);

    [Fact]
    public void The_latest_visit_counts() =>
        Due(CareKind.Feet, visits: [Visit(CareKind.Feet, 100), Visit(CareKind.Feet, 3), Visit(CareKind.Feet, 60)])
            .State.ShouldBe(CareState.Fine);

    [Theory]
    [InlineData(5, CareState.Overdue)]
    [InlineData(6, CareState.Fine)]
    public void Teeth_that_are_changing_are_seen_twice_a_year(int age, CareState state) =>
        Due(CareKind.Teeth, age, visits: Visit(CareKind.Teeth, 200)).State.ShouldBe(state);

    [Fact]
    public void Nothing_written_down_is_not_the_same_as_fine()
    {
        CareDue
            .All([], 8, null, Make.Today)
            .Select(d => (d.Kind, d.State))
            .ShouldBe([
                (CareKind.Feet, CareState.Unknown),
                (CareKind.Saddle, CareState.Unknown),
                (CareKind.Teeth, CareState.Unknown),
                (CareKind.Therapist, CareState.AsAsked),
            ]);
    }

    [Fact]
    public void A_therapist_comes_again_only_when_they_said_so()
    {
        Due(CareKind.Therapist, visits: Visit(CareKind.Therapist, 300)).State.ShouldBe(CareState.AsAsked);
        Due(CareKind.Therapist, visits: Visit(CareKind.Therapist, 20, again: 2)).State.ShouldBe(CareState.Overdue);
    }

    /// <summary>Work began again 18 days ago: the saddle is due in week three, whatever its interval says.</summary>
    [Fact]
    public void A_return_asks_for_the_saddle_in_week_three_and_in_week_eight()
    {
        var fitted = Visit(CareKind.Saddle, 30);
        var due = Due(CareKind.Saddle, back: Make.Today.AddDays(-18), visits: fitted);
        (due.DueOn, due.State).ShouldBe((Make.Today.AddDays(3), CareState.Soon));
        due.Why.Rule.ShouldContain("week eight");
        Due(CareKind.Saddle, back: null, visits: fitted).State.ShouldBe(CareState.Fine);

        // Looked at in week three: the next is week eight.
        Due(CareKind.Saddle, back: Make.Today.AddDays(-25), visits: [fitted, Visit(CareKind.Saddle, 4)])
            .DueOn.ShouldBe(Make.Today.AddDays(-25 + 56));
        // Looked at in week eight as well: the interval again.
        Due(CareKind.Saddle, back: Make.Today.AddDays(-60), visits: [fitted, Visit(CareKind.Saddle, 5)]).State.ShouldBe(CareState.Fine);
    }

    [Fact]
    public void A_return_asks_nothing_of_the_feet_but_their_interval() =>
        Due(CareKind.Feet, back: Make.Today.AddDays(-40), visits: Visit(CareKind.Feet, 10)).DueOn.ShouldBe(Make.Today.AddDays(32));

    /// <summary>A later visit never makes the next one earlier.</summary>
    [Fact]
    public void A_visit_never_brings_the_next_one_nearer() =>
        Gen.Select(Gen.Enum<CareKind>(), Gen.Int[1, 400], Gen.Int[0, 400], Gen.Int[0, 100])
            .Sample(
                (kind, first, second, back) =>
                {
                    var (earlier, later) = (Math.Max(first, second), Math.Min(first, second));
                    DateOnly began = Make.Today.AddDays(-back);
                    var before = Due(kind, 8, began, Visit(kind, earlier)).DueOn;
                    var after = Due(kind, 8, began, Visit(kind, earlier), Visit(kind, later)).DueOn;
                    (after is null && before is null || after >= before).ShouldBeTrue();
                },
                iter: Cases.Rides
            );

    [Fact]
    public void A_day_to_come_or_before_foaling_is_refused()
    {
        var horse = Make.Horse(6);
        CareVisit
            .From(Guid.NewGuid(), new CareEntry(CareKind.Feet, Make.Today.AddDays(1)), horse, Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("on");
        CareVisit
            .From(Guid.NewGuid(), new CareEntry(CareKind.Feet, Make.Today.AddYears(-7)), horse, Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldContain("foaled");
        CareVisit
            .From(Guid.NewGuid(), new CareEntry(null, AgainInWeeks: 0), horse, Make.Today)
            .Faults.Select(f => f.Field)
            .ShouldBe(["kind", "againInWeeks"]);
    }
}
