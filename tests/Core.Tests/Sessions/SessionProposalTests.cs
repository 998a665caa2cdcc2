using CsCheck;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Hippodrome.Core.Weather;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Sessions;

public class SessionProposalTests
{
    private static readonly Habits NoHabits = new(null, [], Ways.Default);

    /// <summary>Everything but the plan, as a horse that stands here would have it.</summary>
    private sealed record Stable(
        Horse Horse,
        Places Places,
        IReadOnlyList<Restriction> Restrictions,
        IReadOnlyList<IReadOnlySet<string>> Layouts,
        IReadOnlyList<NearbyDay> Nearby,
        double Celsius = 15,
        AfterClearance? Cleared = null,
        string? HeldBecause = null
    )
    {
        public RampLimit? Ramp { get; init; }

        public DateOnly? TreatedOn { get; init; }

        public DateOnly? BoiledOver { get; init; }

        public Why? SameLeg { get; init; }

        public Core.Aims.Aim? Aim { get; init; }

        public int Sits { get; init; }

        public PlanContext Of(SessionPlan plan) =>
            new()
            {
                Horse = Horse,
                Plan = plan,
                SetUps = new Dictionary<Guid, SetUp>(),
                Nearby = Nearby,
                TemperatureC = Celsius,
                HeldBecause = HeldBecause,
                Places = Places,
                Restrictions = Restrictions,
                Layouts = Layouts,
                Heat = Heat.Advise(new WeatherReading(Celsius, 60, false)),
                Competition = Aim,
                Cleared = Cleared,
                Ramp = Ramp,
                TreatedOn = TreatedOn,
                ChangesBoiledOver = BoiledOver,
                SameLeg = SameLeg,
                CalmSits = Sits,
                Card = Make.Card(),
            };
    }

    public static TheoryData<string> EveryRung => [.. Catalogue.Rungs.Select(r => r.Id)];

    [Theory]
    [MemberData(nameof(EveryRung))]
    public void Every_rung_has_a_session_with_no_hard_fault_and_the_phases_in_order(string rungId)
    {
        var rung = Catalogue.Rung(rungId);
        var stable = new Stable(
            Make.Horse(Math.Max(rung.YoungestAge.Value, 4) + 2, experience: Experience.Established),
            StandingOn(rung),
            [],
            [],
            []
        );
        foreach (var ground in Enum.GetValues<Ground>())
        {
            var proposal = Propose(stable, new Wanted(Make.Today, rung.Strand, 40, true, ground, []));
            IsSound(proposal, stable).ShouldBeTrue();
        }

        var suited = Catalogue.ExercisesOf(rung).All(e => e.Figure == RiddenFigure.OpenGround) ? Ground.OpenGround : Ground.Arena;
        Propose(stable, new Wanted(Make.Today, rung.Strand, 40, true, suited, [])).Session.Parts!.ShouldContain(p => p.RungId == rungId);
    }

    [Fact]
    public void Any_horse_gets_a_session_that_passes_every_hard_check() =>
        Gen.Select(AnyStable, Gen.Enum<Strand>(), Gen.Int[10, 80], Gen.Bool, Gen.Enum<Ground>())
            .Sample(
                (stable, strand, minutes, helper, ground) =>
                    IsSound(Propose(stable, new Wanted(Make.Today, strand, minutes, helper, ground, [])), stable),
                iter: Cases.Proposals
            );

    [Fact]
    public void Where_even_walk_is_ruled_out_nothing_is_proposed()
    {
        var horse = Make.Horse();
        var box = Restriction
            .From(Guid.NewGuid(), new RestrictionEntry("box rest", "the vet", null, null, [Gait.Walk]), horse, Make.Today)
            .OrThrow();
        SessionProposal
            .For(
                new Wanted(Make.Today, Strand.Flatwork, 40, true, Ground.Arena, []),
                NoHabits,
                new Stable(horse, Places.From([]), [box], [], []).Of
            )
            .Faults.ShouldHaveSingleItem()
            .Says.ShouldContain("box rest");
    }

