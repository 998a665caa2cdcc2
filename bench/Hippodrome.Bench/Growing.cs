using Dapper;
using Npgsql;

namespace Hippodrome.Bench;

/// <summary>
/// A database that grows: horses and years in the yard that is measured, and other yards beside it, all by SQL. Foreign
/// keys are not checked meanwhile and forced row security is the owner's to pass: the rows are right by construction.
/// </summary>
internal sealed class Growing(NpgsqlConnection owner, Guid demoYardId)
{
    private const int DaysAYear = 365;

    private readonly Guid _pattern = Guid.NewGuid();
    private int _copies;

    /// <summary>Keeps the demo yard as it is, to copy from.</summary>
    public Task BeginAsync() => CopyAsync(demoYardId, [_pattern]);

    /// <summary>
    /// More copies of the demo yard beside it; who works there has the same password and an address with the
    /// copy's number before it.
    /// </summary>
    public async Task AddYardsAsync(int yards) => await CopyAsync(_pattern, [.. Enumerable.Range(0, yards).Select(_ => Guid.NewGuid())]);

    /// <summary>A yard without horses, for as many as are wanted; its trainer's address.</summary>
    public async Task<(Guid YardId, string Email)> AddEmptyYardAsync(string likeEmail)
    {
        var id = Guid.NewGuid();
        await owner.ExecuteAsync(
            """
            insert into yard (id, name, time_zone) values (@id, 'Small', 'Europe/London');
            insert into person (yard_id, id, name, email, password_hash, role)
                select @id, gen_random_uuid(), name, 'small-' || email, password_hash, role from person
                    where yard_id = @demoYardId and email = @likeEmail
            """,
            new
            {
                id,
                demoYardId,
                likeEmail,
            }
        );
        return (id, $"small-{likeEmail}");
    }

    /// <summary>More horses in a yard, each with a block and its sessions of the next days.</summary>
    public Task AddHorsesAsync(Guid yardId, int horses) =>
        WithoutChecksAsync(
            """
            create temp table new_horse as select gen_random_uuid() as id, gen_random_uuid() as block_id from generate_series(1, @horses);
            insert into horse (yard_id, id, name, foaled, height_cm, sex, experience)
                select @yardId, id, 'Horse ' || left(id::text, 8), 2016, 165, 'Mare', 'Novice' from new_horse;
            insert into stride_measurement (yard_id, horse_id, id, variant, strip_m, strides, seconds, on_day)
                select @yardId, id, gen_random_uuid(), 'TrotWorking', 30, 11, 8.2, current_date - n * 30 from new_horse,
                    generate_series(1, 10) n;
            create temp table its_block as select b.id, b.entry from block b where b.yard_id = @pattern and b.ended_on is null
                and b.entry ->> 'purpose' <> 'return' order by b.id limit 1;
            create temp table its_person as select id from person where yard_id = @yardId order by role desc, id limit 1;
            insert into block (yard_id, horse_id, id, entry) select @yardId, h.id, h.block_id, b.entry from new_horse h, its_block b;
            insert into block_version (yard_id, block_id, number, entry, plan, because, by_person, at)
                select @yardId, h.block_id, v.number, v.entry, v.plan, v.because, p.id, v.at
                from new_horse h, its_person p, its_block b join block_version v on v.yard_id = @pattern and v.block_id = b.id;
            insert into placed_session (yard_id, horse_id, block_id, id, on_day, body, from_version, until_version)
                select @yardId, h.id, h.block_id, s.id, s.on_day, s.body, s.from_version, s.until_version
                from new_horse h, its_block b join placed_session s on s.yard_id = @pattern and s.block_id = b.id;
            create temp table new_plan as select id as horse_id, gen_random_uuid() as id, current_date + d as on_day from new_horse,
                generate_series(0, 3) d;
            insert into session (yard_id, horse_id, id, on_day, emphasis, manner, helper) select @yardId, horse_id, id, on_day,
                'Straightness', 'Ridden', false from new_plan;
            insert into session_part (yard_id, horse_id, session_id, place, phase, what, gait, rein, minutes)
                select @yardId, horse_id, id, p, 'Work', 'Trot', 'Trot', 'Both', 10 from new_plan, generate_series(0, 3) p;
            drop table new_horse, its_block, its_person, new_plan;
            """,
            new
            {
                yardId,
                horses,
                pattern = _pattern,
            }
        );

