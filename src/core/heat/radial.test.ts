import fc from 'fast-check';
import { Solver } from 'odex';
import { describe, expect, it } from 'vitest';
import { sampleLumped, windowOf, type LumpedProblem } from './lumped';
import { RACE_IN_BOSS } from '../../../tests/support/heatProblems';
import { firstFall, simulateRadial } from './radial';
import type { RadialProblem } from './radialCells';

const run = (problem: RadialProblem, times: number[], until = times.at(-1)!, mesh?: number) => {
  const result = simulateRadial(problem, times, until, mesh);
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};
describe('heat along the radius', () => {
  it.each([
    [true, 0],
    [false, 0],
    [false, 300],
  ])(
    'keeps its energy: what the parts lose is what air and bench take (touching %s, bench %s W/(m²·K))',
    (isTouching, benchWM2K) => {
      const { lostJ, storedChangeJ } = run({ ...RACE_IN_BOSS, isTouching, benchWM2K }, [600]);
      expect(Math.abs(lostJ + storedChangeJ) / Math.abs(lostJ)).toBeLessThan(1e-9);
    },
  );

  it('a casting flat on steel cools faster than on wood, and the race with it', () => {
    const [wood, steel] = [undefined, 300].map(
      (benchWM2K) => run({ ...RACE_IN_BOSS, ...(benchWM2K && { benchWM2K }) }, [60]).samples[0]!,
    );
    expect(steel!.housingMeanC).toBeLessThan(wood!.housingMeanC - 20);
    expect(steel!.ringMeanC).toBeLessThan(wood!.ringMeanC);
  });

  it('converges with the mesh at second order', () => {
    const at = (mesh: number) => run(RACE_IN_BOSS, [5], 5, mesh).samples[0]!;
    const [coarse, middle, fine] = [at(4), at(8), at(16)];
    const order = Math.log2(
      Math.abs((coarse.bossMeanC - middle.bossMeanC) / (middle.bossMeanC - fine.bossMeanC)),
    );
    expect(order).toBeGreaterThan(1.6);
    expect(order).toBeLessThan(2.5);
  });

  it('is one lump each when Biot is small: the same as two lumps with their own areas', () => {
    // Metal of endless conductivity; the lumps have the areas that the radial problem has.
    const quick = {
      ...RACE_IN_BOSS,
      isTouching: false,
      ring: { ...RACE_IN_BOSS.ring, conductivityWMK: 5e4 },
      housing: { ...RACE_IN_BOSS.housing, conductivityWMK: 5e4 },
    };
    const ringM2 = (2 * Math.PI * (31 ** 2 - 26.9 ** 2) + 2 * Math.PI * (26.9 + 31) * 16) * 1e-6;
    const housingM2 =
      (2 * Math.PI * (100 ** 2 - 31 ** 2) + 2 * Math.PI * (31 * 20 + 39 * 15 + 100 * 5)) * 1e-6;
    const ringKg = Math.PI * (31 ** 2 - 26.9 ** 2) * 16 * 1e-9 * RACE_IN_BOSS.ring.densityKgM3;
    const housingKg =
      (Math.PI * (39 ** 2 - 31 ** 2) * 20 + Math.PI * (100 ** 2 - 39 ** 2) * 5) *
      1e-9 *
      RACE_IN_BOSS.housing.densityKgM3;
    const lumps: LumpedProblem = {
      ambientC: 20,
      touch: null,
      ring: {
        massKg: ringKg,
        specificHeatJKgK: RACE_IN_BOSS.ring.specificHeatJKgK,
        areaM2: ringM2,
        hWM2K: 12,
        emissivity: 0,
        startC: -18,
      },
      housing: {
        massKg: housingKg,
        specificHeatJKgK: RACE_IN_BOSS.housing.specificHeatJKgK,
        areaM2: housingM2,
        hWM2K: 12,
        emissivity: 0,
        startC: 120,
      },
    };
    const times = [30, 120, 600];
    const radial = run(quick, times).samples;
    sampleLumped(lumps, times).forEach((lump, i) => {
      expect(Math.abs(radial[i]!.ringMeanC - lump.ringC)).toBeLessThan(0.02);
      expect(Math.abs(radial[i]!.housingMeanC - lump.housingC)).toBeLessThan(0.02);
    });
    // Boss and web as one lump is good; the boss alone is 18–22 % too long, on the unsafe side.
    const bossM2 = (2 * Math.PI * (39 ** 2 - 31 ** 2) + 2 * Math.PI * (31 * 20 + 39 * 15)) * 1e-6;
    const bossKg = Math.PI * (39 ** 2 - 31 ** 2) * 20 * 1e-9 * RACE_IN_BOSS.housing.densityKgM3;
    const pair = {
      diameterMm: 62,
      interferenceMm: 0.03,
      ringAlphaPerK: RACE_IN_BOSS.ring.alphaPerK,
      housingAlphaPerK: RACE_IN_BOSS.housing.alphaPerK,
    };
    const window = (problem: LumpedProblem) => windowOf(problem, pair, 0.02, 3600)!;
    const true_ = firstFall(
      run({ ...RACE_IN_BOSS, isTouching: false }, [0], 3600).steps,
      (s) => s.clearanceDiscMm,
      0.02,
    )!;
    expect(Math.abs(window(lumps) / true_ - 1)).toBeLessThan(0.013);
    expect(
      window({ ...lumps, housing: { ...lumps.housing, massKg: bossKg, areaM2: bossM2 } }) / true_,
    ).toBeGreaterThan(1.15);
  });

  it('agrees with an extrapolation ODE solver (odex, GBS) in time, on the same cells, their links and losses written out by hand', () => {
    const simple = { ...RACE_IN_BOSS, webOutsideRadiusMm: 39, webThicknessMm: 20 };
    const mine = run(simple, [10, 60], 60, 8).samples;
    const lnHalf = (outer: number, inner: number, k: number, w: number) =>
      Math.log(outer / inner) / (2 * Math.PI * k * w * 1e-3);
    const [n, m] = [8, 16];
    const cells = [
      ...Array.from({ length: n }, (_, i) => ({
        a: 26.9 + (4.1 * i) / n,
        b: 26.9 + (4.1 * (i + 1)) / n,
        w: 16,
        m: simple.ring,
      })),
      ...Array.from({ length: m }, (_, i) => ({
        a: 31 + (8 * i) / m,
        b: 31 + (8 * (i + 1)) / m,
        w: 20,
        m: simple.housing,
      })),
    ];
    const mid = (c: (typeof cells)[number]) => (c.a + c.b) / 2;
    const store = cells.map(
      (c) => Math.PI * (c.b ** 2 - c.a ** 2) * c.w * 1e-9 * c.m.densityKgM3 * c.m.specificHeatJKgK,
    );
    const link = cells.slice(0, -1).map((c, i) => {
      const next = cells[i + 1]!;
      const contact = i === n - 1 ? 1 / (2000 * 2 * Math.PI * 31 * 16 * 1e-6) : 0;
      return (
        1 /
        (lnHalf(c.b, mid(c), c.m.conductivityWMK, c.w) +
          contact +
          lnHalf(mid(next), next.a, next.m.conductivityWMK, next.w))
      );
    });
    const face = cells.map((c) => 12 * 2 * Math.PI * (c.b ** 2 - c.a ** 2) * 1e-6);
    // The skin loses through half a cell: 1/(1/(h·A) + R).
    const through = (areaM2: number, resistance: number) =>
      areaM2 === 0 ? 0 : 1 / (1 / (12 * areaM2) + resistance);
    const edge = (c: (typeof cells)[number], at: number) =>
      lnHalf(Math.max(at, mid(c)), Math.min(at, mid(c)), c.m.conductivityWMK, c.w);
    const skin = cells.map((c, i) =>
      i === 0
        ? through(2 * Math.PI * 26.9 * 16e-6, edge(c, c.a))
        : i === n
          ? through(2 * Math.PI * 31 * 4e-6, edge(c, c.a))
          : i === n + m - 1
            ? through(2 * Math.PI * 39 * 20e-6, edge(c, c.b))
            : 0,
    );
    const solver = new Solver(cells.length);
    solver.absoluteTolerance = solver.relativeTolerance = 1e-7;
    const slopes = (_t: number, y: number[]) =>
      y.map((t, i) => {
        let watt = (face[i]! + skin[i]!) * (20 - t);
        if (i > 0) watt += link[i - 1]! * (y[i - 1]! - t);
        if (i < y.length - 1) watt += link[i]! * (y[i + 1]! - t);
        return watt / store[i]!;
      });
    const meanOf = (y: number[], from: number, to: number) =>
      y.slice(from, to).reduce((s, t, k) => s + t * store[from + k]!, 0) /
      store.slice(from, to).reduce((a, b) => a + b, 0);
    const odex = solver.solve(
      slopes,
      0,
      cells.map((c) => c.m.startC),
      10,
    ).y;
    expect(Math.abs(meanOf(odex, 0, n) - mine[0]!.ringMeanC)).toBeLessThan(0.01);
    expect(Math.abs(meanOf(odex, n, n + m) - mine[0]!.bossMeanC)).toBeLessThan(0.01);
  });

  it('ten simulated minutes stay within the reference at any contact: hotter air, slower loss; never below the air', () =>
    fc.assert(
      fc.property(fc.double({ min: 50, max: 20_000, noNaN: true }), (contactConductanceWM2K) => {
        const { samples } = run({ ...RACE_IN_BOSS, contactConductanceWM2K }, [1, 10, 100, 600]);
        for (const { ringMeanC, bossMeanC, housingMeanC } of samples)
          for (const celsius of [ringMeanC, bossMeanC, housingMeanC]) {
            expect(celsius).toBeGreaterThan(-18.001);
            expect(celsius).toBeLessThan(120.001);
          }
      }),
      { seed: 8, numRuns: 12 },
    ));

  it.each([
    ['ringBoreRadiusMm', { ringBoreRadiusMm: 40 }, 'interfaceRadiusMm'],
    ['a boss narrower than its race', { bossWidthMm: 10 }, 'bossWidthMm'],
    ['NaN', { hWM2K: NaN }, 'hWM2K'],
  ] as const)('refuses %s by name', (_, change, field) => {
    expect(simulateRadial({ ...RACE_IN_BOSS, ...change }, [1], 1)).toMatchObject({
      ok: false,
      issues: expect.arrayContaining([expect.objectContaining({ field })]),
    });
  });
});
