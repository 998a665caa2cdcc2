create table set_up (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    name text not null check (length(name) between 1 and 120),
    entry jsonb not null,
    version int not null default 1,
    removed_at timestamptz,
    created_at timestamptz not null default now(),
    primary key (yard_id, id),
    -- Lets a session part name only a set-up of its own horse.
    unique (yard_id, horse_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id)
);

create table session (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    on_day date not null,
    emphasis text not null check (length(emphasis) between 1 and 80),
    manner text not null check (manner in ('Ridden', 'InHand', 'Lunged')),
    helper boolean not null,
    notes text not null default '',
    version int not null default 1,
    removed_at timestamptz,
    created_at timestamptz not null default now(),
    primary key (yard_id, id),
    unique (yard_id, horse_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id)
);

create index session_horse_day on session (yard_id, horse_id, on_day);
create index session_day on session (yard_id, on_day);

create table session_part (
    yard_id uuid not null,
    horse_id uuid not null,
    session_id uuid not null,
    place int not null,
    phase text not null check (phase in ('WarmUp', 'Work', 'NewWork', 'CoolDown')),
    what text not null,
    gait text not null,
    rein text not null check (rein in ('Left', 'Right', 'Both')),
    minutes double precision not null check (minutes > 0),
    set_up_id uuid,
    mark_hoped_for double precision check (mark_hoped_for between 0 and 10),
    primary key (yard_id, session_id, place),
    foreign key (yard_id, horse_id, session_id) references session (yard_id, horse_id, id),
    foreign key (yard_id, horse_id, set_up_id) references set_up (yard_id, horse_id, id)
);

create index session_part_set_up on session_part (yard_id, set_up_id);

create table ride (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    session_id uuid,
    on_day date not null,
    rider_id uuid not null,
    created_at timestamptz not null default now(),
    primary key (yard_id, id),
    unique (yard_id, horse_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, horse_id, session_id) references session (yard_id, horse_id, id),
    foreign key (yard_id, rider_id) references person (yard_id, id)
);

create index ride_horse_day on ride (yard_id, horse_id, on_day desc);
create index ride_session on ride (yard_id, session_id);

-- Appended, never edited: the application's role may not update or delete here.
create table ride_event (
    yard_id uuid not null,
    ride_id uuid not null,
    id uuid not null,
    at timestamptz not null,
    body jsonb not null,
    sent_by uuid not null,
    received_at timestamptz not null default now(),
    primary key (yard_id, ride_id, id),
    foreign key (yard_id, ride_id) references ride (yard_id, id),
    foreign key (yard_id, sent_by) references person (yard_id, id)
);

-- What the trainer made of a verdict. Also only appended: the latest answer counts, all are kept.
create table verdict_answer (
    yard_id uuid not null,
    ride_id uuid not null,
    id uuid not null,
    rule text not null,
    accepted boolean not null,
    word text not null default '',
    next_session_id uuid,
    by_person uuid not null,
    at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, ride_id) references ride (yard_id, id),
    foreign key (yard_id, next_session_id) references session (yard_id, id),
    foreign key (yard_id, by_person) references person (yard_id, id)
);

create index verdict_answer_ride on verdict_answer (yard_id, ride_id, at desc);
