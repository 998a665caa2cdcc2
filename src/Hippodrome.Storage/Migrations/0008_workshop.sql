-- Earlier versions of a set-up, what stands in the arena tonight, and the kit a yard owns.

create table set_up_version (
    yard_id uuid not null,
    set_up_id uuid not null,
    version int not null,
    name text not null check (length(name) between 1 and 120),
    entry jsonb not null,
    kept_at timestamptz not null default now(),
    primary key (yard_id, set_up_id, version),
    foreign key (yard_id, set_up_id) references set_up (yard_id, id)
);

insert into set_up_version (yard_id, set_up_id, version, name, entry, kept_at)
select yard_id, id, version, name, entry, created_at from set_up;

create table tonights_arena (
    yard_id uuid not null,
    set_up_id uuid not null,
    primary key (yard_id, set_up_id),
    foreign key (yard_id, set_up_id) references set_up (yard_id, id)
);

create table kit (
    yard_id uuid not null references yard (id),
    kind text not null check (kind in ('Pole', 'Wing', 'Cup', 'Block', 'Filler')),
    -- Of a pole; nothing for the rest.
    length_m double precision not null check (case when kind = 'Pole' then length_m between 0.5 and 6 else length_m = 0 end),
    count int not null check (count between 1 and 500),
    primary key (yard_id, kind, length_m)
);

do $$
declare
    yard_table text;
begin
    foreach yard_table in array array['set_up_version', 'tonights_arena', 'kit']
    loop
        execute format('alter table %I enable row level security', yard_table);
        execute format('alter table %I force row level security', yard_table);
        execute format('create policy own_yard on %I using (yard_id = (select current_yard())) with check (yard_id = (select current_yard()))', yard_table);
    end loop;
end
$$;

grant select, insert on set_up_version to hippodrome_app;
grant select, insert, delete on tonights_arena, kit to hippodrome_app;
