using Hippodrome.Application.Blocks;
using Hippodrome.Core.Yards;
using Hippodrome.Storage.People;
using Hippodrome.Storage.Yards;

namespace Hippodrome.Application.Yards;

/// <summary>Someone who may ride.</summary>
public sealed record RiderName(Guid Id, string Name);

/// <summary>Who is there when; version 0 until someone has written it down.</summary>
public sealed record RosterView(Roster Roster, IReadOnlyList<RiderName> People, int Version);

/// <summary>Who is there when.</summary>
public static class RosterOfYard
{
    internal static async Task<List<RiderName>> RidersAsync(Visit visit) =>
        [
            .. (await visit.Yard.PeopleAsync())
                .Where(p => p.Value.Role != Role.Observer)
                .Select(p => new RiderName(p.Value.Id, p.Value.Name)),
        ];

    public static async Task<RosterView> ReadAsync(Visit visit) =>
        new RosterView(await BlockBook.RosterAsync(visit), await RidersAsync(visit), (await visit.Yard.RosterAsync())?.Version ?? 0);

    public static async Task<Answer<RosterView>> KeepAsync(Change<RosterEntry> change, Visit visit)
    {
        var roster = Roster.From(change.Entry, [.. (await RidersAsync(visit)).Select(r => r.Id)]);
        if (!roster.IsFine)
        {
            return Refusal.Faulty(roster.Faults);
        }

        return await visit.Yard.KeepRosterAsync(change.Entry, change.Version)
            ? await ReadAsync(visit)
            : Refusal.Changed(await ReadAsync(visit), change.Entry);
    }
}
