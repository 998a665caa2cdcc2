using Hippodrome.Core.Rides;
using Hippodrome.Core.Verdicts;

namespace Hippodrome.Storage.Rides;

/// <summary>A ride without its events; its place is that of its session, empty at home.</summary>
public sealed record Ride(Guid Id, Guid HorseId, Guid? SessionId, DateOnly OnDay, Guid RiderId, string RiderName, string Place);

/// <summary>What a trainer made of a verdict.</summary>
public sealed record VerdictAnswer(
    Guid Id,
    Guid RideId,
    string Rule,
    bool Accepted,
    string Word,
    Guid? NextSessionId,
    string By,
    DateTime At,
    SaidVerdict? Said
);

/// <summary>The last answer to a verdict, with the ride it is of.</summary>
public sealed record YardAnswer(
    Guid RideId,
    Guid HorseId,
    DateOnly OnDay,
    string Rule,
    bool Accepted,
    string Word,
    string By,
    SaidVerdict? Said
);

/// <summary>A picture of a ride.</summary>
public sealed record RidePhoto(Guid RideId, Guid PhotoId, DateOnly OnDay);

/// <summary>A day a horse was ridden, and the planned session that was, if any.</summary>
public sealed record RiddenDay(Guid HorseId, Guid RideId, Guid? SessionId, DateOnly OnDay);

/// <summary>What became of events that were sent.</summary>
/// <param name="Added">Ids that were new.</param>
/// <param name="Differing">Ids that are there already and mean something else.</param>
/// <param name="Ride">What the ride adds up to with them; null where none was new.</param>
public sealed record Appended(IReadOnlySet<Guid> Added, IReadOnlySet<Guid> Differing, RideRecord? Ride);

/// <summary>Who sent an event of a ride.</summary>
public sealed record EventSender(Guid EventId, Guid PersonId, string Name);

public static class RideStore
{
    private const string Select = """
        select r.id, r.horse_id, r.session_id, r.on_day, r.rider_id, p.name as rider_name, coalesce(s.place, '') as place
        from ride r join person p on p.yard_id = r.yard_id and p.id = r.rider_id
        left join session s on s.yard_id = r.yard_id and s.id = r.session_id where r.yard_id = @yard
        """;

    public static Task<Ride?> FindRideAsync(this YardSession yard, Guid id) => yard.FindAsync<Ride>($"{Select} and r.id = @id", new { id });

    /// <summary>The latest few rides of each of these horses up to a day, and from another on if one is given, the latest first.</summary>
    public static Task<List<Ride>> LatestRidesAsync(
        this YardSession yard,
        IEnumerable<Guid> horseIds,
        DateOnly until,
        int most,
        DateOnly? from = null
    ) =>
        yard.QueryAsync<Ride>(
            """
            -- First the rides and then their riders: the other way round the rides are looked up once for each person.
            with latest as materialized (
                select r.* from unnest(@ids) as h (id)
                cross join lateral (
                    select id, horse_id, session_id, on_day, rider_id, created_at from ride
                    where yard_id = @yard and horse_id = h.id and on_day <= @until and on_day >= @first
                    order by on_day desc, created_at desc, id limit @most) r)
            select r.id, r.horse_id, r.session_id, r.on_day, r.rider_id, p.name as rider_name,
                coalesce((select s.place from session s where s.yard_id = @yard and s.id = r.session_id), '') as place
            from latest r join person p on p.yard_id = @yard and p.id = r.rider_id
            order by r.horse_id, r.on_day desc, r.created_at desc, r.id
            """,
            new
            {
                ids = horseIds.ToArray(),
                until,
                first = from ?? DateOnly.MinValue,
                most,
            }
        );

    /// <summary>The first ride of a horse.</summary>
    public static Task<Ride?> FirstRideAsync(this YardSession yard, Guid horseId) =>
        yard.FindAsync<Ride>($"{Select} and r.horse_id = @horseId order by r.on_day, r.created_at, r.id limit 1", new { horseId });

