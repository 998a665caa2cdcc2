using Hippodrome.Core.Care;

namespace Hippodrome.Storage.Care;

public static class CareStore
{
    /// <summary>Visits of a horse, the latest first.</summary>
    public static async Task<List<CareVisit>> CareVisitsAsync(this YardSession yard, Guid horseId) =>
        (
            await yard.QueryAsync<CareRow>(
                """
                select horse_id, id, kind, on_day, by_whom, found, again_in_weeks, easy_until, array_to_string(ruled_out, ',') as ruled_out, array_to_string(saddle, ',') as saddle from care_visit
                where yard_id = @yard and horse_id = @horseId and removed_at is null order by on_day desc, id
                """,
                new { horseId }
            )
        ).ConvertAll(r => r.ToVisit());

    /// <summary>A therapist's latest visit to each horse since a day.</summary>
    public static async Task<Dictionary<Guid, CareVisit>> TherapistVisitsAsync(
        this YardSession yard,
        IEnumerable<Guid> horseIds,
        DateOnly since
    ) =>
        (
            await yard.QueryAsync<CareRow>(
                """
                select distinct on (horse_id) horse_id, id, kind, on_day, by_whom, found, again_in_weeks, easy_until, array_to_string(ruled_out, ',') as ruled_out, array_to_string(saddle, ',') as saddle from care_visit
                where yard_id = @yard and horse_id = any(@ids) and kind = 'Therapist' and removed_at is null and (on_day >= @since or easy_until >= @since) order by horse_id, on_day desc, id
                """,
                new { ids = horseIds.ToArray(), since }
            )
        ).ToDictionary(r => r.HorseId, r => r.ToVisit());

    /// <summary>The latest time each horse's feet were seen to.</summary>
    public static async Task<Dictionary<Guid, CareVisit>> LastFeetAsync(this YardSession yard, IEnumerable<Guid> horseIds) =>
        (
            await yard.QueryAsync<CareRow>(
                """
                select distinct on (horse_id) horse_id, id, kind, on_day, by_whom, found, again_in_weeks, easy_until, array_to_string(ruled_out, ',') as ruled_out, array_to_string(saddle, ',') as saddle from care_visit
                where yard_id = @yard and horse_id = any(@ids) and kind = 'Feet' and removed_at is null order by horse_id, on_day desc, id
                """,
                new { ids = horseIds.ToArray() }
            )
        ).ToDictionary(r => r.HorseId, r => r.ToVisit());

    public static Task AddCareVisitAsync(this YardSession yard, Guid horseId, CareVisit visit, Guid by)
    {
        ArgumentNullException.ThrowIfNull(visit);
        return yard.ExecuteAsync(
            """
            insert into care_visit (yard_id, horse_id, id, kind, on_day, by_whom, found, again_in_weeks, easy_until, ruled_out, saddle, entered_by)
            values (@yard, @horseId, @Id, @kind, @On, @By, @Found, @AgainInWeeks, @EasyUntil, @ruledOut, @saddle, @enteredBy)
            """,
            new
            {
                horseId,
                visit.Id,
                kind = visit.Kind.ToString(),
                visit.On,
                visit.By,
                visit.Found,
                visit.AgainInWeeks,
                visit.EasyUntil,
                ruledOut = visit.RuledOut.Select(r => r.ToString()).ToArray(),
                saddle = visit.Saddle.Select(w => w.ToString()).ToArray(),
                enteredBy = by,
            }
        );
    }

    /// <summary>What a horse has been fed, the latest first.</summary>
    public static async Task<List<Ration>> RationsAsync(this YardSession yard, Guid horseId) =>
        (
            await yard.QueryAsync<RationRow>(
                """
                select id, on_day, forage, hard_feed_kg, hard_feed, because, by_whom, advised from ration
                where yard_id = @yard and horse_id = @horseId and removed_at is null order by on_day desc, entered_at desc
                """,
                new { horseId }
            )
        ).ConvertAll(r => new Ration(r.Id, r.OnDay, r.Forage, r.HardFeedKg, r.HardFeed, r.Because, r.ByWhom, r.Advised));

    public static Task AddRationAsync(this YardSession yard, Guid horseId, Ration ration, Guid by)
    {
        ArgumentNullException.ThrowIfNull(ration);
        return yard.ExecuteAsync(
            """
            insert into ration (yard_id, horse_id, id, on_day, forage, hard_feed_kg, hard_feed, because, by_whom, advised, entered_by)
            values (@yard, @horseId, @Id, @On, @Forage, @HardFeedKg, @HardFeed, @Because, @By, @Advised, @enteredBy)
            """,
            new
            {
                horseId,
                ration.Id,
                ration.On,
                ration.Forage,
                ration.HardFeedKg,
                ration.HardFeed,
                ration.Because,
                ration.By,
                ration.Advised,
                enteredBy = by,
            }
        );
    }

    private sealed record RationRow(
        Guid Id,
        DateOnly OnDay,
        string Forage,
        double HardFeedKg,
        string HardFeed,
        string Because,
        string ByWhom,
        bool Advised
    );

    /// <summary>Weights and conditions of a horse, the latest first.</summary>
    public static Task<List<BodyMeasure>> BodyMeasuresAsync(this YardSession yard, Guid horseId) =>
        yard.QueryAsync<BodyMeasure>(
            """
            select id, on_day as on, girth_cm, length_cm, condition from body_measure
            where yard_id = @yard and horse_id = @horseId and removed_at is null order by on_day desc, id
            """,
            new { horseId }
        );

    public static Task AddBodyMeasureAsync(this YardSession yard, Guid horseId, BodyMeasure measure, Guid by)
    {
        ArgumentNullException.ThrowIfNull(measure);
        return yard.ExecuteAsync(
            """
            insert into body_measure (yard_id, horse_id, id, on_day, girth_cm, length_cm, condition, entered_by)
            values (@yard, @horseId, @Id, @On, @GirthCm, @LengthCm, @Condition, @by)
            """,
            new
            {
                horseId,
                measure.Id,
                measure.On,
                measure.GirthCm,
                measure.LengthCm,
                measure.Condition,
                by,
            }
        );
    }

    /// <summary>
    /// The day ridden work last began again after a gap of at least so many days, since a day: by the rides alone.
    /// </summary>
    public static async Task<DateOnly?> RiddenAgainAsync(this YardSession yard, Guid horseId, int gapDays, DateOnly since) =>
        (
            await yard.QueryAsync<DateOnly?>(
                """
                select max(on_day) from (
                    select on_day, lag(on_day) over (order by on_day) as before from ride where yard_id = @yard and horse_id = @horseId) r
                where on_day >= @since and on_day - before >= @gapDays
                """,
                new
                {
                    horseId,
                    gapDays,
                    since,
                }
            )
        ).Single();

    private sealed record CareRow(
        Guid HorseId,
        Guid Id,
        string Kind,
        DateOnly OnDay,
        string ByWhom,
        string Found,
        int? AgainInWeeks,
        DateOnly? EasyUntil,
        string RuledOut,
        string Saddle
    )
    {
        public CareVisit ToVisit() =>
            new(Id, Enum.Parse<CareKind>(Kind), OnDay, ByWhom, Found, AgainInWeeks)
            {
                EasyUntil = EasyUntil,
                RuledOut = RuledOut.Length == 0 ? [] : [.. RuledOut.Split(',').Select(Enum.Parse<RuledOut>)],
                Saddle = Saddle.Length == 0 ? [] : [.. Saddle.Split(',').Select(Enum.Parse<SaddleWork>)],
            };
    }
}
