-- A picture of a stop, made anew from what was sent: nothing of the sent file is kept.
create table photo (
    id uuid primary key,
    run_id uuid not null references run,
    -- The stop as the run knows it; it becomes a stop of the test only when it is decided on.
    stop_id uuid not null,
    operator_id uuid not null references operator,
    jpeg bytea not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);
create index photo_run on photo (run_id, created_at);
