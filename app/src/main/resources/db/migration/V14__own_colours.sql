-- What make-up is held against: told at intake, since hair is dyed.
alter table sitting add column hair text, add column brows text, add column eyes text;
