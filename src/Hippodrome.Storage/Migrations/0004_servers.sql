-- What several servers share. These rows belong to the installation and to no yard.

create table cookie_key (
    id text primary key,
    xml text not null,
    created_at timestamptz not null default now()
);

create table sign_in_try (
    id uuid not null,
    -- A hash of the e-mail or of the address, so that neither stands here in the clear.
    who bytea not null,
    at timestamptz not null default now()
);

create index sign_in_try_who on sign_in_try (who, at);
create index sign_in_try_at on sign_in_try (at);

create table installation (
    only_one boolean primary key default true check (only_one),
    first_yard_at timestamptz not null default now()
);

grant select, insert on cookie_key, installation to hippodrome_app;
grant select, insert, delete on sign_in_try to hippodrome_app;
