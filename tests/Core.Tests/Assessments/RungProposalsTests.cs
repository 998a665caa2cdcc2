using CsCheck;
using Hippodrome.Core.Assessments;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Assessments.AssessmentItem;

namespace Hippodrome.Core.Tests.Assessments;

/// <summary>Where a horse should start, from what the ride showed. Common practice, no source; the marks asked are chosen.</summary>
public class RungProposalsTests
{
    private static readonly Places Nowhere = Places.From([]);

    private static string? Rung(Strand strand, Assessment ride, Places? places = null, int age = 9) =>
        RungProposals.Of(ride, places ?? Nowhere, age).Single(p => p.Strand == strand).RungId;

    private static Places At(params string[] rungIds) =>
        Places.From(rungIds.Select(id => new RungMove(Catalogue.Rung(id).Strand, id, MoveKind.ByHand, "x", Make.Today)));

    [Theory]
    [InlineData(7, "flatwork/fifteen-metres", "lateral/shoulder-in")]
    [InlineData(6, "flatwork/trot-canter", "lateral/four-steps")]
    [InlineData(5, null, null)]
    public void Six_lets_it_start_and_seven_says_it_knows(double mark, string? flatwork, string? lateral)
    {
        Rung(Strand.Flatwork, Ride.Even(mark)).ShouldBe(flatwork);
        Rung(Strand.Lateral, Ride.Even(mark)).ShouldBe(lateral);
    }

    [Fact]
    public void The_lower_side_decides()
    {
        Rung(Strand.Flatwork, Ride.Even(7, Ride.Marked(Canter, Rein.Left, 5))).ShouldBe("flatwork/lines-and-large-circles");
        Rung(Strand.Flatwork, Ride.Even(7, Ride.Marked(Canter, Rein.Left, 6))).ShouldBe("flatwork/trot-canter");
    }

    [Fact]
    public void What_was_not_ridden_neither_lifts_nor_lowers()
    {
        var walkAndTrot = Ride.Of([.. Ride.Even(7).Answers.Where(a => a.Item is Walk or TrotCircle or TrotWalk)]);
        Rung(Strand.Flatwork, walkAndTrot).ShouldBe("flatwork/lines-and-large-circles");
        Rung(Strand.Flatwork, walkAndTrot, At("in-hand/lower-and-bend", "lunge/surcingle-and-voice", "flatwork/fifteen-metres"))
            .ShouldBe("flatwork/fifteen-metres");
    }

    [Fact]
    public void What_was_ridden_badly_speaks_against_the_book()
    {
        var bad = Ride.Even(7, Ride.Marked(Canter, Rein.Left, 4), Ride.Marked(Canter, Rein.Right, 4));
        var proposal = RungProposals.Of(bad, At("flatwork/simple-change"), 9).Single(p => p.Strand == Strand.Flatwork);
        (proposal.RungId, proposal.StandsOn, proposal.Moves).ShouldBe(("flatwork/lines-and-large-circles", "flatwork/simple-change", true));
        proposal.Why.Inputs.ShouldContain("Canter on both leads: 4 on the lower side, 6 asked for Trot-canter, three loops, stretch");
    }

    /// <summary>6.5 on the spiral is short of a start on 15 m circles and no reason to take a trained horse down; 4 is.</summary>
    [Theory]
    [InlineData(6.5, "flatwork/collected-gaits")]
    [InlineData(5, "flatwork/collected-gaits")]
    [InlineData(4, "flatwork/trot-canter")]
    public void Short_of_a_start_is_not_yet_against_what_a_horse_can_do(double spiral, string rung)
    {
        var stood = At("in-hand/lower-and-bend", "lunge/surcingle-and-voice", "lateral/lateral-canter", "flatwork/collected-gaits");
        Rung(Strand.Flatwork, Ride.Even(7, Ride.Marked(Spiral, Rein.Left, spiral)), stood).ShouldBe(rung);
    }

    [Fact]
    public void A_ridden_horse_has_had_its_groundwork()
    {
        Rung(Strand.InHand, Ride.Even(7)).ShouldBe("in-hand/lower-and-bend");
        Rung(Strand.InHand, Ride.Of()).ShouldBeNull();
    }

