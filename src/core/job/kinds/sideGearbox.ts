import type { CastingMap } from '@/core/record/job';
import { corner, mirrorMap } from './outlines';
import type { JobKind } from './jobKind';
import { SIDE_GEARBOX_TASKS } from './tasks/gearboxes';
import { bearingSeat, sealSeat } from './seats';

const WIDTH_MM = 176;
const MAP: CastingMap = {
  outline: [
    corner(0, 20, 24),
    corner(60, 0, 30),
    corner(176, 30, 30),
    corner(176, 96, 34),
    corner(70, 122, 34),
    corner(0, 96, 30),
  ],
  bolts: [
    [12, 30],
    [60, 10],
    [120, 22],
    [166, 46],
    [166, 90],
    [112, 106],
    [62, 112],
    [10, 90],
  ],
  ribs: [],
};
const small = {
  bossOutsideMm: 46,
  bossHeightMm: 15,
  depthToShoulderMm: 10.4,
  shoulderBoreMm: 27,
  usualClass: 'K7' as const,
};
const smaller = {
  bossOutsideMm: 38,
  bossHeightMm: 13,
  depthToShoulderMm: 8.6,
  shoulderBoreMm: 21,
  usualClass: 'K7' as const,
};

/** Small side gearbox with three shafts, six bearings, opened on its pry tabs. Placeholder sizes. Common practice, no source. */
export const SIDE_GEARBOX: JobKind = {
  kind: 'side_gearbox',
  name: 'Small side gearbox',
  machineSort: 'step-through scooter',
  keywords: 'side gearbox three shafts final drive scooter',
  reach: 'some_hours',
  castings: [
    {
      name: 'gearbox half',
      material: 'alsi9cu3',
      massKg: 0.85,
      areaM2: 0.08,
      map: MAP,
      seats: [
        bearingSeat('Input shaft', [38, 60], '6002', { ...small, shaft: 'input shaft' }),
        bearingSeat('Middle shaft', [88, 68], '6001', { ...smaller, shaft: 'middle shaft' }),
        bearingSeat('Output shaft', [140, 62], '6002', { ...small, shaft: 'output shaft' }),
        sealSeat(
          'Input seal',
          [38, 60],
          { shaftMm: 15, outsideMm: 26, widthMm: 5 },
          { shaft: 'input shaft', face: 'back' },
        ),
      ],
    },
    {
      name: 'gearbox cover',
      material: 'alsi9cu3',
      massKg: 0.7,
      areaM2: 0.07,
      map: mirrorMap(MAP, WIDTH_MM),
      seats: [
        bearingSeat('Input shaft, cover', [WIDTH_MM - 38, 60], '6002', { ...small, shaft: 'input shaft' }),
        bearingSeat('Middle shaft, cover', [WIDTH_MM - 88, 68], '6001', {
          ...smaller,
          shaft: 'middle shaft',
        }),
        bearingSeat('Output shaft, cover', [WIDTH_MM - 140, 62], '6002', { ...small, shaft: 'output shaft' }),
        sealSeat(
          'Output seal',
          [WIDTH_MM - 140, 62],
          { shaftMm: 15, outsideMm: 24, widthMm: 7 },
          { shaft: 'output shaft', face: 'back' },
        ),
      ],
    },
  ],
  order: [
    { first: 'Input seal', then: 'Input shaft', why: 'seal_behind' },
    { first: 'Output seal', then: 'Output shaft, cover', why: 'seal_behind' },
  ],
  tasks: SIDE_GEARBOX_TASKS,
  parts: [
    { name: 'Gear oil', what: 'other' },
    { name: 'Filler plug washer', what: 'gasket', reach: 'outside' },
  ],
  stacks: [{ name: 'Middle-shaft washers', shaft: 'middle shaft' }],
  shafts: ['Input shaft', 'Middle shaft', 'Output shaft'].map((name) => ({
    name: name.toLowerCase(),
    seats: [{ name: `${name}, cover`, usualClass: 'js6' }],
  })),
  fasteners: [{ name: 'Cover bolts', size: 'M6', count: 8 }],
  access: ['Oil drained', 'Wheel and drum off', 'Open on the pry tabs only'],
  checks: ['noise', 'oil', 'rough', 'seal_weeping'],
  inspect: [{ name: 'Gears: teeth' }, { name: 'Shafts: journals' }],
  special: [
    { step: 'strip', text: 'One shaft broke: its neighbours’ bearings took the blow too. Renew the set.' },
    { step: 'measure', text: 'Scrape the faces flat with a blade, no gouges.' },
    {
      step: 'heat_run',
      text: 'A gear that will not take its bearing goes to the freezer; the bearing gets mild heat.',
    },
  ],
};
