import type { CastingMap } from '@/core/record/job';
import { corner, mirrorMap } from './outlines';
import type { JobKind } from './jobKind';
import { OFFROAD_TASKS } from './tasks/offroad';
import { bearingSeat, sealSeat } from './seats';

const WIDTH_MM = 250;
const MAP: CastingMap = {
  outline: [
    corner(24, 0, 30),
    corner(214, 0, 46),
    corner(250, 70, 40),
    corner(238, 150, 30),
    corner(188, 176, 20),
    corner(184, 238, 14),
    corner(62, 250, 14),
    corner(48, 190, 30),
    corner(0, 120, 50),
  ],
  bolts: [
    [70, 240],
    [174, 230],
    [52, 196],
    [200, 164],
    [236, 130],
    [236, 66],
    [206, 14],
    [120, 8],
    [36, 14],
    [14, 86],
  ],
  ribs: [
    [
      [112, 146],
      [60, 230],
    ],
    [
      [112, 146],
      [24, 116],
    ],
    [
      [150, 70],
      [220, 30],
    ],
    [
      [182, 84],
      [236, 100],
    ],
  ],
};
const running = { housingC: 84, ringC: 96 };
const mirrored = (x: number) => WIDTH_MM - x;

/**
 * Off-road crankcase whose crank is a slip fit in one main and an interference fit in the other. Placeholder sizes. Common practice, no
 * source.
 */
export const OFFROAD_CRANKCASE: JobKind = {
  kind: 'offroad_crankcase',
  name: 'Off-road crankcase, mixed crank fits',
  machineSort: 'off-road bike',
  keywords: 'offroad off-road enduro crankcase balance shaft slip fit',
  reach: 'full_strip',
  castings: [
    {
      name: 'slip-fit half',
      material: 'alsi9cu3',
      massKg: 1.9,
      areaM2: 0.17,
      map: MAP,
      seats: [
        bearingSeat('Slip-side main', [110, 144], '6307 C3', {
          bossOutsideMm: 104,
          bossHeightMm: 34,
          depthToShoulderMm: 22.4,
          shoulderBoreMm: 70,
          webThicknessMm: 8,
          running,
          usualClass: 'N7',
          shaft: 'crank, slip journal',
        }),
        bearingSeat('Balance shaft, slip side', [192, 176 - 40], '6203', {
          bossOutsideMm: 54,
          bossHeightMm: 20,
          depthToShoulderMm: 13.4,
          shoulderBoreMm: 33,
          shaft: 'balance shaft, long end',
        }),
        bearingSeat('Gear shaft, slip side', [146, 62], '6005', {
          bossOutsideMm: 60,
          bossHeightMm: 20,
          depthToShoulderMm: 13.2,
          shoulderBoreMm: 40,
          shaft: 'gear shaft',
        }),
        sealSeat(
          'Slip-side crank seal',
          [110, 144],
          { shaftMm: 35, outsideMm: 50, widthMm: 7, material: 'fkm' },
          { shaft: 'bevelled collar', face: 'back' },
        ),
      ],
    },
    {
      name: 'tight half',
      material: 'alsi9cu3',
      massKg: 1.8,
      areaM2: 0.165,
      map: mirrorMap(MAP, WIDTH_MM),
      seats: [
        bearingSeat('Tight-side main', [mirrored(110), 144], 'NJ 207', {
          bossOutsideMm: 96,
          bossHeightMm: 30,
          depthToShoulderMm: 18.6,
          shoulderBoreMm: 62,
          webThicknessMm: 8,
          running,
          usualClass: 'P7',
          shaft: 'crank, tight journal',
        }),
        bearingSeat('Balance shaft, tight side', [mirrored(192), 136], '6202', {
          bossOutsideMm: 50,
          bossHeightMm: 18,
          depthToShoulderMm: 12.2,
          shoulderBoreMm: 29,
          shaft: 'balance shaft, short end',
        }),
        bearingSeat('Gear shaft, tight side', [mirrored(146), 62], '6204', {
          bossOutsideMm: 62,
          bossHeightMm: 22,
          depthToShoulderMm: 15.2,
          shoulderBoreMm: 39,
          shaft: 'gear shaft',
        }),
      ],
    },
  ],
  order: [{ first: 'Slip-side main', then: 'Tight-side main', why: 'shaft_between' }],
  parts: [
    { name: 'Centre gasket', what: 'gasket' },
    { name: 'Sealing O-ring under the slip side’s seal', what: 'o_ring' },
    { name: 'Bevelled collar', what: 'sleeve' },
  ],
  tasks: OFFROAD_TASKS,
  stacks: [
    { name: 'Crank, slip side', shaft: 'crank' },
    { name: 'Gear shaft, slip end', shaft: 'gear shaft' },
  ],
  shafts: [
    {
      name: 'crank',
      ends: [
        { name: 'slip side', thread: 'M20×1.5', isLeftHand: true },
        { name: 'tight side', thread: null, isLeftHand: false },
      ],
      seats: [
        { name: 'slip journal', usualClass: 'g6' },
        { name: 'tight journal', usualClass: 'm6' },
      ],
    },
  ],
  fasteners: [
    { name: 'Slip-side nut', size: 'M20×1.5', isLeftHand: true, locking: 'tab' },
    { name: 'Case bolts', size: 'M6', count: 12 },
  ],
  access: ['Oil drained', 'Cylinder off', 'Flywheel and clutch off', 'Slip-side nut off (left-hand)'],
  checks: ['rough', 'noise', 'oil', 'free_turn'],
  hidden: [{ name: 'O-ring and collar under the slip-side seal', under: 'Slip-side crank seal' }],
  inspect: [
    { name: 'Crank width over its seats', limitMm: 62.4, isLeast: false },
    { name: 'Forks in the drum’s grooves (decoy flats between)' },
    { name: 'Gears: teeth and dogs' },
  ],
  special: [
    { step: 'strip', text: 'The balance shaft’s ends differ: note which end faces where.' },
    {
      step: 'parts',
      text: 'A roller with a separable ring instead of the ball on the tight side takes the side load away: record the conversion.',
    },
    {
      step: 'way_in',
      text: 'Crank into the slip half first; the tight side’s bearing is heated and lowered over it. Never pull the crank across with the nut.',
    },
    { step: 'measure', text: 'Polish the collar criss-cross; its bigger bevel faces the lip.' },
  ],
  cautions: ['hot_metal', 'press'],
};