    [Fact]
    public void Age_holds_back_what_the_ride_showed()
    {
        Rung(Strand.Flatwork, Ride.Even(8), age: 5).ShouldBe("flatwork/fifteen-metres");
        Rung(Strand.Flatwork, Ride.Even(8), age: 4).ShouldBe("flatwork/trot-canter");
    }

    [Theory]
    [InlineData(11, "jumping/small-single")]
    [InlineData(12, "jumping/empty-wings")]
    public void After_a_long_break_jumping_starts_again_at_the_first_rung(int weeksOff, string jumping)
    {
        var stood = At(
            "in-hand/lower-and-bend",
            "lunge/surcingle-and-voice",
            "flatwork/fifteen-metres",
            "lateral/leg-yield-line",
            "poles/canter-pole",
            "grids/placing-pole",
            "jumping/small-single"
        );
        Rung(Strand.Jumping, Ride.AfterWeeksOff(weeksOff), stood).ShouldBe(jumping);
    }

    [Theory]
    [InlineData(0, null, "fitness/trot-sets")]
    [InlineData(0, 15, "fitness/walk-hardening")]
    [InlineData(0, 30, "fitness/trot-sets")]
    [InlineData(6, null, "fitness/walk-hardening")]
    public void Fitness_goes_by_the_rest_and_the_minute_it_tired(int weeksOff, int? tired, string rung)
    {
        var ride = Ride.Even(6) with { WeeksOff = weeksOff };
        var answers = ride.Answers.Select(a =>
            tired is { } minute && a.Item == TrotCircle ? a with { Felt = [Felt.Tires], Minute = minute } : a
        );
        Rung(Strand.Fitness, ride with { Answers = [.. answers] }).ShouldBe(rung);
    }

    [Fact]
    public void There_is_one_proposal_for_each_of_the_twelve_strands() =>
        RungProposals.Of(Ride.Even(7), Nowhere, 9).Select(p => p.Strand).ShouldBe(Catalogue.Strands);

    /// <summary>Whatever was ridden and wherever the horse stood: none above a prerequisite, none above its age.</summary>
    [Fact]
    public void No_ride_puts_a_horse_above_an_unreached_prerequisite() =>
        Gen.Select(SideRulesTests.Rides, Gen.Int[0, Catalogue.Rungs.Count - 1].Array[0, 12], Gen.Int[4, 12], Gen.Int[0, 20])
            .Sample(
                (ride, places, age, weeksOff) =>
                {
                    var proposals = RungProposals.Of(
                        ride with
                        {
                            WeeksOff = weeksOff,
                        },
                        At([.. places.Select(p => Catalogue.Rungs[p].Id)]),
                        age
                    );
                    var reached = Places.From(proposals.Select(p => new RungMove(p.Strand, p.RungId, MoveKind.Assessed, "x", Make.Today)));
                    foreach (var rung in proposals.Select(p => p.RungId).OfType<string>().Select(Catalogue.Rung))
                    {
                        reached.Missing(rung, age).ShouldBeEmpty();
                        Catalogue
                            .Ladder(rung.Strand)
                            .Take(rung.Step)
                            .SelectMany(r => r.Needs)
                            .ShouldAllBe(n => reached.Reached(Catalogue.Rung(n)));
                    }
                },
                iter: Cases.Rides
            );

    /// <summary>A mark lowered never lifts a proposal.</summary>
    [Fact]
    public void A_worse_mark_never_lifts_a_rung() =>
        Gen.Select(Gen.Int[0, 10], Gen.Int[0, 1], Gen.Int[8, 18], Gen.Int[1, 8])
            .Sample(
                (item, side, halves, less) =>
                {
                    var line = Sheet.Items[item];
                    var rein = line.Reins()[Math.Min(side, line.Reins().Count - 1)];
                    Assessment With(double mark) => Ride.Even(7, Ride.Marked(line.Item, rein, mark));
                    var (better, worse) = (
                        RungProposals.Of(With(halves / 2.0), Nowhere, 9),
                        RungProposals.Of(With(Math.Max(0, (halves - less) / 2.0)), Nowhere, 9)
                    );
                    int Step(RungProposal p) => p.RungId is { } id ? Catalogue.Rung(id).Step : 0;
                    foreach (var (b, w) in better.Zip(worse))
                    {
                        Step(w).ShouldBeLessThanOrEqualTo(Step(b));
                    }
                },
                iter: Cases.Rides
            );
}
