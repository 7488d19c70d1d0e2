import { THRESHOLDS } from '@/core/heat/mildest';
import { startJob, type JobKind } from '@/core/job/kinds/jobKind';
import type { JobRecord } from '@/core/record/job';
import { idOf } from '../../database/demo/demo';
import { NOW } from './records';

let count = 0;
const PERSON = { id: idOf('person iq'), initials: 'IQ', name: 'Ida Quill', units: 'metric' } as const;
/** Whatever lies at hand, well within what a bearing seat asks for. */
const HAND = {
  id: idOf('by hand'),
  name: 'By hand',
  kind: 'by_hand',
  resolution: 0.001,
  u: 0.001,
  isSimulated: false,
} as const;

/** A job of that kind as it is on its first day, opened at `NOW` by the one person of an empty shop. */
export const freshJob = (kind: JobKind): JobRecord => ({
  ...startJob(kind, {
    number: 1,
    machine: 'Test',
    roomC: 20,
    openedAt: new Date(NOW).toISOString(),
    makeId: () => idOf(`fresh job ${(count += 1)}`),
  }),
  entries: { readings: [], events: [] },
  people: [{ ...PERSON }],
  instruments: [{ ...HAND }],
  photographs: [],
  tools: [],
  rules: THRESHOLDS,
  isDemo: false,
});
