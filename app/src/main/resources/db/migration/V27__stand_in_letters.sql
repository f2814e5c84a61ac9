-- What the demo's stand-in for a mail server took in, so that every process shows the same inbox. No real letter lies here.
create table stand_in_letter (
    studio_id   bigint not null references studio (id) on delete cascade,
    id          bigint not null, -- as in the outbox
    at          timestamptz not null default now(),
    letter      jsonb not null,
    primary key (studio_id, id)
);
