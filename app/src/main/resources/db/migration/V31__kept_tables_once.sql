-- Which tables a client's rows lie in is asked of the catalogue once a transaction, not once a row: that took twenty times as long as writing it.
create function kept_tables_once() returns text[] language plpgsql stable as $$
declare
    known text := current_setting('scree.kept_tables', true);
begin
    if coalesce(known, '') = '' then
        select array_agg(tab)::text into known from kept_tables();
        perform set_config('scree.kept_tables', known, true);
    end if;
    return known::text[];
end $$;

create or replace function kept_file(studio bigint, tab text, id bigint, col text) returns bytea language plpgsql stable as $$
declare
    bytes bytea;
begin
    if not tab = any (kept_tables_once()) or not exists (
        select 1 from pg_attribute a
        where  a.attrelid = tab::regclass and a.attname = col and a.attnum > 0 and a.atttypid = 'bytea'::regtype
    ) then
        raise exception 'no such file';
    end if;
    execute format('select %I from %I where studio_id = $1 and id = $2', col, tab) into bytes using studio, id;
    return bytes;
end $$;

create or replace function keep_row(studio bigint, tab text, kept jsonb) returns bigint language plpgsql as $$
declare
    cols text;
    own bigint;
    has_id boolean;
begin
    if not tab = any (kept_tables_once()) then
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
