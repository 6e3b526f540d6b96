-- Ways in without a password.
create table passkey (
    id uuid primary key,
    account_id uuid not null references account,
    site text not null,
    label text not null,
    credential_id bytea not null unique,
    public_key bytea not null,
    attestation bytea not null,
    client_data bytea not null,
    transports text not null,
    user_verified boolean not null,
    backup_eligible boolean not null,
    backed_up boolean not null,
    signatures bigint not null,
    last_used_at timestamptz,
    created_at timestamptz not null,
    updated_at timestamptz not null,
    changed_by text,
    version integer not null
);
create index passkey_account on passkey (account_id);
