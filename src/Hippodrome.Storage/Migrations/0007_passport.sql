-- The assessment ride, care, tack, approach, adjustability, and a trainer's own part of the library.

create table assessment (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    started_on date not null,
    weeks_off int not null check (weeks_off between 0 and 520),
    reported text not null default '',
    begun_by uuid not null,
    finished_on date,
    made_at timestamptz not null default now(),
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, begun_by) references person (yard_id, id),
    check (finished_on is null or finished_on >= started_on)
);

create index assessment_horse on assessment (yard_id, horse_id, started_on);

-- One row a line and side of the sheet; a later tap takes the place of an earlier one.
create table assessment_answer (
    yard_id uuid not null,
    assessment_id uuid not null,
    item text not null,
    rein text not null check (rein in ('Left', 'Right', 'Both')),
    mark double precision check (mark between 0 and 10),
    felt text[] not null,
    tension int check (tension between 0 and 4),
    minute int check (minute between 0 and 180),
    passed boolean,
    on_day date not null,
    tapped_by uuid not null,
    primary key (yard_id, assessment_id, item, rein),
    foreign key (yard_id, assessment_id) references assessment (yard_id, id),
    foreign key (yard_id, tapped_by) references person (yard_id, id)
);

create table care_visit (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    kind text not null check (kind in ('Feet', 'Saddle', 'Teeth', 'Therapist')),
    on_day date not null,
    by_whom text not null default '',
    found text not null default '',
    again_in_weeks int check (again_in_weeks between 1 and 104),
    entered_by uuid not null,
    removed_at timestamptz,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, entered_by) references person (yard_id, id)
);

create index care_visit_horse on care_visit (yard_id, horse_id, kind, on_day desc);

create table body_measure (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    on_day date not null,
    girth_cm double precision check (girth_cm between 60 and 260),
    length_cm double precision check (length_cm between 50 and 240),
    condition double precision check (condition between 1 and 9),
    entered_by uuid not null,
    removed_at timestamptz,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, entered_by) references person (yard_id, id),
    check ((girth_cm is null) = (length_cm is null)),
    check (girth_cm is not null or condition is not null)
);

create index body_measure_horse on body_measure (yard_id, horse_id, on_day);

create table tack (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    kind text not null check (kind in ('Bit', 'Bitless', 'Noseband', 'ReinAid', 'Saddle', 'Boots')),
    name text not null check (length(name) between 1 and 80),
    -- None named is all.
    for_strands text[] not null,
    fences_from_m double precision check (fences_from_m between 0.1 and 1.8),
    notes text not null default '',
    version int not null default 1,
    removed_at timestamptz,
    made_at timestamptz not null default now(),
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id)
);

create index tack_horse on tack (yard_id, horse_id);

create table accordion (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    on_day date not null,
    gap_m double precision not null check (gap_m between 6 and 40),
    fewest int not null check (fewest between 1 and 20),
    most int not null check (most between 1 and 20),
    entered_by uuid not null,
    removed_at timestamptz,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, entered_by) references person (yard_id, id),
    check (most >= fewest)
);

create index accordion_horse on accordion (yard_id, horse_id, on_day);

-- Choices of the yard (no horse) and of a horse: appended, the latest of a question counts; null goes back to the default above.
create table approach_choice (
    yard_id uuid not null,
    n bigint generated always as identity,
    horse_id uuid,
    question text not null,
    choice text,
    word text not null default '',
    by_person uuid not null,
    made_at timestamptz not null default now(),
    primary key (yard_id, n),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, by_person) references person (yard_id, id)
);

create index approach_choice_horse on approach_choice (yard_id, horse_id, n);

alter table horse add column temperament text check (temperament in ('Calm', 'Bold', 'Hot', 'Clever', 'Worried'));

-- The library of the yard, beside the catalogue that comes with the program.
create table own_exercise (
    yard_id uuid not null references yard (id),
    id uuid not null,
    rung_id text not null,
    entry jsonb not null,
    version int not null default 1,
    removed_at timestamptz,
    made_by uuid not null,
    made_at timestamptz not null default now(),
    primary key (yard_id, id),
    foreign key (yard_id, made_by) references person (yard_id, id)
);

create index own_exercise_rung on own_exercise (yard_id, rung_id);

create table hidden_exercise (
    yard_id uuid not null references yard (id),
    exercise_id text not null check (length(exercise_id) between 3 and 160),
    primary key (yard_id, exercise_id)
);

create table rung_note (
    yard_id uuid not null references yard (id),
    rung_id text not null,
    note text not null check (length(note) <= 2000),
    version int not null default 1,
    by_person uuid not null,
    primary key (yard_id, rung_id),
    foreign key (yard_id, by_person) references person (yard_id, id)
);

alter table session
    add column place text not null default '' check (length(place) <= 80),
    add column tack_ids uuid[] not null default '{}';

alter table rung_move drop constraint rung_move_kind_check;
alter table rung_move add constraint rung_move_kind_check check (kind in ('Climbed', 'WentBack', 'AfterLameness', 'ByHand', 'Assessed'));

do $$
declare
    yard_table text;
begin
    foreach yard_table in array array[
        'assessment', 'assessment_answer', 'care_visit', 'body_measure', 'tack', 'accordion', 'approach_choice',
        'own_exercise', 'hidden_exercise', 'rung_note']
    loop
        execute format('alter table %I enable row level security', yard_table);
        execute format('alter table %I force row level security', yard_table);
        execute format('create policy own_yard on %I using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()))', yard_table);
    end loop;
end
$$;

grant select, insert on assessment, care_visit, body_measure, accordion, approach_choice to hippodrome_app;
grant update (finished_on) on assessment to hippodrome_app;
grant select, insert, update on assessment_answer, tack, own_exercise, rung_note to hippodrome_app;
grant select, insert, delete on hidden_exercise to hippodrome_app;
-- What was written down stays as it was; it can be taken off, and put back.
grant update (removed_at) on care_visit, body_measure, accordion to hippodrome_app;
