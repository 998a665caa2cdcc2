using Hippodrome.Core.Aims;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Yards;
using Hippodrome.Planning.Blocks;
using Hippodrome.Planning.Yards;
using Hippodrome.Storage;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Exercises;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Yards;

namespace Hippodrome.Server.Demo;

/// <summary>Blocks under way: schooling, conditioning, a return with a repeated week, a run-in.</summary>
internal sealed class DemoBlocks(YardSession yard, DemoStory story)
{
    private static readonly DayOfWeek[] AllWeek =
    [
        DayOfWeek.Monday,
        DayOfWeek.Tuesday,
        DayOfWeek.Wednesday,
        DayOfWeek.Thursday,
        DayOfWeek.Friday,
        DayOfWeek.Saturday,
        DayOfWeek.Sunday,
    ];
    private static readonly DayOfWeek[] NotMonday = AllWeek[1..];
    private static readonly DayOfWeek[] Helped = [DayOfWeek.Tuesday, DayOfWeek.Thursday, DayOfWeek.Saturday];

    private DateOnly Monday => TrainingLoad.Monday(story.Today);

    public Task RosterAsync() =>
        yard.KeepRosterAsync(
            new RosterEntry(
                [new RiderHoursEntry(story.Trainer, AllWeek, 200), new RiderHoursEntry(story.Rider, NotMonday, 240)],
                Helped,
                180,
                AllWeek,
                420,
                2,
                new TimeOnly(7, 30)
            ),
            0
        );

    public async Task AllAsync()
    {
        await KeepAsync(
            "Quillan",
            new BlockEntry
            {
                Name = "Spring: first poles to the young horse day",
                Purpose = Purpose.Schooling,
                Start = Monday.AddDays(-21),
                Focus = [Strand.Poles, Strand.Flatwork],
                Now = new MinutesByGait(48, 44, 8),
                Days = [DayOfWeek.Tuesday, DayOfWeek.Thursday, DayOfWeek.Saturday, DayOfWeek.Sunday],
                HelperDays = Helped,
                ArenaDays = AllWeek,
            },
            toAim: true,
            between:
            [
                Missed(9, "vaccinated, and left alone the day after"),
                Shorter(4, "thunder came up: home after the walk and the trot"),
            ]
        );
        await KeepAsync(
            "Tarn Lark",
            new BlockEntry
            {
                Name = "Changes, quietly",
                Purpose = Purpose.Schooling,
                Start = Monday.AddDays(-21),
                Focus = [Strand.Changes, Strand.Lateral],
                Now = new MinutesByGait(72, 70, 34),
                Days = [DayOfWeek.Tuesday, DayOfWeek.Wednesday, DayOfWeek.Friday, DayOfWeek.Saturday, DayOfWeek.Sunday],
                HelperDays = Helped,
                ArenaDays = AllWeek,
                FavouriteOff = DayOfWeek.Sunday,
            },
            toAim: true,
            between: [Missed(6, "shoe lost on the way in; the farrier came at noon")]
        );
        await KeepAsync(
            "Old Verity",
            new BlockEntry
            {
                Name = "Fitter for the gala",
                Purpose = Purpose.Conditioning,
                Start = Monday.AddDays(-14),
                Focus = [Strand.Lateral],
                Now = new MinutesByGait(90, 66, 24),
                Days = [DayOfWeek.Tuesday, DayOfWeek.Wednesday, DayOfWeek.Friday, DayOfWeek.Saturday, DayOfWeek.Sunday],
                HelperDays = Helped,
                ArenaDays = AllWeek,
                OpenGroundDays = [DayOfWeek.Wednesday, DayOfWeek.Sunday],
                Sets = new SetsEntry(Scheme.American, "Novice", 3, 3, 320, 3),
            },
            toAim: true,
            between: [Shorter(3, "the ground was hard: no canter")]
        );
        await BrannocAsync();
        await KeepAsync(
            "Sablewood",
            new BlockEntry
            {
                Name = "Run-in to Harrowmere",
                Purpose = Purpose.RunIn,
                Start = Monday.AddDays(-7),
                Focus = [Strand.Jumping, Strand.Narrow],
                Now = new MinutesByGait(96, 78, 46),
                Days = NotMonday,
                HelperDays = Helped,
                ArenaDays = AllWeek,
                OpenGroundDays = [DayOfWeek.Wednesday, DayOfWeek.Sunday],
                Fixtures = [new FixtureEntry(FixtureKind.Farrier, story.Today.AddDays(5), null, "Farrier, stud holes")],
            },
            toAim: true,
            between: []
        );
        await ShareAsync();
    }

