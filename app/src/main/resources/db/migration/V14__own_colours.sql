-- What make-up is held against: told at intake, since hair is dyed. What is loved is kept.
alter table sitting add column hair text, add column brows text, add column eyes text, add column keep_marks boolean;

-- What the artist did not say of the base, intake and Place say.
alter table base_setting alter column freckles drop not null, alter column freckles drop default,
    alter column heavy_contour drop not null, alter column heavy_contour drop default;
update base_setting set freckles = null where not freckles;
update base_setting set heavy_contour = null where not heavy_contour;
