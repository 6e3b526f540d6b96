-- Paint or crayons whose marks change at known temperatures. Never changed: readings hang on it.
create table ladder (
    id uuid primary key,
    spec text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);

-- What somebody read off one disc after a stop, beside what the stop itself has.
create table disc_reading (
    id uuid primary key,
    stop_id uuid not null references stop on delete cascade,
    entry text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);
create index disc_reading_stop on disc_reading (stop_id);

-- How air was seen to flow about the brakes of a configuration.
create table air_flow (
    id uuid primary key,
    configuration_id uuid not null references configuration on delete cascade,
    entry text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);
create index air_flow_configuration on air_flow (configuration_id, created_at);
