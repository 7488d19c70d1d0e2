import { describe, expect, it } from 'vitest';
import { MATERIALS } from '@/core/catalogue/materials';
import { sampleLumped, type LumpedBody } from './lumped';
import { predictDrop, type DropProblem } from './predictDrop';
import { REST_CONDUCTANCE } from './rest';

const body = (massKg: number, areaM2: number, startC: number): LumpedBody => ({
  massKg,
  areaM2,
  startC,
  specificHeatJKgK: 900,
  hWM2K: 10,
  emissivity: 0.15,
});
const drop: DropProblem = {
  bodies: { ring: body(0.2, 0.01, -18), housing: body(1.2, 0.12, 110), ambientC: 20, touch: null },
  diameterMm: 62,
  interferenceMm: { value: 0.03, u: 0.003 },
  ring: MATERIALS.bearing_steel,
  housing: MATERIALS.alsi9cu3,
  uHousingK: 2,
  uRingK: 2,
  marginMm: 0.031,
};
const S = 200;
const housingAt = (hFactor: number, benchWK: number) => {
  const { ring, housing } = drop.bodies;
  return sampleLumped(
    {
      ...drop.bodies,
      ring: { ...ring, hWM2K: ring.hWM2K * hFactor },
      housing: { ...housing, hWM2K: housing.hWM2K * hFactor },
      benchWK,
    },
    [S],
  )[0]!.housingC;
};
const momentAt = (problem: DropProblem) =>
  predictDrop(problem, 400).moments.find(({ timeS }) => timeS === S)!;

describe('the unfavourable edge of a drop', () => {
  it('is the same problem with 1.3 times the convection: half the difference is the temperature’s doubt', () => {
    const moment = momentAt(drop);
    expect(moment.housingC).toBeCloseTo(housingAt(1, 0), 2);
    expect(moment.uBoreK).toBeCloseTo(Math.hypot(2, (housingAt(1, 0) - housingAt(1.3, 0)) / 2), 2);
  });

  it('and with the most that bare steel may take, 20 W/K, where 10 is likely (from memory: 5–20)', () => {
    const moment = momentAt({ ...drop, rest: REST_CONDUCTANCE.bare_steel });
    expect(moment.housingC).toBeCloseTo(housingAt(1, 10), 2);
    expect(moment.uBoreK).toBeCloseTo(Math.hypot(2, (housingAt(1, 10) - housingAt(1.3, 20)) / 2), 2);
  });

  it('wood and air take next to nothing, a vise less than bare steel; the seconds sure follow', () => {
    const sure = (rest?: keyof typeof REST_CONDUCTANCE) =>
      predictDrop({ ...drop, ...(rest && { rest: REST_CONDUCTANCE[rest] }) }, 1800).sureUntilS!;
    expect(sure('wood')).toBe(sure());
    expect(sure('hung')).toBe(sure());
    expect(sure('vise')).toBeLessThan(0.6 * sure());
    expect(sure('bare_steel')).toBeLessThan(0.6 * sure('vise'));
  });
});

describe('prediction of a drop', () => {
  it('sure ends before likely, likely before grip', () => {
    const { sureUntilS, likelyUntilS, gripS } = predictDrop(drop, 3000);
    expect(sureUntilS!).toBeLessThan(likelyUntilS!);
    expect(likelyUntilS!).toBeLessThan(gripS!);
  });
  it('the band widens with time', () => {
    const { moments } = predictDrop(drop, 600);
    expect(moments.at(-1)!.uBoreK).toBeGreaterThan(moments[0]!.uBoreK);
  });
  it('GO is never sure below the least clearance at the unfavourable edge', () => {
    const { moments, sureUntilS } = predictDrop(drop, 3000);
    for (const { timeS, clearanceMm } of moments.filter(({ timeS }) => timeS < sureUntilS!))
      expect(clearanceMm.value - 2 * clearanceMm.u, String(timeS)).toBeGreaterThanOrEqual(
        drop.marginMm - 1e-9,
      );
  });
});
