-- All that is kept of a client, told from what falls with them: a table that a stage adds belongs to it without being listed anywhere.

-- A picture of the work that was erased is none for the note either.
update chair_note n set picture_id = null
where  picture_id is not null and not exists (select 1 from picture p where p.studio_id = n.studio_id and p.id = n.picture_id);
alter table chair_note add foreign key (studio_id, picture_id) references picture (studio_id, id) on delete set null (picture_id);

-- The tables that fall with a client, parents first, each with the question that finds a client's rows ($1 the studio, $2 the client).
create function kept_tables() returns table (ord int, tab text, rows_of text) language plpgsql stable as $$
declare
    asked jsonb := '{}';
    t record;
begin
    ord := 0;
    for t in
        with recursive falls (rel) as (
            select 'client'::regclass::oid
            union
            select c.conrelid from pg_constraint c join falls f on c.confrelid = f.rel where c.contype = 'f' and c.confdeltype = 'c'
        ), deep (rel, depth) as (
            select 'client'::regclass::oid, 0
            union all
            select c.conrelid, d.depth + 1
            from   pg_constraint c join deep d on c.confrelid = d.rel
            where  c.contype = 'f' and c.conrelid <> c.confrelid and c.conrelid in (select rel from falls)
        ), ranked as (
            select rel, max(depth) as depth from deep group by rel
        )
        select r.rel::regclass::text as name, r.depth,
               (select p.rel::regclass::text || '.' || a.attname
                from   pg_constraint c
                join   ranked p on p.rel = c.confrelid
                join   pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[2]
                where  c.conrelid = r.rel and c.contype = 'f' and c.confdeltype = 'c'
                order  by p.depth, a.attname limit 1) as link
        from ranked r order by r.depth, 1
    loop
        ord := ord + 1;
        tab := t.name;
        rows_of := case when t.link is null then 'select * from client where studio_id = $1 and id = $2'
            else format('select * from %I where studio_id = $1 and %I in (select id from (%s) x)',
                        t.name, split_part(t.link, '.', 2), asked ->> split_part(t.link, '.', 1)) end;
        asked := asked || jsonb_build_object(t.name, rows_of);
        return next;
    end loop;
end $$;

-- Which column of these points where.
create function kept_links() returns table (tab text, col text, parent text) language sql stable as $$
    select c.conrelid::regclass::text, a.attname::text, c.confrelid::regclass::text
    from   pg_constraint c
    join   kept_tables() k on k.tab = c.conrelid::regclass::text
    join   pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[2]
    where  c.contype = 'f' and cardinality(c.conkey) = 2
$$;

-- A client's rows without what is a file; files are asked for one by one. What the database counts by itself beside the id is not a row's own:
-- the order of the rows tells it.
create function kept_rows(studio bigint, client bigint) returns table (ord int, tab text, kept jsonb) language plpgsql stable as $$
declare
    k record;
    left_out text[];
    key text;
    counted text;
begin
    for k in select * from kept_tables() loop
        select coalesce(array_agg(attname::text) filter (where atttypid = 'bytea'::regtype or attidentity <> '' and attname <> 'id'), '{}'),
               string_agg(quote_ident(attname), ', ') filter (where attidentity <> '' and attname <> 'id')
        into   left_out, counted
        from   pg_attribute where attrelid = k.tab::regclass and attnum > 0 and not attisdropped;
        select string_agg(quote_ident(a.attname), ', ' order by array_position(i.indkey::int2[], a.attnum)) into key
        from   pg_index i join pg_attribute a on a.attrelid = i.indrelid and a.attnum = any (i.indkey)
        where  i.indrelid = k.tab::regclass and i.indisprimary;
        return query execute format('select %L::int, %L::text, to_jsonb(r) - ''studio_id'' - %L::text[] from (%s) r order by %s',
                                    k.ord, k.tab, left_out, k.rows_of, coalesce(counted, key, '1')) using studio, client;
    end loop;
end $$;

-- Which columns are files, as table.column.
create function kept_files() returns setof text language sql stable as $$
    select k.tab || '.' || a.attname
    from   kept_tables() k join pg_attribute a on a.attrelid = k.tab::regclass and a.attnum > 0 and a.atttypid = 'bytea'::regtype
$$;