    [Fact]
    public void The_same_inputs_give_the_same_session() =>
        Gen.Select(AnyStable, Gen.Enum<Strand>(), Gen.Int[10, 80])
            .Sample(
                (stable, strand, minutes) =>
                {
                    var wanted = new Wanted(Make.Today, strand, minutes, true, Ground.Arena, []);
                    return System.Text.Json.JsonSerializer.Serialize(Propose(stable, wanted))
                        == System.Text.Json.JsonSerializer.Serialize(Propose(stable, wanted));
                },
                iter: Cases.Proposals
            );

    [Fact]
    public void The_start_rein_alternates_and_both_reins_get_the_same()
    {
        var stable = new Stable(Make.Horse(), StandingOn(Catalogue.Rung("poles/trot-poles")), [], [], []);
        foreach (var (last, first) in new[] { (Rein.Left, Rein.Right), (Rein.Right, Rein.Left) })
        {
            var parts = SessionProposal
                .For(new Wanted(Make.Today, Strand.Poles, 40, true, Ground.Arena, []), NoHabits with { LastStartRein = last }, stable.Of)
                .OrThrow()
                .Session.Parts!;
            parts.First(p => p.Rein != Rein.Both).Rein.ShouldBe(first);
            parts.Where(p => p.Rein == Rein.Left).Sum(p => p.Minutes).ShouldBe(parts.Where(p => p.Rein == Rein.Right).Sum(p => p.Minutes));
        }
    }

    [Fact]
    public void What_stood_twice_running_does_not_stand_a_third_time()
    {
        var rung = Catalogue.Rung("poles/trot-poles");
        var stable = new Stable(Make.Horse(), StandingOn(rung), [], [], []);
        var wanted = new Wanted(Make.Today, Strand.Poles, 40, true, Ground.Arena, []);
        var first = Layouts(Propose(stable, wanted));
        first.ShouldNotBeEmpty();
        IReadOnlySet<string> stood = first.ToHashSet();
        var third = Layouts(Propose(stable with { Layouts = [stood, stood] }, wanted));
        third.ShouldNotBeEmpty();
        third.Intersect(stood).ShouldBeEmpty();
    }

    [Fact]
    public void The_rung_in_work_comes_after_the_easy_one_and_before_the_new_one()
    {
        var stable = new Stable(
            Make.Horse(9),
            StandingOn(Catalogue.Rung("flatwork/simple-change"), Catalogue.Rung("flatwork/ten-metres")),
            [],
            [],
            []
        );
        var parts = Propose(stable, new Wanted(Make.Today, Strand.Flatwork, 50, true, Ground.Arena, [])).Session.Parts!;
        parts
            .Select(p => p.RungId)
            .OfType<string>()
            .Distinct()
            .ShouldBe(["flatwork/fifteen-metres", "flatwork/ten-metres", "flatwork/simple-change"]);
        parts.Where(p => p.RungId == "flatwork/simple-change").ShouldAllBe(p => p.Phase == Phase.NewWork);
    }

    [Fact]
    public void Nobody_on_the_ground_means_no_fence_and_it_is_said()
    {
        var stable = new Stable(Make.Horse(), StandingOn(Catalogue.Rung("grids/one-stride")), [], [], []);
        var proposal = Propose(stable, new Wanted(Make.Today, Strand.Grids, 40, false, Ground.Arena, []));
        proposal.Session.Parts!.ShouldNotContain(p => p.RungId != null && p.RungId.StartsWith("grids", StringComparison.Ordinal));
        proposal.Notes.ShouldContain(n => n.Contains("nobody is on the ground", StringComparison.Ordinal));
    }

