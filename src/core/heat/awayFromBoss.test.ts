import { expect, it } from 'vitest';
import { MATERIALS } from '@/core/catalogue/materials';
import { ceilingsFor, brokenCeilings } from './ceilings';
import { shareAwayFromBoss } from './awayFromBoss';

it('a wall that is kept hot at its edge: erfc of the distance (Carslaw and Jaeger, from memory)', () => {
  const aluminium = MATERIALS.alsi9cu3;
  const diffusivity = aluminium.conductivityWMK / (aluminium.densityKgM3 * aluminium.specificHeatJKgK);
  // erfc(0.5) = 0.4795, erfc(1) = 0.1573: Abramowitz and Stegun, table 7.1.
  const mm = (x: number) => x * 2 * Math.sqrt(diffusivity * 180) * 1000;
  expect(shareAwayFromBoss(mm(0.5), aluminium, 180)).toBeCloseTo(0.4795, 3);
  expect(shareAwayFromBoss(mm(1), aluminium, 180)).toBeCloseTo(0.1573, 3);
  expect(shareAwayFromBoss(0, aluminium, 180)).toBeCloseTo(1, 6);
});

it('a seal away from the heated boss stands what one beside it would not', () => {
  const seal = (share: number) =>
    brokenCeilings(
      ceilingsFor({
        castingMaterial: 'alsi9cu3',
        leftIn: [{ seatName: 'Output', sealMaterial: 'nbr', share }],
        bearing: { closure: 'open', cage: 'steel' },
      }),
      { castingC: 130, settlingC: 60 },
    ).map(({ what }) => what);
  expect(seal(1)).toEqual(['seal_left_in']);
  expect(seal(0.4)).toEqual([]);
});
