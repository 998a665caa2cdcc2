using Hippodrome.Core.Aims;
using Hippodrome.Core.Arenas;
using Hippodrome.Core.Care;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Sessions;

/// <summary>A fact that is carried to a page changes there what it changes here: none is lost on the way.</summary>
public sealed class CarriedPlanningTests
{
    private static readonly Guid Fence = Guid.NewGuid();
    private static readonly Guid Bit = Guid.NewGuid();
    private static readonly Why Reason = new("x", ["y"], Source.CommonPractice);
    private static readonly CrossPoleEntry CrossPole = new()
    {
        Arena = ArenaSize.SixtyByTwenty,
        Line = ArenaLine.RightQuarterLine,
        MiddleMetres = 30,
        Heading = Heading.TowardsC,
        HeightMetres = 0.6,
    };

    private static readonly SessionPlan Plan = SessionPlan
        .From(
            Guid.NewGuid(),
            new SessionEntry(
                Make.Today,
                "Cross-pole",
                Manner.Ridden,
                true,
                [
                    Make.Part(Phase.WarmUp, Gait.Walk, 13),
                    Make.Part(Phase.Work, Gait.Trot, 20, setUp: Fence),
                    Make.Part(Phase.NewWork, Gait.Canter, 6) with
                    {
                        RungId = "changes/single-change",
                        Times = 2,
                    },
                    Make.Part(Phase.CoolDown, Gait.Walk, 6),
                ],
                ""
            )
            {
                TackIds = [Bit],
            },
            Make.Today
        )
        .OrThrow();

    private static readonly PlanFacts Nothing = new()
    {
        On = Make.Today,
        Horse = Make.Horse(),
        Card = Make.Card(),
        SetUps = new Dictionary<Guid, SetUp> { [Fence] = CrossPole.AsKept().SetUp },
        Nearby = [],
        Places = Places.At(
            Catalogue.Strands.Select(s => s == Strand.Changes ? Catalogue.Rung("changes/single-change") : Catalogue.Ladder(s)[^1])
        ),
        Restrictions = [],
        Tack = new Dictionary<Guid, Tack>(),
        Air = new AirOfDay([], WorkingHours.Usual, null, null),
    };

    public static TheoryData<string, Func<PlanFacts, PlanFacts>> Facts() =>
        new()
        {
            { "a horse of another age", f => f with { Horse = Make.Horse(4) } },
            { "its strides", f => f with { Card = Make.Card(165, Strip) } },
            { "where it stands", f => f with { Places = Places.At([Catalogue.Rung("jumping/cross-pole")]) } },
            { "yesterday", f => f with { Nearby = [Near(-1, [])] } },
            { "what stood", f => f with { Nearby = [Near(-9, [Layout]), Near(-16, [Layout])] } },
            { "a restriction", f => f with { Restrictions = [NotHigher] } },
            { "its tack", f => f with { Tack = new Dictionary<Guid, Tack> { [Bit] = Kept } } },
            { "the hours", f => f with { Air = new AirOfDay([new(9, Hot)], new(9, 9), null, null) } },
            { "a reading", f => f with { Air = new AirOfDay([], WorkingHours.Usual, Hot, null) } },
            { "the cold", f => f with { Air = new AirOfDay([], WorkingHours.Usual, null, -3), Horse = Make.Horse(18) } },
            { "a hold", f => f with { HeldBecause = "lame, since 14 April" } },
            { "walking in hand", f => f with { HeldBecause = "lame, since 14 April", WalkInHandBy = "the vet" } },
            {
                "its feet",
                f => f with { Feet = new CareDue(CareKind.Feet, CareState.Overdue, null, Make.Today.AddDays(-9), "overdue", Reason) }
            },
            { "a competition", f => f with { Competition = Show } },
            { "a clearance", f => f with { Cleared = new AfterClearance(Make.Today.AddDays(-1), 0, false) } },
            { "a return", f => f with { Ramp = new RampLimit(20, 2, 0, false, false, true, false, Reason) } },
            { "changes that boiled over", f => f with { ChangesBoiledOver = Make.Today.AddDays(-1) } },
            { "the same leg", f => f with { SameLeg = Reason } },
        };

    [Theory]
    [MemberData(nameof(Facts), DisableDiscoveryEnumeration = true)]
    public void Is_checked_there_as_here(string what, Func<PlanFacts, PlanFacts> known)
    {
        var facts = known(Nothing);
        var here = Json.Write(facts.Check(Plan));
        Json.Write(Carried(facts).Check(Plan)).ShouldBe(here, what);
        Json.Write(Nothing.Check(Plan)).ShouldNotBe(here, $"{what} changes something");
    }

    /// <summary>Repeating until it is easy silences a remark that what stood would bring.</summary>
    [Fact]
    public void Repeating_on_purpose_is_carried_too()
    {
        var again = Nothing with { Nearby = [Near(-9, [Layout]), Near(-16, [Layout])] };
        var onPurpose = again with { RepeatsUntilEasy = true };
        Carried(onPurpose).Check(Plan).Faults.Count.ShouldBeLessThan(Carried(again).Check(Plan).Faults.Count);
    }

    [Fact]
    public void A_session_that_is_changed_is_not_its_own_neighbour()
    {
        var kept = new SessionNearby(Plan.Id, new NearbyDay(Make.Today.AddDays(-1), false, true), new HashSet<string>());
        var moved = Nothing with { Nearby = [kept] };
        Json.Write(moved.Check(Plan)).ShouldBe(Json.Write(Nothing.Check(Plan)));
    }

    private static PlanFacts Carried(PlanFacts facts)
    {
        var strides = facts.Card == Nothing.Card ? [] : new[] { Strip };
        var carried = CarriedPlanning.Of(facts, Make.Today, strides, new Dictionary<Guid, SetUpEntry> { [Fence] = CrossPole });
        return Json.Read<CarriedPlanning>(Json.Write(carried)).Facts();
    }

    private static string Layout => Core.Setups.Layout.KeyOf(CrossPole.AsKept().SetUp)!;

    private static StrideMeasurement Strip { get; } = Make.Strip(GaitVariant.TrotWorking, 30, 9.7, 8.1);

    private static WeatherReading Hot { get; } = new(36, 60, false);

    private static Restriction NotHigher { get; } =
        Restriction.Kept(Guid.NewGuid(), "tendon", "the vet", Make.Today, null, [], [], Distance.FromMetres(0.4));

    private static Tack Kept { get; } = new(Bit, TackKind.Bit, "the pelham", [Strand.CrossCountry], null, "");

    private static Aim Show { get; } =
        Aim.Kept(
            Guid.NewGuid(),
            "Ferngill Show",
            Make.Today.AddDays(1),
            Discipline.Jumping,
            "National",
            "Novice",
            Distance.FromMetres(0.7),
            ""
        );

    private static SessionNearby Near(int days, IEnumerable<string> layouts) =>
        new(Guid.NewGuid(), new NearbyDay(Make.Today.AddDays(days), false, true), layouts.ToHashSet());
}
