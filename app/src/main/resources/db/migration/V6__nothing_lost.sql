-- Nothing lost, nobody let in: sessions that outlive a restart, forms that count once, things that can be taken back, dates that
-- exist, links that leave nothing unsent behind, doors that tire.

-- Spring Session's own tables.
create table spring_session (
    primary_id             char(36) not null primary key,
    session_id             char(36) not null,
    creation_time          bigint not null,
    last_access_time       bigint not null,
    max_inactive_interval  int not null,
    expiry_time            bigint not null,
    principal_name         varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
    session_primary_id  char(36) not null references spring_session (primary_id) on delete cascade,
    attribute_name      varchar(200) not null,
    attribute_bytes     bytea not null,
    primary key (session_primary_id, attribute_name)
);

-- Buckets of the sign-in limits, shared by all processes; bucket4j's own table.
create table bucket (
    id          bigint primary key,
    state       bytea,
    expires_at  bigint
);

-- An artist who left, or whose password changed, is out at the next request: the stamp of their session no longer fits.
alter table artist add stamp int not null default 0;
alter table artist add removed_at timestamptz;

-- Browsers on which an artist signed in before; a stranger who tires the door does not lock these out.
create table known_device (
    studio_id   bigint not null,
    artist_id   bigint not null,
    token_hash  text not null check (length(token_hash) = 64),
    used_at     timestamptz not null default now(),
    primary key (studio_id, artist_id, token_hash),
    foreign key (studio_id, artist_id) references artist (studio_id, id) on delete cascade
);

-- Forms that create something are used once: a second press gets the outcome of the first.
create table form_use (
    studio_id  bigint not null references studio (id),
    token      text not null check (length(token) between 8 and 64),
    outcome    text,
    used_at    timestamptz not null default now(),
    primary key (studio_id, token)
);

-- What is deleted can be brought back for thirty days, then a job erases it for good.
alter table client add deleted_at timestamptz;
alter table sitting add deleted_at timestamptz;
alter table product add deleted_at timestamptz;
alter table picture add deleted_at timestamptz;
create index client_deleted on client (deleted_at) where deleted_at is not null;
create index sitting_deleted on sitting (deleted_at) where deleted_at is not null;
create index product_deleted on product (deleted_at) where deleted_at is not null;
create index picture_deleted on picture (deleted_at) where deleted_at is not null;
alter table product drop constraint product_studio_id_line_name_key;
create unique index product_name_taken on product (studio_id, line, name) where deleted_at is null;

-- Every base that was taken is kept; one is present. Putting a former one back makes it present again.
alter table base_choice drop constraint base_choice_studio_id_sitting_id_key;
alter table base_choice add present boolean not null default true;
create unique index base_choice_present on base_choice (studio_id, sitting_id) where present;
create index base_choice_by_sitting on base_choice (studio_id, sitting_id, id);

-- Dates that no calendar on a wall has were slips of the hand; the application asks for 1990 to fifty years ahead.
update product set opened_on = null where opened_on not between date '1990-01-01' and date '2199-12-31';
update client set consent_on = null where consent_on not between date '1990-01-01' and date '2199-12-31';
update sitting set starts_at = created_at at time zone 'UTC'
where  starts_at not between timestamp '1990-01-01' and timestamp '2199-12-31';
alter table product add constraint product_opened_on_exists check (opened_on between date '1990-01-01' and date '2199-12-31');
alter table client add constraint client_consent_on_exists check (consent_on between date '1990-01-01' and date '2199-12-31');
alter table sitting add constraint sitting_starts_at_exists
    check (starts_at between timestamp '1990-01-01' and timestamp '2199-12-31');

-- One link, one sitting. What is tried with a link lies apart until it is sent: no page of the studio reaches it.
delete from sitting s using remote_link l
where  l.studio_id = s.studio_id and l.sitting_id = s.id and l.used_at is null;
alter table remote_link add constraint remote_link_one_sitting unique (studio_id, sitting_id);
create table remote_try (
    studio_id  bigint not null,
    link_id    bigint not null,
    sha256     text not null check (length(sha256) = 64),
    width      int not null check (width > 0),
    height     int not null check (height > 0),
    jpeg       bytea not null,
    thumb      bytea not null,
    camera     text check (length(camera) <= 120),
    faces      int not null check (faces between 0 and 100),
    mesh       jsonb not null,
    tried_at   timestamptz not null default now(),
    primary key (studio_id, link_id),
    foreign key (studio_id, link_id) references remote_link (studio_id, id) on delete cascade
);

alter table formula add version int not null default 0;
alter table purchase_list add version int not null default 0;

-- A kit file between its preview and yes.
create table kit_import (
    studio_id  bigint not null,
    artist_id  bigint not null,
    name       text not null check (length(name) <= 200),
    file       bytea not null,
    rows       int not null default 0,
    done       int not null default 0,
    made_at    timestamptz not null default now(),
    primary key (studio_id, artist_id),
    foreign key (studio_id, artist_id) references artist (studio_id, id) on delete cascade
);

-- The last three references that skipped the studio.
alter table base_choice drop constraint base_choice_product_id_fkey;
alter table base_choice add foreign key (studio_id, product_id) references product (studio_id, id)
    on delete set null (product_id);
alter table dry_down drop constraint dry_down_sitting_id_fkey;
alter table dry_down add foreign key (studio_id, sitting_id) references sitting (studio_id, id)
    on delete set null (sitting_id);
alter table test_mix drop constraint test_mix_sitting_id_fkey;
alter table test_mix add foreign key (studio_id, sitting_id) references sitting (studio_id, id)
    on delete set null (sitting_id);
