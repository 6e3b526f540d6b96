-- What a weather mast or a person adds to the conditions of a series.
alter table series
    add column track_c double precision,
    add column wind_mps double precision,
    add column humidity double precision,
    add column begun_at timestamptz,
    add column ended_at timestamptz;

-- The signed safety gate of a plan, as one document; null until it is signed.
alter table test_plan add column safety text;

-- Devices that speak the device protocol, and the readings they sent.
create table device (
    id uuid primary key,
    name text not null,
    kind text not null,
    -- Only the digest of its pairing code is kept.
    code_sha256 text not null unique,
    last_seen_at timestamptz,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);

create table device_reading (
    id uuid primary key,
    device_id uuid not null references device,
    -- Counted by the device; a reading that is sent again is there already.
    seq bigint not null,
    taken_at timestamptz not null,
    quantity text not null,
    entered double precision not null,
    unit text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null,
    unique (device_id, seq)
);
create index device_reading_quantity on device_reading (quantity, taken_at);
