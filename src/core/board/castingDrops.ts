import { bearingBody } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import { coolestSureC } from '@/core/heat/coolestSure';
import { WANTED_SECONDS } from '@/core/heat/workingSeconds';
import { CONVECTION_FACTOR, timeConstantS } from '@/core/heat/soak';
import { isDrop } from '@/core/heat/waySorts';
import { castingInAir } from '@/core/job/castingBody';
import { surroundingsOf, usualTrial, wayInProblem } from '@/core/job/planSeat';
import { precedencesOf } from '@/core/job/precedence';
import type { JobView, SeatView } from '@/core/job/seatView';
import { usualHeatOf } from '@/core/job/workpiece';
import type { SeatId } from '@/core/record/ids';
import type { Casting } from '@/core/record/job';
import { partMetal } from '@/core/record/seatFacts';
import { planDropOrder, runOrder, type DropPlan, type DropSeat, type PlannedDrop } from './dropOrder';

/** One part's turn at a hot casting. */
export type Drop = {
  seatId: SeatId;
  name: string;
  face: DropSeat['face'];
  /** In which heat: 1 is the first. */
  heat: number;
  /** From the door, s. */
  atS: number;
  castingC: number;
  /** From its turn until the casting is too cool for it, s; null: it never is. */
  slackS: number | null;
  /** It goes in from the other face than the one before. */
  isTurnedOver: boolean;
};

export type CastingDrops = {
  drops: Drop[];
  heats: number;
  /** The least of all slacks, s; null: none is ever late. */
  leastSlackS: number | null;
  isProvenBest: boolean;
  /** From the door until the hands are free, s, and what the casting then has, °C. */
  homeS: number;
  homeC: number;
};

/** Hands on one part until it is home; walked in it takes longer; turning a hot casting over. Common practice, no source. */
const HANDLING_S = { drop: 8, push: 30 } as const;
const TURN_OVER_S = 15;

/** Least heat of the casting at which this seat's part still goes in, °C: a drop for sure, a push while it is light. */
function leastC(view: SeatView, job: JobView, plan: DropPlan): number {
  const { way, ringC, housingC, heatedBy = usualHeatOf(job) } = view.history.wayIn!;
  if (!isDrop(way))
    return plan.roomC + (housingC - plan.roomC) * Math.exp(-WANTED_SECONDS / plan.timeConstantS);
  const problem = wayInProblem(view, surroundingsOf(view, job), heatedBy, true, usualTrial(view));
  return problem ? coolestSureC(problem, ringC, plan.reheatC ?? plan.startC) : housingC;
}

function dropSeat(view: SeatView, job: JobView, plan: DropPlan, here: readonly SeatView[]): DropSeat {
  const { seat, casting, history } = view;
  const { way, ringC } = history.wayIn!;
  const { part } = seat.spec;
  const share =
    (bearingBody(part).massKg * partMetal(part).specificHeatJKgK) /
    (casting.massKg * MATERIALS[casting.material].specificHeatJKgK);
  const neededC = Math.min(plan.reheatC ?? plan.startC, leastC(view, job, plan));
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

const finite = (seconds: number): number | null => (Number.isFinite(seconds) ? seconds : null);

/**
 * Parts that go into one casting, in the order of least risk to be late, from the moment at which it has `startC`.
 * @param views seats of that casting whose way is chosen @param reheatS seconds to heat it again, to `reheatC`
 */
export function orderDrops(
  casting: Casting,
  views: readonly SeatView[],
  job: JobView,
  { startC, reheatS, reheatC = startC }: { startC: number; reheatS: number; reheatC?: number },
): CastingDrops {
  const { roomC } = job;
  // As fast as it may cool: what is said to be sure is sure in a draught as well.
  const constantS = timeConstantS(castingInAir(casting, startC, roomC)) / CONVECTION_FACTOR;
  const plan: DropPlan = {
    startC,
    reheatC,
    roomC,
    timeConstantS: constantS,
    turnOverS: TURN_OVER_S,
    reheatS,
  };
  const seats = views.map((view) => dropSeat(view, job, plan, views));
  const ordered = planDropOrder(seats, plan);
  // What waits in a circle is said where it was put down; here it goes in as it stands.
  const order = ordered.ok ? ordered.value : { ...runOrder(seats, plan), isProvenBest: false };
  const last = order.drops.at(-1);
  const lastSeat = seats.find(({ id }) => id === last?.id);
  return {
    drops: namedDrops(order.drops, seats, views),
    heats: order.heats,
    leastSlackS: finite(order.leastSlackS),
    isProvenBest: order.isProvenBest,
    homeS: last ? last.atS + lastSeat!.handlingS : 0,
    homeC: last ? last.castingC - lastSeat!.coolsByK : startC,
  };
}

/** The turns with the names of their seats. */
function namedDrops(
  drops: readonly PlannedDrop[],
  seats: readonly DropSeat[],
  views: readonly SeatView[],
): Drop[] {
  const seatOf = (id: string) => seats.find((each) => each.id === id)!;
  return drops.map(({ id, slackS, ...drop }, i): Drop => {
    const { seat } = views.find((view) => view.seat.id === id)!;
    const { face } = seatOf(id);
    const before = drops[i - 1];
    return {
      ...drop,
      seatId: seat.id,
      name: seat.name,
      face,
      slackS: finite(slackS),
      isTurnedOver: before !== undefined && seatOf(before.id).face !== face,
    };
  });
}
