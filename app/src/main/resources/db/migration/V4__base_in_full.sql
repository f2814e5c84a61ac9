-- Base in full: what is asked of a base, stripes that are watched, what a product was seen to do, mixes, seasons, purchases.

alter table studio add kit_version bigint not null default 0; -- raised by every change of a product, so that what is kept in memory knows its age

alter table product add learned_l double precision check (learned_l between -40 and 40);
alter table product add learned_a double precision check (learned_a between -40 and 40);
alter table product add learned_b double precision check (learned_b between -40 and 40);
alter table product add constraint learned_whole check (num_nulls(learned_l, learned_a, learned_b) in (0, 3));

-- What a product is in a mix.
create table formula (
    studio_id   bigint not null,
    product_id  bigint not null,
    carrier     text not null check (carrier in ('WATER', 'OIL', 'SILICONE', 'POWDER', 'ANY')),
    density     double precision check (density between 0.2 and 5),
    price       double precision check (price between 0 and 100000),
    content_ml  double precision check (content_ml between 0.1 and 5000),
    strength    double precision not null default 1 check (strength between 0.01 and 100),
    primary key (studio_id, product_id),
    foreign key (studio_id, product_id) references product (studio_id, id) on delete cascade
);

create table base_setting (
    studio_id      bigint not null,
    sitting_id     bigint not null,
    school         text not null default 'JAW_TO_NECK'
                   check (school in ('JAW_TO_NECK', 'OUTER_FACE', 'FACE_TO_BODY', 'FOREARM')),
    freckles       boolean not null default false,
    heavy_contour  boolean not null default false,
    light_collar   boolean not null default false,
    powder         double precision not null default 1 check (powder between 0 and 2),
    primer_at      timestamptz,
    primer_minutes int not null default 5 check (primer_minutes between 1 and 60),
    primary key (studio_id, sitting_id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade
);

-- Stripes on the skin, each with its own time; several may run at once.
create table stripe_watch (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    sitting_id  bigint not null,
    product_id  bigint not null,
    laid_at     timestamptz not null,
    minutes     int not null check (minutes between 1 and 60),
    unique (studio_id, sitting_id, product_id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, product_id) references product (studio_id, id) on delete cascade
);

-- What a product was seen to do between wet and settled.
create table dry_down (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    product_id  bigint not null,
    sitting_id  bigint,
    artist_id   bigint not null,
    answer      text check (answer in ('VANISHED', 'TOO_LIGHT', 'TOO_DEEP', 'TOO_PINK', 'TOO_GOLDEN', 'TOO_GREY')), -- null: by meter
    shift_l     double precision not null check (shift_l between -60 and 60),
    shift_a     double precision not null check (shift_a between -60 and 60),
    shift_b     double precision not null check (shift_b between -60 and 60),
    doubt       double precision not null check (doubt > 0),
    seen_at     timestamptz not null default now(),
    foreign key (studio_id, product_id) references product (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id),
    foreign key (sitting_id) references sitting (id) on delete set null
);
create index dry_down_by_product on dry_down (studio_id, product_id, id);

alter table base_choice drop constraint base_choice_school_check;
alter table base_choice add constraint base_choice_school_check
    check (school in ('JAW_TO_NECK', 'OUTER_FACE', 'FACE_TO_BODY', 'FOREARM'));
alter table base_choice add overruled text check (length(overruled) <= 500); -- what Scree had against it, in words of the day
alter table base_choice add more jsonb; -- parts of a mix, the inner tone, the bridge to the neck, as they were

alter table step drop constraint step_stage_check;
alter table step add constraint step_stage_check check (stage in ('FACE', 'PLACE', 'MIX'));

-- Mixes that were tried: counted parts and what came out.
create table test_mix (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    sitting_id  bigint,
    artist_id   bigint not null,
    parts       jsonb not null,
    seen_l      double precision not null check (seen_l between 0 and 100),
    seen_a      double precision not null check (seen_a between -128 and 128),
    seen_b      double precision not null check (seen_b between -128 and 128),
    by_meter    boolean not null,
    tried_at    timestamptz not null default now(),
    unique (studio_id, id),
    foreign key (studio_id, artist_id) references artist (studio_id, id),
    foreign key (sitting_id) references sitting (id) on delete set null
);
create index test_mix_by_studio on test_mix (studio_id, id);

create table season_pair (
    studio_id   bigint not null,
    client_id   bigint not null,
    winter_id   bigint not null,
    summer_id   bigint not null,
    nudge       int not null default 0 check (nudge between -6 and 6), -- parts moved by what the client said
    primary key (studio_id, client_id),
    check (winter_id <> summer_id),
    foreign key (studio_id, client_id) references client (studio_id, id) on delete cascade,
    foreign key (studio_id, winter_id) references product (studio_id, id) on delete cascade,
    foreign key (studio_id, summer_id) references product (studio_id, id) on delete cascade
);

create table season_word (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    client_id   bigint not null,
    artist_id   bigint not null,
    word        text not null check (word in ('CHALKY', 'ORANGE_OR_DIRTY')),
    said_at     timestamptz not null default now(),
    foreign key (studio_id, client_id) references client (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create index season_word_by_client on season_word (studio_id, client_id, id);

-- What could be bought, as it was typed.
create table purchase_list (
    studio_id   bigint primary key references studio (id),
    words       text not null check (length(words) <= 20000)
);
