using Hippodrome.Core.Yards;
using Hippodrome.Server.Blocks;
using Hippodrome.Server.Hosting;
using Hippodrome.Server.People;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Hippodrome.Server.Yards;

/// <summary>Someone who may ride.</summary>
public sealed record RiderName(Guid Id, string Name);

/// <summary>Who is there when; version 0 until someone has written it down.</summary>
public sealed record RosterView(Roster Roster, IReadOnlyList<RiderName> People, int Version);

public static class RosterEndpoints
{
    public static void MapRoster(this RouteGroupBuilder api)
    {
        api.MapGet("/roster", ReadAsync).Needs(Access.Reads);
        api.MapPut("/roster", KeepAsync).Needs(Access.Trains);
    }

    internal static async Task<List<RiderName>> RidersAsync(Visit visit) =>
        [
            .. (await visit.Yard.PeopleAsync())
                .Where(p => p.Value.Role != Role.Observer)
                .Select(p => new RiderName(p.Value.Id, p.Value.Name)),
        ];

    private static async Task<Ok<RosterView>> ReadAsync(Visit visit) =>
        TypedResults.Ok(
            new RosterView(await BlockBook.RosterAsync(visit), await RidersAsync(visit), (await visit.Yard.RosterAsync())?.Version ?? 0)
        );

    private static async Task<Results<Ok<RosterView>, ProblemHttpResult>> KeepAsync(Change<RosterEntry> change, Visit visit)
    {
        var roster = Roster.From(change.Entry, [.. (await RidersAsync(visit)).Select(r => r.Id)]);
        if (!roster.IsFine)
        {
            return Problems.Faulty(roster.Faults);
        }

        return await visit.Yard.KeepRosterAsync(change.Entry, change.Version)
            ? await ReadAsync(visit)
            : Problems.Conflict((await ReadAsync(visit)).Value!, change.Entry);
    }
}
