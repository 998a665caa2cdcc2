-- Doses of a part, soft faults that were kept with a word, counted lines on the stride card, pictures of a ride.

alter table session_part
    add column exercise_id text,
    add column times int check (times between 1 and 200),
    add column efforts int check (efforts between 1 and 100),
    add column transitions int check (transitions between 1 and 200),
    add column transitions_with text,
    add column bout_seconds int check (bout_seconds between 5 and 1800),
    add column rest_seconds int check (rest_seconds between 5 and 1800);

alter table session add column kept_faults jsonb not null default '[]';

-- A counted line has a stride and no time.
alter table stride_measurement alter column seconds drop not null;
-- Lines are shorter than strips.
alter table stride_measurement drop constraint stride_measurement_strip_m_check;
alter table stride_measurement add constraint stride_measurement_strip_m_check check (strip_m between 2 and 200);

create table ride_photo (
    yard_id uuid not null,
    ride_id uuid not null,
    id uuid not null,
    jpeg bytea not null check (length(jpeg) between 100 and 900000),
    sent_by uuid not null,
    received_at timestamptz not null default now(),
    primary key (yard_id, ride_id, id),
    foreign key (yard_id, ride_id) references ride (yard_id, id),
    foreign key (yard_id, sent_by) references person (yard_id, id)
);

alter table ride_photo enable row level security;
alter table ride_photo force row level security;
create policy own_yard on ride_photo using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()));

grant select, insert on ride_photo to hippodrome_app;
