import type { CastingMap } from '@/core/record/job';
import { corner } from './outlines';
import type { JobKind } from './jobKind';
import { BLIND_NEEDLE_A_TASKS, BLIND_NEEDLE_B_TASKS } from './tasks/gearboxes';
import { bearingSeat, bushSeat, sealSeat } from './seats';

const CASE_MAP: CastingMap = {
  outline: [
    corner(0, 0, 30),
    corner(214, 0, 30),
    corner(236, 110, 40),
    corner(170, 190, 44),
    corner(40, 186, 40),
    corner(0, 100, 40),
  ],
  bolts: [
    [16, 20],
    [110, 8],
    [204, 20],
    [222, 106],
    [168, 172],
    [96, 182],
    [34, 168],
    [10, 100],
  ],
  ribs: [
    [
      [74, 104],
      [20, 40],
    ],
    [
      [150, 92],
      [212, 40],
    ],
    [
      [74, 104],
      [60, 178],
    ],
  ],
};
const COVER_MAP: CastingMap = {
  outline: [
    corner(0, 0, 26),
    corner(190, 0, 26),
    corner(206, 100, 36),
    corner(150, 164, 40),
    corner(36, 160, 36),
    corner(0, 90, 36),
  ],
  bolts: [
    [14, 16],
    [178, 16],
    [192, 96],
    [148, 150],
    [34, 146],
    [8, 88],
  ],
  ribs: [],
};

const COMMON = {
  machineSort: 'old single',
  reach: 'full_strip' as const,
  stacks: [
    { name: 'Second shaft, case end', shaft: 'second shaft' },
    { name: 'Second shaft, cover end', shaft: 'second shaft' },
  ],
  fasteners: [{ name: 'Quadrant pivot', size: '⌀ 2.5', count: 2, locking: 'split_pin' as const }],
  access: ['Oil drained', 'Primary and clutch off', 'Outer cover off'],
  inspect: [
    { name: 'Gears: pitting' },
    { name: 'Forks against a new one', limitMm: 5.2 },
    { name: 'Cam plate: edge and flatness', limitMm: 0.1, isLeast: false },
    { name: 'End float of the second shaft', limitMm: 0.4, isLeast: false },
  ],
  checks: ['rough', 'noise', 'oil'] as const,
};

/**
 * Separate gearbox, variant A: closed needle in the case standing proud for its thrust washer, open needle in the inner cover.
 * Placeholder sizes. Common practice, no source.
 */
export const BLIND_NEEDLE_GEARBOX_A: JobKind = {
  ...COMMON,
  checks: [...COMMON.checks],
  kind: 'blind_needle_gearbox_a',
  name: 'Gearbox with blind needles, washer as gauge',
  keywords: 'gearbox separate blind needle thrust washer old',
  castings: [
    {
      name: 'gearbox case',
      material: 'alsi7mg_t6',
      massKg: 3.4,
      areaM2: 0.24,
      map: CASE_MAP,
      seats: [
        bearingSeat('Main-shaft bearing', [150, 92], '6206', {
          bossOutsideMm: 86,
          bossHeightMm: 30,
          depthToShoulderMm: 18.4,
          shoulderBoreMm: 54,
          webThicknessMm: 8,
          shaft: 'sleeve gear',
          seal: {
            shaftMm: 30,
            outsideMm: 47,
            widthMm: 7,
            material: 'nbr',
            springToward: 'bearing',
            leftIn: true,
          },
        }),
        bearingSeat('Second-shaft needle, closed end', [74, 104], 'BK1816', {
          bossOutsideMm: 40,
          bossHeightMm: 24,
          depthToShoulderMm: 14.1,
          shoulderBoreMm: 0,
          webThicknessMm: 8,
          usualClass: 'R7',
          shaft: 'second shaft',
        }),
      ],
    },
    {
      name: 'inner cover',
      material: 'alsi7mg_t6',
      massKg: 1.3,
      areaM2: 0.13,
      map: COVER_MAP,
      seats: [
        bearingSeat('Second-shaft needle, open end', [70, 92], 'HK1816', {
          bossOutsideMm: 40,
          bossHeightMm: 20,
          depthToShoulderMm: 17,
          shoulderBoreMm: 21,
          webThicknessMm: 6,
          usualClass: 'R7',
          shaft: 'second shaft',
        }),
        bushSeat(
          'Kick-start bush',
          [130, 70],
          { boreMm: 20, outsideMm: 26, widthMm: 18 },
          {
            bossOutsideMm: 42,
            bossHeightMm: 24,
            depthToShoulderMm: 18.5,
            shoulderBoreMm: 22,
            usualClass: 'N7',
            shaft: 'kick-start shaft',
          },
        ),
      ],
    },
  ],
  tasks: BLIND_NEEDLE_A_TASKS,
  parts: [
    { name: 'Cover gasket', what: 'gasket' },
    { name: 'Thrust washer with locating pin', what: 'shim_set' },
    { name: 'Pivot-pin O-ring', what: 'o_ring' },
  ],
  special: [
    {
      step: 'strip',
      text: 'Read how far the closed needle stands proud, and lay its thrust washer over it: the washer is the gauge.',
    },
    { step: 'measure', text: 'Blasting grit hides in rough castings and threads: wash until nothing comes.' },
    {
      step: 'heat_run',
      text: 'Needles from the freezer, stepped driver, light taps; the washer must sit over the cup and not be held off by it.',
      seat: 'Second-shaft needle, closed end',
    },
  ],
  cautions: ['hot_metal'],
};

