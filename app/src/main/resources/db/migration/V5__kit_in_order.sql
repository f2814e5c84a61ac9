-- A page of a large kit is read in the order in which the kit is shown, without sorting all of it.
drop index product_by_role;
create index product_in_order on product (studio_id, role, line, length(name), name, id);
