using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Setups;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Cautions;

/// <summary>The library and the sessions of the trade raise no false alarm, and a horse taken on this morning meets no wall.</summary>
public class LibraryRungsTests
{
    public static TheoryData<string> Exercises =>
        [.. Catalogue.Rungs.SelectMany(Catalogue.ExercisesOf).Where(e => e.SetUp is not null).Select(e => e.Id)];

    /// <summary>What an exercise sets out asks for no rung that a horse in work on its own rung could not try.</summary>
    [Theory]
    [MemberData(nameof(Exercises))]
    public void What_an_exercise_sets_out_is_no_rung_above_its_own(string id)
    {
        var exercise = Catalogue.Exercise(id);
        var rung = Catalogue.Rung(exercise.RungId);
        var part = new PartEntry
        {
            Phase = Phase.Work,
            What = exercise.Name,
            Gait = exercise.Gait,
            Rein = Rein.Both,
            Minutes = 6,
            RungId = rung.Id,
            ExerciseId = id,
            Manner = rung.Strand switch
            {
                Strand.InHand => Manner.InHand,
                Strand.Lunge => Manner.Lunged,
                _ => Manner.Ridden,
            },
        };
        var plan = Make.Plan(Make.GoodParts(part), helper: true);
        var asked = ImpliedRungs.Of(
            plan.Parts[1],
            exercise.SetUp!.Check().OrThrow(),
            PartDose.Of(plan.Parts[1], exercise.SetUp!.Check().OrThrow())
        );
        asked.ShouldAllBe(any => any.Any(r => r.Strand != rung.Strand || r.Step <= rung.Step));
        PlanChecks
            .Check(
                new PlanContext
                {
                    Horse = Make.Horse(9, experience: Experience.Established),
                    Plan = plan,
                    SetUps = new Dictionary<Guid, SetUp>(),
                    Nearby = [],
                    Places = Behind(rung),
                }
            )
            .Where(f => f.Rule == "RungSkipped")
            .Select(f => f.Says)
            .ShouldBeEmpty();
    }

    public static TheoryData<string> Templates => [.. SessionTemplates.All.Select(t => t.Id)];

    /// <summary>A session of the trade, for a horse that stands on the rungs it works on, on a mild day.</summary>
    [Theory]
    [MemberData(nameof(Templates))]
    public void A_session_of_the_trade_passes_for_a_horse_on_its_rungs(string id)
    {
        var template = SessionTemplates.All.Single(t => t.Id == id);
        var entry = template.Session with { On = Make.Today, Helper = true };
        var plan = SessionPlan.From(Guid.NewGuid(), entry, Make.Today).OrThrow();
        var named = plan.Parts.Select(p => p.Rung).OfType<Rung>().ToList();
        var young = named.Exists(r => r.Id == "flatwork/first-month");
        var horse = Make.Horse(young ? 4 : 9, experience: young ? Experience.Green : Experience.Established);
        var places = young ? Places.From([]) : On(StartingPlaces.Of(Make.Horse(9, experience: Experience.Established)), named);
        PlanChecks
            .Check(
                new PlanContext
                {
                    Horse = horse,
                    Plan = plan,
                    SetUps = new Dictionary<Guid, SetUp>(),
                    Nearby = [],
                    TemperatureC = 12,
                    Places = places,
                }
            )
            .Select(f => $"{f.Rule}: {f.Says}")
            .ShouldBeEmpty();
    }

    [Fact]
    public void An_established_horse_taken_on_this_morning_meets_no_wall()
    {
        var horse = Make.Horse(10, experience: Experience.Established);
        var places = On(StartingPlaces.Of(horse), []);
        foreach (
            var rung in new[]
            {
                "grids/ascending-oxer",
                "jumping/course-under",
                "lateral/half-pass-trot",
                "poles/raised-trot",
                "changes/single-change",
                "fitness/canter-sets",
            }.Select(Catalogue.Rung)
        )
        {
            var exercise = Catalogue.ExercisesOf(rung).First();
            var part = PartEntry.Of(Phase.Work, exercise.Name, exercise.Gait, Rein.Both, 6) with
            {
                RungId = rung.Id,
                ExerciseId = exercise.Id,
                Times = 2,
            };
            PlanChecks
                .Check(
                    new PlanContext
                    {
                        Horse = horse,
                        Plan = Make.Plan(Make.GoodParts(part), helper: true),
                        SetUps = new Dictionary<Guid, SetUp>(),
                        Nearby = [],
                        Places = places,
                    }
                )
                .Where(f => f.Rule is "RungSkipped" or "RungNotOpen")
                .Select(f => f.Says)
                .ShouldBeEmpty();
        }
    }

    [Theory]
    [InlineData(Experience.Green, "poles/walk-poles", null)]
    [InlineData(Experience.Novice, "poles/canter-pole", "jumping/related-lines")]
    [InlineData(Experience.Established, "poles/uneven", "jumping/at-height")]
    public void One_answer_places_it_on_every_ladder_its_age_allows(Experience experience, string poles, string? jumping)
    {
        var at = StartingPlaces.Of(Make.Horse(10, experience: experience));
        at[Strand.Poles].Id.ShouldBe(poles);
        at.GetValueOrDefault(Strand.Jumping)?.Id.ShouldBe(jumping);
    }

    [Fact]
    public void A_five_year_old_is_placed_no_higher_than_its_age_allows() =>
        StartingPlaces.Of(Make.Horse(5, experience: Experience.Established)).Values.ShouldAllBe(r => r.YoungestAge.Value <= 5);

    [Fact]
    public void The_level_it_goes_at_says_more_than_a_word()
    {
        var horse = Horse
            .From(
                Guid.NewGuid(),
                new HorseEntry("Bramble", Make.Today.Year - 10, "165 cm", Sex.Gelding, null, GoesAt: GoesAt.SmallTour),
                Make.Today
            )
            .OrThrow();
        horse.Experience.ShouldBe(Experience.Established);
        StartingPlaces.Of(horse)[Strand.Changes].Id.ShouldBe("changes/every-second");
        StartingPlaces.Of(horse).ShouldNotContainKey(Strand.Jumping);
    }

    private static Places On(IReadOnlyDictionary<Strand, Rung> at, IEnumerable<Rung> named) =>
        Places.From(
            at.Values.Concat(named)
                .GroupBy(r => r.Strand)
                .Select(g => g.MaxBy(r => r.Step)!)
                .Select(r => new RungMove(r.Strand, r.Id, MoveKind.ByHand, "x", Make.Today))
        );

    /// <summary>One rung behind in its own strand, and at the top of the others.</summary>
    private static Places Behind(Rung rung) =>
        Places.From(
            Catalogue
                .Strands.Select(s => s == rung.Strand ? rung.FallBack : Catalogue.Ladder(s)[^1].Id)
                .OfType<string>()
                .Select(id => new RungMove(Catalogue.Rung(id).Strand, id, MoveKind.ByHand, "x", Make.Today))
        );
}
