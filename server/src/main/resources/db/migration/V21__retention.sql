-- How long raw samples are kept, and of which recordings they were let go.
alter table recording add column samples_let_go_at timestamptz;

create table retention (
    id uuid primary key,
    months integer,
    chosen_at timestamptz not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    changed_by text,
    version integer not null
);
