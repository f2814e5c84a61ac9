-- A day of an event: where, how many chairs, who works when. A concert of two days is two of them.
create table event (
    id            bigint generated always as identity primary key,
    studio_id     bigint not null references studio (id),
    name          text not null check (length(name) between 1 and 120),
    place         text check (length(place) between 1 and 200),
    day           date not null,
    chairs        int not null default 2 check (chairs between 1 and 12),
    published_at  timestamptz, -- from then on people know their times, and moving one costs
    version       int not null default 0,
    created_at    timestamptz not null default now(),
    unique (studio_id, id),
    unique (studio_id, day, name)
);
create index event_by_day on event (studio_id, day);

create table event_artist (
    studio_id   bigint not null,
    event_id    bigint not null,
    artist_id   bigint not null,
    starts_at   timestamp not null,
    ends_at     timestamp not null,
    own_pace    boolean not null default true, -- plan with the pace that the record tells
    primary key (studio_id, event_id, artist_id),
    check (ends_at > starts_at),
    foreign key (studio_id, event_id) references event (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);

create table event_break (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    event_id    bigint not null,
    artist_id   bigint not null,
    starts_at   timestamp not null,
    ends_at     timestamp not null,
    what        text check (length(what) between 1 and 80),
    check (ends_at > starts_at),
    foreign key (studio_id, event_id, artist_id) references event_artist (studio_id, event_id, artist_id) on delete cascade
);
create index event_break_of on event_break (studio_id, event_id, artist_id, starts_at);

-- What an artist can do beyond the usual, in the studio's own words.
alter table artist add skills text[] not null default '{}';

alter table sitting add event_id bigint;
alter table sitting add foreign key (studio_id, event_id) references event (studio_id, id);
alter table sitting add arrives_at timestamp;
alter table sitting add ready_by timestamp;
alter table sitting add wished_artist_id bigint;
alter table sitting add foreign key (studio_id, wished_artist_id) references artist (studio_id, id);
alter table sitting add held boolean not null default false; -- stays where it is, whatever comes
alter table sitting add here_at timestamptz;
alter table sitting add minutes_by_hand boolean not null default false;
alter table sitting add skills text[] not null default '{}';
create index sitting_of_event on sitting (studio_id, event_id, starts_at);

-- A shared tool that a sitting holds for a part of its time.
create table sitting_tool (
    studio_id    bigint not null,
    sitting_id   bigint not null,
    tool         text not null check (length(tool) between 1 and 40),
    from_minute  int not null check (from_minute between 0 and 480),
    minutes      int not null check (minutes between 5 and 480),
    primary key (studio_id, sitting_id, tool),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade
);

-- What was changed of a day: seats and arrivals before and after, so that it can be undone.
create table day_change (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    event_id    bigint not null,
    artist_id   bigint not null,
    at          timestamptz not null,
    what        text not null check (what ~ '^[A-Z_]{1,24}$'),
    about       text check (length(about) <= 120),
    moves       jsonb not null,
    undone_at   timestamptz,
    foreign key (studio_id, event_id) references event (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create index day_change_of on day_change (studio_id, event_id, id desc);

-- Who has the address of a calendar sees its times and first names: it is unguessable, kept as a hash, and can be taken back.
create table calendar_link (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null references studio (id),
    artist_id   bigint not null,
    hash        text not null unique check (length(hash) = 64),
    created_at  timestamptz not null default now(),
    closed_at   timestamptz,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create index calendar_link_of on calendar_link (studio_id, artist_id);

insert into event (studio_id, name, day)
select distinct s.studio_id, s.event, s.starts_at::date
from   sitting s
where  not exists (select 1 from remote_link r where r.studio_id = s.studio_id and r.sitting_id = s.id);

update sitting s set event_id = e.id
from   event e
where  e.studio_id = s.studio_id and e.name = s.event and e.day = s.starts_at::date
  and  not exists (select 1 from remote_link r where r.studio_id = s.studio_id and r.sitting_id = s.id);

insert into event_artist (studio_id, event_id, artist_id, starts_at, ends_at)
select s.studio_id, s.event_id, s.artist_id, min(s.starts_at) - interval '1 hour',
       max(s.starts_at + s.minutes * interval '1 minute') + interval '1 hour'
from   sitting s
where  s.event_id is not null
group  by s.studio_id, s.event_id, s.artist_id;
