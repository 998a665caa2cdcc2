using Hippodrome.Core.Setups;

namespace Hippodrome.Storage.Setups;

/// <summary>A set-up that stands in the arena, and the horse it is for.</summary>
public sealed record KeptStanding(Guid SetUpId, Guid HorseId, string Name, SetUpEntry Entry);

/// <summary>What stands in the arena tonight, and the kit the yard owns.</summary>
public static class ArenaStore
{
    public static async Task<List<KeptStanding>> TonightsArenaAsync(this YardSession yard) =>
        [
            .. (
                await yard.QueryAsync<StandingRow>(
                    """
                    select s.id as set_up_id, s.horse_id, s.name, s.entry::text as entry
                    from tonights_arena t join set_up s on s.yard_id = t.yard_id and s.id = t.set_up_id
                    where t.yard_id = @yard and s.removed_at is null order by s.created_at, s.id
                    """
                )
            ).Select(r => new KeptStanding(r.SetUpId, r.HorseId, r.Name, Stored.Read<SetUpEntry>(r.Entry))),
        ];

    /// <summary>Stands these and takes down the rest. False: one of them is not known.</summary>
    public static async Task<bool> StandAsync(this YardSession yard, IReadOnlyCollection<Guid> setUpIds)
    {
        ArgumentNullException.ThrowIfNull(setUpIds);
        await yard.ExecuteAsync("delete from tonights_arena where yard_id = @yard");
        return await yard.ExecuteAsync(
                "insert into tonights_arena (yard_id, set_up_id) select yard_id, id from set_up where yard_id = @yard and id = any(@ids) and removed_at is null",
                new { ids = setUpIds.ToArray() }
            ) == setUpIds.Count;
    }

    public static async Task<List<KitItem>> KitAsync(this YardSession yard) =>
        [
            .. (await yard.QueryAsync<KitRow>("select kind, length_m, count, material from kit where yard_id = @yard"))
                .Select(r => new KitItem(Enum.Parse<KitKind>(r.Kind), r.LengthM, r.Count)
                {
                    Material = r.Material == nameof(Material.Wood) ? null : Enum.Parse<Material>(r.Material),
                })
                .OrderBy(i => i.Kind)
                .ThenByDescending(i => i.LengthMetres),
        ];

    /// <summary>The whole list anew.</summary>
    public static async Task KeepKitAsync(this YardSession yard, IReadOnlyList<KitItem> items)
    {
        await yard.ExecuteAsync("delete from kit where yard_id = @yard");
        await yard.ExecuteAsync(
            "insert into kit (yard_id, kind, length_m, count, material) select @yard, * from unnest(@kinds, @lengths, @counts, @materials)",
            new
            {
                kinds = items.Select(i => i.Kind.ToString()).ToArray(),
                lengths = items.Select(i => i.LengthMetres).ToArray(),
                counts = items.Select(i => i.Count).ToArray(),
                materials = items.Select(i => (i.Material ?? Material.Wood).ToString()).ToArray(),
            }
        );
    }

    private sealed record StandingRow(Guid SetUpId, Guid HorseId, string Name, string Entry);

    private sealed record KitRow(string Kind, double LengthM, int Count, string Material);
}
