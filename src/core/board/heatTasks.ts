import { bearingBody } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import { neededTemperature, WANTED_SECONDS } from '@/core/heat/describeWay';
import { PLANNED_GUN_S } from '@/core/heat/readyMinutes';
import { soakInAir, soakInOven, timeConstantS, timeUntil, type Soak } from '@/core/heat/soak';
import { isChilled, isDrop, isHeated } from '@/core/heat/waySorts';
import { freezerMinutes } from '@/core/job/freezerMinutes';
import { surroundingsOf, usualTrial, wayInProblem } from '@/core/job/planSeat';
import { precedencesOf } from '@/core/job/precedence';
import type { JobView, SeatView } from '@/core/job/seatView';
import { usualHeatOf } from '@/core/job/workpiece';
import type { Casting } from '@/core/record/job';
import type { HeatSource } from '@/core/record/vocabulary';
import { partMetal } from '@/core/record/seatFacts';
import { ovenDialC } from '@/core/tools/heatPlaces';
import { planDropOrder, runOrder, type DropOrder, type DropPlan, type DropSeat } from './dropOrder';
import type { HeatTask } from './heatSchedule';

/** A casting that is to be heated, with the order in which its parts go in. */
export type CastingHeatTask = HeatTask & {
  name: string;
  /** To be brought to, °C. */
  wantedC: number;
  drops: DropOrder;
  /** Seats in the order of their drops, with the face that is up for each. */
  seats: { id: string; name: string; face: DropSeat['face'] }[];
};

/** Hands on one part until it is home; walked in it takes longer; turning a hot casting over. Common practice, no source. */
const HANDLING_S = { drop: 8, push: 30 } as const;
const TURN_OVER_S = 15;
/** Rubber and retaining rings go in below this, hands touch it below that, °C. Common practice, no source. */
export const RUBBER_C = 60;
export const TOUCH_C = 45;

const S = 1000;

const isWaiting = ({ history: { wayIn, homeMs } }: SeatView) =>
  wayIn !== null && homeMs === null && isHeated(wayIn.way);

/** A casting as a body that takes and gives heat. */
const bodyOf = ({ massKg, areaM2, material }: Casting) => ({
  massKg,
  areaM2,
  specificHeatJKgK: MATERIALS[material].specificHeatJKgK,
});

const inAir = (casting: Casting, startC: number, roomC: number): Soak =>
  soakInAir(bodyOf(casting), { startC, surroundingsC: roomC });

/** Least heat of the casting at which this seat's part still goes in, °C: a drop at its unfavourable edge, a push while it is light. */
function leastC(view: SeatView, job: JobView, plan: DropPlan): number {
  const { way, ringC, housingC, heatedBy = usualHeatOf(job) } = view.history.wayIn!;
  if (!isDrop(way))
    return plan.roomC + (housingC - plan.roomC) * Math.exp(-WANTED_SECONDS / plan.timeConstantS);
  const problem = wayInProblem(view, surroundingsOf(view, job), heatedBy, true, usualTrial(view));
  return problem ? Math.min(plan.startC, neededTemperature(problem, ringC)) : plan.startC;
}

function dropSeat(view: SeatView, job: JobView, plan: DropPlan, here: readonly SeatView[]): DropSeat {
  const { seat, casting, history } = view;
  const { part } = seat.spec;
  const { way, ringC } = history.wayIn!;
  const share =
    (bearingBody(part).massKg * partMetal(part).specificHeatJKgK) /
    (casting.massKg * MATERIALS[casting.material].specificHeatJKgK);
  const neededC = leastC(view, job, plan);
  return {
    id: seat.id,
    neededC,
    handlingS: HANDLING_S[isDrop(way) ? 'drop' : 'push'],
    coolsByK: share * (neededC - ringC),
    face: seat.face === 'back' ? 'outside' : 'inside',
    after: precedencesOf(job)
      .filter(({ then, first }) => then === seat.id && here.some((other) => other.seat.id === first))
      .map(({ first }) => first),
  };
}

