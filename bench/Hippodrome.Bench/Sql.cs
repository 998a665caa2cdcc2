namespace Hippodrome.Bench;

internal static class Sql
{
    /// <summary>
    /// Twenty-four more horses in the yard with ten years of daily rides, and 200 other yards with six
    /// horses and a year each; a dozen events a ride. Foreign keys are not checked while it fills: the
    /// rows are right by construction, and checking millions of them takes an hour.
    /// </summary>
    public const string Fill = """
        set session_replication_role = replica;
        create temp table filled_yard as
            select gen_random_uuid() as id, n from generate_series(1, 200) n;
        insert into yard (id, name, time_zone) select id, 'Yard ' || n, 'Europe/London' from filled_yard;
        insert into person (yard_id, id, name, email, password_hash, role)
            select id, gen_random_uuid(), 'Trainer ' || n, 'trainer' || n || '@bench.example', 'x', 'Trainer' from filled_yard;

        create temp table filled_horse as
            select id as yard_id, gen_random_uuid() as id, 'Horse ' || h as name, 365 as days from filled_yard, generate_series(1, 6) h
            union all
            select @yardId, gen_random_uuid(), 'Horse ' || h, 3650 from generate_series(1, 24) h;
        insert into horse (yard_id, id, name, foaled, height_cm, sex, experience)
            select yard_id, id, name, 2016, 165, 'Mare', 'Novice' from filled_horse;
        insert into stride_measurement (yard_id, horse_id, id, variant, strip_m, strides, seconds, on_day)
            select yard_id, id, gen_random_uuid(), 'TrotWorking', 30, 11, 8.2, current_date - n * 30 from filled_horse, generate_series(1, 10) n;

        create temp table filled_ride as
            select h.yard_id, h.id as horse_id, gen_random_uuid() as id, gen_random_uuid() as session_id,
                current_date - d as on_day, p.id as rider_id
            from filled_horse h
            join (select distinct on (yard_id) yard_id, id from person order by yard_id, role) p on p.yard_id = h.yard_id,
            generate_series(1, h.days) d;
        insert into session (yard_id, horse_id, id, on_day, emphasis, manner, helper)
            select yard_id, horse_id, session_id, on_day, 'Straightness', 'Ridden', false from filled_ride;
        insert into session_part (yard_id, horse_id, session_id, place, phase, what, gait, rein, minutes)
            select yard_id, horse_id, session_id, p, 'Work', 'Trot', 'Trot', 'Both', 10 from filled_ride, generate_series(0, 3) p;
        insert into ride (yard_id, horse_id, id, session_id, on_day, rider_id)
            select yard_id, horse_id, id, session_id, on_day, rider_id from filled_ride;
        -- Minutes, and what makes a rule look back: of three rides one is effortless.
        insert into ride_event (yard_id, ride_id, id, at, body, sent_by)
            select r.yard_id, r.id, e.id, r.on_day, jsonb_build_object('v', 1, 'id', e.id, 'at', to_char(r.on_day, 'YYYY-MM-DD') || 'T09:00:00Z') || case e.n
                when 1 then jsonb_build_object('kind', 'marked', 'rein', 'both', 'about', '', 'mark', 6 + (get_byte(uuid_send(r.id), 0) % 3) / 2.0)
                when 2 then jsonb_build_object('kind', 'tensionSeen', 'tension', 1)
                when 3 then jsonb_build_object('kind', 'closingTest', 'passed', true)
                else jsonb_build_object('kind', 'ridden', 'gait', 'trot', 'rein', 'left', 'minutes', 3) end, r.rider_id
            from filled_ride r, lateral (select gen_random_uuid() as id, n from generate_series(1, 12) n where r.id is not null) e;
        -- As the program keeps them: nine times three minutes of trot, and the mark.
        insert into ride_totals (yard_id, ride_id, body)
            select yard_id, id, jsonb_build_object('v', 1, 'byGait', jsonb_build_array(jsonb_build_object('gait', 'trot', 'left', 27, 'right', 0)),
                'transitions', 0, 'passes', jsonb_build_object('left', none, 'right', none), 'efforts', jsonb_build_object('left', none, 'right', none),
                'marks', jsonb_build_object('left', mark, 'right', mark), 'signs', '[]'::jsonb, 'exertion', null, 'notes', '[]'::jsonb)
            from filled_ride, lateral (select 6 + (get_byte(uuid_send(id), 0) % 3) / 2.0 as mark, '{}'::jsonb as none) m;
        create temp table filled_plan as
            select yard_id, id as horse_id, gen_random_uuid() as id, current_date + d as on_day from filled_horse, generate_series(0, 3) d;
        insert into session (yard_id, horse_id, id, on_day, emphasis, manner, helper)
            select yard_id, horse_id, id, on_day, 'Straightness', 'Ridden', false from filled_plan;
        insert into session_part (yard_id, horse_id, session_id, place, phase, what, gait, rein, minutes)
            select yard_id, horse_id, id, p, 'Work', 'Trot', 'Trot', 'Both', 10 from filled_plan, generate_series(0, 3) p;
        set session_replication_role = origin;
        """;
}
