using Hippodrome.Core.DressageTests;

namespace Hippodrome.Storage.DressageTests;

/// <summary>A dressage test of the yard's own, as it was typed.</summary>
public sealed record KeptTest(Guid Id, DressageTestEntry Entry, int Version);

/// <summary>A test as a horse rode it.</summary>
public sealed record KeptTestRidden(Guid Id, Guid HorseId, Guid TestId, Guid? SessionId, TestRidden Ridden, int Version);

public static class DressageTestStore
{
    /// <summary>All of the yard's own, by name; those taken off only where they are asked for.</summary>
    public static async Task<List<KeptTest>> DressageTestsAsync(this YardSession yard, bool removed = false) =>
        (
            await yard.QueryAsync<TestRow>(
                """
                select id, entry::text as entry, version from dressage_test where yard_id = @yard and (@removed or removed_at is null)
                order by entry ->> 'name', id
                """,
                new { removed }
            )
        ).ConvertAll(r => new KeptTest(r.Id, Stored.Read<DressageTestEntry>(r.Entry), r.Version));

    public static Task AddDressageTestAsync(this YardSession yard, Guid id, DressageTestEntry entry, Guid by) =>
        yard.ExecuteAsync(
            "insert into dressage_test (yard_id, id, entry, made_by) values (@yard, @id, @body::jsonb, @by)",
            new
            {
                id,
                body = Stored.Write(entry),
                by,
            }
        );

    /// <summary>False: someone was quicker.</summary>
    public static async Task<bool> ChangeDressageTestAsync(this YardSession yard, Guid id, DressageTestEntry entry, int version) =>
        await yard.ExecuteAsync(
            """
            update dressage_test set entry = @body::jsonb, version = version + 1
            where yard_id = @yard and id = @id and version = @version and removed_at is null
            """,
            new
            {
                id,
                body = Stored.Write(entry),
                version,
            }
        ) == 1;

    /// <summary>False: there is none.</summary>
    public static async Task<bool> RemoveDressageTestAsync(this YardSession yard, Guid id, bool removed) =>
        await yard.ExecuteAsync(
            "update dressage_test set removed_at = case when @removed then now() end where yard_id = @yard and id = @id",
            new { id, removed }
        ) == 1;

    /// <summary>Whether any horse's marks of a test are kept.</summary>
    public static async Task<bool> IsMarkedAsync(this YardSession yard, Guid testId) =>
        (
            await yard.QueryAsync<Guid>(
                "select id from test_ridden where yard_id = @yard and test_id = @testId and removed_at is null limit 1",
                new { testId }
            )
        ).Count > 0;

    /// <summary>Tests as these horses rode them, the earliest first.</summary>
    public static async Task<List<KeptTestRidden>> TestsRiddenAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<RiddenRow>(
                """
                select id, horse_id, test_id, session_id, marks::text as marks, version from test_ridden
                where yard_id = @yard and horse_id = any(@ids) and removed_at is null order by on_day, made_at, id
                """,
                new { ids = horseIds.ToArray() }
            )
        ).ConvertAll(r => new KeptTestRidden(r.Id, r.HorseId, r.TestId, r.SessionId, Stored.Read<TestRidden>(r.Marks), r.Version));

    public static Task AddTestRiddenAsync(this YardSession yard, KeptTestRidden kept)
    {
        ArgumentNullException.ThrowIfNull(kept);
        return yard.ExecuteAsync(
            """
            insert into test_ridden (yard_id, horse_id, id, test_id, session_id, on_day, away, marks)
            values (@yard, @HorseId, @Id, @TestId, @SessionId, @On, @Away, @body::jsonb)
            """,
            new
            {
                kept.HorseId,
                kept.Id,
                kept.TestId,
                kept.SessionId,
                kept.Ridden.On,
                kept.Ridden.Away,
                body = Stored.Write(kept.Ridden),
            }
        );
    }

    /// <summary>False: someone was quicker.</summary>
    public static async Task<bool> ChangeTestRiddenAsync(this YardSession yard, Guid horseId, Guid id, TestRidden ridden, int version)
    {
        ArgumentNullException.ThrowIfNull(ridden);
        return await yard.ExecuteAsync(
                """
                update test_ridden set on_day = @On, away = @Away, marks = @body::jsonb, version = version + 1
                where yard_id = @yard and horse_id = @horseId and id = @id and version = @version and removed_at is null
                """,
                new
                {
                    horseId,
                    id,
                    ridden.On,
                    ridden.Away,
                    body = Stored.Write(ridden),
                    version,
                }
            ) == 1;
    }

    /// <summary>False: there is none.</summary>
    public static async Task<bool> RemoveTestRiddenAsync(this YardSession yard, Guid horseId, Guid id, bool removed) =>
        await yard.ExecuteAsync(
            "update test_ridden set removed_at = case when @removed then now() end where yard_id = @yard and horse_id = @horseId and id = @id",
            new
            {
                horseId,
                id,
                removed,
            }
        ) == 1;

    private sealed record TestRow(Guid Id, string Entry, int Version);

    private sealed record RiddenRow(Guid Id, Guid HorseId, Guid TestId, Guid? SessionId, string Marks, int Version);
}
