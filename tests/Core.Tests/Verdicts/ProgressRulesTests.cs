using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>
/// Going up, staying, going back: common practice, no source; thresholds chosen for Hippodrome. Up only for what was
/// ridden, and the review says what the ladder says.
/// </summary>
public class ProgressRulesTests
{
    [Fact]
    public void Two_easy_rides_of_the_same_rung_go_up_one_rung()
    {
        var lead = RideRules.Judge(Make.OnRung(Make.Easy(), Make.Easy()))[0];
        lead.Word.ShouldBe(VerdictWord.Up);
        lead.Change.ShouldBe(SessionChange.RungOn);
        lead.Why.Inputs.Count.ShouldBe(2);
    }

    [Fact]
    public void Two_easy_rides_of_nothing_on_a_ladder_do_not() => Make.Rules(Make.Context(Make.Easy(), Make.Easy())).ShouldBe(["Stay"]);

    [Fact]
    public void Nothing_goes_up_after_its_first_time() => Make.Rules(Make.OnRung(Make.Easy())).ShouldBe(["Stay"]);

    [Theory]
    [InlineData("changes/single-change", 3, false)]
    [InlineData("changes/single-change", 4, true)]
    [InlineData("narrow/one-guide", 2, false)]
    [InlineData("narrow/one-guide", 3, true)]
    [InlineData("lateral/four-steps", 2, true)]
    public void The_ladders_longer_counts_hold_in_the_verdict(string rung, int rides, bool up) =>
        Make.Rules(Make.OnRung(rung, c => c, Make.Easy(), [.. Enumerable.Repeat(Make.Easy(), rides - 1)]))
            .Contains("EasyTwice")
            .ShouldBe(up);

    /// <summary>One fact told against it in the latest ride keeps the horse where it is.</summary>
    public static TheoryData<string, RideRecord> NotQuite =>
        new()
        {
            { "left mark", Make.Easy(left: 6.5) },
            { "right mark", Make.Easy(right: 6.5) },
            { "keen is fine, tense is not", Make.Easy(tension: 3) },
            { "asleep", Make.Easy(tension: 0) },
            { "closing test", Make.Easy(passed: false) },
            { "it tired", Make.Record(Make.Mark(Rein.Both, 8), Make.Sign(Sign.Tired)) },
            { "nothing tapped of it", Make.Record(Make.Ridden(Gait.Trot, Rein.Left, 20)) },
        };

    [Theory]
    [MemberData(nameof(NotQuite))]
    public void One_thing_less_and_it_stays(string fact, RideRecord latest)
    {
        Make.Rules(Make.OnRung(latest, Make.Easy())).ShouldNotContain("EasyTwice", fact);
        Make.Rules(Make.OnRung(Make.Easy(), latest)).ShouldNotContain("EasyTwice", fact);
    }

    /// <summary>A mark, tension or closing test that nobody gave blocks nothing and is not a bad one.</summary>
    public static TheoryData<string, RideRecord> Untold =>
        new()
        {
            { "nobody looked at tension", Make.Record(Make.Mark(Rein.Both, 8), Make.Closing(true)) },
            { "one rein only was marked", Make.Record(Make.Mark(Rein.Left, 8), Make.Tension(1), Make.Closing(true)) },
            { "no closing test", Make.Record(Make.Mark(Rein.Both, 8), Make.Tension(1)) },
            { "clean passes and nothing else", Make.Record(Make.Passes(Rein.Left, 5), Make.Passes(Rein.Right, 5)) },
        };

    [Theory]
    [MemberData(nameof(Untold))]
    public void What_nobody_told_blocks_nothing(string fact, RideRecord ride) =>
        Make.Rules(Make.OnRung(ride, ride)).ShouldContain("EasyTwice", fact);

    [Fact]
    public void A_ride_with_nothing_tapped_of_it_is_neither_good_nor_bad()
    {
        var silent = Make.Record(Make.Ridden(Gait.Trot, Rein.Left, 20));
        Make.Rules(Make.OnRung(Make.Easy(), silent, Make.Easy())).ShouldContain("EasyTwice");
        Make.Rules(Make.OnRung(Make.Easy(left: 4), silent, Make.Easy(left: 4))).ShouldContain("PoorTwice");
    }

    [Fact]
    public void Under_five_twice_running_goes_back_one_rung()
    {
        Make.Rules(Make.OnRung(Make.Easy(left: 4.5), Make.Easy(right: 4.5))).ShouldContain("PoorTwice");
        Make.Rules(Make.OnRung(Make.Easy(left: 4.5), Make.Easy(right: 5))).ShouldNotContain("PoorTwice");
        Make.Rules(Make.OnRung(Make.Easy(left: 4.5))).ShouldNotContain("PoorTwice");
    }

