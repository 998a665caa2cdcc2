using CsCheck;
using Hippodrome.Core.Assessments;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Assessments.AssessmentItem;

namespace Hippodrome.Core.Tests.Assessments;

/// <summary>
/// What left against right says, in pairs that differ in one fact. All common practice, no source: a horse
/// resists bending to its stiff side, leans on that shoulder, and the opposite lead departs late.
/// </summary>
public class SideRulesTests
{
    [Fact]
    public void A_right_rein_that_is_harder_three_times_is_clearly_stiff_right()
    {
        var finding = SideRules.StiffSide(
            Ride.Even(
                7,
                Ride.Marked(TrotCircle, Rein.Right, 5.5),
                Ride.Marked(Spiral, Rein.Right, 6),
                Ride.Marked(ShoulderInWalk, Rein.Right, 6)
            )
        );
        (finding.Side, finding.Clarity).ShouldBe((Side.Right, Clarity.Clear));
        finding.ForLeft.ShouldBeEmpty();
        finding.ForRight.Select(e => e.Says).ShouldContain("Trot, 20 m circle: left 7, right 5.5");
    }

    [Fact]
    public void Harder_only_once_is_likely_and_not_clear() =>
        SideRules.StiffSide(Ride.Even(7, Ride.Marked(TrotCircle, Rein.Right, 5.5))).Clarity.ShouldBe(Clarity.Likely);

    [Fact]
    public void The_same_marks_on_the_other_rein_name_the_other_side() =>
        SideRules
            .StiffSide(
                Ride.Even(
                    7,
                    Ride.Marked(TrotCircle, Rein.Left, 5.5),
                    Ride.Marked(Spiral, Rein.Left, 6),
                    Ride.Marked(ShoulderInWalk, Rein.Left, 6)
                )
            )
            .Side.ShouldBe(Side.Left);

    [Fact]
    public void Even_marks_name_no_side()
    {
        var finding = SideRules.StiffSide(Ride.Even(7));
        (finding.Side, finding.Clarity).ShouldBe(((Side?)null, Clarity.None));
    }

    [Fact]
    public void One_item_for_each_side_contradicts_and_both_stand()
    {
        var finding = SideRules.StiffSide(Ride.Even(7, Ride.Marked(TrotCircle, Rein.Right, 6), Ride.Marked(Spiral, Rein.Left, 6)));
        (finding.Side, finding.Clarity).ShouldBe(((Side?)null, Clarity.Contradicts));
        (finding.ForLeft.Count, finding.ForRight.Count).ShouldBe((1, 1));
    }

    [Fact]
    public void Three_against_one_is_still_likely_and_the_one_is_shown()
    {
        var finding = SideRules.StiffSide(
            Ride.Even(
                7,
                Ride.Marked(TrotCircle, Rein.Right, 6),
                Ride.Marked(Spiral, Rein.Right, 6),
                Ride.Marked(Walk, Rein.Right, 6),
                Ride.Marked(YieldFromLeg, Rein.Left, 6)
            )
        );
        (finding.Side, finding.Clarity).ShouldBe((Side.Right, Clarity.Likely));
        finding.ForLeft.ShouldHaveSingleItem().Says.ShouldBe("Yield from a light leg: left 6, right 7");
    }

    [Theory]
    [InlineData(Rein.Right, Felt.FallsIn, Side.Right)]
    [InlineData(Rein.Left, Felt.FallsOut, Side.Right)]
    [InlineData(Rein.Left, Felt.FallsIn, Side.Left)]
    [InlineData(Rein.Right, Felt.FallsOut, Side.Left)]
    public void It_leans_on_the_shoulder_it_falls_over(Rein rein, Felt felt, Side stiff) =>
        SideRules.StiffSide(Ride.Even(7, Ride.Marked(TrotCircle, rein, 7, felt))).Side.ShouldBe(stiff);

    [Theory]
    [InlineData(Felt.HeadUp)]
    [InlineData(Felt.FussInMouth)]
    public void Resisting_on_one_rein_speaks_for_it_and_on_both_for_neither(Felt felt)
    {
        SideRules.StiffSide(Ride.Even(7, Ride.Marked(TrotCircle, Rein.Left, 7, felt))).Side.ShouldBe(Side.Left);
        SideRules
            .StiffSide(Ride.Even(7, Ride.Marked(TrotCircle, Rein.Left, 7, felt), Ride.Marked(TrotCircle, Rein.Right, 7, felt)))
            .Clarity.ShouldBe(Clarity.None);
    }

    [Fact]
    public void A_yield_refused_from_one_leg_speaks_for_that_side() =>
        SideRules.StiffSide(Ride.Even(7, Ride.Marked(YieldFromLeg, Rein.Right, 7, Felt.RefusesToYield))).Side.ShouldBe(Side.Right);

    [Fact]
    public void A_late_left_depart_speaks_for_a_stiff_right_side_and_a_weak_right_hind()
    {
        var ride = Ride.Even(7, Ride.Marked(Canter, Rein.Left, 7, Felt.LateDepart));
        SideRules.HarderLead(ride).Side.ShouldBe(Side.Left);
        SideRules.StiffSide(ride).Side.ShouldBe(Side.Right);
        SideRules.WeakHind(ride).Side.ShouldBe(Side.Right);
    }

