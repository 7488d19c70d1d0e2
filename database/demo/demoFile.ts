import type { JobHead } from '@/core/record/job';
import { JOB_FILE_FORMAT, type JobFile } from '@/core/record/jobFile';
import { JOB_FILE_VERSION } from '@/core/record/liftFile';
import type { Diary } from './diary';
import { instrumentsAt, PEOPLE } from './shop';

/** A job of the demo with its diary, as a file. */
export const demoFile = (
  job: JobHead,
  { readings, events, photographs }: Pick<Diary, 'readings' | 'events' | 'photographs'>,
  nowMs: number,
): JobFile => ({
  format: JOB_FILE_FORMAT,
  version: JOB_FILE_VERSION,
  job,
  people: PEOPLE,
  instruments: instrumentsAt(nowMs),
  readings,
  events,
  photographs,
});
