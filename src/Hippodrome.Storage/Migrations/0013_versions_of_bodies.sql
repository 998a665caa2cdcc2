-- Every JSON body that is kept bears the version of its shape, so that it can be read when the shape has changed.
-- Forced row security hides every row from whoever owns the tables and is no superuser; the force is lifted for
-- as long as it takes.

do $$
declare
    kept record;
begin
    for kept in select * from (values
        ('set_up', 'entry'), ('set_up_version', 'entry'), ('ride_event', 'body'), ('own_exercise', 'entry'), ('block', 'entry'),
        ('block_version', 'entry'), ('block_version', 'plan'), ('placed_session', 'body'), ('roster', 'entry')) as k (of_table, of_column)
    loop
        execute format('alter table %I no force row level security', kept.of_table);
        execute format('update %1$I set %2$I = %2$I || ''{"v": 1}'' where not %2$I ? ''v''', kept.of_table, kept.of_column);
        execute format('alter table %I add check (coalesce((%I ->> ''v'')::int, 0) >= 1)', kept.of_table, kept.of_column);
        execute format('alter table %I force row level security', kept.of_table);
    end loop;
end
$$;

-- A list has no room for a version: it becomes a body like the others.
alter table session no force row level security;
alter table session alter column kept_faults set default '{"v": 1, "faults": []}';
update session set kept_faults = jsonb_build_object('v', 1, 'faults', kept_faults) where jsonb_typeof(kept_faults) = 'array';
alter table session add check (coalesce((kept_faults ->> 'v')::int, 0) >= 1);
alter table session force row level security;
