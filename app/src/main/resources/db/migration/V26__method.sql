-- How a studio, an artist, and an artist with one client work. Nothing is rewritten: a sitting is answered as things stood on its day.
create table method_choice (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null references studio (id),
    level       text not null check (level in ('STUDIO', 'ARTIST', 'CLIENT')),
    artist_id   bigint, -- whose it is on the artists' level
    client_id   bigint, -- with whom on the clients' level
    setting     text not null check (length(setting) between 1 and 40),
    value       text check (length(value) between 1 and 40), -- null gives it back to what lies under it
    since       timestamptz not null,
    told_by     bigint not null,
    unique (studio_id, id),
    check ((level = 'ARTIST') = (artist_id is not null)),
    check ((level = 'CLIENT') = (client_id is not null)),
    foreign key (studio_id, artist_id) references artist (studio_id, id),
    foreign key (studio_id, told_by) references artist (studio_id, id),
    foreign key (studio_id, client_id) references client (studio_id, id) on delete cascade
);
create index method_choice_of on method_choice (studio_id, setting, id desc);
create index method_choice_client on method_choice (studio_id, client_id) where client_id is not null;

-- From before the hours of a long day could be chosen.
update chair_plan set plan = jsonb_set(plan, '{plan,needs,event,longFrom}', '8')
where  jsonb_typeof(plan #> '{plan,needs,event}') = 'object' and not plan #> '{plan,needs,event}' ? 'longFrom';
