import type { Measured } from '@/core/quantity/measured';
import { FRESH_FLOAT, type FloatDone } from '@/core/project/floats';
import { readingsOf, type CurrentReading } from '@/core/project/readings';
import type { Float } from '@/core/record/floats';
import type { JobPlan } from '@/core/record/plan';
import { decideWithGuard, type Decision } from '@/core/stack/endFloat';
import { GUARD } from '@/core/stack/room';
import { judgedOf, resultOf, type FloatResult } from './floatResult';
import type { JobView } from './seatView';

export type FloatView = {
  float: Float;
  done: FloatDone;
  readings: readonly CurrentReading[];
  result: FloatResult;
  /** Wanted limits: its own, or what was found before it came apart. */
  low: number;
  high: number;
  /** Inside, outside, or too near to tell; null: not read. */
  decision: Decision | null;
  /** A finer instrument, or reading again, would tell. */
  wouldReadingTell: boolean;
  isDone: boolean;
};

/** As it was before: the same pieces back make the same float, to a hair. Common practice, no source. */
const LIKE_WITHIN_MM = 0.03;
/** One outside is outside; one that can't be told leaves the whole untold. What can't be below zero has no lower guard at zero. */
function decide(values: readonly Measured[], low: number, high: number): Decision | null {
  const limits = { low: low === 0 ? -Infinity : low, high };
  const all = values.map((value) => decideWithGuard(value, limits, GUARD));
  if (all.length === 0) return null;
  return all.includes('fail') ? 'fail' : all.includes('cannot decide') ? 'cannot decide' : 'pass';
}

/** What it was before it came apart, where it is to be so again. */
function wantedOf(
  { low, high, like }: Float,
  result: FloatResult,
  views: readonly FloatView[],
): { low: number; high: number } {
  // Half of a new one’s squeeze must be left of an O-ring; more than a new one’s, nothing is squeezed by.
  if (result.sort === 'o_ring')
    return { low: result.newSqueezeMm / 2, high: Math.max(result.newSqueezeMm * 1.2, 0.01) };
  const before = like && views.find(({ float }) => float.key === like);
  const [was] = before ? judgedOf(before.result) : [];
  return was ? { low: was.value - LIKE_WITHIN_MM, high: was.value + LIKE_WITHIN_MM } : { low, high };
}

/** Every float of a job, in the plan's order. */
export function viewFloats({
  plan,
  work,
  readings: slots,
  instruments,
}: Pick<JobView, 'plan' | 'work' | 'readings' | 'instruments'>): FloatView[] {
  const all = readingsOf(slots);
  return plan.floats.reduce<FloatView[]>((views, float) => {
    const done = work.floats[float.key] ?? FRESH_FLOAT;
    const readings = all.filter(({ place }) => place.float === float.key);
    const result = resultOf(float, done, { readings, instruments });
    const { low, high } = wantedOf(float, result, views);
    const decision = decide(judgedOf(result), low, high);
    views.push({
      float,
      done,
      readings,
      result,
      low,
      high,
      decision,
      wouldReadingTell: decision === 'cannot decide',
      isDone: done.accepted !== null,
    });
    return views;
  }, []);
}

/** Only the longer walks ask for it. */
export const isLeftOutInAHurry = (key: string, { tasks }: Pick<JobPlan, 'tasks'>): boolean =>
  tasks.every(({ floats, isFullOnly }) => isFullOnly || !floats?.includes(key));
