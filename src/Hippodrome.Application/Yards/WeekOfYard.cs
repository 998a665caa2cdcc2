using Hippodrome.Application.Blocks;
using Hippodrome.Application.Horses;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Conditioning;
using Hippodrome.Core.Yards;
using Hippodrome.Planning.Yards;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Sessions;

namespace Hippodrome.Application.Yards;

/// <summary>A horse in the yard's week.</summary>
/// <param name="Id">Who.</param>
/// <param name="Name">Its name.</param>
/// <param name="BlockId">Its block under way; null where it has none.</param>
/// <param name="Number">The version of its plan.</param>
/// <param name="Competitions">Its competitions in the week.</param>
/// <param name="HeldBecause">Why it does no ridden work.</param>
public sealed record WeekHorse(
    Guid Id,
    string Name,
    Guid? BlockId,
    int? Number,
    IReadOnlyList<WeekFixed> Competitions,
    string? HeldBecause
);

/// <summary>What stands fixed on a day.</summary>
public sealed record WeekFixed(DateOnly On, string What);

/// <summary>The yard's week as it stands.</summary>
public sealed record WeekView(
    DateOnly Monday,
    DateOnly Today,
    IReadOnlyList<WeekHorse> Horses,
    IReadOnlyList<SharedSession> Sessions,
    IReadOnlyList<SessionState> States,
    Roster Roster,
    IReadOnlyList<RiderName> Riders,
    IReadOnlyList<Shortage> Shortages
);

/// <summary>The week shared out anew, and what would change for which horse.</summary>
public sealed record WeekShared(YardWeek Week, IReadOnlyList<WeekMove> Moves);

/// <summary>A session that goes to another day.</summary>
public sealed record WeekMove(Guid HorseId, Guid SessionId, DateOnly From, DateOnly To, string What);

/// <summary>The Monday of a week.</summary>
public sealed record WeekEntry(DateOnly? Monday = null);

/// <summary>A shared week to be kept.</summary>
/// <param name="Monday">Its Monday.</param>
/// <param name="Seen">
/// Its sessions as they were seen: where it comes out otherwise by now, nothing is kept. Left out, it is kept as it comes out.
/// </param>
public sealed record KeepWeekEntry(DateOnly? Monday = null, IReadOnlyList<SeenSession?>? Seen = null);

/// <summary>The yard's week: as it stands, shared out among its people, and kept all or not at all.</summary>
public static class WeekOfYard
{
    public static async Task<Answer<WeekView>> ReadAsync(DateOnly monday, Visit visit)
    {
        if (Refused(monday, visit) is { } refusal)
        {
            return refusal;
        }

        var horses = await visit.MyHorsesAsync();
        var book = await BlockBook.OpenAsync(visit, horses.ConvertAll(h => h.Value.Id));
        var placed = await visit.Yard.PlacedAsync(horses.Select(h => h.Value.Id), monday, monday.AddDays(6));
        var states = book.Blocks.Values.SelectMany(b => States(book, b, monday)).ToList();
        var sessions = YardWeeks.InOrder(
            placed.Select(p => (p.HorseId, p.Session)),
            book.Roster,
            await visit.Yard.BuiltForAsync(placed.Select(p => p.Session.Id))
        );
        return new WeekView(
            monday,
            visit.Today,
            horses.ConvertAll(h => new WeekHorse(
                h.Value.Id,
                h.Value.Name,
                book.Blocks.GetValueOrDefault(h.Value.Id)?.Id,
                book.Blocks.GetValueOrDefault(h.Value.Id)?.Number,
                Fixed(book, h.Value.Id, monday),
                book.Horse(h.Value.Id).HeldBecause
            )),
            sessions,
            states,
            book.Roster,
            await RosterOfYard.RidersAsync(visit),
            YardWeeks.Shortages(sessions, book.Roster, horses.ToDictionary(h => h.Value.Id, h => h.Value.Name))
        );
    }

    /// <summary>The week shared out among riders, helper and arena; nothing is kept.</summary>
    public static async Task<Answer<WeekShared>> ShareAsync(WeekEntry entry, Visit visit, CancellationToken cancel)
    {
        if (entry.Monday is not { } monday || Refused(monday, visit) is not null)
        {
            return Refused(entry.Monday ?? DateOnly.MinValue, visit)!;
        }

        var (_, week) = await PlanAsync(monday, visit, cancel);
        return Show(week);
    }

