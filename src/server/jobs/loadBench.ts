import 'server-only';
import type { JobId } from '@/core/record/ids';
import { benchJob, type BenchJob, type BenchLine } from '@/core/board/benchLine';
import type { JobHead } from '@/core/record/job';
import { pool, queryMany } from '../pool';
import { ensureFresh, unreadableJobs } from '../projection/keepFresh';
import { standAnew } from '../projection/standing';
import { eachReadable, type UnreadableJob } from './eachReadable';
import { SHOWN } from '../shop';
import { loadHeadRows, readHead } from './loadJob';

/** Lines and heats whose time has come (a casting counts as cool by now) are made anew. */
export async function renewLines(nowMs: number) {
  await ensureFresh();
  const over = await queryMany<{ id: JobId }>(
    pool(),
    'SELECT job_id AS id FROM job_state WHERE NOT is_put_away AND bench_until < $1',
    [new Date(nowMs).toISOString()],
  );
  for (const { id } of over) await standAnew(id);
}

/**
 * The jobs on the bench, or those of them that are asked for; and those whose record can't be read: named, so that nobody thinks them
 * gone.
 */
export async function loadBench(
  nowMs: number,
  jobIds: readonly JobId[] | null = null,
): Promise<{ jobs: BenchJob[]; unreadable: UnreadableJob[] }> {
  await renewLines(nowMs);
  const rows = await queryMany<{ id: JobId; line: BenchLine }>(
    pool(),
    `
    SELECT job_id AS id, bench AS line FROM job_state JOIN job ON job.id = job_id
    WHERE NOT is_put_away AND ${SHOWN} AND ($1::uuid[] IS NULL OR job_id = ANY ($1))`,
    [jobIds],
  );
  const lines = new Map(rows.map(({ id, line }) => [id, line]));
  const heads = await loadHeadRows(pool(), [...lines.keys(), ...(jobIds ? [] : unreadableJobs())]);
  const { made, unreadable } = eachReadable(heads, (row: JobHead) => {
    const line = lines.get(row.id);
    if (!line) throw new Error('its state could not be made');
    return benchJob(readHead(row), line);
  });
  return { jobs: made, unreadable };
}
