import { solveSteppedDisc } from '@/core/fit/steppedDisc';
import { REFERENCE_C } from '@/core/quantity/measured';
import { checkNumbers, fail, succeed, type Result } from '@/core/quantity/result';

/**
 * How far the bore of a boss opens when only the boss is hot: the colder web around it holds it back.
 *
 * Boss even at its temperature, web falling in a straight line from there to its rim's; plane-stress disc of stepped width.
 * A boss at 120 °C with its web falling to 40 °C at R100 grows 78 % of its free expansion. Gun and torch plans use this growth,
 * oven plans the free one.
 * Source: see `solveSteppedDisc`.
 */
export type HotBoss = {
  diameterMm: number;
  bossOutsideMm: number;
  webOutsideMm: number;
  bossWidthMm: number;
  webThicknessMm: number;
  bossC: number;
  rimC: number;
  alphaPerK: number;
  youngsModulusMPa: number;
  poisson: number;
};

export type RestrainedGrowth = {
  boreGrowthMm: number;
  freeGrowthMm: number;
  /** Of free expansion; null when the boss is at 20 °C. */ share: number | null;
};

export function restrainedGrowth(boss: HotBoss): Result<RestrainedGrowth> {
  const {
    diameterMm,
    bossOutsideMm,
    webOutsideMm,
    bossWidthMm,
    webThicknessMm,
    bossC,
    rimC,
    alphaPerK,
    youngsModulusMPa,
    poisson,
  } = boss;
  const issues = checkNumbers({
    diameterMm: { value: diameterMm, min: 1 },
    bossOutsideMm: { value: bossOutsideMm, min: diameterMm * 1.01 },
    webOutsideMm: { value: webOutsideMm, min: bossOutsideMm * 1.01 },
    bossWidthMm: { value: bossWidthMm, min: 0.1 },
    webThicknessMm: { value: webThicknessMm, min: 0.1, max: bossWidthMm },
    bossC: { value: bossC, min: -100, max: 400 },
    rimC: { value: rimC, min: -100, max: 400 },
  });
  if (issues.length > 0) return fail(...issues);
  const [b, c, r] = [diameterMm / 2, bossOutsideMm / 2, webOutsideMm / 2];
  const slope = (rimC - bossC) / (r - c);
  const atAxis = bossC - REFERENCE_C - slope * c;
  // ∫(T₀ + s·r)·r dr from c to R
  const webHeat = (atAxis * (r ** 2 - c ** 2)) / 2 + (slope * (r ** 3 - c ** 3)) / 3;
  const disc = solveSteppedDisc(
    [
      {
        innerMm: b,
        outerMm: c,
        widthMm: bossWidthMm,
        youngsModulusMPa,
        poisson,
        alphaHeatMm2: (alphaPerK * (bossC - REFERENCE_C) * (c ** 2 - b ** 2)) / 2,
      },
      {
        innerMm: c,
        outerMm: r,
        widthMm: webThicknessMm,
        youngsModulusMPa,
        poisson,
        alphaHeatMm2: alphaPerK * webHeat,
      },
    ],
    0,
  );
  if (!disc.ok) return disc;
  const freeGrowthMm = diameterMm * alphaPerK * (bossC - REFERENCE_C);
  return succeed({
    boreGrowthMm: disc.value.boreGrowthMm,
    freeGrowthMm,
    share: freeGrowthMm === 0 ? null : disc.value.boreGrowthMm / freeGrowthMm,
  });
}
