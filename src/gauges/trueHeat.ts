import { MATERIALS } from '@/core/catalogue/materials';
import { bearingBody } from '@/core/catalogue/bearings/inside';
import { radialProblem } from '@/core/heat/dropCourse';
import { shareAt } from '@/core/heat/hotBoss';
import { simulateRadial } from '@/core/heat/radial';
import { REST_CONDUCTANCE } from '@/core/heat/rest';
import { CONVECTION, soakTemperature } from '@/core/heat/soak';
import { castingBody } from '@/core/job/castingBody';
import { heatAt, type CastingHeat } from '@/core/job/castingHeat';
import { hotBossOf } from '@/core/job/hotBossOf';
import type { HeatPlace } from '@/core/record/events/heat';
import type { ProjectedJob } from '@/core/project/project';
import type { Casting, Seat } from '@/core/record/job';
import { partMetal } from '@/core/record/seatFacts';
import { eitherWay } from './chance';

/**
 * How hot and cold things really are in the simulated shop: by a finer model than the one that predicts (the casting along its radius, with
 * what it lies on), with an oven and a freezer that lie, a draught that nobody measured, and each cold part that drops in taking its heat.
 */

/** The casting in this shop loses heat a little faster than the computation believes: simulations that agree too well teach nothing. */
export const TRUE_LOSS_FACTOR = 1.12;
/** In the oven it takes heat a little faster, in the freezer it gives it a little slower. */
const TRUE_OVEN_FACTOR = 1.05;
const TRUE_FREEZER_FACTOR = 0.9;
/** An oven's dial lies by up to so much either way, a freezer's too, K. */
const OVEN_LIES_K = 6;
const FREEZER_LIES_K = 3;
/** An oven's own thermostat swings about what it holds, K, in such a time. */
const SWING_K = 1.5;
const SWING_S = 160;

/** By how much a place lies, the same each time; the demo says of some of its ovens how much: that is part of it, not on top. */
export const liesByK = (place: HeatPlace | null, otherwise: string, mostK: number) =>
  eitherWay(`${place?.toolId ?? otherwise} lies`) * mostK;

/** Hot air on a boss: it warms toward a little more than what is wanted, in this time. */
const AIR_TIME_CONSTANT_S = 50;
const AIR_ABOVE_K = 10;
/** The web draws more from the true boss than the computation believes, as if the air had been on it for a shorter time. */
const TRUE_AIR_SHARE = 0.8;

type Heated = Exclude<CastingHeat, { phase: 'cold' }>;

/** Metal that hot air has been on for so long: `sourceC` is what it was to reach. */
export const airOnMetalC = ({ startC, sourceC }: { startC: number; sourceC: number }, afterS: number) =>
  startC + (sourceC + AIR_ABOVE_K - startC) * (1 - Math.exp(-afterS / AIR_TIME_CONSTANT_S));

const underAirC = (heat: Heated, atMs: number) => airOnMetalC(heat, Math.max(0, atMs - heat.sinceMs) / 1000);

/** The boss that the air is on: the one whose way in says so, else the first. */
function trueBossC(job: ProjectedJob, casting: Casting, heat: Heated, nowMs: number): number {
  if (heat.phase === 'in_heat') return underAirC(heat, nowMs);
  const isMeant = ({ id }: Seat) => job.state.seats[id]?.history.wayIn?.heatedBy === 'gun';
  const seat = casting.seats.find(isMeant) ?? casting.seats[0];
  const course = seat && hotBossOf({ seat, casting }, heat.heatedForS * TRUE_AIR_SHARE)?.likely;
  if (!course) return job.roomC;
  return (
    job.roomC +
    (underAirC(heat, heat.outMs) - job.roomC) *
      shareAt(course.bossShare, course.stepS, (nowMs - heat.outMs) / 1000)
  );
}

/** In its oven, which is not quite as hot as its dial says, and swings. */
function temperatureIn(heat: Heated, casting: Casting, atMs: number): number {
  const afterS = Math.max(0, (atMs - heat.sinceMs) / 1000);
  const holdsC = heat.sourceC + liesByK(heat.place, casting.id, OVEN_LIES_K);
  const soak = { ...castingBody(casting), hWM2K: CONVECTION.oven * TRUE_OVEN_FACTOR };
  const meanC = soakTemperature({ ...soak, startC: heat.startC, surroundingsC: holdsC }, afterS);
  // The metal follows the air's swing by a small part only.
  const { massKg, specificHeatJKgK, hWM2K, areaM2 } = soak;
  const follows = Math.min(1, (SWING_S * hWM2K * areaM2) / (2 * Math.PI * massKg * specificHeatJKgK));
  return meanC + follows * SWING_K * Math.sin((2 * Math.PI * afterS) / SWING_S);
}

const COURSE_S = 3600;
type Course = { timesS: number[]; bossC: number[] };
const courses = new Map<string, Course | null>();
const MOST_COURSES = 40;

/** How the boss of a casting's first seat cools from the door on, along its radius, with what the casting lies on. */
function courseOut(casting: Casting, heat: Heated, startC: number, roomC: number): Course | null {
  const key = JSON.stringify([casting.id, heat.sinceMs, heat.rest, startC, roomC]);
  const known = courses.get(key);
  if (known !== undefined) return known;
  if (courses.size >= MOST_COURSES) courses.clear();
  const [seat] = casting.seats;
  const course = seat ? runCourse(casting, seat, heat, startC, roomC) : null;
  courses.set(key, course);
  return course;
}

