import { neededTemperature, predictWay } from './describeWay';
import { bandOf } from '@/core/quantity/measured';
import type { WayInProblem } from './wayIn';

/** Nearer than this a thermometer in a casting does not tell. */
const NEAR_K = 0.5;

/**
 * Coolest casting from which the part, carried from cold to bore as long as the plan counts on, still drops for sure: at the lower edge of
 * the clearance's band, warming on its way. Between the bare need and `hottestC`; that, where even it is too cool.
 */
export function coolestSureC(problem: WayInProblem, ringC: number, hottestC: number): number {
  const isSure = (housingC: number) => {
    const { moments } = predictWay(problem, ringC, housingC, problem.carryS);
    return bandOf(moments.at(-1)!.clearanceMm).low >= problem.wantedMm;
  };
  let [low, high] = [Math.min(hottestC, neededTemperature(problem, ringC)), hottestC];
  while (high - low > NEAR_K) {
    const middle = (low + high) / 2;
    if (isSure(middle)) high = middle;
    else low = middle;
  }
  return high;
}
