using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Tests.Rides;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>What following an advice makes of the rest of the ride (common practice, no source).</summary>
public class RestOfRideTests
{
    private static readonly RailPart Warm = new(MarkPad.Flat, 0, 0, 0, null) { Phase = Phase.WarmUp };
    private static readonly RailPart Poles = new(MarkPad.Poles, 0, 0, 0, null)
    {
        Phase = Phase.Work,
        Poles = 4,
        SetUp = Make.Poles(),
    };
    private static readonly RailPart Fence = new(MarkPad.Fence, 1, 1, 0.6, null) { Phase = Phase.Work, SetUp = Make.CrossPole(0.6) };
    private static readonly RailPart Changes = new(MarkPad.Changes, 0, 0, 0, null) { Phase = Phase.NewWork };
    private static readonly RailPart Cool = new(MarkPad.Flat, 0, 0, 0, null) { Phase = Phase.CoolDown };

    private static Railside In(int part) =>
        new Railside(Railside.Facts() with { Parts = [Warm, Poles, Fence, Changes, Cool] }).Part(part).In(Gait.Trot);

    /// <summary>Does what is advised, as the page does it.</summary>
    private static Railside Done(Railside rail)
    {
        var advice = rail.Now.Advice.ShouldNotBeNull();
        rail.Answered(advice.Rule, accepted: true);
        foreach (var (part, setUp, instead) in advice.Then.Parts)
        {
            rail.Tap(new Stands(Guid.NewGuid(), default, part, setUp, instead));
        }

        return advice.Then.GoTo is { } to ? rail.Part(to) : rail;
    }

    [Fact]
    public void Rushed_poles_are_rebuilt_for_walk_and_its_pad_counts_what_stands()
    {
        var rail = Done(In(1).Tap(Make.Passes(Rein.Left, 1, 0, 1)));
        var stands = (PoleLineEntry)rail.Now.Standing[1].SetUp.ShouldNotBeNull();
        stands.Variant.ShouldBe(GaitVariant.WalkMedium);
        rail.Now.Standing[2].SetUp.ShouldBe(Fence.SetUp);
        rail.Now.Advice.ShouldBeNull();
    }

    [Theory]
    [InlineData(Sign.AddedStride, 0.30)]
    [InlineData(Sign.FlatAndLong, -0.15)]
    public void A_distance_is_moved_by_what_the_line_says(Sign sign, double by) =>
        Done(In(2).Tap(Make.Sign(sign))).Now.Standing[2].SetUp!.AdjustMetres.ShouldBe(by);

    [Fact]
    public void Where_it_is_another_count_that_is_ridden_what_stands_stays()
    {
        var ways = new Ways(new Dictionary<ApproachQuestion, string> { [ApproachQuestion.DistanceDoesNotFit] = Approach.AnotherCount });
        var rail = new Railside(Railside.Facts() with { Parts = [Fence], Ways = ways }).Tap(Make.Sign(Sign.AddedStride));
        rail.Now.Advice!.Then.Parts.ShouldBeEmpty();
    }

    [Fact]
    public void A_fence_that_came_down_under_fifty_counts_half_from_then_on()
    {
        var rail = In(2).Tap(Make.Jumped(Rein.Left, EffortOutcome.Clear, 20, 0.6), Make.Sign(Sign.RushedWorried));
        Done(rail).Now.Standing[2].CountsAs.ShouldBe(1);
        Done(rail.Tap(Make.Sign(Sign.RushedWorried))).Now.Standing[2].CountsAs.ShouldBe(0.5);
        // 20, and nine at a half each: 24.5 on a novice's 25, and one more is 25.
        rail.Tap(Make.Jumped(Rein.Left, EffortOutcome.Clear, 9, 0.4)).Says.ShouldBeNull();
        rail.Tap(Make.Jumped(Rein.Left, EffortOutcome.Clear, 1, 0.4)).Says.ShouldBe("EffortBudget");
    }

    [Fact]
    public void Changes_that_boil_over_become_simple_changes()
    {
        var rail = In(3)
            .Tap(new ChangeRidden(Guid.NewGuid(), default, Rein.Left, ChangeQuality.Late, ArenaPlace.Diagonal), Make.Tension(4));
        Done(rail).Now.Standing[3].Instead.ShouldBe(Instead.SimpleChanges);
        rail.Now.Standing[2].Instead.ShouldBeNull();
    }

    [Fact]
    public void A_tired_horse_goes_to_its_cool_down_or_walks_where_none_was_planned()
    {
        In(1).Tap(Make.Sign(Sign.Tired)).Now.Advice!.Then.GoTo.ShouldBe(4);
        In(4).Tap(Make.Sign(Sign.Tired)).Now.Advice!.Then.ShouldBe(RestOfRide.AsItIs);
        var short_ = new Railside(Railside.Facts() with { Parts = [Poles] }).Tap(Make.Sign(Sign.Tired));
        Done(short_).Now.Standing[0].Instead.ShouldBe(Instead.Walk);
    }

    [Fact]
    public void The_same_leg_takes_poles_and_fences_out_and_a_fall_the_fences()
    {
        var leg = Done(In(1).Tap(new LegTouched(Guid.NewGuid(), default, Leg.LeftHind, 5)));
        leg.Now.Standing.Select(p => p.Instead).ShouldBe([null, Instead.Flatwork, Instead.Flatwork, null, null]);
        var fall = Done(In(1).Tap(new Fell(Guid.NewGuid(), default, Faller.Rider, false)));
        fall.Now.Standing.Select(p => p.Instead).ShouldBe([null, null, Instead.Flatwork, null, null]);
    }

    [Fact]
    public void Put_off_it_stays_in_sight_until_it_is_done_or_gone()
    {
        var rail = In(1).Tap(Make.Passes(Rein.Left, 1, 0, 1));
        rail.Answered("RushesPoles").Now.PutOff.ShouldHaveSingleItem().Rule.ShouldBe("RushesPoles");
        rail.Now.Advice.ShouldBeNull();
        rail.Answered("RushesPoles", accepted: true).Now.PutOff.ShouldBeEmpty();
    }

    [Fact]
    public void Something_stands_or_something_is_ridden_instead_and_not_both()
    {
        RideLog.FaultsOf(new Stands(Guid.NewGuid(), default, 0), 0).ShouldNotBeEmpty();
        RideLog.FaultsOf(new Stands(Guid.NewGuid(), default, 0, Make.Poles(), Instead.Walk), 0).ShouldNotBeEmpty();
        RideLog.FaultsOf(new Stands(Guid.NewGuid(), Make.Morning, 0, Make.Poles()), 0).ShouldBeEmpty();
        RideLog.FaultsOf(new Stands(Guid.NewGuid(), default, 0, Make.Poles() with { Poles = 90 }), 0).ShouldNotBeEmpty();
    }

    /// <summary>At the rail a line is read at a glance: twelve words at most, and each can be asked why.</summary>
    [Fact]
    public void No_line_is_longer_than_twelve_words()
    {
        foreach (var rule in RideRules.All.Where(r => r.Rail is not null))
        {
            rule.Rail!.Says.Split(' ').Length.ShouldBeLessThanOrEqualTo(12, rule.Name);
            rule.Rule.Says.ShouldNotBeEmpty();
        }
    }
}
