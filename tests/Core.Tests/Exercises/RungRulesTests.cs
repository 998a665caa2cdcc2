using CsCheck;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Exercises;

/// <summary>
/// Going up, staying and going back a rung, in pairs that differ in one fact and flip the answer. The
/// rules are common practice, no source; the thresholds are chosen for Hippodrome.
/// </summary>
public class RungRulesTests
{
    private static readonly Guid Rider = Guid.NewGuid();
    private static readonly Rung TrotPoles = Catalogue.Rung("poles/trot-poles");

    /// <summary>A fan of trot poles is next, and asks for nothing in another strand.</summary>
    private static readonly RungContext TwoGood = new(
        TrotPoles,
        Places.From([Move("poles/trot-poles")]),
        8,
        Rides(Make.Easy(), Make.Easy()),
        Make.Today.AddDays(-2),
        new HashSet<Guid> { Rider }
    );

    [Fact]
    public void Two_good_sessions_running_climb_one_rung()
    {
        var verdict = RungRules.Judge(TwoGood);
        verdict.Word.ShouldBe(RungWord.Up);
        verdict.ToRungId.ShouldBe("poles/fan-clock-zigzag");
        verdict.Missing.ShouldBeEmpty();
        verdict.Why.Inputs.Count.ShouldBe(2);
    }

    [Fact]
    public void One_good_session_is_luck()
    {
        var verdict = RungRules.Judge(TwoGood with { Rides = Rides(Make.Easy()) });
        verdict.Word.ShouldBe(RungWord.Stay);
        verdict.Missing.ShouldBe(["1 good session more"]);
    }

    [Fact]
    public void One_good_and_one_lame_climb_nothing()
    {
        var lame = Make.Record(Make.Mark(Rein.Both, 8), Make.Tension(1), Make.Closing(true), Make.Sign(Sign.OffOrUnlevel));
        RungRules.Judge(TwoGood with { Rides = Rides(lame, Make.Easy()) }).Word.ShouldBe(RungWord.Stay);
        RungRules.Judge(TwoGood with { Rides = Rides(Make.Easy(), lame) }).Word.ShouldBe(RungWord.Stay);
    }

    /// <summary>What a session may lack, one at a time.</summary>
    public static TheoryData<string, RideRecord> NotGood =>
        new()
        {
            { "left rein under seven", Make.Easy(left: 6.5) },
            { "right rein under seven", Make.Easy(right: 6.5) },
            { "asleep", Make.Easy(tension: 0) },
            { "tense", Make.Easy(tension: 3) },
            { "closing test failed", Make.Easy(passed: false) },
            {
                "three in ten touched",
                Make.Record(Make.Mark(Rein.Both, 8), Make.Tension(1), Make.Closing(true), Make.Passes(Rein.Left, 7, 3))
            },
            { "heat in a leg", Make.Record(Make.Mark(Rein.Both, 8), Make.Tension(1), Make.Closing(true), Make.Sign(Sign.HeatInLeg)) },
        };

    [Theory]
    [MemberData(nameof(NotGood))]
    public void Anything_less_in_either_session_and_it_stays(string lacks, RideRecord record)
    {
        RungRules.IsGood(TrotPoles, record).ShouldBeFalse(lacks);
        RungRules.Judge(TwoGood with { Rides = Rides(record, Make.Easy()) }).Word.ShouldBe(RungWord.Stay, lacks);
        RungRules.Judge(TwoGood with { Rides = Rides(Make.Easy(), record) }).Word.ShouldBe(RungWord.Stay, lacks);
    }

    [Theory]
    [InlineData(2, RungWord.Up)]
    [InlineData(3, RungWord.Stay)]
    public void One_pole_touched_in_five_still_teaches(int touched, RungWord word)
    {
        var record = Make.Record(
            Make.Mark(Rein.Both, 7),
            Make.Tension(1),
            Make.Closing(true),
            Make.Passes(Rein.Left, 10 - touched, touched)
        );
        RungRules.Judge(TwoGood with { Rides = Rides(record, Make.Easy()) }).Word.ShouldBe(word);
    }

