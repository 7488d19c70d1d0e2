import { describe, expect, it } from 'vitest';
import { interferenceAt } from './runningFit';

type Input = Parameters<typeof interferenceAt>[0];
const input: Input = {
  diameterMm: 62,
  interferenceMm: { value: 0.03, u: 0 },
  ring: { alphaPerK: 12e-6, uAlphaPerK: 0 },
  housing: { alphaPerK: 21.8e-6, uAlphaPerK: 0 },
  ringC: { value: -15, u: 0 },
  housingC: { value: 95, u: 0 },
};

/** Each doubt by itself against the slope of the value, taken by a small step (JCGM 100, 5.1.3): u = |∂δ/∂x|·u(x). */
const DOUBTS: readonly (readonly [string, number, (by: number) => Input, (u: number) => Input])[] = [
  [
    'interference',
    0.004,
    (by) => ({ ...input, interferenceMm: { value: 0.03 + by, u: 0 } }),
    (u) => ({ ...input, interferenceMm: { value: 0.03, u } }),
  ],
  [
    'temperature of the race',
    3,
    (by) => ({ ...input, ringC: { value: -15 + by, u: 0 } }),
    (u) => ({ ...input, ringC: { value: -15, u } }),
  ],
  [
    'temperature of the casting',
    5,
    (by) => ({ ...input, housingC: { value: 95 + by, u: 0 } }),
    (u) => ({ ...input, housingC: { value: 95, u } }),
  ],
  [
    'expansion of the race',
    0.5e-6,
    (by) => ({ ...input, ring: { alphaPerK: 12e-6 + by, uAlphaPerK: 0 } }),
    (u) => ({ ...input, ring: { alphaPerK: 12e-6, uAlphaPerK: u } }),
  ],
  [
    'expansion of the casting',
    0.9e-6,
    (by) => ({ ...input, housing: { alphaPerK: 21.8e-6 + by, uAlphaPerK: 0 } }),
    (u) => ({ ...input, housing: { alphaPerK: 21.8e-6, uAlphaPerK: u } }),
  ],
];

describe('doubt of the interference at temperature', () => {
  it.each(DOUBTS)('what the doubt of the %s does', (_what, u, moved, doubted) => {
    const step = u * 1e-3;
    const slope = (interferenceAt(moved(step)).value - interferenceAt(moved(-step)).value) / (2 * step);
    const expected = Math.abs(slope) * u;
    // The interference itself is taken with slope 1: the bore it makes smaller grows by 1.6 ‰ less here.
    expect(Math.abs(interferenceAt(doubted(u)).u - expected)).toBeLessThan(2e-3 * expected);
  });

  it('together they add as squares', () => {
    const all = interferenceAt({
      ...input,
      interferenceMm: { value: 0.03, u: 0.004 },
      ring: { alphaPerK: 12e-6, uAlphaPerK: 0.5e-6 },
      housing: { alphaPerK: 21.8e-6, uAlphaPerK: 0.9e-6 },
      ringC: { value: -15, u: 3 },
      housingC: { value: 95, u: 5 },
    }).u;
    const alone = DOUBTS.map(([, u, , doubted]) => interferenceAt(doubted(u)).u);
    expect(all).toBeCloseTo(Math.hypot(...alone), 12);
  });
});
