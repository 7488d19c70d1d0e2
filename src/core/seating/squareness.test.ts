import { clockWords } from './clockWords';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { depthFromEntry, judgeSquareness, noiseFloorMm, tiltLimitMm, verdictOfTilt } from './squareness';

const settings = { sigmaReadingMm: 0.01, circleMm: 58, diameterMm: 62, runner: 'ball' as const };
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
    expect(tiltLimitMm({ diameterMm: 62, runner: 'ball' })).toBeCloseTo(0.0361, 4));

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
    const result = judgeSquareness(at(4, 4.005, 4, 3.997), { ...settings, sigmaReadingMm: 0.009 });
    expect(result.ok && result.value).toMatchObject({ verdict: 'square', tapAtDeg: null, wouldTell: null });
  });

  it('rollers, tapers and needles bear half the lean', () =>
    expect(tiltLimitMm({ diameterMm: 62, runner: 'roller' })).toBeCloseTo(0.018, 4));

  it('says square only where the gauge can know: with the floor above the limit no lean seen means nothing', () => {
    const coarse = judgeSquareness(at(4, 4.005, 4, 3.997), { ...settings, sigmaReadingMm: 0.02 });
    expect(coarse.ok && coarse.value.noiseFloorMm > coarse.value.limitMm).toBe(true);
    expect(coarse.ok && coarse.value.verdict).toBe('cannot_tell');
    expect(coarse.ok && coarse.value.tapAtDeg).toBe(null);
  });

  it('what it says would tell, tells: that many readings more, or a gauge that good', () => {
    const coarse = { ...settings, sigmaReadingMm: 0.02 };
    const level = (n: number) => at(...Array.from({ length: n }, () => 4));
    const first = judgeSquareness(level(4), coarse);
    const { moreReadings, gaugeSigmaMm } = (first.ok && first.value.wouldTell) || {
      moreReadings: NaN,
      gaugeSigmaMm: NaN,
    };
    const verdictWith = (n: number, sigmaReadingMm: number) => {
      const result = judgeSquareness(level(n), { ...coarse, sigmaReadingMm });
      return result.ok && result.value.verdict;
    };
    expect(verdictWith(4 + moreReadings, 0.02)).toBe('square');
    expect(verdictWith(4, gaugeSigmaMm * 0.999)).toBe('square');
    // With a level reading the limit is told a little earlier, by ± 2u alone; half as many more are not enough.
    expect(verdictWith(4 + Math.floor(moreReadings / 2), 0.02)).toBe('cannot_tell');
  });

  // Each ± 2u of the limit by itself: a hair to either side is another verdict.
  it.each([
    [0.0501, 0.01, 'cocked'],
    [0.0499, 0.01, 'cannot_tell'],
    [0.0099, 0.01, 'within_limit'],
    [0.0101, 0.01, 'cannot_tell'],
  ])('a tilt of %f ± 2 × %f against a limit of 0.03 is %s', (tiltMm, uTiltMm, verdict) =>
    expect(verdictOfTilt({ tiltMm, uTiltMm, floorMm: 0.004, limitMm: 0.03 })).toBe(verdict),
  );

  it('a residual of just over four σ is a misreading, just under is scatter (common practice, no source)', () => {
    // Four readings that alternate by ± r leave s = 2r: r = 2σ is the edge.
    const alternating = (r: number) => judged(at(4 + r, 4 - r, 4 + r, 4 - r)).verdict;
    expect(alternating(0.0201)).toBe('misread');
    expect(alternating(0.0199)).not.toBe('misread');
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
