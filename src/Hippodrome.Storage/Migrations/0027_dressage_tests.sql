-- Dressage tests of the yard's own, tests as they were ridden and marked, and the pieces of a test that a session works on.
-- A test is either one of these or one that ships with the program, so that nothing refers to this table alone.

create table dressage_test (
    yard_id uuid not null references yard (id),
    id uuid not null,
    entry jsonb not null,
    version int not null default 1,
    removed_at timestamptz,
    made_by uuid not null,
    made_at timestamptz not null default now(),
    primary key (yard_id, id),
    foreign key (yard_id, made_by) references person (yard_id, id)
);

create table test_ridden (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    test_id uuid not null,
    session_id uuid,
    on_day date not null,
    away boolean not null,
    marks jsonb not null,
    version int not null default 1,
    removed_at timestamptz,
    made_at timestamptz not null default now(),
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id)
);

create index test_ridden_of_horse on test_ridden (yard_id, horse_id, test_id, on_day);

alter table session_part
    add column test_id uuid,
    add column test_pieces int[];

alter table dressage_test enable row level security;
alter table dressage_test force row level security;
create policy own_yard on dressage_test using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()));
grant select, insert, update on dressage_test to hippodrome_app;

alter table test_ridden enable row level security;
alter table test_ridden force row level security;
create policy own_yard on test_ridden using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()));
grant select, insert, update on test_ridden to hippodrome_app;
