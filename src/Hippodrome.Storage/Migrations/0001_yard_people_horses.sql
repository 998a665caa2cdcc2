-- Every row belongs to a yard. Row-level security is forced, so that a query that forgets its yard
-- sees nothing, and the application's role may do only what is granted here.

create function current_yard() returns uuid
    language sql stable
    return nullif(current_setting('hippodrome.yard', true), '')::uuid;

create table yard (
    id uuid primary key,
    name text not null check (length(name) between 1 and 80),
    time_zone text not null,
    created_at timestamptz not null default now()
);

create table person (
    yard_id uuid not null references yard (id),
    id uuid not null,
    name text not null check (length(name) between 1 and 80),
    email text not null check (length(email) between 3 and 200),
    password_hash text not null,
    role text not null check (role in ('Trainer', 'Rider', 'Observer')),
    is_vet boolean not null default false check (not is_vet or role = 'Observer'),
    unit text not null default 'Metres' check (unit in ('Metres', 'Feet', 'Paces')),
    pace_metres double precision check (pace_metres between 0.4 and 1.3),
    -- Changes with the password, the role or the right to sign in, and ends every session begun before.
    stamp uuid not null,
    version int not null default 1,
    created_at timestamptz not null default now(),
    primary key (yard_id, id)
);

create unique index person_email on person (lower(email));

create table horse (
    yard_id uuid not null references yard (id),
    id uuid not null,
    name text not null check (length(name) between 1 and 60),
    foaled int not null check (foaled between 1950 and 2300),
    height_cm double precision not null check (height_cm between 60 and 215),
    sex text not null check (sex in ('Mare', 'Gelding', 'Stallion')),
    experience text not null check (experience in ('Green', 'Novice', 'Established')),
    notes text not null default '',
    version int not null default 1,
    created_at timestamptz not null default now(),
    primary key (yard_id, id)
);

-- Which horses a rider or an observer has been given.
create table horse_person (
    yard_id uuid not null,
    horse_id uuid not null,
    person_id uuid not null,
    primary key (yard_id, horse_id, person_id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, person_id) references person (yard_id, id)
);

create table stride_measurement (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    variant text not null,
    strip_m double precision not null check (strip_m between 5 and 200),
    strides double precision not null check (strides > 0),
    seconds double precision not null check (seconds > 0),
    on_day date not null,
    removed_at timestamptz,
    created_at timestamptz not null default now(),
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id)
);

create index stride_measurement_horse on stride_measurement (yard_id, horse_id);

create table aim (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    name text not null,
    on_day date not null,
    discipline text not null check (discipline in ('Dressage', 'Jumping', 'Eventing')),
    scheme text not null,
    level text not null,
    height_m double precision check (height_m between 0.3 and 1.8),
    place text not null default '',
    version int not null default 1,
    removed_at timestamptz,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id)
);

create index aim_horse on aim (yard_id, horse_id, on_day);

-- A horse held from ridden work: raised by a sign of pain, ended by a clearance and by nothing else.
create table hold (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    because text not null,
    since date not null,
    cleared_on date,
    cleared_by text,
    cleared_entered_by uuid,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, cleared_entered_by) references person (yard_id, id),
    check ((cleared_on is null) = (cleared_by is null)),
    check (cleared_on is null or cleared_on >= since)
);

create index hold_horse on hold (yard_id, horse_id);
