import 'server-only';
import { JOB_NUMBER_MAX } from '@/core/record/job';
import { queryMaybeOne, type Queryable } from '../pool';

/**
 * The number for a new job: the one wanted, if it is free; else one more than the highest, and where counting has come to its end, the
 * first that was left out. To be asked while the table of jobs is locked.
 */
export async function freeNumber(client: Queryable, wanted: number | null = null): Promise<number> {
  const row = await queryMaybeOne<{ number: number }>(
    client,
    `
    SELECT CASE
      WHEN $1::integer IS NOT NULL AND NOT EXISTS (SELECT FROM job WHERE number = $1) THEN $1
      WHEN coalesce(max(number), 0) < ${JOB_NUMBER_MAX} THEN coalesce(max(number), 0) + 1
      WHEN NOT EXISTS (SELECT FROM job WHERE number = 1) THEN 1
      ELSE (SELECT min(here.number) + 1 FROM job AS here WHERE NOT EXISTS (SELECT FROM job AS next WHERE next.number = here.number + 1))
    END AS number FROM job`,
    [wanted],
  );
  return row!.number;
}
