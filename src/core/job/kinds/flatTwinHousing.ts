import type { CastingMap } from '@/core/record/job';
import { corner } from './outlines';
import type { JobKind } from './jobKind';
import { FLAT_TWIN_TASKS } from './tasks/drivesAndHousings';
import { bearingSeat, bushSeat } from './seats';

const MAP: CastingMap = {
  outline: [
    corner(30, 0, 40),
    corner(232, 0, 20),
    corner(260, 40, 40),
    corner(252, 140, 50),
    corner(196, 206, 20),
    corner(192, 252, 8),
    corner(176, 252, 4),
    corner(172, 270, 4),
    corner(64, 270, 4),
    corner(60, 252, 4),
    corner(20, 252, 8),
    corner(24, 180, 30),
    corner(0, 100, 60),
  ],
  bolts: [
    [34, 240],
    [182, 240],
    [246, 150],
    [248, 30],
    [56, 12],
    [14, 100],
    [150, 10],
  ],
  ribs: [
    [
      [100, 136],
      [46, 30],
    ],
    [
      [130, 172],
      [190, 210],
    ],
    [
      [206, 78],
      [246, 110],
    ],
    [
      [158, 60],
      [200, 20],
    ],
  ],
};

/**
 * Bearing housing in a light-alloy crankcase: a bronze housing with bush and thrust faces, oil hole in line. Placeholder sizes. Common
 * practice, no source.
 */
export const FLAT_TWIN_HOUSING: JobKind = {
  kind: 'flat_twin_housing',
  name: 'Bearing housing in a crankcase',
  machineSort: 'sidecar outfit',
  keywords: 'flat twin bronze bearing housing crankcase bush oil hole',
  reach: 'full_strip',
  castings: [
    {
      name: 'timing side',
      material: 'alsi9cu3',
      massKg: 3.4,
      areaM2: 0.27,
      map: MAP,
      seats: [
        bushSeat(
          'Timing-side housing',
          [100, 140],
          { boreMm: 45, outsideMm: 82, widthMm: 32 },
          {
            bossOutsideMm: 134,
            bossHeightMm: 38,
            depthToShoulderMm: 31.9,
            shoulderBoreMm: 66,
            webThicknessMm: 9,
            usualClass: 'N7',
            shaft: 'crank, timing journal',
          },
        ),
        bearingSeat('Camshaft', [206, 76], '6204', {
          bossOutsideMm: 68,
          bossHeightMm: 24,
          depthToShoulderMm: 14.6,
          shoulderBoreMm: 38,
          shaft: 'camshaft',
        }),
        bearingSeat('Magneto drive', [150, 40], '6202', {
          bossOutsideMm: 50,
          bossHeightMm: 18,
          depthToShoulderMm: 11.3,
          shoulderBoreMm: 28,
          shaft: 'magneto drive',
        }),
      ],
    },
  ],
  tasks: FLAT_TWIN_TASKS,
  parts: [
    { name: 'Thrust washers', what: 'shim_set', count: 2 },
    { name: 'Timing-gear key', what: 'other' },
  ],
  fasteners: [{ name: 'Timing gear nut', size: 'M14×1', locking: 'tab' }],
  stacks: [{ name: 'Crank thrust washers', shaft: 'crank' }],
  access: ['Engine out', 'Cylinders and pistons off', 'Rods lined up to their gaps, crank supported'],
  checks: ['oil', 'noise', 'rough'],
  inspect: [
    { name: 'Timing gear: keyway and teeth' },
    { name: 'Housing in the casting: looseness', limitMm: 0.02, isLeast: false },
  ],
  special: [
    {
      step: 'strip',
      text: 'Mark across housing and casting before it moves: the oil hole must come back in line.',
    },
    {
      step: 'measure',
      text: 'Punch marks round it do not hold it and shift it: rebuild the surface (solder tinning turned to size, sleeve, retaining compound within its gap).',
    },
    {
      step: 'heat_run',
      text: 'Heat the case, drop the housing with the oil hole lined up. It stands a touch above the casting, equal on both sides.',
    },
  ],
  cautions: ['hot_metal'],
};
