-- What an aim asks where it differs from its level, how much it matters, the demand that was last when it was last
-- looked at, and how it went; the goal its horse works towards.

alter table aim
    add column importance text not null default 'Main' check (importance in ('Main', 'Step', 'Outing')),
    add column demands jsonb,
    add column last_demand jsonb,
    add column result jsonb;

create table goal (
    yard_id uuid not null,
    horse_id uuid not null,
    name text not null,
    until_day date not null,
    version int not null default 1,
    primary key (yard_id, horse_id),
    foreign key (yard_id, horse_id) references horse (yard_id, id)
);

alter table job_order add column aim_id uuid;

alter table goal enable row level security;
alter table goal force row level security;
create policy own_yard on goal using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()));
grant select, insert, update, delete on goal to hippodrome_app;
