using CsCheck;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Tests.Blocks;
using Hippodrome.Core.Yards;
using Hippodrome.Planning.Blocks;
using Hippodrome.Planning.Yards;
using Hippodrome.Tests.Shared;
using Shouldly;
using Xunit;
using static Hippodrome.Core.Tests.Blocks.MakeBlock;

namespace Hippodrome.Core.Tests.Yards;

/// <summary>A yard's week: nobody rides in two places, helpers and arena hours hold, and every horse keeps its own rules.</summary>
public class YardWeekTests
{
    private static readonly Guid Maren = Guid.NewGuid();
    private static readonly Guid Tam = Guid.NewGuid();
    private static readonly Dictionary<Guid, string> NothingBuilt = [];

    private static Roster Roster(int minutes = 240, DayOfWeek[]? helped = null, int arena = 600) =>
        new(
            [new RiderHours(Maren, Six, minutes), new RiderHours(Tam, [.. Six.Skip(1)], minutes)],
            helped ?? Helped,
            180,
            Six,
            arena,
            2,
            new TimeOnly(7, 30)
        );

    private static List<HorseWeek> Horses(int n, BlockEntry? entry = null) =>
        [
            .. Enumerable
                .Range(0, n)
                .Select(i =>
                {
                    var first = Case((entry ?? Entry(weeks: 2)) with { Now = new MinutesByGait(90 + (3 * i), 70, 25) });
                    first = first with
                    {
                        Block = Core
                            .Blocks.Block.From(
                                Guid.NewGuid(),
                                (entry ?? Entry(weeks: 2)) with
                                {
                                    Now = new MinutesByGait(90 + (3 * i), 70, 25),
                                },
                                [],
                                Start
                            )
                            .OrThrow(),
                    };
                    return new HorseWeek(Guid.NewGuid(), $"Horse {i}", first with { Former = BlockPlanner.Plan(first).OrThrow() });
                }),
        ];

    private static void KeepsEveryRule(IReadOnlyList<HorseWeek> horses, Roster roster, YardWeek week)
    {
        foreach (var rider in week.Sessions.GroupBy(s => (s.Session.On, s.Session.RiderId)))
        {
            var hours = roster.Riders.Single(r => r.PersonId == rider.Key.RiderId);
            hours.Days.ShouldContain(rider.Key.On.DayOfWeek);
            (rider.Sum(s => s.Session.Minutes.Total) + ((rider.Count() - 1) * 20)).ShouldBeLessThanOrEqualTo(hours.MinutesADay);
        }

        foreach (var day in week.Sessions.GroupBy(s => s.Session.On))
        {
            day.Where(s => s.Session.Kind.NeedsArena())
                .Sum(s => s.Session.Minutes.Total)
                .ShouldBeLessThanOrEqualTo(roster.ArenaMinutesADay * roster.ArenaAtOnce);
            day.Where(s => s.Session.Kind.NeedsHelper())
                .Sum(s => s.Session.Minutes.Total)
                .ShouldBeLessThanOrEqualTo(roster.HelperMinutesADay);
            day.Where(s => s.Session.Kind.NeedsHelper()).ShouldAllBe(_ => roster.HelperDays.Contains(day.Key.DayOfWeek));
        }

        foreach (var horse in horses)
        {
            var shared = YardWeeks.Into(horse.Case.Former!, [.. week.Sessions.Where(s => s.HorseId == horse.HorseId)]);
            HardRules.Broken(horse.Case with { Former = shared }, shared.Sessions, Start).ShouldBeEmpty();
        }
    }

    [Fact]
    public void A_week_that_fits_keeps_every_day_and_gives_every_horse_a_rider()
    {
        var horses = Horses(3);
        var week = YardWeekPlanner.Plan(horses, Roster(), NothingBuilt, Start, Start);
        week.Shortages.ShouldBeEmpty();
        week.Sessions.ShouldAllBe(s => s.Session.On == s.WasOn && s.Session.RiderId != null);
        week.Sessions.Count.ShouldBe(horses.Sum(h => h.Case.Former!.Weeks[0].Sessions.Count));
        KeepsEveryRule(horses, Roster(), week);
    }

    [Fact]
    public void Too_few_hours_are_named_and_no_rule_is_broken_for_them()
    {
        var horses = Horses(5);
        var roster = Roster(minutes: 60);
        var week = YardWeekPlanner.Plan(horses, roster, NothingBuilt, Start, Start);
        week.Shortages.ShouldNotBeEmpty();
        week.Shortages.ShouldAllBe(s => s.Says.Length > 0);
        KeepsEveryRule(horses, roster, week);
    }

    [Fact]
    public void Without_a_helper_this_week_jumping_is_named_and_not_placed()
    {
        var week = YardWeekPlanner.Plan(
            Horses(2, Entry(weeks: 2) with { Asked = [new(SessionKind.Grid, 1)] }),
            Roster(helped: []),
            NothingBuilt,
            Start,
            Start
        );
        week.Sessions.ShouldNotContain(s => s.Session.Kind.NeedsHelper());
        week.Shortages.ShouldContain(s => s.Says.Contains("no helper"));
    }

