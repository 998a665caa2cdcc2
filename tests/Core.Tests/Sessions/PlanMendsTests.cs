using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Sessions;

/// <summary>A mend takes its fault away, and puts nothing hard in its place.</summary>
public class PlanMendsTests
{
    private static readonly Guid Poles = Guid.NewGuid();
    private static readonly Guid Raised = Guid.NewGuid();
    private static readonly Guid Fence = Guid.NewGuid();

    private static readonly Dictionary<Guid, SetUp> SetUps = new()
    {
        [Poles] = Make.Poles().Check().OrThrow(),
        [Raised] = Make.Poles(raising: Raising.AlternateEnds).Check().OrThrow(),
        [Fence] = Make.CrossPole(0.6).Check().OrThrow(),
    };

    /// <summary>A plan with each fault that one stroke can mend, by the fault.</summary>
    public static TheoryData<string> Faulty => [.. Plans.Keys];

    private static readonly Dictionary<string, PlanContext> Plans = new()
    {
        ["WalkFirstTooShort"] = On(Make.Plan([Make.Part(Phase.WarmUp, Gait.Walk, 4), Make.Part(Phase.Work, Gait.Trot, 20), Make.Part(Phase.CoolDown, Gait.Walk, 6)])),
        ["NoCoolDown"] = On(Make.Plan([Make.Part(Phase.WarmUp, Gait.Walk, 8), Make.Part(Phase.Work, Gait.Trot, 20)])),
        ["NewWorkTooEarly"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.NewWork, Gait.Canter, 5), Make.Part(Phase.Work, Gait.Trot, 20)))),
        ["NothingButNewWork"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.NewWork, Gait.Canter, 5)))),
        ["MoreThanOneNewThing"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 9), Make.Part(Phase.NewWork, Gait.Canter, 5, what: "One"), Make.Part(Phase.NewWork, Gait.Canter, 5, what: "Two")))),
        ["OneReinTooMuch"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 20, Rein.Left)))),
        ["FenceWithoutHelper"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 9), Make.Part(Phase.Work, Gait.Trot, 5, setUp: Fence)))),
        ["RaisedPolesWithoutHelper"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 9), Make.Part(Phase.Work, Gait.Trot, 5, setUp: Raised)))),
        ["TooManyEfforts"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 9, setUp: Fence) with { Efforts = 60 }), helper: true)),
        ["FencesOnNeighbouringDays"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 9, setUp: Fence)), helper: true)) with { Nearby = [new NearbyDay(Make.Today.AddDays(-1), false, true)] },
        ["TooLongForItsAge"] = On(Make.Plan([Make.Part(Phase.Work, Gait.Walk, 25)], manner: Manner.InHand), age: 3),
        ["TooYoungToRide"] = On(Make.Plan([Make.Part(Phase.Work, Gait.Walk, 8), Make.Part(Phase.Work, Gait.Trot, 2)]), age: 3),
        ["LamenessHold"] = On(Make.Plan()) with { HeldBecause = "off" },
        ["NotLightAfterHold"] = On(Make.Plan([Make.Part(Phase.WarmUp, Gait.Walk, 15), Make.Part(Phase.Work, Gait.Trot, 25), Make.Part(Phase.Work, Gait.Canter, 5), Make.Part(Phase.CoolDown, Gait.Walk, 6)])) with { ClearedOn = Make.Today.AddDays(-1) },
        ["LongInFirstWeekBack"] = On(Make.Plan()) with { RiddenOn = [Make.Today.AddDays(-30)] },
        ["HotDay"] = On(Make.Plan()) with { Heat = Heat.Advise(new WeatherReading(38, 80, false)) },
        ["PolesInHandTooLong"] = On(Make.Plan([Make.Part(Phase.Work, Gait.Walk, 12, setUp: Poles)], helper: true, manner: Manner.InHand), experience: Experience.Green),
        ["TooYoungForRung"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15), Make.Part(Phase.Work, Gait.Canter, 4) with { RungId = "changes/single-change" })), age: 5),
    };

    [Theory]
    [MemberData(nameof(Faulty))]
    public void The_first_mend_of_a_fault_takes_it_away(string rule)
    {
        var context = Plans[rule];
        var mends = PlanChecks.Check(context).Single(f => f.Rule == rule).Mends;
        mends.ShouldNotBeEmpty();
        foreach (var mend in mends)
        {
            var mended = SessionPlan.From(Guid.NewGuid(), mend.Entry, Make.Today).OrThrow();
            PlanChecks.Check(context with { Plan = mended }).ShouldNotContain(f => f.Rule == rule, mend.Label);
        }
    }

    [Fact]
    public void A_mend_says_how_much_it_adds() =>
        PlanChecks.Check(Plans["WalkFirstTooShort"]).Single(f => f.Rule == "WalkFirstTooShort").Mends.Select(m => m.Label).ShouldBe(["Add 3 minutes of walk first"]);

    [Fact]
    public void A_mend_that_would_leave_nothing_is_not_offered()
    {
        var only = On(Make.Plan([Make.Part(Phase.Work, Gait.Trot, 5, setUp: Fence)]));
        PlanChecks.Check(only).Single(f => f.Rule == "FenceWithoutHelper").Mends.Select(m => m.Label).ShouldBe(["Someone will be on the ground"]);
    }

    private static PlanContext On(SessionPlan plan, int age = 8, Experience experience = Experience.Novice) => new(Make.Horse(age, experience: experience), plan, SetUps, []);
}
