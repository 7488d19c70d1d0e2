import 'server-only';
import type { JobRecord } from '@/core/record/job';
import { pool, queryMany } from '../pool';
import { loadJobs } from './loadJob';

/** A part forgotten in the freezer longer than this is left to the log. */
const LATELY = '30 days';

/** Jobs in which something was made hot or cold lately: all that the strip of clocks can speak of. */
export async function loadWarmJobs(): Promise<JobRecord[]> {
  const rows = await queryMany<{ jobId: string }>(
    pool(),
    `
    SELECT DISTINCT job_id AS "jobId" FROM job_event
    WHERE kind IN ('casting_into_heat', 'part_into_freezer') AND at > now() - interval '${LATELY}'`,
  );
  return rows.length === 0 ? [] : loadJobs(rows.map(({ jobId }) => jobId));
}
