-- A verdict as somebody signed it, with everything it rests on; text, so that its checksum holds.
create table signed_verdict (
    id uuid primary key,
    test_id uuid not null references brake_test on delete cascade,
    baseline_id uuid not null references configuration,
    candidate_id uuid not null references configuration,
    include_struck_out boolean not null,
    document text not null,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    changed_by text,
    version integer not null
);
create index signed_verdict_test on signed_verdict (test_id, created_at);
