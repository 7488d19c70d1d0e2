import { boltCircle, roundMap } from './outlines';
import type { JobKind } from './jobKind';
import { PULLEY_TASKS } from './tasks/wheelsAndPivots';
import { bearingSeat } from './seats';

/**
 * Scooter rear pulley half: a drawn needle on one side, a ball bearing behind an internal snap ring on the other. Placeholder sizes.
 * Common practice, no source.
 */
export const PULLEY_HALF: JobKind = {
  kind: 'pulley_half',
  name: 'Scooter rear pulley half',
  machineSort: 'step-through scooter',
  keywords: 'scooter pulley rear driven half variator',
  reach: 'some_hours',
  castings: [
    {
      name: 'pulley half',
      material: 'alsi9cu3',
      massKg: 0.9,
      areaM2: 0.045,
      map: roundMap(132, boltCircle(66, 66, 48, 3)),
      seats: [
        bearingSeat('Pulley needle', [66, 66], 'HK2220', {
          bossOutsideMm: 38,
          bossHeightMm: 62,
          depthToShoulderMm: 24,
          shoulderBoreMm: 26,
          webThicknessMm: 4,
          usualClass: 'R7',
          faceCarries: false,
          load: 'rotating',
          running: { housingC: 60, ringC: 60 },
          shaft: 'inner sleeve',
        }),
        bearingSeat('Pulley ball bearing', [66, 66], '6003', {
          bossOutsideMm: 45,
          bossHeightMm: 30,
          depthToShoulderMm: 14,
          shoulderBoreMm: 27,
          webThicknessMm: 4,
          usualClass: 'P7',
          faceCarries: false,
          load: 'rotating',
          running: { housingC: 60, ringC: 60 },
          shaft: 'inner sleeve',
          ring: { grooveFromFaceMm: 1.8, thicknessMm: 1.5, grooveDiameterMm: 37 },
          face: 'back',
        }),
      ],
    },
  ],
  order: [{ first: 'Pulley ball bearing', then: 'Pulley needle', why: 'needs_the_heat' }],
  tasks: PULLEY_TASKS,
  parts: [{ name: 'Pulley O-rings', what: 'o_ring', count: 2 }],
  access: ['Belt cover off', 'Clutch bell and clutch off', 'Spring out (hold it: it jumps)'],
  checks: ['rough', 'noise'],
  inspect: [{ name: 'Inner sleeve: needle track' }, { name: 'Drive face: flat and smooth' }],
  special: [
    {
      step: 'strip',
      text: 'The pulley always lies on wood, drive face down. Heat the pulley, not the bearing. A bridge puller warps the drive face.',
    },
    {
      step: 'heat_run',
      text: 'When cool the snap ring’s groove just shows, all round: only then the ring.',
      seat: 'Pulley ball bearing',
    },
  ],
  cautions: ['hot_metal', 'eyes'],
};
