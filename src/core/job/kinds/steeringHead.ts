import { blockMap } from './outlines';
import type { JobKind } from './jobKind';
import { STEERING_HEAD_TASKS } from './tasks/wheelsAndPivots';
import { bearingSeat } from './seats';

const race = {
  bossHeightMm: 40,
  webThicknessMm: 4,
  usualClass: 'P7' as const,
  running: { housingC: 30, ringC: 30 },
};

/**
 * Steering head: upper and lower race in the head tube, cone on the stem with its dust seal, adjuster. Placeholder sizes. Common
 * practice, no source.
 */
export const STEERING_HEAD: JobKind = {
  kind: 'steering_head',
  name: 'Steering head',
  machineSort: 'trail bike',
  keywords: 'steering head bearing headset race taper cone fork stem',
  reach: 'some_hours',
  castings: [
    {
      name: 'head tube',
      material: 'mild_steel',
      massKg: 6,
      areaM2: 0.35,
      map: blockMap(
        72,
        178,
        10,
        [],
        [
          [
            [36, 60],
            [36, 120],
          ],
        ],
      ),
      seats: [
        bearingSeat('Upper race', [36, 146], '32005 X', {
          ...race,
          bossOutsideMm: 57,
          depthToShoulderMm: 15.5,
          shoulderBoreMm: 40,
        }),
        bearingSeat('Lower race', [36, 34], '32006 X', {
          ...race,
          bossOutsideMm: 66,
          depthToShoulderMm: 18.5,
          shoulderBoreMm: 47,
          face: 'back',
        }),
      ],
    },
  ],
  order: [{ first: 'Upper race', then: 'Lower race', why: 'guided_by_open_end' }],
  tasks: STEERING_HEAD_TASKS,
  parts: [
    { name: 'Upper cone with rollers', what: 'bearing' },
    { name: 'Lower cone with rollers', what: 'bearing' },
    { name: 'Dust seal under the lower cone', what: 'seal' },
    { name: 'Shim under the cone’s seal', what: 'shim_set', reach: 'outside' },
  ],
  shafts: [
    {
      name: 'stem',
      ends: [
        { name: 'top', thread: 'M25×1', isLeftHand: false },
        { name: 'bottom', thread: null, isLeftHand: false },
      ],
      seats: [
        { name: 'upper cone', usualClass: 'g6', cone: '32005 X' },
        { name: 'lower cone', usualClass: 'k6', cone: '32006 X' },
      ],
    },
  ],
  fasteners: [
    { name: 'Adjuster', size: 'M25×1' },
    { name: 'Stem nut', size: 'M22×1' },
  ],
  access: ['Frame strapped and padded', 'Forks and stem out'],
  checks: ['rock', 'rough', 'rust'],
  special: [
    {
      step: 'strip',
      text: 'Old races out with an unhardened rod by opposite quarters. A taper race smaller inside than the tube leaves no lip: start dead straight when fitting.',
    },
    {
      step: 'measure',
      text: 'Rag and small brush only; old races may stay in as masks while the frame is blasted.',
    },
    {
      step: 'heat_run',
      text: 'Drawn in one at a time, upper first; oil film under the race, grease only outside. Equal gap, then a definite stop.',
    },
  ],
  cautions: ['safety_parts', 'drift'],
};
