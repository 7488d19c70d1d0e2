import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { sampleStandardDeviation, mean } from 'simple-statistics';
import { findBearingOutsideLimits, findRadialClearances } from '@/core/catalogue/bearingLimits';
import { findLimits } from '@/core/catalogue/limits';
import { MATERIALS } from '@/core/catalogue/materials';
import { normalSource, seededRandom } from '@/core/quantity/random';
import { normalShareBelow, tryLots } from '@/core/quantity/spread';
import { bossPressure } from './bossPressure';
import { fitOfClasses, zoneSpread } from './classFit';
import { solvePressFit } from './pressFit';
import { bondedHoldN, bushBoreAfterFitting, neededNipUm, outOfRoundLimitUm, remediesFor } from './remedies';
import { runningClearances, trackShares } from './runningClearance';
import { solveSteppedDisc } from './steppedDisc';

const ALU = { youngsModulusMPa: 71_000, poisson: 0.33 };
const STEEL = { youngsModulusMPa: 207_000, poisson: 0.3 };

describe('a stepped disc', () => {
  it('of one step is Lamé’s ring under pressure', () => {
    const disc = solveSteppedDisc([{ innerMm: 31, outerMm: 39, widthMm: 16, ...ALU }], 1.5);
    const lame = solvePressFit({
      interferenceMm: 0.01,
      diameterMm: 62,
      ringBoreMm: 53.8,
      housingOutsideMm: 78,
      ring: STEEL,
      housing: ALU,
    });
    if (!disc.ok || !lame.ok) throw new Error('no answer');
    expect(disc.value.boreGrowthMm).toBeCloseTo(
      (lame.value.housingBoreGrowthMm / lame.value.pressureMPa) * 1.5,
      10,
    );
    expect(disc.value.rimGrowthMm).toBeCloseTo(
      (lame.value.housingOutsideGrowthMm / lame.value.pressureMPa) * 1.5,
      10,
    );
  });
  it('cut into any number of like steps stays the same', () =>
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 2, max: 38 }), { minLength: 1, maxLength: 5 }), (cuts) => {
        const edges = [
          31,
          ...[...new Set(cuts)].sort((a, b) => a - b).map((step) => 31 + (69 * step) / 40),
          100,
        ];
        const whole = solveSteppedDisc([{ innerMm: 31, outerMm: 100, widthMm: 5, ...ALU }], 1);
        const pieces = solveSteppedDisc(
          edges.slice(1).map((outerMm, i) => ({ innerMm: edges[i]!, outerMm, widthMm: 5, ...ALU })),
          1,
        );
        expect(
          whole.ok && pieces.ok && Math.abs(whole.value.boreGrowthMm - pieces.value.boreGrowthMm),
        ).toBeLessThan(1e-12);
      }),
      { seed: 3 },
    ));
  it('at one temperature grows freely, whatever its steps', () => {
    const rise = 21.8e-6 * 80;
    const layer = (innerMm: number, outerMm: number, widthMm: number) => ({
      innerMm,
      outerMm,
      widthMm,
      ...ALU,
      alphaHeatMm2: (rise * (outerMm ** 2 - innerMm ** 2)) / 2,
    });
    const disc = solveSteppedDisc([layer(31, 39, 20), layer(39, 100, 5)], 0);
    expect(disc.ok && disc.value.boreGrowthMm).toBeCloseTo(62 * rise, 9);
    expect(disc.ok && disc.value.rimGrowthMm).toBeCloseTo(200 * rise, 9);
  });
  it.each([
    [[]],
    [[{ innerMm: 39, outerMm: 31, widthMm: 5, ...ALU }]],
    [
      [
        { innerMm: 31, outerMm: 39, widthMm: 5, ...ALU },
        { innerMm: 40, outerMm: 50, widthMm: 5, ...ALU },
      ],
    ],
  ])('refuses what is no disc', (layers) => expect(solveSteppedDisc(layers, 1).ok).toBe(false));
});

describe('pressure in a real boss against finite elements (62 × 16 in a 78 mm boss 20 mm high, as × plain Lamé)', () => {
  const times = (web: { outsideMm: number; thicknessMm: number } | null) => {
    const found = bossPressure({
      interferenceMm: 0.01,
      diameterMm: 62,
      ringBoreMm: 53.8,
      ringWidthMm: 16,
      ring: STEEL,
      housing: ALU,
      bossOutsideMm: 78,
      bossWidthMm: 20,
      web,
    });
    return found.ok ? found.value.timesPlain : NaN;
  };
  it.each([
    [null, 1.15],
    [{ outsideMm: 120, thicknessMm: 5 }, 1.37],
    [{ outsideMm: 200, thicknessMm: 5 }, 1.48],
  ])('web %o: × %f within 5 %%', (web, fe) => expect(Math.abs(times(web) / fe - 1)).toBeLessThan(0.05));
  it('a bigger web is stiffer, and never above the endless wall (about × 1.9)', () => {
    const grow = [90, 120, 200, 500, 2000].map((outsideMm) => times({ outsideMm, thicknessMm: 8 }));
    grow.slice(1).forEach((each, i) => expect(each).toBeGreaterThanOrEqual(grow[i]!));
    expect(grow.at(-1)).toBeLessThan(1.95);
  });
  it('names what does not fit', () =>
    expect(
      bossPressure({
        interferenceMm: 0.01,
        diameterMm: 62,
        ringBoreMm: 53.8,
        ringWidthMm: 16,
        ring: STEEL,
        housing: ALU,
        bossOutsideMm: 78,
        bossWidthMm: 10,
        web: null,
      }),
    ).toMatchObject({ ok: false, issues: [{ field: 'bossWidthMm' }] }));
});

