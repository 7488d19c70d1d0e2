import 'server-only';
import type { JobHead } from '@/core/record/job';
import { log } from '../pool';

export type UnreadableJob = Pick<JobHead, 'id' | 'number' | 'machine'>;

/**
 * Makes something of each job. One that can't be read (a row from another version, a slip of ours) does not take the others along: it is
 * named, and its error goes to the log.
 */
export function eachReadable<T>(
  records: readonly JobHead[],
  make: (record: JobHead) => T,
): { made: T[]; unreadable: UnreadableJob[] } {
  const made: T[] = [];
  const unreadable: UnreadableJob[] = [];
  for (const record of records)
    try {
      made.push(make(record));
    } catch (error) {
      log.error({ error, jobId: record.id }, 'a job can not be read');
      const { id, number, machine } = record;
      unreadable.push({ id, number, machine });
    }
  return { made, unreadable };
}
