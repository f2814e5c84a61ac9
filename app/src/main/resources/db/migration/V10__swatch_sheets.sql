-- A kit from pictures: where a colour comes from, and the sheets that products were smeared on.
alter table product add measured_by text not null default 'TYPED' check (measured_by in ('TYPED', 'METER', 'SHEET', 'ROUGH_SHEET'));
alter table product add measured_on date;
alter table product add doubt double precision check (doubt between 0 and 100);
alter table product add slope double precision check (slope between -10 and 10);
alter table product add constraint measured_whole check ((measured_by = 'TYPED') = (measured_on is null));

create table swatch_sheet (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null references studio (id),
    number      int not null check (number between 1 and 2047),
    artist_id   bigint not null,
    made_at     timestamptz not null default now(),
    deleted_at  timestamptz,
    unique (studio_id, id),
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create unique index swatch_sheet_by_number on swatch_sheet (studio_id, number) where deleted_at is null;

create table swatch_picture (
    id           bigint generated always as identity primary key,
    studio_id    bigint not null,
    sheet_id     bigint not null,
    stage        text not null check (stage in ('WET', 'SETTLED')),
    taken_at     timestamptz not null default now(),
    colour_card  boolean not null,
    kelvin       double precision check (kelvin between 1000 and 30000),
    paper_l      double precision not null,
    paper_a      double precision not null,
    paper_b      double precision not null,
    print_l      double precision not null,
    print_a      double precision not null,
    print_b      double precision not null,
    jpeg         bytea not null,
    thumb        bytea not null,
    unique (studio_id, id),
    unique (studio_id, sheet_id, stage),
    foreign key (studio_id, sheet_id) references swatch_sheet (studio_id, id) on delete cascade
);

create table swatch_reading (
    studio_id       bigint not null,
    picture_id      bigint not null,
    number          int not null check (number between 1 and 12),
    verdict         text not null check (verdict ~ '^[A-Z_]{1,24}$'),
    colour_l        double precision check (colour_l between 0 and 100),
    colour_a        double precision check (colour_a between -128 and 128),
    colour_b        double precision check (colour_b between -128 and 128),
    coat            double precision not null,
    slope           double precision not null,
    contrast        double precision not null,
    doubt           double precision not null,
    coat_doubt      double precision not null,
    light           double precision not null,
    uneven          boolean not null,
    usual_contrast  double precision,
    primary key (studio_id, picture_id, number),
    foreign key (studio_id, picture_id) references swatch_picture (studio_id, id) on delete cascade
);

-- What lies on a field: a product of the kit, or a new one as far as it was named.
create table swatch_field (
    studio_id   bigint not null,
    sheet_id    bigint not null,
    number      int not null check (number between 1 and 12),
    product_id  bigint,
    line        text check (length(line) <= 60),
    name        text check (length(name) <= 60),
    role        text check (role ~ '^[A-Z_]{1,24}$'),
    form        text check (form ~ '^[A-Z_]{1,24}$'),
    finish      text check (finish ~ '^[A-Z_]{1,24}$'),
    thick       boolean not null default false, -- lies on the next field too, laid thick
    taken_at    timestamptz,
    primary key (studio_id, sheet_id, number),
    foreign key (studio_id, sheet_id) references swatch_sheet (studio_id, id) on delete cascade,
    foreign key (studio_id, product_id) references product (studio_id, id) on delete cascade
);