    [Fact]
    public void Nothing_new_on_the_eve_of_a_competition_or_after_a_hold()
    {
        var stable = new Stable(
            Make.Horse(9),
            StandingOn(Catalogue.Rung("flatwork/simple-change"), Catalogue.Rung("flatwork/ten-metres")),
            [],
            [],
            []
        );
        var wanted = new Wanted(Make.Today, Strand.Flatwork, 50, true, Ground.Arena, []);
        var aim = Core
            .Aims.Aim.From(
                Guid.NewGuid(),
                new Core.Aims.AimEntry("Test", Make.Today.AddDays(1), Core.Aims.Discipline.Dressage, "National", "Medium"),
                Make.Today
            )
            .OrThrow();
        SessionProposal
            .For(wanted, NoHabits, p => stable.Of(p) with { Competition = aim })
            .OrThrow()
            .Session.Parts!.ShouldNotContain(p => p.Phase == Phase.NewWork);
        Propose(stable, wanted).Session.Parts!.ShouldContain(p => p.Phase == Phase.NewWork);
        var light = Propose(stable with { Cleared = new AfterClearance(Make.Today.AddDays(-1), 0, false) }, wanted);
        light.Session.Parts!.ShouldNotContain(p => p.Phase == Phase.NewWork || p.Gait == Gait.Canter || p.Manner == Manner.Ridden);
        light.Session.Parts!.Sum(p => p.Minutes)!.Value.ShouldBeLessThanOrEqualTo(30);
    }

    [Theory]
    [InlineData(Experience.Novice, "flatwork/lines-and-large-circles")]
    [InlineData(Experience.Green, "flatwork/first-month")]
    public void A_horse_nobody_has_placed_begins_at_the_foot_of_the_ladder_and_that_is_said(Experience experience, string rung)
    {
        var stable = new Stable(Make.Horse(8, experience: experience), Places.From([]), [], [], []);
        var proposal = SessionProposal
            .For(new Wanted(Make.Today, Strand.Flatwork, 40, true, Ground.Arena, []), NoHabits, p => stable.Of(p) with { Places = null })
            .OrThrow();
        proposal.Session.Parts!.ShouldContain(p => p.RungId == rung);
        proposal.Notes.ShouldContain(n => n.Contains("assessment ride", StringComparison.Ordinal));
    }

    [Fact]
    public void What_is_built_twice_in_one_place_is_avoided_or_said()
    {
        foreach (var rung in Catalogue.Rungs.Where(r => r.Strand is Strand.Poles or Strand.Grids or Strand.Jumping))
        {
            var stable = new Stable(Make.Horse(10, experience: Experience.Established), StandingOn(rung), [], [], []);
            var proposal = Propose(stable, new Wanted(Make.Today, rung.Strand, 50, true, Ground.Arena, []));
            var lines = proposal
                .Session.Parts!.Select(p => p.ExerciseId)
                .OfType<string>()
                .Distinct()
                .Select(id => Catalogue.Exercise(id).SetUp)
                .Where(s => s is not null and not FigureEntry)
                .Select(s => s!.Line)
                .ToList();
            (
                lines.Count == lines.Distinct().Count() || proposal.Notes.Any(n => n.Contains("rebuild", StringComparison.Ordinal))
            ).ShouldBeTrue(rung.Id);
        }
    }

    [Fact]
    public void A_grid_is_jumped_whole()
    {
        var stable = new Stable(
            Make.Horse(9, experience: Experience.Established),
            StandingOn(Catalogue.Rung("grids/square-oxer")),
            [],
            [],
            []
        );
        foreach (
            var part in Propose(stable, new Wanted(Make.Today, Strand.Grids, 45, true, Ground.Arena, []))
                .Session.Parts!.Where(p => p.Efforts is not null)
        )
        {
            (part.Efforts!.Value % Catalogue.Exercise(part.ExerciseId!).SetUp!.Check().OrThrow().Fences.Count).ShouldBe(0, part.What);
        }
    }

    [Fact]
    public void A_held_horse_is_proposed_nothing() =>
        SessionProposal
            .For(
                new Wanted(Make.Today, Strand.Flatwork, 40, true, Ground.Arena, []),
                NoHabits,
                (new Stable(Make.Horse(), Places.From([]), [], [], []) with { HeldBecause = "off" }).Of
            )
            .Faults.ShouldHaveSingleItem()
            .Field.ShouldBe("focus");

    [Fact]
    public void A_three_year_old_works_ten_minutes_in_hand()
    {
        var stable = new Stable(Make.Horse(3), Places.From([]), [], [], []);
        var session = Propose(stable, new Wanted(Make.Today, Strand.Jumping, 40, true, Ground.Arena, [])).Session;
        session.Manner.ShouldBe(Manner.InHand);
        session.Parts!.Sum(p => p.Minutes)!.Value.ShouldBeLessThanOrEqualTo(10);
    }

