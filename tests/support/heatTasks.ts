import type { JobHeatTask } from '@/core/board/heatTasks';
import type { HeatSpot } from '@/core/board/heatSchedule';
import { asId } from './ids';

export const MIN = 60_000;

/** An oven for two, hot air, and a freezer for three. */
export const SPOTS: HeatSpot[] = [
  { key: 'oven', kind: 'oven', holds: 2, reachesC: null },
  { key: 'gun', kind: 'hot_air', holds: 1, reachesC: null },
  { key: 'freezer', kind: 'freezer', holds: 3, reachesC: null },
];

/** A heat of 20 min in the oven, an hour in the freezer and two minutes of work. */
export const heatTask = (key: string, change: Partial<JobHeatTask> = {}): JobHeatTask => ({
  key,
  jobId: asId(`job of ${key}`),
  castingId: asId(key),
  seatId: asId(`seat of ${key}`),
  machine: 'Merrow 3',
  name: `Half ${key}`,
  source: 'oven',
  dialC: 100,
  wantedC: 85,
  freezerC: -18,
  soakMs: 20 * MIN,
  cold: [{ key: `${key} bearing`, soakMs: 60 * MIN, sinceMs: null, placeKey: null }],
  handsMs: 2 * MIN,
  coolMs: { rubber: 15 * MIN, touch: 25 * MIN },
  drops: [
    {
      seatId: asId(`seat of ${key}`),
      name: 'Main bearing',
      face: 'inside',
      heat: 1,
      atS: 0,
      castingC: 85,
      slackS: 74.6,
      isTurnedOver: false,
    },
  ],
  heats: 1,
  leastSlackS: 74.6,
  isProvenBest: true,
  personId: null,
  troubles: [],
  inMs: null,
  outMs: null,
  placeKey: null,
  ...change,
});
