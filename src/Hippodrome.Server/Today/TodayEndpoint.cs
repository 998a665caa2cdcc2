using Hippodrome.Core.Sessions;
using Hippodrome.Core.Verdicts;
using Hippodrome.Core.Weather;
using Hippodrome.Server.Aims;
using Hippodrome.Server.Horses;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.Rides;
using Hippodrome.Server.Sessions;
using Hippodrome.Simulators;
using Hippodrome.Storage.Aims;
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

/// <summary>One horse's day.</summary>
public sealed record HorseToday(
    HorseView Horse, IReadOnlyList<SessionView> Sessions, SessionView? Next, AimView? Aim, IReadOnlyList<Warning> Warnings, WaitingVerdict? Waiting, int? DaysSinceRidden);

public sealed record YardToday(DateOnly On, WeatherReading Weather, HeatAdvice Heat, IReadOnlyList<HorseToday> Horses);

public static class TodayEndpoint
{
    private const int DaysAhead = 7;

    public static void MapToday(this RouteGroupBuilder api) => api.MapGet("/today", TodayAsync).Needs(Access.Reads);

    private static async Task<Ok<YardToday>> TodayAsync(Visit visit)
    {
        var horses = await visit.MyHorsesAsync();
        var sessions = (await visit.Yard.SessionsAsync(visit.Today, visit.Today.AddDays(DaysAhead))).ToLookup(s => s.HorseId);
        var aims = (await visit.Yard.AimsAsync()).Where(a => a.Aim.On >= visit.Today).ToLookup(a => a.HorseId);
        var holds = (await visit.Yard.HoldsAsync()).Where(h => h.ClearedOn is null).ToLookup(h => h.HorseId);
        var latest = (await visit.Yard.LatestRidesAsync()).ToDictionary(r => r.HorseId);
        var answered = (await visit.Yard.AnswersAsync(latest.Values.Select(r => r.Id))).Select(a => a.RideId).ToHashSet();

        var reading = WeatherStation.Read(visit.Now);
        var days = new List<HorseToday>();
        foreach (var kept in horses)
        {
            var id = kept.Value.Id;
            var today = new List<SessionView>();
            foreach (var session in sessions[id].Where(s => s.Plan.On == visit.Today))
            {
                today.Add(await visit.ShowSessionAsync(session));
            }

            var next = sessions[id].FirstOrDefault(s => s.Plan.On > visit.Today && s.RideId is null);
            var aim = aims[id].FirstOrDefault();
            var ride = latest.GetValueOrDefault(id);
            days.Add(new HorseToday(
                HorseEndpoints.Show(kept, visit.Today),
                today,
                next is null ? null : await visit.ShowSessionAsync(next),
                aim is null ? null : AimEndpoints.Show(aim.Aim, aim.Version, visit.Today),
                Warn(holds[id], today, reading),
                ride is null || answered.Contains(ride.Id) ? null : await WaitingAsync(visit, ride),
                ride is null ? null : visit.Today.DayNumber - ride.OnDay.DayNumber));
        }

        return TypedResults.Ok(new YardToday(visit.Today, reading, Heat.Advise(reading), days));
    }

    private static List<Warning> Warn(IEnumerable<Hold> holds, List<SessionView> sessions, WeatherReading reading)
    {
        var warnings = holds.Select(h => new Warning($"Held since {h.Since:d MMMM}: {h.Because}. No ridden work until a vet clears it.", true)).ToList();
        warnings.AddRange(sessions.Where(s => s.RideId is null).SelectMany(s => s.Check.Faults).Select(f => new Warning($"{f.Says} {f.Mend}", f.Hard)));
        var cold = reading.TemperatureC < SessionFigures.Cold.Value && sessions.Exists(s => s.RideId is null && s.Manner == Manner.Ridden);
        if (cold)
        {
            warnings.Add(new Warning($"Cold: {SessionFigures.ColdWalkMore.Value} more minutes of walk first.", false));
        }

        return warnings;
    }

    private static async Task<WaitingVerdict> WaitingAsync(Visit visit, Ride ride)
    {
        var lead = (await visit.JudgeOneAsync(ride)).Verdicts[0];
        return new WaitingVerdict(ride.Id, ride.OnDay, lead.Word, lead.Seen, lead.Do);
    }
}