    /// <summary>
    /// A ride every day of these years for each of the yard's horses that were added here; of three rides one
    /// is effortless.
    /// </summary>
    public Task AddYearsAsync(Guid yardId, int after, int upTo) =>
        WithoutChecksAsync(
            """
            create temp table new_ride as
                select h.id as horse_id, gen_random_uuid() as id, gen_random_uuid() as session_id, current_date - d as on_day,
                    p.id as rider_id
                from horse h, (select id from person where yard_id = @yardId order by role desc, id limit 1) p,
                    generate_series(@fromDay, @toDay) d
                where h.yard_id = @yardId and h.name like 'Horse %' and not exists (
                    select from ride r where r.yard_id = @yardId and r.horse_id = h.id and r.on_day = current_date - d);
            insert into session (yard_id, horse_id, id, on_day, emphasis, manner, helper)
                select @yardId, horse_id, session_id, on_day, 'Straightness', 'Ridden', false from new_ride;
            insert into session_part (yard_id, horse_id, session_id, place, phase, what, gait, rein, minutes)
                select @yardId, horse_id, session_id, p, 'Work', 'Trot', 'Trot', 'Both', 10 from new_ride, generate_series(0, 3) p;
            insert into ride (yard_id, horse_id, id, session_id, on_day, rider_id) select @yardId, horse_id, id, session_id, on_day,
                rider_id from new_ride;
            insert into ride_event (yard_id, ride_id, id, at, body, sent_by)
                select @yardId, r.id, e.id, r.on_day, jsonb_build_object('v', 1, 'id', e.id, 'at', to_char(r.on_day,
                    'YYYY-MM-DD') || 'T09:00:00Z') || case e.n
                    when 1 then jsonb_build_object('kind', 'marked', 'rein', 'both', 'about', '', 'mark',
                        6 + (get_byte(uuid_send(r.id), 0) % 3) / 2.0)
                    when 2 then jsonb_build_object('kind', 'tensionSeen', 'tension', 1)
                    when 3 then jsonb_build_object('kind', 'closingTest', 'passed', true)
                    else jsonb_build_object('kind', 'ridden', 'gait', 'trot', 'rein', 'left', 'minutes', 3) end, r.rider_id
                from new_ride r, lateral (select gen_random_uuid() as id, n from generate_series(1, 12) n where r.id is not null) e;
            -- As the program keeps them: nine times three minutes of trot, and the mark.
            insert into ride_totals (yard_id, ride_id, body)
                select @yardId, id, jsonb_build_object('v', 1, 'byGait', jsonb_build_array(jsonb_build_object('gait', 'trot', 'left',
                    27, 'right', 0)),
                    'transitions', 0, 'passes', jsonb_build_object('left', no_pass, 'right', no_pass), 'efforts',
                        jsonb_build_object('left', no_jump, 'right', no_jump),
                    'marks', jsonb_build_object('left', mark, 'right', mark), 'signs', '[]'::jsonb, 'exertion', null, 'notes', '[]'::jsonb)
                from new_ride, lateral (select 6 + (get_byte(uuid_send(id), 0) % 3) / 2.0 as mark,
                    '{"clean": 0, "touched": 0, "rushed": 0, "crossed": 0}'::jsonb as no_pass, '{"clear": 0, "rub": 0, "knock": 0,
                        "runOut": 0, "stop": 0}'::jsonb as no_jump) m;
            drop table new_ride;
            """,
            new
            {
                yardId,
                fromDay = 1 + (after * DaysAYear),
                toDay = upTo * DaysAYear,
            }
        );

    /// <summary>Every row of a yard once more for each of these; ids are a yard's own and may stay.</summary>
    private async Task CopyAsync(Guid from, IReadOnlyList<Guid> into)
    {
        var numbers = Enumerable.Range(_copies, into.Count).ToArray();
        _copies += into.Count;
        await WithoutChecksAsync(
            "create temp table new_yard as select * from unnest(@into, @numbers) as y (id, n)",
            new { into = into.ToArray(), numbers }
        );
        // Calendars, sign-ins and what is under way belong to people and not to a pattern.
        var tables = (
            await owner.QueryAsync<string>(
                """
                select table_name from information_schema.columns where table_schema = 'public' and column_name = 'yard_id'
                    and table_name not in ('calendar_subscription', 'signed_in', 'creation', 'job', 'job_order')
                """
            )
        ).ToList();
        await CopyRowsAsync("yard", "id", from);
        foreach (var table in tables)
        {
            await CopyRowsAsync(table, "yard_id", from);
        }

        await owner.ExecuteAsync("drop table new_yard");
    }

    private async Task CopyRowsAsync(string table, string yardColumn, Guid from)
    {
        var columns = (
            await owner.QueryAsync<string>(
                """
                select column_name from information_schema.columns
                where table_schema = 'public' and table_name = @table and column_name <> @yardColumn and is_generated = 'NEVER'
                """,
                new { table, yardColumn }
            )
        ).ToList();
        var values = columns.Select(c => (table, c) == ("person", "email") ? "y.n || '-' || t.email" : $"t.{c}");
        await WithoutChecksAsync(
            $"""
            insert into {table} ({yardColumn}, {string.Join(", ", columns)}) overriding system value
            select y.id, {string.Join(", ", values)} from {table} t, new_yard y where t.{yardColumn} = @from
            """,
            new { from }
        );
    }

    private async Task WithoutChecksAsync(string sql, object values)
    {
        await owner.ExecuteAsync("set session_replication_role = replica");
        await owner.ExecuteAsync(sql, values, commandTimeout: 1800);
        await owner.ExecuteAsync("set session_replication_role = origin");
    }
}
