-- What a usual coat on a face hides, over the coat that the contrast ratio was told on. Empty is estimated.
alter table product add worn_share double precision check (worn_share between 0.05 and 2);
