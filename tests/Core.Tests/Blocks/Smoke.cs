using Hippodrome.Core.Measures;
using Shouldly;
using Xunit;
using Hippodrome.Core.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Conditioning;

namespace Hippodrome.Core.Tests.Blocks;

public class Smoke
{
    [Fact]
    public void Prints()
    {
        var today = new DateOnly(2026, 3, 2);
        var horse = Horse.Kept(Guid.NewGuid(), "X", 2016, HorseHeight.Read("16.2 hh").OrThrow(), Sex.Gelding, Experience.Established, "");
        var aim = Aim.Kept(Guid.NewGuid(), "Thornley", today.AddDays(16 * 7 - 2), Discipline.Eventing, "x", "y", null, "");
        var places = Places.From(new[] { "flatwork/simple-change", "lateral/shoulder-in", "poles/accordion", "grids/square-oxer", "jumping/at-height", "cross-country/level-speed", "fitness/trot-sets", "lunge/canter-both-ways", "in-hand/long-lines-canter" }.Select(r => new RungMove(Catalogue.Rung(r).Strand, r, MoveKind.ByHand, "", today)));
        DayOfWeek[] six = [DayOfWeek.Tuesday, DayOfWeek.Wednesday, DayOfWeek.Thursday, DayOfWeek.Friday, DayOfWeek.Saturday, DayOfWeek.Sunday];
        foreach (var purpose in new[] { Purpose.Schooling, Purpose.Conditioning, Purpose.Return })
        {
            var entry = new BlockEntry("B", purpose, today, null, aim.Id, null, [Strand.Jumping, Strand.Lateral], new MinutesByGait(120, 90, 30), six, [DayOfWeek.Tuesday, DayOfWeek.Thursday, DayOfWeek.Saturday], six, [DayOfWeek.Wednesday, DayOfWeek.Sunday], null, null, null, null,
                new ReturnEntry(8, OffBecause.Rest), new SetsEntry(Scheme.British, "Novice", 3, 5, 400, 3));
            var block = Block.From(Guid.NewGuid(), entry, [aim], today).OrThrow();
            var planning = PlanningCase.First(block, new HorseNow(horse, places, [], null, null, [aim]), today);
            var sw = System.Diagnostics.Stopwatch.StartNew();
            var plan = BlockPlanner.Plan(planning);
            var ms = sw.ElapsedMilliseconds;
            plan.Faults.ShouldBeEmpty();
            var w = TestContext.Current.TestOutputHelper!;
            w.WriteLine($"{purpose} {ms} ms {plan.Value!.Solved} {string.Join("|", plan.Value.Notes)} {string.Join(" ", plan.Value.Phases.Select(p => $"{p.Says} {p.FirstWeek}-{p.LastWeek}"))}");
            foreach (var week in plan.Value.Weeks)
            {
                w.WriteLine($"{week.Number,2} {week.Monday:dd MMM} {week.Phase,-8} {week.Minutes.Total,3} {week.Minutes.Walk}/{week.Minutes.Trot}/{week.Minutes.Canter} {week.Rises,-8}{(week.Lighter ? "lighter" : "")} " + string.Join(" ", week.Sessions.Select(s => $"{s.On:ddd}:{s.Kind}({s.Minutes.Total}{(s.Sets is { } x ? " " + x.Says : "")})")) + " " + string.Join(",", week.Bent.Select(b => b.Says)));
            }

            HardRules.Broken(planning, plan.Value.Sessions, today).ShouldBeEmpty();
            sw.Restart();
            var again = PlanChanges.Again(planning with { Former = plan.Value, Today = today.AddDays(9), Done = plan.Value.Sessions.Where(s => s.On < today.AddDays(9)).Select(s => s.Id).ToHashSet() });
            w.WriteLine($"again {sw.ElapsedMilliseconds} ms {again.Value!.Changes.Count} {again.Value.Plan.Solved}");
            foreach (var c in again.Value.Changes.Take(8)) w.WriteLine($"{c.Kind} {c.Before?.On} {c.Before?.Kind} {c.Before?.Minutes} {c.After?.On} {c.After?.Kind} {c.After?.Minutes} {c.Because}");
        }
    }
}
