using Hippodrome.Core.Blocks;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Hippodrome.Planning.Blocks;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Blocks.MakeBlock;

namespace Hippodrome.Core.Tests.Blocks;

/// <summary>Life happens. Missed days: common practice, no source; a lighter repeat by a fifth: chosen.</summary>
public class ReplanTests
{
    private readonly PlanningCase _first = Case(Entry(weeks: 10));
    private readonly BlockPlan _plan;

    public ReplanTests() => _plan = BlockPlanner.Plan(_first).OrThrow();

    /// <summary>Ridden until a day, and so many days later.</summary>
    private PlanningCase Missed(int days)
    {
        // The first session of the third week is the first that is missed.
        var first = _plan.Weeks[2].Sessions[0].On;
        return _first.On(_plan, first.AddDays(days), first);
    }

    [Fact]
    public void With_nothing_changed_nothing_changes()
    {
        Replanning.Again(_first.On(_plan, Start)).OrThrow().Changes.ShouldBeEmpty();
        Replanning.Again(_first.On(_plan, Start.AddDays(16))).OrThrow().Changes.ShouldBeEmpty();
    }

    [Fact]
    public void The_same_input_gives_the_same_plan() =>
        BlockPlanner
            .Plan(_first)
            .OrThrow()
            .Sessions.Select(s => (s.Id, s.On, s.Kind, s.Minutes))
            .ShouldBe(_plan.Sessions.Select(s => (s.Id, s.On, s.Kind, s.Minutes)));

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public void One_or_two_days_carry_on(int days)
    {
        var again = Replanning.Again(Missed(days)).OrThrow();
        again.Says!.ShouldContain("carry on");
        again.Changes.ShouldBeEmpty();
    }

