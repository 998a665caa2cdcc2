-- Sign-ins are kept here and end here: a copied cookie opens nothing once its sign-in has ended. Creations
-- are known by the id their maker gave them, so that one sent again is made once. A measurement counted by a
-- tap knows its ride. And what 0008 should have copied is copied.

create table signed_in (
    yard_id uuid not null,
    id uuid not null,
    person_id uuid not null,
    begun_at timestamptz not null default now(),
    ended_at timestamptz,
    primary key (yard_id, id),
    foreign key (yard_id, person_id) references person (yard_id, id)
);

create index signed_in_person on signed_in (yard_id, person_id) where ended_at is null;

create table creation (
    yard_id uuid not null references yard (id),
    id uuid not null,
    by_person uuid not null,
    -- A hash of where it was sent and what was sent.
    content bytea not null,
    -- What was answered, for as long as somebody may still ask again; nothing where it is made anew each time.
    answer text,
    made_at timestamptz not null default now(),
    primary key (yard_id, id),
    foreign key (yard_id, by_person) references person (yard_id, id)
);

create index creation_made_at on creation (made_at) where answer is not null;

-- Nothing but a tap's own ride takes its measurement back.
alter table stride_measurement add column ride_id uuid;
alter table stride_measurement add foreign key (yard_id, ride_id) references ride (yard_id, id);

-- Forced row security hides every row from whoever owns the tables and is no superuser; what goes over all
-- yards lifts the force for as long as it takes.
alter table stride_measurement no force row level security;
alter table ride no force row level security;
alter table ride_event no force row level security;
alter table set_up no force row level security;
alter table set_up_version no force row level security;

update stride_measurement m set ride_id = e.ride_id
from ride_event e join ride r on r.yard_id = e.yard_id and r.id = e.ride_id
where e.yard_id = m.yard_id and e.id = m.id and e.body ->> 'kind' = 'stridesCounted' and r.horse_id = m.horse_id;

-- 0008 copied no version of a set-up where the owner is no superuser.
insert into set_up_version (yard_id, set_up_id, version, name, entry, kept_at)
select yard_id, id, version, name, entry, created_at from set_up on conflict do nothing;

alter table stride_measurement force row level security;
alter table ride force row level security;
alter table ride_event force row level security;
alter table set_up force row level security;
alter table set_up_version force row level security;

do $$
declare
    yard_table text;
begin
    foreach yard_table in array array['signed_in', 'creation']
    loop
        execute format('alter table %I enable row level security', yard_table);
        execute format('alter table %I force row level security', yard_table);
        execute format('create policy own_yard on %I using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()))', yard_table);
    end loop;
end
$$;

grant select, insert on signed_in, creation to hippodrome_app;
grant update (ended_at) on signed_in to hippodrome_app;
grant update (answer) on creation to hippodrome_app;

-- Sign-ins took over what it was for.
alter table person drop column stamp;
