using Hippodrome.Core.Horses;
using Hippodrome.Core.Measures;

namespace Hippodrome.Storage.Horses;

/// <summary>A horse held from ridden work, and how that ended if it did.</summary>
/// <param name="Id">Its own.</param>
/// <param name="HorseId">Who is held.</param>
/// <param name="Because">What was seen.</param>
/// <param name="Since">From which day.</param>
/// <param name="ClearedOn">When it was cleared; null while it holds.</param>
/// <param name="ClearedBy">By whom.</param>
/// <param name="WalkInHandBy">The vet who has allowed walking in hand meanwhile.</param>
/// <param name="NoLungeing">The clearance rules lungeing out.</param>
public sealed record Hold(
    Guid Id,
    Guid HorseId,
    string Because,
    DateOnly Since,
    DateOnly? ClearedOn,
    string? ClearedBy,
    string? WalkInHandBy,
    bool NoLungeing
);

public static class HorseStore
{
    private const string Columns =
        "id, name, foaled, height_cm, sex, experience, notes, version, created_at::date as entered_on, goes_at, heat_limit_c, array_to_string(met, ',') as met";

    public static async Task<List<Kept<Horse>>> HorsesAsync(this YardSession yard) =>
        [.. (await yard.QueryAsync<HorseRow>($"select {Columns} from horse where yard_id = @yard order by name")).Select(r => r.ToHorse())];

    public static async Task<List<Kept<Horse>>> HorsesByIdAsync(this YardSession yard, IEnumerable<Guid> ids) =>
        [
            .. (
                await yard.QueryAsync<HorseRow>(
                    $"select {Columns} from horse where yard_id = @yard and id = any(@ids)",
                    new { ids = ids.Distinct().ToArray() }
                )
            ).Select(r => r.ToHorse()),
        ];

    /// <summary>The horses a rider or an observer has been given.</summary>
    public static async Task<List<Kept<Horse>>> HorsesGivenToAsync(this YardSession yard, Guid personId) =>
        [
            .. (
                await yard.QueryAsync<HorseRow>(
                    $"""
                    select {Columns} from horse
                    where yard_id = @yard and id in (select horse_id from horse_person where yard_id = @yard and person_id = @personId)
                    order by name
                    """,
                    new { personId }
                )
            ).Select(r => r.ToHorse()),
        ];

    /// <summary>Whether there is such a horse, and whether whoever signed in here has been given it.</summary>
    public static async Task<(bool There, bool Given)> KnowsHorseAsync(this YardSession yard, Guid horseId, Guid signIn)
    {
        var known = (
            await yard.QueryAsync<KnownRow>(
                """
                select exists (select from horse where yard_id = @yard and id = @horseId) as there,
                    exists (select from horse_person g join signed_in s on s.yard_id = g.yard_id and s.person_id = g.person_id
                        where g.yard_id = @yard and g.horse_id = @horseId and s.id = @signIn) as given
                """,
                new { horseId, signIn }
            )
        ).Single();
        return (known.There, known.Given);
    }

    public static async Task<Kept<Horse>?> FindHorseAsync(this YardSession yard, Guid id) =>
        (await yard.FindAsync<HorseRow>($"select {Columns} from horse where yard_id = @yard and id = @id", new { id }))?.ToHorse();

    public static Task AddHorseAsync(this YardSession yard, Horse horse) =>
        yard.ExecuteAsync(
            """
            insert into horse (yard_id, id, name, foaled, height_cm, sex, experience, notes, goes_at, heat_limit_c, met, created_at)
            values (@yard, @Id, @Name, @Foaled, @HeightCm, @Sex, @Experience, @Notes, @GoesAt, @HeatLimitC, @met, @EnteredOn)
            """,
            Values(horse)
        );

    /// <summary>False: someone was quicker.</summary>
    public static async Task<bool> ChangeHorseAsync(this YardSession yard, Horse horse, int version) =>
        await yard.ExecuteAsync(
            """
            update horse set name = @Name, foaled = @Foaled, height_cm = @HeightCm, sex = @Sex, experience = @Experience,
                notes = @Notes, goes_at = @GoesAt, heat_limit_c = @HeatLimitC, met = @met, version = version + 1
            where yard_id = @yard and id = @Id and version = @version
            """,
            Values(horse, version)
        ) == 1;

    /// <summary>Adds what a horse has met to what it had. What is typed meanwhile is not overwritten, and nobody is told.</summary>
    public static Task MeetAsync(this YardSession yard, Guid horseId, IEnumerable<Thing> things) =>
        yard.ExecuteAsync(
            """
            update horse set met = array(select distinct t from unnest(met || @things) t order by t)
            where yard_id = @yard and id = @horseId and not met @> @things
            """,
            new { horseId, things = things.Select(t => t.ToString()).ToArray() }
        );

