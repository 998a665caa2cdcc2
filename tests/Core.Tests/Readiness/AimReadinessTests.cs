using CsCheck;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Readiness;
using Hippodrome.Core.Rides;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Readiness.MakeEvidence;

namespace Hippodrome.Core.Tests.Readiness;

/// <summary>In time, tight, not in time: by the demand that is last, at the horse's own pace (chosen for Hippodrome).</summary>
public class AimReadinessTests
{
    /// <summary>Of no rung, so that only its askings count.</summary>
    private static readonly Demand Halt = Of(LevelDemands.NationalDressage, "Intro", "halt") with { RungId = null };

    private static readonly Demand Metre = Of(LevelDemands.NationalJumping, "1.00 m", "height");

    private static AimReadiness In(int days, Evidence evidence, params IReadOnlyList<Demand> demands) =>
        AimReadiness.Of(Today.AddDays(days), demands, evidence);

    /// <summary>The run-in's ten days are no weeks in which something new is built.</summary>
    [Theory]
    [InlineData(9, 0)]
    [InlineData(16, 0)]
    [InlineData(17, 1)]
    [InlineData(52, 6)]
    public void Weeks_are_counted_to_the_run_in(int days, int weeks) => In(days, Evidence(), Halt).WeeksLeft.ShouldBe(weeks);

    // Ten askings missing at three a session are four sessions.
    [Theory]
    [InlineData(2, 1, InTime.NotInTime)]
    [InlineData(4, 1, InTime.Tight)]
    [InlineData(5, 1, InTime.Tight)]
    [InlineData(6, 1, InTime.InTime)]
    [InlineData(2, 3, InTime.InTime)]
    public void Three_quarters_of_the_sessions_are_in_time_and_all_of_them_are_tight(int weeks, double aWeek, InTime time)
    {
        var on = In((7 * weeks) + AimFigures.RunInDays.Value, Evidence() with { Pace = Pace(aWeek) }, Halt);
        on.Demands.Single().Needs.ShouldBe(4);
        on.Time.ShouldBe(time);
    }

    [Fact]
    public void What_is_met_needs_nothing()
    {
        var met = In(20, Evidence(Ride(2, Asked(Movement.Halt, "gggggggggg"))), Halt);
        (met.Time, met.Last).ShouldBe((InTime.InTime, null));
    }

    /// <summary>Height climbs by five centimetres a week at most: 0.80 to 1.00 m takes four weeks, not three.</summary>
    [Theory]
    [InlineData(3, InTime.NotInTime)]
    [InlineData(4, InTime.Tight)]
    [InlineData(6, InTime.InTime)]
    public void Height_is_not_predicted_beyond_its_rate(int weeks, InTime time) =>
        In((7 * weeks) + AimFigures.RunInDays.Value, Evidence(Ride(2, Jumped(0.80, 8))) with { Pace = Pace(1) }, Metre).Time.ShouldBe(time);

    [Fact]
    public void A_horse_that_has_climbed_nothing_in_twelve_weeks_cannot_be_foretold()
    {
        var yield = Of(LevelDemands.NationalDressage, "Elementary", "leg-yield");
        In(90, Evidence(Ride(2)), yield).Time.ShouldBe(InTime.CannotBeTold);
        var ladder = Catalogue.Ladder(Strand.Lateral);
        var below = ladder[Catalogue.Rung(yield.RungId!).Step - 2];
        RungMove[] moves =
        [
            new(Strand.Lateral, ladder[0].Id, MoveKind.ByHand, "seen", Today.AddDays(-200)),
            new(Strand.Lateral, below.Id, MoveKind.Climbed, "confirmed", Today.AddDays(-30)),
        ];
        var climbing = Evidence(Enumerable.Range(1, 8).Select(d => Ride(5 * d).With(OnRung(below.Id, 6, 6)))) with
        {
            Places = Places.Of(Make.Horse(), moves),
            Moves = moves,
        };
        In(90, climbing, yield).Demands.Single().Needs.ShouldNotBeNull();
    }

    [Fact]
    public void Of_a_horse_that_is_held_nothing_is_promised()
    {
        var held = Evidence() with { Held = "heat in a leg", Pace = Pace(5) };
        In(200, held, Halt).Time.ShouldBe(InTime.CannotBeTold);
        In(200, held with { Held = null }, Halt).Time.ShouldBe(InTime.InTime);
    }

    [Fact]
    public void The_demand_that_is_last_decides()
    {
        var both = In(45, Evidence(Ride(2, Jumped(0.80, 8))), Halt, Metre);
        both.Last!.Readiness.Demand.ShouldBe(Metre);
        both.Time.ShouldBe(both.Last.Time);
    }

