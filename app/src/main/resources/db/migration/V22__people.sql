-- Who may change who works in a studio. Whoever was first owns it.
alter table artist add role text not null default 'ARTIST' check (role in ('OWNER', 'ARTIST'));
update artist a set role = 'OWNER'
where  a.id = (select min(b.id) from artist b where b.studio_id = a.studio_id and b.removed_at is null);

-- Links by which somebody joins a studio, or somebody of it chooses another password: once, for some days.
create table invitation (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null references studio (id),
    by_artist   bigint not null,
    role        text not null check (role in ('OWNER', 'ARTIST')),
    for_artist  bigint, -- who chooses another password; null for somebody who joins
    hash        text not null unique check (length(hash) = 64),
    made_at     timestamptz not null default now(),
    expires_at  timestamptz not null,
    used_at     timestamptz,
    closed_at   timestamptz,
    foreign key (studio_id, by_artist) references artist (studio_id, id),
    foreign key (studio_id, for_artist) references artist (studio_id, id)
);
create index invitation_of on invitation (studio_id, id desc);
