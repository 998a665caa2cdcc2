using Hippodrome.Core.Blocks;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Tests.Rides;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Weather;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Cautions;

/// <summary>
/// What was told and ridden, in pairs that differ in one fact. Common practice, no source, unless a figure of
/// docs/sources.md says otherwise.
/// </summary>
public class RidePairsTests
{
    private static readonly DateOnly Today = Make.Today;

    // Days off: told, silent, answered.
    [Theory]
    [InlineData(13, false)]
    [InlineData(14, true)]
    public void Two_weeks_of_silence_are_asked_about(int days, bool asked) =>
        Silence.Since(Today.AddDays(-days), [], Today).HasValue.ShouldBe(asked);

    [Fact]
    public void Silence_is_asked_about_once()
    {
        DateOnly last = Today.AddDays(-20);
        Silence.Since(last, [], Today).ShouldBe(last);
        Silence.Since(last, [Worked(-19, 0)], Today).ShouldBeNull();
        Silence.Since(last, [Off(-19, OffBecause.Rest)], Today).ShouldBeNull();
        Silence.Since(null, [], Today).ShouldBeNull();
    }

    [Theory]
    [InlineData(OffBecause.Rest, false)]
    [InlineData(OffBecause.Injury, true)]
    [InlineData(OffBecause.Illness, true)]
    public void After_injury_and_illness_the_return_binds(OffBecause because, bool binds) =>
        Back([Off(-42, because)]).ShouldNotBeNull().Binding.ShouldBe(binds);

    [Fact]
    public void Silence_alone_is_no_fault_and_worked_is_no_time_off()
    {
        Back([]).ShouldBeNull();
        Back([Worked(-42, -1)]).ShouldBeNull();
        Back([Off(-42, OffBecause.Rest)]).ShouldNotBeNull();
    }

    [Theory]
    [InlineData(13, false)]
    [InlineData(14, true)]
    public void A_return_begins_at_two_weeks_off(int days, bool binds) => (Back([Off(-days, OffBecause.Rest)]) is not null).ShouldBe(binds);

    [Theory]
    [InlineData(OffBecause.Rest, false)]
    [InlineData(OffBecause.Injury, true)]
    public void A_word_ends_the_return_after_rest_and_not_after_injury(OffBecause because, bool stillBinds) =>
        (ComingBack.On([Off(-42, because)], [], [Today], Today, Today) is not null).ShouldBe(stillBinds);

    [Fact]
    public void A_week_counts_when_three_days_of_it_were_worked()
    {
        List<DayRidden> Rode(params int[] days) => [.. days.Select(d => new DayRidden(Today.AddDays(d), 30, 0, 0, 0))];
        var off = new TimeAway(Guid.NewGuid(), Today.AddDays(-49), Today.AddDays(-7), OffBecause.Rest, "");
        var counted = ComingBack.On([off], Rode(-7, -5, -3), [], Today, Today).ShouldNotBeNull();
        var short_ = ComingBack.On([off], Rode(-7, -5), [], Today, Today).ShouldNotBeNull();
        counted.Total.ShouldBeGreaterThan(short_.Total);
        (counted.MayShortFirstDay, short_.MayShortFirstDay).ShouldBe((false, true));
    }

    [Fact]
    public void A_return_has_an_end()
    {
        var off = new TimeAway(Guid.NewGuid(), Today.AddDays(-200), Today.AddDays(-170), OffBecause.Injury, "");
        List<DayRidden> rode = [.. Enumerable.Range(0, 85).Select(i => new DayRidden(Today.AddDays(-170 + (2 * i)), 60, 20, 12, 0))];
        ComingBack.On([off], [.. rode.Take(20)], [], Today.AddDays(-125), Today).ShouldNotBeNull();
        ComingBack.On([off], rode, [], Today, Today).ShouldBeNull();
    }

    // The same leg, three in four, over rides and in one.
    [Theory]
    [InlineData(3, 3, 0, true)]
    [InlineData(3, 2, 0, false)]
    [InlineData(5, 1, 2, true)]
    [InlineData(4, 1, 2, false)]
    public void Three_in_four_of_six_touches_point_to_a_leg(int first, int second, int other, bool points) =>
        (SameLeg.Over([Told(-3, first, other), Told(-1, second, 0)], Today) is not null).ShouldBe(points);

    [Fact]
    public void Two_rides_within_four_weeks_and_nobody_has_looked()
    {
        SameLeg.Over([Told(-1, 8, 0)], Today).ShouldBeNull();
        SameLeg.Over([Told(-27, 4, 0), Told(-1, 4, 0)], Today).ShouldNotBeNull().Leg.ShouldBe(Leg.LeftHind);
        SameLeg.Over([Told(-28, 4, 0), Told(-1, 4, 0)], Today).ShouldBeNull();
        SameLeg.Over([Told(-3, 4, 0), Told(-1, 4, 0)], Today, lookedAt: Today.AddDays(-4)).ShouldNotBeNull();
        SameLeg.Over([Told(-3, 4, 0), Told(-1, 4, 0)], Today, lookedAt: Today.AddDays(-3)).ShouldBeNull();
    }