    [Theory]
    [InlineData(0, RungWord.Stay)]
    [InlineData(1, RungWord.Stay)]
    [InlineData(2, RungWord.Up)]
    [InlineData(null, RungWord.Up)]
    public void Not_on_the_eve_of_a_competition(int? days, RungWord word) =>
        RungRules.Judge(TwoGood with { DaysToCompetition = days }).Word.ShouldBe(word);

    [Theory]
    [InlineData(-6, RungWord.Up)]
    [InlineData(-7, RungWord.Stay)]
    public void Not_on_the_first_day_after_a_break(int before, RungWord word) =>
        RungRules.Judge(TwoGood with { LastRiddenBefore = Make.Today.AddDays(before) }).Word.ShouldBe(word);

    [Fact]
    public void Not_on_a_new_riders_first_day()
    {
        RungRules
            .Judge(TwoGood with { EarlierRiders = new HashSet<Guid> { Guid.NewGuid() } })
            .Missing.ShouldBe(["not on a new rider's first day"]);
        RungRules
            .Judge(
                TwoGood with
                {
                    EarlierRiders = new HashSet<Guid> { Guid.NewGuid(), Rider },
                }
            )
            .Word.ShouldBe(RungWord.Up);
    }

    [Fact]
    public void Not_on_the_first_day_at_a_new_place()
    {
        RungRules
            .Judge(TwoGood with { EarlierPlaces = new HashSet<string> { "Ashlode" } })
            .Missing.ShouldBe(["not on the first day at a new place"]);
        RungRules
            .Judge(
                TwoGood with
                {
                    EarlierPlaces = new HashSet<string> { "Ashlode", "" },
                }
            )
            .Word.ShouldBe(RungWord.Up);
    }

    [Fact]
    public void Not_in_the_heat()
    {
        RideRecord At(double celsius) =>
            Make.Record(Make.Mark(Rein.Both, 8), Make.Tension(1), Make.Closing(true), Make.Weather(celsius, 55));
        RungRules.Judge(TwoGood with { Rides = Rides(At(33), Make.Easy()) }).Word.ShouldBe(RungWord.Stay);
        RungRules.Judge(TwoGood with { Rides = Rides(At(18), Make.Easy()) }).Word.ShouldBe(RungWord.Up);
    }

    [Fact]
    public void Not_while_it_is_held() => RungRules.Judge(TwoGood with { Held = true }).Missing.ShouldBe(["held from ridden work"]);

    [Fact]
    public void Not_before_what_the_next_rung_rests_on_is_reached()
    {
        // Canter poles rest on 15 m circles.
        var raised = TwoGood with
        {
            Rung = Catalogue.Rung("poles/raised-trot"),
            Places = Places.From([Move("poles/raised-trot"), Move("flatwork/trot-canter")]),
        };
        RungRules.Judge(raised).Missing.ShouldHaveSingleItem().ShouldContain("15 m circles");
        RungRules
            .Judge(raised with { Places = Places.From([Move("poles/raised-trot"), Move("flatwork/fifteen-metres")]) })
            .Word.ShouldBe(RungWord.Up);
    }

    [Theory]
    [InlineData(4, RungWord.Stay)]
    [InlineData(5, RungWord.Up)]
    public void Not_before_the_age_of_the_next_rung(int age, RungWord word) =>
        RungRules.Judge(TwoGood with { Age = age }).Word.ShouldBe(word);

    [Theory]
    [InlineData(3, RungWord.Stay)]
    [InlineData(4, RungWord.Up)]
    public void Changes_want_four_good_sessions(int sessions, RungWord word)
    {
        var change = TwoGood with
        {
            Rung = Catalogue.Rung("changes/single-change"),
            Places = Places.From([Move("changes/single-change")]),
            Rides = Rides([.. Enumerable.Repeat(Make.Easy(), sessions)]),
        };
        RungRules.Judge(change).Word.ShouldBe(word);
    }

