import type { CastingMap } from '@/core/record/job';
import { boltCircle, corner, roundMap } from './outlines';
import type { JobKind } from './jobKind';
import { FINAL_DRIVE_TASKS } from './tasks/drivesAndHousings';
import { bearingSeat, sealSeat } from './seats';

const MAP: CastingMap = {
  outline: [
    corner(0, 104, 104),
    corner(0, 210, 104),
    corner(208, 210, 104),
    corner(208, 166, 16),
    corner(272, 158, 8),
    corner(272, 50, 8),
    corner(208, 42, 16),
    corner(208, 0, 104),
    corner(0, 0, 104),
  ],
  bolts: [
    [104, 198],
    [36, 170],
    [12, 104],
    [36, 38],
    [104, 11],
    [172, 38],
    [172, 170],
  ],
  ribs: [
    [
      [104, 104],
      [36, 170],
    ],
    [
      [104, 104],
      [36, 38],
    ],
    [
      [104, 104],
      [104, 11],
    ],
    [
      [104, 104],
      [104, 198],
    ],
    [
      [104, 104],
      [12, 104],
    ],
  ],
};

/**
 * Final drive or differential: pinion with an O-ring and a shim under its bearing, blind pilot needle, case bearings, axle seals.
 * Placeholder sizes. Common practice, no source.
 */
export const FINAL_DRIVE: JobKind = {
  kind: 'final_drive',
  name: 'Final drive',
  machineSort: 'utility quad',
  keywords: 'final drive differential diff pinion ring gear quad',
  reach: 'full_strip',
  castings: [
    {
      name: 'drive case',
      material: 'alsi7mg_t6',
      massKg: 3.1,
      areaM2: 0.21,
      map: MAP,
      seats: [
        bearingSeat('Ring-gear side', [104, 104], '6207', {
          bossOutsideMm: 96,
          bossHeightMm: 28,
          depthToShoulderMm: 17.6,
          shoulderBoreMm: 61,
          webThicknessMm: 8,
          shaft: 'ring gear',
        }),
        bearingSeat('Pinion bearing', [224, 104], '6305 C3', {
          bossOutsideMm: 84,
          bossHeightMm: 30,
          depthToShoulderMm: 17.8,
          shoulderBoreMm: 52,
          webThicknessMm: 8,
          usualClass: 'M7',
          shaft: 'pinion',
        }),
        bearingSeat('Pinion pilot needle', [160, 104], 'BK1816', {
          bossOutsideMm: 38,
          bossHeightMm: 24,
          depthToShoulderMm: 17,
          shoulderBoreMm: 0,
          usualClass: 'R7',
          shaft: 'pinion nose',
        }),
        sealSeat(
          'Axle seal, case side',
          [104, 104],
          { shaftMm: 35, outsideMm: 52, widthMm: 7 },
          { shaft: 'axle', face: 'back' },
        ),
      ],
    },
    {
      name: 'drive cover',
      material: 'alsi7mg_t6',
      massKg: 1.2,
      areaM2: 0.11,
      map: roundMap(208, boltCircle(104, 104, 92, 8)),
      seats: [
        bearingSeat('Cover bearing', [104, 104], '6008', {
          bossOutsideMm: 90,
          bossHeightMm: 26,
          depthToShoulderMm: 16.4,
          shoulderBoreMm: 58,
          webThicknessMm: 7,
          shaft: 'ring gear',
        }),
        sealSeat(
          'Cover seal, behind its bearing',
          [104, 104],
          { shaftMm: 40, outsideMm: 55, widthMm: 8 },
          { shaft: 'axle', belowFaceMm: 17 },
        ),
      ],
    },
  ],
  order: [
    { first: 'Pinion pilot needle', then: 'Pinion bearing', why: 'inner_first' },
    { first: 'Cover seal, behind its bearing', then: 'Cover bearing', why: 'seal_behind' },
  ],
  tasks: FINAL_DRIVE_TASKS,
  parts: [
    { name: 'O-ring under the pinion bearing', what: 'o_ring' },
    { name: 'Cover O-ring', what: 'o_ring' },
    { name: 'Bearing stop O-ring', what: 'o_ring' },
    { name: 'Input seal', what: 'seal' },
  ],
  stacks: [
    { name: 'Pinion shims', shaft: 'pinion' },
    { name: 'Ring-gear shims', shaft: 'ring gear' },
  ],
  shafts: [{ name: 'pinion', seats: [{ name: 'Pinion bearing', usualClass: 'k6' }] }],
  fasteners: [
    { name: 'Pinion ring nut', size: 'M45×1.5', isLeftHand: true, locking: 'strong_locker' },
    { name: 'Bearing stop', size: 'M58×1.5', locking: 'lock_pin' },
    { name: 'Cover bolts', size: 'M8', count: 8 },
    { name: 'Stop’s thin nut', size: 'M12×1.25', locking: 'peened' },
  ],
  access: ['Oil drained: colour and chips', 'Axles out', 'Drive off the machine'],
  checks: ['rock', 'oil', 'noise', 'seal_weeping'],
  hidden: [
    { name: 'O-ring under the pinion bearing', under: 'Pinion bearing' },
    { name: 'Shim under the pinion bearing', under: 'Pinion bearing' },
  ],
  inspect: [{ name: 'Gear teeth: contact pattern' }, { name: 'Axle seal track' }],
  special: [
    {
      step: 'stacks',
      text: 'Two- and three-notch shims, and a spacer that belongs to one of them: piece by piece. Front and rear drive on one bench have near-identical stacks.',
    },
    {
      step: 'strip',
      text: 'The ring nut is left-hand, set in adhesive. Pull the pilot needle blind. Catch the pinion when the press lets it go.',
    },
    {
      step: 'work',
      text: 'An O-ring past the lock-pin hole is cut by its edge, in and out: plug the hole flush first.',
    },
    {
      step: 'heat_run',
      text: 'Cocked in the bore: stop, and draw it in with rod and washers.',
    },
  ],
  cautions: ['press', 'hot_metal'],
};
