-- Vehicles and configurations: what was driven.
create table vehicle (
    id uuid primary key,
    name text not null,
    description text not null,
    mass_kg double precision,
    length_m double precision,
    width_m double precision,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);

create table configuration (
    id uuid primary key,
    vehicle_id uuid not null references vehicle,
    name text not null,
    -- What differs from the vehicle as it first came, one word or two each.
    changed text[] not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null,
    unique (vehicle_id, name)
);

-- Tests and their series: what was asked, and under what conditions it was driven.
create table brake_test (
    id uuid primary key,
    vehicle_id uuid not null references vehicle,
    question text not null,
    lane text not null,
    grade double precision,
    nominal_speed_entered double precision not null,
    nominal_speed_unit text not null,
    basis text not null,
    margin_size double precision not null,
    margin_of_baseline boolean not null,
    baseline_configuration_id uuid references configuration,
    driven_on date not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);

create table series (
    id uuid primary key,
    test_id uuid not null references brake_test,
    configuration_id uuid not null references configuration,
    block integer not null,
    driven_on text,
    driver text,
    load_state text,
    surface text,
    direction text,
    ambient_c double precision,
    tyre_pressure_front_bar double precision,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null,
    unique (test_id, configuration_id, block)
);

-- Recordings: what was logged, immutable.
create table recording (
    id uuid primary key,
    file_name text not null,
    sha256 text not null,
    bytes bigint not null,
    row_count integer not null,
    duration_s double precision not null,
    rate_hz double precision not null,
    block_starts double precision[] not null,
    calibration text not null,
    health text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);
create index recording_sha256 on recording (sha256);

create table recording_channel (
    recording_id uuid not null references recording,
    position integer not null,
    name text not null,
    role text not null,
    unit text not null,
    primary key (recording_id, position)
);

-- Packed samples; channel -1 is the time. Already packed, so PostgreSQL need not try again.
create table sample_block (
    recording_id uuid not null references recording,
    channel integer not null,
    block integer not null,
    first_row integer not null,
    row_count integer not null,
    packed bytea not null,
    envelope bytea not null,
    lowest double precision,
    highest double precision,
    primary key (recording_id, channel, block)
);
alter table sample_block alter column packed set storage external;
alter table sample_block alter column envelope set storage external;

-- Roles that a person set for the channels of one logger's header.
create table logger_roles (
    header_fingerprint text primary key,
    roles text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);

create table staged_import (
    id uuid primary key,
    file_name text not null,
    sha256 text not null,
    bytes bigint not null,
    kind text not null,
    -- Where it went, once it was saved; a repeated save finds it here.
    saved_test_id uuid references brake_test,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);

-- Stops: what was measured, and every later word about it.
create table stop (
    id uuid primary key,
    series_id uuid not null references series,
    number integer not null,
    recording_id uuid references recording,
    -- A hand-measured stop as it was written; null for a logged one.
    by_hand text,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);
create index stop_series on stop (series_id, number);
create index stop_recording on stop (recording_id);

-- The automatic measurement first, then one row for each time a person moved an edge.
create table measurement (
    id uuid primary key,
    stop_id uuid not null references stop,
    sequence integer not null,
    hand_onset_s double precision,
    hand_end_s double precision,
    moved_by text,
    why text,
    figures text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null,
    unique (stop_id, sequence)
);

-- Struck out, or brought back: both kept.
create table strike_out (
    id uuid primary key,
    stop_id uuid not null references stop,
    sequence integer not null,
    struck_out boolean not null,
    reason text not null,
    decided_by text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null,
    unique (stop_id, sequence)
);
