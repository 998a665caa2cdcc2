-- A part of a session says how the horse goes in it: outline, seat, the stride aimed at, and the speed of its bouts.

alter table session_part
    add column outline text check (outline in ('Long', 'Level', 'Collected')),
    add column seat text check (seat in ('Light', 'Rising', 'Sitting')),
    add column stride_aim text,
    add column metres_per_minute integer check (metres_per_minute > 0);
