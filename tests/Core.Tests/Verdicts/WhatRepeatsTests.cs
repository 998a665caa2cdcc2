using Hippodrome.Core.Care;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Tests.Rides;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>
/// What repeats over rides, and what a horse does every time. Common practice, no source; "confirmed" and its interval are
/// Wilson 1927 over the last ten (nine of ten: 0.596 to 0.982, from his formula).
/// </summary>
public class WhatRepeatsTests
{
    private static readonly DateOnly First = new(2026, 3, 2);

    private static Guid New => Guid.NewGuid();

    private static RiddenOnce Ride(int day, params RideEvent[] taps) =>
        new(New, First.AddDays(day), "Tam", RideRecord.Fold(RideLog.Kept(Timed(taps)))) { Parts = ["Walk", "Half-pass"] };

    private static IEnumerable<RideEvent> Timed(RideEvent[] taps) => taps.Select((t, i) => t with { At = Make.Morning.AddSeconds(i) });

    private static (SignSeen, MoreTold) Seen(Sign sign, Rein? rein = null, Rein? side = null, ArenaPlace? where = null, bool? mine = null)
    {
        var seen = new SignSeen(New, default, sign, rein);
        return (seen, new MoreTold(New, default, seen.Id, side, where, null, mine));
    }

    private static RiddenOnce With(int day, (SignSeen Seen, MoreTold More) sign) => Ride(day, sign.Seen, sign.More);

    private static Attempted Asked(Movement movement, HorseAnswer answered, Rein? side = null, ArenaPlace? where = null) =>
        new(New, default, movement, answered, side, where);

    [Fact]
    public void Once_is_chance_and_twice_on_one_day_too()
    {
        WhatRepeats.Of([With(0, Seen(Sign.Leans))]).ShouldBeEmpty();
        WhatRepeats.Of([With(0, Seen(Sign.Leans)), With(0, Seen(Sign.Leans))]).ShouldBeEmpty();
        var found = WhatRepeats.Of([With(0, Seen(Sign.Leans)), With(3, Seen(Sign.Leans))]).ShouldHaveSingleItem();
        (found.Kind, found.What, found.Times).ShouldBe((RepeatKind.Sign, "leaned on the hand", 2));
        found.Days.ShouldBe([First, First.AddDays(3)]);
    }

    [Fact]
    public void Side_rein_and_place_are_three_rows_and_never_mixed()
    {
        var rows = WhatRepeats.Of([
            With(0, Seen(Sign.Bulges, Rein.Left, Rein.Right, ArenaPlace.Gate)),
            With(2, Seen(Sign.Bulges, Rein.Right, Rein.Right, ArenaPlace.Gate)),
        ]);
        rows.Select(r => r.What).ShouldBe(["bulged, right side", "bulged at the gate", "bulged"], "the reins differed, so no rein repeats");
    }

    [Fact]
    public void The_riders_own_slips_are_not_the_horses()
    {
        WhatRepeats.Of([With(0, Seen(Sign.Leans, mine: true)), With(2, Seen(Sign.Leans, mine: true))]).ShouldBeEmpty();
        var halt = Asked(Movement.Halt, HorseAnswer.Not);
        AttemptsOver.Of([Ride(0, halt, new MoreTold(New, default, halt.Id, Mine: true))]).ShouldBeEmpty();
    }

    [Fact]
    public void Only_with_one_bit_or_one_rider_is_told_and_not_where_others_had_it_too()
    {
        RiddenOnce In(string bit, string rider, RiddenOnce ride) => ride with { Tack = [bit, "Saddle"], Rider = rider };
        var rides = new[]
        {
            In("Loose ring", "Tam", With(0, Seen(Sign.Mouth))),
            In("Loose ring", "Verity", With(2, Seen(Sign.Mouth))),
            In("Eggbutt", "Tam", Ride(4, Asked(Movement.Halt, HorseAnswer.Alone))),
        };
        WhatRepeats.Of(rides).Single().OnlyWith.ShouldBe(["Loose ring"]);
    }