    [Theory]
    [InlineData(3, false)]
    [InlineData(4, true)]
    public void Four_touches_of_one_leg_in_one_ride(int touches, bool points)
    {
        (SameLeg.InOne(Told(0, touches, 0)) is not null).ShouldBe(points);
        Make.Rules(
                Make.Context(
                    Make.Record(new LegTouched(Guid.NewGuid(), Device.Morning, Leg.RightFore, touches), Make.Passes(Rein.Left, 6, touches))
                )
            )
            .Contains("SameLegToday")
            .ShouldBe(points);
    }

    [Fact]
    public void A_touch_put_down_to_the_rider_is_not_held_against_a_leg()
    {
        RideEvent[] Knocks(JumpCause cause) =>
            [
                .. Enumerable
                    .Range(0, 4)
                    .Select(_ => Make.Jumped(Rein.Left, EffortOutcome.Rub) with { Leg = Leg.LeftFore })
                    .SelectMany(e =>
                        new RideEvent[] { e, new JumpTold(Guid.NewGuid(), e.At.AddSeconds(4), e.Id, null, null, null, cause) }
                    ),
            ];
        Make.Rules(Make.Context(Make.Record(Knocks(JumpCause.Horse)))).ShouldContain("SameLegToday");
        Make.Rules(Make.Context(Make.Record(Knocks(JumpCause.Pace)))).ShouldNotContain("SameLegToday");
    }

    // The gravest first.
    [Theory]
    [InlineData("OffOrSore", "EffortBudget")]
    [InlineData("Fall", "TooHot")]
    [InlineData("TooHot", "MayBeTired")]
    [InlineData("MayBeTired", "EffortBudget")]
    [InlineData("EffortBudget", "SameLegToday")]
    [InlineData("SameLegToday", "RanOut")]
    [InlineData("RanOut", "TempoLost")]
    [InlineData("TempoLost", "OneGoodChange")]
    public void Of_two_lines_the_graver_comes_first(string graver, string lesser)
    {
        Gravity Of(string name) => RideRules.All.Single(r => r.Name == name).Gravity;
        ((int)Of(graver)).ShouldBeLessThan((int)Of(lesser));
    }

    [Fact]
    public void Of_what_a_ride_says_a_fall_leads() =>
        Make.Rules(Make.Context(Make.Record(new Fell(Guid.NewGuid(), Device.Morning, Faller.Rider, false), Make.Mark(Rein.Left, 8))))[0]
            .ShouldBe("Fall");

    // Heat by the hour.
    [Theory]
    [InlineData(7, HeatCare.Go)]
    [InlineData(14, HeatCare.WalkOnly)]
    public void The_hour_it_begins_decides(int hour, HeatCare care) =>
        HeatOfHours.Worst(HotAfternoon, WorkingHours.Usual, new TimeOnly(hour, 0), 50).ShouldNotBeNull().Care.ShouldBe(care);

    [Fact]
    public void The_worst_hour_of_a_ride_counts_and_without_a_start_that_of_the_working_day()
    {
        HeatOfHours.Worst(HotAfternoon, WorkingHours.Usual, new TimeOnly(11, 30), 29)!.Care.ShouldBe(HeatCare.Go);
        HeatOfHours.Worst(HotAfternoon, WorkingHours.Usual, new TimeOnly(11, 30), 60)!.Care.ShouldBe(HeatCare.WalkOnly);
        HeatOfHours.Worst(HotAfternoon, WorkingHours.Usual, null, 40)!.Care.ShouldBe(HeatCare.WalkOnly);
        HeatOfHours.Worst(HotAfternoon, new WorkingHours(6, 10), null, 40)!.Care.ShouldBe(HeatCare.Go);
        HeatOfHours.Worst([], WorkingHours.Usual, null, 40).ShouldBeNull();
        HeatOfHours.Best(HotAfternoon, WorkingHours.Usual, 45).ShouldBe(7);
    }

    [Fact]
    public void A_reading_taken_now_beats_the_forecast_where_it_is_stricter()
    {
        HeatOfHours
            .Worst(HotAfternoon, WorkingHours.Usual, new TimeOnly(7, 0), 40, new WeatherReading(34, 20, false))!
            .Care.ShouldBe(HeatCare.Halve);
        HeatOfHours
            .Worst(HotAfternoon, WorkingHours.Usual, new TimeOnly(14, 0), 40, new WeatherReading(12, 50, false))!
            .Care.ShouldBe(HeatCare.WalkOnly);
    }