    [Fact]
    public void The_day_before_stays_when_the_week_is_shared_out_in_its_middle()
    {
        var horses = Horses(2);
        var wednesday = Start.AddDays(2);
        var week = YardWeekPlanner.Plan(horses, Roster(), NothingBuilt, Start, wednesday);
        week.Sessions.Where(s => s.WasOn < wednesday).ShouldAllBe(s => s.Session.On == s.WasOn);
    }

    [Fact]
    public void Horses_that_use_the_same_set_up_come_one_after_the_other()
    {
        foreach (var day in YardWeekPlanner.Plan(Horses(4), Roster(), NothingBuilt, Start, Start).Sessions.GroupBy(s => s.Session.On))
        {
            var built = day.OrderBy(s => s.Place).Select(s => s.Session.Kind).ToList();
            foreach (var kind in new[] { SessionKind.Poles, SessionKind.Grid, SessionKind.Jumping })
            {
                var at = built.Select((k, i) => (k, i)).Where(x => x.k == kind).Select(x => x.i).ToList();
                (at.Count == 0 || at[^1] - at[0] == at.Count - 1).ShouldBeTrue();
            }
        }
    }

    [Fact]
    public void What_stands_already_is_used_by_the_next_whatever_rung_it_is_on()
    {
        PlacedSession Of(SessionKind kind, string rung) => Plan().Sessions.First() with { Id = Guid.NewGuid(), Kind = kind, RungId = rung };
        PlacedSession[] sessions =
        [
            Of(SessionKind.Poles, "poles/trot-poles"),
            Of(SessionKind.Poles, "poles/raised-trot"),
            Of(SessionKind.Grid, "grids/placing-pole"),
            Of(SessionKind.Poles, "poles/walk-poles"),
        ];
        var built = new Dictionary<Guid, string>
        {
            [sessions[1].Id] = "five on the quarter line",
            [sessions[2].Id] = "five on the quarter line",
        };
        var order = YardWeeks.InOrder(sessions.Select(s => (Guid.NewGuid(), s)), Roster(), built);
        order.Select(s => (Array.IndexOf(sessions, s.Session), s.Stands)).ShouldBe([(1, false), (2, true), (0, false), (3, false)]);
    }

    [Fact]
    public void Riders_follow_one_another_with_time_to_change_horses()
    {
        foreach (
            var rider in YardWeekPlanner
                .Plan(Horses(3), Roster(), NothingBuilt, Start, Start)
                .Sessions.GroupBy(s => (s.Session.On, s.Session.RiderId))
        )
        {
            foreach (var (first, next) in rider.OrderBy(s => s.At).Zip(rider.OrderBy(s => s.At).Skip(1)))
            {
                (next.At!.Value - first.At!.Value).TotalMinutes.ShouldBe(first.Session.Minutes.Total + 20);
            }
        }
    }

    [Fact]
    public void Any_yard_keeps_every_rule_and_one_in_ten_is_shared_out_twice_alike()
    {
        // Their blocks are planned once; what varies is the yard: who is in it, whose hours, which helper.
        var all = Horses(6);
        Gen.Select(Gen.Int[1, 63], Gen.Int[60, 300], Gen.Int[60, 600], Gen.Int[0, 3], Gen.Int[0, 9])
            .Sample(
                (members, minutes, arena, helped, tenth) =>
                {
                    var horses = all.Where((_, i) => (members >> i & 1) == 1).Take(3).ToList();
                    var roster = Roster(minutes, Helped[..helped], arena);
                    var week = YardWeekPlanner.Plan(horses, roster, NothingBuilt, Start, Start);
                    KeepsEveryRule(horses, roster, week);
                    if (tenth == 0)
                    {
                        YardWeekPlanner
                            .Plan(horses, roster, NothingBuilt, Start, Start)
                            .Sessions.Select(s => (s.Session.Id, s.Session.On, s.Session.RiderId))
                            .ShouldBe(week.Sessions.Select(s => (s.Session.Id, s.Session.On, s.Session.RiderId)));
                    }
                },
                iter: Cases.YardWeeks,
                threads: 2
            );
    }

    [Fact]
    public void A_rider_twice_or_unknown_is_refused()
    {
        Core.Yards.Roster.From(new RosterEntry([new(Maren, Six, 200), new(Maren, Six, 200)], [], 0, Six, 300, 1), [Maren])
            .Faults.ShouldContain(f => f.Field == "riders");
        Core.Yards.Roster.From(new RosterEntry([new(Tam, Six, 200)], [], 0, Six, 300, 1), [Maren])
            .Faults.ShouldContain(f => f.Field == "riders[0].personId");
    }

    [Fact]
    public void What_does_not_fit_as_it_stands_is_named()
    {
        var session = Plan().Sessions.First(s => s.Kind.NeedsHelper()) with { RiderId = Tam };
        var names = new Dictionary<Guid, string> { [Maren] = "Bramble" };
        var shortages = YardWeeks.Shortages(
            YardWeeks.InOrder([(Maren, session)], Roster(minutes: 15, helped: []), NothingBuilt),
            Roster(minutes: 15, helped: []),
            names
        );
        shortages.ShouldContain(s => s.Says.Contains("no helper"));
        shortages.ShouldContain(s => s.Says.Contains("15 are theirs") || s.Says.Contains("not there"));
    }
}
