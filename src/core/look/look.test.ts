import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { PlanPart } from '@/core/record/plan';
import { estimateCost, weighRenewal } from './renewOrKeep';
import { playAtBearingMm } from './rockTest';

const part = (more: Partial<PlanPart> = {}): PlanPart => ({
  key: 'p',
  name: 'Bearing',
  what: 'bearing',
  seatId: null,
  count: 1,
  isSpent: false,
  reach: 'full_strip',
  ...more,
});

describe('rock test', () => {
  it('0.5 mm at a 250 mm rim with bearings 80 mm apart is 0.08 mm at the bearing (lever)', () =>
    expect(playAtBearingMm({ rimPlayMm: 0.5, rimRadiusMm: 250, spanMm: 80 })).toMatchObject({
      ok: true,
      value: 0.08,
    }));
  it('is proportional to the rim play, and never more than it while the span is under the diameter', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 20, noNaN: true }), fc.integer({ min: 50, max: 500 }), (x, r) => {
        const play = playAtBearingMm({ rimPlayMm: x, rimRadiusMm: r, spanMm: Math.min(90, 2 * r) });
        expect(play.ok && play.value <= x + 1e-12).toBe(true);
      }),
      { seed: 4 },
    ));
  it.each([
    [{ rimPlayMm: -1, rimRadiusMm: 250, spanMm: 80 }, 'rimPlayMm'],
    [{ rimPlayMm: 1, rimRadiusMm: 0, spanMm: 80 }, 'rimRadiusMm'],
    [{ rimPlayMm: 1, rimRadiusMm: 250, spanMm: NaN }, 'spanMm'],
  ])('refuses %o at %s', (input, field) => {
    const play = playAtBearingMm(input);
    expect(play.ok ? [] : play.issues.map((issue) => issue.field)).toContain(field);
  });
});

describe('renew or keep', () => {
  it('a notch means replace, whatever it costs', () =>
    expect(weighRenewal({ part: part(), feel: 'notched', price: 5000, ratePerHour: 60 })).toMatchObject({
      advice: 'renew',
      reason: 'notch_means_replace',
    }));
  it('a doubtful part that needs a full strip is renewed', () =>
    expect(weighRenewal({ part: part(), feel: 'doubtful', price: 40, ratePerHour: 60 }).advice).toBe(
      'renew',
    ));
  it('a perfect costly gasket reachable from outside may stay', () =>
    expect(
      weighRenewal({
        part: part({ what: 'gasket', reach: 'outside' }),
        feel: 'perfect',
        price: 60,
        ratePerHour: 60,
      }),
    ).toMatchObject({ advice: 'keep', reason: 'easy_to_reach' }));
  it('a seal behind a full strip is always new', () =>
    expect(
      weighRenewal({ part: part({ what: 'seal' }), feel: 'perfect', price: 900, ratePerHour: 10 }),
    ).toMatchObject({ advice: 'renew', reason: 'always_new' }));
  it('the worse it feels, the dearer is later', () => {
    const later = (['perfect', 'fair', 'doubtful', 'notched'] as const).map(
      (feel) => weighRenewal({ part: part(), feel, price: 30, ratePerHour: 50 }).laterCost,
    );
    expect([...later].sort((a, b) => a - b)).toEqual(later);
  });
  it('names what goes with it', () =>
    expect(
      weighRenewal({ part: part({ what: 'bush' }), feel: 'fair', price: 1, ratePerHour: 1 }).chain,
    ).toMatch(/oil pressure/));
  it('adds up parts (two of what a try destroys) and labour, leaves out what is kept, names what has no price', () => {
    const parts = [
      part({ key: 'a', count: 2 }),
      part({ key: 'b', isSpent: true }),
      part({ key: 'c' }),
      part({ key: 'd', name: 'Gasket' }),
    ];
    const estimate = estimateCost({
      parts,
      prices: { a: 10, b: 3, c: 100 },
      kept: new Set(['c']),
      minutes: 90,
      ratePerHour: 60,
    });
    expect(estimate).toEqual({ parts: 26, labour: 90, total: 116, unpriced: ['Gasket'] });
  });
});
