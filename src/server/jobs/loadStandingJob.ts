import 'server-only';
import type { JobId } from '@/core/record/ids';
import type { LoadedJob } from '@/core/project/project';
import { pool } from '../pool';
import { readStanding } from '../projection/standing';
import { loadPeople, loadPhotographs } from './loadJob';

/** A job as a screen starts from it; null where there is none. */
export async function loadStandingJob(jobId: JobId): Promise<LoadedJob | null> {
  const standing = await readStanding(jobId);
  if (!standing) return null;
  return {
    ...standing.job,
    version: standing.version,
    people: await loadPeople(pool(), jobId),
    photographs: await loadPhotographs(pool(), jobId),
  };
}
