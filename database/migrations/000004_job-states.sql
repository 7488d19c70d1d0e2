-- Up Migration

-- What the record has made of each job, kept beside it: written in the transaction that stores an entry, made anew from the record by
-- `npm run rebuild` or when the formulas change. Nothing here is the only copy of anything.

-- The order in which entries came: of the same moment, the later one has the last word.
CREATE SEQUENCE entry_seq;
ALTER TABLE reading ADD COLUMN seq bigint NOT NULL DEFAULT nextval('entry_seq');
ALTER TABLE job_event ADD COLUMN seq bigint NOT NULL DEFAULT nextval('entry_seq');

CREATE TABLE job_state (
  job_id uuid PRIMARY KEY CONSTRAINT job_state_of_job REFERENCES job,
  -- Goes up by one with each change of the job, its seats or its record.
  version bigint NOT NULL,
  -- Formulas and shape that it was made with: of another, it is made anew.
  made_with text NOT NULL,
  -- The state without its seats, each of which has its own row.
  state jsonb NOT NULL,
  is_put_away boolean NOT NULL,
  bench jsonb NOT NULL,
  -- Until when the line on the bench holds if nothing is entered.
  bench_until timestamptz,
  heat jsonb NOT NULL,
  heat_until timestamptz,
  ordered jsonb NOT NULL,
  wrong_numbers text[] NOT NULL,
  stacks jsonb NOT NULL,
  -- As they compare: small letters, no spaces around.
  machine text NOT NULL,
  frame_number text NOT NULL,
  engine_number text NOT NULL
) WITH (fillfactor = 60);
CREATE INDEX job_state_on_bench ON job_state (job_id) WHERE NOT is_put_away;
CREATE INDEX job_state_warm ON job_state (heat_until) WHERE heat_until IS NOT NULL;
CREATE INDEX job_state_came_wrong ON job_state (job_id) WHERE wrong_numbers <> '{}';
CREATE INDEX job_state_machine ON job_state (machine);
CREATE INDEX job_state_frame ON job_state (frame_number) WHERE frame_number <> '';
CREATE INDEX job_state_engine ON job_state (engine_number) WHERE engine_number <> '';
CREATE INDEX job_state_made_with ON job_state (made_with);

CREATE TABLE seat_result (
  seat_id uuid PRIMARY KEY CONSTRAINT seat_result_of_seat REFERENCES seat,
  job_id uuid NOT NULL CONSTRAINT seat_result_of_job REFERENCES job,
  state jsonb NOT NULL,
  -- What later rebuilds of the machine are compared with; null while its bore is not measured.
  measured jsonb
) WITH (fillfactor = 60);
CREATE INDEX seat_result_by_job ON seat_result (job_id);
CREATE INDEX casting_by_job ON casting (job_id);

-- What is warm is read from the states.
DROP INDEX event_of_heat;

-- Down Migration

CREATE INDEX event_of_heat ON job_event (at) WHERE kind IN ('casting_into_heat', 'part_into_freezer');
DROP INDEX casting_by_job;
DROP TABLE seat_result, job_state;
ALTER TABLE job_event DROP COLUMN seq;
ALTER TABLE reading DROP COLUMN seq;
DROP SEQUENCE entry_seq;
