using Hippodrome.Core.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Blocks.MakeBlock;

namespace Hippodrome.Core.Tests.Blocks;

/// <summary>
/// The volume curve. A tenth a week and a quarter off every fourth week: common practice, no source. The run-in:
/// Bosquet et al. 2007, Medicine and Science in Sports and Exercise 39:1358-1365 (41 to 60 per cent; value from memory).
/// </summary>
public class VolumeTests
{
    [Fact]
    public void The_first_week_is_what_the_horse_does_now() => Plan().Weeks[0].Minutes.Total.ShouldBe(220);

    [Fact]
    public void A_week_grows_by_a_tenth_rounded_down() =>
        // 220, 242, 266 (266.2): the arithmetic by hand.
        Plan(Entry() with { Focus = [] }).Weeks.Take(3).Select(w => w.Minutes.Total).ShouldBe([220, 242, 266]);

    [Fact]
    public void Every_fourth_week_drops_by_a_quarter_and_the_next_is_measured_against_the_week_before_it()
    {
        var weeks = Plan(Entry() with { Focus = [] }).Weeks;
        weeks[3].Goal.Lighter.ShouldBeTrue();
        // Three quarters of 266 is 199.5, each gait rounded down.
        weeks[3].Minutes.Total.ShouldBeInRange(197, 199);
        // 266 x 1.1 = 292.6.
        weeks[4].Minutes.Total.ShouldBe(292);
        weeks[7].Goal.Lighter.ShouldBeTrue();
    }

    [Fact]
    public void A_session_is_no_longer_than_an_hour_on_average() =>
        Plan(Entry(weeks: 26) with { Focus = [] }).Weeks.ShouldAllBe(w => w.Minutes.Total <= 60 * 6);

    [Theory]
    [InlineData(4)]
    [InlineData(5)]
    [InlineData(6)]
    public void The_last_ten_days_fall_by_41_to_60_per_cent(int weekday)
    {
        var aim = Aim(Start.AddDays((7 * 9) + weekday));
        var plan = Plan(Entry(aim: aim), Horse(aims: aim));
        var full = plan.Weeks.Last(w => w.Phase != BlockPhase.RunIn && !w.Goal.Lighter).Minutes.Total;
        // The last week has only days of the run-in: their share of a full week, by half.
        var share = plan.Weeks[^1].Minutes.Total / (full * weekday / 7.0);
        share.ShouldBeInRange(0.40, 0.59);
        // The week before it is halved as far as it is among the ten days.
        var inside = 10 - weekday;
        (plan.Weeks[^2].Minutes.Total / (double)full).ShouldBe(1 - (0.5 * inside / 7), 0.02);
    }

    [Fact]
    public void Sharpness_is_kept_in_the_run_in()
    {
        var aim = Aim(Start.AddDays((7 * 9) + 5));
        Plan(Entry(aim: aim), Horse(aims: aim))
            .Weeks.Where(w => w.Phase == BlockPhase.RunIn)
            .SelectMany(w => w.Sessions)
            .ShouldContain(s => s.Kind.IsJumped());
    }

    [Fact]
    public void Only_one_of_minutes_speed_and_height_rises_in_a_week()
    {
        var weeks = Plan(Entry(weeks: 16)).Weeks;
        weeks.ShouldContain(w => w.Goal.Rises == Rise.Height);
        foreach (var (before, week) in weeks.Zip(weeks.Skip(1)).Where(p => p.Second.Goal.Rises == Rise.Height && !p.First.Goal.Lighter))
        {
            week.Minutes.Total.ShouldBeLessThanOrEqualTo(before.Minutes.Total);
        }
    }

    [Fact]
    public void Phases_run_from_the_base_to_the_run_in()
    {
        var aim = Aim(Start.AddDays((7 * 10) + 5));
        var plan = Plan(Entry(aim: aim), Horse(aims: aim));
        plan.Phases.Select(p => p.Phase).ShouldBe([BlockPhase.Base, BlockPhase.Climb, BlockPhase.AtLevel, BlockPhase.RunIn]);
        plan.Phases[0].FirstWeek.ShouldBe(1);
        plan.Phases[^1].LastWeek.ShouldBe(plan.Weeks.Count);
    }

