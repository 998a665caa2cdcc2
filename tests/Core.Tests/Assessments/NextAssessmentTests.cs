using Hippodrome.Core.Assessments;
using Hippodrome.Core.Horses;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Assessments.AssessmentItem;

namespace Hippodrome.Core.Tests.Assessments;

/// <summary>What was reported, how long it walked, an unfit horse's dose, and when the next assessment is offered.</summary>
public class NextAssessmentTests
{
    private static AssessedOn Assessed(int begun, int? finished, int weeksOff = 0) =>
        new(Guid.NewGuid(), Guid.NewGuid(), Make.Today.AddDays(-begun), weeksOff, finished is { } f ? Make.Today.AddDays(-f) : null);

    private static AssessmentDue? Due(Horse horse, params AssessedOn[] all) => NextAssessment.Of(horse, all, Make.Today)?.Due;

    [Fact]
    public void A_new_horse_is_offered_its_first()
    {
        Due(Make.Horse()).ShouldBe(AssessmentDue.First);
        Due(Make.Horse(3)).ShouldBeNull();
        var known = Horse.Kept(Guid.NewGuid(), "Bramble", 2018, Make.Height(165), Sex.Mare, Experience.Novice, "", Make.Today.AddDays(-29));
        Due(known).ShouldBeNull();
    }

    /// <summary>Eight weeks (chosen).</summary>
    [Theory]
    [InlineData(55, false)]
    [InlineData(56, true)]
    public void Eight_weeks_on_it_is_ridden_again(int days, bool offered) =>
        (Due(Make.Horse(), Assessed(days, days)) == AssessmentDue.Again).ShouldBe(offered);

    /// <summary>Six weeks off are three walk weeks: trot items open after them (chosen, section of returns).</summary>
    [Theory]
    [InlineData(20, false)]
    [InlineData(21, true)]
    public void What_waited_for_the_ramp_is_taken_up_when_it_opens(int days, bool offered) =>
        (Due(Make.Horse(), Assessed(days, null, weeksOff: 6)) == AssessmentDue.TakeUp).ShouldBe(offered);

    [Fact]
    public void Each_problem_is_judged_by_itself()
    {
        var ride = Ride.Of(
            Ride.Marked(TrotCircle, Rein.Left, 5, Felt.FallsIn),
            Ride.Marked(TrotCircle, Rein.Right, 6),
            Ride.Marked(Walk, Rein.Left, 6)
        ) with
        {
            Problems = [Felt.FallsIn, Felt.HeadUp, Felt.LateDepart],
        };
        ReportedProblems
            .Of(ride)
            .Select(p => (p.Problem, p.Shown, p.SeenIn, p.Lines))
            .ShouldBe([(Felt.FallsIn, Shown.Seen, 1, 3), (Felt.HeadUp, Shown.NotSeen, 0, 3), (Felt.LateDepart, Shown.NotAskedYet, 0, 0)]);
    }

    [Fact]
    public void Pain_is_no_problem_to_be_ridden_out()
    {
        ReportedProblems.CanBeReported(Felt.SoreBack).ShouldBeFalse();
        Assessment
            .Begin(Guid.NewGuid(), new AssessmentEntry(0, "", [Felt.OffOrUnlevel]), Make.Horse(), Make.Today)
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("problems");
    }

    /// <summary>Seven minutes for a sound young horse (common practice).</summary>
    [Theory]
    [InlineData(6, "Only 6 minutes")]
    [InlineData(7, "Walked for 7 minutes first")]
    public void The_minutes_of_walk_are_watched(int minute, string says)
    {
        var found = Ride.Found(Ride.Of(Ride.At(Walk, Rein.Left, 2), Ride.At(TrotCircle, Rein.Left, minute)));
        found.WalkedFirst.Says.ShouldStartWith(says);
    }

    /// <summary>Tired at minute 14, seven of them walk: seven of work, a fifth less is five; five sessions (chosen).</summary>
    [Fact]
    public void An_unfit_horse_works_short_and_often()
    {
        var weeks = Ride.First(Ride.Of(Ride.At(Canter, Rein.Left, 14, Felt.Tires)))!.Weeks;
        weeks.Select(w => (w.Sessions, w.MinutesEach)).ShouldBe([(5, 7 + 5 + 5), (5, 7 + 6 + 5)]);
        // One that lasts longer is worked by the minute it tired.
        Ride.First(Ride.Of(Ride.At(Canter, Rein.Left, 35, Felt.Tires)))!.Weeks[0].Sessions.ShouldBe(4);
    }
}
