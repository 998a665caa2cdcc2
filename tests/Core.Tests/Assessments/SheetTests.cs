using Hippodrome.Core.Assessments;
using Hippodrome.Core.Horses;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Assessments.AssessmentItem;

namespace Hippodrome.Core.Tests.Assessments;

/// <summary>The order of the sheet and what is open on it. Common practice, no source.</summary>
public class SheetTests
{
    private static readonly Horse Horse = Make.Horse();

    private static readonly IReadOnlyList<Gate> AllOpen = Gates.For(Ride.Of(), null, [], Make.Today);

    private static IReadOnlyList<AssessmentItem> Open(
        Assessment ride,
        DateOnly on,
        string? held = null,
        params Restriction[] restrictions
    ) => [.. Gates.For(ride, held, restrictions, on).Where(g => g.Open).Select(g => g.Item)];

    [Fact]
    public void Walk_comes_first_canter_late_and_the_dropped_rein_last()
    {
        Sheet.Items.Select(i => i.Item).ShouldBe(Enum.GetValues<AssessmentItem>());
        Sheet.Items.Take(3).ShouldAllBe(i => i.Gait == Gait.Walk);
        Sheet.Items[^1].Item.ShouldBe(DroppedRein);
        Sheet.Items.ShouldAllBe(i => i.How.Length > 10 && i.Chips.Count > 0);
    }

    /// <summary>After six weeks off: three walk weeks, then trot, and canter two weeks after that (chosen figures).</summary>
    [Fact]
    public void After_six_weeks_off_trot_waits_three_weeks_and_canter_five()
    {
        var ride = Ride.AfterWeeksOff(6);
        Open(ride, Make.Today).ShouldAllBe(i => Sheet.Of(i).Gait == Gait.Walk);
        Open(ride, Make.Today.AddDays(20)).ShouldNotContain(TrotCircle);
        Open(ride, Make.Today.AddDays(21)).ShouldContain(TrotCircle);
        Open(ride, Make.Today.AddDays(34)).ShouldNotContain(Canter);
        Open(ride, Make.Today.AddDays(35)).Count.ShouldBe(12);
    }

    [Theory]
    [InlineData(0, 12)]
    [InlineData(1, 12)]
    [InlineData(2, 6)]
    public void A_rest_begins_at_two_weeks(int weeksOff, int open) => Open(Ride.AfterWeeksOff(weeksOff), Make.Today).Count.ShouldBe(open);

    [Fact]
    public void A_hold_shuts_it_and_a_restriction_shuts_its_gaits()
    {
        Open(Ride.Of(), Make.Today, "off on the left rein").ShouldBeEmpty();
        var noCanter = Restriction
            .From(Guid.NewGuid(), new RestrictionEntry("strain", "Iva Sorrel", NoGaits: [Gait.Canter]), Horse, Make.Today)
            .OrThrow();
        Open(Ride.Of(), Make.Today, null, noCanter).ShouldBe(Enum.GetValues<AssessmentItem>().Except([Canter]));
        var shut = Gates.For(Ride.Of(), null, [noCanter], Make.Today).Single(g => !g.Open);
        shut.Says.ShouldBe("ruled out by Iva Sorrel: no canter.");
    }

    [Fact]
    public void A_good_tap_becomes_an_answer()
    {
        var answer = SheetAnswer
            .From(new SheetAnswerEntry(Canter, Rein.Left, 5.5, [Felt.LateDepart, Felt.LateDepart], 2, 31), AllOpen, Make.Today, "a")
            .OrThrow();
        (answer.Mark!.Value.Value, answer.Felt.Count, answer.Tension, answer.Minute, answer.On).ShouldBe((5.5, 1, 2, 31, Make.Today));
    }

    public static TheoryData<SheetAnswerEntry, string> BadTaps =>
        new()
        {
            { new SheetAnswerEntry(null, Rein.Left, 6), "a.item" },
            { new SheetAnswerEntry(TrotCircle, null, 6), "a.rein" },
            { new SheetAnswerEntry(TrotCircle, Rein.Both, 6), "a.rein" },
            { new SheetAnswerEntry(WalkOff, Rein.Left, 6), "a.rein" },
            { new SheetAnswerEntry(TrotCircle, Rein.Left, 6.3), "a.mark" },
            { new SheetAnswerEntry(TrotCircle, Rein.Left, 10.5), "a.mark" },
            { new SheetAnswerEntry(TrotCircle, Rein.Left, 6, [Felt.LateDepart]), "a.felt" },
            { new SheetAnswerEntry(TrotCircle, Rein.Left, 6, Tension: 5), "a.tension" },
            { new SheetAnswerEntry(TrotCircle, Rein.Left, 6, Minute: -1), "a.minute" },
            { new SheetAnswerEntry(TrotCircle, Rein.Left, Passed: true), "a.passed" },
            { new SheetAnswerEntry(DroppedRein, Rein.Both, 7), "a.mark" },
        };

    [Theory]
    [MemberData(nameof(BadTaps))]
    public void A_tap_that_cannot_be_is_answered_with_its_field_and_a_mend(SheetAnswerEntry entry, string field)
    {
        var fault = SheetAnswer.From(entry, AllOpen, Make.Today, "a").Faults.ShouldHaveSingleItem();
        fault.Field.ShouldBe(field);
        fault.Mend.Length.ShouldBeGreaterThan(5);
    }

    [Fact]
    public void What_waits_cannot_be_marked() =>
        SheetAnswer
            .From(new SheetAnswerEntry(Canter, Rein.Left, 6), Gates.For(Ride.AfterWeeksOff(3), null, [], Make.Today), Make.Today, "a")
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldBe("Canter on both leads: waits until 16 May, after 3 weeks off.");

    [Fact]
    public void A_three_year_old_has_no_assessment_ride_and_a_four_year_old_has()
    {
        Assessment
            .Begin(Guid.NewGuid(), new AssessmentEntry(), Make.Horse(3), Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldContain("too young to be ridden");
        Assessment.Begin(Guid.NewGuid(), new AssessmentEntry(2, "hot"), Make.Horse(4), Make.Today).OrThrow().WeeksOff.ShouldBe(2);
    }

    [Theory]
    [InlineData(-1)]
    [InlineData(521)]
    public void Weeks_off_must_make_sense(int weeks) =>
        Assessment
            .Begin(Guid.NewGuid(), new AssessmentEntry(weeks), Horse, Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("weeksOff");

    [Fact]
    public void Two_sheets_lie_side_by_side_line_by_line()
    {
        var then = Ride.Of(Ride.Marked(TrotCircle, Rein.Left, 5), Ride.Marked(Canter, Rein.Left, 6));
        var now = Ride.Of(Ride.Marked(TrotCircle, Rein.Left, 6.5), Ride.Marked(TrotCircle, Rein.Right, 7));
        Comparison
            .Of(then, now)
            .Select(l => (l.Item, l.Rein, l.Change))
            .ShouldBe([(TrotCircle, Rein.Left, 1.5), (TrotCircle, Rein.Right, (double?)null), (Canter, Rein.Left, null)]);
    }
}
