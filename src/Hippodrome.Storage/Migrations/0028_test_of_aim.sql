-- The dressage test that is ridden at a competition: one of the yard's own or one that ships, so that nothing is referred to.
alter table aim add column test_id uuid;
