-- Where a studio works, as the tz database names it; null while it is where the server is.
ALTER TABLE studio ADD COLUMN time_zone text CHECK (time_zone <> '');
