import { interferenceAt } from '@/core/fit/runningFit';
import { freeTemperature } from '@/core/heat/expansion';
import type { DropMoment, DropProblem } from '@/core/heat/predictDrop';
import { timeUntil } from '@/core/heat/soak';
import { isDrop, isHeated } from '@/core/heat/waySorts';
import { brokenAtDial } from './dialCeilings';
import { castingSoak, type RunInput, type Start } from './heatRunStart';
import type { SeatView } from './seatView';

/**
 * A part that hangs half way in its bore. Hot and in a metal that grows more than its race, it is warmed together with its casting until
 * both let go of each other; else it comes back out cold. Either way the bore is looked at before the next try. Never hammered home.
 */

/** Above the temperature at which both are surely free, so that it is straightened by hand and not coaxed. Common practice, no source. */
const ABOVE_FREE_K = 5;

/** Casting and part together, °C, at which the tighter edge of the fit lets go; null: no warmth frees it. */
function freesAtC(problem: DropProblem): number | null {
  const { value, u } = problem.interferenceMm;
  const freeC = freeTemperature({
    diameterMm: problem.diameterMm,
    interferenceMm: Math.max(0, value + 2 * u),
    ringAlphaPerK: problem.ring.alphaPerK,
    housingAlphaPerK: problem.housing.alphaPerK,
  });
  return freeC === null ? null : freeC + ABOVE_FREE_K;
}

/**
 * To what both are warmed so that it comes free, °C. Null: it is backed out cold, as it was pushed or nothing was hot, as no warmth parts
 * these metals, or as something would suffer from that heat.
 */
export function rescueHeatC(view: SeatView, problem: DropProblem | null): number | null {
  const { wayIn } = view.history;
  if (!wayIn || !problem || !isDrop(wayIn.way) || !isHeated(wayIn.way)) return null;
  const neededC = freesAtC(problem);
  return neededC === null || brokenAtDial(view, neededC, neededC).length > 0 ? null : neededC;
}

/** Part and casting as hot as each other, and what clearance that makes. */
export function together(problem: DropProblem, { housingC, uHousingK }: Start): DropMoment {
  const metalC = { value: housingC, u: uHousingK };
  // Both are one temperature: its doubt moves both, and only the difference between the metals counts.
  const nip = interferenceAt({
    ...problem,
    ringC: { value: housingC, u: 0 },
    housingC: { value: housingC, u: 0 },
  });
  const perK = problem.diameterMm * Math.abs(problem.housing.alphaPerK - problem.ring.alphaPerK);
  return {
    timeS: 0,
    ringC: housingC,
    housingC,
    boreC: housingC,
    uBoreK: metalC.u,
    clearanceMm: { value: -nip.value, u: Math.hypot(nip.u, perK * metalC.u) },
  };
}

/** Seconds until an oven has warmed both so far; null: not at this dial, or in no oven. */
export function freeInS(input: RunInput, { housingC }: Start, neededC: number): number | null {
  const soak = castingSoak(input);
  if (!soak || input.view.heat.phase !== 'in_heat') return null;
  return housingC >= neededC ? 0 : timeUntil({ ...soak, startC: housingC }, neededC);
}
