-- A part of a session may open with a test; a rider marked careful is given one more repeat before a harder step.

alter table session_part
    add column opens_with text check (opens_with in ('GivenReinStays', 'PromptDeparts', 'VoiceAnswered', 'LevelOnTheLunge'));

alter table person add column careful boolean not null default false;
