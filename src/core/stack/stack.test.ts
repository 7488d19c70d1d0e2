import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { MATERIALS } from '@/core/catalogue/materials';
import {
  bearingAxialPlayMm,
  centringShiftMm,
  decideWithGuard,
  endFloat,
  endFloatByLots,
  endFloatHot,
} from './endFloat';
import {
  backlashChangeMm,
  clampShorteningMm,
  describeRunOut,
  headGrowthMm,
  hubSpacerBudget,
  turningTorqueNm,
} from './hubSpacer';
import { chooseShims, MAX_PIECES } from './shims';

const normal = (value: number, u: number) => ({ value, u, dist: 'normal' as const });
const BASE = {
  depthLeftMm: normal(42.31, 0.006),
  depthRightMm: normal(41.88, 0.006),
  gasketMm: { value: 0.3, half: 0.05, dist: 'rect' as const },
  widthMm: normal(84.02, 0.005),
  shimsMm: [0.2],
};

describe('end play', () => {
  it('adding a shim changes it by its thickness and nothing else', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1000 }), (um) => {
        const more = endFloat({ ...BASE, shimsMm: [...BASE.shimsMm, um / 1000] });
        expect(endFloat(BASE).endFloatMm.value - more.endFloatMm.value).toBeCloseTo(um / 1000, 9);
        expect(more.endFloatMm.u).toBe(endFloat(BASE).endFloatMm.u);
      }),
      { seed: 1 },
    ));
  it('names the largest doubt: a gasket can be most of it', () => {
    const { largestDoubt } = endFloat(BASE);
    expect(largestDoubt!.name).toBe('gasket');
    expect(largestDoubt!.shareOfVariance).toBeGreaterThan(0.88);
  });
  it('root-sum-square and lots agree', () => {
    const lots = endFloatByLots(BASE, { lowMm: 0, highMm: 1, draws: 100_000, seed: 3 });
    expect(lots.std / endFloat(BASE).endFloatMm.u).toBeCloseTo(1, 2);
    expect(Math.abs(lots.mean - endFloat(BASE).endFloatMm.value)).toBeLessThan(0.0005);
  });
  it('a guard band: inside, outside, cannot tell; a range narrower than twice the guard never passes', () => {
    const limits = { low: 0.1, high: 0.3 };
    expect([0.2, 0.11, 0.05].map((value) => decideWithGuard({ value, u: 0.01 }, limits, 1.65))).toEqual([
      'pass',
      'cannot decide',
      'fail',
    ]);
    fc.assert(
      fc.property(fc.double({ min: -1, max: 1, noNaN: true }), (value) => {
        expect(decideWithGuard({ value, u: 0.06 }, limits, 2)).not.toBe('pass');
      }),
      { seed: 2 },
    );
  });
  it('84 mm aluminium case at 20 °C, crank at 80 °C: −59 µm', () => {
    const hot = endFloatHot({
      caseInnerMm: 84,
      crankWidthMm: 83.9,
      shimsMm: 0,
      caseAlphaPerK: 21.8e-6,
      crankAlphaPerK: 11.7e-6,
      caseC: 90,
      crankC: 80,
      measuredAtC: 20,
    });
    expect((hot.warmUpMm - hot.at20Mm) * 1000).toBeCloseTo(-58.9, 0);
  });
  it('a ball bearing of 10 µm radial clearance shows near 0.12 mm on the dial (Harris, from memory: ten times and more)', () => {
    const play = bearingAxialPlayMm({ radialClearanceMm: 0.01, ballMm: 11.1 });
    expect(play / 0.01).toBeGreaterThan(8);
    expect(play / 0.01).toBeLessThan(15);
  });
  it('half the difference goes across', () =>
    expect(centringShiftMm({ gapLeftMm: 0.35, gapRightMm: 0.15 })).toBeCloseTo(0.1, 12));
});

/** Every choice from a small stock: the referee, with the order of preference written out again. */
function bruteForce(stock: [number, number][], wantedUm: number) {
  const sizes = stock.map(([size]) => size).sort((a, b) => a - b);
  const counts = new Map(stock);
  let best: { list: number[]; apart: number } | null = null;
  const thin = sizes.find((size) => counts.get(size)! > 0) ?? 0;
  const better = (a: number[], b: number[]) => {
    if (a.length !== b.length) return a.length < b.length;
    const thinIn = (list: number[]) => list.filter((each) => each === thin).length;
    if (thinIn(a) !== thinIn(b)) return thinIn(a) < thinIn(b);
    for (let i = 0; i < a.length; i += 1) if (a[i] !== b[i]) return a[i]! > b[i]!;
    return false;
  };
  const walk = (k: number, list: number[]) => {
    if (k === sizes.length) {
      const sorted = [...list].sort((a, b) => b - a);
      const apart = Math.abs(sorted.reduce((s, x) => s + x, 0) - wantedUm);
      if (!best || apart < best.apart || (apart === best.apart && better(sorted, best.list)))
        best = { list: sorted, apart };
      return;
    }
    for (let n = 0; n <= counts.get(sizes[k]!)! && list.length + n <= MAX_PIECES; n += 1)
      walk(k + 1, [...list, ...Array.from({ length: n }, () => sizes[k]!)]);
  };
  walk(0, []);
  return best! as { list: number[]; apart: number };
}

