using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Rides;

/// <summary>An asking is one tap, whatever it was tapped as (common practice, no source; counts of series from the FEI tests, from memory).</summary>
public class AttemptTests
{
    private static Guid New => Guid.NewGuid();

    private static Attempt Told(params RideEvent[] taps) => RideRecord.Fold(RideLog.Kept(taps)).Rail.Attempts.Single();

    [Theory]
    [InlineData(ChangeQuality.Clean, null, HorseAnswer.Alone, true)]
    [InlineData(ChangeQuality.Clean, HorseAnswer.Helped, HorseAnswer.Helped, false)]
    [InlineData(ChangeQuality.Late, null, HorseAnswer.Alone, false)]
    [InlineData(ChangeQuality.ShortBehind, null, HorseAnswer.Alone, false)]
    [InlineData(ChangeQuality.None, null, HorseAnswer.Not, false)]
    public void A_flying_change_is_an_asking_to_its_lead(ChangeQuality quality, HorseAnswer? helped, HorseAnswer answered, bool good)
    {
        var told = Told(new ChangeRidden(New, default, Rein.Left, quality, ArenaPlace.Diagonal) { Answered = helped });
        (told.Movement, told.Side, told.Where, told.Answered, told.Good).ShouldBe(
            (Movement.Change, Rein.Left, ArenaPlace.Diagonal, answered, good)
        );
    }

    [Fact]
    public void Late_behind_into_the_left_lead_is_the_right_hind()
    {
        Told(new ChangeRidden(New, default, Rein.Left, ChangeQuality.Late, ArenaPlace.Diagonal)).LateBehind.ShouldBe(Rein.Right);
        Told(new ChangeRidden(New, default, Rein.Left, ChangeQuality.Clean, ArenaPlace.Diagonal)).LateBehind.ShouldBeNull();
    }

    [Theory]
    [InlineData(null, 0, true, 5)]
    [InlineData(4, 0, false, 3)]
    [InlineData(null, 2, false, 4)]
    public void A_series_is_good_when_it_is_whole(int? missedAt, int late, bool good, int steps)
    {
        var told = Told(new SeriesRidden(New, default, 3, 5, missedAt, late > 0 ? Rein.Right : null, late, ArenaPlace.Diagonal));
        (told.Every, told.Good, told.Steps).ShouldBe((3, good, steps));
    }

    [Theory]
    [InlineData(4, HorseAnswer.Alone)]
    [InlineData(2, HorseAnswer.Helped)]
    [InlineData(0, HorseAnswer.Not)]
    public void Steps_sideways_are_an_asking_from_one_leg(int given, HorseAnswer answered)
    {
        var told = Told(new YieldSteps(New, default, Rein.Right, 4, given));
        (told.Movement, told.Side, told.Answered).ShouldBe((Movement.Yield, Rein.Right, answered));
    }

    [Fact]
    public void What_is_told_afterwards_of_an_asking_counts_with_it()
    {
        var halt = new Attempted(New, default, Movement.Halt, HorseAnswer.Helped);
        var told = Told(halt, new MoreTold(New, default, halt.Id, Where: ArenaPlace.CentreLine, Mine: true));
        (told.Where, told.Mine).ShouldBe((ArenaPlace.CentreLine, true));
    }

    [Theory]
    [InlineData(Movement.Halt, HorseAnswer.Alone, AttemptWord.ByItself, true)]
    [InlineData(Movement.Halt, HorseAnswer.Helped, AttemptWord.ByItself, false)]
    [InlineData(Movement.Halt, HorseAnswer.Alone, AttemptWord.Marches, false)]
    [InlineData(Movement.Pirouette, HorseAnswer.Reminded, AttemptWord.MoreIn, true)]
    [InlineData(Movement.Change, HorseAnswer.Alone, null, false)]
    public void A_movement_is_told_in_its_own_words(Movement movement, HorseAnswer answered, AttemptWord? word, bool isFine) =>
        RideLog.From([new Attempted(New, Make.Morning, movement, answered) { Word = word }]).IsFine.ShouldBe(isFine);

    [Fact]
    public void Every_movement_is_told_somehow() =>
        Movements.All.Select(m => m.Movement).ShouldBe(Enum.GetValues<Movement>(), ignoreOrder: true);

    [Fact]
    public void Mounted_now_parts_the_minutes_until_the_next_part()
    {
        var device = new Device();
        var record = RideRecord.Fold(
            RideLog.Kept([
                device.Tap(0, (id, at) => new PartBegun(id, at, 0)),
                device.Tap(0, (id, at) => new MannerNow(id, at, Manner.LongReined)),
                device.Tap(0, (id, at) => new GaitNow(id, at, Gait.Walk)),
                device.Tap(6, (id, at) => new MannerNow(id, at, Manner.Ridden)),
                device.Tap(10, (id, at) => new RideEnded(id, at)),
            ])
        );
        record.Rail.Manners.Select(m => (m.Manner, m.Minutes)).ShouldBe([(Manner.Ridden, 4), (Manner.LongReined, 6)]);
        record.Minutes.ShouldBe(10, 1e-9);
    }
}
