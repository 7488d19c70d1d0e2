import 'server-only';
import { listOrders, type JobOrders, type OrderLine } from '@/core/parts/orders';
import { pool, queryMany } from '../pool';
import { ensureFresh } from '../projection/keepFresh';
import { SHOWN } from '../shop';

/** The order list over all jobs on the bench as of today, and the numbers that ever came wrong, put away or not. */
export async function loadOrders(): Promise<{ lines: OrderLine[]; wrongNumbers: string[] }> {
  await ensureFresh();
  const today = new Date().toISOString().slice(0, 10);
  const jobs = await queryMany<JobOrders>(
    pool(),
    `
    SELECT job_id AS "jobId", number AS "jobNumber", job.machine, ordered FROM job_state JOIN job ON job.id = job_id
    WHERE NOT is_put_away AND ordered <> '[]' AND ${SHOWN} ORDER BY number`,
  );
  const wrong = await queryMany<{ number: string }>(
    pool(),
    `
    SELECT DISTINCT unnest(wrong_numbers) AS number FROM job_state JOIN job ON job.id = job_id
    WHERE wrong_numbers <> '{}' AND ${SHOWN}`,
  );
  const wrongNumbers = wrong.map(({ number }) => number);
  return { lines: listOrders(jobs, new Set(wrongNumbers), today), wrongNumbers };
}
