using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Storage.Horses;

/// <summary>A restriction, whose it is, and how it was cleared if it was.</summary>
public sealed record KeptRestriction(Guid HorseId, Restriction Restriction, DateOnly? ClearedOn, string? ClearedBy);

public static class RestrictionStore
{
    /// <summary>Restrictions of these horses, the latest first.</summary>
    public static async Task<List<KeptRestriction>> RestrictionsAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        [
            .. (
                await yard.QueryAsync<RestrictionRow>(
                    """
                    select horse_id, id, because, by_whom, since, until, array_to_string(no_gaits, ',') as no_gaits, array_to_string(no_strands, ',') as no_strands,
                        most_height_m, cleared_on, cleared_by, referral_id
                    from restriction
                    where yard_id = @yard and horse_id = any(@ids) order by since desc, entered_at desc, id
                    """,
                    new { ids = horseIds.ToArray() }
                )
            ).Select(r => r.ToRestriction()),
        ];

    public static Task AddRestrictionAsync(this YardSession yard, Guid horseId, Restriction restriction, Guid enteredBy)
    {
        ArgumentNullException.ThrowIfNull(restriction);
        return yard.ExecuteAsync(
            """
            insert into restriction (yard_id, horse_id, id, because, by_whom, since, until, no_gaits, no_strands, most_height_m,
                entered_by, referral_id)
            values (@yard, @horseId, @Id, @Because, @By, @Since, @Until, @gaits, @strands, @height, @enteredBy, @ReferralId)
            """,
            new
            {
                horseId,
                restriction.Id,
                restriction.Because,
                restriction.By,
                restriction.Since,
                restriction.Until,
                gaits = restriction.NoGaits.Select(g => g.ToString()).ToArray(),
                strands = restriction.NoStrands.Select(s => s.ToString()).ToArray(),
                height = restriction.MostHeight?.Metres,
                enteredBy,
                restriction.ReferralId,
            }
        );
    }

    /// <summary>False when it is not this horse's, or has been cleared already. One that waits for a referral ends with that.</summary>
    public static async Task<bool> ClearRestrictionAsync(
        this YardSession yard,
        Guid horseId,
        Guid id,
        DateOnly on,
        string by,
        Guid enteredBy
    ) =>
        await yard.ExecuteAsync(
            """
            update restriction set cleared_on = @on, cleared_by = @by, cleared_entered_by = @enteredBy
            where yard_id = @yard and horse_id = @horseId and id = @id and cleared_on is null and referral_id is null
            """,
            new
            {
                horseId,
                id,
                on,
                by,
                enteredBy,
            }
        ) == 1;

    private sealed record RestrictionRow
    {
        public required Guid HorseId { get; init; }

        public required Guid Id { get; init; }

        public required string Because { get; init; }

        public required string ByWhom { get; init; }

        public required DateOnly Since { get; init; }

        public required DateOnly? Until { get; init; }

        public required string NoGaits { get; init; }

        public required string NoStrands { get; init; }

        public required double? MostHeightM { get; init; }

        public required DateOnly? ClearedOn { get; init; }

        public required string? ClearedBy { get; init; }

        public required Guid? ReferralId { get; init; }

        public KeptRestriction ToRestriction() =>
            new(
                HorseId,
                Restriction.Kept(
                    Id,
                    Because,
                    ByWhom,
                    Since,
                    Until,
                    Parse<Gait>(NoGaits),
                    Parse<Strand>(NoStrands),
                    MostHeightM is { } h ? Distance.FromMetres(h) : null
                ) with
                {
                    ReferralId = ReferralId,
                },
                ClearedOn,
                ClearedBy
            );

        private static T[] Parse<T>(string list)
            where T : struct, Enum => [.. list.Split(',', StringSplitOptions.RemoveEmptyEntries).Select(Enum.Parse<T>)];
    }
}
