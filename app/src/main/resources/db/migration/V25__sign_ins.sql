-- Who came in, from where, and who tried: for whoever the account is.
create table sign_in (
    id         bigint generated always as identity primary key,
    studio_id  bigint not null,
    artist_id  bigint not null,
    at         timestamptz not null default now(),
    address    text not null check (length(address) <= 60),
    outcome    text not null check (outcome in ('KNOWN', 'NEW', 'FAILED')), -- a browser that was here before, another, or a wrong password
    foreign key (studio_id, artist_id) references artist (studio_id, id) on delete cascade
);
create index sign_in_of on sign_in (studio_id, artist_id, id desc);