    // What was ridden is looked at too, from the third time on.
    [Theory]
    [InlineData(2, false)]
    [InlineData(3, true)]
    public void Walk_first_is_told_from_the_third_time_on(int times, bool told) =>
        Habits([.. Enumerable.Repeat(Tapped(2, 8), times), .. Enumerable.Repeat(Tapped(12, 8), 5 - times)])
            .Contains("WalkedFirst")
            .ShouldBe(told);

    [Fact]
    public void A_led_walk_counts_and_what_was_only_typed_is_not_looked_at()
    {
        Habits([.. Enumerable.Repeat(Tapped(12, 8), 4)]).ShouldBeEmpty();
        Habits([.. Enumerable.Repeat(Tapped(12, 2), 4)]).ShouldBe(["WalkedLast"]);
        Habits([.. Enumerable.Repeat(Make.Record(Make.Ridden(Gait.Trot, Rein.Left, 30)), 4)]).ShouldBeEmpty();
    }

    // A first month, and changes that boiled over.
    [Theory]
    [InlineData(1, true)]
    [InlineData(3, false)]
    public void A_sit_counts_when_it_was_calm_and_walked_both_ways(int tension, bool counts)
    {
        FirstSits
            .IsCalm(Make.Record(Make.Ridden(Gait.Walk, Rein.Left, 2), Make.Ridden(Gait.Walk, Rein.Right, 2), Make.Tension(tension)))
            .ShouldBe(counts);
        FirstSits.IsCalm(Make.Record(Make.Ridden(Gait.Walk, Rein.Left, 4), Make.Tension(1))).ShouldBeFalse();
    }

    [Theory]
    [InlineData(new[] { 3, 2 }, false)]
    [InlineData(new[] { 3, 3 }, true)]
    [InlineData(new[] { 4 }, true)]
    public void Changes_boil_over_at_the_top_or_tense_twice_running(int[] tension, bool over)
    {
        RideEvent[] seen = [.. tension.Select((t, i) => (RideEvent)Make.Tension(t, i))];
        ChangesBoiled
            .Over(
                Make.Record([
                    .. seen,
                    new ChangeRidden(Guid.NewGuid(), Device.Morning, Rein.Left, ChangeQuality.Clean, ArenaPlace.Diagonal),
                ])
            )
            .ShouldBe(over);
        ChangesBoiled.Over(Make.Record(seen)).ShouldBeFalse();
    }

    // Heat in a leg and a sore back hold, wherever they are told; what a vet has called old does not.
    [Theory]
    [InlineData(Sign.HeatInLeg, true)]
    [InlineData(Sign.SoreBack, true)]
    [InlineData(Sign.Tired, false)]
    public void A_sign_of_pain_ends_the_work(Sign sign, bool ends)
    {
        (SoundnessRules.SaysPain(Make.Record(Make.Sign(sign))) is not null).ShouldBe(ends);
        SoundnessRules.SaysPain(Make.Record(Make.Sign(sign) with { Known = Guid.NewGuid() })).ShouldBeNull();
    }

    private static readonly HourOfDay[] HotAfternoon =
    [
        .. Enumerable
            .Range(0, 24)
            .Select(h => new HourOfDay(h, h < 12 ? new WeatherReading(14 + (h * 0.1), 50, false) : new WeatherReading(32, 55, false))),
    ];

    private static Core.Sessions.RampLimit? Back(IEnumerable<TimeAway> told) => ComingBack.On(told, [], [], Today, Today);

    private static TimeAway Off(int from, OffBecause because) => new(Guid.NewGuid(), Today.AddDays(from), null, because, "");

    private static TimeAway Worked(int from, int until) => new(Guid.NewGuid(), Today.AddDays(from), Today.AddDays(until), null, "");

    private static LegsTold Told(int day, int leftHind, int rightHind) =>
        new(
            Today.AddDays(day),
            new Dictionary<Leg, int> { [Leg.LeftHind] = leftHind, [Leg.RightHind] = rightHind }
                .Where(t => t.Value > 0)
                .ToDictionary(t => t.Key, t => t.Value)
        );

    private static RideRecord Tapped(double walkFirst, double walkLast)
    {
        var phone = new Device();
        return Make.Record(
            phone.Gait(0, Gait.Walk),
            phone.Gait(walkFirst, Gait.Trot),
            phone.Gait(walkFirst + 20, Gait.Walk),
            phone.End(walkFirst + 20 + walkLast)
        );
    }

    private static List<string> Habits(params RideRecord[] rides) => [.. RiddenHabits.Of(Make.Horse(), rides, Today).Select(h => h.Rule)];
}
