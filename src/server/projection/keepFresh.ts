import 'server-only';
import { log, pool, queryMany } from '../pool';
import { findStale, standAnew } from './standing';

/** Jobs whose record can't be read: named on the bench, and tried again when the server starts anew. */
const unreadable = new Set<string>();
export const unreadableJobs = (): string[] => [...unreadable];

/** Makes these states anew, one after another. One that can't be read takes no other along: it is logged. */
async function makeAnew(ids: readonly string[]) {
  for (const id of ids)
    try {
      await standAnew(id);
    } catch (error) {
      unreadable.add(id);
      log.error({ error, jobId: id }, 'a job can not be read');
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

/** The tool wall, an instrument or the demo changed: what the open jobs say on the bench may be another thing now. */
export async function standOpenJobsAnew(): Promise<void> {
  const rows = await queryMany<{ id: string }>(
    pool(),
    'SELECT job_id AS id FROM job_state WHERE NOT is_put_away',
  );
  await makeAnew(rows.map(({ id }) => id));
}
