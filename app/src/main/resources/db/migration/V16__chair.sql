-- The work at the chair: the plan as it was when it began and whenever a newer one was taken, and what was noted, never rewritten.
create table chair_plan (
    studio_id  bigint not null,
    sitting_id bigint not null,
    no         int not null check (no > 0),
    plan       jsonb not null,
    begins     boolean not null, -- the work begins with it; what was noted before belongs to a former try
    taken_at   timestamptz not null,
    artist_id  bigint not null,
    primary key (studio_id, sitting_id, no),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);

create table chair_note (
    no          bigint generated always as identity primary key,
    studio_id   bigint not null,
    sitting_id  bigint not null,
    device      uuid not null,
    seq         int not null check (seq > 0),
    kind        text not null check (kind ~ '^[A-Z_]{1,24}$'),
    step        text check (step ~ '^[A-Z_0-9]{1,24}$'),
    at          timestamptz not null,
    received_at timestamptz not null,
    words       text check (length(words) between 1 and 2000),
    product_id  bigint,  -- as it was: no reference, for a product may go
    picture_id  bigint,
    artist_id   bigint not null,
    unique (studio_id, sitting_id, device, seq),
    check (step is not null or kind in ('PAUSED', 'RESUMED', 'FINISHED')),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create index chair_note_of on chair_note (studio_id, sitting_id, no);

-- Pictures of the work are no portraits to read skin from.
alter table picture add at_chair boolean not null default false;
