-- A rehearsal says so itself: one on the wall's clock was taken for a test. It can be thrown away whole, with all that hangs
-- on it.
alter table brake_test
    add column rehearsal boolean not null default false,
    add column thrown_away_at timestamptz,
    add column thrown_away_by text;
update brake_test set rehearsal = true where id in (select id from run where rate > 1);

alter table series
    drop constraint series_test_id_fkey,
    add constraint series_test_id_fkey foreign key (test_id) references brake_test on delete cascade;
alter table stop
    drop constraint stop_series_id_fkey,
    add constraint stop_series_id_fkey foreign key (series_id) references series on delete cascade;
alter table measurement
    drop constraint measurement_stop_id_fkey,
    add constraint measurement_stop_id_fkey foreign key (stop_id) references stop on delete cascade;
alter table strike_out
    drop constraint strike_out_stop_id_fkey,
    add constraint strike_out_stop_id_fkey foreign key (stop_id) references stop on delete cascade;
alter table kept_verdict
    drop constraint kept_verdict_test_id_fkey,
    add constraint kept_verdict_test_id_fkey foreign key (test_id) references brake_test on delete cascade;
alter table test_plan
    drop constraint test_plan_id_fkey,
    add constraint test_plan_id_fkey foreign key (id) references brake_test on delete cascade;
alter table staged_import
    drop constraint staged_import_saved_test_id_fkey,
    add constraint staged_import_saved_test_id_fkey foreign key (saved_test_id) references brake_test on delete set null;
alter table run
    drop constraint run_id_fkey,
    add constraint run_id_fkey foreign key (id) references brake_test on delete cascade;
alter table run_event
    drop constraint run_event_run_id_fkey,
    add constraint run_event_run_id_fkey foreign key (run_id) references run on delete cascade;
alter table run_device
    drop constraint run_device_run_id_fkey,
    add constraint run_device_run_id_fkey foreign key (run_id) references run on delete cascade;
alter table recording_channel
    drop constraint recording_channel_recording_id_fkey,
    add constraint recording_channel_recording_id_fkey foreign key (recording_id) references recording on delete cascade;
alter table sample_block
    drop constraint sample_block_recording_id_fkey,
    add constraint sample_block_recording_id_fkey foreign key (recording_id) references recording on delete cascade;
alter table live_batch
    drop constraint live_batch_recording_id_fkey,
    add constraint live_batch_recording_id_fkey foreign key (recording_id) references recording on delete cascade;

-- What is done with a configuration beside stops: guessed before, told after.
create table trial (
    id uuid primary key,
    test_id uuid not null references brake_test on delete cascade,
    configuration_id uuid not null references configuration,
    kind text not null,
    guess text not null,
    guessed_by text not null,
    result jsonb,
    told_by text,
    told_at timestamptz,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    changed_by text,
    version integer not null
);
create index trial_test on trial (test_id, created_at);

-- Pictures are of a test: of one of its stops, or of one of its trials.
alter table photo rename column run_id to test_id;
alter table photo rename column stop_id to subject_id;
alter index photo_run rename to photo_test;
alter table photo
    drop constraint photo_run_id_fkey,
    add constraint photo_test_id_fkey foreign key (test_id) references brake_test on delete cascade;
