import { bearingBody } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import type { LumpedBody, LumpedProblem } from '@/core/heat/lumped';
import type { DropProblem } from '@/core/heat/predictDrop';
import { CONVECTION, soakInFreezer, soakTemperature, type Soak } from '@/core/heat/soak';
import type { RaceHeatState } from '@/core/project/shaft';
import type { Measured } from '@/core/quantity/measured';
import type { RaceHeat } from '@/core/record/vocabulary';
import { slidingRoomMm } from '@/core/shaft/waysOnto';
import type { JournalView } from './journalView';

/** What the run at a shaft starts from: race and shaft as bodies, and how warm and cold each is at a moment. */

/**
 * How fast a bearing takes up heat, W/(m²·K) on its whole surface: lying on a plate under a lid, in stirred oil, in an oven. From memory,
 * good to a third; hot air is followed by what is read on the race.
 */
const TAKES_WM2K: Record<Exclude<RaceHeat, 'gun'>, number> = { plate: 40, bath: 150, oven: CONVECTION.oven };
/** How well it is known so, and by a thermometer on the race, standard uncertainty, K. Common practice, no source. */
const U_K: Record<RaceHeat, number> = { plate: 8, bath: 3, oven: 5, gun: 2 };
const U_READ_K = 2;
const READ_HOLDS_MS = 120_000;
const U_SHAFT_K = 2;
/** A shaft that is not measured counts as so many bores long. */
const USUAL_LENGTH = 5;

export const STEEL = MATERIALS.bearing_steel;

/** A bearing in its heat, as a soak; null: under hot air, which has no dial. */
export function raceSoak({ part }: JournalView, heat: RaceHeatState, roomC: number): Soak | null {
  if (heat.source === 'gun') return null;
  const { massKg, areaM2 } = bearingBody(part);
  return {
    massKg,
    areaM2,
    specificHeatJKgK: STEEL.specificHeatJKgK,
    hWM2K: TAKES_WM2K[heat.source],
    startC: roomC,
    surroundingsC: heat.sourceC,
  };
}

/** The inner race in its heat at a moment, from what was read last or from the start; null: nobody knows. */
export function raceAt(view: JournalView, heat: RaceHeatState, roomC: number, atMs: number): Measured | null {
  const last = heat.read.filter((each) => each.atMs <= atMs).at(-1);
  const isFresh = last !== undefined && atMs - last.atMs <= READ_HOLDS_MS;
  const soak = raceSoak(view, heat, roomC);
  if (!soak) return last ? { value: last.celsius, u: U_READ_K } : null;
  const from = last ?? { atMs: heat.sinceMs, celsius: roomC };
  const afterS = Math.max(0, atMs - from.atMs) / 1000;
  return {
    value: soakTemperature({ ...soak, startC: from.celsius }, afterS),
    u: isFresh ? U_READ_K : U_K[heat.source],
  };
}

/** The shaft as one lump near its seat. */
export function shaftBody({ shaft, part }: JournalView) {
  const lengthMm = Math.min(shaft.lengthMm ?? USUAL_LENGTH * part.boreMm, 10 * part.boreMm);
  const { densityKgM3, specificHeatJKgK, emissivity } = MATERIALS[shaft.material];
  return {
    massKg: (Math.PI / 4) * part.boreMm ** 2 * lengthMm * 1e-9 * densityKgM3,
    areaM2: Math.PI * part.boreMm * (lengthMm + part.boreMm / 2) * 1e-6,
    specificHeatJKgK,
    emissivity,
  };
}

/** The shaft at a moment: in its freezer until the bearing is out of the heat, or as warm as the room. */
export function shaftAt(view: JournalView, roomC: number, atMs: number): number {
  const { shaftCold } = view.history;
  if (!shaftCold) return roomC;
  const stay = { startC: roomC, surroundingsC: shaftCold.freezerC };
  return soakTemperature(soakInFreezer(shaftBody(view), stay), Math.max(0, atMs - shaftCold.sinceMs) / 1000);
}

const lump = (body: Omit<LumpedBody, 'hWM2K' | 'startC'>, startC: number): LumpedBody => ({
  ...body,
  hWM2K: CONVECTION.openAir,
  startC,
});

function bodiesOf(view: JournalView, shaftC: number, raceC: number, roomC: number): LumpedProblem {
  const { massKg, areaM2 } = bearingBody(view.part);
  const { specificHeatJKgK, emissivity } = STEEL;
  return {
    ring: lump(shaftBody(view), shaftC),
    housing: lump({ massKg, areaM2, specificHeatJKgK, emissivity }, raceC),
    ambientC: roomC,
    touch: null,
  };
}

export function problemOf(
  view: JournalView,
  shaftC: number,
  race: Measured,
  roomC: number,
): DropProblem | null {
  const { fit, part, shaft } = view;
  if (!fit) return null;
  return {
    bodies: bodiesOf(view, shaftC, race.value, roomC),
    diameterMm: part.boreMm,
    interferenceMm: fit.forDropMm,
    ring: MATERIALS[shaft.material],
    housing: STEEL,
    uHousingK: race.u,
    uRingK: U_SHAFT_K,
    marginMm: slidingRoomMm(part.boreMm),
  };
}
