import type { CastingMap } from '@/core/record/job';
import { corner, mirrorMap } from './outlines';
import type { JobKind } from './jobKind';
import { SAW_TASKS } from './tasks/saw';
import { bearingSeat, sealSeat } from './seats';

const WIDTH_MM = 196;
const MAP: CastingMap = {
  outline: [
    corner(0, 0, 12),
    corner(196, 0, 16),
    corner(192, 88, 30),
    corner(196, 148, 22),
    corner(118, 152, 14),
    corner(100, 170, 10),
    corner(76, 152, 12),
    corner(6, 146, 20),
    corner(8, 60, 40),
  ],
  bolts: [
    [14, 12],
    [182, 12],
    [182, 132],
    [18, 130],
    [98, 160],
    [14, 70],
  ],
  ribs: [
    [
      [70, 54],
      [40, 8],
    ],
    [
      [104, 66],
      [182, 36],
    ],
    [
      [52, 124],
      [28, 140],
    ],
  ],
};
const running = { housingC: 95, ringC: 105 };

/**
 * Chainsaw crankcase of magnesium: two small mains, a clip that must leave the oil passage open, seals both sides. Placeholder sizes.
 * Common practice, no source.
 */
export const SAW_CRANKCASE: JobKind = {
  kind: 'saw_crankcase',
  name: 'Chainsaw crankcase',
  machineSort: 'rescue saw',
  keywords: 'saw chainsaw magnesium crankcase case',
  reach: 'full_strip',
  castings: [
    {
      name: 'clutch side',
      material: 'az91',
      massKg: 0.52,
      areaM2: 0.085,
      map: MAP,
      seats: [
        bearingSeat('Clutch-side main', [74, 84], '6202 C3', {
          bossOutsideMm: 56,
          bossHeightMm: 21,
          depthToShoulderMm: 12.9,
          shoulderBoreMm: 29,
          webThicknessMm: 4,
          running,
          usualClass: 'P7',
          shaft: 'crank, clutch side',
          ring: { grooveFromFaceMm: 0.2, thicknessMm: 1.5, grooveDiameterMm: 37 },
        }),
        sealSeat(
          'Clutch-side seal',
          [74, 84],
          { shaftMm: 15, outsideMm: 26, widthMm: 7 },
          { shaft: 'crank stub', face: 'back' },
        ),
      ],
    },
    {
      name: 'flywheel side',
      material: 'az91',
      massKg: 0.47,
      areaM2: 0.08,
      map: mirrorMap(MAP, WIDTH_MM),
      seats: [
        bearingSeat('Flywheel-side main', [WIDTH_MM - 74, 84], '6202 C3', {
          bossOutsideMm: 54,
          bossHeightMm: 19,
          depthToShoulderMm: 11.4,
          shoulderBoreMm: 28,
          webThicknessMm: 4,
          running,
          usualClass: 'P7',
          shaft: 'crank, flywheel side',
        }),
        sealSeat(
          'Flywheel-side seal',
          [WIDTH_MM - 74, 84],
          { shaftMm: 15, outsideMm: 26, widthMm: 7 },
          { shaft: 'crank stub', face: 'back' },
        ),
      ],
    },
  ],
  parts: [
    { name: 'Crankcase gasket', what: 'gasket' },
    { name: 'Dowel pins', what: 'other', count: 2 },
  ],
  tasks: SAW_TASKS,
  shafts: [
    {
      name: 'crank',
      seats: [
        { name: 'clutch side', usualClass: 'k5' },
        { name: 'flywheel side', usualClass: 'k5' },
      ],
    },
  ],
  fasteners: [{ name: 'Case screws', size: 'M5', count: 6, locking: 'medium_locker' }],
  access: ['Bar, chain and covers off', 'Flywheel and clutch off (clutch left-hand)', 'Cylinder off'],
  checks: ['rough', 'free_turn', 'seal_weeping'],
  inspect: [
    { name: 'Crank run-out between centres', limitMm: 0.04, isLeast: false },
    { name: 'Big end: no up-and-down play' },
  ],
  special: [
    {
      step: 'strip',
      text: 'The clip stops one bearing and must leave the oil passage open: note how it lies.',
    },
    {
      step: 'parts',
      text: 'Bearings with shields: take them off and wash the grease out, the mixture lubricates here.',
    },
    {
      step: 'heat_run',
      text: 'Hot air straight into the pocket; the rest stays touchable. No torch on magnesium.',
      by: 'gun',
    },
    {
      step: 'heat_run',
      text: 'Rod centred in the bore, an old bearing of the same size on the outer race; square by taps, snug, then back out.',
      by: 'none',
    },
  ],
  heatedBy: 'gun',
  cautions: ['magnesium', 'hot_metal'],
};
