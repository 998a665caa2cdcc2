using Hippodrome.Application;
using Hippodrome.Application.Aims;
using Hippodrome.Application.DressageTests;
using Hippodrome.Application.Horses;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Core.Rides;
using Hippodrome.Formats.Tables;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.Rides;
using Hippodrome.Storage.Sessions;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Yards;

/// <summary>A table of aims as its text.</summary>
public sealed record AimsTableEntry(string? Table = null);

/// <summary>Sessions, rides and aims as tables, for whoever wants to reckon with them elsewhere.</summary>
public static class TableEndpoints
{
    private const int MostDays = 800;

    public static void MapTables(this RouteGroupBuilder api)
    {
        api.MapGet("/sessions.csv", SessionsAsync).Needs(Access.Reads);
        api.MapGet("/rides.csv", RidesAsync).Needs(Access.Reads);
        api.MapGet("/aims.csv", AimsAsync).Needs(Access.Reads);
        api.MapPost("/aims/table", TakeAimsAsync).Needs(Access.Trains).Creates();
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> SessionsAsync(DateOnly from, DateOnly to, Visit visit)
    {
        if (Refused(from, to) is { } refusal)
        {
            return refusal;
        }

        var horses = (await visit.MyHorsesAsync()).ToDictionary(h => h.Value.Id, h => h.Value.Name);
        var drawnUp = await visit.Yard.SessionsAsync(from, to, horses.Keys);
        var known = drawnUp.Select(s => s.Plan.Id).ToHashSet();
        var placed = (await visit.Yard.PlacedAsync(horses.Keys, from, to)).Where(p => !known.Contains(p.Session.Id));
        return File(
            "sessions.csv",
            CsvFile.Write(
                drawnUp
                    .Select(s => new SessionLine
                    {
                        Day = s.Plan.On,
                        Horse = horses[s.HorseId],
                        Kind = s.Plan.Manner.ToString(),
                        Emphasis = s.Plan.Emphasis,
                        Walk = s.Plan.CountedAs(Gait.Walk),
                        Trot = s.Plan.CountedAs(Gait.Trot),
                        Canter = s.Plan.CountedAs(Gait.Canter),
                        Minutes = s.Plan.Minutes,
                        Fences = null,
                        Rung = "",
                        Ridden = s.RideId is not null,
                        Id = s.Plan.Id,
                    })
                    .Concat(
                        placed.Select(p => new SessionLine
                        {
                            Day = p.Session.On,
                            Horse = horses[p.HorseId],
                            Kind = "Placed",
                            Emphasis = p.Session.Kind.Say(),
                            Walk = p.Session.Minutes.Walk,
                            Trot = p.Session.Minutes.Trot,
                            Canter = p.Session.Minutes.Canter,
                            Minutes = p.Session.Minutes.Total,
                            Fences = p.Session.Efforts,
                            Rung = p.Session.RungId is { } id ? Catalogue.Find(id)?.Name ?? id : "",
                            Ridden = false,
                            Id = p.Session.Id,
                        })
                    )
                    .OrderBy(l => l.Day)
                    .ThenBy(l => l.Horse, StringComparer.Ordinal)
            )
        );
    }

    private static async Task<FileContentHttpResult> AimsAsync(Visit visit)
    {
        var horses = (await visit.MyHorsesAsync()).ToDictionary(h => h.Value.Id, h => h.Value.Name);
        var tests = (await TestsOfYard.ListAsync(visit)).ToDictionary(t => t.Id, t => t.Name);
        return File(
            "aims.csv",
            CsvFile.Write(
                (await visit.Yard.AimsAsync(horses.Keys)).Select(a =>
                    AimLine.From(horses[a.HorseId], a.Aim, a.Result, a.Aim.TestId is { } id ? tests.GetValueOrDefault(id) : null)
                )
            )
        );
    }

    /// <summary>Competitions and how they went, from a table: all of its lines or none.</summary>
    private static async Task<Answer<AimsTaken>> TakeAimsAsync(AimsTableEntry entry, Visit visit)
    {
        var read = AimsTable.Read(entry.Table);
        return read.IsFine ? await TakingAims.TakeAsync(read.Value, visit) : Refusal.Faulty(read.Faults);
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> RidesAsync(DateOnly from, DateOnly to, Visit visit)
    {
        if (Refused(from, to) is { } refusal)
        {
            return refusal;
        }

        var horses = (await visit.MyHorsesAsync()).Select(h => h.Value).OrderBy(h => h.Name, StringComparer.Ordinal).ToList();
        var names = horses.ToDictionary(h => h.Id, h => h.Name);
        var strides = await visit.Yard.StrideMeasurementsAsync(names.Keys);
        var cards = horses.ToDictionary(h => h.Id, h => StrideCard.For(h.Height, strides[h.Id]));
        var rides = visit.Yard.RidesWithTotalsAsync(horses.Select(h => h.Id), from, to);
        return File("rides.csv", await CsvFile.WriteAsync(rides.Select(r => Line(r, names[r.HorseId], cards[r.HorseId]))));
    }

    private static Formats.Tables.RideLine Line(TotalledRide ride, string horse, StrideCard card)
    {
        var totals = ride.Totals;
        double Of(Gait gait) => Math.Round(totals.CountedAs(gait), 1);
        return new Formats.Tables.RideLine
        {
            Day = ride.OnDay,
            Horse = horse,
            Rider = ride.RiderName,
            Walk = Of(Gait.Walk),
            Trot = Of(Gait.Trot),
            Canter = Of(Gait.Canter),
            Minutes = Math.Round(totals.Minutes, 1),
            Metres = Math.Round(totals.ByGait.Sum(g => card.Covered(g.Gait, g.Minutes).Metres)),
            Transitions = totals.Transitions,
            CleanPasses = totals.Passes.Left.Clean + totals.Passes.Right.Clean,
            TouchedPasses = totals.Passes.Left.Touched + totals.Passes.Right.Touched,
            Fences = totals.Jumps,
            MarkLeft = totals.Marks.Left,
            MarkRight = totals.Marks.Right,
            Exertion = totals.Exertion,
            Load = totals.Load,
            Signs = string.Join("; ", totals.Signs.Select(s => s.Sign.ToString())),
            Notes = string.Join(" ", totals.Notes),
            Id = ride.Id,
        };
    }

    private static ProblemHttpResult? Refused(DateOnly from, DateOnly to) =>
        to < from || to.DayNumber - from.DayNumber > MostDays
            ? Problems.Faulty(
                "to",
                "That is not a span of days that can be written.",
                $"Give a last day after the first, at most {MostDays} days on."
            )
            : null;

    private static FileContentHttpResult File(string name, byte[] table) => TypedResults.File(table, CsvFile.ContentType, name);
}
