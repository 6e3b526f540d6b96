-- What is to be let go is marked first.
alter table recording add column samples_due_at timestamptz;