function runCourse(
  casting: Casting,
  { spec }: Seat,
  heat: Heated,
  startC: number,
  roomC: number,
): Course | null {
  const { part, housing } = spec;
  const problem = radialProblem(
    {
      diameterMm: part.outsideMm,
      widthMm: part.widthMm,
      interferenceMm: { value: 0, u: 0 },
      casting,
      bearing: bearingBody(part),
      housing: MATERIALS[casting.material],
      race: partMetal(part),
      openAirH: CONVECTION.openAir * TRUE_LOSS_FACTOR,
      roomC,
      heatedBy: 'oven',
      rest: heat.rest,
    },
    { ringC: roomC, housingC: startC },
    {
      outsideMm: housing.bossOutsideMm,
      widthMm: housing.bossHeightMm,
      webThicknessMm: housing.webThicknessMm,
    },
    REST_CONDUCTANCE[heat.rest].likelyWK * TRUE_LOSS_FACTOR,
  );
  const timesS = Array.from({ length: COURSE_S / 5 + 1 }, (_, i) => i * 5);
  const run = simulateRadial(problem, timesS, COURSE_S);
  return run.ok ? { timesS, bossC: run.value.samples.map(({ bossMeanC }) => bossMeanC) } : null;
}

function along({ timesS, bossC }: Course, atS: number): number {
  const i = Math.min(timesS.length - 2, Math.floor(atS / 5));
  const share = Math.min(1, (atS - timesS[i]!) / 5);
  return bossC[i]! + (bossC[i + 1]! - bossC[i]!) * share;
}

/** Out of its oven, before any part took heat from it. */
function coolingC(
  job: ProjectedJob,
  casting: Casting,
  heat: Heated & { phase: 'out' },
  atMs: number,
): number {
  const startC = temperatureIn(heat, casting, heat.outMs);
  const course = courseOut(casting, heat, startC, job.roomC);
  const afterS = Math.max(0, (atMs - heat.outMs) / 1000);
  return course ? along(course, Math.min(COURSE_S, afterS)) : job.roomC;
}

/** How cold a part really is: in its freezer, or warming since the door. */
export function truePartC(job: ProjectedJob, casting: Casting, seat: Seat, atMs: number): number {
  const freezer = job.state.seats[seat.id]?.history.freezer;
  if (!freezer) return job.roomC;
  const { part } = seat.spec;
  const body = { ...bearingBody(part), specificHeatJKgK: partMetal(part).specificHeatJKgK };
  const heat = heatAt(job.state.castings[casting.id]?.heat ?? null, atMs);
  const carriedMs = heat.phase === 'out' ? heat.outMs : atMs;
  const coldC = soakTemperature(
    {
      ...body,
      hWM2K: CONVECTION.freezer * TRUE_FREEZER_FACTOR,
      startC: job.roomC,
      surroundingsC: freezer.freezerC + liesByK(freezer.place, seat.id, FREEZER_LIES_K),
    },
    Math.max(0, carriedMs - freezer.sinceMs) / 1000,
  );
  const air = { ...body, hWM2K: CONVECTION.openAir * TRUE_LOSS_FACTOR, surroundingsC: job.roomC };
  return soakTemperature({ ...air, startC: coldC }, Math.max(0, atMs - carriedMs) / 1000);
}

/** Heat that the parts which dropped in so far have taken, as a fall of the casting's temperature now, K. */
function takenByPartsK(job: ProjectedJob, casting: Casting, heat: Heated & { phase: 'out' }, nowMs: number) {
  const heatJK = casting.massKg * MATERIALS[casting.material].specificHeatJKgK;
  return casting.seats
    .map((seat) => ({ seat, letGoMs: job.state.seats[seat.id]?.history.letGoMs ?? null }))
    .filter(({ letGoMs }) => letGoMs !== null && letGoMs >= heat.outMs && letGoMs <= nowMs)
    .reduce((sumK, { seat, letGoMs }) => {
      const hotC = coolingC(job, casting, heat, letGoMs!);
      const { part } = seat.spec;
      const partJK = bearingBody(part).massKg * partMetal(part).specificHeatJKgK;
      const takenK = ((hotC - truePartC(job, casting, seat, letGoMs!)) * partJK) / (heatJK + partJK);
      // What it took is missing ever less: the casting gives so much less to the air.
      const left = (coolingC(job, casting, heat, nowMs) - job.roomC) / Math.max(1, hotC - job.roomC);
      return sumK + takenK * Math.max(0, Math.min(1, left));
    }, 0);
}

/** True temperature of a casting at `nowMs`, from what was done with it. */
export function trueCastingC(job: ProjectedJob, casting: Casting, nowMs: number): number {
  const heat = heatAt(job.state.castings[casting.id]?.heat ?? null, nowMs);
  if (heat.phase === 'cold') return job.roomC;
  if (heat.source === 'gun') return trueBossC(job, casting, heat, nowMs);
  if (heat.phase === 'in_heat') return temperatureIn(heat, casting, nowMs);
  return coolingC(job, casting, heat, nowMs) - takenByPartsK(job, casting, heat, nowMs);
}