describe('shims from stock', () => {
  it('are the best of all (brute force)', () =>
    fc.assert(
      fc.property(
        fc.uniqueArray(
          fc.tuple(fc.constantFrom(30, 50, 75, 100, 120, 150, 200, 300), fc.integer({ min: 0, max: 3 })),
          { selector: ([size]) => size, minLength: 1, maxLength: 6 },
        ),
        fc.integer({ min: -200, max: 1200 }),
        (stock, wantedUm) => {
          const found = chooseShims({
            endFloatWithoutUm: wantedUm + 100,
            targetUm: 100,
            stock: new Map(stock),
          });
          const best = bruteForce(stock, wantedUm);
          expect(found.ok && Math.abs(found.value.errorUm)).toBe(best.apart);
          expect(found.ok && found.value.shimsUm).toEqual(best.list);
        },
      ),
      { seed: 17, numRuns: 150 },
    ));
  it('an empty stock leaves the room as it is', () =>
    expect(chooseShims({ endFloatWithoutUm: 300, targetUm: 100, stock: new Map() })).toMatchObject({
      ok: true,
      value: { shimsUm: [], endFloatUm: 300, errorUm: 200 },
    }));
  it.each([[new Map([[0, 1]])], [new Map([[50.5, 1]])], [new Map([[50, -1]])], [new Map([[50, 1.5]])]])(
    'refuses what is no stock',
    (stock) => expect(chooseShims({ endFloatWithoutUm: 300, targetUm: 100, stock }).ok).toBe(false),
  );
});

describe('hub, head, gears, crank', () => {
  it('25 kN shortens a steel spacer by 0.042, an aluminium one by 0.125 mm', () => {
    const spacer = { clampN: 25_000, lengthMm: 90, areaMm2: 260 };
    expect(
      clampShorteningMm({ ...spacer, youngsModulusMPa: MATERIALS.mild_steel.youngsModulusMPa }),
    ).toBeCloseTo(0.042, 3);
    expect(
      clampShorteningMm({ ...spacer, youngsModulusMPa: MATERIALS.al6061_t6.youngsModulusMPa }),
    ).toBeCloseTo(0.125, 3);
  });
  it('the budget adds up, and like metals need nothing for heat', () => {
    const budget = hubSpacerBudget({
      axialPlayEachMm: 0.08,
      clampN: 25_000,
      lengthMm: 90,
      areaMm2: 260,
      youngsModulusMPa: 206e3,
      spacerAlphaPerK: 12e-6,
      hubAlphaPerK: 12e-6,
      warmingK: 40,
    });
    expect(budget.heatingMm).toBe(0);
    expect(budget.allowedShortfallMm + budget.shorteningMm).toBeCloseTo(0.08, 12);
  });
  it('two 6203 give 0.108 mm between them: each inner race half of its whole play', () => {
    // r₀ = 0.035·D_w, D_w = 0.3·(40 − 17) mm; G of the middle of CN, 12 µm: whole play 2·√(r₀·G) (from memory).
    const playMm = bearingAxialPlayMm({ radialClearanceMm: 0.012, ballMm: 6.9 });
    const { slackMm } = hubSpacerBudget({
      axialPlayEachMm: playMm,
      clampN: 0,
      lengthMm: 60,
      areaMm2: 200,
      youngsModulusMPa: 206e3,
      spacerAlphaPerK: 12e-6,
      hubAlphaPerK: 12e-6,
      warmingK: 0,
    });
    expect(slackMm).toBeCloseTo(0.108, 3);
    // Both inner races from their middle, as far as each goes: the sum of two half plays, by the races' own positions.
    const innermost = (side: 1 | -1) => side * (30 - playMm / 2);
    expect(innermost(1) - innermost(-1)).toBeCloseTo(60 - slackMm, 12);
  });
  it('from the nip both races give their whole play, from the middle half of it; the doubt grows with both', () => {
    const hub = {
      axialPlayEachMm: 0.08,
      clampN: 25_000,
      lengthMm: 90,
      areaMm2: 260,
      youngsModulusMPa: MATERIALS.mild_steel.youngsModulusMPa,
      spacerAlphaPerK: 12e-6,
      hubAlphaPerK: 12e-6,
      warmingK: 0,
    };
    const [middle, nip] = [hubSpacerBudget(hub), hubSpacerBudget({ ...hub, from: 'nip' })];
    expect(nip.allowedShortfallMm - middle.allowedShortfallMm).toBeCloseTo(0.08, 9);
    // Two plays of u 8 µm, halves of them from the middle; the clamp’s 15 % of 0.042 mm.
    expect(middle.uMm).toBeCloseTo(Math.hypot(0.004 * Math.SQRT2, 0.15 * middle.shorteningMm), 9);
    expect(nip.uMm).toBeGreaterThan(middle.uMm);
  });
  it('180 mm of aluminium head, +20 K: 43 µm', () =>
    expect(
      1000 * headGrowthMm({ lengthMm: 180, headAlphaPerK: 23.6e-6, stemAlphaPerK: 11.7e-6, warmingK: 20 }),
    ).toBeCloseTo(42.8, 1));
  it('turning torque is the pull less the cables, times the lever', () =>
    expect(
      turningTorqueNm({ pullN: { value: 12, u: 0.5 }, leverMm: 350, cableDragN: { value: 3, u: 0 } }),
    ).toEqual({
      value: 3.15,
      u: 0.175,
    }));
  it('backlash changes by about 0.7 of the shim', () =>
    expect(backlashChangeMm({ shimChangeMm: 1, pressureAngleDeg: 20, pitchConeDeg: 70 })).toBeCloseTo(
      0.684,
      3,
    ));
  it.each([
    [90, 95, 'same_bow'],
    [0, 180, 'opposed'],
    [350, 170, 'opposed'],
    [0, 90, 'twisted'],
    [10, 350, 'same_bow'],
  ] as const)('high at %i° and %i°: %s', (leftHighDeg, rightHighDeg, kind) => {
    expect(describeRunOut({ leftTirMm: 0.06, rightTirMm: 0.04, leftHighDeg, rightHighDeg })).toMatchObject({
      kind,
      leftMm: 0.03,
      rightMm: 0.02,
    });
  });
});
