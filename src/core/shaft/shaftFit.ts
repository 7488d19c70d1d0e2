import { findBearingBoreLimits } from '@/core/catalogue/bearingLimits';
import { bearingInside } from '@/core/catalogue/bearings/inside';
import { findLimits, type ShaftClass } from '@/core/catalogue/limits';
import { MATERIALS, type MaterialCode } from '@/core/catalogue/materials';
import { smoothed, smoothingLossMm, zoneAsMeasured } from '@/core/fit/interference';
import { solvePressFit } from '@/core/fit/pressFit';
import { FRICTION_OILED } from '@/core/fit/pushForce';
import { bandOf, rootSumSquare, type Measured } from '@/core/quantity/measured';
import type { BorePart } from '@/core/record/fittedPart';

/** What a seat on a shaft comes to, in the trade's words. */
export type ShaftVerdict = 'not_known' | 'slips' | 'turns_on_it' | 'right' | 'too_tight' | 'cannot_tell';

export type OnShaft = Pick<BorePart, 'boreMm' | 'outsideMm' | 'widthMm' | 'chamferMm' | 'type'>;

export type ShaftFitInput = {
  part: OnShaft;
  shaftMetal: MaterialCode;
  nominalMm: number;
  /** Null: not said. */
  usualClass: ShaftClass | null;
  /** As measured, at 20 °C; null: not measured. */
  journalMm: Measured | null;
  boreMm: Measured | null;
  load: 'standing' | 'rotating';
};

/** Journal minus the part's bore, on diameter at 20 °C: positive is tight. */
export type ShaftFit = {
  /** For sliding on: nothing is smoothed yet. */
  forDropMm: Measured;
  /** For what holds: less what smoothing takes off. */
  forHoldMm: Measured;
  source: { journal: 'measured' | 'usual'; part: 'measured' | 'usual' };
  /** To push it on or off, cold and oiled. */
  forceN: { low: number; high: number };
  /** Pull in the inner race at its bore, tight edge. */
  raceHoopMPa: number;
  verdict: ShaftVerdict;
};

/** Peaks of a ground journal, Rz. From memory. */
const RZ_JOURNAL_UM = 4;
/** Pull that a hardened inner race stands for life. From memory. */
const RACE_HOOP_MPA = 150;

/** Pressed-on inner race: its hoop stress, and the force. A shaft is solid; the race is a plain ring to its track. */
function pressedOn({ part, shaftMetal }: ShaftFitInput, interferenceMm: number) {
  const solved = solvePressFit({
    interferenceMm,
    diameterMm: part.boreMm,
    ringBoreMm: 0,
    housingOutsideMm: bearingInside(part).innerTrackMm,
    ring: MATERIALS[shaftMetal],
    housing: MATERIALS.bearing_steel,
  });
  if (!solved.ok) return null;
  const contactMm2 = Math.PI * part.boreMm * (part.widthMm - 2 * part.chamferMm);
  return { hoopMPa: solved.value.housingHoopMPa, normalN: solved.value.pressureMPa * contactMm2 };
}

/** A class that is meant to be slid on by hand, or to be tight. */
const isSlipClass = (usualClass: ShaftClass | null) => usualClass !== null && /^[gh]/.test(usualClass);

function judge(
  hold: Measured,
  { usualClass, load, journalMm }: ShaftFitInput,
  hoopMPa: number,
): ShaftVerdict {
  const { low, high } = bandOf(hold);
  if (high <= 0 && (isSlipClass(usualClass) || load === 'standing')) return 'slips';
  // A class by itself is no evidence that a seat is worn.
  if (high <= 0) return journalMm ? 'turns_on_it' : 'not_known';
  if (low >= 0) return hoopMPa > RACE_HOOP_MPA ? 'too_tight' : 'right';
  if (isSlipClass(usualClass)) return 'slips';
  return journalMm ? 'cannot_tell' : 'not_known';
}

/**
 * The fit of an inner race or cone on its journal, from readings where there are some, else from the usual class and ISO 492.
 *
 * Pressure and force: Lamé (`solvePressFit`) with the shaft solid and the race a plain ring to its effective track (3d + D)/4; friction
 * as for a housing. A race under rotating load that slips turns on its shaft and welds itself on: common practice, no source.
 * @returns null where neither a reading nor a class is known, or the part has no race on the shaft (needles run on it)
 * Checked against: tests/reference/lame.json through `solvePressFit`; ISO 286 and ISO 492 limits by hand in `shaft.test.ts`.
 */
export function findShaftFit(input: ShaftFitInput): ShaftFit | null {
  const { part, nominalMm, usualClass, journalMm, boreMm } = input;
  const limits = usualClass && findLimits(nominalMm, usualClass);
  const boreLimits = findBearingBoreLimits(part.boreMm, part.type === 'tapered_roller');
  const journal = journalMm ?? (limits && zoneAsMeasured(nominalMm, limits));
  const bore = boreMm ?? (boreLimits && zoneAsMeasured(part.boreMm, boreLimits));
  if (!journal || !bore) return null;
  const forDropMm = { value: journal.value - bore.value, u: rootSumSquare(journal.u, bore.u) };
  const forHoldMm = {
    ...forDropMm,
    value: smoothed(forDropMm.value, smoothingLossMm({ rzHousingUm: RZ_JOURNAL_UM })),
  };
  const edge = bandOf(forHoldMm);
  const [loose, tight] = [pressedOn(input, edge.low), pressedOn(input, edge.high)];
  if (!loose || !tight) return null;
  return {
    forDropMm,
    forHoldMm,
    source: { journal: journalMm ? 'measured' : 'usual', part: boreMm ? 'measured' : 'usual' },
    forceN: { low: FRICTION_OILED.low * loose.normalN, high: FRICTION_OILED.high * tight.normalN },
    raceHoopMPa: tight.hoopMPa,
    verdict: judge(forHoldMm, input, tight.hoopMPa),
  };
}