    /// <summary>Measured strips by horse, the earliest first.</summary>
    public static async Task<ILookup<Guid, StrideMeasurement>> StrideMeasurementsAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<StrideRow>(
                """
                select horse_id, id, variant, strip_m, strides, seconds, on_day from stride_measurement
                where yard_id = @yard and horse_id = any(@ids) and removed_at is null order by on_day, id
                """,
                new { ids = horseIds.ToArray() }
            )
        ).ToLookup(r => r.HorseId, r => r.ToMeasurement());

    /// <summary>The horse's stride card as its measurements have it.</summary>
    public static async Task<StrideCard> StrideCardAsync(this YardSession yard, Horse horse)
    {
        ArgumentNullException.ThrowIfNull(horse);
        return StrideCard.For(horse.Height, (await yard.StrideMeasurementsAsync([horse.Id]))[horse.Id]);
    }

    /// <summary>Keeps a measurement, once; one counted in a ride knows which.</summary>
    public static Task AddStrideAsync(this YardSession yard, Guid horseId, StrideMeasurement m, Guid? rideId = null)
    {
        ArgumentNullException.ThrowIfNull(m);
        return yard.ExecuteAsync(
            """
            insert into stride_measurement (yard_id, horse_id, id, variant, strip_m, strides, seconds, on_day, ride_id)
            values (@yard, @horseId, @Id, @variant, @strip, @Strides, @Seconds, @On, @rideId) on conflict do nothing
            """,
            new
            {
                horseId,
                m.Id,
                variant = m.Variant.ToString(),
                strip = m.Strip.Metres,
                m.Strides,
                m.Seconds,
                m.On,
                rideId,
            }
        );
    }

    public static async Task<bool> RemoveStrideAsync(this YardSession yard, Guid horseId, Guid id, bool removed) =>
        await yard.ExecuteAsync(
            "update stride_measurement set removed_at = case when @removed then now() end where yard_id = @yard and horse_id = @horseId and id = @id",
            new
            {
                horseId,
                id,
                removed,
            }
        ) == 1;

    /// <summary>Takes back the measurements that these taps of this ride made; what anybody measured otherwise stays.</summary>
    public static Task RemoveStridesOfRideAsync(this YardSession yard, Guid rideId, IEnumerable<Guid> taps) =>
        yard.ExecuteAsync(
            "update stride_measurement set removed_at = now() where yard_id = @yard and ride_id = @rideId and id = any(@taps)",
            new { rideId, taps = taps.ToArray() }
        );

    /// <summary>Holds of these horses, the latest first.</summary>
    public static Task<List<Hold>> HoldsAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        yard.QueryAsync<Hold>(
            """
            select id, horse_id, because, since, cleared_on, cleared_by, walk_in_hand_by, no_lungeing from hold
            where yard_id = @yard and horse_id = any(@ids) order by since desc, id
            """,
            new { ids = horseIds.ToArray() }
        );

    /// <summary>Raises a hold unless the horse is already held.</summary>
    public static Task RaiseHoldAsync(this YardSession yard, Guid horseId, string because, DateOnly since) =>
        yard.ExecuteAsync(
            """
            insert into hold (yard_id, horse_id, id, because, since)
            select @yard, @horseId, @id, @because, @since
            where not exists (select from hold where yard_id = @yard and horse_id = @horseId and cleared_on is null)
            """,
            new
            {
                horseId,
                id = Guid.NewGuid(),
                because,
                since,
            }
        );

    public static async Task<bool> ClearHoldAsync(
        this YardSession yard,
        Guid horseId,
        Guid id,
        DateOnly on,
        string by,
        bool noLungeing,
        Guid enteredBy
    ) =>
        await yard.ExecuteAsync(
            """
            update hold set cleared_on = @on, cleared_by = @by, cleared_entered_by = @enteredBy, no_lungeing = @noLungeing
            where yard_id = @yard and horse_id = @horseId and id = @id and cleared_on is null
            """,
            new
            {
                horseId,
                id,
                on,
                by,
                noLungeing,
                enteredBy,
            }
        ) == 1;

    /// <summary>The vet allows walking in hand while the horse is held; nothing more.</summary>
    public static async Task<bool> AllowWalkInHandAsync(this YardSession yard, Guid horseId, Guid id, string by) =>
        await yard.ExecuteAsync(
            "update hold set walk_in_hand_by = @by where yard_id = @yard and horse_id = @horseId and id = @id and cleared_on is null",
            new
            {
                horseId,
                id,
                by,
            }
        ) == 1;

    private static object Values(Horse horse, int version = 0) =>
        new
        {
            horse.Id,
            horse.Name,
            horse.Foaled,
            HeightCm = horse.Height.Centimetres,
            Sex = horse.Sex.ToString(),
            Experience = horse.Experience.ToString(),
            horse.Notes,
            GoesAt = horse.GoesAt?.ToString(),
            horse.HeatLimitC,
            met = horse.Met.Select(t => t.ToString()).ToArray(),
            EnteredOn = horse.EnteredOn.ToDateTime(TimeOnly.MinValue, DateTimeKind.Utc),
            version,
        };

    private sealed record HorseRow
    {
        public required Guid Id { get; init; }

        public required string Name { get; init; }

        public required int Foaled { get; init; }

        public required double HeightCm { get; init; }

        public required string Sex { get; init; }

        public required string Experience { get; init; }

        public required string Notes { get; init; }

        public required int Version { get; init; }

        public required DateOnly EnteredOn { get; init; }

        public required string? GoesAt { get; init; }

        public required double? HeatLimitC { get; init; }

        public required string Met { get; init; }

        public Kept<Horse> ToHorse() =>
            new(
                Horse.Kept(
                    Id,
                    Name,
                    Foaled,
                    HorseHeight.Kept(HeightCm),
                    Enum.Parse<Sex>(Sex),
                    Enum.Parse<Experience>(Experience),
                    Notes,
                    EnteredOn,
                    GoesAt is { } level ? Enum.Parse<GoesAt>(level) : null,
                    HeatLimitC,
                    Met.Length == 0 ? [] : [.. Met.Split(',').Select(Enum.Parse<Thing>)]
                ),
                Version
            );
    }

    private sealed record KnownRow(bool There, bool Given);

    private sealed record StrideRow(Guid HorseId, Guid Id, string Variant, double StripM, double Strides, double? Seconds, DateOnly OnDay)
    {
        public StrideMeasurement ToMeasurement() =>
            StrideMeasurement.Kept(Id, Enum.Parse<GaitVariant>(Variant), Distance.FromMetres(StripM), Strides, Seconds, OnDay);
    }
}