describe('the fit of two classes', () => {
  const hole = findLimits(62, 'N7')!;
  const part = findBearingOutsideLimits(62)!;
  const fit = fitOfClasses(hole, part);
  it('N7 on a 62 mm bearing: −4 … 39 µm, in the middle 17.5 (ISO 286-2, ISO 492)', () =>
    expect(fit).toMatchObject({ leastUm: -4, mostUm: 39, middleUm: 17.5 }));
  it('root-sum-square and 10⁵ seeded lots agree, and so does a statistics library on the same lots', () => {
    const lots = tryLots([zoneSpread(part), zoneSpread(hole)], ([a = 0, b = 0]) => a - b, {
      draws: 100_000,
      seed: 11,
      isWanted: (um) => um > 0,
    });
    expect(lots.std / fit.sigmaUm).toBeCloseTo(1, 1);
    expect(Math.abs(lots.mean - fit.middleUm)).toBeLessThan(0.1);
    expect(Math.abs(lots.share - fit.chanceTight)).toBeLessThan(0.002);
    const normal = normalSource(seededRandom(5));
    const drawn = Array.from({ length: 20_000 }, () => 17.5 + fit.sigmaUm * normal());
    expect(Math.abs(mean(drawn) - 17.5)).toBeLessThan(0.15);
    expect(sampleStandardDeviation(drawn) / fit.sigmaUm).toBeCloseTo(1, 1);
  });
  it('Φ of Abramowitz & Stegun table 26.1: 0.8413447, 0.9772499, 0.0013499 (from memory)', () => {
    for (const [z, share] of [
      [1, 0.8413447],
      [2, 0.9772499],
      [-3, 0.0013499],
      [0, 0.5],
    ] as const)
      expect(Math.abs(normalShareBelow(z) - share)).toBeLessThan(1e-7);
  });
});

describe('running clearance: 25 × 62 × 17 C3, 27 µm outside, 14 µm inside', () => {
  const input = {
    boreMm: 25,
    outsideMm: 62,
    delivered: findRadialClearances(25)!.C3,
    outerInterferenceMm: { value: 0.027, u: 0.003 },
    innerInterferenceMm: { value: 0.014, u: 0.003 },
    bossOutsideMm: 78,
    shaftBoreMm: 0,
    race: MATERIALS.bearing_steel,
    housing: MATERIALS.alsi9cu3,
    shaft: MATERIALS.bearing_steel,
  };
  const states = runningClearances(input)!;
  const at = (state: string) => states.find((each) => each.state === state)!.clearanceUm.value;
  it.each([
    ['bench', 1],
    ['cold_start', -5],
    ['warm_up', -22],
    ['running', 5],
  ] as const)('%s: %f µm', (state, um) => expect(Math.abs(at(state) - um)).toBeLessThan(1.6));
  it('warm-up is the tightest; CN would be tighter by the difference of the groups', () => {
    expect(Math.min(...states.map(({ clearanceUm }) => clearanceUm.value))).toBe(at('warm_up'));
    const normal = runningClearances({ ...input, delivered: findRadialClearances(25)!.CN })!;
    expect(at('running') - normal[3]!.clearanceUm.value).toBeCloseTo(20.5 - 12.5, 9);
  });
  it('of like steel, a solid shaft passes d/d_eff of its nip to the inner track (Lamé)', () =>
    expect(trackShares(input)!.inner).toBeCloseTo(25 / ((3 * 25 + 62) / 4), 6));
  it('has no answer for what is no ring', () =>
    expect(runningClearances({ ...input, bossOutsideMm: 60 })).toBeNull());
});

describe('remedies (common practice, no source)', () => {
  it('a big gap is sleeved, never bonded; peening is never among them', () => {
    const codes = remediesFor({ interferenceMm: -0.3, isRotatingLoad: true }).map(({ code }) => code);
    expect(codes).toContain('sleeve');
    expect(codes).not.toContain('retaining_compound');
    expect(remediesFor({ interferenceMm: -0.01, isRotatingLoad: false })[0]!.code).toBe('hold_axially');
    expect(
      remediesFor({ interferenceMm: -0.01, isRotatingLoad: true }).map(({ code }) => code),
    ).not.toContain('hold_axially');
  });
  it('a thin gap needs a bored seat before it takes a sleeve', () =>
    expect(
      remediesFor({ interferenceMm: -0.1, isRotatingLoad: true }).find(({ code }) => code === 'sleeve')!
        .warning,
    ).toBe('needs_wall'));
  it('figures: 62 × 17 bonded holds about 10 kN derated; 5 kN on a 25 × 17 race needs 6.9 µm; IT5/2; a bush closes', () => {
    expect(bondedHoldN({ diameterMm: 62, widthMm: 17 }) / 1000).toBeCloseTo(9.9, 1);
    expect(neededNipUm({ boreMm: 25, widthMm: 17, loadN: 5000 })).toBeCloseTo(6.86, 2);
    expect(outOfRoundLimitUm(13)).toBe(6.5);
    expect(bushBoreAfterFitting({ freeBoreMm: 25.02, contractionMm: 0.03 })).toBeCloseTo(24.99, 9);
  });
});
