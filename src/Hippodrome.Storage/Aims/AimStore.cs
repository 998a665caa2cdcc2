using Hippodrome.Core.Aims;
using Hippodrome.Core.Measures;

namespace Hippodrome.Storage.Aims;

/// <summary>An aim and whose it is.</summary>
public sealed record HorseAim(Guid HorseId, Aim Aim, int Version);

public static class AimStore
{
    /// <summary>Aims of these horses, the earliest first.</summary>
    public static async Task<List<HorseAim>> AimsAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        [
            .. (
                await yard.QueryAsync<AimRow>(
                    """
                    select horse_id, id, name, on_day, discipline, scheme, level, height_m, place, version from aim
                    where yard_id = @yard and removed_at is null and horse_id = any(@ids) order by on_day, name
                    """,
                    new { ids = horseIds.ToArray() }
                )
            ).Select(r => r.ToAim()),
        ];

    public static async Task<Kept<Aim>?> FindAimAsync(this YardSession yard, Guid horseId, Guid id) =>
        (await yard.AimsAsync([horseId])).Where(a => a.Aim.Id == id).Select(a => new Kept<Aim>(a.Aim, a.Version)).SingleOrDefault();

    public static Task AddAimAsync(this YardSession yard, Guid horseId, Aim aim) =>
        yard.ExecuteAsync(
            """
            insert into aim (yard_id, horse_id, id, name, on_day, discipline, scheme, level, height_m, place)
            values (@yard, @horseId, @Id, @Name, @On, @discipline, @Scheme, @Level, @height, @Place)
            """,
            Values(horseId, aim)
        );

    /// <summary>False: someone was quicker.</summary>
    public static async Task<bool> ChangeAimAsync(this YardSession yard, Guid horseId, Aim aim, int version) =>
        await yard.ExecuteAsync(
            """
            update aim set name = @Name, on_day = @On, discipline = @discipline, scheme = @Scheme, level = @Level,
                height_m = @height, place = @Place, version = version + 1
            where yard_id = @yard and horse_id = @horseId and id = @Id and version = @version and removed_at is null
            """,
            Values(horseId, aim, version)
        ) == 1;

    public static async Task<bool> RemoveAimAsync(this YardSession yard, Guid horseId, Guid id, bool removed) =>
        await yard.ExecuteAsync(
            "update aim set removed_at = case when @removed then now() end where yard_id = @yard and horse_id = @horseId and id = @id",
            new
            {
                horseId,
                id,
                removed,
            }
        ) == 1;

    private static object Values(Guid horseId, Aim aim, int version = 0) =>
        new
        {
            horseId,
            aim.Id,
            aim.Name,
            aim.On,
            discipline = aim.Discipline.ToString(),
            aim.Scheme,
            aim.Level,
            height = aim.Height?.Metres,
            aim.Place,
            version,
        };

    private sealed record AimRow(
        Guid HorseId,
        Guid Id,
        string Name,
        DateOnly OnDay,
        string Discipline,
        string Scheme,
        string Level,
        double? HeightM,
        string Place,
        int Version
    )
    {
        public HorseAim ToAim() =>
            new(
                HorseId,
                Aim.Kept(
                    Id,
                    Name,
                    OnDay,
                    Enum.Parse<Discipline>(Discipline),
                    Scheme,
                    Level,
                    HeightM is { } h ? Distance.FromMetres(h) : null,
                    Place
                ),
                Version
            );
    }
}
