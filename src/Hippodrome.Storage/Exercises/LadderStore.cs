using Hippodrome.Core.Exercises;
using Hippodrome.Core.Horses;
using Hippodrome.Storage.Rides;

namespace Hippodrome.Storage.Exercises;

/// <summary>A move and who made it.</summary>
public sealed record KeptMove(RungMove Move, string By);

/// <summary>A ride in which a rung was worked, and the parts of its plan that named the rung.</summary>
public sealed record RideOnRung(string RungId, Ride Ride, IReadOnlyList<int> Parts);

public static class LadderStore
{
    /// <summary>Every move by horse, in the order they were made.</summary>
    public static async Task<ILookup<Guid, KeptMove>> MovesAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<MoveRow>(
                """
                select m.horse_id, m.strand, m.rung_id, m.kind, m.word, m.on_day, p.name as by
                from rung_move m join person p on p.yard_id = m.yard_id and p.id = m.by_person
                where m.yard_id = @yard and m.horse_id = any(@ids) order by m.n
                """,
                new { ids = horseIds.ToArray() }
            )
        ).ToLookup(r => r.HorseId, r => r.ToMove());

    /// <summary>Every move of every horse of the yard on one ladder, by horse, in the order they were made.</summary>
    public static async Task<IEnumerable<IGrouping<Guid, RungMove>>> MovesOnAsync(this YardSession yard, Strand strand) =>
        (
            await yard.QueryAsync<MoveRow>(
                """
                select m.horse_id, m.strand, m.rung_id, m.kind, m.word, m.on_day, '' as by
                from rung_move m where m.yard_id = @yard and m.strand = @strand order by m.n
                """,
                new { strand = strand.ToString() }
            )
        ).GroupBy(r => r.HorseId, r => r.ToMove().Move);

    /// <summary>The latest move of each horse on each ladder.</summary>
    public static async Task<ILookup<Guid, KeptMove>> LatestMovesAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<MoveRow>(
                """
                select distinct on (m.horse_id, m.strand) m.horse_id, m.strand, m.rung_id, m.kind, m.word, m.on_day, p.name as by
                from rung_move m join person p on p.yard_id = m.yard_id and p.id = m.by_person
                where m.yard_id = @yard and m.horse_id = any(@ids) order by m.horse_id, m.strand, m.n desc
                """,
                new { ids = horseIds.ToArray() }
            )
        ).ToLookup(r => r.HorseId, r => r.ToMove());

    public static Task AddMoveAsync(this YardSession yard, Guid horseId, RungMove move, Guid by)
    {
        ArgumentNullException.ThrowIfNull(move);
        return yard.ExecuteAsync(
            """
            insert into rung_move (yard_id, horse_id, strand, rung_id, kind, word, on_day, by_person)
            values (@yard, @horseId, @strand, @RungId, @kind, @Word, @On, @by)
            """,
            new
            {
                horseId,
                strand = move.Strand.ToString(),
                move.RungId,
                kind = move.Kind.ToString(),
                move.Word,
                move.On,
                by,
            }
        );
    }

    /// <summary>The last few rides in which each of these horses worked each of its rungs, the latest first.</summary>
    public static async Task<List<RideOnRung>> RidesOnRungsAsync(
        this YardSession yard,
        IReadOnlyCollection<(Guid HorseId, string RungId)> worked,
        DateOnly until,
        int most
    ) =>
        [
            .. (
                await yard.QueryAsync<RungRideRow>(
                    """
                    select w.rung_id, r.id, r.horse_id, r.session_id, r.on_day, r.rider_id, p.name as rider_name, coalesce(s.place, '') as place,
                        (select string_agg(sp.place::text, ',' order by sp.place) from session_part sp where sp.yard_id = @yard and sp.session_id = r.session_id and sp.rung_id = w.rung_id) as parts
                    from unnest(@horses, @rungs) as w (horse_id, rung_id)
                    cross join lateral (
                        select * from ride where yard_id = @yard and horse_id = w.horse_id and on_day <= @until and session_id in (
                            select sp.session_id from session_part sp where sp.yard_id = @yard and sp.horse_id = w.horse_id
                                and sp.rung_id = w.rung_id)
                        order by on_day desc, created_at desc, id limit @most) r
                    join person p on p.yard_id = @yard and p.id = r.rider_id
                    left join session s on s.yard_id = @yard and s.id = r.session_id
                    order by w.rung_id, r.on_day desc, r.created_at desc, r.id
                    """,
                    new
                    {
                        horses = worked.Select(w => w.HorseId).ToArray(),
                        rungs = worked.Select(w => w.RungId).ToArray(),
                        until,
                        most,
                    }
                )
            ).Select(r => r.ToRide()),
        ];

    private sealed record MoveRow(Guid HorseId, string Strand, string? RungId, string Kind, string Word, DateOnly OnDay, string By)
    {
        public KeptMove ToMove() => new(new RungMove(Enum.Parse<Strand>(Strand), RungId, Enum.Parse<MoveKind>(Kind), Word, OnDay), By);
    }

    private sealed record RungRideRow(
        string RungId,
        Guid Id,
        Guid HorseId,
        Guid? SessionId,
        DateOnly OnDay,
        Guid RiderId,
        string RiderName,
        string Place,
        string Parts
    )
    {
        public RideOnRung ToRide() =>
            new(
                RungId,
                new Ride(Id, HorseId, SessionId, OnDay, RiderId, RiderName, Place),
                [.. Parts.Split(',').Select(p => int.Parse(p, System.Globalization.CultureInfo.InvariantCulture))]
            );
    }
}
