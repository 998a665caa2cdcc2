using CsCheck;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Exercises;

/// <summary>The catalogue checks itself: every rung can be reached, every exercise can be built, nothing that can hurt goes without its caution.</summary>
public class CatalogueTests
{
    public static TheoryData<Strand> Strands => [.. Catalogue.Strands];

    // The strands and the number of their rungs as the trade names them (common practice, no source).
    [Theory]
    [InlineData(Strand.InHand, 7)]
    [InlineData(Strand.Lunge, 5)]
    [InlineData(Strand.Flatwork, 7)]
    [InlineData(Strand.Lateral, 8)]
    [InlineData(Strand.Changes, 10)]
    [InlineData(Strand.Collected, 6)]
    [InlineData(Strand.Poles, 9)]
    [InlineData(Strand.Grids, 7)]
    [InlineData(Strand.Jumping, 8)]
    [InlineData(Strand.Narrow, 6)]
    [InlineData(Strand.CrossCountry, 8)]
    [InlineData(Strand.Fitness, 5)]
    public void Every_strand_has_its_rungs(Strand strand, int rungs) => Catalogue.Ladder(strand).Count.ShouldBe(rungs);

    // Orders of the trade that must not be turned round (common practice, no source).
    [Theory]
    [InlineData("poles/walk-poles", "poles/trot-poles")]
    [InlineData("poles/trot-poles", "poles/raised-trot")]
    [InlineData("grids/one-stride", "grids/bounce")]
    [InlineData("grids/ascending-oxer", "grids/square-oxer")]
    [InlineData("jumping/empty-wings", "jumping/cross-pole")]
    [InlineData("lateral/turn-on-forehand", "lateral/leg-yield-line")]
    [InlineData("lateral/shoulder-in", "lateral/travers")]
    [InlineData("changes/every-fourth", "changes/every-third")]
    [InlineData("narrow/full-width-guided", "narrow/barrel")]
    [InlineData("fitness/walk-hardening", "fitness/canter-sets")]
    public void What_comes_first_comes_first(string first, string later)
    {
        Catalogue.Rung(first).Strand.ShouldBe(Catalogue.Rung(later).Strand);
        Catalogue.Rung(first).Step.ShouldBeLessThan(Catalogue.Rung(later).Step);
    }

    [Fact]
    public void Every_prerequisite_exists_and_belongs_to_another_strand()
    {
        foreach (var rung in Catalogue.Rungs)
        {
            rung.Needs.ShouldAllBe(id => Catalogue.Find(id) != null && Catalogue.Find(id)!.Strand != rung.Strand, rung.Id);
        }
    }

    [Fact]
    public void Every_rung_can_be_reached_by_climbing_one_at_a_time()
    {
        // Climb whatever is open until nothing moves: a circle of prerequisites would leave rungs unreached.
        var reached = new HashSet<string>();
        while (
            Catalogue.Rungs.FirstOrDefault(r =>
                !reached.Contains(r.Id) && (r.FallBack is null || reached.Contains(r.FallBack)) && r.Needs.All(reached.Contains)
            )
                is { } open
        )
        {
            reached.Add(open.Id);
        }

        Catalogue.Rungs.Select(r => r.Id).Except(reached).ShouldBeEmpty();
    }

    [Theory]
    [MemberData(nameof(Strands))]
    public void Along_a_strand_steps_count_up_and_ages_never_fall(Strand strand)
    {
        var ladder = Catalogue.Ladder(strand);
        ladder.Select(r => r.Step).ShouldBe(Enumerable.Range(1, ladder.Count));
        ladder.Select(r => r.YoungestAge.Value).ShouldBe(ladder.Select(r => r.YoungestAge.Value).Order());
        ladder[0].FallBack.ShouldBeNull();
        ladder.Skip(1).Select(r => r.FallBack).ShouldBe(ladder.SkipLast(1).Select(r => r.Id));
    }

    [Fact]
    public void No_rung_asks_for_one_that_an_older_horse_has()
    {
        foreach (var rung in Catalogue.Rungs)
        {
            rung.Needs.ShouldAllBe(id => Catalogue.Rung(id).YoungestAge.Value <= rung.YoungestAge.Value, rung.Id);
        }
    }

    // At three and under a horse is worked in hand only (chosen for Hippodrome): no other strand opens before four.
    [Fact]
    public void Before_four_there_is_only_work_in_hand() =>
        Catalogue.Rungs.Where(r => r.Strand != Strand.InHand).ShouldAllBe(r => r.YoungestAge.Value >= 4);

