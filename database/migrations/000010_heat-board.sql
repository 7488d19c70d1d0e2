-- Up Migration

-- What waits for heat or cold on a job, so that the board over all of them reads no entries.
ALTER TABLE job_state ADD COLUMN heat_tasks jsonb NOT NULL DEFAULT '[]';

-- What the shop wants of its heats, and the doors that somebody set.
ALTER TABLE shop ADD COLUMN heat_plan jsonb NOT NULL DEFAULT '{"wanted": {"is": "soonest"}, "doors": {}}';

-- Down Migration

ALTER TABLE shop DROP COLUMN heat_plan;
ALTER TABLE job_state DROP COLUMN heat_tasks;
