-- Two rations of one day stand in the order they were written.
alter table ration add column entered_at timestamptz not null default clock_timestamp();
