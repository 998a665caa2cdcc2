using Hippodrome.Core.Arenas;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Tests.Rides;
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

    // Three sizes of step (common practice): the set-up's own stage, the easiest of the next rung, else one small thing.
    [Fact]
    public void Up_is_the_next_stage_of_what_stands_then_the_next_rung_then_a_variation()
    {
        Propose(SessionChange.RungOn, Make.Poles()).Says.ShouldBe(["one rung on: ends raised in turn"]);
        var raised = Propose(SessionChange.RungOn, Make.Poles(raising: Raising.AlternateEnds));
        raised.Says.ShouldBe(["one thing otherwise: a pole more"]);

        var circles = OnRung("flatwork/fifteen-metres");
        var up = NextSession.Propose(
            circles,
            Make.Easy(),
            Make.Today,
            Nothing,
            SessionChange.RungOn,
            Catalogue.Rung("flatwork/fifteen-metres")
        )!;
        up.Session.Parts![1].RungId.ShouldBe(Catalogue.Above(Catalogue.Rung("flatwork/fifteen-metres"))!.Id);
        up.Session.Parts[1].Minutes.ShouldBe(20);
        // Of another rung nothing was judged easy.
        NextSession
            .Propose(circles, Make.Easy(), Make.Today, Nothing, SessionChange.RungOn, Catalogue.Rung("poles/trot-poles"))!
            .Session.Parts![1]
            .RungId.ShouldBe("flatwork/fifteen-metres");
    }

    [Fact]
    public void A_calm_day_is_varied_by_one_small_thing_and_again_by_another()
    {
        Propose(SessionChange.Vary, Make.CrossPole()).Says.ShouldBe(["one thing otherwise: on the other side of the school"]);
        var circles = OnRung("flatwork/lines-and-large-circles");
        var varied = NextSession.Propose(circles, Make.Easy(), Make.Today, Nothing, SessionChange.Vary)!.Session.Parts![1];
        varied.RungId.ShouldBe("flatwork/lines-and-large-circles");
        varied.ExerciseId.ShouldNotBeNull();
        var again = SessionPlan
            .From(Guid.NewGuid(), new SessionEntry(Make.Today, "x", Manner.Ridden, false, Make.GoodParts(varied), ""), Make.Today)
            .OrThrow();
        NextSession
            .Propose(again, Make.Easy(), Make.Today, Nothing, SessionChange.Vary)!
            .Session.Parts![1]
            .ExerciseId.ShouldNotBe(varied.ExerciseId);
    }

    /// <summary>The side it left by is a side of the horse's way, whatever side of the school the fence stands on.</summary>
    [Fact]
    public void A_guide_stays_with_the_horse_when_the_fence_goes_elsewhere()
    {
        var narrow = new NarrowEntry
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.LeftQuarterLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            Guides = Guides.Left,
        };
        var varied = (NarrowEntry)narrow.Varied().Entry;
        varied.Line.ShouldBe(ArenaLine.RightQuarterLine);
        varied.Guides.ShouldBe(Guides.Left);
    }

    /// <summary>After a run-out the next one starts no narrower, with both guides, and guards the side it left by.</summary>
    [Theory]
    [InlineData(EffortOutcome.RunOutLeft, Side.Left)]
    [InlineData(EffortOutcome.RunOutRight, Side.Right)]
    public void A_narrow_fence_guards_the_side_it_was_left_by(EffortOutcome ranOut, Side side)
    {
        var narrow = new NarrowEntry
        {
            Arena = ArenaSize.SixtyByTwenty,
            Line = ArenaLine.CentreLine,
            Heading = Heading.TowardsC,
            MiddleMetres = 30,
            WidthMetres = 1.2,
            Guides = Guides.Left,
            HeightMetres = 0.6,
            ComesIn = Gait.Canter,
        };
        var record = RideRecord.Fold(RideLog.Kept([Make.Jumped(Rein.Left, ranOut)]));
        var next = NextSession.Propose(
            Ridden,
            record,
            Make.Today,
            new Dictionary<Guid, SetUpEntry> { [SetUp] = narrow },
            SessionChange.RungBack
        )!;
        var stands = (NarrowEntry)next.SetUps[SetUp].Entry;
        stands.WidthMetres!.Value.ShouldBeGreaterThanOrEqualTo(1.2);
        (stands.Guides, stands.Guards).ShouldBe((Guides.Both, side));
    }

    /// <summary>Whatever is accepted, what stands next time is no higher and no more than the verdict says, and can be built.</summary>
    [Theory]
    [MemberData(nameof(Changes))]
    public void An_accepted_verdict_never_asks_for_more_than_it_says(SessionChange change)
    {
        foreach (var entry in Catalogue.Exercises.Select(e => e.SetUp).OfType<SetUpEntry>())
        {
            var before = entry.AsKept().SetUp;
            if (
                NextSession.Propose(Ridden, Make.Easy(), Make.Today, new Dictionary<Guid, SetUpEntry> { [SetUp] = entry }, change)
                is not { } next
            )
            {
                change.ShouldBe(SessionChange.NoRiddenWork);
                continue;
            }

            (next.Session.Parts!.Sum(p => p.Minutes) ?? 0).ShouldBeLessThanOrEqualTo(Ridden.Minutes, change.ToString());
            foreach (var after in next.SetUps.Values.Select(s => s.Entry.Check().OrThrow()))
            {
                (after.HasFence ? after.HighestFence.Metres : 0).ShouldBeLessThanOrEqualTo(
                    before.HasFence ? before.HighestFence.Metres : 0,
                    $"{change} of {before}"
                );
                after.Fences.Count.ShouldBeLessThanOrEqualTo(before.Fences.Count);
            }
        }
    }

    public static TheoryData<SessionChange> Changes => [.. Enum.GetValues<SessionChange>().Where(c => c != SessionChange.RungOn)];

    /// <summary>Done at the rail and accepted afterwards it is done once: what stood at the end stands next time.</summary>
    [Fact]
    public void What_was_rebuilt_at_the_rail_is_not_changed_a_second_time()
    {
        var rebuilt = Make.Poles().BackToWalk().Entry;
        var taps = new Railside()
            .Part(1)
            .Tap(Make.Passes(Rein.Left, 1, 0, 1))
            .Answered("RushesPoles", accepted: true)
            .Tap(new Stands(Guid.NewGuid(), default, 1, rebuilt))
            .Log;
        var next = NextSession.Propose(
            Ridden,
            RideRecord.Fold(taps),
            Make.Today,
            new Dictionary<Guid, SetUpEntry> { [SetUp] = Make.Poles() },
            SessionChange.BackToWalk,
            rule: "RushesPoles"
        )!;
        next.SetUps[SetUp].Entry.ShouldBe(rebuilt);
        next.Session.Parts![1].Gait.ShouldBe(Gait.Walk);
        next.Says.ShouldBe(["as it stood at the end"]);
    }

    /// <summary>What another advice had rebuilt does not stand in the place of the cut that tiredness asks for, nor of no poles.</summary>
    [Theory]
    [InlineData(SessionChange.CutWork, "Tired")]
    [InlineData(SessionChange.NoPoles, "SameLegToday")]
    [InlineData(SessionChange.WalkOnly, "TooHot")]
    public void Only_what_rebuilds_is_done_by_rebuilding(SessionChange change, string rule)
    {
        var taps = new Railside()
            .Part(1)
            .Tap(new Stands(Guid.NewGuid(), default, 1, Make.Poles().BackToWalk().Entry))
            .Answered(rule, accepted: true)
            .Log;
        var setUps = new Dictionary<Guid, SetUpEntry> { [SetUp] = Make.Poles() };
        var done = NextSession.Propose(Ridden, RideRecord.Fold(taps), Make.Today, setUps, change, rule: rule)!;
        done.Says.ShouldBe(Propose(change, Make.Poles()).Says);
        done.SetUps.ShouldBeEmpty();
    }

    // Tension over the top with changes: another day, and then with them again (common practice).
    [Fact]
    public void Another_day_leaves_it_out_once_and_brings_it_back()
    {
        var changes = OnRung("changes/single-change");
        var next = NextSession.Propose(changes, Make.Easy(), Make.Today, Nothing, SessionChange.NoChanges)!;
        next.Session.Parts!.ShouldAllBe(p => p.RungId == null);
        next.After!.Parts!.ShouldContain(p => p.RungId == "changes/single-change");
        next.After.On!.Value.ShouldBeGreaterThan(next.Session.On!.Value);
        NextSession.Propose(changes, Make.Easy(), Make.Today, Nothing, SessionChange.NoPoles)!.After.ShouldBeNull();
    }

    private static readonly Dictionary<Guid, SetUpEntry> Nothing = [];

    private static SessionPlan OnRung(string rung) =>
        Make.Plan([
            Make.Part(Phase.WarmUp, Gait.Walk, 10),
            Make.Part(Phase.Work, Gait.Trot, 20) with
            {
                RungId = rung,
            },
            Make.Part(Phase.CoolDown, Gait.Walk, 6),
        ]);

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
