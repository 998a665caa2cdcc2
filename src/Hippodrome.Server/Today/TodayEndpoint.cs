using Hippodrome.Core.Blocks;
using Hippodrome.Core.Care;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Weather;
using Hippodrome.Server.Aims;
using Hippodrome.Server.Horses;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.Rides;
using Hippodrome.Server.Sessions;
using Hippodrome.Storage;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Today;

/// <summary>Something to know before tacking up.</summary>
/// <param name="Text">In words.</param>
/// <param name="Grave">It stops the work, rather than changing it.</param>
public sealed record Warning(string Text, bool Grave);

/// <summary>A ride whose verdict nobody has answered yet.</summary>
public sealed record WaitingVerdict(Guid RideId, DateOnly On, VerdictWord Word, string Seen, string Do);

/// <summary>What a block has placed and nobody has drawn up yet.</summary>
public sealed record PlacedToday(Guid BlockId, PlacedSession Session);

/// <summary>One horse's day.</summary>
/// <param name="Horse">Whose day.</param>
/// <param name="Sessions">What is planned or ridden.</param>
/// <param name="Placed">What its block has placed today.</param>
/// <param name="Next">The next session planned.</param>
/// <param name="NextPlaced">The next one placed.</param>
/// <param name="Aim">Its next competition.</param>
/// <param name="Warnings">To know before tacking up.</param>
/// <param name="Waiting">A verdict nobody has answered.</param>
/// <param name="DaysSinceRidden">Days since it was last worked.</param>
/// <param name="SilentSince">Nothing has been written for two weeks since this day: off, or worked and not written down?</param>
/// <param name="Fall">A fall that nobody has asked after: how are both?</param>
/// <param name="Loosen">It was treated and not worked since: the loosening session is the next ride.</param>
public sealed record HorseToday(
    HorseView Horse, IReadOnlyList<SessionView> Sessions, PlacedToday? Placed, SessionView? Next, PlacedToday? NextPlaced, AimView? Aim, IReadOnlyList<Warning> Warnings, WaitingVerdict? Waiting, int? DaysSinceRidden,
    DateOnly? SilentSince, OpenFall? Fall, bool Loosen);

public sealed record YardToday(DateOnly On, WeatherReading? Weather, HeatAdvice? Heat, IReadOnlyList<HorseToday> Horses);

public static class TodayEndpoint
{
    private const int DaysAhead = 7;
    private const int DaysAfterAFall = 7;

    public static void MapToday(this RouteGroupBuilder api) => api.MapGet("/today", TodayAsync).Needs(Access.Reads);

    private static async Task<Ok<YardToday>> TodayAsync(Visit visit, Database database, CancellationToken cancel)
    {
        var horses = await visit.MyHorsesAsync();
        var ids = horses.ConvertAll(h => h.Value.Id);
        // What was ridden is read beside what is planned: nobody waits for the one while the other is read.
        await using var aside = await database.OpenYardAsync(visit.Yard.YardId, cancel);
        var ridden = RiddenAsync(visit with { Yard = aside }, ids);
        var planned = PlannedAsync(visit, ids);
        // Both are over before either connection goes back, also when one of them fails.
        await Task.WhenAll(ridden, planned);
        var (latest, waiting) = await ridden;
        var (book, placed) = await planned;

        var falls = (await visit.Yard.OpenFallsAsync(ids, visit.Today.AddDays(-DaysAfterAFall), visit.Today)).DistinctBy(f => f.HorseId).ToDictionary(f => f.HorseId);
        var reading = book.Weather.Now;
        return TypedResults.Ok(new YardToday(visit.Today, reading, reading is null ? null : Heat.Advise(reading), horses.ConvertAll(kept =>
        {
            var id = kept.Value.Id;
            var today = book.On(id, visit.Today).Select(book.Show).ToList();
            var next = book.After(id, visit.Today).FirstOrDefault(s => s.RideId is null);
            // A session planned for the day, drawn up or by hand, stands for what the block has placed there.
            var open = placed[id].Where(p => !book.On(id, p.Session.On).Any()).Select(p => new PlacedToday(p.BlockId, p.Session)).ToList();
            var aim = book.NextAim(id, visit.Today);
            return new HorseToday(
                HorseEndpoints.Show(kept, visit.Today),
                today,
                today.Exists(s => s.RideId is not null) || latest.GetValueOrDefault(id)?.OnDay == visit.Today ? null : open.Find(p => p.Session.On == visit.Today),
                next is null ? null : book.Show(next),
                open.Find(p => p.Session.On > visit.Today && (next is null || p.Session.On < next.Plan.On)),
                aim is null ? null : AimEndpoints.Show(aim.Aim, aim.Version, visit.Today),
                Warn(book, id, visit.Today, today),
                waiting.GetValueOrDefault(id),
                latest.TryGetValue(id, out var ride) ? visit.Today.DayNumber - ride.OnDay.DayNumber : null,
                book.Holds(id).Any() ? null : Silence.Since(ride?.OnDay, book.Condition.Told(id), visit.Today),
                falls.GetValueOrDefault(id),
                book.Condition.TreatedOn(id, visit.Today) is not null);
        })));
    }

