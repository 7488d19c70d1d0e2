import { blockMap } from './outlines';
import { SEAL_ONLY_TASKS } from './tasks/wheelsAndPivots';
import type { JobKind } from './jobKind';
import { sealSeat } from './seats';

/** Seal only: shaft in place, engine in the frame, one pair of hands. Placeholder sizes. Common practice, no source. */
export const SEAL_ONLY: JobKind = {
  kind: 'seal_only',
  name: 'Seal only, shaft in place',
  machineSort: 'any machine',
  keywords: 'seal only oil leak leaking weeping output shift shaft in the frame',
  reach: 'outside',
  castings: [
    {
      name: 'engine side',
      material: 'alsi9cu3',
      massKg: 9,
      areaM2: 0.5,
      map: blockMap(230, 170, 34, [
        [20, 20],
        [210, 20],
        [210, 150],
        [20, 150],
      ]),
      seats: [
        sealSeat(
          'Output-shaft seal',
          [168, 62],
          { shaftMm: 28, outsideMm: 47, widthMm: 7 },
          { shaft: 'output collar' },
        ),
        sealSeat(
          'Shift-shaft seal',
          [108, 34],
          { shaftMm: 12, outsideMm: 22, widthMm: 7 },
          { shaft: 'shift shaft' },
        ),
        sealSeat(
          'Crank seal',
          [64, 104],
          { shaftMm: 25, outsideMm: 40, widthMm: 7, material: 'fkm' },
          { shaft: 'crank' },
        ),
      ],
    },
  ],
  tasks: SEAL_ONLY_TASKS,
  access: ['Machine tied down', 'Sprocket or flywheel off', 'Clean round the seal first'],
  checks: ['seal_weeping', 'rust'],
  inspect: [{ name: 'Shaft: running track of the lip', limitMm: 0.05, isLeast: false }],
  special: [
    {
      step: 'strip',
      text: 'Hook from several spots. Or a pilot hole, screw and slide hammer: stop at the break-through, the bearing is behind; chips onto a greased rag.',
    },
    { step: 'parts', text: 'By type, size and lip direction; a sleeve over thread or splines.' },
    {
      step: 'heat_run',
      text: 'Driver a size bigger than the seal, so that it ends flush. Feel all round, turn by hand.',
    },
  ],
  cautions: ['eyes'],
};
