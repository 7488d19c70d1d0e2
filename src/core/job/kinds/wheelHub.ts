import { boltCircle, roundMap } from './outlines';
import type { JobKind } from './jobKind';
import { HUB_TASKS } from './tasks/wheelsAndPivots';
import { bearingSeat, sealSeat } from './seats';

const light = { usualClass: 'M7' as const, load: 'rotating' as const, running: { housingC: 40, ringC: 38 } };

/** Wheel hub: two sealed bearings, a spacer tube between them, dust seals. Placeholder sizes. Common practice, no source. */
export const WHEEL_HUB: JobKind = {
  kind: 'wheel_hub',
  name: 'Wheel hub',
  machineSort: 'trail bike',
  keywords: 'wheel bearing hub front rear axle spacer',
  reach: 'some_hours',
  castings: [
    {
      name: 'wheel hub',
      material: 'al6061_t6',
      massKg: 1.1,
      areaM2: 0.12,
      map: roundMap(156, boltCircle(78, 78, 62, 6)),
      seats: [
        bearingSeat('Disc side', [78, 78], '6203-2RS', {
          ...light,
          bossOutsideMm: 58,
          bossHeightMm: 30,
          depthToShoulderMm: 21,
          shoulderBoreMm: 30,
          shaft: 'axle',
        }),
        bearingSeat('Sprocket side', [78, 78], '6204-2RS', {
          ...light,
          bossOutsideMm: 66,
          bossHeightMm: 34,
          depthToShoulderMm: 23,
          shoulderBoreMm: 36,
          shaft: 'axle',
          face: 'back',
        }),
        sealSeat(
          'Disc-side dust seal',
          [78, 78],
          { shaftMm: 25, outsideMm: 40, widthMm: 7 },
          { shaft: 'axle spacer' },
        ),
        sealSeat(
          'Sprocket-side dust seal',
          [78, 78],
          { shaftMm: 28, outsideMm: 47, widthMm: 7 },
          { shaft: 'axle spacer', face: 'back' },
        ),
      ],
    },
  ],
  order: [{ first: 'Disc side', then: 'Sprocket side', why: 'spacer_between' }],
  tasks: HUB_TASKS,
  parts: [{ name: 'Spacer tube', what: 'sleeve' }],
  stacks: [{ name: 'Axle spacers', shaft: 'axle', isFullOnly: true }],
  fasteners: [{ name: 'Axle nut', size: 'M16×1.5', locking: 'split_pin' }],
  access: ['Wheel out', 'Wheel on wood blocks, disc in the air'],
  checks: ['rock', 'rough', 'rust'],
  hidden: [{ name: 'Spacer tube between the bearings', under: 'Sprocket side' }],
  special: [
    {
      step: 'strip',
      text: 'Push the spacer aside and drift the inner edge of the far bearing in four places, or use an expanding puller.',
    },
    {
      step: 'heat_run',
      text: 'Light fits: no heat needed. The second bearing goes in only until its inner race nips the spacer: it still slides sideways by finger, both bearings turn.',
    },
  ],
  cautions: ['safety_parts'],
};
