import { lanesOf, type Lane } from '@/core/heat/lanes';
import { planWayIn } from '@/core/heat/planWayIn';
import type { WayInPlan } from '@/core/heat/wayIn';
import type { WayTrial } from '@/core/heat/wayTrial';
import type { HeatSource } from '@/core/record/vocabulary';
import { wayInProblem, type Surroundings } from './planSeat';
import type { SeatView } from './seatView';

/** A seat, what surrounds it, and what a person tries there. All of it plain data, so that a worker can take it. */
export type LaneInput = {
  view: SeatView;
  surroundings: Surroundings;
  /** Something was set up that stops the part. */
  isStopSet: boolean;
  trial: WayTrial;
};

export type SeatLanes = {
  lanes: Lane[];
  /** With the heat that is usual here, as hot as each way plans it: it holds what is proposed, and why. */
  usual: WayInPlan;
};

/** All ways into a seat as lanes; null where its fit is not known. A heat that is tried moves the lanes, not what is proposed. */
export function planLanes({ view, surroundings, isStopSet, trial }: LaneInput): SeatLanes | null {
  const plan = (heatedBy: HeatSource, tried: WayTrial) => {
    const problem = wayInProblem(view, surroundings, heatedBy, isStopSet, tried);
    return problem && planWayIn(problem);
  };
  const [oven, gun] = [plan('oven', trial), plan('gun', trial)];
  if (!oven || !gun) return null;
  const plans = { oven, gun };
  const { usualHeat } = surroundings;
  const usual = trial.housingC === null ? plans[usualHeat] : plan(usualHeat, { ...trial, housingC: null });
  return { usual: usual!, lanes: lanesOf(plans, usualHeat) };
}
