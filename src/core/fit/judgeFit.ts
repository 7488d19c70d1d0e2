import { bandOf, type Measured } from '@/core/quantity/measured';

/** The seat's verdict, in the trade's words; what each means for the work stands in `src/ui/words`. */
export type FitVerdict =
  | 'not_measured'
  | 'reading_doubted'
  | 'slack'
  | 'may_go_loose_hot'
  | 'right'
  | 'tight'
  | 'too_tight'
  | 'cannot_tell';

/** Share of yield that the boss may see at its tightest. From memory. */
export const YIELD_SHARE = 0.6;

export type FitJudgement = {
  verdict: FitVerdict;
  /** A race whose load goes round creeps in a loose seat and wears it: a fault, not a caution. */
  severity: 'none' | 'caution' | 'fault';
};

/**
 * Judges a seat on its unfavourable edges. A band that crosses zero is never called right.
 * Order matters: what is certain first (slack), then what cannot be told, then what is too tight, then what heat does.
 */
export function judgeFit({
  benchMm,
  runningMm,
  housingTrescaMPa,
  yieldMPa,
  usualHighMm,
  load,
  isMeasured,
  isDoubted = false,
}: {
  benchMm: Measured;
  runningMm: Measured;
  housingTrescaMPa: number;
  yieldMPa: number | null;
  usualHighMm: number;
  load: 'standing' | 'rotating';
  /** The bore was read: a class by itself is no evidence that a seat is spun. */
  isMeasured: boolean;
  /** One reading stands alone: it is read again before seat or part is judged by it. */
  isDoubted?: boolean;
}): FitJudgement {
  const bench = bandOf(benchMm);
  const running = bandOf(runningMm);
  if (!isMeasured && bench.low < 0) return { verdict: 'not_measured', severity: 'none' };
  if (isDoubted) return { verdict: 'reading_doubted', severity: 'caution' };
  if (bench.high < 0) return { verdict: 'slack', severity: 'fault' };
  // What may as well be clear is not too tight: the gauge was too coarse, whatever its far edge would do to the boss.
  if (bench.low < 0) return { verdict: 'cannot_tell', severity: 'caution' };
  if (yieldMPa !== null && housingTrescaMPa > YIELD_SHARE * yieldMPa)
    return { verdict: 'too_tight', severity: 'fault' };
  if (running.low < 0)
    return { verdict: 'may_go_loose_hot', severity: load === 'rotating' ? 'fault' : 'caution' };
  if (bench.low > usualHighMm) return { verdict: 'tight', severity: 'caution' };
  return { verdict: 'right', severity: 'none' };
}
