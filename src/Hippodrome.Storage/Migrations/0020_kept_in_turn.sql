-- Keeping a plan is long work too, since it is planned once more: what is to be kept waits with the order, and the id it is
-- made under, so that a plan ordered twice is kept once.

alter table job_order
    add column keeping jsonb check (keeping is null or coalesce((keeping ->> 'v')::int, 0) >= 1),
    add column creation uuid,
    add column content bytea,
    add check ((creation is null) = (content is null));
