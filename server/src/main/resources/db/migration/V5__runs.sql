-- Who holds a device, as rows: every judgement, overrule and release carries one.
create table operator (
    id uuid primary key,
    name text not null unique,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);

-- A run of a test; it has the test's id. What it is to do is fixed when it begins.
create table run (
    id uuid primary key references brake_test,
    script text not null,
    plan text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);

-- Everything that happened in it, in order. A run is rebuilt from these.
create table run_event (
    id uuid primary key,
    run_id uuid not null references run,
    seq integer not null,
    at_s double precision not null,
    operator_id uuid not null references operator,
    happening text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null,
    unique (run_id, seq)
);
