using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Tests.Rides;
using Hippodrome.Core.Verdicts;
using Shouldly;
using Xunit;

namespace Hippodrome.Core.Tests.Verdicts;

/// <summary>A short first day: under 20 minutes in all from the first asking, loose under 3, ridden under 5 (common practice, no source).</summary>
public class FirstDayClockTests
{
    private static readonly RideFacts FirstDay = Railside.Facts() with
    {
        FirstDay = true,
        Parts =
        [
            new RailPart(MarkPad.Flat, 0, 0, 0, null) { Manner = Manner.Loose, Minutes = 3 },
            new RailPart(MarkPad.Flat, 0, 0, 0, null) { Manner = Manner.LongReined, Minutes = 8 },
        ],
    };

    private static double Left(Railside rail, Manner? of) =>
        Math.Round(rail.Now.Countdowns.Single(c => c.Manner == of).SecondsLeft / 60, 1);

    [Fact]
    public void Each_work_has_its_clock_and_all_runs_from_the_first_tap_stops_and_tack_too()
    {
        var rail = new Railside(FirstDay).Part(0).For(2).Part(1);
        Left(rail, Manner.Loose).ShouldBe(3 - 2.3, 0.11);
        rail.Tap(new Paused(Guid.NewGuid(), default, "saddle")).For(4).In(Gait.Walk);
        Left(rail, Manner.Loose).ShouldBe(3 - 2.3, 0.11);
        Left(rail, null).ShouldBe(20 - 6.4, 0.21);
        rail.Tap(new MannerNow(Guid.NewGuid(), default, Manner.Ridden)).For(3).Tap(new ReinNow(Guid.NewGuid(), default, Rein.Left));
        Left(rail, Manner.Ridden).ShouldBe(5 - 3.1, 0.11);
        rail.Now.Countdowns.Single(c => c.Manner == Manner.Ridden).Runs.ShouldBeTrue();
        rail.Now.Countdowns.Single(c => c.Manner == Manner.Loose).Runs.ShouldBeFalse();
    }

    [Fact]
    public void The_long_lines_have_what_the_plan_gives_them_and_no_clock_without()
    {
        var rail = new Railside(FirstDay).Part(1).For(3).Tap(new ReinNow(Guid.NewGuid(), default, Rein.Left));
        Left(rail, Manner.LongReined).ShouldBe(8 - 3.1, 0.21);
        new Railside(FirstDay with { Parts = [FirstDay.Parts[0]] })
            .Part(0)
            .For(1)
            .Now.Countdowns.ShouldNotContain(c => c.Manner == Manner.LongReined);
    }

    [Fact]
    public void On_any_other_day_there_is_no_clock() => new Railside(FirstDay with { FirstDay = false }).Now.Countdowns.ShouldBeEmpty();
}