    /// <summary>The rides of a ride's horse up to its day, the latest first: those of the same day among them, also later ones.</summary>
    public static Task<List<Ride>> RidesUpToAsync(this YardSession yard, Guid rideId, int most) =>
        yard.QueryAsync<Ride>(
            $"""
            {Select} and r.id in (
                select e.id from ride o cross join lateral (
                    select id from ride where yard_id = @yard and horse_id = o.horse_id and on_day = o.on_day
                    union all
                    (select id from ride where yard_id = @yard and horse_id = o.horse_id and on_day < o.on_day order by on_day desc, created_at desc, id limit @most)) e
                where o.yard_id = @yard and o.id = @rideId)
            order by r.on_day desc, r.created_at desc, r.id
            """,
            new { rideId, most }
        );

    /// <summary>The rides of these horses between two days with the sessions they were, by horse.</summary>
    public static async Task<ILookup<Guid, RiddenDay>> RiddenDaysAsync(
        this YardSession yard,
        IEnumerable<Guid> horseIds,
        DateOnly from,
        DateOnly until
    ) =>
        // One row a horse: of a yard that rides every day a row a ride is thousands.
        (
            await yard.QueryAsync<RiddenRow>(
                """
                select horse_id, array_agg(id order by on_day, created_at) as rides,
                    array_agg(coalesce(session_id, '00000000-0000-0000-0000-000000000000') order by on_day, created_at) as sessions,
                    array_agg(on_day - @from order by on_day, created_at) as days
                from ride where yard_id = @yard and horse_id = any(@ids) and on_day between @from and @until group by horse_id
                """,
                new
                {
                    ids = horseIds.ToArray(),
                    from,
                    until,
                }
            )
        )
            .SelectMany(h =>
                h.Rides.Select(
                    (ride, i) => new RiddenDay(h.HorseId, ride, h.Sessions[i] == Guid.Empty ? null : h.Sessions[i], from.AddDays(h.Days[i]))
                )
            )
            .ToLookup(r => r.HorseId);

    /// <summary>A picture of a ride; sending it twice keeps one.</summary>
    public static Task AddPhotoAsync(this YardSession yard, Guid rideId, Guid id, byte[] jpeg, Guid sentBy) =>
        yard.ExecuteAsync(
            "insert into ride_photo (yard_id, ride_id, id, jpeg, sent_by) values (@yard, @rideId, @id, @jpeg, @sentBy) on conflict do nothing",
            new
            {
                rideId,
                id,
                jpeg,
                sentBy,
            }
        );

    public static Task<List<Guid>> PhotosAsync(this YardSession yard, Guid rideId) =>
        yard.QueryAsync<Guid>(
            "select id from ride_photo where yard_id = @yard and ride_id = @rideId order by received_at, id",
            new { rideId }
        );

    /// <summary>The latest picture of a horse up to a day.</summary>
    public static Task<RidePhoto?> LatestPhotoAsync(this YardSession yard, Guid horseId, DateOnly until) =>
        yard.FindAsync<RidePhoto>(
            """
            select p.ride_id, p.id as photo_id, r.on_day from ride_photo p join ride r on r.yard_id = @yard and r.id = p.ride_id
            where p.yard_id = @yard and r.horse_id = @horseId and r.on_day <= @until
            order by r.on_day desc, p.received_at desc, p.id limit 1
            """,
            new { horseId, until }
        );

    public static async Task<byte[]?> FindPhotoAsync(this YardSession yard, Guid rideId, Guid id) =>
        (
            await yard.QueryAsync<byte[]>(
                "select jpeg from ride_photo where yard_id = @yard and ride_id = @rideId and id = @id",
                new { rideId, id }
            )
        ).SingleOrDefault();

