-- Long work waits its turn here. Whoever takes it on does not know yet whose it is, so a job stands outside row
-- security, and says no more than which yard's it is and how far: what was ordered and what came of it lie in the yard.

create table job (
    id uuid primary key,
    yard_id uuid not null references yard (id),
    state text not null default 'Waiting' check (state in ('Waiting', 'Working', 'Ended')),
    done int not null default 0,
    of_all int not null default 0,
    tries int not null default 0,
    ordered_at timestamptz not null default clock_timestamp(),
    asked_at timestamptz not null default clock_timestamp(),
    beat_at timestamptz
);

create index job_not_ended on job (ordered_at) where state <> 'Ended';

create table job_order (
    yard_id uuid not null references yard (id),
    id uuid not null,
    person_id uuid not null,
    kind text not null check (length(kind) between 1 and 40),
    horse_id uuid,
    block_id uuid,
    entry jsonb check (entry is null or coalesce((entry ->> 'v')::int, 0) >= 1),
    monday date,
    status int,
    answer text,
    primary key (yard_id, id),
    foreign key (yard_id, person_id) references person (yard_id, id)
);

create index job_order_person on job_order (yard_id, person_id);

alter table job_order enable row level security;
alter table job_order force row level security;
create policy own_yard on job_order using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()));

grant select, insert, update, delete on job to hippodrome_app;
grant select, insert, delete on job_order to hippodrome_app;
grant update (status, answer) on job_order to hippodrome_app;
