import type { CastingMap } from '@/core/record/job';
import { corner, mirrorMap } from './outlines';
import type { JobKind } from './jobKind';
import { PRESS_TOOL_TASKS } from './tasks/drivesAndHousings';
import { bearingSeat, sealSeat } from './seats';

const WIDTH_MM = 310;
const MAP: CastingMap = {
  outline: [
    corner(0, 0, 26),
    corner(288, 0, 26),
    corner(310, 120, 60),
    corner(276, 236, 40),
    corner(180, 286, 20),
    corner(120, 286, 20),
    corner(30, 230, 40),
    corner(0, 120, 60),
  ],
  bolts: [
    [20, 18],
    [120, 10],
    [220, 10],
    [280, 20],
    [298, 124],
    [268, 220],
    [182, 274],
    [122, 274],
    [40, 224],
    [10, 124],
  ],
  ribs: [
    [
      [152, 132],
      [60, 40],
    ],
    [
      [152, 132],
      [250, 40],
    ],
    [
      [152, 132],
      [152, 270],
    ],
  ],
};
const running = { housingC: 92, ringC: 104 };

/**
 * Press-tool main bearing of a big twin: bearings in both halves, pressed through a support tool. Placeholder sizes. Common practice,
 * no source.
 */
export const PRESS_TOOL_MAIN: JobKind = {
  kind: 'press_tool_main',
  name: 'Press-tool main bearing',
  machineSort: 'big twin',
  keywords: 'big twin main bearing press support tool',
  reach: 'full_strip',
  preferredWay: 'press',
  castings: [
    {
      name: 'left case',
      material: 'alsi9cu3',
      massKg: 5.4,
      areaM2: 0.36,
      map: MAP,
      seats: [
        bearingSeat('Left main', [152, 132], 'NU 308', {
          bossOutsideMm: 128,
          bossHeightMm: 44,
          depthToShoulderMm: 28,
          shoulderBoreMm: 76,
          webThicknessMm: 10,
          running,
          usualClass: 'P7',
          shaft: 'crank, left',
          ring: { grooveFromFaceMm: 1.6, thicknessMm: 2.5, grooveDiameterMm: 93.5 },
        }),
        sealSeat(
          'Left outboard seal',
          [152, 132],
          { shaftMm: 50, outsideMm: 68, widthMm: 8, material: 'fkm' },
          { shaft: 'crank, left', face: 'back' },
        ),
      ],
    },
    {
      name: 'right case',
      material: 'alsi9cu3',
      massKg: 5.2,
      areaM2: 0.35,
      map: mirrorMap(MAP, WIDTH_MM),
      seats: [
        bearingSeat('Right main', [WIDTH_MM - 152, 132], 'NU 308', {
          bossOutsideMm: 128,
          bossHeightMm: 40,
          depthToShoulderMm: 25,
          shoulderBoreMm: 76,
          webThicknessMm: 10,
          running,
          usualClass: 'P7',
          shaft: 'crank, right',
        }),
      ],
    },
  ],
  tasks: PRESS_TOOL_TASKS,
  parts: [{ name: 'Case gasket set', what: 'gasket' }],
  fasteners: [{ name: 'Case bolts', size: 'M8', count: 10 }],
  access: ['Engine out', 'Cylinders off', 'Primary and cam chest open'],
  checks: ['rough', 'noise', 'oil'],
  inspect: [
    { name: 'Crank journal, left', limitMm: 39.98 },
    { name: 'Crank journal, right', limitMm: 39.98 },
  ],
  special: [
    {
      step: 'strip',
      text: 'Outboard seal first. Driver through the bearing into the support tool’s centre, case centred under the ram, press until it is free.',
    },
    {
      step: 'heat_run',
      text: 'Bore and race oiled, support tool cup side down, inboard face of the case up, lettering away from the case. Press to resistance or until the driver meets the casting; the retaining ring fully in its groove.',
    },
  ],
  cautions: ['press'],
};