    [Fact]
    public void Two_sessions_running_under_five_go_back_one_rung()
    {
        var verdict = RungRules.Judge(TwoGood with { Rides = Rides(Make.Easy(left: 4.5), Make.Easy(right: 4)) });
        (verdict.Word, verdict.ToRungId).ShouldBe((RungWord.Back, "poles/walk-poles"));
        RungRules.Judge(TwoGood with { Rides = Rides(Make.Easy(left: 4.5), Make.Easy(right: 5)) }).Word.ShouldBe(RungWord.Stay);
    }

    [Fact]
    public void A_stop_that_says_not_understood_goes_back_at_once()
    {
        var stopped = Make.Record(Make.Mark(Rein.Both, 6), Make.Tension(2), Make.Closing(true), Make.Jumped(Rein.Left, EffortOutcome.Stop));
        var fence = TwoGood with { Rung = Catalogue.Rung("jumping/cross-pole"), Places = Places.From([Move("jumping/cross-pole")]) };
        RungRules.Judge(fence with { Rides = Rides(stopped) }).ToRungId.ShouldBe("jumping/empty-wings");
        var knocked = Make.Record(
            Make.Mark(Rein.Both, 6),
            Make.Tension(2),
            Make.Closing(true),
            Make.Jumped(Rein.Left, EffortOutcome.Knock)
        );
        RungRules.Judge(fence with { Rides = Rides(knocked) }).Word.ShouldBe(RungWord.Stay);
    }

    [Fact]
    public void From_the_first_rung_there_is_no_further_back()
    {
        var first = TwoGood with { Rung = Catalogue.Rung("poles/single-walk"), Rides = Rides(Make.Easy(left: 4), Make.Easy(left: 4)) };
        var verdict = RungRules.Judge(first);
        (verdict.Word, verdict.ToRungId).ShouldBe((RungWord.Back, null));
        verdict.Says.ShouldContain("Less of the same");
    }

    [Fact]
    public void At_the_top_it_is_kept_fresh()
    {
        var top = TwoGood with { Rung = Catalogue.Rung("poles/uneven"), Places = Places.From([Move("poles/uneven")]) };
        RungRules.Judge(top).Says.ShouldContain("top of this ladder");
    }

    private static readonly Gen<RideRecord> AnyRide = Gen.Select(Gen.Int[6, 18], Gen.Int[6, 18], Gen.Int[0, 4], Gen.Bool, Gen.Int[0, 4])
        .Select(
            (left, right, tension, passed, touched) =>
                Make.Record(
                    Make.Mark(Rein.Left, left / 2.0),
                    Make.Mark(Rein.Right, right / 2.0),
                    Make.Tension(tension),
                    Make.Closing(passed),
                    Make.Passes(Rein.Left, 10 - touched, touched)
                )
        );

    private static readonly Gen<RungMove[]> AnyPlaces = Gen.Int[0, 10]
        .Array[12]
        .Select(steps =>
            steps
                .Select((step, i) => (Ladder: Catalogue.Ladder((Strand)i), step))
                .Where(p => p.step > 0)
                .Select(p => Move(p.Ladder[Math.Min(p.step, p.Ladder.Count) - 1].Id))
                .ToArray()
        );

    [Fact]
    public void No_rides_whatever_put_a_horse_above_a_prerequisite_it_has_not_reached() =>
        Gen.Select(AnyPlaces, AnyRide.Array[0, 8], Gen.Int[3, 12])
            .Sample(
                (moves, rides, age) =>
                {
                    var places = Places.From(moves);
                    return Catalogue
                        .Strands.Select(s => places[s])
                        .OfType<Rung>()
                        .All(rung =>
                        {
                            var verdict = RungRules.Judge(new RungContext(rung, places, age, Rides(rides)));
                            return verdict.Word != RungWord.Up || places.Missing(Catalogue.Rung(verdict.ToRungId!), age).Count == 0;
                        });
                }
            );