    /// <summary>Makes the ride unless it is there; sending twice makes one.</summary>
    public static Task AddRideAsync(this YardSession yard, Guid id, Guid horseId, Guid? sessionId, DateOnly on, Guid riderId) =>
        yard.ExecuteAsync(
            """
            insert into ride (yard_id, horse_id, id, session_id, on_day, rider_id)
            values (@yard, @horseId, @id, @sessionId, @on, @riderId) on conflict do nothing
            """,
            new
            {
                id,
                horseId,
                sessionId,
                on,
                riderId,
            }
        );

    /// <summary>
    /// Appends events, all in one statement, and keeps what the ride adds up to with them; one that is already there, by
    /// its id, changes nothing. Two who append to one ride wait for one another, so that the sums miss neither.
    /// </summary>
    public static async Task<Appended> AppendAsync(this YardSession yard, Guid rideId, RideLog log, Guid sentBy)
    {
        ArgumentNullException.ThrowIfNull(log);
        var bodies = log.Events.ToDictionary(e => e.Id, e => Stored.Write(e));
        var rows = await yard.QueryAsync<AppendRow>(
            """
            with locked as materialized (select pg_advisory_xact_lock(hashtextextended(@rideId::text, 0))),
            sent as (select s.* from locked, unnest(@ids, @times, @bodies::jsonb[]) as s (id, at, body)),
            added as (
                insert into ride_event (yard_id, ride_id, id, at, body, sent_by)
                select @yard, @rideId, id, at, body, @sentBy from sent on conflict (yard_id, ride_id, id) do nothing returning id)
            select s.id, a.id is not null as added, e.body::text as there
            from sent s left join added a on a.id = s.id left join ride_event e on e.yard_id = @yard and e.ride_id = @rideId and e.id = s.id
            """,
            new
            {
                rideId,
                sentBy,
                ids = log.Events.Select(e => e.Id).ToArray(),
                times = log.Events.Select(e => e.At.UtcDateTime).ToArray(),
                bodies = log.Events.Select(e => bodies[e.Id]).ToArray(),
            }
        );
        // By what they mean: the same tap may have been written by an older build, in other words.
        var differing = rows.Where(r => r.There is { } there && Stored.Write(Stored.Read<RideEvent>(there)) != bodies[r.Id]);
        var ride = rows.Exists(r => r.Added) ? (await yard.KeepTotalsAsync([rideId]))[rideId] : null;
        return new Appended(rows.Where(r => r.Added).Select(r => r.Id).ToHashSet(), differing.Select(r => r.Id).ToHashSet(), ride);
    }

    /// <summary>Who sent each event of a ride.</summary>
    public static async Task<IReadOnlyDictionary<Guid, EventSender>> SendersAsync(this YardSession yard, Guid rideId) =>
        (
            await yard.QueryAsync<EventSender>(
                """
                select e.id as event_id, p.id as person_id, p.name from ride_event e join person p on p.yard_id = e.yard_id and p.id = e.sent_by
                where e.yard_id = @yard and e.ride_id = @rideId
                """,
                new { rideId }
            )
        ).ToDictionary(s => s.EventId);

    /// <summary>All events of ride r as one text: a row for every event costs more than all else that a screen asks.</summary>
    internal const string EventsOfRide = """
        select '[' || string_agg(body::text, ',') || ']' as events,
            bool_and(coalesce((body -> 'v')::int, 1) >= @readAsToday) as read_as_today
        from ride_event where yard_id = @yard and ride_id = r.id
        """;

    /// <summary>The logs of several rides by ride.</summary>
    public static async Task<IReadOnlyDictionary<Guid, RideLog>> LogsAsync(this YardSession yard, IEnumerable<Guid> rideIds)
    {
        var ids = rideIds.Distinct().ToArray();
        var rows = (
            await yard.QueryAsync<LogRow>(
                $"""
                -- Ride by ride: asked for a hundred at once, every event of the yard is read.
                select r.id as ride_id, e.events, e.read_as_today from unnest(@ids) as r (id)
                cross join lateral ({EventsOfRide}) e
                where e.events is not null
                """,
                new { ids, readAsToday = Stored.KindOf<RideEvent>().ReadAsToday }
            )
        ).ToDictionary(r => r.RideId, r => Stored.ReadAll<RideEvent>(r.Events, r.ReadAsToday));
        return ids.ToDictionary(id => id, id => RideLog.Kept(rows.GetValueOrDefault(id) ?? []));
    }

