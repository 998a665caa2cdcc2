using Hippodrome.Core.Aims;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Sessions;

/// <summary>Efforts, layouts, breaks, heat and the eve of a competition. Common practice, no source, unless a line names one.</summary>
public class MoreChecksTests
{
    private static readonly Guid Poles = Guid.NewGuid();
    private static readonly Guid Fence = Guid.NewGuid();

    private static readonly Dictionary<Guid, SetUp> SetUps = new()
    {
        [Poles] = Make.Poles().Check().OrThrow(),
        [Fence] = Make.CrossPole(0.6).Check().OrThrow(),
    };

    private static PlanContext Context(SessionPlan plan, Experience experience = Experience.Novice) =>
        new()
        {
            Horse = Make.Horse(experience: experience),
            Plan = plan,
            SetUps = SetUps,
            Nearby = [],
        };

    private static bool Speaks(string rule, PlanContext context) => PlanChecks.Check(context).Any(f => f.Rule == rule);

    private static SessionPlan Jumping(int efforts) =>
        Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 20, setUp: Fence) with { Efforts = efforts }), helper: true);

    /// <summary>Nobody can plan one, but what is kept is shown whatever it is.</summary>
    [Theory]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(8)]
    [InlineData(20)]
    public void A_kept_session_without_parts_is_looked_at_like_any_other(int age)
    {
        var plan = SessionPlan.Kept(Guid.NewGuid(), Make.Today, "Straightness", Manner.Ridden, false, [], "", "", []);
        Should.NotThrow(() =>
            PlanChecks.Check(
                new PlanContext
                {
                    Horse = Make.Horse(age),
                    Plan = plan,
                    SetUps = SetUps,
                    Nearby = [],
                }
            )
        );
        SessionTotals.Of(plan, Make.Card(), SetUps).Minutes.ShouldBe(0);
    }

    [Theory]
    [InlineData(Experience.Green, 15, false)]
    [InlineData(Experience.Green, 16, true)]
    [InlineData(Experience.Novice, 25, false)]
    [InlineData(Experience.Novice, 26, true)]
    [InlineData(Experience.Established, 40, false)]
    [InlineData(Experience.Established, 41, true)]
    public void Efforts_have_a_budget_by_how_far_the_horse_has_come(Experience experience, int efforts, bool fault) =>
        Speaks("TooManyEfforts", Context(Jumping(efforts), experience)).ShouldBe(fault);

    [Fact]
    public void The_third_same_layout_running_is_told_and_a_changed_height_is_not_the_same()
    {
        var plan = Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 10, setUp: Poles)));
        IReadOnlySet<string> stood = new HashSet<string> { Layout.KeyOf(SetUps[Poles])! };
        IReadOnlySet<string> raised = new HashSet<string> { Layout.KeyOf(Make.Poles(raising: Raising.AlternateEnds).Check().OrThrow())! };
        var context = Context(plan);
        Speaks("SameLayoutAgain", context with { Layouts = [stood, stood] }).ShouldBeTrue();
        Speaks("SameLayoutAgain", context with { Layouts = [stood] }).ShouldBeFalse();
        Speaks("SameLayoutAgain", context with { Layouts = [stood, raised] }).ShouldBeFalse();
        Speaks("SameLayoutAgain", context with { Layouts = [stood, stood], RepeatsUntilEasy = true }).ShouldBeFalse();
    }

    [Theory]
    [InlineData(Experience.Green, 5, false)]
    [InlineData(Experience.Green, 5.5, true)]
    [InlineData(Experience.Novice, 8, false)]
    public void Poles_in_hand_are_a_few_minutes_for_a_green_one(Experience experience, double minutes, bool fault) =>
        Speaks(
                "PolesInHandTooLong",
                Context(
                    Make.Plan([Make.Part(Phase.Work, Gait.Walk, minutes, setUp: Poles)], helper: true, manner: Manner.InHand),
                    experience
                )
            )
            .ShouldBe(fault);

    // 30 °C and 70 %: 86 °F + 70 = 156, cut by half from 150 (common practice, no source). 20 °C and 50 %: 118, go.
    [Theory]
    [InlineData(30, 70, true)]
    [InlineData(20, 50, false)]
    public void Heat_halves_the_work(double celsius, double humidity, bool fault)
    {
        var context = Context(Make.Plan()) with { Heat = Heat.Advise(new WeatherReading(celsius, humidity, false)) };
        Speaks("HotDay", context).ShouldBe(fault);
    }

    [Theory]
    // Fences of 0.60: nothing within 20 cm of the competition's height.
    [InlineData(1, 6, 0.79, true)]
    [InlineData(1, 6, 0.80, false)]
    [InlineData(1, 21, 0.80, true)]
    [InlineData(2, 21, 0.60, false)]
    public void The_day_before_is_small_and_under_height(int days, int efforts, double competitionHeight, bool fault)
    {
        var aim = Aim.From(
                Guid.NewGuid(),
                new AimEntry("Show", Make.Today.AddDays(days), Discipline.Jumping, "National", "Novice", competitionHeight),
                Make.Today
            )
            .OrThrow();
        Speaks("BigFenceBeforeCompetition", Context(Jumping(efforts)) with { Competition = aim }).ShouldBe(fault);
    }

    [Fact]
    public void A_soft_fault_is_kept_with_a_word_and_comes_last_a_hard_one_is_never()
    {
        PartEntry[] parts = [Make.Part(Phase.Work, Gait.Trot, 20, Rein.Left, setUp: Fence)];
        var plan = SessionPlan
            .From(
                Guid.NewGuid(),
                new SessionEntry(
                    Make.Today,
                    "x",
                    Manner.Ridden,
                    false,
                    parts,
                    KeptFaults: [new("OneReinTooMuch", "stiff side only today"), new("FenceWithoutHelper", "no")]
                ),
                Make.Today
            )
            .OrThrow();
        var faults = PlanChecks.Check(Context(plan));
        faults[^1].Rule.ShouldBe("OneReinTooMuch");
        faults[^1].KeptBecause.ShouldBe("stiff side only today");
        faults
            .Single(f => f.Rule == "FenceWithoutHelper")
            .ShouldSatisfyAllConditions(f => f.Hard.ShouldBeTrue(), f => f.KeptBecause.ShouldBeNull());
    }

    // The same order as at the rail and in the review (common practice): a limit of the legs before what is only the shape.
    [Fact]
    public void Of_faults_that_can_be_kept_the_gravest_comes_first()
    {
        var plan = Make.Plan(
            [Make.Part(Phase.Work, Gait.Trot, 20, Rein.Left, setUp: Fence), Make.Part(Phase.CoolDown, Gait.Walk, 2)],
            helper: true
        );
        var faults = PlanChecks.Check(Context(plan) with { Nearby = [new NearbyDay(Make.Today.AddDays(1), false, true)] });
        var soft = faults.Where(f => !f.Hard).ToList();
        soft.Select(f => f.Gravity).ShouldBeInOrder();
        soft.FindIndex(f => f.Rule == "FencesOnNeighbouringDays").ShouldBeLessThan(soft.FindIndex(f => f.Rule == "OneReinTooMuch"));
    }
}
