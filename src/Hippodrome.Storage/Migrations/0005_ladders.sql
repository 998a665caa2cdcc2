-- Where a horse stands on each ladder, as moves: appended, the latest of a strand counts.
create table rung_move (
    yard_id uuid not null,
    horse_id uuid not null,
    n bigint generated always as identity,
    strand text not null,
    -- Null is off the ladder.
    rung_id text,
    kind text not null check (kind in ('Climbed', 'WentBack', 'AfterLameness', 'ByHand')),
    word text not null check (length(word) between 1 and 300),
    on_day date not null,
    by_person uuid not null,
    made_at timestamptz not null default now(),
    primary key (yard_id, n),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, by_person) references person (yard_id, id)
);

create index rung_move_horse on rung_move (yard_id, horse_id, n);

-- The rung a part of a session works on, so that its rides are evidence for it.
alter table session_part add column rung_id text check (length(rung_id) between 3 and 80);

create index session_part_rung on session_part (yard_id, horse_id, rung_id) where rung_id is not null;

alter table rung_move enable row level security;
alter table rung_move force row level security;
create policy own_yard on rung_move using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()));
grant select, insert on rung_move to hippodrome_app;