    [Fact]
    public void A_late_right_depart_turns_all_three_round()
    {
        var ride = Ride.Even(7, Ride.Marked(Canter, Rein.Right, 7, Felt.LateDepart));
        (SideRules.HarderLead(ride).Side, SideRules.StiffSide(ride).Side, SideRules.WeakHind(ride).Side).ShouldBe(
            (Side.Right, Side.Left, Side.Left)
        );
    }

    [Fact]
    public void Breaking_is_the_fault_of_the_easy_lead_too_and_makes_none_the_harder() =>
        SideRules.HarderLead(Ride.Even(7, Ride.Marked(Canter, Rein.Right, 7, Felt.Breaks))).Clarity.ShouldBe(Clarity.None);

    [Fact]
    public void Struck_off_wrong_counts_as_late() =>
        SideRules.HarderLead(Ride.Even(7, Ride.Marked(Canter, Rein.Left, 7, Felt.WrongLead))).Side.ShouldBe(Side.Left);

    [Fact]
    public void Breaking_from_trot_on_a_circle_speaks_for_the_inside_hind() =>
        SideRules.WeakHind(Ride.Even(7, Ride.Marked(TrotCircle, Rein.Left, 7, Felt.Breaks))).Side.ShouldBe(Side.Left);

    [Fact]
    public void Shoulder_in_and_the_depart_can_point_to_the_same_hind()
    {
        var finding = SideRules.WeakHind(
            Ride.Even(7, Ride.Marked(ShoulderInWalk, Rein.Right, 5.5), Ride.Marked(Canter, Rein.Left, 6, Felt.LateDepart))
        );
        (finding.Side, finding.Clarity, finding.ForRight.Count).ShouldBe((Side.Right, Clarity.Clear, 3));
    }

    [Fact]
    public void One_bad_item_does_not_outvote_the_ride()
    {
        var finding = SideRules.StiffSide(
            Ride.Even(
                7,
                Ride.Marked(TrotCircle, Rein.Left, 1),
                Ride.Marked(Spiral, Rein.Right, 6),
                Ride.Marked(Walk, Rein.Right, 6),
                Ride.Marked(Stretch, Rein.Right, 6)
            )
        );
        finding.Side.ShouldNotBe(Side.Left);
        finding.ForLeft[0].Weight.ShouldBe(AssessmentFigures.MostWeight.Value);
    }

    /// <summary>Whatever was ridden: mirrored left for right, the other side is found, as clearly.</summary>
    [Fact]
    public void The_mirror_image_of_a_ride_finds_the_other_side() =>
        Rides.Sample(
            ride =>
            {
                var mirror = ride with
                {
                    Answers =
                    [
                        .. ride.Answers.Select(a =>
                            a with
                            {
                                Rein =
                                    a.Rein == Rein.Left ? Rein.Right
                                    : a.Rein == Rein.Right ? Rein.Left
                                    : a.Rein,
                            }
                        ),
                    ],
                };
                foreach (var rule in new Func<Assessment, SideFinding>[] { SideRules.StiffSide, SideRules.HarderLead, SideRules.WeakHind })
                {
                    var (here, there) = (rule(ride), rule(mirror));
                    there.Clarity.ShouldBe(here.Clarity);
                    there.Side.ShouldBe(here.Side?.Other());
                    (there.ForLeft.Count, there.ForRight.Count).ShouldBe((here.ForRight.Count, here.ForLeft.Count));
                }
            },
            iter: Cases.Rides
        );

    /// <summary>A side is named only when more speaks for it than against, and a clear one stays named when a weak piece is added against it.</summary>
    [Fact]
    public void No_side_is_named_against_the_weight() =>
        Rides.Sample(
            ride =>
            {
                var finding = SideRules.StiffSide(ride);
                var (left, right) = (finding.ForLeft.Sum(e => e.Weight), finding.ForRight.Sum(e => e.Weight));
                if (finding.Side is { } side)
                {
                    (side == Side.Left ? left > right : right > left).ShouldBeTrue();
                }
            },
            iter: Cases.Rides
        );

    internal static readonly Gen<Assessment> Rides = Gen.Select(
            Gen.Int[0, 11],
            Gen.Int[0, 1],
            Gen.Int[6, 18],
            Gen.Int[0, 12],
            Gen.Int[0, 60]
        )
        .Array[0, 24]
        .Select(rows =>
            Ride.Of([
                .. rows.Select(r =>
                    {
                        var item = Sheet.Items[r.Item1];
                        return new SheetAnswer(
                            item.Item,
                            item.Reins()[Math.Min(r.Item2, item.Reins().Count - 1)],
                            item.Item == DroppedRein ? null : Mark.Of(r.Item3 / 2.0),
                            r.Item4 < item.Chips.Count ? [item.Chips[r.Item4]] : [],
                            1,
                            r.Item5,
                            item.Item == DroppedRein ? r.Item4 % 2 == 0 : null,
                            Make.Today
                        );
                    })
                    .DistinctBy(a => (a.Item, a.Rein)),
            ])
        );
}
