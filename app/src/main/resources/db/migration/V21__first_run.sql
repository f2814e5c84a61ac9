-- The one-time address at which the first studio of an empty installation is founded; kept as a hash, there is one at most.
create table first_run (
    the_one boolean primary key default true check (the_one),
    hash    text not null check (length(hash) = 64),
    made_at timestamptz not null default now()
);
