import { describe, expect, it } from 'vitest';
import type { LumpedProblem } from './lumped';
import { gripAfterLettingGoS } from './grip';

/** No loss to the air, so that the two lumps have a closed form: the difference falls as e^(−t/τ), the balance stays. */
const lump = (massKg: number, specificHeatJKgK: number, startC: number) => ({
  massKg,
  specificHeatJKgK,
  startC,
  areaM2: 0,
  hWM2K: 0,
  emissivity: 0,
});
const bodies: LumpedProblem = {
  ring: lump(0.2, 475, -15),
  housing: lump(1.2, 963, 95),
  ambientC: 20,
  touch: null,
};
const D = 52;
const B = 15;
const NIP = 0.03;
const pair = { diameterMm: D, interferenceMm: NIP, ringAlphaPerK: 12e-6, housingAlphaPerK: 21.8e-6 };
const outerRaceMassKg = 0.084;

describe('after letting go', () => {
  it('it grips when the outer race alone, warmed through half the gap of air, has grown into the bore (closed form of two lumps)', () => {
    const clearanceMm = (D - NIP) * (1 + 21.8e-6 * 75) - D * (1 + 12e-6 * -35);
    const conductanceWK = (0.028 / (clearanceMm / 2 / 1000)) * Math.PI * D * B * 1e-6;
    const [cRing, cHousing] = [outerRaceMassKg * 475, 1.2 * 963];
    const tau = (cRing * cHousing) / (cRing + cHousing) / conductanceWK;
    const settledC = (cRing * -15 + cHousing * 95) / (cRing + cHousing);
    // Clearance is linear in e^(−t/τ): its value at the start and when both have settled.
    const settledMm = (D - NIP) * (1 + 21.8e-6 * (settledC - 20)) - D * (1 + 12e-6 * (settledC - 20));
    expect(settledMm).toBeLessThan(clearanceMm);
    const grips = settledMm < 0 ? tau * Math.log((clearanceMm - settledMm) / -settledMm) : null;
    const got = gripAfterLettingGoS(bodies, { pair, clearanceMm, outerRaceMassKg, widthMm: B });
    if (grips === null || grips > 120) expect(got).toBe(null);
    else expect(got!).toBeCloseTo(grips, 1);
  });

  it('a tighter fit grips within seconds, by the same closed form', () => {
    const tight = { ...pair, interferenceMm: 0.075 };
    const clearanceMm = (D - 0.075) * (1 + 21.8e-6 * 75) - D * (1 + 12e-6 * -35);
    const conductanceWK = (0.028 / (clearanceMm / 2 / 1000)) * Math.PI * D * B * 1e-6;
    const [cRing, cHousing] = [outerRaceMassKg * 475, 1.2 * 963];
    const tau = (cRing * cHousing) / (cRing + cHousing) / conductanceWK;
    const settledC = (cRing * -15 + cHousing * 95) / (cRing + cHousing);
    const settledMm = (D - 0.075) * (1 + 21.8e-6 * (settledC - 20)) - D * (1 + 12e-6 * (settledC - 20));
    expect(settledMm).toBeLessThan(0);
    const gripsS = tau * Math.log((clearanceMm - settledMm) / -settledMm);
    const got = gripAfterLettingGoS(bodies, { pair: tight, clearanceMm, outerRaceMassKg, widthMm: B })!;
    expect(Math.abs(got - gripsS)).toBeLessThan(0.02 * gripsS);
  });

  it('without clearance it is gripped already', () =>
    expect(gripAfterLettingGoS(bodies, { pair, clearanceMm: 0, outerRaceMassKg, widthMm: B })).toBe(0));
});
