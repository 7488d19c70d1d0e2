import 'server-only';
import { z } from 'zod';
import type { JobId } from '@/core/record/ids';
import { JOB_NUMBER_MAX, type JobHead } from '@/core/record/job';
import { pool, queryMany } from '../pool';
import { SHOWN } from '../shop';
import { eachReadable, type UnreadableJob } from './eachReadable';
import { loadHeadRows, readHead } from './loadJob';

/** Which part of the list: as many as `limit` with numbers past `after`; all without a limit. */
export const jobsQuery = z.object({
  after: z.coerce.number().int().min(0).max(JOB_NUMBER_MAX).default(0),
  limit: z.coerce.number().int().min(1).max(500).optional(),
});

export type JobsPage = {
  jobs: JobHead[];
  unreadable: UnreadableJob[];
  /** Address of the page after this one; null: this is the last. */
  next: string | null;
};

/** Jobs by their number, oldest first, a page at a time where that is asked for. */
export async function loadJobsPage({ after, limit }: z.infer<typeof jobsQuery>): Promise<JobsPage> {
  const rows = await queryMany<{ id: JobId; number: number }>(
    pool(),
    `SELECT id, number FROM job WHERE number > $1 AND ${SHOWN} ORDER BY number LIMIT $2`,
    [after, limit === undefined ? null : limit + 1],
  );
  const hasMore = limit !== undefined && rows.length > limit;
  const shown = hasMore ? rows.slice(0, limit) : rows;
  const heads = await loadHeadRows(
    pool(),
    shown.map(({ id }) => id),
  );
  const { made: jobs, unreadable } = eachReadable(heads, readHead);
  return {
    jobs,
    unreadable,
    next: hasMore ? `/api/v1/jobs?after=${shown.at(-1)!.number}&limit=${limit}` : null,
  };
}
