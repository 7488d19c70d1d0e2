-- Up Migration

-- The first half of the work: what a job plans, photographs, the tool wall, a shop's own kinds of job; and the demo kept apart.

ALTER TABLE shop ADD COLUMN shows_demo boolean NOT NULL DEFAULT true;

ALTER TABLE person
  ADD COLUMN walk text NOT NULL DEFAULT 'full' CONSTRAINT person_walk_known CHECK (walk IN ('quick', 'full', 'taught')),
  ADD COLUMN is_demo boolean NOT NULL DEFAULT false;

ALTER TABLE instrument
  -- Last day of its calibration as ISO text: a day has no time zone, and no driver turns text into one.
  ADD COLUMN calibration_due text CONSTRAINT instrument_calibration_is_a_day CHECK (calibration_due ~ '^\d{4}-\d{2}-\d{2}$'),
  ADD COLUMN is_demo boolean NOT NULL DEFAULT false;

ALTER TABLE job
  ADD COLUMN plan jsonb NOT NULL DEFAULT '{"version":1,"order":[],"parts":[],"stacks":[],"fasteners":[],"access":[],"checks":[],"hidden":[],"inspect":[],"special":[],"cautions":[]}',
  ADD COLUMN is_demo boolean NOT NULL DEFAULT false;

ALTER TABLE seat ADD COLUMN face text CONSTRAINT seat_face_known CHECK (face IN ('front', 'back'));

CREATE TABLE photograph (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL CONSTRAINT photograph_job_exists REFERENCES job,
  seat_id uuid CONSTRAINT photograph_seat_exists REFERENCES seat,
  person_id uuid NOT NULL CONSTRAINT photograph_person_exists REFERENCES person,
  caption text NOT NULL,
  width_px integer NOT NULL,
  height_px integer NOT NULL,
  jpeg bytea NOT NULL,
  taken_at timestamptz NOT NULL,
  stored_at timestamptz NOT NULL DEFAULT clock_timestamp()
);
CREATE INDEX photograph_by_job ON photograph (job_id, taken_at);
CREATE TRIGGER photograph_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON photograph FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- Drivers, sockets, presses …: each as `src/core/tools/tool` describes it. Taken off the wall, not deleted, so that it can be hung back.
CREATE TABLE tool (
  id uuid PRIMARY KEY,
  body jsonb NOT NULL,
  version integer NOT NULL DEFAULT 1,
  is_off_wall boolean NOT NULL DEFAULT false,
  is_demo boolean NOT NULL DEFAULT false
);

-- A job kept as the shop's own kind: its castings, seats and plan, never its readings.
CREATE TABLE own_kind (
  id uuid PRIMARY KEY,
  name text NOT NULL CONSTRAINT own_kind_name_length CHECK (char_length(name) BETWEEN 1 AND 80),
  head jsonb NOT NULL,
  made_at timestamptz NOT NULL DEFAULT clock_timestamp()
);

-- Down Migration

DROP TABLE own_kind, tool, photograph;
ALTER TABLE seat DROP COLUMN face;
ALTER TABLE job DROP COLUMN plan, DROP COLUMN is_demo;
ALTER TABLE instrument DROP COLUMN calibration_due, DROP COLUMN is_demo;
ALTER TABLE person DROP COLUMN walk, DROP COLUMN is_demo;
ALTER TABLE shop DROP COLUMN shows_demo;