    [Fact]
    public void Fewer_each_time_is_less_and_the_same_each_time_is_steady()
    {
        RiddenOnce Touches(int day, int n) => Ride(day, new LegTouched(New, default, Leg.LeftHind, n));
        Repeat Of(params int[] touches) => WhatRepeats.Of([.. touches.Select((n, i) => Touches(i * 3, n))]).Single();
        Of(6, 5, 4, 3, 2, 1).Trend.ShouldBe(RepeatTrend.Less);
        Of(1, 2, 3, 4, 5, 6).Trend.ShouldBe(RepeatTrend.More);
        Of(3, 3, 3, 3, 3).Trend.ShouldBe(RepeatTrend.Steady);
        Of(3, 1).Trend.ShouldBe(RepeatTrend.TooFewDays);
    }

    [Fact]
    public void On_a_rein_it_says_how_often_that_rein_was_ridden_first()
    {
        RiddenOnce On(int day, Rein first)
        {
            var device = new Device();
            var second = first.Other();
            return new RiddenOnce(
                New,
                First.AddDays(day),
                "Tam",
                RideRecord.Fold(
                    RideLog.Kept([
                        device.Rein(0, first),
                        device.Gait(0, Gait.Trot),
                        device.Rein(5, second),
                        device.Tap(6, (id, at) => new SignSeen(id, at, Sign.TempoLost, Rein.Left)),
                        device.End(9),
                    ])
                )
            );
        }

        var rein = WhatRepeats.Of([On(0, Rein.Left), On(2, Rein.Right), On(4, Rein.Right)]).Single(r => r.Kind == RepeatKind.Rein);
        (rein.Times, rein.OnFirstRein).ShouldBe((3, 1));
        WhatRepeats
            .Of([On(0, Rein.Left), On(2, Rein.Left)])
            .Single(r => r.Kind == RepeatKind.Minute)
            .What.ShouldBe("lost the tempo from minute 0 to 10");
    }

    [Theory]
    [InlineData(9, 10, true)]
    [InlineData(8, 10, false)]
    [InlineData(9, 9, false)]
    public void Confirmed_is_nine_of_the_last_ten_alone_on_one_side(int alone, int asked, bool confirmed)
    {
        var taps = Enumerable
            .Range(0, asked)
            .Select(i => (RideEvent)Asked(Movement.Depart, i < alone ? HorseAnswer.Alone : HorseAnswer.Reminded, Rein.Left));
        var over = AttemptsOver.Of([Ride(0, [.. taps])]).Single();
        over.Confirmed.ShouldBe(confirmed);
        over.Last.Count.ShouldBe(Math.Min(10, asked));
    }

    [Fact]
    public void Training_and_test_are_kept_apart_and_places_are_counted()
    {
        RideEvent Change(Rein to, ArenaPlace where, bool test, ChangeQuality quality = ChangeQuality.Clean) =>
            new ChangeRidden(New, default, to, quality, where) { InTest = test };
        var (anticipated, at) = Seen(Sign.Anticipates, where: ArenaPlace.Diagonal);
        var over = AttemptsOver.Of([
            Ride(0, Change(Rein.Left, ArenaPlace.Diagonal, true), Change(Rein.Left, ArenaPlace.LongSide, false), anticipated, at),
            Ride(2, Change(Rein.Left, ArenaPlace.Circle, false, ChangeQuality.Late), Change(Rein.Right, ArenaPlace.Circle, false)),
        ]);
        var left = over.Single(o => o.Side == Rein.Left);
        (left.Training!.Good, left.Training.Attempts, left.InTest!.Attempts, left.Places).ShouldBe((1, 2, 1, 2));
        left.Anticipated.ShouldBe([ArenaPlace.Diagonal]);
        over.Count.ShouldBe(2, "each lead by itself");
    }

