-- Light, zones with free spots, touch, witnesses of the undertone, meters, the print of the card, phones, and pictures sent from home.

alter table sitting add event_light text not null default 'DAYLIGHT'
    check (event_light in ('DAYLIGHT', 'OFFICE', 'WARM_STAGE', 'FLASH'));
alter table sitting add came_in_at timestamptz; -- sent from home; the artist has not sat this face yet

alter table picture add camera text check (length(camera) <= 120);

alter table reading add light jsonb;
alter table reading add print_name text;
alter table zone_reading add feature int not null default 0 check (feature >= 0);

alter table base_choice add light_grade text check (light_grade in ('GOOD', 'USABLE', 'UNFIT'));

create table spot_reading (
    studio_id   bigint not null,
    reading_id  bigint not null,
    spot        int not null check (spot >= 1),
    lab_l       double precision not null check (lab_l between 0 and 100),
    lab_a       double precision not null check (lab_a between -128 and 128),
    lab_b       double precision not null check (lab_b between -128 and 128),
    round_l     double precision not null check (round_l between 0 and 100),
    round_a     double precision not null check (round_a between -128 and 128),
    round_b     double precision not null check (round_b between -128 and 128),
    primary key (studio_id, reading_id, spot),
    foreign key (studio_id, reading_id) references reading (studio_id, id) on delete cascade
);

create table metered_light (
    studio_id   bigint not null,
    sitting_id  bigint not null,
    kelvin      double precision not null check (kelvin between 1000 and 25000),
    duv         double precision not null check (duv between -0.1 and 0.1),
    lux         double precision not null check (lux between 0 and 200000),
    metered_at  timestamptz not null default now(),
    primary key (studio_id, sitting_id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade
);

-- What fingers found, by zone and side.
create table touch (
    studio_id   bigint not null,
    sitting_id  bigint not null,
    zone        text not null,
    side        text not null check (side in ('RIGHT', 'CENTRE', 'LEFT')),
    texture     text not null,
    primary key (studio_id, sitting_id, zone, side, texture),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade
);

create table region_type (
    studio_id   bigint not null,
    sitting_id  bigint not null,
    region      text not null,
    skin_type   text not null check (skin_type in ('DRY', 'NORMAL', 'COMBINATION', 'OILY')),
    primary key (studio_id, sitting_id, region),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade
);

-- Findings that an artist looked for and did not see; kept, with whose word it is.
create table finding_ruling (
    studio_id   bigint not null,
    sitting_id  bigint not null,
    finding     text not null,
    artist_id   bigint not null,
    ruled_at    timestamptz not null default now(),
    primary key (studio_id, sitting_id, finding),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);

create table testimony (
    studio_id   bigint not null,
    sitting_id  bigint not null,
    witness     text not null,
    answer      text not null,
    struck      boolean not null default false,
    artist_id   bigint not null,
    said_at     timestamptz not null default now(),
    primary key (studio_id, sitting_id, witness),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);

-- Presses of the colour meter on a zone; three make a reading.
create table zone_press (
    studio_id   bigint not null,
    sitting_id  bigint not null,
    zone        text not null,
    seq         int not null check (seq >= 1),
    lab_l       double precision not null check (lab_l between 0 and 100),
    lab_a       double precision not null check (lab_a between -128 and 128),
    lab_b       double precision not null check (lab_b between -128 and 128),
    pressed_at  timestamptz not null default now(),
    primary key (studio_id, sitting_id, zone, seq),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade
);

-- Presses of the colour meter on a swatch, wet and after the dry-down.
create table swatch_press (
    studio_id   bigint not null,
    product_id  bigint not null,
    state       text not null check (state in ('WET', 'SETTLED')),
    seq         int not null check (seq >= 1),
    lab_l       double precision not null check (lab_l between 0 and 100),
    lab_a       double precision not null check (lab_a between -128 and 128),
    lab_b       double precision not null check (lab_b between -128 and 128),
    pressed_at  timestamptz not null default now(),
    primary key (studio_id, product_id, state, seq),
    foreign key (studio_id, product_id) references product (studio_id, id) on delete cascade
);

-- What a daylight picture with the colour card taught about a phone.
create table phone (
    studio_id   bigint not null references studio (id),
    camera      text not null check (length(camera) between 1 and 120),
    map         jsonb not null,
    learned_at  timestamptz not null default now(),
    primary key (studio_id, camera)
);

-- The print of the card that a studio uses: measured values belong to one print.
create table printed_card (
    studio_id   bigint not null references studio (id),
    name        text not null check (length(name) between 1 and 80),
    file        text not null check (length(file) <= 400000),
    taken_at    timestamptz not null default now(),
    primary key (studio_id)
);

-- A link that a client opens without an account. Only a hash of it is kept.
create table remote_link (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null,
    client_id   bigint not null,
    artist_id   bigint not null,
    token_hash  text not null unique check (length(token_hash) = 64),
    made_at     timestamptz not null default now(),
    expires_at  timestamptz not null,
    tries       int not null default 0,
    used_at     timestamptz,
    sitting_id  bigint,
    unique (studio_id, id),
    foreign key (studio_id, client_id) references client (studio_id, id) on delete cascade,
    foreign key (studio_id, artist_id) references artist (studio_id, id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade
);
create index remote_link_by_client on remote_link (studio_id, client_id);

create table remote_answer (
    studio_id     bigint not null,
    sitting_id    bigint not null,
    hair          text check (length(hair) <= 80),
    eyes          text check (length(eyes) <= 80),
    skin_type     text check (skin_type in ('DRY', 'NORMAL', 'COMBINATION', 'OILY')),
    coverage      text check (coverage in ('SHEER', 'MEDIUM', 'FULL')),
    finish        text check (finish in ('MATTE', 'SATIN', 'DEWY')),
    allergies     text check (length(allergies) <= 500),
    concerns      text check (length(concerns) <= 500),
    went_wrong    text check (length(went_wrong) <= 500),
    consent_at    timestamptz not null,
    primary key (studio_id, sitting_id),
    foreign key (studio_id, sitting_id) references sitting (studio_id, id) on delete cascade
);