    [Fact]
    public void Every_template_is_a_session_with_no_fault_for_a_horse_that_is_ready_for_it()
    {
        var everything = Places.From(
            Catalogue.Strands.Select(s => new RungMove(s, Catalogue.Ladder(s)[^1].Id, MoveKind.ByHand, "x", Make.Today))
        );
        foreach (var template in SessionTemplates.All)
        {
            var plan = SessionPlan.From(Guid.NewGuid(), template.Session with { On = Make.Today }, Make.Today).OrThrow();
            PlanChecks
                .Check(
                    new PlanContext
                    {
                        Horse = Make.Horse(9, experience: Experience.Established),
                        Plan = plan,
                        SetUps = new Dictionary<Guid, SetUp>(),
                        Nearby = [],
                        TemperatureC = 15,
                        Places = everything,
                    }
                )
                .Select(f => $"{template.Id}: {f.Says}")
                .ShouldBeEmpty();
        }

        SessionTemplates.All.Select(t => t.Id).ShouldBeUnique();
        SessionTemplates.All.Count.ShouldBe(17);
    }

    private static SessionProposal Propose(Stable stable, Wanted wanted) => SessionProposal.For(wanted, NoHabits, stable.Of).OrThrow();

    /// <summary>Young, returning, cleared yesterday, treated yesterday, hot, on the eve of a competition: the proposal has nothing to mend.</summary>
    [Fact]
    public void A_proposal_has_no_fault_of_its_own_and_needs_nothing_mended() =>
        Gen.Select(AnyStable, Gen.Enum<Strand>(), Gen.Int[15, 80], Gen.Bool, Gen.Enum<Ground>())
            .Sample(
                (stable, strand, minutes, helper, ground) =>
                {
                    var proposal = Propose(stable, new Wanted(Make.Today, strand, minutes, helper, ground, []));
                    var faults = PlanChecks.Check(stable.Of(SessionPlan.From(Guid.NewGuid(), proposal.Session, Make.Today).OrThrow()));
                    faults
                        .Select(f => $"{f.Rule}: {f.Says}")
                        .ShouldBeEmpty(
                            $"{strand}, {minutes} min, age {stable.Horse.Age(Make.Today)}, {stable.Horse.Experience}, {stable.Celsius} °C, cleared {stable.Cleared}, ramp {stable.Ramp}, treated {stable.TreatedOn}, aim {stable.Aim?.Height}, {string.Join(", ", proposal.Session.Parts!.Select(p => $"{p.Phase} {p.What} {p.Gait} {p.Manner} {p.Minutes} {p.Efforts} {p.HeightMetres} {p.RungId}"))} ;;; {string.Join(" | ", proposal.Notes)} ;;; {string.Join(", ", Catalogue.Strands.Select(x => stable.Places[x]?.Id ?? "-"))}"
                        );
                },
                iter: Cases.Proposals
            );

    private static bool IsSound(SessionProposal proposal, Stable stable)
    {
        var plan = SessionPlan.From(Guid.NewGuid(), proposal.Session, Make.Today).OrThrow();
        PlanChecks.Check(stable.Of(plan)).Where(f => f.Hard).Select(f => f.Says).ShouldBeEmpty();
        plan.Parts.Select(p => p.Phase)
            .ShouldBe(
                plan.Parts.Select(p => p.Phase).Order(),
                string.Join(" | ", plan.Parts.Select(p => $"{p.Phase} {p.What} {p.Manner}").Concat(proposal.Notes))
            );
        return proposal.Because.Count == plan.Parts.Count && proposal.Because.All(w => w.Rule.Length > 0);
    }

    private static List<string> Layouts(SessionProposal proposal) =>
        [
            .. proposal
                .Session.Parts!.Select(p => p.ExerciseId is { } id ? Layout.KeyOf(Catalogue.Exercise(id).SetUp?.Check().Value) : null)
                .OfType<string>()
                .Distinct(),
        ];

