import { bearingBody, bearingInside } from '@/core/catalogue/bearings/inside';
import type { BearingClosure } from '@/core/catalogue/bearings/designation';
import type { BearingType } from '@/core/catalogue/bearings/row';
import type { HousingClass } from '@/core/catalogue/limits';
import { LIMIT_C, MATERIALS, type MaterialCode } from '@/core/catalogue/materials';
import { findInterference } from '@/core/fit/interference';
import { usualClassFor } from '@/core/fit/usualClass';
import { pushForceBracket } from '@/core/fit/pushForce';
import { clearanceAt, freeTemperature, housingTemperatureFor, leastClearanceMm } from '@/core/heat/expansion';
import { FREEZER_C, CONVECTION, timeUntilWithin } from '@/core/heat/soak';
import type { Measured } from '@/core/quantity/measured';

/** A bearing in a bore, from nothing but its size and the metal around it: the answer of the first seconds, with its honest wide band. */
export type QuickPart = {
  designation: string;
  boreMm: number;
  outsideMm: number;
  widthMm: number;
  chamferMm: number;
  type: BearingType;
  closure: BearingClosure;
};

export type QuickSeat = {
  part: QuickPart;
  material: MaterialCode;
  usualClass: HousingClass;
  /** Usual fit, mm on diameter at 20 °C. */
  fitMm: Measured;
  /** Casting temperature at which the tightest of the band still drops, °C; null where heating like metals is no way. */
  heatToC: { fromFreezer: number; warm: number };
  /** Hotter than anything in the casting or the metal itself takes. */
  isTooHot: boolean;
  freeAboveC: number | null;
  freezerMinutes: number;
  pushRace: 'outer' | 'shell_rim' | 'either';
  forceN: { low: number; high: number } | null;
  ceilingC: number;
};

const ROOM_C = 20;
const NEAR_ENOUGH_K = 1;

/** The boss is taken a quarter bigger than the bearing. Common practice, no source. */
const USUAL_BOSS = 1.25;

/** The weakest thing of a bearing that is dropped, and the hottest that its casting may be, °C. From memory. */
const bearingCeilingC = ({ closure }: QuickPart) =>
  closure === 'sealed'
    ? LIMIT_C.nbr
    : closure === 'shielded'
      ? LIMIT_C.bearing_grease
      : LIMIT_C.bearing_steel;
const HOTTEST_CASTING_C = 200;
const castingCeilingC = (material: MaterialCode) =>
  material === 'az91' ? LIMIT_C.az91 : material === 'alsi7mg_t6' ? LIMIT_C.alsi7mg_t6 : HOTTEST_CASTING_C;

const freezerMinutes = (part: QuickPart) =>
  timeUntilWithin(
    {
      ...bearingBody(part),
      specificHeatJKgK: MATERIALS.bearing_steel.specificHeatJKgK,
      hWM2K: CONVECTION.freezer,
      startC: ROOM_C,
      surroundingsC: FREEZER_C,
    },
    NEAR_ENOUGH_K,
  ) / 60;

const pushOf = (part: QuickPart, material: MaterialCode, interferenceMm: Measured) =>
  pushForceBracket({
    interferenceMm,
    diameterMm: part.outsideMm,
    trackMm: bearingInside(part).outerTrackMm,
    widthMm: part.widthMm,
    chamferMm: Math.min(part.chamferMm, part.widthMm / 4),
    bossOutsideMm: USUAL_BOSS * part.outsideMm,
    race: MATERIALS.bearing_steel,
    housing: MATERIALS[material],
  });

/** Room between a bearing from the freezer and its bore at `housingC`, for the tightest and the loosest of the usual fit, mm. */
export function clearanceFromFreezer({ part, material, fitMm }: QuickSeat, housingC: number) {
  const at = (interferenceMm: number) =>
    clearanceAt(
      {
        diameterMm: part.outsideMm,
        interferenceMm,
        ringAlphaPerK: MATERIALS.bearing_steel.alphaPerK,
        housingAlphaPerK: MATERIALS[material].alphaPerK,
      },
      { ringC: FREEZER_C, housingC },
    );
  return { leastMm: at(fitMm.value + 2 * fitMm.u), mostMm: at(fitMm.value - 2 * fitMm.u) };
}

/** @returns null for sizes outside the tables, and for parts that do not press into a bore */
export function quickSeat(part: QuickPart, material: MaterialCode): QuickSeat | null {
  if (part.type === 'needle_cage' || part.type === 'thrust_ball' || part.type === 'thrust_needle')
    return null;
  const usualClass = usualClassFor(part.type, material);
  const found = findInterference({ nominalMm: part.outsideMm, usualClass, bore: null, partOutside: null });
  if (!found) return null;
  const { value, u } = found.forDropMm;
  const pair = (interferenceMm: number) => ({
    diameterMm: part.outsideMm,
    interferenceMm,
    ringAlphaPerK: MATERIALS.bearing_steel.alphaPerK,
    housingAlphaPerK: MATERIALS[material].alphaPerK,
  });
  const clearanceMm = leastClearanceMm(part.outsideMm);
  const neededC = (ringC: number) => housingTemperatureFor(pair(value + 2 * u), { ringC, clearanceMm });
  const heatToC = { fromFreezer: neededC(FREEZER_C), warm: neededC(ROOM_C) };
  return {
    part,
    material,
    usualClass,
    fitMm: found.forDropMm,
    heatToC,
    ceilingC: bearingCeilingC(part),
    isTooHot: heatToC.fromFreezer > castingCeilingC(material),
    freeAboveC: freeTemperature(pair(Math.max(0, value))),
    freezerMinutes: freezerMinutes(part),
    pushRace: part.type === 'drawn_cup' ? 'shell_rim' : 'outer',
    forceN: pushOf(part, material, found.forHoldMm)?.forceN ?? null,
  };
}