    [Fact]
    public void A_gait_that_is_out_has_no_minutes_and_comes_back_by_steps()
    {
        var plan = Plan(Entry() with { Focus = [] }, Horse(restrictions: [No(Start, Start.AddDays(13), Gait.Canter)]));
        plan.Weeks[0].Minutes.Canter.ShouldBe(0);
        plan.Weeks[1].Minutes.Canter.ShouldBe(0);
        // Two minutes more a session each week: common practice, no source.
        plan.Weeks[2].Minutes.Canter.ShouldBeInRange(1, 2 * plan.Weeks[2].Sessions.Count);
        plan.Weeks[2].Minutes.Total.ShouldBeLessThanOrEqualTo((int)(plan.Weeks[1].Minutes.Total * 1.1));
    }

    [Fact]
    public void Sets_grow_to_eight_minutes_and_then_in_speed_towards_the_levels()
    {
        var sets = Plan(Entry(Purpose.Conditioning, 16))
            .Weeks.SelectMany(w => w.Sessions)
            .Select(s => s.Sets)
            .OfType<CanterSets>()
            .ToList();
        sets[0].ShouldBe(new CanterSets(3, 5, 400, 3));
        var longest = sets.FindIndex(s => s.Minutes == 8);
        longest.ShouldBeGreaterThan(0);
        sets.Take(longest).ShouldAllBe(s => s.Speed == 400);
        sets[^1].Speed.ShouldBeGreaterThan(400);
        sets.ShouldAllBe(s => s.Speed <= 520 && s.Minutes <= 8);
    }

    [Fact]
    public void Near_the_speed_it_is_the_speed_that_rises_and_never_over_the_levels()
    {
        var aim = Aim(Start.AddDays((7 * 12) + 5));
        var weeks = Plan(Entry(Purpose.Conditioning, 14, aim: aim), Horse(aims: aim))
            .Weeks.Where(w => w.Phase == BlockPhase.AtLevel)
            .ToList();
        weeks.Count.ShouldBeGreaterThan(1);
        weeks.ShouldAllBe(w => w.Goal.Lighter || w.Goal.Rises == Rise.Speed || w.Goal.Rises == Rise.Nothing);
        weeks.ShouldContain(w => w.Goal.Rises == Rise.Speed);
        var speeds = weeks.SelectMany(w => w.Sessions).Select(s => s.Sets).OfType<CanterSets>().Select(s => s.Speed).ToList();
        speeds.ShouldBe(speeds.Order());
        speeds[^1].ShouldBeGreaterThan(speeds[0]);
        speeds.ShouldAllBe(s => s <= 520);
    }

    [Fact]
    public void Sets_are_drawn_up_at_their_own_speed()
    {
        var placed = Plan(Entry(Purpose.Conditioning, 16)).Weeks.SelectMany(w => w.Sessions).First(s => s.Sets is not null);
        var drawn = SessionPlan.From(Guid.NewGuid(), DrawUp.Plain(placed), placed.On).OrThrow();
        var canter = SessionTotals.Of(drawn, Core.Tests.Make.Card()).ByGait.Single(g => g.Gait == Gait.Canter);
        canter.Minutes.ShouldBeGreaterThanOrEqualTo(placed.Sets!.WorkMinutes);
        canter.Way.Metres.ShouldBe(placed.Sets.Metres, 0.001);
    }

    [Fact]
    public void A_three_year_old_has_ten_minutes_in_hand_and_nothing_grows() =>
        Plan(horse: Horse(age: 3))
            .Weeks.SelectMany(w => w.Sessions)
            .ShouldAllBe(s => s.Kind == SessionKind.InHand && s.Minutes == new MinutesByGait(10, 0, 0));

    [Theory]
    [InlineData(10, new[] { 1.0, 1, 1 }, new[] { 4, 3, 3 })]
    // Hamilton's method by hand: 7 x 0.5, 0.3, 0.2 is 3.5, 2.1, 1.4: two left over after 3, 2, 1 is one, to the 0.5.
    [InlineData(7, new[] { 5.0, 3, 2 }, new[] { 4, 2, 1 })]
    [InlineData(0, new[] { 1.0, 2 }, new[] { 0, 0 })]
    [InlineData(5, new[] { 0.0, 0 }, new[] { 0, 0 })]
    public void Shares_add_up_by_largest_remainders(int whole, double[] weights, int[] shares) =>
        MinutesByGait.Shared(whole, weights).ShouldBe(shares);
}
