import type { CastingMap } from '@/core/record/job';
import { corner } from './outlines';
import type { JobKind } from './jobKind';
import { SWING_ARM_TASKS } from './tasks/wheelsAndPivots';
import { bearingSeat, bushSeat, sealSeat } from './seats';

const MAP: CastingMap = {
  outline: [
    corner(0, 0, 32),
    corner(70, 0, 26),
    corner(76, 24, 12),
    corner(184, 24, 12),
    corner(190, 0, 26),
    corner(260, 0, 32),
    corner(260, 66, 32),
    corner(190, 66, 26),
    corner(184, 46, 12),
    corner(76, 46, 12),
    corner(70, 66, 26),
    corner(0, 66, 32),
  ],
  bolts: [[130, 35]],
  ribs: [
    [
      [76, 35],
      [184, 35],
    ],
  ],
};
const cup = {
  bossOutsideMm: 40,
  bossHeightMm: 56,
  shoulderBoreMm: 20,
  isThrough: true,
  webThicknessMm: 4,
  usualClass: 'N7' as const,
  running: { housingC: 30, ringC: 30 },
};

/**
 * Swing-arm pivots: outer needle cups, inner bushes, seals of differing kind, sleeves, unequal spacers. Placeholder sizes. Common
 * practice, no source.
 */
export const SWING_ARM: JobKind = {
  kind: 'swing_arm',
  name: 'Swing-arm pivots',
  machineSort: 'utility quad',
  keywords: 'swing arm swingarm pivot needle quad linkage',
  reach: 'some_hours',
  castings: [
    {
      name: 'swing arm',
      material: 'mild_steel',
      massKg: 5.2,
      areaM2: 0.3,
      map: MAP,
      seats: [
        bearingSeat('Left outer needle', [34, 33], 'HK2220', {
          ...cup,
          depthToShoulderMm: 22.8,
          shaft: 'left sleeve',
        }),
        bushSeat(
          'Left inner bush',
          [60, 33],
          { boreMm: 22, outsideMm: 28, widthMm: 16, material: 'tin_bronze' },
          { ...cup, depthToShoulderMm: 26, face: 'back', shaft: 'left sleeve' },
        ),
        bearingSeat('Right outer needle', [226, 33], 'HK2220', {
          ...cup,
          depthToShoulderMm: 22.8,
          shaft: 'right sleeve',
        }),
        bushSeat(
          'Right inner bush',
          [200, 33],
          { boreMm: 22, outsideMm: 28, widthMm: 16, material: 'tin_bronze' },
          { ...cup, depthToShoulderMm: 26, face: 'back', shaft: 'right sleeve' },
        ),
        sealSeat(
          'Left outer seal',
          [34, 33],
          { shaftMm: 22, outsideMm: 35, widthMm: 7 },
          { shaft: 'left collar' },
        ),
        sealSeat(
          'Right outer seal',
          [226, 33],
          { shaftMm: 22, outsideMm: 35, widthMm: 7 },
          { shaft: 'right collar' },
        ),
      ],
    },
  ],
  order: [
    { first: 'Left inner bush', then: 'Left outer needle', why: 'no_room_later' },
    { first: 'Right inner bush', then: 'Right outer needle', why: 'no_room_later' },
  ],
  tasks: SWING_ARM_TASKS,
  parts: [
    { name: 'Left inner sleeve', what: 'sleeve' },
    { name: 'Right inner sleeve', what: 'sleeve' },
    { name: 'Thrust washers in their cups', what: 'other', count: 2 },
    { name: 'Chain roller', what: 'other', reach: 'outside' },
  ],
  stacks: [
    { name: 'Left end of the pivot', shaft: 'pivot bolt' },
    { name: 'Right end of the pivot', shaft: 'pivot bolt' },
  ],
  fasteners: [{ name: 'Pivot nut', size: 'M16×1.5', locking: 'split_pin' }],
  access: ['Wheel and axle off', 'Shock off', 'Pivot bolt out'],
  checks: ['rock', 'rust', 'rough'],
  inspect: [
    { name: 'Left sleeve: needle track', limitMm: 21.97 },
    { name: 'Right sleeve: needle track', limitMm: 21.97 },
  ],
  special: [
    {
      step: 'strip',
      text: 'Measure the depth of everything while it comes apart; spacers are unequal left and right.',
    },
    { step: 'parts', text: 'The sleeve’s wear decides too: new needles on a worn sleeve do not last.' },
    {
      step: 'heat_run',
      text: 'Draw it in with greased thread and thrust bearing; marks on the driver, needles packed in grease. A collar that bottoms on the driver comes out first.',
    },
  ],
  cautions: ['safety_parts', 'press'],
};
