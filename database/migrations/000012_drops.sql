-- Up Migration

-- What was promised of each drop by heat, and what came of it: made from the record of its job, and made anew whenever that says other.
CREATE TABLE drop_result (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job (id) ON DELETE CASCADE,
  at timestamptz NOT NULL,
  result jsonb NOT NULL
);
CREATE INDEX drop_result_job ON drop_result (job_id);
CREATE INDEX drop_result_at ON drop_result (at DESC);

-- What the shop's own heats taught is used, unless somebody switches it off.
ALTER TABLE shop ADD COLUMN uses_learned boolean NOT NULL DEFAULT true;

-- Down Migration

ALTER TABLE shop DROP COLUMN uses_learned;
DROP TABLE drop_result;