    private static async Task<(PlanBook Book, ILookup<Guid, HorsePlaced> Placed)> PlannedAsync(Visit visit, List<Guid> ids)
    {
        var until = visit.Today.AddDays(DaysAhead);
        return (await PlanBook.OpenAsync(visit, ids, visit.Today, until), (await visit.Yard.PlacedAsync(ids, visit.Today, until)).ToLookup(p => p.HorseId));
    }

    /// <summary>Each horse's latest ride, and its verdict where nobody has answered it.</summary>
    private static async Task<(Dictionary<Guid, Ride> Latest, Dictionary<Guid, WaitingVerdict> Waiting)> RiddenAsync(Visit visit, List<Guid> ids)
    {
        var rides = await visit.Yard.LatestRidesAsync(ids, visit.Today, Judging.LookBack + 1);
        var latest = rides.DistinctBy(r => r.HorseId).ToDictionary(r => r.HorseId);
        return (latest, await WaitingAsync(visit, [.. latest.Values], rides));
    }

    private static List<Warning> Warn(PlanBook book, Guid id, DateOnly today, List<SessionView> sessions) =>
    [
        .. book.Holds(id).Select(h => new Warning($"Held since {h.Since:d MMMM}: {h.Because}. {(h.WalkInHandBy is { } vet ? $"Only rest, or walking in hand as {vet} has said." : "No work of any kind until a vet clears it.")}", h.WalkInHandBy is null)),
        .. book.Restrictions(id).Where(r => r.HoldsOn(today)).Select(r => new Warning($"Restricted by {r.By} ({r.Because}): {r.Says}.", false)),
        .. book.Condition.Cleared(id, today) is { } cleared ? [new Warning($"Cleared on {cleared.On:d MMMM}: {Step(cleared)}.", false)] : (IEnumerable<Warning>)[],
        .. book.Condition.Ramp(id, today) is { } ramp ? [new Warning(FormattableString.Invariant($"Coming back to work: {ramp.Total} minutes a session, {ramp.Trot} of trot and {ramp.Canter} of canter in them{(ramp.MayJump ? "" : ", no fence")}."), false)] : (IEnumerable<Warning>)[],
        .. book.Feet(id, today) is { State: CareState.Overdue } feet ? [new Warning($"Feet: {char.ToLowerInvariant(feet.Says[0])}{feet.Says[1..]}", false)] : (IEnumerable<Warning>)[],
        // The feet have their own line, with a session or without.
        .. sessions.Where(s => s.RideId is null).SelectMany(s => s.Check.Faults).Where(f => f.Rule != PlanChecks.OfFeet && f.KeptBecause is null).Select(f => new Warning($"{f.Says} {f.Mend}", f.Hard)),
    ];

    private static string Step(AfterClearance cleared) => cleared.WorkedDays switch
    {
        0 => cleared.NoLungeing ? "led first, to show it sound" : "the lunge first, to show it sound",
        1 => "the long lines today, after the lunge",
        _ => "a first short walk in the saddle today, after the lunge and the lines",
    };

    /// <summary>The leading verdict of each horse's latest ride, where nobody has answered it.</summary>
    private static async Task<Dictionary<Guid, WaitingVerdict>> WaitingAsync(Visit visit, IReadOnlyList<Ride> latest, IReadOnlyList<Ride> rides)
    {
        var answered = (await visit.Yard.AnswersAsync(latest.Select(r => r.Id))).Select(a => a.RideId).ToHashSet();
        var open = latest.Where(r => !answered.Contains(r.Id)).ToList();
        return (await visit.JudgeAsync(open, rides)).ToDictionary(j => j.Ride.HorseId, j =>
        {
            var lead = j.Verdicts[0];
            return new WaitingVerdict(j.Ride.Id, j.Ride.OnDay, lead.Word, lead.Seen, lead.Do);
        });
    }
}