    /// <summary>Who rides what this week.</summary>
    private async Task ShareAsync()
    {
        var horses = (await yard.HorsesAsync()).ConvertAll(h => h.Value);
        var roster = Roster.From((await yard.RosterAsync())!.Value, [story.Trainer, story.Rider]).OrThrow();
        var blocks = await yard.BlocksUnderWayAsync(horses.ConvertAll(h => h.Id));
        var weeks = new List<HorseWeek>();
        foreach (var kept in blocks)
        {
            var horse = horses.Single(h => h.Id == kept.HorseId);
            var aims = (await yard.AimsAsync([horse.Id])).ConvertAll(a => a.Aim);
            var now = new HorseNow(horse, Places.From([]), [], null, null, aims);
            weeks.Add(
                new HorseWeek(
                    horse.Id,
                    horse.Name,
                    PlanningCase.First(Block.From(kept.Id, kept.Entry, aims, kept.Entry.Start!.Value).OrThrow(), now, story.Today) with
                    {
                        Former = kept.Plan,
                    }
                )
            );
        }

        foreach (
            var horse in YardWeekPlanner
                .Plan(weeks, roster, new Dictionary<Guid, string>(), Monday, Monday)
                .Sessions.Where(s => s.WasOn == s.Session.On)
                .GroupBy(s => s.HorseId)
        )
        {
            var kept = blocks.Single(b => b.HorseId == horse.Key);
            await yard.KeepPlanAsync(
                kept.HorseId,
                kept.Id,
                kept.Number + 1,
                kept.Entry,
                YardWeeks.Into(kept.Plan, [.. horse]),
                "the week was shared out",
                story.Trainer,
                At(story.Today)
            );
        }
    }

    /// <summary>Six weeks off, three walk weeks; the second was ridden again since a leg was warm.</summary>
    private async Task BrannocAsync()
    {
        var start = Monday.AddDays(-42);
        var days = new[] { 0, -2, -4, -6 }.Select(d => story.Today.AddDays(d).DayOfWeek).ToList();
        var failed = start.AddDays(7);
        var gates = Enumerable
            .Range(0, 6)
            .Select(w => start.AddDays(7 * w))
            .SelectMany(m => ReturnGates.All.Select(g => (Monday: m, Gate: g)))
            .Select(g => new GateAnswer(
                g.Monday,
                g.Gate,
                !(g.Monday == failed && g.Gate == ReturnGate.LegsCool),
                g.Monday == failed && g.Gate == ReturnGate.LegsCool ? "Left fore warm on Friday morning, gone by Sunday." : ""
            ))
            .ToList();
        await KeepAsync(
            "Brannoc",
            new BlockEntry
            {
                Name = "Back after six weeks off",
                Purpose = Purpose.Return,
                Start = start,
                Weeks = 16,
                Discipline = Core.Aims.Discipline.Eventing,
                Days = days,
                HelperDays = Helped,
                ArenaDays = AllWeek,
                OpenGroundDays = AllWeek,
                Return = new ReturnEntry(6, OffBecause.Rest, Gates: ReturnGates.All),
            },
            toAim: false,
            gates
        );
    }

