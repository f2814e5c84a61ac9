-- Everything belongs to a studio. Children refer to (studio_id, id) pairs, so a row can never hang on another studio's parent.

create table studio (
    id          bigint generated always as identity primary key,
    name        text not null check (length(name) between 1 and 120),
    created_at  timestamptz not null default now()
);

create table artist (
    id             bigint generated always as identity primary key,
    studio_id      bigint not null references studio (id),
    name           text not null check (length(name) between 1 and 120),
    email          text not null check (email = lower(email) and position('@' in email) > 1),
    password_hash  text not null,
    created_at     timestamptz not null default now(),
    unique (email),
    unique (studio_id, id)
);

create table client (
    id            bigint generated always as identity primary key,
    studio_id     bigint not null references studio (id),
    name          text not null check (length(name) between 1 and 120),
    birth_year    int check (birth_year between 1900 and 2100),
    plays         text check (length(plays) <= 60),
    skin_type     text check (skin_type in ('DRY', 'NORMAL', 'COMBINATION', 'OILY')),
    allergies     text check (length(allergies) <= 500),
    notes         text check (length(notes) <= 2000),
    consent_on    date,
    version       int not null default 0,
    created_at    timestamptz not null default now(),
    unique (studio_id, id)
);
create index client_by_name on client (studio_id, lower(name));

create table sitting (
    id             bigint generated always as identity primary key,
    studio_id      bigint not null,
    client_id      bigint not null,
    artist_id      bigint not null,
    starts_at      timestamp not null,
    minutes        int not null check (minutes between 5 and 480),
    event          text not null check (length(event) between 1 and 120),
    done_at        timestamptz,
    -- intake
    occasion       text check (occasion in ('EVERYDAY', 'BRIDAL', 'CAMERA', 'STAGE', 'EVENING', 'LESSON')),
    lasts_hours    int check (lasts_hours between 1 and 24),
    flash          boolean,
    coverage       text check (coverage in ('SHEER', 'MEDIUM', 'FULL')),
    finish         text check (finish in ('MATTE', 'SATIN', 'DEWY')),
    reactions      text check (length(reactions) <= 500),
    patch_test     text check (patch_test in ('NONE', 'CLEAR', 'REACTED')),
    broken_skin    text check (length(broken_skin) <= 300),
    bothers        text check (length(bothers) <= 500),
    loves          text check (length(loves) <= 500),
    intake_at      timestamptz,
    version        int not null default 0,
    created_at     timestamptz not null default now(),
    unique (studio_id, id),
    foreign key (studio_id, client_id) references client (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create index sitting_by_day on sitting (studio_id, starts_at);
create index sitting_by_client on sitting (studio_id, client_id, starts_at desc);

create table picture (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    sitting_id  bigint not null,
    sha256      text not null check (length(sha256) = 64),
    width       int not null check (width > 0),
    height      int not null check (height > 0),
    jpeg        bytea not null,
    thumb       bytea not null,
    taken_at    timestamptz not null default now(),
    unique (studio_id, id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade
);
create index picture_by_sitting on picture (studio_id, sitting_id, id desc);

create table reading (
    id            bigint generated always as identity primary key,
    studio_id     bigint not null,
    sitting_id    bigint not null,
    picture_id    bigint not null,
    face          jsonb not null,
    trust         text not null check (trust in ('COLOUR_CARD', 'GREY_CARD', 'PROVISIONAL')),
    card_fields   int not null check (card_fields >= 0),
    card_lost     int not null check (card_lost >= 0),
    card_residual double precision not null,
    side_light    double precision not null check (side_light >= 0),
    kept_at       timestamptz,
    version       int not null default 0,
    created_at    timestamptz not null default now(),
    unique (studio_id, id),
    unique (studio_id, sitting_id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, picture_id) references picture (studio_id, id) on delete cascade
);

create table zone_reading (
    studio_id   bigint not null,
    reading_id  bigint not null,
    zone        text not null,
    lab_l       double precision not null check (lab_l between 0 and 100),
    lab_a       double precision not null check (lab_a between -128 and 128),
    lab_b       double precision not null check (lab_b between -128 and 128),
    spread      double precision not null check (spread >= 0),
    used        int not null check (used >= 0),
    shine       int not null check (shine >= 0),
    shadow      int not null check (shadow >= 0),
    clipped     int not null check (clipped >= 0),
    primary key (studio_id, reading_id, zone),
    foreign key (studio_id, reading_id) references reading (studio_id, id) on delete cascade
);

create table product (
    id              bigint generated always as identity primary key,
    studio_id       bigint not null references studio (id),
    line            text not null check (length(line) between 1 and 60),
    name            text not null check (length(name) between 1 and 60),
    role            text not null check (role in ('BASE', 'CONCEALER', 'CORRECTOR', 'BRIGHTENER', 'CONTOUR', 'BRONZER',
                                                  'BLUSH', 'HIGHLIGHT', 'POWDER', 'MIXER')),
    form            text not null check (form in ('LIQUID', 'CREAM', 'STICK', 'POWDER', 'DROPS')),
    finish          text not null check (finish in ('MATTE', 'SATIN', 'DEWY', 'SHEEN')),
    contrast_ratio  double precision not null check (contrast_ratio between 0.02 and 0.999),
    wet_l           double precision not null check (wet_l between 0 and 100),
    wet_a           double precision not null check (wet_a between -128 and 128),
    wet_b           double precision not null check (wet_b between -128 and 128),
    settled_l       double precision not null check (settled_l between 0 and 100),
    settled_a       double precision not null check (settled_a between -128 and 128),
    settled_b       double precision not null check (settled_b between -128 and 128),
    opened_on       date,
    months_open     int check (months_open between 1 and 120),
    allergens       text check (length(allergens) <= 300),
    in_stock        boolean not null default true,
    version         int not null default 0,
    created_at      timestamptz not null default now(),
    unique (studio_id, id),
    unique (studio_id, line, name)
);
create index product_by_role on product (studio_id, role);

-- Up to three stripes on trial.
create table stripe (
    studio_id   bigint not null,
    sitting_id  bigint not null,
    place       int not null check (place between 0 and 2),
    product_id  bigint not null,
    primary key (studio_id, sitting_id, place),
    unique (studio_id, sitting_id, product_id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, product_id) references product (studio_id, id) on delete cascade
);

-- The base that was taken, as it was then: a later change of the product never rewrites it.
create table base_choice (
    id              bigint generated always as identity primary key,
    studio_id       bigint not null,
    sitting_id      bigint not null,
    artist_id       bigint not null,
    product_id      bigint,
    line            text not null,
    name            text not null,
    form            text not null,
    finish          text not null,
    contrast_ratio  double precision not null,
    wet_l           double precision not null,
    wet_a           double precision not null,
    wet_b           double precision not null,
    settled_l       double precision not null,
    settled_a       double precision not null,
    settled_b       double precision not null,
    target_l        double precision not null,
    target_a        double precision not null,
    target_b        double precision not null,
    school          text not null check (school in ('JAW_TO_NECK', 'OUTER_FACE')),
    difference      double precision not null check (difference >= 0),
    rank            int not null check (rank >= 1),
    trust           text not null,
    note            text check (length(note) <= 500),
    chosen_at       timestamptz not null default now(),
    version         int not null default 0,
    unique (studio_id, sitting_id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id),
    foreign key (product_id) references product (id) on delete set null
);
