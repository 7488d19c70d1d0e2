import { describe, expect, it } from 'vitest';
import { ceilingsSeen, ceilingsFor, minutesAllowed } from './ceilings';
import { timeUntilWithin } from './soak';
import { totalMinutes } from './readyMinutes';

describe('until a way can be begun', () => {
  it('heat and cold run beside each other: the longer counts', () => {
    expect(totalMinutes({ heatMin: 20, coldMin: 60, setUpMin: 3 })).toBe(60);
    expect(totalMinutes({ heatMin: null, coldMin: null, setUpMin: 8 })).toBe(8);
  });
  it('a bearing of 0.2 kg is within 1 K of its freezer in about an hour (common practice, no source)', () => {
    const seconds = timeUntilWithin(
      { massKg: 0.2, areaM2: 0.0103, specificHeatJKgK: 475, hWM2K: 8, startC: 20, surroundingsC: -18 },
      1,
    );
    expect(seconds / 60).toBeGreaterThan(45);
    expect(seconds / 60).toBeLessThan(90);
  });
});

describe('limits', () => {
  const ceilings = ceilingsFor({
    castingMaterial: 'alsi7mg_t6',
    leftIn: [{ seatName: 'Pump', sealMaterial: 'nbr', share: 0.5 }],
    stuff: [{ what: 'powder_coat' }],
    bearing: { closure: 'sealed', cage: 'polyamide' },
  });
  it('each sees its own heat, the nearest to breaking first', () => {
    const seen = ceilingsSeen(ceilings, { castingC: 140, settlingC: 90 });
    expect(seen.map(({ spareK }) => spareK)).toEqual(
      [...seen.map(({ spareK }) => spareK)].sort((a, b) => a - b),
    );
    const of = (what: string) => seen.find(({ ceiling }) => ceiling.what === what)!;
    // Half of 120 K above 20 °C arrives at the seal; the bearing sees what both settle at.
    expect(of('seal_left_in').seesC).toBeCloseTo(80, 9);
    expect(of('bearing_seals')).toMatchObject({ seesC: 90, spareK: 10 });
    expect(of('powder_coat')).toMatchObject({ seesC: 140, spareK: 60 });
  });
  it('temper goes by time: the hotter the shorter, half an hour at 180 °C (from memory)', () => {
    const minutes = [155, 165, 175, 180].map((celsius) => minutesAllowed('alsi7mg_t6', celsius)!);
    expect([...minutes].sort((a, b) => b - a)).toEqual(minutes);
    expect(minutes.at(-1)).toBe(30);
  });
});
