-- Up Migration

-- Bounds at the last door, and a mending of what came in before there were any. Entries stay as they were made: where the moment of
-- one can't be, the moment at which it was stored is shown in its place, and this table says so. Jobs are put right, and said too.

CREATE TABLE mended (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  table_name text NOT NULL,
  row_id uuid NOT NULL,
  field text NOT NULL,
  was text NOT NULL,
  became text NOT NULL,
  at timestamptz NOT NULL DEFAULT clock_timestamp()
);

CREATE FUNCTION is_sound_moment(at timestamptz) RETURNS boolean LANGUAGE sql IMMUTABLE AS $$
  SELECT at >= timestamptz '2000-01-01 00:00:00+00' AND at < timestamptz '2100-01-01 00:00:00+00'
$$;

INSERT INTO mended (table_name, row_id, field, was, became)
  SELECT 'reading', id, 'taken_at', taken_at::text, stored_at::text FROM reading WHERE NOT is_sound_moment(taken_at)
  UNION ALL
  SELECT 'job_event', id, 'at', at::text, stored_at::text FROM job_event WHERE NOT is_sound_moment(at)
  UNION ALL
  SELECT 'photograph', id, 'taken_at', taken_at::text, stored_at::text FROM photograph WHERE NOT is_sound_moment(taken_at);

-- Numbers beyond what is counted up take the next free ones, in their order.
WITH far AS (
  SELECT id, number AS was,
    (SELECT coalesce(max(number), 0) FROM job WHERE number <= 999999) + row_number() OVER (ORDER BY number) AS becomes
  FROM job WHERE number > 999999 OR number < 1
), said AS (
  INSERT INTO mended (table_name, row_id, field, was, became)
  SELECT 'job', id, 'number', was::text, becomes::text FROM far
)
UPDATE job SET number = far.becomes FROM far WHERE job.id = far.id;

WITH wrong AS (
  SELECT id, opened_at::text AS was, coalesce(
    (SELECT min(stored_at) FROM reading WHERE job_id = job.id),
    (SELECT min(stored_at) FROM job_event WHERE job_id = job.id),
    clock_timestamp()
  ) AS becomes
  FROM job WHERE NOT is_sound_moment(opened_at)
), said AS (
  INSERT INTO mended (table_name, row_id, field, was, became)
  SELECT 'job', id, 'opened_at', was, becomes::text FROM wrong
)
UPDATE job SET opened_at = wrong.becomes FROM wrong WHERE job.id = wrong.id;

ALTER TABLE job
  ADD CONSTRAINT job_number_counted CHECK (number BETWEEN 1 AND 999999),
  ADD CONSTRAINT job_opened_at_sound CHECK (is_sound_moment(opened_at));
-- The rows that are there were made under other rules, and can't be changed: the new rule is for new ones.
ALTER TABLE reading ADD CONSTRAINT reading_taken_at_sound CHECK (is_sound_moment(taken_at)) NOT VALID;
ALTER TABLE job_event ADD CONSTRAINT event_at_sound CHECK (is_sound_moment(at)) NOT VALID;
ALTER TABLE photograph ADD CONSTRAINT photograph_taken_at_sound CHECK (is_sound_moment(taken_at)) NOT VALID;

-- Down Migration

ALTER TABLE photograph DROP CONSTRAINT photograph_taken_at_sound;
ALTER TABLE job_event DROP CONSTRAINT event_at_sound;
ALTER TABLE reading DROP CONSTRAINT reading_taken_at_sound;
ALTER TABLE job DROP CONSTRAINT job_number_counted, DROP CONSTRAINT job_opened_at_sound;
DROP FUNCTION is_sound_moment(timestamptz);
DROP TABLE mended;
