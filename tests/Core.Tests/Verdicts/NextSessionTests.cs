using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>What accepting a verdict makes of the next session.</summary>
public class NextSessionTests
{
    private static readonly Guid SetUp = Guid.NewGuid();

    private static readonly SessionPlan Ridden = Make.Plan(
        [
            Make.Part(Phase.WarmUp, Gait.Walk, 10),
            Make.Part(Phase.Work, Gait.Trot, 20, what: "Trot poles", setUp: SetUp),
            Make.Part(Phase.CoolDown, Gait.Walk, 6),
        ],
        helper: true
    );

    [Theory]
    [InlineData(SessionChange.Longer, 0.30)]
    [InlineData(SessionChange.Shorter, -0.15)]
    public void A_distance_is_changed_by_what_the_trade_changes_it(SessionChange change, double by)
    {
        var proposed = Propose(change, Make.CrossPole());
        proposed.SetUps[SetUp].Entry.AdjustMetres.ShouldBe(by);
        proposed.Session.Parts!.Count.ShouldBe(3);
    }

    [Fact]
    public void Back_to_walk_changes_the_gait_of_its_part_as_well()
    {
        var proposed = Propose(SessionChange.BackToWalk, Make.Poles());
        proposed.Session.Parts![1].Gait.ShouldBe(Gait.Walk);
        proposed.Session.Parts[1].What.ShouldBe("Walk poles");
        proposed.Says.ShouldBe(["back to walk, poles on the ground"]);
    }

    [Fact]
    public void One_rung_on_raises_the_ends_and_changes_nothing_else()
    {
        var proposed = Propose(SessionChange.RungOn, Make.Poles());
        ((PoleLineEntry)proposed.SetUps[SetUp].Entry).Raising.ShouldBe(Raising.AlternateEnds);
        proposed.Session.Parts!.Select(p => p.Minutes).ShouldBe(Ridden.Parts.Select(p => (double?)p.Minutes));
    }

    [Fact]
    public void At_the_top_of_a_ladder_it_says_so()
    {
        Propose(SessionChange.RungOn, Make.Poles(raising: Raising.AlternateEnds)).Says[0].ShouldContain("end of its ladder");
        Propose(SessionChange.RungOn, null).Says[0].ShouldContain("no set-up to change");
    }

    [Fact]
    public void At_the_bottom_of_a_ladder_going_back_means_less_work()
    {
        var proposed = Propose(SessionChange.RungBack, Make.CrossPole(0.2));
        proposed.SetUps.ShouldBeEmpty();
        proposed.Session.Parts![1].Minutes.ShouldBe(16);
        proposed.Says.ShouldBe(["less and easier work"]);
    }

    // Chosen for Hippodrome: a tired horse stops a fifth earlier next time. Heat halves the work (common practice).
    [Theory]
    [InlineData(SessionChange.CutWork, 16)]
    [InlineData(SessionChange.HalveWork, 10)]
    public void Less_work_leaves_the_walk_as_it_was(SessionChange change, double minutes)
    {
        var parts = Propose(change, Make.Poles()).Session.Parts!;
        parts.Select(p => p.Minutes).ShouldBe([10, minutes, 6]);
    }

    [Fact]
    public void Walk_only_is_no_longer_than_the_session_it_takes_the_place_of()
    {
        Propose(SessionChange.WalkOnly, Make.Poles()).Session.Parts.ShouldHaveSingleItem().Minutes.ShouldBe(30);
        var inHand = Make.Plan([Make.Part(Phase.Work, Gait.Walk, 10)], manner: Manner.InHand);
        NextSession
            .Propose(inHand, Make.Easy(), Make.Today, new Dictionary<Guid, SetUpEntry>(), SessionChange.WalkOnly)!
            .Session.Parts.ShouldHaveSingleItem()
            .Minutes.ShouldBe(10);
    }

    [Fact]
    public void A_held_horse_gets_no_next_session() =>
        NextSession.Propose(Ridden, Make.Easy(), Make.Today, new Dictionary<Guid, SetUpEntry>(), SessionChange.NoRiddenWork).ShouldBeNull();

    // Jumping days are not neighbours (common practice, no source).
    [Fact]
    public void After_a_fence_a_day_lies_between()
    {
        Propose(SessionChange.SameAgain, Make.CrossPole()).Session.On.ShouldBe(Make.Today.AddDays(2));
        Propose(SessionChange.SameAgain, Make.Poles()).Session.On.ShouldBe(Make.Today.AddDays(1));
    }

    [Fact]
    public void A_ride_nobody_planned_still_makes_a_session_with_walk_at_both_ends()
    {
        var record = Make.Record(
            Make.Ridden(Gait.Walk, Rein.Both, 12),
            Make.Ridden(Gait.Trot, Rein.Both, 14),
            Make.Ridden(Gait.Canter, Rein.Left, 5)
        );
        var proposed = NextSession.Propose(null, record, Make.Today, new Dictionary<Guid, SetUpEntry>(), SessionChange.SameAgain)!;
        var plan = SessionPlan.From(Guid.NewGuid(), proposed.Session, Make.Today).OrThrow();
        plan.Parts.Select(p => p.Gait).ShouldBe([Gait.Walk, Gait.Trot, Gait.Canter, Gait.Walk]);
        PlanChecks
            .Check(
                new PlanContext
                {
                    Horse = Make.Horse(),
                    Plan = plan,
                    SetUps = new Dictionary<Guid, SetUp>(),
                    Nearby = [],
                }
            )
            .ShouldBeEmpty();
    }

    [Fact]
    public void Whatever_the_change_what_is_proposed_can_be_planned()
    {
        SetUpEntry?[] setUps =
        [
            null,
            Make.Poles(),
            Make.Poles(GaitVariant.WalkMedium),
            Make.Poles(raising: Raising.AlternateEnds),
            Make.CrossPole(0.2),
            Make.CrossPole(0.8),
        ];
        foreach (
            var (change, setUp) in Enum.GetValues<SessionChange>()
                .Where(c => c != SessionChange.NoRiddenWork)
                .SelectMany(c => setUps.Select(s => (c, s)))
        )
        {
            SessionPlan.From(Guid.NewGuid(), Propose(change, setUp).Session, Make.Today).IsFine.ShouldBeTrue($"{change} with {setUp}");
        }
    }

    private static ProposedSession Propose(SessionChange change, SetUpEntry? setUp) =>
        NextSession.Propose(
            Ridden,
            Make.Easy(),
            Make.Today,
            setUp is null ? new Dictionary<Guid, SetUpEntry>() : new Dictionary<Guid, SetUpEntry> { [SetUp] = setUp },
            change
        )!;
}
