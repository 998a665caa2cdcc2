using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Sessions;

/// <summary>
/// The faults a plan can have, mostly in pairs that differ in one fact. Common practice, no source,
/// with thresholds chosen for Hippodrome where the trade names none.
/// </summary>
public class PlanChecksTests
{
    private static readonly Guid Poles = Guid.NewGuid();
    private static readonly Guid Raised = Guid.NewGuid();
    private static readonly Guid Fence = Guid.NewGuid();

    private static readonly Dictionary<Guid, SetUp> SetUps = new()
    {
        [Poles] = Make.Poles().Check().OrThrow(),
        [Raised] = Make.Poles(raising: Raising.AlternateEnds).Check().OrThrow(),
        [Fence] = Make.CrossPole().Check().OrThrow(),
    };

    [Fact]
    public void A_good_plan_has_no_faults() => Rules(Make.Plan()).ShouldBeEmpty();

    [Theory]
    [InlineData(8, null, 7)]
    [InlineData(14, null, 7)]
    [InlineData(15, null, 10)]
    [InlineData(17, null, 10)]
    [InlineData(18, null, 12)]
    [InlineData(8, 4.9, 10)]
    [InlineData(8, 5.0, 7)]
    [InlineData(18, -2.0, 15)]
    public void Walk_first_grows_with_age_and_cold(int age, double? celsius, int minutes)
    {
        PlanChecks.WalkFirstNeeded(age, celsius, out var needed);
        needed.ShouldBe(minutes);
    }

    [Theory]
    [InlineData(7, 8, null, false)]
    [InlineData(6.5, 8, null, true)]
    [InlineData(9.5, 15, null, true)]
    [InlineData(10, 15, null, false)]
    [InlineData(9, 8, 2.0, true)]
    public void Walk_comes_first_and_long_enough(double walk, int age, double? celsius, bool fault) =>
        Rules(
                Make.Plan([
                    Make.Part(Phase.WarmUp, Gait.Walk, walk),
                    Make.Part(Phase.Work, Gait.Trot, 20),
                    Make.Part(Phase.CoolDown, Gait.Walk, 6),
                ]),
                age,
                celsius: celsius
            )
            .Contains("WalkFirstTooShort")
            .ShouldBe(fault);

    [Fact]
    public void Walk_that_comes_after_trot_does_not_count_as_first() =>
        Rules(
                Make.Plan([
                    Make.Part(Phase.WarmUp, Gait.Trot, 5),
                    Make.Part(Phase.WarmUp, Gait.Walk, 15),
                    Make.Part(Phase.Work, Gait.Trot, 20),
                    Make.Part(Phase.CoolDown, Gait.Walk, 6),
                ])
            )
            .ShouldContain("WalkFirstTooShort");

    [Theory]
    [InlineData(20, false)]
    [InlineData(20.5, true)]
    public void On_a_short_first_day_the_walk_rules_do_not_hold(double minutes, bool fault) =>
        Rules(Make.Plan([Make.Part(Phase.Work, Gait.Trot, minutes)])).Contains("WalkFirstTooShort").ShouldBe(fault);

    [Fact]
    public void In_hand_work_needs_no_warm_up_of_its_own() =>
        Rules(Make.Plan([Make.Part(Phase.Work, Gait.Walk, 25)], manner: Manner.InHand)).ShouldBeEmpty();

    [Theory]
    [InlineData(5, false)]
    [InlineData(4, true)]
    public void It_ends_in_walk(double walk, bool fault) =>
        Rules(
                Make.Plan([
                    Make.Part(Phase.WarmUp, Gait.Walk, 10),
                    Make.Part(Phase.Work, Gait.Trot, 20),
                    Make.Part(Phase.CoolDown, Gait.Walk, walk),
                ])
            )
            .Contains("NoCoolDown")
            .ShouldBe(fault);

    [Fact]
    public void Stretching_in_trot_is_not_yet_walk() =>
        Rules(
                Make.Plan([
                    Make.Part(Phase.WarmUp, Gait.Walk, 10),
                    Make.Part(Phase.Work, Gait.Trot, 20),
                    Make.Part(Phase.CoolDown, Gait.Trot, 8),
                ])
            )
            .ShouldContain("NoCoolDown");

