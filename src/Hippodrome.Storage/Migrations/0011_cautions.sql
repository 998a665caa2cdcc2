-- What closes the ways round the cautions: manner and height of a part, steps back after holds, days off that were told,
-- what a therapist has ruled out, heat by the hour, legs that were looked at, falls.

alter table session drop constraint session_manner_check;
alter table session add constraint session_manner_check check (manner in ('Ridden', 'InHand', 'Lunged', 'LongReined', 'Loose'));
alter table session add column starts_at time;

-- Null is as in the session: how older parts are read.
alter table session_part
    add column manner text check (manner in ('Ridden', 'InHand', 'Lunged', 'LongReined', 'Loose')),
    add column height_m double precision check (height_m between 0.1 and 1.8),
    add column in_stages boolean;

alter table horse
    add column goes_at text,
    add column heat_limit_c double precision check (heat_limit_c between 15 and 40);

alter table hold
    add column walk_in_hand_by text check (length(walk_in_hand_by) between 1 and 80),
    add column no_lungeing boolean not null default false;

alter table care_visit
    add column easy_until date,
    add column ruled_out text[] not null default '{}';

-- Where readings come from: typed by people, or the stand-in that ships with the program, chosen knowingly.
alter table yard
    add column weather_source text not null default 'Typed' check (weather_source in ('Typed', 'StandIn')),
    add column works_from int not null default 7 check (works_from between 0 and 23),
    add column works_to int not null default 18 check (works_to between 0 and 23);

create table weather_reading (
    yard_id uuid not null references yard (id),
    id uuid not null,
    on_day date not null,
    taken_at timestamptz not null,
    temperature_c double precision not null check (temperature_c between -30 and 50),
    humidity_percent double precision not null check (humidity_percent between 0 and 100),
    by_person uuid not null,
    primary key (yard_id, id),
    foreign key (yard_id, by_person) references person (yard_id, id)
);

create index weather_reading_day on weather_reading (yard_id, on_day, taken_at desc);

-- Days off that somebody told. Silence is not time off; no reason is "worked, and nobody wrote it down".
create table time_away (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    from_day date not null,
    until_day date,
    because text check (because in ('Rest', 'Injury', 'Illness')),
    word text not null default '' check (length(word) <= 300),
    told_by uuid not null,
    told_at timestamptz not null default now(),
    removed_at timestamptz,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, told_by) references person (yard_id, id),
    check (until_day is null or until_day > from_day)
);

create index time_away_horse on time_away (yard_id, horse_id, from_day);

-- A trainer ends a ramp after rest with a word.
create table ramp_end (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    on_day date not null,
    word text not null check (length(word) between 1 and 300),
    by_person uuid not null,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, by_person) references person (yard_id, id)
);

create index ramp_end_horse on ramp_end (yard_id, horse_id);

-- Old and known: a vet has seen it, and it does not hold the horse.
create table known_finding (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    what text not null check (length(what) between 1 and 160),
    by_whom text not null check (length(by_whom) between 1 and 80),
    on_day date not null,
    entered_by uuid not null,
    removed_at timestamptz,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, entered_by) references person (yard_id, id)
);

create index known_finding_horse on known_finding (yard_id, horse_id);

-- A leg that touched again and again was looked at: its touches start from zero that day.
create table leg_look (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    on_day date not null,
    word text not null check (length(word) between 1 and 300),
    by_person uuid not null,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, by_person) references person (yard_id, id)
);

create index leg_look_horse on leg_look (yard_id, horse_id, on_day);

-- How both are on the day after a fall.
create table fall_answer (
    yard_id uuid not null,
    ride_id uuid not null,
    horse_fine boolean not null,
    rider_fine boolean not null,
    word text not null default '' check (length(word) <= 300),
    by_person uuid not null,
    on_day date not null,
    primary key (yard_id, ride_id),
    foreign key (yard_id, ride_id) references ride (yard_id, id),
    foreign key (yard_id, by_person) references person (yard_id, id)
);

do $$
declare
    yard_table text;
begin
    foreach yard_table in array array['weather_reading', 'time_away', 'ramp_end', 'known_finding', 'leg_look', 'fall_answer']
    loop
        execute format('alter table %I enable row level security', yard_table);
        execute format('alter table %I force row level security', yard_table);
        execute format('create policy own_yard on %I using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()))', yard_table);
    end loop;
end
$$;

grant select, insert on weather_reading, time_away, ramp_end, known_finding, leg_look, fall_answer to hippodrome_app;
grant update (removed_at) on time_away, known_finding to hippodrome_app;
grant update (weather_source, works_from, works_to) on yard to hippodrome_app;
