import { describe, expect, it } from 'vitest';
import { MATERIALS } from '@/core/catalogue/materials';
import { pushForceBracket } from '@/core/fit/pushForce';
import { forceLeft, type Nip } from './forceLeft';

/** 52 mm in a light-alloy boss of 72 mm, 24 ± 6 µm tight: sizes of our own. */
const holdMm = { value: 0.024, u: 0.003 };
const [race, housing] = [MATERIALS.bearing_steel, MATERIALS.alsi9cu3];
const seat = { diameterMm: 52, trackMm: 45, widthMm: 15, chamferMm: 1, bossOutsideMm: 72, race, housing };
const pushForce = pushForceBracket({ interferenceMm: holdMm, ...seat });
const nip: Nip = { pushForce, holdMm, diameterMm: 52, race, housing };

describe('the force that is left at a temperature', () => {
  it('is all of it at 20 °C', () =>
    expect(forceLeft(nip, { ringC: 20, boreC: 20 })).toEqual(pushForce!.forceN));
  it.each([
    [-10, 20],
    [20, 35],
    [-10, 35],
  ])(
    'part %i °C, bore %i °C: as much as a part that much smaller would take (Lamé again)',
    (ringC, boreC) => {
      // By hand: each body grows by its own α on its own diameter.
      const wonMm = 52 * (21.8e-6 * (boreC - 20) - 12e-6 * (ringC - 20));
      const smaller = { value: holdMm.value - wonMm, u: holdMm.u };
      const solved = pushForceBracket({ interferenceMm: smaller, ...seat })!;
      const left = forceLeft(nip, { ringC, boreC })!;
      expect(left.high).toBeCloseTo(solved.forceN.high, 6);
      expect(left.low).toBeCloseTo(Math.max(0, solved.forceN.low), 6);
    },
  );
  it('is none once the bore is bigger than the part, and more than cold when the part is the warmer one', () => {
    expect(forceLeft(nip, { ringC: -18, boreC: 120 })).toEqual({ low: 0, high: 0 });
    expect(forceLeft(nip, { ringC: 60, boreC: 20 })!.high).toBeGreaterThan(pushForce!.forceN.high);
  });
  it('temperatures that are not well known widen it on both sides', () => {
    const sure = forceLeft(nip, { ringC: 20, boreC: 30 })!;
    const doubted = forceLeft(nip, { ringC: 20, boreC: 30, uGrowthMm: 0.004 })!;
    expect(doubted.high).toBeGreaterThan(sure.high);
    expect(doubted.low).toBeLessThan(sure.low);
  });
  it('is not known where the cold force is not', () =>
    expect(forceLeft({ ...nip, pushForce: null }, { ringC: 20, boreC: 80 })).toBeNull());
});
