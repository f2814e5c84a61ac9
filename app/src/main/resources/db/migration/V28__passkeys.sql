-- Keys on somebody's own device or stick, by which they come in instead of by a password. Only the public half lies here.
create table passkey_owner (
    studio_id   bigint not null,
    artist_id   bigint not null,
    handle      bytea not null unique check (length(handle) between 16 and 64), -- what the device knows them by; tells nothing of them
    primary key (studio_id, artist_id),
    foreign key (studio_id, artist_id) references artist (studio_id, id) on delete cascade
);
create table passkey (
    id              bigint generated always as identity primary key,
    studio_id       bigint not null,
    artist_id       bigint not null,
    credential      bytea not null unique check (length(credential) between 1 and 1023),
    public_key      bytea not null,
    signatures      bigint not null, -- rises with each use where the device counts
    verified        boolean not null,
    may_wander      boolean not null, -- kept by the device's maker and brought to others of its owner
    wandered        boolean not null,
    transports      text not null,
    attestation     bytea,
    client_data     bytea,
    label           text not null check (length(label) between 1 and 60),
    made_at         timestamptz not null,
    used_at         timestamptz not null,
    foreign key (studio_id, artist_id) references passkey_owner (studio_id, artist_id) on delete cascade
);
create index passkey_of on passkey (studio_id, artist_id);
