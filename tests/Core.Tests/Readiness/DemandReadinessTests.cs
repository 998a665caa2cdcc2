using Hippodrome.Core.DressageTests;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Readiness;
using Hippodrome.Core.Rides;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Readiness.MakeEvidence;

namespace Hippodrome.Core.Tests.Readiness;

/// <summary>Met, nearly, not begun: what the trade asks of each kind of demand (common practice, no source; the numbers chosen).</summary>
public class DemandReadinessTests
{
    private static readonly Demand Halt = Of(LevelDemands.NationalDressage, "Intro", "halt");
    private static readonly Demand LegYield = Of(LevelDemands.NationalDressage, "Elementary", "leg-yield");
    private static readonly Demand Changes = Of(LevelDemands.NationalDressage, "Advanced", "series-4");
    private static readonly Demand Metre = Of(LevelDemands.NationalJumping, "1.00 m", "height");
    private static readonly Demand Water = Of(LevelDemands.NationalEventing, "90", "question-water");
    private static readonly Demand Gallop = Of(LevelDemands.NationalEventing, "100", "speed");
    private static readonly Demand OnceAway = Of(LevelDemands.NationalJumping, "1.00 m", "away");

    private static HowFar Stands(Demand demand, params IEnumerable<RideShown> rides) => DemandReadiness.Of(demand, Evidence(rides)).HowFar;

    [Theory]
    [InlineData("ggggggggg", "g", HowFar.Met)]
    [InlineData("gggggnnggg", "", HowFar.Nearly)]
    [InlineData("gnnnnnnnnn", "", HowFar.NotBegun)]
    [InlineData("", "gggg", HowFar.NotBegun)]
    public void A_movement_is_met_by_nine_of_its_last_ten_and_nearly_there_by_five(string before, string lately, HowFar stands) =>
        Stands(Halt, Ride(9, Asked(Movement.Halt, before)), Ride(2, Asked(Movement.Halt, lately))).ShouldBe(stands);

    [Fact]
    public void A_movement_of_two_sides_is_met_by_both()
    {
        var left = Ride(3, Asked(Movement.Yield, "gggggggggg", Rein.Left));
        Stands(LegYield, left).ShouldBe(HowFar.NotBegun);
        Stands(LegYield, left, Ride(2, Asked(Movement.Yield, "ggggg", Rein.Right))).ShouldBe(HowFar.Nearly);
        Stands(LegYield, left, Ride(2, Asked(Movement.Yield, "gggggggggg", Rein.Right))).ShouldBe(HowFar.Met);
    }

    [Fact]
    public void What_is_begun_and_not_nearly_there_says_from_when_it_is()
    {
        string Missing(Demand demand, params IEnumerable<RideShown> rides) => DemandReadiness.Of(demand, Evidence(rides)).Missing;
        Missing(Halt, Ride(2, Asked(Movement.Halt, "ggg"))).ShouldBe("3 of 3 good; nearly from 5 good");
        Missing(Halt, Ride(2, Asked(Movement.Halt, "ggggg"))).ShouldBe("5 of 5 good");
        Missing(LegYield, Ride(2, Asked(Movement.Yield, "gg", Rein.Left)))
            .ShouldBe("left 2 of 2 good, right not asked; nearly from 5 good on each side");
    }

    [Fact]
    public void What_was_met_five_weeks_ago_is_nearly()
    {
        Stands(Halt, Ride(27, Asked(Movement.Halt, "gggggggggg"))).ShouldBe(HowFar.Met);
        Stands(Halt, Ride(28, Asked(Movement.Halt, "gggggggggg"))).ShouldBe(HowFar.Nearly);
        Stands(Halt, Ride(84, Asked(Movement.Halt, "gggggggggg"))).ShouldBe(HowFar.NotBegun);
    }

    [Fact]
    public void A_mark_on_its_rung_counts_as_an_asking_of_each_rein()
    {
        RideShown[] Marked(double left, double right) =>
            [.. Enumerable.Range(1, 10).Select(d => Ride(d).With(OnRung(LegYield.RungId!, left, right)))];
        Stands(LegYield, Marked(6, 7)).ShouldBe(HowFar.Met);
        Stands(LegYield, Marked(5.5, 7)).ShouldBe(HowFar.NotBegun);
        Stands(LegYield with { Mark = 5 }, Marked(5.5, 7)).ShouldBe(HowFar.Met);
    }

    /// <summary>FEI dressage rules, scale of marks: 6 is satisfactory.</summary>
    [Fact]
    public void Without_a_word_the_mark_wanted_is_satisfactory() => LegYield.Mark.ShouldBe(6);

