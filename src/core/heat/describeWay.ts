import { LEAST_SECONDS, WANTED_SECONDS } from './workingSeconds';
import type { Material } from '@/core/catalogue/materials';
import { normalShareBelow } from '@/core/quantity/spread';
import type { Measured } from '@/core/quantity/measured';
import type { Way } from '@/core/record/vocabulary';
import { brokenCeilings, minutesAllowed, neighboursThatLetGo } from './ceilings';
import { interferenceAt } from '@/core/fit/runningFit';
import { holdableTiltMm, housingTemperatureFor } from './expansion';
import { forceLeft } from './forceLeft';
import { shareAt } from './hotBoss';
import { settlingTemperature, type LumpedBody } from './lumped';
import { predictDrop, type DropMoment, type DropProblem } from './predictDrop';
import { readyMinutes } from './readyMinutes';
import { REST_CONDUCTANCE } from './rest';
import type { WayIn, WayInProblem } from './wayIn';
import { risksOf } from './wayRisks';
import { isDrop, isHeated } from './waySorts';

export const HOTTEST_PLAN_C = 200;
export const PLAN_STEP_C = 5;
const HORIZON_S = 1800;
/** Short against every time constant here: straight between samples, a crossing is found within a tenth of a second. */
const STEP_S = 10;
/** Less than this is not called opened. */
const NOTHING_OPENED_MM = 0.0005;

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