    [Fact]
    public void What_it_was_last_seen_at_says_the_same_on_the_same_day()
    {
        var evidence = Evidence(Ride(2, Jumped(0.80, 8)));
        foreach (var days in Enumerable.Range(0, 120))
        {
            var now = In(days, evidence, Halt, Metre);
            LastDemand.Of(now, evidence).On(Today.AddDays(days), Today).ShouldBe(now.Time);
        }
    }

    // Rides with taps that told well and ill, over sixteen weeks.
    private static readonly Gen<RideShown> AnyRide = Gen.Select(
        Gen.Int[0, 110],
        Gen.Bool,
        Gen.Int[1, 12],
        Gen.Int[70, 110],
        Gen.Bool,
        (daysAgo, clean, askings, height, away) =>
        {
            var outcome = clean ? EffortOutcome.Clear : EffortOutcome.Knock;
            var ride = Ride(
                    daysAgo,
                    [.. Asked(Movement.Halt, new string(clean ? 'g' : 'n', askings)), Jumped(height / 100.0, askings, outcome)]
                )
                .With(Sets(475, askings / 3.0));
            return away ? ride.Away() : ride;
        }
    );

    [Fact]
    public void Taking_away_a_ride_that_was_clean_never_makes_readiness_better() =>
        Gen.Select(AnyRide.Array[1, 12], Gen.Int[0, 100])
            .Sample(
                (rides, which) =>
                {
                    var clean = rides.Where(r => r.Record.Rail.Attempts.All(a => a.Good)).ToList();
                    if (clean.Count == 0)
                    {
                        return true;
                    }

                    var gone = clean[which % clean.Count];
                    Demand[] demands =
                    [
                        Halt,
                        Metre,
                        Of(LevelDemands.NationalEventing, "100", "speed"),
                        Of(LevelDemands.NationalJumping, "1.00 m", "away"),
                    ];
                    return demands.All(d =>
                        DemandReadiness.Of(d, Evidence(rides.Where(r => r != gone))).HowFar <= DemandReadiness.Of(d, Evidence(rides)).HowFar
                    );
                }
            );

    [Fact]
    public void More_weeks_never_make_the_time_worse() =>
        Gen.Select(AnyRide.Array[0, 8], Gen.Int[0, 150], Gen.Int[1, 100], Gen.Double[0, 5])
            .Sample(
                (rides, days, more, aWeek) =>
                {
                    var evidence = Evidence(rides) with { Pace = Pace(aWeek) };
                    return In(days + more, evidence, Halt, Metre).Time <= In(days, evidence, Halt, Metre).Time;
                }
            );

    private static Aim To(string level, int days) =>
        Aim.From(
                Guid.NewGuid(),
                new AimEntry("Day", Today.AddDays(days), Discipline.Dressage, LevelDemands.NationalDressage, level, null, "Home"),
                Today
            )
            .OrThrow();

    /// <summary>A move keeps what it promised: entered, it gives that readiness.</summary>
    [Theory]
    [InlineData("Novice", 24)]
    [InlineData("Preliminary", 17)]
    [InlineData("Advanced", 60)]
    public void A_move_that_is_entered_gives_what_it_promised(string level, int days)
    {
        RungMove[] moves = [new(Strand.Flatwork, "flatwork/ten-metres", MoveKind.ByHand, "seen", Today.AddYears(-1))];
        var evidence = Evidence() with { Pace = Pace(2), Places = Places.Of(Make.Horse(), moves), Moves = moves };
        var aim = To(level, days);
        var now = AimReadiness.Of(aim.On, LevelDemands.Of(aim, null), evidence).Time;
        now.ShouldNotBe(InTime.InTime);
        var lower = AimMoves.Lower(aim, now, evidence);
        var later = AimMoves.Later(aim, LevelDemands.Of(aim, null), now, evidence);
        (lower ?? later).ShouldNotBeNull();
        if (lower is not null)
        {
            (lower.Time < now).ShouldBeTrue();
            AimReadiness.Of(aim.On, LevelDemands.Of(To(lower.Level!, days), null), evidence).Time.ShouldBe(lower.Time);
        }

        if (later is not null)
        {
            AimReadiness.Of(later.On!.Value, LevelDemands.Of(aim, null), evidence).Time.ShouldBe(InTime.InTime);
            AimReadiness.Of(later.On.Value.AddDays(-7), LevelDemands.Of(aim, null), evidence).Time.ShouldNotBe(InTime.InTime);
        }
    }

    [Fact]
    public void What_is_in_time_is_not_moved()
    {
        var evidence = Evidence(Ride(2, Asked(Movement.Halt, "gggggggggg")));
        AimMoves.Later(To("Intro", 30), [Halt], InTime.InTime, evidence).ShouldBeNull();
        AimMoves.Lower(To("Intro", 30), InTime.NotInTime, evidence).ShouldBeNull();
    }
}
