import { dropProblemOf } from './describeWay';
import { gripAfterLettingGoS } from './grip';
import { webOutsideRadiusMm } from './hotBoss';
import { predictDrop, type DropMoment, type DropPrediction } from './predictDrop';
import { firstFall, simulateRadial } from './radial';
import type { RadialProblem } from './radialCells';
import { PLANNED_GUN_S } from './readyMinutes';
import { REST_CONDUCTANCE } from './rest';
import type { WayIn, WayInProblem } from './wayIn';

/** Boss and web of a seat, as the radial model needs them. */
export type BossShape = { outsideMm: number; widthMm: number; webThicknessMm: number };

/** What the model along the radius takes from a way in. */
export type RadialBodies = Pick<
  WayInProblem,
  | 'diameterMm'
  | 'widthMm'
  | 'interferenceMm'
  | 'casting'
  | 'bearing'
  | 'housing'
  | 'race'
  | 'openAirH'
  | 'roomC'
  | 'heatedBy'
  | 'rest'
>;

/** One moment along the radius. */
export type RadialMoment = { timeS: number; ringC: number; bossC: number; clearanceMm: number };

/** How a way goes on after the door, by both models. Times from the moment at which casting and part leave heat and cold, s. */
export type DropCourse = Pick<DropPrediction, 'sureUntilS' | 'likelyUntilS' | 'gripS'> & {
  moments: DropMoment[];
  /** Let go after the walk: then it is held after so long; null: not until both have cooled, or it is pushed. */
  grabS: number | null;
  /** Along the radius; null where the drawn sizes make no boss. */
  radial: { moments: RadialMoment[]; likelyUntilS: number | null } | null;
};

export const COURSE_S = 600;
const STEP_S = 4;

/** A plain ring with the bearing's mass: its inner radius, mm. */
function ringBoreRadiusMm({ diameterMm, widthMm, bearing, race }: RadialBodies): number {
  const areaMm2 = (bearing.massKg / race.densityKgM3 / widthMm) * 1e9;
  return Math.sqrt(Math.max(1, (diameterMm / 2) ** 2 - areaMm2 / Math.PI));
}

/** Radiation as a coefficient half way between a body and the room, 4·ε·σ·T³, W/(m²·K). */
const radiationWM2K = (emissivity: number, celsius: number, roomC: number) =>
  4 * emissivity * 5.67e-8 * (273.15 + (celsius + roomC) / 2) ** 3;

/** Radius of the round web that, with the boss, has the casting's mass, mm. */
const webRadiusMm = ({ diameterMm, casting, housing, openAirH }: RadialBodies, boss: BossShape) =>
  webOutsideRadiusMm({
    diameterMm,
    bossOutsideMm: boss.outsideMm,
    bossWidthMm: boss.widthMm,
    webThicknessMm: boss.webThicknessMm,
    massKg: casting.massKg,
    housing,
    hWM2K: openAirH,
    heatedForS: 0,
  });

/** All that a plain ring turns to the air, m². */
const ringAreaM2 = (boreMm: number, outsideMm: number, widthMm: number) =>
  2 * Math.PI * (outsideMm ** 2 - boreMm ** 2 + (boreMm + outsideMm) * widthMm) * 1e-6;

/** All that a disc with a boss turns to the air, m²: two faces, the bore, the boss's step, the rim. */
function discAreaM2(boreMm: number, boss: BossShape, webMm: number): number {
  const stepMm = boss.widthMm - Math.min(boss.webThicknessMm, boss.widthMm);
  const faces = 2 * Math.PI * (webMm ** 2 - boreMm ** 2);
  const round = boreMm * boss.widthMm + (boss.outsideMm / 2) * stepMm + webMm * (boss.widthMm - stepMm);
  return (faces + 2 * Math.PI * round) * 1e-6;
}

/**
 * The same way along the radius: race, boss and a round web of the casting's mass, so that both models lose and take as much heat. What
 * the real casting has in surface beyond that disc, and what it lies on (`restWK`), is taken from the disc's lower face; a disc that has
 * more surface than the casting gives off so much less on each of it.
 */