    [Theory]
    [InlineData(15, false)]
    [InlineData(15.5, true)]
    public void New_work_comes_in_the_last_quarter_of_an_hour_before_the_cool_down(double minutes, bool fault) =>
        Rules(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 10), Make.Part(Phase.NewWork, Gait.Canter, minutes))))
            .Contains("NewWorkTooEarly")
            .ShouldBe(fault);

    [Fact]
    public void New_work_followed_by_long_old_work_came_too_early() =>
        Rules(Make.Plan(Make.GoodParts(Make.Part(Phase.NewWork, Gait.Canter, 5), Make.Part(Phase.Work, Gait.Trot, 15))))
            .ShouldContain("NewWorkTooEarly");

    [Fact]
    public void New_work_is_never_the_whole_session()
    {
        Rules(Make.Plan(Make.GoodParts(Make.Part(Phase.NewWork, Gait.Canter, 5)))).ShouldContain("NothingButNewWork");
        Rules(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 5), Make.Part(Phase.NewWork, Gait.Canter, 5)))).ShouldBeEmpty();
    }

    [Theory]
    [InlineData("Change left", "change LEFT", false)]
    [InlineData("Change left", "First water", true)]
    public void One_new_thing_at_a_time(string one, string other, bool fault) =>
        Rules(
                Make.Plan(
                    Make.GoodParts(
                        Make.Part(Phase.Work, Gait.Trot, 10),
                        Make.Part(Phase.NewWork, Gait.Canter, 3, what: one),
                        Make.Part(Phase.NewWork, Gait.Canter, 3, what: other)
                    )
                )
            )
            .Contains("MoreThanOneNewThing")
            .ShouldBe(fault);

    [Theory]
    [InlineData(12, 8, false)]
    [InlineData(12.5, 7.5, true)]
    [InlineData(7.5, 12.5, true)]
    public void No_rein_gets_more_than_sixty_per_cent_of_the_work(double left, double right, bool fault) =>
        Rules(
                Make.Plan(
                    Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, left, Rein.Left), Make.Part(Phase.Work, Gait.Trot, right, Rein.Right))
                )
            )
            .Contains("OneReinTooMuch")
            .ShouldBe(fault);

    [Fact]
    public void The_warm_ups_rein_is_not_counted_as_work() =>
        Rules(
                Make.Plan([
                    Make.Part(Phase.WarmUp, Gait.Walk, 20, Rein.Left),
                    Make.Part(Phase.Work, Gait.Trot, 10),
                    Make.Part(Phase.CoolDown, Gait.Walk, 6),
                ])
            )
            .ShouldBeEmpty();

    [Theory]
    [InlineData(true, false)]
    [InlineData(false, true)]
    public void Nobody_jumps_alone(bool helper, bool refused)
    {
        var faults = Faults(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15, setUp: Fence)), helper));
        faults.Any(f => f is { Rule: "FenceWithoutHelper", Hard: true }).ShouldBe(refused);
    }

    [Theory]
    [InlineData(true, false)]
    [InlineData(false, true)]
    public void Raised_poles_want_a_helper_but_can_be_ridden_without(bool helper, bool fault)
    {
        var faults = Faults(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15, setUp: Raised)), helper));
        faults.Any(f => f is { Rule: "RaisedPolesWithoutHelper", Hard: false }).ShouldBe(fault);
        Rules(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15, setUp: Poles)))).ShouldBeEmpty();
    }

    [Theory]
    [InlineData(3, Manner.Ridden, true)]
    [InlineData(3, Manner.Lunged, true)]
    [InlineData(3, Manner.InHand, false)]
    [InlineData(4, Manner.Ridden, false)]
    public void At_three_a_horse_is_worked_in_hand_only(int age, Manner manner, bool refused)
    {
        var plan = Make.Plan([Make.Part(Phase.Work, Gait.Walk, 8)], manner: manner);
        Faults(plan, age).Any(f => f is { Rule: "TooYoungToRide", Hard: true }).ShouldBe(refused);
    }

    [Theory]
    [InlineData(3, 10, false)]
    [InlineData(3, 10.5, true)]
    [InlineData(4, 10.5, false)]
    public void At_three_ten_minutes_are_enough(int age, double minutes, bool refused) =>
        Faults(Make.Plan([Make.Part(Phase.Work, Gait.Walk, minutes)], manner: Manner.InHand), age)
            .Any(f => f is { Rule: "TooLongForItsAge", Hard: true })
            .ShouldBe(refused);

    [Theory]
    [InlineData(Manner.Ridden, true)]
    [InlineData(Manner.Lunged, true)]
    [InlineData(Manner.LongReined, true)]
    [InlineData(Manner.Loose, true)]
    [InlineData(Manner.InHand, true)]
    public void A_held_horse_is_not_worked_at_all(Manner manner, bool refused)
    {
        var context = Context(Make.Plan(manner: manner)) with { HeldBecause = "heat in a leg, since 16 April" };
        var fault = PlanChecks.Check(context).FirstOrDefault(f => f.Rule == "LamenessHold");
        (fault is { Hard: true }).ShouldBe(refused);
        if (refused)
        {
            fault!.Says.ShouldContain("heat in a leg");
            fault.Mend.ShouldContain("vet");
        }
    }

    [Theory]
    [InlineData(4, 2, true)]
    [InlineData(4, 1, false)]
    [InlineData(5, 2, false)]
    public void A_horse_under_five_has_poles_twice_a_week_at_most(int age, int before, bool fault) =>
        Rules(
                WithPoles(),
                age,
                nearby: [.. Enumerable.Range(1, before).Select(i => new NearbyDay(Make.Today.AddDays(-2 * i), true, false))]
            )
            .Contains("TooManyPoleDays")
            .ShouldBe(fault);

    [Theory]
    [InlineData(-1, true)]
    [InlineData(1, true)]
    [InlineData(-2, false)]
    public void Jumping_days_are_not_neighbours(int day, bool fault) =>
        Rules(WithFence(), nearby: [new NearbyDay(Make.Today.AddDays(day), false, true)])
            .Contains("FencesOnNeighbouringDays")
            .ShouldBe(fault);

    [Theory]
    [InlineData(new[] { -2, -4 }, false)]
    [InlineData(new[] { -2, -4, -6 }, true)]
    [InlineData(new[] { -2, -4, -7 }, false)]
    public void Three_jumping_days_in_seven_are_the_most(int[] before, bool fault) =>
        Rules(WithFence(), nearby: [.. before.Select(d => new NearbyDay(Make.Today.AddDays(d), false, true))])
            .Contains("TooManyFenceDays")
            .ShouldBe(fault);

    [Theory]
    [InlineData("lateral/leg-yield-line", true)]
    [InlineData("lateral/four-steps", false)]
    public void A_rung_opens_when_what_it_rests_on_is_reached(string reached, bool open)
    {
        // 10 m circles rest on the leg-yield from the quarter line.
        var plan = Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15) with { RungId = "flatwork/ten-metres" }));
        var context = Context(plan) with
        {
            Places = Places.From([new RungMove(Strand.Lateral, reached, MoveKind.ByHand, "x", Make.Today)]),
        };
        PlanChecks.Check(context).Any(f => f is { Rule: "RungNotOpen", Hard: false }).ShouldBe(!open);
    }

    [Theory]
    [InlineData("collected/piaffe", 7, true)]
    [InlineData("collected/piaffe", 8, false)]
    public void A_rung_has_its_youngest_age(string rungId, int age, bool refused)
    {
        var plan = Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15) with { RungId = rungId }), helper: true);
        Faults(plan, age).Any(f => f is { Rule: "TooYoungForRung", Hard: true }).ShouldBe(refused);
    }

    [Theory]
    [InlineData("jumping/small-single", "FenceWithoutHelper", true)]
    [InlineData("collected/half-steps", "RungWithoutHelper", false)]
    public void A_rung_that_wants_a_helper_says_so_and_a_fence_insists(string rungId, string rule, bool hard)
    {
        SessionPlan With(bool helper) => Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15) with { RungId = rungId }), helper);
        Faults(With(false)).ShouldContain(f => f.Rule == rule && f.Hard == hard);
        Faults(With(true)).ShouldNotContain(f => f.Rule == rule);
    }

    [Fact]
    public void Hard_faults_come_first_and_every_fault_says_why_and_how_to_mend_it()
    {
        var faults = Faults(Make.Plan([Make.Part(Phase.NewWork, Gait.Trot, 30, Rein.Left, setUp: Fence)]), age: 3);
        faults.Count.ShouldBeGreaterThan(4);
        faults.Select(f => f.Hard).ShouldBe(faults.Select(f => f.Hard).OrderDescending());
        faults.ShouldAllBe(f => f.Mend.Length > 0 && f.Why.Rule.Length > 0 && f.Why.Inputs.Count > 0);
    }

    private static SessionPlan WithPoles() => Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15, setUp: Poles)));

    private static SessionPlan WithFence() => Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15, setUp: Fence)), helper: true);

    private static PlanContext Context(SessionPlan plan, int age = 8, IReadOnlyList<NearbyDay>? nearby = null, double? celsius = null) =>
        new()
        {
            Horse = Make.Horse(age),
            Plan = plan,
            SetUps = SetUps,
            Nearby = nearby ?? [],
            TemperatureC = celsius,
        };

    private static IReadOnlyList<PlanFault> Faults(SessionPlan plan, int age = 8) => PlanChecks.Check(Context(plan, age));

    private static List<string> Rules(SessionPlan plan, int age = 8, IReadOnlyList<NearbyDay>? nearby = null, double? celsius = null) =>
        [.. PlanChecks.Check(Context(plan, age, nearby, celsius)).Select(f => f.Rule)];
}
