-- What a sitting was when it ended: never rewritten; a sitting that ends once more gets one more.
create table sitting_record (
    studio_id   bigint not null,
    sitting_id  bigint not null,
    no          int not null check (no > 0),
    made_at     timestamptz not null default now(),
    record      jsonb not null,
    primary key (studio_id, sitting_id, no),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade
);

-- A picture after the work, with where the face lies in it; null where no face was found.
create table after_picture (
    studio_id   bigint not null,
    sitting_id  bigint not null,
    picture_id  bigint not null,
    flash       boolean not null,
    points      text,
    skin        jsonb, -- colours by zone where the card was in the picture
    taken_at    timestamptz not null default now(),
    primary key (studio_id, picture_id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, picture_id) references picture (studio_id, id) on delete cascade
);
create index after_picture_of on after_picture (studio_id, sitting_id, picture_id desc);

-- How it wore, told some hours or days later. What was told is not rewritten.
create table wear_report (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    sitting_id  bigint not null,
    artist_id   bigint not null,
    hours       int not null check (hours between 0 and 720),
    seen        text[] not null default '{}',
    place       text check (length(place) between 1 and 200),
    reaction    text check (length(reaction) between 1 and 500),
    words       text check (length(words) between 1 and 1000),
    told_at     timestamptz not null default now(),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create index wear_report_of on wear_report (studio_id, sitting_id, id);
