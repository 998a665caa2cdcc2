using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
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
        ["WalkFirstTooShort"] = On(
            Make.Plan([
                Make.Part(Phase.WarmUp, Gait.Walk, 4),
                Make.Part(Phase.Work, Gait.Trot, 20),
                Make.Part(Phase.CoolDown, Gait.Walk, 6),
            ])
        ),
        ["NoCoolDown"] = On(Make.Plan([Make.Part(Phase.WarmUp, Gait.Walk, 8), Make.Part(Phase.Work, Gait.Trot, 20)])),
        ["NewWorkTooEarly"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.NewWork, Gait.Canter, 5), Make.Part(Phase.Work, Gait.Trot, 20)))),
        ["NothingButNewWork"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.NewWork, Gait.Canter, 5)))),
        ["MoreThanOneNewThing"] = On(
            Make.Plan(
                Make.GoodParts(
                    Make.Part(Phase.Work, Gait.Trot, 9),
                    Make.Part(Phase.NewWork, Gait.Canter, 5, what: "One"),
                    Make.Part(Phase.NewWork, Gait.Canter, 5, what: "Two")
                )
            )
        ),
        ["OneReinTooMuch"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 20, Rein.Left)))),
        ["FenceWithoutHelper"] = On(
            Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 9), Make.Part(Phase.Work, Gait.Trot, 5, setUp: Fence)))
        ),
        ["RaisedPolesWithoutHelper"] = On(
            Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 9), Make.Part(Phase.Work, Gait.Trot, 5, setUp: Raised)))
        ),
        ["TooManyEfforts"] = On(
            Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 9, setUp: Fence) with { Efforts = 60 }), helper: true)
        ),
        ["FencesOnNeighbouringDays"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 9, setUp: Fence)), helper: true)) with
        {
            Nearby = [new NearbyDay(Make.Today.AddDays(-1), false, true)],
        },
        ["TooLongForItsAge"] = On(Make.Plan([Make.Part(Phase.Work, Gait.Walk, 25)], manner: Manner.InHand), age: 3),
        ["TooYoungToRide"] = On(Make.Plan([Make.Part(Phase.Work, Gait.Walk, 8), Make.Part(Phase.Work, Gait.Trot, 2)]), age: 3),
        ["LamenessHold"] = On(Make.Plan()) with { HeldBecause = "off", WalkInHandBy = "Iva Sorrel, vet" },
        ["StepsAfterClearance"] = On(Make.Plan()) with { Cleared = new AfterClearance(Make.Today.AddDays(-1), 1, false) },
        ["RampExceeded"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15), Make.Part(Phase.Work, Gait.Canter, 5)))) with
        {
            Ramp = new RampLimit(26, 4, 0, false, true, false, false, Why),
        },
        ["RungSkipped"] = On(
            Make.Plan(
                Make.GoodParts(
                    Make.Part(Phase.Work, Gait.Trot, 15),
                    Make.Part(Phase.Work, Gait.Canter, 4) with
                    {
                        RungId = "jumping/leads-and-turns",
                    }
                ),
                helper: true
            )
        ) with
        {
            Places = At("jumping/cross-pole"),
        },
        ["HeightMissing"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Canter, 10) with { Efforts = 8 }), helper: true)),
        ["FenceTooHigh"] = On(
            Make.Plan(
                Make.GoodParts(
                    Make.Part(Phase.Work, Gait.Trot, 10),
                    Make.Part(Phase.Work, Gait.Canter, 10) with
                    {
                        Efforts = 8,
                        HeightMetres = 1.3,
                    }
                ),
                helper: true
            )
        ),
        ["SameLegTouches"] = On(
            Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 10), Make.Part(Phase.Work, Gait.Trot, 5, setUp: Poles)))
        ) with
        {
            SameLeg = Why,
        },
        ["FirstMonth"] = On(Make.Plan(Make.GoodParts()), age: 4) with { Places = At("flatwork/first-month") },
        ["YoungFences"] = On(
            Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 10, setUp: Fence) with { Efforts = 9 }), helper: true),
            age: 4
        ),
        ["ChangesWithoutNumber"] = On(Changes(null, 4)) with { Places = At("changes/single-change") },
        ["TooManyChanges"] = On(Changes(8, 4)) with { Places = At("changes/single-change") },
        ["ChangesTooEarly"] = On(Make.Plan(Make.GoodParts(Change(2, 4), Make.Part(Phase.Work, Gait.Trot, 20)))) with
        {
            Places = At("changes/single-change"),
        },
        ["MostlyChanges"] = On(Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 5), Change(2, 8)))) with
        {
            Places = At("changes/single-change"),
        },
        ["ChangesAfterBoilingOver"] = On(Changes(2, 4)) with
        {
            Places = At("changes/single-change"),
            ChangesBoiledOver = Make.Today.AddDays(-1),
        },
        ["HotDay"] = On(Make.Plan()) with { Heat = Heat.Advise(new WeatherReading(32, 55, false)) },
        ["PolesInHandTooLong"] = On(
            Make.Plan([Make.Part(Phase.Work, Gait.Walk, 12, setUp: Poles)], helper: true, manner: Manner.InHand),
            experience: Experience.Green
        ),
        ["TooYoungForRung"] = On(
            Make.Plan(
                Make.GoodParts(
                    Make.Part(Phase.Work, Gait.Trot, 15),
                    Make.Part(Phase.Work, Gait.Canter, 4) with
                    {
                        RungId = "changes/single-change",
                    }
                )
            ),
            age: 5
        ),
    };

    private static Why Why => new("x", ["x"], Source.CommonPractice);

    private static Places At(params string[] rungs) =>
        Places.From(rungs.Select(r => new RungMove(Catalogue.Rung(r).Strand, r, MoveKind.ByHand, "x", Make.Today)));

    private static PartEntry Change(int? times, double minutes) =>
        Make.Part(Phase.Work, Gait.Canter, minutes, what: "Change") with
        {
            RungId = "changes/single-change",
            Times = times,
        };

    private static SessionPlan Changes(int? times, double minutes) =>
        Make.Plan(Make.GoodParts(Make.Part(Phase.Work, Gait.Trot, 15), Change(times, minutes) with { Phase = Phase.NewWork }));

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
        PlanChecks
            .Check(Plans["WalkFirstTooShort"])
            .Single(f => f.Rule == "WalkFirstTooShort")
            .Mends.Select(m => m.Label)
            .ShouldBe(["Add 3 minutes of walk first"]);

    [Fact]
    public void A_mend_that_would_leave_nothing_is_not_offered()
    {
        var only = On(Make.Plan([Make.Part(Phase.Work, Gait.Trot, 5, setUp: Fence)]));
        PlanChecks
            .Check(only)
            .Single(f => f.Rule == "FenceWithoutHelper")
            .Mends.Select(m => m.Label)
            .ShouldBe(["Someone will be on the ground"]);
    }

    private static PlanContext On(SessionPlan plan, int age = 8, Experience experience = Experience.Novice) =>
        new()
        {
            Horse = Make.Horse(age, experience: experience),
            Plan = plan,
            SetUps = SetUps,
            Nearby = [],
        };
}
