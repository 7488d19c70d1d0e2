-- Up Migration

-- One shop: its people, its instruments, its jobs. Sizes are mm at 20 °C, temperatures °C, as the column says.

CREATE TABLE shop (
  is_only boolean PRIMARY KEY DEFAULT true CONSTRAINT shop_is_one CHECK (is_only),
  name text NOT NULL
);
INSERT INTO shop (name) VALUES ('Workshop');

CREATE TABLE person (
  id uuid PRIMARY KEY,
  initials text NOT NULL CONSTRAINT person_initials_length CHECK (char_length(initials) BETWEEN 1 AND 4),
  name text NOT NULL,
  units text NOT NULL CONSTRAINT person_units_known CHECK (units IN ('metric', 'metric_um', 'imperial'))
);

CREATE TABLE instrument (
  id uuid PRIMARY KEY,
  name text NOT NULL,
  kind text NOT NULL CONSTRAINT instrument_kind_known CHECK (kind IN ('bore_gauge', 'micrometer', 'depth_gauge', 'contact_probe', 'by_hand')),
  resolution double precision NOT NULL CONSTRAINT instrument_resolution_positive CHECK (resolution > 0),
  u double precision NOT NULL CONSTRAINT instrument_u_positive CHECK (u > 0),
  is_simulated boolean NOT NULL
);

CREATE TABLE job (
  id uuid PRIMARY KEY,
  number integer NOT NULL CONSTRAINT job_number_unique UNIQUE,
  kind text NOT NULL,
  machine text NOT NULL,
  machine_sort text NOT NULL,
  room_c double precision NOT NULL,
  opened_at timestamptz NOT NULL
);

CREATE TABLE casting (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL CONSTRAINT casting_job_exists REFERENCES job,
  position integer NOT NULL,
  name text NOT NULL,
  material text NOT NULL,
  mass_kg double precision NOT NULL,
  area_m2 double precision NOT NULL,
  map jsonb NOT NULL,
  CONSTRAINT casting_position_unique UNIQUE (job_id, position)
);

CREATE TABLE seat (
  id uuid PRIMARY KEY,
  casting_id uuid NOT NULL CONSTRAINT seat_casting_exists REFERENCES casting,
  position integer NOT NULL,
  name text NOT NULL,
  x_mm double precision NOT NULL,
  y_mm double precision NOT NULL,
  spec jsonb NOT NULL,
  -- Goes up by one with each edit: an edit made on an older version is refused.
  version integer NOT NULL DEFAULT 1,
  CONSTRAINT seat_position_unique UNIQUE (casting_id, position)
);

-- The record. Rows are made in the browser with their own id, stored once, and never changed or removed.

CREATE TABLE reading (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL CONSTRAINT reading_job_exists REFERENCES job,
  seat_id uuid CONSTRAINT reading_seat_exists REFERENCES seat,
  casting_id uuid CONSTRAINT reading_casting_exists REFERENCES casting,
  person_id uuid NOT NULL CONSTRAINT reading_person_exists REFERENCES person,
  instrument_id uuid NOT NULL CONSTRAINT reading_instrument_exists REFERENCES instrument,
  slot text NOT NULL,
  typed text NOT NULL,
  value double precision NOT NULL,
  metal_c double precision NOT NULL,
  taken_at timestamptz NOT NULL,
  stored_at timestamptz NOT NULL DEFAULT clock_timestamp()
);
CREATE INDEX reading_by_job ON reading (job_id, taken_at);

CREATE TABLE job_event (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL CONSTRAINT event_job_exists REFERENCES job,
  seat_id uuid CONSTRAINT event_seat_exists REFERENCES seat,
  casting_id uuid CONSTRAINT event_casting_exists REFERENCES casting,
  person_id uuid NOT NULL CONSTRAINT event_person_exists REFERENCES person,
  kind text NOT NULL,
  body jsonb NOT NULL,
  at timestamptz NOT NULL,
  stored_at timestamptz NOT NULL DEFAULT clock_timestamp()
);
CREATE INDEX event_by_job ON job_event (job_id, at);
-- For the strip on every screen: which jobs have had anything hot or cold lately.
CREATE INDEX event_of_heat ON job_event (at) WHERE kind IN ('casting_into_heat', 'part_into_freezer');

CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'table % is append-only', TG_TABLE_NAME USING ERRCODE = 'restrict_violation';
END
$$;
CREATE TRIGGER reading_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON reading FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
CREATE TRIGGER event_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON job_event FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- Which screen a gauge speaks to, and what that screen asks it to measure. Working state, not record.
CREATE TABLE gauge_claim (
  instrument_id uuid PRIMARY KEY CONSTRAINT claim_instrument_exists REFERENCES instrument,
  screen_id text NOT NULL,
  target jsonb NOT NULL,
  claimed_at timestamptz NOT NULL DEFAULT clock_timestamp()
);

-- Down Migration

DROP TABLE gauge_claim, job_event, reading, seat, casting, job, instrument, person, shop;
DROP FUNCTION refuse_change();