    /// <summary>
    /// Shares the week out and keeps it: riders, and days that had to move, as new versions of the blocks. All of it or nothing.
    /// </summary>
    public static async Task<Answer<WeekView>> KeepAsync(KeepWeekEntry entry, Visit visit, CancellationToken cancel)
    {
        if (entry.Monday is not { } monday || Refused(monday, visit) is not null)
        {
            return Refused(entry.Monday ?? DateOnly.MinValue, visit)!;
        }

        var (book, week) = await PlanAsync(monday, visit, cancel);
        var differing = entry.Seen is null ? new HashSet<Guid>() : YardWeeks.Differing(week.Sessions, entry.Seen.OfType<SeenSession>());
        if (differing.Count > 0)
        {
            return Otherwise(book, differing, "would stand otherwise by now", week);
        }

        var changed = week
            .Sessions.GroupBy(s => s.HorseId)
            .Select(h => (Kept: book.Blocks[h.Key], Plan: YardWeeks.Into(book.Blocks[h.Key].Plan, [.. h])))
            .Where(c => !c.Plan.Sessions.SequenceEqual(c.Kept.Plan.Sessions))
            .ToList();
        var drawnUp = await DrawnUpSessions.OfAsync(visit, changed.Select(c => c.Kept.Plan));
        var late = new HashSet<Guid>();
        foreach (var (kept, plan) in changed)
        {
            var because = FormattableString.Invariant($"the yard's week of {monday:d MMMM} was shared out");
            if (!await visit.Yard.KeepPlanAsync(kept.HorseId, kept.Id, kept.Number + 1, kept.Entry, plan, because, visit.Me.Id, visit.Now))
            {
                late.Add(kept.HorseId);
                continue;
            }

            await DrawnUpSessions.FollowAsync(visit, kept.HorseId, drawnUp, kept.Plan, plan);
        }

        return late.Count == 0 ? await ReadAsync(monday, visit) : Otherwise(book, late, "was planned again by somebody else", week);
    }

    private static WeekShared Show(YardWeek week) =>
        new(
            week,
            [
                .. week
                    .Sessions.Where(s => s.WasOn != s.Session.On)
                    .Select(s => new WeekMove(s.HorseId, s.Session.Id, s.WasOn, s.Session.On, s.Session.Kind.Say())),
            ]
        );

    /// <summary>Nothing is kept, and it is said of which horses and how the week would be now.</summary>
    private static Conflict Otherwise(BlockBook book, IReadOnlySet<Guid> horses, string what, YardWeek week)
    {
        var names = horses.Select(book.NameOf).Order(StringComparer.CurrentCulture).ToList();
        return new Conflict(
            "The week has changed since it was shared out.",
            $"Nothing was kept: {string.Join(", ", names)} {what}. Look at it again, and keep it then.",
            [("current", Show(week)), ("horses", names)]
        );
    }

    private static async Task<(BlockBook Book, YardWeek Week)> PlanAsync(DateOnly monday, Visit visit, CancellationToken cancel)
    {
        var horses = await visit.MyHorsesAsync();
        var book = await BlockBook.OpenAsync(visit, horses.ConvertAll(h => h.Value.Id));
        var weeks = horses
            .Where(h => book.Blocks.ContainsKey(h.Value.Id))
            .Select(h => new HorseWeek(h.Value.Id, h.Value.Name, book.Case(book.Blocks[h.Value.Id])))
            .ToList();
        var built = await visit.Yard.BuiltForAsync(
            weeks.SelectMany(w => w.Case.Former!.Sessions).Where(s => s.On >= monday && s.On < monday.AddDays(7)).Select(s => s.Id)
        );
        return (
            book,
            await SolverTurns.TakeAsync(() => YardWeekPlanner.Plan(weeks, book.Roster, built, monday, visit.Today, cancel), cancel)
        );
    }

    private static IEnumerable<SessionState> States(BlockBook book, KeptBlock block, DateOnly monday)
    {
        var done = book.Done(block);
        var rides = book.Ridden(block.HorseId).ToList();
        return block
            .Plan.Sessions.Where(s => s.On >= monday && s.On < monday.AddDays(7) && done.Contains(s.Id))
            .Select(s => new SessionState(
                s.Id,
                true,
                (rides.Find(r => r.SessionId == s.Id) ?? rides.Find(r => r.OnDay == s.On))?.RideId,
                null
            ));
    }

    private static List<WeekFixed> Fixed(BlockBook book, Guid horseId, DateOnly monday)
    {
        var aims = book.Horse(horseId).Aims.Where(a => a.On >= monday && a.On < monday.AddDays(7)).Select(a => new WeekFixed(a.On, a.Name));
        var fixtures = book.Blocks.TryGetValue(horseId, out var block) ? block.Entry.Fixtures ?? [] : [];
        return
        [
            .. aims,
            .. fixtures
                .Where(f => f.On is { } on && on >= monday && on < monday.AddDays(7))
                .Select(f => new WeekFixed(f.On!.Value, f.What is { Length: > 0 } what ? what : f.Kind.ToString()!.ToLowerInvariant())),
        ];
    }

    private static Refusal? Refused(DateOnly monday, Visit visit) =>
        monday != TrainingLoad.Monday(monday) || Math.Abs(monday.DayNumber - visit.Today.DayNumber) > 366
            ? Refusal.Faulty("monday", "That is not the Monday of a week that can be shown.", "Give a Monday within a year.")
            : null;
}
