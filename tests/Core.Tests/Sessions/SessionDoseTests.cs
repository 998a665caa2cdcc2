using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Sessions;

/// <summary>What a session adds up to besides minutes.</summary>
public class SessionDoseTests
{
    private static readonly Guid Poles = Guid.NewGuid();
    private static readonly Guid Fence = Guid.NewGuid();

    private static readonly Dictionary<Guid, SetUp> SetUps = new()
    {
        [Poles] = Make.Poles().Check().OrThrow(),
        [Fence] = Make.CrossPole(0.6).Check().OrThrow(),
    };

    private static SessionTotals Totals(params PartEntry[] parts) => SessionTotals.Of(Make.Plan(parts), Make.Card(), SetUps);

    [Fact]
    public void Poles_are_counted_as_passes_and_fences_by_their_height()
    {
        var totals = Totals(
            Make.Part(Phase.Work, Gait.Trot, 6, setUp: Poles) with
            {
                Times = 8,
            },
            Make.Part(Phase.Work, Gait.Trot, 4, setUp: Fence) with
            {
                Efforts = 5,
            },
            Make.Part(Phase.Work, Gait.Trot, 3, setUp: Fence)
        );
        totals.Passes.ShouldBe(8);
        totals.Efforts.ShouldBe([new PlannedEfforts(0.6, 8)]);
        totals.EffortsCounted.ShouldBe(8);
    }

    // A grid of three with a bounce, small: six goes are 18 fences; low ones and the bounce count half (chosen for Hippodrome).
    [Fact]
    public void Small_fences_and_bounces_count_half()
    {
        var grid = new Dictionary<Guid, SetUp> { [Fence] = Catalogue.Exercise("grids/bounce/one-bounce").SetUp!.Check().OrThrow() };
        var totals = SessionTotals.Of(
            Make.Plan([Make.Part(Phase.Work, Gait.Trot, 6, setUp: Fence) with { Times = 6, InStages = false }]),
            Make.Card(),
            grid
        );
        totals.Efforts.Sum(e => e.Count).ShouldBe(18);
        totals.EffortsCounted.ShouldBe(12);
    }

    // Built up in stages, two goes each: the pole alone, then one fence of 0.40, then it and one of 0.50; each stage counts
    // only what stands (common practice; halves are chosen): 0 + 2 x 0.5 + 2 x 1.5 = 4.
    [Fact]
    public void A_grid_built_up_counts_only_what_stands_at_each_stage()
    {
        var grid = new Dictionary<Guid, SetUp> { [Fence] = Catalogue.Exercise("grids/bounce/one-bounce").SetUp!.Check().OrThrow() };
        SessionTotals
            .Of(Make.Plan([Make.Part(Phase.Work, Gait.Trot, 6, setUp: Fence) with { Times = 6 }]), Make.Card(), grid)
            .EffortsCounted.ShouldBe(4);
    }

    [Fact]
    public void Transitions_lie_between_parts_and_within_them() =>
        Totals(
            Make.Part(Phase.WarmUp, Gait.Walk, 7),
            Make.Part(Phase.Work, Gait.Trot, 8) with
            {
                Transitions = 5,
                TransitionsWith = Gait.Halt,
            },
            Make.Part(Phase.CoolDown, Gait.Walk, 5)
        )
            .Transitions.ShouldBe(
                [
                    new TransitionCount(Gait.Walk, Gait.Trot, 1),
                    new TransitionCount(Gait.Halt, Gait.Trot, 2),
                    new TransitionCount(Gait.Trot, Gait.Halt, 3),
                    new TransitionCount(Gait.Trot, Gait.Walk, 1),
                ],
                ignoreOrder: true
            );

    // Foster 2001 (value from memory): exertion times minutes; 10 walk at 1, 20 trot at 3, 5 canter at 5 is 95.
    [Fact]
    public void Expected_load_is_exertion_times_minutes() =>
        Totals(Make.Part(Phase.WarmUp, Gait.Walk, 10), Make.Part(Phase.Work, Gait.Trot, 20), Make.Part(Phase.Work, Gait.Canter, 5))
            .ExpectedLoad.ShouldBe(95);

    // Six bouts of 20 s with 40 s between: 120 + 200 = 320 s, up to the half minute 5.5 (a return's first trot, common practice).
    [Fact]
    public void Minutes_left_out_are_reckoned()
    {
        PartEntry Bare(int? times, int? efforts = null) =>
            new()
            {
                Phase = Phase.Work,
                What = "x",
                Gait = Gait.Trot,
                Rein = Rein.Both,
                Times = times,
                Efforts = efforts,
            };
        Make.Plan([Bare(8)]).Minutes.ShouldBe(8);
        Make.Plan([Bare(null, 12)]).Minutes.ShouldBe(12);
        Make.Plan([Bare(6) with { BoutSeconds = 20, RestSeconds = 40 }]).Minutes.ShouldBe(5.5);
        SessionPlan
            .From(Guid.NewGuid(), new SessionEntry(Make.Today, "x", Manner.Ridden, false, [Bare(null)]), Make.Today)
            .Faults.ShouldContain(f => f.Field == "parts[0].minutes");
    }

    [Fact]
    public void Transitions_need_another_gait_and_an_exercise_has_to_be_one() =>
        SessionPlan
            .From(
                Guid.NewGuid(),
                new SessionEntry(
                    Make.Today,
                    "x",
                    Manner.Ridden,
                    false,
                    [
                        Make.Part(Phase.Work, Gait.Trot, 5) with
                        {
                            Transitions = 4,
                            TransitionsWith = Gait.Trot,
                            ExerciseId = "no/such/thing",
                        },
                    ]
                ),
                Make.Today
            )
            .Faults.Select(f => f.Field)
            .ShouldBe(["parts[0].transitionsWith", "parts[0].exerciseId"], ignoreOrder: true);
}
