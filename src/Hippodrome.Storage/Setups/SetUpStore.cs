using Hippodrome.Core.Setups;

namespace Hippodrome.Storage.Setups;

/// <summary>A kept set-up. Once ridden it no longer changes.</summary>
public sealed record KeptSetUp(Guid Id, string Name, SetUpEntry Entry, int Version, bool Ridden);

/// <summary>A set-up as it was kept once.</summary>
public sealed record SetUpVersion(int Version, string Name, SetUpEntry Entry, DateTimeOffset KeptAt);

public static class SetUpStore
{
    private const string Select = """
        select s.id, s.name, s.entry::text as entry, s.version, exists (
            select from session_part p join ride r on r.yard_id = p.yard_id and r.session_id = p.session_id
            where p.yard_id = s.yard_id and p.set_up_id = s.id) as ridden
        from set_up s where s.yard_id = @yard
        """;

    public static async Task<List<KeptSetUp>> SetUpsAsync(this YardSession yard, Guid horseId) =>
        [
            .. (
                await yard.QueryAsync<SetUpRow>(
                    $"{Select} and s.horse_id = @horseId and s.removed_at is null order by s.created_at desc, s.id",
                    new { horseId }
                )
            ).Select(r => r.ToSetUp()),
        ];

    /// <summary>Also those taken off the list: a session that used one still shows it.</summary>
    public static async Task<List<KeptSetUp>> SetUpsByIdAsync(this YardSession yard, IEnumerable<Guid> ids, Guid? horseId = null) =>
        [
            .. (
                await yard.QueryAsync<SetUpRow>(
                    $"{Select} and s.id = any(@ids) and (@horseId::uuid is null or s.horse_id = @horseId)",
                    new { horseId, ids = ids.Distinct().ToArray() }
                )
            ).Select(r => r.ToSetUp()),
        ];

    public static async Task<KeptSetUp?> FindSetUpAsync(this YardSession yard, Guid horseId, Guid id) =>
        (await yard.SetUpsByIdAsync([id], horseId)).SingleOrDefault();

    public static Task AddSetUpAsync(this YardSession yard, Guid horseId, Guid id, string name, SetUpEntry entry) =>
        yard.ExecuteAsync(
            """
            with kept as (insert into set_up (yard_id, horse_id, id, name, entry) values (@yard, @horseId, @id, @name, @entry::jsonb) returning version)
            insert into set_up_version (yard_id, set_up_id, version, name, entry) select @yard, @id, version, @name, @entry::jsonb from kept
            """,
            new
            {
                horseId,
                id,
                name,
                entry = Stored.Write(entry),
            }
        );

    /// <summary>Keeps it, and the version it was beside it. False: someone was quicker.</summary>
    public static async Task<bool> ChangeSetUpAsync(
        this YardSession yard,
        Guid horseId,
        Guid id,
        string name,
        SetUpEntry entry,
        int version
    ) =>
        await yard.ExecuteAsync(
            """
            with kept as (
                update set_up set name = @name, entry = @entry::jsonb, version = version + 1
                where yard_id = @yard and horse_id = @horseId and id = @id and version = @version and removed_at is null returning version)
            insert into set_up_version (yard_id, set_up_id, version, name, entry) select @yard, @id, version, @name, @entry::jsonb from kept
            """,
            new
            {
                horseId,
                id,
                name,
                entry = Stored.Write(entry),
                version,
            }
        ) == 1;

    /// <summary>Every version of it, the latest first.</summary>
    public static async Task<List<SetUpVersion>> SetUpVersionsAsync(this YardSession yard, Guid horseId, Guid id) =>
        [
            .. (
                await yard.QueryAsync<VersionRow>(
                    """
                    select v.version, v.name, v.entry::text as entry, v.kept_at
                    from set_up_version v join set_up s on s.yard_id = v.yard_id and s.id = v.set_up_id
                    where v.yard_id = @yard and s.horse_id = @horseId and v.set_up_id = @id order by v.version desc
                    """,
                    new { horseId, id }
                )
            ).Select(r => new SetUpVersion(
                r.Version,
                r.Name,
                Stored.Read<SetUpEntry>(r.Entry),
                new DateTimeOffset(DateTime.SpecifyKind(r.KeptAt, DateTimeKind.Utc))
            )),
        ];

    public static async Task<bool> RemoveSetUpAsync(this YardSession yard, Guid horseId, Guid id, bool removed) =>
        await yard.ExecuteAsync(
            "update set_up set removed_at = case when @removed then now() end where yard_id = @yard and horse_id = @horseId and id = @id",
            new
            {
                horseId,
                id,
                removed,
            }
        ) == 1;

    private sealed record VersionRow(int Version, string Name, string Entry, DateTime KeptAt);

    private sealed record SetUpRow(Guid Id, string Name, string Entry, int Version, bool Ridden)
    {
        public KeptSetUp ToSetUp() => new(Id, Name, Stored.Read<SetUpEntry>(Entry), Version, Ridden);
    }
}
