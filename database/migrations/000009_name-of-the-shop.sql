-- Up Migration

-- The demo has a name of its own, which goes when it is put away: what is printed for a customer bears the shop's.
ALTER TABLE shop ADD COLUMN demo_name text;
UPDATE shop SET demo_name = name, name = 'Workshop' WHERE name = 'Hallin Sound rescue workshop';

-- Down Migration

UPDATE shop SET name = demo_name WHERE demo_name IS NOT NULL;
ALTER TABLE shop DROP COLUMN demo_name;
