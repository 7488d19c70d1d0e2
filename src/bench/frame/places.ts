import type { JobId } from '@/core/record/ids';
import type { WalkStyle } from '@/core/record/vocabulary';
import type { Place } from './Head';

/** A job at its next move, in the person’s walk. */
export const jobPath = (jobId: JobId, walk: WalkStyle) => `/jobs/${jobId}?walk=${walk}`;

export type PlaceName = 'Bench' | 'Job' | 'Quick sums' | 'Reference';

/** The places that the head leads to; a job only while one is open. */
export function placesFrom(here: PlaceName, jobHref?: string): Place[] {
  const all: [PlaceName, string][] = [
    ['Bench', '/'],
    ...(jobHref ? [['Job', jobHref] as [PlaceName, string]] : []),
    ['Quick sums', '/sums'],
    ['Reference', '/reference'],
  ];
  return all.map(([name, href]) => ({ name, href, isHere: name === here }));
}
