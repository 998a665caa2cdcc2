-- What a trainer answered stays as it was shown, whatever the rules say later: evidence, read by people only. Answers from
-- before keep none.
alter table verdict_answer add column said jsonb;
