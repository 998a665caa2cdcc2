using Hippodrome.Core.Care;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Care;

/// <summary>What a referral holds and what it says. Whom a pattern is shown to is common practice, no source.</summary>
public class ReferralTests
{
    [Fact]
    public void It_holds_the_work_it_concerns_and_no_other()
    {
        var referral = new Referral(
            Guid.NewGuid(),
            ReferredTo.Physiotherapist,
            "the left hind",
            WaitingWork.PolesAndFences,
            Make.Today,
            null,
            null,
            null
        );
        var waits = referral.AsRestriction(Guid.NewGuid())!;
        var horse = Make.Horse();
        IReadOnlyList<PlanFault> Faults(PartEntry work, SetUpEntry? setUp = null)
        {
            var context = new PlanContext
            {
                Horse = horse,
                Plan = Make.Plan(Make.GoodParts(work), helper: true),
                SetUps = setUp is null
                    ? new Dictionary<Guid, SetUp>()
                    : new Dictionary<Guid, SetUp> { [work.SetUpId!.Value] = setUp.Check().OrThrow() },
                Nearby = [],
                Restrictions = [waits],
            };
            return [.. PlanChecks.Check(context).Where(f => f.Rule == "Restricted")];
        }

        Faults(Make.Part(Phase.Work, Gait.Canter, 15)).ShouldBeEmpty();
        var id = Guid.NewGuid();
        var fault = Faults(Make.Part(Phase.Work, Gait.Trot, 15, setUp: id), Make.Poles()).Single();
        fault.Hard.ShouldBeTrue();
        fault.Mend.ShouldContain("write what came of the referral");
        Faults(Make.Part(Phase.Work, Gait.Trot, 15, setUp: id), Make.CrossPole()).ShouldHaveSingleItem();
    }

    [Fact]
    public void One_that_only_asks_holds_nothing() =>
        new Referral(Guid.NewGuid(), ReferredTo.Saddler, "slips to the left", WaitingWork.Nothing, Make.Today, null, null, null)
            .AsRestriction(Guid.NewGuid())
            .ShouldBeNull();

    [Fact]
    public void The_paper_counts_four_weeks_and_lists_the_days_that_told_something()
    {
        var touched = Make.Record(
            Make.Passes(Rein.Left, 6),
            Make.Passes(Rein.Right, 3, 3) with
            {
                Leg = Leg.RightHind,
            },
            Make.Sign(Sign.TempoLost, Rein.Right),
            Make.Mark(Rein.Left, 7),
            Make.Mark(Rein.Right, 5)
        );
        var quiet = Make.Record(Make.Passes(Rein.Left, 4), Make.Mark(Rein.Left, 6), Make.Mark(Rein.Right, 6));
        ReferredRide On(int daysAgo, RideRecord record) => new(Guid.NewGuid(), Make.Today.AddDays(-daysAgo), "Wren", record);
        var referral = new Referral(Guid.NewGuid(), ReferredTo.Vet, "the right hind", WaitingWork.Fences, Make.Today, null, null, null);
        var paper = ReferralPaper.Of(
            Make.Horse(),
            referral,
            [On(3, quiet), On(0, touched), On(28, touched), On(27, touched), On(-1, touched)]
        );

        paper.Rides.ShouldBe(3);
        paper.Days.Select(d => d.On).ShouldBe([Make.Today, Make.Today.AddDays(-27)]);
        paper.Legs[Leg.RightHind].ShouldBe(6);
        paper.Passes.ShouldBe(new BothReins<TouchedOf>(new(0, 16), new(6, 12)));
        paper.Marks.ShouldBe(new MarksByRein(6.7, 5.3));
        paper.Text.ShouldBe(
            """
            Bramble, 8 years, for the vet. 18 April 2026
            Why: the right hind.
            Until you have looked, no fences. Other work goes on.
            3 rides since 22 March.
            Touches told by leg: left fore 0, right fore 0, left hind 0, right hind 6.
            Passes over poles touched: left rein 0 of 16, right rein 6 of 12.
            Mean mark: left rein 6.7, right rein 5.3.
            18 April: 3 touches, lost the tempo on the right rein.
            22 March: 3 touches, lost the tempo on the right rein.

            """.ReplaceLineEndings("\n")
        );
    }

    [Fact]
    public void The_rules_that_point_to_the_body_refer_and_no_others()
    {
        var refer = RideRules.All.Where(r => r.Refers is not null).ToDictionary(r => r.Name, r => r.Refers!);
        refer.Keys.ShouldBe(
            ["OffOrSore", "TheSameLeg", "KnocksRegularly", "TouchesOneSideOnly", "BucksAgain", "OneHindLeg"],
            ignoreOrder: true
        );
        refer["OffOrSore"].ShouldBe(new Refers(ReferredTo.Vet, WaitingWork.Nothing));
        refer["TheSameLeg"].Waits.ShouldBe(WaitingWork.PolesAndFences);
    }
}
