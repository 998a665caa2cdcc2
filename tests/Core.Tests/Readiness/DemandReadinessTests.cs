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
        DemandReadiness.Of(OnceAway, Evidence() with { Started = [Today.AddDays(-6)] }).HowFar.ShouldBe(HowFar.Met);
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
}
