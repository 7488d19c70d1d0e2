import type { CastingMap } from '@/core/record/job';
import { corner, mirrorMap } from './outlines';
import { TWO_STROKE_TASKS } from './tasks/twoStroke';
import { bearingSeat, sealSeat } from './seats';
import type { JobKind } from './jobKind';

const WIDTH_MM = 238;
const LEFT_MAP: CastingMap = {
  outline: [
    corner(40, 0, 60),
    corner(196, 4, 48),
    corner(232, 92, 40),
    corner(214, 148, 26),
    corner(176, 178, 16),
    corner(168, 232, 22),
    corner(128, 262, 10),
    corner(48, 256, 10),
    corner(38, 204, 26),
    corner(6, 150, 60),
  ],
  bolts: [
    [60, 248],
    [150, 240],
    [34, 196],
    [190, 158],
    [216, 96],
    [18, 116],
    [30, 52],
    [62, 14],
    [128, 10],
    [192, 24],
  ],
  ribs: [
    [
      [96, 108],
      [60, 40],
    ],
    [
      [138, 118],
      [192, 92],
    ],
    [
      [120, 64],
      [190, 28],
    ],
    [
      [100, 206],
      [96, 256],
    ],
    [
      [52, 152],
      [20, 140],
    ],
    [
      [146, 182],
      [172, 178],
    ],
  ],
};
const RIGHT_MAP = { ...mirrorMap(LEFT_MAP, WIDTH_MM), ribs: mirrorMap(LEFT_MAP, WIDTH_MM).ribs.slice(0, 4) };
const mirrored = (x: number) => WIDTH_MM - x;

const running = { housingC: 74, ringC: 88 };

/**
 * Two-stroke crankcase, two halves (trail bike): mains, gear shafts, shift drum, pump. Sizes are placeholders of the usual order,
 * to be changed to those of the machine. Common practice for the seats and their classes, no source.
 */