create function kept_file(studio bigint, tab text, id bigint, col text) returns bytea language plpgsql stable as $$
declare
    bytes bytea;
begin
    if not exists (select 1 from kept_files() f where f = tab || '.' || col) then
        raise exception 'no such file';
    end if;
    execute format('select %I from %I where studio_id = $1 and id = $2', col, tab) into bytes using studio, id;
    return bytes;
end $$;

-- Writes one row as it was kept; columns that are not named get what the table gives them. Returns its id where it has one.
create function keep_row(studio bigint, tab text, kept jsonb) returns bigint language plpgsql as $$
declare
    cols text;
    own bigint;
    has_id boolean;
begin
    if not exists (select 1 from kept_tables() k where k.tab = keep_row.tab) then
        raise exception 'no such table';
    end if;
    select string_agg(quote_ident(a.attname), ', ') into cols
    from   pg_attribute a
    where  a.attrelid = keep_row.tab::regclass and a.attnum > 0 and not a.attisdropped and kept ? a.attname and a.attname not in ('id', 'studio_id');
    select exists (select 1 from pg_attribute a where a.attrelid = keep_row.tab::regclass and a.attname = 'id' and a.attidentity <> '') into has_id;
    execute format('insert into %I (studio_id, %s) select $1, %s from jsonb_populate_record(null::%I, $2) %s',
                   tab, cols, cols, tab, case when has_id then 'returning id' else 'returning null::bigint' end)
        into own using studio, kept;
    return own;
end $$;

-- How many rows of each table are a client's.
create function kept_counts(studio bigint, client bigint) returns table (tab text, n bigint) language plpgsql stable as $$
declare
    k record;
begin
    for k in select * from kept_tables() loop
        return query execute format('select %L::text, count(*) from (%s) r', k.tab, k.rows_of) using studio, client;
    end loop;
end $$;

-- Who saw, changed, gave away and erased what of whom. Lines are added and never changed, by nobody; a client who was erased is a number here.
create table audit (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null references studio (id),
    artist_id   bigint not null,
    at          timestamptz not null default now(),
    act         text not null check (act in ('SAW', 'CHANGED', 'GAVE', 'TOOK_IN', 'ERASED', 'WITHDREW', 'RULED')),
    client_id   bigint, -- whom it is about; of nothing that could be let go
    page        text check (length(page) <= 120),
    counted     jsonb,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create index audit_of on audit (studio_id, id desc);
create index audit_about on audit (studio_id, client_id, id desc);
create function audit_stays() returns trigger language plpgsql as $$
begin
    raise exception 'what was done is not rewritten';
end $$;
create trigger audit_stays before update or delete on audit for each row execute function audit_stays();
create trigger audit_stays_whole before truncate on audit execute function audit_stays();

-- What a client agreed to, in the words that they were asked in. The newest that was not withdrawn holds.
create table consent (
    id            bigint generated always as identity primary key,
    studio_id     bigint not null,
    client_id     bigint not null,
    artist_id     bigint not null,
    given_on      date not null,
    covers        text[] not null check (covers <@ array['PICTURES', 'HEALTH', 'LETTERS'] and cardinality(covers) > 0),
    wording       text not null check (length(wording) between 1 and 2000),
    withdrawn_at  timestamptz,
    foreign key (studio_id, client_id) references client (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create index consent_of on consent (studio_id, client_id, id desc);

-- How long a studio keeps what; null for ever. What was let go by it is counted.
create table retention (
    studio_id     bigint primary key references studio (id),
    home_days     int check (home_days between 1 and 3650),
    record_years  int check (record_years between 1 and 50)
);
create table let_go (
    id         bigint generated always as identity primary key,
    studio_id  bigint not null references studio (id),
    at         timestamptz not null default now(),
    what       text not null check (what in ('FROM_HOME', 'RECORD')),
    client_id  bigint not null,
    counted    jsonb not null
);
create index let_go_of on let_go (studio_id, id desc);

-- How many rows of each of these tables are a studio's.
create function kept_totals(studio bigint) returns table (tab text, n bigint) language plpgsql stable as $$
declare
    k record;
begin
    for k in select * from kept_tables() loop
        return query execute format('select %L::text, count(*) from %I where studio_id = $1', k.tab, k.tab) using studio;
    end loop;
end $$;
