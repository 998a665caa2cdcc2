using Hippodrome.Core.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Planning;
using Hippodrome.Planning.Blocks;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Blocks.MakeBlock;

namespace Hippodrome.Core.Tests.Blocks;

/// <summary>Where the days go, and what is said when they cannot. The rules are common practice, no source; their numbers are chosen.</summary>
public class PlacingTests
{
    [Fact]
    public void A_finished_plan_breaks_no_hard_rule() => HardRules.Broken(Case(), Plan().Sessions, Start).ShouldBeEmpty();

    [Fact]
    public void Every_session_phase_and_week_can_be_asked_why()
    {
        var plan = Plan(Entry(weeks: 12));
        plan.Sessions.ShouldAllBe(s => s.Why.Rule.Length > 0 && s.Why.Inputs.Count > 0);
        plan.Weeks.ShouldAllBe(w => w.Why.Minutes.Rule.Length > 0 && w.Why.Minutes.Inputs.Count > 0);
        plan.Phases.ShouldAllBe(p => p.Why.Rule.Length > 0);
    }

    [Fact]
    public void There_is_an_easy_day_in_every_week_of_four_or_more() =>
        Plan(Entry(weeks: 12)).Weeks.Where(w => w.Sessions.Count >= 4).ShouldAllBe(w => w.Sessions.Any(s => s.Kind.IsEasy()));

    [Fact]
    public void No_strand_is_over_half_of_a_week() =>
        Plan(Entry(weeks: 12))
            .Weeks.Where(w => w.Sessions.Count >= 4)
            .ShouldAllBe(w => w.Sessions.GroupBy(s => s.Kind).All(g => g.Key.IsEasy() || g.Count() * 2 <= w.Sessions.Count));

    [Fact]
    public void A_yard_that_specialises_early_gives_the_young_more_of_their_discipline()
    {
        var entry = Entry(weeks: 8) with
        {
            Discipline = Core.Aims.Discipline.Dressage,
            Focus = [Core.Horses.Strand.Flatwork],
            Now = new MinutesByGait(45, 35, 10),
            Days = [DayOfWeek.Tuesday, DayOfWeek.Thursday, DayOfWeek.Saturday],
        };
        var young = Horse(age: 5) with
        {
            Places = Places("flatwork/trot-canter", "lateral/step-and-rest", "poles/trot-poles", "grids/placing-pole"),
        };
        var early = Plan(entry, young with { AllRound = false });
        int Flat(BlockPlan plan) => plan.Sessions.Count(s => s.Kind is SessionKind.Flatwork or SessionKind.Lateral);
        Flat(early).ShouldBeGreaterThan(Flat(Plan(entry, young)));
        early.Sessions.ShouldNotContain(s => s.Kind == SessionKind.Grid);
        early.Weeks.ShouldAllBe(w => w.Why.Kinds!.Inputs.Contains("its discipline early, as its approach has it"));
        // Past six it makes no difference.
        var grown = Horse(age: 9) with { Places = young.Places };
        Flat(Plan(entry, grown with { AllRound = false })).ShouldBe(Flat(Plan(entry, grown)));
    }

    [Fact]
    public void A_young_horse_sees_flat_poles_jumping_and_a_hack_every_fortnight()
    {
        var young = Horse(age: 5) with
        {
            Places = Places(
                "flatwork/trot-canter",
                "lateral/step-and-rest",
                "poles/trot-poles",
                "grids/placing-pole",
                "jumping/cross-pole"
            ),
        };
        var weeks = Plan(Entry(weeks: 12) with { Now = new MinutesByGait(100, 60, 20) }, young).Weeks;
        foreach (var fortnight in weeks.Zip(weeks.Skip(1)))
        {
            var kinds = fortnight.First.Sessions.Concat(fortnight.Second.Sessions).Select(s => s.Kind).ToHashSet();
            kinds.ShouldContain(SessionKind.Flatwork);
            kinds.ShouldContain(SessionKind.Poles);
            kinds.ShouldContain(SessionKind.Hack);
            kinds.ShouldContain(k => k.IsJumped());
        }
    }

    [Fact]
    public void Rungs_are_never_expected_above_an_unreached_prerequisite()
    {
        var horse = Horse() with { Places = Places("flatwork/trot-canter", "lateral/leg-yield-four", "poles/trot-poles") };
        var reached = new Dictionary<Strand, int>();
        foreach (var week in Plan(Entry(weeks: 20), horse).Weeks.Select(w => w.Rungs.Select(r => Catalogue.Rung(r.RungId)).ToList()))
        {
            week.ForEach(rung => reached[rung.Strand] = Math.Max(reached.GetValueOrDefault(rung.Strand), rung.Step));
            foreach (var (rung, need) in week.SelectMany(r => r.Needs.Select(n => (r, Catalogue.Rung(n)))))
            {
                Math.Max(horse.Places[need.Strand]?.Step ?? 0, reached.GetValueOrDefault(need.Strand))
                    .ShouldBeGreaterThanOrEqualTo(need.Step, $"{rung.Name} needs {need.Name}");
            }
        }
    }

    [Fact]
    public void Round_a_competition_it_is_light_before_and_walk_or_rest_after()
    {
        var show = Aim(Start.AddDays(19));
        var plan = Plan(Entry(weeks: 5), Horse(aims: show));
        plan.Sessions.Where(s => s.On == show.On).ShouldBeEmpty();
        plan.Sessions.Where(s => s.On == show.On.AddDays(1))
            .ShouldAllBe(s => s.Kind == SessionKind.WalkOnly || s.Kind == SessionKind.Recovery);
        plan.Sessions.Where(s => s.On == show.On.AddDays(-1))
            .ShouldAllBe(s => !s.Kind.IsHard() || (s.Kind == SessionKind.Grid && s.Efforts <= 20));
    }

