-- A kit for the whole work: further roles and forms, what a label tells, how much is left; changes of many products that can be undone.
alter table product drop constraint product_role_check;
alter table product add constraint product_role_check check (role ~ '^[A-Z_]{1,24}$');
alter table product drop constraint product_form_check;
alter table product add constraint product_form_check check (form ~ '^[A-Z_]{1,24}$');
alter table product drop constraint product_contrast_ratio_check;
alter table product add constraint product_contrast_ratio_check check (contrast_ratio between 0.005 and 0.999);

alter table product add stock text not null default 'ENOUGH' check (stock in ('ENOUGH', 'LOW', 'OUT'));
update product set stock = 'OUT' where not in_stock;
alter table product drop column in_stock;

alter table product add sheen_l double precision check (sheen_l between 0 and 100);
alter table product add sheen_a double precision check (sheen_a between -128 and 128);
alter table product add sheen_b double precision check (sheen_b between -128 and 128);
alter table product add glint double precision check (glint between 0.005 and 0.5);
alter table product add constraint sheen_whole check (num_nulls(sheen_l, sheen_a, sheen_b, glint) in (0, 4));
alter table product add colourless boolean not null default false;
alter table product add mineral_share double precision check (mineral_share between 0 and 1);
alter table product add alcohol text not null default 'UNKNOWN' check (alcohol in ('YES', 'NO', 'UNKNOWN'));
alter table product add waterproof text not null default 'UNKNOWN' check (waterproof in ('YES', 'NO', 'UNKNOWN'));
alter table product add transfer_proof text not null default 'UNKNOWN' check (transfer_proof in ('YES', 'NO', 'UNKNOWN'));
alter table product add eye_safe text not null default 'UNKNOWN' check (eye_safe in ('YES', 'NO', 'UNKNOWN'));

-- What was changed for many products at once, with each as it was before, so that it can be put back whole.
create table kit_change (
    id          bigint generated always as identity primary key,
    studio_id   bigint not null references studio (id),
    artist_id   bigint not null,
    kind        text not null check (kind ~ '^[A-Z_]{1,24}$'),
    changed_at  timestamptz not null default now(),
    undone_at   timestamptz,
    unique (studio_id, id),
    foreign key (studio_id, artist_id) references artist (studio_id, id)
);
create table kit_change_row (
    studio_id   bigint not null,
    change_id   bigint not null,
    product_id  bigint not null,
    before      jsonb,          -- null for a product that the change added
    version     int not null,   -- as the change left it: a product that was saved since stays as it is
    primary key (studio_id, change_id, product_id),
    foreign key (studio_id, change_id) references kit_change (studio_id, id) on delete cascade,
    foreign key (studio_id, product_id) references product (studio_id, id) on delete cascade
);

-- A strength that no test mix taught is not known: drops are then taken for strong ones.
alter table formula alter column strength drop not null;
alter table formula alter column strength drop default;
update formula set strength = null where strength = 1;
