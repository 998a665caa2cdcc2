-- Falls, and touches told by leg, are few among a yard's taps: without these each page that asks for them reads all of them.
create index ride_event_fell on ride_event (yard_id, ride_id) where body ->> 'kind' = 'fell';
create index ride_event_leg on ride_event (yard_id, ride_id) where body ? 'leg';
