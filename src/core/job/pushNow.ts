import { forceLeft, LIGHT_BLOWS_N, type Nip } from '@/core/heat/forceLeft';
import { WANTED_SECONDS } from '@/core/heat/workingSeconds';
import { predictDrop, type DropMoment, type DropProblem } from '@/core/heat/predictDrop';
import { isDrop, isHeated } from '@/core/heat/waySorts';
import type { SeatView } from './seatView';

/** What a push needs at the temperatures that part and casting have now. */
export type PushNow = {
  forceN: { low: number; high: number };
  /** Light blows do it, or what the plan comes to at the end of its seconds to work in: a warm part that has cooled more asks for more. */
  isLight: boolean;
};

/** What the way, as it was planned, asks for at the end of the seconds to work in. */
function plannedForce(
  nip: Nip,
  problem: DropProblem,
  { ringC, housingC }: { ringC: number; housingC: number },
) {
  const { ring, housing } = problem.bodies;
  const bodies = {
    ...problem.bodies,
    ring: { ...ring, startC: ringC },
    housing: { ...housing, startC: housingC },
  };
  const hotBoss = problem.hotBoss && { hotBoss: { ...problem.hotBoss, sinceS: 0 } };
  const course = predictDrop({ ...problem, ...hotBoss, bodies }, WANTED_SECONDS, WANTED_SECONDS);
  return forceLeft(nip, course.moments.at(-1)!);
}

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
  const planned = plannedForce(nip, problem, wayIn);
  if (!forceN || !planned) return null;
  return {
    forceN,
    isLight: middleOf(forceN) <= ABOUT * Math.max(LIGHT_BLOWS_N, middleOf(planned)),
  };
}

/** Pushed, driven, drawn in or tapped: it does not fall by itself. */
export const isPushed = ({ history: { wayIn } }: Pick<SeatView, 'history'>): boolean =>
  wayIn !== null && !isDrop(wayIn.way);

/** Pushed, driven or drawn in without any heat: no clock runs. */
export const isColdPush = ({ history }: Pick<SeatView, 'history'>): boolean =>
  isPushed({ history }) && !isHeated(history.wayIn!.way);
