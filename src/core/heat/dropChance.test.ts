import { describe, expect, it } from 'vitest';
import { MATERIALS } from '@/core/catalogue/materials';
import { dropChance, dropChanceByLots, heatReachMm, windowClosedForm } from './dropChance';

describe('chance of a free drop', () => {
  const odds = {
    interferenceMm: { value: 0.03, u: 0.005 },
    ringC: { value: -16, u: 4 },
    housingC: { value: 85, u: 4 },
    diameterMm: 62,
    ring: MATERIALS.bearing_steel,
    housing: MATERIALS.alsi9cu3,
    marginMm: 0.05,
  };
  it('chance by root-sum-square and by lots agree to a per cent', () =>
    expect(
      Math.abs(dropChance(odds).chance - dropChanceByLots(odds, { draws: 60_000, seed: 4 }).share),
    ).toBeLessThan(0.01));
});

describe('the window, roughly', () => {
  it('the closed form of the window: 110 to 60 °C in air of 20 with τ 600 s is 487 s (Newton’s law by hand), with its two ends', () => {
    expect(windowClosedForm({ housingC: 110, neededC: 60, airC: 20, timeConstantS: 600 })).toBeCloseTo(
      486.6,
      1,
    );
    expect([
      windowClosedForm({ housingC: 50, neededC: 60, airC: 20, timeConstantS: 600 }),
      windowClosedForm({ housingC: 50, neededC: 15, airC: 20, timeConstantS: 600 }),
    ]).toEqual([0, null]);
  });
  it('aluminium gives its heat from 56 mm within 20 s (Carslaw & Jaeger, from memory)', () =>
    expect(Math.abs(heatReachMm(MATERIALS.alsi9cu3, 20) - 56)).toBeLessThan(2));
});
