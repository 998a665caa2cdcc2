using CsCheck;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Sessions;

/// <summary>The shape of a proposed session (common practice, no source; minutes by age and cold are chosen for Hippodrome).</summary>
public class SessionDraftTests
{
    private static readonly Habits NoHabits = new(null, [], Ways.Default);

    private static readonly Places Ready = Places.From(
        new[]
        {
            "in-hand/long-lines-canter",
            "lunge/canter-both-ways",
            "flatwork/simple-change",
            "lateral/shoulder-in",
            "poles/raised-trot",
            "grids/one-stride",
            "jumping/land-in-canter",
            "fitness/canter-sets",
        }.Select(id => new RungMove(Catalogue.Rung(id).Strand, id, MoveKind.ByHand, "x", Make.Today))
    );

    private static SessionEntry Propose(
        Strand focus = Strand.Flatwork,
        double minutes = 45,
        int age = 9,
        double celsius = 15,
        double humidity = 50,
        Habits? habits = null,
        Ground ground = Ground.Arena,
        IReadOnlyList<NearbyDay>? nearby = null
    ) => All(focus, minutes, age, celsius, humidity, habits, ground, nearby).Session;

    private static SessionProposal All(
        Strand focus = Strand.Flatwork,
        double minutes = 45,
        int age = 9,
        double celsius = 15,
        double humidity = 50,
        Habits? habits = null,
        Ground ground = Ground.Arena,
        IReadOnlyList<NearbyDay>? nearby = null,
        Places? places = null
    )
    {
        var horse = Make.Horse(age, experience: Experience.Established);
        PlanContext Of(SessionPlan plan) =>
            new()
            {
                Horse = horse,
                Plan = plan,
                SetUps = new Dictionary<Guid, SetUp>(),
                Nearby = nearby ?? [],
                TemperatureC = celsius,
                Places = places ?? Ready,
                Heat = Heat.Advise(new WeatherReading(celsius, humidity, false)),
            };
        return SessionProposal.For(new Wanted(Make.Today, focus, minutes, true, ground, []), habits ?? NoHabits, Of).OrThrow();
    }

    [Theory]
    [InlineData(9, 15, 7)]
    [InlineData(16, 15, 10)]
    [InlineData(19, 15, 12)]
    [InlineData(9, 2, 10)]
    public void It_begins_in_walk_for_as_long_as_this_horse_needs(int age, double celsius, double minutes)
    {
        var first = Propose(age: age, celsius: celsius).Parts![0];
        (first.Phase, first.Gait, first.Minutes).ShouldBe((Phase.WarmUp, Gait.Walk, minutes));
    }

    [Fact]
    public void It_ends_in_walk_and_with_the_closing_test()
    {
        var last = Propose().Parts![^1];
        (last.Phase, last.Gait).ShouldBe((Phase.CoolDown, Gait.Walk));
        last.Minutes!.Value.ShouldBeGreaterThanOrEqualTo(5);
        last.What!.ShouldContain("drop the reins");
    }

    [Fact]
    public void The_warm_up_is_in_this_horses_own_order()
    {
        IEnumerable<Gait?> Order(string choice) =>
            Propose(habits: By(ApproachQuestion.Order, choice)).Parts!.Where(p => p.Phase == Phase.WarmUp).Select(p => p.Gait);
        Order("walk-trot-canter").ShouldBe([Gait.Walk, Gait.Trot, Gait.Canter]);
        Order("canter-early").ShouldBe([Gait.Walk, Gait.Canter, Gait.Trot]);
        Order("sideways-first").ShouldBe([Gait.Walk, Gait.Walk, Gait.Trot, Gait.Canter]);
    }

    private static Habits By(ApproachQuestion question, string choice) => NoHabits with { Ways = Ways.Default.With(question, choice) };

    [Fact]
    public void It_warms_up_with_its_head_as_its_approach_has_it()
    {
        string Trotted(string choice) =>
            Propose(habits: By(ApproachQuestion.HeadAndNeck, choice))
                .Parts!.Single(p => p is { Phase: Phase.WarmUp, Gait: Gait.Trot })
                .What!;
        Trotted("long-and-low").ShouldContain("long and low");
        Trotted("light-and-taller").ShouldContain("taller");
    }

    [Fact]
    public void The_main_thing_comes_late_or_while_it_is_fresh()
    {
        List<string?> Rungs(string choice) =>
            [
                .. Propose(habits: By(ApproachQuestion.FreshOrTired, choice))
                    .Parts!.Where(p => p is { Phase: Phase.Work, RungId: not null })
                    .Select(p => p.RungId)
                    .Distinct(),
            ];
        Rungs("late").ShouldBe(["flatwork/ten-metres", "flatwork/simple-change"]);
        Rungs("fresh").ShouldBe(["flatwork/simple-change", "flatwork/ten-metres"]);
    }

    [Fact]
    public void Poles_begin_in_walk_or_with_the_rung_below()
    {
        string? First(string choice) =>
            Propose(Strand.Poles, habits: By(ApproachQuestion.Poles, choice)).Parts!.First(p => p.Phase == Phase.Work).RungId;
        First("walk-first").ShouldBe("poles/walk-poles");
        First("trot-soon").ShouldNotBe("poles/walk-poles");
    }

