-- What each ride adds up to, written in the transaction that appends its events: lists, loads, sides, weeks and
-- tables read it instead of adding up whole logs. The events stay the truth; it can be made again from them.

create table ride_totals (
    yard_id uuid not null,
    ride_id uuid not null,
    body jsonb not null check (coalesce((body ->> 'v')::int, 0) >= 1),
    primary key (yard_id, ride_id),
    foreign key (yard_id, ride_id) references ride (yard_id, id)
);

alter table ride_totals enable row level security;
alter table ride_totals force row level security;
create policy own_yard on ride_totals using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()));

grant select, insert, update on ride_totals to hippodrome_app;
