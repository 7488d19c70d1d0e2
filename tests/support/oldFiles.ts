import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../../scripts/lib/processes.mjs';
import type { Casting, JobHead, Seat } from '@/core/record/job';
import type { JobFile } from '@/core/record/jobFile';

type OldSeat = Omit<Seat, 'spec'> & { spec: Record<string, unknown> };
/** A job file of version 2: its seats were all of one kind, and there were no shafts. */
export type OldFile = Omit<JobFile, 'version' | 'job'> & {
  version: 2;
  job: Omit<JobHead, 'castings' | 'shafts'> & {
    castings: (Omit<Casting, 'seats'> & { seats: OldSeat[] })[];
  };
};

/** The demo as the last release that wrote version 2 exported it. */
export const filesOfVersion2 = (): OldFile[] =>
  JSON.parse(readFileSync(join(ROOT, 'tests/reference/jobFilesVersion2.json'), 'utf8')) as OldFile[];
