import { describe, expect, it } from 'vitest';
import type { JudgedPass } from '@/core/job/squarePasses';
import { judgeSquareness } from '@/core/seating/squareness';
import { buildTrail } from './buildTrail';

const pass = (number: number, tiltMm: number): JudgedPass => {
  const result = judgeSquareness(
    [0, 90, 180, 270].map((angleDeg) => ({
      angleDeg,
      depthMm: 4 + (tiltMm / 2) * Math.cos((angleDeg * Math.PI) / 180),
    })),
    { sigmaReadingMm: 0.01, circleMm: 60, diameterMm: 60, runner: 'ball' },
  );
  return {
    pass: number,
    sense: 'sunk',
    circleMm: 60,
    startedMs: 0,
    readings: [],
    result: result.ok ? result.value : null,
  };
};

describe('the trail of passes', () => {
  it('strokes lean in proportion to their tilt, in order, on one scale', () => {
    const { strokes } = buildTrail([pass(1, 0.4), pass(2, 0.2), pass(3, 0.05)], { left: 0, right: 400 });
    expect(strokes.map(({ pass: n }) => n)).toEqual([1, 2, 3]);
    expect(strokes[1]!.leanPx / strokes[0]!.leanPx).toBeCloseTo(0.5, 6);
    expect(strokes.map(({ x }) => x)).toEqual([...strokes.map(({ x }) => x)].sort((a, b) => a - b));
    expect(strokes.map(({ isLast }) => isLast)).toEqual([false, false, true]);
  });
  it('is empty before the first pass is judged', () =>
    expect(buildTrail([], { left: 0, right: 400 }).strokes).toEqual([]));
});