export function radialProblem(
  problem: RadialBodies,
  { ringC, housingC }: Pick<WayIn, 'ringC' | 'housingC'>,
  boss: BossShape,
  restWK = REST_CONDUCTANCE[problem.rest].likelyWK,
): RadialProblem {
  const { diameterMm, widthMm, casting, housing, race, openAirH, roomC, heatedBy } = problem;
  const webMm = webRadiusMm(problem, boss);
  const faceM2 = Math.PI * (webMm ** 2 - (diameterMm / 2) ** 2) * 1e-6;
  const discM2 = discAreaM2(diameterMm / 2, { ...boss, widthMm: Math.max(boss.widthMm, widthMm) }, webMm);
  const airWM2K = openAirH + radiationWM2K(housing.emissivity, housingC, roomC);
  const beyondWK = airWM2K * Math.max(0, casting.areaM2 - discM2) + restWK;
  const hWM2K = airWM2K * Math.min(1, casting.areaM2 / discM2);
  const ringBoreMm = ringBoreRadiusMm(problem);
  const ringHWM2K =
    ((openAirH + radiationWM2K(race.emissivity, ringC, roomC)) * problem.bearing.areaM2) /
    ringAreaM2(ringBoreMm, diameterMm / 2, widthMm);
  return {
    ringBoreRadiusMm: ringBoreMm,
    interfaceRadiusMm: diameterMm / 2,
    bossOutsideRadiusMm: boss.outsideMm / 2,
    webOutsideRadiusMm: webMm,
    ringWidthMm: widthMm,
    bossWidthMm: Math.max(boss.widthMm, widthMm),
    webThicknessMm: Math.min(boss.webThicknessMm, boss.widthMm),
    hWM2K,
    ringHWM2K,
    ambientC: roomC,
    contactConductanceWM2K: 1,
    isTouching: false,
    interferenceMm: problem.interferenceMm.value,
    benchWM2K: beyondWK / faceM2,
    ring: { ...race, startC: ringC },
    housing: { ...housing, startC: housingC },
    ...(heatedBy === 'gun' && { bossHeated: { forS: PLANNED_GUN_S / 2, webStartC: roomC } }),
  };
}

/** Source: see `simulateRadial`. Checked against: the lumped model, which holds the whole casting at one temperature. */
function alongRadius(
  problem: WayInProblem,
  way: Pick<WayIn, 'ringC' | 'housingC'>,
  boss: BossShape,
): DropCourse['radial'] {
  const times = Array.from({ length: COURSE_S / STEP_S + 1 }, (_, i) => i * STEP_S);
  const run = simulateRadial(radialProblem(problem, way, boss), times, COURSE_S);
  if (!run.ok) return null;
  const { samples, steps } = run.value;
  return {
    moments: samples.map(({ timeS, ringMeanC, bossMeanC, clearanceDiscMm }) => ({
      timeS,
      ringC: ringMeanC,
      bossC: bossMeanC,
      clearanceMm: clearanceDiscMm,
    })),
    likelyUntilS: firstFall(steps, (step) => step.clearanceDiscMm, problem.wantedMm),
  };
}

/** Let go at this moment: until the bore holds it. */
function grabsAfter(problem: WayInProblem, moment: DropMoment): number | null {
  const { bodies } = dropProblemOf(problem, moment.ringC, moment.boreC);
  return gripAfterLettingGoS(bodies, {
    pair: {
      diameterMm: problem.diameterMm,
      interferenceMm: problem.interferenceMm.value,
      ringAlphaPerK: problem.race.alphaPerK,
      housingAlphaPerK: problem.housing.alphaPerK,
    },
    clearanceMm: moment.clearanceMm.value,
    outerRaceMassKg: problem.bearing.outerRaceMassKg,
    widthMm: problem.widthMm,
  });
}

/**
 * The course of one way for `COURSE_S` after the door, by the lumped model with its band (see `predictDrop`) and along the radius.
 */
export function courseOf(
  problem: WayInProblem,
  way: Pick<WayIn, 'ringC' | 'housingC'>,
  boss: BossShape,
): DropCourse {
  const drop = dropProblemOf(problem, way.ringC, way.housingC);
  const { moments, ...until } = predictDrop(drop, COURSE_S, STEP_S);
  const atDrop = moments.find(({ timeS }) => timeS >= problem.carryS) ?? moments.at(-1)!;
  return {
    ...until,
    moments,
    grabS: grabsAfter(problem, atDrop),
    radial: alongRadius(problem, way, boss),
  };
}
