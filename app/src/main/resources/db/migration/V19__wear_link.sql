-- A link by which a client tells how it wore: unguessable, kept as a hash, for two weeks, and it can be taken back.
create table wear_link (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    sitting_id  bigint not null,
    artist_id   bigint not null,
    hash        text not null unique check (length(hash) = 64),
    made_at     timestamptz not null default now(),
    expires_at  timestamptz not null,
    told        int not null default 0,
    closed_at   timestamptz,
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create index wear_link_of on wear_link (studio_id, sitting_id);

alter table wear_report add by_client boolean not null default false;
