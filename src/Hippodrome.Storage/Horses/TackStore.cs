using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Storage.Horses;

public static class TackStore
{
    private const string Select =
        "select id, kind, name, array_to_string(for_strands, ',') as for_strands, fences_from_m, notes, version from tack where yard_id = @yard";

    public static async Task<List<Kept<Tack>>> TackAsync(this YardSession yard, Guid horseId) =>
        (
            await yard.QueryAsync<TackRow>($"{Select} and horse_id = @horseId and removed_at is null order by made_at, id", new { horseId })
        ).ConvertAll(r => r.ToTack());

    /// <summary>All tack of these horses, also what has been taken off since: a session keeps what it was planned in.</summary>
    public static async Task<Dictionary<Guid, Tack>> TackOfAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (await yard.QueryAsync<TackRow>($"{Select} and horse_id = any(@ids)", new { ids = horseIds.ToArray() })).ToDictionary(
            r => r.Id,
            r => r.ToTack().Value
        );

    public static Task AddTackAsync(this YardSession yard, Guid horseId, Tack tack) =>
        yard.ExecuteAsync(
            "insert into tack (yard_id, horse_id, id, kind, name, for_strands, fences_from_m, notes) values (@yard, @horseId, @Id, @kind, @Name, @strands, @from, @Notes)",
            Values(horseId, tack)
        );

    /// <summary>False: someone was quicker, or it is not this horse's.</summary>
    public static async Task<bool> ChangeTackAsync(this YardSession yard, Guid horseId, Tack tack, int version) =>
        await yard.ExecuteAsync(
            """
            update tack set kind = @kind, name = @Name, for_strands = @strands, fences_from_m = @from, notes = @Notes, version = version + 1
            where yard_id = @yard and horse_id = @horseId and id = @Id and version = @version and removed_at is null
            """,
            Values(horseId, tack, version)
        ) == 1;

    private static object Values(Guid horseId, Tack tack, int version = 0) =>
        new
        {
            horseId,
            tack.Id,
            kind = tack.Kind.ToString(),
            tack.Name,
            strands = tack.For.Select(s => s.ToString()).ToArray(),
            from = tack.FencesFrom?.Metres,
            tack.Notes,
            version,
        };

    private sealed record TackRow(Guid Id, string Kind, string Name, string ForStrands, double? FencesFromM, string Notes, int Version)
    {
        public Kept<Tack> ToTack() =>
            new(
                new Tack(
                    Id,
                    Enum.Parse<TackKind>(Kind),
                    Name,
                    [.. ForStrands.Split(',', StringSplitOptions.RemoveEmptyEntries).Select(Enum.Parse<Strand>)],
                    FencesFromM is { } f ? Distance.FromMetres(f) : null,
                    Notes
                ),
                Version
            );
    }
}
