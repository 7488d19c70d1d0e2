import type { JobRecord } from '@/core/record/job';
import { rebuild } from './advance';
import type { JobState } from './jobState';

/** A job as it stands: its head and what its entries have made of it, without the entries. */
export type ProjectedJob = Omit<JobRecord, 'entries'> & { state: JobState };

/** The same as a screen starts from it. `version` goes up with each change of the job or its record. */
export type LoadedJob = ProjectedJob & { version: number };

export const project = ({ entries, ...job }: JobRecord): ProjectedJob => ({
  ...job,
  state: rebuild(job.castings, entries),
});
