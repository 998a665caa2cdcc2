using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Rides;
using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Weather;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.Sessions;
using Hippodrome.Server.Setups;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Hippodrome.Storage.Setups;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Rides;

/// <summary>Events of a ride, sent as often as needed: the same id counts once.</summary>
/// <param name="SessionId">The session ridden, if one was planned.</param>
/// <param name="On">The day of the ride.</param>
/// <param name="Events">What happened.</param>
public sealed record RideEntry(Guid? SessionId = null, DateOnly? On = null, IReadOnlyList<RideEvent>? Events = null);

/// <summary>A ride in a list.</summary>
public sealed record RideLine(Guid Id, DateOnly On, string Rider, double Minutes, MarksByRein Marks, VerdictWord Word, string Do);

/// <summary>An event as the log shows it: struck through when it was taken back.</summary>
public sealed record LoggedEvent(RideEvent Event, bool TakenBack);

/// <summary>One part of the plan beside what was done in it; nothing was where it was not tapped part by part.</summary>
public sealed record PartCompared(Part Planned, PartDone? Done);

/// <summary>Everything about a ride: planned beside done, left beside right, what the rules say.</summary>
public sealed record Review(
    Guid Id,
    DateOnly On,
    string Rider,
    SessionView? Session,
    IReadOnlyList<SetUpView> SetUps,
    RideRecord Record,
    IReadOnlyList<GaitTotal> Done,
    IReadOnlyList<PartCompared> Parts,
    BothReins<double> MinutesByRein,
    double? MarksAsymmetry,
    HeatAdvice? Heat,
    IReadOnlyList<Verdict> Verdicts,
    IReadOnlyList<RiddenHabit> Habits,
    IReadOnlyList<VerdictAnswer> Answers,
    IReadOnlyList<LoggedEvent> Log,
    IReadOnlyList<Guid> Photos);

public static class RideEndpoints
{
    private const int MostListed = 200;

