-- What an artist did on a stage that is worked by hand (face points, placement), step by step: the present one can be undone and redone.
create table step (
    studio_id   bigint not null,
    sitting_id  bigint not null,
    stage       text not null check (stage in ('FACE', 'PLACE')),
    seq         int not null check (seq >= 1),
    state       jsonb not null,
    artist_id   bigint not null,
    present     boolean not null,
    made_at     timestamptz not null default now(),
    primary key (studio_id, sitting_id, stage, seq),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create unique index step_present on step (studio_id, sitting_id, stage) where present;
