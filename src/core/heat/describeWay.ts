import type { Material } from '@/core/catalogue/materials';
import { normalShareBelow } from '@/core/quantity/spread';
import type { Way } from '@/core/record/vocabulary';
import { brokenCeilings, minutesAllowed, neighboursThatLetGo } from './ceilings';
import { holdableTiltMm, housingTemperatureFor, leastClearanceMm } from './expansion';
import { shareAt } from './hotBoss';
import { settlingTemperature, type LumpedBody } from './lumped';
import { predictDrop, type DropProblem } from './predictDrop';
import type { WayIn, WayInProblem } from './wayIn';

/**
 * Seconds to work in: sure between oven door and letting go, or light enough for blows that creep to a depth. Below the lesser figure
 * a plan does not work. Common practice, no source.
 */
export const WANTED_SECONDS = 60;
export const LEAST_SECONDS = 15;

export const HOTTEST_PLAN_C = 200;
export const PLAN_STEP_C = 5;
const HORIZON_S = 1800;

/** How well a plan knows its own start temperatures (oven dial, freezer, carrying), standard uncertainties. */
const U_PLAN_HOUSING_K = 3;
const U_PLAN_RING_K = 3;

const bodyOf = (
  part: { massKg: number; areaM2: number },
  material: Material,
  startC: number,
  hWM2K: number,
): LumpedBody => ({
  massKg: part.massKg,
  areaM2: part.areaM2,
  specificHeatJKgK: material.specificHeatJKgK,
  emissivity: material.emissivity,
  hWM2K,
  startC,
});

function dropProblem(problem: WayInProblem, ringC: number, housingC: number): DropProblem {
  return {
    bodies: {
      ring: bodyOf(problem.bearing, problem.race, ringC, problem.openAirH),
      housing: bodyOf(problem.casting, problem.housing, housingC, problem.openAirH),
      ambientC: problem.roomC,
      touch: null,
    },
    diameterMm: problem.diameterMm,
    interferenceMm: problem.interferenceMm,
    ring: problem.race,
    housing: problem.housing,
    uHousingK: housingC === problem.roomC ? 1 : U_PLAN_HOUSING_K,
    uRingK: U_PLAN_RING_K,
    marginMm: leastClearanceMm(problem.diameterMm),
    ...(problem.hotBoss && { hotBoss: { ...problem.hotBoss, sinceS: 0 } }),
  };
}

/**
 * How hot the boss must be for a bore as wide as one at `boreC` that grows freely: hotter where a cold web holds it back, at the
 * unfavourable edge.
 */
function bossTemperatureFor({ hotBoss, roomC }: WayInProblem, boreC: number): number {
  return hotBoss ? roomC + (boreC - roomC) / shareAt(hotBoss.edge.boreShare, hotBoss.edge.stepS, 0) : boreC;
}

/** The fit at its tight edge. */
const worstPair = ({ diameterMm, interferenceMm: { value, u }, race, housing }: WayInProblem) => ({
  diameterMm,
  interferenceMm: value + 2 * u,
  ringAlphaPerK: race.alphaPerK,
  housingAlphaPerK: housing.alphaPerK,
});

/** How the clearance goes on from given temperatures. */
export const predictWay = (problem: WayInProblem, ringC: number, housingC: number, horizonS: number) =>
  predictDrop(dropProblem(problem, ringC, housingC), horizonS, 5);

/** One way at given temperatures: what it leaves clear, for how long, and what it would spoil. */
export function describeWay(problem: WayInProblem, way: Way, ringC: number, housingC: number): WayIn {
  const drop = dropProblem(problem, ringC, housingC);
  const prediction = predictDrop(drop, HORIZON_S, 5);
  const start = prediction.moments[0]!;
  const settlingC = settlingTemperature(drop.bodies.ring, drop.bodies.housing);
  const broken = brokenCeilings(problem.ceilings, { castingC: housingC, settlingC });
  const pair = worstPair(problem);
  return {
    way,
    ringC,
    housingC,
    boreC: start.boreC,
    settlingC,
    broken,
    neededC: bossTemperatureFor(problem, housingTemperatureFor(pair, { ringC, clearanceMm: drop.marginMm })),
    clearanceMm: start.clearanceMm,
    chance: normalShareBelow(
      (start.clearanceMm.value - drop.marginMm) / Math.max(start.clearanceMm.u, 1e-12),
    ),
    minutesAllowed: minutesAllowed(problem.housing.code, housingC),
    alsoLetGo: neighboursThatLetGo(problem.neighbours, housingC, pair),
    sureSeconds: prediction.sureUntilS,
    likelySeconds: prediction.likelyUntilS,
    holdableTiltMm: holdableTiltMm({
      clearanceMm: start.clearanceMm.value - 2 * start.clearanceMm.u,
      diameterMm: problem.diameterMm,
      widthMm: problem.widthMm,
    }),
    forceN: null,
    against: [],
    works: broken.length === 0 && (prediction.sureUntilS === null || prediction.sureUntilS >= LEAST_SECONDS),
  };
}

/** The coolest casting that leaves the wanted seconds and breaks no ceiling; else the best that the ceilings allow. */
export function planHeat(problem: WayInProblem, way: Way, ringC: number): WayIn {
  const pairNeed = describeWay(problem, way, ringC, problem.roomC).neededC;
  const firstC = Math.max(
    Math.ceil(pairNeed / PLAN_STEP_C) * PLAN_STEP_C,
    Math.ceil((problem.roomC + 10) / PLAN_STEP_C) * PLAN_STEP_C,
  );
  let best: WayIn | null = null;
  for (let housingC = firstC; housingC <= HOTTEST_PLAN_C; housingC += PLAN_STEP_C) {
    const plan = describeWay(problem, way, ringC, housingC);
    if (plan.broken.length > 0) return best?.works ? best : plan;
    best = plan;
    if (plan.sureSeconds === null || plan.sureSeconds >= WANTED_SECONDS) return plan;
  }
  return best ?? describeWay(problem, way, ringC, firstC);
}
