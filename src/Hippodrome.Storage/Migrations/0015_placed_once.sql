-- A placed session is kept once, with the versions of the plan that have it; before, each version's plan held all of
-- its sessions, and the latest ones stood here besides. Nothing of a plan is lost: its sessions are the rows of its version.
-- Forced row security hides every row from an owner who is no superuser; it is lifted for as long as it takes.

alter table block no force row level security;
alter table block_version no force row level security;
alter table placed_session no force row level security;

delete from placed_session;
alter table placed_session add column from_version int not null check (from_version > 0);
alter table placed_session add column until_version int check (until_version > from_version);
alter table placed_session drop constraint placed_session_pkey;
alter table placed_session add primary key (yard_id, block_id, id, from_version);

insert into placed_session (yard_id, horse_id, block_id, id, on_day, body, from_version, until_version)
    select v.yard_id, b.horse_id, v.block_id, (s ->> 'id')::uuid, (s ->> 'on')::date, s || jsonb_build_object('v', v.plan -> 'v'), v.number,
        (select min(n.number) from block_version n where n.yard_id = v.yard_id and n.block_id = v.block_id and n.number > v.number)
    from block_version v join block b on b.yard_id = v.yard_id and b.id = v.block_id,
        jsonb_array_elements(v.plan -> 'weeks') w, jsonb_array_elements(w -> 'sessions') s;

update block_version v set plan = jsonb_set(plan - 'sessions', '{weeks}', (
    select coalesce(jsonb_agg(w || '{"sessions": []}' order by nth), '[]')
    from jsonb_array_elements(plan -> 'weeks') with ordinality as x (w, nth)));

drop index placed_session_horse_day;
drop index placed_session_block;
create index placed_session_now on placed_session (yard_id, horse_id, on_day) where until_version is null;

alter table block force row level security;
alter table block_version force row level security;
alter table placed_session force row level security;

-- What a version had stays as it was; all that can happen to a row is that a later version has it no more.
revoke delete on placed_session from hippodrome_app;
grant update (until_version) on placed_session to hippodrome_app;