    /// <summary>On this rung (or ready for it, on another of its ladder), and on what it and every rung below it rests on.</summary>
    private static Places StandingOn(Rung rung, Rung? at = null)
    {
        // Whatever else it is sure of, it carries a rider: the first month under saddle is behind it.
        var underSaddle = rung.Strand == Strand.Flatwork ? rung : Catalogue.Rung("flatwork/lines-and-large-circles");
        var reached = new Dictionary<Strand, Rung> { [Strand.Flatwork] = underSaddle };
        void Reach(Rung r)
        {
            if (!reached.TryGetValue(r.Strand, out var at) || at.Step < r.Step)
            {
                reached[r.Strand] = r;
            }

            foreach (
                var needed in Catalogue
                    .Ladder(r.Strand)
                    .Take(r.Step)
                    .SelectMany(below => below.Needs)
                    .Select(Catalogue.Rung)
                    .Where(n => !reached.TryGetValue(n.Strand, out var has) || has.Step < n.Step)
            )
            {
                Reach(needed);
            }
        }

        Reach(rung);
        reached[rung.Strand] = at ?? rung;
        return Places.From(reached.Values.Select(r => new RungMove(r.Strand, r.Id, MoveKind.ByHand, "x", Make.Today)));
    }

    private static readonly Gen<Stable> AnyStable = Gen.Select(
            Gen.Int[1, 22],
            Gen.Enum<Experience>(),
            Gen.Int[-1, 9].Array[12],
            Gen.Int[-5, 36],
            Gen.Int[0, 400],
            Gen.Bool
        )
        .Select(
            (age, experience, steps, celsius, dice, jumpedYesterday) =>
            {
                var places = Places.From(
                    Catalogue
                        .Strands.Zip(steps)
                        .Where(s => s.Second >= 0)
                        .Select(s => new RungMove(
                            s.First,
                            Catalogue.Ladder(s.First)[Math.Min(s.Second, Catalogue.Ladder(s.First).Count - 1)].Id,
                            MoveKind.ByHand,
                            "x",
                            Make.Today
                        ))
                );
                var horse = Make.Horse(age, experience: experience);
                var restricted =
                    dice % 4 == 0
                        ?
                        [
                            Restriction
                                .From(
                                    Guid.NewGuid(),
                                    new RestrictionEntry(
                                        "tendon",
                                        "the vet",
                                        null,
                                        null,
                                        dice % 8 == 0 ? [Gait.Canter, Gait.Gallop] : [Gait.Trot],
                                        [(Strand)(dice % 12)],
                                        dice % 3 == 0 ? 0.4 : null
                                    ),
                                    horse,
                                    Make.Today
                                )
                                .OrThrow(),
                        ]
                        : Array.Empty<Restriction>();
                return new Stable(
                    horse,
                    places,
                    restricted,
                    [],
                    jumpedYesterday ? [new NearbyDay(Make.Today.AddDays(-1), true, true)] : [],
                    celsius,
                    dice % 7 == 0 ? new AfterClearance(Make.Today.AddDays(-2), dice % 3, dice % 2 == 0) : null
                )
                {
                    Ramp =
                        dice % 5 == 1
                            ? new RampLimit(
                                30,
                                dice % 2 * 4,
                                dice % 3 * 2,
                                dice % 4 == 0,
                                dice % 2 == 0,
                                dice % 3 == 0,
                                dice % 10 == 1,
                                new Why("x", ["x"], Source.CommonPractice)
                            )
                            : null,
                    TreatedOn = dice % 6 == 2 ? Make.Today.AddDays(-1) : null,
                    BoiledOver = dice % 4 == 3 ? Make.Today.AddDays(-1) : null,
                    SameLeg = dice % 9 == 4 ? new Why("x", ["x"], Source.CommonPractice) : null,
                    Sits = dice % 8,
                    Aim =
                        dice % 3 == 1
                            ? Core
                                .Aims.Aim.From(
                                    Guid.NewGuid(),
                                    new Core.Aims.AimEntry(
                                        "Show",
                                        Make.Today.AddDays(dice % 2 == 0 ? 1 : 9),
                                        Core.Aims.Discipline.Jumping,
                                        "National",
                                        "Novice",
                                        0.6 + (dice % 7 * 0.1)
                                    ),
                                    Make.Today
                                )
                                .OrThrow()
                            : null,
                };
            }
        );
}