    [Fact]
    public void What_it_has_climbed_past_was_confirmed_once_and_is_nearly()
    {
        var past = Evidence() with
        {
            Places = Places.Of(
                Make.Horse(),
                [new RungMove(Strand.Lateral, "lateral/half-pass-trot", MoveKind.ByHand, "seen", Today.AddYears(-1))]
            ),
        };
        DemandReadiness.Of(LegYield, past).HowFar.ShouldBe(HowFar.Nearly);
        DemandReadiness.Of(LegYield, Evidence()).HowFar.ShouldBe(HowFar.NotBegun);
    }

    [Fact]
    public void Changes_of_another_sequence_are_other_changes()
    {
        IEnumerable<RideEvent> Series(int every) =>
            Enumerable.Range(0, 10).Select(_ => new SeriesRidden(Guid.NewGuid(), default, every, 5, null, null, 0, ArenaPlace.Diagonal));
        Stands(Changes, Ride(1, Series(4))).ShouldBe(HowFar.Met);
        Stands(Changes, Ride(1, Series(3))).ShouldBe(HowFar.NotBegun);
    }

    [Fact]
    public void A_height_is_met_by_two_clear_days_near_it_and_one_at_it()
    {
        var near = Jumped(0.90, 8);
        Stands(Metre, Ride(9, near), Ride(2, near)).ShouldBe(HowFar.Nearly);
        Stands(Metre, Ride(9, near), Ride(2, near), Ride(5, Jumped(1.00, 1))).ShouldBe(HowFar.Met);
        Stands(Metre, Ride(9, near), Ride(5, Jumped(1.00, 1))).ShouldBe(HowFar.Nearly);
    }

    [Theory]
    [InlineData(0.80, HowFar.Nearly)]
    [InlineData(0.79, HowFar.NotBegun)]
    public void Nearly_is_within_twenty_centimetres(double clear, HowFar stands) =>
        Stands(Metre, Ride(2, Jumped(clear, 3))).ShouldBe(stands);

    [Fact]
    public void Eight_efforts_with_one_down_are_no_clear_day()
    {
        var down = new[] { Jumped(1.00, 7), Jumped(1.00, 1, EffortOutcome.Knock) };
        Stands(Metre, Ride(9, down), Ride(2, down)).ShouldBe(HowFar.Nearly);
    }

    [Fact]
    public void A_question_is_met_when_it_was_understood_on_two_days_and_nearly_when_it_was_done_once()
    {
        Stands(Water, Ride(2, Question(QuestionKind.Water, 1))).ShouldBe(HowFar.Nearly);
        Stands(Water, Ride(2, Question(QuestionKind.Water, 3))).ShouldBe(HowFar.Nearly);
        Stands(Water, Ride(2, Question(QuestionKind.Water, 3)), Ride(9, Question(QuestionKind.Water, 3))).ShouldBe(HowFar.Met);
        Stands(Water, Ride(2, Question(QuestionKind.Ditch, 3))).ShouldBe(HowFar.NotBegun);
    }

    [Fact]
    public void Minutes_at_speed_are_met_by_half_of_them_in_one_session_and_nearly_by_a_quarter()
    {
        var (half, quarter) = (Gallop.Minutes!.Value / 2, Gallop.Minutes.Value / 4);
        Stands(Gallop, Ride(2).With(Sets(Gallop.Speed!.Value, half))).ShouldBe(HowFar.Met);
        Stands(Gallop, Ride(2).With(Sets(Gallop.Speed.Value, half - 0.1))).ShouldBe(HowFar.Nearly);
        Stands(Gallop, Ride(2).With(Sets(Gallop.Speed.Value, quarter - 0.1))).ShouldBe(HowFar.NotBegun);
        Stands(Gallop, Ride(2).With(Sets(Gallop.Speed.Value - 25, half))).ShouldBe(HowFar.NotBegun);
        // Two sessions of a quarter are not one of half.
        Stands(Gallop, Ride(2).With(Sets(Gallop.Speed.Value, quarter)), Ride(5).With(Sets(Gallop.Speed.Value, quarter)))
            .ShouldBe(HowFar.Nearly);
    }

    [Fact]
    public void A_day_away_is_a_ride_away_or_a_start_somewhere()
    {
        Stands(OnceAway, Ride(2)).ShouldBe(HowFar.NotBegun);
        Stands(OnceAway, Ride(2).Away()).ShouldBe(HowFar.Met);
        Stands(OnceAway, Ride(40).Away()).ShouldBe(HowFar.Nearly);
        DemandReadiness.Of(OnceAway, Evidence() with { Started = [new StartShown(Today.AddDays(-6))] }).HowFar.ShouldBe(HowFar.Met);
    }