    public static void MapRides(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/rides", ListAsync).Needs(Access.Reads);
        api.MapGet("/horses/{horseId}/rides/{rideId:guid}", ReviewAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/rides/{rideId:guid}/events", AppendAndShowAsync).Needs(Access.Rides);
        api.MapPost("/horses/{horseId}/rides/{rideId:guid}/answers", AnswerEndpoint.AnswerAsync).Needs(Access.Trains);
    }

    private static async Task<Ok<List<RideLine>>> ListAsync(Guid horseId, Visit visit, int? most)
    {
        var listed = Math.Clamp(most ?? 40, 1, MostListed);
        // A few more are read than listed, so that the oldest line is judged like the others.
        var rides = await visit.Yard.LatestRidesAsync([horseId], visit.Today, listed + Judging.LookBack);
        var judged = await visit.JudgeAsync(rides[..Math.Min(listed, rides.Count)], rides);
        return TypedResults.Ok(judged.ConvertAll(j => new RideLine(
            j.Ride.Id, j.Ride.OnDay, j.Ride.RiderName, j.Context.Record.Minutes, j.Context.Record.Marks, j.Verdicts[0].Word, j.Verdicts[0].Do)));
    }

    private static async Task<Results<Ok<Review>, ProblemHttpResult>> ReviewAsync(Guid horseId, Guid rideId, Visit visit) =>
        await visit.Yard.FindRideAsync(rideId) is { } ride && ride.HorseId == horseId
            ? TypedResults.Ok(await ShowReviewAsync(visit, ride))
            : Problems.NotFound();

    private static async Task<Results<Ok<Review>, ProblemHttpResult>> AppendAndShowAsync(Guid horseId, Guid rideId, RideEntry entry, Visit visit)
    {
        var (ride, refusal) = await AppendAsync(horseId, rideId, entry, visit);
        return refusal is null ? TypedResults.Ok(await ShowReviewAsync(visit, ride!)) : refusal;
    }

    /// <summary>Appends what is new of these events, making the ride if need be; or says why not.</summary>
    internal static async Task<(Ride? Ride, ProblemHttpResult? Refusal)> AppendAsync(Guid horseId, Guid rideId, RideEntry entry, Visit visit)
    {
        var log = RideLog.From(entry.Events);
        if (!log.IsFine)
        {
            return (null, Problems.Faulty(log.Faults));
        }

        var on = entry.On ?? visit.Today;
        if (on > visit.Today || on < visit.Today.AddYears(-2))
        {
            return (null, Problems.Faulty("on", "A ride is written down on its day or after.", "Give a day up to today."));
        }

        // A session taken off meanwhile and ridden all the same comes back: what was ridden is not lost.
        if (entry.SessionId is { } sessionId && await visit.Yard.FindSessionAsync(horseId, sessionId) is null && !await visit.Yard.RemoveSessionAsync(horseId, sessionId, false))
        {
            return (null, Problems.Faulty("sessionId", "This session is not one of this horse's.", "Choose one from its list, or none."));
        }

        if (await UnknownSetUpsAsync(visit, horseId, log.Value, entry.Events!) is { Count: > 0 } unknown)
        {
            return (null, Problems.Faulty(unknown));
        }

        var known = log.Value.Events.OfType<SignSeen>().Select(s => s.Known).OfType<Guid>().ToHashSet();
        if (known.Count > 0)
        {
            known.ExceptWith((await visit.Yard.KnownFindingsAsync(horseId)).Select(k => k.Id));
        }

        if (known.Count > 0)
        {
            return (null, Problems.Faulty("events", "Nobody has entered that as old and known.", "Let a vet enter it in the passport first, or leave it out."));
        }

        await visit.Yard.AddRideAsync(rideId, horseId, entry.SessionId, on, visit.Me.Id);
        var ride = await visit.Yard.FindRideAsync(rideId);
        if (ride is null || ride.HorseId != horseId)
        {
            return (null, Problems.NotFound());
        }

        var appended = await visit.Yard.AppendAsync(rideId, log.Value, visit.Me.Id);
        if (appended.Differing.Count > 0)
        {
            return (null, Problems.Problem(StatusCodes.Status409Conflict, "An event is already there and says something else.", "Events are never edited: take the first one back with another event.", ("events", appended.Differing)));
        }

        var added = log.Value.Events.Where(e => appended.Added.Contains(e.Id)).ToList();
        await RaiseHoldAsync(visit, ride, added);
        await FeedStrideCardAsync(visit, ride, added);
        return (ride, null);
    }

    /// <summary>A line counted over poles is a measurement of the stride; taken back, it is one no more.</summary>
    private static async Task FeedStrideCardAsync(Visit visit, Ride ride, IReadOnlyList<RideEvent> added)
    {
        foreach (var line in added.OfType<StridesCounted>().Where(l => l.OverPoles))
        {
            if (StrideMeasurement.FromLine(line.Id, line.Variant, Distance.FromMetres(line.Metres), line.Strides, ride.OnDay) is { } measured)
            {
                await visit.Yard.AddStrideAsync(ride.HorseId, measured);
            }
        }

        foreach (var back in added.OfType<TakenBack>())
        {
            await visit.Yard.RemoveStrideAsync(ride.HorseId, back.Event, true);
        }
    }

    /// <summary>
    /// A sign of pain holds the horse at once, whoever noted it, and whether or not it is taken back
    /// later. Only a new sign does: events sent again after a clearance hold nobody.
    /// </summary>
    private static async Task RaiseHoldAsync(Visit visit, Ride ride, IEnumerable<RideEvent> added)
    {
        if (SoundnessRules.SaysPain(added.OfType<SignSeen>().Where(s => s.Known is null).Select(s => s.Sign)) is { } because)
        {
            await visit.Yard.RaiseHoldAsync(ride.HorseId, because, ride.OnDay);
        }
    }

    /// <summary>Set-ups named by events that are not this horse's.</summary>
    private static async Task<List<Fault>> UnknownSetUpsAsync(Visit visit, Guid horseId, RideLog log, IReadOnlyList<RideEvent> sent)
    {
        static Guid? SetUpOf(RideEvent e) => e switch { PolesPassed p => p.SetUpId, Efforts f => f.SetUpId, StridesCounted l => l.SetUpId, _ => null };
        var named = log.Events.Select(SetUpOf).OfType<Guid>().ToHashSet();
        named.ExceptWith((await visit.Yard.SetUpsByIdAsync(named, horseId)).Select(s => s.Id));
        return [.. sent.Select((e, i) => (Id: SetUpOf(e), i)).Where(e => e.Id is { } id && named.Contains(id))
            .Select(e => new Fault($"events[{e.i}].setUpId", "This set-up is not one of this horse's.", "Choose one from its list, or none."))];
    }

    internal static async Task<Review> ShowReviewAsync(Visit visit, Ride ride)
    {
        var judged = await visit.JudgeOneAsync(ride);
        var record = judged.Context.Record;
        var card = await visit.Yard.StrideCardAsync(judged.Context.Horse);
        var takenBack = judged.Log.Events.OfType<TakenBack>().Select(t => t.Event).ToHashSet();
        return new Review(
            ride.Id,
            ride.OnDay,
            ride.RiderName,
            judged.Session is null ? null : await visit.ShowSessionAsync(judged.Session),
            await visit.ShowSetUpsAsync(ride.HorseId, judged.SetUps),
            record,
            SessionTotals.GaitTotals(record.ByGait.Select(g => (g.Gait, g.Minutes)), card),
            [.. (judged.Session?.Plan.Parts ?? []).Select((p, i) => new PartCompared(p, record.Rail.Parts.FirstOrDefault(d => d.Part == i)))],
            new BothReins<double>(record.ByGait.Sum(g => g.Left), record.ByGait.Sum(g => g.Right)),
            record.Marks is { Left: { } left, Right: { } right } ? Asymmetry.Index(left, right) : null,
            judged.Context.Heat,
            judged.Verdicts,
            RiddenHabits.Of(judged.Context.Horse, await LatestRecordsAsync(visit, ride.HorseId, ride.OnDay), ride.OnDay),
            await visit.Yard.AnswersAsync([ride.Id]),
            [.. judged.Log.Events.Select(e => new LoggedEvent(e, takenBack.Contains(e.Id)))],
            await visit.Yard.PhotosAsync(ride.Id));
    }

    /// <summary>The last rides of a horse up to a day, folded, the latest first.</summary>
    internal static async Task<List<RideRecord>> LatestRecordsAsync(Visit visit, Guid horseId, DateOnly until)
    {
        var latest = await visit.Yard.LatestRidesAsync([horseId], until, 2 * VerdictFigures.HabitRides.Value);
        var logs = await visit.Yard.LogsAsync(latest.Select(r => r.Id));
        return latest.ConvertAll(r => RideRecord.Fold(logs[r.Id]));
    }
}
