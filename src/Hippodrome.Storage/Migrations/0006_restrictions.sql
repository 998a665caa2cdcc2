-- What a horse may not do for a while, and who cleared it.
create table restriction (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    because text not null check (length(because) between 1 and 160),
    by_whom text not null check (length(by_whom) between 1 and 80),
    since date not null,
    until date,
    no_gaits text[] not null,
    no_strands text[] not null,
    most_height_m double precision check (most_height_m between 0 and 1.8),
    entered_by uuid not null,
    entered_at timestamptz not null default now(),
    cleared_on date,
    cleared_by text,
    cleared_entered_by uuid,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, entered_by) references person (yard_id, id),
    foreign key (yard_id, cleared_entered_by) references person (yard_id, id),
    check (until is null or until >= since),
    check (cardinality(no_gaits) + cardinality(no_strands) > 0 or most_height_m is not null),
    check ((cleared_on is null) = (cleared_by is null)),
    check (cleared_on is null or cleared_on >= since)
);

create index restriction_horse on restriction (yard_id, horse_id);

alter table restriction enable row level security;
alter table restriction force row level security;
create policy own_yard on restriction using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()));
grant select, insert on restriction to hippodrome_app;
-- Only the clearance may be added to it; what was said stays as it was said.
grant update (cleared_on, cleared_by, cleared_entered_by) on restriction to hippodrome_app;
