using Hippodrome.Core.Setups;

namespace Hippodrome.Storage.Setups;

/// <summary>A kept set-up. Once ridden it no longer changes.</summary>
public sealed record KeptSetUp(Guid Id, string Name, SetUpEntry Entry, int Version, bool Ridden);

public static class SetUpStore
{
    private const string Select =
        """
        select s.id, s.name, s.entry::text as entry, s.version, exists (
            select from session_part p join ride r on r.yard_id = p.yard_id and r.session_id = p.session_id
            where p.yard_id = s.yard_id and p.set_up_id = s.id) as ridden
        from set_up s where s.yard_id = @yard
        """;

    public static async Task<List<KeptSetUp>> SetUpsAsync(this YardSession yard, Guid horseId) =>
        [.. (await yard.QueryAsync<SetUpRow>($"{Select} and s.horse_id = @horseId and s.removed_at is null order by s.created_at desc, s.id", new { horseId })).Select(r => r.ToSetUp())];

    /// <summary>Also those taken off the list: a session that used one still shows it.</summary>
    public static async Task<List<KeptSetUp>> SetUpsByIdAsync(this YardSession yard, IEnumerable<Guid> ids, Guid? horseId = null) =>
        [.. (await yard.QueryAsync<SetUpRow>(
            $"{Select} and s.id = any(@ids) and (@horseId::uuid is null or s.horse_id = @horseId)", new { horseId, ids = ids.Distinct().ToArray() })).Select(r => r.ToSetUp())];

    public static async Task<KeptSetUp?> FindSetUpAsync(this YardSession yard, Guid horseId, Guid id) =>
        (await yard.SetUpsByIdAsync([id], horseId)).SingleOrDefault();

    public static Task AddSetUpAsync(this YardSession yard, Guid horseId, Guid id, string name, SetUpEntry entry) => yard.ExecuteAsync(
        "insert into set_up (yard_id, horse_id, id, name, entry) values (@yard, @horseId, @id, @name, @entry::jsonb)",
        new { horseId, id, name, entry = Json.Write(entry) });

    /// <summary>False: someone was quicker.</summary>
    public static async Task<bool> ChangeSetUpAsync(this YardSession yard, Guid horseId, Guid id, string name, SetUpEntry entry, int version) => await yard.ExecuteAsync(
        """
        update set_up set name = @name, entry = @entry::jsonb, version = version + 1
        where yard_id = @yard and horse_id = @horseId and id = @id and version = @version and removed_at is null
        """,
        new { horseId, id, name, entry = Json.Write(entry), version }) == 1;

    public static async Task<bool> RemoveSetUpAsync(this YardSession yard, Guid horseId, Guid id, bool removed) => await yard.ExecuteAsync(
        "update set_up set removed_at = case when @removed then now() end where yard_id = @yard and horse_id = @horseId and id = @id",
        new { horseId, id, removed }) == 1;

    private sealed record SetUpRow(Guid Id, string Name, string Entry, int Version, bool Ridden)
    {
        public KeptSetUp ToSetUp() => new(Id, Name, Json.Read<SetUpEntry>(Entry), Version, Ridden);
    }
}