    [Fact]
    public void Nothing_hard_on_the_farriers_day_and_the_day_after_the_therapist()
    {
        var entry = Entry(weeks: 3) with
        {
            Fixtures = [new(FixtureKind.Farrier, Start.AddDays(8)), new(FixtureKind.Therapist, Start.AddDays(16))],
        };
        Plan(entry)
            .Sessions.Where(s => s.On == Start.AddDays(8) || s.On == Start.AddDays(16) || s.On == Start.AddDays(17))
            .ShouldAllBe(s => !s.Kind.IsHard());
    }

    [Fact]
    public void Away_means_nobody_rides() =>
        Plan(Entry(weeks: 3) with { Fixtures = [new(FixtureKind.Away, Start.AddDays(7), Start.AddDays(10))] })
            .Sessions.ShouldNotContain(s => s.On >= Start.AddDays(7) && s.On <= Start.AddDays(10));

    [Fact]
    public void Two_days_a_week_and_five_jumping_sessions_say_what_to_change()
    {
        var outcome = BlockPlanner.Plan(
            Case(Entry() with { Days = [DayOfWeek.Tuesday, DayOfWeek.Thursday], Asked = [new(SessionKind.Jumping, 5)] })
        );
        outcome.IsFine.ShouldBeFalse();
        outcome.Faults.Select(f => f.Field).ShouldContain("asked");
        outcome.Faults[0].Says.ShouldContain("jumping 5 times");
        outcome.Faults[0].Says.ShouldContain("Tuesday and Thursday");
        outcome.Faults.ShouldAllBe(f => f.Mend.Length > 0);
    }

    [Fact]
    public void Four_jumping_days_break_the_rules_of_the_trade_and_say_which()
    {
        var fault = BlockPlanner.Plan(Case(Entry() with { HelperDays = Six, Asked = [new(SessionKind.Jumping, 4)] })).Faults[0];
        fault.Says.ShouldContain("jumping");
        fault.Field.ShouldBe("asked");
    }

    [Fact]
    public void Jumping_asked_for_without_a_helper_names_the_helper()
    {
        var faults = BlockPlanner.Plan(Case(Entry() with { HelperDays = [], Asked = [new(SessionKind.Grid, 1)] })).Faults;
        faults.Select(f => f.Field).ShouldContain("helperDays");
        faults[0].Says.ShouldContain("no day with a helper");
    }

    [Theory]
    [InlineData("days", "day off")]
    public void No_day_off_left_is_refused_on_the_form(string field, string says)
    {
        var fault = Core
            .Blocks.Block.From(Guid.NewGuid(), Entry() with { Days = [.. Six, DayOfWeek.Monday] }, [], Start)
            .Faults.ShouldHaveSingleItem();
        fault.Field.ShouldBe(field);
        fault.Says.ShouldContain(says);
    }

    [Fact]
    public void An_aim_before_the_start_is_refused_on_the_form()
    {
        var aim = Aim(Start.AddDays(-3));
        Core.Blocks.Block.From(Guid.NewGuid(), Entry(aim: aim), [aim], Start)
            .Faults.ShouldContain(f => f.Field == "start" && f.Says.Contains("before the block begins"));
    }

    [Fact]
    public void Without_a_helper_the_mix_leaves_fences_out_and_says_so()
    {
        var plan = Plan(Entry() with { HelperDays = [] });
        plan.Sessions.ShouldNotContain(s => s.Kind.IsJumped());
        plan.Notes.ShouldContain(n => n.Contains("helper"));
    }

    [Fact]
    public void A_soft_rule_that_bends_is_named_on_its_day()
    {
        var bent = Plan(
            Entry() with
            {
                Days = [DayOfWeek.Saturday, DayOfWeek.Sunday],
                FavouriteOff = DayOfWeek.Sunday,
                Now = new MinutesByGait(40, 30, 10),
            }
        )
            .Sessions.Where(s => s.On.DayOfWeek == DayOfWeek.Sunday);
        bent.ShouldAllBe(s => s.Bent.Any(b => b.Rule == "FavouriteDayOff"));
    }

    [Fact]
    public void The_minutes_of_a_week_are_those_of_its_sessions() =>
        Plan(Entry(weeks: 12)).Weeks.ShouldAllBe(w => w.Minutes == MinutesByGait.Sum(w.Sessions.Select(s => s.Minutes)));

    [Fact]
    public void A_held_horse_gets_no_block() =>
        BlockPlanner.Plan(Case(horse: Horse(held: "heat in a leg"))).Faults.ShouldHaveSingleItem().Says.ShouldContain("heat in a leg");

    [Fact]
    public void Planning_says_how_far_it_is_week_by_week()
    {
        var heard = new Heard();
        BlockPlanner.Plan(Case(Entry(weeks: 6)), progress: heard).IsFine.ShouldBeTrue();
        heard.All.Select(p => p.Done).ShouldBe(Enumerable.Range(0, 6));
        heard.All.ShouldAllBe(p => p.OfAll == 6);
    }

    private sealed class Heard : IProgress<PlanProgress>
    {
        public List<PlanProgress> All { get; } = [];

        public void Report(PlanProgress value) => All.Add(value);
    }
}
