-- What the browser found in a picture and what was said of it, before anything is read from it.
create table first_look (
    studio_id   bigint not null,
    picture_id  bigint not null,
    mesh        text check (length(mesh) <= 40000),
    said        text not null check (length(said) <= 4000),
    looked_at   timestamptz not null default now(),
    primary key (studio_id, picture_id),
    foreign key (studio_id, picture_id) references picture (studio_id, id) on delete cascade
);

-- A client's try keeps what the browser sent as it came, and how much larger the stored picture is than the shown one, in millionths.
alter table remote_try drop column faces, drop column mesh;
alter table remote_try add scale int not null default 1000000 check (scale between 0 and 100000000);
alter table remote_try add search text not null default '' check (length(search) <= 120000);
