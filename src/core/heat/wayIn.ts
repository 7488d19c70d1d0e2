import type { Material } from '@/core/catalogue/materials';
import type { PushForce } from '@/core/fit/pushForce';
import type { Measured } from '@/core/quantity/measured';
import { normalShareBelow } from '@/core/quantity/spread';
import {
  brokenCeilings,
  minutesAllowed,
  neighboursThatLetGo,
  type Ceiling,
  type Neighbour,
} from './ceilings';
import { shareAt, type HotBossBand } from './hotBoss';
import { freeTemperature, holdableTiltMm, housingTemperatureFor, leastClearanceMm } from './expansion';
import { settlingTemperature, type LumpedBody } from './lumped';
import { predictDrop, type DropProblem } from './predictDrop';

export type Way = 'drive' | 'chill' | 'heat' | 'heat_chill';

export type WayIn = {
  way: Way;
  ringC: number;
  /** Temperature to bring the casting to: what is needed plus the seconds to work in. Room temperature for drive and chill. */
  housingC: number;
  /** As wide as a bore of this temperature that grows freely: less than `housingC` where only the boss is hot. */
  boreC: number;
  /** The bare need: at this temperature the least clearance is just there, at the unfavourable edge. */
  neededC: number;
  clearanceMm: Measured;
  /** Chance that it drops if it is let go at once. */
  chance: number;
  /** Minutes that the casting may stay at this heat; null: as long as it takes. */
  minutesAllowed: number | null;
  /** Other seats of the casting that let go at this heat. */
  alsoLetGo: string[];
  sureSeconds: number | null;
  likelySeconds: number | null;
  settlingC: number;
  holdableTiltMm: number;
  forceN: { low: number; high: number } | null;
  /** Ceilings that this way would break, weakest first. */
  broken: Ceiling[];
  works: boolean;
};

export type WayInProblem = {
  diameterMm: number;
  widthMm: number;
  interferenceMm: Measured;
  race: Material;
  housing: Material;
  bearing: { massKg: number; areaM2: number };
  casting: { massKg: number; areaM2: number };
  roomC: number;
  freezerC: number;
  openAirH: number;
  /** Only the boss is heated, by hot air or a torch; null: the whole casting, in an oven. */
  hotBoss: HotBossBand | null;
  ceilings: readonly Ceiling[];
  /** Bearings that sit in the same casting already. */
  neighbours: readonly Neighbour[];
  pushForce: PushForce | null;
};

export type WayInPlan = {
  ways: WayIn[];
  mildest: WayIn | null;
  freeC: number | null;
  leastClearanceMm: number;
  /** Share of its free growth that a boss heated alone keeps; null: the whole casting is heated. */
  heldShare: number | null;
};

/** Seconds that must be sure between oven door and letting go; below the lesser figure a plan does not work. Common practice, no source. */
export const WANTED_SECONDS = 60;
export const LEAST_SECONDS = 15;

const HOTTEST_PLAN_C = 200;
const PLAN_STEP_C = 5;
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

function describe(problem: WayInProblem, way: Way, ringC: number, housingC: number): WayIn {
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
    works: broken.length === 0 && (prediction.sureUntilS === null || prediction.sureUntilS >= LEAST_SECONDS),
  };
}

/** The coolest casting that leaves the wanted seconds and breaks no ceiling; else the best that the ceilings allow. */
function planHeat(problem: WayInProblem, way: Way, ringC: number): WayIn {
  const pairNeed = describe(problem, way, ringC, problem.roomC).neededC;
  const firstC = Math.max(
    Math.ceil(pairNeed / PLAN_STEP_C) * PLAN_STEP_C,
    Math.ceil((problem.roomC + 10) / PLAN_STEP_C) * PLAN_STEP_C,
  );
  let best: WayIn | null = null;
  for (let housingC = firstC; housingC <= HOTTEST_PLAN_C; housingC += PLAN_STEP_C) {
    const plan = describe(problem, way, ringC, housingC);
    if (plan.broken.length > 0) return best?.works ? best : plan;
    best = plan;
    if (plan.sureSeconds === null || plan.sureSeconds >= WANTED_SECONDS) return plan;
  }
  return best ?? describe(problem, way, ringC, firstC);
}

function planDrive(problem: WayInProblem): WayIn {
  const cold = describe(problem, 'drive', problem.roomC, problem.roomC);
  return {
    ...cold,
    forceN: problem.pushForce?.forceN ?? null,
    works: problem.pushForce !== null && cold.broken.length === 0,
  };
}

/**
 * All ways to get the bearing into its seat, side by side, and the mildest that works: least force on the bearing, then least
 * heat, then least preparation. Common practice for the order, no source; every figure at the unfavourable edge.
 */
export function planWayIn(problem: WayInProblem): WayInPlan {
  const drive = planDrive(problem);
  const chill = describe(problem, 'chill', problem.freezerC, problem.roomC);
  const heat = planHeat(problem, 'heat', problem.roomC);
  const heatChill = planHeat(problem, 'heat_chill', problem.freezerC);
  const { diameterMm, interferenceMm, race, housing } = problem;
  const order = [
    ...(chill.works ? [chill] : []),
    ...[heatChill, heat].filter(({ works }) => works).sort((a, b) => a.housingC - b.housingC),
  ];
  const goesInByHand = drive.forceN?.high === 0;
  const mildest = (goesInByHand ? drive : order[0]) ?? (drive.works ? drive : null);
  return {
    ways: [drive, chill, heat, heatChill],
    mildest,
    freeC: freeTemperature({
      diameterMm,
      interferenceMm: Math.max(0, interferenceMm.value),
      ringAlphaPerK: race.alphaPerK,
      housingAlphaPerK: housing.alphaPerK,
    }),
    leastClearanceMm: leastClearanceMm(diameterMm),
    heldShare: problem.hotBoss?.likely.boreShare[0] ?? null,
  };
}
