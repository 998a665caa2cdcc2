-- A horse is shown to somebody: open until a word says what came of it. Accepting a verdict twice opens one.
create table referral (
    yard_id uuid not null,
    horse_id uuid not null,
    id uuid not null,
    to_whom text not null,
    because text not null check (length(because) between 1 and 160),
    waits text not null,
    on_day date not null,
    ride_id uuid,
    rule text,
    opened_by uuid not null,
    answered_on date,
    answer text check (length(answer) between 1 and 500),
    answered_by uuid,
    primary key (yard_id, id),
    foreign key (yard_id, horse_id) references horse (yard_id, id),
    foreign key (yard_id, ride_id) references ride (yard_id, id),
    foreign key (yard_id, opened_by) references person (yard_id, id),
    foreign key (yard_id, answered_by) references person (yard_id, id),
    check ((ride_id is null) = (rule is null)),
    check ((answered_on is null) = (answer is null) and (answer is null) = (answered_by is null)),
    unique (yard_id, ride_id, rule)
);

create index referral_horse on referral (yard_id, horse_id, on_day);

alter table referral enable row level security;
alter table referral force row level security;
create policy own_yard on referral using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()));
grant select, insert on referral to hippodrome_app;
grant update (answered_on, answer, answered_by) on referral to hippodrome_app;

-- The work that waits for it is a restriction like any other, which ends with it.
alter table restriction add column referral_id uuid;
alter table restriction add foreign key (yard_id, referral_id) references referral (yard_id, id);
