import { describe, expect, it } from 'vitest';
import { MATERIALS } from '@/core/catalogue/materials';
import { describeBore } from './boreReadings';
import { findInterference, smoothed, smoothingLossMm } from './interference';
import { judgeFit } from './judgeFit';
import { pushForceBracket } from './pushForce';
import { interferenceAt } from './runningFit';

const across = (plane: number, angleDeg: number, mm: number) => ({ planeIndex: plane, angleDeg, mm });

describe('a bore from its readings', () => {
  const bore = describeBore(
    [across(1, 0, 62.004), across(1, 90, 61.998), across(2, 0, 61.996), across(2, 90, 61.994)],
    0.002,
    0.001,
  )!;
  it('mean, extremes, out of round, taper', () => {
    expect(bore.meanMm.value).toBeCloseTo(61.998, 9);
    expect([bore.smallestMm, bore.largestMm]).toEqual([61.994, 62.004]);
    expect(bore.outOfRoundMm).toBeCloseTo(0.006, 9);
    expect(bore.taperMm).toBeCloseTo(0.006, 9);
  });
  it('the gauge’s own doubt does not average out', () => {
    const many = describeBore(
      Array.from({ length: 50 }, (_, i) => across(1, i * 7, 62)),
      0.002,
      0,
    )!;
    expect(many.meanMm.u).toBeCloseTo(0.002, 9);
  });
  it('tells nothing without readings, and no taper from one plane', () => {
    expect(describeBore([], 0.002, 0)).toBeNull();
    expect(describeBore([across(1, 0, 62)], 0.002, 0)!.taperMm).toBeNull();
  });
});

describe('interference', () => {
  it('Rz 10 and 1.6 lose 9 µm (DIN 7190-1, from memory)', () =>
    expect(smoothingLossMm() * 1000).toBeCloseTo(9.3, 1));

  it('the drop asks for the smallest chord and the largest part, the hold for means less smoothing', () => {
    const bore = describeBore([across(1, 0, 61.97), across(1, 90, 61.966)], 0.002, 0)!;
    const part = describeBore([across(1, 0, 61.992), across(1, 90, 61.994)], 0.0015, 0)!;
    const found = findInterference({ nominalMm: 62, usualClass: 'N7', bore, partOutside: part })!;
    expect(found.forDropMm.value).toBeCloseTo(0.028, 9);
    expect(found.forHoldMm.value).toBeCloseTo(61.993 - 61.968 - smoothingLossMm(), 9);
  });

  it('smoothing takes from a nip, down to none; it never widens a gap', () => {
    expect(smoothed(0.02, 0.009)).toBeCloseTo(0.011, 9);
    expect([0.005, 0, -0.03].map((mm) => smoothed(mm, 0.009))).toEqual([0, 0, -0.03]);
    const bore = describeBore([across(1, 0, 62.03)], 0.002, 0)!;
    const part = describeBore([across(1, 0, 62)], 0.0015, 0)!;
    const found = findInterference({ nominalMm: 62, usualClass: 'N7', bore, partOutside: part })!;
    expect(found.forHoldMm.value).toBe(found.meanMm.value);
    expect(found.meanMm.value).toBeCloseTo(-0.03, 9);
  });

  it('not measured: N7 and Normal class at 62 mm give a wide band around 17.5 µm, and the bore is the largest doubt', () => {
    // ISO 286-2 N7 at 62: −9/−39; ISO 492: 0/−13. Middles −24 and −6.5.
    const found = findInterference({ nominalMm: 62, usualClass: 'N7', bore: null, partOutside: null })!;
    expect(found.forDropMm.value * 1000).toBeCloseTo(17.5, 6);
    expect(found.forDropMm.u * 1000).toBeCloseTo(Math.hypot(30, 13) / 6, 6);
    expect(found.largestDoubt).toBe('bore_not_measured');
  });
  it('has no answer outside the tables without readings', () =>
    expect(findInterference({ nominalMm: 300, usualClass: 'N7', bore: null, partOutside: null })).toBeNull());
});