    [Theory]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(6)]
    public void Three_to_six_days_repeat_the_last_session_lighter(int days)
    {
        var planned = Missed(days);
        var again = Replanning.Again(planned).OrThrow();
        again.Says!.ShouldContain("lighter");
        var change = again.Changes.ShouldHaveSingleItem();
        change.After!.Minutes.Total.ShouldBeLessThanOrEqualTo(
            (int)(
                0.8 * Math.Max(change.Before!.Minutes.Total, _plan.Sessions.Last(s => s.On < _plan.Weeks[2].Sessions[0].On).Minutes.Total)
            )
        );
        change.Because.ShouldContain("lighter");
        // Taken over and planned again: no lighter still.
        Replanning.Again(planned with { Former = again.Plan }).OrThrow().Changes.ShouldBeEmpty();
    }

    [Fact]
    public void What_was_broken_off_early_counts_as_missed()
    {
        // Ridden on every day, and for no more than a warm-up since the third week began.
        var planned = Missed(4);
        var short_ = _plan.Weeks[2].Sessions.Where(s => s.On < planned.Today).ToList();
        DayRidden Ridden(PlacedSession s, double share) => new(s.On, s.Minutes.Total * share, 0, 0, 0);
        var done = planned.Done.Concat(short_.Select(s => s.Id)).ToHashSet();
        IReadOnlySet<Guid> BrokenOff(double share) =>
            MissedDays.BrokenOff(_plan, done, short_.Select(s => Ridden(s, share)), planned.Today);
        BrokenOff(0.49).ShouldBe(short_.Select(s => s.Id), true);
        BrokenOff(0.51).ShouldBeEmpty();
        var again = Replanning.Again(planned with { Done = done, CutShort = BrokenOff(0.3) }).OrThrow();
        again.Says.ShouldBe("4 days missed or cut short: the last session again, lighter.");
        again.Changes.ShouldHaveSingleItem().After!.Minutes.ShouldBe(Replanning.Again(planned).OrThrow().Changes[0].After!.Minutes);
        Replanning.Again(planned with { Done = done }).OrThrow().Changes.ShouldBeEmpty();
    }

    [Theory]
    [InlineData(7)]
    [InlineData(13)]
    public void Seven_to_thirteen_days_go_one_week_and_one_rung_back(int days)
    {
        var again = Replanning.Again(Missed(days)).OrThrow();
        again.Says!.ShouldContain("one week and one rung back");
        var setback = again.Plan.Setbacks.ShouldHaveSingleItem();
        setback.WeeksBack.ShouldBe(1);
        var at = again.Plan.Weeks.First(w => w.Monday == setback.Monday).Number;
        again.Plan.Weeks[at].Minutes.Total.ShouldBeLessThanOrEqualTo(_plan.Weeks[at].Minutes.Total);
        again.Plan.Weeks.Skip(at).ShouldContain(w => w.Minutes.Total < _plan.Weeks[w.Number - 1].Minutes.Total);
        Replanning.Again(Missed(days) with { Former = again.Plan }).OrThrow().Changes.ShouldBeEmpty();
    }

    [Fact]
    public void Fourteen_days_and_more_come_back_by_a_ramp()
    {
        var again = Replanning.Again(Missed(20)).OrThrow();
        again.Says!.ShouldContain("return ramp");
        var from = again.Plan.Weeks.First(w => w.Monday == again.Plan.Setbacks[^1].Monday);
        from.Phase.ShouldBe(BlockPhase.Walk);
        from.Sessions.Where(s => s.On >= Missed(20).Today).ShouldAllBe(s => s.Minutes == new MinutesByGait(10, 0, 0));
        again.Plan.Weeks.Skip(from.Number).First().Sessions.ShouldAllBe(s => s.Minutes == new MinutesByGait(20, 0, 0));
    }

    [Fact]
    public void What_is_past_stays_as_it_was()
    {
        var again = Replanning.Again(Missed(9)).OrThrow();
        var today = Missed(9).Today;
        again
            .Plan.Sessions.Where(s => s.On < today)
            .Select(s => (s.Id, s.On, s.Minutes))
            .ShouldBe(_plan.Sessions.Where(s => s.On < today).Select(s => (s.Id, s.On, s.Minutes)));
    }

    [Fact]
    public void What_is_pinned_stays_on_its_day()
    {
        var pinned = _plan.Sessions.First(s => s.On > Start.AddDays(20));
        var plan = HandEdits.Apply(_first.On(_plan, Start.AddDays(9)), new HandEditEntry(HandEditKind.Pin, pinned.Id)).OrThrow();
        var with = Case(Entry(weeks: 10) with { FavouriteOff = pinned.On.DayOfWeek });
        Replanning.Again(with.On(plan, Start.AddDays(9))).OrThrow().Plan.Find(pinned.Id)!.On.ShouldBe(pinned.On);
    }

    [Fact]
    public void A_hold_takes_everything_out_and_says_until_what()
    {
        var held = Replanning
            .Again(_first.On(_plan, Start.AddDays(9)) with { Horse = _first.Horse with { HeldBecause = "heat in a leg" } })
            .OrThrow();
        held.Plan.Sessions.ShouldNotContain(s => s.On >= Start.AddDays(9));
        held.Plan.Weeks[^1].Cause.Held!.By.ShouldBe(HeldBy.Hold);
        held.Changes.ShouldAllBe(c => c.Kind == ChangeKind.Dropped && c.Because.Contains("heat in a leg"));
    }

    [Fact]
    public void Cleared_it_begins_on_the_lunge_and_reaches_the_saddle_by_steps()
    {
        var on = Start.AddDays(9);
        var held = Replanning
            .Again(_first.On(_plan, on) with { Horse = _first.Horse with { HeldBecause = "heat in a leg" } })
            .OrThrow()
            .Plan;
        var cleared = Replanning
            .Again(
                _first.On(held, on.AddDays(2), on) with
                {
                    Horse = _first.Horse with { Cleared = new AfterClearance(on.AddDays(2), 0, false) },
                }
            )
            .OrThrow();
        var first = cleared.Plan.Sessions.First(s => s.On >= on.AddDays(2));
        first.Minutes.Total.ShouldBeLessThanOrEqualTo(30);
        first.Minutes.Canter.ShouldBe(0);
        first.Kind.ShouldBe(SessionKind.Lunge);
        cleared
            .Plan.Sessions.Where(s => s.On >= on.AddDays(2))
            .Take(3)
            .ShouldAllBe(s => s.Minutes.Total <= 30 && s.Minutes.Canter == 0 && !s.Kind.IsHard());
        cleared.Says!.ShouldContain("the lunge first");
    }

    [Fact]
    public void A_new_restriction_takes_its_gait_out_from_its_week_on()
    {
        var now = _first.On(_plan, Start.AddDays(14)) with
        {
            Horse = _first.Horse with { Restrictions = [No(Start.AddDays(14), null, Gait.Canter)] },
        };
        var again = Replanning.Again(now).OrThrow();
        again.Plan.Sessions.Where(s => s.On >= Start.AddDays(14)).ShouldAllBe(s => s.Minutes.Canter == 0 && !s.Kind.IsJumped());
        HardRules.Broken(now with { Former = again.Plan }, again.Plan.Sessions, now.Today).ShouldBeEmpty();
    }

    [Theory]
    [InlineData(SessionChange.HalveWork, 0.5)]
    [InlineData(SessionChange.CutWork, 0.8)]
    public void An_accepted_verdict_changes_what_comes_next(SessionChange change, double keep)
    {
        var next = NextIs.From(change, "tired behind")!;
        var again = Replanning.Again(_first.On(_plan, Start.AddDays(9)) with { Next = next }).OrThrow();
        var changed = again.Changes.ShouldHaveSingleItem();
        changed.After!.Minutes.ShouldBe(changed.Before!.Minutes.Times(keep));
        changed.Because.ShouldContain("tired behind");
    }

    [Fact]
    public void Easy_or_the_same_again_changes_no_minutes() => NextIs.From(SessionChange.SameAgain, "").ShouldBeNull();

    [Fact]
    public void A_competition_that_is_scratched_gives_its_days_back()
    {
        var show = Aim(Start.AddDays(26));
        var with = Case(Entry(weeks: 6), Horse(aims: show));
        var plan = BlockPlanner.Plan(with).OrThrow();
        var without = Replanning.Again(with.On(plan, Start.AddDays(8)) with { Horse = with.Horse with { Aims = [] } }).OrThrow();
        HardRules.Broken(with with { Horse = with.Horse with { Aims = [] } }, without.Plan.Sessions, Start.AddDays(8)).ShouldBeEmpty();
        without.Plan.Weeks[3].Sessions.Count.ShouldBeGreaterThanOrEqualTo(plan.Weeks[3].Sessions.Count);
    }

    [Fact]
    public void Some_changes_can_be_taken_over_and_the_rest_left()
    {
        var planned = Missed(9);
        var again = Replanning.Again(planned).OrThrow();
        var one = again.Changes.First(c => c.Kind == ChangeKind.Changed);
        var accepted = PlanChanges.Accept(planned, again, new HashSet<Guid> { one.Id }).OrThrow();
        accepted.Find(one.Id)!.Minutes.ShouldBe(one.After!.Minutes);
        foreach (var left in again.Changes.Where(c => c.Id != one.Id && c.Kind == ChangeKind.Changed))
        {
            accepted.Find(left.Id)!.Minutes.ShouldBe(left.Before!.Minutes);
        }
    }

    [Fact]
    public void A_move_that_breaks_a_rule_is_refused_by_name_and_the_nearest_good_day_offered()
    {
        var planned = _first.On(_plan, Start);
        var hard = _plan.Sessions.First(s =>
            s.Kind.IsJumped() && HandEdits.Options(planned, s).Days.Any(d => d.Broken.Any(b => b.Rule == "Helper"))
        );
        var options = HandEdits.Options(planned, hard);
        var bad = options.Days.First(d => d.Broken.Any(b => b.Rule == "Helper"));
        var refused = HandEdits.Apply(planned, new HandEditEntry(HandEditKind.Move, hard.Id, bad.On));
        refused.IsFine.ShouldBeFalse();
        refused.Faults.ShouldContain(f => f.Says.Contains("wants a helper"));
        if (options.Nearest is { } nearest)
        {
            var moved = HandEdits.Apply(planned, new HandEditEntry(HandEditKind.Move, hard.Id, nearest)).OrThrow();
            moved.Find(hard.Id)!.On.ShouldBe(nearest);
            moved.Find(hard.Id)!.Pinned.ShouldBeTrue();
            HardRules.Broken(planned with { Former = moved }, moved.Sessions, Start).ShouldBeEmpty();
        }
    }

    [Fact]
    public void Moved_to_a_day_that_is_taken_the_two_change_places()
    {
        var planned = _first.On(_plan, Start);
        var (a, b) = (
            _plan.Weeks[1].Sessions.First(s => s.Kind == SessionKind.Hack),
            _plan.Weeks[1].Sessions.First(s => s.Kind == SessionKind.Flatwork)
        );
        var option = HandEdits.Options(planned, a).Days.Single(d => d.On == b.On);
        option.Exchanges.ShouldBe(SessionKind.Flatwork);
        option.Broken.ShouldBeEmpty();
        var plan = HandEdits.Apply(planned, new HandEditEntry(HandEditKind.Move, a.Id, b.On)).OrThrow();
        (plan.Find(a.Id)!.On, plan.Find(b.Id)!.On).ShouldBe((b.On, a.On));
    }

    [Fact]
    public void What_is_skipped_is_not_planned_again_and_what_is_added_stays()
    {
        var planned = _first.On(_plan, Start);
        var gone = _plan.Weeks[1].Sessions[0];
        var skipped = HandEdits.Apply(planned, new HandEditEntry(HandEditKind.Skip, gone.Id)).OrThrow();
        Replanning.Again(planned with { Former = skipped }).OrThrow().Changes.ShouldBeEmpty();
        skipped.Find(gone.Id).ShouldBeNull();

        var added = HandEdits
            .Apply(planned with { Former = skipped }, new HandEditEntry(HandEditKind.Add, null, gone.On, SessionKind.Hack, 35))
            .OrThrow();
        var extra = added.Sessions.Single(s => s.On == gone.On);
        extra.Minutes.Total.ShouldBe(35);
        Replanning.Again(planned with { Former = added }).OrThrow().Plan.Find(extra.Id)!.Minutes.ShouldBe(extra.Minutes);
    }

    [Fact]
    public void Swapped_it_keeps_its_day_and_no_gait_it_has_no_use_for()
    {
        var planned = _first.On(_plan, Start);
        var flat = _plan.Sessions.First(s => s.Kind == SessionKind.Flatwork);
        var walk = HandEdits
            .Apply(planned, new HandEditEntry(HandEditKind.Swap, flat.Id, null, SessionKind.WalkOnly))
            .OrThrow()
            .Find(flat.Id)!;
        walk.On.ShouldBe(flat.On);
        walk.Minutes.ShouldBe(new MinutesByGait(flat.Minutes.Walk, 0, 0));
    }

    [Fact]
    public void A_day_lost_in_the_middle_of_a_week_makes_no_other_day_longer()
    {
        var wednesday = Start.AddDays(9);
        var without = Case(Entry(weeks: 10) with { Days = [.. Six.Where(d => d != DayOfWeek.Saturday)] });
        var again = Replanning.Again(without.On(_plan, wednesday)).OrThrow().Plan;
        var (before, after) = (
            _plan.Weeks[1].Sessions.Where(s => s.On >= wednesday).ToList(),
            again.Weeks[1].Sessions.Where(s => s.On >= wednesday).ToList()
        );
        after.Count.ShouldBe(before.Count - 1);
        after.Sum(s => s.Minutes.Total).ShouldBeLessThan(before.Sum(s => s.Minutes.Total));
        after.Max(s => s.Minutes.Total).ShouldBeLessThanOrEqualTo(before.Max(s => s.Minutes.Total));
    }

    [Fact]
    public void What_was_ridden_cannot_be_moved()
    {
        var planned = _first.On(_plan, Start.AddDays(9));
        HandEdits
            .Apply(planned, new HandEditEntry(HandEditKind.Move, _plan.Sessions.First().Id, Start.AddDays(12)))
            .Faults.ShouldContain(f => f.Field == "sessionId");
    }

    [Fact]
    public void Back_to_an_earlier_version_leaves_the_past_alone()
    {
        var planned = Missed(9);
        var again = Replanning.Again(planned).OrThrow().Plan;
        var back = PlanChanges.BackTo(_plan, again, planned.Today);
        back.Sessions.Where(s => s.On >= planned.Today)
            .Select(s => s.Id)
            .ShouldBe(_plan.Sessions.Where(s => s.On >= planned.Today).Select(s => s.Id));
        back.Sessions.Where(s => s.On < planned.Today).ShouldBe(again.Sessions.Where(s => s.On < planned.Today));
    }
}