    /// <summary>The ladder's stops, each a fact that flips the answer.</summary>
    public static TheoryData<string, Func<RungContext, RungContext>, bool> Stops =>
        new()
        {
            { "any day", c => c, true },
            { "the eve of a competition", c => c with { DaysToCompetition = 1 }, false },
            { "two days before", c => c with { DaysToCompetition = 2 }, true },
            { "after a week off", c => c with { LastRiddenBefore = Make.Today.AddDays(-7) }, false },
            { "after six days", c => c with { LastRiddenBefore = Make.Today.AddDays(-6) }, true },
            { "a new rider", c => c with { EarlierRiders = new HashSet<Guid> { Guid.NewGuid() } }, false },
            { "a rider it knows", c => c with { EarlierRiders = new HashSet<Guid> { Guid.Empty } }, true },
            { "a new place", c => c with { EarlierPlaces = new HashSet<string> { "Ashlode" } }, false },
            { "held", c => c with { Held = true }, false },
        };

    [Theory]
    [MemberData(nameof(Stops))]
    public void The_ladders_stops_hold_in_the_verdict(string fact, Func<RungContext, RungContext> with, bool up) =>
        Make.Rules(Make.OnRung("poles/trot-poles", with, Make.Easy(), Make.Easy())).Contains("EasyTwice").ShouldBe(up, fact);

    // 30 degC and 70 %: 86 degF + 70 = 156, halve (common practice, no source). 25.5 degC and 60 %: watch only, and no heat for a rung.
    [Theory]
    [InlineData(30, 70, false)]
    [InlineData(25.5, 60, true)]
    public void No_rung_is_climbed_in_heat_that_halves_and_watching_is_not_heat(double celsius, double humidity, bool up) =>
        Make.Rules(
                Make.OnRung(
                    Make.Record(Make.Mark(Rein.Both, 8), Make.Tension(1), Make.Closing(true), Make.Weather(celsius, humidity)),
                    Make.Easy()
                )
            )
            .Contains("EasyTwice")
            .ShouldBe(up);

    [Fact]
    public void Staying_says_what_holds_it_back() =>
        RideRules
            .Judge(Make.OnRung("poles/trot-poles", c => c with { DaysToCompetition = 1 }, Make.Easy(), Make.Easy()))[0]
            .Why.Inputs.ShouldContain(i => i.Contains("competition"));

    [Fact]
    public void What_asks_for_care_keeps_the_ladder_where_it_is_and_says_so()
    {
        var drifting = Make.Record(Make.Mark(Rein.Both, 8), Make.Tension(1), Make.Closing(true), Make.Sign(Sign.DriftedLeft));
        var context = Make.OnRung(drifting, Make.Easy());
        Make.Rules(context).ShouldBe(["Drifts"]);
        context.Rungs.Single().Missing.ShouldContain(m => m.Contains("drifted left"));
        var rubbed = Make.Record(Make.Mark(Rein.Both, 8), Make.Tension(1), Make.Closing(true), Make.Passes(Rein.Left, 19, 1));
        Make.Rules(Make.OnRung(rubbed, Make.Easy())).ShouldBe(["TouchesNowAndThen", "EasyTwice"], ignoreOrder: true);
    }

    [Fact]
    public void Review_and_ladder_never_disagree()
    {
        RideRecord[] kinds =
        [
            Make.Easy(),
            Make.Easy(left: 6.5),
            Make.Easy(right: 4),
            Make.Easy(passed: false),
            Make.Easy(tension: 3),
            Make.Record(Make.Tension(4)),
            Make.Record(Make.Passes(Rein.Left, 20)),
            Make.Record(Make.Jumped(Rein.Left, EffortOutcome.Stop)),
            Make.Record(Make.Sign(Sign.Tired)),
            Make.Record(Make.Mark(Rein.Both, 8), Make.Sign(Sign.WrongLead)),
        ];
        foreach (var (now, near, far) in kinds.SelectMany(a => kinds.SelectMany(b => kinds.Select(c => (a, b, c)))))
        {
            var context = Make.OnRung(now, near, far);
            Make.Rules(context).Contains("EasyTwice").ShouldBe(context.Rungs.Single().Word == RungWord.Up);
        }
    }

    [Fact]
    public void Rides_further_back_than_any_rule_looks_change_nothing()
    {
        RideRecord[] kinds =
        [
            Make.Easy(),
            Make.Easy(left: 6.5),
            Make.Easy(right: 4),
            Make.Easy(passed: false),
            Make.Easy(tension: 3),
            Make.Record(Make.Tension(4)),
            Make.Record(Make.Passes(Rein.Left, 6, 4)),
            Make.Record(Make.Jumped(Rein.Left, EffortOutcome.Stop)),
            Make.Record(Make.Sign(Sign.Tired)),
        ];
        foreach (var (now, near, far) in kinds.SelectMany(a => kinds.SelectMany(b => kinds.Select(c => (a, b, c)))))
        {
            var back = RideRules.RidesBack(now);
            var looked = Enumerable.Repeat(near, back).ToArray();
            Make.Rules(Make.Context(now, [.. looked, far, far, far])).ShouldBe(Make.Rules(Make.Context(now, looked)));
        }

        kinds.Select(RideRules.RidesBack).ShouldBe([0, 0, 1, 0, 0, 0, 6, 0, 7]);
    }
}
