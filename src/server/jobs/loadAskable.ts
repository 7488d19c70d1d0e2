import 'server-only';
import type { AskableJob } from '@/core/ask/answer';
import { wantedJobs } from '@/core/ask/wantedJobs';
import { bagCode, JOBS_WITH_STACK_CODES, stackCode } from '@/core/board/bagCode';
import { pool, queryMany } from '../pool';
import { SHOWN } from '../shop';

type Row = Pick<AskableJob, 'jobId' | 'machine' | 'number'> & { stackCount: number };

/** More jobs than this that fit the same words help nobody. */
const MOST_FOUND = 50;

/**
 * The jobs that a question may mean, those put away and handed over too, newest first: by a number, a bag's code, or words of the
 * machine.
 */
export async function loadAskable(asked: string): Promise<AskableJob[]> {
  const { numbers, stackNumbers, machine, words } = wantedJobs(asked);
  const starts = words.map((word) => `\\m${word}`);
  const rows = await queryMany<Row>(
    pool(),
    `
    SELECT id AS "jobId", machine, number, jsonb_array_length(plan->'stacks') AS "stackCount"
    FROM job
    WHERE ${SHOWN} AND (
      number = ANY($1::int[]) OR number % $2 = ANY($3::int[])
      OR upper(trim(machine)) = upper($4) OR (cardinality($5::text[]) > 0 AND machine ~* ALL($5::text[]))
    )
    ORDER BY number DESC LIMIT $6`,
    [numbers, JOBS_WITH_STACK_CODES, stackNumbers, machine, starts, MOST_FOUND],
  );
  return rows.map(({ stackCount, ...job }) => ({
    ...job,
    code: bagCode(job.number),
    stackCodes: Array.from({ length: stackCount }, (_, i) => stackCode(job.number, i)),
  }));
}
