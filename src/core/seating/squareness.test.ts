import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clockWords, depthFromEntry, judgeSquareness, noiseFloorMm, tiltLimitMm } from './squareness';

const settings = { sigmaReadingMm: 0.01, circleMm: 58, diameterMm: 62, kind: 'ball' as const };
const at = (...depths: number[]) =>
  depths.map((depthMm, k) => ({ angleDeg: (360 / depths.length) * k, depthMm }));
const judged = (readings: { angleDeg: number; depthMm: number }[]) => {
  const result = judgeSquareness(readings, settings);
  if (!result.ok) throw new Error('refused');
  return result.value;
};

describe('squareness', () => {
  it('noise floor of four readings at 0.01 is 0.035 (Rayleigh, 95 %)', () =>
    expect(noiseFloorMm(0.01, 4)).toBeCloseTo(0.0346, 4));

  it('two minutes of arc across 62 mm are 0.036 mm', () =>
    expect(tiltLimitMm({ diameterMm: 62, kind: 'ball' })).toBeCloseTo(0.0361, 4));

  it('common practice, no source: 10.7, 10.4, 11.0, 10.9 standing out while starting is a misread or badly out, never square', () => {
    const result = judged(
      [10.7, 10.4, 11.0, 10.9].map((entry, k) => ({
        angleDeg: k * 90,
        depthMm: depthFromEntry(entry, 'standing_out'),
      })),
    );
    expect(['misread', 'cocked']).toContain(result.verdict);
    expect(result.plane.tiltMm).toBeGreaterThan(0.5);
  });

  it('a level ring under the noise floor is square, with nowhere to tap', () => {
    const result = judged(at(4, 4.005, 4, 3.997));
    expect(result.verdict).toBe('square');
    expect(result.tapAtDeg).toBeNull();
  });

  it('a cocked one says tap where it stands highest: opposite the deepest', () => {
    const result = judged(at(4, 4.2, 4, 3.8));
    expect(result.verdict).toBe('cocked');
    expect(result.tapAtDeg).toBeCloseTo(270, 6);
  });

  it('four readings that do not lie in a plane raise the alarm without naming one; five or more name it', () => {
    expect(judged(at(4, 4.5, 4, 4)).misread).toEqual({ kind: 'one_of_four' });
    const named = judged(
      [5.021, 5.016, 5.01, 5.492, 4.978, 4.983, 4.995, 5.007].map((depthMm, k) => ({
        angleDeg: k * 45,
        depthMm,
      })),
    ).misread;
    expect(named).toMatchObject({ kind: 'this_one', reading: { index: 3 } });
  });

  it('sunk and standing-out entries of the same ring give the same arrow', () => {
    const anyEntries = fc.array(fc.double({ min: 0, max: 5, noNaN: true }), { minLength: 4, maxLength: 8 });
    fc.assert(
      fc.property(anyEntries, (depths) => {
        const n = depths.length;
        const sunk = judged(
          depths.map((d, k) => ({ angleDeg: (360 / n) * k, depthMm: depthFromEntry(d + 1, 'sunk') })),
        );
        const proud = judged(
          depths.map((d, k) => ({
            angleDeg: (360 / n) * k,
            depthMm: depthFromEntry(20 - d, 'standing_out'),
          })),
        );
        return (
          sunk.verdict === proud.verdict &&
          (sunk.tapAtDeg === null
            ? proud.tapAtDeg === null
            : Math.abs(sunk.tapAtDeg - proud.tapAtDeg!) < 1e-5)
        );
      }),
      { seed: 11 },
    );
  });

  it('says clock positions so that nobody reads a time of day', () => {
    expect([0, 90, 275, 290, 345, 359].map(clockWords)).toEqual([
      '12 o’clock',
      '3 o’clock',
      '9 o’clock',
      'between 9 and 10 o’clock',
      'between 11 and 12 o’clock',
      '12 o’clock',
    ]);
  });
});
