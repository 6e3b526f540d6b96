-- What people put beside the figures: distances that others gave, and what speaks for or against a configuration.
create table reference_mark (
    id uuid primary key,
    test_id uuid not null references brake_test on delete cascade,
    mark jsonb not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    changed_by text,
    version integer not null
);
create index reference_mark_test on reference_mark (test_id, created_at);

create table trade_off (
    id uuid primary key,
    test_id uuid not null references brake_test on delete cascade,
    configuration_id uuid not null references configuration,
    note jsonb not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    changed_by text,
    version integer not null
);
create index trade_off_test on trade_off (test_id, created_at);

-- What is expected is a figure of one configuration, beside the words; what was only written in words stays so.
alter table test_plan
    add column expected_guess jsonb,
    add column expected_of uuid references configuration;

-- A verdict may be of other stops of a test than those that it asks for first.
alter table signed_verdict add column like_stops text;
