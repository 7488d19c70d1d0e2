import { forceLeft, LIGHT_BLOWS_N, type Nip } from '@/core/heat/forceLeft';
import { boreTemperature, type DropMoment, type DropProblem } from '@/core/heat/predictDrop';
import type { SeatView } from './seatView';

/** What a push needs at the temperatures that part and casting have now. */
export type PushNow = {
  forceN: { low: number; high: number };
  /** Light blows do it, or the force that the way was planned with: a warm part that has cooled asks for more. */
  isLight: boolean;
};

const middleOf = ({ low, high }: { low: number; high: number }) => (low + high) / 2;
/** A reading a degree off the plan is the plan. */
const ABOUT = 1.02;

/** Null: its force is not known. */
export function pushNow(
  { fit, history: { wayIn } }: SeatView,
  problem: DropProblem,
  { ringC, boreC, clearanceMm }: DropMoment,
): PushNow | null {
  if (!fit || !wayIn) return null;
  const nip: Nip = { ...problem, race: problem.ring, pushForce: fit.push, holdMm: fit.benchMm };
  // The clearance carries the part's doubt and that of the temperatures: what is left without the part's is theirs.
  const uGrowthMm = Math.sqrt(Math.max(0, clearanceMm.u ** 2 - problem.interferenceMm.u ** 2));
  const forceN = forceLeft(nip, { ringC, boreC, uGrowthMm });
  const planned = forceLeft(nip, {
    ringC: wayIn.ringC,
    boreC: boreTemperature(problem, 0, wayIn.housingC),
  });
  if (!forceN || !planned) return null;
  return {
    forceN,
    isLight: middleOf(forceN) <= ABOUT * Math.max(LIGHT_BLOWS_N, middleOf(planned)),
  };
}
