-- Sessions of the yard's own, kept by a name and started from again.

create table own_session (
    yard_id uuid not null references yard (id),
    id uuid not null,
    entry jsonb not null,
    removed_at timestamptz,
    made_by uuid not null,
    made_at timestamptz not null default now(),
    primary key (yard_id, id),
    foreign key (yard_id, made_by) references person (yard_id, id)
);

alter table own_session enable row level security;
alter table own_session force row level security;
create policy own_yard on own_session using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()));
grant select, insert, update on own_session to hippodrome_app;
