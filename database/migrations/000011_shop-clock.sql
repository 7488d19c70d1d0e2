-- Up Migration

-- The shop's clock while a rehearsal runs faster, or has run ahead; null: the real one.
ALTER TABLE shop ADD COLUMN clock jsonb;

-- Down Migration

ALTER TABLE shop DROP COLUMN clock;
