import { LEAST_SECONDS, WANTED_SECONDS } from '@/core/heat/workingSeconds';
import { predictDrop, type DropProblem } from '@/core/heat/predictDrop';
import { soakTemperature } from '@/core/heat/soak';
import { castingSoak, dropProblem, partTemperature, type RunInput, type Start } from './heatRunStart';
import { isPushed, pushNow } from './pushNow';

/** A casting this close to its plan does not get hotter by waiting. */
const AS_PLANNED_K = 2;
/** No oven needs longer for what goes into it on a bench; common practice, no source. */
const LONGEST_SOAK_S = 4 * 3600;
const EXACT_S = 5;

/**
 * Taken out now, there is time to work in: the seconds that a plan wants are sure (or the blows stay light for so long); the least of
 * them do where the casting is as hot as planned and cannot give more.
 */
export function isReady({ view }: RunInput, problem: DropProblem): boolean {
  const { wayIn } = view.history;
  const isAsPlanned = wayIn !== null && problem.bodies.housing.startC >= wayIn.housingC - AS_PLANNED_K;
  const seconds = isAsPlanned ? LEAST_SECONDS : WANTED_SECONDS;
  const { moments, sureUntilS } = predictDrop(problem, seconds, seconds);
  if (!isPushed(view)) return sureUntilS === null;
  return pushNow(view, problem, moments.at(-1)!)?.isLight ?? true;
}

/**
 * Seconds until a casting in its oven is hot enough to be taken out (see `isReady`), from what it has now; 0: it is. Null: it stands
 * in no oven, or this dial never gets it there.
 */
export function readyInS(input: RunInput, started: Start): number | null {
  const soak = castingSoak(input);
  if (input.view.heat.phase !== 'in_heat' || !soak) return null;
  const isReadyIn = (waitS: number) => {
    const atMs = input.nowMs + waitS * 1000;
    const later: Start = {
      ...started,
      atMs,
      ringC: partTemperature(input, atMs),
      housingC: soakTemperature({ ...soak, startC: started.housingC }, waitS),
    };
    const problem = dropProblem(input, later, atMs);
    return problem !== null && isReady(input, problem);
  };
  if (isReadyIn(0)) return 0;
  if (!isReadyIn(LONGEST_SOAK_S)) return null;
  // It warms and the part cools: once ready, it stays so.
  let [notYetS, readyS] = [0, LONGEST_SOAK_S];
  while (readyS - notYetS > EXACT_S) {
    const middleS = (notYetS + readyS) / 2;
    if (isReadyIn(middleS)) readyS = middleS;
    else notYetS = middleS;
  }
  return readyS;
}