describe('running fit', () => {
  it('62 mm in aluminium, ± 8 K on both: U 25 µm from the temperatures alone', () => {
    const exact = (part: { alphaPerK: number }) => ({ alphaPerK: part.alphaPerK, uAlphaPerK: 0 });
    const at = interferenceAt({
      diameterMm: 62,
      interferenceMm: { value: 0.03, u: 0 },
      ring: exact(MATERIALS.bearing_steel),
      housing: exact(MATERIALS.alsi9cu3),
      ringC: { value: 90, u: 8 },
      housingC: { value: 85, u: 8 },
    });
    expect(2 * at.u * 1000).toBeCloseTo(24.7, 1);
  });
  it('at 20 °C it is the interference itself', () => {
    const at = interferenceAt({
      diameterMm: 62,
      interferenceMm: { value: 0.03, u: 0.002 },
      ring: MATERIALS.bearing_steel,
      housing: MATERIALS.az91,
      ringC: { value: 20, u: 0 },
      housingC: { value: 20, u: 0 },
    });
    expect(at.value).toBeCloseTo(0.03, 12);
    expect(at.u).toBeCloseTo(0.002, 12);
  });
});

describe('push force', () => {
  const input = {
    interferenceMm: { value: 0.03, u: 0.003 },
    diameterMm: 62,
    trackMm: 53.8,
    widthMm: 16,
    chamferMm: 1,
    bossOutsideMm: 78,
    race: MATERIALS.bearing_steel,
    housing: MATERIALS.alsi9cu3,
  };
  it('brackets the boss: plain ring at the loose edge, endless wall at the tight edge', () => {
    const push = pushForceBracket(input)!;
    expect(push.pressureMPa.low).toBeLessThan(push.pressureMPa.high);
    // The stiffest is never more than 1.95 of the plain ring at the same fit.
    const same = pushForceBracket({ ...input, interferenceMm: { value: 0.03, u: 0 } })!;
    expect(same.pressureMPa.high / same.pressureMPa.low).toBeLessThan(1.95);
  });
  it('F = µ·p·π·d·(width − both chamfers)', () => {
    const push = pushForceBracket(input)!;
    expect(push.forceN.high).toBeCloseTo(0.12 * push.pressureMPa.high * Math.PI * 62 * 14, 6);
  });
  it('clearance needs no force', () =>
    expect(pushForceBracket({ ...input, interferenceMm: { value: -0.03, u: 0.001 } })!.forceN).toEqual({
      low: 0,
      high: 0,
    }));
});

describe('verdict', () => {
  const base = {
    benchMm: { value: 0.04, u: 0.003 },
    runningMm: { value: 0.02, u: 0.005 },
    housingTrescaMPa: 30,
    yieldMPa: 140,
    usualHighMm: 0.05,
    load: 'standing' as const,
    isMeasured: true,
  };
  const verdict = (changes: Partial<Parameters<typeof judgeFit>[0]>) => judgeFit({ ...base, ...changes });
  it('a class by itself is no evidence that a seat is spun', () => {
    const slack = { benchMm: { value: -0.01, u: 0.004 }, runningMm: { value: -0.02, u: 0.005 } };
    expect(verdict({ ...slack, isMeasured: false }).verdict).toBe('not_measured');
    expect(verdict(slack).verdict).toBe('slack');
  });
  it('right when the band keeps its nip hot', () =>
    expect(verdict({})).toEqual({ verdict: 'right', severity: 'none' }));
  it('5 ± 6 tight when running is not right: it may go loose hot', () =>
    expect(verdict({ runningMm: { value: 0.005, u: 0.003 } })).toEqual({
      verdict: 'may_go_loose_hot',
      severity: 'caution',
    }));
  it('the same under a rotating load is a fault', () =>
    expect(verdict({ runningMm: { value: 0.005, u: 0.003 }, load: 'rotating' }).severity).toBe('fault'));
  it('surely clear is slack', () =>
    expect(verdict({ benchMm: { value: -0.02, u: 0.003 } }).verdict).toBe('slack'));
  it('a band that crosses zero cannot tell', () =>
    expect(verdict({ benchMm: { value: 0.004, u: 0.003 } }).verdict).toBe('cannot_tell'));
  it('over 0.6 of yield is too tight', () =>
    expect(verdict({ housingTrescaMPa: 90 }).verdict).toBe('too_tight'));
  it('beyond the usual class is tight', () =>
    expect(
      verdict({ benchMm: { value: 0.08, u: 0.003 }, runningMm: { value: 0.05, u: 0.005 } }).verdict,
    ).toBe('tight'));
});
