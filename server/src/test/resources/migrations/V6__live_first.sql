-- A recording that a device is still writing: its newest rows stand in live_batch until a block is full.
alter table recording
    add column live boolean not null default false,
    add column device_id uuid references device,
    -- The last batch that is kept, in its blocks or in live_batch.
    add column last_seq bigint not null default 0,
    -- When its first row was, on Frenum's clock as far as it could tell.
    add column started_at timestamptz;

-- Batches as they came, packed; acknowledged once they are here.
create table live_batch (
    recording_id uuid not null references recording,
    seq bigint not null,
    first_row integer not null,
    row_count integer not null,
    packed bytea not null,
    primary key (recording_id, seq)
);
alter table live_batch alter column packed set storage external;

-- A rehearsal's clock runs faster than the wall's.
alter table run
    add column rate double precision not null default 1,
    add column began_at timestamptz not null default now();

-- Which devices a run listens to; a device serves one run at a time.
create table run_device (
    device_id uuid primary key references device,
    run_id uuid not null references run,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);

-- What a device says in a run is said by it, not by a person.
alter table operator add column device_id uuid references device;

-- Which phase of a procedure a stop was driven in, and how the pedal felt in a logged one.
alter table stop
    add column phase text,
    add column pedal_feel text;