    /// <summary>Answers to the verdicts of several rides, the latest first.</summary>
    public static async Task<List<VerdictAnswer>> AnswersAsync(this YardSession yard, IEnumerable<Guid> rideIds) =>
        (
            await yard.QueryAsync<AnswerRow>(
                """
                select a.id, a.ride_id, a.rule, a.accepted, a.word, a.next_session_id, p.name as by, a.at, a.said::text as said
                from verdict_answer a join person p on p.yard_id = a.yard_id and p.id = a.by_person
                where a.yard_id = @yard and a.ride_id = any(@ids) order by a.at desc, a.id
                """,
                new { ids = rideIds.Distinct().ToArray() }
            )
        ).ConvertAll(r => r.ToAnswer());

    /// <summary>The last answer to each verdict on rides since a day; what was said is read of those overruled only.</summary>
    public static async Task<List<YardAnswer>> AnswersOfYardAsync(this YardSession yard, DateOnly from) =>
        (
            await yard.QueryAsync<YardAnswerRow>(
                """
                select distinct on (a.ride_id, a.rule) a.ride_id, r.horse_id, r.on_day, a.rule, a.accepted, a.word, p.name as by,
                    case when not a.accepted then a.said::text end as said
                from verdict_answer a
                join ride r on r.yard_id = a.yard_id and r.id = a.ride_id
                join person p on p.yard_id = a.yard_id and p.id = a.by_person
                where a.yard_id = @yard and r.on_day >= @from
                order by a.ride_id, a.rule, a.at desc, a.id
                """,
                new { from }
            )
        ).ConvertAll(r => new YardAnswer(
            r.RideId,
            r.HorseId,
            r.OnDay,
            r.Rule,
            r.Accepted,
            r.Word,
            r.By,
            r.Said is null ? null : Stored.Read<SaidVerdict>(r.Said)
        ));

    public static Task AddAnswerAsync(
        this YardSession yard,
        Guid rideId,
        string rule,
        bool accepted,
        string word,
        Guid? nextSessionId,
        Guid by,
        DateTimeOffset at,
        SaidVerdict? said
    ) =>
        yard.ExecuteAsync(
            """
            insert into verdict_answer (yard_id, ride_id, id, rule, accepted, word, next_session_id, by_person, at, said)
            values (@yard, @rideId, @id, @rule, @accepted, @word, @nextSessionId, @by, @at, @said::jsonb)
            """,
            new
            {
                rideId,
                id = Guid.NewGuid(),
                rule,
                accepted,
                word,
                nextSessionId,
                by,
                at = at.ToUniversalTime(),
                said = said is null ? null : Stored.Write(said),
            }
        );

    private sealed record YardAnswerRow(
        Guid RideId,
        Guid HorseId,
        DateOnly OnDay,
        string Rule,
        bool Accepted,
        string Word,
        string By,
        string? Said
    );

    private sealed record AppendRow(Guid Id, bool Added, string? There);

    private sealed class RiddenRow
    {
        public Guid HorseId { get; init; }

        public Guid[] Rides { get; init; } = [];

        public Guid[] Sessions { get; init; } = [];

        public int[] Days { get; init; } = [];
    }

    private sealed record AnswerRow(
        Guid Id,
        Guid RideId,
        string Rule,
        bool Accepted,
        string Word,
        Guid? NextSessionId,
        string By,
        DateTime At,
        string? Said
    )
    {
        public VerdictAnswer ToAnswer() =>
            new(Id, RideId, Rule, Accepted, Word, NextSessionId, By, At, Said is null ? null : Stored.Read<SaidVerdict>(Said));
    }

    private sealed record LogRow(Guid RideId, string Events, bool ReadAsToday);
}
