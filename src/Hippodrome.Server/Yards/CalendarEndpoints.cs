using Hippodrome.Application;
using Hippodrome.Application.Horses;
using Hippodrome.Core.Blocks;
using Hippodrome.Core.Measures;
using Hippodrome.Formats.Calendars;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage;
using Hippodrome.Storage.Aims;
using Hippodrome.Storage.Blocks;
using Hippodrome.Storage.Horses;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Yards;

/// <summary>A calendar to be made.</summary>
public sealed record CalendarNameEntry(string? Name = null);

/// <summary>A new calendar and its address, which is shown now and kept nowhere.</summary>
public sealed record NewCalendar(Guid Id, string Name, string Address);

public static class CalendarEndpoints
{
    private const int DaysBack = 60;
    private const int DaysAhead = 200;
    private const int MostCalendars = 10;

    public static void MapCalendars(this RouteGroupBuilder api)
    {
        api.MapGet("/calendar.ics", FileAsync).Needs(Access.Reads);
        api.MapGet("/me/calendars", ListAsync).Needs(Access.Reads);
        api.MapPost("/me/calendars", AddAsync).Needs(Access.Reads).Creates(answersAnew: true).BearsSecret();
        api.MapDelete("/me/calendars/{id:guid}", RevokeAsync).Needs(Access.Reads);
    }

    /// <summary>The address that calendars outside ask: it carries its own secret, and opens one person's horses to be read.</summary>
    public static void MapCalendarAddress(this WebApplication app) => app.MapGet("/calendar/{token:length(48)}.ics", SubscribedAsync);

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> FileAsync(Guid? horse, Visit visit)
    {
        var horses = (await visit.MyHorsesAsync()).ConvertAll(h => h.Value).FindAll(h => horse is null || h.Id == horse);
        return horses.Count == 0 && horse is not null
            ? Problems.NotFound()
            : File(
                await WriteAsync(
                    visit.Yard,
                    visit.Place.Name,
                    horses.ToDictionary(h => h.Id, h => h.Name),
                    visit.Today,
                    visit.Now.UtcDateTime
                )
            );
    }

    private static async Task<Ok<List<CalendarSubscription>>> ListAsync(Visit visit) =>
        TypedResults.Ok(await visit.Yard.CalendarsAsync(visit.Me.Id));

    private static async Task<Results<Ok<NewCalendar>, ProblemHttpResult>> AddAsync(
        CalendarNameEntry entry,
        Visit visit,
        Database database,
        Settings settings
    )
    {
        var id = visit.NewId;
        var checks = new Checks();
        var name = checks.Text("name", entry.Name, 80);
        checks.That(
            (await visit.Yard.CalendarsAsync(visit.Me.Id)).Count(c => c.Id != id) < MostCalendars,
            "name",
            $"There are {MostCalendars} already.",
            "Revoke one that is not used."
        );
        if (checks.Faults.Count > 0)
        {
            return Problems.Faulty(checks.Faults);
        }

        var token = database.CalendarToken(visit.Yard.YardId, visit.Me.Id, id);
        await visit.Yard.AddCalendarAsync(id, visit.Me.Id, name, token);
        // Never from what the request calls this server: anybody can write anything there.
        return TypedResults.Ok(new NewCalendar(id, name, new Uri(settings.Address, $"/calendar/{token}.ics").ToString()));
    }

    private static async Task<Results<Ok<List<CalendarSubscription>>, ProblemHttpResult>> RevokeAsync(Guid id, Visit visit) =>
        await visit.Yard.RevokeCalendarAsync(id, visit.Me.Id) ? await ListAsync(visit) : Problems.NotFound();

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> SubscribedAsync(
        string token,
        Database database,
        TimeProvider clock,
        HttpContext context
    )
    {
        if (await database.FindCalendarAsync(token) is not { } row)
        {
            return Problems.NotFound();
        }

        await using var yard = await database.OpenYardAsync(row.YardId, context.RequestAborted);
        var person = (await yard.FindPersonAsync(row.PersonId))?.Value;
        if (person is null)
        {
            return Problems.NotFound();
        }

        var book = await yard.ThisYardAsync();
        var now = TimeZoneInfo.ConvertTime(clock.GetUtcNow(), TimeZoneInfo.FindSystemTimeZoneById(book.TimeZone));
        var horses = person.Role == Role.Trainer ? await yard.HorsesAsync() : await yard.HorsesGivenToAsync(person.Id);
        return File(
            await WriteAsync(
                yard,
                book.Name,
                horses.ToDictionary(h => h.Value.Id, h => h.Value.Name),
                DateOnly.FromDateTime(now.DateTime),
                now.UtcDateTime
            )
        );
    }

    private static async Task<string> WriteAsync(
        YardSession yard,
        string name,
        IReadOnlyDictionary<Guid, string> horses,
        DateOnly today,
        DateTime stamp
    )
    {
        var numbers = await yard.BlockNumbersAsync(horses.Keys);
        var placed = await yard.PlacedAsync(horses.Keys, today.AddDays(-DaysBack), today.AddDays(DaysAhead));
        var aims = await yard.AimsAsync(horses.Keys);
        return CalendarFile.Write(
            name,
            [
                .. placed.Select(p => new CalendarEntry(
                    p.Session.Id,
                    numbers[p.BlockId],
                    p.Session.On,
                    p.Session.Minutes.Total,
                    $"{horses[p.HorseId]}: {p.Session.Kind.Say()}",
                    Says(p.Session)
                )),
                .. aims.Where(a => a.Aim.On >= today.AddDays(-DaysBack))
                    .Select(a => new CalendarEntry(
                        a.Aim.Id,
                        a.Version,
                        a.Aim.On,
                        null,
                        $"{horses[a.HorseId]}: {a.Aim.Name}",
                        $"{a.Aim.Scheme}, {a.Aim.Level}. {a.Aim.Place}".Trim()
                    )),
            ],
            stamp
        );
    }

    private static string Says(PlacedSession s) =>
        $"Walk {s.Minutes.Walk}, trot {s.Minutes.Trot}, canter {s.Minutes.Canter} minutes.{(s.Sets is { } sets ? $" {sets.Says}." : "")}{(s.Efforts is { } n ? $" {n} fences at most." : "")} {s.Why.Rule}.";

    private static FileContentHttpResult File(string text) =>
        TypedResults.File(System.Text.Encoding.UTF8.GetBytes(text), CalendarFile.ContentType, "hippodrome.ics");
}
