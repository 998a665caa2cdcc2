using Hippodrome.Core.Yards;

namespace Hippodrome.Storage.Yards;

/// <summary>Who is there when; one roster a yard.</summary>
public static class RosterStore
{
    /// <summary>Null until someone has written it down.</summary>
    public static async Task<Kept<RosterEntry>?> RosterAsync(this YardSession yard) =>
        (await yard.FindAsync<RosterRow>("select entry::text as entry, version from roster where yard_id = @yard")) is { } row
            ? new Kept<RosterEntry>(Stored.Read<RosterEntry>(row.Entry), row.Version)
            : null;

    /// <summary>False: someone was quicker. Version 0 is the first.</summary>
    public static async Task<bool> KeepRosterAsync(this YardSession yard, RosterEntry entry, int version) =>
        await yard.ExecuteAsync(
            version == 0
                ? "insert into roster (yard_id, entry) values (@yard, @entry::jsonb) on conflict do nothing"
                : "update roster set entry = @entry::jsonb, version = version + 1 where yard_id = @yard and version = @version",
            new { entry = Stored.Write(entry), version }
        ) == 1;

    private sealed record RosterRow(string Entry, int Version);
}
