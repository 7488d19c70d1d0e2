import 'server-only';
import type { JobId } from '@/core/record/ids';
import { notify } from '../live/notify';
import { findAwayCause, log, pool, queryMany } from '../pool';
import { findStale, standAnew } from './standing';

/** Jobs whose record can't be read: named on the bench, and tried again when the server starts anew. */
const unreadable = new Set<JobId>();
export const unreadableJobs = (): JobId[] => [...unreadable];

/** Makes these states anew, one after another. One that can't be read takes no other along: it is logged. */
async function makeAnew(
  ids: readonly JobId[],
  onDone: (done: number, all: number) => void = () => undefined,
) {
  for (const [i, id] of ids.entries()) {
    try {
      await standAnew(id);
      unreadable.delete(id);
    } catch (error) {
      if (findAwayCause(error)) throw error;
      unreadable.add(id);
      log.error({ error, jobId: id }, 'a job can not be read');
    }
    onDone(i + 1, ids.length);
  }
}

let fresh: Promise<void> | null = null;

/**
 * Once in the life of a server: every state that is missing, or was made with other formulas than these, is made anew. Whoever asks
 * meanwhile waits for it; when the database goes away in between, the next to ask begins again.
 */
export function ensureFresh(): Promise<void> {
  fresh ??= findStale()
    .then(makeAnew)
    .catch((error: unknown) => {
      fresh = null;
      throw error;
    });
  return fresh;
}

/** Every job there is, whatever its state. @returns how many were made, and ids of those that can't be read */
export async function standAllAnew(
  onDone: (done: number, all: number) => void,
): Promise<{ made: number; unreadable: JobId[] }> {
  const rows = await queryMany<{ id: JobId }>(pool(), 'SELECT id FROM job ORDER BY number');
  await makeAnew(
    rows.map(({ id }) => id),
    onDone,
  );
  return { made: rows.length - unreadable.size, unreadable: unreadableJobs() };
}

/** The tool wall or the demo changed: what the open jobs say on the bench may be another thing now. */
export async function standOpenJobsAnew(): Promise<void> {
  const rows = await queryMany<{ id: JobId }>(
    pool(),
    'SELECT job_id AS id FROM job_state WHERE NOT is_put_away',
  );
  await makeAnew(rows.map(({ id }) => id));
  for (const { id } of rows) await notify(pool(), { kind: 'job', jobId: id });
}