    [Fact]
    public void Changes_are_sure_when_both_leads_are_confirmed()
    {
        RideRecord Record(int left, int right) =>
            RideRecord.Fold(
                RideLog.Kept([
                    .. Enumerable
                        .Repeat(Rein.Left, left)
                        .Concat(Enumerable.Repeat(Rein.Right, right))
                        .Select(to => new ChangeRidden(New, default, to, ChangeQuality.Clean, ArenaPlace.Diagonal)),
                ])
            );
        AttemptsOver.ChangesAreConfirmed([Record(10, 10)]).ShouldBeTrue();
        AttemptsOver.ChangesAreConfirmed([Record(10, 9)]).ShouldBeFalse();
        AttemptsOver.ChangesAreConfirmed([Record(4, 6), Record(6, 4)]).ShouldBeTrue();
    }

    [Fact]
    public void A_hind_that_shows_in_three_exercises_is_one_finding_and_refers()
    {
        var late = Ride(0, new ChangeRidden(New, default, Rein.Left, ChangeQuality.Late, ArenaPlace.Diagonal)).Record;
        var depart = Ride(2, Asked(Movement.Depart, HorseAnswer.Helped, Rein.Left)).Record;
        var touched = Ride(4, new LegTouched(New, default, Leg.RightHind, 1)).Record;
        OneHind.Of([late, depart]).ShouldBeNull();
        var hind = OneHind.Of([touched, depart, late])!;
        hind.Hind.ShouldBe(Rein.Right);
        hind.In.Select(i => i.Says).ShouldBe(["late in the change in 1 rides", "late into canter in 1 rides", "touched poles in 1 rides"]);
        // The other hind is another finding.
        OneHind.Of([late, depart, Ride(4, new LegTouched(New, default, Leg.LeftHind, 1)).Record]).ShouldBeNull();

        var earlier = new[] { new EarlierRide(First.AddDays(2), depart), new EarlierRide(First, late) };
        var verdicts = RideRules.Judge(new VerdictContext(Railside.Facts(), touched, earlier));
        verdicts.Single(v => v.Rule == "OneHindLeg").Refers!.Waits.ShouldBe(WaitingWork.CollectedWork);
        RideRules.Judge(new VerdictContext(Railside.Facts(), touched, earlier[..1])).ShouldNotContain(v => v.Rule == "OneHindLeg");
    }

    [Fact]
    public void A_rider_is_told_what_made_their_distances()
    {
        RiddenOnce Jumped(int day, TakeOff takeOff, JumpCause cause)
        {
            var jump = Make.Jumped(Rein.Left, EffortOutcome.Clear);
            return Ride(day, jump, new JumpTold(New, default, jump.Id, takeOff, null, null, cause));
        }

        var told = RidersDistance.Over([
            Jumped(0, TakeOff.Long, JumpCause.Hand),
            Jumped(2, TakeOff.Long, JumpCause.Hand),
            Jumped(4, TakeOff.Long, JumpCause.Pace),
            Jumped(6, TakeOff.Good, JumpCause.Hand),
        ]);
        told.Select(d => (d.TakeOff, d.Cause, d.Times, d.Of))
            .ShouldBe([(TakeOff.Long, JumpCause.Hand, 2, 3), (TakeOff.Long, JumpCause.Pace, 1, 3)]);
    }

    [Theory]
    [InlineData(6, false, false)]
    [InlineData(7, false, true)]
    [InlineData(1, true, true)]
    public void Tack_is_looked_at_in_full_once_a_week_and_after_a_change(int daysAgo, bool changed, bool inFull)
    {
        var look = Ride(0, new TackLooked(New, default, false, true, true, true, 6)).Record;
        TackLooks.AskedOn(First.AddDays(daysAgo), changed, [(First, look)]).ShouldBe((inFull, 6));
        TackLooks.AskedOn(First, false, []).ShouldBe((true, null));
    }
}
