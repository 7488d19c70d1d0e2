import 'server-only';
import type { JobId } from '@/core/record/ids';
import { notify } from '../live/notify';
import { findAwayCause, log, pool, queryMany } from '../pool';
import { findStale, standAnew } from './standing';

/** One for the whole process, however many bundles hold this module: what one door found, the others know. */
type Kept = {
  all: Promise<void> | null;
  work: Promise<void>;
  /** Jobs whose record can't be read: named on the bench, and tried again when the server starts anew or the shop changes. */
  unreadable: Set<JobId>;
};
const holder = globalThis as unknown as { urnKeyFresh?: Kept };
const kept = () => (holder.urnKeyFresh ??= { all: null, work: Promise.resolve(), unreadable: new Set() });
export const unreadableJobs = (): JobId[] => [...kept().unreadable];

/** Makes these states anew, one after another. One that can't be read takes no other along: it is logged. */
async function makeAnew(
  ids: readonly JobId[],
  onDone: (done: number, all: number) => void = () => undefined,
) {
  for (const [i, id] of ids.entries()) {
    try {
      await standAnew(id);
      kept().unreadable.delete(id);
    } catch (error) {
      if (findAwayCause(error)) throw error;
      kept().unreadable.add(id);
      log.error({ error, jobId: id }, 'a job can not be read');
    }
    onDone(i + 1, ids.length);
  }
}

/**
 * Every state that is missing, was made with other formulas than these, or is stale since the shop changed, is made anew. Whoever asks
 * meanwhile waits for it; when the database goes away in between, the next to ask begins again.
 */
export function ensureFresh(): Promise<void> {
  const now = kept();
  if (!now.all) {
    // One after another: what a first round is at is not made twice, and many changes in a row cost two rounds.
    const all = now.work.then(findStale).then(makeAnew);
    now.all = all;
    now.work = all.catch(() => {
      if (now.all === all) now.all = null;
    });
  }
  return now.all;
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
  return { made: rows.length - kept().unreadable.size, unreadable: unreadableJobs() };
}

/**
 * The tool wall, the instruments, the rules or the demo changed: what the open jobs say may be another thing now. Their states are stale
 * at once, in the database, so that a server that ends while it makes them anew forgets none; who reads one meanwhile waits for it.
 */
export async function openJobsAreStale(): Promise<void> {
  const rows = await queryMany<{ id: JobId }>(
    pool(),
    `UPDATE job_state SET version = version + 1, made_with = ''
    WHERE job_id IN (SELECT job_id FROM job_state WHERE NOT is_put_away ORDER BY job_id FOR UPDATE) RETURNING job_id AS id`,
  );
  kept().all = null;
  // Whoever asks next begins again where this one fails.
  ensureFresh().catch((error: unknown) => log.warn({ error }, 'open jobs wait to be made anew'));
  for (const { id } of rows) await notify(pool(), { kind: 'job', jobId: id });
}
