-- Assistants stand at the chair and keep the record; trainees practise on made-up faces of their own.
alter table artist drop constraint artist_role_check;
alter table artist add constraint artist_role_check check (role in ('OWNER', 'ARTIST', 'ASSISTANT', 'TRAINEE'));
alter table invitation drop constraint invitation_role_check;
alter table invitation add constraint invitation_role_check check (role in ('OWNER', 'ARTIST', 'ASSISTANT', 'TRAINEE'));

-- A session knows the role that it began with: those that know none are over.
update artist set stamp = stamp + 1;

-- A made-up face that somebody practises on; null for a client.
alter table client add practised_by bigint;
alter table client add foreign key (studio_id, practised_by) references artist (studio_id, id);
create index client_practised on client (studio_id, practised_by) where practised_by is not null;