export const TWO_STROKE_CRANKCASE: JobKind = {
  kind: 'two_stroke_crankcase',
  name: 'Two-stroke crankcase',
  machineSort: 'trail bike',
  keywords: 'two stroke crankcase trail bike engine case mains',
  reach: 'full_strip',
  castings: [
    {
      name: 'left half',
      material: 'alsi9cu3',
      massKg: 1.55,
      areaM2: 0.155,
      map: LEFT_MAP,
      seats: [
        bearingSeat('Main bearing', [98, 158], '6306 C3', {
          bossOutsideMm: 94,
          bossHeightMm: 37,
          depthToShoulderMm: 23.6,
          shoulderBoreMm: 61,
          webThicknessMm: 7,
          running,
          usualClass: 'P7',
          shaft: 'crank, left journal',
          seal: {
            shaftMm: 30,
            outsideMm: 47,
            widthMm: 7,
            material: 'nbr',
            springToward: 'bearing',
            leftIn: true,
          },
        }),
        bearingSeat('Clutch shaft', [130, 68], '6204', {
          bossOutsideMm: 60,
          bossHeightMm: 22,
          depthToShoulderMm: 14.4,
          shoulderBoreMm: 38,
          shaft: 'clutch shaft',
        }),
        bearingSeat('Output shaft', [194, 66], '6205 C3', {
          bossOutsideMm: 65,
          bossHeightMm: 27,
          depthToShoulderMm: 15.5,
          shoulderBoreMm: 43,
          shaft: 'output shaft',
          seal: {
            shaftMm: 25,
            outsideMm: 40,
            widthMm: 7,
            material: 'nbr',
            springToward: 'bearing',
            leftIn: true,
          },
        }),
        bearingSeat('Shift drum', [70, 68], '6003', {
          bossOutsideMm: 48,
          bossHeightMm: 16,
          depthToShoulderMm: 10.3,
          shoulderBoreMm: 28,
          usualClass: 'K7',
        }),
        bearingSeat('Pump shaft', [92, 28], '6001', {
          bossOutsideMm: 40,
          bossHeightMm: 13,
          depthToShoulderMm: 8.2,
          shoulderBoreMm: 22,
          usualClass: 'K7',
        }),
      ],
    },
    {
      name: 'right half',
      material: 'alsi9cu3',
      massKg: 1.42,
      areaM2: 0.15,
      map: RIGHT_MAP,
      seats: [
        bearingSeat('Right main bearing', [mirrored(98), 158], '6306 C3', {
          bossOutsideMm: 94,
          bossHeightMm: 34,
          depthToShoulderMm: 21.2,
          shoulderBoreMm: 62,
          webThicknessMm: 7,
          running,
          usualClass: 'P7',
          shaft: 'crank, right journal',
          ring: { grooveFromFaceMm: 0.3, thicknessMm: 1.75, grooveDiameterMm: 75 },
        }),
        bearingSeat('Right clutch shaft', [mirrored(130), 68], '6203', {
          bossOutsideMm: 54,
          bossHeightMm: 20,
          depthToShoulderMm: 12.6,
          shoulderBoreMm: 33,
          shaft: 'clutch shaft',
        }),
        bearingSeat('Right output shaft', [mirrored(194), 66], '6204', {
          bossOutsideMm: 61,
          bossHeightMm: 21,
          depthToShoulderMm: 14.5,
          shoulderBoreMm: 38,
          shaft: 'output shaft',
        }),
        sealSeat(
          'Shift-shaft seal',
          [mirrored(30), 96],
          { shaftMm: 15, outsideMm: 26, widthMm: 7 },
          { shaft: 'shift shaft', face: 'back' },
        ),
      ],
    },
  ],
  parts: [
    { name: 'Centre gasket', what: 'gasket' },
    { name: 'Output collar O-ring', what: 'o_ring' },
    { name: 'Retainer plate screws', what: 'fastener', count: 2 },
    { name: 'Clutch-arm seal', what: 'seal', reach: 'some_hours' },
  ],
  tasks: TWO_STROKE_TASKS,
  stacks: [
    { name: 'Clutch shaft, left end', shaft: 'clutch shaft', isFullOnly: true },
    { name: 'Output shaft, left end', shaft: 'output shaft', isFullOnly: true },
  ],
  shafts: [
    {
      name: 'crank',
      ends: [
        { name: 'left', thread: null, isLeftHand: false },
        { name: 'right', thread: 'M18×1', isLeftHand: true },
      ],
      seats: [
        { name: 'left journal', usualClass: 'k6' },
        { name: 'right journal', usualClass: 'k6' },
      ],
    },
  ],
  fasteners: [
    { name: 'Case bolts', size: 'M6', count: 10 },
    { name: 'Retainer plate screws', size: 'M6', count: 2, locking: 'medium_locker' },
    { name: 'Primary nut', size: 'M18×1', isLeftHand: true, locking: 'tab' },
  ],
  access: ['Oil and coolant drained', 'Cylinder and piston off', 'Flywheel, clutch and primary off'],
  checks: ['rough', 'noise', 'seal_weeping', 'free_turn'],
  hidden: [{ name: 'O-ring and collar on the output shaft', under: 'Output shaft' }],
  inspect: [
    { name: 'Gears: teeth and dogs' },
    { name: 'Forks against a new one', limitMm: 4.6 },
    { name: 'Shift drum grooves' },
  ],
  special: [
    {
      step: 'strip',
      text: 'Clutch and gear shafts come out as one bundle; loose washers stay where they are.',
    },
    {
      step: 'parts',
      text: 'Kits differ by model year: compare outside and bore of every bearing, with bore and shaft.',
    },
    { step: 'measure', text: 'Retaining groove and marks face the retainer plate.' },
    { step: 'heat_run', text: 'The crank is drawn in, never hammered: a pressed-up crank goes out of true.' },
  ],
  cautions: ['press', 'hot_metal'],
};