/** Both bodies, the fit and the doubts of a plan, at the temperatures with which they leave heat and cold. */
export function dropProblemOf(problem: WayInProblem, ringC: number, housingC: number): DropProblem {
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
    marginMm: problem.wantedMm,
    rest: REST_CONDUCTANCE[problem.rest],
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
  predictDrop(dropProblemOf(problem, ringC, housingC), horizonS, STEP_S);

/** The bare need: at this temperature the wanted clearance is just there, at the unfavourable edge. */
export const neededTemperature = (problem: WayInProblem, ringC: number) =>
  bossTemperatureFor(
    problem,
    housingTemperatureFor(worstPair(problem), { ringC, clearanceMm: problem.wantedMm }),
  );

/** Between the two samples around `timeS`. */
function momentAfter(moments: readonly DropMoment[], timeS: number): DropMoment {
  const next = moments.findIndex((moment) => moment.timeS >= timeS);
  const after = moments[next] ?? moments.at(-1)!;
  const before = moments[next - 1];
  if (!before) return after;
  const share = (timeS - before.timeS) / (after.timeS - before.timeS);
  const between = (read: (moment: DropMoment) => number) =>
    read(before) + share * (read(after) - read(before));
  return {
    timeS,
    ringC: between(({ ringC }) => ringC),
    housingC: between(({ housingC }) => housingC),
    boreC: between(({ boreC }) => boreC),
    uBoreK: between(({ uBoreK }) => uBoreK),
    clearanceMm: {
      value: between(({ clearanceMm }) => clearanceMm.value),
      u: between(({ clearanceMm }) => clearanceMm.u),
    },
  };
}

/** When half of what heat and cold opened, above the clearance at room temperature, is gone. */
function halfGone(problem: WayInProblem, moments: readonly DropMoment[]): number | null {
  const { roomC } = problem;
  const coldMm = -interferenceAt({
    ...problem,
    ring: problem.race,
    ringC: { value: roomC, u: 0 },
    housingC: { value: roomC, u: 0 },
  }).value;
  const openedMm = moments[0]!.clearanceMm.value - coldMm;
  if (openedMm < NOTHING_OPENED_MM) return null;
  return moments.find(({ clearanceMm }) => clearanceMm.value - coldMm < openedMm / 2)?.timeS ?? null;
}

/** Force at a moment of a way, with the doubt of its temperatures: what of the clearance's is not the part's own. */
export const forceAt = (problem: WayInProblem, moment: DropMoment) =>
  forceLeft(problem, {
    ...moment,
    uGrowthMm: Math.sqrt(Math.max(0, moment.clearanceMm.u ** 2 - problem.interferenceMm.u ** 2)),
  });

/** Chance that it drops, and how square it has to be held, with the clearance that there is when it is let go. */
const oddsAt = ({ diameterMm, widthMm, wantedMm }: WayInProblem, { value, u }: Measured) => ({
  chance: normalShareBelow((value - wantedMm) / Math.max(u, 1e-12)),
  holdableTiltMm: holdableTiltMm({ clearanceMm: value - 2 * u, diameterMm, widthMm }),
});

/** One way at given temperatures: what it leaves clear, for how long, and what it would spoil. */
export function describeWay(problem: WayInProblem, way: Way, ringC: number, housingC: number): WayIn {
  const { bodies, ...drop } = dropProblemOf(problem, ringC, housingC);
  const isStill = ringC === problem.roomC && housingC === problem.roomC;
  const horizonS = isStill ? problem.carryS : HORIZON_S;
  const { moments, sureUntilS, likelyUntilS } = predictDrop({ ...drop, bodies }, horizonS, STEP_S);
  const atDrop = momentAfter(moments, problem.carryS);
  const settlingC = settlingTemperature(bodies.ring, bodies.housing);
  const broken = brokenCeilings(problem.ceilings, { castingC: housingC, settlingC });
  const heatedBy = isHeated(way) ? problem.heatedBy : null;
  // Cold, part and bore have one temperature, whatever it is.
  const pushN = isStill ? (problem.pushForce?.forceN ?? null) : forceAt(problem, atDrop);
  const forceN = isDrop(way) ? null : pushN;
  const alsoLetGo = neighboursThatLetGo(problem.neighbours, housingC, worstPair(problem));
  const isLongEnough = sureUntilS === null || sureUntilS >= Math.max(LEAST_SECONDS, problem.carryS);
  return {
    way,
    heatedBy,
    heldShare: heatedBy === 'gun' ? (problem.hotBoss?.likely.boreShare[0] ?? null) : null,
    ringC,
    housingC,
    boreC: moments[0]!.boreC,
    settlingC,
    broken,
    neededC: neededTemperature(problem, ringC),
    clearanceMm: atDrop.clearanceMm,
    ...oddsAt(problem, atDrop.clearanceMm),
    ready: readyMinutes(problem, way, housingC, ringC),
    risks: risksOf(problem, { way, housingC, settlingC, forceN, alsoLetGo, heatedBy }),
    minutesAllowed: minutesAllowed(problem.housing.code, housingC),
    alsoLetGo,
    sureSeconds: sureUntilS,
    likelySeconds: likelyUntilS,
    halfGoneS: halfGone(problem, moments),
    forceN,
    against: [],
    works: broken.length === 0 && (isDrop(way) ? isLongEnough : forceN !== null),
  };
}

/** Taken out at `housingC`, the wanted seconds stay sure. */
function isSureFor(problem: WayInProblem, ringC: number, housingC: number): boolean {
  const seconds = Math.max(WANTED_SECONDS, problem.carryS + LEAST_SECONDS);
  return predictDrop(dropProblemOf(problem, ringC, housingC), seconds, seconds).sureUntilS === null;
}

/** It would spoil something. */
function breaksAny(problem: WayInProblem, ringC: number, housingC: number): boolean {
  const { ring, housing } = dropProblemOf(problem, ringC, housingC).bodies;
  const heat = { castingC: housingC, settlingC: settlingTemperature(ring, housing) };
  return brokenCeilings(problem.ceilings, heat).length > 0;
}

/** The coolest casting that leaves the wanted seconds and breaks no ceiling; else the best that the ceilings allow. */
export function planHeat(problem: WayInProblem, way: Way, ringC: number): WayIn {
  const { setC, roomC } = problem;
  if (setC !== null) return describeWay(problem, way, ringC, setC);
  const firstC = Math.max(
    Math.ceil(neededTemperature(problem, ringC) / PLAN_STEP_C) * PLAN_STEP_C,
    Math.ceil((roomC + 10) / PLAN_STEP_C) * PLAN_STEP_C,
  );
  let lastC: number | null = null;
  for (let housingC = firstC; housingC <= HOTTEST_PLAN_C; housingC += PLAN_STEP_C) {
    if (breaksAny(problem, ringC, housingC)) {
      const best = lastC === null ? null : describeWay(problem, way, ringC, lastC);
      return best?.works ? best : describeWay(problem, way, ringC, housingC);
    }
    if (isSureFor(problem, ringC, housingC)) return describeWay(problem, way, ringC, housingC);
    lastC = housingC;
  }
  return describeWay(problem, way, ringC, lastC ?? firstC);
}