    [Fact]
    public void A_slip_of_the_riders_own_is_not_held_against_the_horse()
    {
        var clean = Asked(Movement.Halt, "ggggggggg").ToList();
        var slip = Asked(Movement.Halt, "n").Single();
        RideEvent[] all = [.. clean, slip, .. Asked(Movement.Halt, "n")];
        Stands(Halt, Ride(1, all)).ShouldBe(HowFar.Nearly);
        Stands(Halt, Ride(1, [.. all, new MoreTold(Guid.NewGuid(), default, slip.Id, Mine: true)])).ShouldBe(HowFar.Met);
    }

    private static readonly Demand ShoulderIn = Of(LevelDemands.NationalDressage, "Elementary", "shoulder-in");

    private static MarkShown Marked(int daysAgo, Rein side, double mark, bool away = false) =>
        new(Today.AddDays(-daysAgo), null, away, ["lateral/shoulder-in"], side, mark);

    /// <summary>The mark of a test is an asking like any other: nine good of ten on either side.</summary>
    [Fact]
    public void Marks_of_tests_are_evidence_of_their_movements()
    {
        var both = Enumerable.Range(1, 10).SelectMany(d => new[] { Marked(d, Rein.Left, 6.5), Marked(d, Rein.Right, 7) }).ToList();
        DemandReadiness.Of(ShoulderIn, Evidence() with { Marks = both }).HowFar.ShouldBe(HowFar.Met);
        var poor = both.ConvertAll(m => m.Side == Rein.Left ? m with { Mark = 5 } : m);
        var readiness = DemandReadiness.Of(ShoulderIn, Evidence() with { Marks = poor });
        readiness.HowFar.ShouldBe(HowFar.NotBegun);
        readiness.Dots.Count(d => d.Good).ShouldBe(10);
    }

    /// <summary>A mark that tells no side says nothing of a movement that has two, and all of one that has none.</summary>
    [Fact]
    public void A_mark_without_a_side_counts_where_there_is_none()
    {
        MarkShown[] sideless =
        [
            Marked(3, Rein.Left, 7) with
            {
                Side = null,
                RungIds = ["lateral/shoulder-in", "flatwork/collected-gaits"],
            },
        ];
        DemandReadiness.Of(ShoulderIn, Evidence() with { Marks = sideless }).Dots.ShouldBeEmpty();
        var reinBack = Of(LevelDemands.NationalDressage, "Elementary", "rein-back");
        DemandReadiness.Of(reinBack, Evidence() with { Marks = sideless }).Dots.ShouldHaveSingleItem().Good.ShouldBeTrue();
    }

    /// <summary>
    /// A good mark more never asks for more sessions: in a test each thing is asked once, and that is no measure of a session.
    /// </summary>
    [Fact]
    public void A_good_mark_never_makes_more_sessions_needed()
    {
        var asked = Evidence(Ride(2, Asked(Movement.Yield, "gggn", Rein.Left)), Ride(2, Asked(Movement.Yield, "gggn", Rein.Right)));
        asked = asked with { Places = Places.At([Catalogue.Rung("lateral/leg-yield-line")]) };
        int? Needs(Evidence evidence) => AimReadiness.Of(Today.AddDays(100), [LegYield], evidence).Demands[0].Needs;
        var marks = new[] { Rein.Left, Rein.Right }.SelectMany(r => new[] { Marked(1, r, 8), Marked(5, r, 8) });
        var marked = asked with { Marks = [.. marks.Select(m => m with { RungIds = ["lateral/leg-yield-line"] })] };
        Needs(marked)!.Value.ShouldBeLessThanOrEqualTo(Needs(asked)!.Value);
    }

    /// <summary>A side is told by the line that asks it: shoulder-in along F to B is on the left rein.</summary>
    [Fact]
    public void A_mark_says_the_side_of_its_movement()
    {
        var test = ShippedTests.All[1].Entry.Check().OrThrow();
        var ridden = new TestRidden(
            Today,
            true,
            "",
            [new MovementMark(5, Core.Measures.Mark.Of(6), ""), new MovementMark(10, Core.Measures.Mark.Of(6), "")]
        );
        var marks = MarkShown.Of(test, ridden, null).ToList();
        marks.Select(m => m.Side).ShouldBe([Rein.Left, Rein.Right]);
        marks[0].RungIds.ShouldContain("lateral/shoulder-in");
        marks[1].RungIds.ShouldContain("lateral/half-pass-trot");
    }

    [Fact]
    public void A_marked_test_away_is_a_day_away() =>
        DemandReadiness.Of(OnceAway, Evidence() with { Marks = [Marked(3, Rein.Left, 6, away: true)] }).HowFar.ShouldBe(HowFar.Met);

