-- What a studio counts in, and addresses at which further studios are founded in one installation.
alter table studio add column currency text check (currency ~ '^[A-Z]{3}$');
alter table studio add column units text not null default 'METRIC' check (units in ('METRIC', 'US'));
alter table first_run add column further boolean not null default false; -- told by whoever runs this installation, while there are studios
