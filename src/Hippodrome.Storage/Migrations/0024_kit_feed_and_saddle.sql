-- Kit by material, with flat cups and water trays; what a horse has met; what was done to a saddle; what a horse is fed;
-- the gates of a return that ask for skin and feed; problems that are reported before an assessment.

alter table kit drop constraint kit_kind_check;
alter table kit add constraint kit_kind_check check (kind in ('Pole', 'Wing', 'Cup', 'Block', 'Filler', 'FlatCup', 'WaterTray'));
alter table kit add column material text not null default 'Wood' check (material in ('Wood', 'Plastic', 'Pipes', 'Noisy'));
alter table kit drop constraint kit_pkey;
alter table kit add primary key (yard_id, kind, length_m, material);

alter table horse add column met text[] not null default '{}';

-- What a horse had met nobody has said: by how far it has come.
alter table horse no force row level security;
update horse set met = case experience
    when 'Green' then array['Wood']
    when 'Novice' then array['Wood', 'EmptyWings', 'Filler']
    else array['Wood', 'Plastic', 'Pipes', 'Noisy', 'EmptyWings', 'Filler', 'WaterTray'] end;
alter table horse force row level security;

alter table care_visit add column saddle text[] not null default '{}';

create table ration (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    on_day date not null,
    forage text not null,
    hard_feed_kg double precision not null check (hard_feed_kg between 0 and 12),
    hard_feed text not null default '',
    because text not null default '',
    by_whom text not null default '',
    advised boolean not null default false,
    entered_by uuid not null,
    removed_at timestamptz,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, entered_by) references person (yard_id, id)
);

create index ration_horse on ration (yard_id, horse_id, on_day desc);

alter table ration enable row level security;
alter table ration force row level security;
create policy own_yard on ration using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()));
grant select, insert on ration to hippodrome_app;
grant update (removed_at) on ration to hippodrome_app;

alter table gate_answer drop constraint gate_answer_gate_check;
alter table gate_answer add constraint gate_answer_gate_check
    check (gate in ('Feet', 'Saddle', 'LegsCool', 'ClosingTest', 'Easy', 'Skin', 'FeedAndDrink'));

-- Problems that others report, each judged by itself from what the ride shows.
alter table assessment add column problems text[] not null default '{}';
