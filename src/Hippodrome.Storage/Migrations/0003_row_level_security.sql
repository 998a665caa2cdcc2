-- Yards are kept apart by the database itself. "force" holds the tables' owner to it as well. The yard is
-- asked for in a select of its own, so that it is found once a query and not once a row.

do $$
declare
    yard_table text;
begin
    foreach yard_table in array array[
        'person', 'horse', 'horse_person', 'stride_measurement', 'aim', 'hold',
        'set_up', 'session', 'session_part', 'ride', 'ride_event', 'verdict_answer']
    loop
        execute format('alter table %I enable row level security', yard_table);
        execute format('alter table %I force row level security', yard_table);
        execute format('create policy own_yard on %I using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()))', yard_table);
    end loop;
end
$$;

alter table yard enable row level security;
alter table yard force row level security;
create policy own_yard on yard using (id = (select current_yard())) with check (id = (select current_yard()));

-- Before anyone is signed in there is no yard: the one person with this e-mail may be read, and no other.
create policy signing_in on person for select
    using (lower(email) = lower(nullif(current_setting('hippodrome.signing_in', true), '')));

grant select, insert on yard, ride, ride_event, verdict_answer to hippodrome_app;
grant select, insert, update on person, horse, aim, hold, set_up, session to hippodrome_app;
grant select, insert on stride_measurement to hippodrome_app;
grant update (removed_at) on stride_measurement to hippodrome_app;
grant select, insert, delete on horse_person, session_part to hippodrome_app;
