using Hippodrome.Core.Assessments;
using Hippodrome.Core.Horses;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Assessments.AssessmentItem;

namespace Hippodrome.Core.Tests.Assessments;

/// <summary>Tempo, leg, balance, memory, tiring: common practice, no source; the thresholds are chosen.</summary>
public class FindingsTests
{
    [Fact]
    public void Tempo_lost_nowhere_is_steady_and_once_in_a_while_nearly()
    {
        Ride.Found(Ride.Even(7)).Tempo.Says.ShouldBe("Steady");
        var once = Ride.Found(Ride.Even(7, Ride.Marked(TrotCircle, Rein.Left, 6, Felt.TempoLost))).Tempo;
        once.Says.ShouldBe("Steady but for a moment");
        once.For.ShouldBe(["Trot, 20 m circle, left rein"]);
        once.Against.Count.ShouldBeGreaterThan(5);
    }

    [Fact]
    public void Tempo_lost_in_more_than_a_quarter_is_unsteady() =>
        Ride.Found(
                Ride.Of(
                    Ride.Marked(TrotCircle, Rein.Left, 6, Felt.TempoLost),
                    Ride.Marked(TrotCircle, Rein.Right, 6),
                    Ride.Marked(Canter, Rein.Left, 6)
                )
            )
            .Tempo.Says.ShouldBe("Unsteady");

    [Theory]
    [InlineData(7, "Answers a light leg")]
    [InlineData(5.5, "Answers, not yet lightly")]
    public void The_yield_and_the_transitions_say_how_it_answers(double mark, string says) =>
        Ride.Found(Ride.Even(mark)).Leg.Says.ShouldBe(says);

    [Fact]
    public void A_chip_outweighs_the_mark_and_the_mark_is_shown_against_it()
    {
        var leg = Ride.Found(Ride.Even(7, Ride.Marked(TrotWalk, Rein.Left, 7, Felt.DullToLeg))).Leg;
        leg.Says.ShouldBe("Dull to the leg");
        leg.Against.ShouldNotBeEmpty();
    }

    [Fact]
    public void Dull_here_and_running_there_is_said_as_both()
    {
        var leg = Ride.Found(
            Ride.Even(6, Ride.Marked(Walk, Rein.Left, 6, Felt.DullToLeg), Ride.Marked(TrotCircle, Rein.Left, 6, Felt.RunsFromLeg))
        ).Leg;
        (leg.Says, leg.For.Count, leg.Against.Count).ShouldBe(("Dull in some things, runs in others", 1, 1));
    }

    [Fact]
    public void The_earliest_minute_of_tiring_counts_and_good_work_after_it_speaks_against()
    {
        var ride = Ride.Of(
            Ride.At(Canter, Rein.Left, 34, Felt.Tires),
            Ride.At(SmallerLargerTrot, Rein.Left, 28, Felt.Tires),
            Ride.Marked(Stretch, Rein.Left, 7) with
            {
                Minute = 38,
            }
        );
        Findings.MinuteTired(ride).ShouldBe(28);
        var tired = Ride.Found(ride).Tired;
        tired.Says.ShouldBe("Tired at minute 28");
        tired.Against.ShouldBe(["Stretch, left rein: 7 at minute 38"]);
    }

    [Fact]
    public void Tiring_without_a_minute_is_said_so_and_no_tiring_too()
    {
        Ride.Found(Ride.Of(Ride.Marked(Canter, Rein.Left, 6, Felt.Tires)))
            .Tired.Says.ShouldBe("Tired in Canter on both leads, minute not noted");
        Ride.Found(Ride.Even(6)).Tired.Says.ShouldBe("Did not tire");
    }

    [Fact]
    public void It_remembers_what_it_offered_and_what_was_good()
    {
        Ride.Found(Ride.Even(5, Ride.Marked(Spiral, Rein.Left, 7), Ride.Marked(ShoulderInWalk, Rein.Left, 5, Felt.Knows)))
            .Remembers.Says.ShouldBe("Shoulder-in posture in walk · Spiral in, yield out");
        var contradicts = Ride.Found(Ride.Even(5, Ride.Marked(ShoulderInWalk, Rein.Left, 4, Felt.Knows))).Remembers;
        contradicts.Against.ShouldHaveSingleItem().ShouldContain("known, and only 4");
    }

    [Theory]
    [InlineData(true, "Passed")]
    [InlineData(false, "Failed: the ride asked too much")]
    public void The_dropped_rein_closes_it(bool passed, string says) =>
        Ride.Found(Ride.Of(Ride.Dropped(passed))).ClosingTest.Says.ShouldBe(says);

    [Fact]
    public void Balance_is_asked_in_canter_only()
    {
        Ride.Found(Ride.Of(Ride.Marked(TrotCircle, Rein.Left, 7))).Balance.Says.ShouldBe("Not seen yet");
        Ride.Found(Ride.Even(7)).Balance.Says.ShouldBe("In balance after the depart");
        Ride.Found(Ride.Even(7, Ride.Marked(Canter, Rein.Left, 6, Felt.OffBalance)))
            .Balance.For.ShouldBe(["Canter on both leads, left lead"]);
    }

    [Fact]
    public void An_empty_sheet_claims_nothing()
    {
        var findings = Ride.Found(Ride.Of());
        (findings.StiffSide.Clarity, findings.HarderLead.Clarity, findings.WeakHind.Clarity).ShouldBe(
            (Clarity.None, Clarity.None, Clarity.None)
        );
        (findings.Tempo.Says, findings.Leg.Says, findings.ClosingTest.Says).ShouldBe(("Not trotted yet", "Not asked yet", "Not done yet"));
    }
}
