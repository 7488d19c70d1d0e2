import { bearingBody } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import { ceilingsFor, type Neighbour } from '@/core/heat/ceilings';
import { hotBossBand, type HotBossBand } from '@/core/heat/hotBoss';
import { REST_CONDUCTANCE } from '@/core/heat/rest';
import { FREEZER_C, CONVECTION } from '@/core/heat/soak';
import { planWayIn, type WayInPlan } from '@/core/heat/wayIn';
import type { Casting, Seat } from '@/core/record/job';
import type { HeatSource, Rest } from '@/core/record/vocabulary';
import { heatedInside, partMetal } from '@/core/record/seatFacts';
import type { SeatView } from './seatView';

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

/**
 * The ways in for a viewed seat, with what is left in its casting and what sits there already; null where its fit is not known.
 * Apart from the view, because it simulates dozens of heats (some 20 ms).
 */
export function planSeat(
  { seat, casting, fit, leftIn, history }: SeatView,
  roomC: number,
  neighbours: readonly Neighbour[] = [],
  heatedBy: HeatSource = history.wayIn?.heatedBy ?? 'oven',
): WayInPlan | null {
  if (!fit) return null;
  const { part } = seat.spec;
  return planWayIn({
    diameterMm: part.outsideMm,
    widthMm: part.widthMm,
    interferenceMm: fit.interference.forDropMm,
    race: partMetal(seat.spec.part),
    housing: MATERIALS[casting.material],
    bearing: bearingBody(part),
    casting,
    roomC,
    freezerC: history.freezer?.freezerC ?? FREEZER_C,
    openAirH: CONVECTION.openAir,
    hotBoss: heatedBy === 'gun' ? hotBossOf({ seat, casting }) : null,
    ceilings: ceilingsFor({ castingMaterial: casting.material, leftIn, bearing: heatedInside(part) }),
    neighbours,
    pushForce: fit.push,
  });
}
