-- What a client takes home, kept as it was handed over.
create table handed_sheet (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    sitting_id  bigint not null,
    artist_id   bigint not null,
    made_at     timestamptz not null default now(),
    paper       text not null check (paper in ('A4', 'LETTER')),
    picture     boolean not null, -- whether the client's picture is on it
    pdf         bytea not null,
    unique (studio_id, id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create index handed_sheet_of on handed_sheet (studio_id, sitting_id, id desc);

-- What an artist answered to a picture from home: never rewritten, another answer is another row.
create table home_reply (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    sitting_id  bigint not null,
    artist_id   bigint not null,
    made_at     timestamptz not null default now(),
    reply       jsonb not null,
    unique (studio_id, id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create index home_reply_of on home_reply (studio_id, sitting_id, id desc);

-- How what was answered fits, as the client tells it.
create table home_fit (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    reply_id    bigint not null,
    fits        jsonb not null,
    words       text check (length(words) between 1 and 1000),
    told_at     timestamptz not null default now(),
    foreign key (studio_id, reply_id) references home_reply (studio_id, id) on delete cascade
);
create index home_fit_of on home_fit (studio_id, reply_id, id desc);

-- Whether a picture from home shows the client, as the artist said when asked.
create table same_person (
    studio_id   bigint not null,
    sitting_id  bigint not null,
    artist_id   bigint not null,
    same        boolean not null,
    said_at     timestamptz not null default now(),
    primary key (studio_id, sitting_id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);

-- Links that open without an account: unguessable, kept as a hash, they expire and can be taken back.
create table home_link (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    sitting_id  bigint not null,
    artist_id   bigint not null,
    kind        text not null check (kind in ('WEAR', 'SHEET', 'REPLY')),
    sheet_id    bigint,
    reply_id    bigint,
    hash        text not null unique check (length(hash) = 64),
    made_at     timestamptz not null default now(),
    expires_at  timestamptz not null,
    used        int not null default 0, -- told, opened
    used_at     timestamptz,
    closed_at   timestamptz,
    check ((kind = 'SHEET') = (sheet_id is not null)),
    check ((kind = 'REPLY') = (reply_id is not null)),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id),
    foreign key (studio_id, sheet_id) references handed_sheet (studio_id, id) on delete cascade,
    foreign key (studio_id, reply_id) references home_reply (studio_id, id) on delete cascade
);
create index home_link_of on home_link (studio_id, sitting_id);

insert into home_link (studio_id, sitting_id, artist_id, kind, hash, made_at, expires_at, used, closed_at)
select studio_id, sitting_id, artist_id, 'WEAR', hash, made_at, expires_at, told, closed_at from wear_link;
drop table wear_link;

alter table client add email text check (length(email) between 3 and 200 and position('@' in email) > 1);

-- Letters on their way: kept until they are delivered, refused or taken back; then their text is erased.
create table letter (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    sitting_id  bigint not null,
    artist_id   bigint not null,
    to_name     text not null check (length(to_name) between 1 and 120),
    to_address  text not null check (length(to_address) between 3 and 200),
    subject     text not null check (length(subject) between 1 and 200),
    body        text check (length(body) <= 8000),
    sheet_id    bigint, -- goes along with it
    state       text not null default 'WAITING' check (state in ('WAITING', 'SENT', 'REFUSED', 'GIVEN_UP', 'WITHDRAWN')),
    tries       int not null default 0,
    trouble     text check (trouble in ('AWAY', 'SLOW', 'REFUSED', 'ADDRESS', 'SIGN_IN')),
    made_at     timestamptz not null default now(),
    next_at     timestamptz not null default now(),
    held_until  timestamptz, -- a process is sending it
    ended_at    timestamptz,
    check ((body is null) = (state in ('SENT', 'WITHDRAWN'))),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id),
    foreign key (studio_id, sheet_id) references handed_sheet (studio_id, id) on delete set null (sheet_id)
);
create index letter_of on letter (studio_id, sitting_id, id desc);
create index letter_waiting on letter (studio_id, next_at) where state = 'WAITING';
