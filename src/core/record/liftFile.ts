import { z } from 'zod';
import { liftEvent } from './events/versions';
import { liftHead } from './liftHead';
import { EMPTY_PLAN } from './plan';

type File = Record<string, unknown> & { job?: unknown; events?: unknown };

/** Version 1 had neither a plan nor photographs. */
const fromVersion1 = (file: File): File => ({
  ...file,
  photographs: [],
  job: typeof file.job === 'object' ? { ...file.job, plan: EMPTY_PLAN } : file.job,
});

/** Version 2 had no shafts, one kind of seat, and events whose bodies carried no version. */
const fromVersion2 = (file: File): File => ({
  ...file,
  job: liftHead(file.job),
  events: Array.isArray(file.events) ? file.events.map(liftEvent) : file.events,
});

const withPlan = (file: File, more: object): File => {
  const head = z.looseObject({ plan: z.looseObject({}) }).safeParse(file.job);
  return head.success ? { ...file, job: { ...head.data, plan: { ...more, ...head.data.plan } } } : file;
};

/** Version 3 knew no work beyond seats and access. */
const fromVersion3 = (file: File): File => withPlan(file, { tasks: [] });

/** Version 4 knew nothing that is done at a seat on a shaft; what it says holds as it is. */
const fromVersion4 = (file: File): File => file;

/** Version 5 measured nothing between parts, and said less of seals, rings and depths; what it says holds as it is. */
const fromVersion5 = (file: File): File => withPlan(file, { floats: [] });

/** What lifts a file of each version to the next. */
const LIFTS = [fromVersion1, fromVersion2, fromVersion3, fromVersion4, fromVersion5];

export const JOB_FILE_VERSION = LIFTS.length + 1;

/** A file of any version so far, as one of today; its schema has the last word. */
export function liftFile(data: z.infer<typeof fileHeaderSchema>): unknown {
  const lifted = LIFTS.slice(data.version - 1).reduce<File>((file, lift) => lift(file), data);
  return { ...lifted, version: JOB_FILE_VERSION };
}

/** A job alone (a kind kept by the shop), as files of that version carry it, as one of today. */
export const liftJob = (job: unknown, version: number): unknown =>
  (liftFile({ version, job, events: [] }) as { job: unknown }).job;

export const fileHeaderSchema = z.looseObject({ version: z.int().min(1) });