/**
 * Separate gearbox, variant B: ball bearing with big snap ring, open needle in the outer case, checked by being flush outside.
 * Placeholder sizes. Common practice, no source.
 */
export const BLIND_NEEDLE_GEARBOX_B: JobKind = {
  ...COMMON,
  checks: [...COMMON.checks],
  kind: 'blind_needle_gearbox_b',
  name: 'Gearbox with blind needles, flush outside',
  keywords: 'gearbox separate needle snap ring oven old',
  castings: [
    {
      name: 'gearbox shell',
      material: 'alsi7mg_t6',
      massKg: 3.9,
      areaM2: 0.26,
      map: CASE_MAP,
      seats: [
        bearingSeat('Main-shaft ball bearing', [150, 92], '6207', {
          bossOutsideMm: 98,
          bossHeightMm: 30,
          depthToShoulderMm: 20.2,
          shoulderBoreMm: 62,
          webThicknessMm: 8,
          shaft: 'sleeve gear',
          ring: { grooveFromFaceMm: 0.7, thicknessMm: 2.2, grooveDiameterMm: 75.5 },
        }),
        bearingSeat('Second-shaft needle, outer case', [74, 104], 'HK2016', {
          bossOutsideMm: 44,
          bossHeightMm: 22,
          depthToShoulderMm: 20,
          shoulderBoreMm: 18,
          isThrough: true,
          webThicknessMm: 8,
          usualClass: 'R7',
          shaft: 'second shaft',
        }),
        sealSeat(
          'Main-shaft seal',
          [150, 92],
          { shaftMm: 35, outsideMm: 50, widthMm: 7 },
          { shaft: 'sleeve gear', face: 'back' },
        ),
      ],
    },
  ],
  tasks: BLIND_NEEDLE_B_TASKS,
  parts: [
    { name: 'Outer cover gasket', what: 'gasket' },
    { name: 'Pivot pin with O-ring groove', what: 'other' },
    { name: 'Pivot-pin O-ring', what: 'o_ring' },
    { name: 'Split pins', what: 'fastener', count: 3 },
  ],
  special: [
    { step: 'parts', text: 'The later pivot pin has an O-ring groove: fit it, and record the conversion.' },
    {
      step: 'strip',
      text: 'High-gear needles that are perfect stay in: they are miserable to replace. The quadrant fits one way.',
    },
    {
      step: 'heat_run',
      text: 'Only a clean, degreased casting goes into the oven.',
      by: 'oven',
    },
    { step: 'heat_run', text: 'The snap ring follows when it has cooled.', seat: 'Main-shaft ball bearing' },
  ],
  cautions: ['hot_metal'],
};