/** Seconds in an oven at its dial until it is hot enough. */
function soakS(
  casting: Casting,
  heat: SeatView['heat'],
  dialC: number,
  wantedC: number,
  roomC: number,
): number {
  if (heat.phase !== 'cold' && heat.source === 'gun') return PLANNED_GUN_S;
  const startC = heat.phase === 'in_heat' ? heat.startC : roomC;
  const soak = soakInOven(bodyOf(casting), { startC, surroundingsC: dialC });
  return timeUntil(soak, wantedC) ?? 0;
}

/** When the last part is home, the casting at that moment, and how long it then cools. */
function afterDrops({ drops }: DropOrder, seats: readonly DropSeat[], casting: Casting, roomC: number) {
  const last = drops.at(-1)!;
  const { handlingS, coolsByK } = seats.find(({ id }) => id === last.id)!;
  const coolS = (celsius: number) => timeUntil(inAir(casting, last.castingC - coolsByK, roomC), celsius) ?? 0;
  return { homeS: last.atS + handlingS, rubberS: coolS(RUBBER_C), touchS: coolS(TOUCH_C) };
}

/** Its parts in the freezer. */
const coldOf = (views: readonly SeatView[], roomC: number): HeatTask['cold'] =>
  views
    .filter(({ history }) => isChilled(history.wayIn!.way))
    .map((view) => ({
      key: view.seat.id,
      soakMs: freezerMinutes(view, roomC) * 60 * S,
      sinceMs: view.history.freezer?.sinceMs ?? null,
    }));

/** What has happened to the casting. */
const factsOf = ({ heat }: SeatView): Pick<HeatTask, 'inMs' | 'outMs' | 'placeKey'> =>
  heat.phase === 'cold'
    ? { inMs: null, outMs: null, placeKey: null }
    : {
        inMs: heat.sinceMs,
        outMs: heat.phase === 'out' ? heat.outMs : null,
        placeKey: heat.place?.toolId ?? null,
      };

/** Where the oven stands, or is to be set; hot air has no dial: what the boss is to reach. */
const dialOf = ({ heat }: SeatView, source: HeatSource, wantedC: number): number =>
  heat.phase !== 'cold' ? heat.sourceC : source === 'gun' ? wantedC : ovenDialC(wantedC);

function taskOf(casting: Casting, views: readonly SeatView[], job: JobView): CastingHeatTask {
  const [first] = views;
  const { roomC } = job;
  const source = first!.history.wayIn!.heatedBy ?? usualHeatOf(job);
  const wantedC = Math.max(...views.map(({ history }) => history.wayIn!.housingC));
  const dialC = dialOf(first!, source, wantedC);
  const heatedS = source === 'gun' ? PLANNED_GUN_S : soakS(casting, first!.heat, dialC, wantedC, roomC);
  const plan: DropPlan = {
    startC: wantedC,
    roomC,
    timeConstantS: timeConstantS(inAir(casting, wantedC, roomC)),
    turnOverS: TURN_OVER_S,
    reheatS: heatedS,
  };
  const seats = views.map((view) => dropSeat(view, job, plan, views));
  const ordered = planDropOrder(seats, plan);
  // What waits in a circle is said where it was put down; here it goes in as it stands.
  const drops = ordered.ok ? ordered.value : { ...runOrder(seats, plan), isProvenBest: false };
  const after = afterDrops(drops, seats, casting, roomC);
  return {
    key: casting.id,
    name: casting.name,
    source,
    dialC,
    wantedC,
    drops,
    seats: drops.drops.map(({ id }) => ({
      id,
      name: views.find(({ seat }) => seat.id === id)!.seat.name,
      face: seats.find((each) => each.id === id)!.face,
    })),
    soakMs: heatedS * S,
    cold: coldOf(views, roomC),
    handsMs: after.homeS * S,
    coolMs: { rubber: after.rubberS * S, touch: after.touchS * S },
    ...factsOf(first!),
  };
}

/** Every casting of a job that waits for its heat, or is in it, with its parts in the order of least risk to be late. */
export function heatTasksOf(job: JobView): CastingHeatTask[] {
  const castings = [...new Map(job.seats.map(({ casting }) => [casting.id, casting])).values()];
  return castings.flatMap((casting) => {
    const views = job.seats.filter((view) => view.casting.id === casting.id && isWaiting(view));
    return views.length > 0 ? [taskOf(casting, views, job)] : [];
  });
}
