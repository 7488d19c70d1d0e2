import { turnsForTravel } from '@/core/force/threadedRod';
import type { Measured } from '@/core/quantity/measured';

/**
 * Drawing a part in to a number, turn by turn: a nut goes no way back. One turns only as far as is surely short of the target, reads, and
 * turns again; the last bit is small enough to be done at once. Common practice, no source, for the shares; turns = travel / pitch.
 */

/** Kept in hand before the last bit, beside the reading's doubt, mm. */
const IN_HAND_MM = 0.3;
/** This share of what is left is turned before the next reading. */
const SHARE = 0.75;

export type SneakUp =
  /** Turn so far, stop and read. */
  | { call: 'turn_and_read'; travelMm: number; turns: number; degrees: number }
  /** The last bit: little by little, looking at each. */
  | { call: 'last_bit'; travelMm: number; turns: number; degrees: number }
  /** No further: it is there, as far as the reading tells. */
  | { call: 'stop' }
  | { call: 'too_deep'; byMm: number };

/** A turn is said whole, the rest in degrees. */
const asTurns = (travelMm: number, pitchMm: number) => {
  const { degrees } = turnsForTravel({ travelMm, pitchMm });
  const whole = Math.floor(degrees / 360);
  return { travelMm, turns: whole, degrees: degrees - 360 * whole };
};

/**
 * @param reachedMm depth of the part below the face now, standing out below zero, with its standard uncertainty
 * @param targetMm where it goes, and how far off is still there (±)
 * @param pitchMm of the rod's thread
 */
export function sneakUp({
  reachedMm,
  targetMm,
  withinMm,
  pitchMm,
}: {
  reachedMm: Measured;
  targetMm: number;
  withinMm: number;
  pitchMm: number;
}): SneakUp {
  const leftMm = targetMm - reachedMm.value;
  const doubtMm = 2 * reachedMm.u;
  if (leftMm < -(withinMm + doubtMm)) return { call: 'too_deep', byMm: -leftMm };
  if (leftMm <= Math.max(withinMm - doubtMm, 0)) return { call: 'stop' };
  const isNear = leftMm <= IN_HAND_MM + doubtMm;
  if (isNear) return { call: 'last_bit', ...asTurns(leftMm, pitchMm) };
  const travelMm = Math.min(SHARE * leftMm, leftMm - doubtMm - IN_HAND_MM / 2);
  return { call: 'turn_and_read', ...asTurns(travelMm, pitchMm) };
}