    /// <summary>Planned on the day it began, and again today, as it has gone since.</summary>
    private async Task KeepAsync(
        string name,
        BlockEntry typed,
        bool toAim,
        IReadOnlyList<GateAnswer>? gates = null,
        IReadOnlyList<Otherwise>? between = null
    )
    {
        var horse = (await yard.HorsesAsync()).Single(h => h.Value.Name == name).Value;
        var aims = (await yard.AimsAsync([horse.Id])).ConvertAll(a => a.Aim);
        var entry = toAim ? typed with { AimId = aims.First(a => a.On > story.Today && a.Importance == Importance.Main).Id } : typed;
        var id = Guid.NewGuid();
        var start = entry.Start!.Value;
        var block = Block.From(id, entry, aims, start).OrThrow();
        var restrictions = (await yard.RestrictionsAsync([horse.Id])).ConvertAll(r => r.Restriction);
        var now = new HorseNow(
            horse,
            Places.Of(horse, (await yard.MovesAsync([horse.Id]))[horse.Id].Select(m => m.Move)),
            restrictions,
            null,
            null,
            aims
        );
        var first = BlockPlanner.Plan(PlanningCase.First(block, now, start)).OrThrow();
        await yard.AddBlockAsync(horse.Id, id, entry, start);
        await yard.KeepPlanAsync(horse.Id, id, 1, entry, first, "the first plan", story.Trainer, At(start));
        foreach (var gate in gates ?? [])
        {
            await yard.AddGateAnswerAsync(id, gate, story.Rider, At(gate.Monday.AddDays(6)));
        }

        if (between is not null)
        {
            await RideBetweenAsync(horse, first, between);
        }

        var ridden = (await yard.RiddenDaysAsync([horse.Id], start, story.Today))[horse.Id].Select(r => r.OnDay).ToHashSet();
        var (number, plan) = (2, first);
        // Week by week, as a trainer would on a Monday, and once more today.
        for (var on = start.AddDays(7); ; on = on.AddDays(7))
        {
            var day = on < story.Today ? on : story.Today;
            var done = plan.Sessions.Where(s => ridden.Contains(s.On) && s.On < day).Select(s => s.Id).ToHashSet();
            var again = Replanning
                .Again(
                    new PlanningCase
                    {
                        Block = block,
                        Horse = now,
                        Today = day,
                        Former = plan,
                        Done = done,
                        CutShort = new HashSet<Guid>(),
                        Gates = [.. (gates ?? []).Where(g => g.Monday.AddDays(6) < day)],
                        Cleared = [],
                        RiderThere = _ => true,
                        OtherHorses = _ => 0,
                        Next = null,
                    }
                )
                .OrThrow();
            if (again.Changes.Count > 0)
            {
                plan = again.Plan;
                await yard.KeepPlanAsync(
                    horse.Id,
                    id,
                    number++,
                    entry,
                    plan,
                    again.Says ?? "planned again at the end of the week",
                    story.Trainer,
                    At(day)
                );
            }

            if (day == story.Today)
            {
                break;
            }
        }
    }

    /// <summary>A placed day that did not go as it was placed, and why.</summary>
    /// <param name="DaysAgo">It is the first placed day from so many days ago on.</param>
    /// <param name="Missed">Not ridden at all; else only its first half was.</param>
    /// <param name="Because">Why, as it was written down.</param>
    private sealed record Otherwise(int DaysAgo, bool Missed, string Because);

    /// <summary>Nobody jumps alone.</summary>
    private static readonly Otherwise NobodyToHelp = Missed(0, "nobody to help with the fences");

    private static Otherwise Missed(int daysAgo, string because) => new(daysAgo, true, because);

    private static Otherwise Shorter(int daysAgo, string because) => new(daysAgo, false, because);

    /// <summary>
    /// The days between those the story tells of, ridden as they were placed and with no more said than how hard it was; one or
    /// two otherwise, and why.
    /// </summary>
    private async Task RideBetweenAsync(Horse horse, BlockPlan plan, IReadOnlyList<Otherwise> otherwise)
    {
        var told = (await yard.RiddenDaysAsync([horse.Id], plan.Weeks[0].Monday, story.Today))[horse.Id].Select(r => r.OnDay).ToHashSet();
        var open = plan.Sessions.Where(s => s.On < told.Max() && !told.Contains(s.On)).OrderBy(s => s.On).ToList();
        var differs = otherwise
            .Select(o => (Session: open.Find(s => !s.Kind.IsJumped() && s.On >= story.Today.AddDays(-o.DaysAgo)), Otherwise: o))
            .Where(o => o.Session is not null)
            .DistinctBy(o => o.Session!.Id)
            .ToDictionary(o => o.Session!.Id, o => o.Otherwise);
        foreach (var session in open)
        {
            var (on, drawn) = (session.On, DrawUp.Plain(session));
            switch (session.Kind.IsJumped() ? NobodyToHelp : differs.GetValueOrDefault(session.Id))
            {
                case { Missed: true, Because: var why }:
                    await yard.AddTimeAwayAsync(
                        horse.Id,
                        new TimeAway(Guid.NewGuid(), on, on.AddDays(1), OffBecause.Rest, why),
                        story.Trainer
                    );
                    break;
                case { Because: var why }:
                    var half = drawn.Parts!.Take(Math.Max(1, drawn.Parts!.Count - 2)).ToList();
                    await RideAsync(drawn with { Parts = half, On = on, Notes = "" }, new Went(null, null, 1, true, 2, Note: why));
                    break;
                default:
                    await RideAsync(drawn with { On = on, Notes = "" }, new Went(null, null, 1, true, 3));
                    break;
            }
        }

        async Task RideAsync(SessionEntry entry, Went went) => await story.RideAsync(horse, await story.KeepAsync(horse, entry), went);
    }

    private static DateTimeOffset At(DateOnly day) => new(day, new TimeOnly(7, 0), TimeSpan.Zero);
}
