import type { Thresholds } from '@/core/heat/mildest';
import { bearingBody } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import { ceilingsFor, type Ceiling, type Neighbour } from '@/core/heat/ceilings';
import { CONVECTION, FREEZER_C } from '@/core/heat/soak';
import { shareAwayFromBoss } from '@/core/heat/awayFromBoss';
import { leastClearanceMm } from '@/core/heat/expansion';
import { planWayIn } from '@/core/heat/planWayIn';
import { PLANNED_GUN_S } from '@/core/heat/readyMinutes';
import { CARRY_S, type WayTrial } from '@/core/heat/wayTrial';
import type { WayInPlan, WayInProblem } from '@/core/heat/wayIn';
import type { Seat } from '@/core/record/job';
import type { AnySeatId } from '@/core/record/ids';
import { CASTING_STUFF, type HeatSource, type Way, type Workpiece } from '@/core/record/vocabulary';
import { hasStop, heatedInside, partMetal } from '@/core/record/seatFacts';
import type { Tool } from '@/core/tools/tool';
import { sortOfPart } from './seatJudgement';
import { usualHeatOf } from './workpiece';
import { neighboursOf } from './inTheSameHeat';
import { hotBossOf } from './hotBossOf';
import type { JobView, SeatView } from './seatView';

/** What surrounds a seat when its way in is planned. */
export type Surroundings = {
  roomC: number;
  workpiece: Workpiece;
  usualHeat: HeatSource;
  tools: readonly Tool[];
  /** Bearings that sit in the same casting already. */
  neighbours: readonly Neighbour[];
  preferredWay?: Way | undefined;
  /** Left out: common practice. */
  rules?: Thresholds;
};

/** What surrounds a seat of this job. */
export const surroundingsOf = (view: SeatView, job: JobView): Surroundings => ({
  roomC: job.roomC,
  workpiece: job.workpiece,
  usualHeat: usualHeatOf(job),
  tools: job.tools,
  neighbours: neighboursOf(job.seats, view),
  preferredWay: job.plan.preferredWay,
  rules: job.rules,
});

const mostOf = (tools: readonly Tool[], sort: 'press' | 'clamp'): number | null => {
  const forces = tools.flatMap((tool) => (tool.sort === sort && 'maxN' in tool ? [tool.maxN] : []));
  return forces.length > 0 ? Math.max(...forces) : null;
};

/** How much of the heat on this seat's boss arrives elsewhere in the casting; all of it in an oven. */
function sharesAway({ seat, casting }: SeatView, heatedBy: HeatSource) {
  const metal = MATERIALS[casting.material];
  /** Outside of this boss and of the other one. */
  const apartMm = (other: Seat) =>
    Math.hypot(other.xMm - seat.xMm, other.yMm - seat.yMm) -
    seat.spec.housing.bossOutsideMm / 2 -
    other.spec.housing.bossOutsideMm / 2;
  const at = (mm: number): { share?: number } =>
    heatedBy === 'oven' ? {} : { share: shareAwayFromBoss(mm, metal, PLANNED_GUN_S) };
  return {
    atSeat: (seatName: string) => {
      const other = casting.seats.find(({ name }) => name === seatName);
      return other && other.id !== seat.id ? at(apartMm(other)) : {};
    },
    /** So far from the boss of a seat; of another one, it may lie on this side of it. */
    besideSeat: (seatId: AnySeatId | null, mm: number) => {
      const other = casting.seats.find(({ id }) => id === seatId);
      return at(other && other.id !== seat.id ? Math.max(0, apartMm(other) - mm) : mm);
    },
  };
}

/** All that heat spoils on both sides of this seat's drop. */
const ceilingsHere = (
  { seat, casting, leftIn, stuff }: SeatView,
  away: ReturnType<typeof sharesAway>,
): Ceiling[] =>
  ceilingsFor({
    castingMaterial: casting.material,
    leftIn: leftIn.map((each) => ({ ...each, ...away.atSeat(each.seatName) })),
    stuff: CASTING_STUFF.flatMap((what) => {
      const noted = stuff[what];
      return noted ? [{ what, ...away.besideSeat(noted.seatId, noted.apartMm) }] : [];
    }),
    bearing: heatedInside(seat.spec.part),
  });

/** As a seat is planned unless a person tries something else. */
export const usualTrial = ({
  seat,
  history,
  learned,
}: Pick<SeatView, 'seat' | 'history' | 'learned'>): WayTrial => ({
  housingC: null,
  freezerC: history.freezer?.freezerC ?? FREEZER_C,
  carryS: learned?.carryS ?? CARRY_S,
  wantedMm: leastClearanceMm(seat.spec.part.outsideMm),
  rest: 'wood',
});

/** What the ways in of a seat are planned from; null where its fit is not known. */
export function wayInProblem(
  view: SeatView,
  { roomC, workpiece, tools, neighbours, preferredWay, rules }: Surroundings,
  heatedBy: HeatSource,
  stop: boolean,
  trial: WayTrial,
): WayInProblem | null {
  const { seat, casting, fit } = view;
  if (!fit) return null;
  const { part } = seat.spec;
  const away = sharesAway(view, heatedBy);
  const { housingC, ...tried } = trial;
  return {
    ...tried,
    setC: housingC,
    diameterMm: part.outsideMm,
    widthMm: part.widthMm,
    interferenceMm: fit.interference.forDropMm,
    holdMm: fit.benchMm,
    race: partMetal(seat.spec.part),
    housing: MATERIALS[casting.material],
    bearing: bearingBody(part),
    casting,
    roomC,
    openAirH: CONVECTION.openAir * (view.learned?.lossFactor ?? 1),
    hotBoss: heatedBy === 'gun' ? hotBossOf({ seat, casting }, PLANNED_GUN_S, trial.rest) : null,
    heatedBy,
    sort: sortOfPart(seat.spec),
    workpiece,
    preferredWay,
    ...(rules && { thresholds: rules }),
    isMeasured: fit.bore !== null,
    hasStop: hasStop(seat.spec) || stop,
    toolsN: { press: mostOf(tools, 'press'), clamp: mostOf(tools, 'clamp') },
    ceilings: ceilingsHere(view, away),
    neighbours: neighbours.map((each) => ({ ...each, ...away.atSeat(each.seatName) })),
    pushForce: fit.push,
  };
}

/**
 * The ways in for a viewed seat, with what is left in its casting and what sits there already; null where its fit is not known.
 * Apart from the view, because it simulates dozens of heats.
 */
export function planSeat(
  view: SeatView,
  surroundings: Surroundings,
  heatedBy: HeatSource = view.history.wayIn?.heatedBy ?? surroundings.usualHeat,
  stop = view.history.wayIn?.stop,
): WayInPlan | null {
  const problem = wayInProblem(view, surroundings, heatedBy, stop !== undefined, usualTrial(view));
  return problem && planWayIn(problem);
}
