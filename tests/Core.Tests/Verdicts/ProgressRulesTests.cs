using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>Going up, staying, going back: common practice, no source; thresholds chosen for Hippodrome.</summary>
public class ProgressRulesTests
{
    [Fact]
    public void Easy_twice_running_on_both_reins_goes_up_one_rung()
    {
        var lead = VerdictRules.Judge(Make.Context(Make.Easy(), Make.Easy()))[0];
        lead.Word.ShouldBe(VerdictWord.Up);
        lead.Change.ShouldBe(SessionChange.RungOn);
        lead.Why.Inputs.Count.ShouldBe(2);
    }

    /// <summary>One fact other than easy in the latest ride keeps the horse where it is.</summary>
    public static TheoryData<string, RideRecord> NotQuite => new()
    {
        { "left mark", Make.Easy(left: 6.5) },
        { "right mark", Make.Easy(right: 6.5) },
        { "keen is fine, tense is not", Make.Easy(tension: 3) },
        { "asleep", Make.Easy(tension: 0) },
        { "closing test", Make.Easy(passed: false) },
        { "nobody looked at tension", Make.Record(Make.Mark(Rein.Both, 8), Make.Closing(true)) },
        { "one rein only", Make.Record(Make.Mark(Rein.Left, 8), Make.Tension(1), Make.Closing(true)) },
    };

    [Theory]
    [MemberData(nameof(NotQuite))]
    public void One_thing_less_and_it_stays(string fact, RideRecord latest)
    {
        Make.Rules(Make.Context(latest, Make.Easy())).ShouldNotContain("EasyTwice", fact);
        Make.Rules(Make.Context(Make.Easy(), latest)).ShouldNotContain("EasyTwice", fact);
    }

    [Fact]
    public void One_good_session_is_luck_until_it_is_repeated() => Make.Rules(Make.Context(Make.Easy())).ShouldBe(["Stay"]);

    [Fact]
    public void Under_five_twice_running_goes_back_one_rung()
    {
        Make.Rules(Make.Context(Make.Easy(left: 4.5), Make.Easy(right: 4.5))).ShouldContain("PoorTwice");
        Make.Rules(Make.Context(Make.Easy(left: 4.5), Make.Easy(right: 5))).ShouldNotContain("PoorTwice");
        Make.Rules(Make.Context(Make.Easy(left: 4.5))).ShouldNotContain("PoorTwice");
    }

    [Theory]
    [InlineData(0, false)]
    [InlineData(1, false)]
    [InlineData(2, true)]
    [InlineData(null, true)]
    public void No_rung_is_climbed_on_the_eve_of_a_competition(int? daysLeft, bool up) =>
        Make.Rules(Make.Context(Make.Easy(), Make.Easy()) with { DaysToCompetition = daysLeft }).Contains("EasyTwice").ShouldBe(up);

    [Theory]
    [InlineData(20, 50, true)]
    [InlineData(28, 55, false)]
    public void No_rung_is_climbed_in_the_heat(double celsius, double humidity, bool up)
    {
        var today = Make.Record(Make.Mark(Rein.Both, 8), Make.Tension(1), Make.Closing(true), Make.Weather(celsius, humidity));
        Make.Rules(Make.Context(today, Make.Easy())).Contains("EasyTwice").ShouldBe(up);
    }

    [Theory]
    [InlineData(6, true)]
    [InlineData(7, false)]
    public void No_rung_is_climbed_after_a_break(int daysOff, bool up)
    {
        var context = Make.Context(Make.Easy()) with { Earlier = [new EarlierRide(Make.Today.AddDays(-daysOff), Make.Easy())] };
        Make.Rules(context).Contains("EasyTwice").ShouldBe(up);
    }

    [Fact]
    public void Staying_says_why_when_it_is_the_day_that_holds_it_back() =>
        VerdictRules.Judge(Make.Context(Make.Easy(), Make.Easy()) with { DaysToCompetition = 1 })[0].Why.Rule.ShouldContain("competition");

    [Fact]
    public void A_more_careful_rule_silences_going_up()
    {
        var drifting = Make.Record(Make.Mark(Rein.Both, 8), Make.Tension(1), Make.Closing(true), Make.Sign(Sign.DriftedLeft));
        Make.Rules(Make.Context(drifting, Make.Easy())).ShouldBe(["Drifts"]);
        var rubbed = Make.Record(Make.Mark(Rein.Both, 8), Make.Tension(1), Make.Closing(true), Make.Jumped(Rein.Left, EffortOutcome.Rub));
        Make.Rules(Make.Context(rubbed, Make.Easy())).ShouldBe(["RubsOnce", "EasyTwice"], ignoreOrder: true);
    }

    [Fact]
    public void Leaving_a_good_session_out_never_moves_a_horse_up()
    {
        RideRecord[] kinds = [Make.Easy(), Make.Easy(left: 6), Make.Easy(right: 4), Make.Easy(passed: false), Make.Easy(8, 8)];
        foreach (var (now, first, second) in kinds.SelectMany(a => kinds.SelectMany(b => kinds.Select(c => (a, b, c)))))
        {
            var all = Make.Rules(Make.Context(now, first, second)).Contains("EasyTwice");
            if (first.BothReinsReach(7) && first.ClosingTestPassed == true && !all)
            {
                Make.Rules(Make.Context(now, second)).ShouldNotContain("EasyTwice");
            }
        }
    }

    [Fact]
    public void Rides_further_back_than_any_rule_looks_change_nothing()
    {
        RideRecord[] kinds =
        [
            Make.Easy(), Make.Easy(left: 6.5), Make.Easy(right: 4), Make.Easy(passed: false), Make.Easy(tension: 3), Make.Record(Make.Tension(4)),
            Make.Record(Make.Passes(Rein.Left, 6, 4)), Make.Record(Make.Jumped(Rein.Left, EffortOutcome.Stop)), Make.Record(Make.Sign(Sign.Tired)),
        ];
        foreach (var (now, near, far) in kinds.SelectMany(a => kinds.SelectMany(b => kinds.Select(c => (a, b, c)))))
        {
            var back = VerdictRules.RidesBack(now);
            var looked = Enumerable.Repeat(near, back).ToArray();
            Make.Rules(Make.Context(now, [.. looked, far, far, far])).ShouldBe(Make.Rules(Make.Context(now, looked)));
        }

        kinds.Select(VerdictRules.RidesBack).ShouldBe([1, 0, 1, 0, 0, 0, 6, 0, 0]);
    }
}