    [Theory]
    [InlineData("through-counter-canter", new[] { "changes/canter-walk-canter" })]
    [InlineData("through-forward-back", new[] { "flatwork/simple-change" })]
    [InlineData("mixed", new[] { "changes/canter-walk-canter", "flatwork/simple-change" })]
    public void What_leads_to_a_first_change_is_as_its_approach_has_it(string choice, string[] leads)
    {
        var places = Places.From([
            new RungMove(Strand.Changes, "changes/single-change", MoveKind.ByHand, "x", Make.Today),
            new RungMove(Strand.Flatwork, "flatwork/collected-gaits", MoveKind.ByHand, "x", Make.Today),
        ]);
        All(Strand.Changes, habits: By(ApproachQuestion.FlyingChanges, choice), places: places)
            .Session.Parts!.Where(p => p is { Phase: Phase.Work, RungId: not null })
            .Select(p => p.RungId!)
            .Distinct()
            .ShouldBe(leads);
    }

    [Fact]
    public void An_aid_on_the_lunge_is_named_as_its_approach_has_it()
    {
        string Notes(string choice) => string.Join(" ", All(Strand.Lunge, habits: By(ApproachQuestion.Lungeing, choice)).Notes);
        Notes("plain").ShouldNotContain("loosened");
        Notes("side-aid").ShouldContain("Side reins, even on both sides");
        Notes("rig").ShouldContain("A rig behind the quarters");
    }

    [Fact]
    public void A_short_session_keeps_its_walk_and_leaves_the_new_work_out()
    {
        var parts = Propose(minutes: 22).Parts!;
        parts[0].Minutes.ShouldBe(7);
        parts.ShouldNotContain(p => p.Phase == Phase.NewWork);
        parts[^1].Gait.ShouldBe(Gait.Walk);
    }

    [Fact]
    public void Minutes_are_not_more_than_there_are_and_most_of_them_are_used() =>
        Gen.Select(
                Gen.Int[0, 3].Select(i => new[] { Strand.Flatwork, Strand.Lateral, Strand.Poles, Strand.Grids }[i]),
                Gen.Int[25, 70],
                Gen.Int[6, 18]
            )
            .Sample(
                (focus, minutes, age) =>
                {
                    var all = Propose(focus, minutes, age).Parts!.Sum(p => p.Minutes)!.Value;
                    return all <= minutes + 1 && all >= minutes * 0.6;
                },
                iter: Cases.Proposals
            );

    [Fact]
    public void What_was_ridden_lately_waits_and_the_other_way_of_riding_it_comes()
    {
        string Worked(Habits habits) =>
            Propose(Strand.Lateral, habits: habits).Parts!.First(p => p.RungId == "lateral/shoulder-in").ExerciseId!;
        var first = Worked(NoHabits);
        Worked(NoHabits with { Exercises = [first] }).ShouldNotBe(first);
    }

    [Fact]
    public void Nothing_new_in_the_heat_and_the_fast_work_is_cut()
    {
        var hot = All(Strand.Flatwork, celsius: 30, humidity: 70);
        hot.Session.Parts!.ShouldNotContain(p => p.Phase == Phase.NewWork);
        hot.Session.Parts!.Where(p => p.Gait is Gait.Trot or Gait.Canter)
            .Sum(p => p.Minutes)!
            .Value.ShouldBeLessThanOrEqualTo(SessionFigures.HotWork.Value);
        hot.Notes.ShouldContain(n => n.Contains("hot", StringComparison.Ordinal));
    }

    [Fact]
    public void The_day_after_jumping_it_works_on_poles_in_place_of_fences()
    {
        var after = All(Strand.Grids, nearby: [new NearbyDay(Make.Today.AddDays(-1), false, true)]);
        after.Session.Parts!.ShouldNotContain(p => p.RungId != null && p.RungId.StartsWith("grids", StringComparison.Ordinal));
        after.Session.Parts!.ShouldContain(p => p.RungId == "poles/raised-trot");
        after.Notes.ShouldContain(n => n.Contains("neighbouring day", StringComparison.Ordinal));
    }

    [Fact]
    public void Out_in_the_open_fitness_is_ridden_without_letters_and_reins()
    {
        var parts = Propose(Strand.Fitness, 60, ground: Ground.OpenGround).Parts!.Where(p => p.RungId == "fitness/canter-sets").ToList();
        parts.ShouldNotBeEmpty();
        parts.ShouldAllBe(p => p.Rein == Rein.Both);
    }

    [Fact]
    public void Every_part_says_why_and_names_the_rein_it_alternates_from()
    {
        var proposal = All(Strand.Poles, habits: NoHabits with { LastStartRein = Rein.Right });
        proposal.Because.Count.ShouldBe(proposal.Session.Parts!.Count);
        proposal.Because.SelectMany(w => w.Inputs).ShouldContain("last time the right rein came first: today the other");
        proposal.Session.Parts!.First(p => p.Rein != Rein.Both).Rein.ShouldBe(Rein.Left);
    }

    [Fact]
    public void Marks_hoped_for_are_those_the_rung_asks() =>
        Propose(Strand.Poles)
            .Parts!.Where(p => p.RungId == "poles/raised-trot")
            .ShouldAllBe(p => p.MarkHopedFor == Catalogue.Rung("poles/raised-trot").Good.Mark);
}