    // Nobody jumps alone (common practice, no source), and what can hurt says so.
    [Fact]
    public void Every_rung_that_can_hurt_carries_its_caution_and_fences_want_a_helper()
    {
        Strand[] fences = [Strand.Grids, Strand.Jumping, Strand.Narrow, Strand.CrossCountry];
        Catalogue.Rungs.Where(r => fences.Contains(r.Strand)).ShouldAllBe(r => r.Helper && r.Caution != null && r.MostAWeek != null);
        string[] others =
        [
            "flatwork/first-month",
            "lunge/free-both-ways",
            "in-hand/lead-and-halt",
            "fitness/canter-sets",
            "fitness/speed-sets",
            "changes/single-change",
            "collected/piaffe",
        ];
        others.ShouldAllBe(id => Catalogue.Rung(id).Caution != null);
        Catalogue.Rungs.Where(r => r.Kit.Any(k => k.Contains("block"))).ShouldAllBe(r => r.Helper);
    }

    // Poles for a green horse about twice a week; fast work every third or fourth day (common practice, no source).
    [Fact]
    public void Poles_for_the_green_and_fast_work_are_rationed()
    {
        Catalogue.Ladder(Strand.Poles).Take(3).ShouldAllBe(r => r.MostAWeek!.Value == 2);
        Catalogue.Rung("fitness/canter-sets").MostAWeek!.Value.ShouldBe(2);
    }

    [Fact]
    public void Every_rung_says_what_it_is_for_how_and_what_good_looks_like()
    {
        Catalogue.Rungs.ShouldAllBe(r => r.Purpose.Length > 10 && r.How.Length > 15 && r.Good.Says.Length > 15 && r.Watch.Length > 10);
        Catalogue.Rungs.ShouldAllBe(r => r.How.Length < 190 && r.Purpose.Length < 90, "short, in riders' words");
        Catalogue.Rungs.ShouldAllBe(r => Mark.IsMark(r.Good.Mark) && r.Good.LeastTension <= r.Good.MostTension);
        Catalogue.Rungs.ShouldAllBe(r => r.SessionsToGoUp.Value >= 2);
        Catalogue.Rungs.Select(r => r.Id).ShouldBeUnique();
        Catalogue.Rungs.Select(r => (r.Strand, r.Name)).ShouldBeUnique();
    }

    [Fact]
    public void Every_rung_has_two_exercises_at_least_and_every_exercise_its_rung()
    {
        Catalogue.Rungs.Where(r => Catalogue.ExercisesOf(r).Count() < 2).Select(r => r.Id).ShouldBeEmpty();
        Catalogue.Exercises.ShouldAllBe(e => Catalogue.Find(e.RungId) != null);
        Catalogue.Exercises.Select(e => e.Id).ShouldBeUnique();
        Catalogue.Exercises.ShouldAllBe(e => e.Repetitions >= 1 && (e.Dose.Minutes == null) != (e.Dose.Efforts == null));
    }

    // The same layout a third session running is a fault; with three layouts or two to choose from it need not come to that.
    [Fact]
    public void Trot_poles_are_laid_in_more_than_two_ways() =>
        Catalogue.ExercisesOf(Catalogue.Rung("poles/trot-poles")).Select(e => e.SetUp).Distinct().Count().ShouldBeGreaterThan(2);

    [Fact]
    public void Every_exercise_builds_a_valid_set_up_for_every_plausible_horse()
    {
        var built = Catalogue.Exercises.Where(e => e.SetUp is not null).ToList();
        built.Count.ShouldBeGreaterThan(30);
        // Each of them, and not one by chance: what does not fit fits no horse.
        foreach (var exercise in built)
        {
            exercise.SetUp!.Check().OrThrow().MeasureFor(Make.Card(), Tape.Metric).FitsArena.ShouldBeTrue(exercise.Id);
        }

        Gen.Select(Gen.OneOf([.. built.Select(Gen.Const)]), Gen.Double[110, 190])
            .Sample(
                (exercise, height) =>
                {
                    var measured = exercise.SetUp!.Check().OrThrow().MeasureFor(Make.Card(height), Tape.Metric);
                    return measured.FitsArena
                        && measured.Approach.Enough
                        && measured.Getaway.Enough
                        && (IsTyped(exercise.SetUp) || measured.Gaps.All(Make.HoldsOrOwn));
                }
            );
    }

    /// <summary>Its distances are given and not the horse's own: a course stands where it stands, and says for whom it is true.</summary>
    private static bool IsTyped(Core.Setups.SetUpEntry setUp) =>
        setUp is Core.Setups.CourseEntry
        || (setUp is Core.Setups.FenceLineEntry line && line.Elements!.Any(e => e!.DistanceMetres is not null));

    [Fact]
    public void Every_exercise_of_the_grids_builds_something() =>
        Catalogue.Ladder(Strand.Grids).ShouldAllBe(r => Catalogue.ExercisesOf(r).All(e => e.SetUp != null));

    [Fact]
    public void A_set_up_is_built_with_the_poles_its_exercise_takes() =>
        Catalogue
            .Exercises.Where(e => e.SetUp is Core.Setups.PoleLineEntry)
            .ShouldAllBe(e => ((Core.Setups.PoleLineEntry)e.SetUp!).Poles == e.Poles);
}
