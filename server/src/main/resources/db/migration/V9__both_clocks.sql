-- What a sender's own clock said, beside what was taken for the time: clocks are wrong, and what they said is kept.
alter table run_event add column said_at_s double precision;
alter table device_reading add column said_at timestamptz;

-- What the safety gate was signed for, as a digest: another plan, lane, procedure or car is not signed for.
alter table test_plan add column signed_for text;

-- V6 was changed twice after databases had been made with it; whichever of the three a database has, it has all of it now.
alter table stop add column if not exists late_s double precision;
alter table operator drop constraint if exists operator_name_key;
create unique index if not exists operator_name on operator (name) where device_id is null;
