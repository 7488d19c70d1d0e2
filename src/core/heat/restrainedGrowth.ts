import { solveSteppedDisc, type DiscLayer } from '@/core/fit/steppedDisc';
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

const checkHotBoss = (boss: HotBoss) =>
  checkNumbers({
    diameterMm: { value: boss.diameterMm, min: 1 },
    bossOutsideMm: { value: boss.bossOutsideMm, min: boss.diameterMm * 1.01 },
    webOutsideMm: { value: boss.webOutsideMm, min: boss.bossOutsideMm * 1.01 },
    bossWidthMm: { value: boss.bossWidthMm, min: 0.1 },
    webThicknessMm: { value: boss.webThicknessMm, min: 0.1, max: boss.bossWidthMm },
    bossC: { value: boss.bossC, min: -100, max: 400 },
    rimC: { value: boss.rimC, min: -100, max: 400 },
  });

/** Boss and web as layers of a disc with their heat. */
function layersOf(boss: HotBoss): DiscLayer[] {
  const { alphaPerK, youngsModulusMPa, poisson, bossC, rimC } = boss;
  const [b, c, r] = [boss.diameterMm / 2, boss.bossOutsideMm / 2, boss.webOutsideMm / 2];
  const slope = (rimC - bossC) / (r - c);
  const atAxis = bossC - REFERENCE_C - slope * c;
  // ∫(T₀ + s·r)·r dr from c to R
  const webHeat = (atAxis * (r ** 2 - c ** 2)) / 2 + (slope * (r ** 3 - c ** 3)) / 3;
  const bossHeat = ((bossC - REFERENCE_C) * (c ** 2 - b ** 2)) / 2;
  const metal = { youngsModulusMPa, poisson };
  return [
    { ...metal, innerMm: b, outerMm: c, widthMm: boss.bossWidthMm, alphaHeatMm2: alphaPerK * bossHeat },
    { ...metal, innerMm: c, outerMm: r, widthMm: boss.webThicknessMm, alphaHeatMm2: alphaPerK * webHeat },
  ];
}

export function restrainedGrowth(boss: HotBoss): Result<RestrainedGrowth> {
  const issues = checkHotBoss(boss);
  if (issues.length > 0) return fail(...issues);
  const disc = solveSteppedDisc(layersOf(boss), 0);
  if (!disc.ok) return disc;
  const freeGrowthMm = boss.diameterMm * boss.alphaPerK * (boss.bossC - REFERENCE_C);
  return succeed({
    boreGrowthMm: disc.value.boreGrowthMm,
    freeGrowthMm,
    share: freeGrowthMm === 0 ? null : disc.value.boreGrowthMm / freeGrowthMm,
  });
}