    /// <summary>A clear round at a competition is a clear course of its height, on a day, and at height.</summary>
    [Fact]
    public void A_clear_round_at_a_competition_counts_for_its_height()
    {
        var metre = Of(LevelDemands.NationalJumping, "1.00 m", "height");
        StartShown Clear(int daysAgo, double height) => new(Today.AddDays(-daysAgo), height);
        DemandReadiness.Of(metre, Evidence() with { Started = [Clear(5, 1.00), Clear(12, 0.90)] }).HowFar.ShouldBe(HowFar.Met);
        DemandReadiness.Of(metre, Evidence() with { Started = [Clear(5, 0.90), Clear(12, 0.90)] }).HowFar.ShouldBe(HowFar.Nearly);
        DemandReadiness.Of(metre, Evidence() with { Started = [new StartShown(Today.AddDays(-5))] }).HowFar.ShouldBe(HowFar.NotBegun);
        DemandReadiness.Of(metre, Evidence() with { Started = [Clear(40, 1.00), Clear(50, 1.00)] }).HowFar.ShouldBe(HowFar.Nearly);
    }

    private static RideShown OverSetUp(int daysAgo, EffortOutcome outcome, double spread, params Thing[] things)
    {
        var id = Guid.NewGuid();
        var ride = Ride(daysAgo, new Efforts(Guid.NewGuid(), Make.Morning, id, Rein.Left, 0.9, outcome, 2));
        return ride with
        {
            Spreads = spread > 0 ? new Dictionary<Guid, double> { [id] = spread } : new Dictionary<Guid, double>(),
            Things = new Dictionary<Guid, IReadOnlySet<Thing>> { [id] = things.ToHashSet() },
        };
    }

    /// <summary>Wide enough to within ten centimetres, clear, on two days (the handbook's rule for heights).</summary>
    [Fact]
    public void A_spread_is_met_over_oxers_nearly_as_wide()
    {
        var spread = Of(LevelDemands.NationalJumping, "0.90 m", "spread");
        spread.SpreadMetres!.Value.ShouldBe(1.00, 1e-9);
        HowFar Over(double width, EffortOutcome outcome = EffortOutcome.Clear) =>
            DemandReadiness.Of(spread, Evidence(OverSetUp(3, outcome, width), OverSetUp(9, outcome, width))).HowFar;
        Over(0.90).ShouldBe(HowFar.Met);
        Over(0.80).ShouldBe(HowFar.Nearly);
        Over(0.90, EffortOutcome.Knock).ShouldBe(HowFar.NotBegun);
        Over(0).ShouldBe(HowFar.NotBegun);
    }

    [Fact]
    public void Fillers_are_met_on_two_days_and_a_tray_is_no_filler()
    {
        var filler = Of(LevelDemands.NationalJumping, "0.90 m", "filler");
        HowFar Over(params RideShown[] rides) => DemandReadiness.Of(filler, Evidence(rides)).HowFar;
        Over(OverSetUp(3, EffortOutcome.Clear, 0, Thing.Filler), OverSetUp(9, EffortOutcome.Clear, 0, Thing.Filler)).ShouldBe(HowFar.Met);
        Over(OverSetUp(3, EffortOutcome.Clear, 0, Thing.Filler)).ShouldBe(HowFar.Nearly);
        Over(OverSetUp(3, EffortOutcome.Clear, 0, Thing.WaterTray)).ShouldBe(HowFar.NotBegun);
        Over(OverSetUp(3, EffortOutcome.Stop, 0, Thing.Filler)).ShouldBe(HowFar.NotBegun);
    }

    /// <summary>A line counts in the strides it was set for, between fences; over poles it is adjustability.</summary>
    [Fact]
    public void A_line_is_met_in_its_count()
    {
        var line = Of(LevelDemands.NationalJumping, "0.90 m", "line");
        RideShown Counted(int daysAgo, int strides, bool overPoles = false) =>
            Ride(
                daysAgo,
                new StridesCounted(Guid.NewGuid(), Make.Morning, null, GaitVariant.CanterCourse, Rein.Left, 18.3, strides, overPoles, 4)
            );
        DemandReadiness.Of(line, Evidence(Counted(3, 4), Counted(8, 4))).HowFar.ShouldBe(HowFar.Met);
        DemandReadiness.Of(line, Evidence(Counted(3, 4), Counted(8, 5))).HowFar.ShouldBe(HowFar.Nearly);
        DemandReadiness.Of(line, Evidence(Counted(3, 5))).HowFar.ShouldBe(HowFar.NotBegun);
        DemandReadiness.Of(line, Evidence(Counted(3, 4, true), Counted(8, 4, true))).HowFar.ShouldBe(HowFar.NotBegun);
    }
}
