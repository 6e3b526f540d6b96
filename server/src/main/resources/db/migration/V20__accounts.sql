-- Who may do what, at which screens they are signed in, and what everybody changed.
create table account (
    id uuid primary key,
    name text not null,
    -- A name stands beside what was kept and is never given twice, whatever its letters' size.
    name_key text not null unique,
    role text not null,
    password_hash text,
    closed boolean not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    changed_by text,
    version integer not null
);

create table screen (
    id uuid primary key,
    name text not null,
    cut_at timestamptz,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    changed_by text,
    version integer not null
);

create table joining_code (
    id uuid primary key,
    account_id uuid not null references account,
    code_sha256 text not null unique,
    expires_at timestamptz not null,
    used_at timestamptz,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    changed_by text,
    version integer not null
);

-- The names in "person" were anybody's word; they stay as they were written, and nobody comes in by one.

-- As Spring Session 4.1 defines them.
create table spring_session (
    primary_id char(36) not null,
    session_id char(36) not null,
    creation_time bigint not null,
    last_access_time bigint not null,
    max_inactive_interval int not null,
    expiry_time bigint not null,
    principal_name varchar(100),
    constraint spring_session_pk primary key (primary_id)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);

create table spring_session_attributes (
    session_primary_id char(36) not null,
    attribute_name varchar(200) not null,
    attribute_bytes bytea not null,
    constraint spring_session_attributes_pk primary key (session_primary_id, attribute_name),
    constraint spring_session_attributes_fk foreign key (session_primary_id)
        references spring_session (primary_id) on delete cascade
);

create table change (
    id bigint generated always as identity primary key,
    at timestamptz not null,
    who text not null,
    screen text not null,
    of_what text not null,
    row_id uuid not null,
    test_id uuid,
    kind text not null,
    before jsonb not null,
    after jsonb not null
);
create index change_test on change (test_id, id);
