-- What the core keeps of itself is documents, each of which says in which version it was written; what says nothing is of
-- the first. They are brought up when they are read, so nothing of them is changed here.
alter table vehicle alter column spec type jsonb using spec::jsonb;
alter table configuration
    alter column spec drop default,
    alter column fitting drop default,
    alter column spec type jsonb using spec::jsonb,
    alter column fitting type jsonb using fitting::jsonb;
alter table procedure_copy alter column spec type jsonb using spec::jsonb;
alter table lane alter column spec type jsonb using spec::jsonb;
alter table test_plan
    alter column spec type jsonb using spec::jsonb,
    alter column safety type jsonb using safety::jsonb;
alter table recording
    alter column calibration type jsonb using coalesce(nullif(calibration, ''), '{}')::jsonb,
    alter column health type jsonb using coalesce(nullif(health, ''), '[]')::jsonb;
alter table logger_roles alter column roles type jsonb using roles::jsonb;
alter table stop alter column by_hand type jsonb using by_hand::jsonb;
alter table measurement
    alter column figures type jsonb using figures::jsonb,
    alter column calibration type jsonb using calibration::jsonb;
alter table run
    alter column script type jsonb using script::jsonb,
    alter column plan type jsonb using plan::jsonb;
alter table run_event alter column happening type jsonb using happening::jsonb;
alter table ladder alter column spec type jsonb using spec::jsonb;
alter table disc_reading alter column entry type jsonb using entry::jsonb;
alter table air_flow alter column entry type jsonb using entry::jsonb;
