import { LIMIT_C, type MaterialCode, type SealMaterial } from '@/core/catalogue/materials';
import type { CastingStuff } from '@/core/record/vocabulary';
import type { BearingClosure } from '@/core/catalogue/bearings/designation';
import { REFERENCE_C, type Measured } from '@/core/quantity/measured';
import { freeTemperature } from './expansion';

/** Something that a planned heat must not exceed, on its own side of the drop. */
export type Ceiling = {
  /** What is weakest there. `seal_left_in` names the seat that holds it. */
  what:
    | 'casting_metal'
    | 'seal_left_in'
    | 'bearing_seals'
    | 'bearing_cage'
    | 'bearing_grease'
    | 'bearing_steel'
    | CastingStuff;
  /** Which temperature it sees: the casting's own, or that of casting and bearing settled together. */
  sees: 'casting' | 'settling';
  limitC: number;
  /** Name of the seat, for a part left in the casting. */
  seatName?: string;
  /** A new part, just fitted, and not an old one that is still in. */
  isNew?: boolean;
  /** Share of the boss's rise that arrives there, where only a boss is heated; left out: all of it. */
  share?: number;
};

/** A seal that is in the casting: an old one, or a new one that was fitted already. */
export type LeftIn = { seatName: string; sealMaterial: SealMaterial; isNew?: boolean; share?: number };

/** What else is on the casting and dislikes heat: a slider, paint, coat, glue. */
export type StuffOn = { what: CastingStuff; share?: number };

const METAL_LIMIT_C: Partial<Record<MaterialCode, number>> = {
  alsi7mg_t6: LIMIT_C.alsi7mg_t6,
  az91: LIMIT_C.az91,
};

/** What stands in the way of heat: the casting, everything left in it, and the bearing that drops in. Limits from memory. */
export function ceilingsFor({
  castingMaterial,
  leftIn,
  stuff = [],
  bearing,
}: {
  castingMaterial: MaterialCode;
  leftIn: readonly LeftIn[];
  stuff?: readonly StuffOn[];
  bearing: { closure: BearingClosure; cage: 'steel' | 'polyamide' };
}): Ceiling[] {
  const ceilings: Ceiling[] = leftIn.map(({ seatName, sealMaterial, isNew, share }) => ({
    what: 'seal_left_in',
    sees: 'casting',
    limitC: LIMIT_C[sealMaterial],
    seatName,
    ...(isNew && { isNew }),
    ...(share !== undefined && { share }),
  }));
  for (const { what, share } of stuff)
    ceilings.push({ what, sees: 'casting', limitC: LIMIT_C[what], ...(share !== undefined && { share }) });
  const metalLimit = METAL_LIMIT_C[castingMaterial];
  if (metalLimit !== undefined) ceilings.push({ what: 'casting_metal', sees: 'casting', limitC: metalLimit });
  if (bearing.closure === 'sealed')
    ceilings.push({ what: 'bearing_seals', sees: 'settling', limitC: LIMIT_C.nbr });
  if (bearing.closure !== 'open')
    ceilings.push({ what: 'bearing_grease', sees: 'settling', limitC: LIMIT_C.bearing_grease });
  if (bearing.cage === 'polyamide')
    ceilings.push({ what: 'bearing_cage', sees: 'settling', limitC: LIMIT_C.polyamide_cage });
  ceilings.push({ what: 'bearing_steel', sees: 'settling', limitC: LIMIT_C.bearing_steel });
  return ceilings.sort((a, b) => a.limitC - b.limitC);
}

type Heat = { castingC: number; settlingC: number };

const seenBy = ({ sees, share = 1 }: Ceiling, { castingC, settlingC }: Heat) =>
  sees === 'casting' ? arrivingC(castingC, share) : settlingC;

/** Those that a heat to `castingC` would break, weakest first. */
export const brokenCeilings = (ceilings: readonly Ceiling[], heat: Heat) =>
  ceilings.filter((ceiling) => seenBy(ceiling, heat) > ceiling.limitC);

/** A ceiling and what would arrive there; `spareK` below zero: broken. */
export type CeilingSeen = { ceiling: Ceiling; seesC: number; spareK: number };

/** All of them, the one that is nearest to breaking first. */
export const ceilingsSeen = (ceilings: readonly Ceiling[], heat: Heat): CeilingSeen[] =>
  ceilings
    .map((ceiling) => {
      const seesC = seenBy(ceiling, heat);
      return { ceiling, seesC, spareK: ceiling.limitC - seesC };
    })
    .sort((a, b) => a.spareK - b.spareK);

/** What arrives away from a boss that is heated alone. */
const arrivingC = (castingC: number, share: number) => REFERENCE_C + (castingC - REFERENCE_C) * share;

/**
 * Heat-treated aluminium counts time as well as heat: hours (taken as four) at 150 °C, half an hour at 180 °C. From memory; between them
 * the time falls by the same factor for each kelvin, as ageing does.
 */
const T6_MINUTES = { hours: 240, least: 30 } as const;

/** Minutes that the casting may stay at this heat; null: as long as it takes. */
export function minutesAllowed(castingMaterial: MaterialCode, castingC: number): number | null {
  const { alsi7mg_t6: hotC, alsi7mg_t6_for_hours: warmC } = LIMIT_C;
  if (castingMaterial !== 'alsi7mg_t6' || castingC <= warmC) return null;
  const share = (castingC - warmC) / (hotC - warmC);
  return Math.round(T6_MINUTES.hours * (T6_MINUTES.least / T6_MINUTES.hours) ** share);
}

/** A neighbour's bearing that sits in the same casting. */
export type Neighbour = {
  seatName: string;
  diameterMm: number;
  interferenceMm: Measured;
  /** As a ceiling's. */
  share?: number;
};

/**
 * Who else lets go when the whole casting is brought to `castingC`: seats whose race and bore together are free there (surely or
 * perhaps: the lower edge of the band decides). Hold them up, or take them out first.
 * Source: see `freeTemperature`.
 */
export const neighboursThatLetGo = (
  neighbours: readonly Neighbour[],
  castingC: number,
  metals: { ringAlphaPerK: number; housingAlphaPerK: number },
): string[] =>
  neighboursSeen(neighbours, castingC, metals)
    .filter(({ seesC, freeC }) => freeC !== null && freeC <= seesC)
    .map(({ seatName }) => seatName);

/** A neighbour, what it sees, and where it lets go at the loose edge of its fit; null: never by warming both. */
export type NeighbourSeen = { seatName: string; seesC: number; freeC: number | null };

/** All neighbours, as a heat to `castingC` finds them. */
export const neighboursSeen = (
  neighbours: readonly Neighbour[],
  castingC: number,
  metals: { ringAlphaPerK: number; housingAlphaPerK: number },
): NeighbourSeen[] =>
  neighbours.map(({ seatName, diameterMm, interferenceMm: { value, u }, share = 1 }) => ({
    seatName,
    seesC: arrivingC(castingC, share),
    freeC: freeTemperature({ ...metals, diameterMm, interferenceMm: Math.max(0, value - 2 * u) }),
  }));
