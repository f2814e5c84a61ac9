-- A letter belongs to a sitting, or to an invitation that it carries.
alter table invitation add unique (studio_id, id);
alter table letter alter column sitting_id drop not null;
alter table letter add column invitation_id bigint;
alter table letter add foreign key (studio_id, invitation_id) references invitation (studio_id, id) on delete cascade;
alter table letter add check ((sitting_id is null) <> (invitation_id is null));
create index letter_of_invitation on letter (studio_id, invitation_id) where invitation_id is not null;
