import 'server-only';
import type { AskableJob } from '@/core/ask/answer';
import { bagCode, stackCode } from '@/core/board/bagCode';
import { pool, queryMany } from '../pool';
import { SHOWN } from '../shop';

type Row = Pick<AskableJob, 'jobId' | 'machine' | 'number'> & { stackCount: number };

/** Every job that a bag on a shelf may belong to: those put away and handed over too. Newest first. */
export async function loadAskable(): Promise<AskableJob[]> {
  const rows = await queryMany<Row>(
    pool(),
    `
    SELECT id AS "jobId", machine, number, jsonb_array_length(plan->'stacks') AS "stackCount"
    FROM job WHERE ${SHOWN} ORDER BY number DESC`,
  );
  return rows.map(({ stackCount, ...job }) => ({
    ...job,
    code: bagCode(job.number),
    stackCodes: Array.from({ length: stackCount }, (_, i) => stackCode(job.number, i)),
  }));
}
