import 'server-only';
import { findRebuilds, type Rebuild } from '@/core/job/rebuilds';
import { pool, queryMany } from '../pool';
import { loadJobs } from './loadJob';

/** Only the latest are looked at. */
const MOST_JOBS = 20;

/** Earlier and later rebuilds of a seat. Null: there is no such seat. */
export async function loadRebuilds(seatId: string, nowMs: number): Promise<Rebuild[] | null> {
  // Candidates by name, casting and machine or its numbers; which of them count is the core's to say.
  const rows = await queryMany<{ ownJob: string; id: string | null }>(
    pool(),
    `
    WITH own AS (
      SELECT seat.name AS seat_name, casting.name AS casting_name, job.id, lower(trim(machine)) AS machine,
        ARRAY(
          SELECT lower(trim(value)) FROM job_event, jsonb_each_text(body)
          WHERE job_event.job_id = job.id AND kind = 'machine_noted' AND key IN ('frameNumber', 'engineNumber')
            AND trim(value) <> ''
        ) AS numbers
      FROM seat JOIN casting ON casting.id = casting_id JOIN job ON job.id = casting.job_id WHERE seat.id = $1
    )
    SELECT own.id AS "ownJob", other.id FROM own LEFT JOIN LATERAL (
      SELECT DISTINCT job.id, job.opened_at FROM seat JOIN casting ON casting.id = casting_id JOIN job ON job.id = casting.job_id
      WHERE lower(trim(seat.name)) = lower(trim(seat_name)) AND lower(trim(casting.name)) = lower(trim(casting_name))
        AND job.id <> own.id
        AND (lower(trim(job.machine)) = own.machine OR EXISTS (
          SELECT FROM job_event, jsonb_each_text(body)
          WHERE job_event.job_id = job.id AND kind = 'machine_noted' AND key IN ('frameNumber', 'engineNumber')
            AND lower(trim(value)) = ANY (own.numbers)))
      ORDER BY job.opened_at DESC LIMIT ${MOST_JOBS}
    ) AS other ON true`,
    [seatId],
  );
  const ownJob = rows[0]?.ownJob;
  if (!ownJob) return null;
  const records = await loadJobs([ownJob, ...rows.flatMap(({ id }) => (id ? [id] : []))]);
  const own = records.find(({ id }) => id === ownJob);
  return own ? findRebuilds(own, seatId, records, nowMs) : [];
}
