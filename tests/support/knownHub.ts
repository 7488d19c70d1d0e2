import { THRESHOLDS } from '@/core/heat/mildest';
import type { CastingId, SeatId } from '@/core/record/ids';
import { idOf, TOOLS } from '../../database/demo/demo';
import type { EventBody, EventKind, Reading } from '@/core/record/entries';
import { makeEvent } from '@/core/record/makeEvent';
import type { JobRecord } from '@/core/record/job';
import { startJob } from '@/core/job/kinds/jobKind';
import { WHEEL_HUB } from '@/core/job/kinds/wheelHub';
import { NOW } from './records';

/** A wheel hub of which nothing is known yet, and facts to add to it one by one. */
let count = 0;
const makeId = () => idOf(`next move test ${(count += 1)}`);
export const HAND = {
  id: idOf('by hand'),
  name: 'By hand',
  kind: 'by_hand' as const,
  resolution: 0.01,
  u: 0.002,
  isSimulated: false,
};
export const fresh: JobRecord = {
  ...startJob(WHEEL_HUB, {
    number: 1,
    machine: 'Hub',
    roomC: 20,
    openedAt: new Date(NOW).toISOString(),
    makeId,
  }),
  entries: { readings: [], events: [] },
  people: [],
  instruments: [HAND],
  photographs: [],
  tools: TOOLS,
  rules: THRESHOLDS,
  isDemo: false,
};
export const [disc, sprocket] = fresh.castings[0]!.seats as [
  JobRecord['castings'][number]['seats'][number],
  JobRecord['castings'][number]['seats'][number],
];

export type Fact = (record: JobRecord) => JobRecord;
const at = (record: JobRecord) =>
  new Date(NOW + (record.entries.events.length + record.entries.readings.length) * 1000).toISOString();
export const happen =
  <K extends EventKind>(
    kind: K,
    body: EventBody<K>,
    where: { seatId?: SeatId; castingId?: CastingId } = { seatId: disc.id },
  ): Fact =>
  (record) => ({
    ...record,
    entries: {
      ...record.entries,
      events: [
        ...record.entries.events,
        makeEvent({
          id: makeId(),
          seatId: where.seatId ?? null,
          castingId: where.castingId ?? null,
          personId: idOf('person iq'),
          kind,
          body,
          at: at(record),
        }),
      ],
    },
  });
export const read =
  (values: Record<string, number>, seatId = disc.id): Fact =>
  (record) =>
    Object.entries(values).reduce<JobRecord>(
      (r, [slot, value]) => ({
        ...r,
        entries: {
          ...r.entries,
          readings: [
            ...r.entries.readings,
            {
              id: makeId(),
              seatId,
              castingId: null,
              personId: idOf('person iq'),
              slot,
              typed: String(value),
              value,
              instrumentId: HAND.id,
              metalC: 20,
              takenAt: at(r),
            } satisfies Reading,
          ],
        },
      }),
      record,
    );
export const known = (...facts: Fact[]) => facts.reduce((record, fact) => fact(record), fresh);

export const BORE = { 'bore.1.0': 39.982, 'bore.1.90': 39.983, 'bore.2.0': 39.982, 'bore.2.90': 39.983 };
export const OUTSIDE = { 'outside.0': 39.994, 'outside.90': 39.994 };
export const MATES = { 'journal.0': 16.99, 'inside.0': 16.996 };
export const hub = { castingId: fresh.castings[0]!.id };
export const chosen = (way: EventBody<'way_in_chosen'>['way']) =>
  happen('way_in_chosen', { way, housingC: 70, ringC: -18, formulaVersion: 't' });
export const order = (state: EventBody<'order_noted'>['state']) =>
  happen(
    'order_noted',
    {
      partKey: fresh.plan.parts.find(({ seatId }) => seatId === disc.id)!.key,
      state,
      kitNumber: '',
      promisedFor: null,
    },
    {},
  );
export const pass =
  (...depths: number[]): Fact =>
  (record) =>
    read(Object.fromEntries(depths.map((mm, i) => [`depth.1.${i * 90}`, mm])))(
      happen('square_pass_started', { pass: 1, sense: 'sunk', circleMm: 34 })(record),
    );
