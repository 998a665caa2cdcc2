-- Blocks of weeks with every version of their plans, what a return asks and answers, who is there when, and calendars
-- that are subscribed to.

create table block (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    entry jsonb not null,
    ended_on date,
    created_at timestamptz not null default now(),
    primary key (yard_id, id),
    unique (yard_id, horse_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id)
);

-- A horse has one block under way.
create unique index block_under_way on block (yard_id, horse_id) where ended_on is null;

-- Appended, never edited: nothing of the past is rewritten.
create table block_version (
    yard_id uuid not null,
    block_id uuid not null,
    number int not null check (number > 0),
    entry jsonb not null,
    plan jsonb not null,
    because text not null check (length(because) between 1 and 400),
    by_person uuid not null,
    at timestamptz not null,
    primary key (yard_id, block_id, number),
    foreign key (yard_id, block_id) references block (yard_id, id),
    foreign key (yard_id, by_person) references person (yard_id, id)
);

-- The sessions of the latest version, by day, for the screens that look at one day of many horses.
create table placed_session (
    yard_id uuid not null,
    horse_id uuid not null,
    block_id uuid not null,
    id uuid not null,
    on_day date not null,
    body jsonb not null,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id, block_id) references block (yard_id, horse_id, id)
);

create index placed_session_horse_day on placed_session (yard_id, horse_id, on_day);
create index placed_session_block on placed_session (yard_id, block_id);

-- Also only appended: the latest answer to a gate of a week counts, all are kept.
create table gate_answer (
    yard_id uuid not null,
    block_id uuid not null,
    id uuid not null,
    monday date not null check (extract(isodow from monday) = 1),
    gate text not null check (gate in ('Feet', 'Saddle', 'LegsCool', 'ClosingTest', 'Easy')),
    passed boolean not null,
    word text not null default '',
    by_person uuid not null,
    at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, block_id) references block (yard_id, id),
    foreign key (yard_id, by_person) references person (yard_id, id)
);

create index gate_answer_block on gate_answer (yard_id, block_id, at);

create table stage_clearance (
    yard_id uuid not null,
    block_id uuid not null,
    stage int not null check (stage > 0),
    on_day date not null,
    cleared_by text not null check (length(cleared_by) between 1 and 80),
    entered_by uuid not null,
    at timestamptz not null default now(),
    primary key (yard_id, block_id, stage),
    foreign key (yard_id, block_id) references block (yard_id, id),
    foreign key (yard_id, entered_by) references person (yard_id, id)
);

create table roster (
    yard_id uuid primary key references yard (id),
    entry jsonb not null,
    version int not null default 1
);

-- A calendar someone subscribes to from outside: who knows the address reads it, so only a hash of it is kept.
create table calendar_subscription (
    yard_id uuid not null,
    id uuid not null,
    person_id uuid not null,
    name text not null check (length(name) between 1 and 80),
    token_hash bytea not null unique,
    created_at timestamptz not null default now(),
    revoked_at timestamptz,
    primary key (yard_id, id),
    foreign key (yard_id, person_id) references person (yard_id, id)
);

do $$
declare
    yard_table text;
begin
    foreach yard_table in array array['block', 'block_version', 'placed_session', 'gate_answer', 'stage_clearance', 'roster', 'calendar_subscription']
    loop
        execute format('alter table %I enable row level security', yard_table);
        execute format('alter table %I force row level security', yard_table);
        execute format('create policy own_yard on %I using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()))', yard_table);
    end loop;
end
$$;

-- Whoever comes with an address has no yard yet: the one subscription with this hash may be read, and no other.
create policy by_address on calendar_subscription for select
    using (token_hash = decode(nullif(current_setting('hippodrome.calendar', true), ''), 'hex'));

grant select, insert on block_version, gate_answer, stage_clearance to hippodrome_app;
grant select, insert, update on block, roster to hippodrome_app;
grant select, insert, delete on placed_session to hippodrome_app;
grant select, insert on calendar_subscription to hippodrome_app;
grant update (revoked_at) on calendar_subscription to hippodrome_app;