    [Fact]
    public void Leaving_a_good_session_out_never_moves_a_horse_up() =>
        Gen.Select(AnyRide.Array[1, 8], Gen.Int[0, 7])
            .Sample(
                (rides, at) =>
                {
                    var left = at % rides.Length;
                    if (
                        !RungRules.IsGood(TrotPoles, rides[left])
                        || RungRules.Judge(TwoGood with { Rides = Rides(rides) }).Word == RungWord.Up
                    )
                    {
                        return true;
                    }

                    return RungRules.Judge(TwoGood with { Rides = Rides([.. rides.Where((_, i) => i != left)]) }).Word != RungWord.Up;
                }
            );

    [Fact]
    public void The_latest_move_says_where_it_stands()
    {
        var places = Places.From([
            Move("poles/walk-poles"),
            Move("poles/trot-poles"),
            Move("lateral/step-and-rest"),
            new RungMove(Strand.Lateral, null, MoveKind.ByHand, "starting afresh", Make.Today),
        ]);
        places[Strand.Poles]!.Id.ShouldBe("poles/trot-poles");
        places[Strand.Lateral].ShouldBeNull();
        places.Reached(Catalogue.Rung("poles/single-walk")).ShouldBeTrue();
        places.Reached(Catalogue.Rung("poles/raised-trot")).ShouldBeFalse();
    }

    [Fact]
    public void After_lameness_every_ridden_ladder_goes_one_rung_down()
    {
        var places = Places.From([Move("poles/trot-poles"), Move("flatwork/first-month"), Move("in-hand/walk-poles")]);
        places
            .AfterLameness("heat in a leg", Make.Today)
            .ShouldBe([new RungMove(Strand.Poles, "poles/walk-poles", MoveKind.AfterLameness, "after heat in a leg", Make.Today)]);
    }

    [Theory]
    [InlineData("poles/trot-poles", 8, null)]
    [InlineData("poles/fan-clock-zigzag", 4, "rungId")]
    [InlineData("flatwork/trot-canter", 8, "rungId")]
    [InlineData("poles/nothing", 8, "rungId")]
    public void A_move_by_hand_stays_on_its_ladder_and_under_the_age(string rungId, int age, string? field) =>
        new RungMoveEntry(Strand.Poles, rungId, "seen at the clinic")
            .Check(age, Make.Today)
            .Faults.Select(f => f.Field)
            .ShouldBe(field is null ? [] : [field]);

    [Fact]
    public void A_move_by_hand_wants_a_word() =>
        new RungMoveEntry(Strand.Poles, "poles/trot-poles", " ").Check(8, Make.Today).Faults.ShouldHaveSingleItem().Field.ShouldBe("word");

    private static RungMove Move(string rungId) =>
        new(Catalogue.Rung(rungId).Strand, rungId, MoveKind.ByHand, "to begin with", Make.Today.AddDays(-60));

    private static IReadOnlyList<RungRide> Rides(params RideRecord[] latestFirst) =>
        [.. latestFirst.Select((r, i) => new RungRide(Guid.NewGuid(), Make.Today.AddDays(-2 * i), Rider, r))];

    [Fact]
    public void A_horse_is_placed_on_several_ladders_with_one_word_and_each_fault_names_its_ladder()
    {
        List<PlaceEntry> two = [new(Strand.Poles, "poles/trot-poles"), new(Strand.Lateral)];
        var moves = new PlacesEntry(two, "seen on video").Check(8, Make.Today).OrThrow();
        moves
            .Select(m => (m.Strand, m.RungId, m.Word))
            .ShouldBe([(Strand.Poles, "poles/trot-poles", "seen on video"), (Strand.Lateral, null, "seen on video")]);
        string? Field(PlacesEntry entry, int age = 8) => entry.Check(age, Make.Today).Faults.ShouldHaveSingleItem().Field;
        Field(new PlacesEntry(two)).ShouldBe("word");
        Field(new PlacesEntry([], "x")).ShouldBe("places");
        Field(new PlacesEntry([two[0], two[0]], "x")).ShouldBe("places");
        Field(new PlacesEntry([two[1], new(Strand.Poles, "lateral/travers")], "x")).ShouldBe("places[1].rungId");
        Field(new PlacesEntry([two[1], new(Strand.Grids, "grids/square-oxer")], "x"), 4).ShouldBe("places[1].rungId");
    }
}
