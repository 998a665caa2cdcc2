using Hippodrome.Core.Rides;

namespace Hippodrome.Storage.Rides;

/// <summary>A look at a leg that touched again and again.</summary>
public sealed record LegLook(Guid HorseId, DateOnly OnDay, string Word);

/// <summary>A ride in which a touch was told by leg, with all that was told in it.</summary>
public sealed record LegsToldIn(Guid HorseId, Guid RideId, DateOnly OnDay, RideLog Log);

/// <summary>A fall that nobody has asked after yet.</summary>
public sealed record OpenFall(Guid HorseId, Guid RideId, DateOnly OnDay);

/// <summary>Touches told by leg, looks at legs, falls and how both are.</summary>
public static class LegStore
{
    /// <summary>The rides between two days in which a touch was told by leg.</summary>
    public static async Task<List<LegsToldIn>> LegsToldInAsync(
        this YardSession yard,
        IEnumerable<Guid> horseIds,
        DateOnly from,
        DateOnly until
    ) =>
        (
            await yard.QueryAsync<LegsRow>(
                $"""
                select r.horse_id, r.id as ride_id, r.on_day, e.events, e.read_as_today from ride r
                cross join lateral ({RideStore.EventsOfRide}) e
                where r.yard_id = @yard and r.horse_id = any(@ids) and r.on_day between @from and @until
                    and exists (select from ride_event e where e.yard_id = @yard and e.ride_id = r.id and e.body ? 'leg')
                """,
                new
                {
                    ids = horseIds.ToArray(),
                    from,
                    until,
                    readAsToday = Stored.KindOf<RideEvent>().ReadAsToday,
                }
            )
        ).ConvertAll(r => new LegsToldIn(r.HorseId, r.RideId, r.OnDay, RideLog.Kept(Stored.ReadAll<RideEvent>(r.Events, r.ReadAsToday))));

    /// <summary>The latest look by horse.</summary>
    public static async Task<Dictionary<Guid, LegLook>> LegLooksAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<LegLook>(
                "select distinct on (horse_id) horse_id, on_day, word from leg_look where yard_id = @yard and horse_id = any(@ids) order by horse_id, on_day desc",
                new { ids = horseIds.ToArray() }
            )
        ).ToDictionary(l => l.HorseId);

    public static Task AddLegLookAsync(this YardSession yard, LegLook look, Guid by) =>
        yard.ExecuteAsync(
            "insert into leg_look (yard_id, horse_id, id, on_day, word, by_person) values (@yard, @HorseId, @id, @OnDay, @Word, @by)",
            new
            {
                look.HorseId,
                id = Guid.NewGuid(),
                look.OnDay,
                look.Word,
                by,
            }
        );

    /// <summary>Falls since a day and before another that nobody has answered for.</summary>
    public static Task<List<OpenFall>> OpenFallsAsync(this YardSession yard, IEnumerable<Guid> horseIds, DateOnly from, DateOnly before) =>
        yard.QueryAsync<OpenFall>(
            """
            select r.horse_id, r.id as ride_id, r.on_day from ride r where r.yard_id = @yard and r.horse_id = any(@ids) and r.on_day >= @from and r.on_day < @before
                and exists (select from ride_event e where e.yard_id = @yard and e.ride_id = r.id and e.body ->> 'kind' = 'fell'
                    and not exists (select from ride_event t where t.yard_id = @yard and t.ride_id = r.id and t.body ->> 'kind' = 'takenBack' and t.body ->> 'event' = e.id::text))
                and not exists (select from fall_answer f where f.yard_id = @yard and f.ride_id = r.id)
            """,
            new
            {
                ids = horseIds.ToArray(),
                from,
                before,
            }
        );

    /// <summary>Answering twice keeps the first.</summary>
    public static Task AnswerFallAsync(
        this YardSession yard,
        Guid rideId,
        bool horseFine,
        bool riderFine,
        string word,
        DateOnly on,
        Guid by
    ) =>
        yard.ExecuteAsync(
            "insert into fall_answer (yard_id, ride_id, horse_fine, rider_fine, word, on_day, by_person) values (@yard, @rideId, @horseFine, @riderFine, @word, @on, @by) on conflict do nothing",
            new
            {
                rideId,
                horseFine,
                riderFine,
                word,
                on,
                by,
            }
        );

    private sealed record LegsRow(Guid HorseId, Guid RideId, DateOnly OnDay, string Events, bool ReadAsToday);
}
