import type { Thresholds } from '@/core/heat/mildest';
import { bearingBody } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import { ceilingsFor, type Neighbour } from '@/core/heat/ceilings';
import { hotBossBand, type HotBossBand } from '@/core/heat/hotBoss';
import { REST_CONDUCTANCE } from '@/core/heat/rest';
import { CONVECTION, FREEZER_C } from '@/core/heat/soak';
import { shareAwayFromBoss } from '@/core/heat/awayFromBoss';
import { planWayIn } from '@/core/heat/planWayIn';
import type { WayInPlan } from '@/core/heat/wayIn';
import type { Casting, Seat } from '@/core/record/job';
import type { HeatSource, Rest, Way, Workpiece } from '@/core/record/vocabulary';
import { heatedInside, partMetal } from '@/core/record/seatFacts';
import type { Tool } from '@/core/tools/tool';
import { hasStop, sortOfPart } from './seatJudgement';
import { usualHeatOf } from './workpiece';
import { neighboursOf, type JobView, type SeatView } from './seatView';

/** A boss is hot after some minutes of hot air; plans count on this. Common practice, no source. */
const PLANNED_GUN_S = 180;
/** Times are rounded down to steps of this ratio, so that a course can be used again; shorter is the safe side. */
const GUN_STEP = 1.25;

/** How the boss of this seat cools when it was heated alone for `heatedForS`; null where its drawn sizes make no boss. */
export function hotBossOf(
  {
    seat: {
      spec: { part, housing },
    },
    casting,
  }: { seat: Seat; casting: Casting },
  heatedForS = PLANNED_GUN_S,
  rest: Rest = 'wood',
): HotBossBand | null {
  return hotBossBand(
    {
      diameterMm: part.outsideMm,
      bossOutsideMm: housing.bossOutsideMm,
      bossWidthMm: housing.bossHeightMm,
      webThicknessMm: housing.webThicknessMm,
      massKg: casting.massKg,
      housing: MATERIALS[casting.material],
      hWM2K: CONVECTION.openAir,
      heatedForS: GUN_STEP ** Math.floor(Math.log(Math.max(1, heatedForS)) / Math.log(GUN_STEP)),
    },
    REST_CONDUCTANCE[rest],
  );
}

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

/** How much of the heat on this seat's boss arrives at another seat of the casting; all of it in an oven. */
function sharesAway({ seat, casting }: SeatView, heatedBy: HeatSource) {
  const metal = MATERIALS[casting.material];
  return (seatName: string): { share?: number } => {
    const other = casting.seats.find(({ name }) => name === seatName);
    if (heatedBy === 'oven' || !other || other.id === seat.id) return {};
    const apartMm = Math.hypot(other.xMm - seat.xMm, other.yMm - seat.yMm);
    const outside = apartMm - seat.spec.housing.bossOutsideMm / 2 - other.spec.housing.bossOutsideMm / 2;
    return { share: shareAwayFromBoss(outside, metal, PLANNED_GUN_S) };
  };
}

/**
 * The ways in for a viewed seat, with what is left in its casting and what sits there already; null where its fit is not known.
 * Apart from the view, because it simulates dozens of heats (some 20 ms).
 */
export function planSeat(
  view: SeatView,
  { roomC, workpiece, usualHeat, tools, neighbours, preferredWay, rules }: Surroundings,
  heatedBy: HeatSource = view.history.wayIn?.heatedBy ?? usualHeat,
  stop = view.history.wayIn?.stop,
): WayInPlan | null {
  const { seat, casting, fit, leftIn, history } = view;
  if (!fit) return null;
  const { part } = seat.spec;
  const away = sharesAway(view, heatedBy);
  return planWayIn({
    diameterMm: part.outsideMm,
    widthMm: part.widthMm,
    interferenceMm: fit.interference.forDropMm,
    holdMm: fit.benchMm,
    race: partMetal(seat.spec.part),
    housing: MATERIALS[casting.material],
    bearing: bearingBody(part),
    casting,
    roomC,
    freezerC: history.freezer?.freezerC ?? FREEZER_C,
    openAirH: CONVECTION.openAir,
    hotBoss: heatedBy === 'gun' ? hotBossOf({ seat, casting }) : null,
    heatedBy,
    sort: sortOfPart(seat.spec),
    workpiece,
    preferredWay,
    ...(rules && { thresholds: rules }),
    isMeasured: fit.bore !== null,
    hasStop: hasStop(seat.spec) || stop !== undefined,
    toolsN: { press: mostOf(tools, 'press'), clamp: mostOf(tools, 'clamp') },
    ceilings: ceilingsFor({
      castingMaterial: casting.material,
      leftIn: leftIn.map((each) => ({ ...each, ...away(each.seatName) })),
      bearing: heatedInside(part),
    }),
    neighbours: neighbours.map((each) => ({ ...each, ...away(each.seatName) })),
    pushForce: fit.push,
  });
}
