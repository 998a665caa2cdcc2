using Hippodrome.Core.Aims;
using Hippodrome.Core.Measures;
using Hippodrome.Core.Readiness;

namespace Hippodrome.Storage.Aims;

/// <summary>An aim and whose it is.</summary>
public sealed record HorseAim(Guid HorseId, Aim Aim, int Version)
{
    /// <summary>What it asks, where it differs from its level; null where it is the level's.</summary>
    public IReadOnlyList<Demand>? Demands { get; init; }

    /// <summary>The demand that was last when it was last looked at; null where nobody has.</summary>
    public LastDemand? LastDemand { get; init; }

    /// <summary>How it went; null where nobody has said.</summary>
    public AimResult? Result { get; init; }
}

public static class AimStore
{
    /// <summary>Aims of these horses, the earliest first.</summary>
    public static async Task<List<HorseAim>> AimsAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        [
            .. (
                await yard.QueryAsync<AimRow>(
                    """
                    select horse_id, id, name, on_day, discipline, scheme, level, height_m, place, version, importance, test_id,
                        demands::text as demands, last_demand::text as last_demand, result::text as result from aim
                    where yard_id = @yard and removed_at is null and horse_id = any(@ids) order by on_day, name
                    """,
                    new { ids = horseIds.ToArray() }
                )
            ).Select(r => r.ToAim()),
        ];

    /// <summary>Horses that ride this test at a competition to come.</summary>
    public static async Task<List<Guid>> HorsesAimedWithAsync(this YardSession yard, Guid testId, DateOnly today) =>
        [
            .. await yard.QueryAsync<Guid>(
                """
                select distinct horse_id from aim
                where yard_id = @yard and removed_at is null and test_id = @testId and on_day >= @today
                """,
                new { testId, today }
            ),
        ];

    public static async Task<HorseAim?> FindAimAsync(this YardSession yard, Guid horseId, Guid id) =>
        (await yard.AimsAsync([horseId])).Find(a => a.Aim.Id == id);

    public static Task AddAimAsync(this YardSession yard, Guid horseId, Aim aim) =>
        yard.ExecuteAsync(
            """
            insert into aim (yard_id, horse_id, id, name, on_day, discipline, scheme, level, height_m, place, importance, test_id)
            values (@yard, @horseId, @Id, @Name, @On, @discipline, @Scheme, @Level, @height, @Place, @importance, @TestId)
            """,
            Values(horseId, aim)
        );

    /// <summary>False: someone was quicker.</summary>
    public static async Task<bool> ChangeAimAsync(this YardSession yard, Guid horseId, Aim aim, int version) =>
        await yard.ExecuteAsync(
            """
            update aim set name = @Name, on_day = @On, discipline = @discipline, scheme = @Scheme, level = @Level,
                height_m = @height, place = @Place, importance = @importance, test_id = @TestId, version = version + 1,
                demands = case when (discipline, scheme, level) = (@discipline, @Scheme, @Level) then demands end
            where yard_id = @yard and horse_id = @horseId and id = @Id and version = @version and removed_at is null
            """,
            Values(horseId, aim, version)
        ) == 1;

    /// <summary>What it asks from now on; null is its level's again. False: someone was quicker.</summary>
    public static async Task<bool> KeepDemandsAsync(this YardSession yard, Guid horseId, Guid id, DemandsEntry? demands, int version) =>
        await yard.ExecuteAsync(
            """
            update aim set demands = @demands::jsonb, version = version + 1
            where yard_id = @yard and horse_id = @horseId and id = @id and version = @version and removed_at is null
            """,
            new
            {
                horseId,
                id,
                demands = demands is null ? null : Stored.Write(demands),
                version,
            }
        ) == 1;

    /// <summary>The demand that is last, for those who only ask that. It is no edit: the version stays.</summary>
    public static Task KeepLastDemandAsync(this YardSession yard, Guid horseId, Guid id, LastDemand last) =>
        yard.ExecuteAsync(
            "update aim set last_demand = @last::jsonb where yard_id = @yard and horse_id = @horseId and id = @id",
            new
            {
                horseId,
                id,
                last = Stored.Write(last),
            }
        );

    /// <summary>How it went; null takes it off.</summary>
    public static async Task<bool> KeepResultAsync(this YardSession yard, Guid horseId, Guid id, AimResult? result, int version) =>
        await yard.ExecuteAsync(
            """
            update aim set result = @result::jsonb, version = version + 1
            where yard_id = @yard and horse_id = @horseId and id = @id and version = @version and removed_at is null
            """,
            new
            {
                horseId,
                id,
                result = result is null ? null : Stored.Write(result),
                version,
            }
        ) == 1;

    /// <summary>What a horse works towards beyond one competition; null where nobody has said.</summary>
    public static async Task<Kept<Goal>?> GoalAsync(this YardSession yard, Guid horseId) =>
        await yard.FindAsync<GoalRow>(
            "select name, until_day, version from goal where yard_id = @yard and horse_id = @horseId",
            new { horseId }
        )
            is { } r
            ? new Kept<Goal>(new Goal(r.Name, r.UntilDay), r.Version)
            : null;

    public static Task KeepGoalAsync(this YardSession yard, Guid horseId, Goal? goal) =>
        goal is null
            ? yard.ExecuteAsync("delete from goal where yard_id = @yard and horse_id = @horseId", new { horseId })
            : yard.ExecuteAsync(
                """
                insert into goal (yard_id, horse_id, name, until_day) values (@yard, @horseId, @Name, @Until)
                on conflict (yard_id, horse_id) do update set name = @Name, until_day = @Until, version = goal.version + 1
                """,
                new
                {
                    horseId,
                    goal.Name,
                    goal.Until,
                }
            );

    private sealed record GoalRow(string Name, DateOnly UntilDay, int Version);

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
            importance = aim.Importance.ToString(),
            aim.TestId,
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
        int Version,
        string Importance,
        Guid? TestId,
        string? Demands,
        string? LastDemand,
        string? Result
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
                    Place,
                    Enum.Parse<Importance>(Importance)
                ) with
                {
                    TestId = TestId,
                },
                Version
            )
            {
                Demands = Demands is null ? null : Stored.Read<DemandsEntry>(Demands).AsKept(),
                LastDemand = LastDemand is null ? null : Stored.Read<LastDemand>(LastDemand),
                Result = Result is null ? null : Stored.Read<AimResult>(Result),
            };
    }
}
