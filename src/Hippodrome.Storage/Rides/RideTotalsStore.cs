using Hippodrome.Core.Rides;

namespace Hippodrome.Storage.Rides;

/// <summary>A ride and what it adds up to.</summary>
public sealed record TotalledRide(Guid Id, Guid HorseId, DateOnly OnDay, string RiderName, RideTotals Totals);

/// <summary>What rides add up to, kept beside their events.</summary>
public static class RideTotalsStore
{
    private const int RidesAtOnce = 200;

    private sealed record TotalsRow(Guid RideId, string Body);

    private sealed record TotalledRow(Guid Id, Guid HorseId, DateOnly OnDay, string RiderName, byte[]? Body);

    /// <summary>The sums of these rides. One whose sums were never kept is added up.</summary>
    public static async Task<Dictionary<Guid, RideTotals>> TotalsAsync(this YardSession yard, IEnumerable<Guid> rideIds)
    {
        var ids = rideIds.Distinct().ToArray();
        var totals = (
            await yard.QueryAsync<TotalsRow>(
                "select ride_id, body::text as body from ride_totals where yard_id = @yard and ride_id = any(@ids)",
                new { ids }
            )
        ).ToDictionary(r => r.RideId, r => Stored.Read<RideTotals>(r.Body));
        if (totals.Count < ids.Length)
        {
            foreach (var (id, added) in await AddUpAsync(yard, ids.Except(totals.Keys)))
            {
                totals[id] = added;
            }
        }

        return totals;
    }

    /// <summary>
    /// Every ride of these horses between two days with its sums, by day, and of a day in the order the horses are given
    /// in. They come one after the other, so that a year of a yard is never in memory at once.
    /// </summary>
    public static async IAsyncEnumerable<TotalledRide> RidesWithTotalsAsync(
        this YardSession yard,
        IEnumerable<Guid> horseIds,
        DateOnly from,
        DateOnly until
    )
    {
        var span = new
        {
            ids = horseIds.ToArray(),
            from,
            until,
        };
        var neverKept = await AddUpAsync(
            yard,
            await yard.QueryAsync<Guid>(
                """
                select id from ride r where yard_id = @yard and horse_id = any(@ids) and on_day between @from and @until
                and (select true from ride_totals t where t.yard_id = @yard and t.ride_id = r.id limit 1) is null
                """,
                span
            )
        );
        var rides = yard.StreamAsync<TotalledRow>(
            """
            select r.id, r.horse_id, r.on_day, p.name as rider_name, convert_to(t.body::text, 'UTF8') as body
            from unnest(@ids) with ordinality as h (id, place)
            join ride r on r.yard_id = @yard and r.horse_id = h.id and r.on_day between @from and @until
            join person p on p.yard_id = @yard and p.id = r.rider_id
            left join ride_totals t on t.yard_id = @yard and t.ride_id = r.id
            order by r.on_day, h.place, r.created_at, r.id
            """,
            span
        );
        await foreach (var r in rides)
        {
            yield return new(
                r.Id,
                r.HorseId,
                r.OnDay,
                r.RiderName,
                r.Body is { } body ? Stored.ReadUtf8<RideTotals>(body) : neverKept[r.Id]
            );
        }
    }

    /// <summary>
    /// The sums, where they are kept, of the rides between two days of those of these horses that may be coming back: told
    /// off, assessed after a rest, on a return, or held and cleared.
    /// </summary>
    public static async Task<Dictionary<Guid, RideTotals>> TotalsOfThoseBackAsync(
        this YardSession yard,
        IEnumerable<Guid> horseIds,
        DateOnly from,
        DateOnly until
    ) =>
        (
            await yard.QueryAsync<TotalsRow>(
                """
                -- Horse by horse (the offset keeps it so): joined freely, every ride of the yard is read for a few of them.
                select t.ride_id, t.body::text as body from (
                    select horse_id from time_away where yard_id = @yard and horse_id = any(@ids) and removed_at is null
                    union select horse_id from assessment where yard_id = @yard and horse_id = any(@ids) and weeks_off > 0
                    union select horse_id from block where yard_id = @yard and horse_id = any(@ids) and entry ->> 'purpose' = 'return'
                    union select horse_id from hold where yard_id = @yard and horse_id = any(@ids) and cleared_on is not null) h
                cross join lateral (
                    select id from ride where yard_id = @yard and horse_id = h.horse_id and on_day between @from and @until offset 0) r
                join ride_totals t on t.yard_id = @yard and t.ride_id = r.id
                """,
                new
                {
                    ids = horseIds.ToArray(),
                    from,
                    until,
                }
            )
        ).ToDictionary(r => r.RideId, r => Stored.Read<RideTotals>(r.Body));

    /// <summary>Keeps what these rides add up to by now. Whoever calls has locked them, so that nobody adds to them meanwhile.</summary>
    /// <returns>The rides as they stand by now.</returns>
    internal static async Task<Dictionary<Guid, RideRecord>> KeepTotalsAsync(this YardSession yard, IReadOnlyCollection<Guid> rideIds)
    {
        var rides = await FoldAsync(yard, rideIds);
        await yard.ExecuteAsync(
            """
            insert into ride_totals (yard_id, ride_id, body)
            select @yard, t.id, t.body::jsonb from unnest(@ids, @bodies) as t (id, body)
            on conflict (yard_id, ride_id) do update set body = excluded.body
            """,
            new { ids = rides.Keys.ToArray(), bodies = rides.Values.Select(r => Stored.Write(RideTotals.Of(r))).ToArray() }
        );
        return rides;
    }

    /// <summary>Adds up every ride of every yard anew. How many they were.</summary>
    public static async Task<int> RebuildRideTotalsAsync(this Database database)
    {
        ArgumentNullException.ThrowIfNull(database);
        var rebuilt = 0;
        foreach (var yardId in await database.AllYardsAsync())
        {
            var rides = RidesAtOnce;
            for (var after = Guid.Empty; rides == RidesAtOnce; rebuilt += rides)
            {
                await using var yard = await database.OpenYardAsync(yardId);
                var ids = await yard.QueryAsync<Guid>(
                    "select id from ride where yard_id = @yard and id > @after order by id limit @most",
                    new { after, most = RidesAtOnce }
                );
                await yard.LockRidesAsync(ids);
                await yard.KeepTotalsAsync(ids);
                await yard.CommitAsync();
                (rides, after) = (ids.Count, ids.Count == 0 ? after : ids[^1]);
            }
        }

        return rebuilt;
    }

    private static Task<int> LockRidesAsync(this YardSession yard, IEnumerable<Guid> rideIds) =>
        yard.ExecuteAsync(
            "select pg_advisory_xact_lock(hashtextextended(id::text, 0)) from unnest(@ids) as r (id)",
            new { ids = rideIds.ToArray() }
        );

    private static async Task<Dictionary<Guid, RideTotals>> AddUpAsync(YardSession yard, IEnumerable<Guid> rideIds) =>
        (await FoldAsync(yard, rideIds)).ToDictionary(r => r.Key, r => RideTotals.Of(r.Value));

    private static async Task<Dictionary<Guid, RideRecord>> FoldAsync(YardSession yard, IEnumerable<Guid> rideIds) =>
        (await yard.LogsAsync(rideIds)).ToDictionary(l => l.Key, l => RideRecord.Fold(l.Value));
}
