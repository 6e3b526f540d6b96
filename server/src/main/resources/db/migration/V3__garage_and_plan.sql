-- Vehicles and configurations in full. What is known of them is one document each: nothing is queried by its parts.
alter table vehicle add column spec text;
update vehicle set spec = json_build_object(
    'kind', 'CAR', 'frontBrake', 'DISC', 'rearBrake', 'DISC',
    'antiLock', true, 'assist', true, 'directionalDiscs', false,
    'figures', json_strip_nulls(json_build_object(
        'MASS_LADEN', case when mass_kg is null then null else json_build_object('entered', mass_kg, 'unit', 'KILOGRAMS') end,
        'LENGTH', case when length_m is null then null else json_build_object('entered', length_m, 'unit', 'METRES') end,
        'WIDTH', case when width_m is null then null else json_build_object('entered', width_m, 'unit', 'METRES') end)))::text;
alter table vehicle alter column spec set not null;
alter table vehicle drop column mass_kg, drop column length_m, drop column width_m;

alter table configuration
    add column edition integer not null default 1,
    add column replaces_id uuid references configuration,
    add column spec text not null default '{"parts":{},"switches":{}}',
    add column fitting text not null default '{}';
alter table configuration alter column edition drop default, alter column spec drop default, alter column fitting drop default;
alter table configuration drop constraint configuration_vehicle_id_name_key;
alter table configuration add unique (vehicle_id, name, edition);

-- Methods that people made, most of them copies of the built-in ones, which live in the program.
create table procedure_copy (
    id uuid primary key,
    name text not null,
    spec text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);

create table lane (
    id uuid primary key,
    name text not null,
    spec text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);

-- How a test is to be driven, and what was expected of it before the first stop.
create table test_plan (
    id uuid primary key references brake_test,
    spec text not null,
    expectation text,
    expected_by text,
    sealed_at timestamptz,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    version integer not null
);
